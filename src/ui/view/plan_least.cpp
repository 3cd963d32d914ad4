#include "ui/view/plan_least.h"

#include "ui/look/texts.h"
#include "ui/view/plan_view.h"

#include <cmath>

namespace fm {

namespace {

QString hand_words(const Player& player) {
    if (player.pluck_force_n) return PlanView::tr("this hand");
    switch (player.hand) {
    case PlayingHand::soft: return PlanView::tr("a soft hand");
    case PlayingHand::normal: return PlanView::tr("a normal hand");
    case PlayingHand::hard: return PlanView::tr("a hard hand");
    }
    return {};
}

} // namespace

LeastActions least_actions(const Design& design) {
    const double relief_mm = design.neck.relief ? design.neck.relief->depth_mm : 0.0;
    return {least_action_at(design, relief_mm), least_action_at(design, relief_mm + more_relief_mm)};
}

PlanLeast plan_least(const State& state, const LeastActions& least) {
    const Design& design = state.job.design;
    const Units& units = state.job.units;
    if (!least.at_relief)
        return {{},
                PlanView::tr("No action is free of buzz under %1: the frets, or the neck.")
                    .arg(hand_words(design.player))};
    PlanLeast made;
    const LeastAction& at = *least.at_relief;
    Targets line;
    line.bass_mm = at.bass_mm;
    line.treble_mm = at.treble_mm;
    for (std::size_t i = 0; i < design.strings.size(); ++i)
        made.each_mm.push_back(line.of(i, design.strings.size()));
    const auto action = [&](double mm) {
        return length_number(mm, units.action()).replace(QLatin1Char('\n'), QLatin1Char(' '));
    };
    made.says = PlanView::tr("As low as %1 plays it free: %2 bass, %3 treble")
                    .arg(hand_words(design.player), action(at.bass_mm),
                         length_with_unit(at.treble_mm, units.action()));
    if (!at.limits.empty()) {
        const ActionLimit& limit = at.limits.front();
        const QString name = QString::fromStdString(design.string_name(limit.string));
        made.says += limit.fretted == 0
                         ? PlanView::tr(" (open, %1 meets fret %2 first)").arg(name).arg(limit.over)
                         : PlanView::tr(" (%1 held at %2 meets fret %3 first)")
                               .arg(name)
                               .arg(limit.fretted)
                               .arg(limit.over);
    }
    made.says += QLatin1Char('.');
    if (!least.with_more) return made;
    const double lower_mm = at.mean_mm - least.with_more->mean_mm;
    const QString more = length_with_unit(more_relief_mm, units.gap());
    made.says += QLatin1Char(' ');
    if (std::abs(lower_mm) < 0.005)
        made.says += PlanView::tr("%1 more relief buys nothing.").arg(more);
    else
        made.says += (lower_mm > 0 ? PlanView::tr("%1 more relief: %2 lower.")
                                   : PlanView::tr("%1 more relief: %2 higher."))
                         .arg(more, length_with_unit(std::abs(lower_mm), units.gap()));
    return made;
}

} // namespace fm
