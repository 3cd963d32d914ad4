#pragma once
// The shop's own lists as a person fills them in: which there are in workshop.json, their columns, and what a
// row must have before it is kept. What may stand in a cell the workshop's reader says.
#include "core/words/message.h"
#include "core/words/units.h"
#include "job/document/value.h"

#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace fm {

/// `strings`: a whole set, read from a file, shown and not typed.
enum class ShopCell { text, length, number, flag, word, strings };

struct ShopColumn {
    std::string_view key; ///< of the row; "" where the row is a number itself
    const char* name;     ///< English; translated in the context "shop"
    ShopCell cell = ShopCell::text;
    bool needed = false; ///< a row without it is not kept yet
    LengthKind length = LengthKind::small;
    std::span<const std::string_view> words = {}; ///< of a cell that is one of these
};

struct ShopList {
    std::string_view key; ///< in workshop.json
    const char* name;     ///< English; translated in the context "shop"
    const char* told;     ///< what it is for
    std::vector<ShopColumn> columns;
    /// A list of plain lengths in the file. A row is such a number; with a name beside it, which stands under
    /// `names` in the file, an object of `mm` and `name`.
    bool of_numbers = false;
    std::string_view names = {};
    /// Not a list but single values of the file: its rows are these, whose key the first column says.
    std::vector<ShopColumn> values = {};
};

const std::vector<ShopList>& shop_lists();

/// A cell of a row; nothing where it is empty.
const Value* shop_cell_of(const ShopList& list, const Value& row, const ShopColumn& column);
/// A row with another cell, null for an empty one; null where nothing is left of it.
[[nodiscard]] Value with_shop_cell(const ShopList& list, const Value& row, const ShopColumn& column,
                                   const Value& cell);

/// Whether a row has all it needs.
bool is_whole(const ShopList& list, const Value& row);

/// What a shop usually has, for one that has not said: an empty array where there is nothing usual.
Value usual_rows(const ShopList& list);

/// The rows of a list in the file; of single values one row.
Value::Array shop_rows(const Value& document, const ShopList& list);
/// The file with these rows, those that are whole; lists of lengths in order and without doubles. The usual
/// set put where nothing stood is marked as such (`usual`), until rows are written there again.
[[nodiscard]] Value with_shop_rows(const Value& document, const ShopList& list, const Value::Array& rows);

/// An empty shop with what a shop usually has of tools, marked as such.
Value begun_shop(const Value& document);

/// What was typed into a cell. @param unit of a bare length @returns nothing, and the fault, where it is none
std::optional<Value> shop_cell(const ShopColumn& column, const std::string& typed, Unit unit, Message& fault);

/// Rows as CSV, the columns' keys as a header, lengths in mm.
std::string csv_of(const ShopList& list, const Value::Array& rows);
/// Rows from CSV with such a header, or as they stand in the table, then in the shop's units.
/// @throws InputError (shop_csv) with row and column
Value::Array rows_of_csv(const ShopList& list, std::string_view csv, const Units& units);

} // namespace fm
