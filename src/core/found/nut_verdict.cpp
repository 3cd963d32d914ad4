#include "core/found/nut_verdict.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {
constexpr double too_wide_mm = 0.1;     // over string and clearance
constexpr double least_mean_mm = 0.05;  // a nut that lacks less in the mean is not shimmed
constexpr double deepest_fill_mm = 0.4; // deeper goes to a new nut
constexpr double step_slack_mm = 0.005; // up to this over a step counts as the step
constexpr double rounding_mm = 1e-9;    // so that a sum of decimals does not tip a rule
} // namespace

std::vector<SlotFinding> slot_findings(const Solution& target, const std::vector<KnownString>& known,
                                       const std::vector<std::optional<double>>& nut_mm) {
    std::vector<SlotFinding> findings;
    for (std::size_t i = 0; i < known.size(); ++i) {
        if (!nut_mm[i]) continue;
        SlotFinding slot;
        slot.string = i;
        slot.raise_mm = std::max(0.0, -*nut_mm[i]);
        slot.lower_mm = std::max(0.0, *nut_mm[i]);
        if (known[i].slot_width_mm)
            slot.width_excess_mm = *known[i].slot_width_mm - target.strings[i].slot.width_mm;
        slot.filled = seen(known[i].slot, SlotFound::filled);
        slot.wiggles = seen(known[i].slot, SlotFound::wiggles);
        slot.too_wide =
            slot.filled || slot.wiggles || slot.width_excess_mm.value_or(0.0) > too_wide_mm + rounding_mm;
        findings.push_back(slot);
    }
    return findings;
}

double shim_of_raise_mm(double raise_mm, double step_mm) {
    return step_mm * std::ceil((raise_mm - step_slack_mm - rounding_mm) / step_mm);
}

namespace {

struct Slots {
    std::vector<std::size_t> to_fill;
    std::size_t to_file = 0; ///< that count
    double least_lower_mm = 0;
};

Slots count(const std::vector<SlotFinding>& findings, NutDecision& decision) {
    Slots slots;
    decision.slots = findings.size();
    for (const SlotFinding& slot : findings) {
        if (slot.raise_counts) {
            ++decision.raises;
            decision.mean_raise_mm += slot.raise_mm;
            decision.largest_raise_mm = std::max(decision.largest_raise_mm, slot.raise_mm);
        }
        if (slot.too_wide) ++decision.wide_or_filled;
        if (slot.to_fill()) slots.to_fill.push_back(slot.string);
        if (!slot.lower_counts) continue;
        slots.least_lower_mm =
            decision.lowers == 0 ? slot.lower_mm : std::min(slots.least_lower_mm, slot.lower_mm);
        ++decision.lowers;
    }
    if (decision.raises > 0) decision.mean_raise_mm /= static_cast<double>(decision.raises);
    return slots;
}

NutChoice proposed(const NutDecision& counted, const Slots& slots, bool too_deep) {
    if (slots.to_fill.empty()) return counted.lowers > 0 ? NutChoice::file : NutChoice::leave;
    if (2 * counted.wide_or_filled >= counted.slots) return NutChoice::replace;
    if (3 * counted.raises > 2 * counted.slots && counted.mean_raise_mm > least_mean_mm)
        return NutChoice::shim;
    if (3 * slots.to_fill.size() <= counted.slots) return too_deep ? NutChoice::replace : NutChoice::fill;
    return NutChoice::choose;
}

/// A block that clamps is never filed: shims raise it, and lowering is its seat's matter.
NutChoice proposed_clamping(const NutDecision& counted) {
    return counted.raises > 0 ? NutChoice::shim : NutChoice::leave;
}

/// What a choice comes to, where it cannot be as it is.
NutChoice possible(NutChoice choice, const NutDecision& decision, bool from_below, bool clamping) {
    if (clamping) {
        const bool shim = choice == NutChoice::shim && decision.raises > 0;
        return shim || choice == NutChoice::replace ? choice : NutChoice::leave;
    }
    if (choice == NutChoice::shim && decision.raises == 0) return NutChoice::file;
    if (choice == NutChoice::below && !from_below) return NutChoice::file;
    return choice;
}

} // namespace

NutDecision nut_decision(const std::vector<SlotFinding>& findings, const NutDesign& nut, std::size_t strings,
                         std::optional<NutChoice> wanted) {
    NutDecision decision;
    const Slots slots = count(findings, decision);
    const bool too_deep = decision.largest_raise_mm > deepest_fill_mm + rounding_mm;
    const bool from_below = decision.slots > 0 && decision.lowers == strings;
    decision.proposal = nut.clamping ? proposed_clamping(decision) : proposed(decision, slots, too_deep);
    // One that came with its slots keeps them: its bottom first. What is packed already is not packed again.
    if (nut.ready_slotted && from_below && decision.proposal == NutChoice::file)
        decision.proposal = NutChoice::below;
    if (nut.packing_mm > 0 && decision.proposal == NutChoice::shim && !nut.clamping)
        decision.proposal = NutChoice::replace;
    decision.choice = possible(wanted.value_or(decision.proposal), decision, from_below, nut.clamping);
    const bool choosing = decision.choice == NutChoice::choose;
    if (decision.choice == NutChoice::shim || (choosing && decision.mean_raise_mm > least_mean_mm))
        decision.shim_mm = shim_of_raise_mm(decision.largest_raise_mm, nut.shim_step_mm);
    if (decision.choice == NutChoice::fill || (choosing && !too_deep)) decision.fill = slots.to_fill;
    if (from_below && (decision.choice == NutChoice::file || decision.choice == NutChoice::below))
        decision.below_mm = slots.least_lower_mm;
    return decision;
}

std::optional<ShimStack> shim_stack(const std::vector<double>& owned_mm, double amount_mm, double step_mm) {
    std::optional<ShimStack> best;
    const auto consider = [&](std::vector<double> shims) {
        ShimStack stack{std::move(shims), 0};
        for (const double shim : stack.shims_mm) stack.total_mm += shim;
        if (stack.total_mm > amount_mm + step_mm + rounding_mm) return;
        const double off = std::abs(stack.total_mm - amount_mm);
        const double best_off = best ? std::abs(best->total_mm - amount_mm) : off + 1.0;
        const bool fewer = best && stack.shims_mm.size() < best->shims_mm.size();
        if (off < best_off - rounding_mm || (off < best_off + rounding_mm && fewer)) best = std::move(stack);
    };
    for (std::size_t a = 0; a < owned_mm.size(); ++a) {
        consider({owned_mm[a]});
        for (std::size_t b = a + 1; b < owned_mm.size(); ++b) {
            consider({owned_mm[a], owned_mm[b]});
            for (std::size_t c = b + 1; c < owned_mm.size(); ++c)
                consider({owned_mm[a], owned_mm[b], owned_mm[c]});
        }
    }
    return best;
}

ClampingNut clamping_nut(const std::vector<SlotFinding>& findings, const std::vector<double>& shims_mm,
                         double shim_step_mm) {
    ClampingNut nut;
    std::optional<double> spare_mm;
    for (const SlotFinding& slot : findings) {
        if (slot.raise_counts) nut.raise_mm = std::max(nut.raise_mm, slot.raise_mm);
        spare_mm = std::min(spare_mm.value_or(slot.lower_mm), slot.lower_mm);
    }
    if (nut.raise_mm > 0)
        nut.stack = shim_stack(shims_mm, nut.raise_mm, shim_step_mm);
    else
        nut.lower_mm = spare_mm.value_or(0.0);
    return nut;
}

} // namespace fm
