#include "ui/view/verdict_view.h"

#include "core/found/nut_verdict.h"
#include "core/words/word_of.h"
#include "job/read/record.h"
#include "ui/field/stop_bar.h"
#include "ui/look/plain_button.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "ui/page/verdict_text.h"
#include "ui/state/record_time.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

#include <cmath>

namespace fm {

namespace {

/// A way of one part: its word in the job file (plan.nut, plan.saddle, plan.relief), and its name.
struct Way {
    std::string_view word;
    QString name;
};
std::vector<Way> nut_ways() {
    return {{word_of(NutChoice::leave), VerdictView::tr("leave it")},
            {word_of(NutChoice::file), VerdictView::tr("file")},
            {word_of(NutChoice::below), VerdictView::tr("from below")},
            {word_of(NutChoice::fill), VerdictView::tr("fill")},
            {word_of(NutChoice::shim), VerdictView::tr("shim")},
            {word_of(NutChoice::replace), VerdictView::tr("new nut")}};
}
std::vector<Way> saddle_ways() {
    return {{word_of(SaddleChoice::leave), VerdictView::tr("leave it")},
            {word_of(SaddleChoice::set), VerdictView::tr("lower it or pack it")},
            {word_of(SaddleChoice::renew), VerdictView::tr("new saddle")}};
}
std::vector<Way> screw_ways() {
    return {{word_of(SaddleChoice::leave), VerdictView::tr("leave it")},
            {word_of(SaddleChoice::set), VerdictView::tr("turn the screws")},
            {word_of(SaddleChoice::renew), VerdictView::tr("other saddles")}};
}
std::vector<Way> relief_ways() {
    return {{word_of(ReliefChoice::leave), VerdictView::tr("leave it")},
            {word_of(ReliefChoice::set), VerdictView::tr("set it")}};
}

ChoiceRow* row_of(const std::vector<Way>& ways) {
    std::vector<ChoiceRow::Option> options;
    for (const Way& way : ways) options.push_back({way.name, {}, {}});
    return new ChoiceRow(VerdictView::tr("Decided"), options);
}

QString row(const QStringList& cells, const char* cell = "td") {
    QString html = QStringLiteral("<tr>");
    for (int i = 0; i < cells.size(); ++i)
        html += QStringLiteral("<%1 align='%2' style='padding: 1px 16px 1px 0'>%3</%1>")
                    .arg(QLatin1String(cell), i == 0 ? QStringLiteral("left") : QStringLiteral("right"),
                         cells[i]);
    return html + QStringLiteral("</tr>");
}

} // namespace

VerdictView::VerdictView(Session& session, QWidget* parent)
    : WindowPage(parent), session_(session),
      parts_(
          new ChoiceRow(tr("Verdict on"),
                        {{tr("the nut"), {}, {}}, {tr("the saddle"), {}, {}}, {tr("the relief"), {}, {}}})),
      nut_ways_(row_of(nut_ways())), saddle_ways_(row_of(saddle_ways())), screw_ways_(row_of(screw_ways())),
      relief_ways_(row_of(relief_ways())), reason_(new QLineEdit), page_(new QTextBrowser) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 10, 16, 10);
    column->setSpacing(8);
    column->addWidget(parts_);
    page_->setFrameShape(QFrame::NoFrame);
    page_->setAccessibleName(tr("The verdict"));
    page_->setOpenLinks(false);
    connect(page_, &QTextBrowser::anchorClicked, this,
            [this](const QUrl& url) { Q_EMIT station_asked(url.toString().section(QLatin1Char(':'), 1)); });
    column->addWidget(page_, 1);
    column->addWidget(nut_ways_);
    column->addWidget(saddle_ways_);
    column->addWidget(screw_ways_);
    column->addWidget(relief_ways_);
    reason_->setPlaceholderText(tr("why, where it is another way than proposed"));
    reason_->setAccessibleName(tr("Reason of the decision"));
    reason_->setToolTip(tr("Goes into the record with the decision; write it first, then choose the way"));
    reason_->setMinimumHeight(34);
    reason_->setMaxLength(2000);
    column->addWidget(reason_);
    connect(parts_, &ChoiceRow::picked, this, [this](int index) { choose_part(static_cast<Part>(index)); });
    for (ChoiceRow* ways : {nut_ways_, saddle_ways_, screw_ways_, relief_ways_})
        connect(ways, &ChoiceRow::picked, this, [this](int index) { decide(index, reason_->text()); });
}

