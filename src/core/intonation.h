#pragma once
// From what a tuner reads to how far crowns, ends of a bridge or the nut are to be moved, round after round.
// Source: docs/mathematics.md, "Intonation by reading".
#include "core/readings.h"

#include <optional>
#include <vector>

namespace fm {

/// One string, all its rounds together. Cents are against the open string at fret 12; + sharp.
struct CrownAdvice {
    std::size_t string = 0;
    int readings = 0;        ///< that were used, of all rounds
    int rounds = 0;          ///< moves so far
    double cents_now = 0;    ///< at fret 12, by all readings together
    double off_cents = 0;    ///< of what is aimed at
    double u_cents = 0;      ///< one standard deviation of it
    double move_mm = 0;      ///< of the crown; + lengthens
    double u_mm = 0;         ///< of the move
    double cents_per_mm = 0; ///< that lengthening by one mm changes fret 12; below 0
    /// Near enough, and sure of it: half a cent.
    bool there() const;
};

/// Advice for every string with cents; nothing for the others.
/// @param flat_cents how much flat the shop aims on purpose, 0 or more
std::vector<std::optional<CrownAdvice>> crown_advice(const Design& design, const Solution& target,
                                                     const std::vector<ReadingEntry>& entries,
                                                     double flat_cents);

/// A saddle or a bridge that can only be moved as a straight line: at its two outer strings.
struct LineAdvice {
    double bass_mm = 0; ///< at the bass string; + lengthens
    double treble_mm = 0;
    std::vector<std::optional<double>> left_cents; ///< what each string is off its aim afterwards
    double worst_cents = 0;
};
/// The line with the least sum of squares of cents; nothing without any advice.
std::optional<LineAdvice> line_advice(const Solution& target,
                                      const std::vector<std::optional<CrownAdvice>>& advice);

/// The nut's front moved for all strings, from readings at frets 1 to 5 and at 12 or beyond.
struct NutAdvice {
    double forward_mm = 0; ///< + toward the bridge
    double u_mm = 0;
    int strings = 0; ///< that told it
    double low_frets_cents =
        0; ///< mean of what the low frets are sharper than the design wants, the crowns set
};
std::optional<NutAdvice> nut_advice(const Design& design, const Solution& target,
                                    const std::vector<ReadingEntry>& entries);

} // namespace fm
