#pragma once
// The ways in which a gauge reads how high a string stands at its ends. Source: docs/mathematics.md,
// "Readings".
#include "core/found/reading_log.h"
#include "core/solution/solution.h"

#include <optional>
#include <string_view>

namespace fm {

/// What the gauges should read on one string, in every way.
struct GaugeReadings {
    double open_gap_fret1_mm = 0;
    double pressed_gap_2_mm = 0;
    double pressed_gap_3_mm = 0;
    double action12_mm = 0;
    double action12_capo_mm = 0;
};

/// What is read and taken off at a part is.
constexpr LengthKind length_kind_of(BenchPart part) {
    return part == BenchPart::saddle ? LengthKind::action : LengthKind::gap;
}

/// One way: a gap over fret 1 for the nut, over fret 12 for the saddle, the string open or held down at a
/// fret. Whoever asks what is read, what it means or where it is written asks it here.
struct ReadingWay {
    BenchPart part = BenchPart::nut; ///< nut or saddle
    int held_at = 0;                 ///< held down at this fret; 0: the string is open

    bool open() const { return held_at == 0; }
    /// Under `readings` in the job file; a pressed gap has its `pressed_fret` beside it.
    std::string_view key() const;
    /// What a gauge reads of a string whose ends stand so [mm].
    double gap_mm(const StringOnNeck& string, const EndHeights& ends) const;
    /// What was read in this way, if anything was.
    std::optional<double> read_mm(const StringReadings& read) const;
    /// What it reads on a string as solved, or as foretold [mm].
    double of(const StringSolution& string) const;
    double of(const GaugeReadings& readings) const;

    friend bool operator==(const ReadingWay&, const ReadingWay&) = default;
};

/// The way a job reads its nut, or its action. A nut that is thought of as a zero fret is read open.
ReadingWay nut_way(const Design& design);
ReadingWay action_way(const Design& design);
/// @param part nut or saddle
ReadingWay way_of(const Design& design, BenchPart part);

} // namespace fm
