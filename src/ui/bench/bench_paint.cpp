// How the bench looks: digits for three metres, a bar with the dust, marks for the strings.
#include "ui/bench/bench_gauge.h"
#include "ui/bench/bench_view.h"
#include "ui/look/theme.h"

#include <QLabel>
#include <QLayout>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QToolButton>

#include <algorithm>
#include <cmath>

namespace fm {

namespace {
constexpr double margin = 48; // of 800 high
constexpr double number_px = 240;
constexpr double sentence_px = 33;

/// The largest size up to that at which a text is no wider.
double fitted_px(const QFont& base, const QString& text, double width, double most_px) {
    QFont font = base;
    font.setPixelSize(std::max(8, static_cast<int>(most_px)));
    const double wide = QFontMetricsF(font).horizontalAdvance(text);
    return wide <= width ? most_px : std::max(8.0, std::floor(most_px * width / wide) - 0.5);
}
} // namespace

QFont BenchView::font_of(double share, bool bold) const {
    QFont made = font();
    made.setPixelSize(std::max(9, static_cast<int>(share * unit_px())));
    made.setBold(bold);
    return made;
}

void BenchView::measure() {
    const double whole = height() / 800.0;
    gauge_px_ = gauge_->layout()->heightForWidth(width() - 2 * static_cast<int>(margin * whole));
    field_px_ = std::max(44, static_cast<int>(66 * whole));
    const double under = field_px_ + std::max(gauge_px_ + 14.0, 62 * whole);
    unit_px_ = std::clamp((height() - under) / (800 - 66 - 62), 0.1, std::max(0.1, width() / 1000.0));
}

void BenchView::lay_out() {
    measure();
    const double u = unit_px();
    const int left = static_cast<int>(margin * u);
    const int high = field_px_;
    const int top = height() - high - std::max(gauge_px_ + 14, static_cast<int>(62 * u));
    const int wide = std::min(static_cast<int>(470 * u), width() / 2 - left);
    field_->setGeometry(left, top, wide, high);
    field_->setFont(font_of(32));
    field_->setStyleSheet(
        QStringLiteral("QLineEdit { background: %1; color: %2; border: 2px solid %3; padding: 0 14px; "
                       "font-size: %4px; }")
            .arg(theme().ground.name(), theme().ink.name(), theme().yours.name())
            .arg(std::max(14, static_cast<int>(30 * u))));
    const int hint_left = left + wide + static_cast<int>(24 * u);
    hint_->setGeometry(hint_left, top, width() - hint_left - static_cast<int>(180 * u), high);
    hint_->setStyleSheet(QStringLiteral("color: %1; font-size: %2px;")
                             .arg(theme().caption.name())
                             .arg(std::max(12, static_cast<int>(18 * u))));
    const int message_high = static_cast<int>(58 * u);
    message_->setGeometry(left, top - message_high - static_cast<int>(8 * u), width() - 2 * left,
                          message_high);
    message_->setAlignment(Qt::AlignLeft | Qt::AlignBottom);
    message_->setStyleSheet(QStringLiteral("color: %1; font-size: %2px;")
                                .arg(theme().ink.name())
                                .arg(std::max(14, static_cast<int>(22 * u))));
    lay_out_buttons();
    const int asks = std::max(decision_->sizeHint().height(), 80);
    decision_->setGeometry(left, top - asks - 4, width() - 2 * left, asks);
    gauge_->setGeometry(left, height() - gauge_px_ - 8, width() - 2 * left, gauge_px_);
    QPalette ground = palette();
    ground.setColor(QPalette::Window, theme().ground);
    setPalette(ground);
}

/// At the right of the head, as many as there are now.
void BenchView::lay_out_buttons() {
    int right = width() - static_cast<int>(margin * unit_px());
    buttons_left_ = width();
    for (QToolButton* button : {lead_, leave_}) {
        if (button->isHidden()) continue;
        const QSize size(button->sizeHint().width(), 34);
        right -= size.width();
        button->setGeometry(QRect(QPoint(right, static_cast<int>(4 * unit_px())), size));
        buttons_left_ = right;
        right -= 8;
    }
}

void BenchView::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    lay_out();
}

void BenchView::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    lay_out();
}

QRectF BenchView::mark_box(std::size_t place) const {
    const double u = unit_px();
    const auto count = static_cast<double>(std::max<std::size_t>(1, worker_.filings().size()));
    // In the middle, as far as the buttons leave it room, and the string's name at the left has some, too.
    constexpr double name_px = 110;
    const double step = std::max(
        8.0, std::min({46 * u, 480 * u / count, (buttons_left_ - 12 - margin * u - name_px) / count}));
    const double middle = std::min(width() / 2.0, buttons_left_ - 12 - step * count / 2);
    const double left = middle - step * count / 2 + step * static_cast<double>(place);
    return {left, 30 * u, step, 56 * u};
}

