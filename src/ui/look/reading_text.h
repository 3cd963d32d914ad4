#pragma once
#include "core/found/string_readings.h"
#include "core/words/length.h"

#include <QString>

#include <optional>

namespace fm {

/// A reading as a person types it: a length, or the leaves it lies between.
struct TypedReading {
    std::optional<WrittenLength> read;
    QString fault;
};
/// What tapping a string held down says: "none" or "some" under it; nothing, if the text is another.
std::optional<WrittenLength> tapped_reading(const QString& text);
/// @param held over fret 1 with the string held down: then "none" and "some" of tapping it mean something
TypedReading typed_reading(const QString& text, Unit unit, bool held);
/// A reading as it is said: its leaves, or its length with the unit.
QString reading_said(const WrittenLength& read, Unit unit);
/// Leaves as they were read: "> 0.25", "< 0.30", "0.25 … 0.30".
QString leaves_text(const ReadingBound& leaves, Unit unit);

} // namespace fm
