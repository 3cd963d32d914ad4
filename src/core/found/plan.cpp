#include "core/found/plan.h"

#include "core/found/relief_choice.h"

#include <algorithm>

namespace fm {

namespace {

/// One string on its way: its height over the fret line at the nut, and its height at the saddle.
struct Standing {
    double above_fret_line_mm = 0;
    double saddle_z_mm = 0;
};

GaugeReadings gauges(const StringOnNeck& string, const Standing& at) {
    const EndHeights ends{string.fret_line_under_string_mm() + at.above_fret_line_mm, at.saddle_z_mm};
    return {open_gap_mm(string, ends, 1), pressed_gap_mm(string, ends, 2), pressed_gap_mm(string, ends, 3),
            open_gap_mm(string, ends, 12), capo_action_mm(string, ends)};
}

class Planning {
public:
    Planning(const Design& design, const Solution& target, const ReadingLog& entries)
        : design_(design), target_(target), judgement_(design, target, entries) {
        for (const KnownString& string : judgement_.known())
            at_.push_back(string.complete()
                              ? std::optional(Standing{*string.above_fret_line_mm, *string.saddle_z_mm})
                              : std::nullopt);
    }

    bool nothing_known() const {
        return std::none_of(at_.begin(), at_.end(), [](const auto& at) { return at.has_value(); });
    }

    /// What each step is, the saddle following the relief and the nut following both, whatever the order of
    /// work.
    void decide(Plan& plan) {
        decide_relief(plan);
        relief_left_ = plan.relief.left();
        decide_saddle(plan.saddle);
        decide_nut(plan, plan.saddle.left());
    }

    void do_relief(ReliefStep& step) const { step.after = after(); }

    void do_saddle(SaddleStep& step) {
        std::vector<double> y_mm;
        for (const StringSolution& string : target_.strings) y_mm.push_back(string.line.saddle_y_mm);
        if (step.choice == SaddleChoice::set && design_.saddle.by_two_screws()) {
            const EdgeMargins screws_at =
                design_.saddle.screws_across_mm.value_or(EdgeMargins{y_mm.front(), y_mm.back()});
            step.screws_mm = screw_amounts_mm(y_mm, step.take_off_mm, screws_at);
            // Two amounts are ordered: every string goes down by what they are at its place.
            for (std::size_t i = 0; i < at_.size(); ++i)
                if (at_[i]) at_[i]->saddle_z_mm -= lowered_by_screws_mm(*step.screws_mm, screws_at, y_mm[i]);
        } else if (step.choice == SaddleChoice::set && !design_.saddle.by_screws()) {
            double pack_mm = 0;
            for (std::size_t i = 0; i < at_.size(); ++i)
                if (at_[i] && step.counts[i]) pack_mm = std::max(pack_mm, -*step.take_off_mm[i]);
            std::vector<std::optional<double>> off_mm(at_.size());
            for (std::size_t i = 0; i < at_.size(); ++i) {
                if (!at_[i]) continue;
                off_mm[i] = std::max(0.0, *step.take_off_mm[i] + pack_mm);
                at_[i]->saddle_z_mm += pack_mm - *off_mm[i];
            }
            step.cut = saddle_cut(y_mm, off_mm);
            step.cut.pack_mm = pack_mm;
        } else if (!step.left()) { // every string by its own screw, or a new saddle
            for (std::size_t i = 0; i < at_.size(); ++i)
                if (at_[i]) at_[i]->saddle_z_mm -= *step.take_off_mm[i];
        }
        if (step.cut.top_mm.empty())
            for (const auto& at : at_) step.cut.top_mm.push_back(at ? std::optional(0.0) : std::nullopt);
        step.after = after();
    }

    void do_nut(NutStep& step) {
        const NutDecision& decision = step.decision;
        const double lifted_mm = decision.choice == NutChoice::shim    ? decision.shim_mm.value_or(0.0)
                                 : decision.choice == NutChoice::below ? -decision.below_mm
                                                                       : 0.0;
        const bool what_counts = decision.choice == NutChoice::file || decision.choice == NutChoice::fill;
        for (std::size_t i = 0; i < at_.size(); ++i) {
            step.raise_mm.emplace_back();
            step.take_off_mm.emplace_back();
            slot_stays_.push_back(true);
        }
        for (const SlotFinding& slot : step.findings) {
            const std::size_t i = slot.string;
            const bool filled =
                std::find(decision.fill.begin(), decision.fill.end(), i) != decision.fill.end();
            const double over_mm = slot.lower_mm - slot.raise_mm;
            step.raise_mm[i] = slot.raise_mm;
            slot_stays_[i] = step.left() || (what_counts && !slot.lower_counts && !filled);
            if (slot_stays_[i]) {
                step.take_off_mm[i] = 0.0;
                continue;
            }
            if (design_.nut.clamping && decision.choice == NutChoice::shim) { // as high as the block goes
                step.take_off_mm[i] = 0.0;
                at_[i]->above_fret_line_mm += lifted_mm;
                continue;
            }
            step.take_off_mm[i] =
                what_counts && !slot.lower_counts ? 0.0 : std::max(0.0, over_mm + lifted_mm);
            at_[i]->above_fret_line_mm -= over_mm;
        }
        step.after = after();
    }

