#include "workshop/within_ordered.h"

#include "core/found/readings.h"
#include "core/words/word_of.h"
#include "job/read/passed_stops.h"
#include "workshop/part_ways.h"
#include "workshop/quote.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace fm {

namespace {

constexpr std::array relief_ways{ReliefChoice::leave, ReliefChoice::set};
constexpr std::array saddle_ways{SaddleChoice::leave, SaddleChoice::set, SaddleChoice::renew};
constexpr std::array nut_ways{NutChoice::leave, NutChoice::file, NutChoice::below,
                              NutChoice::fill,  NutChoice::shim, NutChoice::replace};
// Money is told in hundredths.
constexpr double least_money = 0.005;

/// The last step with something to do: how the gauges read when all is done.
const After& in_the_end(const Plan& plan) {
    return plan.order == PlanOrder::neck_saddle_nut ? plan.nut.after : plan.saddle.after;
}

class Choosing {
public:
    Choosing(const State& state, const ShopTables& tables, PlanOrder order)
        : state_(state), tables_(tables), order_(order),
          whole_(*plan(state.job.design, state.written, state.job.readings, order)),
          stops_(open_stops(state.job, state.written, whole_).size()) {}

    const Plan& whole() const { return whole_; }
    PlanCost cost(const Plan& plan) const { return cost_of(plan, state_.job, state_.solution, tables_); }

    std::optional<WithinOrdered> best(const OrderedLeft& left) const {
        std::optional<WithinOrdered> best;
        double least_undone = 0;
        for (const ReliefChoice relief : relief_ways)
            for (const SaddleChoice saddle : saddle_ways)
                for (const NutChoice nut : nut_ways) {
                    auto made = way({relief, saddle, nut});
                    if (!made || !left.holds(made->cost)) continue;
                    const double now = undone(made->plan);
                    const bool better =
                        !best || now < least_undone - 1e-9 ||
                        (now < least_undone + 1e-9 && made->others.size() < best->others.size());
                    if (!better) continue;
                    least_undone = now;
                    best = std::move(made);
                }
        return best;
    }

private:
    /// The plan that follows these choices; nothing where it cannot follow them.
    std::optional<WithinOrdered> way(const PlanChoices& choices) const {
        // A part that keeps its way keeps what was decided of it, and why.
        if (!allowed(choices)) return std::nullopt;
        Job job = state_.job;
        job.design.choices = choices;
        auto made = plan(job.design, state_.written, job.readings, order_);
        if (!made || made->relief.choice != choices.relief || made->saddle.choice != choices.saddle ||
            made->nut.decision.choice != choices.nut || open_stops(job, state_.written, made).size() > stops_)
            return std::nullopt;
        WithinOrdered within;
        for (const BenchPart part : parts_in_order(order_)) {
            const std::string_view word = part == BenchPart::relief   ? word_of(*choices.relief)
                                          : part == BenchPart::saddle ? word_of(*choices.saddle)
                                                                      : word_of(*choices.nut);
            const std::string_view now = part == BenchPart::relief   ? word_of(whole_.relief.choice)
                                         : part == BenchPart::saddle ? word_of(whole_.saddle.choice)
                                                                     : word_of(whole_.nut.decision.choice);
            if (word != now) within.others.push_back({part, word});
        }
        within.cost = cost(*made);
        within.plan = std::move(*made);
        return within;
    }

    /// A step that is left in the whole plan stays left: a budget begins no work of its own.
    bool allowed(const PlanChoices& choices) const {
        return (!whole_.relief.left() || choices.relief == ReliefChoice::leave) &&
               (!whole_.saddle.left() || choices.saddle == SaddleChoice::leave) &&
               (!whole_.nut.left() || choices.nut == NutChoice::leave);
    }

    double undone(const Plan& made) const {
        double sum = 0;
        const After& here = in_the_end(made);
        const After& there = in_the_end(whole_);
        const ReadingEntry usual;
        const double nut_u_mm = u_of_nut_mm(usual, {});
        const double action_u_mm = u_of_action_mm(usual, {});
        for (std::size_t i = 0; i < there.size(); ++i) {
            if (!here[i] || !there[i]) continue;
            sum += std::abs(here[i]->open_gap_fret1_mm - there[i]->open_gap_fret1_mm) / nut_u_mm +
                   std::abs(here[i]->action12_mm - there[i]->action12_mm) / action_u_mm;
        }
        if (made.relief.to_mm && whole_.relief.to_mm)
            sum += std::abs(*made.relief.to_mm - *whole_.relief.to_mm) / u_of_relief_mm(usual);
        return sum;
    }

    const State& state_;
    const ShopTables& tables_;
    PlanOrder order_;
    Plan whole_;
    std::size_t stops_;
};

} // namespace

bool OrderedLeft::holds(const PlanCost& cost) const {
    return (!minutes || cost.minutes <= *minutes + 1e-9) && (!sum || cost.price <= *sum + least_money);
}

PlanCost cost_of(const Plan& plan, const Job& job, const Solution& solution, const ShopTables& tables) {
    PlanCost cost;
    const auto take = [&cost](SetupStep step, double minutes, const Price& price) {
        if (minutes == 0) return;
        cost.steps.push_back({step, minutes, price.total()});
        cost.minutes += minutes;
        cost.price += price.total();
    };
    constexpr std::array steps{SetupStep::relief, SetupStep::saddle, SetupStep::nut};
    for (const BenchPart part : parts_in_order(plan.order)) {
        const StepCost step = step_cost(plan, part, job, solution, tables);
        take(steps[static_cast<std::size_t>(part)], step.minutes, step.price);
    }
    if (cost.steps.empty()) return cost; // where nothing moved the intonation is as it was
    for (const ScheduledStep& step : schedule_of(plan, job.design, tables).steps)
        if (step.step == SetupStep::intonation)
            take(step.step, step.minutes,
                 price_of(step.minutes, tables.rate_per_hour, 0, tables.premium_share));
    return cost;
}

std::optional<OrderedStory> ordered_story(const State& state, const ShopTables& tables, PlanOrder order) {
    const Ordered& ordered = state.job.ordered;
    const bool priced = ordered.sum && tables.rate_per_hour > 0;
    if (!state.plan || (!priced && !ordered.minutes)) return std::nullopt;
    const double worked = minutes_worked(state.job.record);
    OrderedStory story;
    story.worked_minutes = worked;
    story.spent = worked / 60.0 * tables.rate_per_hour;
    if (ordered.minutes) story.left.minutes = std::max(0.0, *ordered.minutes - worked);
    if (priced) story.left.sum = std::max(0.0, *ordered.sum - story.spent);
    const Choosing choosing(state, tables, order);
    story.cost = choosing.cost(choosing.whole());
    if (!story.left.holds(story.cost)) story.within = choosing.best(story.left);
    return story;
}

} // namespace fm
