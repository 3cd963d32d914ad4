#pragma once
#include "job/document/value.h"

#include <string_view>

namespace fm {

constexpr std::size_t largest_set_bytes = std::size_t{256} * 1024;

/// A set of strings from comma, semicolon or tab separated text with a header row: pitch (or pitch_hz),
/// diameter with or without a unit (diameter_in: inches), wound, core_mm, core, unit_mass_g_m, course. In the
/// order of the rows.
/// @returns the `strings` array of a job. Which numbers are allowed the job says.
/// @throws InputError (csv_...) that names row, column and value
Value strings_of_csv(std::string_view text);

} // namespace fm
