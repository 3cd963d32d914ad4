#pragma once
// Where the middle of a round cutter, or of a beam, must run so that a part comes out true; and where it
// cannot get. Source: docs/mathematics.md, "The cutter's path".
#include "sheet/drawing/drawing.h"

#include <vector>

namespace fm {

/// A place a cutter cannot reach: what it leaves standing there.
struct Unreached {
    Point at;              ///< the middle of what is left
    double wide_mm = 0;    ///< across it, where it is widest
    double high_mm = 0;    ///< its larger extent
    bool is_whole = false; ///< the cutter does not get in at all
};

struct CutterPaths {
    std::vector<Path> paths; ///< closed
    std::vector<Unreached> unreached;
};

/// Around a part, the cutter outside it. @param outline closed, not crossing itself; arcs as bulges
/// @param radius_mm of the cutter, or half of what the beam takes, above 0
CutterPaths cutter_around(const Path& outline, double radius_mm);
/// Along the inside of a slot, a pocket or a hole.
/// @param material what it is cut into: only what is left standing in that counts; nullptr: all around it
CutterPaths cutter_within(const Path& outline, double radius_mm, const Path* material = nullptr);

/// What slots leave of a part: one contour, its notches in it. Arcs as bulges.
/// @param slots closed; each opens at the part's edge
Path notched(const Path& part, const std::vector<Path>& slots);
/// What lies within the part of a slot that goes on over its edge.
Path within_part(const Path& slot, const Path& part);

/// How far an arc may lie from the corners it stands for.
constexpr double arcs_within_mm = 0.003;

/// A closed path as corners close enough that chords lie within half a micrometre of its arcs.
std::vector<Point> corners_of(const Path& path);
/// The area within a closed path [mm²].
double area_of(const std::vector<Point>& corners);

} // namespace fm
