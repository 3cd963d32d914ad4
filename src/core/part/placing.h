#pragma once
// Where the bridge goes on the instrument: distances a person can measure, and the strings' margins along the
// board. Source: docs/mathematics.md, "Placing".
#include "core/part/saddle_work.h"

#include <vector>

namespace fm {

enum class Side { bass, treble };

/// Margin of an outer string's outer side to the usable edge of the board at x on the mean scale [mm].
double edge_margin_mm(const Design& design, const Neck& neck, const StringLine& line, Side side, double x_mm);

/// Along one outer string, in true length [mm].
struct PlacingMarks {
    double fret12_to_slot_front_mm = 0;
    double nut_to_slot_front_mm = 0;
};

struct Placing {
    PlacingMarks bass;
    PlacingMarks treble;
    // Fret 12 at one outer string to the slot's front edge at the other: the check that nothing stands askew.
    double diagonal_from_bass_mm = 0;
    double diagonal_from_treble_mm = 0;
    // The outer strings' margins at the nut (index 0) and every fret.
    std::vector<double> bass_margins_mm;
    std::vector<double> treble_margins_mm;
    double balancing_shift_mm = 0; ///< of the bridge, toward the treble +: equal margins at the last fret
};

/// @param bass, treble the outer strings, solved
Placing placing(const Design& design, const Neck& neck, const StraightSaddle& saddle, const StringLine& bass,
                const StringLine& treble);

} // namespace fm
