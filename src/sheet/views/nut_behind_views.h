#pragma once
// What lies behind the nut [mm]: the string's way over it to its post, from the side and from above. The head
// lies to the left: x from the theoretical nut line, negative toward the head.
#include "core/solution/solution.h"
#include "sheet/drawing/drawing.h"

#include <cstddef>

namespace fm {

/// How far behind the nut line posts, or the head where no posts are known, are drawn.
double behind_reach_mm(const Design& design);

/// From the treble side at the chosen string, y over the fret tops' line on the centreline, from where posts
/// are measured: the nut cut through, the floor of the slot, the string down to its post at its true angle,
/// the fret tops at the string dashed.
Drawing nut_behind_side(const Design& design, const Solution& solution, std::size_t chosen);

/// From above, y across with the treble side up (down if mirrored): nut, strings, posts.
Drawing nut_behind_plan(const Design& design, const Solution& solution, std::size_t chosen, bool mirrored);

/// Half of what the plan takes across.
double behind_half_mm(const Design& design, const Solution& solution);

} // namespace fm
