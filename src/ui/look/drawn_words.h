#pragma once
// Words in a painted picture: never outside their box.
#include "core/words/units.h"

#include <QColor>
#include <QFont>
#include <QPainter>
#include <QRectF>
#include <QString>

namespace fm {

QFont drawn_font(int px, bool strong = false);

void write(QPainter& painter, const QRectF& box, int align, const QString& text, const QColor& colour, int px,
           bool strong = false);

/// In as large a size as the width allows, then with an ellipsis.
void write_fitting(QPainter& painter, const QRectF& box, int align, const QString& text, const QColor& colour,
                   int px, int least_px, bool strong);

/// On as many lines as there is room for, smaller where it needs more.
void write_wrapped(QPainter& painter, const QRectF& box, const QString& text, const QColor& colour, int px,
                   int least_px, bool strong = false);

/// A length on one line, without its unit; 64ths that would have to be written smaller than that as
/// thousandths of an inch: "9 thou".
QString fitting_length(double mm, Unit unit, double width_px, int least_px, bool strong = false);

} // namespace fm
