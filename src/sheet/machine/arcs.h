#pragma once
// Corners that stand close on a curve, as the arcs and straight pieces a machine runs smoothly. Source:
// docs/mathematics.md, "Arcs".
#include "sheet/drawing/drawing.h"

#include <vector>

namespace fm {

/// A path through some of the corners, in their order: every corner, and the middle between every two,
/// lies within `within_mm` of it. No arc is longer than half a turn, no piece has no length.
/// @param corners of a line that does not cross itself, at least three of a closed one and two of an open
/// one, whose ends stay @param within_mm above 0
Path fitted_by_arcs(const std::vector<Point>& corners, double within_mm, bool closed = true);

/// The middle of the circle an arc runs on. @param bulge not 0
Point arc_centre(Point from, Point to, double bulge);

} // namespace fm
