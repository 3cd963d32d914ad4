#include "ui/view/verdict_story.h"

#include "core/found/reading_way.h"
#include "core/words/word_of.h"
#include "sheet/words/sheet_words.h"
#include "ui/field/decision_bar.h"
#include "ui/look/texts.h"
#include "ui/page/verdict_text.h"
#include "ui/view/plan_words.h"
#include "ui/view/verdict_view.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

QString one_line(QString text) {
    return text.replace(QLatin1Char('\n'), QLatin1Char(' '));
}

class Telling {
public:
    Telling(const State& state, const ShopTables& tables, const Tools& tools)
        : state_(state), design_(state.job.design), tables_(tables), tools_(tools) {}

    VerdictStory nut() const {
        VerdictStory story = begun(BenchPart::nut);
        if (!state_.nut) return story;
        const ReadingWay way = nut_way(design_);
        story.read_as = way.open() ? VerdictView::tr("gap over fret 1")
                                   : VerdictView::tr("gap over fret 1, held at %1").arg(way.held_at);
        story.says = nut_verdict_line(state_);
        story.rests_on = nut_verdict_ground(state_);
        const NutStep& found = state_.nut->step;
        for (std::size_t i = 0; i < design_.strings.size(); ++i) story.found.push_back(named(i));
        for (const SlotFinding& slot : found.findings) {
            FoundMark& mark = story.found[slot.string];
            const KnownString& known = state_.known[slot.string];
            if (known.nut_gap_mm) {
                mark.read = gap(*known.nut_gap_mm);
                if (known.only_at_least) mark.read += VerdictView::tr(" or less");
                if (known.nut_pressed_fret > 0 && known.nut_pressed_fret != way.held_at)
                    mark.read += VerdictView::tr(", held at %1").arg(known.nut_pressed_fret);
            }
            stand(mark, slot.lower_mm - slot.raise_mm, found.u_mm[slot.string],
                  slot.lower_counts || slot.raise_counts);
            mark.seen = seen_words(slot, known);
        }
        for (const PartWay& way_there : part_ways(state_, BenchPart::nut, tables_))
            story.ways.push_back(nut_way_story(way_there));
        return story;
    }

    VerdictStory saddle() const {
        VerdictStory story = begun(BenchPart::saddle);
        if (!state_.plan) return story;
        const ReadingWay way = action_way(design_);
        story.notched = false;
        story.read_as = way.open() ? VerdictView::tr("height over fret 12")
                                   : VerdictView::tr("height over fret 12, capo at 1");
        const SaddleStep& found = state_.plan->saddle;
        story.says = step_words(state_, *state_.plan, BenchPart::saddle);
        for (std::size_t i = 0; i < design_.strings.size(); ++i) {
            FoundMark mark = named(i);
            if (state_.known[i].action_mm)
                mark.read = one_line(length_number(*state_.known[i].action_mm, state_.job.units.action()));
            if (found.take_off_mm[i]) stand(mark, *found.take_off_mm[i], found.u_mm[i], found.counts[i]);
            story.found.push_back(std::move(mark));
        }
        for (const PartWay& way_there : part_ways(state_, BenchPart::saddle, tables_))
            story.ways.push_back(saddle_way_story(way_there));
        return story;
    }

    VerdictStory relief() const {
        VerdictStory story = begun(BenchPart::relief);
        if (!state_.plan) return story;
        const ReliefStep& found = state_.plan->relief;
        story.notched = false;
        story.says = step_words(state_, *state_.plan, BenchPart::relief);
        FoundMark mark;
        if (found.from) {
            story.read_as = VerdictView::tr("relief, held at %1 and %2")
                                .arg(found.from->from_fret)
                                .arg(found.from->to_fret);
            mark.read = gap(found.from->depth_mm) + QStringLiteral(" ± ") +
                        length_short(found.u_mm, state_.job.units.gap());
        }
        const double wanted_mm = wanted_relief_mm();
        if (found.from) mark.stands_mm = found.from->depth_mm - wanted_mm;
        story.found.push_back(mark);
        for (const PartWay& way_there : part_ways(state_, BenchPart::relief, tables_))
            story.ways.push_back(relief_way_story(way_there, wanted_mm));
        return story;
    }

private:
    VerdictStory begun(BenchPart part) const {
        VerdictStory story;
        story.part = part;
        story.mirrored = state_.job.left_handed;
        return story;
    }

