#pragma once
// The nut as the maker sees it, in part coordinates [mm]: x along the part from the centreline (bass
// negative, mirrored for the left-handed), y over the seat (front, end) or toward the head from the front
// face (plan).
#include "core/solution/solution.h"
#include "sheet/drawing/drawing.h"

#include <optional>
#include <vector>

namespace fm {

enum class NutShown {
    plain,  ///< finished part
    blank,  ///< what is to come off an uncut blank
    fitted, ///< from the slots as found to the target: what to take off, what is missing
    found   ///< the slots as they are found
};

struct NutViewOptions {
    bool mirrored = false;
    NutShown shown = NutShown::plain;
    bool strings = true;                             ///< the strings in their slots
    std::optional<std::size_t> chosen;               ///< the string drawn dark
    std::vector<std::optional<double>> found_floors; ///< over the seat, for fitted and found
};

/// Seen from the bridge: outline, slots, pencil line, board.
Drawing nut_front(const Design& design, const Solution& solution, const NutViewOptions& options);
/// Seen from above: slots from the front face (y 0) to the head.
Drawing nut_plan(const Design& design, const Solution& solution, const NutViewOptions& options);
/// Seen from the treble end, cut through the chosen string (or the first): x from the front face toward the
/// head.
Drawing nut_end(const Design& design, const Solution& solution, const NutViewOptions& options);

/// Half of the nut's length along the part: from the centreline to the farther end.
double nut_half_length_mm(const Design& design, const Solution& solution);
/// Height of the finished top over the seat, along the part; the edges follow the fret tops' fall.
std::vector<Point> nut_top_profile(const Design& design, const Solution& solution);
/// Highest point of the finished nut over the seat's middle.
double nut_height_mm(const Design& design, const Solution& solution);
/// Where the top is roughed to first, flat, over the seat's middle: the saw's depths are from there, and the
/// template folds there.
double nut_rough_top_mm(const Design& design, const Solution& solution);
/// The blank as drawn: the job's own, or a plain one around the finished part.
Blank shown_blank(const Design& design, const Solution& solution);

} // namespace fm
