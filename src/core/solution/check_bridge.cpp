#include "core/solution/bridge_outline.h"
#include "core/solution/check_parts.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

void doubt_exit(const Design& design, std::size_t i, const Solution& solution, std::vector<Message>& out) {
    const BridgeDesign& bridge = *design.bridge;
    const bool pinned = bridge.anchor == Anchor::pins;
    const StringLine& line = solution.strings[i].line;
    const double behind_crown_mm = solution.bridge->strings[i].exit_x_mm - line.plan_x_mm(line.saddle_x_mm);
    if (behind_crown_mm > 0) return;
    const double behind_mm = pinned ? bridge.pins.behind_mm : bridge.exit.behind_mm;
    out.push_back({"exit_before_crown",
                   Severity::error,
                   pinned ? "bridge.pins.behind_mm" : "bridge.exit.behind_mm",
                   {design.string_name(i), LengthMm{behind_mm}, LengthMm{behind_mm - behind_crown_mm}}});
}

void doubt_string_at_bridge(const Design& design, std::size_t i, const BridgeString& string,
                            std::vector<Message>& out) {
    const BridgeDesign& bridge = *design.bridge;
    const std::string name = design.string_name(i);
    const std::string where = key_of_string(i);
    if (string.exposure_mm && *string.exposure_mm < 0)
        out.push_back(
            {"exposure_below_zero", Severity::error, where, {name, LengthMm{-*string.exposure_mm}}});
    const auto& slot_mm = design.saddle.slot_depth_mm;
    if (design.has_slot() && string.exposure_mm && slot_mm && *slot_mm < *string.exposure_mm)
        out.push_back({"slot_too_shallow",
                       Severity::warning,
                       where,
                       {name, LengthMm{*string.exposure_mm}, LengthMm{*slot_mm}}});
    if (string.break_angle_deg < bridge.break_angle_min_deg)
        out.push_back({"break_angle_shallow",
                       Severity::warning,
                       where,
                       {name, AngleDeg{string.break_angle_deg}, AngleDeg{bridge.break_angle_min_deg}}});
}

constexpr double least_wood_mm = 1; // between what is cut, and before an edge

/// From a point to the piece of a line.
double apart_mm(const PlanPoint& p, const PlanPoint& a, const PlanPoint& b) {
    const double run_x = b.x_mm - a.x_mm;
    const double run_y = b.y_mm - a.y_mm;
    const double length2 = run_x * run_x + run_y * run_y;
    const double along = (p.x_mm - a.x_mm) * run_x + (p.y_mm - a.y_mm) * run_y;
    const double t = length2 == 0 ? 0.0 : std::clamp(along / length2, 0.0, 1.0);
    return std::hypot(p.x_mm - a.x_mm - t * run_x, p.y_mm - a.y_mm - t * run_y);
}

double to_edge_mm(const PlanPoint& p, const std::vector<PlanPoint>& around) {
    double least = 1e9;
    for (std::size_t i = 0; i < around.size(); ++i)
        least = std::min(least, apart_mm(p, around[i], around[(i + 1) % around.size()]));
    return least;
}

