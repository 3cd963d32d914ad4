#include "sheet/words/sheet_words.h"

#include "core/words/word_of.h"
#include "sheet/drawing/fonts.h"

#include <QCoreApplication>
#include <QDate>
#include <QRegularExpression>
#include <QTranslator>

#include <cmath>
#include <optional>

namespace fm {

namespace {

const QTranslator* sheet_translator = nullptr;
std::optional<QLocale> sheet_locale;

QString translated(const char* context, const char* text) {
    if (!sheet_translator) return QCoreApplication::translate(context, text);
    const QString words = sheet_translator->translate(context, text);
    return words.isEmpty() ? QString::fromUtf8(text) : words;
}

QLocale language() {
    return sheet_locale.value_or(QLocale());
}

/// A number as the program writes it, its decimal mark as the sheets' language has it.
std::string with_its_mark(const std::string& number) {
    return QString::fromStdString(number).replace(QLatin1Char('.'), language().decimalPoint()).toStdString();
}

} // namespace

SheetLanguage::SheetLanguage(const QTranslator* translator, const QLocale& locale) {
    sheet_translator = translator;
    sheet_locale = locale;
}

SheetLanguage::~SheetLanguage() {
    sheet_translator = nullptr;
    sheet_locale.reset();
}

std::string translate(const char* context, const char* text) {
    return translated(context, text).toStdString();
}
std::string sheet_sentence(std::string_view id) {
    const std::string english(english_template(id));
    return translate("messages", english.c_str());
}

std::string sheet_message(const Message& message, Unit unit) {
    struct Shown {
        Unit unit;
        std::string operator()(const std::string& text) const { return text; }
        std::string operator()(LengthMm length) const { return with_its_mark(length_text(length.mm, unit)); }
        std::string operator()(AngleDeg angle) const { return sheet_fixed(angle.deg, 1) + "°"; }
        std::string operator()(double value) const {
            return with_its_mark(QString::number(value, 'g', 6).toStdString());
        }
        std::string operator()(int value) const { return std::to_string(value); }
    };
    return filled(sheet_sentence(message.id), message,
                  [unit](const Argument& argument) { return std::visit(Shown{unit}, argument); });
}

std::string sheet_date(const std::string& iso) {
    const QDate day = QDate::fromString(QString::fromStdString(iso.substr(0, 10)), Qt::ISODate);
    const QLocale locale = language();
    if (!day.isValid() || locale.language() == QLocale::C) return iso.substr(0, 10);
    QString format = locale.dateFormat(QLocale::ShortFormat);
    if (!format.contains(QLatin1String("yyyy"))) format.replace(QLatin1String("yy"), QLatin1String("yyyy"));
    return locale.toString(day, format).toStdString();
}

std::string sheet_moment(const std::string& iso) {
    constexpr std::size_t day = 10;
    constexpr std::size_t minute = 16;
    return iso.size() < minute ? sheet_date(iso)
                               : sheet_date(iso) + " " + iso.substr(day + 1, minute - day - 1);
}

std::string sheet_fixed(double value, int places) {
    return with_its_mark(fixed_text(value, places));
}

std::string sheet_number(double length_mm, Unit unit) {
    switch (unit) {
    case Unit::mm: return sheet_fixed(length_mm, 2);
    case Unit::in: return sheet_fixed(length_mm / mm_per(unit), 3);
    case Unit::thou: return sheet_fixed(length_mm / mm_per(unit), 0);
    case Unit::sixty_fourths: break;
    }
    return sixty_fourths_text(length_mm);
}

std::string sheet_radius(double radius_mm, Unit unit) {
    if (unit == Unit::mm) return sheet_fixed(radius_mm, 0) + " mm";
    constexpr double sixteenth_mm = mm_per_inch / 16.0;
    return sixty_fourths_text(std::round(radius_mm / sixteenth_mm) * sixteenth_mm) + " in";
}

std::string with_unit(const std::string& number, Unit unit) {
    if (unit != Unit::sixty_fourths) return number + " " + std::string(word_of(unit));
    return number.ends_with("thou") ? number : number + " in"; // a fraction is of an inch
}

std::string sheet_length(double length_mm, Unit unit) {
    return with_unit(sheet_number(length_mm, unit), unit);
}

Unit second_unit(Unit unit) {
    return unit == Unit::mm ? Unit::in : Unit::mm;
}

std::string grain_words() {
    return translate("sheet", "grain") + " \u2194";
}

std::string material_name(const std::string& material) {
    if (material == "bone") return translate("sheet", "bone");
    if (material == "brass") return translate("sheet", "brass");
    if (material == "hardwood") return translate("sheet", "hardwood");
    if (material == "synthetic") return translate("sheet", "synthetic");
    return material;
}

std::string fitted_text(const std::string& words, double em_mm, double most_mm, bool bold) {
    constexpr int longest = 600; // more never fits a line; measuring it would take its time
    const QString whole = QString::fromStdString(words);
    QString shown = whole.left(longest);
    if (shown.size() == whole.size() && text_width(shown, em_mm, bold) <= most_mm) return words;
    while (!shown.isEmpty() && text_width(shown + QChar(0x2026), em_mm, bold) > most_mm) shown.chop(1);
    return (shown + QChar(0x2026)).toStdString();
}

namespace {

/// The words of a text; a number with its fraction, what is added to it and its unit is one.
QStringList unbroken_words(const std::string& text) {
    static const QRegularExpression goes_on(QStringLiteral("^([+-]|\\d+/\\d+|thou|mm|in)[.,;:)]*$"));
    static const QRegularExpression number(QStringLiteral("^[(+-]?\\d[\\d./,]*$"));
    QStringList words;
    for (const QString& word : QString::fromStdString(text).split(QLatin1Char(' '))) {
        const QString before = words.isEmpty() ? QString() : words.last().section(QLatin1Char(' '), -1);
        const bool adds = before == QLatin1String("+") || before == QLatin1String("-");
        if (!words.isEmpty() && (adds || (number.match(before).hasMatch() && goes_on.match(word).hasMatch())))
            words.last() += QLatin1Char(' ') + word;
        else
            words << word;
    }
    return words;
}

} // namespace

std::vector<std::string> wrapped_text(const std::string& words, double em_mm, double most_mm) {
    std::vector<std::string> lines;
    std::string line;
    for (const QString& word : unbroken_words(words)) {
        const std::string longer = line.empty() ? word.toStdString() : line + " " + word.toStdString();
        if (!line.empty() && width_of(longer, em_mm) > most_mm) {
            lines.push_back(line);
            line = fitted_text(word.toStdString(), em_mm, most_mm);
        } else
            line = longer;
    }
    if (!line.empty()) lines.push_back(fitted_text(line, em_mm, most_mm));
    return lines;
}

double width_of(const std::string& words, double em_mm, bool bold) {
    return text_width(QString::fromStdString(words), em_mm, bold);
}

} // namespace fm
