#pragma once
// Which kind of length a number is, by its key. Source: docs/mathematics.md, "Reading fields".
#include "core/words/units.h"

#include <string_view>

namespace fm {

/// @param key of a number in the job file or in a solution, its brackets filled or not. What is neither long
/// nor a gap nor an action is small.
LengthKind length_kind_of(std::string_view key);

} // namespace fm
