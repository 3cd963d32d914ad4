#pragma once
// What can be done at one part of a set-up: every way with what it does, takes and leaves behind.
// Source: docs/mathematics.md, "Leave it" and "Too low, too wide: the nut".
#include "core/shop/shop_work.h"
#include "job/state/state.h"
#include "workshop/workshop.h"

#include <string_view>
#include <vector>

namespace fm {

/// What one step of a plan takes.
struct StepCost {
    double minutes = 0;
    double wait_minutes = 0;
    Price price; ///< of these minutes, and of the blank a new part is cut from
};
StepCost step_cost(const Plan& plan, BenchPart part, const Job& job, const Solution& solution,
                   const ShopTables& tables);

/// One way. Its numbers are those the plan would have if it were chosen.
struct PartWay {
    std::string_view word; ///< in the job file, under plan.nut, plan.saddle, plan.relief
    Plan plan;             ///< of a nut judged by itself only its nut
    bool can_be = true;    ///< else there is nothing it could do here
    bool proposed = false; ///< by the rules; none is where the maker has to choose
    bool chosen = false;   ///< what the plan goes by now
    StepCost takes;
};

/// In the order from the least to the most that is done; none where nothing was read of the part.
/// @param order of the steps, as the plan goes
std::vector<PartWay> part_ways(const State& state, BenchPart part, const ShopTables& tables,
                               PlanOrder order = PlanOrder::neck_saddle_nut);

} // namespace fm
