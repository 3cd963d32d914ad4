#include "ui/field/sense_words.h"

#include "ui/look/texts.h"

#include <QCoreApplication>

namespace fm {

namespace {

QString words(const char* text) {
    return QCoreApplication::translate("sense", text);
}

QString name_of(ReadThing thing) {
    switch (thing) {
    case ReadThing::gap_fret1: return words(QT_TRANSLATE_NOOP("sense", "over fret 1"));
    case ReadThing::action12: return words(QT_TRANSLATE_NOOP("sense", "over fret 12"));
    case ReadThing::relief: return words(QT_TRANSLATE_NOOP("sense", "of relief"));
    case ReadThing::slot_width: return words(QT_TRANSLATE_NOOP("sense", "wide, for this string's slot"));
    case ReadThing::crown: return words(QT_TRANSLATE_NOOP("sense", "from fret 12 to the crown"));
    }
    return {};
}

LengthKind kind_of(ReadThing thing) {
    switch (thing) {
    case ReadThing::gap_fret1:
    case ReadThing::relief: return LengthKind::gap;
    case ReadThing::action12: return LengthKind::action;
    case ReadThing::slot_width: return LengthKind::small;
    case ReadThing::crown: return LengthKind::along;
    }
    return LengthKind::small;
}

} // namespace

QString question_about(const State& state, ReadThing thing, std::size_t string, const WrittenLength& read,
                       const QString& text) {
    const SensibleRange range = sensible_range(state.job.design, thing, string);
    if (range.holds(read.mm)) return {};
    const Unit unit = state.job.units.of(kind_of(thing));
    QString asked =
        words(QT_TRANSLATE_NOOP("sense", "%1 %2? Usual is %3 to %4."))
            .arg(length_with_unit(read.mm, unit), name_of(thing),
                 length_short(std::max(0.0, range.least_mm), unit), length_with_unit(range.most_mm, unit));
    if (const auto meant = meant_instead(text.toStdString(), read.mm, range))
        asked +=
            QLatin1Char(' ') +
            words(QT_TRANSLATE_NOOP("sense", "Was %1 meant?")).arg(length_with_unit(meant->mm, meant->unit));
    return asked + QLatin1Char('\n') + words(QT_TRANSLATE_NOOP("sense", "Enter again keeps it."));
}

} // namespace fm
