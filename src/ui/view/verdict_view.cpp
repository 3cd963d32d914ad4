#include "ui/view/verdict_view.h"

#include "core/found/nut_verdict.h"
#include "core/words/word_of.h"
#include "job/read/decided.h"
#include "ui/field/stop_bar.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "ui/page/verdict_text.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

#include <array>
#include <cmath>

namespace fm {

namespace {

constexpr std::array parts_shown{BenchPart::nut, BenchPart::saddle, BenchPart::relief};
constexpr std::size_t most_ways = 6;

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
      shown_(new ChoiceRow(
          tr("Shown"), {{tr("drawn"), {}, QStringLiteral("L")}, {tr("as tables"), {}, QStringLiteral("L")}})),
      stack_(new QStackedWidget), drawn_(new QWidget), says_(new QLabel), decided_(new QLabel),
      found_(new FoundPicture), page_(new QTextBrowser), bar_(new DecisionBar(session)) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 10, 16, 10);
    column->setSpacing(8);
    auto* choices = new QHBoxLayout;
    choices->setSpacing(24);
    choices->addWidget(parts_);
    choices->addWidget(shown_);
    choices->addStretch(1);
    column->addLayout(choices);
    page_->setFrameShape(QFrame::NoFrame);
    page_->setAccessibleName(tr("The verdict"));
    page_->setOpenLinks(false);
    connect(page_, &QTextBrowser::anchorClicked, this,
            [this](const QUrl& url) { Q_EMIT station_asked(url.toString().section(QLatin1Char(':'), 1)); });
    for (QLabel* label : {says_, decided_}) {
        label->setWordWrap(true);
        label->setTextFormat(Qt::RichText);
    }
    says_->setAccessibleName(tr("The verdict"));
    decided_->setAccessibleName(tr("What was decided"));
    auto* picture = new QVBoxLayout(drawn_);
    picture->setContentsMargins(0, 0, 0, 0);
    picture->setSpacing(6);
    picture->addWidget(says_);
    picture->addWidget(found_, 2);
    auto* cards = new QHBoxLayout;
    cards->setSpacing(8);
    for (std::size_t i = 0; i < most_ways; ++i) {
        auto* card = new WayCard;
        connect(card, &WayCard::clicked, this, [this, i] {
            if (i < story_.ways.size()) bar_->decide(part_, story_.ways[i].word);
        });
        cards->addWidget(card, 1);
        cards_.push_back(card);
    }
    picture->addLayout(cards, 3);
    picture->addWidget(decided_);
    stack_->addWidget(drawn_);
    stack_->addWidget(page_);
    column->addWidget(stack_, 1);
    column->addWidget(bar_);
    connect(parts_, &ChoiceRow::picked, this,
            [this](int index) { choose_part(parts_shown[static_cast<std::size_t>(index)]); });
    connect(shown_, &ChoiceRow::picked, this, [this](int index) { show_other_side(index == 1); });
    connect(bar_, &DecisionBar::refused, this, &VerdictView::refused);
    connect(bar_, &DecisionBar::answered, this, &VerdictView::take_focus);
}

void VerdictView::resizeEvent(QResizeEvent* event) {
    WindowPage::resizeEvent(event);
    for (WayCard* card : cards_) card->setMinimumHeight(width() < 760 ? 330 : 0); // narrow ones are tall
}

void VerdictView::choose_part(BenchPart part) {
    part_ = part;
    refresh();
}

void VerdictView::show_other_side(bool shown) {
    table_ = shown;
    refresh();
    take_focus();
}

void VerdictView::take_focus() {
    if (stack_->currentWidget() == page_) return page_->setFocus();
    for (WayCard* card : cards_)
        if (card->isVisibleTo(this) && card->isEnabled() &&
            way_chosen(session_.state(), part_) == card->word().toStdString())
            return card->setFocus(Qt::OtherFocusReason);
    setFocus();
}

WayCard* VerdictView::card(std::string_view word) const {
    for (WayCard* card : cards_)
        if (card->isVisible() && card->word().toStdString() == word) return card;
    return nullptr;
}

