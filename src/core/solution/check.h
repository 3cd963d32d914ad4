#pragma once
#include "core/solution/solution.h"

namespace fm {

/// What is wrong or doubtful in a solved design: strings that touch, a nut below the frets, a light press
/// that lies on fret 2, an outer string too near the board's edge (with the place and the cure).
std::vector<Message> doubts(const Design& design, const Neck& neck, const std::vector<NutContact>& contacts,
                            const Solution& solution);

/// Whether it says that the design has no solution at all: a string without a tension or a crown, or one that
/// leaves before its crown.
bool unsolvable(const Message& doubt);

/// Whether a doubt is one for who makes the nut: what it says is seen or changed there.
bool about_the_neck(const Message& doubt);
bool about_the_nut(const Message& doubt);
bool about_the_saddle(const Message& doubt);
bool about_the_bridge(const Message& doubt);

} // namespace fm
