#pragma once
// From what a tuner reads to how far crowns, ends of a bridge or the nut are to be moved, round after round.
// Source: docs/mathematics.md, "Intonation by reading".
#include "core/found/cents_rounds.h"

#include <optional>
#include <vector>

namespace fm {

/// What is aimed at, by whose tuner.
struct IntonationAim {
    double flat_cents = 0;    ///< how much flat on purpose, 0 or more
    double tuner_u_cents = 1; ///< one standard deviation of a reading, the hand that presses included
    double near_cents = 1.5;  ///< nearer is not looked for
};

/// One string, all that counts of its readings together. Cents are against the open string at fret 12; +
/// sharp.
struct CrownAdvice {
    std::size_t string = 0;
    int readings = 0;        ///< that count
    int moves = 0;           ///< of its crown since they began to count
    double off_cents = 0;    ///< of what is aimed at
    double u_cents = 0;      ///< one standard deviation of it
    double move_mm = 0;      ///< of the crown; + lengthens
    double u_mm = 0;         ///< of the move
    double cents_per_mm = 0; ///< that lengthening by one mm changes fret 12; below 0
    bool there = false;      ///< two readings or more put it near enough
    bool read_again = false; ///< near enough by what was read, or contradicted: to be read, not moved
    /// Frets whose cents tell whether fret 12 itself stands wrong, asked for before a crown moves far.
    std::vector<int> ask_frets;
    /// What fret 12 is off its neighbours, where it was left out for that.
    std::optional<double> fret12_off_cents;
    double apart_cents = 0; ///< how far two readings of one fret contradict each other; 0: they do not
    std::optional<double> short_mm; ///< where its crown was measured: what it lacks of the design's place
    double leaves_saddle_mm = 0;    ///< how far beyond its saddle's top the crown would stand; + from the nut
};

/// Advice for every string with cents that count; nothing for the others.
std::vector<std::optional<CrownAdvice>> crown_advice(const Design& design, const Solution& target,
                                                     const ReadingLog& entries, const IntonationAim& aim);

/// Where a crown stands now: measured and moved since, else where the design has it and moved since.
double crown_stands_mm(const StringOnNeck& string, const CentsOfString& read);
/// How far a crown at that x would stand beyond what the thickness of a saddle in one piece allows; + from
/// the nut, 0 for one that has its own travel.
double leaves_saddle_mm(const Design& design, const Solution& target, const StringLine& line,
                        double crown_x_mm);

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
std::optional<NutAdvice> nut_advice(const Design& design, const Solution& target, const ReadingLog& entries,
                                    const IntonationAim& aim);

} // namespace fm
