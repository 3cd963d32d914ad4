#include "sheet/machine/bridge_on_plan.h"

#include "sheet/machine/arcs.h"
#include "sheet/machine/kerf.h"
#include "sheet/views/bridge_views.h"

#include <algorithm>

namespace fm {

Path BridgeOnPlan::outline() const {
    constexpr int belly_pieces = 1024; // so that chords add nothing to what arcs are off by
    std::vector<Point> corners;
    for (const PlanPoint& p : outline_points(shown_outline(design_, solution_), solution_, belly_pieces))
        corners.push_back(on(p));
    return fitted_by_arcs(corners, arcs_within_mm);
}

Path BridgeOnPlan::slot() const {
    return rounded_slot(design_, solution_, [this](const PlanPoint& p) { return on_mouth(p); });
}

std::pair<Point, Point> BridgeOnPlan::slot_middle() const {
    const std::vector<PlanPoint> corners = slot_corners(design_, solution_);
    const auto middle = [&](std::size_t a, std::size_t b) {
        return on_mouth(
            {0.5 * (corners[a].x_mm + corners[b].x_mm), 0.5 * (corners[a].y_mm + corners[b].y_mm)});
    };
    return {middle(0, 3), middle(1, 2)};
}

Point BridgeOnPlan::datum() const {
    const BridgeOutline outline = shown_outline(design_, solution_);
    double bass_mm = 1e9;
    for (const PlanPoint& p : outline_points(outline, solution_)) bass_mm = std::min(bass_mm, p.y_mm);
    return on({front_edge_mm(outline, solution_), bass_mm});
}

} // namespace fm
