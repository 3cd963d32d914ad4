#pragma once
#include "ui/frame/station_kind.h"

#include <vector>

namespace fm {

/// All stations, in the order of the work. Made anew where the language changes.
std::vector<StationKind> station_kinds();

} // namespace fm
