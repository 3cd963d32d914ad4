#pragma once
// How a saddle's amounts are divided: straight off its bottom, the rest off its top; or two screws.
// Source: docs/mathematics.md, "The plan".
#include "core/design/design.h"

#include <optional>
#include <vector>

namespace fm {

struct SaddleCut {
    double pack_mm = 0;                        ///< the largest raise: under the saddle, or a new one
    EdgeMargins bottom_mm;                     ///< off the bottom at the outer strings
    std::vector<std::optional<double>> top_mm; ///< what is left to take from the top
};

/// @param y_mm strings across @param take_off_mm amounts, negative: raise; nothing: not known
/// The line that takes the most in sum while no string loses more than its amount and neither end less than
/// nothing; of equal lines the least tilted.
SaddleCut saddle_cut(const std::vector<double>& y_mm, const std::vector<std::optional<double>>& take_off_mm);

/// What two screws must turn so that the line through the strings follows their amounts best: least squares
/// through the amounts, read at the screws [mm, positive: down].
EdgeMargins screw_amounts_mm(const std::vector<double>& y_mm,
                             const std::vector<std::optional<double>>& take_off_mm,
                             const EdgeMargins& screws_across_mm);

/// How far a string at y goes down when the two screws go down so.
double lowered_by_screws_mm(const EdgeMargins& amounts_mm, const EdgeMargins& screws_across_mm, double y_mm);

} // namespace fm
