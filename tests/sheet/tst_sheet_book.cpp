// All sheets of a job together: what is on them measured by readers that are not ours, printers that shrink,
// what has changed since the last print.
#include "common/jobs.h"
#include "common/run.h"
#include "core/part/placing.h"
#include "core/solution/bridge_outline.h"
#include "sheet/drawing/fonts.h"
#include "sheet/pages/record_html.h"
#include "sheet/pages/sheet_book.h"
#include "sheet/views/nut_views.h"

#include <QFile>
#include <QGuiApplication>
#include <QTemporaryDir>
#include <QTest>

#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

using namespace fm;
using namespace fm::test;

namespace {

const Tools tools{{0.25, 0.41, 0.61, 0.9, 1.2, 2.1}, {0.1, 0.2, 0.5}, {}, {254, 305}};

struct Line {
    double x1, y1, x2, y2;
    double length() const { return std::hypot(x2 - x1, y2 - y1); }
    bool lies() const { return std::abs(y1 - y2) < 0.005; }
    bool stands() const { return std::abs(x1 - x2) < 0.005; }
    double left() const { return std::min(x1, x2); }
    double low() const { return std::min(y1, y2); }
};

struct Page {
    double width = 0;
    double height = 0;
    std::vector<Line> lines;
};

SheetStyle style_of(Paper paper) {
    SheetStyle style;
    style.paper = paper;
    style.date = "2031-03-04";
    return style;
}

Printing printed(const Job& job, const std::vector<SheetPart>& parts, const SheetStyle& style) {
    const auto state = state_of(job, {});
    return printing_of({*state, tools, style, {}}, parts);
}

QString file_of(const QTemporaryDir& dir, const char* name, const QByteArray& bytes) {
    const QString path = dir.filePath(QLatin1String(name));
    QFile file(path);
    if (file.open(QIODevice::WriteOnly)) file.write(bytes);
    return path;
}

/// The pages as a printer prints them that scales by so much.
std::vector<Page> seen_in_pdf(const QByteArray& pdf, double across = 1, double up = 1) {
    const QTemporaryDir dir;
    const Ran ran =
        run(QStringLiteral(PYTHON), {QStringLiteral(TOOLS "/measure_lines.py"), file_of(dir, "a.pdf", pdf),
                                     QString::number(across, 'g', 12), QString::number(up, 'g', 12)});
    if (ran.exit_code != 0) throw std::runtime_error(ran.errors.toStdString());
    const Value seen = parse_json(ran.output.toStdString());
    std::vector<Page> pages;
    for (const Value& one : *find(seen, "pages")->array()) {
        Page page{find(one, "width")->number(), find(one, "height")->number(), {}};
        for (const Value& line : *find(one, "lines")->array()) {
            const Value::Array& p = *line.array();
            page.lines.push_back({p[0].number(), p[1].number(), p[2].number(), p[3].number()});
        }
        pages.push_back(std::move(page));
    }
    return pages;
}

/// Where strings stand along a part from its middle, from the left of the page.
std::vector<double> string_places(const Job& job, const Solution& solution, bool nut) {
    std::vector<double> places;
    for (const StringSolution& string : solution.strings)
        places.push_back((job.left_handed ? -1 : 1) * (nut ? string.slot.along_mm : string.saddle_along_mm));
    std::sort(places.begin(), places.end());
    return places;
}

bool has_line(const Page& page, double length, bool lying, double tolerance) {
    return std::any_of(page.lines.begin(), page.lines.end(), [&](const Line& line) {
        return (lying ? line.lies() : line.stands()) && std::abs(line.length() - length) < tolerance;
    });
}

/// x of the standing lines of that length, the topmost on the page, from the left.
std::vector<double> standing(const Page& page, double length) {
    double top = 0;
    const auto fits = [&](const Line& line) {
        return line.stands() && std::abs(line.length() - length) < 0.01;
    };
    for (const Line& line : page.lines)
        if (fits(line)) top = std::max(top, line.low());
    std::vector<double> places;
    for (const Line& line : page.lines)
        if (fits(line) && std::abs(line.low() - top) < 0.01) places.push_back(line.x1);
    std::sort(places.begin(), places.end());
    return places;
}

void add_demo_rows() {
    QTest::addColumn<QString>("name");
    for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"})
        QTest::newRow(name) << QString::fromLatin1(name);
}

Job demo_job(const QString& name) {
    return job_of(demo_document(name.toLatin1().constData()));
}

bool says(const Sheet& sheet, const std::string& words) {
    return std::any_of(sheet.page.items.begin(), sheet.page.items.end(), [&](const Item& item) {
        const Text* text = std::get_if<Text>(&item);
        return text && text->text.find(words) != std::string::npos;
    });
}

/// The figures a page marks as changed: in its texts and at its dimensions.
int marks_on(const Sheet& sheet) {
    int marks = 0;
    for (const Item& item : sheet.page.items) {
        const Text* text = std::get_if<Text>(&item);
        const OrdinateDimension* ordinate = std::get_if<OrdinateDimension>(&item);
        const LinearDimension* linear = std::get_if<LinearDimension>(&item);
        const std::string words = text       ? text->text
                                  : ordinate ? ordinate->text
                                  : linear   ? linear->text
                                             : std::string();
        if (words.starts_with("\u25B2") && words.find("since") == std::string::npos) ++marks;
    }
    return marks;
}

} // namespace

