#pragma once
// What was printed of a job, and the numbers that stood on it: so that a later print can say what changed.
#include "job/document/value.h"

#include <map>
#include <string>
#include <vector>

namespace fm {

class Reader;

/// Numbers as a sheet gave them, by a name that stays; the name begins with the sheet's word and a point.
/// mm or degrees.
using Figures = std::map<std::string, double>;

/// One print or export of sheets.
struct PrintedSheets {
    std::string when; ///< ISO 8601
    std::vector<std::string> parts;
    std::string paper;
    std::string printer; ///< "" where none was chosen
    int revision = 1;
    Figures figures;
};

/// Of every number what was printed last.
Figures printed_before(const std::vector<PrintedSheets>& prints);
/// Whether any sheet of that word is among those figures.
bool has_sheet(const Figures& figures, const std::string& word);
/// Whether a number is not what was printed last of it; what was never printed has not changed.
bool has_changed(const Figures& before, const std::string& name, double value);
/// The revision sheets with those figures have: the last one's, or the next if a figure has changed.
int revision_of(const std::vector<PrintedSheets>& prints, const Figures& figures);

std::vector<PrintedSheets> read_printed(Reader& root);
/// A print added to the job's record.
[[nodiscard]] Value with_printed(const Value& document, const PrintedSheets& print);

} // namespace fm
