#include "common/collisions.h"
#include "common/jobs.h"
#include "common/run.h"
#include "core/design/bridge_kind.h"
#include "sheet/drawing/fonts.h"
#include "sheet/pages/sheet_book.h"
#include "sheet/views/nut_views.h"

#include <QFile>
#include <QGuiApplication>
#include <QScopeGuard>
#include <QTemporaryDir>
#include <QTest>
#include <QTranslator>

#include <array>
#include <cmath>
#include <span>

using namespace fm;
using namespace fm::test;

namespace {

const Tools tools{{0.25, 0.41, 0.61, 0.9, 1.2, 2.1}, {0.1, 0.2, 0.5}, {}, {}};

SheetStyle style_of(Paper paper) {
    SheetStyle style;
    style.paper = paper;
    style.date = "2031-03-04";
    return style;
}

Drawing sheet_of(const Job& job, Paper paper = Paper::a4) {
    const Solution solution = solve(job.design);
    return nut_sheets({job, solution, tools, style_of(paper), {}}).front().page;
}

/// All pages of a job.
std::vector<Drawing> book_of(const Job& job, const SheetStyle& style) {
    const auto state = state_of(job, {});
    const SheetBook book{*state, tools, style, std::vector<double>(job.design.strings.size(), 0.03)};
    std::vector<SheetPart> parts = parts_of(job);
    for (const SheetPart alone : {SheetPart::owner, SheetPart::shop, SheetPart::printer})
        parts.push_back(alone);
    return pages_of(sheets_of(book, parts));
}

/// What readers of these pages would stumble over, with the page it is on.
QStringList collisions_in(const std::vector<Drawing>& pages) {
    QStringList found;
    for (const Drawing& page : pages)
        for (const QString& one : collisions(page))
            found << QString::fromStdString(page.title) + QStringLiteral(": ") + one;
    return found;
}

QString saved(const QTemporaryDir& dir, const Drawing& page, const char* name, Paper paper = Paper::a4) {
    const QString path = dir.filePath(QLatin1String(name));
    QFile file(path);
    if (!file.open(QIODevice::WriteOnly)) return {};
    file.write(sheet_bytes({page}, paper, path));
    return path;
}

/// x of every slot, from the bass, as the sheet must show them: along the part, mirrored for the left-handed.
std::vector<double> slots_of(const Job& job) {
    std::vector<double> places;
    for (const StringSolution& s : solve(job.design).strings)
        places.push_back((job.left_handed ? -1 : 1) * s.slot.along_mm);
    std::sort(places.begin(), places.end());
    return places;
}

/// Whether a reader found the three check bars: 100 mm lying and standing, 4 inches lying.
bool has_true_bars(const Value& seen) {
    const auto found = [&](double length, bool stands) {
        for (const Value& bar : *find(seen, "bars")->array())
            if (std::abs((*bar.array())[0].number() - length) < 0.001 && *(*bar.array())[1].flag() == stands)
                return true;
        return false;
    };
    return found(100.0, false) && found(100.0, true) && found(101.6, false);
}

constexpr std::array demo_jobs{"curlew", "lantern", "kittiwake", "groundswell", "teal"};

void add_demo_rows() {
    QTest::addColumn<QString>("name");
    for (const char* name : demo_jobs) QTest::newRow(name) << QString::fromLatin1(name);
}

} // namespace

class TestSheets : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { load_fonts(); }
    void nothing_overlaps_data() {
        QTest::addColumn<QString>("file");
        for (const char* name : demo_jobs)
            QTest::newRow(name) << QStringLiteral(DEMO_DATA "/%1.fmjob").arg(QLatin1String(name));
        for (const std::string_view kind : words_of(BridgeKind{}))
            QTest::addRow("bridge %s", kind.data())
                << QStringLiteral(TEST_DATA "/kinds/%1.fmjob").arg(QLatin1String(kind.data()));
    }
    void nothing_overlaps();
    void nothing_overlaps_on_random_jobs();
    void thin_nuts_have_room_data();
    void thin_nuts_have_room();
    void a_long_record_goes_over_pages();
    void a_bad_layout_is_noticed();
    void the_pdf_is_true_data() { add_demo_rows(); }
    void the_pdf_is_true();
    void the_svg_is_true_data() { add_demo_rows(); }
    void the_svg_is_true();
    void the_dxf_is_true_data() { add_demo_rows(); }
    void the_dxf_is_true();
    void left_handed_is_the_mirror_image();
    void strange_titles_do_no_harm();
    void labels_are_spread();
    void every_unit_has_its_numbers();
    void days_are_as_the_language_has_them();
    void numbers_have_the_mark_of_the_language();
    void changes_are_dust_or_fill();
};

