#pragma once
// Pitch and tension of a stiff string. Source: docs/mathematics.md, "Pitch of a stiff string".
#include <optional>

namespace fm {

/// One string as a vibrating body.
struct StiffString {
    double unit_mass_g_m = 0;
    double bending_stiffness_n_mm2 = 0;
    double end_stiffness = 0.25; ///< 0: ends free to turn, 1: clamped
};

/// Bending against tension: the small number of the series; good below 0.03.
double stiffness_ratio(const StiffString& string, double length_mm, double tension_n);

/// Frequency of the first mode [Hz].
double pitch_hz(const StiffString& string, double length_mm, double tension_n);

/// Tension at which that length sounds that pitch [N]; nothing if the bending alone sounds higher.
std::optional<double> tension_n(const StiffString& string, double length_mm, double wanted_hz);

/// How far mode two stands above twice the pitch [cents]: added to a reading against the harmonic.
double harmonic_above_octave_cents(const StiffString& string, double length_mm, double tension_n);

double cents_of_ratio(double ratio);

} // namespace fm
