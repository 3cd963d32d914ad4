#pragma once
// How a table's columns go beside one another on a page.
#include "sheet/pages/sheet_page.h"

namespace fm {

/// How a table's columns go beside one another.
struct TableFit {
    enum class Cells {
        on_one_line,
        unit_under, ///< the other unit stands under the first
        halved      ///< all that has several words on two lines
    };
    bool halved_heads;
    double em_mm; ///< of what stands in them
    Cells cells;
    bool is_tall() const { return cells != Cells::on_one_line; }
};

/// A table's columns: the lines of every head, how wide what stands in a column is.
struct TableColumns {
    TableFit fit;
    std::vector<std::vector<std::string>> heads;
    std::vector<double> natural;
    std::size_t lines = 1; ///< of the tallest head
    /// Of all of them, without what is between.
    double sum() const;
    /// The lines of what stands in a column.
    std::vector<std::string> cell(std::size_t column, const std::string& words) const;
};

/// The first way to have all of them beside one another: where they are too wide, long heads take two lines,
/// then letters become as small as they may be, then cells take two lines.
TableColumns fitted_columns(const std::vector<TableColumn>& columns,
                            const std::vector<std::vector<std::string>>& rows, double width_mm);

} // namespace fm
