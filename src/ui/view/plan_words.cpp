#include "ui/view/plan_words.h"

#include "core/found/filing.h"
#include "ui/look/texts.h"
#include "ui/view/plan_view.h"

#include <cmath>
#include <cstdlib>

namespace fm {

namespace {

QString saddle_words(const State& state, const SaddleStep& step) {
    const Unit unit = state.job.units.gap();
    if (step.left())
        return PlanView::tr(
            "Left as found: what is missing or too much is within the gauge, or was left by choice.");
    if (step.choice == SaddleChoice::renew)
        return PlanView::tr("A new saddle, to the heights wanted: its sheet is at Sheets.");
    if (step.screws_mm) {
        const SaddleDesign& by = state.job.design.saddle;
        const auto way = [&](double mm) {
            const QString turns = by.screw_pitch_mm
                                      ? QStringLiteral(" (%1)").arg(turns_text(mm, by.screw_pitch_mm))
                                      : QString();
            return (mm < 0 ? PlanView::tr("%1 up").arg(length_with_unit(-mm, unit))
                           : PlanView::tr("%1 down").arg(length_with_unit(mm, unit))) +
                   turns;
        };
        return PlanView::tr("Screws: %1 at the bass, %2 at the treble.")
            .arg(way(step.screws_mm->bass_mm), way(step.screws_mm->treble_mm));
    }
    if (state.job.design.saddle.by_screws())
        return PlanView::tr(
            "Every saddle goes down by its own screw, by the amount in its row; minus is up.");
    if (step.cut.pack_mm > 0)
        return PlanView::tr("Packing under the saddle of %1, or a new one.")
            .arg(length_with_unit(step.cut.pack_mm, unit));
    return PlanView::tr(
               "Off its bottom in one: %1 at the bass string, %2 at the treble string; what a string still "
               "has is "
               "taken off the top.")
        .arg(length_with_unit(step.cut.bottom_mm.bass_mm, unit),
             length_with_unit(step.cut.bottom_mm.treble_mm, unit));
}

QString relief_words(const State& state, const ReliefStep& step) {
    const Unit unit = state.job.units.gap();
    if (!state.found.relief) return PlanView::tr("The relief was not read yet: it is left as it is.");
    if (step.left())
        return PlanView::tr(
                   "Left as found: %1 ± %2, under a string held at frets %3 and %4. Heights are wanted over "
                   "the neck as it stands.")
            .arg(length_with_unit(step.from->depth_mm, unit), length_short(step.u_mm, unit))
            .arg(step.from->from_fret)
            .arg(step.from->to_fret);
    const double less_mm = step.from->depth_mm - *step.to_mm;
    const QString way = less_mm > 0 ? PlanView::tr("↻ tighten the rod, less relief")
                                    : PlanView::tr("↺ loosen the rod, more relief");
    const auto turn = rod_turn_eighths(state.job.design, state.job.readings, less_mm);
    return PlanView::tr("From %1 to %2, under a string held at frets %3 and %4: %5%6.")
        .arg(length_with_unit(step.from->depth_mm, unit), length_with_unit(*step.to_mm, unit))
        .arg(step.from->from_fret)
        .arg(step.from->to_fret)
        .arg(way, turn && *turn != 0
                      ? PlanView::tr(", about %1/8 of a turn by this rod's own log").arg(std::abs(*turn))
                      : QString());
}

QString nut_words(const State& state, const NutDecision& decision) {
    const Unit unit = state.job.units.gap();
    switch (decision.choice) {
    case NutChoice::leave:
        return PlanView::tr(
            "Left as found: no slot is off by more than its gauges can tell, or it was left by choice.");
    case NutChoice::below:
        return PlanView::tr("%1 off the nut's bottom in one; then file what still stands too high.")
            .arg(length_with_unit(decision.below_mm, unit));
    case NutChoice::file:
        return PlanView::tr(
            "File the slots; each with a file of its own width, stopping two standard deviations early.");
    case NutChoice::shim:
        if (state.job.design.nut.clamping)
            return PlanView::tr("The whole nut up on shims by %1; a nut that clamps is not filed.")
                .arg(length_with_unit(decision.shim_mm.value_or(0), unit));
        return PlanView::tr("Shim of %1 under the whole nut, then file what stands too high.")
            .arg(length_with_unit(decision.shim_mm.value_or(0), unit));
    case NutChoice::fill:
        return PlanView::tr("Fill %1 slots proud, let it cure, cut them anew.").arg(decision.fill.size());
    case NutChoice::choose:
        return PlanView::tr("A shim of %1, or filling: decide at the nut.")
            .arg(length_with_unit(decision.shim_mm.value_or(0), unit));
    case NutChoice::replace: return PlanView::tr("A new nut: its sheet and the order of cuts are at Sheets.");
    }
    return {};
}

} // namespace

QString step_words(const State& state, const Plan& plan, BenchPart part) {
    switch (part) {
    case BenchPart::relief: return relief_words(state, plan.relief);
    case BenchPart::saddle: return saddle_words(state, plan.saddle);
    case BenchPart::nut: return nut_words(state, plan.nut.decision);
    }
    return {};
}

QString step_caution(const State& state, const Plan& plan, BenchPart part) {
    switch (part) {
    case BenchPart::relief:
        if (!state.found.relief || plan.relief.left()) return {};
        return PlanView::tr(
            "Small turns; stop when it binds. A neck moves on after the wrench is put down: read again "
            "in an hour.");
    case BenchPart::saddle:
        if (state.job.design.saddle.height_by == HeightBy::posts)
            return PlanView::tr("Posts are never turned under tension: slacken, turn, tune, read again.");
        if (state.job.design.saddle.by_screws())
            return PlanView::tr(
                "Strings under tension: mind the eyes. Slacken before a screw is turned, tune, read again.");
        return PlanView::tr(
            "Slacken the strings first. Dust: mask and extraction. Follow your tools' instructions and "
            "local rules.");
    case BenchPart::nut:
        return PlanView::tr(
            "Files away from the hand; dust: mask; instant glue: fumes, eyes, fingers. Follow your tools' "
            "instructions and local rules.");
    }
    return {};
}

} // namespace fm
