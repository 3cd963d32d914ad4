#pragma once
#include "job/document/value.h"

#include <string_view>

namespace fm {

constexpr std::size_t largest_scale_bytes = std::size_t{64} * 1024;

/// A temperament from the text of a Scala scale file (.scl): twelve notes rising to the octave.
/// @returns the `temperament` object of a job: name, and twelve cents
/// @throws InputError (scl_...) that names the line and what is wanted
Value temperament_of_scl(std::string_view text);

} // namespace fm
