#include "ui/view/ordered_bar.h"

#include "ui/field/decision_bar.h"
#include "ui/look/drawn_words.h"
#include "ui/look/plain_button.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QVBoxLayout>

#include <algorithm>

namespace fm {

namespace {

constexpr double band_px = 14;

QString step_name(SetupStep step) {
    switch (step) {
    case SetupStep::relief: return OrderedBar::tr("relief");
    case SetupStep::saddle: return OrderedBar::tr("saddle");
    case SetupStep::nut: return OrderedBar::tr("nut");
    case SetupStep::intonation: return OrderedBar::tr("intonation");
    }
    return {};
}

/// Whether the sum is what binds, where both a sum and minutes were ordered.
bool by_sum(const OrderedStory& story) {
    if (!story.left.sum || !story.left.minutes) return story.left.sum.has_value();
    return story.cost.price * *story.left.minutes >= story.cost.minutes * *story.left.sum;
}

} // namespace

OrderedRule::OrderedRule(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void OrderedRule::show_story(const OrderedStory& story) {
    story_ = story;
    update();
}

void OrderedRule::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Theme& look = theme();
    const bool sum = by_sum(story_);
    const double spent = sum ? story_.spent : story_.worked_minutes;
    const double ordered = spent + (sum ? story_.left.sum : story_.left.minutes).value_or(0.0);
    const double steps = sum ? story_.cost.price : story_.cost.minutes;
    const double px = (width() - 2) / std::max({1e-9, ordered, spent + steps});
    const double mark = 1 + ordered * px;
    double told_to = 0;
    const auto lay = [&](double from, double wide, const QString& name, const QBrush& brush) {
        const QRectF band(1 + from * px, 3, wide * px, band_px);
        painter.fillRect(band.adjusted(0.5, 0, -0.5, 0), brush);
        if (band.right() > mark) { // what stands over
            const QRectF over(std::max(mark, band.left()), 3, band.right() - std::max(mark, band.left()),
                              band_px);
            painter.fillRect(over, look.ground);
            painter.fillRect(over, QBrush(look.warning, Qt::BDiagPattern));
            painter.setPen(QPen(look.warning, 1.0));
            painter.setBrush(Qt::NoBrush);
            painter.drawRect(over.adjusted(0.5, 0.5, -0.5, -0.5));
        }
        const double needs = QFontMetricsF(drawn_font(12)).horizontalAdvance(name) + 2;
        const double left = std::max(told_to, std::min(band.left(), width() - needs));
        write_fitting(painter, QRectF(left, band_px + 6, std::min(needs, width() - left), 17),
                      Qt::AlignLeft | Qt::AlignVCenter, name, look.ink, 12, 9, false);
        told_to = left + needs + 8;
    };
    if (spent > 0) lay(0, spent, OrderedBar::tr("spent"), look.caption);
    double from = spent;
    for (const PlanCost::Step& step : story_.cost.steps) {
        const double wide = sum ? step.price : step.minutes;
        lay(from, wide, step_name(step.step) + QLatin1Char(' ') + number_text(wide, sum ? 2 : 0), look.ink);
        from += wide;
    }
    painter.setPen(QPen(look.ink, 2.0));
    painter.drawLine(QPointF(std::min(mark, width() - 1.0), 0),
                     QPointF(std::min(mark, width() - 1.0), band_px + 6));
}

OrderedBar::OrderedBar(Session& session, QWidget* parent)
    : QWidget(parent), session_(session), rule_(new OrderedRule), text_(new QLabel),
      fit_(plain_button(tr("Do what fits"), {})) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 2, 0, 2);
    row->setSpacing(16);
    auto* column = new QVBoxLayout;
    column->setSpacing(2);
    text_->setTextFormat(Qt::PlainText);
    text_->setWordWrap(true);
    text_->setAccessibleName(tr("What is ordered"));
    column->addWidget(text_);
    column->addWidget(rule_);
    row->addLayout(column, 1);
    row->addWidget(fit_, 0, Qt::AlignVCenter);
    connect(fit_, &QToolButton::clicked, this, [this] {
        if (story_ && story_->within && !story_->within->others.empty())
            Q_EMIT fit_asked(story_->within->others, tr("ordered for at most %1").arg(ordered_words()));
    });
    hide();
}

QString OrderedBar::words() const {
    return text_->text();
}

void OrderedBar::refresh(PlanOrder order) {
    story_ = session_.is_open() ? ordered_story(session_.state(), session_.workshop().tables(), order)
                                : std::nullopt;
    setVisible(story_.has_value());
    if (!story_) return;
    rule_->show_story(*story_);
    text_->setText(told());
    const bool fits = story_->within && !story_->within->others.empty();
    fit_->setVisible(fits);
    fit_->setEnabled(!session_.read_only());
    if (fits)
        fit_->setToolTip(
            tr("Decides these steps so, with what is ordered as the reason; undone like anything"));
}

QString OrderedBar::amount(double minutes, double price) const {
    return by_sum(*story_) ? money_text(price, session_.workshop().tables().currency)
                           : tr("%1 min").arg(number_text(minutes, 0));
}

QString OrderedBar::ordered_words() const {
    const Ordered& ordered = session_.state().job.ordered;
    return amount(ordered.minutes.value_or(0.0), ordered.sum.value_or(0.0));
}

QString OrderedBar::told() const {
    const OrderedStory& story = *story_;
    const QString left = amount(story.left.minutes.value_or(0.0), story.left.sum.value_or(0.0));
    QString words = tr("Ordered for at most %1, %2 left; the steps come to %3.")
                        .arg(ordered_words(), left, amount(story.cost.minutes, story.cost.price));
    if (story.left.holds(story.cost)) return words;
    if (!story.within) return words + QLatin1Char(' ') + tr("Nothing of them fits.");
    QStringList others;
    for (const OtherWay& other : story.within->others)
        others << part_name(other.part) + QStringLiteral(": ") +
                      way_name(session_.state().job.design, other.part, other.word);
    return words + QLatin1Char(' ') +
           tr("Within it, %1 in all: %2.")
               .arg(amount(story.within->cost.minutes, story.within->cost.price),
                    others.join(QStringLiteral("; ")));
}

} // namespace fm
