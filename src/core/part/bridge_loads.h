#pragma once
// What the strings do to what holds a bridge: its screws, posts, pins and tailpiece, and how its slot should
// stand to them; and the curve its feet stand on. Source: docs/mathematics.md, "What holds a bridge".
#include "core/part/bridge_work.h"

namespace fm {

/// @param solution with its strings
void add_bridge_loads(const Design& design, const BridgeDesign& bridge,
                      const std::vector<BridgeStringInput>& strings, BridgeSolution& solution);

FeetCurve feet_curve(const Arching& arching);

} // namespace fm
