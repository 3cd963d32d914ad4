#pragma once
// Where a string meets a fret while it swings. Source: docs/mathematics.md, "Where it buzzes".
#include "core/fretted.h"

#include <optional>
#include <vector>

namespace fm {

/// The largest pluck a note bears without touching a fret further on, and the fret that limits it.
struct Headroom {
    std::optional<double> force_n; ///< 0: it chokes there; nothing: no pluck reaches a fret
    int fret = 0;
};

/// Straight from the top of the fretted fret (0: the nut) to the saddle: height over fret m's top [mm].
double clearance_mm(const StandingString& string, int fretted, int over);

/// How deep the string swings toward the board for each newton of the pluck, so far from where it leaves the
/// nut or the fretted fret [mm/N]. @param length_mm sounding @param at_mm 0 … length_mm
double swing_mm_per_n(const Player& player, double length_mm, double tension_n, double at_mm);

/// Headroom of the note at a fret. @param fretted 0 (open) … frets − 1 @param tension_n of that note
Headroom headroom(const StandingString& string, const Player& player, int fretted, double tension_n);

/// From the open string to the last fret but one.
std::vector<Headroom> headrooms(const StandingString& string, const Player& player, const Sound& sound);

/// The room the string has to swing between the nut and the finger, for fret 2 … last [mm]; nothing where it
/// rests on fret 1 and has none to swing in. Source: docs/mathematics.md, "Behind the finger".
std::vector<std::optional<double>> back_gaps_mm(const StandingString& string);

} // namespace fm
