#pragma once
#include "sheet/drawing/drawing.h"

#include <QIcon>

namespace fm {

/// A drawing 60 wide and 30 high as an icon, in the colours that hold when it is painted.
QIcon drawn_icon(Drawing drawing);
constexpr QSize drawn_icon_px{60, 30};

} // namespace fm
