#include "ui/look/reading_text.h"

#include "core/found/readings.h"
#include "ui/look/texts.h"

#include <QCoreApplication>

namespace fm {

std::optional<WrittenLength> tapped_reading(const QString& text) {
    const QString word = text.trimmed().toLower();
    const bool none = word == QLatin1String("none") || word == QCoreApplication::translate("texts", "none");
    const bool some = word == QLatin1String("some") || word == QCoreApplication::translate("texts", "some");
    if (!none && !some) return std::nullopt;
    WrittenLength tapped{least_read_mm};
    (none ? tapped.below_mm : tapped.above_mm) = least_read_mm;
    return tapped;
}

TypedReading typed_reading(const QString& text, Unit unit, bool held) {
    if (held)
        if (const auto tapped = tapped_reading(text)) return {tapped, {}};
    const LengthResult result = parse_length(text.toStdString(), {unit, false, true});
    if (result) return {result.length, {}};
    return {std::nullopt, text + QStringLiteral(": ") + length_fault(text, result.error)};
}

QString reading_said(const WrittenLength& read, Unit unit) {
    if (!read.above_mm && !read.below_mm) return length_with_unit(read.mm, unit);
    return leaves_text({{}, read.above_mm, read.below_mm}, unit) + QChar(0x00a0) + unit_text(unit);
}

QString leaves_text(const ReadingBound& leaves, Unit unit) {
    const auto shown = [unit](double mm) {
        return length_number(mm, unit).replace(QLatin1Char('\n'), QLatin1Char(' '));
    };
    if (!leaves.below_mm) return QStringLiteral("> ") + shown(*leaves.above_mm);
    if (!leaves.above_mm) return QStringLiteral("< ") + shown(*leaves.below_mm);
    return shown(*leaves.above_mm) + QStringLiteral("\u2009\u2026\u2009") + shown(*leaves.below_mm);
}

} // namespace fm
