#include "ui/station/saddle/saddle_canvas.h"

#include "sheet/drawing/fonts.h"
#include "sheet/drawing/paint.h"
#include "ui/field/stop_bar.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QPainter>

#include <cmath>

namespace fm {

namespace {

// Rows of the drawing, px.
constexpr double spacing_row = 20;
constexpr double ends_row = 48;
constexpr double front_top = 72;
constexpr double figures_px = 64; // figures and captions under the front view
constexpr double plan_px = 84;    // at most, for the thickness stretched

} // namespace

std::vector<std::optional<double>> saddle_change_mm(const State& state) {
    if (stop_at(state.stops, BenchPart::saddle))
        return std::vector<std::optional<double>>(state.solution.strings.size());
    if (state.plan) return state.plan->saddle.take_off_mm;
    return state.solution.saddle.take_off_mm;
}

std::optional<SaddleCut> saddle_change_cut(const State& state) {
    if (stop_at(state.stops, BenchPart::saddle)) return std::nullopt;
    if (state.plan) return state.plan->saddle.cut;
    if (!state.job.design.saddle.existing_height) return std::nullopt;
    std::vector<double> y_mm;
    for (const StringSolution& string : state.solution.strings) y_mm.push_back(string.line.saddle_y_mm);
    return saddle_cut(y_mm, state.solution.saddle.take_off_mm);
}

SaddleCanvas::SaddleCanvas(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent)
    : PartCanvas(session, binder, view, tr("Drawing of the saddle"), parent) {
    add_fields();
}

void SaddleCanvas::add_fields() {
    // Made in the order of the work: Tab follows it.
    const auto chosen_string = [this](const State& s) {
        return std::min(view_.string, s.job.design.strings.size() - 1);
    };
    const auto of_string = [chosen_string](const char* name) {
        return [chosen_string, name](const State& s) {
            return QString::fromStdString(string_key(chosen_string(s), name));
        };
    };
    spacing_ = add_spacing_fields(spacing_at_saddle, tr("string spread at the saddle"));
    action_bass_ = add_field("saddle.action.bass_mm", tr("action at fret 12, bass"), 76);
    action_treble_ = add_field("saddle.action.treble_mm", tr("action at fret 12, treble"), 76);
    action_each_ = add_field(
        "saddle.action.each_mm", tr("action at fret 12, this string"), FieldKind::length,
        [chosen_string](const State& s) {
            return s.job.design.saddle.action.of(chosen_string(s), s.job.design.strings.size());
        },
        76,
        [chosen_string](const State& s) {
            return QStringLiteral("saddle.action.each_mm[%1]").arg(chosen_string(s));
        });
    thickness_ = add_field("saddle.thickness_mm", tr("saddle thickness"), 70);
    slot_depth_ = add_field("saddle.slot_depth_mm", tr("slot depth"), 70);
    height_ = add_number(
        tr("saddle at the string"),
        [chosen_string](const State& s) -> QString {
            const std::size_t i = chosen_string(s);
            switch (saddle_ground(s.job.design, s.solution)) {
            case SaddleGround::slot_floor: return QStringLiteral("saddle.height_mm[%1]").arg(i);
            case SaddleGround::soundboard: return QString::fromStdString(string_key(i, "height_over_top_mm"));
            case SaddleGround::fret_plane: break;
            }
            return QString::fromStdString(string_key(i, "saddle_z_mm"));
        },
        120);
    crown_ = add_number(
        tr("crown from the front face, or the line or edge it is set from"),
        [chosen_string](const State& s) {
            if (s.solution.single)
                return QString::fromStdString(string_key(chosen_string(s), "from_edge_mm"));
            return (s.job.design.has_slot() ? QStringLiteral("straight_saddle.front_to_crown_mm[%1]")
                                            : QStringLiteral("straight_saddle.line_to_crown_mm[%1]"))
                .arg(chosen_string(s));
        },
        84, 18);
    span_ = add_number(
        tr("thickness the crowns need"),
        [](const State&) { return QStringLiteral("straight_saddle.crown_span_mm"); }, 76, 15);
    angle_ = add_number(
        tr("angle of the saddle"), [](const State&) { return QStringLiteral("straight_saddle.angle_deg"); },
        76, 15);
    exposure_ = add_number(tr("saddle out of the bridge"), of_string("exposure_mm"), 84, 18);
    break_ = add_number(tr("break angle at the saddle"), of_string("break_angle_deg"), 84, 18);
}

bool SaddleCanvas::shows_blank() const {
    return view_.stage == CutStage::blank && saddle_is_cut(design(), state().solution);
}

SaddleViewOptions SaddleCanvas::options() const {
    SaddleViewOptions options;
    options.mirrored = state().job.left_handed;
    options.chosen = chosen();
    options.take_off_mm = saddle_change_mm(state());
    if (!design().saddle.by_screws()) options.cut = saddle_change_cut(state());
    if (view_.side == NutSide::found)
        options.shown = SaddleShown::found;
    else
        options.shown = shows_blank() ? SaddleShown::blank : SaddleShown::fitted;
    return options;
}

double SaddleCanvas::end_px() const {
    return std::clamp(0.285 * width(), 150.0, 208.0);
}

double SaddleCanvas::beside_px() const {
    return std::clamp(0.115 * width(), 62.0, 84.0);
}

SaddleCanvas::Place SaddleCanvas::place() const {
    const Blank blank = shown_saddle_blank(design(), state().solution);
    const SaddleSpan span = saddle_span(state().solution);
    const SaddleSpan depth = saddle_plan_depth(design(), state().solution);
    double change = 0;
    for (const auto& mm : saddle_change_mm(state())) change = std::max(change, std::abs(mm.value_or(0.0)));
    const double highest = saddle_highest_mm(design(), state().solution) + change;
    const double high_mm = shows_blank() ? std::max(highest, blank.height_mm) : highest;
    const double long_mm = std::max(blank.length_mm, span.to_mm - span.from_mm) + 4.0;
    Place p;
    p.split = width() - end_px();
    const double wide = p.split - 2 * beside_px();
    const double plan = std::clamp(height() - 230.0, 76.0, plan_px);
    const double room = std::max(30.0, height() - front_top - figures_px - plan - 26.0);
    p.scale = std::max(1.5, std::min(wide / long_mm, room / (high_mm + change))) * zoom_;
    const double middle_mm = side() * 0.5 * (span.from_mm + span.to_mm);
    const double centre = beside_px() + 0.5 * wide - middle_mm * p.scale + pan_.x();
    p.front = {centre, front_top + pan_.y() + high_mm * p.scale};
    // Whole times, so that nothing moves while a number is typed.
    constexpr double least_deep_mm = 0.5; // one crown on its line has no depth
    p.stretch =
        std::max(1.0, std::floor(plan / std::max(least_deep_mm, depth.to_mm - depth.from_mm) / p.scale));
    p.plan = {centre, p.front.y() + change * p.scale + figures_px + 6.0 -
                          std::min(0.0, depth.from_mm) * p.stretch * p.scale};
    const double ends[] = {centre + side() * span.from_mm * p.scale, centre + side() * span.to_mm * p.scale};
    p.low = std::min(ends[0], ends[1]);
    p.high = std::max(ends[0], ends[1]);
    const double tall_mm =
        highest + design().strings[chosen()].diameter_mm +
        (state().solution.bridge ? state().solution.bridge->floor_left_mm.value_or(2.0) : 2.0);
    p.end_scale = std::min((end_px() - 30.0) / (design().saddle.thickness_mm + 12.0),
                           std::max(40.0, height() - 216.0) / tall_mm);
    p.end = {p.split + 0.5 * (end_px() - design().saddle.thickness_mm * p.end_scale) - 6.0,
             40.0 + (highest + design().strings[chosen()].diameter_mm) * p.end_scale};
    return p;
}

double SaddleCanvas::string_x(const Place& p, std::size_t i) const {
    return p.front.x() + side() * state().solution.strings[i].saddle_along_mm * p.scale;
}

QPointF SaddleCanvas::still_point() const {
    return {beside_px() + 0.5 * (width() - end_px() - 2 * beside_px()), front_top};
}

std::optional<std::size_t> SaddleCanvas::string_at(QPointF at) const {
    const Place p = place();
    if (at.x() > p.split) return std::nullopt;
    std::optional<std::size_t> nearest;
    double best = std::max(18.0, 0.7 * p.scale);
    for (std::size_t i = 0; i < state().solution.strings.size(); ++i) {
        const double away = std::abs(at.x() - string_x(p, i));
        if (away >= best) continue;
        best = away;
        nearest = i;
    }
    return nearest;
}

QString SaddleCanvas::height_words() const {
    switch (saddle_ground(design(), state().solution)) {
    case SaddleGround::slot_floor:
        return design().saddle.under_mm > 0 ? tr("over the packing") : tr("over the slot's floor");
    case SaddleGround::soundboard: return tr("over the soundboard");
    case SaddleGround::fret_plane: break;
    }
    return tr("over the fret plane");
}

void SaddleCanvas::lay_out_front(const Place& p) {
    const double y = pan_.y();
    const bool margins = choose_spacing_fields(spacing_);
    const double middle = 0.5 * (p.low + p.high);
    const double bass = side() > 0 ? p.low : p.high;
    const double treble = side() > 0 ? p.high : p.low;
    if (margins) {
        put(spacing_.margin_bass, {bass + side() * 36.0, spacing_row + y});
        put(spacing_.margin_treble, {treble - side() * 36.0, spacing_row + y});
        put(spacing_.outer, {middle, spacing_row + y});
    } else if (spacing_.centre->isVisibleTo(this)) {
        put(spacing_.centre, {string_x(p, chosen()), spacing_row + y});
    } else {
        // In a row, about the middle while there is room.
        const double outer = spacing_.outer->width();
        const double left = std::max(8.0, std::min(p.low - 20.0, middle - 138.0 - 0.5 * outer));
        const double from = std::max(middle - 86.0, left + outer + 8.0);
        put(spacing_.outer, {left + 0.5 * outer, spacing_row + y});
        put(spacing_.spread, {from + 42.0, spacing_row + y});
        put(spacing_.bias, {from + 132.0, spacing_row + y});
        write(QRectF(from + 170.0, spacing_row + y - 9.0, 120.0, 18.0), Qt::AlignLeft, tr("to the bass"));
    }
    const std::size_t last = state().solution.strings.size() - 1;
    const double line = ends_row + y;
    if (last > 0) dimension({string_x(p, 0), line}, {string_x(p, last), line});
    write(QRectF(std::min(bass, treble) - beside_px(), line - 9.0, beside_px() - 6.0, 18.0), Qt::AlignRight,
          side() > 0 ? tr("bass") : tr("treble"));
    write(QRectF(std::max(bass, treble) + 6.0, line - 9.0, beside_px() - 6.0, 18.0), Qt::AlignLeft,
          side() > 0 ? tr("treble") : tr("bass"));
    const bool each = !design().saddle.action.each_mm.empty();
    action_bass_->setVisible(!each);
    action_treble_->setVisible(!each);
    action_each_->setVisible(each);
    double change = 0;
    for (const auto& mm : saddle_change_mm(state())) change = std::max(change, std::abs(mm.value_or(0.0)));
    const double row = p.front.y() + change * p.scale + 26.0;
    const bool open = action_way(design()).open();
    const QString action = open ? tr("action at 12") : tr("capo 1, at 12");
    const double span = std::min(std::max(p.high - p.low, 430.0), p.split - 20.0);
    const double wide = std::min(130.0, span / 3.0 - 4.0);
    const double spread = 0.5 * span - 38.0;
    const auto at_end = [&](double way) {
        return std::clamp(middle + side() * way, 0.5 * wide + 4.0, p.split - 0.5 * wide - 4.0);
    };
    if (each) {
        put(action_each_, {at_end(-spread), row}, action, wide);
    } else {
        // One line where it fits; else the page beneath says what is read.
        QFont font = shipped_font();
        font.setPixelSize(13);
        const bool whole =
            QFontMetricsF(font).horizontalAdvance(action + QLatin1Char(' ') + tr("treble")) <= wide - 2.0;
        const QString name = whole ? action : tr("at 12,");
        put(action_bass_, {at_end(-spread), row}, name + QLatin1Char(' ') + tr("bass"), wide);
        put(action_treble_, {at_end(spread), row}, name + QLatin1Char(' ') + tr("treble"), wide);
    }
    put(height_, {middle, row}, height_words(), wide + 20.0);
    const double x = string_x(p, chosen());
    lead(QPolygonF{QPointF(x, p.front.y()), QPointF(x, row - 18.0), QPointF(middle, row - 18.0),
                   QPointF(middle, row - 14.0)});
    const double tag = p.front.y() - saddle_highest_mm(design(), state().solution) * p.scale - front_top - y;
    if (view_.side == NutSide::target && shows_blank() && tag >= 26.0)
        write(QRectF(middle - 60.0, front_top + y + 3.0, 120.0, 20.0), Qt::AlignCenter, tr("take off"), true);
}

void SaddleCanvas::lay_out_plan(const Place& p) {
    const SaddleSpan depth = saddle_plan_depth(design(), state().solution);
    const double px = p.stretch * p.scale;
    const double top = p.plan.y() + depth.from_mm * px;
    const double bottom = p.plan.y() + depth.to_mm * px;
    const bool single = state().solution.single.has_value();
    const bool slot = design().has_slot();
    thickness_->setVisible(slot);
    span_->setVisible(!single);
    const double middle = 0.5 * (top + bottom);
    for (QWidget* widget : std::initializer_list<QWidget*>{crown_, thickness_, span_})
        widget->resize(static_cast<int>(std::min(84.0, beside_px() - 4.0)), widget->height());
    put(crown_, {p.low - 0.5 * beside_px(), middle - 2.0},
        (single ? tr("from edge, ×%1")
         : slot ? tr("from front, ×%1")
                : tr("from line, ×%1"))
            .arg(p.stretch),
        beside_px());
    const double beside = p.high + 0.5 * beside_px() + 4.0;
    if (single) return;
    if (slot) put(thickness_, {beside, middle - 28.0}, tr("thick"));
    put(span_, {beside, slot ? middle + 20.0 : middle - 2.0}, tr("span"), beside_px() + 8.0);
}

void SaddleCanvas::lay_out_end(const Place& p) {
    const bool slot = bridge_top_mm(design(), state().solution).has_value();
    const double middle = p.split + 0.5 * end_px();
    write(QRectF(p.split, 4.0, end_px(), 18.0), Qt::AlignCenter,
          tr("cut at %1").arg(QString::fromStdString(design().string_name(chosen()))));
    const double row = std::min(height() - 108.0, p.end.y() + 3.2 * p.end_scale + 34.0);
    const bool bridge = state().solution.bridge.has_value();
    const bool slot_cut = design().has_slot();
    exposure_->setVisible(bridge && slot);
    break_->setVisible(bridge);
    slot_depth_->setVisible(bridge && slot_cut);
    const double aside = 0.25 * end_px();
    const double wide = 2.0 * aside - 2.0;
    for (QWidget* widget : std::initializer_list<QWidget*>{exposure_, break_, slot_depth_, angle_})
        widget->resize(static_cast<int>(std::min(84.0, wide)), widget->height());
    if (bridge && slot) put(exposure_, {middle - aside, row}, tr("exposed"), wide);
    if (bridge) put(break_, {middle + aside, row}, tr("break angle"), wide);
    if (bridge && slot_cut) put(slot_depth_, {middle - aside, row + 58.0}, tr("slot depth"), wide);
    put(angle_, {middle + aside, row + 58.0}, tr("saddle's angle"), wide);
}

void SaddleCanvas::lay_out() {
    const Place p = place();
    lay_out_front(p);
    lay_out_plan(p);
    lay_out_end(p);
}

void SaddleCanvas::paint_views(QPainter& painter) {
    const Place p = place();
    const Look look = look_of(theme(), design().saddle.material);
    const SaddleViewOptions shown = options();
    painter.save();
    painter.setClipRect(QRectF(0, 0, p.split, height()));
    paint(painter, saddle_front(design(), state().solution, shown), look, p.scale, p.front);
    paint(painter, saddle_plan(design(), state().solution, shown, p.stretch), look, p.scale, p.plan);
    painter.restore();
    painter.setPen(theme().hairline);
    painter.drawLine(QPointF(p.split, 8.0), QPointF(p.split, height() - 8.0));
    paint(painter, saddle_end(design(), state().solution, shown), look, p.end_scale, p.end);
}

} // namespace fm
