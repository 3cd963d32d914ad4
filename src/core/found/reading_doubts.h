#pragma once
#include "core/found/plan.h"

namespace fm {

/// Readings of one string that cannot all be right: pressed further from fret 1 than open, or a string that
/// would stand below a fret's top. They are told, not left out; which to take again the person decides.
std::vector<Message> reading_doubts(const Design& design, const Solution& target, const ReadingLog& entries);

/// Told where the strings will turn the bridge harder than they do now, by more than a tenth.
/// @param wanted as it will be
std::optional<Message> moment_doubt(const Plan& plan, const Solution& wanted);

} // namespace fm
