#include "core/solution/quantities.h"

#include "core/solution/numbers_parts.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <stdexcept>

namespace fm {

namespace {

/// A pattern with its empty brackets filled from the numbers in turn.
std::string filled_brackets(std::string_view pattern, const std::vector<Index>& numbers) {
    std::string text;
    Index used = 0;
    for (const char c : pattern) {
        text += c;
        if (c == '[' && used < numbers.size()) text += std::to_string(numbers[used++]);
    }
    return text;
}

/// A key with what stands in its brackets taken out.
std::optional<std::string> emptied_brackets(std::string_view key, std::vector<Index>& numbers) {
    std::string pattern;
    for (Index at = 0; at < key.size(); ++at) {
        pattern += key[at];
        if (key[at] != '[') continue;
        Index number = 0;
        const char* first = key.data() + at + 1;
        const auto [end, error] = std::from_chars(first, key.data() + key.size(), number);
        if (error != std::errc() || end == key.data() + key.size() || *end != ']') return std::nullopt;
        numbers.push_back(number);
        at += static_cast<Index>(end - first);
    }
    return pattern;
}

} // namespace

const std::vector<Quantity>& quantities() {
    static const std::vector<Quantity> all = [] {
        std::vector<Quantity> list;
        for (const auto& part : {nut_quantities(), string_quantities(), saddle_quantities(),
                                 bridge_quantities(), piece_quantities()})
            list.insert(list.end(), part.begin(), part.end());
        return list;
    }();
    return all;
}

const Quantity& quantity_of(std::string_view key) {
    for (const Quantity& quantity : quantities())
        if (quantity.key == key) return quantity;
    throw std::logic_error("no number is called " + std::string(key));
}

bool Quantity::along_strings() const {
    constexpr std::array lists{"saddle.height_mm[]",
                               "saddle.take_off_mm[]",
                               "straight_saddle.residuals_mm[]",
                               "straight_saddle.residuals_cents[]",
                               "straight_saddle.line_to_crown_mm[]",
                               "straight_saddle.front_to_crown_mm[]"};
    return key.starts_with("notches[") || key.starts_with("bridge.pins[") ||
           std::find(lists.begin(), lists.end(), key) != lists.end();
}

std::string NumberKey::text() const {
    std::vector<Index> numbers;
    if (quantity->of_string()) numbers.push_back(string);
    if (quantity->size) numbers.push_back(item);
    return filled_brackets(quantity->key, numbers);
}

std::string NumberKey::name() const {
    const std::string whole = text();
    return whole.starts_with("strings[") ? whole.substr(whole.find("].") + 2) : whole;
}

std::optional<int> NumberKey::fret() const {
    if (!quantity->size || !quantity->of_string()) return std::nullopt;
    return static_cast<int>(item) + quantity->first_fret;
}

std::optional<NumberKey> number_of_key(const Solution& solution, std::string_view key) {
    std::vector<Index> numbers;
    const auto pattern = emptied_brackets(key, numbers);
    if (!pattern) return std::nullopt;
    for (const Quantity& quantity : quantities()) {
        if (quantity.key != *pattern) continue;
        NumberKey number{&quantity, 0, 0};
        Index used = 0;
        if (quantity.of_string()) number.string = numbers[used++];
        if (quantity.size) number.item = numbers[used];
        if (quantity.of_string() && number.string >= solution.strings.size()) return std::nullopt;
        if (quantity.size && number.item >= quantity.size(solution, number.string)) return std::nullopt;
        return number;
    }
    return std::nullopt;
}

std::optional<double> value_of(const Solution& solution, const NumberKey& number) {
    const Quantity& quantity = *number.quantity;
    if (quantity.size && number.item >= quantity.size(solution, number.string)) return std::nullopt;
    return quantity.value(solution, number.string, number.item);
}

std::vector<NumberKey> all_numbers(const Solution& solution) {
    std::vector<NumberKey> list;
    for (const Quantity& quantity : quantities()) {
        const Index strings = quantity.of_string() ? solution.strings.size() : 1;
        for (Index i = 0; i < strings; ++i) {
            const Index items = quantity.size ? quantity.size(solution, i) : 1;
            for (Index k = 0; k < items; ++k) {
                const NumberKey number{&quantity, i, k};
                if (value_of(solution, number)) list.push_back(number);
            }
        }
    }
    return list;
}

std::string string_key(std::size_t string, std::string_view name) {
    return "strings[" + std::to_string(string) + "]." + std::string(name);
}

} // namespace fm
