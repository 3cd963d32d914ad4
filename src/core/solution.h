#pragma once
#include "core/message.h"
#include "core/nut_work.h"

#include <array>
#include <optional>
#include <vector>

namespace fm {

/// One string, solved. Lengths in mm; x along the string from its nut line, z over the body fret plane.
struct StringSolution {
    StringLine line;
    EndHeights ends;
    double nut_z_over_fret_line_mm = 0; ///< z_n - w(delta)
    double above_fret_line_mm = 0;      ///< z_n - F_0
    double saddle_along_mm = 0;
    std::vector<double> open_gaps_mm; ///< from fret 1
    double pressed_gap_2_mm = 0;
    double pressed_gap_3_mm = 0;
    double action12_mm = 0;
    double action12_capo_mm = 0;
    SlotWork slot;
    std::optional<NutBend> bend; ///< none without posts
};

/// Best straight saddle through the crowns in plan: x = at_centre + slope · y.
struct SaddleLine {
    double at_centre_mm = 0;
    double slope = 0;
    double angle_deg = 0;
};

struct Solution {
    std::vector<StringSolution> strings;
    double nut_angle_deg = 0;
    SaddleLine saddle_line;
    std::vector<double> nut_gaps_mm; ///< clear space between each string and the next
    std::vector<double> saddle_gaps_mm;
    std::vector<Message> warnings;
};

/// The whole solution of a checked design: one truth for every screen, sheet and command.
/// Pure: the same design gives the same solution. Source: docs/mathematics.md.
Solution solve(const Design& design);

/// Where one string's heights come from: the neck and the targets it was solved with.
HeightTargets height_targets(const Design& design, const StringOnNeck& string, std::size_t index);

/// Least squares line x = at_centre + slope · y. One point, or all at one y: slope 0.
SaddleLine fitted_saddle(const std::vector<double>& x_mm, const std::vector<double>& y_mm);

} // namespace fm
