#pragma once
// Small drawings that tell the kinds of bridge apart.
#include "core/design/bridge_kind.h"
#include "sheet/drawing/drawing.h"

namespace fm {

/// A picture of a kind of bridge, 60 wide and 30 high from its lower left corner: glued ones cut along a
/// string, the nut to the left; plates from above; what stands on feet or posts seen from the nut.
Drawing bridge_kind_picture(BridgeKind kind);

} // namespace fm
