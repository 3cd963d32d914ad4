#pragma once
#include "job/document/value.h"

#include <string>

namespace fm {

/// Another job of the same instrument: what was read, decided, done, printed and ordered stays behind.
/// @param plane_mm where the fret plane passes, for a job that worked it out of what was read
[[nodiscard]] Value same_instrument(const Value& document, const std::string& title, double plane_mm);

} // namespace fm
