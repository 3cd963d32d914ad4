#include "core/part/saddle_piece.h"

#include "core/part/nut_work.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

SaddlePiece saddle_piece(const SaddleDesign& saddle, const std::vector<double>& along_mm,
                         const std::vector<double>& string_z_mm, const BridgeSolution* bridge) {
    const double lean_rad = saddle.lean_deg * std::numbers::pi / 180.0;
    SaddlePiece piece;
    for (std::size_t i = 0; i < along_mm.size(); ++i) {
        std::optional<double> height_mm = bridge ? bridge->strings[i].saddle_height_mm : std::nullopt;
        if (height_mm) *height_mm /= std::cos(lean_rad);
        piece.height_mm.push_back(height_mm);
        std::optional<double> take_off_mm;
        if (height_mm && saddle.existing_height)
            take_off_mm = saddle.existing_height->of(i, along_mm.size()) - *height_mm;
        piece.take_off_mm.push_back(take_off_mm);
    }
    piece.length_mm = saddle_length_mm(saddle, along_mm);
    piece.middle_mm = 0.5 * (along_mm.front() + along_mm.back());
    if (saddle.end_margins_mm)
        piece.middle_mm += 0.5 * (saddle.end_margins_mm->treble_mm - saddle.end_margins_mm->bass_mm);
    piece.end_radius_mm = saddle.end_radius_mm > 0 ? saddle.end_radius_mm : 0.5 * saddle.thickness_mm;
    piece.crown_shift_per_mm = std::sin(lean_rad);
    piece.crown_radius_mm = crown_radius_mm(along_mm, string_z_mm);
    return piece;
}

std::optional<double> nearest_block_mm(double crown_radius_mm, double span_mm,
                                       const std::vector<double>& blocks_mm) {
    constexpr double near_enough_mm = 0.1; // what a few strokes on paper over the block take off
    if (blocks_mm.empty()) return std::nullopt;
    // Compared by the sag they cut over the same width: it goes with one over the radius.
    const double bend = 1.0 / crown_radius_mm;
    const double block_mm = *std::min_element(blocks_mm.begin(), blocks_mm.end(), [bend](double a, double b) {
        return std::abs(1.0 / a - bend) < std::abs(1.0 / b - bend);
    });
    const double sag_off_mm = span_mm * span_mm / 8.0 * std::abs(1.0 / block_mm - bend);
    return sag_off_mm <= near_enough_mm ? std::optional(block_mm) : std::nullopt;
}

std::vector<Notch> bridge_notches(const Design& design, const std::vector<double>& along_mm,
                                  const BridgeSolution& bridge) {
    if (!design.bridge || !design.bridge->floats()) return {};
    std::vector<Notch> notches;
    std::vector<double> tops_mm;
    for (std::size_t i = 0; i < along_mm.size(); ++i) {
        const StringDesign& made = design.strings[i];
        Notch notch;
        notch.along_mm = along_mm[i];
        notch.width_mm = made.diameter_mm;
        notch.depth_mm = design.nut.in_slot.of(made.wound) * made.diameter_mm;
        notch.floor_over_top_mm = bridge.strings[i].height_over_top_mm;
        tops_mm.push_back(notch.floor_over_top_mm + notch.depth_mm);
        notches.push_back(notch);
    }
    const std::vector<double> fair_mm = fair_heights_mm(along_mm, tops_mm);
    for (std::size_t i = 0; i < notches.size(); ++i) notches[i].made_top_over_top_mm = fair_mm[i];
    return notches;
}

} // namespace fm
