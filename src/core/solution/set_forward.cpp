#include "core/solution/set_forward.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

double rms_of(const Solution& solution) {
    double squares = 0;
    std::size_t count = 0;
    for (const StringSolution& string : solution.strings)
        for (const double cents : string.cents) {
            squares += cents * cents;
            ++count;
        }
    return count > 0 ? std::sqrt(squares / static_cast<double>(count)) : 0.0;
}

} // namespace

std::vector<SetForwardGain> set_forward_gains(const Design& design, const Solution& solution) {
    constexpr double tenth_mm = 0.1;
    double most_mm = 0;
    for (const StringSolution& string : solution.strings)
        most_mm = std::max(most_mm, string.line.set_forward_mm);
    if (most_mm <= 0) return {};
    Design tried = design;
    tried.saddle.set_forward = SetForward::keep;
    std::vector<SetForwardGain> gains;
    for (int tenths = 0; tenths * tenth_mm < most_mm + tenth_mm - 1e-9; ++tenths) {
        tried.nut.set_forward_mm = std::min(tenths * tenth_mm, most_mm);
        const double rms = rms_of(solve(tried));
        gains.push_back({tried.nut.set_forward_mm, rms, gains.empty() ? 0.0 : gains.back().rms_cents - rms});
    }
    return gains;
}

} // namespace fm
