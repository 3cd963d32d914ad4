#pragma once
#include "ui/bench/bench_work.h"

#include <optional>

namespace fm {

/// Everything the bench says, ready to be painted and to be read aloud.
struct BenchWords {
    QString string;       ///< "8 · D3", or "Relief"
    QString under_string; ///< course, file
    QString place;        ///< "string 3 of 10"
    QString job;
    QString number; ///< the one that matters
    QString unit;   ///< and a sixty-fourth's remainder
    QString sentence;
    bool stopped = false;              ///< nothing is told before that is passed
    bool warning = false;              ///< too deep
    bool number_is_reading = false;    ///< what a gauge should show, not what is to come off
    QString now, stop, goal;           ///< under the bar
    QString field;                     ///< what the reading is of
    QString uncertainty;               ///< of one reading
    QString note;                      ///< feelers, what was learned, cautions
    QString first;                     ///< what comes before this part and was not done; "" for nothing
    QString apart;                     ///< why it is to read something else here than is wanted in the end
    bool all_there = false;            ///< nothing is left to do at this part
    std::optional<BenchPart> leads_to; ///< the part that is first, or next once this one is done
};

BenchWords bench_words(const Session& session, const BenchWorker& bench);

/// Eighths of a turn as a person says them: "an eighth", "a quarter".
QString turn_words(int eighths);

} // namespace fm
