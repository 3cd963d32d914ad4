#include "ui/view/plan_picture.h"

#include "ui/look/drawn_words.h"
#include "ui/look/plain_button.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QPainter>

#include <algorithm>
#include <cmath>
#include <limits>

namespace fm {

namespace {

constexpr int tall_below_px = 760; // in a small window words take more lines
constexpr double read_as_px = 30;
constexpr double strings_px = 20; // of the strings
constexpr double amounts_px = 40; // what comes off, and ±
constexpr double time_px = 86;
constexpr double gap_px = 18; // between columns
constexpr double ring_px = 5.5;
constexpr double narrow_px = 44; // of a string: then its ± is told once for all
constexpr double close_px = 24;  // then amounts and names stand in two rows, and readings in the tables
constexpr double row_px = 14;    // from one of them to the other

} // namespace

/// What the words take of the height.
struct PlanPicture::Lines {
    double head;  ///< title, what is read, the way there
    double foot;  ///< one of the two under a step: what stays, and whether it can be undone
    double least; ///< how low it could go
    double next;
};

PlanPicture::PlanPicture(Session& session, QWidget* parent)
    : QWidget(parent), session_(session), next_(plain_button({}, {})) {
    setAccessibleName(tr("The plan, drawn"));
    for (std::size_t i = 0; i < 4; ++i) {
        QToolButton* button = plain_button(tr("bench"), {});
        button->setMinimumHeight(28);
        connect(button, &QToolButton::clicked, this, [this, i] { go(i); });
        button->setParent(this);
        buttons_.push_back(button);
        QToolButton* way = plain_button({}, {});
        way->setMinimumHeight(28);
        way->setParent(this);
        connect(way, &QToolButton::clicked, this, [this, i, way] {
            if (i >= story_.columns.size()) return;
            if (const auto part = part_of(story_.columns[i].step))
                Q_EMIT ways_asked(*part, way->mapToGlobal(QPoint(0, way->height())));
        });
        ways_.push_back(way);
    }
    next_->setParent(this);
    connect(next_, &QToolButton::clicked, this, [this] {
        if (story_.next) go(*story_.next);
    });
}

void PlanPicture::go(std::size_t column) {
    if (column >= story_.columns.size()) return;
    if (const auto part = part_of(story_.columns[column].step))
        Q_EMIT bench_asked(*part);
    else
        Q_EMIT station_asked(QStringLiteral("intonation"));
}

void PlanPicture::show_least(PlanLeast least) {
    least_ = std::move(least);
    setAccessibleDescription(spoken());
    update();
}

void PlanPicture::show_story(PlanStory story) {
    story_ = std::move(story);
    least_ = {};
    for (std::size_t i = 0; i < buttons_.size(); ++i) {
        const bool there = i < story_.columns.size();
        buttons_[i]->setVisible(there);
        if (!there) {
            ways_[i]->hide();
            continue;
        }
        const PlanColumn& column = story_.columns[i];
        buttons_[i]->setText(part_of(column.step) ? tr("bench") : tr("go"));
        buttons_[i]->setToolTip(part_of(column.step) ? tr("%1: at the bench").arg(column.title)
                                                     : tr("%1: the station").arg(column.title));
        buttons_[i]->setAccessibleName(buttons_[i]->toolTip());
        ways_[i]->setVisible(!column.way.isEmpty());
        ways_[i]->setText(column.way + QStringLiteral(" ▾"));
        ways_[i]->setToolTip(tr("%1: which way it goes, and why").arg(column.title));
        ways_[i]->setAccessibleName(tr("%1: %2").arg(column.title, column.way));
    }
    next_->setVisible(story_.next.has_value());
    if (story_.next) {
        const PlanColumn& column = story_.columns[*story_.next];
        next_->setText(part_of(column.step) ? tr("To the bench") : tr("To the intonation"));
        next_->setToolTip(tr("Next: %1").arg(column.title));
    }
    setAccessibleDescription(spoken());
    lay_out();
    update();
}

/// What the picture says, for who does not see it.
QString PlanPicture::spoken() const {
    QStringList said;
    for (const PlanColumn& column : story_.columns) {
        QStringList of{column.title, column.says};
        for (const PlanMark& mark : column.marks)
            if (mark.off_mm)
                of << (mark.name.isEmpty() ? QString() : mark.name + QLatin1Char(' ')) +
                          number(*mark.off_mm, column);
        said << of.join(QStringLiteral(", "));
    }
    if (!least_.says.isEmpty()) said << least_.says;
    return said.join(QStringLiteral(". "));
}

QString PlanPicture::number(double value, const PlanColumn& column) const {
    if (column.in_cents) return number_text(value, 1);
    return length_number(value, session_.state().job.units.of(column.kind))
        .replace(QLatin1Char('\n'), QLatin1Char(' '));
}

/// The neck and the intonation have half the room of what is cut.
QRectF PlanPicture::column_rect(std::size_t column) const {
    double before = 0;
    double all = 0;
    double own = 0;
    for (std::size_t i = 0; i < story_.columns.size(); ++i) {
        const SetupStep step = story_.columns[i].step;
        const double share = step == SetupStep::relief ? 0.9 : step == SetupStep::intonation ? 1.1 : 1.6;
        if (i < column) before += share;
        if (i == column) own = share;
        all += share;
    }
    const double room = width() - gap_px * static_cast<double>(story_.columns.size() - 1);
    return {before / all * room + gap_px * static_cast<double>(column), 0.0, own / all * room,
            std::max(120.0, height() - lines().least - time_px - lines().next)};
}

QSize PlanPicture::minimumSizeHint() const {
    return {420, is_small() ? 580 : 400};
}

bool PlanPicture::is_small() const {
    return width() < tall_below_px;
}

const PlanPicture::Lines& PlanPicture::lines() const {
    static constexpr Lines wide{76, 17, 20, 64};
    static constexpr Lines small{104, 30, 48, 108};
    return is_small() ? small : wide;
}

QRectF PlanPicture::plot_rect(std::size_t column) const {
    const double under_head = is_narrow(column) ? read_as_px : 0.0;
    return column_rect(column).adjusted(0, lines().head + under_head, 0,
                                        -(strings_px + amounts_px + 2 * lines().foot));
}

/// No room beside the button for what is read: it stands under the head.
bool PlanPicture::is_narrow(std::size_t column) const {
    return is_small() || (!story_.columns[column].way.isEmpty() &&
                          column_rect(column).width() - ways_[column]->width() < 110);
}

void PlanPicture::lay_out() {
    for (std::size_t i = 0; i < std::min(buttons_.size(), story_.columns.size()); ++i) {
        const QRectF box = column_rect(i);
        buttons_[i]->resize(buttons_[i]->sizeHint().width(), 28);
        if (is_small())
            buttons_[i]->move(static_cast<int>(box.left()), 64);
        else
            buttons_[i]->move(static_cast<int>(box.right()) - buttons_[i]->width(), 0);
        ways_[i]->resize(std::min(ways_[i]->sizeHint().width(), static_cast<int>(box.width())), 28);
        ways_[i]->move(static_cast<int>(box.left()), is_small() ? 28 : 36);
    }
    next_->resize(next_->sizeHint().width() + 12, 36);
    next_->move(width() - next_->width(), height() - static_cast<int>(lines().next) + 16);
}

void PlanPicture::resizeEvent(QResizeEvent*) {
    updateGeometry();
    lay_out();
}

void PlanPicture::paintEvent(QPaintEvent*) {
    if (story_.columns.empty()) return;
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    for (std::size_t i = 0; i < story_.columns.size(); ++i) paint_column(painter, i);
    if (!least_.says.isEmpty()) {
        const double top = height() - time_px - lines().next - lines().least;
        if (!least_.each_mm.empty()) {
            painter.setPen(QPen(theme().warning, 1.6, Qt::DotLine));
            painter.drawLine(QPointF(0, top + 9), QPointF(26, top + 9));
        }
        write_wrapped(painter, QRectF(least_.each_mm.empty() ? 0 : 34, top, width() - 34, lines().least),
                      least_.says, theme().caption, 13, 9);
    }
    paint_time(painter);
    paint_next(painter);
}

void PlanPicture::paint_column(QPainter& painter, std::size_t column) const {
    const Theme& look = theme();
    const PlanColumn& step = story_.columns[column];
    const QRectF box = column_rect(column);
    const bool next = story_.next == column;
    painter.setPen(QPen(next ? look.ink : look.hairline, next ? 3.0 : 1.0));
    painter.drawLine(QPointF(box.left(), lines().head - 4), QPointF(box.right(), lines().head - 4));
    const double beside = is_small() ? box.width() : box.width() - buttons_[column]->width() - 6;
    write_fitting(painter, QRectF(box.left(), 2, beside, 24), Qt::AlignLeft | Qt::AlignVCenter,
                  QStringLiteral("%1 %2%3")
                      .arg(column + 1)
                      .arg(step.title, step.done ? QStringLiteral(" ✓") : QString()),
                  look.ink, 18, 9, true);
    const double from = step.way.isEmpty() ? 0.0 : ways_[column]->width() + 8.0;
    if (is_narrow(column))
        write_wrapped(painter, QRectF(box.left(), lines().head - 2, box.width(), read_as_px), step.read_as,
                      look.caption, 13, 8);
    else
        write_wrapped(painter, QRectF(box.left() + from, 36, box.width() - from, 29), step.read_as,
                      look.caption, 13, 8);
    if (step.marks.empty()) {
        write(painter, plot_rect(column), Qt::AlignCenter | Qt::TextWordWrap, step.says, look.warning, 14);
        return;
    }
    paint_marks(painter, column);
    const double foot = lines().foot;
    const QRectF stays(box.left(), box.bottom() - 2 * foot, box.width(), foot - 1);
    write_wrapped(painter, stays, step.leaves, look.caption, 12, 9);
    if (step.does_something)
        write_wrapped(painter, stays.translated(0, foot), step.back, look.caption, 12, 9);
}

/// From what to what the picture reaches: from a little under the least, where all of it is far over 0.
std::pair<double, double> PlanPicture::reach(const PlanColumn& step) const {
    double low = std::numeric_limits<double>::max();
    double high = step.in_cents ? 2.0 : 0.05;
    for (const PlanMark& mark : step.marks)
        for (const auto& value : {mark.found, mark.now, mark.before, mark.after, mark.wanted})
            if (value) low = std::min(low, *value), high = std::max(high, *value);
    if (step.step == SetupStep::saddle)
        for (const double mm : least_.each_mm) low = std::min(low, mm), high = std::max(high, mm);
    if (step.in_cents) return {-std::max(high, -low), std::max(high, -low)};
    low = std::min(low, high);
    return {std::min(low, std::max(0.0, low - 0.4 * (high - low))), high};
}

void PlanPicture::paint_marks(QPainter& painter, std::size_t column) const {
    const Theme& look = theme();
    const PlanColumn& step = story_.columns[column];
    const QRectF plot = plot_rect(column);
    const auto [low, high] = reach(step);
    const auto y_of = [&, low = low, high = high](double value) {
        return plot.bottom() - 20 - (value - low) / std::max(1e-6, high - low) * (plot.height() - 44);
    };
    if (low <= 0) {
        painter.setPen(QPen(look.hairline, 1.0));
        painter.drawLine(QPointF(plot.left(), y_of(0)), QPointF(plot.right(), y_of(0)));
    }
    const double each = plot.width() / static_cast<double>(step.marks.size());
    for (std::size_t i = 0; i < step.marks.size(); ++i) {
        const PlanMark& mark = step.marks[i];
        const double x = plot.left() + (static_cast<double>(i) + 0.5) * each;
        if (step.step == SetupStep::saddle && i < least_.each_mm.size()) {
            painter.setPen(QPen(look.warning, 1.6, Qt::DotLine));
            painter.drawLine(QPointF(x - 0.5 * each, y_of(least_.each_mm[i])),
                             QPointF(x + 0.5 * each, y_of(least_.each_mm[i])));
        }
        paint_mark(painter, step, mark, x, each, y_of);
        const QString name = each < narrow_px ? mark.name.section(QStringLiteral(" · "), -1) : mark.name;
        // Strings close by one another: every second one's words a row lower.
        const bool close = each < close_px;
        const double wide = close ? 2 * each : each;
        const double lower = close && i % 2 == 1 ? row_px : 0.0;
        const double rise = close ? row_px : 0.0; // names and amounts share what there is for both
        QRectF named(x - 0.5 * wide + 1, plot.bottom() - rise + lower, wide - 2, strings_px);
        named.moveRight(std::min(named.right(), width() - 1.0));
        write_fitting(painter, named, Qt::AlignCenter, name, look.caption, 12, 8, false);
        if (!step.in_cents)
            paint_amount(painter, mark,
                         QRectF(x - 0.5 * wide + 2, plot.bottom() + (close ? 12.0 + lower : strings_px),
                                wide - 4, amounts_px),
                         each >= narrow_px);
    }
    if (each >= narrow_px || step.in_cents) return;
    double least = 0;
    double most = 0;
    for (const PlanMark& mark : step.marks)
        if (mark.off_mm && mark.u_mm) {
            least = most == 0 ? *mark.u_mm : std::min(least, *mark.u_mm);
            most = std::max(most, *mark.u_mm);
        }
    if (most == 0) return;
    const QString from = amount_text(least, 0.3 * plot.width());
    const QString to = amount_text(most, 0.3 * plot.width());
    const double under = each < close_px ? 45 : strings_px + 21;
    write_fitting(painter, QRectF(plot.left(), plot.bottom() + under, plot.width(), 16), Qt::AlignCenter,
                  from == to ? tr("± %1 each").arg(to) : tr("± %1 to %2").arg(from, to), look.caption, 12, 9,
                  false);
}

/// One string: what comes off hatched, where it is wanted, where it was read, where it should read then.
void PlanPicture::paint_mark(QPainter& painter, const PlanColumn& step, const PlanMark& mark, double x,
                             double each, const std::function<double(double)>& y_of) const {
    const Theme& look = theme();
    const double half = std::min(11.0, 0.3 * each);
    if (step.does_something && mark.before && mark.after &&
        (mark.off_mm || std::abs(*mark.after - *mark.before) > 0.02)) {
        const bool comes_off = *mark.before > *mark.after;
        const QColor colour = comes_off ? look.take_off : look.missing;
        const double top = y_of(std::max(*mark.before, *mark.after));
        const QRectF off(x - half, top, 2 * half, y_of(std::min(*mark.before, *mark.after)) - top);
        painter.fillRect(off, QBrush(colour, comes_off ? Qt::BDiagPattern : Qt::Dense6Pattern));
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(colour, 1.0));
        painter.drawRect(off);
    }
    if (mark.wanted) {
        painter.setPen(QPen(look.yours, 2.0));
        painter.drawLine(QPointF(x - half - 3, y_of(*mark.wanted)),
                         QPointF(x + half + 3, y_of(*mark.wanted)));
    }
    if (mark.after) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(look.ink);
        painter.drawEllipse(QPointF(x, y_of(*mark.after)), 4.0, 4.0);
    }
    const auto ring = [&](double value, bool newest) {
        painter.setPen(QPen(newest ? look.yours : look.caption, newest ? 2.0 : 1.2));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(QPointF(x, y_of(value)), ring_px, ring_px);
    };
    if (mark.found) ring(*mark.found, !mark.now);
    if (mark.now) ring(*mark.now, true);
    if (each < close_px) return;
    const auto read = mark.now ? mark.now : mark.found;
    const auto value_at = [&](double value, bool above) {
        const QString text = step.in_cents
                                 ? number(value, step)
                                 : fitting_length(value, session_.state().job.units.of(step.kind), each, 9);
        const QRectF box(x - 0.5 * each, y_of(value) + (above ? -21 : 6), each, 15);
        const double wide = std::min(each, QFontMetricsF(drawn_font(12)).horizontalAdvance(text) + 2);
        painter.fillRect(QRectF(x - 0.5 * wide, box.top() + 1, wide, box.height() - 2), look.ground);
        write_fitting(painter, box, Qt::AlignCenter, text, look.ink, 12, 9, false);
    };
    const bool up = read && mark.after && *mark.after > *read;
    if (read) value_at(*read, !up);
    if (mark.after && (!read || std::abs(y_of(*mark.after) - y_of(*read)) > 6)) value_at(*mark.after, up);
}

