#include "core/design/make_up.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

constexpr double pi = std::numbers::pi;

struct CoreLaw {
    double density_kg_m3;
    double modulus_gpa;
    double bending_share; // of a solid core's bending stiffness
};

CoreLaw core_law(CoreMaterial core) {
    switch (core) {
    case CoreMaterial::steel: return {7850, 200, 1.0};
    case CoreMaterial::nylon: return {950, 5.0, 1.0}; // at pitch a tenth thinner than on the packet
    case CoreMaterial::fluorocarbon: return {1780, 3.5, 1.0};
    case CoreMaterial::gut: return {1300, 6.0, 1.0};
    case CoreMaterial::nylon_floss: return {1140, 5.0, 0.05};
    }
    return {7850, 200, 1.0};
}

double wrap_density_kg_m3(std::optional<Wrap> wrap) {
    switch (wrap.value_or(Wrap::bronze)) {
    case Wrap::bronze:
    case Wrap::silvered_copper: return 8900;
    case Wrap::nickel_steel:
    case Wrap::stainless: return 7900;
    }
    return 8900;
}

struct Densities {
    double core_kg_m3;
    double wrap_kg_m3;
};

/// Mass of core and one close layer of round wire: linear in the square of the core [g/m].
double wound_mass_g_m(const Densities& density, double diameter_mm, double core_mm) {
    const double core_square = core_mm * core_mm;
    return (density.core_kg_m3 * pi / 4.0 * core_square +
            density.wrap_kg_m3 * pi * pi / 16.0 * (diameter_mm * diameter_mm - core_square)) *
           1e-3;
}

double estimated_core_mm(const StringDesign& string, const Densities& density) {
    const double d = string.diameter_mm;
    const double usual_mm = std::min(0.245 + 0.17 * d, 0.8 * d);
    if (string.core == CoreMaterial::steel || !string.unit_mass_g_m) return usual_mm;
    // The usual estimate is steel's; another core follows from the mass its maker states.
    const double all_wrap_g_m = wound_mass_g_m(density, d, 0.0);
    const double all_core_g_m = wound_mass_g_m(density, d, d);
    const double share = (all_wrap_g_m - *string.unit_mass_g_m) / (all_wrap_g_m - all_core_g_m);
    return share > 0 && share < 0.95 ? d * std::sqrt(share) : usual_mm;
}

} // namespace

double MakeUp::core_area_mm2() const {
    return pi * core_mm * core_mm / 4.0;
}

MakeUp make_up(const StringDesign& string) {
    const CoreLaw law = core_law(string.core);
    const Densities density{string.core_density_kg_m3.value_or(law.density_kg_m3),
                            string.wrap_density_kg_m3.value_or(wrap_density_kg_m3(string.wrap))};
    MakeUp made;
    made.core_density_kg_m3 = density.core_kg_m3;
    made.wrap_density_kg_m3 = density.wrap_kg_m3;
    made.core_modulus_gpa = string.core_modulus_gpa.value_or(law.modulus_gpa);
    made.core_mm = string.diameter_mm;
    if (string.wound) {
        made.core_mm = string.core_mm ? *string.core_mm : estimated_core_mm(string, density);
        made.core_estimated = !string.core_mm.has_value();
    }
    made.mass_estimated = !string.unit_mass_g_m.has_value();
    made.wrap_unknown = string.wound && made.mass_estimated && string.core == CoreMaterial::steel &&
                        !string.wrap && !string.wrap_density_kg_m3;
    made.unit_mass_g_m =
        string.unit_mass_g_m.value_or(string.wound ? wound_mass_g_m(density, string.diameter_mm, made.core_mm)
                                                   : density.core_kg_m3 * made.core_area_mm2() * 1e-3);
    const double modulus_n_mm2 = made.core_modulus_gpa * 1e3;
    made.stretch_stiffness_n = string.stretch_stiffness_n.value_or(modulus_n_mm2 * made.core_area_mm2());
    made.bending_stiffness_n_mm2 = string.bending_stiffness_n_mm2.value_or(
        modulus_n_mm2 * pi * std::pow(made.core_mm, 4) / 64.0 * law.bending_share);
    return made;
}

StressRange usual_core_stress(const MakeUp& made) {
    if (made.core_modulus_gpa < 20) return {30, 500};
    return {300, 2400};
}

} // namespace fm
