#include "ui/station/survey/survey_canvas.h"

#include "core/design/inputs.h"
#include "job/edits/edits.h"
#include "job/edits/neck_edits.h"
#include "sheet/drawing/paint.h"
#include "ui/look/reading_text.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QKeyEvent>
#include <QPainter>

#include <algorithm>
#include <array>
#include <cmath>

namespace fm {

namespace {

constexpr double side_room = 20;
constexpr double field_px = 33;        // found and wanted, one under the other
constexpr double off_px = 20;          // how far the one is from the other
constexpr double caption_line_px = 18; // of what is read
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
        if (const auto thing = thing_of(what))
            field->ask_about([this, thing, string](const WrittenLength& read, const QString& text) {
                return question_about(state(), *thing, string(state()), read, text);
            });
        const bool leaves = what == Read::nut_gap || what == Read::action;
        binder_.write(
            field, [this, what, string, leaves, field](const Value& document, const State& s, double value) {
                return with_read(document, s, what, string(s), leaves ? field->read() : WrittenLength{value},
                                 view_.gauges, session_.sitting());
            });
        if (what != Read::relief && what != Read::relief_treble && what != Read::humidity)
            connect(field, &ValueField::committed, this, [this, field] {
                if (field->hasFocus() && !field->property("fault").toBool()) Q_EMIT reading_entered(field);
            });
        return field;
    };
    humidity_ = reading("found.humidity_pct", tr("humidity in percent"), Read::humidity, FieldKind::whole);
    relief_ = reading("found.relief_mm", tr("relief as found"), Read::relief, FieldKind::length);
    relief_treble_ = reading("found.relief_treble_mm", tr("relief as found under the treble string"),
                             Read::relief_treble, FieldKind::length);
    nut_gap_ = reading("found.nut_gap_mm", tr("gap over fret 1 as found"), Read::nut_gap, FieldKind::length);
    action_ = reading("found.action_mm", tr("height over fret 12 as found"), Read::action, FieldKind::length);
    slot_width_ =
        reading("found.slot_width_mm", tr("width of the slot as found"), Read::slot_width, FieldKind::length);
    wanted_relief_ = add_field(
        "wanted.relief_mm", tr("relief wanted"), FieldKind::length,
        [](const State& s) { return wanted(s, Read::relief, 0); }, 84,
        [](const State&) { return QStringLiteral("neck.relief.depth_mm"); });
    binder_.prepare(wanted_relief_, [](const Value& document, const State& s) {
        return with_some_relief(document, s.neck, s.job.design.neck.body_joint_fret);
    });
    wanted_gap_ =
        wanted_field("wanted.nut_gap_mm", tr("gap over fret 1 wanted"), "nut.height", Read::nut_gap);
    wanted_action_ =
        wanted_field("wanted.action_mm", tr("height over fret 12 wanted"), "saddle.action", Read::action);
}

ValueField* SurveyCanvas::wanted_field(const char* key, const QString& name, const char* targets, Read what) {
    const auto of = [what](const State& s) -> const Targets& {
        return what == Read::action ? s.job.design.saddle.action : s.job.design.nut.height;
    };
    // An outer string's is written as such; one in between makes one for every string.
    const auto each = [this, of](const State& s) {
        const std::size_t last = s.job.design.strings.size() - 1;
        return !of(s).each_mm.empty() || last == 0 || (view_.string > 0 && view_.string < last);
    };
    const std::string base(targets);
    ValueField* field = add_field(
        key, name, FieldKind::length, [this, what](const State& s) { return wanted(s, what, view_.string); },
        84,
        [this, each, base](const State& s) {
            return QString::fromStdString(each(s) ? base + ".each_mm[" + std::to_string(view_.string) + "]"
                                          : view_.string == 0 ? base + ".bass_mm"
                                                              : base + ".treble_mm");
        });
    binder_.prepare(field, [each, of, base](const Value& document, const State& s) {
        const bool written = fm::find(document, base + ".each_mm") || !each(s); // the state may be a preview
        return written ? document
                       : with_each_target(document, base, true, of(s), s.job.design.strings.size());
    });
    return field;
}

/// Where there is little room what is off is told by the lists alone.
bool SurveyCanvas::narrow() const {
    return width() < 700;
}

/// A row of marks with its leaders.
double SurveyCanvas::marks_px() const {
    return narrow() ? 35 : 42;
}