QString PlanPicture::amount_text(double mm, double width_px, bool strong) const {
    return fitting_length(mm, session_.state().job.units.gap(), width_px, 9, strong);
}

/// What comes off at one string, and how sure that is; "leave" where nothing is done.
void PlanPicture::paint_amount(QPainter& painter, const PlanMark& mark, const QRectF& box, bool sure) const {
    const Theme& look = theme();
    const QRectF upper(box.left(), box.top(), box.width(), 22);
    const QFontMetricsF least(drawn_font(8));
    const bool told = least.horizontalAdvance(mark.done) <= box.width(); // else that it rises
    if (!mark.off_mm)
        return write_fitting(painter, upper, Qt::AlignCenter,
                             !mark.done.isEmpty()       ? (told ? mark.done : QStringLiteral("↑"))
                             : mark.there               ? tr("✓ there")
                             : mark.after || mark.found ? tr("leave")
                                                        : QStringLiteral("–"),
                             look.caption, 13, 8, false);
    const bool on = *mark.off_mm < 0;
    write_fitting(painter, upper, Qt::AlignCenter,
                  (on ? QStringLiteral("+") : QString()) +
                      amount_text(std::abs(*mark.off_mm), box.width() - (on ? 9 : 0), true),
                  on ? look.missing : look.take_off, 17, 8, true);
    if (mark.u_mm && sure)
        write_fitting(painter, QRectF(box.left(), box.top() + 21, box.width(), 16), Qt::AlignCenter,
                      QStringLiteral("± ") + amount_text(*mark.u_mm, box.width() - 14), look.caption, 12, 8,
                      false);
}