void BenchView::paint_marks(QPainter& painter) const {
    if (worker_.part() == BenchPart::relief) return;
    const double u = unit_px();
    const auto strings = session_.state().job.design.strings.size();
    for (std::size_t i = 0; i < worker_.filings().size(); ++i) {
        const Filing& filing = worker_.filings()[i];
        const QRectF box = mark_box(i);
        const QPointF middle(box.center().x(), box.top() + 16 * u);
        const double r = 9 * u;
        const bool here = i == worker_.place();
        painter.setPen(QPen(theme().ink, 2 * u));
        painter.setBrush(Qt::NoBrush);
        if (filing.done()) { // a tick
            painter.setPen(QPen(theme().missing, 3.5 * u));
            painter.drawPolyline(QPolygonF{middle + QPointF(-r, 0), middle + QPointF(-r / 4, r * 0.8),
                                           middle + QPointF(r, -r)});
        } else if (filing.state == FilingState::too_deep) { // a cross
            painter.setPen(QPen(theme().warning, 3.5 * u));
            painter.drawLine(middle + QPointF(-r, -r), middle + QPointF(r, r));
            painter.drawLine(middle + QPointF(-r, r), middle + QPointF(r, -r));
        } else if (filing.now_mm) // read, and more to take
            painter.drawEllipse(middle, r, r);
        else {
            painter.setPen(QPen(theme().caption, 2 * u));
            painter.drawEllipse(middle, r / 3, r / 3);
        }
        painter.setFont(font_of(20, here));
        painter.setPen(here ? theme().ink : theme().caption);
        painter.drawText(box.adjusted(0, 28 * u, 0, 0), Qt::AlignHCenter | Qt::AlignTop,
                         QString::number(strings - filing.string));
        if (here) painter.fillRect(QRectF(middle.x() - 14 * u, box.bottom(), 28 * u, 3 * u), theme().ink);
    }
}

void BenchView::paint_header(QPainter& painter) const {
    const double u = unit_px();
    const double left = margin * u;
    painter.setPen(theme().ink);
    const double room = worker_.filings().empty() || worker_.part() == BenchPart::relief
                            ? width() / 2.0
                            : mark_box(0).left() - left - 16 * u; // the strings' marks stand in the middle
    QFont large = font_of(48, true);
    large.setPixelSize(static_cast<int>(fitted_px(large, words_.string, room, 48 * u)));
    painter.setFont(large);
    painter.drawText(QRectF(left, 30 * u, width() / 2.0, 62 * u), Qt::AlignLeft | Qt::AlignVCenter,
                     words_.string);
    painter.setPen(theme().caption);
    painter.setFont(font_of(23));
    painter.drawText(QRectF(left, 92 * u, width() * 0.62, 34 * u), Qt::AlignLeft | Qt::AlignVCenter,
                     words_.under_string);
    const QRectF right(width() / 2.0, 42 * u, width() / 2.0 - left, 42 * u);
    const bool under_buttons = buttons_left_ < width() && 4 * u + 34 > right.top() + 8 * u;
    painter.setFont(font_of(27));
    if (!under_buttons) painter.drawText(right, Qt::AlignRight | Qt::AlignVCenter, words_.place);
    painter.setFont(font_of(23));
    painter.drawText(right.translated(0, 48 * u), Qt::AlignRight | Qt::AlignVCenter,
                     under_buttons && !words_.place.isEmpty()
                         ? words_.place + QStringLiteral(" · ") + words_.job
                         : words_.job);
    paint_marks(painter);
}

