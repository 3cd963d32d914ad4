#pragma once
// What sheets and machines are given: the job with the heights its plan leads to, once there are readings.
#include "job/state/state.h"

namespace fm {

/// The job with the design that is worked by.
Job worked_job(const State& state);

/// What nobody has passed of what stops the work at that part; none: of all of it.
std::vector<std::string> stop_words(const State& state, std::optional<BenchPart> part);

/// For the head of a sheet: what its heights come from; "" for the design
/// as written.
std::string by_plan_words(const State& state);

} // namespace fm
