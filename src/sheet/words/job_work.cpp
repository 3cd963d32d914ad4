#include "sheet/words/job_work.h"

#include "sheet/words/sheet_words.h"

namespace fm {

namespace {

/// What the heights come from, and what of the neck and the saddle stays.
std::string head_of(const Plan& plan, const ReadingLog& readings) {
    const std::string when = readings.in_order().back().get().when;
    std::string head =
        when.size() >= 10 ? with_values(translate("sheet", "Heights by the plan, from the readings up to %1"),
                                        sheet_date(when))
                          : translate("sheet", "Heights by the plan, from the readings");
    if (plan.relief.left()) head += translate("sheet", "; relief left as found");
    if (plan.saddle.left()) head += translate("sheet", "; saddle left as found");
    std::size_t stays = 0;
    for (const auto& string : plan.strings) stays += string && string->slot_stays ? 1 : 0;
    if (stays > 0)
        head += "; " + with_values(translate("sheet", "slots left as found: %1"), std::to_string(stays));
    return head + ".";
}

} // namespace

Job worked_job(const State& state) {
    Job job = state.job;
    job.design = state.work_design;
    return job;
}

std::vector<std::string> stop_words(const State& state, std::optional<BenchPart> part) {
    std::vector<std::string> words;
    for (const Stop& stop : state.stops)
        if (!part || stands_at(stop, *part))
            words.push_back(with_values(translate("sheet", "STOP, not passed: %1."),
                                        sheet_message(stop.text, state.job.unit)));
    return words;
}

std::string by_plan_words(const State& state) {
    return state.plan ? head_of(*state.plan, state.job.readings) : std::string();
}

} // namespace fm
