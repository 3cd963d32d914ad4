#include "workshop/part_ways.h"

#include "core/words/word_of.h"
#include "workshop/quote.h"
#include "workshop/schedule.h"

#include <algorithm>
#include <array>
#include <optional>

namespace fm {

namespace {

constexpr std::array nut_choices{NutChoice::leave, NutChoice::file, NutChoice::below,
                                 NutChoice::fill,  NutChoice::shim, NutChoice::replace};
constexpr std::array saddle_choices{SaddleChoice::leave, SaddleChoice::set, SaddleChoice::renew};
constexpr std::array relief_choices{ReliefChoice::leave, ReliefChoice::set};

class Weighing {
public:
    Weighing(const State& state, const ShopTables& tables, PlanOrder order)
        : state_(state), tables_(tables), order_(order) {}

    std::vector<PartWay> nut() const {
        std::vector<PartWay> ways;
        for (const NutChoice choice : nut_choices) {
            Design design = state_.job.design;
            design.choices.nut = choice;
            const auto made = state_.plan ? planned(design) : alone(design);
            if (!made) return {};
            const NutDecision& decision = made->nut.decision;
            PartWay way = begun(BenchPart::nut, word_of(choice), *made);
            way.proposed = decision.proposal == choice;
            way.chosen = state_.nut && state_.nut->step.decision.choice == choice;
            way.can_be = decision.choice == choice && (choice != NutChoice::fill || !decision.fill.empty()) &&
                         (choice != NutChoice::file || decision.lowers > 0 || way.chosen);
            ways.push_back(std::move(way));
        }
        return ways;
    }

    std::vector<PartWay> saddle() const {
        std::vector<PartWay> ways;
        for (const SaddleChoice choice : saddle_choices) {
            Design design = state_.job.design;
            design.choices.saddle = choice;
            const auto made = planned(design);
            if (!made) return {};
            PartWay way = begun(BenchPart::saddle, word_of(choice), *made);
            way.proposed = made->saddle.proposal == choice;
            way.chosen = state_.plan->saddle.choice == choice;
            ways.push_back(std::move(way));
        }
        return ways;
    }

    std::vector<PartWay> relief() const {
        std::vector<PartWay> ways;
        for (const ReliefChoice choice : relief_choices) {
            Design design = state_.job.design;
            design.choices.relief = choice;
            const auto made = planned(design);
            if (!made) return {};
            PartWay way = begun(BenchPart::relief, word_of(choice), *made);
            way.can_be = made->relief.choice == choice;
            way.proposed = made->relief.proposal == choice;
            way.chosen = state_.plan->relief.choice == choice;
            ways.push_back(std::move(way));
        }
        return ways;
    }

private:
    std::optional<Plan> planned(const Design& design) const {
        if (!state_.plan) return std::nullopt;
        return plan(design, state_.written, state_.job.readings, order_);
    }
    std::optional<Plan> alone(const Design& design) const {
        const auto judged = nut_alone(design, state_.written, state_.job.readings);
        if (!judged) return std::nullopt;
        Plan made;
        made.nut = judged->step;
        return made;
    }

    PartWay begun(BenchPart part, std::string_view word, const Plan& plan) const {
        PartWay way;
        way.word = word;
        way.plan = plan;
        way.takes = step_cost(plan, part, state_.job, state_.solution, tables_);
        return way;
    }

    const State& state_;
    const ShopTables& tables_;
    PlanOrder order_;
};

} // namespace

StepCost step_cost(const Plan& plan, BenchPart part, const Job& job, const Solution& solution,
                   const ShopTables& tables) {
    StepCost cost;
    const SetupStep step = part == BenchPart::relief   ? SetupStep::relief
                           : part == BenchPart::saddle ? SetupStep::saddle
                                                       : SetupStep::nut;
    for (const ScheduledStep& each : schedule_of(plan, job.design, tables).steps)
        if (each.step == step) {
            cost.minutes = each.minutes;
            cost.wait_minutes = each.wait_minutes;
        }
    // A part that is cut anew costs its blank, too.
    std::optional<OrderedPart> made;
    if (part == BenchPart::nut && plan.nut.decision.choice == NutChoice::replace) made = OrderedPart::nut;
    if (part == BenchPart::saddle && plan.saddle.choice == SaddleChoice::renew &&
        !job.design.saddle.by_screws())
        made = OrderedPart::saddle;
    cost.price = made ? quote_of_part(*made, job, solution, plan, tables).price
                      : price_of(cost.minutes, tables.rate_per_hour, 0, tables.premium_share);
    return cost;
}

std::vector<PartWay> part_ways(const State& state, BenchPart part, const ShopTables& tables,
                               PlanOrder order) {
    const Weighing weighing(state, tables, order);
    switch (part) {
    case BenchPart::nut: return weighing.nut();
    case BenchPart::saddle: return weighing.saddle();
    case BenchPart::relief: return weighing.relief();
    }
    return {};
}

} // namespace fm
