// Somebody who has the printed page and nothing else: another program reads its texts with their places, and
// the nut made from them is the one that was solved.
#include "common/jobs.h"
#include "common/run.h"
#include "core/design/bridge_kind.h"
#include "core/solution/bridge_outline.h"
#include "core/solution/nut_plan.h"
#include "job/state/state.h"
#include "sheet/drawing/fonts.h"
#include "sheet/pages/sheet_book.h"
#include "sheet/views/nut_views.h"
#include "sheet/views/saddle_views.h"

#include <QRegularExpression>
#include <QTemporaryDir>
#include <QTest>

#include <cmath>
#include <map>
#include <optional>

using namespace fm;
using namespace fm::test;

namespace {

struct Word {
    double left, top, right, low; // [pt], y down
    QString text;
    bool is_upright() const { return text.size() > 2 && low - top > 1.05 * (right - left); }
};

/// A number as it stands on the page, a mark of what has changed before it.
std::optional<double> number_of(const QString& text) {
    bool is_number = false;
    const double number = QString(text).remove(QChar(0x25B2)).remove(QChar(0x00B0)).toDouble(&is_number);
    return is_number ? std::optional(number) : std::nullopt;
}

class Page {
public:
    explicit Page(const QString& pdf) {
        const Ran ran = run(QStringLiteral("pdftotext"), {QStringLiteral("-bbox"), pdf, QStringLiteral("-")});
        static const QRegularExpression word(QStringLiteral(
            "<word xMin=\"([\\d.]+)\" yMin=\"([\\d.]+)\" xMax=\"([\\d.]+)\" yMax=\"([\\d.]+)\">(.*)</word>"));
        for (const QString& line : QString::fromUtf8(ran.output).split(QLatin1Char('\n')))
            if (const auto m = word.match(line); m.hasMatch())
                words_.push_back({m.captured(1).toDouble(), m.captured(2).toDouble(),
                                  m.captured(3).toDouble(), m.captured(4).toDouble(), m.captured(5)});
    }

    /// Upright numbers from the left; not the bar's, which says its unit.
    std::vector<double> upright() const {
        std::vector<std::pair<double, double>> found;
        for (std::size_t i = 0; i < words_.size(); ++i) {
            const bool is_bar = i + 1 < words_.size() && words_[i + 1].text == QLatin1String("mm");
            if (const auto number = number_of(words_[i].text); number && words_[i].is_upright() && !is_bar)
                found.emplace_back(words_[i].left, *number);
        }
        std::sort(found.begin(), found.end());
        std::vector<double> numbers;
        for (const auto& each : found) numbers.push_back(each.second);
        return numbers;
    }

    /// The numbers of the row of a table that begins with these words.
    std::vector<double> row(const QString& begins) const {
        for (const Word& first : words_) {
            std::vector<Word> line;
            for (const Word& word : words_)
                if (std::abs(word.low - first.low) < 1.0 && word.left >= first.left && !word.is_upright())
                    line.push_back(word);
            std::sort(line.begin(), line.end(), [](const Word& a, const Word& b) { return a.left < b.left; });
            QStringList texts;
            for (const Word& word : line) texts << word.text;
            if (!(texts.join(QLatin1Char(' ')) + QLatin1Char(' ')).startsWith(begins + QLatin1Char(' ')))
                continue;
            std::vector<double> numbers;
            for (const QString& text : texts.mid(begins.split(QLatin1Char(' ')).size()))
                if (const auto number = number_of(text)) numbers.push_back(*number);
            return numbers;
        }
        return {};
    }

    /// The lying number right before a word, none where there is not exactly one such word.
    std::optional<double> before(const QString& text) const {
        std::optional<double> found;
        for (std::size_t i = 1; i < words_.size(); ++i)
            if (words_[i].text == text && !words_[i].is_upright())
                if (const auto number = number_of(words_[i - 1].text);
                    number && std::abs(words_[i].low - words_[i - 1].low) < 1.0) {
                    if (found) return std::nullopt;
                    found = number;
                }
        return found;
    }