void PlanPicture::paint_time(QPainter& painter) const {
    const Theme& look = theme();
    const double top = height() - time_px - lines().next + 8;
    const Schedule& schedule = story_.schedule;
    painter.setPen(QPen(look.hairline, 1.0));
    painter.drawLine(QPointF(0, top - 6), QPointF(width(), top - 6));
    if (schedule.steps.empty())
        return write(painter, QRectF(0, top, width(), 24), Qt::AlignLeft | Qt::AlignVCenter,
                     tr("Nothing is left to do: read once more, and write the record."), look.ink, 14);
    const double px_per_min = width() / std::max(1.0, schedule.ready_minutes);
    double told_to = 0; // where the last name ends
    for (std::size_t i = 0; i < schedule.steps.size(); ++i) {
        const ScheduledStep& step = schedule.steps[i];
        const QRectF work(step.begins_minutes * px_per_min, top, step.minutes * px_per_min, 13);
        painter.fillRect(work.adjusted(0.5, 0, -0.5, 0), look.ink);
        const auto column = std::find_if(story_.columns.begin(), story_.columns.end(),
                                         [&](const PlanColumn& each) { return each.step == step.step; });
        const QString name = tr("%1 %2 min")
                                 .arg(column == story_.columns.end() ? QString() : column->title,
                                      number_text(step.minutes, 0));
        const double wide = QFontMetricsF(drawn_font(12)).horizontalAdvance(name) + 2;
        const double left = std::max(told_to, std::min(work.left(), width() - wide));
        write_fitting(painter, QRectF(left, top + 15, std::min(wide, width() - left), 16),
                      Qt::AlignLeft | Qt::AlignVCenter, name, look.ink, 12, 9, false);
        told_to = left + wide + 8;
        if (step.wait_minutes <= 0) continue;
        const QRectF wait(work.right(), top, step.wait_minutes * px_per_min, 13);
        painter.fillRect(wait, QBrush(look.caption, Qt::BDiagPattern));
        painter.setPen(QPen(look.caption, 1.0));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(wait);
        // As far as the next that waits.
        double to = width();
        for (std::size_t k = schedule.steps.size(); k-- > i + 1;)
            if (schedule.steps[k].wait_minutes > 0) to = schedule.steps[k].begins_minutes * px_per_min;
        const QString meanwhile =
            tr("+ %1 while %2: %3")
                .arg(number_text(step.wait_minutes, 0), words_of(step.wait_id), words_of(step.meanwhile_id));
        const QRectF box(work.left(), top + 31, to - work.left() - 10, time_px - 42);
        write_wrapped(painter, box, meanwhile, look.caption, 12, 8);
    }
}

