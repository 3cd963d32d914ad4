#pragma once
// The saddle as the maker sees it, in part coordinates [mm]: x along the part from the centreline (bass
// negative, mirrored for the left-handed). A floating bridge's top is drawn as its saddle.
#include "core/part/saddle_cut.h"
#include "core/solution/solution.h"
#include "sheet/drawing/drawing.h"

#include <optional>
#include <vector>

namespace fm {

/// What the heights of a saddle are drawn over: what is known decides.
enum class SaddleGround {
    slot_floor, ///< or the packing in the slot
    soundboard, ///< of a floating bridge, or while the slot's depth is not known
    fret_plane  ///< without a bridge
};

enum class SaddleShown {
    plain,  ///< finished part
    blank,  ///< what is to come off a blank
    fitted, ///< what is to come off the one that is there, or what it lacks
    found   ///< the one that is there
};

struct SaddleViewOptions {
    bool mirrored = false;
    SaddleShown shown = SaddleShown::plain;
    std::optional<std::size_t> chosen;
    std::vector<std::optional<double>>
        take_off_mm;              ///< from what is there to the target, for fitted and found
    std::optional<SaddleCut> cut; ///< how that divides into bottom and top
};

/// Whether it is cut from a blank; single saddles and bars on posts are bought.
bool saddle_is_cut(const Design& design, const Solution& solution);
SaddleGround saddle_ground(const Design& design, const Solution& solution);
/// A string's underside over that ground.
double saddle_height_mm(const Design& design, const Solution& solution, std::size_t string);
/// Height of the bridge's top over that ground, where a saddle stands in one.
std::optional<double> bridge_top_mm(const Design& design, const Solution& solution);
/// The finished saddle's ends along the part: least and most.
struct SaddleSpan {
    double from_mm = 0;
    double to_mm = 0;
};
SaddleSpan saddle_span(const Solution& solution);
/// Its top over the ground from end to end, through what the strings rest on or in.
std::vector<Point> saddle_top_profile(const Design& design, const Solution& solution);
double saddle_highest_mm(const Design& design, const Solution& solution);
/// The blank as drawn: the job's own, or a plain one around the finished part.
Blank shown_saddle_blank(const Design& design, const Solution& solution);

/// Seen from the tail, as it is drawn from above with the head at the top: top, strings, bridge; y over the
/// ground.
Drawing saddle_front(const Design& design, const Solution& solution, const SaddleViewOptions& options);
/// Seen from above, the head at the top: crowns between front and back face, or single saddles in their
/// travel. y is the distance from the front face (or the reference edge, or the line of what stands in no
/// slot) away from the nut, downward, drawn `stretch` times as large.
Drawing saddle_plan(const Design& design, const Solution& solution, const SaddleViewOptions& options,
                    double stretch);
/// Cut through at the chosen string: x from the front face away from the nut, y over the ground. How thick
/// that is what stands in no slot is not known: it is dashed.
Drawing saddle_end(const Design& design, const Solution& solution, const SaddleViewOptions& options);
/// How far the plan reaches from there, 0 included, not stretched.
SaddleSpan saddle_plan_depth(const Design& design, const Solution& solution);

} // namespace fm
