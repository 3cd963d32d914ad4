#include "core/part/saddle_cut.h"

#include "core/part/saddle_work.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double equal_mm = 1e-12; // two lines that take the same but for rounding

struct Line {
    double bass_mm = 0;
    double treble_mm = 0;
    double at(double share) const { return bass_mm + (treble_mm - bass_mm) * share; }
};

/// A limit: at this share of the way from bass to treble no more (for strings) or no less (for ends).
struct Known {
    double share = 0;
    double amount_mm = 0;
};

bool allowed(const Line& line, const std::vector<Known>& strings) {
    if (line.bass_mm < -equal_mm || line.treble_mm < -equal_mm) return false;
    return std::all_of(strings.begin(), strings.end(), [&](const Known& string) {
        return line.at(string.share) <= string.amount_mm + equal_mm;
    });
}

Line through(const Known& a, const Known& b) {
    const double slope = (b.amount_mm - a.amount_mm) / (b.share - a.share);
    const double bass = a.amount_mm - slope * a.share;
    return {bass, bass + slope};
}

/// The best line passes through two of the limits, or level through one: few enough to try them all.
Line best_line(const std::vector<Known>& strings) {
    double mean_share = 0;
    double least_mm = strings.front().amount_mm;
    for (const Known& string : strings) {
        mean_share += string.share / static_cast<double>(strings.size());
        least_mm = std::min(least_mm, string.amount_mm);
    }
    std::vector<Known> limits = strings;
    limits.push_back({0.0, 0.0});
    limits.push_back({1.0, 0.0});
    Line best{least_mm, least_mm};
    for (std::size_t a = 0; a < limits.size(); ++a)
        for (std::size_t b = a + 1; b < limits.size(); ++b) {
            if (limits[a].share == limits[b].share) continue;
            const Line line = through(limits[a], limits[b]);
            if (!allowed(line, strings)) continue;
            const double gain = line.at(mean_share) - best.at(mean_share);
            const double tilt = std::abs(line.treble_mm - line.bass_mm);
            const double best_tilt = std::abs(best.treble_mm - best.bass_mm);
            if (gain > equal_mm || (gain > -equal_mm && tilt < best_tilt)) best = line;
        }
    return {std::max(0.0, best.bass_mm), std::max(0.0, best.treble_mm)};
}

double share_of(const std::vector<double>& y_mm, std::size_t i) {
    const double spread_mm = y_mm.back() - y_mm.front();
    return spread_mm > 0 ? (y_mm[i] - y_mm.front()) / spread_mm : 0.0;
}

} // namespace

SaddleCut saddle_cut(const std::vector<double>& y_mm, const std::vector<std::optional<double>>& take_off_mm) {
    SaddleCut cut;
    std::vector<Known> strings;
    for (const auto& amount : take_off_mm)
        if (amount) cut.pack_mm = std::max(cut.pack_mm, -*amount);
    for (std::size_t i = 0; i < y_mm.size(); ++i)
        if (take_off_mm[i]) strings.push_back({share_of(y_mm, i), *take_off_mm[i] + cut.pack_mm});
    if (!strings.empty()) {
        const Line bottom = best_line(strings);
        cut.bottom_mm = {bottom.bass_mm, bottom.treble_mm};
    }
    const Line bottom{cut.bottom_mm.bass_mm, cut.bottom_mm.treble_mm};
    for (std::size_t i = 0; i < y_mm.size(); ++i) {
        if (!take_off_mm[i])
            cut.top_mm.emplace_back();
        else
            cut.top_mm.emplace_back(
                std::max(0.0, *take_off_mm[i] + cut.pack_mm - bottom.at(share_of(y_mm, i))));
    }
    return cut;
}

EdgeMargins screw_amounts_mm(const std::vector<double>& y_mm,
                             const std::vector<std::optional<double>>& take_off_mm,
                             const EdgeMargins& screws_across_mm) {
    std::vector<double> known_y_mm;
    std::vector<double> amounts_mm;
    for (std::size_t i = 0; i < y_mm.size(); ++i) {
        if (!take_off_mm[i]) continue;
        known_y_mm.push_back(y_mm[i]);
        amounts_mm.push_back(*take_off_mm[i]);
    }
    if (amounts_mm.empty()) return {};
    const SaddleLine line = fitted_saddle(amounts_mm, known_y_mm);
    return {line.x_mm(screws_across_mm.bass_mm), line.x_mm(screws_across_mm.treble_mm)};
}

double lowered_by_screws_mm(const EdgeMargins& amounts_mm, const EdgeMargins& screws_across_mm, double y_mm) {
    const double apart_mm = screws_across_mm.treble_mm - screws_across_mm.bass_mm;
    const double share = apart_mm != 0 ? (y_mm - screws_across_mm.bass_mm) / apart_mm : 0.5;
    return amounts_mm.bass_mm + (amounts_mm.treble_mm - amounts_mm.bass_mm) * share;
}

} // namespace fm
