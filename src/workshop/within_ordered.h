#pragma once
// Steps chosen so that they fit what the owner ordered: a sum, minutes, or both.
// Source: docs/mathematics.md, "What is ordered".
#include "core/found/plan.h"
#include "job/state/state.h"
#include "workshop/schedule.h"
#include "workshop/workshop.h"

#include <optional>
#include <string_view>
#include <vector>

namespace fm {

/// What the steps of a plan take, the intonation after them too.
struct PlanCost {
    struct Step {
        SetupStep step = SetupStep::relief;
        double minutes = 0;
        double price = 0; ///< 0 where the shop has no rate
    };
    std::vector<Step> steps; ///< those with something to do, in the order of the work
    double minutes = 0;
    double price = 0;
};

/// What is left of what was ordered; each only where it was ordered. A sum needs the shop's rate.
struct OrderedLeft {
    std::optional<double> minutes;
    std::optional<double> sum;

    bool holds(const PlanCost& cost) const;
};

/// A step that goes another way than the plan goes now.
struct OtherWay {
    BenchPart part = BenchPart::nut;
    std::string_view word; ///< in the job file, under plan.PART
};

/// The way that leaves the least undone of all that fit.
struct WithinOrdered {
    std::vector<OtherWay> others; ///< in the order of the work
    Plan plan;
    PlanCost cost;
};

struct OrderedStory {
    OrderedLeft left;
    double worked_minutes = 0;
    double spent = 0;                    ///< what these come to; 0 where the shop has no rate
    PlanCost cost;                       ///< of the plan as it goes now
    std::optional<WithinOrdered> within; ///< where that does not fit
};

PlanCost cost_of(const Plan& plan, const Job& job, const Solution& solution, const ShopTables& tables);

/// Nothing where nothing was ordered for at most so much, or nothing was read. Ways no rule allows, and ways
/// that meet a stop the plan does not meet, are not among those it chooses from. What is undone is how far
/// the gauges will read from what they would read after the whole plan, in standard deviations of a gauge.
std::optional<OrderedStory> ordered_story(const State& state, const ShopTables& tables, PlanOrder order);

} // namespace fm