void BenchView::paint_number(QPainter& painter) const {
    const double u = unit_px();
    const double room = width() - 2 * margin * u;
    QFont big = font_of(number_px, true);
    const QFont small = font_of(50);
    const double unit_wide = QFontMetricsF(small).horizontalAdvance(words_.unit) + 60 * u;
    big.setPixelSize(static_cast<int>(fitted_px(big, words_.number, room - 2 * unit_wide, number_px * u)));
    const double wide = QFontMetricsF(big).horizontalAdvance(words_.number);
    const QRectF box(0, 140 * u, width(), 240 * u);
    painter.setFont(big);
    painter.setPen(words_.warning             ? theme().warning
                   : words_.number_is_reading ? theme().caption
                                              : theme().ink);
    painter.drawText(box, Qt::AlignCenter, words_.number);
    painter.setFont(small);
    painter.setPen(theme().caption);
    painter.drawText(QRectF(width() / 2.0 + wide / 2 + 50 * u, box.top(), unit_wide, box.height() * 0.86),
                     Qt::AlignLeft | Qt::AlignBottom, words_.unit);
    painter.setPen(words_.warning ? theme().warning : theme().take_off);
    QFont said = font_of(sentence_px);
    said.setPixelSize(static_cast<int>(fitted_px(said, words_.sentence, room, sentence_px * u)));
    painter.setFont(said);
    painter.drawText(QRectF(0, 385 * u, width(), 48 * u), Qt::AlignCenter, words_.sentence);
}

QRectF BenchView::bar_box() const {
    const double u = unit_px();
    return {width() * 0.117, 462 * u, width() * 0.766, 50 * u};
}

void BenchView::paint_bar(QPainter& painter) const {
    const Filing* filing = worker_.in_hand();
    if (!filing || worker_.whole() || worker_.part() == BenchPart::relief) return;
    const double u = unit_px();
    const QRectF bar = bar_box();
    const double now_mm = filing->now_mm.value_or(filing->expected_mm.value_or(filing->wanted_mm));
    // The target at the right; what is there at the left. A string too low stands to the right of its target.
    const double most_mm = std::max({std::abs(now_mm - filing->wanted_mm), 4 * filing->gauge_u_mm, 1e-6});
    const bool deep = now_mm < filing->wanted_mm;
    const double goal_x = deep ? bar.left() + bar.width() * 0.62 : bar.right();
    const double scale = (deep ? bar.right() - goal_x : bar.width()) / most_mm;
    const auto x_of = [&](double gap_mm) { return goal_x - (gap_mm - filing->wanted_mm) * scale; };
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(theme().ink, 1.5 * u));
    painter.drawRect(bar);
    const auto hatch = [&](const QRectF& area, const QColor& colour) {
        painter.save();
        painter.setClipRect(area);
        painter.setPen(QPen(colour, 2 * u));
        for (double x = area.left() - area.height(); x < area.right(); x += 13 * u)
            painter.drawLine(QPointF(x, area.bottom()), QPointF(x + area.height(), area.top()));
        painter.restore();
        painter.setPen(QPen(colour, 2 * u));
        painter.drawRect(area);
    };
    const auto post = [&](double x) {
        painter.fillRect(QRectF(x - 2 * u, bar.top() - 18 * u, 4 * u, bar.height() + 36 * u), theme().ink);
    };
    if (filing->state == FilingState::to_file) {
        hatch(QRectF(QPointF(x_of(now_mm), bar.top()), QPointF(x_of(filing->stop_mm()), bar.bottom())),
              theme().take_off);
        post(x_of(filing->stop_mm()));
    } else if (deep && filing->state == FilingState::too_deep)
        hatch(QRectF(QPointF(goal_x, bar.top()), QPointF(x_of(now_mm), bar.bottom())), theme().missing);
    else if (filing->now_mm)
        post(x_of(now_mm));
    post(goal_x);
    painter.setFont(font_of(26));
    painter.setPen(theme().ink);
    const double top = bar.bottom() + 22 * u;
    const auto label = [&](double x, const QString& text, const QRectF& clear_of) {
        const double wide = QFontMetricsF(painter.font()).horizontalAdvance(text) + 4;
        QRectF box(std::clamp(x - wide / 2, bar.left(), width() - margin * u - wide), top, wide, 34 * u);
        if (box.intersects(clear_of)) box.moveRight(clear_of.left() - 14 * u);
        painter.drawText(box, Qt::AlignCenter, text);
        return box;
    };
    QRectF taken = label(deep ? goal_x : bar.right(), words_.goal, {});
    if (!words_.stop.isEmpty()) taken = taken.united(label(x_of(filing->stop_mm()), words_.stop, taken));
    if (words_.now.isEmpty()) return;
    const double wide = QFontMetricsF(painter.font()).horizontalAdvance(words_.now) + 4;
    QRectF now(std::clamp(x_of(now_mm) - wide / 2, bar.left(), width() - margin * u - wide), top, wide,
               34 * u);
    if (now.intersects(taken)) now.moveTop(now.top() + 30 * u);
    painter.drawText(now, Qt::AlignCenter, words_.now);
}

