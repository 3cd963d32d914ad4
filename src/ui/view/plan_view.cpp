#include "ui/view/plan_view.h"

#include "core/found/filing.h"
#include "core/words/word_of.h"
#include "job/edits/bench_edits.h"
#include "job/read/story.h"
#include "settings/settings.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "ui/view/plan_least.h"
#include "ui/view/plan_words.h"
#include "ui/view/verdict_story.h"
#include "workshop/schedule.h"

#include <QHBoxLayout>
#include <QMenu>
#include <QScrollBar>
#include <QTime>
#include <QVBoxLayout>

#include <cmath>

namespace fm {

namespace {

QString row(const QStringList& cells, const char* cell = "td") {
    QString html = QStringLiteral("<tr>");
    for (int i = 0; i < cells.size(); ++i)
        html += QStringLiteral("<%1 align='%2' style='padding: 1px 14px 1px 0'>%3</%1>")
                    .arg(QLatin1String(cell), i == 0 ? QStringLiteral("left") : QStringLiteral("right"),
                         cells[i]);
    return html + QStringLiteral("</tr>");
}

/// "touches" for a reading of nothing or less, which no gauge shows.
QString gap_text(double mm, const QString& number) {
    return mm <= 0 ? PlanView::tr("%1, touches").arg(number) : number;
}

} // namespace

PlanView::PlanView(Session& session, QWidget* parent)
    : WindowPage(parent), session_(session),
      choice_(
          new ChoiceRow(tr("Order"), {{tr("neck, saddle, nut"), {}, {}}, {tr("neck, nut, saddle"), {}, {}}})),
      shown_(new ChoiceRow(
          tr("Shown"), {{tr("drawn"), {}, QStringLiteral("L")}, {tr("as tables"), {}, QStringLiteral("L")}})),
      stop_(new StopBar(session)), stack_(new QStackedWidget), picture_(new PlanPicture(session)),
      page_(new QTextBrowser), decision_(new DecisionBar(session)), ordered_(new OrderedBar(session)) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 10, 16, 10);
    column->setSpacing(8);
    auto* choices = new QHBoxLayout;
    choices->setSpacing(24);
    choices->addWidget(choice_);
    choices->addWidget(shown_);
    choices->addStretch(1);
    column->addLayout(choices);
    column->addWidget(stop_);
    column->addWidget(decision_);
    connect(ordered_, &OrderedBar::fit_asked, this,
            [this](const std::vector<OtherWay>& others, const QString& reason) {
                std::vector<std::pair<BenchPart, std::string_view>> ways;
                for (const OtherWay& other : others) ways.emplace_back(other.part, other.word);
                decision_->decide_all(ways, tr("fitted to what is ordered"), reason);
            });
    connect(stop_, &StopBar::refused, this, &PlanView::refused);
    connect(decision_, &DecisionBar::refused, this, &PlanView::refused);
    connect(decision_, &DecisionBar::answered, this, &PlanView::take_focus);
    connect(picture_, &PlanPicture::ways_asked, this, &PlanView::offer_ways);
    page_->setOpenLinks(false);
    page_->setFrameShape(QFrame::NoFrame);
    page_->setAccessibleName(tr("The plan"));
    picture_->setFocusPolicy(Qt::StrongFocus);
    stack_->addWidget(picture_);
    stack_->addWidget(page_);
    column->addWidget(stack_, 1);
    column->addWidget(ordered_);
    connect(picture_, &PlanPicture::bench_asked, this, &PlanView::bench_asked);
    connect(picture_, &PlanPicture::station_asked, this, &PlanView::station_asked);
    connect(shown_, &ChoiceRow::picked, this, [this](int index) { show_other_side(index == 1); });
    connect(choice_, &ChoiceRow::picked, this,
            [this](int index) { choose_order(static_cast<PlanOrder>(index)); });
    connect(page_, &QTextBrowser::anchorClicked, this, [this](const QUrl& url) {
        for (const BenchPart part : {BenchPart::relief, BenchPart::saddle, BenchPart::nut})
            if (url.toString() == QLatin1String("bench:") + QString::fromLatin1(word_of(part).data()))
                return Q_EMIT bench_asked(part);
        Q_EMIT station_asked(url.toString().section(QLatin1Char(':'), 1));
    });
}

