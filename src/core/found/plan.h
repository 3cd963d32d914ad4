#pragma once
// From readings to cuts: what to do, in the shop's order, and what the gauge should read after each step.
// Source: docs/mathematics.md, "The plan".
#include "core/found/nut_verdict.h"
#include "core/found/plan_amounts.h"
#include "core/found/reading_way.h"
#include "core/part/saddle_cut.h"

#include <array>
#include <optional>
#include <string_view>
#include <vector>

namespace fm {

enum class PlanOrder { neck_saddle_nut, neck_nut_saddle };
constexpr std::array<std::string_view, 2> words_of(PlanOrder) {
    return {"neck_saddle_nut", "neck_nut_saddle"};
}

using After = std::vector<std::optional<GaugeReadings>>; ///< nothing for strings never read

/// Of every step: `proposal` is what the rules say, `choice` what the plan goes by.
struct ReliefStep {
    ReliefChoice proposal = ReliefChoice::leave;
    ReliefChoice choice = ReliefChoice::leave;
    std::optional<Relief> from;  ///< as read last, at its own frets
    std::optional<double> to_mm; ///< at the same frets: wanted, or left as it is
    double u_mm = 0;
    After after;

    bool left() const { return choice == ReliefChoice::leave; }
};
struct SaddleStep {
    SaddleChoice proposal = SaddleChoice::leave;
    SaddleChoice choice = SaddleChoice::leave;
    std::vector<std::optional<double>> take_off_mm; ///< what the readings ask for; negative: raise
    std::vector<std::optional<double>> u_mm;
    std::vector<bool> counts;             ///< more than its gauges can tell
    SaddleCut cut;                        ///< what is done; nothing when left, made new or turned
    std::optional<EdgeMargins> screws_mm; ///< where two screws or posts set the height
    After after;

    bool left() const { return choice == SaddleChoice::leave; }
};
struct NutStep {
    std::vector<std::optional<double>> take_off_mm; ///< to file; with a shim or from below: what remains
    std::vector<std::optional<double>> raise_mm;
    std::vector<std::optional<double>> u_mm;
    std::vector<bool> at_least; ///< the string touched: its slot may be deeper still
    std::vector<SlotFinding> findings;
    NutDecision decision;
    After after;

    bool left() const { return decision.choice == NutChoice::leave; }
};

/// Where a string stands once the plan is done.
struct PlannedString {
    double above_fret_line_mm = 0;
    double saddle_z_mm = 0;
    bool slot_stays = false; ///< its slot is left as it was found
};

struct Plan {
    PlanOrder order = PlanOrder::neck_saddle_nut;
    ReliefStep relief;
    SaddleStep saddle;
    NutStep nut;
    std::vector<std::optional<PlannedString>> strings; ///< nothing for strings never read
    // Of the bridge as found; they need a bridge and all strings.
    std::optional<double> moment_found_nm;  ///< about the soundboard
    std::vector<double> breaks_found_deg;   ///< one a string, or empty
    std::vector<double> exposures_found_mm; ///< one a string, or empty where nothing has an exposure
    std::vector<std::size_t> unread;        ///< strings without both numbers
    std::vector<Message> notes;             ///< choices that could not be, and what is done instead
};

/// The parts in the order they are worked.
std::array<BenchPart, 3> parts_in_order(PlanOrder order);
/// Whether a step of the plan has something to do.
bool is_work(const Plan& plan, BenchPart part);
/// The first part with something to do; none: nothing is left but the intonation.
std::optional<BenchPart> next_part(const Plan& plan, PlanOrder order);
/// A part that comes before this one and still has something to do: what is read here will move with it.
std::optional<BenchPart> skipped_before(const Plan& plan, PlanOrder order, BenchPart part);

/// The nut judged by itself, where actions were not read: a pressed gap does not ask for one, an open gap is
/// judged with the action wanted.
struct NutAlone {
    NutStep step;
    bool action_as_wanted = false;
};
std::optional<NutAlone> nut_alone(const Design& design, const Solution& target, const ReadingLog& entries);

/// The design with the neck and the heights the plan leads to.
Design planned_design(const Design& design, const Solution& target, const Plan& plan);

/// What a person cuts by: the design as written, or, once there are readings, with the heights the plan leads
/// to.
struct Work {
    Design design;
    Solution solution;
    bool by_plan = false;
};
/// @param written the design solved
Work work_of(const Design& design, const Solution& written, const std::optional<Plan>& plan);

/// The plan from all readings so far: computed again whenever one is added.
/// Each step's proposal follows the choices before it; the design's own choices win.
/// @param target the design solved @returns nothing if no string has both a nut and an action number
std::optional<Plan> plan(const Design& design, const Solution& target, const ReadingLog& entries,
                         PlanOrder order);

} // namespace fm
