#include "sheet/drawing/paint.h"

#include "sheet/drawing/fonts.h"

#include <QPainterPath>

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>
#include <numbers>

namespace fm {

namespace {

class Painting {
public:
    Painting(QPainter& painter, const Look& look, double px_per_mm, QPointF origin)
        : painter_(painter), look_(look), scale_(px_per_mm), origin_(origin) {}

    void operator()(const Path& path) {
        const QPainterPath outline = painter_path(path, scale_, origin_);
        fill(outline, path.fill);
        if (!path.outlined) return;
        painter_.setBrush(Qt::NoBrush);
        painter_.setPen(pen(path.stroke));
        painter_.drawPath(outline);
    }

    void operator()(const Circle& circle) {
        QPainterPath outline;
        outline.addEllipse(on(circle.centre), circle.radius * scale_, circle.radius * scale_);
        fill(outline, circle.fill);
        painter_.setBrush(Qt::NoBrush);
        painter_.setPen(pen(circle.stroke));
        painter_.drawPath(outline);
    }

    void operator()(const Text& text) {
        // Painted at a large whole pixel size and scaled down: pixel sizes are integers.
        constexpr int set_at = 100;
        const double factor = text.em_mm * scale_ / set_at;
        QFont font = shipped_font(text.bold);
        font.setPixelSize(set_at);
        const QString words = QString::fromStdString(text.text);
        const double width = text_width(words, set_at, text.bold);
        painter_.save();
        painter_.translate(on(text.at));
        if (text.upright) painter_.rotate(-90.0);
        painter_.scale(factor, factor);
        painter_.setFont(font);
        painter_.setPen(colour(text.ink));
        const double start = text.anchor == TextAnchor::left     ? 0.0
                             : text.anchor == TextAnchor::middle ? -0.5 * width
                                                                 : -width;
        painter_.drawText(QPointF(start, 0.0), words);
        painter_.restore();
    }

    void operator()(const LinearDimension& dimension) { all(fm::drawn(dimension)); }
    void operator()(const OrdinateDimension& dimension) { all(fm::drawn(dimension)); }

private:
    void all(const std::vector<Item>& items) {
        for (const Item& item : items) std::visit(*this, item);
    }

    QPointF on(Point p) const { return {origin_.x() + p.x * scale_, origin_.y() - p.y * scale_}; }

    QColor colour(Ink ink) const {
        switch (ink) {
        case Ink::line: return look_.line;
        case Ink::faint: return look_.faint;
        case Ink::take_off: return look_.take_off;
        case Ink::yours: return look_.yours;
        case Ink::missing: return look_.missing;
        case Ink::chosen: return look_.chosen;
        }
        return look_.line;
    }

    QPen pen(const Stroke& stroke) const {
        QPen pen(colour(stroke.ink));
        const double wide = look_.pen_share * stroke.width_mm * scale_;
        pen.setWidthF(std::clamp(wide, look_.least_line_px, look_.most_line_px));
        pen.setCapStyle(Qt::FlatCap);
        pen.setJoinStyle(Qt::MiterJoin);
        const double mm = scale_ / pen.widthF(); // dashes count in pen widths
        const double unit = look_.least_line_px > 0 ? 4.0 / pen.widthF() : mm;
        if (stroke.style == LineStyle::hidden) pen.setDashPattern({1.6 * unit, 0.8 * unit});
        if (stroke.style == LineStyle::centre)
            pen.setDashPattern({3.0 * unit, 0.6 * unit, 0.5 * unit, 0.6 * unit});
        return pen;
    }

    void fill(const QPainterPath& outline, Fill fill) {
        switch (fill) {
        case Fill::none: return;
        case Fill::ink: return flat(outline, look_.line);
        default: break;
        }
        if (!look_.fills) return;
        switch (fill) {
        case Fill::paper: return flat(outline, look_.paper);
        case Fill::string: return flat(outline, look_.string);
        case Fill::chosen_string: return flat(outline, look_.chosen);
        case Fill::material: flat(outline, look_.material); return marks(outline);
        case Fill::waste: return hatch(outline, look_.take_off, 7, 1.0);
        case Fill::missing: return hatch(outline, look_.missing, 5, -1.0);
        default: return;
        }
    }

    void flat(const QPainterPath& outline, const QColor& colour) {
        painter_.setPen(Qt::NoPen);
        painter_.setBrush(colour);
        painter_.drawPath(outline);
    }

    // Hatches and marks are drawn line by line within the area: a texture would be spread over threads, and a
    // small area would wait for them.

    /// The box of an area, as far as it can be in sight: of one drawn large most lies beyond the edges.
    QRectF box_in_sight(const QPainterPath& outline) const {
        constexpr double beyond_px = 20;
        const QRectF window = painter_.worldTransform().inverted().mapRect(QRectF(painter_.window()));
        return outline.boundingRect() & window.adjusted(-beyond_px, -beyond_px, beyond_px, beyond_px);
    }

    /// Calls for every square of a grid that touches an area, the painter clipped to it.
    template <class Draw>
    void in_squares(const QPainterPath& outline, double step, QPointF origin, const Draw& draw) {
        const QRectF box = box_in_sight(outline);
        if (box.isEmpty()) return;
        painter_.save();
        painter_.setClipPath(outline, Qt::IntersectClip);
        const double left = origin.x() + std::floor((box.left() - origin.x()) / step) * step;
        const double top = origin.y() + std::floor((box.top() - origin.y()) / step) * step;
        for (double y = top; y < box.bottom(); y += step)
            for (double x = left; x < box.right(); x += step) draw(QPointF(x, y));
        painter_.restore();
    }