    /// As it stands under a small picture: there is no room for 64ths and what is left of them.
    QString gap(double mm) const {
        const Unit unit = state_.job.units.gap();
        return unit == Unit::sixty_fourths ? length_with_unit(mm, Unit::thou)
                                           : one_line(length_number(mm, unit));
    }
    QString gap_with_unit(double mm) const { return length_with_unit(mm, state_.job.units.gap()); }

    FoundMark named(std::size_t i) const {
        FoundMark mark;
        mark.name = QString::fromStdString(design_.string_name(i));
        mark.diameter_mm = design_.strings[i].diameter_mm;
        return mark;
    }

    void stand(FoundMark& mark, double mm, const std::optional<double>& u_mm, bool counts) const {
        mark.stands_mm = mm;
        mark.counts = counts;
        mark.sure = QStringLiteral("± ") + length_short(u_mm.value_or(0.0), state_.job.units.gap());
        mark.stands = !counts  ? VerdictView::tr("right")
                      : mm > 0 ? QLatin1Char('+') + gap(mm)
                               : QStringLiteral("−") + gap(-mm);
    }

    QString seen_words(const SlotFinding& slot, const KnownString& known) const {
        QStringList words;
        if (slot.filled) words << VerdictView::tr("filled before");
        if (slot.wiggles) words << VerdictView::tr("wiggles");
        if (slot.width_excess_mm && *slot.width_excess_mm > 0)
            words << VerdictView::tr("%1 over its string").arg(gap(*slot.width_excess_mm));
        if (slot.too_wide) words << VerdictView::tr("too wide");
        if (seen(known.slot, SlotFound::binds)) words << VerdictView::tr("binds");
        if (seen(known.slot, SlotFound::floor_flat)) words << VerdictView::tr("floor flat");
        if (seen(known.slot, SlotFound::floor_forward)) words << VerdictView::tr("floor falls forward");
        if (seen(known.slot, SlotFound::front_untouched)) words << VerdictView::tr("front edge untouched");
        return words.join(QStringLiteral(", "));
    }

    WayStory told(const PartWay& way, BenchPart part) const {
        WayStory story;
        story.word = way.word;
        story.name = way_name(design_, part, way.word);
        story.can_be = way.can_be;
        story.proposed = way.proposed;
        story.chosen = way.chosen;
        story.anew = way.word == word_of(NutChoice::replace) || way.word == word_of(SaddleChoice::renew);
        QStringList takes;
        if (way.takes.minutes > 0) takes << VerdictView::tr("%1 min").arg(number_text(way.takes.minutes, 0));
        if (way.takes.wait_minutes > 0)
            takes << VerdictView::tr("%1 waiting").arg(number_text(way.takes.wait_minutes, 0));
        if (tables_.priced() && way.takes.price.total() > 0)
            takes << money_text(way.takes.price.total(), tables_.currency);
        story.takes = takes.join(QStringLiteral(" · "));
        return story;
    }

    static std::size_t counted(const std::vector<std::optional<double>>& amounts_mm) {
        return static_cast<std::size_t>(
            std::count_if(amounts_mm.begin(), amounts_mm.end(),
                          [](const auto& mm) { return mm && std::abs(*mm) >= least_read_mm; }));
    }
    static double most(const std::vector<std::optional<double>>& amounts_mm) {
        double mm = 0;
        for (const auto& each : amounts_mm) mm = std::max(mm, each.value_or(0.0));
        return mm;
    }

    QString filed_words(const NutStep& step) const {
        const std::size_t slots = counted(step.take_off_mm);
        if (slots == 0) return VerdictView::tr("nothing to file");
        return VerdictView::tr("file %1, %2 at most").arg(slots).arg(gap_with_unit(most(step.take_off_mm)));
    }

