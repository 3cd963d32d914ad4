#pragma once
#include "sheet/drawing/drawing.h"

#include <QColor>
#include <QPainter>
#include <QString>

namespace fm {

/// The colours a drawing is painted with; materials carry a mark of their own besides.
struct Look {
    QColor line, faint, take_off, yours, missing, chosen, paper, material, material_mark, string;
    QString material_name = QStringLiteral("bone"); ///< which mark: flecks, diagonal lines, grain strokes
    double pen_share = 1;                           ///< of the pens' widths on paper
    double least_line_px = 0;                       ///< thinner lines are painted this wide (on screen)
    double most_line_px = 1e9; ///< and thicker ones this wide, however far the drawing is enlarged
    bool fills = true;         ///< areas in tints and hatches (screen) or lines only (sheets)
};

/// Black on white for paper.
Look paper_look();

/// Paints a drawing. @param px_per_mm scale; the drawing's origin lands on `origin`, y goes up.
void paint(QPainter& painter, const Drawing& drawing, const Look& look, double px_per_mm, QPointF origin);

/// The paths of the drawing as the painter sees them, for hit tests.
QPainterPath painter_path(const Path& path, double px_per_mm, QPointF origin);

} // namespace fm