double SurveyCanvas::reading_row() const {
    return 2 * field_px + 2 * caption_line_px + (narrow() ? 8.0 : off_px + 14.0);
}

SurveyCanvas::Place SurveyCanvas::place() const {
    const InstrumentReach reach = instrument_reach(design(), state().solution);
    Place p;
    p.scale = (width() - 2 * side_room) / (reach.before_mm + reach.behind_mm) * zoom_;
    const double room = std::max(30.0, height() - caption_row - 2 * marks_px() - reading_row());
    constexpr double both_px = 88; // with less the instrument is drawn from the front alone
    p.front_px = room < both_px ? room : 0.6 * room;
    p.side_px = room - p.front_px;
    const double x = side_room + reach.before_mm * p.scale + pan_.x();
    p.front = {x, caption_row + marks_px() + 0.5 * p.front_px + pan_.y()};
    p.side = {x, caption_row + 2 * marks_px() + p.front_px + 0.22 * p.side_px + pan_.y()};
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
    return {side_room, caption_row + marks_px()};
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
        const double y = above ? caption_row + 17.0 : caption_row + marks_px() + p.front_px + 25.0;
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

void SurveyCanvas::show_leaves(ValueField* field, Read what) {
    field->take_leaves(what == Read::nut_gap && !nut_way(design()).open());
    const auto leaves = leaves_as_found(state(), what, view_.string);
    field->show_instead(leaves ? leaves_text(*leaves, unit_of(state(), what)) : QString());
}

/// What a number as found is off the one wanted, with what the gauge may be off; "" where one is missing.
QString SurveyCanvas::off_words(Read what) const {
    const Unit read_in = unit_of(state(), what);
    const bool fractions =
        read_in == Unit::sixty_fourths; // what lies between two of them is told in thousandths
    const Unit unit = fractions ? Unit::thou : read_in;
    const auto amount = [&](double mm) {
        return fractions ? number_text(mm / mm_per(unit), 0) : length_number(mm, unit);
    };
    const auto found = as_found(state(), what, view_.string);
    const auto target = wanted(state(), what, view_.string);
    QStringList words;
    if (found && target) {
        const double off_mm = *found - *target;
        words << (off_mm < 0 ? QStringLiteral("\u2212") : QStringLiteral("+")) + amount(std::abs(off_mm));
    }
    if (const auto u_mm = gauge_for(state(), what, view_.gauges).u_mm())
        words << QStringLiteral("\u00b1\u00a0") + (unit == Unit::mm ? number_text(*u_mm, 3)
                                                   : fractions      ? amount(*u_mm)
                                                                    : length_short(*u_mm, unit));
    if (fractions && !words.isEmpty()) words << unit_text(unit);
    return words.join(QLatin1Char(' '));
}

void SurveyCanvas::lay_out_readings(const Place& p) {
    const Neck& neck = state().neck;
    const auto over = [&](int fret) {
        return QPointF(p.side.x() + neck.fret_x_mm(fret, neck.mean_scale_mm()) * p.scale, p.side.y());
    };
    const ReadingWay nut = nut_way(design());
    show_leaves(nut_gap_, Read::nut_gap);
    show_leaves(action_, Read::action);
    const Relief relief =
        state().found.relief.value_or(design().neck.relief.value_or(design().neck.straight()));
    // There the gap wanted is told from a line through the frets: the nut's own page has it.
    const bool zero_fret = design().nut.zero_fret || design().nut.height_method == NutHeightMethod::zero_fret;
    wanted_gap_->setVisible(!zero_fret);
    const bool sides = state().found.relief_sides_mm.has_value();
    struct Column {
        QString caption;
        Read what;
        ValueField* found;
        ValueField* wanted; ///< none: what is wanted is worked out, or nothing is
        std::optional<QPointF> of;
    };
    const auto words = [this](const QString& wide, const QString& short_words) {
        return narrow() ? short_words : wide;
    };
    const QString held = tr("%1, %2").arg(relief.from_fret).arg(relief.to_fret);
    const std::array columns{
        Column{words(tr("slot width"), tr("slot")), Read::slot_width, slot_width_, nullptr, over(0)},
        Column{nut.open() ? words(tr("gap over fret 1"), tr("over 1"))
                          : words(tr("over fret 1, held at %1"), tr("over 1, held %1")).arg(nut.held_at),
               Read::nut_gap, nut_gap_, zero_fret ? nullptr : wanted_gap_, over(1)},
        Column{words(sides ? tr("relief, bass, held at %1") : tr("relief, held at %1"), tr("relief %1"))
                   .arg(held),
               Read::relief, relief_, wanted_relief_, over(relief.at_fret)},
        Column{words(tr("relief, treble side"), tr("relief treble")), Read::relief_treble, relief_treble_,
               nullptr, std::nullopt},
        Column{action_way(design()).open() ? words(tr("over fret 12"), tr("over 12"))
                                           : words(tr("over fret 12, capo at 1"), tr("over 12, capo")),
               Read::action, action_, wanted_action_, over(12)},
        Column{words(tr("humidity, %"), tr("hum. %")), Read::humidity, humidity_, nullptr, std::nullopt}};
    const double name_px = narrow() ? 58 : 80;
    const double captions_px = 2 * caption_line_px;
    const double top = height() - reading_row() + (narrow() ? 3.0 : 8.0);
    const double found_y = top + captions_px + 0.5 * field_px;
    const double step = (width() - 2 * side_room - name_px) / static_cast<double>(columns.size());
    for (std::size_t k = 0; k < columns.size(); ++k) {
        const Column& column = columns[k];
        const double x = side_room + name_px + step * (static_cast<double>(k) + 0.5);
        const auto row = [&](double y) { return QRectF(x - 0.5 * step + 1.0, y, step - 2.0, field_px); };
        write(QRectF(x - 0.5 * step + 1.0, top, step - 2.0, captions_px),
              Qt::AlignHCenter | Qt::AlignBottom | Qt::TextWordWrap, column.caption);
        const int wide = std::min(84, static_cast<int>(step) - 6);
        column.found->resize(wide, static_cast<int>(field_px) - 2);
        put(column.found, {x, found_y});
        const auto target = wanted(state(), column.what, view_.string);
        if (column.wanted) {
            column.wanted->resize(wide, static_cast<int>(field_px) - 2);
            put(column.wanted, {x, found_y + field_px});
        } else if (target && column.what != Read::relief_treble) {
            write(row(found_y + 0.5 * field_px), Qt::AlignCenter,
                  length_number(*target, unit_of(state(), column.what))
                      .replace(QLatin1Char('\n'), QLatin1Char(' ')));
        }
        if (!narrow())
            write(QRectF(x - 0.5 * step, found_y + 1.5 * field_px, step, off_px), Qt::AlignCenter,
                  off_words(column.what));
        if (column.of && p.side_px > 0)
            lead(QPolygonF{*column.of, QPointF(column.of->x(), top - 6.0), QPointF(x, top + 2.0)});
    }
    const auto name = [&](double y, const QString& text, bool strong) {
        write(QRectF(side_room, y - 0.5 * field_px, name_px, field_px), Qt::AlignLeft | Qt::AlignVCenter,
              text, strong);
    };
    name(top + captions_px - 0.5 * field_px, QString::fromStdString(design().string_name(view_.string)),
         true);
    name(found_y, tr("found"), false);
    name(found_y + field_px, tr("wanted"), false);
    if (!narrow()) name(found_y + 1.5 * field_px + 0.5 * off_px, tr("off by"), false);
}

void SurveyCanvas::lay_out() {
    const Place p = place();
    write(QRectF(12.0, 2.0, width() - 24.0, 18.0), Qt::AlignLeft,
          (p.side_px > 0 ? tr("from the front, %1 side up, and from the side; body and head broken off")
                         : tr("from the front, %1 side up; body and head broken off"))
              .arg(state().job.left_handed ? tr("bass") : tr("treble")));
    lay_out_marks(p);
    lay_out_readings(p);
}

void SurveyCanvas::paint_views(QPainter& painter) {
    const Place p = place();
    const Look look = look_of(theme(), state().job.design.saddle.material);
    const InstrumentViewOptions shown = options(p);
    painter.save();
    painter.setClipRect(QRectF(0, caption_row + marks_px() - 2, width(), p.front_px + 4));
    paint(painter, instrument_front(design(), state().solution, shown), look, p.scale, p.front);
    if (p.side_px == 0) return painter.restore();
    painter.setClipRect(QRectF(0, caption_row + 2 * marks_px() + p.front_px, width(), p.side_px));
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
    case Qt::Key_2:
    case Qt::Key_3: Q_EMIT point_marked(event->key() - Qt::Key_0); break;
    default: PartCanvas::keyPressEvent(event);
    }
}

} // namespace fm
