#pragma once
#include "core/found/plan.h"

namespace fm {

/// In which order this bench works the parts of a set-up: a habit, for every job.
PlanOrder plan_order();
void keep_plan_order(PlanOrder order);

} // namespace fm
