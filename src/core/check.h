#pragma once
#include "core/solution.h"

namespace fm {

/// What is wrong or doubtful in a solved design: strings that touch, a nut below the frets, a light press
/// that lies on fret 2, an outer string too near the board's edge (with the place and the cure).
std::vector<Message> doubts(const Design& design, const Neck& neck, const std::vector<NutContact>& contacts,
                            const Solution& solution);

/// Margin of an outer string's outer side to the usable edge of the board at x on the mean scale [mm].
enum class Side { bass, treble };
double edge_margin_mm(const Design& design, const Neck& neck, const StringLine& line, Side side, double x_mm);

} // namespace fm
