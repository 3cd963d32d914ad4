#pragma once
#include "job/background.h"

#include <QImage>
#include <QPainterPath>
#include <QRectF>
#include <QString>
#include <QTransform>

class QPainter;

namespace fm {

/// A background's file as it is painted: lines of a DXF, or a picture.
class BackgroundLayer {
public:
    /// Reads the file, if it is not the one already read. @returns what is wrong with it, or ""
    QString load(const QString& path);
    /// Around all of it, in its own units.
    QRectF box() const { return box_; }
    bool is_picture() const { return !picture_.isNull(); }
    bool units_told() const { return units_told_; }
    /// What of a DXF was left out, or "".
    const QString& left_out() const { return left_out_; }
    /// @param to_widget from the drawing's mm (y up) to the widget
    void paint(QPainter& painter, const Background& background, const QTransform& to_widget) const;

private:
    QString path_;
    QString fault_;
    QPainterPath lines_;
    QImage picture_;
    QRectF box_;
    QString left_out_;
    bool units_told_ = false;
};

} // namespace fm
