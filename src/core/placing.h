#pragma once
// Where the bridge goes on the instrument: distances a person can measure, and the strings' margins along the
// board. Source: docs/mathematics.md, "Placing".
#include "core/solution.h"

#include <vector>

namespace fm {

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
};

Placing placing(const Design& design, const Solution& solution);

/// The outer strings' margins to the usable edge of the board, at the nut and every fret [mm].
struct BoardMargins {
    std::vector<double> bass_mm; ///< index 0: the nut
    std::vector<double> treble_mm;
    double balancing_shift_mm =
        0; ///< of the bridge, toward the treble +, that makes them equal at the last fret
};
BoardMargins board_margins(const Design& design, const Solution& solution);

} // namespace fm
