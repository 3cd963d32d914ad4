#include "job/exchange/csv.h"

#include "core/words/message.h"

#include <algorithm>
#include <array>

namespace fm {

namespace {

/// The sign between cells: whichever the header row has most of.
char separator_of(std::string_view text) {
    const std::string_view header = text.substr(0, text.find('\n'));
    constexpr std::array<char, 3> signs{',', ';', '\t'};
    return *std::max_element(signs.begin(), signs.end(), [&](char a, char b) {
        return std::count(header.begin(), header.end(), a) < std::count(header.begin(), header.end(), b);
    });
}

std::string trimmed(const std::string& text) {
    const std::size_t first = text.find_first_not_of(" \t\r");
    if (first == std::string::npos) return {};
    return text.substr(first, text.find_last_not_of(" \t\r") - first + 1);
}

/// Rows of cells; a cell in quotes may hold separators, line ends and doubled quotes.
} // namespace

std::vector<CsvRow> csv_rows(std::string_view text, const char* about) {
    const char separator = separator_of(text);
    std::vector<CsvRow> rows(1);
    std::string cell;
    bool quoted = false;
    const auto end_cell = [&] {
        rows.back().push_back(trimmed(cell));
        cell.clear();
    };
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (quoted && c == '"' && i + 1 < text.size() && text[i + 1] == '"') {
            cell += text[++i];
        } else if (c == '"' && (quoted || trimmed(cell).empty())) {
            quoted = !quoted;
        } else if (!quoted && c == separator) {
            end_cell();
        } else if (!quoted && c == '\n') {
            end_cell();
            rows.emplace_back();
        } else {
            cell += c;
        }
    }
    if (quoted)
        throw InputError({"csv_quote_open",
                          Severity::error,
                          about,
                          {static_cast<int>(rows.size()), std::string(), std::string()}});
    end_cell();
    std::erase_if(rows, [](const CsvRow& row) {
        return std::all_of(row.begin(), row.end(), [](const std::string& text_) { return text_.empty(); });
    });
    return rows;
}

std::string csv_cell(const std::string& text) {
    if (text.find_first_of(",\"\n\r") == std::string::npos) return text;
    std::string quoted = "\"";
    for (const char c : text) quoted += c == '"' ? std::string("\"\"") : std::string(1, c);
    return quoted + '"';
}

} // namespace fm