    std::vector<std::optional<PlannedString>> strings() const {
        std::vector<std::optional<PlannedString>> list;
        for (std::size_t i = 0; i < at_.size(); ++i)
            list.push_back(at_[i] ? std::optional(PlannedString{at_[i]->above_fret_line_mm,
                                                                at_[i]->saddle_z_mm, slot_stays_[i]})
                                  : std::nullopt);
        return list;
    }

    /// The bridge that is there, under the strings as they stand.
    std::optional<BridgeSolution> bridge() const {
        if (!design_.bridge || !target_.bridge) return std::nullopt;
        std::vector<BridgeStringInput> strings;
        for (std::size_t i = 0; i < at_.size(); ++i) {
            if (!at_[i]) return std::nullopt;
            const StringSolution& wanted = target_.strings[i];
            strings.push_back({wanted.line, {wanted.ends.nut_z_mm, at_[i]->saddle_z_mm}, wanted.tension_n()});
        }
        return bridge_solution(design_, bridge_as_found(*design_.bridge, target_.bridge->height_mm),
                               target_.straight_saddle, strings);
    }

    std::vector<std::size_t> unread() const {
        std::vector<std::size_t> list;
        for (std::size_t i = 0; i < at_.size(); ++i)
            if (!at_[i]) list.push_back(i);
        return list;
    }

private:
    void decide_relief(Plan& plan) const {
        const ReliefAmount amount = judgement_.relief();
        ReliefStep& step = plan.relief;
        step.from = amount.found;
        step.u_mm = amount.u_mm;
        step.proposal = relief_proposal(amount);
        std::optional<Message> replaced;
        step.choice = relief_choice(design_, amount, &replaced);
        if (replaced) plan.notes.push_back(*std::move(replaced));
        if (step.from) step.to_mm = step.left() ? step.from->depth_mm : *amount.wanted_mm;
    }

    void decide_saddle(SaddleStep& step) const {
        bool any = false;
        for (const auto& amount : judgement_.saddle(relief_left_)) {
            step.take_off_mm.push_back(amount ? std::optional(amount->mm) : std::nullopt);
            step.u_mm.push_back(amount ? std::optional(amount->u_mm) : std::nullopt);
            step.counts.push_back(amount && amount->counts);
            any = any || step.counts.back();
        }
        step.proposal = any ? SaddleChoice::set : SaddleChoice::leave;
        step.choice = design_.choices.saddle.value_or(step.proposal);
    }

    void decide_nut(Plan& plan, bool saddle_left) const {
        NutStep& step = plan.nut;
        const Amounts amounts = judgement_.nut(relief_left_, saddle_left);
        std::vector<std::optional<double>> amounts_mm;
        for (std::size_t i = 0; i < amounts.size(); ++i) {
            amounts_mm.push_back(amounts[i] ? std::optional(amounts[i]->mm) : std::nullopt);
            step.u_mm.push_back(amounts[i] ? std::optional(amounts[i]->u_mm) : std::nullopt);
            step.at_least.push_back(judgement_.known()[i].only_at_least);
        }
        step.findings = slot_findings(target_, judgement_.known(), amounts_mm);
        for (SlotFinding& slot : step.findings) {
            slot.raise_counts = amounts[slot.string]->counts && slot.raise_mm > 0;
            slot.lower_counts = amounts[slot.string]->counts && slot.lower_mm > 0;
        }
        const auto wanted = design_.choices.nut;
        step.decision = nut_decision(step.findings, design_.nut, at_.size(), wanted);
        if (wanted && step.decision.choice != *wanted)
            plan.notes.push_back({design_.nut.clamping         ? "clamping_not_filed"
                                  : *wanted == NutChoice::shim ? "nothing_to_shim"
                                                               : "not_from_below",
                                  Severity::warning,
                                  "plan.nut",
                                  {}});
        if (design_.nut.packing_mm > 0 && step.decision.raises > 0)
            plan.notes.push_back({"nut_packed_already",
                                  Severity::warning,
                                  "nut.packing_mm",
                                  {gap_of(design_.nut.packing_mm),
                                   gap_of(design_.nut.packing_mm + step.decision.largest_raise_mm)}});
    }

    /// On the neck as it will be: its relief is the first step of either order.
    After after() const {
        const Neck& neck = judgement_.neck(relief_left_);
        After readings;
        for (std::size_t i = 0; i < at_.size(); ++i)
            readings.push_back(
                at_[i] ? std::optional(gauges(StringOnNeck(neck, target_.strings[i].line), *at_[i]))
                       : std::nullopt);
        return readings;
    }

