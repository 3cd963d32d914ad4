#pragma once
// A paint device that writes down every text with the colour it is painted in and the ground under it.
#include <QImage>
#include <QPaintDevice>
#include <QPaintEngine>
#include <QPainter>
#include <QPainterPath>

#include <algorithm>
#include <cmath>
#include <map>
#include <vector>

namespace fm::test {

inline double luminance(const QColor& colour) {
    const auto part = [](double share) {
        return share <= 0.04045 ? share / 12.92 : std::pow((share + 0.055) / 1.055, 2.4);
    };
    return 0.2126 * part(colour.redF()) + 0.7152 * part(colour.greenF()) + 0.0722 * part(colour.blueF());
}

inline double contrast(const QColor& a, const QColor& b) {
    const double one = luminance(a) + 0.05;
    const double other = luminance(b) + 0.05;
    return std::max(one, other) / std::min(one, other);
}

/// A text as it was painted: its colour, the commonest colour under it, its size.
struct PaintedText {
    QString text;
    QColor colour;
    QColor ground;
    double px = 0;
    QRectF ink;  ///< where its letters are
    QRectF clip; ///< where the painter paints at all
};

class TextLog : public QPaintDevice {
public:
    explicit TextLog(const QSize& size) : image_(size, QImage::Format_RGB32), engine_(*this) {
        image_.fill(Qt::white);
    }
    QPaintEngine* paintEngine() const override { return &engine_; }
    const std::vector<PaintedText>& texts() const { return texts_; }

protected:
    int metric(PaintDeviceMetric metric) const override {
        switch (metric) {
        case PdmWidth: return image_.width();
        case PdmHeight: return image_.height();
        case PdmWidthMM: return image_.widthMM();
        case PdmHeightMM: return image_.heightMM();
        case PdmDpiX:
        case PdmPhysicalDpiX: return image_.logicalDpiX();
        case PdmDpiY:
        case PdmPhysicalDpiY: return image_.logicalDpiY();
        case PdmDepth: return 32;
        case PdmDevicePixelRatio: return 1;
        case PdmDevicePixelRatioScaled: return static_cast<int>(devicePixelRatioFScale());
        default: return 0;
        }
    }

private:
    /// Everything goes on to an image; texts are looked at before they do.
    class Engine : public QPaintEngine {
    public:
        explicit Engine(TextLog& log) : QPaintEngine(AllFeatures), log_(log) {}
        bool begin(QPaintDevice*) override { return inner_.begin(&log_.image_); }
        bool end() override { return inner_.end(); }
        Type type() const override { return User; }
        void updateState(const QPaintEngineState& now) override {
            const DirtyFlags dirty = now.state();
            if (dirty & DirtyTransform) inner_.setTransform(now.transform());
            if (dirty & DirtyPen) inner_.setPen(now.pen());
            if (dirty & DirtyBrush) inner_.setBrush(now.brush());
            if (dirty & DirtyBrushOrigin) inner_.setBrushOrigin(now.brushOrigin());
            if (dirty & DirtyFont) inner_.setFont(now.font());
            if (dirty & DirtyHints) inner_.setRenderHints(now.renderHints());
            if (dirty & DirtyOpacity) inner_.setOpacity(now.opacity());
            if (dirty & DirtyCompositionMode) inner_.setCompositionMode(now.compositionMode());
            if (dirty & DirtyClipEnabled) inner_.setClipping(now.isClipEnabled());
            if (dirty & DirtyClipRegion) inner_.setClipRegion(now.clipRegion(), now.clipOperation());
            if (dirty & DirtyClipPath) inner_.setClipPath(now.clipPath(), now.clipOperation());
        }
        void drawPath(const QPainterPath& path) override { inner_.drawPath(path); }
        void drawPolygon(const QPointF* points, int count, PolygonDrawMode mode) override {
            if (mode == PolylineMode)
                inner_.drawPolyline(points, count);
            else
                inner_.drawPolygon(points, count, mode == OddEvenMode ? Qt::OddEvenFill : Qt::WindingFill);
        }
        void drawRects(const QRectF* rects, int count) override { inner_.drawRects(rects, count); }
        void drawLines(const QLineF* lines, int count) override { inner_.drawLines(lines, count); }
        void drawEllipse(const QRectF& rect) override { inner_.drawEllipse(rect); }
        void drawPixmap(const QRectF& rect, const QPixmap& pixmap, const QRectF& from) override {
            inner_.drawPixmap(rect, pixmap, from);
        }
        void drawImage(const QRectF& rect, const QImage& image, const QRectF& from,
                       Qt::ImageConversionFlags flags) override {
            inner_.drawImage(rect, image, from, flags);
        }
        void drawTextItem(const QPointF& at, const QTextItem& item) override {
            const QRectF box(at.x(), at.y() - item.ascent(), item.width(), item.ascent() + item.descent());
            QRectF seen = inner_.transform().mapRect(box);
            if (!systemClip().isEmpty())
                seen = seen.intersected(systemClip().boundingRect()); // what a window hides
            QRectF ink = QFontMetricsF(item.font()).tightBoundingRect(item.text()).translated(at);
            QRectF clip(QPointF(), log_.image_.size());
            if (!systemClip().isEmpty()) clip = clip.intersected(systemClip().boundingRect());
            if (inner_.hasClipping())
                clip = clip.intersected(inner_.transform().mapRect(inner_.clipBoundingRect()));
            log_.look(seen, inner_, item, inner_.transform().mapRect(ink), clip);
            inner_.drawTextItem(at, item);
        }

    private:
        TextLog& log_;
        QPainter inner_;
    };

    void look(const QRectF& box, const QPainter& painter, const QTextItem& item, const QRectF& ink,
              const QRectF& clip) {
        if (item.text().trimmed().isEmpty()) return;
        QRect seen = box.toAlignedRect().intersected(image_.rect());
        if (painter.hasClipping())
            seen = seen.intersected(painter.transform().mapRect(painter.clipBoundingRect()).toAlignedRect());
        if (seen.isEmpty()) {
            texts_.push_back({item.text(), {}, {}, static_cast<double>(item.font().pixelSize()), ink, clip});
            return;
        }
        std::map<QRgb, int> colours;
        for (int y = seen.top(); y <= seen.bottom(); ++y)
            for (int x = seen.left(); x <= seen.right(); ++x) ++colours[image_.pixel(x, y)];
        const auto commonest = std::max_element(
            colours.begin(), colours.end(), [](const auto& a, const auto& b) { return a.second < b.second; });
        texts_.push_back({item.text(), painter.pen().color(), QColor(commonest->first),
                          static_cast<double>(item.font().pixelSize()), ink, clip});
    }

    QImage image_;
    mutable Engine engine_;
    std::vector<PaintedText> texts_;
};

} // namespace fm::test
