#include "core/plan.h"

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
    Planning(const Design& design, const Solution& target, const std::vector<ReadingEntry>& entries)
        : design_(design), target_(target), neck_(design.neck),
          known_(known_heights(design, target, entries)), relief_(found_relief(design, in_order(entries))) {
        for (const KnownString& string : known_)
            at_.push_back(string.complete()
                              ? std::optional(Standing{*string.above_fret_line_mm, *string.saddle_z_mm})
                              : std::nullopt);
    }

    bool nothing_known() const {
        return std::none_of(at_.begin(), at_.end(), [](const auto& at) { return at.has_value(); });
    }

    ReliefStep relief_step() const {
        ReliefStep step;
        step.from = relief_;
        if (relief_)
            step.to_mm = neck_.relief_depth_mm(relief_->from_fret, relief_->at_fret, relief_->to_fret);
        step.after = after();
        return step;
    }

    SaddleStep saddle_step() {
        SaddleStep step;
        std::vector<double> y_mm;
        for (std::size_t i = 0; i < at_.size(); ++i) {
            const StringSolution& wanted = target_.strings[i];
            y_mm.push_back(wanted.line.saddle_y_mm);
            step.take_off_mm.push_back(at_[i] ? std::optional(at_[i]->saddle_z_mm - wanted.ends.saddle_z_mm)
                                              : std::nullopt);
        }
        step.cut = saddle_cut(y_mm, step.take_off_mm);
        if (design_.saddle.height_by == HeightBy::side_screws) {
            const EdgeMargins screws_at =
                design_.saddle.screws_across_mm.value_or(EdgeMargins{y_mm.front(), y_mm.back()});
            step.screws_mm = screw_amounts_mm(y_mm, step.take_off_mm, screws_at);
            // Two amounts are ordered: every string goes down by what they are at its place.
            for (std::size_t i = 0; i < at_.size(); ++i)
                if (at_[i]) at_[i]->saddle_z_mm -= lowered_by_screws_mm(*step.screws_mm, screws_at, y_mm[i]);
        } else {
            for (std::size_t i = 0; i < at_.size(); ++i)
                if (at_[i]) at_[i]->saddle_z_mm = target_.strings[i].ends.saddle_z_mm;
        }
        step.after = after();
        return step;
    }

    NutStep nut_step() {
        NutStep step;
        step.findings = slot_findings(target_, known_);
        step.decision = nut_decision(step.findings, design_.nut.shim_step_mm);
        const double shim_mm =
            step.decision.verdict == NutVerdict::shim ? step.decision.shim_mm.value_or(0.0) : 0.0;
        for (std::size_t i = 0; i < at_.size(); ++i) {
            step.at_least.push_back(known_[i].only_at_least);
            if (!at_[i]) {
                step.take_off_mm.emplace_back();
                step.raise_mm.emplace_back();
                continue;
            }
            const double wanted_mm = target_.strings[i].above_fret_line_mm;
            const double over_mm = at_[i]->above_fret_line_mm - wanted_mm;
            step.take_off_mm.emplace_back(std::max(0.0, over_mm + shim_mm));
            step.raise_mm.emplace_back(std::max(0.0, -over_mm));
            at_[i]->above_fret_line_mm = wanted_mm;
        }
        step.after = after();
        return step;
    }

    std::optional<double> moment_nm() const {
        if (!design_.bridge || !target_.bridge) return std::nullopt;
        std::vector<BridgeStringInput> strings;
        std::vector<double> exits_mm;
        for (std::size_t i = 0; i < at_.size(); ++i) {
            if (!at_[i]) return std::nullopt;
            const StringSolution& wanted = target_.strings[i];
            strings.push_back({wanted.line, {wanted.ends.nut_z_mm, at_[i]->saddle_z_mm}, wanted.tension_n()});
            exits_mm.push_back(wanted.bridge->exit_x_mm);
        }
        const auto height_mm = design_.bridge->existing ? std::optional(design_.bridge->existing->height_mm)
                                                        : target_.bridge->height_mm;
        return turning_moment_nm(*design_.bridge, strings, exits_mm, height_mm);
    }

    std::vector<std::size_t> unread() const {
        std::vector<std::size_t> list;
        for (std::size_t i = 0; i < at_.size(); ++i)
            if (!at_[i]) list.push_back(i);
        return list;
    }

private:
    /// On the neck as it will be: its relief is the first step of either order.
    After after() const {
        After readings;
        for (std::size_t i = 0; i < at_.size(); ++i)
            readings.push_back(
                at_[i] ? std::optional(gauges(StringOnNeck(neck_, target_.strings[i].line), *at_[i]))
                       : std::nullopt);
        return readings;
    }

    const Design& design_;
    const Solution& target_;
    Neck neck_;
    std::vector<KnownString> known_;
    std::optional<Relief> relief_;
    std::vector<std::optional<Standing>> at_;
};

} // namespace

std::optional<Plan> plan(const Design& design, const Solution& target,
                         const std::vector<ReadingEntry>& entries, PlanOrder order) {
    Planning planning(design, target, entries);
    if (planning.nothing_known()) return std::nullopt;
    Plan made;
    made.order = order;
    made.unread = planning.unread();
    made.moment_found_nm = planning.moment_nm();
    made.relief = planning.relief_step();
    if (order == PlanOrder::neck_saddle_nut) {
        made.saddle = planning.saddle_step();
        made.nut = planning.nut_step();
    } else {
        made.nut = planning.nut_step();
        made.saddle = planning.saddle_step();
    }
    return made;
}

} // namespace fm
