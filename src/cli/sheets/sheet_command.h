#pragma once
#include "cli/words.h"

namespace fm {

/// Draws sheets, or one part for a machine, into a file.
CommandResult sheet_command(const Words& words);

} // namespace fm
