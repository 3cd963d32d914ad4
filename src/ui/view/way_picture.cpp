#include "ui/view/way_picture.h"

#include "ui/look/theme.h"

#include <QPainterPath>

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

/// Of a nut over where strings are wanted, and of any part under it: shares of the farthest anything stands
/// from there.
constexpr double over_slots = 0.45;
constexpr double body = 0.75;

std::size_t count_of(const VerdictStory& story) {
    return std::max<std::size_t>(1, story.found.size());
}

std::optional<double> stands_of(const VerdictStory& story, const WayStory* way, std::size_t i) {
    if (way && i < way->marks.size() && way->marks[i].stands_mm) return way->marks[i].stands_mm;
    return i < story.found.size() ? story.found[i].stands_mm : std::nullopt;
}

void hatch(QPainter& painter, const QRectF& box, bool comes_off) {
    if (box.height() < 0.8) return;
    const QColor colour = comes_off ? theme().take_off : theme().missing;
    painter.fillRect(box, QBrush(colour, comes_off ? Qt::BDiagPattern : Qt::Dense5Pattern));
    painter.setPen(QPen(colour, 1.0));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(box);
}

/// The neck from the side: its curve as found, and as it will be, over a straight edge.
void paint_neck(QPainter& painter, const QRectF& box, const VerdictStory& story, const WayStory* way,
                const WayScale& scale) {
    const Theme& look = theme();
    const double straight = box.center().y();
    painter.setPen(QPen(look.hairline, 1.0));
    painter.drawLine(QPointF(box.left(), straight), QPointF(box.right(), straight));
    const auto curve = [&](double mm) {
        QPainterPath path(QPointF(box.left(), straight));
        path.quadTo(QPointF(box.center().x(), straight + 2 * mm * scale.px_per_mm),
                    QPointF(box.right(), straight));
        return path;
    };
    const auto stands = stands_of(story, way, 0);
    // Drawn over where it is wanted: that is the straight line here.
    if (stands) {
        painter.setPen(QPen(look.string, 2.0));
        painter.setBrush(Qt::NoBrush);
        painter.drawPath(curve(*stands));
    }
    if (way && !way->marks.empty() && way->marks[0].after_mm) {
        const QPointF middle(box.center().x(), straight + *way->marks[0].after_mm * scale.px_per_mm);
        painter.setPen(Qt::NoPen);
        painter.setBrush(look.ink);
        painter.drawEllipse(middle, 4.0, 4.0);
        if (stands && std::abs(*stands - *way->marks[0].after_mm) * scale.px_per_mm > 5) {
            painter.setPen(QPen(look.take_off, 1.6));
            painter.drawLine(QPointF(middle.x(), straight + *stands * scale.px_per_mm), middle);
        }
    }
    painter.setPen(QPen(look.yours, 2.0, Qt::DashLine));
    painter.drawLine(QPointF(box.left(), straight), QPointF(box.right(), straight));
}

} // namespace

WayScale way_scale(const VerdictStory& story, double most_px) {
    double most_mm = 0.1;
    for (const FoundMark& mark : story.found)
        if (mark.stands_mm) most_mm = std::max(most_mm, std::abs(*mark.stands_mm));
    for (const WayStory& way : story.ways) {
        most_mm = std::max({most_mm, std::abs(way.under_bass_mm), std::abs(way.under_treble_mm)});
        for (const WayMark& mark : way.marks)
            if (mark.stands_mm) most_mm = std::max(most_mm, std::abs(*mark.stands_mm));
    }
    return {most_px / most_mm, most_px};
}

double way_x(const QRectF& box, const VerdictStory& story, std::size_t string) {
    const double each = box.width() / static_cast<double>(count_of(story));
    const std::size_t place = story.mirrored ? count_of(story) - 1 - string : string;
    return box.left() + (static_cast<double>(place) + 0.5) * each;
}

