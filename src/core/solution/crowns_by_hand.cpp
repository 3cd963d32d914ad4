#include "core/solution/crowns_by_hand.h"

#include <algorithm>

namespace fm {

namespace {

// As deep as a finger gets that leans on a string beside an ordinary fret.
constexpr double heavy_press_mm = 0.30;

std::vector<std::optional<double>> moved_mm(const Design& design, const Solution& solution, double press_mm) {
    const SolvedNear near{design, solution};
    Design other = design;
    other.player.press_depth_mm = press_mm;
    if (design.saddle.set_forward == SetForward::common && !solution.strings.empty()) { // the nut stays
        other.saddle.set_forward = SetForward::keep;
        other.nut.set_forward_mm = solution.strings.front().line.set_forward_mm;
    }
    const Solution there = solve(other, &near);
    std::vector<std::optional<double>> moved;
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const bool both = solution.strings[i].rms_cents && there.strings[i].rms_cents;
        moved.push_back(
            both ? std::optional(there.strings[i].compensation_mm - solution.strings[i].compensation_mm)
                 : std::nullopt);
    }
    return moved;
}

} // namespace

CrownsByHand crowns_by_hand(const Design& design, const Solution& solution) {
    CrownsByHand hands;
    hands.heavy_press_mm =
        std::max(design.player.press_depth_mm, std::min(heavy_press_mm, design.neck.fret_height_mm));
    hands.light_mm = moved_mm(design, solution, hands.light_press_mm);
    hands.heavy_mm = moved_mm(design, solution, hands.heavy_press_mm);
    return hands;
}

} // namespace fm
