#pragma once
// The kinds of bridge a maker tells apart, out of what holds the strings, what the bridge stands by and what
// sets its height.
#include "core/design/design.h"

namespace fm {

enum class BridgeKind {
    pinned,
    tied,
    through,
    glued_tailpiece,
    floating,
    floating_wheels,
    plate,
    plate_shared,
    posts
};
constexpr std::array<std::string_view, 9> words_of(BridgeKind) {
    return {"pinned", "tied",         "through", "glued_tailpiece", "floating", "floating_wheels",
            "plate",  "plate_shared", "posts"};
}

/// Nothing where the job has no bridge.
std::optional<BridgeKind> kind_of_bridge(const Design& design);

} // namespace fm
