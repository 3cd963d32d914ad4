#include "ui/page/verdict_text.h"

#include "core/found/nut_verdict.h"
#include "ui/look/texts.h"

#include <QCoreApplication>

namespace fm {

namespace {

struct Verdict {
    Q_DECLARE_TR_FUNCTIONS(fm::Verdict)
};

QString names_of(const std::vector<std::size_t>& strings, const Design& design) {
    QStringList names;
    for (const std::size_t i : strings) names << QString::fromStdString(design.string_name(i));
    return names.join(QStringLiteral(", "));
}

QString decision_words(const NutDecision& decision, const State& state) {
    const QString shim =
        decision.shim_mm ? length_with_unit(*decision.shim_mm, state.job.units.gap()) : QString();
    const QString fill = names_of(decision.fill, state.job.design);
    switch (decision.choice) {
    case NutChoice::leave:
        return Verdict::tr("<b>Leave it.</b> No slot is off by more than its gauges can tell.");
    case NutChoice::file:
        return Verdict::tr(
            "<b>File.</b> No slot is too low or too wide; %n stand too high by more than their "
            "gauges can tell.",
            nullptr, static_cast<int>(decision.lowers));
    case NutChoice::below:
        return Verdict::tr("<b>From below: %1 off the nut's bottom in one.</b> Every slot stands higher than "
                           "that: they stay as deep as they are.")
            .arg(length_with_unit(decision.below_mm, state.job.units.gap()));
    case NutChoice::fill:
        return Verdict::tr(
                   "<b>Fill and cut again: %1.</b> A third of the slots or fewer, none deeper than 0.4 mm.")
            .arg(fill);
    case NutChoice::shim:
        if (state.job.design.nut.clamping)
            return Verdict::tr(
                       "<b>Raise it on shims by %1.</b> A nut that clamps is not filed: it goes up as a "
                       "block.")
                .arg(shim);
        return Verdict::
            tr("<b>Shim the whole nut by %1, then file.</b> More than two thirds of the slots are too low.")
                .arg(shim);
    case NutChoice::replace:
        return Verdict::tr("<b>Make a new nut.</b> Half of the slots or more are too wide or filled, or one "
                           "is too deep to fill.");
    case NutChoice::choose:
        if (!decision.shim_mm)
            return Verdict::tr(
                       "<b>Fill %1, or a new nut.</b> Too many to fill without thought; a shim does not "
                       "mend them: the maker decides.")
                .arg(fill);
        if (decision.fill.empty())
            return Verdict::tr("<b>Shim by %1, or a new nut.</b> One is too deep to fill: the maker decides.")
                .arg(shim);
        return Verdict::
            tr("<b>Shim by %1, or fill: %2.</b> Too many to fill without thought, too few to shim without "
               "loss: the maker decides.")
                .arg(shim, fill);
    }
    return {};
}

QString other_ways(NutChoice choice) {
    switch (choice) {
    case NutChoice::fill:
        return Verdict::tr("Instead: a shim under the nut lifts every slot, and all are filed again; a new "
                           "nut lasts longest.");
    case NutChoice::shim:
        return Verdict::tr("Instead: a new nut costs more time and leaves nothing under it; filling so many "
                           "slots wears soon.");
    case NutChoice::replace:
        return Verdict::tr("Instead: filling holds for a while where the budget ends; say so to the owner.");
    default: return {};
    }
}

} // namespace

namespace {

/// Where only the eye has judged: no amount, and no depth.
QString by_sight(const State& state) {
    const Design& design = state.job.design;
    int looked = 0;
    std::vector<std::size_t> bad;
    for (std::size_t i = 0; i < state.known.size(); ++i) {
        const KnownString& known = state.known[i];
        if (!known.slot_width_mm && known.slot == SlotSeen{}) continue;
        ++looked;
        const double clear_mm =
            design.strings[i].diameter_mm + design.nut.slot_clearance_mm.of(design.strings[i].wound);
        if (seen(known.slot, SlotFound::wiggles) || seen(known.slot, SlotFound::filled) ||
            (known.slot_width_mm && *known.slot_width_mm - clear_mm > 0.1))
            bad.push_back(i);
    }
    if (looked == 0) return {};
    const QString depth = QLatin1Char(' ') + Verdict::tr("How deep they are only gaps say.");
    if (bad.empty())
        return Verdict::tr("<b>By sight alone: nothing speaks against its slots</b> (%1 looked at).")
                   .arg(looked) +
               depth;
    const QString names = names_of(bad, design);
    if (2 * static_cast<int>(bad.size()) >= looked)
        return Verdict::tr(
                   "<b>By sight alone: a new nut.</b> Too wide, or filled before: %1, half or more of %2 "
                   "that were looked at.")
                   .arg(names)
                   .arg(looked) +
               depth;
    return Verdict::tr(
               "<b>By sight alone: fill and cut again %1.</b> Too wide, or filled before; the others are "
               "fine to the eye.")
               .arg(names) +
           depth;
}

} // namespace

QString nut_verdict_line(const State& state) {
    return decision_words(state.nut->step.decision, state);
}

QString nut_verdict_ground(const State& state) {
    const NutDecision& decision = state.nut->step.decision;
    const Unit unit = state.job.units.gap();
    QString read = Verdict::tr("Of %1 slots read, %2 too low").arg(decision.slots).arg(decision.raises);
    if (decision.raises > 0)
        read += Verdict::tr(" (the lowest by %1)").arg(length_with_unit(decision.largest_raise_mm, unit));
    read += Verdict::tr(
                ", %1 too wide or filled. What is within three standard deviations of its gauges, or under "
                "0.05 mm, does not count as low; too wide is from 0.1 mm.")
                .arg(decision.wide_or_filled);
    if (state.nut->action_as_wanted)
        read += QLatin1Char(' ') +
                Verdict::tr("No action was read: open gaps are judged with the action wanted.");
    return read;
}

QString nut_verdict_text(const State& state) {
    if (!state.nut) {
        const QString sight = by_sight(state);
        return sight.isEmpty()
                   ? Verdict::tr("Nothing read yet: with gap and action of a string its slot is judged here.")
                   : sight;
    }
    const std::vector<SlotFinding>& findings = state.nut->step.findings;
    const NutDecision& decision = state.nut->step.decision;
    const Unit unit = state.job.units.gap();
    QStringList lines{nut_verdict_line(state), nut_verdict_ground(state)};
    QStringList each;
    for (const SlotFinding& finding : findings) {
        const QString name = QString::fromStdString(state.job.design.string_name(finding.string));
        if (finding.raise_counts)
            each << Verdict::tr("%1 raise %2").arg(name, length_with_unit(finding.raise_mm, unit));
        else if (finding.lower_counts)
            each << Verdict::tr("%1 take off %2").arg(name, length_with_unit(finding.lower_mm, unit));
        else if (finding.too_wide)
            each << name;
        if (finding.too_wide) each.back() += Verdict::tr(" (too wide)");
    }
    if (!each.isEmpty()) lines << each.join(QStringLiteral("; ")) + QLatin1Char('.');
    const QString other = other_ways(decision.choice);
    if (!other.isEmpty()) lines << other;
    return lines.join(QStringLiteral("<br>"));
}

} // namespace fm