void VerdictView::refresh() {
    if (!session_.is_open()) return;
    for (std::size_t i = 0; i < parts_shown.size(); ++i)
        if (parts_shown[i] == part_) parts_->set_chosen(static_cast<int>(i));
    bar_->refresh();
    const State& state = session_.state();
    const Stop* stop = stop_at(state.stops, part_);
    story_ =
        stop ? VerdictStory{} : verdict_story(state, part_, session_.workshop().tables(), session_.tools());
    page_->setHtml(stop ? QStringLiteral("<p style='color:%1'>▲ %2</p><p>%3</p>")
                                  .arg(theme().warning.name(),
                                       message_text(stop->text, state.job.units).toHtmlEscaped(),
                                       stopped_words()) +
                              decided_html()
                        : html());
    const bool drawn = !story_.ways.empty();
    shown_->setVisible(drawn);
    shown_->set_chosen(table_ ? 1 : 0);
    if (drawn) {
        says_->setText(story_.says);
        says_->setToolTip(story_.rests_on);
        found_->show_story(story_);
        for (std::size_t i = 0; i < cards_.size(); ++i) {
            cards_[i]->setVisible(i < story_.ways.size());
            if (i < story_.ways.size()) cards_[i]->show_way(story_, i);
        }
        decided_->setText(decided_html() + QStringLiteral("<span style='font-size: 13px; color:%1'>%2</span>")
                                               .arg(theme().caption.name(), caution()));
    }
    stack_->setCurrentWidget(drawn && !table_ ? drawn_ : page_);
}

QString VerdictView::html() const {
    const QString rule = part_ == BenchPart::nut && !story_.ways.empty()
                             ? tr("Two thirds low: shim. A third or fewer to fill: fill. Half too wide or "
                                  "filled, or one deeper "
                                  "than a filling holds: a new nut.") +
                                   QLatin1Char(' ')
                             : QString();
    return (part_ == BenchPart::nut      ? nut_html()
            : part_ == BenchPart::saddle ? saddle_html()
                                         : relief_html()) +
           ways_html() +
           QStringLiteral("<p style='color:%1'>%2</p>").arg(theme().caption.name(), rule + caution()) +
           decided_html();
}

/// What the cards say, as a table.
QString VerdictView::ways_html() const {
    if (story_.ways.empty()) return {};
    QString html = QStringLiteral("<table cellspacing='0'>") +
                   row({tr("way"), tr("what it does"), tr("takes"), tr("leaves behind")}, "th");
    for (const WayStory& way : story_.ways)
        html += row({(way.chosen ? QStringLiteral("<b>%1</b>").arg(way.name) : way.name) +
                         (way.proposed ? tr(" (proposed)") : QString()),
                     way.does.toHtmlEscaped(), way.takes.toHtmlEscaped(),
                     way.can_be ? way.leaves.toHtmlEscaped() : tr("not here")});
    return html + QStringLiteral("</table>");
}

QString VerdictView::caution() const {
    switch (part_) {
    case BenchPart::nut:
        return tr(
            "Files away from the hand; dust: mask. Instant glue: fumes, eyes, fingers. A seat to be cut is "
            "a job for a trained repairer.");
    case BenchPart::saddle:
        return session_.state().job.design.saddle.by_screws()
                   ? tr("Strings under tension: mind the eyes. Slacken before a screw is turned.")
                   : tr("Slacken the strings first. Dust: mask and extraction.");
    case BenchPart::relief:
        return tr("Small turns; stop when it binds; know its direction. When unsure, a trained repairer.");
    }
    return {};
}

QString VerdictView::decided_html() const {
    QString html;
    for (const RecordEntry& entry : decisions_about(session_.state().job.record, part_))
        html +=
            QStringLiteral("<p style='margin: 0'><b>%1</b> %2%3%4</p>")
                .arg(tr("Decided:"), QString::fromStdString(entry.text).toHtmlEscaped(),
                     entry.instead_of.empty()
                         ? QString()
                         : tr(", instead of: %1")
                               .arg(QString::fromStdString(entry.instead_of).toHtmlEscaped()),
                     entry.reason.empty()
                         ? QString()
                         : QStringLiteral(" (%1)").arg(QString::fromStdString(entry.reason).toHtmlEscaped()));
    return html;
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
    return html + QStringLiteral("</table>");
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
    return html;
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
    return QStringLiteral("<p>%1</p>").arg(lines.join(QStringLiteral("<br>")));
}

} // namespace fm
