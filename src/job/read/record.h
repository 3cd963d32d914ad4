#pragma once
// What the job remembers besides readings and prints: what was heard, decided, left undone, how long it took.
// Only ever added; a correction is an entry that says what it replaces and why.
#include "core/symptom/symptoms.h"
#include "job/document/value.h"

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace fm {

class Reader;

enum class RecordKind { complaint, decision, left_undone, work, note };
constexpr std::array<std::string_view, 5> words_of(RecordKind) {
    return {"complaint", "decision", "left_undone", "work", "note"};
}

/// In a complaint's text, in the place of its cause, while tests go on.
inline constexpr std::string_view open_complaint = "open";

struct RecordEntry {
    RecordKind kind = RecordKind::note;
    std::string when;              ///< ISO 8601
    std::string text;              ///< what was decided, left, done or noted; of a complaint its cause's word
    std::string reason;            ///< why; of a correction why it was made
    std::string about;             ///< a decision's part: "nut", "saddle"
    std::string instead_of;        ///< what the program proposed, where it was overruled
    std::optional<double> minutes; ///< of work
    std::optional<Heard> heard;    ///< of a complaint
    std::optional<std::size_t> replaces;
};

/// The entries in order, each once: corrections in the place of what they replace; entries withdrawn left
/// out.
struct StandingEntry {
    std::size_t index = 0; ///< in the file, of the entry that says it now
    RecordEntry entry;
    bool corrected = false;
};
std::vector<StandingEntry> standing_entries(const std::vector<RecordEntry>& record);
/// The complaint whose cause is not found yet, the newest of them.
std::optional<StandingEntry> standing_complaint(const std::vector<RecordEntry>& record);
/// Minutes of work, all together.
double minutes_worked(const std::vector<RecordEntry>& record);

/// @param strings and @param frets what the job has: places outside them are faults
std::vector<RecordEntry> read_record(Reader& root, std::size_t strings, int frets);
[[nodiscard]] Value with_record_entry(const Value& document, const RecordEntry& entry);

} // namespace fm
