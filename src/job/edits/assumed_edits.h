#pragma once
// Changes of the list of values that nobody has measured (core/design/assumed.h).
#include "job/document/value.h"

#include <string_view>

namespace fm {

/// A step, and what it makes measured: a value that is another one than before, or gone, is assumed no more.
/// A step that changes the list itself says what it means and stays as it is.
[[nodiscard]] Value with_measured(const Value& before, const Value& after);

/// Everything the document gives that is measured on an instrument stands as assumed.
[[nodiscard]] Value with_all_assumed(const Value& document);

/// The value under a key as a person has confirmed it.
[[nodiscard]] Value with_confirmed(const Value& document, std::string_view key);

} // namespace fm
