#pragma once
// Tables as text: comma, semicolon or tab between the cells, whichever the first row has most of.
#include <string>
#include <string_view>
#include <vector>

namespace fm {

using CsvRow = std::vector<std::string>;

/// Rows of cells, without empty ones; a cell in quotes may hold separators, line ends and doubled quotes.
/// @param about what the text is, for the message @throws InputError (csv_quote_open) where a quote stays
/// open
std::vector<CsvRow> csv_rows(std::string_view text, const char* about);

/// A cell as it is written between commas.
std::string csv_cell(const std::string& text);

} // namespace fm