class TestSheetBook : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { load_fonts(); }
    void every_page_has_true_bars_data() { add_demo_rows(); }
    void every_page_has_true_bars();
    void strings_stand_true_on_paper_data() { add_demo_rows(); }
    void strings_stand_true_on_paper();
    void nut_and_saddle_share_a_page_data() {
        QTest::addColumn<QString>("name");
        for (const char* name : {"kittiwake", "teal"}) QTest::newRow(name) << QString::fromLatin1(name);
    }
    void nut_and_saddle_share_a_page();
    void what_has_no_room_comes_alone();
    void the_strip_joins_up_data() { add_demo_rows(); }
    void the_strip_joins_up();
    void dxf_of_every_part_is_clean_data() { add_demo_rows(); }
    void dxf_of_every_part_is_clean();
    void pins_are_circles_where_they_belong();
    void a_shrinking_printer_prints_true();
    void a_page_that_lies_across_prints_true_too();
    void readings_of_no_test_page_are_refused();
    void the_owners_page_is_not_the_shops();
    void what_changed_is_marked();
    void a_part_never_printed_has_not_changed();
    void prints_are_kept_in_the_job();
    void single_saddles_have_their_edge();
    void a_bridge_too_large_says_so();
    void a_bridge_too_large_comes_in_pieces();
    void blanks_too_small_are_told();
    void what_is_doubtful_is_on_the_sheet();
};

void TestSheetBook::every_page_has_true_bars() {
    QFETCH(QString, name);
    const Job job = demo_job(name);
    const Paper paper = job.left_handed ? Paper::letter : Paper::a4;
    for (const SheetPart part : parts_of(job)) {
        // Pages to be read only have none.
        const bool is_to_scale = part != SheetPart::cuts && part != SheetPart::card &&
                                 part != SheetPart::owner && part != SheetPart::shop;
        const std::vector<Drawing> pages = pages_of(printed(job, {part}, style_of(paper)).sheets);
        const std::vector<Page> seen = seen_in_pdf(pdf_of(pages, paper));
        QCOMPARE(seen.size(), pages.size());
        for (std::size_t i = 0; i < seen.size(); ++i) {
            // Points are whole in a page's box: up to 0.2 mm of the paper's size.
            QVERIFY(std::abs(seen[i].width - pages[i].width) < 0.2);
            QVERIFY(std::abs(seen[i].height - pages[i].height) < 0.2);
            for (const double length : {100.0, 101.6})
                QCOMPARE(has_line(seen[i], length, true, 0.02), is_to_scale);
            QCOMPARE(has_line(seen[i], 100.0, false, 0.02), is_to_scale);
        }
    }
}

