#include "core/part/bridge_work.h"

#include "core/design/spacing.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

constexpr double degrees = 180.0 / std::numbers::pi;

/// Angles of a string to the board, in front of the saddle and behind it [rad].
struct Slopes {
    double before = 0;
    double behind = 0;
};

double exit_above_top_mm(const BridgeDesign& bridge, std::optional<double> height_mm) {
    if (bridge.anchor != Anchor::pins) return bridge.exit.above_top_mm;
    return height_mm.value_or(0.0) - bridge.pins.ramp_mm;
}

Slopes slopes(const BridgeDesign& bridge, const BridgeStringInput& string, double exit_x_mm,
              std::optional<double> height_mm) {
    const StringLine& line = string.line;
    const double over_top_mm = bridge.plane_above_top_mm + string.ends.saddle_z_mm;
    const double run_mm = (exit_x_mm - line.plan_x_mm(line.saddle_x_mm)) / line.plan_cosine;
    return {std::atan((string.ends.saddle_z_mm - string.ends.nut_z_mm) /
                      (line.saddle_x_mm - line.set_forward_mm)),
            std::atan((over_top_mm - exit_above_top_mm(bridge, height_mm)) / run_mm)};
}

std::vector<PlanPoint> pin_places(const Design& design, const BridgeDesign& bridge,
                                  const StraightSaddle& saddle,
                                  const std::vector<BridgeStringInput>& strings) {
    const Pins& pins = bridge.pins;
    std::vector<double> y_mm;
    if (pins.spacing) {
        const Neck neck(design.neck);
        y_mm = spaced_centres_mm(*pins.spacing, design.strings, neck.half_width_mm(neck.mean_scale_mm()));
    } else {
        for (const BridgeStringInput& string : strings) y_mm.push_back(string.line.saddle_y_mm);
    }
    double mean_slot_mm = 0;
    for (const BridgeStringInput& string : strings)
        mean_slot_mm += saddle.slot_x_mm(string.line.saddle_y_mm) / static_cast<double>(strings.size());
    std::vector<PlanPoint> places;
    for (const double y : y_mm)
        places.push_back({(pins.square ? mean_slot_mm : saddle.slot_x_mm(y)) + pins.behind_mm, y});
    return places;
}

/// The height of the bridge, and by how much the plane misses where it should pass.
void choose_height(const BridgeDesign& bridge, double mean_over_top_mm, BridgeSolution& solution) {
    solution.height_mm = bridge.height_mm;
    if (!bridge.auto_height) return;
    const double needed_mm = mean_over_top_mm - bridge.exposure_target_mm;
    solution.height_mm = std::clamp(needed_mm, bridge.height_min_mm, bridge.height_max_mm);
    solution.plane_off_mm = needed_mm - *solution.height_mm;
}

} // namespace

double turning_moment_nm(const BridgeDesign& bridge, const std::vector<BridgeStringInput>& strings,
                         const std::vector<double>& exit_x_mm, std::optional<double> bridge_height_mm) {
    double moment_nm = 0;
    for (std::size_t i = 0; i < strings.size(); ++i) {
        const double over_top_mm = bridge.plane_above_top_mm + strings[i].ends.saddle_z_mm;
        const Slopes slope = slopes(bridge, strings[i], exit_x_mm[i], bridge_height_mm);
        const double pull = bridge.by_tailpiece() ? std::cos(slope.before) - std::cos(slope.behind) : 1.0;
        moment_nm += strings[i].tension_n.value_or(0.0) * pull * over_top_mm / 1000.0;
    }
    return moment_nm;
}

BridgeSolution bridge_solution(const Design& design, const BridgeDesign& bridge, const StraightSaddle& saddle,
                               const std::vector<BridgeStringInput>& strings) {
    BridgeSolution solution;
    double mean_over_top_mm = 0;
    for (const BridgeStringInput& string : strings)
        mean_over_top_mm +=
            (bridge.plane_above_top_mm + string.ends.saddle_z_mm) / static_cast<double>(strings.size());
    choose_height(bridge, mean_over_top_mm, solution);
    if (bridge.anchor == Anchor::pins) solution.pins = pin_places(design, bridge, saddle, strings);
    if (solution.height_mm && design.saddle.slot_depth_mm)
        solution.floor_left_mm = *solution.height_mm - *design.saddle.slot_depth_mm;
    if (bridge.neck_pocket && solution.plane_off_mm != 0.0)
        solution.neck_packing_mm = solution.plane_off_mm * -bridge.neck_pocket->length_mm /
                                   (saddle.slot_x_at_centre_mm - bridge.neck_pocket->pivot_x_mm);
    std::vector<double> exits_mm;
    for (std::size_t i = 0; i < strings.size(); ++i) {
        const double y_mm = strings[i].line.saddle_y_mm;
        BridgeString at;
        at.exit_x_mm = bridge.anchor == Anchor::pins ? solution.pins[i].x_mm - 0.5 * bridge.pins.hole_mm
                                                     : saddle.slot_x_mm(y_mm) + bridge.exit.behind_mm;
        exits_mm.push_back(at.exit_x_mm);
        at.height_over_top_mm = bridge.plane_above_top_mm + strings[i].ends.saddle_z_mm;
        if (solution.height_mm) at.exposure_mm = at.height_over_top_mm - *solution.height_mm;
        if (at.exposure_mm && design.saddle.slot_depth_mm)
            at.saddle_height_mm = *design.saddle.slot_depth_mm - design.saddle.under_mm + *at.exposure_mm;
        const Slopes slope = slopes(bridge, strings[i], at.exit_x_mm, solution.height_mm);
        const double bend = slope.before + slope.behind;
        const double tension_n = strings[i].tension_n.value_or(0.0);
        at.break_angle_deg = bend * degrees;
        at.slope_before_deg = slope.before * degrees;
        at.slope_behind_deg = slope.behind * degrees;
        at.force_n = 2.0 * tension_n * std::sin(0.5 * bend);
        at.down_force_n = tension_n * (std::sin(slope.before) + std::sin(slope.behind));
        at.toward_nut_force_n = tension_n * (std::cos(slope.before) - std::cos(slope.behind));
        solution.strings.push_back(at);
    }
    solution.moment_nm = turning_moment_nm(bridge, strings, exits_mm, solution.height_mm);
    return solution;
}

} // namespace fm
