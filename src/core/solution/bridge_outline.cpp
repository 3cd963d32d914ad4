#include "core/solution/bridge_outline.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

double middle_y_mm(const Solution& solution) {
    return 0.5 * (solution.strings.front().line.saddle_y_mm + solution.strings.back().line.saddle_y_mm);
}

} // namespace

BridgeOutline shown_outline(const Design& design, const Solution& solution) {
    if (design.bridge && design.bridge->outline) return *design.bridge->outline;
    constexpr double wood_mm = 8; // around slot and pins
    BridgeOutline plain;
    plain.length_mm = std::ceil((solution.saddle.length_mm + 4 * wood_mm) / 5) * 5;
    double front_mm = 0;
    double back_mm = 0;
    const double at_mm = solution.straight_saddle.slot_x_mm(middle_y_mm(solution));
    for (const PlanPoint& corner : saddle_corners(design, solution)) {
        front_mm = std::max(front_mm, at_mm - corner.x_mm);
        back_mm = std::max(back_mm, corner.x_mm - at_mm);
    }
    if (design.bridge && solution.bridge)
        for (const PlanPoint& pin : solution.bridge->pins)
            back_mm = std::max(back_mm, pin.x_mm - at_mm + 0.5 * design.bridge->pins.hole_mm);
    if (design.bridge && (design.bridge->anchor == Anchor::tie || design.bridge->anchor == Anchor::hole))
        back_mm = std::max(back_mm, design.bridge->exit.behind_mm);
    plain.front_mm = std::ceil(front_mm + wood_mm);
    plain.width_mm = plain.front_mm + std::ceil(back_mm + wood_mm);
    return plain;
}

double front_edge_mm(const BridgeOutline& outline, const Solution& solution) {
    return solution.straight_saddle.slot_x_mm(middle_y_mm(solution)) - outline.front_mm;
}

std::vector<PlanPoint> outline_points(const BridgeOutline& outline, const Solution& solution,
                                      int belly_pieces) {
    const double y = middle_y_mm(solution);
    const double front = front_edge_mm(outline, solution);
    const double back = front + outline.width_mm;
    const double half = 0.5 * outline.length_mm;
    switch (outline.form) {
    case BridgeForm::straight: break;
    case BridgeForm::waisted: {
        const double middle = 0.5 * outline.middle_mm;
        const double in = 0.5 * (outline.width_mm - outline.wing_width_mm);
        return {{front, y - middle},    {front, y + middle},    {front + in, y + middle},
                {front + in, y + half}, {back - in, y + half},  {back - in, y + middle},
                {back, y + middle},     {back, y - middle},     {back - in, y - middle},
                {back - in, y - half},  {front + in, y - half}, {front + in, y - middle}};
    }
    case BridgeForm::bellied: {
        std::vector<PlanPoint> points{{front, y - half}, {front, y + half}};
        for (int i = 0; i <= belly_pieces; ++i) {
            const double share = 1.0 - 2.0 * i / belly_pieces;
            points.push_back(
                {back + outline.belly_mm * std::cos(0.5 * std::numbers::pi * share), y + share * half});
        }
        return points;
    }
    }
    return {{front, y - half}, {front, y + half}, {back, y + half}, {back, y - half}};
}

bool within_outline(const std::vector<PlanPoint>& outline, const PlanPoint& point) {
    constexpr double edge_mm = 1e-9; // a point on the edge counts, rounding included
    bool inside = false;
    for (std::size_t i = 0; i < outline.size(); ++i) {
        const PlanPoint& a = outline[i];
        const PlanPoint& b = outline[(i + 1) % outline.size()];
        const double run_x = b.x_mm - a.x_mm;
        const double run_y = b.y_mm - a.y_mm;
        const double length = std::hypot(run_x, run_y);
        const double off = run_x * (point.y_mm - a.y_mm) - run_y * (point.x_mm - a.x_mm);
        const double along = run_x * (point.x_mm - a.x_mm) + run_y * (point.y_mm - a.y_mm);
        if (std::abs(off) <= edge_mm * length && along >= 0 && along <= length * length) return true;
        if ((a.y_mm > point.y_mm) == (b.y_mm > point.y_mm)) continue;
        if (point.x_mm < a.x_mm + run_x * (point.y_mm - a.y_mm) / run_y) inside = !inside;
    }
    return inside;
}

std::vector<PlanPoint> slot_corners(const Design& design, const Solution& solution) {
    const double middle = solution.saddle.middle_mm;
    const double half = 0.5 * solution.saddle.length_mm;
    const double angle = solution.straight_saddle.line.angle_deg * std::numbers::pi / 180.0;
    const double deep = 0.5 * design.saddle.thickness_mm;
    std::vector<PlanPoint> corners;
    for (const auto& [along, off] : {std::pair{middle - half, -deep}, std::pair{middle + half, -deep},
                                     std::pair{middle + half, deep}, std::pair{middle - half, deep}})
        corners.push_back(
            {solution.straight_saddle.slot_x_at_centre_mm + along * std::sin(angle) + off * std::cos(angle),
             along * std::cos(angle) - off * std::sin(angle)});
    return corners;
}

std::vector<std::vector<PlanPoint>> saddle_places(const Design& design, const Solution& solution) {
    constexpr double half_saddle_mm = 3; // beyond its outer strings
    constexpr double half_crown_mm = 3;  // along the strings, where no travel is known
    std::vector<std::vector<PlanPoint>> places;
    if (!solution.single) return places;
    for (const SharedSaddle& saddle : saddles_of(design)) {
        const double low_y = solution.strings[saddle.first].line.saddle_y_mm - half_saddle_mm;
        const double high_y = solution.strings[saddle.last].line.saddle_y_mm + half_saddle_mm;
        const auto at = [&](double y_mm, bool far) {
            if (solution.single->edge && design.saddle.travel)
                return PlanPoint{solution.single->edge->x_mm(y_mm) +
                                     (far ? design.saddle.travel->most_mm : design.saddle.travel->least_mm),
                                 y_mm};
            const double crown_mm = solution.single->strings[saddle.first].crown_x_mm;
            return PlanPoint{crown_mm + (far ? half_crown_mm : -half_crown_mm), y_mm};
        };
        places.push_back({at(low_y, false), at(high_y, false), at(high_y, true), at(low_y, true)});
    }
    return places;
}

std::vector<PlanPoint> saddle_corners(const Design& design, const Solution& solution) {
    if (!solution.single) return slot_corners(design, solution);
    std::vector<PlanPoint> corners;
    for (const std::vector<PlanPoint>& place : saddle_places(design, solution))
        corners.insert(corners.end(), place.begin(), place.end());
    return corners;
}

} // namespace fm
