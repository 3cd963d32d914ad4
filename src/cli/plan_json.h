#pragma once
#include "core/plan.h"
#include "job/job.h"

namespace fm {

/// @param tools the shop's shims, for a clamping nut. The plan as `plan` prints it, steps in their order.
Value plan_json(const Design& design, const Plan& plan, const Tools& tools);

} // namespace fm