void PlanView::choose_order(PlanOrder order) {
    settings::keep_plan_order(order);
    refresh();
}

QString PlanView::shown(const std::optional<double>& mm, LengthKind kind) const {
    if (!mm) return QStringLiteral("–");
    return length_number(*mm, session_.state().job.units.of(kind))
        .replace(QLatin1Char('\n'), QLatin1Char(' '));
}

void PlanView::refresh() {
    if (!session_.is_open()) return;
    choice_->set_chosen(static_cast<int>(order()));
    stop_->refresh();
    decision_->refresh();
    ordered_->refresh(order());
    const State& state = session_.state();
    const auto made = plan(state.job.design, state.written, state.job.readings, order());
    picture_->show_story(made ? plan_story(state, *made, session_.workshop().tables()) : PlanStory{});
    const int scrolled = page_->verticalScrollBar()->value();
    page_->setHtml(html(made));
    page_->verticalScrollBar()->setValue(scrolled);
    shown_->setVisible(made.has_value());
    shown_->set_chosen(table_ ? 1 : 0);
    stack_->setCurrentWidget(made && !table_ ? static_cast<QWidget*>(picture_) : page_);
    if (made && !table_ && !stop_at(state.stops, BenchPart::saddle)) ask_least();
}

/// Worked out beside the window: the picture is there first.
void PlanView::ask_least() {
    asking_.ask(
        [design = session_.state().work_design](const std::atomic<bool>&) { return least_actions(design); },
        [this, asked = session_.shared_state()](const LeastActions& least) {
            if (session_.is_open() && session_.shared_state() == asked)
                picture_->show_least(plan_least(*asked, least));
        });
}

/// The ways of a step, each with what it does and takes; the one the plan goes by is ticked.
void PlanView::offer_ways(BenchPart part, const QPoint& at) {
    const VerdictStory story =
        verdict_story(session_.state(), part, session_.workshop().tables(), session_.tools());
    auto* menu = new QMenu(this);
    menu->setAttribute(Qt::WA_DeleteOnClose);
    menu->setToolTipsVisible(true);
    for (const WayStory& way : story.ways) {
        QStringList words{way.name + (way.proposed ? tr(" (proposed)") : QString())};
        if (!way.takes.isEmpty()) words << way.takes;
        QAction* action =
            menu->addAction(words.join(QStringLiteral(" · ")).replace(QLatin1Char('&'), QLatin1String("&&")));
        action->setToolTip(way.does + QStringLiteral("; ") + way.leaves);
        action->setCheckable(true);
        action->setChecked(way.chosen);
        action->setEnabled(way.can_be && !session_.read_only());
        connect(
            action, &QAction::triggered, this,
            [this, part, word = way.word] { decision_->decide(part, word); },
            Qt::QueuedConnection); // once the menu has given the keys back
    }
    menu->addSeparator();
    menu->addAction(tr("Side by side: the verdict"), this, [this, part] { Q_EMIT verdict_asked(part); });
    menu->popup(at);
}

void PlanView::show_other_side(bool shown) {
    table_ = shown;
    refresh();
    take_focus();
}

QString PlanView::html(const std::optional<Plan>& made) const {
    const State& state = session_.state();
    if (!made)
        return QStringLiteral("<p>%1 <a href='go:survey'>%2</a></p>")
            .arg(
                tr("No string has both a nut and an action reading yet: the plan begins with what is there."),
                tr("Read it at the survey."));
    QString html = QStringLiteral("<style>a { color: %1; } h3 { margin-bottom: 2px; }</style>")
                       .arg(theme().yours.name());
    html += schedule_html(*made);
    const bool saddle_first = order() == PlanOrder::neck_saddle_nut;
    html += step_html(*made, 1, BenchPart::relief);
    html += step_html(*made, 2, saddle_first ? BenchPart::saddle : BenchPart::nut);
    html += step_html(*made, 3, saddle_first ? BenchPart::nut : BenchPart::saddle);
    QStringList unread;
    for (const std::size_t i : made->unread)
        unread << QString::fromStdString(state.job.design.string_name(i));
    if (!unread.isEmpty())
        html += QStringLiteral("<p style='color:%1'>▲ %2</p>")
                    .arg(theme().warning.name(), tr("Not read at both ends, and not in the plan: %1")
                                                     .arg(unread.join(QStringLiteral(", "))));
    return html;
}

