#include "common/jobs.h"
#include "core/part/bridge_loads.h"
#include "core/solution/bridge_outline.h"
#include "core/solution/check.h"
#include "core/solution/footprint.h"
#include "core/solution/solution.h"
#include "job/document/json.h"
#include "job/edits/bridge_edits.h"

#include <QTest>

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <random>

using namespace fm;
using namespace fm::test;

namespace {

constexpr double degrees = 180.0 / std::numbers::pi;

Value of_kind(const char* kind) {
    return document_of(QStringLiteral(TEST_DATA "/kinds/%1.fmjob").arg(QLatin1String(kind)));
}

/// A force or a place in space: x from the nut, y across, z up.
struct Vector {
    double x = 0;
    double z = 0;
};

bool says(const Design& design, const char* id) {
    const Solution solution = solve(design);
    return std::any_of(solution.warnings.begin(), solution.warnings.end(),
                       [id](const Message& message) { return message.id == id; });
}

/// Whether a point lies in a rectangle square to the centreline, by its sides.
bool within_box(const std::vector<PlanPoint>& corners, double x_mm, double y_mm) {
    return x_mm >= corners[0].x_mm && x_mm <= corners[2].x_mm && y_mm >= corners[0].y_mm &&
           y_mm <= corners[1].y_mm;
}

} // namespace

