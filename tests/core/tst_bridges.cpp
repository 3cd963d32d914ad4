#include "common/jobs.h"
#include "core/design/bridge_kind.h"
#include "core/found/fret_plane.h"
#include "core/solution/bridge_outline.h"
#include "core/solution/solution.h"
#include "job/document/json.h"
#include "job/edits/bridge_edits.h"
#include "job/state/state.h"

#include <QTest>

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <random>

using namespace fm;
using namespace fm::test;

/// Kinds of bridge, pins at equal angles, the fret plane over an old top: docs/mathematics.md, "Saddle and
/// bridge".
class TestBridges : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void pins_at_equal_angles_are_at_equal_angles() {
        int tried = 0;
        for (unsigned seed = 0; tried < 1000; ++seed) {
            const Value random = RandomJob(seed).document();
            if (!find(random, "bridge") || find(random, "bridge.exit")) continue;
            Value document = with(random, "bridge.pins.line", "equal_angle");
            document =
                with(document, "bridge.height_mm", 5.0); // low enough that every string falls behind it
            document = with(document, "bridge.plane_above_top_mm", 9.0);
            const JobResult read = read_job(document);
            if (!read.job) continue;
            ++tried;
            const Design& design = read.job->design;
            const Solution solution = solve(design);
            const double wanted_deg = solution.strings.front().bridge->break_angle_deg;
            double behind_mm = 0;
            for (std::size_t i = 0; i < solution.strings.size(); ++i) {
                QVERIFY2(std::abs(solution.strings[i].bridge->break_angle_deg - wanted_deg) < 1e-8,
                         qPrintable(QString::number(seed)));
                const PlanPoint& pin = solution.bridge->pins[i];
                behind_mm += (pin.x_mm - solution.straight_saddle.slot_x_mm(pin.y_mm)) /
                             static_cast<double>(solution.strings.size());
            }
            QVERIFY2(std::abs(behind_mm - design.bridge->pins.behind_mm) < 1e-8,
                     qPrintable(QString::number(seed)));
            // Looked for by halves: the angle at which the pins stand behind the slot as far as is wanted.
            const auto pin_x_mm = [&](std::size_t i, double angle_deg) {
                const StringSolution& string = solution.strings[i];
                const StringLine& line = string.line;
                const double falls = (angle_deg - string.bridge->slope_before_deg) * std::numbers::pi / 180.0;
                const double drop_mm = string.bridge->height_over_top_mm - 5.0 + design.bridge->pins.ramp_mm;
                return line.plan_x_mm(line.saddle_x_mm) + line.plan_cosine * drop_mm / std::tan(falls) +
                       0.5 * design.bridge->pins.hole_mm;
            };
            double low = 1.5; // the steepest rise to a saddle is less
            double high = 85;
            for (int k = 0; k < 100; ++k) {
                const double middle = 0.5 * (low + high);
                double mean = 0;
                for (std::size_t i = 0; i < solution.strings.size(); ++i)
                    mean += (pin_x_mm(i, middle) -
                             solution.straight_saddle.slot_x_mm(solution.bridge->pins[i].y_mm)) /
                            static_cast<double>(solution.strings.size());
                (mean > design.bridge->pins.behind_mm ? low : high) = middle;
            }
            for (std::size_t i = 0; i < solution.strings.size(); ++i)
                QVERIFY2(std::abs(pin_x_mm(i, low) - solution.bridge->pins[i].x_mm) < 1e-6,
                         qPrintable(QString::number(seed)));
        }
    }

    void a_string_that_does_not_fall_has_pins_along_the_slot() {
        Design design = job_of(demo_document("kittiwake")).design;
        design.bridge->auto_height = false;
        design.bridge->height_mm = 40; // over the strings
        const Solution parallel = solve(design);
        design.bridge->pins.line = PinsLine::equal_angle;
        const Solution equal = solve(design);
        for (std::size_t i = 0; i < equal.bridge->pins.size(); ++i)
            QCOMPARE(equal.bridge->pins[i].x_mm, parallel.bridge->pins[i].x_mm);
    }

    /// Strings put over a top on which the plane is known give that plane again.
    void the_plane_follows_from_the_strings() {
        std::mt19937 random(18);
        const auto number = [&](double least, double most) {
            return std::uniform_real_distribution(least, most)(random);
        };
        for (int k = 0; k < 1000; ++k) {
            const double bass_p = number(2, 15);
            const double treble_p = bass_p + number(-1, 1);
            StringLine bass;
            StringLine treble;
            bass.saddle_y_mm = -number(5, 40);
            treble.saddle_y_mm = number(5, 40);
            const double bass_z = number(1, 6);
            const double treble_z = number(1, 6);
            const FretPlane plane =
                fret_plane({bass_p + bass_z, treble_p + treble_z}, bass, bass_z, treble, treble_z);
            const double share = -bass.saddle_y_mm / (treble.saddle_y_mm - bass.saddle_y_mm);
            QVERIFY(std::abs(plane.at_centre_mm - (bass_p + share * (treble_p - bass_p))) < 1e-9);
            QVERIFY(std::abs(plane.at_bass_mm - bass_p) < 1e-9 &&
                    std::abs(plane.at_treble_mm - treble_p) < 1e-9);
        }
    }

    void a_job_without_a_plane_gets_it_from_what_was_found() {
        Value document = demo_document("kittiwake");
        const Job job = job_of(document);
        Value::Array strings;
        for (std::size_t i = 0; i < job.design.strings.size(); ++i) {
            Value read = with(Value(Value::Object{}), "open_gap_fret1_mm", 0.6);
            strings.push_back(with(read, "action12_mm", 2.9 - 0.1 * static_cast<double>(i)));
        }
        Value entry = with(Value(Value::Object{}), "state", "found");
        entry = with(entry, "strings", strings);
        document = with(document, "readings", Value::Array{entry});
        const Job found = job_of(document);
        const Solution solution = solve(found.design);
        const std::vector<KnownString> known = known_heights(found.design, solution, found.readings);
        constexpr double plane_mm = 8.125;
        Value measured = without(document, "bridge.plane_above_top_mm");
        measured =
            with(measured, "bridge.existing.string_over_top_mm.bass", plane_mm + *known.front().saddle_z_mm);
        measured =
            with(measured, "bridge.existing.string_over_top_mm.treble", plane_mm + *known.back().saddle_z_mm);
        const Job derived = job_of(measured);
        QVERIFY(derived.design.bridge->plane_from_strings);
        QVERIFY(std::abs(derived.design.bridge->plane_above_top_mm - plane_mm) < 1e-9);
        // A later action, of the new saddle, does not move the top.
        Value later = with(Value(Value::Object{}), "state", "left");
        for (Value& string : strings) string = with(string, "action12_mm", 2.0);
        later = with(later, "strings", strings);
        const Job left = job_of(with(measured, "readings", Value::Array{entry, later}));
        QVERIFY(std::abs(left.design.bridge->plane_above_top_mm - plane_mm) < 1e-9);
        // What is given wins; without readings it is asked for.
        const Job given = job_of(with(measured, "bridge.plane_above_top_mm", 7.0));
        QVERIFY(!given.design.bridge->plane_from_strings && given.design.bridge->plane_above_top_mm == 7.0);
        const JobResult unread = read_job(without(measured, "readings"));
        QVERIFY(!unread.job);
        QCOMPARE(unread.problems.front().id, std::string("plane_needs_action"));
    }

    void the_old_bridge_has_its_own_break_and_moment() {
        Value document = demo_document("kittiwake");
        Value::Array strings;
        for (std::size_t i = 0; i < job_of(document).design.strings.size(); ++i) {
            const Value read = with(Value(Value::Object{}), "open_gap_fret1_mm", 0.6);
            strings.push_back(with(read, "action12_mm", 2.9));
        }
        const Value entry = with(with(Value(Value::Object{}), "state", "found"), "strings", strings);
        document = with(document, "readings", Value::Array{entry});
        document = with(document, "bridge.existing.height_mm", 7.0);
        const auto plan_of = [](const Value& with_old) { return *state_of(with_old).state->plan; };
        const Plan same = plan_of(document);
        document = with(document, "bridge.existing.anchor", "tie");
        document = with(document, "bridge.existing.exit.behind_mm", 20.0);
        document = with(document, "bridge.existing.exit.above_top_mm", 6.0);
        const auto state = state_of(document).state;
        const Plan tied = *state->plan;
        QCOMPARE(*tied.moment_found_nm, *same.moment_found_nm); // held at the bridge, both
        for (std::size_t i = 0; i < tied.breaks_found_deg.size(); ++i) {
            const StringLine& line = state->written.strings[i].line;
            const double over_mm =
                state->job.design.bridge->plane_above_top_mm + *state->known[i].saddle_z_mm;
            const double run_mm = state->written.straight_saddle.slot_x_mm(line.saddle_y_mm) + 20.0 -
                                  line.plan_x_mm(line.saddle_x_mm);
            const double rises =
                std::atan((*state->known[i].saddle_z_mm - state->written.strings[i].ends.nut_z_mm) /
                          (line.saddle_x_mm - line.set_forward_mm));
            const double wanted =
                (rises + std::atan((over_mm - 6.0) * line.plan_cosine / run_mm)) * 180.0 / std::numbers::pi;
            QVERIFY(std::abs(tied.breaks_found_deg[i] - wanted) < 1e-9);
            QVERIFY(std::abs(tied.breaks_found_deg[i] - same.breaks_found_deg[i]) > 0.1);
        }
        // Held by a tailpiece hardly anything turned it: what is new is said.
        document = with(document, "bridge.existing.anchor", "tailpiece");
        const auto before = state_of(document).state;
        QVERIFY(std::any_of(before->reading_doubts.begin(), before->reading_doubts.end(),
                            [](const Message& doubt) { return doubt.id == "moment_raised"; }));
        QVERIFY(std::none_of(state->reading_doubts.begin(), state->reading_doubts.end(),
                             [](const Message& doubt) { return doubt.id == "moment_raised"; }));
    }

    void a_straight_saddle_is_a_compensation_of_its_own() {
        for (unsigned seed = 0; seed < 200; ++seed) {
            Value document = without(RandomJob(seed).document(), "saddle.compensation");
            document = with(document, "saddle.compensation.method", "octave");
            Design design = job_of(document).design;
            const Solution octave = solve(design);
            design.saddle.compensation = CompensationMethod::straight;
            const Solution straight = solve(design);
            const SaddleLine& line = octave.straight_saddle.line;
            for (std::size_t i = 0; i < straight.strings.size(); ++i) {
                const StringSolution& string = straight.strings[i];
                QVERIFY(std::abs(string.line.plan_x_mm(string.line.saddle_x_mm) -
                                 line.x_mm(string.line.saddle_y_mm)) < 1e-9);
                QVERIFY(std::abs(straight.straight_saddle.residuals_mm[i]) < 1e-9);
                // What was told it would cost is what it costs.
                const std::vector<double>& told = octave.straight_saddle.cents[i];
                if (string.cents.size() < 12 || told.size() < 12) continue;
                QVERIFY2(std::abs(string.cents[11] - told[11]) < 1e-6, qPrintable(QString::number(seed)));
            }
            // Begun from a neighbour it is the same.
            Design moved = design;
            moved.neck.fret_height_mm += 0.01;
            const SolvedNear near{design, straight};
            const Solution anew = solve(moved);
            const Solution begun = solve(moved, &near);
            for (std::size_t i = 0; i < anew.strings.size(); ++i)
                QVERIFY(std::abs(anew.strings[i].compensation_mm - begun.strings[i].compensation_mm) < 1e-6);
        }
    }

    void a_tapered_bridge_is_straight_between_its_sides() {
        Value document = document_of(QStringLiteral(TEST_DATA "/kinds/pinned.fmjob"));
        const Solution level = solve(job_of(with(document, "bridge.height_mm", 8.5)).design);
        document = with(document, "bridge.height_mm", parse_json(R"({"bass": 9.0, "treble": 8.0})"));
        Design design = job_of(document).design;
        const Solution solution = solve(design);
        QCOMPARE(*solution.bridge->height_mm, 8.5);
        QCOMPARE(*solution.bridge->floor_left_mm, 3.0); // the lower side
        const double bass_y = solution.strings.front().line.saddle_y_mm;
        const double treble_y = solution.strings.back().line.saddle_y_mm;
        for (std::size_t i = 0; i < solution.strings.size(); ++i) {
            const BridgeString& string = *solution.strings[i].bridge;
            const double share = (solution.strings[i].line.saddle_y_mm - bass_y) / (treble_y - bass_y);
            QVERIFY(std::abs(*string.bridge_height_mm - (9.0 - share)) < 1e-9);
            QVERIFY(std::abs(*string.exposure_mm - (string.height_over_top_mm - 9.0 + share)) < 1e-9);
            // A ramp in a higher top leaves less to fall.
            const bool higher = *string.bridge_height_mm > 8.5;
            QCOMPARE(string.break_angle_deg < level.strings[i].bridge->break_angle_deg, higher);
        }
        const auto told = [](const Design& of, const char* id) {
            const Solution solved = solve(of);
            return std::any_of(solved.warnings.begin(), solved.warnings.end(),
                               [id](const Message& message) { return message.id == id; });
        };
        QVERIFY(!told(design, "bridge_low") && !told(design, "bridge_high"));
        design.bridge->height_min_mm = 8.1; // one side is under it
        QVERIFY(told(design, "bridge_low"));
        design.bridge->height_max_mm = 8.9;
        QVERIFY(told(design, "bridge_high"));
        QVERIFY(!read_job(with(document, "bridge.height_mm", parse_json(R"({"bass": 9.0})"))).job);
    }

    void pins_are_told_from_where_a_fence_stands() {
        Value document = document_of(QStringLiteral(TEST_DATA "/kinds/pinned.fmjob"));
        document = with(document, "bridge.pins.taper_deg", 3.0);
        document = with(document, "bridge.pins.pilot_mm", 4.6);
        Design design = job_of(document).design;
        const Solution solution = solve(design);
        const BridgeSolution& bridge = *solution.bridge;
        QCOMPARE(*bridge.slot_from_back_mm, 32.0 - 9.0);
        const double middle_mm =
            0.5 * (solution.strings.front().line.saddle_y_mm + solution.strings.back().line.saddle_y_mm);
        for (std::size_t i = 0; i < bridge.pins.size(); ++i)
            QVERIFY(std::abs(bridge.pins_from_front_mm[i] - (9.0 + 8.5 +
                                                             solution.straight_saddle.line.slope *
                                                                 (bridge.pins[i].y_mm - middle_mm))) < 1e-9);
        // A cone of 3° is 0.6 mm wider so much further down.
        QVERIFY(std::abs(2.0 * *bridge.ream_mm * std::tan(1.5 * std::numbers::pi / 180.0) - 0.6) < 1e-9);
        const auto meets = [](const Solution& solved) {
            return std::any_of(solved.warnings.begin(), solved.warnings.end(),
                               [](const Message& message) { return message.id == "pins_meet"; });
        };
        QVERIFY(!meets(solution));
        design.bridge->pins.hole_mm = 10.2; // strings 11.1 apart
        QVERIFY(meets(solve(design)));
        // Wood before the slot, and before the edges: told by how much of it is left.
        const auto left = [&](const Design& of, const char* id) {
            double least = 1e9;
            for (const Message& message : solve(of).warnings)
                if (message.id == id)
                    least = std::min(least, std::get<LengthMm>(message.arguments.back()).mm);
            return least;
        };
        design.bridge->pins.hole_mm = 5;
        for (const char* id : {"pin_meets_slot", "pin_near_edge", "slot_near_edge"})
            QVERIFY2(left(design, id) == 1e9, id);
        Design close = design;
        close.bridge->pins.behind_mm = 0.5 * design.saddle.thickness_mm + 2.5 + 0.6;
        QVERIFY(std::abs(left(close, "pin_meets_slot") - 0.6) < 0.02);
        close.bridge->pins.behind_mm -= 1.0; // into it
        QVERIFY(std::abs(left(close, "pin_meets_slot") + 0.4) < 0.02);
        Design short_of = design;
        double before_mm = 1e9; // of the slot, to the front edge
        for (const PlanPoint& corner : slot_corners(design, solution))
            before_mm = std::min(before_mm, corner.x_mm - front_edge_mm(*design.bridge->outline, solution));
        short_of.bridge->outline->front_mm -= before_mm - 0.5;
        QVERIFY2(std::abs(left(short_of, "slot_near_edge") - 0.5) < 0.01,
                 qPrintable(QString::number(left(short_of, "slot_near_edge"))));
        Design narrow = design;
        double farthest_mm = 0;
        for (const double mm : solution.bridge->pins_from_front_mm) farthest_mm = std::max(farthest_mm, mm);
        narrow.bridge->outline->width_mm = farthest_mm + 2.5 + 0.4;
        narrow.bridge->outline->belly_mm = 0;
        QVERIFY(std::abs(left(narrow, "pin_near_edge") - 0.4) < 0.02);
        QVERIFY(!read_job(with(document, "bridge.pins.pilot_mm", 5.3)).job); // wider than the hole
    }

    void every_kind_is_made_from_every_other() {
        for (const char* name : {"kittiwake", "curlew", "lantern", "groundswell", "teal"}) {
            Value document = demo_document(name);
            for (std::size_t from = 0; from < words_of(BridgeKind{}).size(); ++from)
                for (std::size_t to = 0; to < words_of(BridgeKind{}).size(); ++to)
                    for (const std::size_t kind : {from, to}) {
                        const Job job = job_of(document);
                        document = with_bridge_kind(document, job.design, solve(job.design),
                                                    static_cast<BridgeKind>(kind));
                        const JobResult read = read_job(document);
                        QVERIFY2(read.job,
                                 read.problems.empty() ? "" : english(read.problems.front()).c_str());
                        if (read.job->design.strings.size() == 1 &&
                            static_cast<BridgeKind>(kind) == BridgeKind::plate_shared)
                            continue;
                        QCOMPARE(kind_of_bridge(read.job->design), static_cast<BridgeKind>(kind));
                    }
            const Job bare = job_of(without_bridge(document));
            QVERIFY(!bare.design.bridge && bare.design.has_slot());
        }
    }

    void each_kind_has_only_what_it_has() {
        for (const std::string_view word : words_of(BridgeKind{})) {
            const Job job = job_of(
                document_of(QStringLiteral(TEST_DATA "/kinds/%1.fmjob")
                                .arg(QLatin1String(word.data(), static_cast<qsizetype>(word.size())))));
            QCOMPARE(std::string(word_of(*kind_of_bridge(job.design))), std::string(word));
            const Solution solution = solve(job.design);
            QVERIFY2(solution.warnings.empty(),
                     solution.warnings.empty() ? "" : english(solution.warnings.front()).c_str());
            const bool slot = job.design.has_slot();
            const bool plate = job.design.bridge->stands == BridgeStands::plate;
            QCOMPARE(solution.placing.by, plate  ? PlacedBy::edge
                                          : slot ? PlacedBy::slot_front
                                                 : PlacedBy::crown_line);
            QCOMPARE(solution.single.has_value(), plate);
            QCOMPARE(solution.notches.empty(), !job.design.bridge->floats());
            QCOMPARE(solution.bridge->pins.empty(), job.design.bridge->anchor != Anchor::pins);
            QCOMPARE(solution.bridge->floor_left_mm.has_value(), slot);
        }
    }
};

QTEST_APPLESS_MAIN(TestBridges)
#include "tst_bridges.moc"
