#include "ui/station/nut/nut_behind_canvas.h"

#include "sheet/drawing/paint.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QPainter>

#include <array>
#include <cmath>

namespace fm {

namespace {

constexpr double head_row = 24;
constexpr double field_row = 84; // fields, captions and what the front gains
constexpr double left_room = 20;
constexpr double right_room = 150; // the angles
constexpr double board_mm = 24;
constexpr double between_views = 12;

double lowest_post_mm(const Design& design) {
    double low = 12;
    for (const Post& post : design.nut.posts) low = std::max(low, post.below_mm + 8.0);
    return low;
}

} // namespace

NutBehindCanvas::NutBehindCanvas(Session& session, FieldBinder& binder, const ViewState& view,
                                 QWidget* parent)
    : PartCanvas(session, binder, view, tr("Drawing of what lies behind the nut"), parent) {
    const auto string = [this](const State& s) {
        return std::min(view_.string, s.job.design.strings.size() - 1);
    };
    const auto post = [this, string](const char* key, const QString& name, double Post::*member) {
        return add_field(("posts." + std::string(key) + " on the drawing").c_str(), name, FieldKind::length,
                         [string, member](const State& s) -> std::optional<double> {
                             if (s.job.design.nut.posts.empty()) return std::nullopt;
                             return s.job.design.nut.posts[string(s)].*member;
                         },
                         84,
                         [string, key](const State& s) {
                             return QStringLiteral("nut.posts[%1].%2").arg(string(s)).arg(QLatin1String(key));
                         });
    };
    behind_ = post("behind_mm", tr("post behind the front face"), &Post::behind_mm);
    across_ = post("across_mm", tr("post across from the centreline"), &Post::across_mm);
    below_ = post("below_mm", tr("post below the fret tops"), &Post::below_mm);
    headstock_ = add_field("nut.headstock_angle_deg", tr("headstock angle"), 84);
    set_forward_ = add_field("nut.set_forward_mm", tr("front set forward"), 84);
    const auto of_string = [this](const char* key) {
        return [this, key](const State&) { return QString::fromStdString(string_key(view_.string, key)); };
    };
    break_ = add_number(tr("breaks down over the nut"), of_string("nut_break_angle_deg"), 100);
    aside_ = add_number(tr("bends to the side over the nut"), of_string("nut_side_angle_deg"), 100, 18);
    bend_ = add_number(tr("bends in all over the nut"), of_string("nut_bend_deg"), 100, 18);
    floor_ = add_number(tr("fall of the slot's floor"), of_string("floor_angle_deg"), 100, 18);
}

NutBehindCanvas::Place NutBehindCanvas::place() const {
    const double reach = behind_reach_mm(design());
    const double half = behind_half_mm(design(), state().solution);
    const double high = 6.0;
    const double low = lowest_post_mm(design());
    const double room = std::max(80.0, height() - head_row - field_row - between_views);
    Place p;
    p.scale = std::max(0.5, std::min((width() - left_room - right_room) / (reach + board_mm),
                                     room / (high + low + 2 * half))) *
              zoom_;
    const double used = (reach + board_mm) * p.scale / zoom_;
    const double spare = 0.5 * (width() - left_room - right_room - used);
    p.side = {left_room + spare + reach * p.scale + pan_.x(), head_row + high * p.scale + pan_.y()};
    p.plan = {p.side.x(), p.side.y() + low * p.scale + between_views + half * p.scale};
    return p;
}

QPointF NutBehindCanvas::still_point() const {
    return {left_room, head_row};
}

std::optional<std::size_t> NutBehindCanvas::string_at(QPointF at) const {
    const Place p = place();
    std::optional<std::size_t> nearest;
    double best = 16;
    for (std::size_t i = 0; i < state().solution.strings.size(); ++i) {
        const double y_nut = state().solution.strings[i].line.nut_y_mm;
        const auto& posts = design().nut.posts;
        const double back = posts.empty() ? behind_reach_mm(design()) : posts[i].behind_mm;
        const double y_post = posts.empty() ? y_nut : posts[i].across_mm;
        const double share = std::clamp((p.plan.x() - at.x()) / p.scale / back, 0.0, 1.0);
        const double y = p.plan.y() - side() * (y_nut + share * (y_post - y_nut)) * p.scale;
        const double away = std::abs(at.y() - y);
        if (away >= best) continue;
        best = away;
        nearest = i;
    }
    return nearest;
}

/// What the front at the chosen string does to fret 1, against a front at the theoretical line.
QString NutBehindCanvas::gain() const {
    const StringSolution& string = state().solution.strings[chosen()];
    if (string.line.set_forward_mm == 0.0 || string.cents.empty()) return {};
    Design plain = design();
    plain.nut.set_forward_mm = 0;
    plain.saddle.set_forward = SetForward::keep;
    const Solution other = solve(plain);
    if (other.strings[chosen()].cents.empty()) return {};
    return tr("front %1 forward: fret 1 plays %2 off; with the front at the line %3")
        .arg(length_with_unit(string.line.set_forward_mm, state().job.units.small()),
             term_value(string.cents[0], QuantityKind::cents, state().job.units.small()),
             term_value(other.strings[chosen()].cents[0], QuantityKind::cents, state().job.units.small()));
}

void NutBehindCanvas::lay_out() {
    const bool posts = !design().nut.posts.empty();
    write(QRectF(12.0, 4.0, width() - 24.0, 18.0), Qt::AlignLeft,
          posts ? tr("the chosen string from the side, all from above; the head to the left")
                : tr("no posts given (page Behind): floors follow the headstock angle"));
    for (ValueField* field : {behind_, across_, below_}) field->setVisible(posts);
    headstock_->setVisible(true);
    std::vector<std::pair<ValueField*, QString>> row;
    if (posts)
        row = {{behind_, tr("behind the front")}, {across_, tr("across")}, {below_, tr("below the frets")}};
    row.emplace_back(headstock_, tr("headstock"));
    row.emplace_back(set_forward_, tr("set forward"));
    const double y = height() - field_row + 20.0;
    const double step = (width() - 2 * left_room) / static_cast<double>(row.size());
    for (std::size_t k = 0; k < row.size(); ++k)
        put(row[k].first, {left_room + step * (static_cast<double>(k) + 0.5), y}, row[k].second, step - 4.0);
    write(QRectF(12.0, height() - 24.0, width() - 24.0, 18.0), Qt::AlignHCenter, gain());
    const double x = width() - 0.5 * right_room;
    const double room = height() - field_row - head_row;
    struct Shown {
        InkNumber* number;
        QString caption;
    };
    const std::array shown{Shown{break_, tr("breaks down")}, Shown{aside_, tr("to the side")},
                           Shown{floor_, tr("floor falls")}, Shown{bend_, tr("in all")}};
    constexpr double least_apart = 52;
    const auto fit = std::clamp(static_cast<std::size_t>(room / least_apart), std::size_t(1), shown.size());
    const double apart = room / static_cast<double>(fit);
    for (std::size_t k = 0; k < shown.size(); ++k)
        if (k >= fit)
            leave_out(shown[k].number); // where room is short, what the others say already
        else
            put(shown[k].number, {x, head_row + apart * static_cast<double>(k) + 18.0}, shown[k].caption,
                right_room - 8.0);
}

void NutBehindCanvas::paint_views(QPainter& painter) {
    const Place p = place();
    const Look look = look_of(theme(), design().nut.material);
    painter.save();
    painter.setClipRect(
        QRectF(0, head_row - 4, width() - right_room + 6, height() - head_row - field_row + 6));
    paint(painter, nut_behind_side(design(), state().solution, chosen()), look, p.scale, p.side);
    paint(painter, nut_behind_plan(design(), state().solution, chosen(), state().job.left_handed), look,
          p.scale, p.plan);
    painter.restore();
}

} // namespace fm