void VerdictView::choose_part(Part part) {
    part_ = part;
    refresh();
}

const char* VerdictView::part_word() const {
    return part_ == Part::nut ? "nut" : part_ == Part::saddle ? "saddle" : "relief";
}

ChoiceRow* VerdictView::ways_row() const {
    if (part_ == Part::nut) return nut_ways_;
    if (part_ == Part::relief) return relief_ways_;
    return session_.state().job.design.saddle.by_screws() ? screw_ways_ : saddle_ways_;
}

QStringList VerdictView::ways() const {
    QStringList names;
    for (const auto& option : ways_row()->options()) names << option.name;
    return names;
}

std::optional<int> VerdictView::way_of(std::string_view word) const {
    const auto ways = part_ == Part::nut                               ? nut_ways()
                      : part_ == Part::relief                          ? relief_ways()
                      : session_.state().job.design.saddle.by_screws() ? screw_ways()
                                                                       : saddle_ways();
    for (std::size_t i = 0; i < ways.size(); ++i)
        if (ways[i].word == word) return static_cast<int>(i);
    return std::nullopt; // to choose: the maker's, either way
}

std::optional<int> VerdictView::proposed() const {
    const State& state = session_.state();
    if (part_ == Part::nut)
        return state.nut ? way_of(word_of(state.nut->step.decision.proposal)) : std::nullopt;
    if (!state.plan) return std::nullopt;
    return way_of(part_ == Part::saddle ? word_of(state.plan->saddle.proposal)
                                        : word_of(state.plan->relief.proposal));
}

std::optional<int> VerdictView::chosen() const {
    const State& state = session_.state();
    if (part_ == Part::nut)
        return state.nut ? way_of(word_of(state.nut->step.decision.choice)) : std::nullopt;
    if (!state.plan) return std::nullopt;
    return way_of(part_ == Part::saddle ? word_of(state.plan->saddle.choice)
                                        : word_of(state.plan->relief.choice));
}

void VerdictView::decide(int way, const QString& reason) {
    const auto wanted = proposed();
    const QStringList names = ways();
    const bool overruled = wanted && way != *wanted;
    if (overruled && reason.trimmed().isEmpty()) {
        Q_EMIT refused(tr("%1 is proposed: for %2 write down why, then choose it again")
                           .arg(names[*wanted], names[way]));
        return refresh();
    }
    RecordEntry entry;
    entry.kind = RecordKind::decision;
    entry.when = time_of_record();
    entry.about = part_word();
    entry.text = (parts_->options()[static_cast<std::size_t>(part_)].name + QStringLiteral(": ") + names[way])
                     .toStdString();
    entry.reason = reason.trimmed().toStdString();
    if (overruled) entry.instead_of = names[*wanted].toStdString();
    const std::string key = std::string("plan.") + part_word();
    const auto words = part_ == Part::nut      ? nut_ways()
                       : part_ == Part::relief ? relief_ways()
                                               : saddle_ways();
    // What is proposed goes on following the readings; another way stays until it is taken back.
    const Value decided = wanted == way ? without(session_.document(), key)
                                        : with(session_.document(), key,
                                               std::string(words[static_cast<std::size_t>(way)].word));
    const auto problems =
        session_.commit(tr("decided: %1").arg(names[way]), with_record_entry(decided, entry));
    if (!problems.empty()) return Q_EMIT refused(session_.told(problems));
    reason_->clear();
    refresh();
}

void VerdictView::refresh() {
    if (!session_.is_open()) return;
    parts_->set_chosen(static_cast<int>(part_));
    ChoiceRow* const shown = ways_row();
    for (ChoiceRow* row : {nut_ways_, saddle_ways_, screw_ways_, relief_ways_}) row->setVisible(row == shown);
    shown->set_chosen(chosen().value_or(-1));
    const BenchPart at = part_ == Part::nut      ? BenchPart::nut
                         : part_ == Part::saddle ? BenchPart::saddle
                                                 : BenchPart::relief;
    if (const Stop* stop = stop_at(session_.state().stops, at))
        return page_->setHtml(QStringLiteral("<p style='color:%1'>▲ %2</p><p>%3</p>")
                                  .arg(theme().warning.name(),
                                       message_text(stop->text, session_.state().job.units).toHtmlEscaped(),
                                       stopped_words()) +
                              decided_html());
    page_->setHtml((part_ == Part::nut      ? nut_html()
                    : part_ == Part::saddle ? saddle_html()
                                            : relief_html()) +
                   decided_html());
}

