#pragma once
// What a string is made of, and the stiffnesses that follow. What its maker states wins; the rest is
// estimated and marked. Source: docs/mathematics.md, "Make-up".
#include "core/design/design.h"

namespace fm {

struct MakeUp {
    double core_mm = 0;
    double unit_mass_g_m = 0;
    double stretch_stiffness_n = 0;     ///< EA, of the core
    double bending_stiffness_n_mm2 = 0; ///< EI, of the core
    double core_modulus_gpa = 0;
    double core_density_kg_m3 = 0;
    double wrap_density_kg_m3 = 0;
    bool core_estimated = false;
    bool mass_estimated = false;
    bool wrap_unknown = false; ///< wound on steel with nobody knows what: bronze is taken

    double core_area_mm2() const;
};

/// @param string checked: diameter above 0, a wound core thinner than the string
MakeUp make_up(const StringDesign& string);

/// The stress a core may carry before its data are doubtful [MPa]. Source: docs/mathematics.md, "Make-up".
struct StressRange {
    double least_mpa = 0;
    double most_mpa = 0;
};
StressRange usual_core_stress(const MakeUp& made);

} // namespace fm
