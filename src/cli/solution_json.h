#pragma once
#include "core/solution.h"
#include "job/value.h"

namespace fm {

/// A solution as `solve` prints it. Source: docs/job-file.md, "What solve prints".
Value solution_json(const Design& design, const Solution& solution);

} // namespace fm
