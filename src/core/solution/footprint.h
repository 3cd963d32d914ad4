#pragma once
// The print of the bridge that was there, against the new one: what stays in sight, which old holes do, and
// whether the pins go through the wood inside. Source: docs/mathematics.md, "An old bridge's print".
#include "core/part/bridge_work.h"

#include <optional>
#include <vector>

namespace fm {

struct Solution;

/// How far the old print reaches beyond the new bridge, side by side; below 0: it is covered with so much to
/// spare.
struct Footprint {
    double front_mm = 0;
    double back_mm = 0;
    double bass_mm = 0;
    double treble_mm = 0;
    bool covered = true;                  ///< wholly
    std::vector<std::size_t> holes_shown; ///< old holes the new bridge does not wholly cover
    /// Old holes a new pin's hole cuts without being its own: a drill runs off into them.
    std::vector<std::size_t> holes_cut;
};

/// @param design with a bridge, solved @returns nothing where no old print was measured
std::optional<Footprint> footprint(const Design& design, const Solution& solution);

/// The old print's corners in plan. @param design with one
std::vector<PlanPoint> old_print(const Design& design, const Solution& solution);
/// Where a hole stands in plan. @param front_mm of the bridge it is measured at, from the nut line
PlanPoint hole_place(const PlacedHole& hole, double front_mm);

/// The corners of the wood inside, in plan. @param design with one
std::vector<PlanPoint> inside_corners(const Design& design, const Solution& solution);
/// The pins whose holes do not go through it wholly; none where it was not measured.
std::vector<std::size_t> pins_off_inside(const Design& design, const Solution& solution);

} // namespace fm
