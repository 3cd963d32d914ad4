#pragma once
// The instrument as its readings say it stands: the same numbers as for the target, for what is there now.
#include "core/found/readings.h"

namespace fm {

/// One string as found; strings never read stand as the design has them.
struct FoundString {
    StandingString standing;
    std::optional<Sound> sound;
    double harmonic_cents = 0; ///< how far mode two stands above the octave: added to readings against it
    double player_force_n = 0; ///< what this hand plucks it with, open
    std::vector<Headroom> headroom;
    std::vector<std::optional<double>> back_gaps_mm;
    bool read = false; ///< both ends known from readings
};

/// A string standing at those ends on a neck, with all that follows.
FoundString standing_string(const TunedString& tuned, const StringOnNeck& string, const EndHeights& ends);

/// Where a string's ends are by its readings; as wanted where they do not say both.
EndHeights ends_as_found(const StringOnNeck& string, const StringSolution& wanted, const KnownString& known);

/// All strings, on the neck with the relief last read.
std::vector<FoundString> as_found(const Design& design, const Solution& target, const ReadingLog& entries);

/// The design with the relief last read.
Design design_as_found(const Design& design, const ReadingLog& entries);

} // namespace fm
