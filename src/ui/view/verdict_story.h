#pragma once
// The verdict on a part as a picture tells it: what was found, and every way side by side with what it does.
#include "job/state/state.h"
#include "workshop/part_ways.h"

#include <QString>

#include <optional>
#include <string_view>
#include <vector>

namespace fm {

/// One string under one way; heights over where it is wanted, + is too high.
struct WayMark {
    std::optional<double> stands_mm; ///< as found; nothing: never read
    std::optional<double> after_mm;  ///< once this way is done
    bool filled = false;             ///< its slot is filled first
    QString reads;                   ///< what the gauge should read then
    bool right = true;               ///< wanted, or as near as its gauges can tell
};

struct WayStory {
    std::string_view word;
    QString name;
    bool can_be = true;
    bool proposed = false;
    bool chosen = false;
    QString does;   ///< with its amounts; why it cannot be
    QString takes;  ///< minutes, waiting, price
    QString leaves; ///< behind
    /// Under the whole part at the bass and at the treble: + goes under it, − comes off its bottom.
    double under_bass_mm = 0;
    double under_treble_mm = 0;
    bool anew = false; ///< the part is made new
    std::vector<WayMark> marks;
};

/// One string as it was found.
struct FoundMark {
    QString name;
    QString read;                    ///< by the gauge, with how it was held
    std::optional<double> stands_mm; ///< over where it is wanted
    QString stands, sure;            ///< the same as it is written, and its ±
    bool counts = false;             ///< more than its gauges can tell
    QString seen;                    ///< what was seen in its slot
    double diameter_mm = 0;
};

struct VerdictStory {
    BenchPart part = BenchPart::nut;
    QString says;        ///< the verdict in a sentence
    QString rests_on;    ///< by which rule and which readings
    QString read_as;     ///< what the gauge reads
    bool notched = true; ///< strings lie in slots; else on a crown
    bool mirrored = false;
    std::vector<FoundMark> found;
    std::vector<WayStory> ways;
};

/// Nothing of it where nothing was read of the part.
VerdictStory verdict_story(const State& state, BenchPart part, const ShopTables& tables, const Tools& tools);

} // namespace fm
