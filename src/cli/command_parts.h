#pragma once
// What the files *_commands.cpp share.
#include "cli/commands.h"
#include "cli/words.h"
#include "core/solution/solution.h"
#include "job/read/job.h"
#include "workshop/workshop.h"

namespace fm {

/// Wrong usage: what is wrong, then how it is called.
CommandResult usage(const std::string& fault);
/// Everything a command could not do, one line each, with the exit code of the worst.
CommandResult told(const std::vector<Message>& problems);
/// 2 for a file or folder that is not there, 3 for one that was not written, else 1.
int exit_code_of(const Message& problem);
std::string line_of(const Message& message);
/// A JSON document as the command was asked to print it: one line, or spread with --pretty.
CommandResult printed(const Value& value, const Words& words);

/// A job file, or standard input for "-". @throws InputError if it cannot be read at all
Value document_at(const std::string& path);

/// A job, solved; or why not.
struct SolvedJob {
    std::optional<Job> job;
    Solution solution;
    std::vector<Message> problems; ///< not empty: there is no solution

    bool good() const { return problems.empty(); }
};
/// @throws InputError if the file cannot be read at all
SolvedJob solved_job(const std::string& path);
SolvedJob solved_job(const Value& document);

/// The shop a command is to use; without --workshop an empty one.
struct Shop {
    Workshop workshop;
    std::string left_out; ///< what could not be read of it and the command does not need, a line each

    /// A command's result, with what was left out said on standard error.
    CommandResult told_with(CommandResult result) const;
};
inline const std::vector<std::string> tool_keys{"nut_files_mm", "feelers_mm", "shims_mm", "radius_blocks_mm"};
/// @param needed keys of workshop.json the command goes by, or how they begin
/// @throws InputError for a folder that is not there, a file that cannot be read, a fault in a needed key
Shop shop_of(const Words& words, const std::vector<std::string>& needed);

/// The string named by player's number with --string; nothing if it is not there, with `fault` set if it is
/// no string of the job.
std::optional<std::size_t> string_option(const Words& words, const Design& design, std::string& fault);

CommandResult solve_command(const Words& words);
CommandResult plan_command(const Words& words);
CommandResult check_command(const Words& words);
CommandResult explain_command(const Words& words);
CommandResult fit_command(const Words& words);
CommandResult intonation_command(const Words& words);
CommandResult least_action_command(const Words& words);
CommandResult symptom_command(const Words& words);
CommandResult quote_command(const Words& words);
CommandResult convert_command(const Words& words);
CommandResult temperament_command(const Words& words);
CommandResult strings_command(const Words& words);
CommandResult printer_command(const Words& words);

} // namespace fm