void TestSheetBook::strings_stand_true_on_paper() {
    QFETCH(QString, name);
    const Job job = demo_job(name);
    const Solution solution = solve(job.design);
    for (const bool nut : {true, false}) {
        const std::vector<Drawing> drawn =
            pages_of(printed(job, {nut ? SheetPart::nut : SheetPart::saddle}, style_of(Paper::a4)).sheets);
        const std::vector<Page> pages = seen_in_pdf(pdf_of(drawn, Paper::a4));
        const std::vector<double> wanted = string_places(job, solution, nut);
        // What is stuck on: its ends and a line a string, as high as the nut roughed; for the saddle 7 mm.
        const std::vector<double> places =
            standing(pages.front(), nut ? nut_rough_top_mm(job.design, solution) : 7.0);
        QCOMPARE(places.size(), wanted.size() + 2);
        for (std::size_t i = 0; i < wanted.size(); ++i)
            QVERIFY2(std::abs(places[i + 1] - 105.0 - wanted[i]) < 0.02,
                     qPrintable(QString::number(places[i + 1] - 105.0 - wanted[i])));
    }
}

/// With all they say alone, each in true size, their strings as far apart as they are.
void TestSheetBook::nut_and_saddle_share_a_page() {
    QFETCH(QString, name);
    const Job job = demo_job(name);
    const Solution solution = solve(job.design);
    const std::vector<SheetPart> both{SheetPart::nut, SheetPart::saddle};
    const Printing together = printed(job, both, style_of(Paper::a4));
    QCOMPARE(together.sheets.size(), std::size_t{1});
    Figures alone = figures_of(printed(job, {SheetPart::nut}, style_of(Paper::a4)).sheets);
    alone.merge(figures_of(printed(job, {SheetPart::saddle}, style_of(Paper::a4)).sheets));
    QVERIFY(figures_of(together.sheets) == alone);
    for (const char* words : {"Nut: slots' width", "Nut and saddle", "True size 1:1", "Nut, enlarged "})
        QVERIFY2(says(together.sheets.front(), words), words);
    const std::vector<Page> pages = seen_in_pdf(pdf_of(pages_of(together.sheets), Paper::a4));
    for (const bool nut : {true, false}) {
        const std::vector<double> wanted = string_places(job, solution, nut);
        const std::vector<double> places =
            standing(pages.front(), nut ? nut_rough_top_mm(job.design, solution) : 7.0);
        QCOMPARE(places.size(), wanted.size() + 2);
        for (std::size_t i = 1; i < wanted.size(); ++i)
            QVERIFY(std::abs(places[i + 1] - places[1] - (wanted[i] - wanted[0])) < 0.02);
    }
}

/// Where a page has no room for both enlarged, each has its own.
void TestSheetBook::what_has_no_room_comes_alone() {
    const Printing sheets = printed(demo_job(QStringLiteral("lantern")), {SheetPart::nut, SheetPart::saddle},
                                    style_of(Paper::a4));
    QCOMPARE(sheets.sheets.size(), std::size_t{2});
    QVERIFY(says(sheets.sheets.front(), "Nut · Lantern") && says(sheets.sheets.back(), "Saddle · Lantern"));
    // Nor are its views told twice where nothing larger has room: the front carries the figures itself.
    Value document = with(demo_document("lantern"), "neck.nut_width_mm", 120.0);
    document = with(document, "neck.end_width_mm", 120.0);
    const Sheet wide = printed(job_of(document), {SheetPart::nut}, style_of(Paper::a4)).sheets.front();
    QVERIFY(says(wide, "The part itself 1:1") && !says(wide, "Enlarged"));
}

