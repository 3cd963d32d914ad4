#include "ui/field/ink_number.h"

#include "sheet/drawing/fonts.h"
#include "ui/field/row_delegate.h"
#include "ui/look/stacked_text.h"
#include "ui/look/theme.h"

#include <QPainter>

namespace fm {

InkNumber::InkNumber(QWidget* parent) : QLineEdit(parent) {
    setReadOnly(true);
    setFrame(false);
    setFocusPolicy(Qt::ClickFocus);
    setAlignment(Qt::AlignCenter);
    setCursor(Qt::PointingHandCursor);
    marked_.setSingleShot(true);
    marked_.setInterval(moved_ms);
    connect(&marked_, &QTimer::timeout, this, qOverload<>(&QWidget::update));
    QFont large = shipped_font(true);
    large.setPixelSize(24);
    setFont(large);
    setStyleSheet(QStringLiteral("QLineEdit { background: transparent; border: none; } QLineEdit:focus { "
                                 "border: 2px solid palette(highlight); }"));
}

void InkNumber::show_number(const QString& lines, const QString& name) {
    stacked_ = lines.contains(QLatin1Char('\n')) ? lines : QString();
    const QString before = text();
    setText(QString(lines).replace(QLatin1Char('\n'), QLatin1Char(' ')));
    if (isVisible() && text() != before && name == accessibleName()) marked_.start();
    setAccessibleName(name);
    setToolTip(name + QStringLiteral(" · ") + tr("Space shows the working"));
}

void InkNumber::paintEvent(QPaintEvent* event) {
    if (stacked_.isEmpty())
        QLineEdit::paintEvent(event);
    else
        paint_stacked(*this, stacked_, theme().ink);
    if (!marked_.isActive()) return;
    const int wide = std::min(width() - 8, fontMetrics().horizontalAdvance(text()) + 6);
    QPainter(this).fillRect(QRect((width() - wide) / 2, height() - 4, wide, 3), theme().ink);
}

void InkNumber::focusInEvent(QFocusEvent* event) {
    QLineEdit::focusInEvent(event);
    deselect();
    Q_EMIT picked();
}

} // namespace fm
