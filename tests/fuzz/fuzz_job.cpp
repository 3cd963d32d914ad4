// Any bytes as a job file: clean errors, or a job that is solved, planned and written back as it was.
#include "core/found/plan.h"
#include "core/solution/quantities.h"
#include "fuzz.h"
#include "job/document/json.h"
#include "job/read/job.h"

#include <cmath>

using namespace fm;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    try {
        const Value document = parse_json(text_of(data, size));
        must(parse_json(written_json(document)) == document, "written and read back");
        const JobResult result = read_job(document);
        must(result.job.has_value() == result.problems.empty(), "a job or problems");
        for (const Message& problem : result.problems) must(!english(problem).empty(), "problems have words");
        if (!result.job) return 0;
        const Design& design = result.job->design;
        const Solution solution = solve(design);
        for (const Message& doubt : solution.warnings) must(!english(doubt).empty(), "doubts have words");
        for (const NumberKey& number : all_numbers(solution))
            must(std::isfinite(*value_of(solution, number)), number.text().c_str());
        for (const PlanOrder order : {PlanOrder::neck_saddle_nut, PlanOrder::neck_nut_saddle})
            (void)plan(design, solution, result.job->readings, order);
    } catch (const InputError& error) {
        must(error.what()[0] != '\0', "errors have words");
    }
    return 0;
}
