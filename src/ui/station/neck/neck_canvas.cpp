#include "ui/station/neck/neck_canvas.h"

#include "job/edits/neck_edits.h"
#include "sheet/drawing/paint.h"
#include "sheet/views/bridge_views.h"
#include "sheet/views/neck_views.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <cmath>

namespace fm {

namespace {

constexpr double side_top = 30;
constexpr double left_room = 96;
constexpr double right_room = 96;
constexpr double relief_row = 58;      // fields and captions under the side view
constexpr double foot_row_wide = 58;   // fields and captions under the board
constexpr double foot_row_narrow = 74; // captions have a line more

Value with_relief_there(const Value& document, const State& state) {
    return with_some_relief(document, state.neck, state.job.design.neck.body_joint_fret);
}

} // namespace

NeckCanvas::NeckCanvas(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent)
    : PartCanvas(session, binder, view, tr("Drawing of the neck"), parent) {
    add_neck_fields();
    add_relief_fields();
}

void NeckCanvas::add_relief_fields() {
    const auto relief = [this](const char* key, const QString& name, FieldKind kind, int width,
                               double (*value)(const Relief&)) {
        ValueField* field = add_field(
            key, name, kind,
            [value](const State& s) -> std::optional<double> {
                const auto& read = s.job.design.neck.relief;
                return read ? std::optional(value(*read)) : std::nullopt;
            },
            width);
        binder_.prepare(field, with_relief_there);
        return field;
    };
    held_from_ = relief("neck.relief.between_frets[0]", tr("string held at fret"), FieldKind::whole, 48,
                        [](const Relief& r) { return static_cast<double>(r.from_fret); });
    read_at_ = relief("neck.relief.at_fret", tr("relief read at fret"), FieldKind::whole, 48,
                      [](const Relief& r) { return static_cast<double>(r.at_fret); });
    held_to_ = relief("neck.relief.between_frets[1]", tr("string held at the upper fret"), FieldKind::whole,
                      48, [](const Relief& r) { return static_cast<double>(r.to_fret); });
    relief_ = relief("neck.relief.depth_mm", tr("relief"), FieldKind::length, 76,
                     [](const Relief& r) { return r.depth_mm; });
}

void NeckCanvas::add_neck_fields() {
    // Made in the order of the work: Tab follows it.
    const auto length = [this](const char* key, const QString& name, FieldBinder::Getter value) {
        return add_field(key, name, FieldKind::length, std::move(value), 84);
    };
    scale_ = add_field("neck.scale_mm", tr("scale length"), 84);
    to_fret12_ = length("neck.scale_mm/2", tr("nut to fret 12"), [](const State& s) -> std::optional<double> {
        return 0.5 * s.job.design.neck.scale_bass_mm;
    });
    binder_.write(to_fret12_, [](const Value& document, const State&, double mm) {
        return with(document, "neck.scale_mm", 2.0 * mm);
    });
    scale_bass_ = add_field("neck.scale_bass_mm", tr("scale length, bass edge"), 84);
    scale_treble_ = add_field("neck.scale_treble_mm", tr("scale length, treble edge"), 84);
    nut_width_ = add_field("neck.nut_width_mm", tr("board width at the nut"), 84);
    fret_height_ = add_field("neck.fret_height_mm", tr("fret height"), 84);
    end_width_ = add_field("neck.end_width_mm", tr("board width at its end"), 84);
    radius_nut_ = add_field(
        "neck.radius_nut_mm", tr("radius at the nut"), FieldKind::length,
        [](const State& s) { return std::optional(s.job.design.neck.radius_nut_mm); }, 84,
        [](const State& s) {
            return s.job.design.neck.shape == BoardShape::cone ? QStringLiteral("neck.radius_nut_mm")
                                                               : QStringLiteral("neck.radius_mm");
        });
    radius_end_ = add_field("neck.radius_end_mm", tr("radius at the end"), 84);
    offset_ = length("neck.fret_offsets_mm", tr("chosen fret higher by"),
                     [this](const State& s) -> std::optional<double> {
                         const auto& offsets = s.job.design.neck.fret_offsets_mm;
                         const auto at = static_cast<std::size_t>(view_.fret - 1);
                         return at < offsets.size() ? offsets[at] : 0.0;
                     });
    binder_.write(offset_, [this](const Value& document, const State& s, double mm) {
        return with_fret_offset(document, s.job.design.neck.frets, view_.fret, mm);
    });
}

double NeckCanvas::foot_row() const {
    return width() < 860 ? foot_row_narrow : foot_row_wide;
}

NeckCanvas::Place NeckCanvas::place() const {
    const Neck& neck = state().neck;
    const double end_mm = neck.fret_x_mm(neck.frets(), neck.mean_scale_mm());
    const NeckHeights heights = neck_heights(neck);
    Place p;
    p.scale = (width() - left_room - right_room) / end_mm * zoom_;
    const double room = std::max(80.0, height() - side_top - relief_row - foot_row() - 16.0);
    const double side_px = 0.56 * room;
    const double range = std::max(0.05, heights.most_mm - heights.least_mm);
    // Tens of times, so that nothing moves while a number is typed.
    p.lift = std::max(10.0, std::floor(side_px / range / p.scale / 10.0) * 10.0);
    p.side = {left_room + pan_.x(),
              side_top + pan_.y() + heights.most_mm * p.lift * p.scale +
                  0.5 * (side_px - (heights.most_mm - heights.least_mm) * p.lift * p.scale)};
    const double wide = std::max(design().neck.nut_width_mm, 2 * neck.half_width_mm(end_mm)) * p.scale;
    p.stretch = std::max(1.0, std::floor((room - side_px) / wide));
    p.board = {left_room + pan_.x(), side_top + side_px + relief_row + 0.5 * (room - side_px) + pan_.y()};
    return p;
}

double NeckCanvas::fret_x(const Place& p, int fret) const {
    const Neck& neck = state().neck;
    return p.side.x() + neck.fret_x_mm(fret, neck.mean_scale_mm()) * p.scale;
}

QPointF NeckCanvas::still_point() const {
    return {left_room, side_top};
}

std::optional<std::size_t> NeckCanvas::string_at(QPointF) const {
    return std::nullopt;
}

void NeckCanvas::mousePressEvent(QMouseEvent* event) {
    PartCanvas::mousePressEvent(event);
    if (!session_.is_open() || event->button() != Qt::LeftButton) return;
    const Place p = place();
    int nearest = 0;
    double best = 14.0;
    for (int n = 1; n <= design().neck.frets; ++n) {
        const double away = std::abs(event->position().x() - fret_x(p, n));
        if (away >= best) continue;
        best = away;
        nearest = n;
    }
    if (nearest > 0) Q_EMIT fret_picked(nearest);
}

void NeckCanvas::keyPressEvent(QKeyEvent* event) {
    const bool moves = event->modifiers() & Qt::ShiftModifier;
    if (session_.is_open() && !moves && event->key() == Qt::Key_Left)
        Q_EMIT fret_picked(std::max(1, view_.fret - 1));
    else if (session_.is_open() && !moves && event->key() == Qt::Key_Right)
        Q_EMIT fret_picked(std::min(design().neck.frets, view_.fret + 1));
    else
        PartCanvas::keyPressEvent(event);
}

void NeckCanvas::lay_out_relief(const Place& p) {
    write(QRectF(12.0, 4.0, width() - 24.0, 18.0), Qt::AlignLeft,
          tr("fret tops from the side, the head to the left; heights ×%1").arg(p.lift));
    const double row =
        p.board.y() - 0.22 * (height() - side_top - relief_row - foot_row() - 16.0) - relief_row + 20.0;
    const auto& relief = design().neck.relief;
    if (!relief) {
        const double step = 110.0;
        put(relief_, {left_room + 40.0, row}, tr("relief: none given"), 150.0);
        for (ValueField* field : {held_from_, read_at_, held_to_}) field->hide();
        write(QRectF(left_room + 1.6 * step, row - 9.0, 300.0, 18.0), Qt::AlignLeft,
              tr("the neck counts as straight"));
        return;
    }
    // Under their frets, but never on one another.
    constexpr double apart = 96;
    const double at =
        std::clamp(fret_x(p, relief->at_fret), left_room + apart, width() - right_room - 2 * apart);
    put(held_from_, {std::min(fret_x(p, relief->from_fret), at - apart), row}, tr("held at fret"),
        apart - 4.0);
    put(read_at_, {at, row}, tr("read at fret"), apart - 4.0);
    put(relief_, {at + apart, row}, tr("relief"), apart - 4.0);
    put(held_to_, {std::max(fret_x(p, relief->to_fret), at + 2 * apart), row}, tr("held at fret"),
        apart - 4.0);
}

void NeckCanvas::lay_out_board(const Place& p) {
    put(nut_width_, {0.5 * left_room - 2.0, p.board.y()}, tr("nut width"), left_room - 8.0);
    put(end_width_, {width() - 0.5 * right_room + 2.0, p.board.y()}, tr("end width"), right_room - 8.0);
    const NeckDesign& neck = design().neck;
    const double row = height() - foot_row() + 20.0;
    const double step = (width() - 16.0) / 6.0;
    int place = 0;
    const auto next = [&](QWidget* field, const QString& caption) {
        put(field, {8.0 + (place++ + 0.5) * step, row}, caption, step - 4.0);
    };
    // Shown and hidden once each: a field that is typed in must not go, even for a moment.
    scale_->setVisible(!neck.fanned());
    to_fret12_->setVisible(!neck.fanned());
    scale_bass_->setVisible(neck.fanned());
    scale_treble_->setVisible(neck.fanned());
    radius_nut_->setVisible(neck.shape != BoardShape::flat);
    radius_end_->setVisible(neck.shape == BoardShape::cone);
    if (neck.fanned()) {
        next(scale_bass_, tr("scale bass"));
        next(scale_treble_, tr("scale treble"));
    } else {
        next(scale_, tr("scale length"));
        next(to_fret12_, tr("nut to 12"));
    }
    next(fret_height_, tr("fret height"));
    if (neck.shape != BoardShape::flat)
        next(radius_nut_, neck.shape == BoardShape::cone ? tr("radius at nut") : tr("radius"));
    if (neck.shape == BoardShape::cone) next(radius_end_, tr("radius at end"));
    next(offset_, tr("fret %1 higher").arg(view_.fret));
}

void NeckCanvas::lay_out() {
    const Place p = place();
    lay_out_relief(p);
    lay_out_board(p);
}

void NeckCanvas::paint_views(QPainter& painter) {
    const Place p = place();
    const Neck& neck = state().neck;
    const Look look = look_of(theme(), "hardwood");
    painter.setPen(QPen(theme().chosen, 6));
    const double x = fret_x(p, view_.fret);
    painter.drawLine(QPointF(x, side_top), QPointF(x, height() - foot_row()));
    paint(painter, neck_side(neck, view_.fret, p.lift), look, p.scale, p.side);
    BridgeViewOptions options;
    options.mirrored = state().job.left_handed;
    painter.save();
    painter.setClipRect(QRectF(0, 0, fret_x(p, neck.frets()) + 10.0, height()));
    paint(painter, placing_board(design(), state().solution, options, p.stretch), look, p.scale, p.board);
    painter.restore();
    const double joint = fret_x(p, design().neck.body_joint_fret);
    painter.setPen(QPen(theme().caption, 1, Qt::DashLine));
    painter.drawLine(QPointF(joint, p.side.y() - 26.0), QPointF(joint, p.side.y() + 26.0));
}

} // namespace fm
