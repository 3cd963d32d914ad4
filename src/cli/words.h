#pragma once
#include <optional>
#include <string>
#include <utility>
#include <vector>

namespace fm {

/// Why a command line ends otherwise than with 0: a job it cannot be done for; wrong usage, or something
/// named that is not there; what was asked for could not be written.
inline constexpr int exit_unsolvable = 1;
inline constexpr int exit_usage = 2;
inline constexpr int exit_not_written = 3;

/// What a command says and how it ends: 0 done, else one of the above.
struct CommandResult {
    std::string output;
    std::string errors;
    int exit_code = 0;
};

/// The words of a command: what stands alone, and the options with their values ("" for a switch).
struct Words {
    std::vector<std::string> plain;
    std::vector<std::pair<std::string, std::string>> options;
    std::vector<std::string> as_written; ///< all of them, without the command itself

    std::optional<std::string> option(const std::string& name) const;
    bool has(const std::string& name) const { return option(name).has_value(); }
};

/// An option a command knows.
struct KnownOption {
    const char* name;  ///< without its dashes: "pretty"; one letter has one dash
    const char* value; ///< what it takes, as the help says it: "DIR"; "" for a switch
    const char* help;
};

/// One command: how it is called, and what its help says.
struct Command {
    const char* name;
    const char* plain; ///< what stands alone: "JOB..."
    const char* needs; ///< the same in words: "a job file"
    std::size_t least; ///< how many words stand alone
    std::size_t most;
    const char* summary; ///< on a line
    const char* more;    ///< "" or what else is to be known
    std::vector<KnownOption> options;
    CommandResult (*run)(const Words&);
};

/// @param words without the command itself @param fault what is wrong, if nothing is returned
std::optional<Words> sorted_words(const std::vector<std::string>& words, const Command& command,
                                  std::string& fault);

/// The help of one command.
std::string help_of(const Command& command);

/// A whole number written in a word, nothing else; nothing if it is none or out of range.
std::optional<int> whole_number_in(const std::string& word, int least, int most);

/// A number written in a word, nothing else.
std::optional<double> number_in(const std::string& word);

} // namespace fm
