#pragma once
// The bridge and its place as the maker sees them [mm].
#include "core/solution/bridge_outline.h"
#include "sheet/drawing/drawing.h"

#include <functional>

#include <optional>

namespace fm {

struct BridgeViewOptions {
    bool mirrored = false;
    std::optional<std::size_t> chosen;
    bool part_alone = false; ///< from the side: without what the part is judged by
    double behind_mm = 40;   ///< strings that leave farther behind the slot are broken off here
};

/// From above, the head at the top: outline, slot, pins or exits, strings. x across from the centreline (bass
/// negative, mirrored for the left-handed), y toward the head from the slot's centreline on the instrument's.
Drawing bridge_plan(const Design& design, const Solution& solution, const BridgeViewOptions& options);

/// From the treble side, cut through at the chosen string: x from the slot's centreline toward the tail, y
/// over the soundboard. Needs a bridge.
Drawing bridge_side(const Design& design, const Solution& solution, const BridgeViewOptions& options);

/// How far plan and side reach before and behind the slot's centreline.
struct BridgeReach {
    double before_mm = 0;
    double behind_mm = 0;
};
BridgeReach bridge_reach(const Design& design, const Solution& solution, const BridgeViewOptions& options);

/// The whole board with its outer strings to the saddle, the head to the left: x along from the nut line, y
/// across (treble up, or bass for the left-handed), drawn `stretch` times as large.
Drawing placing_board(const Design& design, const Solution& solution, const BridgeViewOptions& options,
                      double stretch);

/// What carries the strings in plan: the slot, where the single saddles can stand and the edge they are set
/// from, or the line of the crowns where nothing is cut.
std::vector<Path> saddle_paths(const Design& design, const Solution& solution,
                               const std::function<Point(const PlanPoint&)>& on);

/// The saddle's slot with its ends as round as the saddle's. @param on from plan to the drawing, without
/// stretching
Path rounded_slot(const Design& design, const Solution& solution,
                  const std::function<Point(const PlanPoint&)>& on);

} // namespace fm
