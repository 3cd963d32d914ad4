#pragma once
#include <QLineEdit>
#include <QPainter>
#include <QStyleOptionFrame>

namespace fm {

/// Paints a line edit whose value has two lines, as a sixty-fourth and what remains of it: the fraction, and
/// the rest small beneath. The edit keeps the whole text for its reader.
inline void paint_stacked(QLineEdit& edit, const QString& lines, const QColor& colour) {
    QPainter painter(&edit);
    QStyleOptionFrame frame;
    frame.initFrom(&edit);
    frame.rect = edit.rect();
    frame.state |= QStyle::State_Sunken;
    edit.style()->drawPrimitive(QStyle::PE_PanelLineEdit, &frame, &painter, &edit);
    const QRect box = edit.rect().adjusted(2, 0, -2, -2);
    const int align = static_cast<int>(edit.alignment() & Qt::AlignHorizontal_Mask);
    QFont font = edit.font();
    font.setPixelSize(std::min(font.pixelSize(), box.height() * 55 / 100));
    painter.setFont(font);
    painter.setPen(colour);
    const int upper = font.pixelSize() + 2;
    painter.drawText(QRect(box.left(), box.top(), box.width(), upper), align | Qt::AlignVCenter,
                     lines.section(QLatin1Char('\n'), 0, 0));
    font.setPixelSize(std::max(11, box.height() - upper - 1));
    font.setPixelSize(std::min(font.pixelSize(), 12));
    font.setBold(false);
    painter.setFont(font);
    painter.drawText(QRect(box.left(), box.top() + upper, box.width(), box.height() - upper),
                     align | Qt::AlignVCenter, lines.section(QLatin1Char('\n'), 1));
}

} // namespace fm
