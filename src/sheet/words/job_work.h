#pragma once
// What sheets and machines are given: the job with the heights its plan leads to, once there are readings.
#include "core/found/plan.h"
#include "job/read/job.h"

namespace fm {

struct JobWork {
    Job job;
    Solution solution;
    std::string
        by_plan; ///< for the head of a sheet, what its heights come from; "" for the design as written
};

/// @param written the job's design solved
JobWork job_work(const Job& job, const Solution& written);

} // namespace fm