QString PlanView::schedule_html(const Plan& made) const {
    const State& state = session_.state();
    const Schedule schedule = schedule_of(made, state.job.design, session_.workshop().tables());
    if (schedule.steps.empty())
        return QStringLiteral("<p>%1</p>")
            .arg(tr("Nothing is left to do: read once more, and write the record."));
    const QString names[] = {tr("neck"), tr("saddle"), tr("nut"), tr("intonation")};
    QStringList parts;
    for (const ScheduledStep& step : schedule.steps) {
        QString words = tr("%1 %2 min").arg(names[static_cast<int>(step.step)], number_text(step.minutes, 0));
        if (step.wait_minutes > 0)
            words += tr(" + %1 while %2 (%3)")
                         .arg(number_text(step.wait_minutes, 0), words_of(step.wait_id),
                              words_of(step.meanwhile_id));
        parts << words;
    }
    const QTime ready = QTime::currentTime().addSecs(static_cast<int>(schedule.ready_minutes * 60));
    return QStringLiteral("<p>%1<br><b>%2</b></p>")
        .arg(parts.join(QStringLiteral(" · ")),
             tr("%1 minutes of work; begun now it can be ready at %2. Written down so far: %3 minutes.")
                 .arg(number_text(schedule.work_minutes, 0), ready.toString(QStringLiteral("HH:mm")),
                      number_text(minutes_worked(state.job.record), 0)));
}

QString PlanView::step_html(const Plan& made, int number, BenchPart part) const {
    const Job& job = session_.state().job;
    const QString names[] = {tr("Neck: relief"), tr("Saddle"), tr("Nut")};
    QString html = QStringLiteral("<h3>%1. %2 &nbsp; <a href='bench:%3'>%4</a></h3>")
                       .arg(number)
                       .arg(names[static_cast<int>(part)], QString::fromLatin1(word_of(part).data()),
                            tr("at the bench"));
    if (stop_at(session_.state().stops, part))
        return html + QStringLiteral("<p>%1</p>").arg(tr("No amount before the stop above is passed."));
    html += amounts(made, part);
    const After& after = part == BenchPart::relief   ? made.relief.after
                         : part == BenchPart::saddle ? made.saddle.after
                                                     : made.nut.after;
    html +=
        QStringLiteral("<table cellspacing='0'>") +
        row({tr("string"),
             part == BenchPart::relief                                    ? QString()
             : part == BenchPart::saddle && job.design.saddle.by_screws() ? tr("down")
                                                                          : tr("take off"),
             tr("gap 1 should read"), tr("pressed at 2"), tr("at 3"), tr("fret 12"), tr("with capo at 1")},
            "th");
    for (std::size_t i = 0; i < after.size(); ++i) {
        const auto& each = after[i];
        QString off;
        if (part != BenchPart::relief) off = off_words(made, part, i);
        const auto gap = [&](double GaugeReadings::*reading, LengthKind kind = LengthKind::gap) {
            return each ? gap_text((*each).*reading, shown((*each).*reading, kind)) : QStringLiteral("–");
        };
        html +=
            row({QString::fromStdString(job.design.string_name(i)), off,
                 gap(&GaugeReadings::open_gap_fret1_mm), gap(&GaugeReadings::pressed_gap_2_mm),
                 gap(&GaugeReadings::pressed_gap_3_mm), gap(&GaugeReadings::action12_mm, LengthKind::action),
                 gap(&GaugeReadings::action12_capo_mm, LengthKind::action)});
    }
    return html + QStringLiteral("</table>") + told_apart(made, part);
}

