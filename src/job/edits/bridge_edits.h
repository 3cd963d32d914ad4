#pragma once
// Changes of the bridge in a job document that are more than one value.
#include "core/design/bridge_kind.h"
#include "core/solution/solution.h"
#include "job/document/value.h"

#include <cmath>

namespace fm {

/// A length as a person would begin with it.
inline double to_tenth(double mm) {
    return std::round(mm * 10.0) / 10.0;
}

/// A bridge of that kind: what it has not is taken out, what it needs and nobody has said is an ordinary
/// figure to begin with. @param design, solution of the document as it is
[[nodiscard]] Value with_bridge_kind(const Value& document, const Design& design, const Solution& solution,
                                     BridgeKind kind);

/// No bridge, and no saddles on one.
[[nodiscard]] Value without_bridge(const Value& document);

/// Neighbours two by two on a saddle, from the bass on.
[[nodiscard]] Value with_saddles_shared(const Value& document, std::size_t strings, bool shared);

/// A string on the saddle of its bass neighbour, or on one of its own. @param string not the first
[[nodiscard]] Value with_saddle_joined(const Value& document, const Design& design, std::size_t string,
                                       bool joined);

} // namespace fm
