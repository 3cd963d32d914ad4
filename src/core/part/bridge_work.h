#pragma once
// The bridge: its height over the soundboard, what the strings do to it, and where its pins go.
// Source: docs/mathematics.md, "Saddle and bridge".
#include "core/part/saddle_work.h"

#include <optional>
#include <vector>

namespace fm {

struct PlanPoint {
    double x_mm = 0;
    double y_mm = 0;
};

/// One string at the bridge.
struct BridgeString {
    double height_over_top_mm = 0;          ///< its underside over the soundboard
    std::optional<double> bridge_height_mm; ///< the bridge's top under it
    std::optional<double> exposure_mm;      ///< saddle standing out of the bridge
    std::optional<double> saddle_height_mm; ///< from the slot's floor (or what lies in it) to the string
    double break_angle_deg = 0;
    double slope_before_deg = 0; ///< its rise to the saddle
    double slope_behind_deg = 0; ///< its fall behind it
    double force_n = 0;          ///< on the saddle
    double down_force_n = 0;
    double toward_nut_force_n = 0;
    double exit_x_mm = 0;             ///< where it leaves behind the saddle, in plan
    std::optional<double> tipping_n;  ///< across the slot, at the saddle's lean: + tips it toward the nut
    std::optional<double> pin_n;      ///< where it turns down into its pin's hole
    std::optional<double> bass_share; ///< how far it goes with the bass post: 1 at that post
};

/// What two posts, wheels or screws at the sides bear [N].
struct PostLoads {
    double bass_down_n = 0;
    double treble_down_n = 0;
    double bass_toward_nut_n = 0;
    double treble_toward_nut_n = 0;
};

/// The curve of a top under a bridge's feet, through its three readings.
struct FeetCurve {
    double rise_mm = 0;              ///< of the middle over the places beside it
    double tilt_mm = 0;              ///< how much lower the treble place stands than the bass one
    std::optional<double> radius_mm; ///< below 0: a hollow; none: straight
};

struct BridgeSolution {
    std::optional<double> height_mm;
    double plane_off_mm = 0; ///< auto height: by how much the fret plane misses what the bridge can be
    double moment_nm = 0;
    std::optional<double> floor_left_mm;   ///< wood under the saddle's slot
    std::optional<double> neck_packing_mm; ///< in the pocket, to bring the plane where it belongs
    std::vector<PlanPoint> pins;           ///< empty unless the strings are pinned
    // Where a fence stands at its front edge; nothing without an outline.
    std::vector<double> pins_from_front_mm;
    std::optional<double> slot_from_back_mm; ///< its middle, amid the strings
    /// How far behind the crowns' line the mouth of a leaning slot is cut, in the mean; below 0: before it.
    std::optional<double> mouth_mm;
    std::optional<double> front_x_mm;     ///< the front edge itself, from the nut line
    std::optional<double> drill_depth_mm; ///< in the wood, for its screws
    std::optional<double> ream_mm; ///< how far the reamer goes in from where it first fills the pilot hole
    std::vector<BridgeString> strings;
    std::optional<double> tailpiece_n;  ///< what all strings pull on it
    std::optional<double> each_screw_n; ///< along the top, each screw's share
    std::optional<PostLoads> posts;
    std::optional<FeetCurve> feet;
    /// The lean at which the strings press a saddle straight down its slot; below 0: back.
    std::optional<double> best_lean_deg;
};

/// What a bridge is computed from: strings solved, in plan and height, and their tensions.
struct BridgeStringInput {
    StringLine line;
    EndHeights ends;
    std::optional<double> tension_n;
};
BridgeSolution bridge_solution(const Design& design, const BridgeDesign& bridge, const StraightSaddle& saddle,
                               const std::vector<BridgeStringInput>& strings);

/// The bridge that is there: its own height and anchor where they are known, else the new one's.
BridgeDesign bridge_as_found(const BridgeDesign& bridge, std::optional<double> new_height_mm);

} // namespace fm
