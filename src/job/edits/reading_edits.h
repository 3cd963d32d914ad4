#pragma once
// How the list of readings grows: the one way an entry is begun, appended and corrected.
#include "core/found/reading_way.h"
#include "core/words/length.h"
#include "job/document/value.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace fm {

/// The entries of a document as they are written; none where it has no list of them.
const Value::Array& written_readings(const Value& document);

/// A new entry. @param when ISO 8601; none: not said @param strings how many to read; 0: it has no list of
/// them
Value begun_reading(ReadingState state, std::optional<std::string_view> when, std::size_t strings = 0);

/// A length as it was read: a number, or the leaves it lies between.
Value value_of_read(const WrittenLength& read);

/// What was read of a string, written where it belongs; a pressed gap with the fret it was held at.
/// @param string its place in the document or in an entry: "strings[2]"
[[nodiscard]] Value with_gap(const Value& holder, const std::string& string, const ReadingWay& way,
                             const WrittenLength& read);

/// The document with one entry more at the end.
[[nodiscard]] Value with_reading_added(const Value& document, const Value& entry);

/// The document with an entry that stands in another's place. @param why in a few words, for the file
[[nodiscard]] Value with_reading_corrected(const Value& document, std::size_t index, const Value& entry,
                                           const std::string& why);

/// Which entries a later one stands for.
std::vector<bool> replaced_entries(const Value::Array& entries);

} // namespace fm
