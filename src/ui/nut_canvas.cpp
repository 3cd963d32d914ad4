// The drawing with everything that stands on it; longer than other files because its places depend on each
// other.
#include "ui/nut_canvas.h"

#include "sheet/fonts.h"
#include "sheet/paint.h"
#include "ui/texts.h"
#include "ui/theme.h"

#include <QGestureEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QNativeGestureEvent>
#include <QPainter>
#include <QPinchGesture>
#include <QWheelEvent>

#include <cmath>

namespace fm {

namespace {

// Rows of the drawing, px: width, margins, distances above the blank; captions and figures under the front
// view.
constexpr double width_row = 2;
constexpr double margin_row = 38;
constexpr double chain_row = 74;
constexpr double blank_top = 96;
constexpr double figure_row = 62; // with captions of one line
constexpr double caption_line = 17;
constexpr double plan_gap = 8;
constexpr double left_room = 44;
constexpr double right_room = 108;
constexpr double most_zoom = 16;

/// A distance in the chain: in sixty-fourths the nearest one, with a sign where a hair more or less remains.
QString chain_text(double mm, Unit unit) {
    if (unit != Unit::sixty_fourths) return length_number(mm, unit);
    const SixtyFourths parts = sixty_fourths(mm);
    const QString hair = std::abs(parts.remainder_mm) < 0.005 ? QString()
                         : parts.remainder_mm < 0             ? QStringLiteral("−")
                                                              : QStringLiteral("+");
    return QString::fromStdString(fraction_text(parts.count)) + hair;
}

} // namespace

NutCanvas::NutCanvas(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent)
    : QWidget(parent), session_(session), binder_(binder), view_(view) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Drawing of the nut"));
    setMinimumHeight(240);
    setMouseTracking(false);
    grabGesture(Qt::PinchGesture);
    add_fields();
}

ValueField* NutCanvas::add_field(const char* key, const QString& name, FieldBinder::Getter value, int width) {
    auto* field = new ValueField(QString::fromLatin1(key), name, FieldKind::length, this);
    field->resize(width, 32);
    QFont font = shipped_font(true);
    font.setPixelSize(16);
    field->setFont(font);
    if (value) binder_.bind(field, std::move(value));
    return field;
}