    WayStory nut_way_story(const PartWay& way) const {
        WayStory story = told(way, BenchPart::nut);
        const NutStep& step = way.plan.nut;
        const NutDecision& decision = step.decision;
        const NutChoice choice = *of_word<NutChoice>(way.word);
        story.marks.resize(design_.strings.size());
        std::size_t low = 0;
        std::size_t high = 0;
        std::size_t wide = 0;
        for (const SlotFinding& slot : step.findings) {
            WayMark& mark = story.marks[slot.string];
            mark.stands_mm = slot.lower_mm - slot.raise_mm;
            mark.filled = choice == NutChoice::fill && std::find(decision.fill.begin(), decision.fill.end(),
                                                                 slot.string) != decision.fill.end();
            const bool stays =
                choice == NutChoice::leave || ((choice == NutChoice::file || choice == NutChoice::fill) &&
                                               !slot.lower_counts && !mark.filled);
            const bool block = design_.nut.clamping && choice == NutChoice::shim;
            mark.after_mm = stays   ? *mark.stands_mm
                            : block ? *mark.stands_mm + decision.shim_mm.value_or(0.0)
                                    : 0.0;
            mark.right = !stays || !(slot.raise_counts || slot.lower_counts);
            low += !mark.right && slot.raise_counts ? 1 : 0;
            high += !mark.right && slot.lower_counts ? 1 : 0;
            wide += slot.too_wide ? 1 : 0;
            if (step.after[slot.string]) mark.reads = gap(nut_way(design_).of(*step.after[slot.string]));
        }
        switch (choice) {
        case NutChoice::leave: story.does = VerdictView::tr("nothing is touched"); break;
        case NutChoice::file:
            story.does = way.can_be             ? filed_words(step)
                         : design_.nut.clamping ? VerdictView::tr("a nut that clamps is not filed")
                                                : VerdictView::tr("no slot is too high");
            break;
        case NutChoice::below:
            story.does = way.can_be
                             ? VerdictView::tr("%1 off its bottom").arg(gap_with_unit(decision.below_mm)) +
                                   QStringLiteral(", ") + filed_words(step)
                             : VerdictView::tr("not every slot is too high");
            if (way.can_be) story.under_bass_mm = story.under_treble_mm = -decision.below_mm;
            break;
        case NutChoice::fill: {
            double deepest_mm = 0;
            for (const SlotFinding& slot : step.findings)
                if (story.marks[slot.string].filled) deepest_mm = std::max(deepest_mm, slot.raise_mm);
            story.does = way.can_be ? VerdictView::tr("fill %1, %2 the deepest, and cut them anew")
                                          .arg(decision.fill.size())
                                          .arg(gap_with_unit(deepest_mm))
                                    : unfilled_words(step);
            break;
        }
        case NutChoice::shim:
            story.does = way.can_be ? VerdictView::tr("%1 under it, %2")
                                          .arg(gap_with_unit(decision.shim_mm.value_or(0.0)),
                                               block_words(decision.shim_mm.value_or(0.0), step))
                                    : VerdictView::tr("no slot is too low");
            if (way.can_be) story.under_bass_mm = story.under_treble_mm = decision.shim_mm.value_or(0.0);
            break;
        case NutChoice::replace:
            story.does = design_.nut.clamping ? VerdictView::tr("another one, of the height that is wanted")
                         : design_.nut.material.empty()
                             ? VerdictView::tr("from a blank, by its sheet")
                             : VerdictView::tr("from a blank of %1, by its sheet")
                                   .arg(QString::fromStdString(material_name(design_.nut.material)));
            break;
        case NutChoice::choose: break;
        }
        story.leaves = left_words(choice, low, high, wide, decision);
        return story;
    }

    static QString unfilled_words(const NutStep& step) {
        const bool any = std::any_of(step.findings.begin(), step.findings.end(),
                                     [](const SlotFinding& slot) { return slot.to_fill(); });
        return any ? VerdictView::tr("deeper than a filling holds") : VerdictView::tr("no slot asks for it");
    }

    /// Of a nut that clamps the shims; of another what is filed then.
    QString block_words(double shim_mm, const NutStep& step) const {
        if (!design_.nut.clamping) return filed_words(step);
        const auto stack = shim_stack(tools_.shims_mm, shim_mm, design_.nut.shim_step_mm);
        if (!stack) return VerdictView::tr("none of the shop's shims come near");
        QStringList shims;
        for (const double mm : stack->shims_mm) shims << length_short(mm, state_.job.units.gap());
        return VerdictView::tr("of %1").arg(shims.join(QStringLiteral(" + ")));
    }

    QString left_words(NutChoice choice, std::size_t low, std::size_t high, std::size_t wide,
                       const NutDecision& decision) const {
        QStringList leaves;
        if (low > 0) leaves << VerdictView::tr("%n stay too low", nullptr, static_cast<int>(low));
        if (high > 0) leaves << VerdictView::tr("%n stay too high", nullptr, static_cast<int>(high));
        if (choice == NutChoice::shim && decision.shim_mm)
            leaves << VerdictView::tr("%1 of packing under it")
                          .arg(gap_with_unit(*decision.shim_mm + design_.nut.packing_mm));
        if (choice == NutChoice::fill && !decision.fill.empty())
            leaves << VerdictView::tr("filled slots, which wear sooner");
        if (wide > 0 && choice != NutChoice::replace && choice != NutChoice::fill)
            leaves << VerdictView::tr("%n stay too wide", nullptr, static_cast<int>(wide));
        if (choice == NutChoice::below) leaves << VerdictView::tr("slots as deep as they are");
        if (choice == NutChoice::replace) leaves << VerdictView::tr("every slot new, nothing under it");
        if (leaves.isEmpty()) leaves << VerdictView::tr("every slot where it is wanted");
        return leaves.join(QStringLiteral("; "));
    }

