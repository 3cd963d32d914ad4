#pragma once
// The words of an enum in files and on the command line: one table each, `words_of(E)` beside the enum, in
// the order of its values.
#include <cstddef>
#include <optional>
#include <string_view>

namespace fm {

template <class E> constexpr std::string_view word_of(E value) {
    return words_of(E{})[static_cast<std::size_t>(value)];
}

template <class E> constexpr std::optional<E> of_word(std::string_view word) {
    constexpr auto words = words_of(E{});
    for (std::size_t i = 0; i < words.size(); ++i)
        if (words[i] == word) return static_cast<E>(i);
    return std::nullopt;
}

} // namespace fm
