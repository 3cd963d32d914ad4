#pragma once
#include <optional>
#include <string>
#include <utility>
#include <vector>

namespace fm {

/// The words of a command: what stands alone, and the options with their values ("" for a switch).
struct Words {
    std::vector<std::string> plain;
    std::vector<std::pair<std::string, std::string>> options;

    std::optional<std::string> option(const std::string& name) const;
    bool has(const std::string& name) const { return option(name).has_value(); }
};

/// An option a command knows: "-o" takes a value, "--pretty" is a switch.
struct KnownOption {
    const char* name;
    bool takes_value;
};

/// @param words without the command itself @param fault what is wrong, if nothing is returned
std::optional<Words> sorted_words(const std::vector<std::string>& words,
                                  const std::vector<KnownOption>& known, std::string& fault);

/// A whole number written in a word, nothing else; nothing if it is none or out of range.
std::optional<int> whole_number_in(const std::string& word, int least, int most);

/// A number written in a word, nothing else.
std::optional<double> number_in(const std::string& word);

} // namespace fm
