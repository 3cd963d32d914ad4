#pragma once
#include "cli/words.h"

namespace fm {

/// Runs one command line, given without the program's name.
/// @param sheet what `sheet` does, which needs what draws
CommandResult run_command(const std::vector<std::string>& words, CommandResult (*sheet)(const Words&));

} // namespace fm
