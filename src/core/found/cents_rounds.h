#pragma once
// Which of a tuner's readings count together. Source: docs/mathematics.md, "Which cents count together".
#include "core/found/readings.h"

#include <map>
#include <optional>
#include <vector>

namespace fm {

/// One reading of a tuner, and what it was read with.
struct CentsRead {
    int fret = 12;
    double cents = 0; ///< as the tuner said it
    CentsAgainst against = CentsAgainst::open;
    ReadingState state = ReadingState::found;
    double moved_mm = 0; ///< of its crown, by all moves written down by then; + lengthens
    bool counts = true;  ///< strings, heights, relief and crown are still those it was read with
};

struct CentsOfString {
    std::vector<CentsRead> reads;    ///< in the order they count, those that do not count any more too
    double moved_mm = 0;             ///< of its crown, by all moves written down
    int moves = 0;                   ///< since the round began
    std::map<int, PitchHeard> heard; ///< by fret, where no tuner was read and no crown moved since
    std::optional<double>
        crown_mm; ///< from fret 12 to its crown now, measured and moved since [along the string]
};

/// The cents of every string. New strings, work at the bench, the end of *as found*, and a number of relief,
/// heights or crown that changed by more than its gauge scatters begin a new round (cents and heights both as
/// left belong together all the same); a move of a crown that is written down does not.
std::vector<CentsOfString> cents_rounds(const ReadingLog& entries, std::size_t strings);

/// The newest cents of every fret of a string that still count, with its crown where it stands now.
std::vector<CentsRead> newest_cents(const ReadingLog& entries, std::size_t string);

} // namespace fm
