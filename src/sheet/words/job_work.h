#pragma once
// What sheets and machines are given: the job with the heights its plan leads to, once there are readings.
#include "job/state/state.h"

namespace fm {

/// The job with the design that is worked by.
Job worked_job(const State& state);

/// For the head of a sheet: what its heights come from, and which stops nobody has passed; "" for the design
/// as written.
std::string by_plan_words(const State& state);

} // namespace fm
