#pragma once
// Changes of a job document at the bench: one reading or one piece of work, one entry.
#include "core/found/readings.h"
#include "job/document/value.h"

#include <string>
#include <string_view>

namespace fm {

/// What was read at the bench, and what was done before it.
struct BenchEntry {
    BenchWork work;
    std::optional<double> read_mm; ///< by the design's school; none: only something done
    std::string gauge;             ///< its word, or ""
};

/// The document with that entry, after all there are.
/// @param when ISO 8601; where an entry there is later, its time is taken, so that this one still counts last
[[nodiscard]] Value with_bench_entry(const Value& document, const Design& design, const ReadingLog& entries,
                                     const BenchEntry& entry, std::string_view when);

/// Whether the last entry was made at the bench: what the pad's minus takes back.
bool ends_at_bench(const Value& document);

} // namespace fm
