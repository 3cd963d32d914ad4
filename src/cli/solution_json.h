#pragma once
#include "core/solution/solution.h"
#include "job/read/job.h"

namespace fm {

/// A solution as `solve` prints it. Source: docs/job-file.md, "What solve prints".
/// @param tools files and feelers to choose from; where there are none the keys of their choice are null
Value solution_json(const Design& design, const Solution& solution, const Tools& tools);

} // namespace fm
