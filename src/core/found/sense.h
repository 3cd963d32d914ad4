#pragma once
// Whether a number can be what was read: asked about before it is kept. Source: docs/mathematics.md,
// "Readings".
#include "core/found/reading_way.h"
#include "core/words/units.h"

#include <optional>
#include <string_view>

namespace fm {

/// What a reading is of.
enum class ReadThing { gap_fret1, action12, relief, slot_width, crown };

struct SensibleRange {
    double least_mm = 0;
    double most_mm = 0;
    bool holds(double mm) const { return mm >= least_mm && mm <= most_mm; }
};

/// What such a reading lies between on any instrument that can be played, or is worth asking about.
/// @param string its index, where the reading is of one
SensibleRange sensible_range(const Design& design, ReadThing thing, std::size_t string);

/// The same digits in another unit, where that lies in the range: the first of mm, thou, 64ths, inches, and a
/// fraction with one above the stroke. @param text as it was typed
struct MeantInstead {
    double mm = 0;
    Unit unit = Unit::mm;
};
std::optional<MeantInstead> meant_instead(std::string_view text, double read_mm, const SensibleRange& range);

} // namespace fm
