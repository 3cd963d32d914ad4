// What stands on paper is what was solved, and everything designed stands on paper: every figure of every
// sheet by its key, and every key that changes a part changes a sheet.
#include "cli/solution_json.h"
#include "common/jobs.h"
#include "common/leaves.h"
#include "common/sheet_text.h"
#include "core/design/fields.h"
#include "core/solution/bridge_outline.h"
#include "core/solution/nut_plan.h"
#include "sheet/drawing/fonts.h"
#include "sheet/drawing/sheet_files.h"
#include "sheet/pages/sheet_book.h"
#include "sheet/views/saddle_views.h"
#include "sheet/words/sheet_words.h"

#include <QRegularExpression>
#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

namespace {

SheetStyle plain_style() {
    SheetStyle style;
    style.date = "2031-03-04";
    return style;
}

std::vector<Sheet> book_of(const State& state) {
    const SheetBook book{state, {}, plain_style(), std::vector<double>(state.written.strings.size(), 0.03)};
    return sheets_of(book, parts_of(state.job));
}

/// The bytes of all sheets but the dimensions' own names.
QByteArray bytes_of(const Job& job) {
    QByteArray bytes;
    for (const Sheet& sheet : book_of(*state_of(job, {}))) bytes += svg_of(sheet.page);
    return bytes;
}

/// Where a figure on paper is in what `solve` prints, or in the job; "$" before a place in the job.
struct Rule {
    const char* figure;
    const char* key;
};

constexpr Rule rules[] = {
    {"nut.strings[].depth", "strings[].slot_depth_mm"},
    {"nut.strings[].floor", "strings[].floor_above_seat_mm"},
    {"nut.strings[].floor_angle", "strings[].floor_angle_deg"},
    {"nut.strings[].saw_to", "strings[].saw_to_above_seat_mm"},
    {"nut.strings[].width", "strings[].slot_width_mm"},
    {"nut.angle", "nut.angle_deg"},
    {"nut.board", "$nut.board_above_seat_mm"},
    {"nut.thickness", "$nut.thickness_mm"},
    {"nut.seat_angle", "$nut.headstock_angle_deg"},
    {"nut.strings[].floor_drop", "strings[].floor_back_drop_mm"},
    {"nut.strings[].set_forward", "strings[].set_forward_mm"},
    {"saddle.angle", "straight_saddle.angle_deg"},
    {"saddle.length", "saddle.length_mm"},
    {"saddle.thickness", "$saddle.thickness_mm"},
    {"saddle.bridge_top", "$saddle.slot_depth_mm"},
    {"saddle.strings[].compensation", "strings[].compensation_mm"},
    {"saddle.strings[].crown", "straight_saddle.front_to_crown_mm[]"},      // in a slot
    {"saddle.strings[].behind_line", "straight_saddle.line_to_crown_mm[]"}, // of a bar or a floating bridge
    {"saddle.strings[].height", "saddle.height_mm[]"},                      // of a saddle in its slot
    {"saddle.strings[].height", "strings[].height_over_top_mm"},            // of a floating bridge
    {"saddle.strings[].height", "strings[].saddle_z_mm"}, // without a bridge, over the fret plane
    {"saddle.strings[].notch_width", "notches[].width_mm"},
    {"saddle.strings[].notch_depth", "notches[].depth_mm"},
    {"bridge.angle", "straight_saddle.angle_deg"},
    {"bridge.floor_left", "bridge.floor_left_mm"},
    {"bridge.height", "bridge.height_mm"},
    {"bridge.height_bass", "$bridge.height_mm.bass"},
    {"bridge.height_treble", "$bridge.height_mm.treble"},
    {"bridge.slot_mouth", "bridge.slot_mouth_mm"},
    {"bridge.exit_behind", "$bridge.exit.behind_mm"},
    {"bridge.exit_over_top", "$bridge.exit.above_top_mm"},
    {"bridge.post_bass", "$saddle.screws_across_mm.bass"},
    {"bridge.post_treble", "$saddle.screws_across_mm.treble"},
    {"bridge.feet_rise", "bridge.feet_rise_mm"},
    {"bridge.drill", "$bridge.screws.core_mm"},
    {"bridge.drill_depth", "bridge.drill_depth_mm"},
    {"bridge.length", "$bridge.outline.length_mm"},
    {"bridge.width", "$bridge.outline.width_mm"},
    {"bridge.slot_width", "$saddle.thickness_mm"},
    {"bridge.slot_depth", "$saddle.slot_depth_mm"},
    {"bridge.slot_length", "saddle.length_mm"},
    {"bridge.ends_back", "$bridge.outline.width_mm"},
    {"bridge.strings[].across", "strings[].saddle_centre_mm"},
    {"bridge.strings[].break", "strings[].break_angle_deg"},
    {"bridge.strings[].over_top", "strings[].height_over_top_mm"},
    {"bridge.strings[].pin_across", "bridge.pins[].y_mm"},
    {"bridge.strings[].pin_behind", "$bridge.pins.behind_mm"},
    {"board.strings[].nut", "strings[].nut_centre_mm"},
    {"board.strings[].saddle", "strings[].saddle_centre_mm"},
    {"card.relief", "$neck.relief.depth_mm"},
    {"card.strings[].action12", "strings[].action12_mm"},
    {"card.strings[].capo12", "strings[].action12_capo_mm"},
    {"card.strings[].gap1", "strings[].open_gaps_mm.0"},
    {"card.strings[].pressed2", "strings[].pressed_gap_mm.2"},
    {"card.strings[].pressed3", "strings[].pressed_gap_mm.3"},
    {"placing.diagonal_bass", "placing.diagonal_from_bass_mm"},
    {"placing.diagonal_treble", "placing.diagonal_from_treble_mm"},
    {"placing.nut_bass", "placing.bass.nut_to_slot_front_mm"}, // of three one is there
    {"placing.nut_bass", "placing.bass.nut_to_edge_mm"},
    {"placing.nut_bass", "placing.bass.nut_to_crown_line_mm"},
    {"placing.12_bass", "placing.bass.fret12_to_slot_front_mm"}, // of three one is there
    {"placing.12_bass", "placing.bass.fret12_to_edge_mm"},
    {"placing.12_bass", "placing.bass.fret12_to_crown_line_mm"},
    {"placing.nut_treble", "placing.treble.nut_to_slot_front_mm"}, // of three one is there
    {"placing.nut_treble", "placing.treble.nut_to_edge_mm"},
    {"placing.nut_treble", "placing.treble.nut_to_crown_line_mm"},
    {"placing.12_treble", "placing.treble.fret12_to_slot_front_mm"}, // of three one is there
    {"placing.12_treble", "placing.treble.fret12_to_edge_mm"},
    {"placing.12_treble", "placing.treble.fret12_to_crown_line_mm"},
};

/// Figures that `solve` does not print: taken off the drawing, whose outlines other tests measure, or from
/// the plan.
constexpr const char* of_the_drawing[] = {"nut.edge_left",
                                          "nut.edge_right",
                                          "nut.highest",
                                          "saddle.highest",
                                          "bridge.front",
                                          "bridge.back",
                                          "bridge.slot_bass",
                                          "bridge.slot_treble",
                                          "bridge.slot_at_centre",
                                          "bridge.slot_from",
                                          "bridge.slot_to",
                                          "bridge.middle_from",
                                          "bridge.middle_to",
                                          "bridge.wing_front",
                                          "bridge.wing_back",
                                          "bridge.belly_at_quarter",
                                          "placing.fret12",
                                          "placing.slot_front",
                                          "placing.edge",
                                          "placing.crown_line",
                                          "bridge.edge",
                                          "placing.nut_front",
                                          "placing.pin",
                                          "placing.post",
                                          "board.frets[].bass",
                                          "board.frets[].treble",
                                          "board.strings[].12",
                                          "card.relief_there",
                                          "card.strings[].nut_off",
                                          "card.strings[].saddle_off"};

/// A figure's name without its number, and the number.
std::pair<std::string, int> without_number(const std::string& name) {
    static const QRegularExpression number(QStringLiteral("\\[(\\d+)\\]"));
    const QString text = QString::fromStdString(name);
    const auto match = number.match(text);
    if (!match.hasMatch()) return {name, -1};
    return {(text.left(match.capturedStart()) + QStringLiteral("[]") + text.mid(match.capturedEnd()))
                .toStdString(),
            match.captured(1).toInt()};
}

/// Keys of `solve` may hold points, as "pressed_gap_mm.2": taken as they are printed.
std::optional<double> number_at(const std::map<std::string, Value>& leaves, const char* key, int index) {
    std::string place = key;
    if (const auto at = place.find("[]"); at != std::string::npos)
        place.replace(at, 2, "[" + std::to_string(index) + "]");
    if (const auto first = place.find("gaps_mm.0"); first != std::string::npos)
        place.replace(first, 9, "gaps_mm[0]");
    const auto found = leaves.find(place);
    if (found == leaves.end() || !found->second.is_number()) return std::nullopt;
    return found->second.number();
}

/// What the job itself gives, or the program's usual value for it.
std::optional<double> designed_at(const Job& job, const std::string& key) {
    return field_of(key).get(job.design, 0);
}

/// Drawn plain around its slot: nobody gave these.
bool is_drawn_plain(const std::string& figure, const Job& job) {
    return (figure == "bridge.length" || figure == "bridge.width") && !job.design.bridge->outline;
}

/// The figure's value as it must be. @returns none if no rule knows it
std::optional<double> wanted_of(const std::string& name, const Job& job, const Solution& solution,
                                const std::map<std::string, Value>& solved) {
    const auto [bare, index] = without_number(name);
    for (const Rule& rule : rules)
        if (bare == rule.figure)
            if (const auto number =
                    rule.key[0] == '$' ? designed_at(job, rule.key + 1) : number_at(solved, rule.key, index))
                return number;
    const Neck neck(job.design.neck);
    if (bare == "board.frets[].x") return neck.fret_x_mm(index, job.design.neck.scale_bass_mm);
    if (bare == "board.frets[].wide")
        return 2.0 * neck.half_width_mm(neck.fret_x_mm(index, neck.mean_scale_mm()));
    if (bare == "board.strings[].length") {
        const StringLine& line = solution.strings[static_cast<std::size_t>(index)].line;
        return line.saddle_x_mm - line.set_forward_mm;
    }
    if (bare == "nut.fret_tops") return job.design.nut.board_above_seat_mm + job.design.neck.fret_height_mm;
    const NutPlan nut = nut_plan_of(job.design, solution);
    if (bare == "nut.length") return nut.length_mm();
    if (bare == "nut.centreline") return -nut.bass.along_mm;
    const auto along = [&](const char* key) { return number_at(solved, key, index).value(); };
    if (bare == "nut.strings[].from_bass") return along("strings[].nut_along_mm") - nut.bass.along_mm;
    if (bare == "nut.strings[].at_head") {
        const double run = slot_run(job.design, solution, static_cast<std::size_t>(index)) - nut.bass.run;
        return along("strings[].nut_along_mm") - nut.bass.along_mm + run * job.design.nut.thickness_mm;
    }
    if (bare.starts_with("bridge.") && job.design.bridge->outline) {
        double bass_end = 1e9;
        for (const PlanPoint& p : outline_points(*job.design.bridge->outline, solution))
            bass_end = std::min(bass_end, p.y_mm);
        if (bare == "bridge.centreline") return -bass_end;
        if (bare == "bridge.strings[].from_bass") return along("strings[].saddle_centre_mm") - bass_end;
        if (bare == "bridge.strings[].pin_from_bass") return along("bridge.pins[].y_mm") - bass_end;
    }
    const StringLine& upper = job.left_handed ? solution.strings.front().line : solution.strings.back().line;
    if (bare == "placing.crown") return upper.plan_x_mm(upper.saddle_x_mm);
    if (bare == "placing.bridge_front") return front_edge_mm(*job.design.bridge->outline, solution);
    if (bare == "saddle.centreline") return -saddle_span(solution).from_mm;
    if (bare == "saddle.strings[].from_bass")
        return along("strings[].saddle_along_mm") - saddle_span(solution).from_mm;
    return std::nullopt;
}

/// Whether a number stands there as a whole, not as a part of a longer one.
bool stands_in(const QStringList& words, const QString& number) {
    const QRegularExpression whole(QStringLiteral("(?<![\\d.,])") + QRegularExpression::escape(number) +
                                   QStringLiteral("(?![\\d]|[.,]\\d)"));
    return std::any_of(words.begin(), words.end(), [&](const QString& each) { return each.contains(whole); });
}

/// What to try in a key's place; none where it cannot be another number.
std::vector<Value> others(const Value& value) {
    std::vector<Value> tries;
    if (value.flag()) return {Value(!*value.flag())};
    if (!value.is_number()) return {};
    const double number = value.number();
    if (number == std::floor(number) && std::abs(number) < 40)
        for (const double step : {1.0, -1.0}) tries.emplace_back(number + step);
    for (const double share : {1.05, 0.95, 1.01, 0.99, 1.5, 0.5}) tries.emplace_back(number * share);
    if (number == 0) tries.emplace_back(0.2);
    return tries;
}

} // namespace

