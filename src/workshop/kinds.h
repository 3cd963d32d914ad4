#pragma once
// Kinds of instruments a job can begin from. Their figures are ordinary for such an instrument and nobody's
// readings: in the job they stand as assumed (core/design/assumed.h).
#include "job/document/value.h"

#include <string>
#include <string_view>
#include <vector>

namespace fm {

class Reader;

struct InstrumentKind {
    std::string word; ///< of a shipped one; "" for a shop's own
    std::string name; ///< English; that of a shipped one is translated in the context "kinds"
    Value job;        ///< neck, strings, nut, saddle, bridge as in a job file
};

/// Those the program brings along, in the order they are offered.
const std::vector<InstrumentKind>& shipped_kinds();

/// One of the shop's own: `name` and `job`. Tells the reader's faults, also those of a job that cannot be
/// solved.
InstrumentKind read_kind(Reader& item, const Value& document);

/// What another instrument of a job's kind begins from, as a workshop's file holds it; nothing that was read,
/// done or decided. @throws InputError where the job is none to begin from
Value kind_of_job(const Value& job, const std::string& name);

/// A job of that kind: all that is measured on an instrument stands as assumed in it. A wanted relief it has
/// none.
[[nodiscard]] Value job_of_kind(const InstrumentKind& kind, const std::string& title);

/// What a job of that kind is called in the job file: a shipped one by its word.
const std::string& word_of_kind(const InstrumentKind& kind);

/// The job as one of another kind: what was measured on the instrument, what was read, done and decided
/// stays; what was assumed, the choices and what is wanted are the kind's.
/// @throws InputError (kind_other_strings) where readings, or gauges that were measured, are of another
/// number of strings
[[nodiscard]] Value with_kind(const Value& job, const InstrumentKind& kind);

} // namespace fm
