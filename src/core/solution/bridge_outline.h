#pragma once
// The bridge's outline in plan, by a few plain forms with their own dimensions. It stands square to the
// centreline, its middle under the middle of the strings. Source: docs/mathematics.md, "Outline of the
// bridge".
#include "core/solution/solution.h"

#include <vector>

namespace fm {

/// The outline as given, or a plain straight one around slot and pins.
BridgeOutline shown_outline(const Design& design, const Solution& solution);

/// Where its front edge stands, from the nut line.
double front_edge_mm(const BridgeOutline& outline, const Solution& solution);

/// Its corners in plan, in order around it; curved edges as points closer than a hundredth of a mm.
/// @param belly_pieces of a belly's curve
std::vector<PlanPoint> outline_points(const BridgeOutline& outline, const Solution& solution,
                                      int belly_pieces = 64);

/// Whether a point lies within the outline, its edge included.
bool within_outline(const std::vector<PlanPoint>& outline, const PlanPoint& point);

/// The four corners of the saddle's slot in plan; where none is cut, of as much to either side of the crowns'
/// line.
std::vector<PlanPoint> slot_corners(const Design& design, const Solution& solution);

/// Where each single saddle can stand in plan, its four corners from the bass side of the near end on;
/// without a travel a little to either side of its crown. Of strings that share one, one.
std::vector<std::vector<PlanPoint>> saddle_places(const Design& design, const Solution& solution);

/// The corners of all that the saddle or the saddles need of the bridge.
std::vector<PlanPoint> saddle_corners(const Design& design, const Solution& solution);

} // namespace fm