    WayStory saddle_way_story(const PartWay& way) const {
        WayStory story = told(way, BenchPart::saddle);
        const SaddleStep& step = way.plan.saddle;
        std::size_t off = 0;
        for (std::size_t i = 0; i < design_.strings.size(); ++i) {
            WayMark mark;
            if (step.take_off_mm[i] && way.plan.strings[i] && state_.known[i].saddle_z_mm) {
                mark.stands_mm = *step.take_off_mm[i];
                mark.after_mm =
                    *step.take_off_mm[i] - (*state_.known[i].saddle_z_mm - way.plan.strings[i]->saddle_z_mm);
                mark.right = !step.left() || !step.counts[i];
                off += mark.right ? 0 : 1;
            }
            if (step.after[i])
                mark.reads = one_line(
                    length_number(action_way(design_).of(*step.after[i]), state_.job.units.action()));
            story.marks.push_back(std::move(mark));
        }
        if (step.cut.pack_mm > 0)
            story.under_bass_mm = story.under_treble_mm = step.cut.pack_mm;
        else {
            story.under_bass_mm = -step.cut.bottom_mm.bass_mm;
            story.under_treble_mm = -step.cut.bottom_mm.treble_mm;
        }
        const bool screws = design_.saddle.by_screws();
        if (step.left())
            story.does = VerdictView::tr("nothing is touched");
        else if (step.choice == SaddleChoice::renew)
            story.does = VerdictView::tr("to the heights wanted, by its sheet");
        else
            story.does = step_words(state_, way.plan, BenchPart::saddle);
        if (off > 0)
            story.leaves = VerdictView::tr("%n strings off", nullptr, static_cast<int>(off));
        else if (step.choice == SaddleChoice::set && screws)
            story.leaves = VerdictView::tr("what goes down comes up again");
        else if (step.choice == SaddleChoice::set && step.cut.pack_mm > 0)
            story.leaves = VerdictView::tr("%1 of packing under it").arg(gap_with_unit(step.cut.pack_mm));
        else if (step.choice == SaddleChoice::set)
            story.leaves = VerdictView::tr("what is off stays off");
        else
            story.leaves = VerdictView::tr("every string where it is wanted");
        return story;
    }

    double wanted_relief_mm() const {
        for (const PartWay& way : part_ways(state_, BenchPart::relief, tables_))
            if (way.can_be && way.plan.relief.choice == ReliefChoice::set && way.plan.relief.to_mm)
                return *way.plan.relief.to_mm;
        return state_.plan->relief.from ? state_.plan->relief.from->depth_mm : 0.0;
    }

    WayStory relief_way_story(const PartWay& way, double wanted_mm) const {
        WayStory story = told(way, BenchPart::relief);
        const ReliefStep& step = way.plan.relief;
        WayMark mark;
        if (step.from) mark.stands_mm = step.from->depth_mm - wanted_mm;
        if (step.to_mm) mark.after_mm = *step.to_mm - wanted_mm, mark.reads = gap(*step.to_mm);
        story.marks.push_back(mark);
        if (!way.can_be)
            story.does = no_relief_words();
        else
            story.does = step.left() ? VerdictView::tr("the rod is not touched")
                                     : step_words(state_, way.plan, BenchPart::relief);
        story.leaves = step.left() ? VerdictView::tr("heights wanted over the neck as it stands")
                                   : VerdictView::tr("can be turned back");
        return story;
    }

    QString no_relief_words() const {
        Design set = design_;
        set.choices.relief = ReliefChoice::set;
        if (const auto made = plan(set, state_.written, state_.job.readings, PlanOrder::neck_saddle_nut))
            for (const Message& note : made->notes)
                if (note.where != "plan.nut") return message_text(note, state_.job.units);
        return VerdictView::tr("none is wanted, or none was read");
    }

    const State& state_;
    const Design& design_;
    const ShopTables& tables_;
    const Tools& tools_;
};

} // namespace

VerdictStory verdict_story(const State& state, BenchPart part, const ShopTables& tables, const Tools& tools) {
    const Telling telling(state, tables, tools);
    switch (part) {
    case BenchPart::nut: return telling.nut();
    case BenchPart::saddle: return telling.saddle();
    case BenchPart::relief: return telling.relief();
    }
    return {};
}

} // namespace fm
