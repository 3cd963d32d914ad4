#include "ui/view/way_card.h"

#include "sheet/drawing/fonts.h"
#include "ui/look/drawn_words.h"
#include "ui/look/theme.h"

#include <QKeyEvent>
#include <QPainter>

#include <algorithm>

namespace fm {

namespace {
constexpr double head_px = 32;
constexpr double reads_px = 16;
constexpr double narrow_px = 32; // of a string: then its reading is not written
} // namespace

WayCard::WayCard(QWidget* parent) : QAbstractButton(parent) {
    setFocusPolicy(Qt::TabFocus);
    setCheckable(false);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void WayCard::show_way(const VerdictStory& story, std::size_t way) {
    story_ = story;
    way_ = way;
    const WayStory& each = story.ways[way];
    word_ = QString::fromUtf8(each.word.data(), static_cast<qsizetype>(each.word.size()));
    setText(each.name);
    setAccessibleName(each.name);
    QStringList said;
    if (each.chosen) said << tr("decided");
    if (each.proposed) said << tr("proposed");
    said << each.does << each.takes << each.leaves;
    said.removeAll(QString());
    setAccessibleDescription(said.join(QStringLiteral(". ")));
    setToolTip(each.name + QStringLiteral(": ") + said.join(QStringLiteral(". ")));
    setEnabled(each.can_be);
    update();
}

void WayCard::paintEvent(QPaintEvent*) {
    if (way_ >= story_.ways.size()) return;
    const Theme& look = theme();
    const WayStory& way = story_.ways[way_];
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF box = QRectF(rect()).adjusted(1.5, 1.5, -1.5, -1.5);
    painter.setPen(QPen(way.chosen || hasFocus() ? look.ink : look.hairline,
                        way.chosen   ? 2.5
                        : hasFocus() ? 2.0
                                     : 1.0,
                        hasFocus() && !way.chosen ? Qt::DashLine : Qt::SolidLine));
    painter.setBrush(way.can_be && underMouse() ? look.list : Qt::transparent);
    painter.drawRect(box);
    const QRectF head(box.left(), box.top(), box.width(), head_px);
    if (way.chosen) painter.fillRect(head, look.button_on);
    const QColor ink = way.can_be ? look.ink : look.caption;
    const QColor on_head = way.chosen ? look.button_on_text : ink;
    const double mark_px = QFontMetricsF(drawn_font(12)).horizontalAdvance(tr("proposed")) + 2;
    const bool beside =
        QFontMetricsF(drawn_font(15, true)).horizontalAdvance(way.name) + mark_px + 24 < head.width();
    const QRectF name = head.adjusted(8, 0, way.proposed && beside ? -mark_px - 14 : -8, 0);
    write_fitting(painter, name, Qt::AlignLeft | Qt::AlignVCenter, way.name, on_head, 17, 9, true);
    QRectF inside = box.adjusted(8, head_px + 4, -8, -5);
    if (way.proposed) {
        const QRectF at =
            beside ? head.adjusted(8, 0, -8, 0) : QRectF(inside.left(), inside.top(), inside.width(), 15);
        write_fitting(painter, at,
                      static_cast<int>((beside ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter),
                      tr("proposed"), beside && way.chosen ? look.button_on_text : look.yours, 12, 8, false);
        if (!beside) inside.setTop(inside.top() + 15);
    }
    if (!way.can_be)
        return write_wrapped(painter, inside, tr("not here:") + QLatin1Char(' ') + way.does, look.caption, 14,
                             9);
    const QRectF picture(inside.left(), inside.top(), inside.width(),
                         std::clamp(0.35 * height() - (beside ? 0 : 15), 52.0, 104.0));
    painter.save();
    painter.setClipRect(picture.adjusted(-3, 0, 3, 0));
    paint_way(painter, picture, story_, &way, way_scale(story_, 0.2 * picture.height()));
    painter.restore();
    double top = picture.bottom() + 2;
    const double each = picture.width() / static_cast<double>(std::max<std::size_t>(1, way.marks.size()));
    for (std::size_t i = 0; i < way.marks.size(); ++i) {
        const WayMark& string = way.marks[i];
        const QRectF cell(way_x(picture, story_, i) - 0.5 * each, top, each, reads_px);
        const QColor colour = string.right ? look.ink : look.warning;
        const QFontMetricsF least(drawn_font(7, !string.right));
        if (each >= narrow_px && least.horizontalAdvance(string.reads) <= each)
            write_fitting(painter, cell, Qt::AlignCenter, string.reads, colour, 12, 7, !string.right);
        else if (!string.reads.isEmpty())
            write_fitting(painter, cell, Qt::AlignCenter,
                          string.right ? QStringLiteral("·") : QStringLiteral("▲"), colour, 11, 7, false);
    }
    top += reads_px + 2;
    // What it does, and under it what it takes and leaves: the longer has the more room.
    const bool long_takes = QFontMetricsF(drawn_font(12, true)).horizontalAdvance(way.takes) > inside.width();
    const double takes_px = way.takes.isEmpty() ? 0 : long_takes ? 32 : 18;
    const double rest = inside.bottom() - top - takes_px;
    const double does_px = 0.55 * rest;
    write_wrapped(painter, QRectF(inside.left(), top, inside.width(), does_px), way.does, ink, 14, 8);
    if (takes_px > 0)
        write_wrapped(painter, QRectF(inside.left(), top + does_px, inside.width(), takes_px), way.takes, ink,
                      13, 8, true);
    write_wrapped(painter, QRectF(inside.left(), top + does_px + takes_px, inside.width(), rest - does_px),
                  way.leaves, look.caption, 13, 8);
}

void WayCard::keyPressEvent(QKeyEvent* event) {
    const int step = event->key() == Qt::Key_Right ? 1 : event->key() == Qt::Key_Left ? -1 : 0;
    if (step != 0) {
        focusNextPrevChild(step > 0);
        return;
    }
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
        click();
        return;
    }
    QAbstractButton::keyPressEvent(event);
}

void WayCard::focusInEvent(QFocusEvent* event) {
    QAbstractButton::focusInEvent(event);
    update();
}

void WayCard::focusOutEvent(QFocusEvent* event) {
    QAbstractButton::focusOutEvent(event);
    update();
}

} // namespace fm