void NutCanvas::add_fields() {
    // Made in the order of the work: Tab follows it.
    const auto chosen = [this](const State& state) {
        return std::min(view_.string, state.job.design.strings.size() - 1);
    };
    width_ = add_field(
        "neck.nut_width_mm", tr("nut width"), [](const State& s) { return s.job.design.neck.nut_width_mm; },
        84);
    const auto margin = [](bool bass) {
        return [bass](const State& s) -> std::optional<double> {
            const auto& margins = s.job.design.nut.spacing.edge_margin_mm;
            if (!margins) return std::nullopt;
            return bass ? margins->bass_mm : margins->treble_mm;
        };
    };
    margin_bass_ =
        add_field("nut.spacing.edge_margin_mm.bass", tr("edge to the bass string"), margin(true), 66);
    margin_treble_ =
        add_field("nut.spacing.edge_margin_mm.treble", tr("edge to the treble string"), margin(false), 66);
    spread_ = add_field(
        "nut.spacing.spread_mm", tr("string spread at the nut"),
        [](const State& s) { return s.job.design.nut.spacing.spread_mm; }, 84);
    bias_ = add_field(
        "nut.spacing.bias_mm", tr("shift to the bass side"),
        [](const State& s) { return s.job.design.nut.spacing.bias_mm; }, 66);
    centre_ = add_field("nut.spacing.each_mm", tr("centre of this string"), nullptr, 76);
    binder_.bind(
        centre_, [chosen](const State& s) { return s.solution.strings[chosen(s)].line.nut_y_mm; },
        [chosen](const State& s) { return QStringLiteral("nut.spacing.each_mm[%1]").arg(chosen(s)); });
    fret_height_ = add_field(
        "neck.fret_height_mm", tr("fret height"),
        [](const State& s) { return s.job.design.neck.fret_height_mm; }, 70);
    board_ = add_field(
        "nut.board_above_seat_mm", tr("board over seat"),
        [](const State& s) { return s.job.design.nut.board_above_seat_mm; }, 76);
    target_bass_ = add_field(
        "nut.height.bass_mm", tr("gap wanted, bass"),
        [](const State& s) { return s.job.design.nut.height.bass_mm; }, 76);
    target_treble_ = add_field(
        "nut.height.treble_mm", tr("gap wanted, treble"),
        [](const State& s) { return s.job.design.nut.height.treble_mm; }, 76);
    target_each_ = add_field("nut.height.each_mm", tr("gap wanted, this string"), nullptr, 76);
    binder_.bind(
        target_each_,
        [chosen](const State& s) {
            return s.job.design.nut.height.of(chosen(s), s.job.design.strings.size());
        },
        [chosen](const State& s) { return QStringLiteral("nut.height.each_mm[%1]").arg(chosen(s)); });
    diameter_ = add_field("strings[].diameter_mm", tr("string gauge"), nullptr, 76);
    binder_.bind(
        diameter_, [chosen](const State& s) { return s.job.design.strings[chosen(s)].diameter_mm; },
        [chosen](const State& s) { return QStringLiteral("strings[%1].diameter_mm").arg(chosen(s)); });
    thickness_ = add_field(
        "nut.thickness_mm", tr("thickness"), [](const State& s) { return s.job.design.nut.thickness_mm; },
        70);
    outer_ = new QToolButton(this);
    outer_->setProperty("plain", true);
    outer_->setFocusPolicy(Qt::TabFocus);
    connect(outer_, &QToolButton::clicked, this, &NutCanvas::outer_toggled);
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

double NutCanvas::side() const {
    return session_.state().job.left_handed ? -1.0 : 1.0;
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

void NutCanvas::refresh() {
    if (!session_.is_open()) return;
    place_fields();
    update();
}

void NutCanvas::place_fields() {
    const State& state = session_.state();
    const Design& design = state.job.design;
    const Spacing& spacing = design.nut.spacing;
    const Place p = place();
    const bool given = spacing.method == SpacingMethod::given;
    const bool margins = !given && spacing.edge_margin_mm.has_value();
    const bool each = !design.nut.height.each_mm.empty();
    margin_bass_->setVisible(margins);
    margin_treble_->setVisible(margins);
    spread_->setVisible(!given && !margins);
    bias_->setVisible(!given && !margins);
    centre_->setVisible(given);
    target_bass_->setVisible(!each && !design.nut.zero_fret);
    target_treble_->setVisible(!each && !design.nut.zero_fret);
    target_each_->setVisible(each && !design.nut.zero_fret);
    outer_->setVisible(!given);
    outer_->setText(margins ? tr("by spread") : tr("by edges"));
    outer_->setToolTip(margins ? tr("Set the outer strings by their spread instead of the edges")
                               : tr("Set the outer strings by the board's edges instead of their spread"));
    outer_->setAccessibleName(outer_->toolTip());
    outer_->resize(outer_->sizeHint().width(), 32);
    const auto put = [](QWidget* field, double x, double y) {
        field->move(static_cast<int>(std::lround(x)), static_cast<int>(std::lround(y)));
    };
    const auto over = [&](QWidget* field, double middle, double y) {
        put(field, middle - 0.5 * field->width(), y + pan_.y());
    };
    over(width_, p.seat.x(), width_row);
    const double bass = p.seat.x() - side() * p.half;
    const double treble = p.seat.x() + side() * p.half;
    over(margin_bass_, bass + side() * 33.0, margin_row);
    over(margin_treble_, treble - side() * 33.0, margin_row);
    over(spread_, p.seat.x() - 42.0, margin_row);
    over(bias_, p.seat.x() + 60.0, margin_row);
    over(outer_, margins ? p.seat.x() : p.seat.x() - std::max(130.0, p.half - 50.0), margin_row);
    over(centre_, string_x(p, view_.string), margin_row);
    const double right = p.seat.x() + p.widest + 8.0;
    const double tops = p.seat.y() - (design.nut.board_above_seat_mm + design.neck.fret_height_mm) * p.scale;
    const double fall = seat_fall_mm(design.nut, 0.5 * design.neck.nut_width_mm) * p.scale;
    const double row = p.seat.y() + fall + 12.0;
    // Beside the front view, but clear of the figures under it: fret tops, then the fret's height.
    const double group = std::min(tops - 46.0, row - 106.0);
    put(fret_height_, right + 14.0, group + 52.0);
    put(pencil_, right + 14.0, group + 16.0);
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
    put(thickness_, p.seat.x() + p.half + 14.0, p.front.y() - 0.5 * design.nut.thickness_mm * p.scale - 16.0);
    const StringQuantity* floor = string_quantity(floor_key());
    const StringSolution& string = state.solution.strings[view_.string];
    const QString name = QString::fromStdString(design.string_name(view_.string));
    const std::optional<double> value = floor->value(string);
    floor_->show_number(value ? length_number(*value, state.job.unit) : QStringLiteral("–"),
                        words_of("title." + floor_key().substr(0, floor_key().size() - 3)) +
                            QStringLiteral(", ") + name + QStringLiteral(", ") + unit_text(state.job.unit));
    pencil_->show_number(length_number(string.slot.fret_tops_above_seat_mm, state.job.unit),
                         words_of("title.pencil_line") + QStringLiteral(", ") + name + QStringLiteral(", ") +
                             unit_text(state.job.unit));
}

void NutCanvas::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().ground);
    if (!session_.is_open()) return;
    painter.setRenderHint(QPainter::Antialiasing);
    const State& state = session_.state();
    const Place p = place();
    const Look look = look_of(theme(), state.job.design.nut.material);
    paint(painter, nut_front(state.job.design, state.solution, options()), look, p.scale, p.seat);
    NutViewOptions plan = options();
    paint(painter, nut_plan(state.job.design, state.solution, plan), look, p.scale, p.front);
    paint_dimensions(painter, p);
    paint_chain(painter, p);
    paint_captions(painter, p);
    if (hasFocus()) {
        painter.setPen(QPen(theme().yours, 2));
        painter.drawRect(rect().adjusted(1, 1, -2, -2));
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
        const QString words = chain_text(mm, state.job.unit);
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
    const bool pressed = design.nut.height_method == NutHeightMethod::pressed_gap;
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
            datum};
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
    const QRectF box(field->geometry().center().x() - 0.5 * wide, field->geometry().bottom() + 1.0, wide,
                     34.0);
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
    const double beside = std::max(0.0, p.seat.x() - p.half - 8.0);
    painter.drawText(QRectF(0.0, p.front.y() - 17.0, beside, 18.0), Qt::AlignRight, tr("front"));
    if (deep >= 30.0)
        painter.drawText(QRectF(0.0, p.front.y() - deep - 1.0, beside, 18.0), Qt::AlignRight, tr("head"));
    const double ends = width_row + 16.0 + pan_.y();
    painter.drawText(QPointF(p.seat.x() - p.half + 4.0, ends), left_handed ? tr("treble") : tr("bass"));
    painter.drawText(QRectF(p.seat.x() + p.half - 104.0, ends - 14.0, 100.0, 18.0), Qt::AlignRight,
                     left_handed ? tr("bass") : tr("treble"));
    if (bias_->isVisible())
        painter.drawText(QPointF(bias_->geometry().right() + 4.0, bias_->geometry().bottom() - 9.0),
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

void NutCanvas::zoom_by(double factor) {
    zoom_ = std::clamp(zoom_ * factor, 1.0, most_zoom);
    if (zoom_ == 1.0) pan_ = {};
    refresh();
}

void NutCanvas::zoom_home() {
    zoom_ = 1.0;
    pan_ = {};
    refresh();
}

bool NutCanvas::event(QEvent* event) {
    if (event->type() == QEvent::NativeGesture) {
        const auto* gesture = static_cast<QNativeGestureEvent*>(event);
        if (gesture->gestureType() == Qt::ZoomNativeGesture) {
            zoom_by(1.0 + gesture->value());
            return true;
        }
    }
    if (event->type() == QEvent::Gesture) {
        if (auto* pinch =
                static_cast<QPinchGesture*>(static_cast<QGestureEvent*>(event)->gesture(Qt::PinchGesture))) {
            zoom_by(pinch->scaleFactor());
            return true;
        }
    }
    return QWidget::event(event);
}

void NutCanvas::resizeEvent(QResizeEvent*) {
    refresh();
}

void NutCanvas::mousePressEvent(QMouseEvent* event) {
    pressed_at_ = event->position();
    if (!session_.is_open() || event->button() != Qt::LeftButton) return;
    const Place p = place();
    std::optional<std::size_t> nearest;
    double best = std::max(18.0, 0.7 * p.scale);
    for (std::size_t i = 0; i < session_.state().solution.strings.size(); ++i) {
        const double away = std::abs(event->position().x() - string_x(p, i));
        if (away < best) {
            best = away;
            nearest = i;
        }
    }
    if (nearest && event->position().y() > chain_row) Q_EMIT string_picked(*nearest);
}

void NutCanvas::mouseMoveEvent(QMouseEvent* event) {
    if (!(event->buttons() & (Qt::LeftButton | Qt::MiddleButton)) || zoom_ == 1.0) return;
    pan_ += event->position() - pressed_at_;
    pressed_at_ = event->position();
    refresh();
}

void NutCanvas::wheelEvent(QWheelEvent* event) {
    const double factor = std::pow(1.0015, event->angleDelta().y());
    const double before = zoom_;
    const double middle = left_room + 0.5 * (width() - left_room - right_room);
    // The point under the pointer stays where it is.
    const QPointF from(event->position().x() - middle - pan_.x(),
                       event->position().y() - blank_top - pan_.y());
    zoom_ = std::clamp(zoom_ * factor, 1.0, most_zoom);
    pan_ = zoom_ == 1.0 ? QPointF() : pan_ - from * (zoom_ / before - 1.0);
    event->accept();
    refresh();
}

void NutCanvas::keyPressEvent(QKeyEvent* event) {
    const bool moves = event->modifiers() & Qt::ShiftModifier && zoom_ > 1.0;
    constexpr double step = 40;
    switch (event->key()) {
    case Qt::Key_Left:
        moves ? void(pan_ += QPointF(step, 0)) : void(Q_EMIT string_stepped(side() > 0 ? -1 : 1));
        break;
    case Qt::Key_Right:
        moves ? void(pan_ -= QPointF(step, 0)) : void(Q_EMIT string_stepped(side() > 0 ? 1 : -1));
        break;
    case Qt::Key_Up: pan_ += moves ? QPointF(0, step) : QPointF(); break;
    case Qt::Key_Down: pan_ -= moves ? QPointF(0, step) : QPointF(); break;
    default: return QWidget::keyPressEvent(event);
    }
    refresh();
}

} // namespace fm
