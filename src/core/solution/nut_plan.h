#pragma once
// The nut from above: where its ends lie along it, and how ends and slots run from its front face toward the
// head. Source: docs/mathematics.md, "A slanted part".
#include "core/solution/solution.h"

namespace fm {

/// One end of the nut, flush with the board's edge.
struct NutEnd {
    double along_mm = 0; ///< at the front face, from the centreline along the part; the bass end negative
    double run = 0;      ///< how far it goes toward the treble for every mm toward the head
};

struct NutPlan {
    NutEnd bass;
    NutEnd treble;

    double length_mm() const { return treble.along_mm - bass.along_mm; }
    /// The larger of both halves.
    double half_mm() const;
    /// Between the ends, and beyond them.
    double run_at(double along_mm) const;
};

/// Square to its front face unless the frets are fanned: then the nut stands at `nut.angle_deg`, its ends run
/// with the board's edges, and its front face is as long as the board is wide along it.
NutPlan nut_plan_of(const Design& design, const Solution& solution);

/// Whether the strings' places on the front face stand forward of the nut line by different amounts.
bool is_stepped(const Solution& solution);
/// How far the foremost of them stands over the board; 0 without steps.
double deepest_step_mm(const Solution& solution);
/// Whether those steps lie square to the strings, and can be drawn on a face that does.
inline bool draws_steps(const Solution& solution) {
    return is_stepped(solution) && solution.nut_angle_deg == 0;
}

/// How far a slot runs toward the treble for every mm behind the front face: toward its post, without one
/// along the string's own line; seen from the nut, which may stand aslant.
double slot_run(const Design& design, const Solution& solution, std::size_t string);

/// How much wider a slot opens on the front face than it is across itself, because it runs aslant.
double slot_opening_factor(double run);

} // namespace fm
