#include "core/shop/tools.h"

#include <algorithm>
#include <cmath>
#include <functional>

namespace fm {

// Widths are printed to a hundredth; sums of them in binary differ from the bound by far less than this.
constexpr double same_width_mm = 1e-9;

FileChoice file_for_slot(const std::vector<double>& files_mm, double diameter_mm, double clearance_mm,
                         double over_mm) {
    if (files_mm.empty()) return {FileFit::unlisted};
    const double wanted_mm = diameter_mm + clearance_mm;
    const double least_mm = diameter_mm + 0.5 * clearance_mm - same_width_mm;
    const double most_mm = wanted_mm + over_mm + same_width_mm;
    FileChoice fitting;
    FileChoice narrower;
    for (const double file_mm : files_mm) {
        if (file_mm >= least_mm && file_mm <= most_mm) {
            const bool nearer = std::abs(file_mm - wanted_mm) < std::abs(fitting.width_mm - wanted_mm);
            if (fitting.fit == FileFit::none || nearer) fitting = {FileFit::fits, file_mm, 0.0};
        } else if (file_mm < least_mm && file_mm > narrower.width_mm) {
            narrower = {FileFit::rock, file_mm, wanted_mm - file_mm};
        }
    }
    return fitting.fit == FileFit::fits ? fitting : narrower;
}

std::optional<FeelerStack> feeler_stack(const std::vector<double>& feelers_mm, double height_mm) {
    if (!(height_mm > 0)) return std::nullopt;
    std::vector<double> leaves = feelers_mm;
    std::sort(leaves.begin(), leaves.end(), std::greater<>());
    std::optional<FeelerStack> best;
    const auto offer = [&](std::vector<double> stack) {
        double sum_mm = 0;
        for (const double leaf_mm : stack) sum_mm += leaf_mm;
        if (sum_mm < height_mm - same_width_mm) return;
        const bool fewer = best && std::abs(sum_mm - best->height_mm) <= same_width_mm &&
                           stack.size() < best->leaves_mm.size();
        if (!best || fewer || sum_mm < best->height_mm - same_width_mm) best = {std::move(stack), sum_mm};
    };
    for (std::size_t a = 0; a < leaves.size(); ++a) {
        offer({leaves[a]});
        for (std::size_t b = a + 1; b < leaves.size(); ++b) {
            offer({leaves[a], leaves[b]});
            for (std::size_t c = b + 1; c < leaves.size(); ++c) offer({leaves[a], leaves[b], leaves[c]});
        }
    }
    return best;
}

} // namespace fm
