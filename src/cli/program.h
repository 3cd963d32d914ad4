#pragma once
#include "cli/commands.h"

namespace fm {

/// The whole of a program that runs one command line: its streams, its exit code.
/// @param sheet what `sheet` does
int run_program(int argc, char** argv, CommandResult (*sheet)(const Words&));

} // namespace fm
