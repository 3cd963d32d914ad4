#include "workshop/schedule.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

double factor_of(const ShopTables& tables, const std::string& material) {
    for (const MaterialFactor& each : tables.material_factors)
        if (each.material == material) return each.factor;
    return 1;
}

int counted(const std::vector<std::optional<double>>& amounts_mm) {
    return static_cast<int>(std::count_if(amounts_mm.begin(), amounts_mm.end(), [](const auto& mm) {
        return mm && std::abs(*mm) >= least_read_mm;
    }));
}

ScheduledStep relief_step(const Plan& plan, const SetupMinutes& minutes) {
    ScheduledStep step{SetupStep::relief, 0, 0, "", "", 0};
    if (plan.relief.left()) return step;
    step.minutes = minutes.rod;
    step.wait_minutes = minutes.neck_settles;
    step.wait_id = "wait.neck";
    step.meanwhile_id = "meanwhile.blank";
    return step;
}

ScheduledStep saddle_step(const Plan& plan, const Design& design, const ShopTables& tables) {
    ScheduledStep step{SetupStep::saddle, 0, 0, "", "", 0};
    const SetupMinutes& minutes = tables.setup;
    if (plan.saddle.left()) return step;
    if (plan.saddle.choice == SaddleChoice::renew)
        step.minutes = minutes_of(tables.saddle_operations, tables.material_factors, design.saddle.material,
                                  design.strings.size());
    else if (plan.saddle.screws_mm)
        step.minutes = 2 * minutes.screw;
    else if (design.saddle.by_screws())
        step.minutes = minutes.screw * counted(plan.saddle.take_off_mm);
    else if (plan.saddle.cut.pack_mm >= least_read_mm)
        step.minutes = minutes.pack;
    else
        step.minutes = (minutes.saddle_bottom + minutes.saddle_top * counted(plan.saddle.cut.top_mm)) *
                       factor_of(tables, design.saddle.material);
    step.wait_minutes = minutes.strings_stretch;
    step.wait_id = "wait.strings";
    step.meanwhile_id = "meanwhile.nut_top";
    return step;
}

ScheduledStep nut_step(const Plan& plan, const Design& design, const ShopTables& tables) {
    ScheduledStep step{SetupStep::nut, 0, 0, "", "", 0};
    const SetupMinutes& minutes = tables.setup;
    const double factor = factor_of(tables, design.nut.material);
    const NutDecision& decision = plan.nut.decision;
    step.minutes = minutes.slot * counted(plan.nut.take_off_mm) * factor;
    switch (decision.choice) {
    case NutChoice::file: break;
    case NutChoice::leave: step.minutes = 0; break;
    case NutChoice::below: step.minutes += minutes.saddle_bottom * factor; break;
    case NutChoice::shim:
    case NutChoice::choose: step.minutes += minutes.shim; break;
    case NutChoice::fill:
        step.minutes += (minutes.fill + minutes.slot * factor) * static_cast<double>(decision.fill.size());
        break;
    case NutChoice::replace:
        step.minutes = minutes_of(tables.nut_operations, tables.material_factors, design.nut.material,
                                  design.strings.size());
        break;
    }
    if (step.minutes == 0) return step;
    const bool glued = decision.choice != NutChoice::file && decision.choice != NutChoice::below;
    step.wait_minutes = glued ? minutes.glue_cures : minutes.strings_stretch;
    step.wait_id = glued ? "wait.glue" : "wait.strings";
    step.meanwhile_id = glued ? "meanwhile.saddle_crowns" : "meanwhile.record";
    return step;
}

} // namespace

Schedule schedule_of(const Plan& plan, const Design& design, const ShopTables& tables) {
    std::vector<ScheduledStep> all{relief_step(plan, tables.setup)};
    if (plan.order == PlanOrder::neck_saddle_nut) {
        all.push_back(saddle_step(plan, design, tables));
        all.push_back(nut_step(plan, design, tables));
    } else {
        all.push_back(nut_step(plan, design, tables));
        all.push_back(saddle_step(plan, design, tables));
    }
    all.push_back({SetupStep::intonation,
                   tables.setup.intonation * static_cast<double>(design.strings.size()), 0, "", "", 0});
    Schedule schedule;
    for (ScheduledStep step : all) {
        if (step.minutes == 0) continue;
        step.begins_minutes = schedule.ready_minutes;
        schedule.ready_minutes = step.ends_minutes();
        schedule.work_minutes += step.minutes;
        schedule.steps.push_back(step);
    }
    return schedule;
}

} // namespace fm
