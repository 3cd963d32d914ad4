#include "ui/view/plan_story.h"

#include "core/found/cents_rounds.h"
#include "job/read/story.h"
#include "ui/field/decision_bar.h"
#include "ui/look/texts.h"
#include "ui/view/plan_view.h"
#include "ui/view/plan_words.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

QString held_words(const ReadingWay& way) {
    const QString over =
        way.part == BenchPart::nut ? PlanView::tr("over fret 1") : PlanView::tr("over fret 12");
    if (way.open()) return over + QStringLiteral(", ") + PlanView::tr("open");
    return over + QStringLiteral(", ") +
           (way.part == BenchPart::nut ? PlanView::tr("held at %1").arg(way.held_at)
                                       : PlanView::tr("capo at 1"));
}

PlanColumn begun(SetupStep step, const QString& title, const QString& read_as) {
    PlanColumn column;
    column.step = step;
    column.title = title;
    column.read_as = read_as;
    return column;
}

constexpr double least_mm = 0.005; // of what is shown

class Teller {
public:
    Teller(const State& state, const Plan& plan)
        : state_(state), plan_(plan), design_(state.job.design), before_(before_and_after(state.job)) {}

    PlanColumn relief() const {
        PlanColumn column = begun(SetupStep::relief, PlanView::tr("Neck"), PlanView::tr("relief"));
        const ReliefStep& step = plan_.relief;
        if (step.from)
            column.read_as =
                PlanView::tr("relief, held at %1 and %2").arg(step.from->from_fret).arg(step.from->to_fret);
        column.says = step_words(state_, plan_, BenchPart::relief);
        column.does_something = !step.left();
        column.back = PlanView::tr("can be turned back");
        if (stopped(BenchPart::relief, column)) return column;
        tell_way(BenchPart::relief, column);
        PlanMark mark;
        mark.found = before_.relief_mm.found;
        mark.now = before_.relief_mm.now;
        mark.after = step.to_mm;
        if (step.from) mark.before = step.from->depth_mm;
        if (design_.neck.relief) mark.wanted = design_.neck.relief->depth_mm;
        if (column.does_something && step.from) {
            mark.off_mm = step.from->depth_mm - *step.to_mm;
            mark.u_mm = step.u_mm;
            column.figure =
                length(step.from->depth_mm) + QStringLiteral(" → ") + length(*step.to_mm) + unit();
        }
        mark.there = !column.does_something && mark.now.has_value();
        column.done = mark.there;
        column.marks.push_back(std::move(mark));
        return column;
    }

    PlanColumn saddle() const {
        const ReadingWay way = action_way(design_);
        const bool second = plan_.order == PlanOrder::neck_saddle_nut;
        PlanColumn column = begun(SetupStep::saddle, PlanView::tr("Saddle"), held_words(way));
        column.kind = LengthKind::action;
        const SaddleStep& step = plan_.saddle;
        column.says = step_words(state_, plan_, BenchPart::saddle);
        column.does_something = !step.left();
        const bool turned = design_.saddle.by_screws() || step.screws_mm;
        const bool packed = step.cut.pack_mm > 0;
        column.back = turned   ? PlanView::tr("can be turned back")
                      : packed ? PlanView::tr("can be taken out again")
                               : PlanView::tr("what is off stays off");
        if (stopped(BenchPart::saddle, column)) return column;
        tell_way(BenchPart::saddle, column);
        for (std::size_t i = 0; i < design_.strings.size(); ++i) {
            PlanMark mark = mark_of(i, before_.strings[i].action_mm, step.after[i], way);
            mark.before = read_after(second ? plan_.relief.after : plan_.nut.after, i, way);
            if (column.does_something && step.take_off_mm[i]) {
                mark.off_mm = step.take_off_mm[i];
                mark.u_mm = step.u_mm[i];
            }
            mark.there = !column.does_something && mark.now.has_value();
            column.marks.push_back(std::move(mark));
        }
        column.done = all_there(column);
        if (column.does_something) column.figure = saddle_figure(step);
        column.leaves = leaves();
        return column;
    }

