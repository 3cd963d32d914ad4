#pragma once
// Where a rising function crosses zero: Newton's steps kept inside a bracket that only shrinks, halved
// whenever a step leaves it or does not halve it soon. It ends for every continuous function.
#include <cmath>
#include <optional>

namespace fm {

struct ValueAndSlope {
    double value = 0;
    double slope = 0;
};

/// @param f      gives ValueAndSlope at x; below zero left of the root, above it right of it
/// @param start  a first guess inside [least, most]
/// @param tolerance how far the last step may still go
/// @returns the root, or nothing if f has one sign from least to most
template <class F>
std::optional<double> bracketed_root(const F& f, double start, double least, double most, double tolerance) {
    // Halving alone needs 60 steps. It is forced when four steps have not halved the bracket, and while one
    // of its ends is only the end of what is looked at, when sixteen have not: Newton may come from one side.
    constexpr int most_steps = 1200;
    constexpr int patience = 4;
    constexpr int one_sided_patience = 16;
    double low = least;
    double high = most;
    bool low_seen = false;
    bool high_seen = false;
    double width = high - low;
    double x = start;
    for (int step = 1; step <= most_steps; ++step) {
        const ValueAndSlope at = f(x);
        if (std::isnan(at.value)) return std::nullopt;
        if (at.value == 0.0) return x;
        if (at.value < 0) {
            if (x >= most) return std::nullopt;
            low = x;
            low_seen = true;
        } else {
            if (x <= least) return std::nullopt;
            high = x;
            high_seen = true;
        }
        const double newton = at.slope > 0 ? x - at.value / at.slope : (at.value < 0 ? high : low);
        if (at.slope > 0 && std::abs(newton - x) < tolerance)
            return newton < least ? least : newton > most ? most : newton;
        const bool both = low_seen && high_seen;
        if (high - low < tolerance) {
            if (both) return 0.5 * (low + high);
            x = low_seen ? high : low; // the end of what is looked at may be the root
            continue;
        }
        const bool now = step % (both ? patience : one_sided_patience) == 0;
        const bool slow = now && high - low > 0.5 * width;
        if (now) width = high - low;
        if (slow)
            x = 0.5 * (low + high);
        else if (newton <= low)
            x = low_seen ? 0.5 * (low + high) : least;
        else if (newton >= high)
            x = high_seen ? 0.5 * (low + high) : most;
        else
            x = newton;
    }
    return std::nullopt;
}

} // namespace fm
