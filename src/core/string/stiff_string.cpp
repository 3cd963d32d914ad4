#include "core/string/stiff_string.h"

#include <cmath>
#include <numbers>

namespace fm {

namespace {

constexpr double half_pi_squared = std::numbers::pi * std::numbers::pi / 2.0;

/// 1 + 2 kappa eps + (4 kappa^2 + weight) eps^2
double stiffening(double kappa, double weight, double eps) {
    return 1.0 + eps * (2.0 * kappa + (4.0 * kappa * kappa + weight) * eps);
}

} // namespace

double stiffness_ratio(const StiffString& string, double length_mm, double tension_n) {
    return std::sqrt(string.bending_stiffness_n_mm2 / tension_n) / length_mm;
}

double pitch_hz(const StiffString& string, double length_mm, double tension_n) {
    const double ideal_hz = 500.0 / length_mm * std::sqrt(tension_n / (string.unit_mass_g_m * 1e-3));
    return ideal_hz *
           stiffening(string.end_stiffness, half_pi_squared, stiffness_ratio(string, length_mm, tension_n));
}

std::optional<double> tension_n(const StiffString& string, double length_mm, double wanted_hz) {
    // With s the root of the tension the law reads s + 2 kappa a + C a^2 / s = g: a quadratic in s, of
    // which the larger root is the string that is tight.
    const double kappa = string.end_stiffness;
    const double a = std::sqrt(string.bending_stiffness_n_mm2) / length_mm;
    const double g = wanted_hz * length_mm / 500.0 * std::sqrt(string.unit_mass_g_m * 1e-3);
    const double sum = g - 2.0 * kappa * a;
    const double square = sum * sum - 4.0 * (4.0 * kappa * kappa + half_pi_squared) * a * a;
    if (!(sum > 0) || !(square > 0)) return std::nullopt;
    const double root = 0.5 * (sum + std::sqrt(square));
    return root * root;
}

double harmonic_above_octave_cents(const StiffString& string, double length_mm, double tension_n) {
    const double eps = stiffness_ratio(string, length_mm, tension_n);
    return cents_of_ratio(stiffening(string.end_stiffness, 4.0 * half_pi_squared, eps) /
                          stiffening(string.end_stiffness, half_pi_squared, eps));
}

double cents_of_ratio(double ratio) {
    return 1200.0 * std::log2(ratio);
}

} // namespace fm
