#include "core/part/placing.h"

#include <cmath>

namespace fm {

namespace {

struct Place {
    double x_mm;
    double y_mm;
};

/// A line across the instrument, in plan.
struct Across {
    double at_centre_mm;
    double slope;
};

Across measured_to(const Design& design, const StraightSaddle& saddle,
                   const std::optional<ReferenceEdge>& edge, PlacedBy by) {
    const double slope = saddle.line.slope;
    switch (by) {
    case PlacedBy::edge: return {edge->at_centre_mm, edge->slope};
    case PlacedBy::crown_line: return {saddle.slot_x_at_centre_mm, slope};
    case PlacedBy::slot_front: break;
    }
    return {saddle.slot_x_at_centre_mm - 0.5 * design.saddle.thickness_mm * std::sqrt(1.0 + slope * slope),
            slope};
}

/// Where it crosses the line of a string.
Place crossing(const Across& across, const StringLine& line) {
    const double nut_x = line.plan_x_mm(line.set_forward_mm);
    const double crown_x = line.plan_x_mm(line.saddle_x_mm);
    const double per_x = (line.saddle_y_mm - line.nut_y_mm) / (crown_x - nut_x);
    const double x =
        (across.at_centre_mm + across.slope * (line.nut_y_mm - per_x * nut_x)) / (1.0 - across.slope * per_x);
    return {x, line.nut_y_mm + per_x * (x - nut_x)};
}

Place on_string(const StringLine& line, double x_mm) {
    return {line.plan_x_mm(x_mm), line.y_mm(x_mm)};
}

double distance_mm(const Place& a, const Place& b) {
    return std::hypot(a.x_mm - b.x_mm, a.y_mm - b.y_mm);
}

void add_margins(const Design& design, const Neck& neck, const StringLine& bass, const StringLine& treble,
                 Placing& places) {
    for (int fret = 0; fret <= neck.frets(); ++fret) {
        const double x_mm = neck.fret_x_mm(fret, neck.mean_scale_mm());
        places.bass_margins_mm.push_back(edge_margin_mm(design, neck, bass, Side::bass, x_mm));
        places.treble_margins_mm.push_back(edge_margin_mm(design, neck, treble, Side::treble, x_mm));
    }
    const double bass_share = bass.share(neck.fret_x_mm(neck.frets(), bass.scale_mm));
    const double treble_share = treble.share(neck.fret_x_mm(neck.frets(), treble.scale_mm));
    places.balancing_shift_mm =
        (places.treble_margins_mm.back() - places.bass_margins_mm.back()) / (bass_share + treble_share);
}

} // namespace

double edge_margin_mm(const Design& design, const Neck& neck, const StringLine& line, Side side,
                      double x_mm) {
    const std::size_t i = side == Side::bass ? 0 : design.strings.size() - 1;
    const double on_string_mm =
        x_mm == 0.0 ? line.set_forward_mm : x_mm * line.scale_mm / neck.mean_scale_mm();
    const double y_mm = line.y_mm(on_string_mm);
    const double outer_side_mm = (side == Side::bass ? -y_mm : y_mm) + 0.5 * design.strings[i].diameter_mm;
    return neck.half_width_mm(x_mm) - design.neck.fret_end_bevel_mm - outer_side_mm;
}

Placing placing(const Design& design, const Neck& neck, const StraightSaddle& saddle,
                const std::optional<ReferenceEdge>& edge, const StringLine& bass, const StringLine& treble) {
    const auto fret12 = [&](const StringLine& line) {
        return on_string(line, neck.fret_x_mm(12, line.scale_mm));
    };
    const auto nut = [](const StringLine& line) { return on_string(line, line.set_forward_mm); };
    Placing places;
    places.by = edge ? PlacedBy::edge : design.has_slot() ? PlacedBy::slot_front : PlacedBy::crown_line;
    const Across across = measured_to(design, saddle, edge, places.by);
    const Place at_bass = crossing(across, bass);
    const Place at_treble = crossing(across, treble);
    places.bass = {distance_mm(fret12(bass), at_bass), distance_mm(nut(bass), at_bass)};
    places.treble = {distance_mm(fret12(treble), at_treble), distance_mm(nut(treble), at_treble)};
    places.diagonal_from_bass_mm = distance_mm(fret12(bass), at_treble);
    places.diagonal_from_treble_mm = distance_mm(fret12(treble), at_bass);
    add_margins(design, neck, bass, treble, places);
    return places;
}

} // namespace fm
