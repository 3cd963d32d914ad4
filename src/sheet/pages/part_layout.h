#pragma once
// How a part lies on its page: first in true size, then with its dimensions, then its list.
#include "sheet/pages/sheet_page.h"

namespace fm {

/// A part about the page's middle in true size, under it enlarged with its dimensions. Where nothing larger
/// has room, its front stands there once, in true size with its figures: no view comes twice.
/// @param below_mm room that what follows needs @returns the scale of the dimensioned views
template <class Part> double true_size_and_dimensions(Part& part, SheetPage& page, double below_mm) {
    constexpr double under_true_size_mm = 4;
    constexpr double heading_mm = 7;
    const SheetPage before = page;
    const auto true_size = [&](bool with_front) {
        page.go_to(part.true_size(page.middle(), with_front) - under_true_size_mm);
        page.rule();
    };
    true_size(true);
    const double factor = part.largest_factor(below_mm + heading_mm);
    if (factor == 1.0) {
        page = before;
        true_size(false);
    }
    page.heading(factor == 1.0 ? translate("sheet", "The part itself 1:1")
                               : with_values(translate("sheet", "Enlarged %1"), scale_text(factor)),
                 part.scheme());
    part.dimensioned(factor);
    return factor;
}

/// A row for every string, its name first.
struct StringTable {
    std::vector<TableColumn> columns;
    std::vector<std::vector<std::string>> rows;
};
template <class Part> StringTable list_of(Part& part, const SheetPage& page) {
    StringTable list{part.columns(), {}};
    list.columns.insert(list.columns.begin(), {translate("sheet", "string")});
    for (std::size_t i = 0; i < page.design().strings.size(); ++i) {
        list.rows.push_back(part.row(i));
        list.rows.back().insert(list.rows.back().begin(), page.design().string_name(i));
    }
    return list;
}

/// The least height that list takes on a page like that, which remembers none of its figures.
template <class Part> double least_list_mm(SheetPage page) {
    Part part(page);
    const StringTable list = list_of(part, page);
    return page.least_table_mm(list.columns, list.rows);
}

} // namespace fm
