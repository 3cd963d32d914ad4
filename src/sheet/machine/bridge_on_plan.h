#pragma once
// The bridge from above as a machine cuts it: x across from the centreline, y toward the head from the slot's
// centreline on the instrument's [mm].
#include "core/solution/bridge_outline.h"
#include "sheet/drawing/drawing.h"

#include <utility>

namespace fm {

class BridgeOnPlan {
public:
    /// @param design with a bridge, solved @param mirrored for the left-handed
    BridgeOnPlan(const Design& design, const Solution& solution, bool mirrored)
        : design_(design), solution_(solution), sign_(mirrored ? -1.0 : 1.0) {}

    Point on(const PlanPoint& p) const {
        return {sign_ * p.y_mm, solution_.straight_saddle.slot_x_at_centre_mm - p.x_mm};
    }
    /// Curved edges as arcs.
    Path outline() const;
    /// The saddle's slot where it opens: one that leans opens before or behind the crowns' line. Needs a
    /// slot.
    Path slot() const;
    /// Its middle, from end to end.
    std::pair<Point, Point> slot_middle() const;
    /// The outline's front corner at the bass end.
    Point datum() const;

private:
    double mouth_mm() const { return solution_.bridge->mouth_mm.value_or(0.0); }
    Point on_mouth(PlanPoint p) const {
        p.x_mm += mouth_mm();
        return on(p);
    }

    const Design& design_;
    const Solution& solution_;
    double sign_;
};

} // namespace fm
