#pragma once
#include "core/string/heights.h"

#include <array>
#include <cmath>

namespace fm {

/// A string standing at solved heights, with the place and the top of every fret under it laid out: what
/// pitch and buzz are computed from. Index 0 is the nut contact. Source: docs/mathematics.md, "A string".
class StandingString {
public:
    static constexpr int most_frets = 36;

    StandingString(const StringOnNeck& string, const EndHeights& ends);

    int frets() const { return frets_; }
    double x_mm(int fret) const { return x_mm_[static_cast<std::size_t>(fret)]; }
    double top_mm(int fret) const { return top_mm_[static_cast<std::size_t>(fret)]; }
    double nut_x_mm() const { return x_mm_[0]; }
    double nut_z_mm() const { return top_mm_[0]; }
    double saddle_x_mm() const { return saddle_x_mm_; }
    double saddle_z_mm() const { return saddle_z_mm_; }

    double open_length_mm() const { return length_left_mm(0); }
    /// Straight from the top of a fret (0: the nut) to the saddle.
    double length_left_mm(int fret) const {
        return std::hypot(saddle_x_mm_ - x_mm(fret), saddle_z_mm_ - top_mm(fret));
    }

private:
    int frets_;
    double saddle_x_mm_;
    double saddle_z_mm_;
    std::array<double, most_frets + 1> x_mm_;
    std::array<double, most_frets + 1> top_mm_;
};

/// The taut line over the nut and the fret tops so far, as a chain that bends only downward, grown fret by
/// fret. Remembers how much longer than its run along x each part of it is.
class TautLine {
public:
    explicit TautLine(const StandingString& string) : string_(&string) {}

    /// The next fret the line passes over, in order from 1.
    void add_fret(int fret);
    /// How much longer than its run the taut line is from the nut over all frets so far to a point further
    /// on.
    double excess_to_mm(double x_mm, double z_mm) const;
    /// The first fret the line truly touches; 0 while there is none.
    int first_touched() const { return size_ > 1 ? chain_[1] : 0; }

private:
    int touching(double x_mm, double z_mm) const;

    const StandingString* string_;
    int size_ = 1;
    std::array<int, StandingString::most_frets + 1> chain_{}; // indices of frets; the first is the nut
    std::array<double, StandingString::most_frets + 1> excess_mm_{};
};

/// How much longer a slanted piece is than its run: exact where the difference of two lengths is not.
inline double slant_excess_mm(double run_mm, double rise_mm) {
    return rise_mm * rise_mm / (std::sqrt(run_mm * run_mm + rise_mm * rise_mm) + run_mm);
}

} // namespace fm
