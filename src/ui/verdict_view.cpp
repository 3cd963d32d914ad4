#include "ui/verdict_view.h"

#include "core/nut_verdict.h"
#include "job/record.h"
#include "ui/plain_button.h"
#include "ui/record_time.h"
#include "ui/texts.h"
#include "ui/theme.h"
#include "ui/verdict_text.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

#include <cmath>

namespace fm {

namespace {

constexpr double read_to_mm = 0.02; // nothing smaller can be read
enum NutWay { file_way, fill_way, shim_way, new_nut_way };
enum SaddleWay { leave_way, lower_way, pack_way, new_saddle_way };
enum ScrewWay { leave_screws_way, turn_way, other_saddles_way };

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
    : QWidget(parent), session_(session),
      parts_(new ChoiceRow(tr("Verdict on"), {{tr("the nut"), {}, {}}, {tr("the saddle"), {}, {}}})),
      nut_ways_(new ChoiceRow(
          tr("Decided"),
          {{tr("file"), {}, {}}, {tr("fill"), {}, {}}, {tr("shim"), {}, {}}, {tr("new nut"), {}, {}}})),
      saddle_ways_(new ChoiceRow(tr("Decided"), {{tr("leave it"), {}, {}},
                                                 {tr("lower it"), {}, {}},
                                                 {tr("pack it up"), {}, {}},
                                                 {tr("new saddle"), {}, {}}})),
      screw_ways_(new ChoiceRow(
          tr("Decided"),
          {{tr("leave it"), {}, {}}, {tr("turn the screws"), {}, {}}, {tr("other saddles"), {}, {}}})),
      reason_(new QLineEdit), page_(new QTextBrowser) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 10, 16, 10);
    column->setSpacing(8);
    column->addWidget(parts_);
    page_->setFrameShape(QFrame::NoFrame);
    page_->setAccessibleName(tr("The verdict"));
    column->addWidget(page_, 1);
    column->addWidget(nut_ways_);
    column->addWidget(saddle_ways_);
    column->addWidget(screw_ways_);
    reason_->setPlaceholderText(tr("why, where it is another way than proposed"));
    reason_->setAccessibleName(tr("Reason of the decision"));
    reason_->setToolTip(tr("Goes into the record with the decision; write it first, then choose the way"));
    reason_->setMinimumHeight(34);
    reason_->setMaxLength(2000);
    column->addWidget(reason_);
    connect(parts_, &ChoiceRow::picked, this, [this](int index) { choose_part(static_cast<Part>(index)); });
    for (ChoiceRow* ways : {nut_ways_, saddle_ways_, screw_ways_})
        connect(ways, &ChoiceRow::picked, this, [this](int index) { decide(index, reason_->text()); });
}

void VerdictView::choose_part(Part part) {
    part_ = part;
    refresh();
}

ChoiceRow* VerdictView::ways_row() const {
    if (part_ == Part::nut) return nut_ways_;
    return session_.state().job.design.saddle.by_screws() ? screw_ways_ : saddle_ways_;
}

QStringList VerdictView::ways() const {
    QStringList names;
    for (const auto& option : ways_row()->options()) names << option.name;
    return names;
}

std::optional<int> VerdictView::proposed() const {
    const auto& plan = session_.state().plan;
    if (!plan) return std::nullopt;
    if (part_ == Part::saddle && session_.state().job.design.saddle.by_screws()) {
        bool off = false;
        if (const auto& screws = plan->saddle.screws_mm)
            off = std::max(std::abs(screws->bass_mm), std::abs(screws->treble_mm)) >= read_to_mm;
        else
            for (const auto& mm : plan->saddle.take_off_mm)
                off = off || std::abs(mm.value_or(0)) >= read_to_mm;
        return off ? turn_way : leave_screws_way;
    }
    if (part_ == Part::saddle) {
        if (plan->saddle.cut.pack_mm >= read_to_mm) return pack_way;
        for (const auto& mm : plan->saddle.take_off_mm)
            if (mm.value_or(0) >= read_to_mm) return lower_way;
        return leave_way;
    }
    switch (plan->nut.decision.verdict) {
    case NutVerdict::file: return file_way;
    case NutVerdict::fill: return fill_way;
    case NutVerdict::shim: return shim_way;
    case NutVerdict::replace: return new_nut_way;
    case NutVerdict::choose: return std::nullopt; // the maker's, either way
    }
    return std::nullopt;
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
    entry.about = part_ == Part::nut ? "nut" : "saddle";
    entry.text = (parts_->options()[static_cast<std::size_t>(part_)].name + QStringLiteral(": ") + names[way])
                     .toStdString();
    entry.reason = reason.trimmed().toStdString();
    if (overruled) entry.instead_of = names[*wanted].toStdString();
    const auto problems =
        session_.commit(tr("decided: %1").arg(names[way]), with_record_entry(session_.document(), entry));
    if (!problems.empty()) return Q_EMIT refused(session_.told(problems));
    reason_->clear();
    refresh();
}

