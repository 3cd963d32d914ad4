#pragma once
// Where a string meets a fret while it swings. Source: docs/mathematics.md, "Where it buzzes".
#include "core/string/fretted.h"

#include <optional>
#include <vector>

namespace fm {

/// How this design's hand plucks a string: with its measured force, else the player's, else by the share of
/// its length the hand draws a string aside, more on low strings than on high ones.
HandOnString hand_on_string(const Design& design, std::size_t index, double scale_mm);

/// The force of that hand on the open string [N].
double player_force_n(const TunedString& string, double open_length_mm, double tension_n);

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
/// @param first_over the first fret looked at; none: the next one
Headroom headroom(const StandingString& string, const Player& player, int fretted, double tension_n,
                  std::optional<int> first_over = {});

/// From the open string to the last fret but one.
std::vector<Headroom> headrooms(const StandingString& string, const Player& player, const Sound& sound);

/// The room the string has to swing between the nut and the finger, for fret 2 … last [mm]; nothing where it
/// rests on fret 1 and has none to swing in. Source: docs/mathematics.md, "Behind the finger".
std::vector<std::optional<double>> back_gaps_mm(const StandingString& string);

} // namespace fm
