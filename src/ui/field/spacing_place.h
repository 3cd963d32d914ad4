#pragma once
#include "ui/state/session.h"

namespace fm {

/// One of the two places where strings are spaced, for what is the same at both.
struct SpacingPlace {
    const char* key; ///< in the job file
    const Spacing& (*of)(const Design&);
    double (*centre_mm)(const StringSolution&);
    double (*half_width_mm)(const Design&); ///< of the board there

    std::vector<double> centres_mm(const Solution& solution) const {
        std::vector<double> list;
        for (const StringSolution& string : solution.strings) list.push_back(centre_mm(string));
        return list;
    }
};

inline constexpr SpacingPlace spacing_at_nut{"nut.spacing",
                                             [](const Design& d) -> const Spacing& { return d.nut.spacing; },
                                             [](const StringSolution& s) { return s.line.nut_y_mm; },
                                             [](const Design& d) { return 0.5 * d.neck.nut_width_mm; }};

inline constexpr SpacingPlace spacing_at_saddle{
    "saddle.spacing", [](const Design& d) -> const Spacing& { return d.saddle.spacing; },
    [](const StringSolution& s) { return s.line.saddle_y_mm; },
    [](const Design& d) {
        const Neck neck(d.neck);
        return neck.half_width_mm(neck.mean_scale_mm());
    }};

} // namespace fm
