#pragma once
// A bridge larger than the paper, in true size over several sheets.
#include "sheet/pages/part_sheets.h"

namespace fm {

/// Lying sheets, each with a piece of the bridge from above and the lines it is joined to its neighbours by:
/// the same line with the same letter stands on both. In the order of reading: from the left, then down.
std::vector<Sheet> bridge_tiles(const SheetContext& context);

} // namespace fm
