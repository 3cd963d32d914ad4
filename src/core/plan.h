#pragma once
// From readings to cuts: what to do, in the shop's order, and what the gauge should read after each step.
// Source: docs/mathematics.md, "The plan".
#include "core/nut_verdict.h"
#include "core/saddle_cut.h"

#include <optional>
#include <vector>

namespace fm {

enum class PlanOrder { neck_saddle_nut, neck_nut_saddle };

/// What the gauges should read on one string.
struct GaugeReadings {
    double open_gap_fret1_mm = 0;
    double pressed_gap_2_mm = 0;
    double pressed_gap_3_mm = 0;
    double action12_mm = 0;
    double action12_capo_mm = 0;
};
using After = std::vector<std::optional<GaugeReadings>>; ///< nothing for strings never read

struct ReliefStep {
    std::optional<Relief> from;  ///< as read last, at its own frets
    std::optional<double> to_mm; ///< at the same frets
    After after;
};
struct SaddleStep {
    std::vector<std::optional<double>> take_off_mm; ///< negative: raise
    SaddleCut cut;
    std::optional<EdgeMargins> screws_mm; ///< where two screws set the height
    After after;
};
struct NutStep {
    std::vector<std::optional<double>> take_off_mm; ///< with a shim: what remains to file after it
    std::vector<std::optional<double>> raise_mm;
    std::vector<bool> at_least; ///< the string touched: its slot may be deeper still
    std::vector<SlotFinding> findings;
    NutDecision decision;
    After after;
};

struct Plan {
    PlanOrder order = PlanOrder::neck_saddle_nut;
    ReliefStep relief;
    SaddleStep saddle;
    NutStep nut;
    std::optional<double> moment_found_nm; ///< about the soundboard, as found; needs a bridge and all strings
    std::vector<std::size_t> unread;       ///< strings without both numbers
};

/// The plan from all readings so far: computed again whenever one is added.
/// @param target the design solved @returns nothing if no string has both a nut and an action number
std::optional<Plan> plan(const Design& design, const Solution& target,
                         const std::vector<ReadingEntry>& entries, PlanOrder order);

} // namespace fm
