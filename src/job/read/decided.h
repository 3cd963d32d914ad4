#pragma once
// What a person decides for a step of the plan, and why; it stands in the record.
#include "core/found/reading_log.h"
#include "job/read/record.h"

#include <string>
#include <string_view>

namespace fm {

struct PartDecision {
    BenchPart part = BenchPart::nut;
    std::string_view word; ///< of the way, as the job file has it under plan.PART
    bool as_proposed = false;
    std::string text;       ///< what was decided, for a person
    std::string instead_of; ///< what is proposed, where it is another way
    std::string reason;     ///< not empty then
    std::string when;       ///< ISO 8601
};

/// The plan's step goes that way. What is proposed goes on following the readings; another way stands until
/// it is taken back.
[[nodiscard]] Value with_decision(const Value& document, const PartDecision& decision);

/// The decisions about a part that stand, in the order they were made.
std::vector<RecordEntry> decisions_about(const std::vector<RecordEntry>& record, BenchPart part);

} // namespace fm