/// What holds a bridge and what it stands on: docs/mathematics.md, "What holds a bridge".
class TestBridgeHolds : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// The forces as sums of the strings' pulls on either side of the saddle.
    void loads_balance_the_strings() {
        int posts = 0;
        int pins = 0;
        int tailpieces = 0;
        for (const char* kind : {"pinned", "tied", "through", "glued_tailpiece", "floating",
                                 "floating_wheels", "plate", "plate_shared", "posts"}) {
            const Design design = job_of(of_kind(kind)).design;
            const Solution solution = solve(design);
            const BridgeSolution& bridge = *solution.bridge;
            Vector sum;
            double pull_n = 0;
            for (std::size_t i = 0; i < solution.strings.size(); ++i) {
                const double tension_n = *solution.strings[i].tension_n();
                const double before = bridge.strings[i].slope_before_deg / degrees;
                const double behind = bridge.strings[i].slope_behind_deg / degrees;
                const Vector to_nut{-tension_n * std::cos(before), -tension_n * std::sin(before)};
                const Vector to_exit{tension_n * std::cos(behind), -tension_n * std::sin(behind)};
                const Vector on_saddle{to_nut.x + to_exit.x, to_nut.z + to_exit.z};
                sum.x += on_saddle.x;
                sum.z += on_saddle.z;
                pull_n += tension_n;
                if (design.bridge->anchor == Anchor::pins) { // from along the fall to straight down
                    const Vector at_hole{-tension_n * std::cos(behind),
                                         tension_n * std::sin(behind) - tension_n};
                    QVERIFY(std::abs(*bridge.strings[i].pin_n - std::hypot(at_hole.x, at_hole.z)) < 1e-9);
                    ++pins;
                }
                if (design.has_slot()) { // along the saddle's own axis, leaning
                    const double lean = design.saddle.lean_deg / degrees;
                    const Vector across{-std::cos(lean), -std::sin(lean)};
                    QVERIFY(std::abs(*bridge.strings[i].tipping_n -
                                     (on_saddle.x * across.x + on_saddle.z * across.z)) < 1e-9);
                }
            }
            if (bridge.posts) {
                const PostLoads& on = *bridge.posts;
                QVERIFY(std::abs(on.bass_down_n + on.treble_down_n + sum.z) < 1e-9);
                QVERIFY(std::abs(on.bass_toward_nut_n + on.treble_toward_nut_n + sum.x) < 1e-9);
                // About the bass post the strings turn as much as the treble post holds against.
                const EdgeMargins& across = *design.saddle.screws_across_mm;
                double turning = 0;
                for (std::size_t i = 0; i < solution.strings.size(); ++i)
                    turning += bridge.strings[i].down_force_n *
                               (solution.strings[i].line.saddle_y_mm - across.bass_mm);
                QVERIFY(std::abs(on.treble_down_n * (across.treble_mm - across.bass_mm) - turning) < 1e-6);
                ++posts;
            }
            if (bridge.tailpiece_n) {
                QVERIFY(std::abs(*bridge.tailpiece_n - pull_n) < 1e-9);
                ++tailpieces;
            }
            QCOMPARE(bridge.tailpiece_n.has_value(), design.bridge->by_tailpiece());
            if (bridge.best_lean_deg) {
                Design leaning = design;
                leaning.saddle.lean_deg = *bridge.best_lean_deg;
                const Solution at_best = solve(leaning);
                double tips_n = 0;
                for (const BridgeString& string : at_best.bridge->strings) tips_n += *string.tipping_n;
                QVERIFY2(std::abs(tips_n) < 1e-9, kind); // in sum nothing tips it
                QVERIFY2(*bridge.best_lean_deg < 0, kind);
            }
            QCOMPARE(bridge.best_lean_deg.has_value(), design.has_slot());
        }
        QVERIFY(posts == 2 && pins >= 6 && tailpieces == 4);
    }

    void screws_share_what_pulls_along_the_top() {
        const Design design = job_of(of_kind("plate")).design;
        QVERIFY(design.bridge->screws && design.bridge->screws->holes.size() == 3);
        const Solution solution = solve(design);
        double along_n = 0;
        for (const StringSolution& string : solution.strings)
            along_n += *string.tension_n() * std::cos(string.bridge->slope_before_deg / degrees);
        QVERIFY(std::abs(3 * *solution.bridge->each_screw_n - along_n) < 1e-9);
        QCOMPARE(*solution.bridge->drill_depth_mm,
                 design.bridge->screws->length_mm - design.bridge->screws->through_mm);
    }

    /// Three gaps under a straightedge over a round top give its radius again.
    void feet_follow_three_readings() {
        std::mt19937 random(5);
        const auto number = [&](double least, double most) {
            return std::uniform_real_distribution(least, most)(random);
        };
        for (int k = 0; k < 1000; ++k) {
            const double radius_mm = number(200, 8000);
            Arching level;
            level.half_mm = number(20, 100);
            const double falls_mm =
                radius_mm - std::sqrt(radius_mm * radius_mm - level.half_mm * level.half_mm);
            level.middle_mm = number(0, 2);
            level.bass_mm = level.treble_mm = level.middle_mm + falls_mm;
            const FeetCurve curve = feet_curve(level);
            QVERIFY(std::abs(curve.rise_mm - falls_mm) < 1e-9);
            QVERIFY(std::abs(*curve.radius_mm / radius_mm - 1) < 1e-6);
            QCOMPARE(curve.tilt_mm, 0.0);
        }
        const FeetCurve hollow = feet_curve({50, 0.1, 0.6, 0.3});
        QVERIFY(hollow.rise_mm < 0 && *hollow.radius_mm < 0 && std::abs(hollow.tilt_mm - 0.2) < 1e-12);
        QVERIFY(!feet_curve({50, 0.4, 0.5, 0.6}).radius_mm); // straight, and aslant
    }

    void a_leaning_slot_is_cut_beside_its_crowns() {
        Design design = job_of(of_kind("pinned")).design;
        design.saddle.lean_deg = 0;
        QVERIFY(!solve(design).bridge->mouth_mm);
        design.saddle.lean_deg = -8;
        const BridgeSolution bridge = *solve(design).bridge;
        double exposure_mm = 0;
        for (const BridgeString& string : bridge.strings) exposure_mm += *string.exposure_mm / 6;
        QVERIFY(std::abs(*bridge.mouth_mm + exposure_mm * std::tan(8 / degrees)) < 1e-9);
    }

    /// The print against the new outline: told side by side, as a search over points of both finds it.
    void the_old_print_is_told() {
        std::mt19937 random(9);
        const auto number = [&](double least, double most) {
            return std::uniform_real_distribution(least, most)(random);
        };
        Design design = job_of(of_kind("pinned")).design;
        int covered = 0;
        for (int k = 0; k < 300; ++k) {
            BridgeOutline old;
            old.form = BridgeForm::straight;
            old.length_mm = number(100, 170);
            old.width_mm = number(15, 40);
            design.bridge->existing->outline = old;
            design.bridge->existing->front_x_mm = *solve(design).bridge->front_x_mm + number(-6, 8);
            const Solution solution = solve(design);
            const Footprint& print = *solution.print;
            const std::vector<PlanPoint> corners = old_print(design, solution);
            QVERIFY(std::abs(corners[0].x_mm - design.bridge->existing->front_x_mm) < 1e-9);
            const std::vector<PlanPoint> cover = outline_points(shown_outline(design, solution), solution);
            bool shows = false;
            double front_mm = -1e9;
            for (int i = 0; i <= 40; ++i)
                for (int j = 0; j <= 120; ++j) {
                    const PlanPoint at{corners[0].x_mm + old.width_mm * i / 40.0,
                                       corners[0].y_mm + old.length_mm * j / 120.0};
                    shows = shows || !within_outline(cover, at);
                    front_mm = std::max(front_mm, *solution.bridge->front_x_mm - at.x_mm);
                }
            QVERIFY2(shows != print.covered, qPrintable(QString::number(k)));
            QVERIFY(std::abs(front_mm - print.front_mm) < 1e-9);
            covered += print.covered;
            QCOMPARE(says(design, "print_front"), print.front_mm >= 0.1);
        }
        QVERIFY(covered > 10 && covered < 290);
    }

    void old_holes_and_the_wood_inside_are_told() {
        Design design = job_of(of_kind("pinned")).design;
        QVERIFY(!says(design, "old_hole_shows") && !says(design, "pin_off_inside"));
        const Solution solution = solve(design);
        // A hole half beside a new one makes a drill run off; one right under it does not.
        const PlanPoint pin = solution.bridge->pins[2];
        PlacedHole& hole = design.bridge->existing->holes[2];
        hole.from_front_mm = pin.x_mm - design.bridge->existing->front_x_mm;
        hole.across_mm = pin.y_mm;
        QVERIFY(!says(design, "old_hole_cut"));
        hole.from_front_mm += 2.5;
        QVERIFY(says(design, "old_hole_cut"));
        hole.from_front_mm = -9;
        QVERIFY(says(design, "old_hole_shows"));
        PlateInside& inside = *design.bridge->plate_inside;
        const std::vector<PlanPoint> corners = inside_corners(design, solution);
        for (const PlanPoint& each : solution.bridge->pins)
            QVERIFY(within_box(corners, each.x_mm + 0.5 * design.bridge->pins.hole_mm, each.y_mm));
        inside.width_mm = solution.bridge->pins.front().x_mm - corners[0].x_mm;
        QVERIFY(says(design, "pin_off_inside"));
    }

    /// Each old hole by itself, a twentieth of a millimetre under the new bridge's front edge and over it.
    void an_old_hole_shows_as_soon_as_it_reaches_out() {
        const Design design = job_of(of_kind("pinned")).design;
        const Solution solution = solve(design);
        const double edge_mm = *solution.bridge->front_x_mm - design.bridge->existing->front_x_mm;
        for (std::size_t i = 0; i < design.bridge->existing->holes.size(); ++i)
            for (const double within_mm : {-0.05, 0.05}) {
                Design moved = design;
                PlacedHole& hole = moved.bridge->existing->holes[i];
                hole.from_front_mm = edge_mm + 0.5 * hole.hole_mm + within_mm;
                const auto shown = footprint(moved, solution)->holes_shown;
                QCOMPARE(shown, within_mm < 0 ? std::vector{i} : std::vector<std::size_t>{});
            }
    }

    void screws_that_meet_or_stand_outside_are_told() {
        Design design = job_of(of_kind("plate")).design;
        QVERIFY(!says(design, "screws_meet") && !says(design, "screw_outside_bridge"));
        auto& holes = design.bridge->screws->holes;
        holes[0].from_front_mm = -3;
        QVERIFY(says(design, "screw_outside_bridge"));
        holes[0] = holes[1];
        QVERIFY(says(design, "screws_meet"));
    }

    /// A kind takes along what it has, and leaves what it has not.
    void another_kind_keeps_only_what_it_has() {
        const auto turned = [](const Value& document, BridgeKind kind) {
            const Design design = job_of(document).design;
            return with_bridge_kind(document, design, solve(design), kind);
        };
        Value pinned = with(of_kind("pinned"), "bridge.gluing", "hot glue");
        const Value tied = turned(pinned, BridgeKind::tied);
        QVERIFY(!find(tied, "bridge.plate_inside") && find(tied, "bridge.gluing"));
        QVERIFY(find(tied, "bridge.existing.outline") && find(tied, "bridge.arching"));
        QVERIFY(!find(turned(pinned, BridgeKind::plate), "bridge.gluing"));
        const Value plate = of_kind("plate");
        QVERIFY(find(turned(plate, BridgeKind::plate_shared), "bridge.screws"));
        QVERIFY(!find(turned(plate, BridgeKind::pinned), "bridge.screws"));
    }

    void what_cannot_be_is_refused() {
        const Value plate = of_kind("plate");
        const auto fault = [](const Value& document) {
            const JobResult read = read_job(document);
            return read.job ? std::string("read") : read.problems.front().where;
        };
        QCOMPARE(fault(plate), std::string("read"));
        QCOMPARE(fault(with(plate, "bridge.screws.through_mm", 40.0)),
                 std::string("bridge.screws.through_mm"));
        QCOMPARE(fault(with(plate, "bridge.screws.holes", Value::Array{})),
                 std::string("bridge.screws.holes"));
        QCOMPARE(fault(with(plate, "bridge.screws.holes[1].across_mm", 400.0)),
                 std::string("bridge.screws.holes[1].across_mm"));
        const Value pinned = of_kind("pinned");
        QCOMPARE(fault(with(pinned, "bridge.existing.outline.length_mm", "long")),
                 std::string("bridge.existing.outline.length_mm"));
        QCOMPARE(fault(without(pinned, "bridge.existing.front_x_mm")),
                 std::string("bridge.existing.front_x_mm"));
        QCOMPARE(fault(with(pinned, "bridge.arching.middle_mm", -1.0)),
                 std::string("bridge.arching.middle_mm"));
        QCOMPARE(fault(with(pinned, "bridge.plate_inside.width_mm", 0.0)),
                 std::string("bridge.plate_inside.width_mm"));
    }
};

QTEST_APPLESS_MAIN(TestBridgeHolds)
#include "tst_bridge_holds.moc"
