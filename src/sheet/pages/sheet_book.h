#pragma once
// All sheets of a job: which there are, and their pages together.
#include "core/words/word_of.h"
#include "job/state/state.h"
#include "sheet/pages/part_sheets.h"

#include <span>

namespace fm {

/// A part as the command line and the job's record name it, and as a person reads it.
struct SheetPartName {
    SheetPart part;
    const char* word;
    const char* english; ///< translated in the context "sheet"
    enum class Use {
        cut_by, ///< by what the plan leads to
        told,   ///< of the plan itself
        alone   ///< printed for itself
    } use;
    std::vector<Sheet> (*make)(const SheetContext&);
};
std::span<const SheetPartName> sheet_parts();
const char* word_of(SheetPart part);
std::optional<SheetPart> sheet_part_of_word(std::string_view word);

/// Whether a job has such a part: a bridge's sheet needs a bridge.
bool has_part(const Job& job, SheetPart part);
/// Whether a sheet is printed for itself and not with the job's others: the record's pages, the test page.
bool stands_alone(SheetPart part);
/// All parts of a job that are cut or read by.
std::vector<SheetPart> parts_of(const Job& job);

/// What all sheets of a job are made of.
struct SheetBook {
    const State& state;
    const Tools& tools;
    SheetStyle style;
    std::vector<double>
        floor_sure_mm; ///< ± of every slot's floor; not a number: not known yet; empty: not asked for
};

/// The pages of some parts, in the order of the work.
std::vector<Sheet> sheets_of(const SheetBook& book, const std::vector<SheetPart>& parts);

/// The pages themselves, and all their figures together.
std::vector<Drawing> pages_of(const std::vector<Sheet>& sheets);
Figures figures_of(const std::vector<Sheet>& sheets);

/// Sheets as they would be printed now: what has changed since the job's last print is marked, the revision
/// goes on where anything has.
struct Printing {
    std::vector<Sheet> sheets;
    int revision = 1;
};
Printing printing_of(SheetBook book, const std::vector<SheetPart>& parts);
/// The record of it. @param when ISO 8601
PrintedSheets record_of(const Printing& printing, const std::vector<SheetPart>& parts,
                        const SheetStyle& style, const std::string& when);

/// How sure the floors of the slots are as they will be cut, for the nut's list.
/// @param threads how many to share the solving among, 1 or more
std::vector<double> floors_sure_mm(const State& state, unsigned threads = 1);

} // namespace fm