    /// How often every number stands on it, without marks and the points of a sentence.
    /// @param head what stands over its drawings, too
    std::map<QString, int> numbers(bool head = false) const {
        std::map<QString, int> found;
        bool in_head = !head;
        for (const Word& word : words_) {
            in_head = in_head && word.text != QLatin1String("True");
            static const QRegularExpression around(QStringLiteral("^[\u25B2(]*|[\u00B0),.;:]*$"));
            const QString bare = QString(word.text).remove(around);
            if (!in_head && number_of(bare)) ++found[bare];
        }
        return found;
    }

    bool has(const QString& text) const {
        return std::any_of(words_.begin(), words_.end(), [&](const Word& each) { return each.text == text; });
    }

private:
    std::vector<Word> words_;
};

/// A dimension somebody needs who makes the part, and how a sheet prints it.
struct Wanted {
    QString what;
    QString label;
};

class Dimensions {
public:
    explicit Dimensions(const State& state)
        : design_(state.work_design), solution_(state.solution), unit_(state.job.unit) {}

    std::vector<Wanted> of_saddle() {
        const double bass_mm = saddle_span(solution_).from_mm;
        length("length", saddle_span(solution_).to_mm - bass_mm);
        length("centreline", -bass_mm);
        for (std::size_t i = 0; i < solution_.strings.size(); ++i) {
            length("string's place", solution_.strings[i].saddle_along_mm - bass_mm);
            length("height", saddle_height_mm(design_, solution_, i));
            if (const auto& single = solution_.single)
                length("crown", single->strings[i].from_edge_mm.value_or(single->strings[i].crown_x_mm));
            else
                length("crown", design_.has_slot() ? solution_.straight_saddle.front_to_crown_mm[i]
                                                   : solution_.straight_saddle.line_to_crown_mm[i]);
            if (solution_.notches.empty()) continue;
            length("notch width", solution_.notches[i].width_mm);
            length("notch depth", solution_.notches[i].depth_mm);
        }
        if (solution_.saddle.crown_radius_mm)
            add("crown radius", QString::fromStdString(sheet_radius(*solution_.saddle.crown_radius_mm, unit_))
                                    .section(QLatin1Char(' '), 0, 0));
        if (!design_.has_slot()) return std::move(wanted_);
        length("thickness", design_.saddle.thickness_mm);
        length("end radius", solution_.saddle.end_radius_mm);
        return std::move(wanted_);
    }

    std::vector<Wanted> of_bridge() {
        const BridgeDesign& bridge = *design_.bridge;
        const BridgeSolution& solved = *solution_.bridge;
        outline();
        if (design_.has_slot()) {
            length("slot's width", design_.saddle.thickness_mm);
            length("slot's length", solution_.saddle.length_mm);
            if (design_.saddle.slot_depth_mm) length("slot's depth", *design_.saddle.slot_depth_mm);
            if (solved.floor_left_mm) length("floor under the slot", *solved.floor_left_mm);
        }
        if (bridge.tapered_mm) {
            length("height, bass", bridge.tapered_mm->bass_mm);
            length("height, treble", bridge.tapered_mm->treble_mm);
        } else if (solved.height_mm)
            length("height", *solved.height_mm);
        for (const BridgeString& string : solved.strings) length("string", string.height_over_top_mm);
        if (!solved.pins.empty()) {
            length("pin's hole", bridge.pins.hole_mm);
            for (const PlanPoint& pin : solved.pins)
                length("pin behind slot", pin.x_mm - solution_.straight_saddle.slot_x_mm(pin.y_mm));
        } else {
            length("exit behind", bridge.exit.behind_mm);
            length("exit over the top", bridge.exit.above_top_mm);
        }
        if (const auto& posts = design_.saddle.screws_across_mm; posts && solved.posts) {
            length("bass post", std::abs(posts->bass_mm));
            length("treble post", std::abs(posts->treble_mm));
        }
        if (solved.feet && solved.feet->radius_mm) length("feet's rise", std::abs(solved.feet->rise_mm));
        if (bridge.screws) {
            length("screws' core", bridge.screws->core_mm);
            for (const PlacedHole& hole : bridge.screws->holes) {
                length("screw from front", hole.from_front_mm);
                length("screw across", hole.across_mm);
            }
        }
        return std::move(wanted_);
    }

private:
    void add(const char* what, const QString& label) { wanted_.push_back({QLatin1String(what), label}); }
    void length(const char* what, double mm) { add(what, QString::fromStdString(sheet_number(mm, unit_))); }

