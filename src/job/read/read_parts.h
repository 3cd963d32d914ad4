#pragma once
// What the files read_*.cpp share: one for each part of a job file.
#include "job/document/reader.h"
#include "job/read/job.h"

namespace fm {

/// What is allowed of a number with a row in core/design/fields. @throws std::logic_error without one
Range range_of(std::string_view key);
/// The numbers of one object of the file, by their rows. @param start of their keys, with the point at its
/// end
/// @param item where `start` has empty brackets
void read_fields(Reader& reader, std::string_view start, Design& design, std::size_t item = 0);

/// @param sides_mm where it was read under both outer strings; may be null
std::optional<Relief> read_relief(Reader holder, std::string_view key, const NeckDesign& design,
                                  std::optional<EdgeMargins>* sides_mm = nullptr);
Spacing read_spacing(Reader& holder, const std::string& key, const Design& design);
Targets read_targets(Reader& reader, const std::string& key, std::size_t strings);
/// @param blank of the design, where the rows of `key` put it
void read_blank(Reader& part, const std::string& key, std::optional<Blank>& blank, Design& design);

void read_nut(Reader& root, Design& design);
void read_saddle(Reader& root, Design& design);
void read_bridge(Reader& root, Design& design);
/// The earlier entry of a list that an entry takes the place of, if it says so. @param place of the entry
/// itself
std::optional<std::size_t> read_replaces(Reader& entry, std::size_t place);
std::vector<SurveyFinding> read_survey(Reader& root);
std::vector<OwnPoint> read_own_points(Reader& root);
/// A picture's name under "photo"; "" for none.
std::string read_photo(Reader& reader);
std::vector<ReadingEntry> read_readings(Reader& root, const Design& design);

} // namespace fm
