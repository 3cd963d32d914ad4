#pragma once
// Figures of the window read as a screen reader does, against figures worked out apart from it.
#include "common/window.h"
#include "core/solution/quantities.h"
#include "core/words/length_kind.h"
#include "ui/look/texts.h"

namespace fm::test {

/// How a number is written, worked out apart from the window.
inline QString written(const Solution& solution, const std::string& key, const Units& units) {
    const auto number = number_of_key(solution, key);
    const auto value = number ? value_of(solution, *number) : std::nullopt;
    if (!value) return QStringLiteral("–");
    if (number->quantity->kind == QuantityKind::length)
        return length_number(*value, units.of(length_kind_of(key)))
            .replace(QLatin1Char('\n'), QLatin1Char(' '));
    return term_value(*value, number->quantity->kind, units.small());
}

inline QString spoken(QWidget* widget, QAccessible::Text what) {
    QAccessibleInterface* said = QAccessible::queryAccessibleInterface(widget);
    return said ? said->text(what) : QString();
}

/// Every number in sight on a drawing is the solved one. @returns how many were compared
inline int compare_drawing(PartCanvas* canvas, const Solution& solution, const Units& units) {
    int seen = 0;
    for (InkNumber* number : canvas->findChildren<InkNumber*>()) {
        if (!number->isVisible() || number->objectName().isEmpty()) continue;
        ++seen;
        [&] {
            QCOMPARE(spoken(number, QAccessible::Value),
                     written(solution, number->objectName().toStdString(), units));
            QVERIFY2(!spoken(number, QAccessible::Name).isEmpty(), qPrintable(number->objectName()));
        }();
    }
    return seen;
}

/// Every number of a list is the solved one.
inline void compare_list(NumbersList* list, const Solution& solution, const Units& units) {
    for (int row = 0; row < list->model()->rowCount(); ++row)
        for (int column = 1; column < list->model()->columnCount(); ++column) {
            const std::string key =
                list->model()->index(row, column).data(number_key_role).toString().toStdString();
            if (key.empty()) continue;
            const auto number = number_of_key(solution, key);
            QString wanted = written(solution, key, units);
            if (number && number->quantity->kind == QuantityKind::force)
                wanted.remove(QStringLiteral(" N")); // its header has the unit
            QCOMPARE(spoken_cell(list->table(), row, column).replace(QLatin1Char('\n'), QLatin1Char(' ')),
                     wanted);
        }
}

} // namespace fm::test
