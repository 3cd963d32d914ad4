#include "ui/field/stop_bar.h"

#include "job/read/passed_stops.h"
#include "ui/look/plain_button.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "ui/state/record_time.h"
#include "ui/state/session.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QToolButton>
#include <QVBoxLayout>

namespace fm {

const Stop* stop_at(const std::vector<Stop>& stops, BenchPart part) {
    for (const Stop& stop : stops)
        if (stands_at(stop, part)) return &stop;
    return nullptr;
}

QString stopped_words() {
    return StopBar::tr("No amount before the stop is passed: the plan (N) asks why.");
}

StopBar::StopBar(Session& session, QWidget* parent)
    : QWidget(parent), session_(session), text_(new QLabel), reason_(new QLineEdit),
      go_on_(
          plain_button(tr("Go on all the same"), tr("Passes this stop; the reason goes into the record"))) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 4, 0, 4);
    column->setSpacing(6);
    text_->setWordWrap(true);
    text_->setTextFormat(Qt::PlainText);
    text_->setAccessibleName(tr("What stops the work"));
    column->addWidget(text_);
    auto* row = new QHBoxLayout;
    reason_->setPlaceholderText(tr("why you go on all the same: what was mended, or who has looked at it"));
    reason_->setAccessibleName(tr("Reason for going on"));
    reason_->setMinimumHeight(34);
    reason_->setMaxLength(2000);
    row->addWidget(reason_, 1);
    row->addWidget(go_on_);
    column->addLayout(row);
    connect(go_on_, &QToolButton::clicked, this, &StopBar::pass);
    connect(reason_, &QLineEdit::returnPressed, this, &StopBar::pass);
    hide();
}

void StopBar::refresh() {
    const std::vector<Stop>& stops = session_.state().stops;
    setVisible(!stops.empty());
    if (stops.empty()) {
        point_.clear();
        return reason_->clear();
    }
    const Stop& stop = stops.front();
    if (stop.point != point_) reason_->clear(); // what was typed was meant for another
    point_ = stop.point;
    const QString names[] = {tr("before anything"), tr("at the neck"), tr("at the saddle"), tr("at the nut")};
    QString words = tr("▲ Stop, %1: %2.")
                        .arg(names[static_cast<std::size_t>(stop.at)],
                             message_text(stop.text, session_.state().job.units));
    if (stops.size() > 1) words += QLatin1Char(' ') + tr("(%1 more after it)").arg(stops.size() - 1);
    text_->setText(words);
    QPalette red = palette();
    red.setColor(QPalette::WindowText, theme().warning);
    text_->setPalette(red);
    go_on_->setEnabled(!session_.read_only());
}

void StopBar::pass() {
    const std::vector<Stop>& stops = session_.state().stops;
    if (stops.empty()) return;
    const QString reason = reason_->text().trimmed();
    if (reason.isEmpty()) {
        reason_->setFocus();
        return Q_EMIT refused(tr("Write down first why you go on: it stays in the record"));
    }
    const auto problems =
        session_.commit(tr("stop passed"), with_stop_passed(session_.document(), stops.front(),
                                                            reason.toStdString(), time_of_record()));
    if (!problems.empty()) return Q_EMIT refused(session_.told(problems));
    reason_->clear();
}

} // namespace fm