void TestSheetBook::the_strip_joins_up() {
    QFETCH(QString, name);
    const Job job = demo_job(name);
    const Printing strip = printed(job, {SheetPart::placing}, style_of(Paper::a4));
    QVERIFY(strip.sheets.size() >= 2);
    // Every fret's line stands where it belongs on some page, as that page counts from the nut line.
    const Neck neck(job.design.neck);
    const std::vector<Page> pages = seen_in_pdf(pdf_of(pages_of(strip.sheets), Paper::a4));
    const Solution solution = solve(job.design);
    const StringLine& bass = solution.strings.front().line;
    for (int fret = 1; fret <= neck.frets(); ++fret) {
        const double x = bass.plan_x_mm(neck.fret_x_mm(fret, bass.scale_mm));
        const double y = (job.left_handed ? -1 : 1) * bass.y_mm(neck.fret_x_mm(fret, bass.scale_mm));
        bool found = false;
        for (std::size_t i = 0; i < pages.size(); ++i)
            for (const Line& line : pages[i].lines) {
                // What is read counts from the top of a page whose box has whole points.
                const Drawing& page = strip.sheets[i].page;
                const Point origin{page.origin.x, page.origin.y - page.height + pages[i].height};
                const double dy = line.y2 - line.y1;
                if (std::abs(dy) < 20.0) continue;
                const double share = (origin.y + y - line.y1) / dy;
                found = found || (share > 0 && share < 1 &&
                                  std::abs(line.x1 + share * (line.x2 - line.x1) - origin.x - x) < 0.02);
            }
        QVERIFY2(found, qPrintable(QString::number(fret)));
    }
    // A matching mark is at the same place of the instrument on both of its pages.
    for (std::size_t i = 0; i + 1 < strip.sheets.size(); ++i) {
        std::vector<double> first, second;
        for (const auto& [sheet, marks] :
             {std::pair{&strip.sheets[i], &first}, std::pair{&strip.sheets[i + 1], &second}})
            for (const Item& item : sheet->page.items)
                if (const Text* text = std::get_if<Text>(&item);
                    text && text->text == std::string(1, static_cast<char>('A' + i)))
                    marks->push_back(text->at.x - sheet->page.origin.x);
        QCOMPARE(first.size(), std::size_t{1});
        QCOMPARE(second.size(), std::size_t{1});
        QVERIFY(std::abs(first[0] - second[0]) < 1e-9);
    }
}

void TestSheetBook::dxf_of_every_part_is_clean() {
    QFETCH(QString, name);
    const QTemporaryDir dir;
    const Job job = demo_job(name);
    const std::vector<Drawing> pages = pages_of(printed(job, parts_of(job), style_of(Paper::a4)).sheets);
    const Value seen = measured("measure_dxf.py", file_of(dir, "all.dxf", dxf_of(side_by_side(pages))));
    QCOMPARE(find(seen, "errors")->number(), 0.0);
    QCOMPARE(find(seen, "repairs")->number(), 0.0);
    QVERIFY(find(seen, "entities.DIMENSION")->number() > 0);
}

void TestSheetBook::pins_are_circles_where_they_belong() {
    const QTemporaryDir dir;
    const Job job = demo_job(QStringLiteral("kittiwake"));
    const Solution solution = solve(job.design);
    const std::vector<Drawing> pages =
        pages_of(printed(job, {SheetPart::bridge}, style_of(Paper::a4)).sheets);
    const Value seen = measured("measure_dxf.py", file_of(dir, "b.dxf", dxf_of(pages.front())));
    const Value::Array& holes = *find(seen, "holes")->array();
    QCOMPARE(holes.size(), solution.bridge->pins.size());
    for (std::size_t i = 0; i < holes.size(); ++i) {
        const Value::Array& hole = *holes[i].array();
        const PlanPoint& pin = solution.bridge->pins[i];
        QVERIFY(std::abs(hole[0].number() - pin.y_mm) < 0.001);
        QVERIFY(std::abs(hole[1].number() - (solution.straight_saddle.slot_x_at_centre_mm - pin.x_mm)) <
                0.001);
        QVERIFY(std::abs(hole[2].number() - 2.5) < 0.001);
    }
}