    void outline() {
        const BridgeOutline outline = shown_outline(design_, solution_);
        length("length", outline.length_mm);
        length("width", outline.width_mm);
        if (!design_.bridge->outline) return;
        length("front edge to slot", outline.front_mm);
        if (outline.form == BridgeForm::waisted)
            for (const double side : {-0.5, 0.5}) {
                length("middle", 0.5 * outline.length_mm + side * outline.middle_mm);
                length("wing", 0.5 * outline.width_mm + side * outline.wing_width_mm);
            }
        if (outline.form == BridgeForm::bellied) length("belly", outline.width_mm + outline.belly_mm);
    }

    const Design& design_;
    const Solution& solution_;
    Unit unit_;
    std::vector<Wanted> wanted_;
};

Page page_of(const SheetBook& book, SheetPart part) {
    const QTemporaryDir dir;
    const QString path = dir.filePath(QStringLiteral("page.pdf"));
    QFile file(path);
    if (!file.open(QIODevice::WriteOnly)) throw std::runtime_error("no file");
    std::vector<Drawing> pages;
    for (Sheet& sheet : sheets_of(book, {part})) pages.push_back(std::move(sheet.page));
    file.write(sheet_bytes(pages, book.style.paper, path));
    file.close();
    return Page(path);
}

} // namespace

