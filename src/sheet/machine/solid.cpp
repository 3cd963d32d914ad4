// What solid parts are made of; solid/solid_occt.cpp makes them.
#include "sheet/machine/solid.h"

#include "core/solution/nut_plan.h"
#include "sheet/machine/bridge_on_plan.h"
#include "sheet/views/nut_views.h"
#include "sheet/views/saddle_views.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

/// Bottom from left to right, top back from right to left.
std::vector<Point> around(const std::vector<Point>& bottom, std::vector<Point> top, double sign) {
    std::vector<Point> profile;
    for (const Point& p : bottom) profile.push_back({sign * p.x, p.y});
    std::reverse(top.begin(), top.end());
    for (const Point& p : top) profile.push_back({sign * p.x, p.y});
    if (sign > 0) return profile;
    // Mirrored: the bottom again from left to right, so that the profile runs the same way round.
    std::reverse(profile.begin(), profile.begin() + static_cast<std::ptrdiff_t>(bottom.size()));
    std::reverse(profile.begin() + static_cast<std::ptrdiff_t>(bottom.size()), profile.end());
    return profile;
}

/// A part counts from its bass end.
void count_from(SolidPart& part, double bass_x_mm) {
    for (Point& p : part.profile) p.x -= bass_x_mm;
    for (SolidPart::Slot& slot : part.slots) slot.x_mm -= bass_x_mm, slot.back_x_mm -= bass_x_mm;
}

} // namespace

SolidPart solid_nut(const Design& design, const Solution& solution, bool mirrored) {
    const double sign = mirrored ? -1.0 : 1.0;
    const NutPlan plan = nut_plan_of(design, solution);
    const double to_y = std::cos(solution.nut_angle_deg * std::numbers::pi / 180.0);
    const auto fall = [&](double x) { return seat_fall_mm(design.nut, x * to_y); };
    SolidPart part;
    const int pieces = design.nut.seat == Seat::curved ? 32 : 1;
    std::vector<Point> bottom;
    for (int i = 0; i <= pieces; ++i) {
        const double x = plan.bass.along_mm + plan.length_mm() * i / pieces;
        bottom.push_back({x, -fall(x)});
    }
    std::vector<Point> top = nut_top_profile(design, solution);
    for (Point& p : top) p.y -= fall(p.x);
    part.profile = around(bottom, std::move(top), sign);
    for (const Point& p : part.profile) part.runs.push_back(sign * plan.run_at(sign * p.x));
    part.bottom_points = bottom.size();
    part.thickness_mm = design.nut.thickness_mm;
    if (design.nut.seat == Seat::angled)
        part.bottom_fall_mm =
            part.thickness_mm * std::tan(design.nut.headstock_angle_deg * std::numbers::pi / 180.0);
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const SlotWork& slot = solution.strings[i].slot;
        part.slots.push_back({sign * slot.along_mm, slot.floor_above_seat_mm - fall(slot.along_mm),
                              slot.width_mm,
                              slot.width_mm * slot_opening_factor(slot_run(design, solution, i)),
                              sign * (slot.along_mm + slot_run(design, solution, i) * part.thickness_mm),
                              slot.floor_back_drop_mm});
    }
    count_from(part, sign * plan.bass.along_mm);
    return part;
}

SolidPart solid_saddle(const Design& design, const Solution& solution, bool mirrored) {
    const double sign = mirrored ? -1.0 : 1.0;
    const SaddleSpan span = saddle_span(solution);
    SolidPart part;
    part.profile =
        around({{span.from_mm, 0.0}, {span.to_mm, 0.0}}, saddle_top_profile(design, solution), sign);
    part.runs.assign(part.profile.size(), 0.0);
    part.thickness_mm = design.saddle.thickness_mm;
    if (solution.notches.empty())
        part.end_radius_mm = std::min(solution.saddle.end_radius_mm, 0.5 * part.thickness_mm);
    for (std::size_t i = 0; i < solution.notches.size(); ++i) {
        const double x = sign * solution.strings[i].saddle_along_mm;
        part.slots.push_back({x, saddle_height_mm(design, solution, i), solution.notches[i].width_mm,
                              solution.notches[i].width_mm, x, 0.0});
    }
    count_from(part, sign * span.from_mm);
    return part;
}

bool is_solid_bridge(const Design& design, const Solution& solution) {
    return design.bridge && design.bridge->stands == BridgeStands::glued && !solution.single &&
           solution.strings.front().bridge && solution.strings.front().bridge->bridge_height_mm;
}

SolidBridge solid_bridge(const Design& design, const Solution& solution, bool mirrored) {
    const BridgeOnPlan plan(design, solution, mirrored);
    const Point datum = plan.datum();
    const auto from_datum = [datum](Point p) { return Point{p.x - datum.x, p.y - datum.y}; };
    const auto path_from_datum = [&](Path path) {
        for (Vertex& v : path.vertices) v.at = from_datum(v.at);
        return path;
    };
    SolidBridge solid;
    solid.outline = path_from_datum(plan.outline());
    const StringSolution& bass = solution.strings.front();
    const StringSolution& treble = solution.strings.back();
    const Point bass_at = from_datum(plan.on({0.0, bass.line.saddle_y_mm}));
    const double across = from_datum(plan.on({0.0, treble.line.saddle_y_mm})).x - bass_at.x;
    const double bass_top = *bass.bridge->bridge_height_mm;
    solid.top_run = across == 0 ? 0.0 : (*treble.bridge->bridge_height_mm - bass_top) / across;
    solid.top_mm = bass_top - solid.top_run * bass_at.x;
    if (design.has_slot() && design.saddle.slot_depth_mm) {
        solid.slot = path_from_datum(plan.slot());
        solid.slot_depth_mm = *design.saddle.slot_depth_mm;
        solid.slot_run = std::tan(design.saddle.lean_deg * std::numbers::pi / 180.0);
    }
    const Pins& pins = design.bridge->pins;
    for (std::size_t i = 0; i < solution.bridge->pins.size(); ++i) {
        const StringSolution& string = solution.strings[i];
        const Point hole = from_datum(plan.on(solution.bridge->pins[i]));
        solid.holes.push_back({hole, 0.5 * pins.drill_mm()});
        const double fall = std::tan(string.bridge->slope_behind_deg * std::numbers::pi / 180.0);
        const StringLine& line = string.line;
        const Point crown = from_datum(plan.on({line.plan_x_mm(line.saddle_x_mm), line.saddle_y_mm}));
        const double run = std::hypot(crown.x - hole.x, crown.y - hole.y);
        if (pins.ramp_mm <= 0 || fall <= 0 || run <= 0) continue;
        const double edge_mm = 0.5 * pins.hole_mm; // the string turns down there, so deep under the top
        const double long_mm = std::min(edge_mm + pins.ramp_mm / fall, run);
        solid.ramps.push_back(
            {{hole.x + (crown.x - hole.x) * long_mm / run, hole.y + (crown.y - hole.y) * long_mm / run},
             hole,
             fall * long_mm,
             design.strings[i].diameter_mm});
    }
    return solid;
}

} // namespace fm
