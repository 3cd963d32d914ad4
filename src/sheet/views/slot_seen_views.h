#pragma once
// Small drawings that tell apart what is seen of a slot in a nut.
#include "core/found/string_readings.h"
#include "sheet/drawing/drawing.h"

namespace fm {

/// A picture of what was seen, 60 wide and 30 high from its lower left corner: a slot's width from the front,
/// its floor cut along the string with the fretboard to the right.
Drawing slot_seen_picture(SlotFound what);

} // namespace fm