void TestSheetBook::a_shrinking_printer_prints_true() {
    const double across = 0.986;
    const double up = 0.991;
    const Job job = demo_job(QStringLiteral("curlew"));
    for (const Paper paper : {Paper::a4, Paper::letter}) {
        const SheetStyle style = style_of(paper);
        const auto pages = [&](const SheetStyle& as) {
            return pages_of(printed(job, {SheetPart::printer}, as).sheets);
        };
        const Page test = seen_in_pdf(pdf_of(pages(style), paper), across, up).front();
        QVERIFY(has_line(test, 140.0 * across, true, 0.02));
        QVERIFY(has_line(test, 140.0 * up, false, 0.02));
        for (const auto& [wrong_x, wrong_y] : {std::pair{0.02, -0.02}, std::pair{-0.02, 0.02}}) {
            const PrintScale scale = print_scale(140.0 * across + wrong_x, 140.0 * up + wrong_y);
            SheetStyle corrected = style;
            corrected.printer = SheetPrinter{"bench", scale};
            const Page next = seen_in_pdf(pdf_of(pages(corrected), paper, scale), across, up).front();
            QVERIFY(has_line(next, 120.0, true, 0.1));
            QVERIFY(has_line(next, 160.0, false, 0.1));
            QVERIFY(std::any_of(next.lines.begin(), next.lines.end(), [](const Line& line) {
                return !line.lies() && !line.stands() && std::abs(line.length() - 200.0) < 0.1;
            }));
            // Nothing has run off the paper for it.
            for (const Line& line : next.lines) {
                QVERIFY(std::min(line.x1, line.x2) > 3 && std::max(line.x1, line.x2) < test.width - 3);
                QVERIFY(std::min(line.y1, line.y2) > 3 && std::max(line.y1, line.y2) < test.height - 3);
            }
            QVERIFY(says(printed(job, {SheetPart::nut}, corrected).sheets.front(), "bench"));
        }
    }
}

/// It goes through the printer turned: what the paper loses along its way is lost of the page's width.
void TestSheetBook::a_page_that_lies_across_prints_true_too() {
    const double across = 0.97;
    const double up = 1.02;
    const Job job = demo_job(QStringLiteral("curlew"));
    for (const Paper paper : {Paper::a4, Paper::letter}) {
        const PrintScale scale = print_scale(140.0 * across, 140.0 * up);
        SheetStyle style = style_of(paper);
        style.printer = SheetPrinter{"bench", scale};
        const auto pages = pages_of(printed(job, {SheetPart::board}, style).sheets);
        QVERIFY(pages.front().width > pages.front().height);
        const Page seen = seen_in_pdf(pdf_of(pages, paper, scale), up, across).front();
        QVERIFY(has_line(seen, 100.0, true, 0.05));
        QVERIFY(has_line(seen, 100.0, false, 0.05));
        const Page uncorrected = seen_in_pdf(pdf_of(pages, paper), up, across).front();
        QVERIFY(!has_line(uncorrected, 100.0, true, 0.5));
    }
}