/// What is asked for with its ±, and what of it is done.
QString PlanView::off_words(const Plan& made, BenchPart part, std::size_t i) const {
    const bool saddle = part == BenchPart::saddle;
    const auto& u = saddle ? made.saddle.u_mm[i] : made.nut.u_mm[i];
    if (!u) return QStringLiteral("–");
    const QString sure = QStringLiteral(" ± ") + shown(u);
    if (saddle) {
        QString asked = shown(made.saddle.take_off_mm[i]) + sure;
        const SaddleDesign& by = session_.state().job.design.saddle;
        if (by.height_by == HeightBy::saddle_screws && by.screw_pitch_mm)
            asked += QStringLiteral(" (%1)").arg(turns_text(*made.saddle.take_off_mm[i], by.screw_pitch_mm));
        return made.saddle.left() ? tr("left (%1)").arg(asked) : asked;
    }
    const auto& raise = made.nut.raise_mm[i];
    const SlotFinding* slot = nullptr;
    for (const SlotFinding& finding : made.nut.findings)
        if (finding.string == i) slot = &finding;
    const QString low =
        tr("%1%2 too low").arg(made.nut.at_least[i] ? tr("at least ") : QString(), shown(raise));
    if (made.strings[i]->slot_stays)
        return tr("left (%1)")
            .arg((*raise > 0 ? low : shown(slot->lower_mm) + QLatin1Char(' ') + tr("too high")) + sure);
    QString off = shown(made.nut.take_off_mm[i]) + sure;
    if (*raise > 0) off += QStringLiteral(" (%1)").arg(low);
    return off;
}

QString PlanView::amounts(const Plan& made, BenchPart part) const {
    const State& state = session_.state();
    QString html = QStringLiteral("<p>") + step_words(state, made, part);
    if (part == BenchPart::nut) html += QStringLiteral(" <a href='go:nut'>%1</a>").arg(tr("Why"));
    const QString caution = step_caution(state, made, part);
    if (!caution.isEmpty())
        html += QStringLiteral("<br><span style='color:%1'>%2</span>").arg(theme().caption.name(), caution);
    return html + QStringLiteral("</p>");
}

/// Where what is read now is not what was foretold before anything was touched, and why that may be.
QString PlanView::told_apart(const Plan&, BenchPart part) const {
    const State& state = session_.state();
    std::vector<ReadingEntry> found;
    for (const ReadingEntry& entry : state.job.readings.in_order())
        if (entry.state == ReadingState::found) found.push_back(entry);
    const auto before = plan(state.job.design, state.written, found, order());
    if (!before || part == BenchPart::relief) return {};
    const JobBeforeAfter story = before_and_after(state.job);
    const After& after = part == BenchPart::saddle ? before->saddle.after : before->nut.after;
    QStringList off;
    for (const Filing& filing : filing_of(state.job.design, state.written, state.job.readings, part, {})) {
        const std::size_t i = filing.string;
        const auto now =
            part == BenchPart::saddle ? story.strings[i].action_mm.now : story.strings[i].nut_gap_mm.now;
        if (!now || !after[i] || filing.readings == 0) continue;
        const ReadingWay way = part == BenchPart::saddle ? action_way(state.job.design) : story.nut_way;
        const double told_mm = way.of(*after[i]);
        if (std::abs(*now - told_mm) <= 2 * filing.gauge_u_mm) continue;
        off << tr("%1 reads %2 where %3 was foretold")
                   .arg(QString::fromStdString(state.job.design.string_name(i)),
                        shown(now, length_kind_of(part)), shown(told_mm, length_kind_of(part)));
    }
    if (off.isEmpty()) return {};
    return QStringLiteral("<p style='color:%1'>▲ %2. %3</p>")
        .arg(
            theme().warning.name(), off.join(QStringLiteral("; ")),
            tr("That is more than the gauge explains: not there yet, a soft reading, or a neck still moving. "
               "Read it and the relief again in an hour; all else is worked out from what is read."));
}

} // namespace fm
