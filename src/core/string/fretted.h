#pragma once
// What a string sounds at every fret. Source: docs/mathematics.md, "A fretted note".
#include "core/design/make_up.h"
#include "core/string/standing_string.h"
#include "core/string/stiff_string.h"

namespace fm {

/// One number a fret, index 0 the open string; entries past the last fret are not used.
using FretRow = std::array<double, StandingString::most_frets + 1>;

/// How a hand plucks one string: with a force that was measured, or by drawing it aside so far.
struct HandOnString {
    std::optional<double> force_n;
    double draw_mm = 0;
};

/// One string as it sounds: its place, its targets, its make-up and the hand that plays it. Compensation
/// and set-forward are what is looked for.
struct TunedString {
    const Neck* neck = nullptr;
    StringLine line;
    HeightTargets targets;
    StiffString body;
    double stretch_stiffness_n = 0;
    double pitch_hz = 0;
    Player player;
    HandOnString hand;

    /// The string's line with its crown and its nut elsewhere.
    StringLine moved(double compensation_mm, double set_forward_mm) const;
};

/// Everything that sounds, of one string.
struct Sound {
    FretRow tension_n{};             ///< open, and fretted
    FretRow cents{};                 ///< error at each fret; 0 open
    double stiffness_ratio_last = 0; ///< at the last fret: the series is good below 0.03
};

/// What the string sounds with that compensation and set-forward, its heights solved for them; nothing if
/// no tension makes its open length sound its pitch. @param last_fret the frets wanted, from 1
std::optional<Sound> sound(const TunedString& string, double compensation_mm, double set_forward_mm,
                           int last_fret);

/// The same of a string that stands at known heights.
std::optional<Sound> sound_standing(const TunedString& string, const StandingString& standing, int last_fret);

/// Plain root mean square of the errors of fret 1 … frets [cents].
double rms_cents(const Sound& sound, int frets);

/// What one mm at the crown changes between fret n and the open string [cents per mm, negative]: lengthening
/// flattens. Source: docs/mathematics.md, "Moving a crown".
double cents_per_crown_mm(const StringOnNeck& string, int fret);

} // namespace fm
