#pragma once
#include "core/design/design.h"

#include <vector>

namespace fm {

/// Where the strings stand across a nut or a saddle.
/// @param spacing       the maker's rule, checked
/// @param strings       1 … 14 strings from bass to treble
/// @param half_width_mm half of the board's width there, for edge margins
/// @returns y of every string's centre, bass negative [mm]. Source: docs/mathematics.md, "Spacing".
std::vector<double> spaced_centres_mm(const Spacing& spacing, const std::vector<StringDesign>& strings,
                                      double half_width_mm);

/// The clear space between each string and the next [mm]; negative where they overlap.
std::vector<double> clear_gaps_mm(const std::vector<double>& centres_mm,
                                  const std::vector<StringDesign>& strings);

/// y of the outer strings' centres as the rule gives them, before the others are placed [mm].
struct OuterCentres {
    double bass_mm = 0;
    double treble_mm = 0;
};
OuterCentres outer_centres_mm(const Spacing& spacing, const std::vector<StringDesign>& strings,
                              double half_width_mm);

} // namespace fm
