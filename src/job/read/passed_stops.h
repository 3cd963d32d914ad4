#pragma once
// Stops that somebody has passed, with a reason that stands in the record.
#include "core/found/stops.h"
#include "job/read/job.h"

#include <string_view>

namespace fm {

/// The decision that passed a stop; none: it still stops.
std::optional<RecordEntry> passed(const std::vector<RecordEntry>& record, std::string_view point);

/// The stops of a job that nobody has passed, in the order of the work.
/// @param written its design solved @param plan from its readings; none: only what the survey found
std::vector<Stop> open_stops(const Job& job, const Solution& written, const std::optional<Plan>& plan);

/// Passes a stop: a decision in the record. @param reason not empty @param when ISO 8601
[[nodiscard]] Value with_stop_passed(const Value& document, const Stop& stop, std::string_view reason,
                                     std::string_view when);

} // namespace fm
