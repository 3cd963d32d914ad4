#include "ui/canvas/part_canvas.h"

#include "core/solution/quantities.h"
#include "core/words/length_kind.h"
#include "sheet/drawing/fonts.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "ui/look/zoom_keys.h"

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
constexpr double most_zoom = 16;
constexpr int caption_px = 13;
} // namespace

PartCanvas::PartCanvas(Session& session, FieldBinder& binder, const ViewState& view, const QString& name,
                       QWidget* parent)
    : QWidget(parent), session_(session), binder_(binder), view_(view) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(name);
    setMinimumHeight(226);
    setAttribute(Qt::WA_OpaquePaintEvent);
    grabGesture(Qt::PinchGesture);
    connect(&background_, &BackgroundLayer::read, this, qOverload<>(&QWidget::update));
}

ValueField* PartCanvas::add_field(const char* key, const QString& name, int width) {
    return add_field(key, name, field_of(key).kind, as_written(key), width);
}

ValueField* PartCanvas::add_field(const char* key, const QString& name, FieldKind kind,
                                  FieldBinder::Getter value, int width, KeyMaker made) {
    auto* field = new ValueField(QString::fromLatin1(key), name, kind, this);
    field->resize(width, 32);
    QFont font = shipped_font(true);
    font.setPixelSize(16);
    field->setFont(font);
    if (made)
        binder_.bind(field, std::move(value), std::move(made));
    else
        binder_.bind(field, std::move(value));
    return field;
}

PartCanvas::SpacingFields PartCanvas::add_spacing_fields(const SpacingPlace& at, const QString& spread_name) {
    const std::string key(at.key);
    const auto margin = [at](double EdgeMargins::*of) {
        return [at, of](const State& s) -> std::optional<double> {
            const auto& margins = at.of(s.job.design).edge_margin_mm;
            return margins ? std::optional((*margins).*of) : std::nullopt;
        };
    };
    const auto chosen_string = [this](const State& s) {
        return std::min(view_.string, s.job.design.strings.size() - 1);
    };
    const auto length = [&](const char* name, const QString& words, FieldBinder::Getter value, int wide) {
        return add_field((key + name).c_str(), words, FieldKind::length, std::move(value), wide);
    };
    SpacingFields fields{};
    fields.at = at;
    fields.margin_bass =
        length(".edge_margin_mm.bass", tr("edge to the bass string"), margin(&EdgeMargins::bass_mm), 66);
    fields.margin_treble = length(".edge_margin_mm.treble", tr("edge to the treble string"),
                                  margin(&EdgeMargins::treble_mm), 66);
    fields.spread = length(
        ".spread_mm", spread_name, [at](const State& s) { return at.of(s.job.design).spread_mm; }, 84);
    fields.bias = length(
        ".bias_mm", tr("shift to the bass side"),
        [at](const State& s) { return at.of(s.job.design).bias_mm; }, 66);
    fields.centre = add_field(
        (key + ".each_mm").c_str(), tr("centre of this string"), FieldKind::length,
        [at, chosen_string](const State& s) { return at.centre_mm(s.solution.strings[chosen_string(s)]); },
        76,
        [at, chosen_string](const State& s) {
            return QStringLiteral("%1.each_mm[%2]").arg(QLatin1String(at.key)).arg(chosen_string(s));
        });
    fields.outer = new QToolButton(this);
    fields.outer->setProperty("plain", true);
    fields.outer->setFocusPolicy(Qt::TabFocus);
    connect(fields.outer, &QToolButton::clicked, this, &PartCanvas::outer_toggled);
    return fields;
}

