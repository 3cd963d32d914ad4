#pragma once
// An instrument over time: the days it was read, and what it did while nobody touched it.
// Source: docs/mathematics.md, "Over time".
#include "core/design/design.h"
#include "core/found/reading_log.h"

#include <optional>
#include <string>
#include <vector>

namespace fm {

/// One number on one day.
struct DayNumber {
    std::optional<double> first, last; ///< as it was read first, and last
};

/// A day on which something was read.
struct Visit {
    std::string day;                    ///< "2031-03-04"
    std::optional<double> humidity_pct; ///< read first that day
    DayNumber relief_mm;                ///< at the frets the newest relief was read at, whatever its own
    std::vector<DayNumber> action_mm;   ///< one a string, as the job reads its action
    std::vector<DayNumber> nut_gap_mm;  ///< one a string, as the job reads its nut
    int turned_eighths = 0;             ///< of the rod; positive: tightened
    bool worked = false;                ///< something was done to it at the bench
};

/// The days in their order; entries that do not say when are left out.
std::vector<Visit> visits_of(const Design& design, const ReadingLog& entries);

/// What it did between two visits, from what was read last on one to what was read first on the next.
struct Away {
    std::size_t from = 0; ///< the visit before
    int days = 0;
    std::optional<double> humidity_pct; ///< how much more it was
    std::optional<double> relief_mm;    ///< how much more there was
    std::optional<double> action_mm;    ///< in the mean of the strings that were read both times
    int strings = 0;                    ///< those
    /// Beyond three standard deviations of what usual gauges can tell.
    bool relief_moved = false;
    bool action_moved = false;
};
/// One less than the visits.
std::vector<Away> aways_of(const std::vector<Visit>& visits);

} // namespace fm
