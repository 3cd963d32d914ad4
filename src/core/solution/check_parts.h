#pragma once
// What the files check_*.cpp share: one for each part of the instrument.
#include "core/solution/check.h"

namespace fm {

inline std::string key_of_string(std::size_t i) {
    return "strings[" + std::to_string(i) + "]";
}

/// Strings, their sound, and where they buzz.
void doubt_sound(const Design& design, const Solution& solution, std::vector<Message>& out);

/// Saddle and bridge.
void doubt_saddle_and_bridge(const Design& design, const Solution& solution, std::vector<Message>& out);
/// With a bridge: what it stands on.
void doubt_top(const Design& design, const Solution& solution, std::vector<Message>& out);

} // namespace fm
