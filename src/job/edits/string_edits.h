#pragma once
// Strings added to a job and taken out of it, with everything the job says of them.
#include "job/document/value.h"

#include <cstddef>

namespace fm {

/// The most strings a job can have.
inline constexpr std::size_t most_strings = 14;

/// A string like the chosen one, on its treble side: its pitch, gauge and make-up, its targets and its post;
/// a place of its own where places are given one by one; nothing read of it yet.
[[nodiscard]] Value with_string_added(const Value& document, std::size_t string);

/// Without that string and all that is said of it. The last string stays.
[[nodiscard]] Value with_string_removed(const Value& document, std::size_t string);

} // namespace fm
