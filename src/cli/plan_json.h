#pragma once
#include "core/found/plan.h"
#include "job/read/job.h"

namespace fm {

/// The plan as `plan` prints it, steps in their order. @param target the design solved as written @param
/// tools the shop's shims, for a clamping nut
Value plan_json(const Job& job, const Solution& target, const Plan& plan, const Tools& tools);

} // namespace fm