/// What the outline does not hold, or hardly.
void doubt_outline(const Design& design, const Solution& solution, std::vector<Message>& out) {
    const std::vector<PlanPoint> outline = outline_points(*design.bridge->outline, solution);
    const auto inside = [&](const PlanPoint& point) { return within_outline(outline, point); };
    const std::vector<PlanPoint> slot = slot_corners(design, solution);
    if (design.has_slot() && !std::all_of(slot.begin(), slot.end(), inside))
        out.push_back({"slot_outside_bridge", Severity::warning, "bridge.outline", {}});
    else if (design.has_slot()) {
        double wood_mm = 1e9; // corners of either before the other's sides
        for (const PlanPoint& corner : slot) wood_mm = std::min(wood_mm, to_edge_mm(corner, outline));
        for (const PlanPoint& corner : outline) wood_mm = std::min(wood_mm, to_edge_mm(corner, slot));
        if (wood_mm < least_wood_mm)
            out.push_back({"slot_near_edge", Severity::warning, "bridge.outline", {LengthMm{wood_mm}}});
    }
    const double r = 0.5 * design.bridge->pins.hole_mm;
    for (std::size_t i = 0; i < solution.bridge->pins.size(); ++i) {
        const PlanPoint& pin = solution.bridge->pins[i];
        const bool all = inside({pin.x_mm - r, pin.y_mm}) && inside({pin.x_mm + r, pin.y_mm}) &&
                         inside({pin.x_mm, pin.y_mm - r}) && inside({pin.x_mm, pin.y_mm + r});
        if (!all)
            out.push_back(
                {"pin_outside_bridge", Severity::warning, "bridge.outline", {design.string_name(i)}});
        else if (const double wood_mm = to_edge_mm(pin, outline) - r; wood_mm < least_wood_mm)
            out.push_back({"pin_near_edge",
                           Severity::warning,
                           "bridge.outline",
                           {design.string_name(i), LengthMm{wood_mm}}});
    }
}

/// A height that is given is held to the same limits as one that is found.
void doubt_height(const Design& design, const BridgeSolution& bridge, std::vector<Message>& out) {
    const BridgeDesign& wanted = *design.bridge;
    if (wanted.auto_height || !(design.has_slot() || wanted.height_limits_given)) return;
    std::optional<double> least_mm;
    std::optional<double> most_mm;
    for (const BridgeString& string : bridge.strings) {
        if (!string.bridge_height_mm) return;
        least_mm = std::min(least_mm.value_or(1e9), *string.bridge_height_mm);
        most_mm = std::max(most_mm.value_or(-1e9), *string.bridge_height_mm);
    }
    const auto doubt = [&](const char* id, double mm, double limit_mm) {
        out.push_back({id, Severity::warning, "bridge.height_mm", {LengthMm{mm}, LengthMm{limit_mm}}});
    };
    if (*least_mm < wanted.height_min_mm) doubt("bridge_low", *least_mm, wanted.height_min_mm);
    if (*most_mm > wanted.height_max_mm) doubt("bridge_high", *most_mm, wanted.height_max_mm);
}

/// Holes that meet one another or the slot, or nearly.
void doubt_pins(const Design& design, const Solution& solution, std::vector<Message>& out) {
    const std::vector<PlanPoint>& pins = solution.bridge->pins;
    for (std::size_t i = 0; i + 1 < pins.size(); ++i) {
        const double wood_mm = std::hypot(pins[i + 1].x_mm - pins[i].x_mm, pins[i + 1].y_mm - pins[i].y_mm) -
                               design.bridge->pins.hole_mm;
        if (wood_mm < least_wood_mm)
            out.push_back({"pins_meet",
                           wood_mm <= 0 ? Severity::error : Severity::warning,
                           "bridge.pins.hole_mm",
                           {design.string_name(i), design.string_name(i + 1), LengthMm{wood_mm}}});
    }
    if (!design.has_slot()) return;
    const std::vector<PlanPoint> slot = slot_corners(design, solution);
    for (std::size_t i = 0; i < pins.size(); ++i) {
        const double sign = within_outline(slot, pins[i]) ? -1.0 : 1.0;
        const double wood_mm = sign * to_edge_mm(pins[i], slot) - 0.5 * design.bridge->pins.hole_mm;
        if (wood_mm < least_wood_mm)
            out.push_back({"pin_meets_slot",
                           wood_mm <= 0 ? Severity::error : Severity::warning,
                           "bridge.pins.behind_mm",
                           {design.string_name(i), LengthMm{wood_mm}}});
    }
}

/// Strings that share a saddle stand no further from one another; of the widest spacings a little under it.
constexpr double shared_apart_mm = 25;