void TestSheets::nothing_overlaps() {
    QFETCH(const QString, file);
    const Value document = document_of(file);
    const std::array units{"mm", "64ths", "in", "thou"};
    for (const char* unit : std::span(units).first(std::min(4U, jobs_from_seeds(2, 4))))
        for (const Paper paper : {Paper::a4, Paper::letter})
            for (const bool second : {false, true}) {
                SheetStyle style = style_of(paper);
                style.second_unit = second;
                const QStringList found = collisions_in(book_of(job_of(with(document, "unit", unit)), style));
                QVERIFY2(found.isEmpty(), qPrintable(QLatin1String(unit) + QStringLiteral(": ") +
                                                     found.join(QLatin1Char('\n'))));
            }
}

void TestSheets::nothing_overlaps_on_random_jobs() {
    QStringList found;
    QTranslator german;
    QVERIFY(german.load(program("fair-measure_de.qm")));
    const auto stays_english = qScopeGuard([&german] { QCoreApplication::removeTranslator(&german); });
    constexpr std::array units{"mm", "in", "thou", "64ths"};
    for (unsigned seed = 0; seed < jobs_from_seeds(12, 300); ++seed) {
        if (seed % 5 == 2)
            QCoreApplication::installTranslator(&german);
        else
            QCoreApplication::removeTranslator(&german);
        const Job job =
            job_of(with(RandomJob(seed).document_with_readings(), "unit", units[seed / 2 % units.size()]));
        SheetStyle style = style_of(seed % 2 ? Paper::a4 : Paper::letter);
        style.second_unit = seed % 3 == 0;
        for (const QString& one : collisions_in(book_of(job, style)))
            found << QStringLiteral("seed %1: ").arg(seed) + one;
    }
    QVERIFY2(found.isEmpty(), qPrintable(QString::number(found.size()) + QStringLiteral(" in all\n") +
                                         found.mid(0, 60).join(QLatin1Char('\n'))));
}

void TestSheets::thin_nuts_have_room_data() {
    QTest::addColumn<double>("thickness_mm");
    QTest::addColumn<QString>("seat");
    for (const double thickness_mm : {0.5, 1.0, 2.0, 3.0, 8.0})
        for (const char* seat : {"square", "angled", "curved"})
            QTest::addRow("%g, %s", thickness_mm, seat) << thickness_mm << QString::fromLatin1(seat);
}

void TestSheets::thin_nuts_have_room() {
    QFETCH(const double, thickness_mm);
    QFETCH(const QString, seat);
    for (const char* name : demo_jobs)
        for (const char* unit : {"mm", "64ths"}) {
            Value document = with(demo_document(name), "nut.thickness_mm", thickness_mm);
            document = with(document, "nut.seat", seat.toStdString());
            document = with(document, "nut.seat_radius_mm", 300.0);
            const auto state = state_of(job_of(with(document, "unit", unit)), {});
            const SheetBook book{*state, tools, style_of(Paper::a4), {}};
            QStringList found = collisions_in(pages_of(sheets_of(book, {SheetPart::nut})));
            found << collisions_in(pages_of(sheets_of(book, {SheetPart::nut, SheetPart::saddle})));
            QVERIFY2(found.isEmpty(),
                     qPrintable(QLatin1String(name) + QLatin1Char(' ') + found.join(QLatin1Char('\n'))));
        }
}

