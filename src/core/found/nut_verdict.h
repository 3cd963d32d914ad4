#pragma once
// What to do with a nut whose slots are too low, too wide or filled before.
// Source: docs/mathematics.md, "Too low, too wide: the nut".
#include "core/found/readings.h"

#include <vector>

namespace fm {

/// One slot with readings, against its target.
struct SlotFinding {
    std::size_t string = 0;
    double raise_mm = 0;       ///< what it stands too low by; 0 if it does not
    double lower_mm = 0;       ///< what it stands too high by; 0 if it does not
    bool raise_counts = false; ///< beyond what its gauges can tell
    bool lower_counts = false;
    bool too_wide = false;
    bool filled = false;
    bool wiggles = false;
    std::optional<double> width_excess_mm;

    bool to_fill() const { return raise_counts || too_wide; }
};

/// What a nut found so calls for, with the numbers it rests on.
struct NutDecision {
    NutChoice proposal = NutChoice::file; ///< what the rules say
    NutChoice choice = NutChoice::file;   ///< what the plan goes by: the person's, else the proposal
    std::optional<double> shim_mm;        ///< where a shim is offered
    std::vector<std::size_t> fill;        ///< slots to fill where filling is offered
    double below_mm = 0;                  ///< what can come off the nut's bottom in one, with file and below
    std::size_t slots = 0;                ///< with readings
    std::size_t raises = 0;               ///< that count
    std::size_t lowers = 0;               ///< that count
    std::size_t wide_or_filled = 0;
    double largest_raise_mm = 0; ///< of those that count
    double mean_raise_mm = 0;    ///< of those that count
};

/// The slots of the strings that have both numbers: how far each stands from its target.
/// @param nut_mm a − a*, one a string; nothing: not known
std::vector<SlotFinding> slot_findings(const Solution& target, const std::vector<KnownString>& known,
                                       const std::vector<std::optional<double>>& nut_mm);

/// What the rules say, with the amounts of every way they offer.
/// @param nut how it is made: its shims' step, whether it clamps, came with its slots, or is packed already
/// @param strings of the instrument
/// @param wanted the person's choice; one that cannot be (a shim where nothing counts as low, from below
/// where not every slot counts) becomes file; of a nut that clamps, which nobody files, left
NutDecision nut_decision(const std::vector<SlotFinding>& findings, const NutDesign& nut, std::size_t strings,
                         std::optional<NutChoice> wanted = {});

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
