#include "job/exchange/string_set.h"

#include "core/words/length.h"
#include "core/words/message.h"
#include "job/exchange/csv.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <optional>
#include <string>
#include <vector>

namespace fm {

namespace {

constexpr std::size_t most_rows = 14;

using Row = std::vector<std::string>;
constexpr const char* about = "the string set";

[[noreturn]] void fail(const char* id, std::size_t row, const std::string& column, const std::string& value) {
    throw InputError(
        {id, Severity::error, about, {static_cast<int>(row), column.substr(0, 40), value.substr(0, 40)}});
}

std::string lower(std::string text) {
    for (char& c : text)
        if (c >= 'A' && c <= 'Z')
            c = static_cast<char>(c - 'A' + 'a');
        else if (c == ' ' || c == '-')
            c = '_';
    return text;
}

struct Column {
    const char* name; // in the header
    const char* key;  // in the job
    enum Kind { text, length, inches, number, flag, whole } kind;
};

constexpr std::array columns{Column{"pitch", "pitch", Column::text},
                             Column{"note", "pitch", Column::text},
                             Column{"pitch_hz", "pitch_hz", Column::number},
                             Column{"diameter", "diameter_mm", Column::length},
                             Column{"diameter_mm", "diameter_mm", Column::length},
                             Column{"diameter_in", "diameter_mm", Column::inches},
                             Column{"wound", "wound", Column::flag},
                             Column{"wrap", "wrap", Column::text},
                             Column{"core", "core", Column::text},
                             Column{"core_mm", "core_mm", Column::length},
                             Column{"core_in", "core_mm", Column::inches},
                             Column{"unit_mass", "unit_mass_g_m", Column::number},
                             Column{"unit_mass_g_m", "unit_mass_g_m", Column::number},
                             Column{"course", "course", Column::whole}};

const Column* column_of(const std::string& name) {
    for (const Column& column : columns)
        if (lower(name) == column.name) return &column;
    return nullptr;
}

std::optional<double> number_of(std::string text) {
    std::replace(text.begin(), text.end(), ',', '.');
    double value = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (error != std::errc() || end != text.data() + text.size() || !std::isfinite(value))
        return std::nullopt;
    return value;
}

Value cell_value(const Column& column, const std::string& text, std::size_t row) {
    switch (column.kind) {
    case Column::text: return text;
    case Column::length:
    case Column::inches: {
        const Unit bare = column.kind == Column::inches ? Unit::in : Unit::mm;
        const LengthResult written = parse_length(text, {bare, false});
        if (!written) fail("csv_not_a_length", row, column.name, text);
        return std::round(written.length->mm * 1e6) / 1e6;
    }
    case Column::number: {
        const auto number = number_of(text);
        if (!number) fail("csv_not_a_number", row, column.name, text);
        return *number;
    }
    case Column::whole: {
        const auto number = number_of(text);
        if (!number || *number != std::floor(*number) || std::abs(*number) > 1e5)
            fail("csv_not_a_number", row, column.name, text);
        return static_cast<int>(*number);
    }
    case Column::flag: {
        const std::string word = lower(text);
        if (word == "yes" || word == "true" || word == "1" || word == "wound") return true;
        if (word == "no" || word == "false" || word == "0" || word == "plain") return false;
        fail("csv_not_yes_or_no", row, column.name, text);
    }
    }
    return {};
}

} // namespace

Value strings_of_csv(std::string_view text) {
    if (text.size() > largest_set_bytes) fail("csv_too_large", 1, {}, std::to_string(text.size()));
    if (text.starts_with("\xEF\xBB\xBF")) text.remove_prefix(3);
    const std::vector<Row> rows = csv_rows(text, about);
    if (rows.size() < 2) fail("csv_no_rows", rows.size(), {}, {});
    if (rows.size() > most_rows + 1) fail("csv_too_many_rows", rows.size(), {}, {});
    std::vector<const Column*> header;
    for (const std::string& name : rows[0]) {
        header.push_back(column_of(name)); // columns of other meaning are passed over
        for (std::size_t k = 0; header.back() && k + 1 < header.size(); ++k)
            if (header[k] && std::string_view(header[k]->key) == header.back()->key)
                fail("csv_column_twice", 1, name, name);
    }
    const auto has = [&](std::string_view key) {
        return std::any_of(header.begin(), header.end(), [&](const Column* c) { return c && c->key == key; });
    };
    if (!has("pitch") && !has("pitch_hz")) fail("csv_column_missing", 1, "pitch", {});
    if (!has("diameter_mm")) fail("csv_column_missing", 1, "diameter", {});
    Value::Array strings;
    for (std::size_t r = 1; r < rows.size(); ++r) {
        Value::Object string;
        for (std::size_t k = 0; k < std::min(header.size(), rows[r].size()); ++k)
            if (header[k] && !rows[r][k].empty())
                string.emplace_back(header[k]->key, cell_value(*header[k], rows[r][k], r + 1));
        strings.emplace_back(std::move(string));
    }
    return strings;
}

} // namespace fm
