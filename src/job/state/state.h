#pragma once
// All that follows from one document, worked out once a change: what every station, sheet and command reads.
#include "core/found/filing.h"
#include "core/found/plan.h"
#include "core/found/readings.h"
#include "core/found/stops.h"
#include "core/string/neck.h"
#include "job/document/value.h"
#include "job/read/job.h"

#include <memory>
#include <optional>
#include <vector>

namespace fm {

/// One document, one job, one solution.
struct State {
    Value document;
    Job job;
    Neck neck;                      ///< of the job's design
    Solution written;               ///< the design as it is written: what readings are judged by
    Design work_design;             ///< with the heights the plan leads to, once there are readings
    Solution solution;              ///< of that: what is shown, and cut by
    std::vector<KnownString> known; ///< heights as found, from the readings
    std::vector<std::optional<SchoolGap>> nut_gaps;  ///< by the job's own way of reading
    std::vector<std::optional<double>> found_floors; ///< over the seat
    ReadingEntry found;                              ///< read before anything was touched, one entry of all
    std::vector<Message> reading_doubts;             ///< readings that cannot all be right
    std::optional<Plan> plan;                        ///< from the readings, once there are both on a string
    std::vector<Stop> stops;                         ///< that nobody has passed
    std::optional<NutAlone> nut;                     ///< of the plan, else judged by itself
};

/// What follows from a job that could be read.
std::shared_ptr<const State> state_of(Job job, const Value& document);

/// Everything of a document, or what is wrong with it.
struct StateResult {
    std::shared_ptr<const State> state;
    std::vector<Message> problems;
};
StateResult state_of(const Value& document);

} // namespace fm
