#include "sheet/machine/kerf.h"

#include "sheet/machine/arcs.h"

#include <polyclipping/clipper.hpp>

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

using ClipperLib::IntPoint;
using Corners = ClipperLib::Path;
using Areas = ClipperLib::Paths;

constexpr double units_per_mm = 1e5;       // whole numbers of a hundred-thousandth of a mm
constexpr double arc_tolerance_mm = 0.001; // of an offset's round corners: a fifth of what is promised
constexpr double chord_tolerance_mm = 0.0005;
// What is left thinner than this is the rounding of arcs to chords.
constexpr double least_left_mm = 0.005;
constexpr double own_width_mm =
    0.004; // a slot this much narrower is still the cutter's own: less than is promised

Corners in_units(const Path& path) {
    Corners corners;
    for (const Point& p : corners_of(path))
        corners.emplace_back(std::llround(p.x * units_per_mm), std::llround(p.y * units_per_mm));
    if (!ClipperLib::Orientation(corners)) ClipperLib::ReversePath(corners);
    return corners;
}

Areas offset(const Areas& areas, double by_mm) {
    ClipperLib::ClipperOffset offset(2.0, arc_tolerance_mm * units_per_mm);
    offset.AddPaths(areas, ClipperLib::jtRound, ClipperLib::etClosedPolygon);
    Areas result;
    offset.Execute(result, by_mm * units_per_mm);
    return result;
}

Areas combined(ClipperLib::ClipType how, const Areas& one, const Areas& other) {
    ClipperLib::Clipper clipper;
    clipper.AddPaths(one, ClipperLib::ptSubject, true);
    clipper.AddPaths(other, ClipperLib::ptClip, true);
    Areas result;
    clipper.Execute(how, result, ClipperLib::pftNonZero, ClipperLib::pftNonZero);
    return result;
}

Areas less(const Areas& from, const Areas& what) {
    return combined(ClipperLib::ctDifference, from, what);
}

Point in_mm(const IntPoint& p) {
    return {static_cast<double>(p.X) / units_per_mm, static_cast<double>(p.Y) / units_per_mm};
}

Path path_of(const Corners& corners) {
    std::vector<Point> points;
    for (const IntPoint& p : corners) points.push_back(in_mm(p));
    return fitted_by_arcs(points, arcs_within_mm);
}

std::vector<Path> paths_of(const Areas& areas) {
    std::vector<Path> paths;
    for (const Corners& corners : areas) paths.push_back(path_of(corners));
    return paths;
}

/// Of several the one with the largest area.
Path largest_of(const Areas& areas) {
    const auto largest = std::max_element(areas.begin(), areas.end(), [](const Corners& a, const Corners& b) {
        return std::abs(ClipperLib::Area(a)) < std::abs(ClipperLib::Area(b));
    });
    return largest == areas.end() ? Path{} : path_of(*largest);
}

/// The largest circle that fits into an area, by what is left of it the farther its edge goes in.
double widest_mm(const Corners& corners, double at_most_mm) {
    double fits_mm = 0;
    double not_mm = at_most_mm;
    while (not_mm - fits_mm > 0.001) {
        const double mm = 0.5 * (fits_mm + not_mm);
        (offset({corners}, -0.5 * mm).empty() ? not_mm : fits_mm) = mm;
    }
    return 0.5 * (fits_mm + not_mm);
}

/// What stands in an area, without what is only rounding.
std::vector<Unreached> left_in(const Areas& areas, bool whole) {
    std::vector<Unreached> left;
    for (const Corners& corners : areas) {
        Point low = in_mm(corners.front());
        Point high = low;
        for (const IntPoint& corner : corners) {
            const Point p = in_mm(corner);
            low = {std::min(low.x, p.x), std::min(low.y, p.y)};
            high = {std::max(high.x, p.x), std::max(high.y, p.y)};
        }
        const double box_mm = std::min(high.x - low.x, high.y - low.y);
        const double high_mm = std::max(high.x - low.x, high.y - low.y);
        left.push_back({{0.5 * (low.x + high.x), 0.5 * (low.y + high.y)},
                        std::min(box_mm, widest_mm(corners, box_mm + 0.001)),
                        high_mm,
                        whole});
    }
    return left;
}

} // namespace

std::vector<Point> corners_of(const Path& path) {
    std::vector<Point> corners;
    const std::size_t count = path.vertices.size();
    for (std::size_t i = 0; i < count; ++i) {
        const Vertex& a = path.vertices[i];
        const Point b = path.vertices[(i + 1) % count].at;
        corners.push_back(a.at);
        if (a.bulge == 0.0) continue;
        const double sweep = 4.0 * std::atan(a.bulge);
        const double dx = b.x - a.at.x;
        const double dy = b.y - a.at.y;
        const double radius = 0.5 * std::hypot(dx, dy) / std::abs(std::sin(0.5 * sweep));
        const double step = 2.0 * std::acos(1.0 - std::min(1.0, chord_tolerance_mm / radius));
        const int pieces = std::max(2, static_cast<int>(std::ceil(std::abs(sweep) / step)));
        // Turned about the centre, which lies on the chord's normal.
        const double to_centre = 0.5 / std::tan(0.5 * sweep);
        const Point centre{a.at.x + 0.5 * dx - to_centre * dy, a.at.y + 0.5 * dy + to_centre * dx};
        const Point arm{a.at.x - centre.x, a.at.y - centre.y};
        for (int k = 1; k < pieces; ++k) {
            const double turn = sweep * k / pieces;
            corners.push_back({centre.x + arm.x * std::cos(turn) - arm.y * std::sin(turn),
                               centre.y + arm.x * std::sin(turn) + arm.y * std::cos(turn)});
        }
    }
    return corners;
}

double area_of(const std::vector<Point>& corners) {
    double twice = 0;
    for (std::size_t i = 0; i < corners.size(); ++i) {
        const Point& a = corners[i];
        const Point& b = corners[(i + 1) % corners.size()];
        twice += a.x * b.y - b.x * a.y;
    }
    return 0.5 * twice;
}

Path notched(const Path& part, const std::vector<Path>& slots) {
    Areas cut;
    for (const Path& slot : slots) cut.push_back(in_units(slot));
    return largest_of(less({in_units(part)}, cut));
}

Path within_part(const Path& slot, const Path& part) {
    return largest_of(combined(ClipperLib::ctIntersection, {in_units(slot)}, {in_units(part)}));
}

CutterPaths cutter_around(const Path& outline, double radius_mm) {
    const Areas part{in_units(outline)};
    const Areas path = offset(part, radius_mm);
    // What the cutter leaves beyond the part: all it does not sweep, less the part itself.
    return {paths_of(path), left_in(less(offset(path, -radius_mm), offset(part, least_left_mm)), false)};
}

CutterPaths cutter_within(const Path& outline, double radius_mm, const Path* material) {
    const Areas pocket{in_units(outline)};
    Areas path = offset(pocket, -radius_mm);
    if (path.empty()) path = offset(pocket, own_width_mm - radius_mm); // a cutter of the slot's own width
    if (path.empty()) return {{}, left_in(pocket, true)};
    Areas left = less(pocket, offset(path, radius_mm + least_left_mm));
    if (material) left = combined(ClipperLib::ctIntersection, left, {in_units(*material)});
    return {paths_of(path), left_in(left, false)};
}

} // namespace fm