void doubt_single_saddles(const Design& design, const Solution& solution, std::vector<Message>& out) {
    if (!solution.single) return;
    const SaddleDesign& saddle = design.saddle;
    for (const std::size_t i : solution.single->out_of_reach)
        out.push_back({"travel_too_short", Severity::error, key_of_string(i), {design.string_name(i)}});
    for (const SharedSaddle& shared : saddle.groups)
        for (std::size_t i = shared.first; i < shared.last; ++i) {
            const double apart_mm =
                solution.strings[i + 1].line.saddle_y_mm - solution.strings[i].line.saddle_y_mm;
            if (apart_mm > shared_apart_mm)
                out.push_back({"shared_saddle_wide",
                               Severity::warning,
                               "saddle.groups",
                               {design.string_name(i), design.string_name(i + 1), LengthMm{apart_mm}}});
        }
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const std::optional<double>& from_edge_mm = solution.single->strings[i].from_edge_mm;
        if (!from_edge_mm) continue;
        const auto doubt = [&](const char* id, double limit_mm) {
            out.push_back({id,
                           Severity::warning,
                           key_of_string(i),
                           {design.string_name(i), LengthMm{*from_edge_mm}, LengthMm{limit_mm}}});
        };
        if (saddle.travel_screw_mm && *from_edge_mm > *saddle.travel_screw_mm)
            doubt("crown_past_screw", *saddle.travel_screw_mm);
        if (saddle.travel_spring_mm && *from_edge_mm < *saddle.travel_spring_mm)
            doubt("crown_in_spring", *saddle.travel_spring_mm);
    }
}

/// Posts or wheels within the outer strings.
void doubt_posts(const Design& design, const Solution& solution, std::vector<Message>& out) {
    const SaddleDesign& saddle = design.saddle;
    if (!saddle.by_two_screws() || !saddle.screws_across_mm) return;
    const double bass_mm = solution.strings.front().line.saddle_y_mm;
    const double treble_mm = solution.strings.back().line.saddle_y_mm;
    const auto doubt = [&](const char* key, double post_mm, double string_mm) {
        out.push_back(
            {"posts_within_strings", Severity::warning, key, {LengthMm{post_mm}, LengthMm{string_mm}}});
    };
    if (saddle.screws_across_mm->bass_mm > bass_mm)
        doubt("saddle.screws_across_mm.bass", saddle.screws_across_mm->bass_mm, bass_mm);
    if (saddle.screws_across_mm->treble_mm < treble_mm)
        doubt("saddle.screws_across_mm.treble", saddle.screws_across_mm->treble_mm, treble_mm);
}

} // namespace

void doubt_saddle_and_bridge(const Design& design, const Solution& solution, std::vector<Message>& out) {
    const StraightSaddle& saddle = solution.straight_saddle;
    if (design.has_slot() && !saddle.fits)
        out.push_back({"saddle_too_thin",
                       Severity::warning,
                       "saddle.thickness_mm",
                       {LengthMm{saddle.crown_span_mm + 2.0 * design.saddle.crown_edge_mm},
                        LengthMm{design.saddle.thickness_mm}}});
    doubt_single_saddles(design, solution, out);
    doubt_posts(design, solution, out);
    if (!design.bridge || !solution.bridge) return;
    const BridgeSolution& bridge = *solution.bridge;
    if (bridge.plane_off_mm != 0.0)
        out.push_back({bridge.plane_off_mm > 0 ? "plane_too_high" : "plane_too_low",
                       Severity::warning,
                       "bridge.plane_above_top_mm",
                       {LengthMm{std::abs(bridge.plane_off_mm)}, LengthMm{*bridge.height_mm}}});
    doubt_height(design, bridge, out);
    if (bridge.floor_left_mm && *bridge.floor_left_mm < design.bridge->floor_min_mm)
        out.push_back({"floor_under_slot",
                       Severity::warning,
                       "saddle.slot_depth_mm",
                       {LengthMm{*bridge.floor_left_mm}, LengthMm{design.bridge->floor_min_mm}}});
    if (design.bridge->outline) doubt_outline(design, solution, out);
    doubt_pins(design, solution, out);
    doubt_top(design, solution, out);
    for (std::size_t i = 0; i < bridge.strings.size(); ++i) {
        doubt_exit(design, i, solution, out);
        doubt_string_at_bridge(design, i, bridge.strings[i], out);
    }
}

} // namespace fm
