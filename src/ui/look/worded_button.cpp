#include "ui/look/worded_button.h"

#include "ui/look/theme.h"

#include <QPainter>

namespace fm {

namespace {
constexpr int edge_px = 1;
} // namespace

WordedButton::WordedButton(QWidget* parent) : QAbstractButton(parent) {
    setFocusPolicy(Qt::TabFocus);
    setCursor(Qt::PointingHandCursor);
    QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Minimum);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

QRect WordedButton::words_in(const QRect& box) const {
    return box.adjusted(edge_px, edge_px, -edge_px, -edge_px);
}

QString WordedButton::with_arrow() const {
    return QStringLiteral("\u2192\u00a0") + text();
}

int WordedButton::heightForWidth(int width) const {
    const QRect room = words_in(QRect(0, 0, width, 2000));
    return fontMetrics().boundingRect(room, Qt::TextWordWrap, with_arrow()).height() + 2 * edge_px;
}

QSize WordedButton::sizeHint() const {
    return {160, heightForWidth(160)};
}

void WordedButton::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const Theme& look = theme();
    painter.fillRect(rect(), isDown() ? look.chosen : underMouse() ? look.list : look.side);
    painter.setFont(font());
    painter.setPen(look.ink);
    painter.drawText(words_in(rect()), Qt::TextWordWrap | Qt::AlignTop, with_arrow());
    if (!hasFocus()) return;
    painter.setPen(QPen(look.yours, 2));
    painter.drawRect(rect().adjusted(1, 1, -1, -1));
}

} // namespace fm