QString VerdictView::decided_html() const {
    QString html;
    const char* const about = part_word();
    for (const StandingEntry& each : standing_entries(session_.state().job.record)) {
        if (each.entry.kind != RecordKind::decision || each.entry.about != about) continue;
        html += QStringLiteral("<p><b>%1</b> %2%3%4</p>")
                    .arg(tr("Decided:"), QString::fromStdString(each.entry.text).toHtmlEscaped(),
                         each.entry.instead_of.empty()
                             ? QString()
                             : tr(", instead of: %1")
                                   .arg(QString::fromStdString(each.entry.instead_of).toHtmlEscaped()),
                         each.entry.reason.empty()
                             ? QString()
                             : QStringLiteral(" (%1)").arg(
                                   QString::fromStdString(each.entry.reason).toHtmlEscaped()));
    }
    return html;
}

QString VerdictView::nut_ways_html(const NutStep& step) const {
    const State& state = session_.state();
    const Unit unit = state.job.units.gap();
    const double shim_mm =
        shim_of_raise_mm(step.decision.largest_raise_mm, state.job.design.nut.shim_step_mm);
    QStringList lines;
    int over = 0;
    for (const auto& mm : step.take_off_mm) over += mm.value_or(0) >= least_read_mm;
    // What a shim leaves too high is none of what was found so.
    lines << (step.decision.choice == NutChoice::shim
                  ? tr("<b>File:</b> slots too high once it is shimmed: %1.").arg(over)
                  : tr("<b>File:</b> slots too high by more than their gauges can tell: %1.")
                        .arg(step.decision.lowers));
    if (step.decision.below_mm > 0)
        lines << tr("<b>From below:</b> %1 can come off the nut's bottom in one; slots stay as deep as they "
                    "are.")
                     .arg(length_with_unit(step.decision.below_mm, unit));
    QStringList filled;
    double deepest_mm = 0;
    for (const SlotFinding& finding : step.findings)
        if (finding.to_fill()) {
            filled << QString::fromStdString(state.job.design.string_name(finding.string));
            deepest_mm = std::max(deepest_mm, finding.raise_mm);
        }
    lines << (filled.isEmpty() ? tr("<b>Fill:</b> no slot asks for it.")
                               : tr("<b>Fill:</b> %1; the deepest by %2 (up to %3 a filling holds). Dust of "
                                    "the nut's own material, thin glue, cured, cut anew.")
                                     .arg(filled.join(QStringLiteral(", ")),
                                          length_with_unit(deepest_mm, unit), length_with_unit(0.4, unit)));
    if (step.decision.largest_raise_mm > 0) {
        lines << tr("<b>Shim:</b> %1 under the whole nut, the largest raise of %2 rounded up; every other "
                    "slot is filed again. A wide slot stays wide.")
                     .arg(length_with_unit(shim_mm, unit),
                          length_with_unit(step.decision.largest_raise_mm, unit));
        const auto stack = shim_stack(session_.tools().shims_mm, shim_mm, state.job.design.nut.shim_step_mm);
        if (state.job.design.nut.clamping && stack) {
            QStringList shims;
            for (const double mm : stack->shims_mm) shims << length_short(mm, unit);
            lines << tr("A clamping nut goes up on shims as a block: %1.")
                         .arg(shims.join(QStringLiteral(" + ")));
        }
    }
    lines << tr("<b>New nut:</b> the longest lasting, and the longest work; its sheet and order of cuts are "
                "at Sheets.");
    return QStringLiteral("<p>") + lines.join(QStringLiteral("<br>")) + QStringLiteral("</p>");
}

