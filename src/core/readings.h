#pragma once
// What gauges said about an instrument, and the heights that follow. Source: docs/mathematics.md, "Readings".
#include "core/solution.h"

#include <algorithm>
#include <optional>
#include <string>
#include <vector>

namespace fm {

/// What was seen of a slot; `fine` clears what was seen before.
enum class SlotFound { wiggles, binds, filled, floor_flat, floor_forward, front_untouched, fine };
constexpr std::array<std::string_view, 7> words_of(SlotFound) {
    return {"wiggles", "binds", "filled", "floor_flat", "floor_forward", "front_untouched", "fine"};
}
/// All that was seen of one slot at once; empty: nothing was said.
using SlotSeen = std::vector<SlotFound>;
inline bool seen(const SlotSeen& slot, SlotFound what) {
    return std::find(slot.begin(), slot.end(), what) != slot.end();
}

/// A leaf that goes or does not: a bound of a reading, shown and compared, never planned by.
struct ReadingBound {
    std::string key; ///< of the reading
    std::optional<double> above_mm;
    std::optional<double> below_mm;
};

enum class CentsAgainst { open, harmonic };

/// What a tuner said of one fretted note.
struct CentsReading {
    int fret = 12;
    double cents = 0;
};

struct StringReadings {
    std::optional<double> open_gap_fret1_mm;
    std::optional<double> pressed_gap_mm;
    int pressed_fret = 3;
    std::optional<double> action12_mm;
    std::optional<double> action12_capo_mm;
    std::optional<double> slot_width_mm;
    SlotSeen slot;
    std::vector<CentsReading> cents;
    CentsAgainst cents_against = CentsAgainst::open;
    std::optional<double> crown_moved_mm; ///< before these readings; + lengthens
    // Of a reading that says itself how sure it is, between two leaves.
    std::optional<double> nut_u_mm;
    std::optional<double> action_u_mm;
    std::vector<ReadingBound> bounds;
    std::optional<double> crown_found_mm; ///< fret 12 to crown along the string, as these cents were read

    bool has_nut() const { return open_gap_fret1_mm || pressed_gap_mm; }
    bool has_action() const { return action12_mm || action12_capo_mm; }
};

enum class ReadingState { found, during, left };

/// What an entry was read with: words of gauges or names of the shop's own, "" where it is not said.
struct ReadingGauges {
    std::string nut;
    std::string action;
    std::string relief;
    // One standard deviation of a gauge of the shop's own.
    std::optional<double> nut_u_mm;
    std::optional<double> action_u_mm;
    std::optional<double> relief_u_mm;
};

/// The parts that are set or filed at the bench.
enum class BenchPart { relief, saddle, nut };

/// What was done at the bench since the reading before this one.
struct BenchWork {
    BenchPart part = BenchPart::nut;
    std::optional<std::size_t> string; ///< worked on; none: the whole part, or the rod
    double wanted_mm = 0; ///< what was to come off in this pass; 0: only read again; negative: filled
    std::optional<EdgeMargins> whole_mm; ///< off the whole part under the outer strings; negative: raised
    int turned_eighths = 0;              ///< of the truss rod; positive: tightened
    std::optional<double> u_mm;          ///< of this reading, where its gauge does not say it: two leaves
};

struct ReadingEntry {
    ReadingState state = ReadingState::found;
    std::string when; ///< ISO 8601, or empty
    std::optional<double> humidity_pct;
    bool strings_new = false; ///< new strings before these readings
    std::optional<Relief> relief;
    bool relief_both_sides = false;      ///< the mean of bass and treble
    std::vector<StringReadings> strings; ///< one a string, or empty
    ReadingGauges gauges;
    std::optional<std::size_t> replaces; ///< an earlier entry, in file order
    std::optional<BenchWork> bench;      ///< read at the bench, and what was done before it
    std::size_t index =
        0; ///< in order: the place in the file of the entry it is, or stands for as a correction
};

/// What is known of one string from all entries.
struct KnownString {
    std::optional<double> above_fret_line_mm; ///< a = z_n - F_0, moves with the neck
    std::optional<double> saddle_z_mm;        ///< moves with the body
    bool only_at_least = false; ///< the nut reading was 0: the string touches, the slot may be deeper still
    std::optional<double> nut_gap_mm; ///< the newest nut number itself
    int nut_pressed_fret = 0;         ///< held down there when it was read; 0: the string was open
    std::optional<double> action_mm;  ///< the newest action number itself
    // Each from the newest entry that has it.
    std::optional<double> slot_width_mm;
    SlotSeen slot;
    std::vector<std::size_t>
        rests_on; ///< places, in the order they count, of the entries both heights rest on

    bool complete() const { return above_fret_line_mm && saddle_z_mm; }
};

/// The entries in the order they count: by time if all have one, else as written; replaced ones left out.
std::vector<ReadingEntry> in_order(const std::vector<ReadingEntry>& entries);

/// What was found before anything was touched: of every number the newest that was read so.
ReadingEntry as_found_readings(const std::vector<ReadingEntry>& entries, std::size_t strings);

/// The relief the newest entry with a relief gives, else the job's own; none: straight.
std::optional<Relief> found_relief(const Design& design, const std::vector<ReadingEntry>& ordered);

/// Heights known after all entries, bass to treble. Set-forward and saddle points are those solved for the
/// target.
std::vector<KnownString> known_heights(const Design& design, const Solution& target,
                                       const std::vector<ReadingEntry>& entries);

/// The same of entries that are in order already.
std::vector<KnownString> heights_of_ordered(const Design& design, const Solution& target,
                                            const std::vector<ReadingEntry>& ordered);

/// One standard deviation of what an entry reads: its own, else its gauge's, else the usual one: feelers for
/// relief and nut, a rule in half millimetres for the action [mm].
double u_of_relief_mm(const ReadingEntry& entry);
double u_of_nut_mm(const ReadingEntry& entry, const StringReadings& read);
double u_of_action_mm(const ReadingEntry& entry, const StringReadings& read);

/// The slots as they are found, in the same places as the target's: floor heights over the seat, if known.
std::vector<std::optional<double>> found_floors_mm(const Solution& target,
                                                   const std::vector<KnownString>& known);

} // namespace fm
