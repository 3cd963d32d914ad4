#include "ui/view/symptom_view.h"

#include "core/words/word_of.h"
#include "job/read/record.h"
#include "ui/look/flow_layout.h"
#include "ui/look/plain_button.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "ui/look/title_label.h"
#include "ui/state/record_time.h"
#include "ui/view/cause_row.h"

#include <QHBoxLayout>
#include <QScrollArea>
#include <QScrollBar>
#include <QSignalBlocker>
#include <QVBoxLayout>

#include <utility>

namespace fm {

namespace {

QString likely_words(double weight) {
    return weight > 0.5   ? SymptomView::tr("likely")
           : weight > 0.2 ? SymptomView::tr("possible")
                          : SymptomView::tr("unlikely");
}

/// Picks nothing by being given the focus.
class QuietList : public QListWidget {
protected:
    void focusInEvent(QFocusEvent* event) override {
        const bool none = currentRow() < 0;
        const QSignalBlocker quiet(this);
        QListWidget::focusInEvent(event);
        if (none) setCurrentRow(-1);
    }
};

QString reading_words(const std::string& key) {
    if (key == "relief") return SymptomView::tr("the relief");
    if (key == "slot_width_mm") return SymptomView::tr("the width of the slot");
    if (key == "cents") return SymptomView::tr("cents at fret 12");
    if (key == "open_gap_fret1_mm") return SymptomView::tr("the gap at the nut");
    return SymptomView::tr("the height over fret 12");
}

} // namespace

SymptomView::SymptomView(Session& session, const ViewState& view, QWidget* parent)
    : WindowPage(parent), session_(session), view_(view), symptoms_(new QuietList),
      board_(new SymptomBoard(session)), hint_(new QLabel), causes_(new QListWidget), detail_(new QLabel),
      strings_(new QLabel), decide_(nullptr) {
    auto* across = across_ = new QHBoxLayout(this);
    across->setContentsMargins(24, 10, 16, 10);
    across->setSpacing(20);
    across->addWidget(build_symptoms());
    auto* right = new QVBoxLayout;
    right->setSpacing(8);
    hint_->setProperty("caption", true);
    hint_->setWordWrap(true);
    right->addWidget(hint_);
    board_->setMinimumHeight(190);
    right->addWidget(board_, 3);
    auto* below = below_ = new QHBoxLayout;
    below->setSpacing(18);
    causes_->setWordWrap(true);
    causes_->setMinimumWidth(286); // room for the three results
    causes_->setAccessibleName(tr("Causes, the likeliest first"));
    causes_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    below->addWidget(causes_, 5);
    below->addWidget(build_detail(), 6);
    right->addLayout(below, 5);
    across->addLayout(right, 1);
    connect(board_, &SymptomBoard::picked, this, &SymptomView::ask);
    connect(causes_, &QListWidget::currentRowChanged, this, &SymptomView::show_cause);
    connect(&session, &Session::opened, this, &SymptomView::forget);
}

/// What was heard stands over where it was, and a cause's words under the causes, where there is no room
/// beside.
void SymptomView::resizeEvent(QResizeEvent* event) {
    WindowPage::resizeEvent(event);
    const bool stacked = width() < 760;
    across_->setDirection(stacked ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    below_->setDirection(stacked ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    heard_list_->setMinimumWidth(stacked ? 0 : 248);
    heard_list_->setMaximumWidth(stacked ? QWIDGETSIZE_MAX : 248);
    heard_list_->setMinimumHeight(stacked ? 200 : 0);
    causes_->setMinimumHeight(stacked ? 260 : 0);
    fit_rows();
}

QWidget* SymptomView::build_symptoms() {
    auto* area = heard_list_ = new QWidget;
    auto* column = new QVBoxLayout(area);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    column->addWidget(title_label(tr("What was heard"), 18));
    symptoms_->setWordWrap(true);
    symptoms_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    symptoms_->setAccessibleName(tr("What was heard"));
    for (std::size_t i = 0; i < symptom_count; ++i)
        symptoms_->addItem(words_of("symptom." + std::string(word_of(static_cast<Symptom>(i)))));
    column->addWidget(symptoms_, 1);
    connect(symptoms_, &QListWidget::currentRowChanged, this, [this](int row) {
        if (row >= 0 && symptom_ != static_cast<Symptom>(row)) choose(static_cast<Symptom>(row));
    });
    return area;
}

QWidget* SymptomView::build_detail() {
    auto* area = new QScrollArea;
    area->setFrameShape(QFrame::NoFrame);
    area->setWidgetResizable(true);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inner = new QWidget;
    auto* column = new QVBoxLayout(inner);
    column->setContentsMargins(0, 0, 6, 0);
    column->setSpacing(8);
    for (QLabel* label : {detail_, strings_}) {
        label->setWordWrap(true);
        label->setTextFormat(Qt::RichText);
        label->setTextInteractionFlags(Qt::TextSelectableByMouse);
    }
    detail_->setAccessibleName(tr("The chosen cause"));
    strings_->setAccessibleName(tr("What its cure does to every string"));
    column->addWidget(detail_);
    decide_ = plain_button(tr("This is it"), tr("Writes what was heard and this cause into the record"));
    decide_->setObjectName(QStringLiteral("decide"));
    connect(decide_, &QToolButton::clicked, this, &SymptomView::decide);
    column->addWidget(decide_, 0, Qt::AlignLeft);
    column->addWidget(strings_);
    column->addStretch(1);
    area->setWidget(inner);
    return area;
}

/// Where it was heard stays; what was tested was of another complaint.
void SymptomView::choose(Symptom symptom) {
    if (symptom_ != symptom) {
        heard_.answers.clear();
        open_.reset();
    }
    symptom_ = heard_.symptom = symptom;
    symptoms_->setCurrentRow(static_cast<int>(symptom));
    ask();
}

/// Another job: nothing of this one was heard there.
void SymptomView::forget() {
    symptom_.reset();
    open_.reset();
    heard_ = {};
    board_->set_places({});
    const QSignalBlocker quiet(symptoms_);
    symptoms_->setCurrentRow(-1);
}

void SymptomView::refresh() {
    if (!session_.is_open()) return;
    go_on_with_the_record();
    const auto count = session_.state().job.design.strings.size();
    std::vector<HeardPlace> places = board_->places();
    std::erase_if(places, [&](const HeardPlace& place) {
        return place.string >= count || place.fret >= session_.state().job.design.neck.frets;
    });
    if (places.size() != board_->places().size()) board_->set_places(places);
    if (asked_of_ != session_.shared_state()) ask();
    board_->update();
}

/// A complaint whose cause is not found yet is gone on with, and follows what is undone.
void SymptomView::go_on_with_the_record() {
    const auto standing = standing_complaint(session_.state().job.record);
    if (!standing || (symptom_ && standing->entry.heard->symptom != *symptom_)) {
        if (open_) heard_.answers.clear(); // undone
        open_.reset();
        return;
    }
    if (open_ == standing->index) return;
    open_ = standing->index;
    const Heard& heard = *standing->entry.heard;
    symptom_ = heard.symptom;
    heard_ = heard;
    std::vector<HeardPlace> places{{heard.string, heard.fret}};
    places.insert(places.end(), heard.also.begin(), heard.also.end());
    board_->set_places(places);
    const QSignalBlocker quiet(symptoms_);
    symptoms_->setCurrentRow(static_cast<int>(heard.symptom));
}

void SymptomView::ask() {
    const State& state = session_.state();
    asked_of_ = session_.shared_state();
    const auto& places = board_->places();
    {
        const QSignalBlocker quiet(causes_);
        causes_->clear();
    }
    if (places.empty() || !symptom_) {
        found_ = {};
        hint_->setText(
            places.empty()
                ? tr("Where was it heard? Click it on the board, string and fret; then say what it was.")
                : tr("What was heard there? Choose it in the list."));
        return show_cause();
    }
    heard_.string = places.front().string;
    heard_.fret = places.front().fret;
    heard_.also.assign(places.begin() + 1, places.end());
    found_ = fm::diagnosis(state.job.design, state.written, state.job.readings, heard_,
                           found_words(state.job.survey));
    QStringList helpful;
    for (const std::string& key : found_.missing_keys) helpful << reading_words(key);
    hint_->setText(
        helpful.isEmpty()
            ? tr("Click everywhere it was heard; the readings at hand are used. Arrows show what a cure "
                 "does to the room of every note: ▲ more, ▼ less")
            : tr("Not read yet, and of help on this string: %1").arg(helpful.join(QStringLiteral(", "))));
    const QSignalBlocker quiet(causes_);
    for (std::size_t i = 0; i < found_.causes.size(); ++i) {
        const Cause& cause = found_.causes[i];
        QString text = QStringLiteral("%1 · %2").arg(i + 1).arg(words_of("cause." + cause.id));
        text += QStringLiteral(" · ") + (cause.stop ? tr("stop") : likely_words(cause.weight));
        const QString effect = cause.effect ? message_text(cause.effect->text, state.job.units) : QString();
        std::optional<TestResult> answered;
        for (const TestAnswer& each : heard_.answers)
            if (each.cause == cause.id) answered = each.result;
        auto* item = new QListWidgetItem(causes_);
        item->setData(Qt::AccessibleTextRole, effect.isEmpty() ? text : text + QStringLiteral(". ") + effect);
        auto* row = new CauseRow(text, effect, !cause.test_is_read, answered);
        connect(row, &CauseRow::answered, this,
                [this, i](std::optional<TestResult> result) { answer(i, result); });
        causes_->setItemWidget(item, row);
    }
    causes_->setCurrentRow(0);
    fit_rows();
    show_cause();
}

CauseRow* SymptomView::row(std::size_t cause) const {
    return static_cast<CauseRow*>(causes_->itemWidget(causes_->item(static_cast<int>(cause))));
}

/// Every row as high as its words need.
void SymptomView::fit_rows() {
    const int wide = causes_->width() - causes_->verticalScrollBar()->sizeHint().width() - 8;
    for (int i = 0; i < causes_->count(); ++i) {
        CauseRow* each = row(static_cast<std::size_t>(i));
        causes_->item(i)->setSizeHint({0, each->heightForWidth(wide)});
    }
}

const Cause* SymptomView::chosen() const {
    const int row = causes_->currentRow();
    return row >= 0 && row < static_cast<int>(found_.causes.size())
               ? &found_.causes[static_cast<std::size_t>(row)]
               : nullptr;
}

void SymptomView::show_cause() {
    const Cause* cause = chosen();
    decide_->setVisible(cause != nullptr);
    decide_->setEnabled(!session_.read_only());
    causes_->setVisible(cause != nullptr);
    if (!cause) {
        detail_->clear();
        strings_->clear();
        board_->show_change({}, {});
        return;
    }
    QString html;
    if (cause->stop)
        html += QStringLiteral("<p><b style='color:%1'>▲ %2</b></p>")
                    .arg(theme().warning.name(),
                         tr("Structural: no setting up before it is mended. A job for a trained repairer."));
    // The cheapest test of all comes first, whatever is chosen.
    if (!found_.tests.empty()) {
        const Cause* cheapest = nullptr;
        for (const std::size_t at : found_.tests)
            if (!cheapest && !found_.causes[at].test_is_read) cheapest = &found_.causes[at];
        if (cheapest && cheapest != cause && heard_.answers.empty())
            html += QStringLiteral("<p style='color:%1'>%2</p>")
                        .arg(theme().caption.name(),
                             tr("Cheapest test first: %1.").arg(words_of(cheapest->test_id)));
    }
    html += QStringLiteral("<p><b>%1</b> %2%3</p><p><b>%4</b> %5.</p>")
                .arg(tr("Test:"), words_of(cause->test_id),
                     cause->test_is_read ? QStringLiteral(". <i>%1</i>").arg(tr("Read already."))
                                         : QStringLiteral("."),
                     tr("Cure:"), words_of(cause->cure_id));
    detail_->setText(html);
    if (const auto cure = cause->cure()) {
        const State& state = session_.state();
        const FoundInstrument instrument(state.job.design, state.written, state.job.readings);
        board_->show_change(instrument.now(), instrument.with(*cure));
    } else
        board_->show_change({}, {});
    strings_->setText(strings_table(*cause));
}

int SymptomView::rank_of(const Cause& cause) const {
    return static_cast<int>(&cause - found_.causes.data()) + 1;
}

/// Every string before, with this cure, and with the next that can be reckoned: side by side.
QString SymptomView::strings_table(const Cause& cause) const {
    if (cause.side_effects.empty()) return {};
    const Cause* other = nullptr;
    for (const Cause& each : found_.causes)
        if (!other && each.id != cause.id && !each.side_effects.empty()) other = &each;
    const State& state = session_.state();
    const bool behind = heard_.symptom == Symptom::behind_finger_buzz;
    const auto cell = [&](double times, double back_mm) {
        QString text = behind ? (back_mm > 0 ? number_text(back_mm, 3) : QStringLiteral("–"))
                              : QStringLiteral("× %1").arg(number_text(std::min(99.0, times), 1));
        const bool bad =
            behind ? back_mm > 0 && back_mm < state.job.design.player.back_gap_min_mm : times < 1.0;
        return bad ? QStringLiteral("<b style='color:%1'>▲ %2</b>").arg(theme().warning.name(), text) : text;
    };
    QString html =
        QStringLiteral(
            "<table cellspacing='0' cellpadding='3'><tr><th align='left'>%1</th><th>%2</th><th>%3</th>")
            .arg(behind ? tr("least room behind the finger, mm") : tr("least headroom of the string"),
                 tr("now"), tr("cure %1").arg(rank_of(cause)));
    if (other) html += QStringLiteral("<th>%1</th>").arg(tr("cure %1").arg(rank_of(*other)));
    html += QStringLiteral("</tr>");
    for (std::size_t i = 0; i < cause.side_effects.size(); ++i) {
        const SideEffect& of = cause.side_effects[i];
        html += QStringLiteral("<tr><td>%1</td><td align='right'>%2</td><td align='right'>%3</td>")
                    .arg(QString::fromStdString(state.job.design.string_name(i)),
                         cell(of.headroom_before_n / of.player_force_n, of.back_gap_before_mm),
                         cell(of.headroom_after_n / of.player_force_n, of.back_gap_after_mm));
        if (other)
            html += QStringLiteral("<td align='right'>%1</td>")
                        .arg(cell(other->side_effects[i].headroom_after_n / of.player_force_n,
                                  other->side_effects[i].back_gap_after_mm));
        html += QStringLiteral("</tr>");
    }
    return html + QStringLiteral("</table>");
}

void SymptomView::answer(std::size_t at, std::optional<TestResult> result) {
    if (at >= found_.causes.size()) return;
    const std::string id = found_.causes[at].id;
    Heard tested = heard_;
    std::erase_if(tested.answers, [&](const TestAnswer& each) { return each.cause == id; });
    if (result) tested.answers.push_back({id, *result});
    RecordEntry entry;
    entry.kind = RecordKind::complaint;
    entry.when = time_of_record();
    entry.text = open_complaint;
    entry.heard = tested;
    entry.replaces = open_;
    const auto problems = session_.commit(tr("test made: %1").arg(words_of("cause." + id)),
                                          with_record_entry(session_.document(), entry));
    if (!problems.empty()) {
        ask(); // the row is as it was
        return Q_EMIT refused(session_.told(problems));
    }
    // Where nothing changed, what is likeliest now leads on.
    if (result == TestResult::same) return;
    for (std::size_t i = 0; i < found_.causes.size(); ++i)
        if (found_.causes[i].id == id) causes_->setCurrentRow(static_cast<int>(i));
}

void SymptomView::decide() {
    const Cause* cause = chosen();
    if (!cause) return;
    const QString words = words_of("cause." + cause->id); // the step asks anew, and the cause is another then
    const QString name = tr("cause found: %1").arg(words);
    RecordEntry entry;
    entry.kind = RecordKind::complaint;
    entry.when = time_of_record();
    entry.text = cause->id;
    entry.heard = heard_;
    entry.replaces = std::exchange(open_, std::nullopt);
    const auto problems = session_.commit(name, with_record_entry(session_.document(), entry));
    if (!problems.empty()) {
        open_ = entry.replaces;
        return Q_EMIT refused(session_.told(problems));
    }
    Q_EMIT decided(tr("In the record: %1").arg(words));
}

} // namespace fm
