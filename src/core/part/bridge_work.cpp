#include "core/part/bridge_work.h"

#include "core/design/spacing.h"
#include "core/part/bridge_loads.h"
#include "core/string/root.h"
#include "core/words/angle.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

/// Angles of a string to the board, in front of the saddle and behind it [rad].
struct Slopes {
    double before = 0;
    double behind = 0;
};

double exit_above_top_mm(const BridgeDesign& bridge, std::optional<double> height_mm) {
    if (bridge.anchor != Anchor::pins) return bridge.exit.above_top_mm;
    return height_mm.value_or(0.0) - bridge.pins.ramp_mm;
}

double rise(const BridgeStringInput& string) {
    const StringLine& line = string.line;
    return std::atan((string.ends.saddle_z_mm - string.ends.nut_z_mm) /
                     (line.saddle_x_mm - line.set_forward_mm));
}

Slopes slopes(const BridgeDesign& bridge, const BridgeStringInput& string, double exit_x_mm,
              std::optional<double> height_mm) {
    const StringLine& line = string.line;
    const double over_top_mm = bridge.plane_above_top_mm + string.ends.saddle_z_mm;
    const double run_mm = (exit_x_mm - line.plan_x_mm(line.saddle_x_mm)) / line.plan_cosine;
    return {rise(string), std::atan((over_top_mm - exit_above_top_mm(bridge, height_mm)) / run_mm)};
}

/// The bridge's top under every string: level, or straight between the outer strings. Nothing without a
/// height.
std::vector<std::optional<double>> tops_mm(const BridgeDesign& bridge, std::optional<double> height_mm,
                                           const std::vector<BridgeStringInput>& strings) {
    std::vector<std::optional<double>> tops(strings.size(), height_mm);
    if (!bridge.tapered_mm) return tops;
    const double bass_y_mm = strings.front().line.saddle_y_mm;
    const double across_mm = strings.back().line.saddle_y_mm - bass_y_mm;
    for (std::size_t i = 0; i < strings.size(); ++i) {
        const double share = across_mm == 0.0 ? 0.5 : (strings[i].line.saddle_y_mm - bass_y_mm) / across_mm;
        tops[i] =
            bridge.tapered_mm->bass_mm + (bridge.tapered_mm->treble_mm - bridge.tapered_mm->bass_mm) * share;
    }
    return tops;
}

/// How far behind its crown a string leaves that breaks by an angle, in plan [mm]; its change with the angle.
ValueAndSlope run_mm(const BridgeDesign& bridge, const BridgeStringInput& string, double height_mm,
                     double angle) {
    const double drop_mm =
        bridge.plane_above_top_mm + string.ends.saddle_z_mm - (height_mm - bridge.pins.ramp_mm);
    const double behind = angle - rise(string);
    return {string.line.plan_cosine * drop_mm / std::tan(behind),
            -string.line.plan_cosine * drop_mm / std::pow(std::sin(behind), 2)};
}

/// Pins behind the slot so that every string breaks by the same angle; none where no angle does it.
/// @param slot_x_mm where the slot's middle stands at each pin
std::vector<double> equal_angle_pins_mm(const BridgeDesign& bridge,
                                        const std::vector<BridgeStringInput>& strings,
                                        const std::vector<double>& slot_x_mm,
                                        const std::vector<std::optional<double>>& tops) {
    constexpr double nearly = 1e-6; // a string that leaves level, or straight down, leaves nowhere
    double least = 0;
    double most = std::numbers::pi;
    const auto run = [&](std::size_t i, double angle) {
        return run_mm(bridge, strings[i], tops[i].value_or(0.0), angle);
    };
    for (std::size_t i = 0; i < strings.size(); ++i) {
        least = std::max(least, rise(strings[i]) + nearly);
        most = std::min(most, rise(strings[i]) + 0.5 * std::numbers::pi - nearly);
        if (run(i, rise(strings[i]) + 0.1).value <= 0) return {};
    }
    const auto count = static_cast<double>(strings.size());
    const auto pin_x_mm = [&](std::size_t i, double angle) {
        const StringLine& line = strings[i].line;
        return line.plan_x_mm(line.saddle_x_mm) + run(i, angle).value + 0.5 * bridge.pins.hole_mm;
    };
    // The mean distance behind the slot falls as the angle grows.
    const auto off = [&](double angle) {
        ValueAndSlope sum{bridge.pins.behind_mm, 0};
        for (std::size_t i = 0; i < strings.size(); ++i) {
            sum.value -= (pin_x_mm(i, angle) - slot_x_mm[i]) / count;
            sum.slope -= run(i, angle).slope / count;
        }
        return sum;
    };
    const auto angle = bracketed_root(off, 0.5 * (least + most), least, most, 1e-13);
    std::vector<double> pins_x_mm;
    for (std::size_t i = 0; angle && i < strings.size(); ++i) pins_x_mm.push_back(pin_x_mm(i, *angle));
    return pins_x_mm;
}

