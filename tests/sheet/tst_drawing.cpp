#include "common/jobs.h"
#include "sheet/drawing/dxf_tags.h"
#include "sheet/drawing/fonts.h"
#include "sheet/drawing/paint.h"
#include "sheet/drawing/sheet_files.h"
#include "sheet/views/nut_views.h"

#include <QFontInfo>
#include <QFontMetricsF>
#include <QImage>
#include <QPainterPath>
#include <QRawFont>
#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

namespace {

bool near(double a, double b, double tolerance = 1e-9) {
    return std::abs(a - b) <= tolerance;
}

Path half_circle(double bulge) {
    Path path;
    path.vertices = {{{-2, 5}, bulge}, {{2, 5}}};
    return path;
}

/// The slots of a front view: open paths of four corners.
std::vector<const Path*> slots_of(const Drawing& view) {
    std::vector<const Path*> found;
    for (const Item& item : view.items)
        if (const auto* path = std::get_if<Path>(&item);
            path && path->layer == Layer::slot && !path->closed && path->vertices.size() == 4)
            found.push_back(path);
    return found;
}

} // namespace

class TestDrawing : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { load_fonts(); }

    void a_bulge_is_an_arc() {
        // Positive bulges run counter-clockwise: from left to right below the chord.
        const QRectF below = painter_path(half_circle(1.0), 10, {0, 100}).boundingRect();
        QVERIFY(near(below.left(), -20, 1e-6) && near(below.right(), 20, 1e-6));
        QVERIFY(near(below.top(), 50, 1e-6) &&
                near(below.bottom(), 70, 1e-6)); // y grows downward on the screen
        const QRectF above = painter_path(half_circle(-1.0), 10, {0, 100}).boundingRect();
        QVERIFY(near(above.top(), 30, 1e-6) && near(above.bottom(), 50, 1e-6));
        const QRectF flat = painter_path(half_circle(std::tan(M_PI / 8)), 10, {0, 100})
                                .boundingRect(); // a quarter of a circle
        QVERIFY(near(flat.bottom(), 50 + 10 * 2 * std::sqrt(2.0) * (1 - std::sqrt(0.5)), 1e-3));
    }
    void svg_and_dxf_have_the_same_arc() {
        Drawing page;
        page.width = 100;
        page.height = 50;
        page.add(half_circle(1.0));
        QVERIFY(svg_of(page).contains("M -2 45 A 2 2 0 0 0 2 45"));
        QVERIFY(dxf_of(page).contains("LWPOLYLINE") && dxf_of(page).contains("42\n1.000000000\n"));
    }
    void placing_scales_places_but_not_text() {
        Drawing part, page;
        part.add(line_path(Layer::cut, {1, 2}, {3, 4}));
        part.add(Text{Layer::text, {1, 1}, "a", 3});
        part.add(Circle{Layer::cut, {2, 2}, 0.5, {}, Fill::none});
        part.add(LinearDimension{{0, 0}, {4, 0}, false, -1, "4", 4});
        part.add(OrdinateDimension{{0, 0}, {1, 1}, {1, 3}, false, "1", 1});
        page.place(part, 3, {10, 20});
        const auto& line = std::get<Path>(page.items[0]);
        QVERIFY(line.vertices[1].at.x == 19 && line.vertices[1].at.y == 32);
        QVERIFY(std::get<Text>(page.items[1]).em_mm == 3 && std::get<Text>(page.items[1]).at.y == 23);
        QVERIFY(std::get<Circle>(page.items[2]).radius == 1.5);
        QVERIFY(std::get<LinearDimension>(page.items[3]).line_at == 17 &&
                std::get<LinearDimension>(page.items[3]).measured == 4);
        QVERIFY(std::get<OrdinateDimension>(page.items[4]).end.y == 29);
    }
    void dimensions_are_lines_arrows_and_text() {
        for (const bool vertical : {false, true}) {
            const auto parts = drawn(
                LinearDimension{{0, 0}, vertical ? Point{0, 20} : Point{20, 0}, vertical, 8, "20.00", 20});
            QCOMPARE(parts.size(), std::size_t(6)); // two extension lines, the line, two arrows, the text
            QCOMPARE(std::get<Text>(parts.back()).text, std::string("20.00"));
            QVERIFY(!std::get<Text>(parts.back()).upright);
        }
        const auto narrow = drawn(LinearDimension{{0, 0}, {2, 0}, false, 8, "2", 2}); // arrows from outside
        const auto& line = std::get<Path>(narrow[2]);
        QVERIFY(line.vertices[0].at.x < 0 && line.vertices[1].at.x > 2);
        const auto height = drawn(OrdinateDimension{{0, 0}, {5, 3}, {12, 4}, true, "3.00 edge", 3});
        QVERIFY(!std::get<Text>(height[1]).upright && std::get<Text>(height[1]).at.x > 12);
        const auto across = drawn(OrdinateDimension{{0, 0}, {5, 3}, {6, 10}, false, "5.00", 5});
        QVERIFY(std::get<Text>(across[1]).upright && std::get<Text>(across[1]).at.y > 10);
    }
    void slots_stand_where_they_are_computed() {
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"}) {
            const Design design = job_of(demo_document(name)).design;
            const Solution solution = solve(design);
            const Drawing view = nut_front(design, solution, {});
            const auto found = slots_of(view);
            QCOMPARE(found.size(), design.strings.size());
            for (std::size_t i = 0; i < found.size(); ++i) {
                const SlotWork& slot = solution.strings[i].slot;
                const double left = found[i]->vertices[1].at.x, right = found[i]->vertices[2].at.x;
                QVERIFY(near(0.5 * (left + right), slot.along_mm) && near(right - left, slot.width_mm));
                // The round bottom is half a circle: its lowest point is the floor.
                const double fall = seat_fall_mm(design.nut, solution.strings[i].line.nut_y_mm);
                QVERIFY(found[i]->vertices[1].bulge == 1.0);
                QVERIFY(near(found[i]->vertices[1].at.y - 0.5 * slot.width_mm,
                             slot.floor_above_seat_mm - fall, 1e-6));
            }
        }
    }
    void the_top_profile_passes_over_every_string() {
        const Design design = job_of(demo_document("curlew")).design;
        const Solution solution = solve(design);
        const auto profile = nut_top_profile(design, solution);
        QCOMPARE(profile.size(), design.strings.size() + 2);
        QVERIFY(near(profile.front().x, -23) && near(profile.back().x, 23));
        for (std::size_t i = 0; i < design.strings.size(); ++i)
            QVERIFY(near(profile[i + 1].y, solution.strings[i].slot.top_above_seat_mm));
        QVERIFY(profile.front().y < profile[1].y); // the edge follows the fall of the frets
        double highest = 0;
        for (const Point& p : profile) highest = std::max(highest, p.y);
        QVERIFY(near(nut_height_mm(design, solution), highest));
    }
    void a_plain_blank_goes_round_the_part() {
        Design design = job_of(demo_document("curlew")).design;
        QVERIFY(near(shown_blank(design, solve(design)).length_mm, 52));
        design.nut.blank.reset();
        const Solution solution = solve(design);
        const Blank blank = shown_blank(design, solution);
        QVERIFY(blank.length_mm >= 46 + 2 && blank.length_mm < 50 &&
                blank.height_mm >= nut_height_mm(design, solution) + 1);
        QCOMPARE(blank.thickness_mm, design.nut.thickness_mm);
    }
    void the_end_view_shows_floor_and_seat() {
        const Design design = job_of(demo_document("kittiwake")).design;
        const Solution solution = solve(design);
        const Drawing view = nut_end(design, solution, {});
        const auto& body = std::get<Path>(view.items[0]);
        QVERIFY(
            near(body.vertices[1].at.y, -4.5 * std::tan(13 * M_PI / 180))); // the seat follows the headstock
        const auto& floor = std::get<Path>(view.items[1]);
        QVERIFY(floor.stroke.style == LineStyle::hidden);
        QVERIFY(near(floor.vertices[0].at.y - floor.vertices[1].at.y,
                     solution.strings[0].slot.floor_back_drop_mm));
    }
    void the_typeface_is_the_shipped_one() {
        for (const bool bold : {false, true}) {
            QFont font = shipped_font(bold);
            font.setPixelSize(100);
            const QRawFont raw = QRawFont::fromFont(font);
            QCOMPARE(raw.familyName(), QStringLiteral("Fair Measure Text"));
            const QFontMetricsF metrics(font);
            for (const QChar digit : QStringLiteral("123456789")) // tabular figures
                QVERIFY(near(metrics.horizontalAdvance(digit), metrics.horizontalAdvance(QLatin1Char('0')),
                             0.01));
            QFont signs = font;
            signs.setFamilies({QStringLiteral("Fair Measure Signs")});
            const QRawFont fallback = QRawFont::fromFont(signs);
            QCOMPARE(fallback.familyName(), QStringLiteral("Fair Measure Signs"));
            for (const char32_t sign : U"♯♭⌀čłőş") {
                if (sign == 0) break;
                QVERIFY(raw.supportsCharacter(sign) || fallback.supportsCharacter(sign));
            }
            // Matched in size: the fallback's ą is as tall as the text's a, but for its tail.
            const auto top_of = [](const QRawFont& face, char32_t sign) {
                const auto glyphs = face.glyphIndexesForString(QString::fromUcs4(&sign, 1));
                return -face.pathForGlyph(glyphs.front()).boundingRect().top();
            };
            QVERIFY2(
                std::abs(top_of(fallback, U'ą') / top_of(raw, U'a') - 1.0) < 0.04,
                qPrintable(QString::number(top_of(fallback, U'ą') / top_of(raw, U'a')))); // matched in size
        }
        QVERIFY(near(text_width(QStringLiteral("00"), 10), 2 * text_width(QStringLiteral("0"), 10), 0.05));
    }
    void materials_differ_without_colour() {
        QList<QImage> pictures;
        for (const char* material : {"bone", "brass", "hardwood"}) {
            Look look = paper_look();
            look.fills = true;
            look.material_mark = Qt::black;
            look.material_name = QLatin1String(material);
            QImage picture(200, 100, QImage::Format_RGB32);
            picture.fill(Qt::white);
            QPainter painter(&picture);
            Drawing drawing;
            drawing.add(rectangle_path(Layer::cut, {0, 0}, {20, 10}, {}, Fill::material));
            drawing.add(rectangle_path(Layer::cut, {2, 2}, {8, 8}, {}, Fill::waste));
            drawing.add(rectangle_path(Layer::cut, {10, 2}, {18, 8}, {}, Fill::missing));
            paint(painter, drawing, look, 10, {0, 100});
            painter.end();
            for (const QImage& other : pictures) QVERIFY(picture != other);
            pictures << picture;
        }
    }
    void dxf_text_is_ascii() {
        QCOMPARE(dxf_text("Ö ♯\n"), std::string("\\U+00D6 \\U+266F "));
        QCOMPARE(dxf_text("🎻"), std::string("?"));
        QCOMPARE(dxf_handle(255), std::string("FF"));
    }
    void endings_name_the_format() {
        Drawing page;
        page.width = 210;
        page.height = 297;
        QVERIFY(sheet_bytes({page}, Paper::a4, QStringLiteral("A.PDF")).startsWith("%PDF"));
        QVERIFY(sheet_bytes({page}, Paper::a4, QStringLiteral("a.png")).isEmpty());
        QVERIFY(paper_width_mm(Paper::letter) == 215.9 && paper_height_mm(Paper::letter) == 279.4);
    }
};

QTEST_MAIN(TestDrawing)
#include "tst_drawing.moc"
