#include "ui/look/texts.h"

#include "core/words/length.h"
#include "core/words/word_of.h"

#include <QCoreApplication>
#include <QLocale>

#include <algorithm>
#include <cmath>

namespace fm {

QString number_text(double value, int decimals) {
    if (std::abs(value) < 0.5 * std::pow(10.0, -decimals)) value = 0.0;
    QLocale locale;
    locale.setNumberOptions(QLocale::OmitGroupSeparator);
    return locale.toString(value, 'f', decimals);
}

QString money_text(double amount, const std::string& currency) {
    return (number_text(amount, 2) + QLatin1Char(' ') + QString::fromStdString(currency)).trimmed();
}

QString length_number(double mm, Unit unit) {
    if (unit != Unit::sixty_fourths) return number_text(mm / mm_per(unit), usual_decimals(unit));
    QString text = QString::fromStdString(sixty_fourths_text(mm));
    for (const QChar sign : {QLatin1Char('+'), QLatin1Char('-')}) // what remains stands under the fraction
        text.replace(QLatin1Char(' ') + sign + QLatin1Char(' '), QLatin1Char('\n') + sign + QLatin1Char(' '));
    return text;
}

QString length_with_unit(double mm, Unit unit) {
    if (unit == Unit::sixty_fourths) return QString::fromStdString(length_text(mm, unit));
    return length_number(mm, unit) + QLatin1Char(' ') + unit_text(unit);
}

QString length_short(double mm, Unit unit) {
    if (unit == Unit::sixty_fourths) return QString::fromStdString(sixty_fourths_text(mm));
    QString text = length_number(mm, unit);
    const QChar mark = QLocale().decimalPoint().front();
    if (!text.contains(mark)) return text;
    while (text.endsWith(QLatin1Char('0'))) text.chop(1);
    if (text.endsWith(mark)) text.chop(1);
    return text;
}

QString length_for_edit(double mm, Unit unit) {
    if (unit == Unit::sixty_fourths) { // as it is written where that is exact, else so many sixty-fourths
        const SixtyFourths parts = sixty_fourths(mm);
        if (std::abs(parts.remainder_mm - parts.rest_thou() * mm_per(Unit::thou)) < 1e-6)
            return QString::fromStdString(length_text(mm, unit));
    }
    const int most = unit == Unit::in ? 6 : 4;
    QString text = number_text(mm / mm_per(unit), most);
    const QChar mark = QLocale().decimalPoint().front();
    const qsizetype fewest = text.indexOf(mark) + 1 + (unit == Unit::thou ? 1 : 2);
    while (text.size() > fewest && text.endsWith(QLatin1Char('0'))) text.chop(1);
    return text;
}

QString tension_number(double tension_n, const Units& units, int decimals) {
    return number_text(tension_n / newtons_per(units.tension), decimals);
}

QString tension_unit_text(TensionUnit unit) {
    return unit == TensionUnit::pound ? QStringLiteral("lb") : QStringLiteral("N");
}

QString unit_text(Unit unit) {
    const std::string_view word = word_of(unit);
    return QString::fromUtf8(word.data(), static_cast<qsizetype>(word.size()));
}

QString turns_text(double mm, const std::optional<double>& pitch_mm) {
    if (!pitch_mm) return {};
    return QCoreApplication::translate("texts", "%1 turns").arg(number_text(std::abs(mm) / *pitch_mm, 1));
}

QString angle_text(double deg) {
    return number_text(deg, 1) + QStringLiteral("°");
}

QString translated(std::string_view english) {
    return QCoreApplication::translate("messages", std::string(english).c_str());
}

QString words_of(std::string_view id) {
    return translated(english_template(id));
}

QString message_text(const Message& message, const Units& units) {
    struct Shown {
        const Units& units;
        QString operator()(const std::string& text) const { return QString::fromStdString(text); }
        QString operator()(LengthMm length) const {
            return length_with_unit(length.mm, units.of(length.kind));
        }
        QString operator()(AngleDeg angle) const { return angle_text(angle.deg); }
        QString operator()(double value) const {
            QLocale locale;
            locale.setNumberOptions(QLocale::OmitGroupSeparator);
            return locale.toString(value, 'g', 8);
        }
        QString operator()(int value) const { return QString::number(value); }
    };
    const std::string sentence = words_of(message.id).toStdString();
    return QString::fromStdString(filled(sentence, message, [&units](const Argument& argument) {
        return std::visit(Shown{units}, argument).toStdString();
    }));
}

QString located_text(const Message& message, const Units& units) {
    const bool named = message.where.empty() || words_of(message.id).contains(QLatin1String("{where}"));
    return (named ? QString() : QString::fromStdString(message.where) + QStringLiteral(": ")) +
           message_text(message, units);
}

QString length_fault(const QString& text, const LengthError& error) {
    // The error counts bytes, a person counts characters.
    const QByteArray bytes = text.toUtf8();
    const auto at = static_cast<qsizetype>(std::min(error.at, static_cast<std::size_t>(bytes.size())));
    const auto before = static_cast<int>(QString::fromUtf8(bytes.first(at)).size());
    return message_text({message_id(error.fault), Severity::error, {}, {before + 1}}, {});
}

TypedLength typed_length(const QString& text, Unit unit) {
    const LengthResult result = parse_length(text.toStdString(), {unit, false});
    if (result) return {result.length->mm, {}};
    return {std::nullopt, text + QStringLiteral(": ") + length_fault(text, result.error)};
}

QString term_value(double value, TermKind kind, Unit unit) {
    switch (kind) {
    case TermKind::length: return length_number(value, unit).replace(QLatin1Char('\n'), QLatin1Char(' '));
    case TermKind::angle: return angle_text(value);
    case TermKind::factor: return number_text(value, value == std::round(value) ? 0 : 2);
    case TermKind::cents: return number_text(value, 1) + QStringLiteral(" ¢");
    case TermKind::force: return number_text(value, 1) + QStringLiteral(" N");
    case TermKind::stress: return number_text(value, 0) + QStringLiteral(" MPa");
    case TermKind::unit_mass: return number_text(value, 3) + QStringLiteral(" g/m");
    case TermKind::moment: return number_text(value, 2) + QStringLiteral(" N·m");
    }
    return {};
}

QString working_line(const Working& working, Unit unit) {
    QString line = translated(working.title);
    if (working.fret)
        line +=
            QLatin1Char(' ') + (*working.fret > 0 ? QString::number(*working.fret)
                                                  : QCoreApplication::translate("fm::WorkingBar", "open"));
    line += QLatin1Char(' ') + term_value(working.result, working.kind, unit);
    bool first = true;
    for (const Term& term : working.terms) {
        const QString words =
            translated(term.name) + QLatin1Char(' ') + term_value(term.value, term.kind, unit);
        if (first)
            line += (term.sign == ' ' ? QStringLiteral(" ← ") : QStringLiteral(" = ")) + words;
        else if (term.sign == '-')
            line += QStringLiteral(" − ") + words;
        else if (term.sign == '*')
            line += QStringLiteral(" × ") + words;
        else if (term.sign == ' ')
            line += QStringLiteral(", ") + words;
        else
            line += QStringLiteral(" + ") + words;
        first = false;
    }
    return line;
}

} // namespace fm
