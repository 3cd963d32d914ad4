#include "ui/station/bridge/bridge_canvas.h"

#include "job/document/value.h"
#include "sheet/drawing/paint.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "ui/station/bridge/weighed_view.h"

#include <QPainter>

#include <array>
#include <cmath>

namespace fm {

namespace {

constexpr double top_row = 20;
constexpr double plan_top = 56;
constexpr double plan_foot = 64; // fields under the plan
constexpr double side_top = 50;
constexpr double side_foot = 150;

/// The outline written whole, as it is drawn, before one figure of it is set.
Value with_outline(const Value& document, const State& state) {
    if (fm::find(document, "bridge.outline")) return document;
    const BridgeOutline shown = shown_outline(state.job.design, state.solution);
    Value made = with(Value(Value::Object{}), "form", "straight");
    made = with(made, "length_mm", shown.length_mm);
    made = with(made, "width_mm", shown.width_mm);
    return with(document, "bridge.outline", with(made, "front_mm", shown.front_mm));
}

} // namespace

BridgeCanvas::BridgeCanvas(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent)
    : PartCanvas(session, binder, view, tr("Drawing of the bridge"), parent),
      weighed_(new WeighedView(session, view, this)) {
    add_fields();
}

void BridgeCanvas::add_fields() {
    const auto outline = [this](const char* key, const QString& name, double BridgeOutline::*member) {
        ValueField* field = add_field(
            key, name, FieldKind::length,
            [member](const State& s) {
                return std::optional(shown_outline(s.job.design, s.solution).*member);
            },
            76);
        binder_.prepare(field, with_outline);
        return field;
    };
    length_ = outline("bridge.outline.length_mm", tr("bridge length across"), &BridgeOutline::length_mm);
    width_ =
        outline("bridge.outline.width_mm", tr("bridge width along the strings"), &BridgeOutline::width_mm);
    front_ =
        outline("bridge.outline.front_mm", tr("front edge to the slot's middle"), &BridgeOutline::front_mm);
    pins_behind_ = add_field("bridge.pins.behind_mm", tr("pins behind the slot"), 76);
    hole_ = add_field("bridge.pins.hole_mm", tr("pin hole"), 76);
    exit_behind_ = add_field("bridge.exit.behind_mm", tr("exit behind the slot"), 76);
    exit_above_ = add_field("bridge.exit.above_top_mm", tr("exit over the soundboard"), 76);
    plane_ = add_field("bridge.plane_above_top_mm", tr("fret plane over the soundboard"), 76);
    height_given_ = add_field("bridge.height_mm", tr("bridge height"), 76);
    exposure_target_ = add_field("bridge.exposure_target_mm", tr("saddle exposed, wanted"), 76);
    const auto of_string = [this](const char* name) {
        return [this, name](const State& s) {
            return QString::fromStdString(
                string_key(std::min(view_.string, s.job.design.strings.size() - 1), name));
        };
    };
    const auto whole = [](const char* key) {
        return [key](const State&) { return QString::fromLatin1(key); };
    };
    height_ = add_number(tr("bridge height"), whole("bridge.height_mm"), 96, 24);
    height_here_ = add_number(tr("bridge height under this string"), of_string("bridge_height_mm"), 84, 18);
    over_top_ = add_number(tr("string over the soundboard"), of_string("height_over_top_mm"), 84, 18);
    exposure_ = add_number(tr("saddle exposed"), of_string("exposure_mm"), 84, 18);
    break_ = add_number(tr("break angle at the saddle"), of_string("break_angle_deg"), 84, 18);
    floor_ = add_number(tr("wood under the slot"), whole("bridge.floor_left_mm"), 84, 16);
    moment_ = add_number(tr("turning moment"), whole("bridge.moment_nm"), 96, 16);
    from_edge_ = add_number(tr("crown from the reference edge"), of_string("from_edge_mm"), 84, 18);
    edge_ = add_number(tr("reference edge from the nut line"), whole("travel.reference_x_mm"), 96, 18);
}

BridgeViewOptions BridgeCanvas::options() const {
    BridgeViewOptions options;
    options.mirrored = state().job.left_handed;
    options.chosen = chosen();
    return options;
}

BridgeCanvas::Place BridgeCanvas::place() const {
    const BridgeReach reach = bridge_reach(design(), state().solution, options());
    const BridgeOutline outline = shown_outline(design(), state().solution);
    Place p;
    p.split = std::floor(0.56 * width());
    const double tall = reach.before_mm + reach.behind_mm + 6.0;
    p.scale = std::max(1.0, std::min((p.split - 124.0) / outline.length_mm,
                                     (height() - plan_top - plan_foot) / tall)) *
              zoom_;
    p.plan = {0.5 * (p.split - 92.0) + pan_.x(), plan_top + (reach.before_mm + 3.0) * p.scale + pan_.y()};
    if (!state().solution.bridge) return p;
    double high = design().bridge->plane_above_top_mm;
    for (const StringSolution& string : state().solution.strings)
        high = std::max(high, string.bridge->height_over_top_mm + 2.0);
    p.side_scale =
        std::min((width() - p.split - 40.0) / (tall + 8.0), // a slanted slot moves the cut a little
                 std::max(40.0, height() - side_top - side_foot) / high);
    p.side = {p.split + 20.0 + (reach.before_mm + 5.0) * p.side_scale, side_top + high * p.side_scale};
    return p;
}

QPointF BridgeCanvas::still_point() const {
    return {0.5 * (std::floor(0.56 * width()) - 92.0), plan_top};
}

std::optional<std::size_t> BridgeCanvas::string_at(QPointF at) const {
    const Place p = place();
    if (at.x() > p.split) return std::nullopt;
    std::optional<std::size_t> nearest;
    double best = 18.0;
    for (std::size_t i = 0; i < state().solution.strings.size(); ++i) {
        const double x = p.plan.x() + side() * state().solution.strings[i].line.saddle_y_mm * p.scale;
        if (std::abs(at.x() - x) >= best) continue;
        best = std::abs(at.x() - x);
        nearest = i;
    }
    return nearest;
}

void BridgeCanvas::lay_out_plan(const Place& p) {
    for (QWidget* field : {length_, width_, front_}) field->setVisible(has_bridge());
    if (!has_bridge()) {
        for (QWidget* field : {pins_behind_, hole_, exit_behind_, exit_above_}) leave_out(field);
        write(QRectF(20.0, 0.4 * height(), width() - 40.0, 40.0), Qt::AlignCenter | Qt::TextWordWrap,
              tr("This job has no bridge: choose its kind below, and its drawing stands here."), true);
        return;
    }
    const BridgeOutline outline = shown_outline(design(), state().solution);
    double low_y = 1e9;
    double high_y = -1e9;
    double left = 1e9;
    double right = -1e9;
    for (const PlanPoint& at : outline_points(outline, state().solution)) {
        const double x = p.plan.x() + side() * at.y_mm * p.scale;
        const double y =
            p.plan.y() + (at.x_mm - state().solution.straight_saddle.slot_x_at_centre_mm) * p.scale;
        left = std::min(left, x);
        right = std::max(right, x);
        low_y = std::min(low_y, y);
        high_y = std::max(high_y, y);
    }
    put(length_, {0.5 * (left + right), top_row + pan_.y()});
    dimension({left, top_row + 22.0 + pan_.y()}, {right, top_row + 22.0 + pan_.y()});
    write(QRectF(left, top_row - 10.0 + pan_.y(), 90.0, 18.0), Qt::AlignLeft,
          side() > 0 ? tr("bass") : tr("treble"));
    write(QRectF(right - 90.0, top_row - 10.0 + pan_.y(), 90.0, 18.0), Qt::AlignRight,
          side() > 0 ? tr("treble") : tr("bass"));
    dimension({right + 12.0, low_y}, {right + 12.0, high_y});
    const double beside = std::min(right + 66.0, p.split - 46.0);
    const double middle = 0.5 * (low_y + high_y);
    put(width_, {beside, middle + 10.0}, tr("width"));
    put(front_, {beside, middle - 44.0}, design().has_slot() ? tr("front to slot") : tr("front edge"), 96.0);
    const bool pinned = design().bridge->anchor == Anchor::pins;
    pins_behind_->setVisible(pinned);
    hole_->setVisible(pinned);
    exit_behind_->setVisible(!pinned);
    exit_above_->setVisible(!pinned);
    const double row = std::min(height() - plan_foot + 22.0, high_y + 44.0);
    const double step = (p.split - 80.0) / 4.0;
    if (pinned) {
        put(pins_behind_, {step, row}, tr("pins behind slot"), 1.9 * step);
        put(hole_, {3.0 * step, row}, tr("pin hole"), 1.9 * step);
    } else {
        put(exit_behind_, {step, row},
            design().has_slot() ? tr("exit behind slot") : tr("exit behind crowns"), 1.9 * step);
        put(exit_above_, {3.0 * step, row}, tr("exit over soundboard"), 1.9 * step);
    }
}

void BridgeCanvas::lay_out_side(const Place& p) {
    // Shown and hidden once each: a field that is typed in must not go, even for a moment.
    const bool by_exposure = has_bridge() && design().bridge->auto_height;
    const bool floor = has_bridge() && state().solution.bridge->floor_left_mm.has_value();
    const bool single = has_bridge() && state().solution.single.has_value();
    const bool edge = single && state().solution.single->edge.has_value();
    const bool exposed = has_bridge() && !by_exposure && !single && state().solution.bridge->height_mm;
    for (QWidget* widget : std::initializer_list<QWidget*>{plane_, over_top_, break_})
        widget->setVisible(has_bridge());
    height_->setVisible(by_exposure);
    const bool tapered = has_bridge() && design().bridge->tapered_mm;
    const bool high = has_bridge() && (state().solution.bridge->height_mm || design().has_slot() || single);
    height_given_->setVisible(high && !by_exposure && !tapered);
    height_here_->setVisible(tapered);
    exposure_target_->setVisible(by_exposure);
    exposure_->setVisible(exposed);
    from_edge_->setVisible(edge);
    edge_->setVisible(edge);
    floor_->setVisible(floor && !single);
    moment_->setVisible(has_bridge() && !floor && !edge);
    if (!has_bridge()) return;
    const double wide = width() - p.split;
    const double step = wide / 3.0;
    write(QRectF(p.split, 2.0, wide, 18.0), Qt::AlignCenter,
          tr("cut at %1").arg(QString::fromStdString(design().string_name(chosen()))));
    const double upper = height() - side_foot + 40.0;
    const double lower = upper + 62.0;
    const auto at = [&](int n, double row, QWidget* widget, const QString& words) {
        widget->resize(static_cast<int>(std::min(96.0, step - 4.0)), widget->height());
        put(widget, {p.split + (n + 0.5) * step, row}, words, step - 2.0);
    };
    at(0, upper, plane_, tr("fret plane"));
    if (high)
        at(1, upper,
           by_exposure ? static_cast<QWidget*>(height_)
           : tapered   ? static_cast<QWidget*>(height_here_)
                       : height_given_,
           tapered ? tr("height here") : tr("height"));
    at(2, upper, over_top_, tr("string"));
    if (edge)
        at(0, lower, from_edge_, tr("from edge"));
    else if (by_exposure || exposed)
        at(0, lower, by_exposure ? static_cast<QWidget*>(exposure_target_) : exposure_, tr("exposed"));
    at(1, lower, break_, tr("break angle"));
    if (edge)
        at(2, lower, edge_, tr("edge from nut"));
    else
        at(2, lower, floor ? floor_ : moment_, floor ? tr("under slot") : tr("moment"));
}

/// Under the plan and its fields, where there is room.
void BridgeCanvas::lay_out_weighed(const Place& p) {
    constexpr int edge_px = 14;
    const int top = height() - weighed_->needed_height() - 6;
    const QWidget* lowest = pins_behind_->isHidden() ? exit_behind_ : pins_behind_;
    constexpr int caption_px = 24; // under the field
    const bool room = has_bridge() && lowest->geometry().bottom() + caption_px < top;
    weighed_->setVisible(room && weighed_->has_something());
    weighed_->setGeometry(edge_px, top, static_cast<int>(p.split) - 2 * edge_px, weighed_->needed_height());
    weighed_->refresh();
}

void BridgeCanvas::lay_out() {
    const Place p = place();
    lay_out_plan(p);
    lay_out_side(p);
    lay_out_weighed(p);
}

QTransform BridgeCanvas::to_widget() const {
    const Place p = place();
    return {p.scale, 0, 0, -p.scale, p.plan.x(), p.plan.y()};
}

void BridgeCanvas::paint_views(QPainter& painter) {
    const Place p = place();
    const Look look = look_of(theme(), "hardwood");
    painter.save();
    painter.setClipRect(QRectF(0, 0, p.split, height()));
    Look plan_look = look;
    plan_look.fills = !paint_background(painter, state().job.behind_bridge);
    if (has_bridge())
        paint(painter, bridge_plan(design(), state().solution, options()), plan_look, p.scale, p.plan);
    painter.restore();
    if (!has_bridge()) return;
    painter.setPen(theme().hairline);
    painter.drawLine(QPointF(p.split, 8.0), QPointF(p.split, height() - 8.0));
    paint(painter, bridge_side(design(), state().solution, options()), look, p.side_scale, p.side);
}

} // namespace fm
