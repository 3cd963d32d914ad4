#pragma once
// How long a plan takes: work by the shop's table and the material, waits, and what can be done meanwhile.
// Source: docs/mathematics.md, "How long it takes".
#include "core/found/plan.h"
#include "workshop/workshop.h"

namespace fm {

enum class SetupStep { relief, saddle, nut, intonation };

struct ScheduledStep {
    SetupStep step = SetupStep::relief;
    double minutes = 0;            ///< of work
    double wait_minutes = 0;       ///< afterwards, before the next can begin
    const char* wait_id = "";      ///< message id of what is waited for, "" for nothing
    const char* meanwhile_id = ""; ///< what can be done in that time
    double begins_minutes = 0;     ///< from the start, waits included
    double ends_minutes() const { return begins_minutes + minutes + wait_minutes; }
};

struct Schedule {
    std::vector<ScheduledStep> steps; ///< only those that have something to do, in the plan's order
    double work_minutes = 0;
    double ready_minutes = 0; ///< from the start
};

/// @param material_* of the parts that are worked
Schedule schedule_of(const Plan& plan, const Design& design, const ShopTables& tables);

} // namespace fm
