#pragma once
// What to do with a nut whose slots are too low, too wide or filled before.
// Source: docs/mathematics.md, "Too low, too wide: the nut".
#include "core/readings.h"

#include <vector>

namespace fm {

enum class NutVerdict { file, fill, shim, replace, choose };

/// One slot with readings, against its target.
struct SlotFinding {
    std::size_t string = 0;
    double raise_mm = 0; ///< what it stands too low by; 0 if it does not
    double lower_mm = 0; ///< what it stands too high by; 0 if it does not
    bool too_wide = false;
    bool filled = false;
    bool wiggles = false;
    std::optional<double> width_excess_mm;

    bool raise_counts() const;
    bool to_fill() const { return raise_counts() || too_wide; }
};

/// What a nut found so calls for, with the numbers it rests on.
struct NutDecision {
    NutVerdict verdict = NutVerdict::file;
    std::optional<double> shim_mm; ///< where a shim is offered
    std::vector<std::size_t> fill; ///< slots to fill where filling is offered, or wide ones a shim leaves
    std::size_t slots = 0;         ///< with readings
    std::size_t raises = 0;        ///< that count
    std::size_t wide_or_filled = 0;
    double largest_raise_mm = 0;
};

/// The slots of the strings whose readings are complete.
std::vector<SlotFinding> slot_findings(const Solution& target, const std::vector<KnownString>& known);

/// @param shim_step_mm the shop's step, above 0
NutDecision nut_decision(const std::vector<SlotFinding>& findings, double shim_step_mm);

/// A raise rounded up to the shop's step.
double shim_of_raise_mm(double raise_mm, double step_mm);

/// The stack of a shop's shims nearest to an amount and not more than a step over it, from at most three.
struct ShimStack {
    std::vector<double> shims_mm;
    double total_mm = 0;
};
std::optional<ShimStack> shim_stack(const std::vector<double>& owned_mm, double amount_mm, double step_mm);

/// What a clamping (locking) nut needs: the whole block goes up on shims, or down into its seat.
struct ClampingNut {
    double raise_mm = 0;            ///< the largest raise that counts
    std::optional<ShimStack> stack; ///< of the shop's shims; none: none of them come near enough
    double lower_mm = 0;            ///< what every string has above its target: off the seat
};
ClampingNut clamping_nut(const std::vector<SlotFinding>& findings, const std::vector<double>& shims_mm,
                         double shim_step_mm);

} // namespace fm
