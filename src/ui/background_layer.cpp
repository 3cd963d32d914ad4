#include "ui/background_layer.h"

#include "core/message.h"
#include "sheet/dxf_outline.h"
#include "ui/texts.h"
#include "ui/theme.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QImageReader>
#include <QPainter>

namespace fm {

namespace {

constexpr double shown_share = 0.3;
constexpr int most_side_px = 4000; // of a picture as it is kept

QString tr(const char* text) {
    return QCoreApplication::translate("fm::BackgroundLayer", text);
}

} // namespace

QString BackgroundLayer::load(const QString& path) {
    if (path == path_) return fault_;
    *this = BackgroundLayer();
    path_ = path;
    if (path.endsWith(QLatin1String(".dxf"), Qt::CaseInsensitive)) {
        try {
            const DxfOutline outline = dxf_outline(path);
            for (const auto& line : outline.lines) {
                lines_.moveTo(line.front().x, line.front().y);
                for (const Point& p : line) lines_.lineTo(p.x, p.y);
            }
            box_ = QRectF(outline.low.x, outline.low.y, outline.high.x - outline.low.x,
                          outline.high.y - outline.low.y);
            units_told_ = outline.units_told;
            QStringList kinds;
            for (const std::string& kind : outline.left_out) kinds << QString::fromStdString(kind);
            left_out_ = kinds.join(QStringLiteral(", "));
        } catch (const InputError& error) {
            fault_ = message_text(error.message(), Unit::mm);
        }
        return fault_;
    }
    QImageReader reader(path);
    reader.setAutoTransform(true);
    const QSize size = reader.size();
    box_ = QRectF(0, 0, size.width(), size.height());
    if (size.width() > most_side_px || size.height() > most_side_px)
        reader.setScaledSize(size.scaled(most_side_px, most_side_px, Qt::KeepAspectRatio));
    picture_ = reader.read();
    if (!picture_.isNull() && !box_.isValid()) box_ = QRectF(QPointF(), QSizeF(picture_.size()));
    if (picture_.isNull())
        fault_ =
            tr("%1 is no picture that can be read: %2").arg(QFileInfo(path).fileName(), reader.errorString());
    return fault_;
}

void BackgroundLayer::paint(QPainter& painter, const Background& background,
                            const QTransform& to_widget) const {
    QTransform own;
    own.translate(background.x_mm, background.y_mm);
    own.rotate(background.turn_deg);
    own.scale(background.mm_per_unit, background.mm_per_unit);
    painter.save();
    painter.setTransform(own * to_widget, true);
    if (!picture_.isNull()) {
        // A picture's rows run down, the drawing's y runs up.
        painter.setRenderHint(QPainter::SmoothPixmapTransform);
        painter.scale(1.0, -1.0);
        painter.setOpacity(
            shown_share); // pale, so that every number over it can be read by day and in the evening
        painter.drawImage(QRectF(0, -box_.height(), box_.width(), box_.height()), picture_);
    } else {
        QPen pen(theme().take_off, 1.2);
        pen.setCosmetic(true);
        painter.setPen(pen);
        painter.setBrush(Qt::NoBrush);
        painter.drawPath(lines_);
    }
    painter.restore();
}

} // namespace fm