void TestSheetBook::the_owners_page_is_not_the_shops() {
    const Job job = demo_job(QStringLiteral("kittiwake"));
    const QByteArray owner = owner_html(*state_of(job, {}), "2031-03-04");
    const QByteArray shop = record_html(*state_of(job, {}), {}, "2031-03-04");
    QVERIFY(owner != shop);
    // Each has its picture; the shop's what a colleague needs next time, which is none of the owner's
    // business.
    QCOMPARE(owner.count("<svg"), 1);
    QCOMPARE(shop.count("<svg"), 1);
    const Solution solution = solve(job.design);
    for (const char* told : {"For the next time", "Nut: hardwood", "Saddle: bone, 3.00 mm thick",
                             "0.16 mm aimed at", "0.24 mm read last", "not listed"})
        QVERIFY2(shop.contains(told) && !owner.contains(told), told);
    for (std::size_t i = 0; i < solution.strings.size(); ++i)
        QVERIFY(shop.contains(job.design.string_name(i).c_str()));
    QVERIFY(owner.contains("Kittiwake") && shop.contains("Kittiwake"));
    QVERIFY(owner_html(*state_of(job, {}), "2031-03-04", {"Saltmarsh Row", 0, {}}).contains("Saltmarsh Row"));
    // A stop nobody has passed, of the survey or of the plan.
    Value low = demo_document("kittiwake");
    for (int i = 0; i < 4; ++i)
        low = with(low, "readings[0].strings[" + std::to_string(i) + "].action12_mm", 1.0);
    QVERIFY(!state_of(low).state->stops.empty());
    const std::string stop = english(state_of(low).state->stops.front().text);
    QVERIFY(owner_html(*state_of(job_of(low), {}), "2031-03-04")
                .contains(QByteArray::fromStdString(stop.substr(0, 20))));
    QVERIFY(!owner.contains(QByteArray::fromStdString(stop.substr(0, 20))));
    // What is ordered, spent and left; what was left to keep within it, and why.
    Value ordered = demo_document("kittiwake");
    ordered = with(with(ordered, "ordered.sum", 60.0), "plan.saddle", "leave");
    ordered = with(ordered, "record", parse_json(R"([
        {"kind": "work", "when": "2031-03-04T09:00", "text": "frets looked over", "minutes": 30},
        {"kind": "decision", "when": "2031-03-04T10:00", "about": "saddle", "text": "the saddle: leave it",
         "reason": "ordered for at most 60.00"}])"));
    const QByteArray budget =
        owner_html(*state_of(job_of(ordered), {}), "2031-03-04", {"Saltmarsh Row", 48, "shells"});
    QVERIFY(budget.contains(
        "Ordered for at most 60.00 shells: 24.00 shells of it spent on work, 36.00 shells left."));
    QVERIFY(budget.contains("Left: the saddle (ordered for at most 60.00)"));
    QVERIFY(!budget.contains("the saddle: leave it"));
    // Of seasons only what this instrument itself was read to do.
    QVERIFY(!QByteArray(owner).replace("Fair Measure", "").contains("air") && owner.contains("humidity"));
    const QByteArray seasons = owner_html(
        *state_of(job_of(document_of(QStringLiteral(TEST_DATA "/seasons.fmjob"))), {}), "2032-01-11");
    QVERIFY(seasons.contains("From 38 % to 62 % humidity its neck bowed by 0.11 mm more."));
    QVERIFY(seasons.contains("From 58 % to 35 % humidity its neck bowed by 0.10 mm less."));
}

void TestSheetBook::readings_of_no_test_page_are_refused() {
    QVERIFY_EXCEPTION_THROWN((void)print_scale(100.0, 140.0), InputError);
    QVERIFY_EXCEPTION_THROWN((void)print_scale(140.0, std::nan("")), InputError);
    QCOMPARE(print_scale(140.0, 140.0).across, 1.0);
    QVERIFY(std::abs(print_scale(138.6, 140.0).across * 138.6 - 140.0) < 1e-12);
}

void TestSheetBook::what_changed_is_marked() {
    const Value document = demo_document("curlew");
    const SheetStyle style = style_of(Paper::a4);
    const std::vector<SheetPart> parts{SheetPart::nut};
    const Printing first = printed(job_of(document), parts, style);
    QCOMPARE(first.revision, 1);
    QCOMPARE(marks_on(first.sheets.front()), 0);
    const Value after = with_printed(document, record_of(first, parts, style, "2031-03-04T10:00"));
    const Printing same = printed(job_of(after), parts, style);
    QCOMPARE(same.revision, 1);
    QVERIFY(says(same.sheets.front(), "no figure has changed since 2031-03-04"));
    // The seat measured again: every height from it is another, no place along it is.
    const Printing next = printed(job_of(with(after, "nut.board_above_seat_mm", 4.7)), parts, style);
    QCOMPARE(next.revision, 2);
    QVERIFY(says(next.sheets.front(), "revision 2"));
    const int heights = 5 + 2 * 10; // both edges, board, fret tops, highest; saw to and floor of every string
    QCOMPARE(marks_on(next.sheets.front()), heights);
    QVERIFY(says(next.sheets.front(), "changed since 2031-03-04: " + std::to_string(heights)));
}

void TestSheetBook::a_part_never_printed_has_not_changed() {
    const Value document = demo_document("curlew");
    const SheetStyle style = style_of(Paper::a4);
    const Printing nut = printed(job_of(document), {SheetPart::nut}, style);
    const Value after = with_printed(document, record_of(nut, {SheetPart::nut}, style, "2031-03-04T10:00"));
    const Printing both = printed(job_of(after), {SheetPart::nut, SheetPart::saddle}, style);
    QCOMPARE(both.revision, 1);
    QCOMPARE(marks_on(both.sheets.back()), 0);
    QVERIFY(!says(both.sheets.back(), "changed since"));
}