    PlanColumn nut() const {
        const ReadingWay way = nut_way(design_);
        const bool second = plan_.order == PlanOrder::neck_nut_saddle;
        const bool shimmed = plan_.nut.decision.choice == NutChoice::shim;
        PlanColumn column = begun(SetupStep::nut, PlanView::tr("Nut"), held_words(way));
        const NutStep& step = plan_.nut;
        column.says = step_words(state_, plan_, BenchPart::nut);
        column.does_something = !step.left();
        column.back =
            shimmed ? PlanView::tr("can be taken out again") : PlanView::tr("what is off stays off");
        if (stopped(BenchPart::nut, column)) return column;
        tell_way(BenchPart::nut, column);
        for (std::size_t i = 0; i < design_.strings.size(); ++i) {
            PlanMark mark = mark_of(i, before_.strings[i].nut_gap_mm, step.after[i], way);
            mark.before = read_after(second ? plan_.relief.after : plan_.saddle.after, i, way);
            const bool stays = !plan_.strings[i] || plan_.strings[i]->slot_stays;
            if (column.does_something && !stays && step.take_off_mm[i]) {
                // Of a shim that lifts all of them only what is filed then.
                const bool raised = !shimmed && *step.raise_mm[i] > 0 && *step.take_off_mm[i] == 0;
                const double mm = raised ? -*step.raise_mm[i] : *step.take_off_mm[i];
                if (std::abs(mm) >= least_mm) mark.off_mm = mm;
                if (shimmed) mark.done = PlanView::tr("shimmed");
                mark.u_mm = step.u_mm[i];
            }
            mark.there = !mark.off_mm && mark.done.isEmpty() && mark.now.has_value();
            column.marks.push_back(std::move(mark));
        }
        column.done = all_there(column);
        if (column.does_something) column.figure = nut_figure(step);
        return column;
    }

    PlanColumn intonation() const {
        PlanColumn column =
            begun(SetupStep::intonation, PlanView::tr("Intonation"), PlanView::tr("cents at fret 12"));
        column.in_cents = true;
        column.back = PlanView::tr("can be moved back");
        int read = 0;
        const auto rounds = cents_rounds(state_.job.readings, design_.strings.size());
        for (std::size_t i = 0; i < design_.strings.size(); ++i) {
            PlanMark mark;
            mark.name = QString::fromStdString(design_.string_name(i));
            mark.wanted = -state_.job.intonation.flat_cents;
            for (const CentsRead& each : rounds[i].reads)
                if (each.fret == 12) (each.counts ? mark.now : mark.found) = each.cents;
            if (mark.now) ++read;
            column.marks.push_back(std::move(mark));
        }
        column.says = read == 0 ? PlanView::tr("Last of all: fret 12 of every string against a tuner.")
                                : PlanView::tr("%1 of %2 read with the heights as they are.")
                                      .arg(read)
                                      .arg(design_.strings.size());
        column.does_something = read < static_cast<int>(design_.strings.size());
        return column;
    }

private:
    static bool all_there(const PlanColumn& column) {
        return !column.does_something && std::all_of(column.marks.begin(), column.marks.end(),
                                                     [](const PlanMark& mark) { return mark.there; });
    }
    void tell_way(BenchPart part, PlanColumn& column) const {
        const auto way = way_chosen(state_, part);
        const SaddleStep& saddle = plan_.saddle;
        const bool cut =
            part == BenchPart::saddle && saddle.choice == SaddleChoice::set && !design_.saddle.by_screws();
        column.way = !way  ? PlanView::tr("to choose")
                     : cut ? (saddle.cut.pack_mm > 0 ? PlanView::tr("pack it") : PlanView::tr("lower it"))
                           : way_name(design_, part, *way);
    }

    QString length(double mm, LengthKind kind = LengthKind::gap) const {
        return length_number(mm, state_.job.units.of(kind)).replace(QLatin1Char('\n'), QLatin1Char(' '));
    }
    QString unit() const { return QLatin1Char(' ') + unit_text(state_.job.units.gap()); }

    bool stopped(BenchPart part, PlanColumn& column) const {
        if (!stop_at(state_.stops, part)) return false;
        column.says = PlanView::tr("No amount before the stop above is passed.");
        return true;
    }

    static std::optional<double> read_after(const After& after, std::size_t i, const ReadingWay& way) {
        return after[i] ? std::optional(way.of(*after[i])) : std::nullopt;
    }

    PlanMark mark_of(std::size_t i, const BeforeAfter& read, const std::optional<GaugeReadings>& after,
                     const ReadingWay& way) const {
        PlanMark mark;
        mark.name = QString::fromStdString(design_.string_name(i));
        mark.found = read.found;
        mark.now = read.now;
        if (after) mark.after = way.of(*after);
        mark.wanted = way.of(state_.written.strings[i]);
        // Another way of reading than the job's is not drawn on its scale.
        if (way.part == BenchPart::nut && !(before_.nut_way == way)) mark.found = mark.now = std::nullopt;
        return mark;
    }

