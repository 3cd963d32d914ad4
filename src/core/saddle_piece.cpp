#include "core/saddle_piece.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

SaddlePiece saddle_piece(const Design& design, const Solution& solution,
                         const std::vector<double>& radius_blocks_mm) {
    const SaddleDesign& saddle = design.saddle;
    const double lean_rad = saddle.lean_deg * std::numbers::pi / 180.0;
    SaddlePiece piece;
    std::vector<double> along_mm;
    std::vector<double> string_z_mm;
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const StringSolution& string = solution.strings[i];
        along_mm.push_back(string.saddle_along_mm);
        string_z_mm.push_back(string.ends.saddle_z_mm);
        std::optional<double> height_mm = string.bridge ? string.bridge->saddle_height_mm : std::nullopt;
        if (height_mm) *height_mm /= std::cos(lean_rad);
        piece.height_mm.push_back(height_mm);
        std::optional<double> take_off_mm;
        if (height_mm && saddle.existing_height)
            take_off_mm = saddle.existing_height->of(i, solution.strings.size()) - *height_mm;
        piece.take_off_mm.push_back(take_off_mm);
    }
    piece.length_mm = saddle_length_mm(saddle, along_mm);
    piece.end_radius_mm = saddle.end_radius_mm > 0 ? saddle.end_radius_mm : 0.5 * saddle.thickness_mm;
    piece.crown_shift_per_mm = std::sin(lean_rad);
    piece.crown_radius_mm = crown_radius_mm(along_mm, string_z_mm);
    if (piece.crown_radius_mm && !radius_blocks_mm.empty()) {
        // Blocks are compared by the sag they cut over the same width: it goes with one over the radius.
        const double bend = 1.0 / *piece.crown_radius_mm;
        piece.radius_block_mm =
            *std::min_element(radius_blocks_mm.begin(), radius_blocks_mm.end(), [bend](double a, double b) {
                return std::abs(1.0 / a - bend) < std::abs(1.0 / b - bend);
            });
    }
    return piece;
}

std::vector<Notch> bridge_notches(const Design& design, const Solution& solution) {
    if (!design.bridge || !design.bridge->floats()) return {};
    std::vector<Notch> notches;
    std::vector<double> along_mm;
    std::vector<double> tops_mm;
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const StringDesign& made = design.strings[i];
        Notch notch;
        notch.along_mm = solution.strings[i].saddle_along_mm;
        notch.width_mm = made.diameter_mm;
        notch.depth_mm = design.nut.in_slot.of(made.wound) * made.diameter_mm;
        notch.floor_over_top_mm = solution.strings[i].bridge->height_over_top_mm;
        along_mm.push_back(notch.along_mm);
        tops_mm.push_back(notch.floor_over_top_mm + notch.depth_mm);
        notches.push_back(notch);
    }
    const std::vector<double> fair_mm = fair_heights_mm(along_mm, tops_mm);
    for (std::size_t i = 0; i < notches.size(); ++i) notches[i].made_top_over_top_mm = fair_mm[i];
    return notches;
}

} // namespace fm