QString VerdictView::nut_html() const {
    const State& state = session_.state();
    if (!state.nut) return not_read(nut_verdict_text(state));
    QString html = QStringLiteral("<p>%1</p>").arg(nut_verdict_text(state));
    const NutStep& step = state.nut->step;
    html += QStringLiteral("<table cellspacing='0'>") +
            row({tr("string"), tr("gap read"), tr("stands"), tr("±"), tr("width"), tr("slot")}, "th");
    for (const SlotFinding& finding : step.findings) {
        const KnownString& known = state.known[finding.string];
        const QString stands =
            finding.raise_mm > 0
                ? tr("%1 too low").arg(length_with_unit(finding.raise_mm, state.job.units.gap()))
            : finding.lower_mm > 0
                ? tr("%1 too high").arg(length_with_unit(finding.lower_mm, state.job.units.gap()))
                : tr("right");
        QStringList slot;
        if (finding.filled) slot << tr("filled before");
        if (finding.wiggles) slot << tr("wiggles");
        if (seen(known.slot, SlotFound::binds)) slot << tr("binds: open it by the clearance");
        if (seen(known.slot, SlotFound::floor_flat)) slot << tr("floor flat: let it fall towards the head");
        if (seen(known.slot, SlotFound::floor_forward))
            slot << tr("floor falls forward: file it down behind the front edge");
        if (seen(known.slot, SlotFound::front_untouched))
            slot << tr("bears behind the front edge: file it down there");
        if (finding.width_excess_mm)
            slot << tr("%1 over its string")
                        .arg(length_with_unit(*finding.width_excess_mm, state.job.units.gap()));
        html +=
            row({QString::fromStdString(state.job.design.string_name(finding.string)),
                 known.nut_gap_mm
                     ? length_with_unit(*known.nut_gap_mm, state.job.units.gap()) +
                           (known.only_at_least ? tr(" or less") : QString()) +
                           (known.nut_pressed_fret > 0 ? tr(", held at %1").arg(known.nut_pressed_fret)
                                                       : QString())
                     : QStringLiteral("–"),
                 finding.raise_counts || finding.lower_counts || stands == tr("right")
                     ? stands
                     : stands + QStringLiteral(" · ") + tr("within the gauge"),
                 length_short(step.u_mm[finding.string].value_or(0.0), state.job.units.gap()),
                 finding.too_wide ? tr("too wide") : QStringLiteral("–"), slot.join(QStringLiteral(", "))});
    }
    return html + QStringLiteral("</table>") + nut_ways_html(step) +
           QStringLiteral("<p style='color:%1'>%2</p>")
               .arg(theme().caption.name(),
                    tr("Two thirds low: shim. A third or fewer to fill: fill. Half too wide or filled, or "
                       "one deeper than a filling holds: a new nut. Instant glue: fumes, eyes, fingers. A "
                       "seat to be cut is a job for a trained repairer."));
}

QString VerdictView::screws_html(const SaddleStep& step) const {
    const State& state = session_.state();
    const Unit unit = state.job.units.gap();
    const auto length = [&](const std::optional<double>& mm) {
        return mm ? length_with_unit(*mm, unit) : QStringLiteral("–");
    };
    const auto height = [&](const std::optional<double>& mm) {
        return mm ? length_with_unit(*mm, state.job.units.action()) : QStringLiteral("–");
    };
    QString html =
        QStringLiteral("<p>%1</p><table cellspacing='0'>")
            .arg(!step.left() ? tr("<b>Turn the screws.</b> Nothing is cut and nothing packed: "
                                   "what goes down comes up again.")
                              : tr("<b>Leave it.</b> No string is off by more than its gauges can tell.")) +
        row({tr("string"), tr("height read"), step.screws_mm ? tr("off its own target") : tr("down")}, "th");
    for (std::size_t i = 0; i < step.take_off_mm.size(); ++i)
        html += row({QString::fromStdString(state.job.design.string_name(i)).toHtmlEscaped(),
                     height(state.known[i].action_mm), length(step.take_off_mm[i])});
    html += QStringLiteral("</table>");
    if (step.screws_mm)
        html += QStringLiteral("<p>%1</p>")
                    .arg(tr("<b>Down at the screws:</b> %1 at the bass, %2 at the treble; minus is up. It is "
                            "the line "
                            "that is least wrong for all strings.")
                             .arg(length_with_unit(step.screws_mm->bass_mm, unit),
                                  length_with_unit(step.screws_mm->treble_mm, unit)));
    return html + QStringLiteral("<p style='color:%1'>%2</p>")
                      .arg(theme().caption.name(),
                           tr("Strings under tension: mind the eyes. Slacken before a screw is turned."));
}

/// Where there is nothing to judge: why, and the way to where it is read.
QString VerdictView::not_read(const QString& why) {
    return QStringLiteral("<p>%1 <a href='go:survey' style='color:%2'>%3</a></p>")
        .arg(why, theme().yours.name(), tr("Read it at the survey."));
}