void TestSheets::a_long_record_goes_over_pages() {
    for (const char* name : {"curlew", "kittiwake"}) {
        Value document = demo_document(name);
        for (int i = 0; i < 60; ++i) {
            RecordEntry entry;
            entry.kind = static_cast<RecordKind>(1 + i % 4);
            entry.when = "2031-03-04T10:" + std::to_string(10 + i % 50);
            entry.text = "line " + std::to_string(i) +
                         " of what was done at the bench, in as many words as it takes to say it";
            entry.reason =
                i % 3 ? "" : "the owner asked for it, and the budget allowed it after all was said and done";
            document = with_record_entry(document, entry);
        }
        const Job job = job_of(document);
        const auto state = state_of(job, {});
        const SheetBook book{*state, tools, style_of(Paper::letter), {}};
        for (const SheetPart part : {SheetPart::owner, SheetPart::shop}) {
            const std::vector<Drawing> pages = pages_of(sheets_of(book, {part}));
            QVERIFY(pages.size() > 1);
            const QStringList found = collisions_in(pages);
            QVERIFY2(found.isEmpty(), qPrintable(found.join(QLatin1Char('\n'))));
        }
    }
}

void TestSheets::a_bad_layout_is_noticed() {
    Drawing page;
    page.width = 210;
    page.height = 297;
    page.add(Text{Layer::text, {20, 100}, "floor"});
    QVERIFY(collisions(page).isEmpty());
    Drawing text = page, line = page, off = page;
    text.add(Text{Layer::text, {22, 101}, "depth"});
    line.add(line_path(Layer::cut, {10, 101}, {60, 101}));
    off.add(Text{Layer::text, {205, 50}, "outside"});
    for (const Drawing& bad : {text, line, off}) QCOMPARE(collisions(bad).size(), 1);
}

void TestSheets::the_pdf_is_true() {
    QFETCH(QString, name);
    const QTemporaryDir dir;
    for (const Paper paper : {Paper::a4, Paper::letter}) {
        const Job job = job_of(demo_document(name.toLatin1().constData()));
        const Value seen = measured("measure_pdf.py", saved(dir, sheet_of(job, paper), "sheet.pdf", paper));
        QVERIFY2(std::abs(find(seen, "path_mm")->number() - 100.0) < 0.02,
                 number_text(find(seen, "path_mm")->number()).c_str());
        QVERIFY2(std::abs(find(seen, "raster_mm")->number() - 100.0) < 0.02,
                 number_text(find(seen, "raster_mm")->number()).c_str());
        QVERIFY(find(seen, "fonts")->number() >= 2 &&
                find(seen, "fonts")->number() == find(seen, "embedded")->number());
        const QString text = QString::fromStdString(*find(seen, "text")->text());
        for (const char* word : {"BASS", "TREBLE", "HEAD", "True size 1:1", "100 mm", "4 in", "saw to"})
            QVERIFY2(text.contains(QLatin1String(word)), word);
        QVERIFY(text.contains(QString::fromStdString(job.title)));
        QVERIFY(text.contains(QString::fromStdString(job.design.string_name(0)))); // real text, ♯ included
    }
}

void TestSheets::the_svg_is_true() {
    QFETCH(QString, name);
    const QTemporaryDir dir;
    const Job job = job_of(demo_document(name.toLatin1().constData()));
    const Value seen = measured("measure_svg.py", saved(dir, sheet_of(job), "sheet.svg"));
    QVERIFY(has_true_bars(seen));
    QCOMPARE(*find(seen, "width")->text(), std::string("210mm"));
    QCOMPARE(*find(seen, "height")->text(), std::string("297mm"));
    QCOMPARE(*find(seen, "viewBox")->text(), std::string("0 0 210 297"));
    QCOMPARE(compact_json(*find(seen, "groups")),
             std::string(R"(["CENTRE","CUT","DIMENSION","HOLE","SCRIBE","SLOT","TEXT","TOOL"])"));
    const Value::Array& centres = *find(seen, "centres")->array();
    const std::vector<double> slots_at = slots_of(job);
    QCOMPARE(centres.size(), slots_at.size());
    for (std::size_t i = 0; i < slots_at.size(); ++i)
        QVERIFY(std::abs(centres[i].number() - 105.0 - slots_at[i]) < 0.001);
}

