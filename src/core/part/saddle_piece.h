#pragma once
// Saddle and floating bridge as pieces to be made. Source: docs/mathematics.md, "The saddle as a piece of
// work".
#include "core/part/bridge_work.h"

#include <optional>
#include <vector>

namespace fm {

/// The saddle as it leaves the bench. Heights in mm, one a string.
struct SaddlePiece {
    double length_mm = 0;
    double middle_mm = 0;                  ///< half way between its ends, along it from the centreline
    double end_radius_mm = 0;              ///< of its rounded ends
    std::optional<double> crown_radius_mm; ///< of the circle through the strings' undersides; none: straight
    std::vector<std::optional<double>> height_mm; ///< from what it stands on to the string, along the saddle
    std::vector<std::optional<double>> take_off_mm; ///< of the saddle that is there
    double crown_shift_per_mm = 0; ///< a leaning saddle's crown moves toward the nut when raised by 1 mm
};

/// @param along_mm strings along the saddle @param string_z_mm their undersides over the fret plane
/// @param bridge where there is one: what the heights come from
SaddlePiece saddle_piece(const SaddleDesign& saddle, const std::vector<double>& along_mm,
                         const std::vector<double>& string_z_mm, const BridgeSolution* bridge);

/// The shop's radius block nearest to a crown; nothing without blocks, or where even that one would cut a top
/// that is off by more than a tenth of a millimetre in its middle.
/// @param span_mm from the first to the last string along the saddle
std::optional<double> nearest_block_mm(double crown_radius_mm, double span_mm,
                                       const std::vector<double>& blocks_mm);

/// One notch in the top of a floating bridge, which is cut like a nut. Heights over the soundboard.
struct Notch {
    double along_mm = 0; ///< from the centreline along the bridge
    double width_mm = 0;
    double depth_mm = 0;
    double floor_over_top_mm = 0;
    double made_top_over_top_mm = 0; ///< the fair line over all notches
};

/// The notches of a floating bridge; none of any other.
std::vector<Notch> bridge_notches(const Design& design, const std::vector<double>& along_mm,
                                  const BridgeSolution& bridge);

} // namespace fm
