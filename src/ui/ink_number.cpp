#include "ui/ink_number.h"

#include "sheet/fonts.h"

namespace fm {

InkNumber::InkNumber(QWidget* parent) : QLineEdit(parent) {
    setReadOnly(true);
    setFrame(false);
    setFocusPolicy(Qt::ClickFocus);
    setAlignment(Qt::AlignCenter);
    setCursor(Qt::PointingHandCursor);
    QFont large = shipped_font(true);
    large.setPixelSize(24);
    setFont(large);
    setStyleSheet(QStringLiteral("QLineEdit { background: transparent; border: none; } QLineEdit:focus { "
                                 "border: 2px solid palette(highlight); }"));
}

void InkNumber::show_number(const QString& text, const QString& name) {
    setText(text);
    setAccessibleName(name);
    setToolTip(name + QStringLiteral(" · ") + tr("Space shows the working"));
}

void InkNumber::focusInEvent(QFocusEvent* event) {
    QLineEdit::focusInEvent(event);
    deselect();
    Q_EMIT picked();
}

} // namespace fm
