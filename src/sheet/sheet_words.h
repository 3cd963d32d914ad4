#pragma once
// Words and numbers as sheets print them.
#include "core/units.h"

#include <string>
#include <vector>

namespace fm {

/// A text of a sheet in the application's language. Named as the translators' tool expects it: the context,
/// then the English.
std::string translate(const char* context, const char* text);
std::string translate(const char* context, const char* text, const std::string& value);
std::string translate(const char* context, const char* text, const std::string& first,
                      const std::string& second);
/// The sentence of a message id in the application's language, with values in their places.
std::string sheet_sentence(std::string_view id);

/// A length in the job's unit as sheets print it, without the unit.
std::string sheet_number(double length_mm, Unit unit);
/// The unit that stands in brackets beside the job's own.
Unit second_unit(Unit unit);

/// The name of a material as it is shown.
std::string material_name(const std::string& material);

/// A text shortened to a width; a job's title may be long.
std::string fitted_text(const std::string& words, double em_mm, double most_mm, bool bold = false);
/// A text as lines no wider than that.
std::vector<std::string> wrapped_text(const std::string& words, double em_mm, double most_mm);
/// Width of a text on the page [mm].
double width_of(const std::string& words, double em_mm, bool bold = false);

} // namespace fm
