#include "ui/canvas/background_layer.h"

#include "core/words/message.h"
#include "sheet/drawing/dxf_outline.h"
#include "sheet/drawing/picture_file.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QPainter>

namespace fm {

namespace {

constexpr double shown_share = 0.3;
constexpr int most_side_px = 4000; // of a picture as it is kept

void take_lines(BackgroundFile& file, const DxfOutline& outline) {
    for (const auto& line : outline.lines) {
        file.lines.moveTo(line.front().x, line.front().y);
        for (const Point& p : line) file.lines.lineTo(p.x, p.y);
    }
    file.box =
        QRectF(outline.low.x, outline.low.y, outline.high.x - outline.low.x, outline.high.y - outline.low.y);
    file.units_told = outline.units_told;
    QStringList kinds;
    for (const std::string& kind : outline.left_out) kinds << QString::fromStdString(kind);
    file.left_out = kinds.join(QStringLiteral(", "));
}

} // namespace

BackgroundFile read_background_file(const QString& path, const std::atomic<bool>& stop) {
    BackgroundFile file;
    file.path = path;
    if (path.endsWith(QLatin1String(".dxf"), Qt::CaseInsensitive)) {
        try {
            take_lines(file, dxf_outline(path, &stop));
        } catch (const InputError& error) {
            file.fault = message_text(error.message());
        }
        return file;
    }
    PictureFile picture = read_picture(path, most_side_px);
    file.picture = std::move(picture.image);
    file.fault = picture.fault;
    file.box = QRectF(QPointF(), QSizeF(picture.size));
    return file;
}

const BackgroundFile* BackgroundLayer::file(const QString& path) {
    if (path == path_) return is_reading() ? nullptr : &file_;
    path_ = path;
    reading_.ask([path](const std::atomic<bool>& stop) { return read_background_file(path, stop); },
                 [this](BackgroundFile&& file) {
                     file_ = std::move(file);
                     Q_EMIT read();
                 });
    return nullptr;
}

void BackgroundLayer::stop() {
    if (!is_reading()) return;
    reading_.stop();
    path_.clear();
}

void BackgroundLayer::paint(QPainter& painter, const BackgroundFile& file, const Background& background,
                            const QTransform& to_widget) {
    QTransform own;
    own.translate(background.x_mm, background.y_mm);
    own.rotate(background.turn_deg);
    own.scale(background.mm_per_unit, background.mm_per_unit);
    painter.save();
    painter.setTransform(own * to_widget, true);
    if (!file.picture.isNull()) {
        // A picture's rows run down, the drawing's y runs up.
        painter.setRenderHint(QPainter::SmoothPixmapTransform);
        painter.scale(1.0, -1.0);
        painter.setOpacity(
            shown_share); // pale, so that every number over it can be read by day and in the evening
        painter.drawImage(QRectF(0, -file.box.height(), file.box.width(), file.box.height()), file.picture);
    } else {
        QPen pen(theme().take_off, 1.2);
        pen.setCosmetic(true);
        painter.setPen(pen);
        painter.setBrush(Qt::NoBrush);
        painter.drawPath(file.lines);
    }
    painter.restore();
}

} // namespace fm
