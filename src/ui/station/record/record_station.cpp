#include "ui/station/record/record_station.h"

#include "ui/look/flow_layout.h"
#include "ui/look/plain_button.h"
#include "ui/look/texts.h"
#include "ui/look/title_label.h"
#include "ui/state/record_time.h"

#include <QHeaderView>
#include <QVBoxLayout>

namespace fm {

namespace {

QString words_of_line(const StoryLine& line, const Units& units) {
    QStringList says;
    for (const Message& message : line.says) says << message_text(message, units);
    QString words = says.join(QStringLiteral("; "));
    if (!line.text.empty())
        words += (words.isEmpty() ? QString() : QStringLiteral(": ")) + QString::fromStdString(line.text);
    if (!line.reason.empty()) words += QStringLiteral(" (%1)").arg(QString::fromStdString(line.reason));
    if (line.corrected) words += QStringLiteral(" · ") + RecordStation::tr("corrected");
    return words;
}

/// Only what differs is written anew: a record of years is laid out once.
void show_lines(QListWidget& list, const QStringList& lines) {
    while (list.count() > lines.size()) delete list.takeItem(list.count() - 1);
    for (int row = 0; row < list.count(); ++row)
        if (list.item(row)->text() != lines[row]) list.item(row)->setText(lines[row]);
    list.addItems(lines.mid(list.count()));
}

QLineEdit* word_field(const QString& name) {
    auto* field = new QLineEdit;
    field->setPlaceholderText(name);
    field->setAccessibleName(name);
    field->setToolTip(name);
    field->setMinimumSize(96, 34);
    field->setMaxLength(2000);
    return field;
}

} // namespace

RecordStation::RecordStation(Session& session, QWidget* parent)
    : WindowPage(parent), session_(session), facts_(new QLabel),
      shown_(new ChoiceRow(
          {}, {{tr("in order"), {}, QStringLiteral("L")}, {tr("over time"), {}, QStringLiteral("L")}})),
      stack_(new QStackedWidget), story_(new QListWidget), over_time_(new TimePicture(session)) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 10, 16, 10);
    column->setSpacing(8);
    auto* head = new QHBoxLayout;
    head->setSpacing(20);
    head->addWidget(title_label(tr("Record")));
    head->addWidget(shown_);
    head->addStretch(1);
    column->addLayout(head);
    connect(shown_, &ChoiceRow::picked, this, [this](int index) { show_other_side(index == 1); });
    facts_->setProperty("caption", true);
    facts_->setWordWrap(true);
    column->addWidget(facts_);
    story_->setWordWrap(true);
    story_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    story_->setAccessibleName(tr("The story, in order"));
    stack_->addWidget(story_);
    stack_->addWidget(over_time_);
    column->addWidget(stack_, 1);
    empty_ =
        new QLabel(tr("Nothing yet. What is read, decided, filed, moved and printed comes here by itself, in "
                      "order; a note is written below."));
    empty_->setWordWrap(true);
    empty_->setProperty("caption", true);
    empty_->setAlignment(Qt::AlignTop);
    empty_->setAttribute(Qt::WA_TransparentForMouseEvents);
    auto* over = new QVBoxLayout(story_->viewport());
    over->setContentsMargins(14, 12, 14, 12);
    over->addWidget(empty_);
    entry_ = build_entry();
    column->addWidget(entry_);
    panel_ = build_panel();
    connect(story_, &QListWidget::currentRowChanged, this, &RecordStation::show_chosen);
}

void RecordStation::show_other_side(bool shown) {
    stack_->setCurrentWidget(shown ? static_cast<QWidget*>(over_time_) : story_);
    entry_->setVisible(!shown);
    shown_->set_chosen(shown ? 1 : 0);
    over_time_->refresh();
    take_focus();
}

