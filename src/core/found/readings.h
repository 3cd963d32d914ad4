#pragma once
// The heights that follow from what gauges said. Source: docs/mathematics.md, "Readings".
#include "core/found/reading_log.h"
#include "core/solution/solution.h"

#include <optional>
#include <string>
#include <vector>

namespace fm {

/// Nothing smaller can be read: no slot is filed, no bottom sanded or packed by less.
constexpr double least_read_mm = 0.02;

/// What is known of one string from all entries.
struct KnownString {
    std::optional<double> above_fret_line_mm; ///< a = z_n - F_0, moves with the neck
    std::optional<double> saddle_z_mm;        ///< moves with the body
    bool only_at_least = false; ///< the nut reading was 0: the string touches, the slot may be deeper still
    std::optional<double> nut_gap_mm; ///< the newest nut number itself
    int nut_pressed_fret = 0;         ///< held down there when it was read; 0: the string was open
    std::optional<double> action_mm;  ///< the newest action number itself
    /// What leaves alone said of nut and action since a number was read of them.
    std::optional<ReadingBound> nut_bound;
    int nut_bound_pressed_fret = 3; ///< held down there, where the bound is of a pressed gap
    std::optional<ReadingBound> action_bound;
    // Each from the newest entry that has it.
    std::optional<double> slot_width_mm;
    SlotSeen slot;
    std::vector<std::size_t>
        rests_on; ///< places, in the order they count, of the entries both heights rest on

    bool complete() const { return above_fret_line_mm && saddle_z_mm; }
};

/// What was found before anything was touched: of every number the newest that was read so.
ReadingEntry as_found_readings(const ReadingLog& entries, std::size_t strings);

/// The relief the newest entry with a relief gives, else the job's own; none: straight.
std::optional<Relief> found_relief(const Design& design, const ReadingLog& entries);

/// Heights known after all entries, bass to treble. Set-forward and saddle points are those solved for the
/// target.
std::vector<KnownString> known_heights(const Design& design, const Solution& target,
                                       const ReadingLog& entries);

/// The necks entries were read on: the design's own, then one for every entry that read a relief.
std::vector<Neck> necks_of_ordered(const NeckDesign& design, const std::vector<ReadingEntry>& ordered);
/// The same as known_heights() of a few entries that are in order already.
std::vector<KnownString> heights_of_ordered(const Design& design, const Solution& target,
                                            const std::vector<ReadingEntry>& ordered);
/// Of these strings alone; the others are as if they had never been read. @param necks of the entries
std::vector<KnownString> heights_of_ordered(const Solution& target, const std::vector<ReadingEntry>& ordered,
                                            const std::vector<Neck>& necks,
                                            const std::vector<std::size_t>& strings);

/// One standard deviation of what an entry reads: its own, else its gauge's, else the usual one: feelers for
/// relief and nut, a rule in half millimetres for the action [mm].
double u_of_relief_mm(const ReadingEntry& entry);
double u_of_nut_mm(const ReadingEntry& entry, const StringReadings& read);
double u_of_action_mm(const ReadingEntry& entry, const StringReadings& read);

/// The slots as they are found, in the same places as the target's: floor heights over the seat, if known.
std::vector<std::optional<double>> found_floors_mm(const Solution& target,
                                                   const std::vector<KnownString>& known);

} // namespace fm
