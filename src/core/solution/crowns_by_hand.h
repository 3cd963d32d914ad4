#pragma once
// Where crowns would stand for another hand at the frets. Source: docs/mathematics.md, "Light and heavy
// hands".
#include "core/solution/solution.h"

#include <optional>
#include <vector>

namespace fm {

/// A hand that only just closes a string, and one that presses it down beside the fret, against the design's
/// own.
struct CrownsByHand {
    double light_press_mm = 0;
    double heavy_press_mm = 0;
    /// How far each crown would go from where the design has it, + longer; nothing of strings that cannot
    /// sound.
    std::vector<std::optional<double>> light_mm;
    std::vector<std::optional<double>> heavy_mm;
};

/// @param solution the design solved
CrownsByHand crowns_by_hand(const Design& design, const Solution& solution);

} // namespace fm
