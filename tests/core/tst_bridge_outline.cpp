#include "common/jobs.h"
#include "core/solution/bridge_outline.h"

#include <QTest>

#include <cmath>
#include <numbers>

using namespace fm;
using namespace fm::test;

namespace {

/// Area by the shoelace rule.
double area_mm2(const std::vector<PlanPoint>& points) {
    double twice = 0;
    for (std::size_t i = 0; i < points.size(); ++i) {
        const PlanPoint& a = points[i];
        const PlanPoint& b = points[(i + 1) % points.size()];
        twice += a.x_mm * b.y_mm - b.x_mm * a.y_mm;
    }
    return 0.5 * std::abs(twice);
}

} // namespace

class TestBridgeOutline : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() {
        design_ = job_of(demo_document("kittiwake")).design;
        solution_ = solve(design_);
    }
    void areas_are_those_of_the_forms() {
        const auto area = [&](const BridgeOutline& outline) {
            return area_mm2(outline_points(outline, solution_));
        };
        QVERIFY(std::abs(area({BridgeForm::straight, 100, 30, 10, 0, 0, 0}) - 3000) < 1e-9);
        QVERIFY(std::abs(area({BridgeForm::waisted, 100, 30, 10, 40, 20, 0}) - (40 * 30 + 60 * 20)) < 1e-9);
        // A cosine over the length adds 2/π of its height times the length.
        QVERIFY(std::abs(area({BridgeForm::bellied, 100, 30, 10, 0, 0, 6}) -
                         (3000 + 6 * 100 * 2 / std::numbers::pi)) < 0.2);
    }
    void the_middle_is_under_the_strings_and_the_front_before_the_slot() {
        const BridgeOutline outline{BridgeForm::straight, 100, 30, 10, 0, 0, 0};
        const auto points = outline_points(outline, solution_);
        const double middle =
            0.5 * (solution_.strings.front().line.saddle_y_mm + solution_.strings.back().line.saddle_y_mm);
        QVERIFY(std::abs(points[0].y_mm + points[1].y_mm - 2 * middle) < 1e-9);
        QVERIFY(std::abs(solution_.straight_saddle.slot_x_mm(middle) - points[0].x_mm - 10) < 1e-9);
    }
    void the_slot_has_its_length_thickness_and_angle() {
        const auto corners = slot_corners(design_, solution_);
        const auto distance = [&](std::size_t a, std::size_t b) {
            return std::hypot(corners[a].x_mm - corners[b].x_mm, corners[a].y_mm - corners[b].y_mm);
        };
        QVERIFY(std::abs(distance(0, 1) - solution_.saddle.length_mm) < 1e-9);
        QVERIFY(std::abs(distance(1, 2) - design_.saddle.thickness_mm) < 1e-9);
        // Its centreline is the slot's line of the solution.
        for (const auto& [a, b] : {std::pair{0, 3}, std::pair{1, 2}}) {
            const auto& p = corners[static_cast<std::size_t>(a)];
            const auto& q = corners[static_cast<std::size_t>(b)];
            QVERIFY(std::abs(0.5 * (p.x_mm + q.x_mm) -
                             solution_.straight_saddle.slot_x_mm(0.5 * (p.y_mm + q.y_mm))) < 1e-9);
        }
        for (const StringSolution& string : solution_.strings) { // and every crown lies in it
            const double x = string.line.plan_x_mm(string.line.saddle_x_mm);
            QVERIFY(within_outline(corners, {x, string.line.saddle_y_mm}));
        }
    }
    void within_counts_the_edge() {
        const std::vector<PlanPoint> square{{0, 0}, {0, 10}, {10, 10}, {10, 0}};
        for (const PlanPoint& in : {PlanPoint{5, 5}, PlanPoint{0, 5}, PlanPoint{10, 10}, PlanPoint{0, 0}})
            QVERIFY(within_outline(square, in));
        for (const PlanPoint& out : {PlanPoint{-0.01, 5}, PlanPoint{5, 10.01}, PlanPoint{11, 11}})
            QVERIFY(!within_outline(square, out));
    }
    void drawn_without_one_it_holds_slot_and_pins() {
        for (unsigned seed = 1; seed <= 300; ++seed) {
            const Design design = job_of(RandomJob(seed).document()).design;
            const Solution solution = solve(design);
            const auto outline = outline_points(shown_outline(design, solution), solution);
            if (design.neck.fanned()) continue; // a slanted slot may ask for a form of its own
            for (const PlanPoint& corner : slot_corners(design, solution))
                QVERIFY(within_outline(outline, corner));
            if (solution.bridge && !design.bridge->pins.spacing)
                for (const PlanPoint& pin : solution.bridge->pins) QVERIFY(within_outline(outline, pin));
        }
    }

private:
    Design design_;
    Solution solution_;
};

QTEST_APPLESS_MAIN(TestBridgeOutline)
#include "tst_bridge_outline.moc"
