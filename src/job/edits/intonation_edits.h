#pragma once
// Changes of a job document at the tuner: cents as read, crowns as moved.
#include "core/found/readings.h"
#include "job/document/value.h"

#include <array>
#include <optional>
#include <string_view>
#include <vector>

namespace fm {

/// How a job's intonation is worked at. Source: docs/job-file.md, "intonation".
enum class MoveBy { each, line, nut };
constexpr std::array<std::string_view, 3> words_of(MoveBy) {
    return {"each", "line", "nut"};
}
struct IntonationWay {
    MoveBy by = MoveBy::each;
    CentsAgainst against = CentsAgainst::harmonic;
    double flat_cents = 0; ///< aimed flat on purpose
};

class Reader;
IntonationWay read_intonation(Reader& root);

/// One reading of a tuner on one string. Typed again in the same sitting, before its crown was moved, it is a
/// correction: an entry that takes the place of the one before.
/// @param sitting when this sitting began, ISO 8601
[[nodiscard]] Value with_cents(const Value& document, std::size_t strings, std::size_t string,
                               const CentsReading& reading, CentsAgainst against, std::string_view sitting,
                               std::string_view when);
/// Crowns moved by so much; + lengthens. Strings without a number stay.
[[nodiscard]] Value with_crowns_moved(const Value& document,
                                      const std::vector<std::optional<double>>& moved_mm,
                                      std::string_view when);
/// What an ear said of a note, without an amount. Said again in the same sitting it is a correction.
[[nodiscard]] Value with_pitch_heard(const Value& document, std::size_t strings, std::size_t string,
                                     const HeardReading& reading, std::string_view sitting,
                                     std::string_view when);
/// From fret 12 to a crown as it stands, measured along the string. Typed again in the same sitting it is a
/// correction.
[[nodiscard]] Value with_crown_found(const Value& document, std::size_t strings, std::size_t string,
                                     double crown_mm, std::string_view sitting, std::string_view when);
/// New strings were fitted: what was read with the old ones does not count any more.
[[nodiscard]] Value with_new_strings(const Value& document, std::string_view when);

} // namespace fm
