#include "ui/view/plan_view.h"

#include "core/found/filing.h"
#include "core/words/word_of.h"
#include "job/edits/bench_edits.h"
#include "job/read/story.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "workshop/schedule.h"

#include <QScrollBar>
#include <QSettings>
#include <QTime>
#include <QVBoxLayout>

#include <cmath>

namespace fm {

namespace {

const QString order_key = QStringLiteral("plan/order");

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
      stop_(new StopBar(session)), page_(new QTextBrowser) {
    order_ = static_cast<PlanOrder>(std::clamp(QSettings().value(order_key).toInt(), 0, 1));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 10, 16, 10);
    column->setSpacing(8);
    column->addWidget(choice_);
    column->addWidget(stop_);
    connect(stop_, &StopBar::refused, this, &PlanView::refused);
    page_->setOpenLinks(false);
    page_->setFrameShape(QFrame::NoFrame);
    page_->setAccessibleName(tr("The plan"));
    column->addWidget(page_, 1);
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
    order_ = order;
    QSettings().setValue(order_key, static_cast<int>(order));
    refresh();
}

QString PlanView::shown(const std::optional<double>& mm, LengthKind kind) const {
    if (!mm) return QStringLiteral("–");
    return length_number(*mm, session_.state().job.units.of(kind))
        .replace(QLatin1Char('\n'), QLatin1Char(' '));
}

void PlanView::refresh() {
    if (!session_.is_open()) return;
    choice_->set_chosen(static_cast<int>(order_));
    stop_->refresh();
    const int scrolled = page_->verticalScrollBar()->value();
    page_->setHtml(html());
    page_->verticalScrollBar()->setValue(scrolled);
}

QString PlanView::html() const {
    const State& state = session_.state();
    const auto made = plan(state.job.design, state.written, state.job.readings, order_);
    if (!made)
        return QStringLiteral("<p>%1 <a href='go:survey'>%2</a></p>")
            .arg(
                tr("No string has both a nut and an action reading yet: the plan begins with what is there."),
                tr("Read it at the survey."));
    QString html = QStringLiteral("<style>a { color: %1; } h3 { margin-bottom: 2px; }</style>")
                       .arg(theme().yours.name());
    html += schedule_html(*made);
    const bool saddle_first = order_ == PlanOrder::neck_saddle_nut;
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

QString PlanView::saddle_words(const SaddleStep& step) const {
    const Unit unit = session_.state().job.units.gap();
    if (step.left())
        return tr("Left as found: what is missing or too much is within the gauge, or was left by choice.");
    if (step.choice == SaddleChoice::renew)
        return tr("A new saddle, to the heights wanted: its sheet is at Sheets.");
    if (step.screws_mm) {
        const SaddleDesign& by = session_.state().job.design.saddle;
        const auto way = [&](double mm) {
            const QString turns = by.screw_pitch_mm
                                      ? QStringLiteral(" (%1)").arg(turns_text(mm, by.screw_pitch_mm))
                                      : QString();
            return (mm < 0 ? tr("%1 up").arg(length_with_unit(-mm, unit))
                           : tr("%1 down").arg(length_with_unit(mm, unit))) +
                   turns;
        };
        return tr("Screws: %1 at the bass, %2 at the treble.")
            .arg(way(step.screws_mm->bass_mm), way(step.screws_mm->treble_mm));
    }
    if (session_.state().job.design.saddle.by_screws())
        return tr("Every saddle goes down by its own screw, by the amount in its row; minus is up.");
    if (step.cut.pack_mm > 0)
        return tr("Packing under the saddle of %1, or a new one.")
            .arg(length_with_unit(step.cut.pack_mm, unit));
    return tr("Off its bottom in one: %1 at the bass string, %2 at the treble string; what a string still "
              "has is "
              "taken off the top.")
        .arg(length_with_unit(step.cut.bottom_mm.bass_mm, unit),
             length_with_unit(step.cut.bottom_mm.treble_mm, unit));
}

QString PlanView::amounts(const Plan& made, BenchPart part) const {
    const Unit unit = session_.state().job.units.gap();
    const QString caution =
        QStringLiteral("<br><span style='color:%1'>%2</span></p>").arg(theme().caption.name());
    if (part == BenchPart::relief) {
        if (!session_.state().found.relief)
            return QStringLiteral("<p>") + tr("The relief was not read yet: it is left as it is.") +
                   QStringLiteral("</p>");
        if (made.relief.left())
            return QStringLiteral("<p>") +
                   tr("Left as found: %1 ± %2, under a string held at frets %3 and %4. Heights are wanted "
                      "over "
                      "the neck as it stands.")
                       .arg(length_with_unit(made.relief.from->depth_mm, unit),
                            length_short(made.relief.u_mm, unit))
                       .arg(made.relief.from->from_fret)
                       .arg(made.relief.from->to_fret) +
                   QStringLiteral("</p>");
        const double less_mm = made.relief.from->depth_mm - *made.relief.to_mm;
        const QString way =
            less_mm > 0 ? tr("↻ tighten the rod, less relief") : tr("↺ loosen the rod, more relief");
        const auto turn =
            rod_turn_eighths(session_.state().job.design, session_.state().job.readings, less_mm);
        return QStringLiteral("<p>") +
               tr("From %1 to %2, under a string held at frets %3 and %4: %5%6.")
                   .arg(length_with_unit(made.relief.from->depth_mm, unit),
                        length_with_unit(*made.relief.to_mm, unit))
                   .arg(made.relief.from->from_fret)
                   .arg(made.relief.from->to_fret)
                   .arg(way, turn && *turn != 0
                                 ? tr(", about %1/8 of a turn by this rod's own log").arg(std::abs(*turn))
                                 : QString()) +
               caution.arg(tr("Small turns; stop when it binds. A neck moves on after the wrench is put "
                              "down: read again in an hour."));
    }
    if (part == BenchPart::saddle) {
        const bool screws = session_.state().job.design.saddle.by_screws();
        return QStringLiteral("<p>") + saddle_words(made.saddle) +
               caution.arg(
                   session_.state().job.design.saddle.height_by == HeightBy::posts
                       ? tr("Posts are never turned under tension: slacken, turn, tune, read again.")
                   : screws
                       ? tr("Strings under tension: mind the eyes. Slacken before a screw is turned, tune, "
                            "read again.")
                       : tr("Slacken the strings first. Dust: mask and extraction. Follow your tools' "
                            "instructions and local rules."));
    }
    const NutDecision& decision = made.nut.decision;
    QString words;
    switch (decision.choice) {
    case NutChoice::leave:
        words =
            tr("Left as found: no slot is off by more than its gauges can tell, or it was left by choice.");
        break;
    case NutChoice::below:
        words = tr("%1 off the nut's bottom in one; then file what still stands too high.")
                    .arg(length_with_unit(decision.below_mm, unit));
        break;
    case NutChoice::file:
        words =
            tr("File the slots; each with a file of its own width, stopping two standard deviations early.");
        break;
    case NutChoice::shim:
        words = tr("Shim of %1 under the whole nut, then file what stands too high.")
                    .arg(length_with_unit(decision.shim_mm.value_or(0), unit));
        break;
    case NutChoice::fill:
        words = tr("Fill %1 slots proud, let it cure, cut them anew.").arg(decision.fill.size());
        break;
    case NutChoice::choose:
        words = tr("A shim of %1, or filling: decide at the nut.")
                    .arg(length_with_unit(decision.shim_mm.value_or(0), unit));
        break;
    case NutChoice::replace: words = tr("A new nut: its sheet and the order of cuts are at Sheets."); break;
    }
    return QStringLiteral("<p>") + words + QStringLiteral(" <a href='go:nut'>%1</a>").arg(tr("Why")) +
           caution.arg(tr("Files away from the hand; dust: mask; instant glue: fumes, eyes, fingers. Follow "
                          "your tools' instructions and local rules."));
}

/// Where what is read now is not what was foretold before anything was touched, and why that may be.
QString PlanView::told_apart(const Plan&, BenchPart part) const {
    const State& state = session_.state();
    std::vector<ReadingEntry> found;
    for (const ReadingEntry& entry : state.job.readings.in_order())
        if (entry.state == ReadingState::found) found.push_back(entry);
    const auto before = plan(state.job.design, state.written, found, order_);
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
