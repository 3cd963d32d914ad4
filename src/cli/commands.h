#pragma once
#include <string>
#include <vector>

namespace fm {

/// Exit codes besides 0: the job cannot be solved; wrong usage, or something named that is not there; what
/// was asked for could not be written.
inline constexpr int exit_unsolvable = 1;
inline constexpr int exit_usage = 2;
inline constexpr int exit_not_written = 3;

/// What a command says and how it ends: 0 done, else one of the above.
struct CommandResult {
    std::string output;
    std::string errors;
    int exit_code = 0;
};

/// Runs one command line, given without the program's name.
CommandResult run_command(const std::vector<std::string>& words);

} // namespace fm
