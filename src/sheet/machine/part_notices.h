#pragma once
// What is designed of a part and not drawn on its sheet or in its machine file: nobody should cut by a page
// that hides it.
#include "job/read/job.h"
#include "sheet/machine/machine_part.h"

namespace fm {

/// Sentences in the language of the sheets, none where everything is drawn.
std::vector<std::string> nut_notices(const Job& job, const Solution& solution);
std::vector<std::string> saddle_notices(const Job& job, const Solution& solution);
/// Which values a sheet rests on that nobody has measured.
std::vector<std::string> assumed_notices(const Job& job);
/// The same for a machine's file, which shows less than a sheet.
std::vector<std::string> machine_notices(const Job& job, const Solution& solution, MachinePartKind kind);
/// How deep what is cut from above goes: an outline does not tell.
std::vector<std::string> machine_depths(const Job& job, MachinePartKind kind);

} // namespace fm
