#pragma once
// Where the crowns stand, and the nut's front with them, so that the frets sound true.
// Source: docs/mathematics.md, "Compensation".
#include "core/string/fretted.h"

#include <vector>

namespace fm {

/// Where a crown is tuned: half the open string.
inline constexpr int octave_fret = 12;

enum class CompensationStatus {
    solved,
    no_tension,    ///< no tension gives the open string its pitch
    no_crown,      ///< no place of the crown in reach makes the wanted error vanish
    no_set_forward ///< somewhere in reach there is no crown: the nut stays as given
};

struct Compensated {
    CompensationStatus status = CompensationStatus::solved;
    double compensation_mm = 0;
    double set_forward_mm = 0;
    double given_nut_mm = 0;     ///< compensation with the set-forward the job gives
    double rms_before_cents = 0; ///< with the set-forward the job gives
    double rms_cents = 0;
};

/// Where to begin looking; a good guess only makes it quicker.
struct CompensationGuess {
    double compensation_mm = 2.5;
    std::optional<double> set_forward_mm;
    std::optional<double> given_nut_mm; ///< compensation with the set-forward the job gives
    std::optional<Compensated> known;   ///< nothing it depends on has changed: taken as it is
};

/// Compensation and set-forward of every string by the design's rules.
/// @param strings one for each string, of this design @param guesses empty, or one a string
std::vector<Compensated> compensated(const Design& design, const std::vector<TunedString>& strings,
                                     const std::vector<CompensationGuess>& guesses = {});

/// Compensation of one string by the design's method with the nut's front where it is [mm]; nothing if
/// there is none in reach.
std::optional<double> compensation_mm(const SaddleDesign& saddle, const TunedString& string,
                                      double set_forward_mm, double guess_mm);

} // namespace fm
