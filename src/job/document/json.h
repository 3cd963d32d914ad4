#pragma once
#include "job/document/value.h"

#include <string>
#include <string_view>

namespace fm {

constexpr std::size_t largest_job_bytes = std::size_t{8} * 1024 * 1024;

/// Reads JSON text, strictly: one document, no comments, no NaN, no key twice in one object, at most 64
/// levels.
/// @throws InputError (json_...) that says where. Text over largest_job_bytes is refused before it is read.
Value parse_json(std::string_view text);

/// JSON text that a person can read and write: objects and arrays on one line where they fit, numbers in the
/// fewest digits that read back the same. Ends with a newline.
std::string written_json(const Value& document);

/// What a file of that document holds: the same, or on one line where it would be too large to be read again.
/// @throws InputError (file_too_large) for a document that no file may hold
std::string file_text(const Value& document);

/// The same on one line without spaces at the ends, for machines.
std::string compact_json(const Value& document);

/// A number as JSON has it, in the fewest digits that read back the same.
std::string number_text(double value);

} // namespace fm