void VerdictView::refresh() {
    if (!session_.is_open()) return;
    parts_->set_chosen(static_cast<int>(part_));
    ChoiceRow* const shown = ways_row();
    for (ChoiceRow* row : {nut_ways_, saddle_ways_, screw_ways_}) row->setVisible(row == shown);
    // What was decided last; else what is proposed.
    const char* const about = part_ == Part::nut ? "nut" : "saddle";
    int chosen = proposed().value_or(-1);
    for (const StandingEntry& each : standing_entries(session_.state().job.record))
        if (each.entry.kind == RecordKind::decision && each.entry.about == about)
            for (int i = 0; i < ways().size(); ++i)
                if (QString::fromStdString(each.entry.text).endsWith(QStringLiteral(": ") + ways()[i]))
                    chosen = i;
    shown->set_chosen(chosen);
    page_->setHtml((part_ == Part::nut ? nut_html() : saddle_html()) + decided_html());
}

QString VerdictView::decided_html() const {
    QString html;
    const char* const about = part_ == Part::nut ? "nut" : "saddle";
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
    const Unit unit = state.job.unit;
    const double shim_mm =
        shim_of_raise_mm(step.decision.largest_raise_mm, state.job.design.nut.shim_step_mm);
    QStringList lines;
    int over = 0;
    for (const auto& mm : step.take_off_mm) over += mm.value_or(0) >= read_to_mm;
    // What a shim leaves too high is none of what was found so.
    lines << (step.decision.verdict == NutVerdict::shim
                  ? tr("<b>File:</b> slots too high once it is shimmed: %1.").arg(over)
                  : tr("<b>File:</b> slots too high by a reading or more: %1.").arg(over));
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
    QString html = QStringLiteral("<p>%1</p>").arg(nut_verdict_text(state));
    if (!state.plan) return html;
    const NutStep& step = state.plan->nut;
    html += QStringLiteral("<table cellspacing='0'>") +
            row({tr("string"), tr("gap read"), tr("stands"), tr("width"), tr("slot")}, "th");
    for (const SlotFinding& finding : step.findings) {
        const KnownString& known = state.known[finding.string];
        const QString stands =
            finding.raise_mm > 0   ? tr("%1 too low").arg(length_with_unit(finding.raise_mm, state.job.unit))
            : finding.lower_mm > 0 ? tr("%1 too high").arg(length_with_unit(finding.lower_mm, state.job.unit))
                                   : tr("right");
        QStringList slot;
        if (finding.filled) slot << tr("filled before");
        if (finding.wiggles) slot << tr("wiggles");
        if (known.slot == SlotFound::binds) slot << tr("binds: open it by the clearance");
        if (finding.width_excess_mm)
            slot << tr("%1 over its string").arg(length_with_unit(*finding.width_excess_mm, state.job.unit));
        html += row({QString::fromStdString(state.job.design.string_name(finding.string)),
                     known.nut_gap_mm
                         ? length_with_unit(*known.nut_gap_mm, state.job.unit) +
                               (known.only_at_least ? tr(" or less") : QString()) +
                               (known.nut_pressed_fret > 0 ? tr(", held at %1").arg(known.nut_pressed_fret)
                                                           : QString())
                         : QStringLiteral("–"),
                     stands, finding.too_wide ? tr("too wide") : QStringLiteral("–"),
                     slot.join(QStringLiteral(", "))});
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
    const Unit unit = state.job.unit;
    const auto length = [&](const std::optional<double>& mm) {
        return mm ? length_with_unit(*mm, unit) : QStringLiteral("–");
    };
    QString html =
        QStringLiteral("<p>%1</p><table cellspacing='0'>")
            .arg(proposed() == turn_way ? tr("<b>Turn the screws.</b> Nothing is cut and nothing packed: "
                                             "what goes down comes up again.")
                                        : tr("<b>Leave it.</b> No string is off by a reading or more.")) +
        row({tr("string"), tr("height read"), step.screws_mm ? tr("off its own target") : tr("down")}, "th");
    for (std::size_t i = 0; i < step.take_off_mm.size(); ++i)
        html += row({QString::fromStdString(state.job.design.string_name(i)).toHtmlEscaped(),
                     length(state.known[i].action_mm), length(step.take_off_mm[i])});
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

QString VerdictView::saddle_html() const {
    const State& state = session_.state();
    if (!state.plan)
        return QStringLiteral("<p>%1</p>")
            .arg(tr("Nothing read yet: with gap and action of a string the saddle is judged here."));
    const SaddleStep& step = state.plan->saddle;
    const Unit unit = state.job.unit;
    if (state.job.design.saddle.by_screws()) return screws_html(step);
    const QString words = proposed() == pack_way ? tr("<b>Pack it up, or make a new one.</b> A string stands "
                                                      "too low by %1; material does not go back on.")
                                                       .arg(length_with_unit(step.cut.pack_mm, unit))
                          : proposed() == lower_way
                              ? tr("<b>Lower it.</b> What all strings have too much comes off the straight "
                                   "bottom, the rest off the top.")
                              : tr("<b>Leave it.</b> No string is off by a reading or more.");
    QString html = QStringLiteral("<p>%1</p><table cellspacing='0'>").arg(words) +
                   row({tr("string"), tr("height read"), tr("take off"), tr("off the top")}, "th");
    for (std::size_t i = 0; i < step.take_off_mm.size(); ++i) {
        const auto length = [&](const std::optional<double>& mm) {
            return mm ? length_with_unit(*mm, unit) : QStringLiteral("–");
        };
        html +=
            row({QString::fromStdString(state.job.design.string_name(i)), length(state.known[i].action_mm),
                 length(step.take_off_mm[i]), length(step.cut.top_mm[i])});
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

} // namespace fm
