// What solid parts are made of; solid/solid_occt.cpp makes them.
#include "sheet/machine/solid.h"

#include "core/solution/nut_plan.h"
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
    return part;
}

} // namespace fm
