#pragma once
// One way of a part as a small drawing: the part from the front, heights stretched.
#include "ui/view/verdict_story.h"

#include <QPainter>
#include <QRectF>

namespace fm {

/// How far heights are stretched, so that all ways of a part are drawn alike.
struct WayScale {
    double px_per_mm = 100;
    double deepest_px = 24; ///< the farthest anything stands from where it is wanted
};
WayScale way_scale(const VerdictStory& story, double most_px);

/// The part with its slots or its crown as found, what comes off hatched, what is put in or under dotted,
/// dashes where strings are wanted, the strings where they will lie.
/// @param way none: only as it was found
void paint_way(QPainter& painter, const QRectF& box, const VerdictStory& story, const WayStory* way,
               const WayScale& scale);

/// Where a string of the part is drawn from left to right in that box.
double way_x(const QRectF& box, const VerdictStory& story, std::size_t string);

} // namespace fm