bool PartCanvas::choose_spacing_fields(const SpacingFields& fields) const {
    const Spacing& spacing = fields.at.of(design());
    const bool given = spacing.method == SpacingMethod::given;
    const bool margins = !given && spacing.edge_margin_mm.has_value();
    fields.margin_bass->setVisible(margins);
    fields.margin_treble->setVisible(margins);
    fields.spread->setVisible(!given && !margins);
    fields.bias->setVisible(!given && !margins);
    fields.centre->setVisible(given);
    fields.outer->setVisible(!given);
    fields.outer->setText(margins ? tr("by spread") : tr("by edges"));
    fields.outer->setToolTip(margins
                                 ? tr("Set the outer strings by their spread instead of the edges")
                                 : tr("Set the outer strings by the board's edges instead of their spread"));
    fields.outer->setAccessibleName(fields.outer->toolTip());
    fields.outer->resize(fields.outer->sizeHint().width(), 32);
    return margins;
}

InkNumber* PartCanvas::add_number(const QString& name, KeyMaker key, int width, int px) {
    auto* number = new InkNumber(this);
    QFont font = shipped_font(px > 16);
    font.setPixelSize(px);
    number->setFont(font);
    number->resize(width, std::max(32, px + 10));
    connect(number, &InkNumber::picked, this, [this, key] {
        const auto asked = number_of_key(state().solution, key(state()).toStdString());
        if (asked) Q_EMIT number_picked(QString::fromStdString(asked->name()));
    });
    numbers_.push_back({number, name, std::move(key)});
    return number;
}

double PartCanvas::side() const {
    return state().job.left_handed ? -1.0 : 1.0;
}

void PartCanvas::put(QWidget* widget, QPointF middle, const QString& caption, double wide) {
    widget->show();
    widget->move(static_cast<int>(std::lround(middle.x() - 0.5 * widget->width())),
                 static_cast<int>(std::lround(middle.y() - 0.5 * widget->height())));
    if (caption.isEmpty()) return;
    if (wide == 0) wide = widget->width() + 28.0;
    write(QRectF(middle.x() - 0.5 * wide, widget->geometry().bottom() + 1.0, wide, 34.0),
          Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap, caption);
}

void PartCanvas::lead(const QPolygonF& line) {
    lines_.push_back(line);
}

void PartCanvas::dimension(QPointF from, QPointF to) {
    const QPointF along = to - from;
    const double length = std::hypot(along.x(), along.y());
    if (length < 1.0) return;
    const QPointF across(-along.y() / length * 5.0, along.x() / length * 5.0);
    lines_.push_back(QPolygonF{from, to});
    lines_.push_back(QPolygonF{from - across, from + across});
    lines_.push_back(QPolygonF{to - across, to + across});
}

void PartCanvas::write(const QRectF& box, int align, const QString& words, bool strong) {
    words_.push_back({box, align, words, strong});
}

void PartCanvas::show_numbers() {
    for (const Number& number : numbers_) {
        const auto key = number_of_key(state().solution, number.key(state()).toStdString());
        const auto value = key ? value_of(state().solution, *key) : std::nullopt;
        const Unit unit = state().job.units.of(length_kind_of(key ? key->text() : std::string()));
        QString name = number.name;
        if (key && key->quantity->of_string())
            name += QStringLiteral(", ") + QString::fromStdString(design().string_name(key->string));
        const bool length = key && key->quantity->kind == QuantityKind::length;
        if (length) name += QStringLiteral(", ") + unit_text(unit);
        number.shown->setObjectName(key ? QString::fromStdString(key->text()) : QString());
        number.shown->show_number(!value   ? QStringLiteral("–")
                                  : length ? length_number(*value, unit)
                                           : term_value(*value, key->quantity->kind, unit),
                                  name);
    }
}

void PartCanvas::refresh() {
    if (!session_.is_open()) return;
    words_.clear();
    lines_.clear();
    show_numbers();
    lay_out();
    update();
}

