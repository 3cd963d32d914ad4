#pragma once
// The order of cuts of one part, as cuts_sheets.cpp lays it out.
#include "sheet/pages/sheet_page.h"

#include <string>
#include <vector>

namespace fm {

/// A part's way through the shop.
struct CutOrder {
    std::string name;
    std::vector<std::string> steps;
    std::vector<std::string> cautions;
    std::vector<std::string> notices;      ///< what the part's own sheet does not draw
    std::vector<TableColumn> columns = {}; ///< of a list a string, under the steps; none: no list
    std::vector<std::vector<std::string>> rows = {};
};

/// The bridge's, whatever its kind: made, set and held. Needs a bridge.
CutOrder bridge_order(const SheetContext& context);

} // namespace fm
