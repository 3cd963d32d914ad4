#include "core/placing.h"

#include "core/check.h"

#include <cmath>

namespace fm {

namespace {

/// Where the slot's front edge crosses the line of a string, in plan.
PlanPoint slot_front(const Design& design, const Solution& solution, const StringLine& line) {
    const StraightSaddle& saddle = solution.straight_saddle;
    const double half_mm =
        0.5 * design.saddle.thickness_mm * std::sqrt(1.0 + saddle.line.slope * saddle.line.slope);
    const double nut_x = line.plan_x_mm(line.set_forward_mm);
    const double crown_x = line.plan_x_mm(line.saddle_x_mm);
    const double per_x = (line.saddle_y_mm - line.nut_y_mm) / (crown_x - nut_x);
    const double x =
        (saddle.slot_x_at_centre_mm - half_mm + saddle.line.slope * (line.nut_y_mm - per_x * nut_x)) /
        (1.0 - saddle.line.slope * per_x);
    return {x, line.nut_y_mm + per_x * (x - nut_x)};
}

PlanPoint on_string(const StringLine& line, double x_mm) {
    return {line.plan_x_mm(x_mm), line.y_mm(x_mm)};
}

double distance_mm(const PlanPoint& a, const PlanPoint& b) {
    return std::hypot(a.x_mm - b.x_mm, a.y_mm - b.y_mm);
}

} // namespace

Placing placing(const Design& design, const Solution& solution) {
    const Neck neck(design.neck);
    const StringLine& bass = solution.strings.front().line;
    const StringLine& treble = solution.strings.back().line;
    const auto fret12 = [&](const StringLine& line) {
        return on_string(line, neck.fret_x_mm(12, line.scale_mm));
    };
    const auto nut = [](const StringLine& line) { return on_string(line, line.set_forward_mm); };
    const PlanPoint bass_front = slot_front(design, solution, bass);
    const PlanPoint treble_front = slot_front(design, solution, treble);
    Placing marks;
    marks.bass = {distance_mm(fret12(bass), bass_front), distance_mm(nut(bass), bass_front)};
    marks.treble = {distance_mm(fret12(treble), treble_front), distance_mm(nut(treble), treble_front)};
    marks.diagonal_from_bass_mm = distance_mm(fret12(bass), treble_front);
    marks.diagonal_from_treble_mm = distance_mm(fret12(treble), bass_front);
    return marks;
}

BoardMargins board_margins(const Design& design, const Solution& solution) {
    const Neck neck(design.neck);
    const StringLine& bass = solution.strings.front().line;
    const StringLine& treble = solution.strings.back().line;
    BoardMargins margins;
    for (int fret = 0; fret <= neck.frets(); ++fret) {
        const double x_mm = neck.fret_x_mm(fret, neck.mean_scale_mm());
        margins.bass_mm.push_back(edge_margin_mm(design, neck, bass, Side::bass, x_mm));
        margins.treble_mm.push_back(edge_margin_mm(design, neck, treble, Side::treble, x_mm));
    }
    const double bass_share = bass.share(neck.fret_x_mm(neck.frets(), bass.scale_mm));
    const double treble_share = treble.share(neck.fret_x_mm(neck.frets(), treble.scale_mm));
    margins.balancing_shift_mm =
        (margins.treble_mm.back() - margins.bass_mm.back()) / (bass_share + treble_share);
    return margins;
}

} // namespace fm