QString VerdictView::saddle_html() const {
    const State& state = session_.state();
    if (!state.plan)
        return not_read(tr("Nothing read yet: with gap and action of a string the saddle is judged here."));
    const SaddleStep& step = state.plan->saddle;
    const Unit unit = state.job.units.gap();
    if (state.job.design.saddle.by_screws()) return screws_html(step);
    const QString words =
        step.choice == SaddleChoice::renew ? tr("<b>Make a new saddle</b>, to the heights wanted.")
        : step.cut.pack_mm > 0             ? tr("<b>Pack it up, or make a new one.</b> A string stands "
                                                            "too low by %1; material does not go back on.")
                                     .arg(length_with_unit(step.cut.pack_mm, unit))
        : !step.left() ? tr("<b>Lower it.</b> What all strings have too much comes off the straight "
                            "bottom, the rest off the top.")
                       : tr("<b>Leave it.</b> No string is off by more than its gauges can tell.");
    QString html = QStringLiteral("<p>%1</p><table cellspacing='0'>").arg(words) +
                   row({tr("string"), tr("height read"), tr("asked for"), tr("±"), tr("off the top")}, "th");
    for (std::size_t i = 0; i < step.take_off_mm.size(); ++i) {
        const auto length = [&](const std::optional<double>& mm) {
            return mm ? length_with_unit(*mm, unit) : QStringLiteral("–");
        };
        const auto height = [&](const std::optional<double>& mm) {
            return mm ? length_with_unit(*mm, state.job.units.action()) : QStringLiteral("–");
        };
        html +=
            row({QString::fromStdString(state.job.design.string_name(i)), height(state.known[i].action_mm),
                 length(step.take_off_mm[i]), length(step.u_mm[i]), length(step.cut.top_mm[i])});
    }
    html += QStringLiteral("</table><p>");
    html += tr("<b>Off the bottom:</b> %1 at the bass string, %2 at the treble string, about twice what fret "
               "12 should lose.")
                .arg(length_with_unit(step.cut.bottom_mm.bass_mm, unit),
                     length_with_unit(step.cut.bottom_mm.treble_mm, unit));
    html += QStringLiteral("<br>") + tr("<b>Pack:</b> a strip of hard wood or bone of the whole width and "
                                        "length; soft packing gives way.");
    html += QStringLiteral("<br>") + tr("<b>New saddle:</b> where the crown is worn, the height short, or "
                                        "the thickness does not hold every crown.");
    return html + QStringLiteral("</p>");
}

QString VerdictView::relief_html() const {
    const State& state = session_.state();
    if (!state.plan)
        return not_read(
            tr("Nothing read yet: with gap and action of a string, and the relief, it is judged here."));
    const ReliefStep& step = state.plan->relief;
    const Unit unit = state.job.units.gap();
    QStringList lines;
    if (!state.found.relief)
        lines << tr("<b>Leave it.</b> The relief was not read yet.");
    else if (!state.job.design.neck.relief)
        lines << tr("<b>Leave it.</b> It reads %1 ± %2; none is wanted in this job, so that it stays.")
                     .arg(length_with_unit(step.from->depth_mm, unit), length_short(step.u_mm, unit));
    else if (step.left())
        lines << tr("<b>Leave it.</b> It reads %1 ± %2: what is missing or too much is within the gauge, or "
                    "was "
                    "left by choice. Heights are wanted over the neck as it stands.")
                     .arg(length_with_unit(step.from->depth_mm, unit), length_short(step.u_mm, unit));
    else
        lines << tr("<b>Set it.</b> From %1 ± %2 to %3, as held at frets %4 and %5.")
                     .arg(length_with_unit(step.from->depth_mm, unit), length_short(step.u_mm, unit),
                          length_with_unit(step.to_mm.value_or(0.0), unit))
                     .arg(step.from->from_fret)
                     .arg(step.from->to_fret);
    for (const Message& note : state.plan->notes)
        if (note.where != "plan.nut") lines << message_text(note, state.job.units).toHtmlEscaped();
    return QStringLiteral("<p>%1</p><p style='color:%2'>%3</p>")
        .arg(lines.join(QStringLiteral("<br>")), theme().caption.name(),
             tr("Small turns; stop when it binds; know its direction. When unsure, a trained repairer."));
}

} // namespace fm
