#pragma once
// A fretted string drawn aside until it sounds higher, over a curved board.
// Source: docs/mathematics.md, "A bend".
#include "core/string/heights.h"
#include "core/string/string_line.h"

namespace fm {

/// What a bend leaves of the room over the frets.
struct BendRoom {
    double aside_mm = 0; ///< at the fret, toward the board's middle
    int over_fret = 0;   ///< where the least room is
    double room_mm = 0;  ///< of the string at rest; 0 or less: it lies there
};

/// @param tension_n of the fretted string @param stretch_stiffness_n its EA
/// @param after_length_mm string beyond nut and saddle that slides along @param fret 1 … the last but one
/// @param semitones how much higher it sounds, above 0
BendRoom bend_room(const StringOnNeck& string, double saddle_z_mm, double tension_n,
                   double stretch_stiffness_n, double after_length_mm, int fret, double semitones);

} // namespace fm