void PlanPicture::paint_next(QPainter& painter) const {
    const Theme& look = theme();
    const QRectF box(0, height() - lines().next + 8, width() - next_->width() - 16, lines().next - 8);
    const QTime ready = QTime::currentTime().addSecs(static_cast<int>(story_.schedule.ready_minutes * 60));
    const QString time =
        story_.schedule.steps.empty()
            ? QString()
            : tr("%1 min of work, ready at %2 if begun now; written down %3 min")
                  .arg(number_text(story_.schedule.work_minutes, 0), ready.toString(QStringLiteral("HH:mm")),
                       number_text(story_.minutes_worked, 0));
    if (!story_.next)
        return write_fitting(painter, box, Qt::AlignLeft | Qt::AlignTop, time, look.caption, 13, 10, false);
    const PlanColumn& step = story_.columns[*story_.next];
    const QString figure =
        step.figure.isEmpty() ? step.title : step.title + QStringLiteral(": ") + step.figure;
    const double figure_px = std::min(QFontMetricsF(drawn_font(25, true)).horizontalAdvance(figure) + 2,
                                      (is_small() ? 1.0 : 0.62) * box.width());
    write_fitting(painter, QRectF(box.left(), box.top(), figure_px, 32), Qt::AlignLeft | Qt::AlignVCenter,
                  figure, look.ink, 25, 16, true);
    const QRectF says(box.left(), box.top() + 32, box.width(), is_small() ? 48 : 20);
    write_wrapped(painter, says, step.says, look.ink, 13, 9);
    if (is_small())
        return write_fitting(painter, QRectF(0, says.bottom() + 2, width(), 18),
                             Qt::AlignLeft | Qt::AlignVCenter, time, look.caption, 13, 9, false);
    const QRectF beside(box.left() + figure_px + 14, box.top(), box.width() - figure_px - 14, 32);
    if (QFontMetricsF(drawn_font(9)).horizontalAdvance(time) > beside.width())
        write_wrapped(painter, beside, time, look.caption, 12, 8);
    else
        write_fitting(painter, beside, Qt::AlignRight | Qt::AlignVCenter, time, look.caption, 13, 9, false);
}

} // namespace fm
