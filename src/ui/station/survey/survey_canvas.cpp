#include "ui/station/survey/survey_canvas.h"

#include "core/design/inputs.h"
#include "sheet/drawing/paint.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "ui/station/survey/survey_readings.h"

#include <QKeyEvent>
#include <QPainter>

#include <algorithm>
#include <array>
#include <cmath>

namespace fm {

namespace {

constexpr double side_room = 20;
constexpr double mark_row = 42;            // a row of marks with its leaders
constexpr double reading_row_wide = 80;    // fields and captions under the side view
constexpr double reading_row_narrow = 100; // captions have a line more
constexpr double caption_row = 20;

} // namespace

SurveyCanvas::SurveyCanvas(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent)
    : PartCanvas(session, binder, view, tr("Drawing of the instrument"), parent) {
    for (std::size_t i = 0; i < survey_points().size(); ++i) {
        auto* mark = new SurveyMarkButton(i, this);
        connect(mark, &QAbstractButton::clicked, this, [this, i] { Q_EMIT point_picked(i); });
        marks_.push_back(mark);
    }
    add_readings();
}

void SurveyCanvas::add_readings() {
    // Made in the order they are taken: Tab follows it.
    const auto reading = [this](const char* key, const QString& name, Read what, FieldKind kind) {
        const auto string = [this](const State& s) {
            return std::min(view_.string, s.job.design.strings.size() - 1);
        };
        ValueField* field = add_field(
            key, name, kind, [what, string](const State& s) { return as_found(s, what, string(s)); }, 84);
        binder_.write(field, [this, what, string](const Value& document, const State& s, double value) {
            return with_read(document, s, what, string(s), value, view_.gauges, session_.sitting());
        });
        if (what != Read::relief && what != Read::humidity)
            connect(field, &ValueField::committed, this, [this, field] {
                if (field->hasFocus() && !field->property("fault").toBool()) Q_EMIT reading_entered(field);
            });
        return field;
    };
    humidity_ = reading("found.humidity_pct", tr("humidity in percent"), Read::humidity, FieldKind::whole);
    relief_ = reading("found.relief_mm", tr("relief as found"), Read::relief, FieldKind::length);
    nut_gap_ = reading("found.nut_gap_mm", tr("gap over fret 1 as found"), Read::nut_gap, FieldKind::length);
    action_ = reading("found.action_mm", tr("height over fret 12 as found"), Read::action, FieldKind::length);
    slot_width_ =
        reading("found.slot_width_mm", tr("width of the slot as found"), Read::slot_width, FieldKind::length);
}

double SurveyCanvas::reading_row() const {
    return width() < 900 ? reading_row_narrow : reading_row_wide;
}

SurveyCanvas::Place SurveyCanvas::place() const {
    const InstrumentReach reach = instrument_reach(design(), state().solution);
    Place p;
    p.scale = (width() - 2 * side_room) / (reach.before_mm + reach.behind_mm) * zoom_;
    const double room = std::max(40.0, height() - caption_row - 2 * mark_row - reading_row());
    constexpr double both_px = 88; // with less the instrument is drawn from the front alone
    p.front_px = room < both_px ? room : 0.6 * room;
    p.side_px = room - p.front_px;
    const double x = side_room + reach.before_mm * p.scale + pan_.x();
    p.front = {x, caption_row + mark_row + 0.5 * p.front_px + pan_.y()};
    p.side = {x, caption_row + 2 * mark_row + p.front_px + 0.22 * p.side_px + pan_.y()};
    return p;
}

InstrumentViewOptions SurveyCanvas::options(const Place& p) const {
    InstrumentViewOptions shown;
    shown.mirrored = state().job.left_handed;
    shown.chosen = view_.string;
    shown.half_width_mm = 0.5 * p.front_px / p.scale - 1.0;
    shown.depth_mm = 0.5 * p.side_px / p.scale;
    return shown;
}

QPointF SurveyCanvas::still_point() const {
    return {side_room, caption_row + mark_row};
}

std::optional<std::size_t> SurveyCanvas::string_at(QPointF at) const {
    const Place p = place();
    if (std::abs(at.y() - p.front.y()) > 0.5 * p.front_px) return std::nullopt;
    std::optional<std::size_t> nearest;
    double best = 9;
    for (std::size_t i = 0; i < state().solution.strings.size(); ++i) {
        const StringLine& line = state().solution.strings[i].line;
        const double share = std::clamp((at.x() - p.front.x()) / p.scale / line.saddle_x_mm, 0.0, 1.0);
        const double y = line.nut_y_mm + share * (line.saddle_y_mm - line.nut_y_mm);
        const double away = std::abs(at.y() - (p.front.y() - side() * y * p.scale));
        if (away < best) {
            best = away;
            nearest = i;
        }
    }
    return nearest;
}

void SurveyCanvas::lay_out_marks(const Place& p) {
    const auto& points = survey_points();
    const auto x_of = [&](std::size_t i) {
        return p.front.x() + survey_point_mm(design(), state().solution, points[i]).x * p.scale;
    };
    std::vector<std::size_t> order(points.size());
    for (std::size_t i = 0; i < order.size(); ++i) order[i] = i;
    std::stable_sort(order.begin(), order.end(), [&](auto a, auto b) { return x_of(a) < x_of(b); });
    // Every second one above, the others below; side by side in the order of their places.
    std::array<std::vector<std::size_t>, 2> rows;
    for (std::size_t k = 0; k < order.size(); ++k) rows[k % 2].push_back(order[k]);
    for (std::size_t row = 0; row < 2; ++row) {
        const bool above = row == 0;
        const double y = above ? caption_row + 17.0 : caption_row + mark_row + p.front_px + 25.0;
        const double step = (width() - 2 * side_room - 34.0) / static_cast<double>(rows[row].size() - 1);
        for (std::size_t k = 0; k < rows[row].size(); ++k) {
            const std::size_t i = rows[row][k];
            const QPointF at(side_room + 17.0 + step * static_cast<double>(k), y);
            const auto& findings = state().job.survey;
            marks_[i]->show_mark(findings[i].mark, i == view_.point);
            put(marks_[i], at);
            const Point place = survey_point_mm(design(), state().solution, points[i]);
            const QPointF to(x_of(i), p.front.y() - side() * place.y * p.scale + (above ? -6 : 6));
            if (i == view_.point) lead(QPolygonF{QPointF(at.x(), at.y() + (above ? 16 : -16)), to});
        }
    }
}

QString SurveyCanvas::doubt_of(const std::string& gauge, Unit unit) {
    const Gauge* known = gauge_of_word(gauge);
    if (!known) return {};
    return QStringLiteral("±\u00a0") +
           (unit == Unit::mm ? number_text(known->uncertainty_mm, 3) + QStringLiteral("\u00a0mm")
                             : length_with_unit(known->uncertainty_mm, unit));
}

void SurveyCanvas::lay_out_readings(const Place& p) {
    const Unit unit = state().job.unit;
    const double y = height() - reading_row() + 24.0;
    const Neck& neck = state().neck;
    const auto over = [&](int fret) {
        return QPointF(p.side.x() + neck.fret_x_mm(fret, neck.mean_scale_mm()) * p.scale, p.side.y());
    };
    const ReadingWay nut = nut_way(design());
    const auto doubt = [&](Read what) { return doubt_of(gauge_for(state(), what, view_.gauges), unit); };
    const auto with_doubt = [&](const QString& words, Read what) {
        const QString off = doubt(what);
        return off.isEmpty() ? words : words + QLatin1Char('\n') + off;
    };
    const auto& relief = state().found.relief ? state().found.relief : design().neck.relief;
    const int at_fret = relief.value_or(design().neck.straight()).at_fret;
    struct Column {
        ValueField* field;
        QString caption;
        std::optional<QPointF> of;
    };
    const std::array columns{
        Column{slot_width_, tr("slot width"), over(0)},
        Column{nut_gap_,
               with_doubt(nut.open() ? tr("gap over fret 1") : tr("over fret 1, held at %1").arg(nut.held_at),
                          Read::nut_gap),
               over(1)},
        Column{relief_, with_doubt(tr("relief"), Read::relief), over(at_fret)},
        Column{action_,
               with_doubt(action_way(design()).open() ? tr("over fret 12") : tr("over fret 12, capo at 1"),
                          Read::action),
               over(12)},
        Column{humidity_, tr("humidity, %"), std::nullopt}};
    const double name_px = width() < 900 ? 58 : 96;
    const double step = (width() - 2 * side_room - name_px) / static_cast<double>(columns.size());
    for (std::size_t k = 0; k < columns.size(); ++k) {
        const QPointF at(side_room + name_px + step * (static_cast<double>(k) + 0.5), y);
        columns[k].field->resize(std::min(84, static_cast<int>(step) - 6), 32);
        put(columns[k].field, at);
        write(QRectF(at.x() - 0.5 * step + 2.0, y + 18.0, step - 4.0, reading_row() - 44.0),
              Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap, columns[k].caption);
        if (columns[k].of && p.side_px > 0)
            lead(QPolygonF{*columns[k].of, QPointF(columns[k].of->x(), y - 26.0), QPointF(at.x(), y - 17.0)});
    }
    write(QRectF(side_room, y - 16.0, name_px, 32.0), Qt::AlignLeft | Qt::AlignVCenter,
          QString::fromStdString(design().string_name(view_.string)), true);
}

void SurveyCanvas::lay_out() {
    const Place p = place();
    write(QRectF(12.0, 2.0, width() - 24.0, 18.0), Qt::AlignLeft,
          tr("from the front, %1 side up, and from the side; body and head broken off")
              .arg(state().job.left_handed ? tr("bass") : tr("treble")));
    lay_out_marks(p);
    lay_out_readings(p);
}

void SurveyCanvas::paint_views(QPainter& painter) {
    const Place p = place();
    const Look look = look_of(theme(), state().job.design.saddle.material);
    const InstrumentViewOptions shown = options(p);
    painter.save();
    painter.setClipRect(QRectF(0, caption_row + mark_row - 2, width(), p.front_px + 4));
    paint(painter, instrument_front(design(), state().solution, shown), look, p.scale, p.front);
    if (p.side_px == 0) return painter.restore();
    painter.setClipRect(QRectF(0, caption_row + 2 * mark_row + p.front_px, width(), p.side_px));
    paint(painter, instrument_side(design(), state().solution, shown), look, p.scale, p.side);
    painter.restore();
}

void SurveyCanvas::keyPressEvent(QKeyEvent* event) {
    if (!session_.is_open() || event->modifiers() & Qt::ShiftModifier)
        return PartCanvas::keyPressEvent(event);
    switch (event->key()) {
    case Qt::Key_Up: Q_EMIT point_stepped(-1); break;
    case Qt::Key_Down: Q_EMIT point_stepped(1); break;
    case Qt::Key_0:
    case Qt::Key_1:
    case Qt::Key_2: Q_EMIT point_marked(event->key() - Qt::Key_0); break;
    default: PartCanvas::keyPressEvent(event);
    }
}

} // namespace fm
