#pragma once
// Words and numbers as sheets print them.
#include "core/words/message.h"
#include "core/words/units.h"

#include <QLocale>
#include <QString>

#include <string>
#include <vector>

class QTranslator;

namespace fm {

/// As long as it lives, sheets speak another language than the application.
class SheetLanguage {
public:
    /// @param translator an empty one: English; nullptr: the application's language
    /// @param locale whose dates and decimal mark
    SheetLanguage(const QTranslator* translator, const QLocale& locale);
    ~SheetLanguage();
    SheetLanguage(const SheetLanguage&) = delete;
    SheetLanguage& operator=(const SheetLanguage&) = delete;
};

/// A text of a sheet in the application's language. Named as the translators' tool expects it: the context,
/// then the English.
std::string translate(const char* context, const char* text);
/// A text with values in the places of %1, %2 and so on.
template <class... Values> std::string with_values(const std::string& text, const Values&... values) {
    return QString::fromStdString(text).arg(QString::fromStdString(values)...).toStdString();
}
/// A day, ISO 8601, as the sheets' language writes it, with all figures of its year; where no language is
/// set, as it is. What is no date stays as it is.
std::string sheet_date(const std::string& iso);
/// The same with hour and minute.
std::string sheet_moment(const std::string& iso);

/// A message in the application's language, lengths in that unit.
std::string sheet_message(const Message& message, Unit unit);
/// The sentence of a message id in the application's language, with values in their places.
std::string sheet_sentence(std::string_view id);

/// A number with so many places, its decimal mark as the sheets' language has it.
std::string sheet_fixed(double value, int places);
/// A length in the job's unit as sheets print it, without the unit: as fine as a caliper reads, 0.01 mm or
/// 0.001 in.
std::string sheet_number(double length_mm, Unit unit);
/// The same with its unit: "4.50 mm", "7/64 in", "7/64 + 5 thou".
std::string sheet_length(double length_mm, Unit unit);
/// A radius so large that a part of a millimetre says nothing, with its unit: to 1 mm or 1/16 in.
std::string sheet_radius(double radius_mm, Unit unit);
/// A number as a sheet prints it, with its unit.
std::string with_unit(const std::string& number, Unit unit);
/// The unit that stands in brackets beside the job's own.
Unit second_unit(Unit unit);

/// The mark of wood whose grain runs along the part.
std::string grain_words();

/// The name of a material as it is shown.
std::string material_name(const std::string& material);

/// A text shortened to a width; a job's title may be long.
std::string fitted_text(const std::string& words, double em_mm, double most_mm, bool bold = false);
/// A text as lines no wider than that.
std::vector<std::string> wrapped_text(const std::string& words, double em_mm, double most_mm);
/// Width of a text on the page [mm].
double width_of(const std::string& words, double em_mm, bool bold = false);

} // namespace fm
