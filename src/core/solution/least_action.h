#pragma once
// The inverse question: how low may the strings go for this player?
// Source: docs/mathematics.md, "The least action".
#include "core/solution/solution.h"

#include <optional>
#include <vector>

namespace fm {

/// A place that would buzz if the action went lower.
struct ActionLimit {
    std::size_t string = 0;
    int fretted = 0;
    int over = 0; ///< the fret it would meet
    double action_mm = 0;
};

struct LeastAction {
    Relief relief; ///< at the job's own reading frets, or from fret 1 to the body joint
    double bass_mm = 0;
    double treble_mm = 0;
    double mean_mm = 0;
    std::vector<ActionLimit> limits;     ///< of the strings the line rests on
    std::vector<std::size_t> nut_limits; ///< open they meet fret 1 under this hand: the nut's matter
};

/// The least mean action, linear from bass to treble, with a relief from 0 to 0.5 mm and the nut at its
/// target, at which no place buzzes under this player's hand, but for the open string over fret 1.
/// @returns nothing if no action up to 12 mm is free of buzz. The crowns are solved anew for what is found.
std::optional<LeastAction> least_action(const Design& design);

/// The same with a relief that is given [mm, at the frets the job reads it at]: what a neck that is left, or
/// one a little straighter, allows.
std::optional<LeastAction> least_action_at(const Design& design, double relief_mm);

/// The least action of one string on that neck [mm over fret 12]; nothing up to 12 mm.
/// @param near_mm to begin looking from
std::optional<ActionLimit> least_action_of_string(const Design& design, const Neck& neck,
                                                  const StringLine& line, std::size_t index,
                                                  double near_mm = 2.0);

} // namespace fm
