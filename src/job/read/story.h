#pragma once
// The job told in order, and before and after: what the record's page, the owner's and the shop's sheet say.
#include "core/found/reading_way.h"
#include "job/read/job.h"

namespace fm {

/// Before and after of one number.
struct BeforeAfter {
    std::optional<double> found;
    std::optional<double> now; ///< newest since; none: not read again
};
struct StringBeforeAfter {
    BeforeAfter nut_gap_mm; ///< read in one way on all strings
    BeforeAfter action_mm;
    BeforeAfter cents12;
};
struct JobBeforeAfter {
    BeforeAfter relief_mm; ///< at the frets of the newest reading
    BeforeAfter humidity_pct;
    /// How the nut's gaps were read: the job's own way, or another where nothing was read by it.
    ReadingWay nut_way;
    std::vector<StringBeforeAfter> strings;
};
JobBeforeAfter before_and_after(const Job& job);

/// Whether anything was read after the instrument was found.
bool read_since_found(const Job& job);
/// What was read last since it was found, written down as how the instrument left the bench: what was not
/// read again is not known of it.
[[nodiscard]] Value with_left_readings(const Value& document, const Job& job, std::string_view when);
/// A reading withdrawn, with why: an entry in its place that says nothing.
[[nodiscard]] Value without_reading(const Value& document, std::size_t index, const std::string& reason);

/// One line of the story.
struct StoryLine {
    enum class Source { reading, record, print };
    std::string when;
    Source source = Source::reading;
    std::size_t index = 0;     ///< in its list in the file
    std::vector<Message> says; ///< one after the other
    std::string text;          ///< in the person's own words
    std::string reason;
    bool corrected = false;
};
/// Everything in the order it happened; what was replaced is left out, what replaced it says so.
std::vector<StoryLine> story_of(const Job& job);

} // namespace fm