void PartCanvas::paint_marks(QPainter& painter) const {
    painter.setPen(QPen(theme().caption, 1));
    for (const QPolygonF& line : lines_) painter.drawPolyline(line);
    for (const Words& words : words_) {
        QFont font = shipped_font(words.strong);
        font.setPixelSize(words.strong ? caption_px + 2 : caption_px);
        painter.setFont(font);
        painter.setPen(words.strong ? theme().ink : theme().caption);
        // Lines of the drawing end at the words.
        painter.fillRect(painter.boundingRect(words.box, words.align, words.text), theme().ground);
        painter.drawText(words.box, words.align, words.text);
    }
}

void PartCanvas::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().ground);
    if (!session_.is_open()) return;
    painter.setRenderHint(QPainter::Antialiasing);
    paint_views(painter);
    paint_marks(painter);
    if (!hasFocus()) return;
    painter.setPen(QPen(theme().yours, 2));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(rect().adjusted(1, 1, -2, -2));
}

void PartCanvas::zoom_by(double factor) {
    zoom_ = std::clamp(zoom_ * factor, 1.0, most_zoom);
    if (zoom_ == 1.0) pan_ = {};
    refresh();
}

void PartCanvas::zoom_home() {
    set_sight({});
}

void PartCanvas::set_sight(const Sight& sight) {
    zoom_ = sight.zoom;
    pan_ = sight.pan;
    refresh();
}

bool PartCanvas::event(QEvent* event) {
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

void PartCanvas::resizeEvent(QResizeEvent*) {
    refresh();
}

void PartCanvas::ask_two_points() {
    asks_points_ = true;
    points_mm_.clear();
    setCursor(Qt::CrossCursor);
    update();
}

void PartCanvas::take_point(QPointF at) {
    points_mm_.push_back(to_widget().inverted().map(at));
    update();
    if (points_mm_.size() < 2) return;
    asks_points_ = false;
    unsetCursor();
    Q_EMIT two_points(points_mm_[0], points_mm_[1]);
}

bool PartCanvas::paint_background(QPainter& painter, const std::optional<Background>& background) {
    if (!background) {
        points_mm_.clear();
        return false;
    }
    const BackgroundFile* file =
        background_.file(session_.pictures() + QLatin1Char('/') + QString::fromStdString(background->file));
    const bool shown = file && file->fault.isEmpty();
    if (shown) BackgroundLayer::paint(painter, *file, *background, to_widget());
    painter.setPen(QPen(theme().warning, 2));
    for (const QPointF& point : points_mm_) {
        const QPointF at = to_widget().map(point);
        painter.drawLine(at - QPointF(9, 0), at + QPointF(9, 0));
        painter.drawLine(at - QPointF(0, 9), at + QPointF(0, 9));
    }
    return shown;
}

void PartCanvas::mousePressEvent(QMouseEvent* event) {
    pressed_at_ = event->position();
    if (!session_.is_open() || event->button() != Qt::LeftButton) return;
    if (asks_points_) return take_point(event->position());
    if (const auto string = string_at(event->position())) Q_EMIT string_picked(*string);
}

void PartCanvas::mouseMoveEvent(QMouseEvent* event) {
    if (!(event->buttons() & (Qt::LeftButton | Qt::MiddleButton)) || zoom_ == 1.0) return;
    pan_ += event->position() - pressed_at_;
    pressed_at_ = event->position();
    refresh();
}

void PartCanvas::wheelEvent(QWheelEvent* event) {
    if (!session_.is_open()) return;
    const double factor = std::pow(1.0015, event->angleDelta().y());
    const double before = zoom_;
    // The point under the pointer stays where it is.
    const QPointF from = event->position() - still_point() - pan_;
    zoom_ = std::clamp(zoom_ * factor, 1.0, most_zoom);
    pan_ = zoom_ == 1.0 ? QPointF() : pan_ - from * (zoom_ / before - 1.0);
    event->accept();
    refresh();
}

void PartCanvas::keyPressEvent(QKeyEvent* event) {
    if (!session_.is_open()) return QWidget::keyPressEvent(event);
    if (zooms_by_key(*this, *event)) return;
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