/// Which way the rod goes: the neck from the side, as it is and as it is wanted, and the turn.
void BenchView::paint_rod(QPainter& painter) const {
    const Filing* filing = worker_.in_hand();
    if (worker_.part() != BenchPart::relief || !filing || filing->state == FilingState::to_read) return;
    const double u = unit_px();
    const QRectF area(width() * 0.15, 460 * u, width() * 0.56, 110 * u);
    const auto neck = [&](double depth_share) {
        QPainterPath path(area.topLeft() + QPointF(0, 30 * u));
        path.quadTo(QPointF(area.center().x(), area.top() + 30 * u + depth_share * 120 * u),
                    area.topRight() + QPointF(0, 30 * u));
        return path;
    };
    const double most = std::max({std::abs(*filing->now_mm), std::abs(filing->wanted_mm), 0.1});
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(theme().string, 1.5 * u));
    painter.drawLine(area.topLeft() + QPointF(0, 30 * u), area.topRight() + QPointF(0, 30 * u));
    painter.setPen(QPen(theme().ink, 5 * u));
    painter.drawPath(neck(*filing->now_mm / most));
    painter.setPen(QPen(theme().missing, 3 * u, Qt::DashLine));
    painter.drawPath(neck(filing->wanted_mm / most));
    painter.setFont(font_of(23));
    painter.setPen(theme().ink);
    painter.drawText(QRectF(area.left(), area.bottom() - 18 * u, area.width(), 32 * u), Qt::AlignLeft,
                     words_.now);
    painter.setPen(theme().missing);
    painter.drawText(QRectF(area.left(), area.bottom() - 18 * u, area.width(), 32 * u), Qt::AlignRight,
                     words_.goal + QStringLiteral(" - -"));
    if (filing->done()) return;
    // The rod's end, seen along it: tightened as a screw is.
    const bool tighten = filing->pass_mm > 0;
    const QPointF middle(width() * 0.80, 515 * u);
    const double r = 44 * u;
    painter.setPen(QPen(theme().ink, 2.5 * u));
    QPolygonF nut;
    for (int i = 0; i < 6; ++i)
        nut << middle + QPointF(std::cos(i * M_PI / 3), std::sin(i * M_PI / 3)) * (r * 0.45);
    painter.drawPolygon(nut);
    painter.setPen(QPen(theme().take_off, 4 * u));
    painter.drawArc(QRectF(middle - QPointF(r, r), QSizeF(2 * r, 2 * r)), 30 * 16, 120 * 16);
    const double at = (tighten ? 30 : 150) * M_PI / 180;
    const QPointF tip = middle + QPointF(std::cos(at), -std::sin(at)) * r;
    const double way = tighten ? 1 : -1;
    painter.setBrush(theme().take_off);
    painter.setPen(Qt::NoPen);
    painter.drawPolygon(QPolygonF{tip + QPointF(way * 13 * u, 12 * u), tip + QPointF(-way * 12 * u, 2 * u),
                                  tip + QPointF(way * 9 * u, -13 * u)});
}

void BenchView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), theme().ground);
    if (!session_.is_open()) return;
    const double u = unit_px();
    paint_header(painter);
    paint_number(painter);
    if (!words_.stopped) {
        paint_bar(painter);
        paint_rod(painter);
    }
    painter.setFont(font_of(21));
    painter.setPen(theme().caption);
    const auto line = [&](const QRectF& box, const QString& text) {
        QFont small = font_of(21);
        small.setPixelSize(static_cast<int>(fitted_px(small, text, box.width(), 21 * u)));
        painter.setFont(small);
        painter.drawText(box, Qt::AlignLeft | Qt::AlignVCenter, text);
    };
    const QRectF note(margin * u, 598 * u, width() - 2 * margin * u, 28 * u);
    line(note, words_.note);
    line(note.translated(0, -26 * u), words_.apart);
    painter.setPen(theme().warning);
    line(QRectF(margin * u, (words_.under_string.isEmpty() ? 96 : 122) * u, width() * 0.6, 26 * u),
         words_.first);
    painter.setPen(theme().caption);
    painter.setFont(font_of(26));
    const QRect field = field_->geometry();
    painter.drawText(QRectF(width() - margin * u - 130 * u, field.top(), 130 * u, field.height()),
                     Qt::AlignRight | Qt::AlignVCenter, words_.uncertainty);
}

void BenchView::mousePressEvent(QMouseEvent* event) {
    for (std::size_t i = 0; i < worker_.filings().size(); ++i)
        if (mark_box(i).contains(event->position())) {
            worker_.choose(worker_.filings()[i].string);
            refresh();
            Q_EMIT string_chosen(worker_.filings()[i].string);
        }
    field_->setFocus();
}

} // namespace fm
