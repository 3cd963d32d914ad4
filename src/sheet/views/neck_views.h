#pragma once
// The neck as it is read: its fret tops from the side, heights stretched [mm].
#include "core/string/neck.h"
#include "sheet/drawing/drawing.h"

namespace fm {

/// From the side along the centreline, the head to the left: x from the nut line, y the fret tops over the
/// body fret plane, drawn `stretch` times as large; with the straight string of the relief reading in it.
Drawing neck_side(const Neck& neck, int chosen_fret, double stretch);

/// Height of the straight string of the relief reading over the body fret plane at a fret [mm]; 0 without a
/// relief.
double relief_string_mm(const Neck& neck, int fret);

/// Height of fret n's top on the centreline; fret 0 is the nut line.
double centre_top_mm(const Neck& neck, int fret);

/// Least and most of all tops and of the string.
struct NeckHeights {
    double least_mm = 0;
    double most_mm = 0;
};
NeckHeights neck_heights(const Neck& neck);

} // namespace fm
