#pragma once
#include "cli/words.h"

namespace fm {

/// Hands the command line to fair-measure-sheets beside this program, in this process's place: it alone needs
/// what draws. Comes back only where it is not there.
CommandResult become_sheet_program(const Words& words);

} // namespace fm
