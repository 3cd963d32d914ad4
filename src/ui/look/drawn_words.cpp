#include "ui/look/drawn_words.h"

#include "ui/look/texts.h"

#include "sheet/drawing/fonts.h"

namespace fm {

QFont drawn_font(int px, bool strong) {
    QFont font = shipped_font(strong);
    font.setPixelSize(px);
    return font;
}

void write(QPainter& painter, const QRectF& box, int align, const QString& text, const QColor& colour, int px,
           bool strong) {
    painter.setFont(drawn_font(px, strong));
    painter.setPen(colour);
    painter.drawText(box, align, text);
}

void write_fitting(QPainter& painter, const QRectF& box, int align, const QString& text, const QColor& colour,
                   int px, int least_px, bool strong) {
    while (px > least_px && QFontMetricsF(drawn_font(px, strong)).horizontalAdvance(text) > box.width()) --px;
    const QFont font = drawn_font(px, strong);
    write(painter, box, align, QFontMetricsF(font).elidedText(text, Qt::ElideRight, box.width()), colour, px,
          strong);
}

void write_wrapped(QPainter& painter, const QRectF& box, const QString& text, const QColor& colour, int px,
                   int least_px, bool strong) {
    const auto holds = [&] {
        const QRectF needed = QFontMetricsF(drawn_font(px, strong)).boundingRect(box, Qt::TextWordWrap, text);
        return needed.height() <= box.height() && needed.width() <= box.width() + 0.5;
    };
    while (px > least_px && !holds()) --px;
    write(painter, box, Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, text, colour, px, strong);
}

QString fitting_length(double mm, Unit unit, double width_px, int least_px, bool strong) {
    QString whole = length_number(mm, unit).replace(QLatin1Char('\n'), QLatin1Char(' '));
    const QFontMetricsF least(drawn_font(least_px, strong));
    if (unit != Unit::sixty_fourths || least.horizontalAdvance(whole) <= width_px) return whole;
    return length_with_unit(mm, Unit::thou);
}

} // namespace fm