std::vector<PlanPoint> pin_places(const Design& design, const BridgeDesign& bridge,
                                  const StraightSaddle& saddle, const std::vector<BridgeStringInput>& strings,
                                  const std::vector<std::optional<double>>& tops) {
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
    std::vector<double> slot_x_mm;
    for (const double y : y_mm) slot_x_mm.push_back(saddle.slot_x_mm(y));
    std::vector<double> equal_x_mm;
    if (pins.line == PinsLine::equal_angle)
        equal_x_mm = equal_angle_pins_mm(bridge, strings, slot_x_mm, tops);
    std::vector<PlanPoint> places;
    for (std::size_t i = 0; i < y_mm.size(); ++i) {
        const double along_slot_mm =
            (pins.line == PinsLine::square ? mean_slot_mm : slot_x_mm[i]) + pins.behind_mm;
        places.push_back({equal_x_mm.empty() ? along_slot_mm : equal_x_mm[i], y_mm[i]});
    }
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

BridgeDesign bridge_as_found(const BridgeDesign& bridge, std::optional<double> new_height_mm) {
    BridgeDesign found = bridge;
    found.auto_height = false;
    found.height_mm = new_height_mm;
    if (bridge.existing && bridge.existing->height_mm) found.tapered_mm.reset();
    if (!bridge.existing) return found;
    if (bridge.existing->height_mm) found.height_mm = bridge.existing->height_mm;
    found.anchor = bridge.existing->anchor.value_or(bridge.anchor);
    if (bridge.existing->exit) found.exit = *bridge.existing->exit;
    return found;
}

BridgeSolution bridge_solution(const Design& design, const BridgeDesign& bridge, const StraightSaddle& saddle,
                               const std::vector<BridgeStringInput>& strings) {
    BridgeSolution solution;
    double mean_over_top_mm = 0;
    for (const BridgeStringInput& string : strings)
        mean_over_top_mm +=
            (bridge.plane_above_top_mm + string.ends.saddle_z_mm) / static_cast<double>(strings.size());
    choose_height(bridge, mean_over_top_mm, solution);
    const std::vector<std::optional<double>> tops = tops_mm(bridge, solution.height_mm, strings);
    if (bridge.anchor == Anchor::pins) solution.pins = pin_places(design, bridge, saddle, strings, tops);
    if (bridge.anchor == Anchor::pins && bridge.pins.taper_deg && bridge.pins.pilot_mm)
        solution.ream_mm = (bridge.pins.hole_mm - *bridge.pins.pilot_mm) /
                           (2.0 * std::tan(0.5 * *bridge.pins.taper_deg / degrees));
    if (bridge.screws) solution.drill_depth_mm = bridge.screws->length_mm - bridge.screws->through_mm;
    if (design.has_slot() && solution.height_mm && design.saddle.slot_depth_mm)
        solution.floor_left_mm = **std::min_element(tops.begin(), tops.end()) - *design.saddle.slot_depth_mm;
    if (bridge.neck_pocket && solution.plane_off_mm != 0.0)
        solution.neck_packing_mm = solution.plane_off_mm * -bridge.neck_pocket->length_mm /
                                   (saddle.slot_x_at_centre_mm - bridge.neck_pocket->pivot_x_mm);
    for (std::size_t i = 0; i < strings.size(); ++i) {
        const double y_mm = strings[i].line.saddle_y_mm;
        BridgeString at;
        at.exit_x_mm = bridge.anchor == Anchor::pins ? solution.pins[i].x_mm - 0.5 * bridge.pins.hole_mm
                                                     : saddle.slot_x_mm(y_mm) + bridge.exit.behind_mm;
        at.height_over_top_mm = bridge.plane_above_top_mm + strings[i].ends.saddle_z_mm;
        at.bridge_height_mm = tops[i];
        if (tops[i]) at.exposure_mm = at.height_over_top_mm - *tops[i];
        if (at.exposure_mm && design.saddle.slot_depth_mm && !design.saddle.are_single())
            at.saddle_height_mm = *design.saddle.slot_depth_mm - design.saddle.under_mm + *at.exposure_mm;
        const Slopes slope = slopes(bridge, strings[i], at.exit_x_mm, tops[i]);
        const double bend = slope.before + slope.behind;
        const double tension_n = strings[i].tension_n.value_or(0.0);
        at.break_angle_deg = bend * degrees;
        at.slope_before_deg = slope.before * degrees;
        at.slope_behind_deg = slope.behind * degrees;
        at.force_n = 2.0 * tension_n * std::sin(0.5 * bend);
        at.down_force_n = tension_n * (std::sin(slope.before) + std::sin(slope.behind));
        at.toward_nut_force_n = tension_n * (std::cos(slope.before) - std::cos(slope.behind));
        // Held by a tailpiece a string only presses; held at the bridge it pulls on it.
        const double pull = bridge.by_tailpiece() ? std::cos(slope.before) - std::cos(slope.behind) : 1.0;
        solution.moment_nm += tension_n * pull * at.height_over_top_mm / 1000.0;
        solution.strings.push_back(at);
    }
    add_bridge_loads(design, bridge, strings, solution);
    if (bridge.arching) solution.feet = feet_curve(*bridge.arching);
    return solution;
}

} // namespace fm
