// What solves a job and prints it: solve, plan, check, explain.
#include "cli/command_parts.h"
#include "cli/explain_text.h"
#include "cli/plan_json.h"
#include "cli/solution_json.h"
#include "core/design/assumed.h"
#include "core/solution/uncertainty.h"
#include "core/words/word_of.h"
#include "job/read/old_defaults.h"
#include "job/state/state.h"

#include <algorithm>
#include <functional>
#include <thread>

namespace fm {

namespace {

/// The same for every job that is named. With several, a job that fails is told by its file's name and does
/// not keep the others from being printed.
CommandResult each_job(const Words& words, const std::function<CommandResult(const SolvedJob&)>& print) {
    CommandResult all;
    for (const std::string& path : words.plain) {
        CommandResult one;
        try {
            const SolvedJob job = solved_job(path);
            one = job.good() ? print(job) : told(job.problems);
        } catch (const InputError& error) {
            one = told({error.message()});
        }
        if (!one.errors.empty() && words.plain.size() > 1) all.errors += path + ":\n";
        all.output += one.output;
        all.errors += one.errors;
        all.exit_code = std::max(all.exit_code, one.exit_code);
    }
    return all;
}

} // namespace

CommandResult solve_command(const Words& words) {
    const Shop shop = shop_of(words, tool_keys);
    return shop.told_with(each_job(words, [&](const SolvedJob& solved) {
        const Job& job = *solved.job;
        return printed(solution_json(job.design, solved.solution, tools_of(job, shop.workshop)), words);
    }));
}

CommandResult plan_command(const Words& words) {
    const std::string word = words.option("--order").value_or("neck_saddle_nut");
    const auto order = of_word<PlanOrder>(word);
    if (!order) return usage("--order is " + word + "; allowed are neck_saddle_nut, neck_nut_saddle");
    const Shop shop = shop_of(words, tool_keys);
    return shop.told_with(each_job(words, [&](const SolvedJob& solved) {
        const Job& job = *solved.job;
        const std::optional<Plan> made = plan(job.design, solved.solution, job.readings, *order);
        if (!made) return told({{"nothing_read", Severity::error, "readings", {}}});
        return printed(plan_json(job, solved.solution, *made, tools_of(job, shop.workshop)), words);
    }));
}

CommandResult check_command(const Words& words) {
    const std::vector<Message> shop_faults = shop_of(words, {}).workshop.faults();
    const Value document = document_at(words.plain[0]);
    StateResult read = state_of(document);
    std::vector<Message> problems = std::move(read.problems);
    const auto add = [&](const std::vector<Message>& more) {
        problems.insert(problems.end(), more.begin(), more.end());
    };
    if (const State* state = read.state.get()) {
        add(state->written.warnings);
        add(state->reading_doubts);
        if (state->plan) add(state->plan->notes);
        add(moved_by_defaults(document, state->job.design, state->written));
        add(survey_doubts(state->job.survey));
        add(own_point_notes(state->job.own_points));
        add(assumed_notes(state->job.design));
        if (state->job.read_only())
            problems.push_back({"newer_version", Severity::note, "version", {state->job.version}});
    }
    add(shop_faults);
    CommandResult result;
    for (const Message& problem : problems) {
        result.output += line_of(problem);
        if (problem.severity == Severity::error) result.exit_code = 1;
    }
    return result;
}

CommandResult explain_command(const Words& words) {
    const SolvedJob solved = solved_job(words.plain[0]);
    if (!solved.good()) return told(solved.problems);
    const Design& design = solved.job->design;
    const std::string& key = words.plain[1];
    const auto worked = working(design, solved.solution, key);
    if (!worked) return told({{"no_such_number", Severity::error, key, {}}});
    const NumberKey number = *number_of_key(solved.solution, key);
    const unsigned threads = std::max(1U, std::thread::hardware_concurrency());
    const Explained explained{design, *worked,
                              uncertainties(design, solved.solution, {number}, threads).front()};
    if (words.has("--json") || words.has("--pretty")) return printed(explained_json(explained), words);
    return {explained_text(explained), {}, 0};
}

} // namespace fm
