#include "cli/words.h"

#include <algorithm>
#include <charconv>

namespace fm {

std::optional<std::string> Words::option(const std::string& name) const {
    for (const auto& [key, value] : options)
        if (key == name) return value;
    return std::nullopt;
}

std::optional<Words> sorted_words(const std::vector<std::string>& words,
                                  const std::vector<KnownOption>& known, std::string& fault) {
    Words sorted;
    for (std::size_t i = 0; i < words.size(); ++i) {
        const std::string& word = words[i];
        const bool negative_number =
            word.size() > 1 && word[0] == '-' && (word[1] == '.' || (word[1] >= '0' && word[1] <= '9'));
        if (!word.starts_with('-') || word == "-" || negative_number) {
            sorted.plain.push_back(word);
            continue;
        }
        const auto option = std::find_if(known.begin(), known.end(),
                                         [&word](const KnownOption& one) { return one.name == word; });
        if (option == known.end()) {
            fault = "unknown option " + word;
            return std::nullopt;
        }
        if (option->takes_value && i + 1 >= words.size()) {
            fault = word + " needs a value";
            return std::nullopt;
        }
        sorted.options.emplace_back(word, option->takes_value ? words[++i] : std::string());
    }
    return sorted;
}

std::optional<int> whole_number_in(const std::string& word, int least, int most) {
    int number = 0;
    const auto [end, error] = std::from_chars(word.data(), word.data() + word.size(), number);
    if (error != std::errc() || end != word.data() + word.size() || number < least || number > most)
        return std::nullopt;
    return number;
}

std::optional<double> number_in(const std::string& word) {
    double number = 0;
    const auto [end, error] = std::from_chars(word.data(), word.data() + word.size(), number);
    if (error != std::errc() || end != word.data() + word.size()) return std::nullopt;
    return number;
}

} // namespace fm
