#pragma once
// Defaults that were revised: what a job that relies on them gave before, and gives now.
#include "job/read/job.h"

namespace fm {

/// The defaults a job was written under: `defaults` in its file. New jobs carry the newest.
constexpr int newest_defaults = 2;

/// A note for every revised default the job relies on, and one for every string whose crown, tension or
/// player moved with them, from what to what. Nothing of a job written under the newest defaults.
/// @param solution of the design as it is read now
std::vector<Message> moved_by_defaults(const Value& document, const Design& design, const Solution& solution);

} // namespace fm
