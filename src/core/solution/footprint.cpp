#include "core/solution/footprint.h"

#include "core/solution/bridge_outline.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

struct Span {
    double low = 0;
    double high = 0;
};

/// Whether an outline holds another: its corners, and the middles between them.
bool covers(const std::vector<PlanPoint>& cover, const std::vector<PlanPoint>& outline) {
    for (std::size_t i = 0; i < outline.size(); ++i) {
        const PlanPoint& a = outline[i];
        const PlanPoint& b = outline[(i + 1) % outline.size()];
        if (!within_outline(cover, a)) return false;
        if (!within_outline(cover, {0.5 * (a.x_mm + b.x_mm), 0.5 * (a.y_mm + b.y_mm)})) return false;
    }
    return true;
}

struct Box {
    Span x;
    Span y;
};

Box box_of(const std::vector<PlanPoint>& points) {
    Box box{{1e9, -1e9}, {1e9, -1e9}};
    for (const PlanPoint& p : points) {
        box.x = {std::min(box.x.low, p.x_mm), std::max(box.x.high, p.x_mm)};
        box.y = {std::min(box.y.low, p.y_mm), std::max(box.y.high, p.y_mm)};
    }
    return box;
}

/// Whether a round hole lies within an outline.
bool holds(const std::vector<PlanPoint>& outline, const PlanPoint& middle, double hole_mm) {
    constexpr int around = 32;
    for (int i = 0; i < around; ++i) {
        const double angle = 2.0 * std::numbers::pi * i / around;
        if (!within_outline(outline, {middle.x_mm + 0.5 * hole_mm * std::cos(angle),
                                      middle.y_mm + 0.5 * hole_mm * std::sin(angle)}))
            return false;
    }
    return true;
}

double apart_mm(const PlanPoint& a, const PlanPoint& b) {
    return std::hypot(a.x_mm - b.x_mm, a.y_mm - b.y_mm);
}

} // namespace

std::vector<PlanPoint> old_print(const Design& design, const Solution& solution) {
    BridgeOutline old = *design.bridge->existing->outline;
    old.front_mm = 0;
    const double without_it_mm = front_edge_mm(old, solution);
    old.front_mm = without_it_mm - design.bridge->existing->front_x_mm;
    return outline_points(old, solution);
}

PlanPoint hole_place(const PlacedHole& hole, double front_mm) {
    return {front_mm + hole.from_front_mm, hole.across_mm};
}

std::optional<Footprint> footprint(const Design& design, const Solution& solution) {
    constexpr double own_mm = 0.5; // a hole so near is taken again
    const auto& existing = design.bridge->existing;
    if (!existing || !existing->outline) return std::nullopt;
    const std::vector<PlanPoint> print = old_print(design, solution);
    const std::vector<PlanPoint> cover = outline_points(shown_outline(design, solution), solution);
    const Box old = box_of(print);
    const Box now = box_of(cover);
    Footprint made;
    made.front_mm = now.x.low - old.x.low;
    made.back_mm = old.x.high - now.x.high;
    made.bass_mm = now.y.low - old.y.low;
    made.treble_mm = old.y.high - now.y.high;
    made.covered = covers(cover, print);
    for (std::size_t i = 0; i < existing->holes.size(); ++i) {
        const PlacedHole& hole = existing->holes[i];
        const PlanPoint place = hole_place(hole, existing->front_x_mm);
        if (!holds(cover, place, hole.hole_mm)) made.holes_shown.push_back(i);
        for (const PlanPoint& pin : solution.bridge->pins) {
            const double apart = apart_mm(pin, place);
            if (apart <= own_mm || apart >= 0.5 * (hole.hole_mm + design.bridge->pins.hole_mm)) continue;
            made.holes_cut.push_back(i);
            break;
        }
    }
    return made;
}

std::vector<PlanPoint> inside_corners(const Design& design, const Solution& solution) {
    const PlateInside& inside = *design.bridge->plate_inside;
    const double front = front_edge_mm(shown_outline(design, solution), solution) + inside.from_front_mm;
    const double back = front + inside.width_mm;
    const double half = 0.5 * inside.length_mm;
    return {{front, -half}, {front, half}, {back, half}, {back, -half}};
}

std::vector<std::size_t> pins_off_inside(const Design& design, const Solution& solution) {
    std::vector<std::size_t> off;
    if (!design.bridge->plate_inside) return off;
    const std::vector<PlanPoint> inside = inside_corners(design, solution);
    for (std::size_t i = 0; i < solution.bridge->pins.size(); ++i)
        if (!holds(inside, solution.bridge->pins[i], design.bridge->pins.hole_mm)) off.push_back(i);
    return off;
}

} // namespace fm