    QString saddle_figure(const SaddleStep& step) const {
        if (step.choice == SaddleChoice::renew) return PlanView::tr("a new one");
        const auto two = [this](double bass, double treble) {
            return PlanView::tr("%1 bass, %2 treble").arg(length(bass), length(treble)) + unit();
        };
        if (step.screws_mm) { // each with its way
            const auto way = [this](double mm) {
                return (mm < 0 ? QStringLiteral("↑") : QStringLiteral("↓")) + length(std::abs(mm));
            };
            return PlanView::tr("%1 bass, %2 treble")
                       .arg(way(step.screws_mm->bass_mm), way(step.screws_mm->treble_mm)) +
                   unit();
        }
        if (design_.saddle.by_screws()) return PlanView::tr("each its own");
        if (step.cut.pack_mm > 0) return PlanView::tr("pack %1").arg(length(step.cut.pack_mm)) + unit();
        return two(step.cut.bottom_mm.bass_mm, step.cut.bottom_mm.treble_mm);
    }

    QString nut_figure(const NutStep& step) const {
        const auto with_unit = [this](const QString& text, double mm) {
            return text.arg(length(mm)) + unit();
        };
        switch (step.decision.choice) {
        case NutChoice::shim: return with_unit(PlanView::tr("shim %1"), step.decision.shim_mm.value_or(0));
        case NutChoice::choose:
            return with_unit(PlanView::tr("shim %1, or fill"), step.decision.shim_mm.value_or(0));
        case NutChoice::below: return with_unit(PlanView::tr("%1 from below"), step.decision.below_mm);
        case NutChoice::fill: return PlanView::tr("fill %1").arg(step.decision.fill.size());
        case NutChoice::replace: return PlanView::tr("a new one");
        default: break;
        }
        double most = 0;
        for (const auto& mm : step.take_off_mm)
            if (mm) most = std::max(most, *mm);
        return with_unit(PlanView::tr("file, %1 at most"), most);
    }

    /// The least of what stands of the saddle and of its angles, as found and once the plan is done.
    QString leaves() const {
        QStringList lines;
        const auto& strings = state_.solution.strings;
        if (!state_.solution.bridge || plan_.breaks_found_deg.size() != strings.size()) return {};
        const auto least = [&](const auto& of) {
            double value = of(0);
            for (std::size_t i = 1; i < strings.size(); ++i) value = std::min(value, of(i));
            return value;
        };
        const bool exposed = plan_.exposures_found_mm.size() == strings.size() &&
                             std::all_of(strings.begin(), strings.end(), [](const StringSolution& string) {
                                 return string.bridge && string.bridge->exposure_mm;
                             });
        if (exposed)
            lines << PlanView::tr("exposed %1 → %2")
                         .arg(length(least([&](std::size_t i) { return plan_.exposures_found_mm[i]; }),
                                     LengthKind::small),
                              length(least([&](std::size_t i) { return *strings[i].bridge->exposure_mm; }),
                                     LengthKind::small));
        if (std::all_of(strings.begin(), strings.end(),
                        [](const auto& string) { return string.bridge.has_value(); }))
            lines << PlanView::tr("breaks %1° → %2°")
                         .arg(number_text(least([&](std::size_t i) { return plan_.breaks_found_deg[i]; }), 0),
                              number_text(
                                  least([&](std::size_t i) { return strings[i].bridge->break_angle_deg; }),
                                  0));
        return lines.join(QStringLiteral(" · "));
    }

    const State& state_;
    const Plan& plan_;
    const Design& design_;
    JobBeforeAfter before_;
};

} // namespace

std::optional<BenchPart> part_of(SetupStep step) {
    switch (step) {
    case SetupStep::relief: return BenchPart::relief;
    case SetupStep::saddle: return BenchPart::saddle;
    case SetupStep::nut: return BenchPart::nut;
    case SetupStep::intonation: break;
    }
    return std::nullopt;
}

PlanStory plan_story(const State& state, const Plan& plan, const ShopTables& tables) {
    const Teller teller(state, plan);
    PlanStory story;
    story.columns.push_back(teller.relief());
    const bool saddle_first = plan.order == PlanOrder::neck_saddle_nut;
    story.columns.push_back(saddle_first ? teller.saddle() : teller.nut());
    story.columns.push_back(saddle_first ? teller.nut() : teller.saddle());
    story.columns.push_back(teller.intonation());
    for (std::size_t i = story.columns.size(); i-- > 0;)
        if (story.columns[i].does_something) story.next = i;
    story.schedule = schedule_of(plan, state.job.design, tables);
    story.minutes_worked = minutes_worked(state.job.record);
    return story;
}

} // namespace fm
