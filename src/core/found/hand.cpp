#include "core/found/hand.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {
constexpr double usual_scatter = 0.2; // a fifth of the pass
constexpr double usual_passes = 2;    // that what is usual weighs as much as
constexpr double least_scatter = 0.05;
constexpr double seen_from_u =
    3; // a pass smaller than this many of its own standard deviations teaches nothing
// What a hand takes too much cannot be put back: it gets more room than a gauge, which can be read again.
constexpr double sure_of_hand = 3;
} // namespace

Hand hand_of(const std::vector<PassOutcome>& passes, const Hand& before) {
    // A hand changes with its files: what was learned long ago counts as no more than thirty passes.
    const int remembered = std::min(before.passes, 30);
    double weight = remembered;
    double share_sum = weight * before.took;
    int seen = before.passes;
    const auto teaches = [](const PassOutcome& pass) { return pass.wanted_mm >= seen_from_u * pass.u_mm; };
    for (const PassOutcome& pass : passes)
        if (teaches(pass)) {
            share_sum += pass.came_mm / pass.wanted_mm;
            weight += 1;
            ++seen;
        }
    if (seen == 0) return {};
    const double took = (share_sum + usual_passes) / (weight + usual_passes);
    double squares = usual_passes * usual_scatter * usual_scatter;
    if (remembered > 0)
        squares +=
            remembered * (before.scatter * before.scatter + (before.took - took) * (before.took - took));
    for (const PassOutcome& pass : passes)
        if (teaches(pass)) {
            const double off = pass.came_mm / pass.wanted_mm - took;
            const double noise = pass.u_mm / pass.wanted_mm;
            squares += std::max(0.0, off * off - noise * noise);
        }
    return {seen, took, std::max(least_scatter, std::sqrt(squares / (weight + usual_passes)))};
}

double pass_of_hand_mm(double above_target_mm, double u_mm, const Hand& hand) {
    const double by_gauge_mm = std::max(0.0, above_target_mm - 2 * u_mm);
    if (hand.passes == 0) return by_gauge_mm;
    // took·p + √((2u)² + (sure·scatter·p)²) = above: the smaller root of a square equation in p.
    const double loose = sure_of_hand * hand.scatter;
    const double a = hand.took * hand.took - loose * loose;
    const double b = -2 * hand.took * above_target_mm;
    const double c = above_target_mm * above_target_mm - 4 * u_mm * u_mm;
    if (by_gauge_mm == 0) return 0;
    double pass_mm = 0;
    if (std::abs(a) < 1e-12)
        pass_mm = -c / b;
    else
        pass_mm = (-b - std::sqrt(std::max(0.0, b * b - 4 * a * c))) / (2 * a);
    return std::clamp(pass_mm, 0.0, by_gauge_mm);
}

} // namespace fm