class TestPageAlone : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { load_fonts(); }

    void the_nut_is_made_from_its_page_data() {
        QTest::addColumn<QString>("name");
        QTest::addColumn<QString>("unit");
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"})
            for (const char* unit : {"mm", "in", "thou"})
                QTest::addRow("%s, %s", name, unit) << QString::fromLatin1(name) << QString::fromLatin1(unit);
    }

    void the_nut_is_made_from_its_page() {
        QFETCH(const QString, name);
        QFETCH(const QString, unit);
        const Value document = with(demo_document(name.toLatin1().constData()), "unit", unit.toStdString());
        const auto state = state_of(document).state;
        const Tools tools;
        const SheetBook book{*state, tools, SheetStyle{}, {}};
        const Page page = page_of(book, SheetPart::nut);
        const Design& design = state->work_design;
        const Solution& solution = state->solution;
        const double unit_mm = unit == QLatin1String("mm")   ? 1.0
                               : unit == QLatin1String("in") ? 25.4
                                                             : 0.0254;
        const double rounding_mm = unit_mm * (unit == QLatin1String("mm")   ? 0.0051
                                              : unit == QLatin1String("in") ? 0.00051
                                                                            : 0.51);
        const auto is = [&](std::optional<double> said, double mm, double roundings = 1.0) {
            return said && std::abs(*said * unit_mm - mm) <= roundings * rounding_mm;
        };

        // Along the front, from the bass end: where it begins, every slot, the middle, where it ends.
        const NutPlan plan = nut_plan_of(design, solution);
        std::vector<double> wanted{-plan.bass.along_mm, plan.length_mm()};
        if (unit != QLatin1String("thou")) wanted.push_back(0.0); // a lone digit does not tell how it stands
        for (const StringSolution& string : solution.strings)
            wanted.push_back(string.slot.along_mm - plan.bass.along_mm);
        std::sort(wanted.begin(), wanted.end());
        std::vector<double> said = page.upright();
        if (state->job.left_handed) std::reverse(said.begin(), said.end());
        QCOMPARE(said.size(), wanted.size());
        for (std::size_t i = 0; i < wanted.size(); ++i)
            QVERIFY2(is(said[i], wanted[i]), qPrintable(QString::number(said[i])));

        // Every slot by its row: at the head, sawn to, floor, depth, width, and last how it falls.
        for (std::size_t i = 0; i < solution.strings.size(); ++i) {
            const SlotWork& slot = solution.strings[i].slot;
            const std::vector<double> row = page.row(QString::fromStdString(design.string_name(i)));
            QVERIFY2(row.size() >= 6, design.string_name(i).c_str());
            const double run = slot_run(design, solution, i) - plan.bass.run;
            QVERIFY(is(row[0], slot.along_mm - plan.bass.along_mm + run * design.nut.thickness_mm));
            QVERIFY(is(row[1], slot.saw_to_above_seat_mm));
            QVERIFY(is(row[2], slot.floor_above_seat_mm));
            QVERIFY(is(row[3], slot.depth_mm));
            QVERIFY(is(row[4], slot.width_mm));
            QVERIFY(std::abs(row[row.size() - 2] - slot.floor_angle_deg) <= 0.051);
            QVERIFY(is(row.back(), slot.floor_back_drop_mm));
            // The top it leads to is the one that is drawn.
            QVERIFY(is(row[2] + row[3], slot.made_top_above_seat_mm, 3.0));
        }

        // Heights, and what the part stands on.
        QVERIFY(is(page.before(QStringLiteral("highest")), nut_height_mm(design, solution)));
        QVERIFY(is(page.before(QStringLiteral("board")), design.nut.board_above_seat_mm));
        QVERIFY(is(page.before(QStringLiteral("fret")),
                   design.nut.board_above_seat_mm + design.neck.fret_height_mm));
        QVERIFY(page.has(QString::fromStdString(sheet_number(design.nut.thickness_mm, state->job.unit))));
        if (design.nut.seat == Seat::angled)
            QVERIFY(page.has(QString::number(design.nut.headstock_angle_deg, 'f', 1) + QChar(0x00B0)));
        for (const char* side : {"FRONT", "HEAD", "BASS", "TREBLE"})
            QVERIFY(page.has(QString::fromLatin1(side)));
    }

    void every_figure_stands_once_data() {
        QTest::addColumn<QString>("file");
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"})
            QTest::newRow(name) << QStringLiteral(DEMO_DATA "/%1.fmjob").arg(QLatin1String(name));
        for (const std::string_view kind : words_of(BridgeKind{}))
            QTest::addRow("bridge %s", kind.data())
                << QStringLiteral(TEST_DATA "/kinds/%1.fmjob").arg(QLatin1String(kind.data()));
    }

    void what_defines_a_part_is_on_its_page_data() { every_figure_stands_once_data(); }

    /// By what was designed and solved, not by what the page says of itself.
    void what_defines_a_part_is_on_its_page() {
        QFETCH(const QString, file);
        const auto state = state_of(document_of(file)).state;
        const Tools tools;
        const SheetBook book{*state, tools, SheetStyle{}, {}};
        for (const SheetPart part : {SheetPart::saddle, SheetPart::bridge}) {
            if (!has_part(state->job, part)) continue;
            const std::map<QString, int> found = page_of(book, part).numbers(true);
            Dimensions dimensions(*state);
            for (const auto& [what, label] :
                 part == SheetPart::saddle ? dimensions.of_saddle() : dimensions.of_bridge())
                QVERIFY2(found.contains(label), qPrintable(what + QLatin1Char(' ') + label));
        }
    }

    /// Whatever a page remembers of nut, saddle or bridge is read from it by its text, and none twice.
    void every_figure_stands_once() {
        QFETCH(const QString, file);
        const auto state = state_of(document_of(file)).state;
        const Tools tools;
        const SheetBook book{*state, tools, SheetStyle{}, {}};
        for (const SheetPart part : {SheetPart::nut, SheetPart::saddle, SheetPart::bridge}) {
            if (!has_part(state->job, part)) continue;
            std::map<QString, int> wanted;
            std::map<QString, QStringList> names;
            for (const auto& [name, value] : figures_of(sheets_of(book, {part}))) {
                const bool is_angle = name.ends_with("angle") || name.ends_with("break");
                const QString label = QString::fromStdString(is_angle ? fixed_text(value, 1)
                                                                      : sheet_number(value, state->job.unit));
                ++wanted[label];
                names[label] << QString::fromStdString(name);
            }
            std::map<QString, int> found = page_of(book, part).numbers();
            for (const auto& [label, count] : wanted) {
                const QString what = QStringLiteral("%1 stands %2 times: %3")
                                         .arg(label)
                                         .arg(found[label])
                                         .arg(names[label].join(QLatin1Char(' ')));
                QVERIFY2(found[label] >= count, qPrintable(what));
                // A force has one decimal, as an angle has.
                const bool is_length = label.section(QLatin1Char('.'), 1).size() > 1 && label.toDouble() != 0;
                QVERIFY2(!is_length || found[label] == count, qPrintable(what));
            }
        }
    }
};

QTEST_MAIN(TestPageAlone)
#include "tst_page_alone.moc"
