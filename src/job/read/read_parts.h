#pragma once
// What the files read_*.cpp share: one for each part of a job file.
#include "job/document/reader.h"
#include "job/read/job.h"

namespace fm {

// Wide of every instrument, and inside the smallest radius allowed, so that every fret has a height there.
inline constexpr double farthest_string_mm = 95.0;
inline constexpr double smallest_radius_mm = 100.0;
inline constexpr Range end_stiffness_range{-5.0, 5.0}; // a fitted value may leave 0 … 1

std::optional<Relief> read_relief(Reader holder, std::string_view key, const NeckDesign& design);
Spacing read_spacing(Reader& holder, const Design& design);
Targets read_targets(Reader& reader, Range range, std::size_t strings);
std::optional<Blank> read_blank(Reader& part);

void read_nut(Reader& root, Design& design);
void read_saddle(Reader& root, Design& design);
void read_bridge(Reader& root, Design& design);
/// The earlier entry of a list that an entry takes the place of, if it says so. @param place of the entry
/// itself
std::optional<std::size_t> read_replaces(Reader& entry, std::size_t place);
std::vector<SurveyFinding> read_survey(Reader& root);
std::vector<ReadingEntry> read_readings(Reader& root, const Design& design);

} // namespace fm
