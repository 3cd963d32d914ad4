#pragma once
// Saddle and floating bridge as pieces to be made. Source: docs/mathematics.md, "The saddle as a piece of
// work".
#include "core/solution.h"

#include <optional>
#include <vector>

namespace fm {

/// The saddle as it leaves the bench. Heights in mm, one a string.
struct SaddlePiece {
    double length_mm = 0;
    double end_radius_mm = 0;              ///< of its rounded ends
    std::optional<double> crown_radius_mm; ///< of the circle through the strings' undersides; none: straight
    std::optional<double> radius_block_mm; ///< of the shop's blocks, the nearest to it
    std::vector<std::optional<double>> height_mm; ///< from what it stands on to the string, along the saddle
    std::vector<std::optional<double>> take_off_mm; ///< of the saddle that is there
    double crown_shift_per_mm = 0; ///< a leaning saddle's crown moves toward the nut when raised by 1 mm
};

SaddlePiece saddle_piece(const Design& design, const Solution& solution,
                         const std::vector<double>& radius_blocks_mm);

/// One notch in the top of a floating bridge, which is cut like a nut. Heights over the soundboard.
struct Notch {
    double along_mm = 0; ///< from the centreline along the bridge
    double width_mm = 0;
    double depth_mm = 0;
    double floor_over_top_mm = 0;
    double made_top_over_top_mm = 0; ///< the fair line over all notches
};

/// The notches of a floating bridge; none of any other.
std::vector<Notch> bridge_notches(const Design& design, const Solution& solution);

} // namespace fm