QWidget* RecordStation::build_entry() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    kind_ = new ChoiceRow(tr("Write down"), {{tr("a note"), {}, {}},
                                             {tr("work done"), {}, {}},
                                             {tr("a decision"), {}, {}},
                                             {tr("left undone"), {}, {}}});
    connect(kind_, &ChoiceRow::picked, this, [this](int index) { kind_->set_chosen(index); });
    kind_->set_chosen(0);
    column->addWidget(kind_);
    text_ = word_field(tr("what"));
    reason_ = word_field(tr("why"));
    minutes_ = new ValueField(QStringLiteral("minutes"), tr("minutes"), FieldKind::number, this);
    minutes_->setFixedWidth(84);
    minutes_->setToolTip(tr("How long it took, in minutes"));
    connect(minutes_, &ValueField::committed, this, [this](double minutes) {
        if (minutes >= 0 && minutes <= 100000) {
            typed_minutes_ = minutes;
            return;
        }
        minutes_->set_problem(tr("%1 minutes: allowed is 0 to 100000").arg(number_text(minutes, 0)));
    });
    auto* fields = new QHBoxLayout;
    fields->setSpacing(8);
    fields->addWidget(text_, 3);
    fields->addWidget(reason_, 2);
    auto* minutes_name = new QLabel(tr("minutes"));
    minutes_name->setProperty("caption", true);
    fields->addWidget(minutes_name);
    fields->addWidget(minutes_);
    column->addLayout(fields);
    auto* buttons = new QWidget;
    auto* row = new FlowLayout(buttons, 8);
    add_ = plain_button(tr("Add"), tr("Adds this to the record (Enter)"));
    correct_ = plain_button(tr("Correct the chosen line"),
                            tr("The chosen line in these words, with why; the old one stays in the file"));
    take_out_ =
        plain_button(tr("Take it out"), tr("The chosen line counts no more; the file keeps it, with why"));
    auto* left =
        plain_button(tr("Readings as left"), tr("What was read last is how the instrument leaves the bench"));
    auto* owner = plain_button(tr("Page for the owner"),
                               tr("What was found, done and left, in plain words, as a sheet"));
    auto* shop = plain_button(tr("Pages for the shop"), tr("Everything in order, as sheets"));
    const auto typed = [this] {
        constexpr RecordKind kinds[] = {RecordKind::note, RecordKind::work, RecordKind::decision,
                                        RecordKind::left_undone};
        minutes_->clearFocus(); // what is half typed counts
        add(kinds[kind_->chosen()], text_->text(), reason_->text(),
            typed_minutes_ > 0 ? std::optional(typed_minutes_) : std::nullopt);
    };
    connect(add_, &QToolButton::clicked, this, typed);
    connect(text_, &QLineEdit::returnPressed, this, typed);
    connect(reason_, &QLineEdit::returnPressed, this, typed);
    connect(correct_, &QToolButton::clicked, this, [this] { correct(text_->text(), reason_->text()); });
    connect(take_out_, &QToolButton::clicked, this, [this] { correct({}, reason_->text()); });
    connect(left, &QToolButton::clicked, this, &RecordStation::mark_left);
    connect(owner, &QToolButton::clicked, this, [this] { Q_EMIT sheet_asked(true); });
    connect(shop, &QToolButton::clicked, this, [this] { Q_EMIT sheet_asked(false); });
    for (QToolButton* button : {add_, correct_, take_out_, left, owner, shop}) row->addWidget(button);
    column->addWidget(buttons);
    return box;
}

QWidget* RecordStation::build_panel() {
    auto* panel = new QWidget;
    panel->setAutoFillBackground(true);
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(14, 12, 14, 12);
    column->setSpacing(8);
    column->addWidget(title_label(tr("Before and after"), 16));
    numbers_ = new QTableWidget(0, 5);
    numbers_->setAccessibleName(tr("Before and after"));
    numbers_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    numbers_->verticalHeader()->hide();
    numbers_->verticalHeader()->setDefaultSectionSize(32);
    numbers_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    numbers_->horizontalHeader()->setDefaultAlignment(Qt::AlignRight | Qt::AlignVCenter); // as the numbers
    numbers_->setShowGrid(false);
    numbers_->setMinimumHeight(132);
    column->addWidget(numbers_, 1);
    whole_ = new QLabel;
    whole_->setWordWrap(true);
    column->addWidget(whole_);
    price_ = new PricePanel(session_);
    connect(price_, &PricePanel::refused, this, &RecordStation::refused);
    column->addWidget(price_);
    return panel;
}

const StoryLine* RecordStation::chosen() const {
    const int row = story_->currentRow();
    return row >= 0 && row < static_cast<int>(lines_.size()) ? &lines_[static_cast<std::size_t>(row)]
                                                             : nullptr;
}

void RecordStation::show_chosen() {
    const StoryLine* line = chosen();
    correct_->setEnabled(line && line->source == StoryLine::Source::record);
    take_out_->setEnabled(line && line->source != StoryLine::Source::print);
}

void RecordStation::commit(const QString& name, const Value& document) {
    const auto problems = session_.commit(name, document);
    if (!problems.empty()) return Q_EMIT refused(session_.told(problems));
    text_->clear();
    reason_->clear();
    typed_minutes_ = 0;
    minutes_->show_value(std::nullopt, session_.state().job.units.small());
    refresh();
}

void RecordStation::add(RecordKind kind, const QString& text, const QString& reason,
                        std::optional<double> minutes) {
    if (text.trimmed().isEmpty()) return Q_EMIT refused(tr("Nothing is written yet: what was it?"));
    RecordEntry entry;
    entry.kind = kind;
    entry.when = time_of_record();
    entry.text = text.trimmed().toStdString();
    entry.reason = reason.trimmed().toStdString();
    entry.minutes = minutes;
    commit(tr("in the record: %1").arg(text.trimmed().left(40)),
           with_record_entry(session_.document(), entry));
}