void TestSheetBook::prints_are_kept_in_the_job() {
    const Value document = demo_document("teal");
    SheetStyle style = style_of(Paper::letter);
    style.printer = SheetPrinter{"bench", {1.01, 1.02}};
    const Printing card = printed(job_of(document), {SheetPart::card}, style);
    const Value once = with_printed(document, record_of(card, {SheetPart::card}, style, "2031-03-04T10:00"));
    const Value twice = with_printed(once, record_of(card, {SheetPart::card}, style, "2031-03-05T10:00"));
    const Job job = job_of(parse_json(written_json(twice)));
    QCOMPARE(job.sheets.size(), std::size_t{2});
    QCOMPARE(job.sheets.back().when, std::string("2031-03-05T10:00"));
    QCOMPARE(job.sheets.back().paper, std::string("letter"));
    QCOMPARE(job.sheets.back().printer, std::string("bench"));
    QCOMPARE(job.sheets.back().figures.size(), figures_of(card.sheets).size());
    const JobResult faulty = read_job(with(once, "sheets[0].figures", parse_json(R"({"card.x": "thick"})")));
    QVERIFY(!faulty.job);
    QCOMPARE(faulty.problems.front().where, std::string("sheets[0].figures.card.x"));
}

void TestSheetBook::single_saddles_have_their_edge() {
    const Value travel = Value::Array{Value(2.0), Value(14.0)};
    const Job job = job_of(with(demo_document("teal"), "saddle.travel_mm", travel));
    const Printing sheet = printed(job, {SheetPart::saddle}, style_of(Paper::a4));
    QVERIFY(says(sheet.sheets.front(), "crown from the edge"));
    const Solution solution = solve(job.design);
    QCOMPARE(sheet.sheets.front().figures.at("saddle.strings[0].crown"),
             *solution.single->strings.front().from_edge_mm);
}

void TestSheetBook::a_bridge_too_large_says_so() {
    Value document = with(demo_document("kittiwake"), "bridge.outline.form", "straight");
    document = with(document, "bridge.outline.length_mm", 400.0);
    document = with(document, "bridge.outline.width_mm", 40.0);
    document = with(document, "bridge.outline.front_mm", 12.0);
    const Sheet sheet = printed(job_of(document), {SheetPart::bridge}, style_of(Paper::a4)).sheets.front();
    QVERIFY(says(sheet, "Too large for this paper: 1:2"));
    for (const Item& item : sheet.page.items) // and nothing on it can be taken for the part
        if (const Path* path = std::get_if<Path>(&item)) QVERIFY(path->layer != Layer::cut);
}