    /// Diagonal lines on a grid of the page, so that neighbouring areas join up.
    void hatch(const QPainterPath& outline, const QColor& colour, double step, double lean) {
        const QRectF box = box_in_sight(outline);
        if (box.isEmpty()) return;
        // Rising lines are those of x + y, falling ones of x − y, at whole steps: how high and how low each
        // meets the outline. What is drawn beyond that costs the clip more than the drawing.
        const auto line_of = [&](QPointF point) { return (point.x() + lean * point.y()) / step; };
        struct Reach {
            double top = std::numeric_limits<double>::infinity();
            double bottom = -std::numeric_limits<double>::infinity();
        };
        std::map<int, Reach> lines;
        const double room = (box.width() + box.height()) / step;
        const double middle = line_of(box.center());
        const QPolygonF edge = outline.toFillPolygon();
        for (qsizetype i = 0; i < edge.size(); ++i) {
            const QPointF from = edge[i];
            const QPointF to = edge[(i + 1) % edge.size()];
            const double first = line_of(from);
            const double last = line_of(to);
            const double most = std::min(std::max(first, last), middle + room);
            for (double at = std::ceil(std::max(std::min(first, last), middle - room)); at <= most; ++at) {
                const double share = first == last ? 0.0 : (at - first) / (last - first);
                const double y = from.y() + share * (to.y() - from.y());
                Reach& reach = lines[static_cast<int>(at)];
                reach = {std::min(reach.top, y), std::max(reach.bottom, y)};
            }
        }
        painter_.save();
        painter_.setClipPath(outline, Qt::IntersectClip);
        painter_.setPen(QPen(colour, 1.0));
        for (const auto& [at, reach] : lines) {
            const double top = std::max(reach.top - 2, box.top());
            const double bottom = std::min(reach.bottom + 2, box.bottom());
            const double sum = at * step;
            const auto point = [&](double y) { return QPointF(sum - lean * y, y); };
            if (top < bottom) painter_.drawLine(point(top), point(bottom));
        }
        painter_.restore();
    }

    /// Bone is flecked, metal has diagonal lines, wood has strokes along the grain.
    void marks(const QPainterPath& outline) {
        if (look_.material_name == QLatin1String("brass"))
            return hatch(outline, look_.material_mark, 9.0, 1.0);
        const bool bone =
            look_.material_name == QLatin1String("bone") || look_.material_name == QLatin1String("synthetic");
        painter_.setPen(QPen(look_.material_mark, 1.0));
        const bool smooth = painter_.testRenderHint(QPainter::Antialiasing);
        painter_.setRenderHint(QPainter::Antialiasing, false); // hundreds of them: each as quick as can be
        in_squares(outline, 18.0, outline.boundingRect().topLeft(), [&](QPointF at) {
            if (bone) {
                for (const QPointF& fleck : {QPointF(4, 4), QPointF(13, 9), QPointF(5, 14)})
                    painter_.fillRect(QRectF(at + fleck, QSizeF(1.4, 1.4)), look_.material_mark);
            } else {
                painter_.drawLine(at + QPointF(1, 5), at + QPointF(12, 4.4));
                painter_.drawLine(at + QPointF(8, 14), at + QPointF(17, 13.4));
            }
        });
        painter_.setRenderHint(QPainter::Antialiasing, smooth);
    }

    QPainter& painter_;
    const Look& look_;
    double scale_;
    QPointF origin_;
};

} // namespace

Look paper_look() {
    Look look;
    look.line = look.take_off = look.yours = look.missing = look.chosen = look.string = Qt::black;
    look.faint = QColor(0x60, 0x60, 0x60);
    look.paper = look.material = Qt::white;
    look.material_mark = Qt::white;
    look.fills = false;
    return look;
}

void paint(QPainter& painter, const Drawing& drawing, const Look& look, double px_per_mm, QPointF origin) {
    Painting painting(painter, look, px_per_mm, origin);
    for (const Item& item : drawing.items) std::visit(painting, item);
}

QPainterPath painter_path(const Path& path, double px_per_mm, QPointF origin) {
    const auto on = [&](Point p) {
        return QPointF(origin.x() + p.x * px_per_mm, origin.y() - p.y * px_per_mm);
    };
    QPainterPath out;
    const std::size_t count = path.vertices.size();
    if (count == 0) return out;
    out.moveTo(on(path.vertices[0].at));
    const std::size_t pieces = path.closed ? count : count - 1;
    for (std::size_t i = 0; i < pieces; ++i) {
        const Vertex& a = path.vertices[i];
        const Point b = path.vertices[(i + 1) % count].at;
        if (a.bulge == 0.0) {
            out.lineTo(on(b));
            continue;
        }
        // Centre and angles of the arc from its chord and bulge; angles run counter-clockwise with y up.
        const double sweep = 4.0 * std::atan(a.bulge);
        const double chord = std::hypot(b.x - a.at.x, b.y - a.at.y);
        const double radius = 0.5 * chord / std::abs(std::sin(0.5 * sweep));
        const double to_centre =
            std::atan2(b.y - a.at.y, b.x - a.at.x) + 0.5 * std::numbers::pi - 0.5 * sweep;
        const double side = a.bulge > 0 ? 1.0 : -1.0;
        const Point centre{a.at.x + side * radius * std::cos(to_centre),
                           a.at.y + side * radius * std::sin(to_centre)};
        const double start = std::atan2(a.at.y - centre.y, a.at.x - centre.x);
        const QPointF middle = on(centre);
        const double r = radius * px_per_mm;
        constexpr double degrees = 180.0 / std::numbers::pi;
        out.arcTo(QRectF(middle.x() - r, middle.y() - r, 2 * r, 2 * r), start * degrees, sweep * degrees);
    }
    if (path.closed) out.closeSubpath();
    return out;
}

} // namespace fm
