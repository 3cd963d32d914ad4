#include "ui/field/decision_bar.h"

#include "core/words/word_of.h"
#include "job/read/decided.h"
#include "ui/look/plain_button.h"
#include "ui/state/record_time.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QVBoxLayout>

#include <array>

namespace fm {

std::optional<std::string_view> way_proposed(const State& state, BenchPart part) {
    if (part == BenchPart::nut) {
        if (!state.nut || state.nut->step.decision.proposal == NutChoice::choose) return std::nullopt;
        return word_of(state.nut->step.decision.proposal);
    }
    if (!state.plan) return std::nullopt;
    return part == BenchPart::saddle ? word_of(state.plan->saddle.proposal)
                                     : word_of(state.plan->relief.proposal);
}

std::optional<std::string_view> way_chosen(const State& state, BenchPart part) {
    if (part == BenchPart::nut) {
        if (!state.nut || state.nut->step.decision.choice == NutChoice::choose) return std::nullopt;
        return word_of(state.nut->step.decision.choice);
    }
    if (!state.plan) return std::nullopt;
    return part == BenchPart::saddle ? word_of(state.plan->saddle.choice)
                                     : word_of(state.plan->relief.choice);
}

QString part_name(BenchPart part) {
    switch (part) {
    case BenchPart::relief: return DecisionBar::tr("the relief");
    case BenchPart::saddle: return DecisionBar::tr("the saddle");
    case BenchPart::nut: return DecisionBar::tr("the nut");
    }
    return {};
}

QString way_name(const Design& design, BenchPart part, std::string_view word) {
    if (word == "leave") return DecisionBar::tr("leave it");
    if (part == BenchPart::relief) return DecisionBar::tr("set it");
    if (part == BenchPart::saddle) {
        const bool screws = design.saddle.by_screws();
        if (word == "set")
            return screws ? DecisionBar::tr("turn the screws") : DecisionBar::tr("lower it or pack it");
        return screws ? DecisionBar::tr("other saddles") : DecisionBar::tr("new saddle");
    }
    switch (of_word<NutChoice>(word).value_or(NutChoice::leave)) {
    case NutChoice::file: return DecisionBar::tr("file");
    case NutChoice::below: return DecisionBar::tr("from below");
    case NutChoice::fill: return DecisionBar::tr("fill");
    case NutChoice::shim: return DecisionBar::tr("shim");
    case NutChoice::replace: return DecisionBar::tr("new nut");
    case NutChoice::leave:
    case NutChoice::choose: break;
    }
    return {};
}

DecisionBar::DecisionBar(Session& session, QWidget* parent)
    : QWidget(parent), session_(session), text_(new QLabel), reason_(new QLineEdit),
      keep_(plain_button(tr("Decide so"), tr("Enter: the decision and its reason go into the record"))),
      drop_(plain_button(tr("Not so"), tr("Esc: nothing is decided"))) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 4, 0, 4);
    column->setSpacing(6);
    text_->setTextFormat(Qt::PlainText);
    text_->setWordWrap(true);
    text_->setAccessibleName(tr("What is to be decided"));
    column->addWidget(text_);
    auto* row = new QHBoxLayout;
    reason_->setAccessibleName(tr("Reason of the decision"));
    reason_->setPlaceholderText(tr("why"));
    reason_->setMinimumHeight(34);
    reason_->setMaxLength(2000);
    reason_->installEventFilter(this);
    row->addWidget(reason_, 1);
    row->addWidget(keep_);
    row->addWidget(drop_);
    column->addLayout(row);
    connect(keep_, &QToolButton::clicked, this, &DecisionBar::keep);
    connect(drop_, &QToolButton::clicked, this, &DecisionBar::drop);
    connect(reason_, &QLineEdit::returnPressed, this, &DecisionBar::keep);
    hide();
}

void DecisionBar::decide(BenchPart part, std::string_view word) {
    if (!session_.is_open() || way_chosen(session_.state(), part) == word) return drop();
    const auto proposed = way_proposed(session_.state(), part);
    if (!proposed || proposed == word) {
        make(part, word, {});
        return drop();
    }
    if (asked_) reason_->clear(); // what was typed was meant for another
    asked_ = {part, word, session_.path()};
    const Design& design = session_.state().job.design;
    text_->setText(
        tr("%1: %2, where what is proposed is: %3. Why? It goes into the record.")
            .arg(part_name(part), way_name(design, part, word), way_name(design, part, *proposed)));
    show();
    reason_->setFocus();
}

void DecisionBar::refresh() {
    if (!asked_) return;
    if (!session_.is_open() || asked_->path != session_.path() ||
        way_chosen(session_.state(), asked_->part) == asked_->word)
        drop();
    else
        keep_->setEnabled(!session_.read_only());
}

void DecisionBar::keep() {
    if (!asked_) return;
    const QString reason = reason_->text().trimmed();
    if (reason.isEmpty()) {
        reason_->setFocus();
        return Q_EMIT refused(tr("Write down first why: it stays in the record"));
    }
    const Asked asked = *asked_;
    if (make(asked.part, asked.word, reason)) drop();
}

void DecisionBar::drop() {
    const bool was = asked_.has_value();
    asked_.reset();
    reason_->clear();
    hide();
    if (was) Q_EMIT answered();
}

namespace {

PartDecision decision_of(const State& state, BenchPart part, std::string_view word, const QString& reason) {
    const Design& design = state.job.design;
    const auto proposed = way_proposed(state, part);
    PartDecision decision;
    decision.part = part;
    decision.word = word;
    decision.as_proposed = proposed == word;
    decision.text = (part_name(part) + QStringLiteral(": ") + way_name(design, part, word)).toStdString();
    if (proposed && !decision.as_proposed)
        decision.instead_of = way_name(design, part, *proposed).toStdString();
    decision.reason = reason.toStdString();
    decision.when = time_of_record();
    return decision;
}

} // namespace

bool DecisionBar::make(BenchPart part, std::string_view word, const QString& reason) {
    const PartDecision decision = decision_of(session_.state(), part, word, reason);
    const auto problems = session_.commit(tr("decided: %1").arg(QString::fromStdString(decision.text)),
                                          with_decision(session_.document(), decision));
    if (!problems.empty()) Q_EMIT refused(session_.told(problems));
    return problems.empty();
}

void DecisionBar::decide_all(const std::vector<std::pair<BenchPart, std::string_view>>& ways,
                             const QString& name, const QString& reason) {
    if (!session_.is_open()) return;
    drop();
    Value document = session_.document();
    for (const auto& [part, word] : ways)
        document = with_decision(document, decision_of(session_.state(), part, word, reason));
    const auto problems = session_.commit(name, document);
    if (!problems.empty()) Q_EMIT refused(session_.told(problems));
}

bool DecisionBar::eventFilter(QObject* watched, QEvent* event) {
    if (watched == reason_ &&
        (event->type() == QEvent::ShortcutOverride || event->type() == QEvent::KeyPress)) {
        auto* key = static_cast<QKeyEvent*>(event);
        if (key->key() == Qt::Key_Escape && asked_) {
            if (event->type() == QEvent::KeyPress) drop();
            event->accept();
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

} // namespace fm