/// All of the outline is on one piece or another, true and within the paper; a joint is on two, with its
/// letter.
void TestSheetBook::a_bridge_too_large_comes_in_pieces() {
    for (const auto& [length_mm, width_mm, handed] :
         {std::tuple{400.0, 40.0, "right"}, std::tuple{320.0, 60.0, "left"},
          std::tuple{300.0, 80.0, "right"}}) {
        Value document = with(demo_document("kittiwake"), "bridge.outline.form", "straight");
        document = with(document, "bridge.outline.length_mm", length_mm);
        document = with(document, "bridge.outline.width_mm", width_mm);
        document = with(document, "bridge.outline.front_mm", 12.0);
        document = with(document, "handed", handed);
        for (const Paper paper : {Paper::a4, Paper::letter}) {
            const Job job = job_of(document);
            const Solution solution = solve(job.design);
            std::vector<Sheet> pieces = printed(job, {SheetPart::bridge}, style_of(paper)).sheets;
            std::erase_if(pieces, [](const Sheet& sheet) { return !says(sheet, "Piece "); });
            QVERIFY(pieces.size() >= 2 && pieces.size() <= 8);
            std::vector<std::pair<Point, Point>> cut;
            std::map<std::string, int> letters;
            for (const Sheet& piece : pieces)
                for (const Item& item : piece.page.items) {
                    if (const auto* text = std::get_if<Text>(&item);
                        text && text->bold && text->text.size() == 1)
                        ++letters[text->text];
                    const auto* path = std::get_if<Path>(&item);
                    if (!path || path->layer != Layer::cut || path->vertices.size() != 2) continue;
                    const auto on_part = [&](Point p) {
                        return Point{p.x - piece.page.origin.x, p.y - piece.page.origin.y};
                    };
                    for (const Vertex& v : path->vertices)
                        QVERIFY(v.at.x > 5 && v.at.x < piece.page.width - 5 && v.at.y > 20 &&
                                v.at.y < piece.page.height - 20);
                    cut.push_back({on_part(path->vertices[0].at), on_part(path->vertices[1].at)});
                }
            QVERIFY(!letters.empty());
            for (const auto& [letter, count] : letters) QVERIFY(count >= 2);
            const double sign = job.left_handed ? -1.0 : 1.0;
            const std::vector<PlanPoint> corners =
                outline_points(shown_outline(job.design, solution), solution);
            for (std::size_t i = 0; i < corners.size(); ++i)
                for (int k = 0; k < 200; ++k) {
                    const PlanPoint& a = corners[i];
                    const PlanPoint& b = corners[(i + 1) % corners.size()];
                    const Point at{sign * (a.y_mm + (b.y_mm - a.y_mm) * k / 200),
                                   solution.straight_saddle.slot_x_at_centre_mm -
                                       (a.x_mm + (b.x_mm - a.x_mm) * k / 200)};
                    QVERIFY(std::any_of(cut.begin(), cut.end(), [&](const auto& line) {
                        const auto& [p, q] = line;
                        const double along = std::hypot(q.x - p.x, q.y - p.y);
                        return std::hypot(at.x - p.x, at.y - p.y) + std::hypot(at.x - q.x, at.y - q.y) <
                               along + 1e-6;
                    }));
                }
        }
    }
}

void TestSheetBook::blanks_too_small_are_told() {
    const Value document = with(demo_document("kittiwake"), "nut.blank.height_mm", 5.0);
    const std::vector<Sheet> small = printed(job_of(document), {SheetPart::cuts}, style_of(Paper::a4)).sheets;
    QVERIFY(says(small.front(), "short in height"));
    // Wood has its grain marked on the template, bone has none.
    QVERIFY(says(printed(job_of(document), {SheetPart::nut}, style_of(Paper::a4)).sheets.front(),
                 "grain \u2194"));
    QVERIFY(!says(
        printed(demo_job(QStringLiteral("curlew")), {SheetPart::nut}, style_of(Paper::a4)).sheets.front(),
        "grain"));
    const Job good = demo_job(QStringLiteral("kittiwake"));
    QVERIFY(!says(printed(good, {SheetPart::cuts}, style_of(Paper::a4)).sheets.front(), "short in"));
}

void TestSheetBook::what_is_doubtful_is_on_the_sheet() {
    // Slots that merge, and a bridge so high that nothing of the saddle stands out.
    Value document = demo_document("kittiwake");
    document = with(document, "nut.spacing",
                    parse_json(R"({"method": "given", "each_mm": [-13, -12.9, -12.8, 13]})"));
    const Sheet nut = printed(job_of(document), {SheetPart::nut}, style_of(Paper::a4)).sheets.front();
    QVERIFY(says(nut, "\u26A0") && says(nut, "touch"));
    const Job high = job_of(with(demo_document("kittiwake"), "bridge.height_mm", 14.0));
    QVERIFY(says(printed(high, {SheetPart::bridge}, style_of(Paper::a4)).sheets.front(), "\u26A0"));
    const Job good = job_of(without(demo_document("lantern"), "limits"));
    QVERIFY(!says(printed(good, {SheetPart::saddle}, style_of(Paper::a4)).sheets.front(), "\u26A0"));
}

QTEST_MAIN(TestSheetBook)
#include "tst_sheet_book.moc"