void TestSheets::the_dxf_is_true() {
    QFETCH(QString, name);
    const QTemporaryDir dir;
    const Job job = job_of(demo_document(name.toLatin1().constData()));
    const Value seen = measured("measure_dxf.py", saved(dir, sheet_of(job), "sheet.dxf"));
    QCOMPARE(find(seen, "errors")->number(), 0.0);
    QCOMPARE(find(seen, "repairs")->number(), 0.0);
    QVERIFY(has_true_bars(seen));
    QVERIFY(compact_json(*find(seen, "weights")).starts_with("[9,13,18,25")); // sheet/drawing/pens.h
    QCOMPARE(find(seen, "units")->number(), 4.0);                             // mm
    QCOMPARE(*find(seen, "version")->text(), std::string("AC1015"));
    for (const char* layer : {"CUT", "SLOT", "HOLE", "SCRIBE", "CENTRE", "DIMENSION", "TEXT"})
        QVERIFY(compact_json(*find(seen, "layers")).find(layer) != std::string::npos);
    QVERIFY(find(seen, "entities.DIMENSION")->number() >= static_cast<double>(job.design.strings.size()) + 5);
    QCOMPARE(find(seen, "blocks")->number(),
             find(seen, "entities.DIMENSION")->number()); // each with its picture
    const Value::Array& centres = *find(seen, "centres")->array();
    const std::vector<double> slots_at = slots_of(job);
    QCOMPARE(centres.size(), slots_at.size());
    for (std::size_t i = 0; i < slots_at.size(); ++i)
        QVERIFY(std::abs(centres[i].number() - slots_at[i]) < 0.001); // from the part's centreline
}

void TestSheets::left_handed_is_the_mirror_image() {
    const Value right = demo_document("kittiwake");
    const Job right_job = job_of(right);
    const Job left_job = job_of(with(right, "handed", "left"));
    NutViewOptions mirrored;
    mirrored.mirrored = true;
    const Solution solution = solve(right_job.design);
    for (const auto& view : {nut_front, nut_plan}) {
        const Drawing a = view(right_job.design, solution, {});
        const Drawing b = view(left_job.design, solution, mirrored);
        QCOMPARE(a.items.size(), b.items.size());
        double low_a = 1e9, high_a = -1e9, low_b = 1e9, high_b = -1e9;
        double sum_a = 0, sum_b = 0;
        for (std::size_t i = 0; i < a.items.size(); ++i) {
            const auto* pa = std::get_if<Path>(&a.items[i]);
            const auto* pb = std::get_if<Path>(&b.items[i]);
            if (!pa) continue;
            for (const Vertex& v : pa->vertices)
                low_a = std::min(low_a, v.at.x), high_a = std::max(high_a, v.at.x), sum_a += v.at.x;
            for (const Vertex& v : pb->vertices)
                low_b = std::min(low_b, v.at.x), high_b = std::max(high_b, v.at.x), sum_b += v.at.x;
        }
        QVERIFY(std::abs(low_a + high_b) < 1e-9 && std::abs(high_a + low_b) < 1e-9 &&
                std::abs(sum_a + sum_b) < 1e-6);
    }
    // Text is not mirrored, and BASS has changed sides.
    const auto place_of = [](const Drawing& page, const char* word) {
        for (const Item& item : page.items)
            if (const auto* text = std::get_if<Text>(&item); text && text->text == word) return text->at.x;
        return 0.0;
    };
    QVERIFY(place_of(sheet_of(right_job), "BASS") < 105 && place_of(sheet_of(left_job), "BASS") > 105);
}

void TestSheets::strange_titles_do_no_harm() {
    const QTemporaryDir dir;
    const Value document =
        with(demo_document("lantern"), "title", "Ča\x01\n<&>\"%%d \\ 漢 🎻 " + std::string(300, 'x'));
    const Drawing page = sheet_of(job_of(document));
    QVERIFY(collisions(page).isEmpty());
    QCOMPARE(find(measured("measure_dxf.py", saved(dir, page, "t.dxf")), "errors")->number(), 0.0);
    QVERIFY(!find(measured("measure_svg.py", saved(dir, page, "t.svg")), "texts")->array()->empty());
    QVERIFY(find(measured("measure_pdf.py", saved(dir, page, "t.pdf")), "path_mm"));
}

void TestSheets::labels_are_spread() {
    const std::vector<double> wanted{0, 0.5, 1.0, 10, 10.1, 30};
    const std::vector<double> places = spread_places(wanted, 3);
    for (std::size_t i = 1; i < places.size(); ++i) QVERIFY(places[i] - places[i - 1] >= 3 - 1e-9);
    QCOMPARE(places.back(), 30.0); // where there is room nothing moves
    QVERIFY(std::abs(0.5 * (places[3] + places[4]) - 10.05) < 1e-9);
}

