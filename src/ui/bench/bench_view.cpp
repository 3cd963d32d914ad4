#include "ui/bench/bench_view.h"

#include "core/words/length.h"
#include "core/words/word_of.h"
#include "settings/settings.h"
#include "ui/bench/bench_gauge.h"
#include "ui/look/plain_button.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QApplication>
#include <QKeyEvent>
#include <QLabel>

#include <algorithm>
#include <cmath>

namespace fm {

BenchField::BenchField(QWidget* parent) : QLineEdit(parent) {
    setFrame(false);
    setMaxLength(60);
}

void BenchField::keyPressEvent(QKeyEvent* event) {
    const bool enters = event->key() == Qt::Key_Enter || event->key() == Qt::Key_Return;
    if (enters && event->modifiers() & Qt::ControlModifier) return Q_EMIT done();
    const bool plain = !(event->modifiers() & (Qt::ControlModifier | Qt::AltModifier | Qt::MetaModifier));
    switch (plain ? event->key() : 0) {
    case Qt::Key_Enter:
    case Qt::Key_Return: Q_EMIT enter(); return;
    case Qt::Key_Escape: Q_EMIT escape(); return;
    case Qt::Key_PageDown: Q_EMIT part_forth(); return;
    case Qt::Key_PageUp: Q_EMIT part_back(); return;
    case Qt::Key_Minus: Q_EMIT minus(); return;
    case Qt::Key_Asterisk: Q_EMIT star(); return;
    case Qt::Key_Plus:
        if (!text().isEmpty()) break; // a stack of leaves is added up
        Q_EMIT plus();
        return;
    case Qt::Key_Slash:
        if (!text().isEmpty()) break; // within a fraction
        Q_EMIT slash();
        return;
    default: break;
    }
    QLineEdit::keyPressEvent(event);
    // Two points make the sign between two leaves, which a number pad lacks.
    if (text().contains(QLatin1String("..")))
        setText(QString(text()).replace(QLatin1String(".."), QLatin1String("<")));
}

BenchView::BenchView(Session& session, QWidget* parent)
    : QWidget(parent), session_(session), worker_(session), field_(new BenchField(this)),
      gauge_(new BenchGauge(this)), message_(new QLabel(this)), hint_(new QLabel(this)),
      lead_(plain_button({}, {})), leave_(plain_button(tr("Leave as found"), {})),
      decision_(new DecisionBar(session, this)) {
    hide();
    setAutoFillBackground(true);
    message_->setWordWrap(true);
    message_->setAccessibleName(tr("Bench message"));
    hint_->setWordWrap(true);
    for (QToolButton* button : {lead_, leave_}) {
        button->setParent(this);
        button->setFocusPolicy(Qt::TabFocus);
    }
    lead_->setToolTip(tr("The part that comes first, or next; Page Up and Page Down walk all three"));
    leave_->setToolTip(tr("Nothing is done in this step; asks why, for the record"));
    connect(lead_, &QToolButton::clicked, this, &BenchView::lead_on);
    connect(leave_, &QToolButton::clicked, this, [this] {
        decision_->raise();
        decision_->decide(worker_.part(), word_of(NutChoice::leave));
        refresh();
    });
    decision_->setAutoFillBackground(true);
    connect(decision_, &DecisionBar::refused, this, &BenchView::say);
    connect(decision_, &DecisionBar::answered, this, [this] {
        refresh();
        field_->setFocus();
    });
    connect(field_, &BenchField::part_forth, this, [this] { walk_parts(1); });
    connect(field_, &BenchField::part_back, this, [this] { walk_parts(-1); });
    field_->setToolTip(tr("What the gauge reads; two leaves as 0.40 < 0.45, or with two points between"));
    connect(field_, &BenchField::enter, this, &BenchView::enter);
    connect(field_, &BenchField::done, this, [this] {
        say(worker_.whole() ? worker_.whole_done() : worker_.raised());
        refresh();
    });
    connect(field_, &BenchField::minus, this, [this] {
        const bool asked = asked_.has_value();
        asked_.reset();
        message_->clear();
        if (asked || !field_->text().isEmpty()) return field_->clear();
        // It may be a sign: a bent-back neck reads below nothing. Alone it takes the last one back.
        field_->setText(QStringLiteral("-"));
        say(tr("Enter takes the last one back; a digit makes it a number below nothing."));
    });
    connect(field_, &BenchField::star, this, [this] {
        asked_.reset();
        message_->clear();
        field_->clear();
        worker_.next_string();
        refresh();
        if (const Filing* filing = worker_.in_hand()) Q_EMIT string_chosen(filing->string);
    });
    connect(field_, &BenchField::slash, this, [this] {
        if (!asked_) return Q_EMIT unit_asked();
        const Asked asked = *asked_;
        asked_.reset();
        keep(asked.as_read_mm, asked.u_mm, asked.by);
    });
    connect(field_, &BenchField::plus, this, [this] {
        if (gauge_->is_simulated()) return simulated_pass();
        if (worker_.part() != BenchPart::relief) return;
        // Toward the wanted relief first, then the other way round.
        const Filing* filing = worker_.in_hand();
        const int toward = filing && filing->pass_mm < 0 ? -1 : 1;
        const int turned = worker_.turned_eighths() * toward;
        worker_.turn(toward * (turned >= 4 ? -4 : turned + 1));
        refresh();
    });
    connect(field_, &BenchField::escape, this, [this] {
        if (asked_ || !field_->text().isEmpty()) {
            asked_.reset();
            message_->clear();
            field_->clear();
        } else
            leave();
    });
    connect(field_, &QLineEdit::textEdited, this, [this] { message_->clear(); });
    connect(gauge_, &BenchGauge::pressed, this, [this](double mm) {
        if (!isHidden()) offer(mm, std::nullopt, ReadBy::gauge);
    });
    connect(gauge_, &BenchGauge::live, this, [this](double mm) {
        if (isHidden() || field_->hasSelectedText() || asked_) return;
        live_text_ = length_for_edit(mm, unit());
        field_->setText(live_text_);
    });
    connect(gauge_, &BenchGauge::changed, this, [this] {
        worker_.set_gauge(gauge_->word(), gauge_->u_mm());
        if (!isHidden()) refresh();
    });
    connect(gauge_, &BenchGauge::said, this, &BenchView::say);
    gauge_->simulate_open_job = [this] {
        session_.save();
        gauge_->simulate(session_.path());
        field_->setFocus();
    };
}

void BenchView::begin(BenchPart part) {
    if (!isHidden()) worker_.keep_hand();
    worker_.begin(part);
    asked_.reset();
    once_.forget();
    message_->clear();
    field_->clear();
    show();
    raise();
    lay_out();
    refresh();
    field_->setFocus();
}

/// To the part that is first, or next; after the last of them to the intonation.
void BenchView::lead_on() {
    if (words_.leads_to) return begin(*words_.leads_to);
    if (!words_.all_there) return;
    leave();
    Q_EMIT intonation_asked();
}

void BenchView::walk_parts(int step) {
    const auto parts = parts_in_order(settings::plan_order());
    const auto here = std::find(parts.begin(), parts.end(), worker_.part()) - parts.begin();
    const auto there = here + step;
    if (there >= 0 && there < static_cast<std::ptrdiff_t>(parts.size()))
        begin(parts[static_cast<std::size_t>(there)]);
}

void BenchView::leave() {
    worker_.keep_hand();
    hide();
    Q_EMIT left();
}

void BenchView::refresh() {
    if (isHidden() || !session_.is_open()) return;
    worker_.refresh();
    words_ = bench_words(session_, worker_);
    field_->setPlaceholderText(worker_.whole() ? tr("Enter when it is done") : words_.field);
    field_->setAccessibleName(words_.field);
    setAccessibleName(words_.string + QStringLiteral(": ") + words_.number + QLatin1Char(' ') + words_.unit +
                      QLatin1Char(' ') + words_.sentence);
    lead_->setVisible(!words_.stopped && (words_.leads_to || words_.all_there));
    lead_->setText(
        words_.leads_to
            ? (words_.all_there ? tr("Next: %1") : tr("First: %1")).arg(part_name(*words_.leads_to))
            : tr("Next: the intonation"));
    const auto way = way_chosen(session_.state(), worker_.part());
    leave_->setVisible(!words_.stopped && session_.state().plan && way && *way != word_of(NutChoice::leave) &&
                       !words_.all_there);
    decision_->refresh();
    lay_out_buttons();
    hint_->setText(
        words_.all_there && !words_.stopped ? tr("Enter leads on. A reading is kept all the same.\n− Enter "
                                                 "takes the last one back. Esc leaves.")
        : worker_.whole()
            ? tr("Enter: it is done. * : not now.\n− Enter takes the last one back. Esc leaves.")
            : tr("Enter keeps it. Same string until it is there,\nthen the next. − Enter takes the last "
                 "one back."));
    update();
}

QString BenchView::message() const {
    return message_->text();
}

void BenchView::say(const QString& text) {
    message_->setText(text);
}

void BenchView::enter() {
    if (asked_) {
        const Asked asked = *asked_;
        asked_.reset();
        return keep(asked.other_mm, asked.u_mm, asked.by);
    }
    if (field_->text().trimmed() == QLatin1String("-")) {
        field_->clear();
        return take_back();
    }
    if (field_->text().trimmed().isEmpty()) {
        if (!worker_.whole()) return words_.all_there && !words_.stopped ? lead_on() : void();
        if (words_.stopped) return say(words_.note);
        const QString problem = worker_.whole_done();
        say(problem);
        return refresh();
    }
    const LengthResult read = parse_length(field_->text().toStdString(), {unit(), false});
    if (!read) return say(typed_length(field_->text(), unit()).fault);
    if (read.length->mm < 0 && worker_.part() != BenchPart::relief)
        return say(tr("%1 is below nothing: a string that touches reads 0")
                       .arg(length_with_unit(read.length->mm, unit())));
    const bool live = !live_text_.isEmpty() && field_->text() == live_text_;
    offer(read.length->mm, read.length->uncertainty_mm, live ? ReadBy::gauge : ReadBy::hand);
}

Unit BenchView::unit() const {
    return session_.state().job.units.of(length_kind_of(worker_.part()));
}

/// Where it can hardly be what was read; "" where it can.
QString BenchView::question(double mm) const {
    const Filing* filing = worker_.in_hand();
    if (!filing) return {};
    const ReadThing thing = worker_.part() == BenchPart::nut      ? ReadThing::gap_fret1
                            : worker_.part() == BenchPart::saddle ? ReadThing::action12
                                                                  : ReadThing::relief;
    WrittenLength read;
    read.mm = mm;
    return question_about(session_.state(), thing, filing->string, read, field_->text());
}

void BenchView::offer(double mm, std::optional<double> u_mm, ReadBy by) {
    const Unit unit = this->unit();
    if (const auto other_mm = worker_.in_other_unit(mm)) {
        asked_ = Asked{mm, *other_mm, u_mm, by};
        field_->clear(); // the answer is one key
        const bool was_inch = *other_mm > mm;
        return say(
            (was_inch
                 ? tr("%1 is far from what should be there. In inches it would be %2. Enter: it was inches. "
                      "/ : it is %1. − : not taken")
                 : tr("%1 is far from what should be there. In mm it would be %2. Enter: it was mm. "
                      "/ : it is %1. − : not taken"))
                .arg(length_with_unit(mm, unit), length_with_unit(*other_mm, unit)));
    }
    if (const QString asked = question(mm); once_.must_ask(asked, QString::number(mm))) {
        field_->setText(length_for_edit(mm, unit));
        field_->selectAll();
        return say(asked);
    }
    keep(mm, u_mm, by);
}

void BenchView::keep(double mm, std::optional<double> u_mm, ReadBy by) {
    const Unit unit = this->unit();
    const Filing* before = worker_.in_hand();
    if (!before) return;
    const Filing was = *before;
    const QString problem = worker_.keep(mm, u_mm, by);
    field_->clear();
    live_text_.clear();
    if (!problem.isEmpty()) return say(problem);
    QString said = tr("%1 kept.").arg(length_with_unit(mm, unit));
    for (const Filing& filing : worker_.filings()) {
        if (filing.string != was.string) continue;
        if (filing.done() && worker_.part() != BenchPart::relief)
            said = tr("%1 is there: %2.")
                       .arg(QString::fromStdString(session_.state().job.design.string_name(was.string)),
                            length_with_unit(mm, unit));
        if (was.now_mm && was.state == FilingState::to_file && worker_.part() != BenchPart::relief &&
            mm > *was.now_mm + 3 * was.gauge_u_mm)
            said += QLatin1Char(' ') +
                    tr("That is more than before, though a pass was made: read it again, or take it back.");
        if (session_.workshop().bench().sounds) {
            if (filing.done()) QApplication::beep();
            if (filing.state == FilingState::too_deep)
                for (int i = 0; i < 3; ++i) QApplication::beep();
        }
    }
    const std::string key = "readings.strings[" + std::to_string(was.string) + "]";
    for (const Message& doubt : session_.state().reading_doubts)
        if (worker_.part() != BenchPart::relief && doubt.where == key)
            said += QLatin1Char(' ') + message_text(doubt, session_.state().job.units);
    say(said);
    refresh();
    if (const Filing* filing = worker_.in_hand()) Q_EMIT string_chosen(filing->string);
}

void BenchView::take_back() {
    const QString problem = worker_.take_back();
    say(problem.isEmpty() ? tr("The last one is taken back.") : problem);
    refresh();
}

void BenchView::simulated_pass() {
    if (words_.stopped) return say(words_.note);
    const auto count = session_.state().job.design.strings.size();
    const QByteArray part(word_of(worker_.part()).data());
    if (const auto& whole = worker_.whole()) {
        gauge_->tell("lowered " + part + ' ' + QByteArray::number(whole->bass_mm) + ' ' +
                     QByteArray::number(whole->treble_mm));
        say(worker_.whole_done());
        return refresh();
    }
    const Filing* filing = worker_.in_hand();
    if (!filing) return;
    if (worker_.part() == BenchPart::relief) {
        if (filing->state == FilingState::to_file)
            worker_.turn(worker_.rod_turn().value_or(filing->pass_mm > 0 ? 1 : -1));
        gauge_->tell("turned " + QByteArray::number(worker_.turned_eighths()));
        return gauge_->tell("read relief");
    }
    const QByteArray at = part + ' ' + QByteArray::number(count - filing->string);
    if (filing->state == FilingState::to_file)
        gauge_->tell("filed " + at + ' ' + QByteArray::number(filing->pass_mm, 'f', 6));
    gauge_->tell("read " + at);
}

} // namespace fm
