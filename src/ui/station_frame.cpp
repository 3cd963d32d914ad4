#include "ui/station_frame.h"

#include "sheet/fonts.h"
#include "ui/texts.h"

#include <QVBoxLayout>

namespace fm {

StationFrame::StationFrame(Session& session, const ViewState& view, const QString& title, QWidget* parent)
    : QWidget(parent), session_(session), view_(view), binder_(session), column_(new QVBoxLayout(this)),
      facts_(new QLabel), doubts_(new QLabel) {
    column_->setContentsMargins(0, 8, 0, 0);
    column_->setSpacing(2);
    auto* head = head_ = new QHBoxLayout;
    head->setContentsMargins(24, 0, 16, 0);
    head->setSpacing(14);
    auto* name = new QLabel(title);
    QFont font = shipped_font(true);
    font.setPixelSize(26);
    name->setFont(font);
    head->addWidget(name);
    facts_->setProperty("caption", true);
    facts_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    head->addWidget(facts_, 1);
    column_->addLayout(head);
    doubts_->setContentsMargins(24, 0, 16, 0);
    doubts_->setWordWrap(true);
    doubts_->setProperty("warning", true);
    column_->addWidget(doubts_);
}

void StationFrame::hold(QWidget* canvas, PartPages* pages) {
    pages_ = pages;
    column_->addWidget(canvas, 1);
    column_->addWidget(pages);
}

void StationFrame::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    pages_->setFixedHeight(height() < 520 ? 128 : 184); // the drawing comes first where room is short
}

void StationFrame::show_facts(QStringList facts) {
    if (session_.read_only()) facts << tr("for reading only");
    facts_->setText(facts.join(QStringLiteral(" · ")));
}

void StationFrame::show_views(const QStringList& names, const QString& shortcut, const QString& label) {
    std::vector<ChoiceRow::Option> options;
    for (const QString& name : names) options.push_back({name, {}, shortcut});
    views_ = new ChoiceRow({}, options);
    views_->setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    views_->setAccessibleName(label);
    head_->addWidget(views_);
    connect(views_, &ChoiceRow::picked, this, &StationFrame::view_picked);
}

QStringList StationFrame::doubts_that(bool (*belongs)(const Message&)) const {
    QStringList doubts;
    for (const Message& message : session_.state().solution.warnings)
        if (message.severity == Severity::error || belongs(message))
            doubts << message_text(message, session_.state().job.unit);
    return doubts;
}

void StationFrame::show_doubts(const QStringList& doubts) {
    const auto count = doubts.size();
    doubts_->setVisible(count > 0);
    if (count > 0)
        doubts_->setText(QStringLiteral("▲ ") + doubts.front() +
                         (count > 1
                              ? QStringLiteral("  ") + tr("and %n more", nullptr, static_cast<int>(count) - 1)
                              : QString()));
    doubts_->setToolTip(doubts.join(QLatin1Char('\n')));
}

} // namespace fm
