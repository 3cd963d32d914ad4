#include "ui/station/nut/nut_canvas.h"

#include "sheet/drawing/fonts.h"
#include "ui/look/texts.h"
#include "ui/station/nut/nut_rows.h"

#include <cmath>

namespace fm {

using namespace nut_rows;

NutCanvas::NutCanvas(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent)
    : PartCanvas(session, binder, view, tr("Drawing of the nut"), parent) {
    add_fields();
}

ValueField* NutCanvas::add_length(const char* key, const QString& name, FieldBinder::Getter value, int width,
                                  KeyMaker made) {
    return add_field(key, name, FieldKind::length, std::move(value), width, std::move(made));
}

void NutCanvas::add_fields() {
    // Made in the order of the work: Tab follows it.
    const auto chosen = [this](const State& state) {
        return std::min(view_.string, state.job.design.strings.size() - 1);
    };
    width_ = add_field("neck.nut_width_mm", tr("nut width"), 84);
    spacing_ = add_spacing_fields(spacing_at_nut, tr("string spread at the nut"));
    fret_height_ = add_field("neck.fret_height_mm", tr("fret height"), 70);
    board_ = add_field("nut.board_above_seat_mm", tr("board over seat"), 76);
    target_bass_ = add_field("nut.height.bass_mm", tr("gap wanted, bass"), 76);
    target_treble_ = add_field("nut.height.treble_mm", tr("gap wanted, treble"), 76);
    target_each_ = add_length(
        "nut.height.each_mm", tr("gap wanted, this string"),
        [chosen](const State& s) {
            return s.job.design.nut.height.of(chosen(s), s.job.design.strings.size());
        },
        76, [chosen](const State& s) { return QStringLiteral("nut.height.each_mm[%1]").arg(chosen(s)); });
    diameter_ = add_length(
        "strings[].diameter_mm", tr("string gauge"),
        [chosen](const State& s) { return s.job.design.strings[chosen(s)].diameter_mm; }, 76,
        [chosen](const State& s) { return QStringLiteral("strings[%1].diameter_mm").arg(chosen(s)); });
    thickness_ = add_field("nut.thickness_mm", tr("thickness"), 70);
    floor_ = new InkNumber(this);
    floor_->resize(120, 34);
    pencil_ = new InkNumber(this);
    QFont small = shipped_font();
    small.setPixelSize(15);
    pencil_->setFont(small);
    pencil_->setAlignment(Qt::AlignLeft);
    pencil_->resize(84, 32);
    connect(floor_, &InkNumber::picked, this,
            [this] { Q_EMIT number_picked(QString::fromStdString(floor_key())); });
    connect(pencil_, &InkNumber::picked, this,
            [this] { Q_EMIT number_picked(QStringLiteral("fret_tops_above_seat_mm")); });
}

std::string NutCanvas::floor_key() const {
    return key_of(view_.datum);
}

bool NutCanvas::shows_found() const {
    return view_.side == NutSide::found && session_.state().found_floors[view_.string].has_value();
}

NutViewOptions NutCanvas::options() const {
    const State& state = session_.state();
    NutViewOptions options;
    options.mirrored = state.job.left_handed;
    options.chosen = view_.string;
    options.found_floors = state.found_floors;
    if (view_.side == NutSide::found)
        options.shown = NutShown::found;
    else
        options.shown = view_.stage == CutStage::blank ? NutShown::blank : NutShown::fitted;
    return options;
}

NutCanvas::Place NutCanvas::place() const {
    const State& state = session_.state();
    const Design& design = state.job.design;
    const Blank blank = shown_blank(design, state.solution);
    const double half_mm = nut_half_length_mm(design, state.solution);
    const double fall_mm = seat_fall_mm(design.nut, 0.5 * design.neck.nut_width_mm);
    const double high_mm = std::max(blank.height_mm, nut_height_mm(design, state.solution));
    const double widest_mm = std::max(blank.length_mm, 2 * half_mm);
    const double room = height() - blank_top - figures_room() - plan_gap - 6.0;
    Place p;
    const double fit = std::min((width() - left_room - right_room) / widest_mm,
                                room / (high_mm + fall_mm + design.nut.thickness_mm));
    p.scale = std::max(2.0, fit) * zoom_;
    const double middle = left_room + 0.5 * (width() - left_room - right_room);
    p.top = blank_top + pan_.y();
    p.seat = {middle + pan_.x(), p.top + high_mm * p.scale};
    p.front = {p.seat.x(), p.seat.y() + fall_mm * p.scale + figures_room() + plan_gap +
                               design.nut.thickness_mm * p.scale};
    p.half = half_mm * p.scale;
    p.widest = 0.5 * widest_mm * p.scale;
    return p;
}

double NutCanvas::string_x(const Place& p, std::size_t i) const {
    return p.seat.x() + side() * session_.state().solution.strings[i].slot.along_mm * p.scale;
}

void NutCanvas::lay_out() {
    const State& state = session_.state();
    const Design& design = state.job.design;
    const Place p = place();
    const bool each = !design.nut.height.each_mm.empty();
    const bool margins = choose_spacing_fields(spacing_);
    target_bass_->setVisible(!each && !design.nut.zero_fret);
    target_treble_->setVisible(!each && !design.nut.zero_fret);
    target_each_->setVisible(each && !design.nut.zero_fret);
    const auto move = [](QWidget* field, double x, double y) {
        field->move(static_cast<int>(std::lround(x)), static_cast<int>(std::lround(y)));
    };
    const auto over = [&](QWidget* field, double middle, double y) {
        move(field, middle - 0.5 * field->width(), y + pan_.y());
    };
    over(width_, p.seat.x(), width_row);
    // Over the margins, but clear of the button between them.
    const double clear = 0.5 * (spacing_.outer->width() + spacing_.margin_bass->width()) + 4.0;
    const double margin = std::max(p.half - 33.0, clear);
    over(spacing_.margin_bass, p.seat.x() - side() * margin, margin_row);
    over(spacing_.margin_treble, p.seat.x() + side() * margin, margin_row);
    over(spacing_.spread, p.seat.x() - 42.0, margin_row);
    over(spacing_.bias, p.seat.x() + 60.0, margin_row);
    over(spacing_.outer, margins ? p.seat.x() : p.seat.x() - std::max(130.0, p.half - 50.0), margin_row);
    over(spacing_.centre, string_x(p, view_.string), margin_row);
    const double right = p.seat.x() + p.widest + 8.0;
    const double tops = p.seat.y() - (design.nut.board_above_seat_mm + design.neck.fret_height_mm) * p.scale;
    const double fall = seat_fall_mm(design.nut, 0.5 * design.neck.nut_width_mm) * p.scale;
    const double row = p.seat.y() + fall + 12.0;
    // Beside the front view, but clear of the figures under it: fret tops, then the fret's height.
    const double group = std::min(tops - 46.0, row - 106.0);
    move(fret_height_, right + 14.0, group + 52.0);
    move(pencil_, right + 14.0, group + 16.0);
    // Five figures under the front view, from the bass to the treble.
    const double span = std::min(std::max(2 * p.half, 5 * 104.0), width() - 12.0);
    figure_step_ = (span - 76.0) / 4.0;
    const double outer = 0.5 * span + 6.0;
    const double middle =
        zoom_ > 1.0 ? p.seat.x() : std::clamp(p.seat.x(), outer, std::max(outer, width() - outer));
    const auto slot_of = [&](int n) { return middle + side() * (-0.5 * span + 38.0 + n * figure_step_); };
    const double figures = row - pan_.y();
    over(target_bass_, slot_of(0), figures);
    over(board_, slot_of(3), figures);
    over(floor_, slot_of(2), figures);
    over(diameter_, slot_of(1), figures);
    over(target_treble_, slot_of(4), figures);
    over(target_each_, slot_of(0), figures);
    move(thickness_, p.seat.x() + p.half + 14.0,
         p.front.y() - 0.5 * design.nut.thickness_mm * p.scale - 16.0);
    const auto floor = number_of_key(state.solution, string_key(view_.string, floor_key()));
    const StringSolution& string = state.solution.strings[view_.string];
    const QString name = QString::fromStdString(design.string_name(view_.string));
    std::optional<double> value = floor ? value_of(state.solution, *floor) : std::nullopt;
    if (value && shows_found()) { // the floor as it is, over the same datum
        const double off = *state.found_floors[view_.string] - string.slot.floor_above_seat_mm;
        *value += view_.datum == Datum::blank_top ? -off : off;
    }
    floor_->setObjectName(shows_found() ? QString()
                                        : QString::fromStdString(string_key(view_.string, floor_key())));
    floor_->show_number(value ? length_number(*value, state.job.units.small()) : QStringLiteral("–"),
                        translated(quantity_of("strings[]." + floor_key()).title) + QStringLiteral(", ") +
                            name + QStringLiteral(", ") + unit_text(state.job.units.small()));
    pencil_->show_number(length_number(string.slot.fret_tops_above_seat_mm, state.job.units.small()),
                         translated(quantity_of("strings[].fret_tops_above_seat_mm").title) +
                             QStringLiteral(", ") + name + QStringLiteral(", ") +
                             unit_text(state.job.units.small()));
}

QPointF NutCanvas::still_point() const {
    return {left_room + 0.5 * (width() - left_room - right_room), blank_top};
}

std::optional<std::size_t> NutCanvas::string_at(QPointF at) const {
    if (at.y() <= chain_row) return std::nullopt;
    const Place p = place();
    std::optional<std::size_t> nearest;
    double best = std::max(18.0, 0.7 * p.scale);
    for (std::size_t i = 0; i < session_.state().solution.strings.size(); ++i) {
        const double away = std::abs(at.x() - string_x(p, i));
        if (away < best) {
            best = away;
            nearest = i;
        }
    }
    return nearest;
}

} // namespace fm
