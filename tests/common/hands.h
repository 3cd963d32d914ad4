#pragma once
// A person at the window: presses the mouse where things are, types, and looks.
#include "common/leaves.h"
#include "common/window.h"
#include "ui/field/entry_table.h"
#include "ui/field/text_field.h"
#include "ui/field/value_field.h"

#include <QScrollArea>

namespace fm::test {

/// What stands in one document and not, or otherwise, in another.
inline std::map<std::string, Value> written_since(const Value& before, const Value& after) {
    std::map<std::string, Value> was;
    std::map<std::string, Value> is;
    leaves_of(before, "", was);
    leaves_of(after, "", is);
    std::map<std::string, Value> changed;
    for (const auto& [place, value] : is)
        if (!was.contains(place) || !(was[place] == value)) changed.emplace(place, value);
    return changed;
}

/// Whether a number, to a billionth, or a text is among what was written.
inline bool holds(const std::map<std::string, Value>& written, double number) {
    for (const auto& [place, value] : written)
        if (value.is_number() && std::abs(value.number() - number) < 1e-8) return true;
    return false;
}
inline bool holds(const std::map<std::string, Value>& written, const std::string& text) {
    for (const auto& [place, value] : written)
        if (value.text() && QString::fromStdString(*value.text())
                                    .compare(QString::fromStdString(text), Qt::CaseInsensitive) == 0)
            return true;
    return false;
}

/// Brings a widget that lies in a scrolled panel into sight.
inline void bring_to_sight(QWidget* widget) {
    for (QWidget* at = widget->parentWidget(); at; at = at->parentWidget())
        if (auto* area = qobject_cast<QScrollArea*>(at)) area->ensureWidgetVisible(widget);
    QApplication::processEvents();
}

/// A press of the mouse where the widget is, on whatever lies there.
inline void click_on(QWidget* widget) {
    bring_to_sight(widget);
    QWidget* window = widget->window();
    const QPoint at = widget->mapTo(window, widget->rect().center());
    QWidget* hit = window->childAt(at);
    if (!hit) hit = window;
    QTest::mouseClick(hit, Qt::LeftButton, {}, hit->mapFrom(window, at));
}

/// Keys to whatever has the focus.
inline void keys(const QString& text) {
    for (const QChar c : text) {
        QWidget* focus = QApplication::focusWidget();
        if (focus) QTest::keyClicks(focus, QString(c));
    }
}
inline void key(Qt::Key which, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
    QWidget* focus = QApplication::focusWidget();
    if (!focus) focus = QApplication::activeWindow();
    if (focus) QTest::keyClick(focus, which, modifiers);
}

/// The field in a cell that is open, not one on its way out.
inline CellEditor* open_editor(EntryTable* table) {
    for (CellEditor* each : table->viewport()->findChildren<CellEditor*>())
        if (each->isVisible()) return each;
    return nullptr;
}

/// A click on the cell and the text typed: the first key opens it.
inline void type_into(EntryTable* table, const QModelIndex& cell, const QString& text) {
    table->scrollTo(cell);
    QTest::mouseClick(table->viewport(), Qt::LeftButton, {}, table->visualRect(cell).center());
    keys(text);
}

} // namespace fm::test