    const Design& design_;
    const Solution& target_;
    Judgement judgement_;
    bool relief_left_ = false;
    std::vector<std::optional<Standing>> at_;
    std::vector<bool> slot_stays_;
};

} // namespace

std::optional<Plan> plan(const Design& design, const Solution& target, const ReadingLog& entries,
                         PlanOrder order) {
    Planning planning(design, target, entries);
    if (planning.nothing_known()) return std::nullopt;
    Plan made;
    made.order = order;
    made.unread = planning.unread();
    if (const auto bridge = planning.bridge()) {
        made.moment_found_nm = bridge->moment_nm;
        for (const BridgeString& string : bridge->strings) {
            made.breaks_found_deg.push_back(string.break_angle_deg);
            if (string.exposure_mm && design.has_slot())
                made.exposures_found_mm.push_back(*string.exposure_mm);
        }
    }
    planning.decide(made);
    planning.do_relief(made.relief);
    if (order == PlanOrder::neck_saddle_nut) {
        planning.do_saddle(made.saddle);
        planning.do_nut(made.nut);
    } else {
        planning.do_nut(made.nut);
        planning.do_saddle(made.saddle);
    }
    made.strings = planning.strings();
    return made;
}

std::array<BenchPart, 3> parts_in_order(PlanOrder order) {
    if (order == PlanOrder::neck_saddle_nut) return {BenchPart::relief, BenchPart::saddle, BenchPart::nut};
    return {BenchPart::relief, BenchPart::nut, BenchPart::saddle};
}

bool is_work(const Plan& plan, BenchPart part) {
    switch (part) {
    case BenchPart::relief: return !plan.relief.left();
    case BenchPart::saddle: return !plan.saddle.left();
    case BenchPart::nut: return !plan.nut.left();
    }
    return false;
}

std::optional<BenchPart> next_part(const Plan& plan, PlanOrder order) {
    for (const BenchPart part : parts_in_order(order))
        if (is_work(plan, part)) return part;
    return std::nullopt;
}

std::optional<BenchPart> skipped_before(const Plan& plan, PlanOrder order, BenchPart part) {
    const auto next = next_part(plan, order);
    if (!next || *next == part) return std::nullopt;
    for (const BenchPart each : parts_in_order(order)) {
        if (each == part) return std::nullopt;
        if (each == *next) return next;
    }
    return std::nullopt;
}

std::optional<NutAlone> nut_alone(const Design& design, const Solution& target, const ReadingLog& entries) {
    NutAlone alone;
    std::vector<ReadingEntry> with_actions = entries.written();
    ReadingEntry wanted;
    wanted.strings.resize(target.strings.size());
    const std::vector<KnownString> known = known_heights(design, target, entries);
    for (std::size_t i = 0; i < known.size(); ++i) {
        if (!known[i].nut_gap_mm || known[i].action_mm) continue;
        wanted.strings[i].action12_mm = target.strings[i].action12_mm;
        alone.action_as_wanted = alone.action_as_wanted || known[i].nut_pressed_fret == 0;
    }
    with_actions.push_back(wanted);
    if (!entries.empty()) with_actions.back().when = entries.in_order().back().get().when;
    Design saddle_left = design;
    saddle_left.choices.saddle = SaddleChoice::leave;
    const auto made = plan(saddle_left, target, with_actions, PlanOrder::neck_saddle_nut);
    if (!made) return std::nullopt;
    alone.step = made->nut;
    return alone;
}

Design planned_design(const Design& design, const Solution& target, const Plan& plan) {
    Design planned = design;
    if (plan.relief.left()) planned.neck.relief = plan.relief.from;
    const Neck neck(planned.neck);
    planned.nut.height.each_mm.clear();
    planned.saddle.action.each_mm.clear();
    for (std::size_t i = 0; i < design.strings.size(); ++i) {
        const std::size_t count = design.strings.size();
        double nut_mm = design.nut.height.of(i, count);
        double action_mm = design.saddle.action.of(i, count);
        if (plan.strings[i]) {
            const StringOnNeck on(neck, target.strings[i].line);
            const EndHeights ends{on.fret_line_under_string_mm() + plan.strings[i]->above_fret_line_mm,
                                  plan.strings[i]->saddle_z_mm};
            nut_mm = design.nut.height_method == NutHeightMethod::zero_fret
                         ? plan.strings[i]->above_fret_line_mm
                         : nut_way(design).gap_mm(on, ends);
            action_mm = action_way(design).gap_mm(on, ends);
        }
        planned.nut.height.each_mm.push_back(nut_mm);
        planned.saddle.action.each_mm.push_back(action_mm);
    }
    return planned;
}

Work work_of(const Design& design, const Solution& written, const std::optional<Plan>& plan) {
    if (!plan) return {design, written, false};
    Work work{planned_design(design, written, *plan), {}, true};
    const SolvedNear near{design, written};
    work.solution = solve(work.design, &near);
    return work;
}

} // namespace fm
