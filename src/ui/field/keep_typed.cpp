#include "ui/field/keep_typed.h"

#include "ui/field/entry_table.h"
#include "ui/field/text_field.h"
#include "ui/field/value_field.h"

#include <QApplication>
#include <QPointer>

namespace fm {

void keep_typed(const QWidget* window) {
    auto* line = qobject_cast<QLineEdit*>(QApplication::focusWidget());
    if (!line || !line->isModified() || line->window() != window) return;
    if (!qobject_cast<ValueField*>(line) && !qobject_cast<TextField*>(line) &&
        !qobject_cast<CellEditor*>(line))
        return;
    const bool of_a_table = qobject_cast<CellEditor*>(line);
    const QPointer<QLineEdit> field = line;
    field->clearFocus();
    if (!of_a_table && field && field->isVisible() && !QApplication::focusWidget())
        field->setFocus(Qt::OtherFocusReason);
}

} // namespace fm
