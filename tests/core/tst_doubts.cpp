#include "common/jobs.h"
#include "core/found/plan.h"
#include "core/solution/check.h"
#include "core/solution/quantities.h"
#include "job/read/old_defaults.h"

#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

namespace {

/// A demo job with changes written as "key = json; key = json".
Design changed(const QString& name, const QString& changes) {
    Value document = demo_document(qPrintable(name));
    for (const QString& change : changes.split(QLatin1Char(';'), Qt::SkipEmptyParts)) {
        const std::string key = change.section(QLatin1Char('='), 0, 0).trimmed().toStdString();
        const std::string json = change.section(QLatin1Char('='), 1).trimmed().toStdString();
        document = json == "-" ? without(document, key) : with(document, key, parse_json(json));
    }
    return job_of(document).design;
}

bool all_finite(const Solution& solution) {
    for (const NumberKey& number : all_numbers(solution))
        if (!std::isfinite(*value_of(solution, number))) return false;
    return true;
}

} // namespace

/// What is odd in a job is said with the string's player's number and pitch; nothing makes a number that is
/// none.
class TestDoubts : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void the_odd_is_told_data() {
        QTest::addColumn<QString>("job");
        QTest::addColumn<QString>("changes");
        QTest::addColumn<QString>("code");
        QTest::addColumn<QString>("says");
        const auto row = [](const char* code, const char* job, const char* changes, const char* says) {
            QTest::addRow("%s: %s", code, changes) << QString::fromLatin1(job) << QString::fromUtf8(changes)
                                                   << QString::fromLatin1(code) << QString::fromUtf8(says);
        };
        row("strings_close", "curlew", "limits.string_gap_min_mm = 2.0",
            "10 · G2 and 9 · G3 stand 1.90 mm apart");
        row("strings_touch", "curlew", "nut.spacing.course_gap_mm = 0", "10 · G2 and 9 · G3 touch");
        row("nut_below_frets", "curlew", "nut.height.bass_mm = 0.05; nut.height.treble_mm = 0.02",
            "10 · G2: the nut would stand");
        row("floor_below_seat", "curlew", "nut.board_above_seat_mm = -2",
            "10 · G2: the slot's floor would lie");
        row("press_at_2", "curlew",
            "nut.height.method = \"pressed_gap\"; nut.height.bass_mm = 0.001; nut.height.treble_mm = 0.001; "
            "neck.relief = -; neck.fret_offsets_mm = [0, 0.1, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, "
            "0, 0, 0]",
            "read it with pressed fret 2");
        row("edge_near_nut", "curlew", "limits.edge_min_mm = 3.4",
            "10 · G2 stands 3.20 mm from the board's edge");
        row("edge_near_fret", "curlew", "saddle.spacing.spread_mm = 62", "shift the bridge");
        row("string_no_tension", "curlew", "strings[9].bending_stiffness_n_mm2 = 10000000",
            "1 · G4: no tension makes this string sound 392");
        row("core_stress", "kittiwake", "strings[3].pitch = \"E6\"", "1 · E6: its core would carry");
        row("core_stress", "kittiwake", "strings[0].pitch = \"C1\"", "4 · C1: its core would carry");
        row("string_too_stiff", "kittiwake",
            "strings[0].bending_stiffness_n_mm2 = 9000; saddle.compensation = {\"method\": \"fixed\", "
            "\"fixed_mm\": 3}",
            "so stiff at the last fret");
        row("strings_choke", "kittiwake",
            "neck.fret_offsets_mm = [0, 0, 0, 0, 0, 0, 0, 0.35, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0]; neck.frets "
            "= 19",
            "strings that choke: 4 · C3, 3 · G3, 2 · D4, 1 · A4; most of all");
        row("string_chokes", "kittiwake",
            "saddle.action = {\"measured\": \"open\", \"each_mm\": [1.9, 0.45, 1.9, 1.9]}",
            "3 · G3 chokes on");
        row("headrooms_low", "kittiwake", "player.pluck_force_n = 9", "the hand plucks with 9 N");
        row("headroom_low", "kittiwake", "strings[2].pluck_force_n = 9", "2 · D4: held at fret");
        row("headrooms_low", "kittiwake",
            "player.hand = \"hard\"; saddle.action.bass_mm = 1.4; saddle.action.treble_mm = 1.1",
            "strings that meet a fret under this hand");
        row("back_gaps_low", "curlew", "player.back_gap_min_mm = 1.5", "with little room behind the finger");
        row("back_gap_low", "kittiwake",
            "nut.height = {\"method\": \"open_gap\", \"each_mm\": [0.45, 0.4, 0.24, 0.4]}",
            "2 · D4: behind the finger at fret");
        row("wrap_unknown", "kittiwake", "strings[0].wrap = -", "4 · C3: wound with what is not said");
        row("set_forward_far", "curlew", "saddle.compensation.nut = \"each\"; player.press_depth_mm = 0.3",
            "forward, more than 0.80 mm");
        row("set_forward_at_limit", "curlew",
            "saddle.compensation.nut = \"each\"; saddle.compensation.set_forward_max_mm = 0.1",
            "as far forward as is looked for, 0.10 mm");
        row("saddle_too_thin", "kittiwake", "saddle.thickness_mm = 1.2", "the saddle is 1.20 mm thick");
        row("travel_too_short", "groundswell", "saddle.travel_mm = [0, 0.2]",
            "its saddle cannot reach its place");
        row("plane_too_high", "kittiwake", "bridge.plane_above_top_mm = 16", "too high at the saddle");
        row("plane_too_low", "kittiwake", "bridge.plane_above_top_mm = 4", "too low at the saddle");
        row("floor_under_slot", "kittiwake", "saddle.slot_depth_mm = 8",
            "of wood would be left under the saddle's slot");
        row("slot_outside_bridge", "kittiwake",
            "bridge.outline = {\"form\": \"straight\", \"length_mm\": 40, \"width_mm\": 30, \"front_mm\": 9}",
            "reaches out of the bridge");
        row("pin_outside_bridge", "kittiwake",
            "bridge.outline = {\"form\": \"straight\", \"length_mm\": 90, \"width_mm\": 18, \"front_mm\": 9}",
            "pin's hole reaches out");
        row("exposure_below_zero", "kittiwake", "bridge.height_mm = 20", "would lie");
        row("slot_too_shallow", "kittiwake", "saddle.slot_depth_mm = 1.5", "out of a slot 1.50 mm deep");
        row("break_angle_shallow", "kittiwake", "bridge.pins.behind_mm = 60", "8.0° is wanted");
        row("exit_before_crown", "curlew", "bridge.exit.behind_mm = 0.1", "would leave before its crown");
    }
    void the_odd_is_told() {
        QFETCH(QString, job);
        QFETCH(QString, changes);
        QFETCH(QString, code);
        QFETCH(QString, says);
        QStringList codes;
        QStringList texts;
        for (const Message& message : solve(changed(job, changes)).warnings) {
            codes << QString::fromStdString(message.id);
            texts << QString::fromStdString(english(message));
            QVERIFY(!message.where.empty());
        }
        QVERIFY2(codes.contains(code), qPrintable(codes.join(QLatin1Char(' '))));
        QVERIFY2(texts.join(QLatin1Char('\n')).contains(says), qPrintable(texts.join(QLatin1Char('\n'))));
    }
    /// A nut meant to be as low as a fret has no room behind the finger: that was asked for.
    void nothing_is_said_of_a_nut_as_low_as_a_fret() {
        const auto codes = [](const Design& design) {
            QStringList list;
            for (const Message& message : solve(design).warnings) list << QString::fromStdString(message.id);
            return list.filter(QStringLiteral("back_gap"));
        };
        const char* strict = "player.back_gap_min_mm = 1.5";
        QVERIFY(!codes(changed(QStringLiteral("curlew"), QString::fromLatin1(strict))).isEmpty());
        for (const char* low : {"nut.height = {\"method\": \"zero_fret\", \"bass_mm\": 0, \"treble_mm\": 0}",
                                "nut.zero_fret = {\"height_mm\": 1.05, \"guide_below_mm\": 0.3}"})
            QVERIFY(
                codes(changed(QStringLiteral("curlew"),
                              QString::fromLatin1(strict) + QStringLiteral("; ") + QString::fromLatin1(low)))
                    .isEmpty());
    }
    void a_clean_job_has_no_doubts() {
        for (const char* name : {"curlew", "kittiwake", "lantern", "groundswell"})
            QVERIFY2(solve(job_of(demo_document(name)).design).warnings.empty(), name);
    }
    /// A job of before the defaults were revised says which numbers moved, from what to what; a newer one,
    /// and one that says its own, does not.
    void moved_defaults_are_told() {
        const Value old = without(demo_document("lantern"), "defaults");
        const auto told = [](const Value& document) {
            const Design design = job_of(document).design;
            return moved_by_defaults(document, design, solve(design));
        };
        QVERIFY(told(demo_document("lantern")).empty());
        QStringList texts;
        for (const Message& message : told(old)) texts << QString::fromStdString(english(message));
        const QString all = texts.join(QLatin1Char('\n'));
        QVERIFY(all.contains(
            QStringLiteral("player.end_stiffness is not in the file; what is taken for it was 0.25 "
                           "and is 0.5 now")));
        QVERIFY(all.contains(QStringLiteral("strings[4]: nylon is taken lighter")));
        const Solution now = solve(job_of(old).design);
        QVERIFY(all.contains(QStringLiteral("3 · G3: by that its compensation moved from")));
        QVERIFY(
            all.contains(QStringLiteral("to %1 N").arg(std::round(*now.strings[4].tension_n() * 100) / 100)));
        Value own = with(with(old, "player.end_stiffness", 0.5), "player.press_depth_mm", 0.1);
        own = with(own, "player.pluck_force_n", 1.5);
        for (std::size_t i = 0; i < 7; ++i) {
            const std::string string = "strings[" + std::to_string(i) + "].";
            own = with(with(own, string + "core_density_kg_m3", 950.0), string + "core_modulus_gpa", 5.0);
        }
        QVERIFY(told(own).empty());
    }
    void only_what_has_no_solution_is_unsolvable() {
        QVERIFY(unsolvable({"string_no_tension", Severity::error, "strings[0]", {}}));
        QVERIFY(unsolvable({"exit_before_crown", Severity::error, "bridge.exit.behind_mm", {}}));
        QVERIFY(!unsolvable({"exposure_below_zero", Severity::error, "strings[0]", {}}));
        QVERIFY(about_the_nut({"strings_close", Severity::warning, "nut.spacing", {}}));
        QVERIFY(!about_the_nut({"strings_close", Severity::warning, "saddle.spacing", {}}));
    }

    void odd_but_allowed_jobs_are_solved_data() {
        QTest::addColumn<QString>("job");
        QTest::addColumn<QString>("changes");
        const auto row = [](const char* name, const char* job, const char* changes) {
            QTest::newRow(name) << QString::fromLatin1(job) << QString::fromUtf8(changes);
        };
        row("no relief", "curlew", "neck.relief.depth_mm = 0");
        row("relief unknown", "curlew", "neck.relief = -");
        row("back-bow", "curlew", "neck.relief.depth_mm = -0.4");
        row("flat board", "curlew", "neck.radius_mm = -");
        row("everything chokes", "kittiwake",
            "saddle.action.bass_mm = 0.2; saddle.action.treble_mm = 0.2; "
            "neck.relief.depth_mm = 1.5");
        row("soft hands", "curlew", "player.press_depth_mm = 0; player.finger_behind_mm = 0");
        row("pluck beyond the middle", "curlew", "player.pluck_from_saddle_mm = 900");
        row("nothing toward the frets", "curlew", "player.pluck_share_down = 0");
        row("free ends", "curlew", "player.end_stiffness = 0");
        row("no bridge", "curlew", "bridge = -");
        row("a tailpiece without a height", "curlew", "bridge.height_mm = -");
        row("thirty-six frets", "curlew", "neck.frets = 36");
        row("a temperament", "curlew",
            "temperament = {\"cents\": [90, 193, 310, 386, 503, 579, 697, 773, 890, 1007, 1083, 1200]}");
        row("weights on two frets", "curlew",
            "saddle.compensation.weights = [1, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 1, 0, 0, 0, 0, 0, 0, 0, 0]");
        row("a common nut", "curlew", "saddle.compensation.nut = \"common\"");
        row("a nut each, by the octave", "teal", "saddle.compensation.nut = \"each\"");
    }
    void odd_but_allowed_jobs_are_solved() {
        QFETCH(QString, job);
        QFETCH(QString, changes);
        const Solution solution = solve(changed(job, changes));
        QVERIFY(all_finite(solution));
        for (const StringSolution& string : solution.strings)
            QVERIFY(string.status == CompensationStatus::solved && string.sound);
    }
    void courses_of_three_and_one_string_alone_are_solved() {
        Value three = demo_document("curlew");
        for (int i = 0; i < 9; ++i)
            three = with(three, "strings[" + std::to_string(i) + "].course", 3 - i / 3);
        three = with(without(three, "strings[9].course"), "strings[9].course", 9);
        const Solution solution = solve(job_of(three).design);
        QVERIFY(all_finite(solution));
        const auto& y = solution.strings;
        for (const std::size_t first : {0U, 3U, 6U}) // 1.9 mm clear inside a course
            for (const std::size_t i : {first, first + 1})
                QVERIFY(std::abs(solution.nut_gaps_mm[i] - 1.9) < 1e-9 &&
                        y[i + 1].line.nut_y_mm > y[i].line.nut_y_mm);

        Value one = demo_document("kittiwake");
        one = with(one, "strings", Value::Array{*find(one, "strings[1]")});
        for (const char* key : {"readings", "nut.posts", "nut.spacing", "saddle.spacing"})
            one = without(one, key);
        one = with(with(one, "nut.spacing.method", "equal_centres"), "saddle.spacing.method", "equal_gaps");
        const Design design = job_of(one).design;
        const Solution alone = solve(design);
        QVERIFY(all_finite(alone) && alone.strings.size() == 1);
        QCOMPARE(alone.straight_saddle.line.slope, 0.0);
        QVERIFY(std::abs(alone.strings[0].action12_mm -
                         0.5 * (design.saddle.action.bass_mm + design.saddle.action.treble_mm)) < 1e-9);
    }
    void the_swing_touches_where_the_headroom_ends() {
        for (const char* name : {"curlew", "kittiwake", "lantern", "teal", "groundswell"}) {
            const Design design = job_of(demo_document(name)).design;
            const Solution solution = solve(design);
            const Neck neck(design.neck);
            for (const StringSolution& string : solution.strings) {
                const Headroom& open = string.headroom[0];
                if (!open.force_n || *open.force_n == 0.0) continue;
                const double length_mm = string.line.saddle_x_mm - string.line.set_forward_mm;
                const auto depth_mm = [&](int fret, double force_n) {
                    const double at = neck.fret_x_mm(fret, string.line.scale_mm) - string.line.set_forward_mm;
                    return force_n * swing_mm_per_n(design.player, length_mm, *string.tension_n(), at);
                };
                // At its headroom the open string just comes to the fret named, and to no other.
                const auto gap = [&](int fret) {
                    return string.open_gaps_mm[static_cast<std::size_t>(fret) - 1];
                };
                QVERIFY2(std::abs(depth_mm(open.fret, *open.force_n) - gap(open.fret)) <
                             1e-4 * gap(open.fret),
                         name);
                for (int n = 1; n <= design.neck.frets; ++n)
                    QVERIFY(depth_mm(n, *open.force_n) <= gap(n) * 1.0001);
                QVERIFY(std::abs(swing_mm_per_n(design.player, length_mm, *string.tension_n(), length_mm)) <
                        1e-12);
            }
        }
    }
    void an_action_at_a_choke_has_no_headroom() {
        const Solution solution = solve(
            changed(QStringLiteral("kittiwake"),
                    QStringLiteral(
                        "neck.fret_offsets_mm = [0, 0, 0, 0, 0, 0, 0, 2, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0]; "
                        "neck.frets = 19; neck.relief = -")));
        for (const StringSolution& string : solution.strings) {
            QCOMPARE(*string.headroom[7].force_n, 0.0); // held at fret 7, it lies on fret 8
            QCOMPARE(string.headroom[7].fret, 8);
            QVERIFY(*string.headroom[8].force_n > 0); // past it, it is free
        }
    }
    void readings_of_nothing_plan_nothing() {
        const Design design = job_of(demo_document("curlew")).design;
        const Solution target = solve(design);
        QVERIFY(!plan(design, target, {}, PlanOrder::neck_saddle_nut));
        ReadingEntry entry;
        entry.strings.resize(10);
        entry.strings[3].open_gap_fret1_mm = 0.5; // a nut number waits for its action number
        QVERIFY(!plan(design, target, {entry}, PlanOrder::neck_saddle_nut));
        ReadingEntry later;
        later.strings.resize(10);
        later.strings[3].action12_mm = 2.4;
        const auto made = plan(design, target, {entry, later}, PlanOrder::neck_saddle_nut);
        QVERIFY(made && made->unread.size() == 9 && made->nut.take_off_mm[3] && !made->nut.take_off_mm[2]);
    }
};

QTEST_APPLESS_MAIN(TestDoubts)
#include "tst_doubts.moc"
