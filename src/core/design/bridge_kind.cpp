#include "core/design/bridge_kind.h"

namespace fm {

std::optional<BridgeKind> kind_of_bridge(const Design& design) {
    if (!design.bridge) return std::nullopt;
    switch (design.bridge->stands) {
    case BridgeStands::plate:
        return design.saddle.groups.empty() ? BridgeKind::plate : BridgeKind::plate_shared;
    case BridgeStands::posts: return BridgeKind::posts;
    case BridgeStands::floating:
        return design.saddle.height_by == HeightBy::wheels ? BridgeKind::floating_wheels
                                                           : BridgeKind::floating;
    case BridgeStands::glued: break;
    }
    switch (design.bridge->anchor) {
    case Anchor::pins: return BridgeKind::pinned;
    case Anchor::tie: return BridgeKind::tied;
    case Anchor::hole: return BridgeKind::through;
    case Anchor::tailpiece: break;
    }
    return BridgeKind::glued_tailpiece;
}

} // namespace fm
