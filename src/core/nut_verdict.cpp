#include "core/nut_verdict.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {
constexpr double least_raise_mm = 0.02; // nothing smaller can be read
constexpr double too_wide_mm = 0.1;     // over string and clearance
constexpr double deepest_fill_mm = 0.4; // deeper goes to a new nut
constexpr double step_slack_mm = 0.005; // up to this over a step counts as the step
constexpr double rounding_mm = 1e-9;    // so that a sum of decimals does not tip a rule
} // namespace

bool SlotFinding::raise_counts() const {
    return raise_mm >= least_raise_mm - rounding_mm;
}

std::vector<SlotFinding> slot_findings(const Solution& target, const std::vector<KnownString>& known) {
    std::vector<SlotFinding> findings;
    for (std::size_t i = 0; i < known.size(); ++i) {
        if (!known[i].complete()) continue;
        SlotFinding slot;
        slot.string = i;
        slot.raise_mm = std::max(0.0, target.strings[i].above_fret_line_mm - *known[i].above_fret_line_mm);
        slot.lower_mm = std::max(0.0, *known[i].above_fret_line_mm - target.strings[i].above_fret_line_mm);
        if (known[i].slot_width_mm)
            slot.width_excess_mm = *known[i].slot_width_mm - target.strings[i].slot.width_mm;
        slot.filled = known[i].slot == SlotFound::filled;
        slot.wiggles = known[i].slot == SlotFound::wiggles;
        slot.too_wide =
            slot.filled || slot.wiggles || slot.width_excess_mm.value_or(0.0) > too_wide_mm + rounding_mm;
        findings.push_back(slot);
    }
    return findings;
}

double shim_of_raise_mm(double raise_mm, double step_mm) {
    return step_mm * std::ceil((raise_mm - step_slack_mm - rounding_mm) / step_mm);
}

NutDecision nut_decision(const std::vector<SlotFinding>& findings, double shim_step_mm) {
    NutDecision decision;
    std::vector<std::size_t> to_fill;
    std::vector<std::size_t> wide;
    decision.slots = findings.size();
    for (const SlotFinding& slot : findings) {
        if (slot.raise_counts()) ++decision.raises;
        if (slot.too_wide) ++decision.wide_or_filled;
        if (slot.to_fill()) to_fill.push_back(slot.string);
        if (slot.too_wide) wide.push_back(slot.string);
        decision.largest_raise_mm = std::max(decision.largest_raise_mm, slot.raise_mm);
    }
    const bool too_deep = decision.largest_raise_mm > deepest_fill_mm + rounding_mm;
    if (to_fill.empty()) return decision;
    if (2 * decision.wide_or_filled >= decision.slots) {
        decision.verdict = NutVerdict::replace;
    } else if (3 * decision.raises > 2 * decision.slots) {
        decision.verdict = NutVerdict::shim;
        decision.shim_mm = shim_of_raise_mm(decision.largest_raise_mm, shim_step_mm);
        decision.fill = wide;
    } else if (3 * to_fill.size() <= decision.slots) {
        decision.verdict = too_deep ? NutVerdict::replace : NutVerdict::fill;
        if (!too_deep) decision.fill = to_fill;
    } else {
        decision.verdict = NutVerdict::choose;
        if (decision.raises > 0) decision.shim_mm = shim_of_raise_mm(decision.largest_raise_mm, shim_step_mm);
        decision.fill = too_deep ? wide : to_fill;
    }
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
        if (slot.raise_counts()) nut.raise_mm = std::max(nut.raise_mm, slot.raise_mm);
        spare_mm = std::min(spare_mm.value_or(slot.lower_mm), slot.lower_mm);
    }
    if (nut.raise_mm > 0)
        nut.stack = shim_stack(shims_mm, nut.raise_mm, shim_step_mm);
    else
        nut.lower_mm = spare_mm.value_or(0.0);
    return nut;
}

} // namespace fm
