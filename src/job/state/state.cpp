#include "job/state/state.h"

#include "core/found/reading_doubts.h"
#include "job/read/passed_stops.h"

namespace fm {

std::shared_ptr<const State> state_of(Job job, const Value& document) {
    const Neck neck(job.design.neck);
    auto state = std::make_shared<State>(
        State{document, std::move(job), neck, {}, {}, {}, {}, {}, {}, {}, {}, {}, {}, {}});
    const Design& design = state->job.design;
    const ReadingLog& readings = state->job.readings;
    state->written = solve(design);
    state->known = known_heights(design, state->written, readings);
    state->nut_gaps = school_gaps(design, state->written, readings, state->known);
    state->found = as_found_readings(readings, design.strings.size());
    state->reading_doubts = reading_doubts(design, state->written, readings);
    state->plan = plan(design, state->written, readings, PlanOrder::neck_saddle_nut);
    state->nut = state->plan ? std::optional(NutAlone{state->plan->nut, false})
                             : nut_alone(design, state->written, readings);
    state->stops = open_stops(state->job, state->written, state->plan);
    Work work = work_of(design, state->written, state->plan);
    state->work_design = std::move(work.design);
    state->solution = std::move(work.solution);
    if (state->plan)
        if (auto doubt = moment_doubt(*state->plan, state->solution))
            state->reading_doubts.push_back(std::move(*doubt));
    state->found_floors = found_floors_mm(state->written, state->known);
    return state;
}

StateResult state_of(const Value& document) {
    JobResult read = read_job(document);
    if (!read.job) return {nullptr, std::move(read.problems)};
    return {state_of(std::move(*read.job), document), {}};
}

} // namespace fm