void paint_way(QPainter& painter, const QRectF& box, const VerdictStory& story, const WayStory* way,
               const WayScale& scale) {
    if (story.part == BenchPart::relief) return paint_neck(painter, box, story, way, scale);
    const Theme& look = theme();
    const double each = box.width() / static_cast<double>(count_of(story));
    const double wanted = box.center().y();
    const auto y_of = [&](double over_mm) { return wanted - over_mm * scale.px_per_mm; };
    // What goes under the part lifts all of it, what comes off its bottom lets it down.
    const auto lift_at = [&](double x) {
        if (!way) return 0.0;
        const double share = std::clamp((x - box.left()) / box.width(), 0.0, 1.0);
        const double from_bass = story.mirrored ? 1 - share : share;
        return way->under_bass_mm + (way->under_treble_mm - way->under_bass_mm) * from_bass;
    };
    const double foot = wanted + (1 + body) * scale.deepest_px;
    const double half = std::clamp(0.28 * each, 3.0, 13.0);
    // The body, its top as found.
    QPolygonF outline;
    outline << QPointF(box.left(), foot - lift_at(box.left()) * scale.px_per_mm);
    for (std::size_t place = 0; place < story.found.size(); ++place) {
        const std::size_t i = story.mirrored ? story.found.size() - 1 - place : place;
        const double x = way_x(box, story, i);
        const auto stands = stands_of(story, way, i);
        const double floor = y_of(stands.value_or(0.0) + lift_at(x));
        if (story.notched) {
            const double top = y_of(lift_at(x)) - (1 + over_slots) * scale.deepest_px;
            if (place == 0) outline << QPointF(box.left(), top);
            outline << QPointF(x - half, top) << QPointF(x - half, floor) << QPointF(x + half, floor)
                    << QPointF(x + half, top);
            if (place + 1 == story.found.size()) outline << QPointF(box.right(), top);
        } else {
            outline << QPointF(x - 0.5 * each, floor) << QPointF(x + 0.5 * each, floor);
        }
    }
    outline << QPointF(box.right(), foot - lift_at(box.right()) * scale.px_per_mm);
    const bool anew = way && way->anew;
    painter.setPen(QPen(anew ? look.caption : look.ink, 1.2, anew ? Qt::DashLine : Qt::SolidLine));
    painter.setBrush(look.material);
    painter.drawPolygon(outline);
    // Under it: a shim or packing, or what is gone from its bottom.
    if (way && (way->under_bass_mm != 0 || way->under_treble_mm != 0)) {
        const bool comes_off = way->under_bass_mm + way->under_treble_mm < 0;
        QPolygonF under;
        under << QPointF(box.left(), foot)
              << QPointF(box.left(), foot - lift_at(box.left()) * scale.px_per_mm)
              << QPointF(box.right(), foot - lift_at(box.right()) * scale.px_per_mm)
              << QPointF(box.right(), foot);
        const QColor colour = comes_off ? look.take_off : look.missing;
        painter.setBrush(QBrush(colour, comes_off ? Qt::BDiagPattern : Qt::Dense5Pattern));
        painter.setPen(QPen(colour, 1.0));
        painter.drawPolygon(under);
    }
    for (std::size_t i = 0; i < story.found.size(); ++i) {
        const auto stands = stands_of(story, way, i);
        const double x = way_x(box, story, i);
        const double wide = story.notched ? half : 0.5 * each;
        if (way && stands && i < way->marks.size() && way->marks[i].after_mm && !anew) {
            const double from = y_of(*stands + lift_at(x));
            const double to = y_of(*way->marks[i].after_mm);
            hatch(painter, QRectF(x - wide, std::min(from, to), 2 * wide, std::abs(to - from)), to > from);
        }
        painter.setPen(QPen(look.yours, 2.0));
        painter.drawLine(QPointF(x - std::min(wide + 3, 0.48 * each), wanted),
                         QPointF(x + std::min(wide + 3, 0.48 * each), wanted));
        const auto lies = way && i < way->marks.size() ? way->marks[i].after_mm : stands;
        if (!lies) continue;
        const double round = std::min(std::max(2.0, 1.5 + 2.2 * story.found[i].diameter_mm), 0.42 * each);
        painter.setPen(Qt::NoPen);
        painter.setBrush(look.ink);
        painter.drawEllipse(QPointF(x, y_of(*lies) - round), round, round);
    }
}

} // namespace fm
