#pragma once
// Filing to a gap, one string at a time: what is there, what is wanted, how much of it in this pass.
// Source: docs/mathematics.md, "At the bench".
#include "core/found/hand.h"
#include "core/found/plan.h"

#include <array>
#include <optional>
#include <string_view>
#include <vector>

namespace fm {

enum class FilingState {
    to_read,    ///< nothing read since the part or another one was last worked on
    to_file,    ///< material for a pass
    read_again, ///< near: one more reading tells whether it is there
    left,       ///< as found: what is missing or too much is within the gauge, or was left by choice
    there,      ///< within two standard deviations of the target
    too_deep    ///< below the target by more than that
};

/// One string at the bench; for relief the only one. Gaps are what the gauge reads: over fret 1 at the nut,
/// over fret 12 at the saddle, under the straight string for relief.
struct Filing {
    std::size_t string = 0;
    FilingState state = FilingState::to_read;
    std::optional<double> now_mm;      ///< the mean of what was read since the last pass
    std::optional<double> expected_mm; ///< what older readings say the gauge should show
    double wanted_mm = 0;   ///< what it should read in the end, neck and other parts as they are now
    double gauge_u_mm = 0;  ///< one standard deviation of one reading
    double u_mm = 0;        ///< of now_mm; the gauge's while nothing is read
    int readings = 0;       ///< since the last pass
    double per_part_mm = 1; ///< how far the gap falls for one mm off the part
    double pass_mm = 0;     ///< to take off the part in this pass; of a rod or a screw both ways
    double by_gauge_mm = 0; ///< the same for a hand nothing is known of
    double all_mm = 0;      ///< to the target; negative: missing

    double above_mm() const { return now_mm.value_or(wanted_mm) - wanted_mm; }
    /// Where to stop and read.
    double stop_mm() const { return now_mm.value_or(wanted_mm) - pass_mm * per_part_mm; }
    bool done() const { return state == FilingState::there || state == FilingState::left; }
};

/// Where to go next once a string is there.
enum class FilingHabit { bass_to_treble, treble_to_bass, worst_first, round };
constexpr std::array<std::string_view, 4> words_of(FilingHabit) {
    return {"bass_to_treble", "treble_to_bass", "worst_first", "round"};
}

/// A nut's gap as the job's own way of reading shows it.
struct SchoolGap {
    double mm = 0;
    bool as_read = false; ///< else worked out from another way of reading
};
/// Gaps over fret 1 by the job's own school; none of strings whose ends are not known that way.
std::vector<std::optional<SchoolGap>> school_gaps(const Design& design, const Solution& target,
                                                  const ReadingLog& entries,
                                                  const std::vector<KnownString>& known);

/// Everything to file at the nut or the saddle, bass to treble, or the relief alone; strings whose other end
/// was never read stay out.
/// @param entries all readings, in the order of the file  @param hand what is known of it
std::vector<Filing> filing_of(const Design& design, const Solution& target, const ReadingLog& entries,
                              BenchPart part, const Hand& hand);

/// What passes at that part took off, by the readings before and after each.
/// @param from_entry only those in this entry or later, in the order of the file
std::vector<PassOutcome> pass_outcomes(const Design& design, const Solution& target,
                                       const ReadingLog& entries, BenchPart part, std::size_t from_entry = 0);

/// Which of them is next; nothing when all are there or too deep.
/// @param current index into the list, of the one just left; none: where to begin
std::optional<std::size_t> next_filing(const std::vector<Filing>& filings, std::optional<std::size_t> current,
                                       FilingHabit habit);

/// The one last worked on at that part, and whether it is to stay in hand; the first by the habit if none
/// was.
std::optional<std::size_t> filing_in_hand(const std::vector<Filing>& filings, const ReadingLog& entries,
                                          BenchPart part, FilingHabit habit);

/// What comes off the whole part before its strings are filed one by one: a saddle's bottom, or what two
/// screws lower, under the outer strings; negative: packing under a saddle, screws up, a shim under a nut.
/// Nothing where it was done and not all strings were read since.
std::optional<EdgeMargins> whole_first(const Design& design, const Solution& target,
                                       const ReadingLog& entries, BenchPart part);

/// Relief lost for an eighth of a turn that tightens, from this instrument's own logged turns; none without,
/// or while their readings do not tell it from nothing.
std::optional<double> relief_per_eighth_mm(const Design& design, const ReadingLog& entries);

/// About how far to turn for that, a quarter at most at once; none where nothing is known of this rod.
std::optional<int> rod_turn_eighths(const Design& design, const ReadingLog& entries,
                                    double relief_to_lose_mm);

} // namespace fm
