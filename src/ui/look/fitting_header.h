#pragma once
#include "sheet/drawing/fonts.h"
#include "ui/look/theme.h"

#include <QHeaderView>
#include <QPainter>

namespace fm {

/// Headings of a table's columns: where a column is narrower than its word, the word is written smaller,
/// never cut.
class FittingHeader : public QHeaderView {
public:
    explicit FittingHeader(QWidget* parent) : QHeaderView(Qt::Horizontal, parent) {}

protected:
    void paintSection(QPainter* painter, const QRect& rect, int section) const override {
        painter->fillRect(rect, theme().list);
        painter->setPen(theme().hairline);
        painter->drawLine(rect.bottomLeft(), rect.bottomRight());
        const QString text = model()->headerData(section, orientation()).toString();
        const QVariant own = model()->headerData(section, orientation(), Qt::TextAlignmentRole);
        const int align = own.isValid() ? own.toInt() : static_cast<int>(defaultAlignment());
        const QRect box = rect.adjusted(1, 1, -4, -2);
        constexpr int usual_px = 14;
        constexpr int least_px = 10;
        QFont font = shipped_font();
        for (int px = usual_px; px >= least_px; --px) {
            font.setPixelSize(px);
            if (QFontMetrics(font).size(0, text).width() <= box.width()) break;
        }
        painter->setFont(font);
        painter->setPen(theme().caption);
        painter->drawText(box, align, text);
    }
};

} // namespace fm
