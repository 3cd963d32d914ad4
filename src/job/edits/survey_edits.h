#pragma once
// Changes of a job document at the survey: what was seen, and what was read before anything was touched.
#include "core/design/survey.h"
#include "core/found/string_readings.h"
#include "job/document/value.h"

#include <optional>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

namespace fm {

/// A point of the survey marked, or not looked at; its note and picture stay.
[[nodiscard]] Value with_survey_mark(const Value& document, const SurveyPoint& point,
                                     std::optional<SurveyMark> mark);
/// A text of a point: "note" or "photo"; an empty one is left out.
[[nodiscard]] Value with_survey_text(const Value& document, const SurveyPoint& point, std::string_view key,
                                     const std::string& text);

/// A point of one's own more, not looked at yet; one less; what was seen at one, and the words about it.
[[nodiscard]] Value with_own_point(const Value& document, const std::string& name);
[[nodiscard]] Value without_own_point(const Value& document, std::size_t place);
[[nodiscard]] Value with_own_mark(const Value& document, std::size_t place, SurveyMark mark);
[[nodiscard]] Value with_own_note(const Value& document, std::size_t place, const std::string& note);
/// A picture of a string's slot, by its name in the job's folder; "" takes it away.
[[nodiscard]] Value with_slot_photo(const Value& document, std::size_t string, const std::string& photo);

/// What one reading as found sets.
struct FoundReading {
    /// Places within the entry and what stands there: "strings[2].action12_mm", "relief", "humidity_pct"; the
    /// first is the reading, the others say how it was read.
    std::vector<std::pair<std::string, Value>> set;
    std::string gauge_of; ///< "nut", "action", "relief", or "" for none
    Value gauge;          ///< its word, or name and ± of one of the shop's own
};

/// A reading as found. It joins this sitting's entry; one typed again in this sitting becomes a correction
/// that takes the entry's place whole, so that nothing is rewritten. Another gauge begins another entry.
/// @param when ISO 8601 time of the sitting
[[nodiscard]] Value with_found_reading(const Value& document, std::size_t strings,
                                       const FoundReading& reading, std::string_view when);

/// The gauge of this sitting's newest entry, named after its readings were typed. The document as it is where
/// nothing was read with such a gauge.
/// @param of "nut", "action" or "relief"
[[nodiscard]] Value with_gauge_named(const Value& document, std::string_view of, const Value& gauge,
                                     std::string_view when);

/// What is seen of a slot as found, in the place of all that was said of it before.
[[nodiscard]] Value with_slot_seen(const Value& document, std::size_t strings, std::size_t string,
                                   const SlotSeen& seen, std::string_view when);

} // namespace fm
