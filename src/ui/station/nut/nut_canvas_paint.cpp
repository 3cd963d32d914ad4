// What the drawing of the nut paints around its fields: views, dimensions, distances, captions.
#include "core/solution/nut_plan.h"
#include "sheet/drawing/fonts.h"
#include "sheet/drawing/paint.h"
#include "sheet/views/slot_seen_views.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "ui/station/nut/nut_canvas.h"
#include "ui/station/nut/nut_rows.h"

#include <QPainter>

#include <cmath>

namespace fm {

using namespace nut_rows;

void NutCanvas::paint_views(QPainter& painter) {
    const State& state = session_.state();
    const Place p = place();
    const Look look = look_of(theme(), state.job.design.nut.material);
    paint(painter, nut_front(state.job.design, state.solution, options()), look, p.scale, p.seat);
    paint(painter, nut_plan(state.job.design, state.solution, options()), look, p.scale, p.front);
    paint_dimensions(painter, p);
    paint_chain(painter, p);
    paint_captions(painter, p);
    if (shows_found()) paint_seen(painter, p);
}

/// What was seen of the slots, over each, between the nut's top and the distances.
void NutCanvas::paint_seen(QPainter& painter, const Place& p) {
    const State& state = session_.state();
    const std::size_t count = state.solution.strings.size();
    const double from = chain_row + 21.0 + pan_.y();
    const double to = p.seat.y() - (nut_height_mm(state.job.design, state.solution) + 0.4) * p.scale - 3.0;
    double widest = 36.0;
    for (std::size_t i = 1; i < count; ++i)
        widest = std::min(widest, std::abs(string_x(p, i) - string_x(p, i - 1)) - 2.0);
    const Look look = look_of(theme(), state.job.design.nut.material);
    for (std::size_t i = 0; i < count; ++i) {
        SlotSeen slot = state.known[i].slot;
        std::erase(slot, SlotFound::fine);
        if (slot.empty()) continue;
        const double high = std::min(0.5 * widest, (to - from) / static_cast<double>(slot.size()) - 2.0);
        if (high < 6.0) continue; // no room: the page under it says it
        double y = to;
        for (const SlotFound what : slot) {
            const QRectF box(string_x(p, i) - high, y - high, 2.0 * high, high);
            painter.fillRect(box, theme().ground);
            paint(painter, slot_seen_picture(what), look, high / 30.0, box.bottomLeft());
            y = box.top() - 2.0;
        }
    }
}

void NutCanvas::paint_dimensions(QPainter& painter, const Place& p) {
    const State& state = session_.state();
    painter.setPen(QPen(theme().caption, 1));
    const double y = width_row + 33.0 + pan_.y();
    painter.drawLine(QPointF(p.seat.x() - p.half, y), QPointF(p.seat.x() + p.half, y));
    const double corner = p.seat.y() - (nut_height_mm(state.job.design, state.solution) + 0.4) * p.scale;
    for (const double x : {p.seat.x() - p.half, p.seat.x() + p.half})
        painter.drawLine(QPointF(x, y - 6), QPointF(x, std::min(corner, p.top - 2)));
    const double line = chain_row + 17.0 + pan_.y();
    const std::size_t count = state.solution.strings.size();
    if (count > 1) painter.drawLine(QPointF(string_x(p, 0), line), QPointF(string_x(p, count - 1), line));
    for (std::size_t i = 0; i < count; ++i)
        painter.drawLine(QPointF(string_x(p, i), line - 4), QPointF(string_x(p, i), p.top - 1));
    // The chosen slot leads down to its figure; the two lines lead out to theirs.
    const SlotWork& slot = state.solution.strings[view_.string].slot;
    const double fall = seat_fall_mm(state.job.design.nut, slot.along_mm);
    painter.setPen(QPen(theme().ink, 1));
    const QPointF foot(string_x(p, view_.string), p.seat.y() - (slot.floor_above_seat_mm - fall) * p.scale);
    const double elbow = floor_->y() - 5.0;
    const double figure_x = floor_->geometry().center().x();
    const QPointF leader[] = {foot, {foot.x(), elbow}, {figure_x, elbow}, {figure_x, elbow + 7.0}};
    painter.drawPolyline(leader, 4);
    painter.setPen(QPen(theme().caption, 1));
    const double board = p.seat.y() - state.job.design.nut.board_above_seat_mm * p.scale;
    const double board_x = board_->geometry().center().x();
    painter.drawLine(QPointF(board_x, board), QPointF(board_x, board_->y()));
}

void NutCanvas::paint_chain(QPainter& painter, const Place& p) {
    const State& state = session_.state();
    QFont font = shipped_font();
    font.setPixelSize(14);
    painter.setFont(font);
    painter.setPen(theme().ink);
    const QFontMetricsF metrics(font);
    double taken = 0;
    for (std::size_t i = 1; i < state.solution.strings.size(); ++i) {
        const double a = string_x(p, i - 1);
        const double b = string_x(p, i);
        const double mm =
            std::abs(state.solution.strings[i].slot.along_mm - state.solution.strings[i - 1].slot.along_mm);
        const QString words = length_number(mm, state.job.units.along());
        const double need = metrics.horizontalAdvance(words);
        const double left = 0.5 * (a + b) - 0.5 * need;
        const bool room = side() > 0 ? left >= taken + 5.0 : left + need <= taken - 5.0;
        if (i > 1 && !room) continue; // too narrow for both: the next one that fits
        taken = side() > 0 ? left + need : left;
        painter.drawText(QRectF(0.5 * (a + b) - 40.0, chain_row - 3.0 + pan_.y(), 80.0, 18.0),
                         Qt::AlignCenter, words);
    }
}

NutCanvas::Captions NutCanvas::captions() const {
    const Design& design = session_.state().job.design;
    const bool pressed = !nut_way(design).open();
    const bool zero = design.nut.height_method == NutHeightMethod::zero_fret;
    const QString gap = pressed ? tr("pressed gap") : zero ? tr("over zero line") : tr("open gap");
    const QString datum = view_.datum == Datum::seat    ? tr("floor over seat")
                          : view_.datum == Datum::board ? tr("floor over board")
                          : view_.datum == Datum::frets ? tr("floor over frets")
                                                        : tr("floor from blank top");
    return {gap + QLatin1Char(' ') + tr("bass"),
            gap + QLatin1Char(' ') + tr("treble"),
            gap,
            tr("board over seat"),
            tr("⌀ %1").arg(QString::fromStdString(design.string_name(view_.string))),
            shows_found() ? tr("floor as found") : datum};
}

/// Room for the figures under the front view, with one line of caption or two.
double NutCanvas::figures_room() const {
    QFont font = shipped_font();
    font.setPixelSize(13);
    const QFontMetricsF metrics(font);
    const Captions words = captions();
    const double step = (std::min(5 * 104.0, width() - 12.0) - 76.0) / 4.0 - 4.0; // the narrowest they get
    for (const QString& each : {words.target_bass, words.target_treble, words.board, words.floor})
        if (metrics.horizontalAdvance(each) > step) return figure_row + caption_line;
    return figure_row;
}

void NutCanvas::caption(QPainter& painter, const QWidget* field, const QString& words) {
    if (!field->isVisible()) return;
    const double wide = figure_step_ - 4.0;
    const double most = std::max(0.0, width() - wide);
    const QRectF box(std::clamp(field->geometry().center().x() - 0.5 * wide, 0.0, most),
                     field->geometry().bottom() + 1.0, wide, 34.0);
    painter.drawText(box, Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap, words);
}

void NutCanvas::paint_captions(QPainter& painter, const Place& p) {
    const State& state = session_.state();
    const Design& design = state.job.design;
    QFont font = shipped_font();
    font.setPixelSize(13);
    painter.setFont(font);
    painter.setPen(theme().caption);
    const Captions words = captions();
    caption(painter, target_bass_, words.target_bass);
    caption(painter, target_treble_, words.target_treble);
    caption(painter, target_each_, words.target_each);
    caption(painter, board_, words.board);
    caption(painter, diameter_, words.diameter);
    caption(painter, floor_, words.floor);
    const double right = p.seat.x() + p.widest + 8.0;
    painter.drawText(QPointF(right + 14.0, fret_height_->geometry().bottom() + 15.0), tr("fret height"));
    painter.setPen(theme().yours);
    const double edge_y = 0.5 * design.neck.nut_width_mm;
    const double edge_mm =
        fret_tops_above_seat_mm(Neck(design.neck), design.nut, edge_y) - seat_fall_mm(design.nut, edge_y);
    painter.drawText(QPointF(right + 14.0, pencil_->y() - 2.0), tr("fret tops"));
    painter.drawLine(QPointF(p.seat.x() + p.half + 2.0, p.seat.y() - edge_mm * p.scale),
                     QPointF(right + 12.0, pencil_->geometry().center().y()));
    painter.setPen(theme().caption);
    // Ends and faces.
    const bool left_handed = state.job.left_handed;
    const double deep = design.nut.thickness_mm * p.scale;
    // A slanted nut's back face begins elsewhere than its front.
    const NutPlan plan = nut_plan_of(design, state.solution);
    const NutEnd& left = side() > 0 ? plan.bass : plan.treble;
    const double aside_mm = std::min(0.0, side() * left.run * design.nut.thickness_mm);
    const double beside = std::max(0.0, p.seat.x() - p.half + aside_mm * p.scale - 8.0);
    const auto face = [&](double y, const QString& name) {
        const double wide = painter.fontMetrics().horizontalAdvance(name) + 2.0;
        if (wide <= beside)
            painter.drawText(QRectF(0.0, y, beside, 18.0), Qt::AlignRight, name);
        else // a nut as wide as its picture
            painter.drawText(QRectF(beside + 14.0, y, wide, 18.0), Qt::AlignLeft, name);
    };
    face(p.front.y() - 17.0, tr("front"));
    if (deep >= 30.0) face(p.front.y() - deep - 1.0, tr("head"));
    const double ends = width_row + 16.0 + pan_.y();
    painter.drawText(QPointF(p.seat.x() - p.half + 4.0, ends), left_handed ? tr("treble") : tr("bass"));
    painter.drawText(QRectF(p.seat.x() + p.half - 104.0, ends - 14.0, 100.0, 18.0), Qt::AlignRight,
                     left_handed ? tr("bass") : tr("treble"));
    if (spacing_.bias->isVisible())
        painter.drawText(
            QPointF(spacing_.bias->geometry().right() + 4.0, spacing_.bias->geometry().bottom() - 9.0),
            tr("to the bass"));
    const double waste = p.seat.y() - nut_height_mm(design, state.solution) * p.scale - p.top;
    if (view_.side == NutSide::target && view_.stage == CutStage::blank && waste >= 32.0) {
        const QRectF tag(p.seat.x() - 44.0, p.top + 2.0, 88.0, 20.0);
        painter.fillRect(tag, theme().ground);
        painter.setPen(theme().take_off);
        QFont strong = shipped_font(true);
        strong.setPixelSize(15);
        painter.setFont(strong);
        painter.drawText(tag, Qt::AlignCenter, tr("take off"));
    }
}

} // namespace fm