void RecordStation::correct(const QString& text, const QString& reason) {
    const StoryLine* line = chosen();
    if (!line) return;
    if (reason.trimmed().isEmpty()) return Q_EMIT refused(tr("A correction says why: write it beside"));
    if (line->source == StoryLine::Source::reading)
        return commit(tr("reading taken out"),
                      without_reading(session_.document(), line->index, reason.trimmed().toStdString()));
    RecordEntry entry = session_.state().job.record[line->index];
    entry.replaces = line->index;
    entry.when = time_of_record();
    entry.text = text.trimmed().toStdString();
    entry.reason = reason.trimmed().toStdString();
    commit(entry.text.empty() ? tr("line taken out") : tr("line corrected"),
           with_record_entry(session_.document(), entry));
}

void RecordStation::mark_left() {
    if (!read_since_found(session_.state().job))
        return Q_EMIT refused(
            tr("Nothing was read since it was found: read it as it leaves, then write that down"));
    commit(tr("readings as left"),
           with_left_readings(session_.document(), session_.state().job, time_of_record()));
}

void RecordStation::refresh() {
    if (!session_.is_open()) return;
    const Job& job = session_.state().job;
    const int row = story_->currentRow();
    lines_ = story_of(job);
    QStringList told;
    for (const StoryLine& line : lines_) {
        QString when = QString::fromStdString(line.when).left(16);
        when.replace(QLatin1Char('T'), QLatin1Char(' '));
        told << (when.isEmpty() ? QString() : when + QStringLiteral("   ")) + words_of_line(line, job.units);
    }
    show_lines(*story_, told);
    empty_->setVisible(lines_.empty());
    story_->setCurrentRow(row < story_->count() ? row : -1);
    story_->scrollToBottom();
    const double minutes = minutes_worked(job.record);
    const QString worked = number_text(minutes, 0);
    facts_->setText(lines_.size() == 1 ? tr("1 line · %1 minutes of work · nothing is rewritten: a "
                                            "correction says what it corrects and why")
                                             .arg(worked)
                                       : tr("%1 lines · %2 minutes of work · nothing is rewritten: a "
                                            "correction says what it corrects and why")
                                             .arg(lines_.size())
                                             .arg(worked));
    price_->refresh();
    shown_->set_chosen(other_side_shown() == true ? 1 : 0);
    if (other_side_shown() == true) over_time_->refresh();
    const JobBeforeAfter story = before_and_after(job);
    const QString gap = story.nut_way.open() ? tr("gap 1") : tr("held %1").arg(story.nut_way.held_at);
    numbers_->setHorizontalHeaderLabels({tr("string"), gap, tr("now"), tr("at 12"), tr("now")});
    numbers_->horizontalHeaderItem(1)->setToolTip(
        story.nut_way.open() ? tr("Gap over fret 1 of the open string, as found")
                             : tr("Gap over fret 1 with the string held down at fret %1, as found")
                                   .arg(story.nut_way.held_at));
    numbers_->setRowCount(static_cast<int>(story.strings.size()));
    const auto shown = [&](const std::optional<double>& mm, Unit unit) {
        return mm ? length_number(*mm, unit).replace(QLatin1Char('\n'), QLatin1Char(' '))
                  : QStringLiteral("–");
    };
    for (std::size_t i = 0; i < story.strings.size(); ++i) {
        const StringBeforeAfter& each = story.strings[i];
        const QString cells[] = {
            QString::fromStdString(job.design.string_name(i)), shown(each.nut_gap_mm.found, job.units.gap()),
            shown(each.nut_gap_mm.now, job.units.gap()), shown(each.action_mm.found, job.units.action()),
            shown(each.action_mm.now, job.units.action())};
        for (int column = 0; column < 5; ++column) {
            auto* item = new QTableWidgetItem(cells[column]);
            item->setTextAlignment((column == 0 ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
            numbers_->setItem(static_cast<int>(i), column, item);
        }
    }
    const auto percent = [&](const std::optional<double>& value) {
        return value ? number_text(*value, 0) + QStringLiteral(" %") : QStringLiteral("–");
    };
    whole_->setText(tr("relief: found %1, now %2\nhumidity: found %3, now %4")
                        .arg(shown(story.relief_mm.found, job.units.gap()),
                             shown(story.relief_mm.now, job.units.gap()), percent(story.humidity_pct.found),
                             percent(story.humidity_pct.now)));
    show_chosen();
}

StationKind record_kind() {
    return {Station::record,
            StationWords::tr("Record"),
            StationWords::tr("The record: found, heard, decided, done and left (Alt+9)"),
            StationWords::tr("Re&cord"),
            StationWords::tr("Go to the record: found, decided, done, left"),
            [](const State& state) {
                const std::size_t written = story_of(state.job).size();
                return written == 0   ? StationWords::tr("nothing written yet")
                       : written == 1 ? StationWords::tr("1 line")
                                      : StationWords::tr("%1 lines").arg(written);
            },
            [](const State& state) { return !story_of(state.job).empty(); },
            [](const State&) { return StationWords::tr("Write down what was done, and what was left"); },
            [](const Design&) { return QString(); },
            [](const State&, const ViewState& view) { return QString::fromLatin1(key_of(view.datum)); },
            [](Session& session, const ViewState&, QWidget* parent) -> WindowPage* {
                return new RecordStation(session, parent);
            }};
}

} // namespace fm
