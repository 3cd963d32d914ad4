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

/// Runs one command line without the program's name. argc and argv serve the drawing of sheets (fonts).
CommandResult run_command(const std::vector<std::string>& words, int argc, char** argv);

} // namespace fm
