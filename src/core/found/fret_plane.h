#pragma once
// Where the fret plane passes over an old top, without a straightedge on the frets: from the strings over it
// and their action as they were found. Source: docs/mathematics.md, "A new bridge on an old top".
#include "core/found/readings.h"

namespace fm {

struct FretPlane {
    double at_bass_mm = 0; ///< over the soundboard under the outer strings: a top that is waved differs
    double at_treble_mm = 0;
    double at_centre_mm = 0;
};

/// @param over_top_mm the outer strings' undersides over the soundboard, as found
/// @param bass, treble where those stand, and how high they stood over the plane: saddle_z_mm
FretPlane fret_plane(const EdgeMargins& over_top_mm, const StringLine& bass, double bass_z_mm,
                     const StringLine& treble, double treble_z_mm);

/// The same by the readings that were taken before anything was touched; nothing without a bridge whose
/// strings were measured so, or while an outer string's action as found is not read. @param target solved
std::optional<FretPlane> fret_plane_as_found(const Design& design, const Solution& target,
                                             const ReadingLog& readings);

} // namespace fm