void TestSheets::every_unit_has_its_numbers() {
    QCOMPARE(sheet_number(5.82, Unit::mm), std::string("5.82"));
    QCOMPARE(sheet_number(5.82, Unit::in), std::string("0.229"));
    QCOMPARE(sheet_number(5.82, Unit::thou), std::string("229"));
    QCOMPARE(sheet_number(1.190625, Unit::sixty_fourths), std::string("3/64"));
    QCOMPARE(sheet_length(5.82, Unit::mm), std::string("5.82 mm"));
    QCOMPARE(sheet_length(5.82, Unit::sixty_fourths), std::string("15/64 - 5 thou"));
    QCOMPARE(sheet_length(1.190625, Unit::sixty_fourths), std::string("3/64 in"));
    QCOMPARE(sheet_number(5.82, Unit::sixty_fourths), std::string("15/64 - 5 thou"));
    QCOMPARE(sheet_radius(381.59, Unit::mm), std::string("382 mm"));
    QCOMPARE(sheet_radius(304.8, Unit::in), std::string("12 in"));
    QCOMPARE(sheet_radius(240.0, Unit::thou), std::string("9 7/16 in"));
}

void TestSheets::days_are_as_the_language_has_them() {
    QCOMPARE(sheet_date("2031-03-04T10:20"), std::string("2031-03-04")); // none is set
    {
        const SheetLanguage german(nullptr, QLocale(QLocale::German));
        QCOMPARE(sheet_date("2031-03-04"), std::string("04.03.2031"));
        QCOMPARE(sheet_moment("2031-03-04T10:20:30"), std::string("04.03.2031 10:20"));
        QCOMPARE(sheet_date("soon"), std::string("soon"));
        const Drawing page = sheet_of(job_of(demo_document("kittiwake")));
        QVERIFY(std::any_of(page.items.begin(), page.items.end(), [](const Item& item) {
            const auto* text = std::get_if<Text>(&item);
            return text && text->text.find("04.03.2031") != std::string::npos;
        }));
    }
    QCOMPARE(sheet_date("2031-03-04"), std::string("2031-03-04"));
}

/// On every page of the demo jobs, in words and in figures: only days have points in German.
void TestSheets::numbers_have_the_mark_of_the_language() {
    static const QRegularExpression day(QStringLiteral("\\d\\d\\.\\d\\d\\.\\d{4}"));
    static const QRegularExpression point(QStringLiteral("\\d\\.\\d"));
    static const QRegularExpression comma(QStringLiteral("\\d,\\d"));
    for (const bool is_german : {true, false}) {
        const SheetLanguage language(nullptr, QLocale(is_german ? QLocale::German : QLocale::English));
        for (const char* name : {"curlew", "groundswell", "kittiwake", "lantern", "teal"}) {
            const Job job = job_of(demo_document(name));
            int numbers = 0;
            for (const Drawing& page : book_of(job, style_of(Paper::a4)))
                for (const Item& item : page.items) {
                    const auto* text = std::get_if<Text>(&item);
                    if (!text) continue;
                    const QString words = QString::fromStdString(text->text).remove(day);
                    QVERIFY2(!words.contains(is_german ? point : comma), qPrintable(words));
                    numbers += words.contains(is_german ? comma : point) ? 1 : 0;
                }
            QVERIFY(numbers > 50);
        }
    }
}

void TestSheets::changes_are_dust_or_fill() {
    const Design design = job_of(demo_document("kittiwake")).design;
    const Solution solution = solve(design);
    NutViewOptions options;
    options.shown = NutShown::fitted;
    for (std::size_t i = 0; i < 4; ++i)
        options.found_floors.push_back(solution.strings[i].slot.floor_above_seat_mm + (i < 2 ? 0.2 : -0.2));
    int waste = 0, missing = 0;
    for (const Item& item : nut_front(design, solution, options).items)
        if (const auto* path = std::get_if<Path>(&item)) {
            waste += path->fill == Fill::waste ? 1 : 0;
            missing += path->fill == Fill::missing ? 1 : 0;
        }
    QCOMPARE(waste, 2);
    QCOMPARE(missing, 2);
}

QTEST_MAIN(TestSheets)
#include "tst_sheets.moc"
