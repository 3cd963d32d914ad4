#pragma once
#include <string>
#include <vector>

namespace fm {

/// What a command says and how it ends: 0 done, 1 the job cannot be solved, 2 wrong usage.
struct CommandResult {
    std::string output;
    std::string errors;
    int exit_code = 0;
};

/// Runs one command line, given without the program's name.
CommandResult run_command(const std::vector<std::string>& words);

} // namespace fm
