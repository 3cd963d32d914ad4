#pragma once
// Where the bridge goes on the instrument: distances a person can measure, and the strings' margins along the
// board. Source: docs/mathematics.md, "Placing".
#include "core/part/saddle_work.h"
#include "core/part/single_saddles.h"

#include <vector>

namespace fm {

enum class Side { bass, treble };

/// Margin of an outer string's outer side to the usable edge of the board at x on the mean scale [mm].
double edge_margin_mm(const Design& design, const Neck& neck, const StringLine& line, Side side, double x_mm);

/// What of a bridge its place is measured to: the front edge of its slot, the edge its single saddles are set
/// from, or, of one that has neither, the line of its crowns.
enum class PlacedBy { slot_front, edge, crown_line };

/// Along one outer string, in true length, to that [mm].
struct PlacingMarks {
    double from_fret12_mm = 0;
    double from_nut_mm = 0;
};

struct Placing {
    PlacedBy by = PlacedBy::slot_front;
    PlacingMarks bass;
    PlacingMarks treble;
    // Fret 12 at one outer string to that line at the other: the check that nothing stands askew.
    double diagonal_from_bass_mm = 0;
    double diagonal_from_treble_mm = 0;
    // The outer strings' margins at the nut (index 0) and every fret.
    std::vector<double> bass_margins_mm;
    std::vector<double> treble_margins_mm;
    double balancing_shift_mm = 0; ///< of the bridge, toward the treble +: equal margins at the last fret
};

/// @param edge of single saddles, if it is known @param bass, treble the outer strings, solved
Placing placing(const Design& design, const Neck& neck, const StraightSaddle& saddle,
                const std::optional<ReferenceEdge>& edge, const StringLine& bass, const StringLine& treble);

} // namespace fm