class TestPaper : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { load_fonts(); }

    void every_figure_is_the_solved_one_data() { demo_rows(); }
    void every_figure_is_the_solved_one() {
        QFETCH(const QString, name);
        for (const char* unit : {"mm", "in", "thou", "64ths"}) {
            const Value document = with(demo_document(name.toLatin1().constData()), "unit", unit);
            const Job job = job_of(document);
            const Solution solution = solve(job.design);
            std::map<std::string, Value> solved;
            leaves_of(solution_json(job.design, solution, {}), "", solved);
            const std::vector<Sheet> sheets = book_of(*state_of(job, {}));
            int compared = 0;
            for (const Sheet& sheet : sheets) {
                const QStringList words = words_on({sheet});
                for (const auto& [figure, value] : sheet.figures) {
                    const std::string bare = without_number(figure).first;
                    const bool is_angle = bare.ends_with("angle") || bare.ends_with("break");
                    if (std::find(std::begin(of_the_drawing), std::end(of_the_drawing), bare) ==
                            std::end(of_the_drawing) &&
                        !is_drawn_plain(bare, job)) {
                        const auto wanted = wanted_of(figure, job, solution, solved);
                        QVERIFY2(wanted, qPrintable(QStringLiteral("nobody knows ") +
                                                    QString::fromStdString(figure)));
                        QVERIFY2(std::abs(std::abs(value) - std::abs(*wanted)) < (is_angle ? 0.0501 : 1e-6),
                                 qPrintable(QStringLiteral("%1 says %2, solved is %3")
                                                .arg(QString::fromStdString(figure))
                                                .arg(value, 0, 'f', 6)
                                                .arg(*wanted, 0, 'f', 6)));
                        ++compared;
                    }
                    // Thousandths on a board of half a metre are inches.
                    const Unit shown =
                        job.unit == Unit::thou && (bare.starts_with("board.") || bare.starts_with("placing."))
                            ? Unit::in
                            : job.unit;
                    const QString label = is_angle ? QString::number(value, 'f', 1)
                                                   : QString::fromStdString(sheet_number(value, shown));
                    const QString other = QString::fromStdString(sheet_number(value, job.unit));
                    QVERIFY2(stands_in(words, label) || stands_in(words, other),
                             qPrintable(QStringLiteral("%1: '%2' stands nowhere")
                                            .arg(QString::fromStdString(figure), label)));
                }
            }
            QVERIFY(compared > 30);
        }
    }

    void every_designed_key_changes_a_sheet_data() { demo_rows(); }
    void every_designed_key_changes_a_sheet() {
        QFETCH(const QString, name);
        const Value document = demo_document(name.toLatin1().constData());
        const Job job = job_of(document);
        const QByteArray before = bytes_of(job);
        const Value solved = solution_json(job.design, solve(job.design), {});
        std::map<std::string, Value> leaves;
        leaves_of(document, "", leaves);
        int changed = 0;
        for (const auto& [key, value] : leaves) {
            const bool is_designed = key.starts_with("nut.") || key.starts_with("saddle.") ||
                                     key.starts_with("bridge.") || key.starts_with("neck.") ||
                                     key.starts_with("strings[");
            if (!is_designed) continue;
            bool solves_otherwise = false;
            bool is_seen = false;
            for (const Value& other : others(value)) {
                const auto result = read_job(with(document, key, other));
                if (!result.job) continue;
                if (solution_json(result.job->design, solve(result.job->design), {}) == solved) continue;
                solves_otherwise = true;
                is_seen = bytes_of(*result.job) != before; // less than is printed is not
                if (is_seen) break;
            }
            QVERIFY2(is_seen || !solves_otherwise, qPrintable(QString::fromStdString(key)));
            changed += is_seen;
        }
        QVERIFY2(changed > 15, qPrintable(QString::number(changed)));
    }

    /// What the demo does not say: the key, its value, and the part on whose sheet it must be seen.
    void a_key_more_changes_a_sheet_data() {
        QTest::addColumn<QString>("job");
        QTest::addColumn<QString>("key");
        QTest::addColumn<QString>("json");
        const auto row = [](const char* job, const char* key, const char* json) {
            QTest::addRow("%s %s %s", job, key, json)
                << QString::fromLatin1(job) << QString::fromLatin1(key) << QString::fromLatin1(json);
        };
        row("kittiwake", "nut.set_forward_mm", "0.3");
        row("kittiwake", "nut.seat", "\"square\"");
        row("kittiwake", "nut.floor_angle_share", "0.4");
        row("kittiwake", "nut.saw_allowance_mm", "0.4");
        row("kittiwake", "nut.in_slot.plain", "0.8");
        row("kittiwake", "nut.slot_clearance_mm.wound", "0.12");
        row("curlew", "nut.fair_top", "true");
        row("kittiwake", "nut.material", "\"brass\"");
        row("kittiwake", "nut.zero_fret", R"({"height_mm": 1.1})");
        row("kittiwake", "saddle.lean_deg", "3");
        row("kittiwake", "saddle.under_mm", "0.5");
        row("kittiwake", "saddle.crown_edge_mm", "0.6");
        row("kittiwake", "saddle.end_margin_mm", "4");
        row("kittiwake", "saddle.end_radius_mm", "0.5");
        row("kittiwake", "saddle.length_mm", "50");
        row("kittiwake", "saddle.material", "\"brass\"");
        row("kittiwake", "saddle.compensation.nut", "\"each\"");
        row("kittiwake", "saddle.action.measured", "\"capo_1\"");
        row("kittiwake", "bridge.pins.hole_mm", "4.5");
        row("kittiwake", "bridge.pins.ramp_mm", "2");
        row("kittiwake", "bridge.pins.line", "\"square\"");
        row("kittiwake", "bridge.anchor", "\"tie\"");
        row("kittiwake", "neck.fret_end_bevel_mm", "1.2");
        row("kittiwake", "neck.fallaway_mm", "0.2");
        row("groundswell", "saddle.travel_mm", "[-4, 6]");
        row("groundswell", "neck.perpendicular_fret", "9");
        row("curlew", "handed", "\"left\"");
    }
    void a_key_more_changes_a_sheet() {
        QFETCH(const QString, job);
        QFETCH(const QString, key);
        QFETCH(const QString, json);
        const Value document = demo_document(job.toLatin1().constData());
        Value changed = with(document, key.toStdString(), parse_json(json.toStdString()));
        if (json == QLatin1String("\"tie\""))
            changed = with(changed, "bridge.exit", parse_json(R"({"behind_mm": 9, "above_top_mm": 3})"));
        const auto result = read_job(changed);
        QVERIFY2(result.job, result.job ? "" : english(result.problems.front()).c_str());
        QVERIFY(bytes_of(*result.job) != bytes_of(job_of(document)));
    }

private:
    static void demo_rows() {
        QTest::addColumn<QString>("name");
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"})
            QTest::newRow(name) << QString::fromLatin1(name);
    }
};

QTEST_MAIN(TestPaper)
#include "tst_paper.moc"
