// Times of the computation; prints figures, asserts nothing.
#include "core/found/plan.h"
#include "core/solution/least_action.h"
#include "core/solution/uncertainty.h"
#include "designs.h"
#include "timing.h"

#include <cstdio>

using namespace fm;
using namespace fm::figures;

namespace {

double kept = 0; // so that no work is optimised away

double solving_us(const Design& design, int runs) {
    return median_us(runs, [&] { kept += solve(design).strings[0].slot.floor_above_seat_mm; });
}

void print_slopes() {
    std::vector<double> numbers;
    std::vector<double> times;
    for (const std::size_t strings : {2U, 4U, 6U, 8U, 10U}) {
        numbers.push_back(static_cast<double>(strings));
        times.push_back(
            solving_us(design_of(24, strings, CompensationMethod::octave, SetForward::keep), 1000));
    }
    std::printf("solve grows with the strings as their power %7.2f\n", power_of_growth(numbers, times));
    numbers.clear();
    times.clear();
    for (const int frets : {12, 18, 24, 30, 36}) {
        numbers.push_back(frets);
        times.push_back(solving_us(design_of(frets, 10, CompensationMethod::octave, SetForward::keep), 1000));
    }
    std::printf("solve grows with the frets as their power   %7.2f\n", power_of_growth(numbers, times));
}

} // namespace

int main() {
    const Design octave = design_of(24, 10, CompensationMethod::octave, SetForward::keep);
    const Design hardest = design_of(24, 10, CompensationMethod::all_frets, SetForward::each);
    std::printf("ten strings, 24 frets, one thread unless said\n");
    std::printf("solve, octave                            %9.1f us   (wanted: under 1000)\n",
                solving_us(octave, 2000));
    std::printf("solve, all frets, nut each               %9.1f us   (wanted: under 10000)\n",
                solving_us(hardest, 300));
    for (const auto& [name, design] :
         {std::pair{"octave           ", octave}, std::pair{"all frets, each  ", hardest}}) {
        const Solution solution = solve(design);
        const std::vector<NumberKey> numbers = all_numbers(solution);
        const double time_us =
            median_us(20, [&] { kept += uncertainties(design, solution, numbers, 2).front().standard; });
        std::printf("uncertainty of %4zu numbers, 2 threads, %s %6.1f ms   (wanted: under 60)\n",
                    numbers.size(), name, time_us / 1000.0);
    }
    print_slopes();

    const Value document = test::demo_document("curlew");
    const Job job = test::job_of(document);
    const Solution solved = solve(job.design);
    const std::string text = written_json(document);
    std::printf("the demo's ten strings, 20 frets\n");
    std::printf("checked design out of the document       %9.1f us\n",
                median_us(500, [&] { kept += test::job_of(document).a4_hz; }));
    std::printf("document out of its text                 %9.1f us\n",
                median_us(500, [&] { kept += parse_json(text).object() ? 1 : 0; }));
    std::printf("uncertainty of one number                %9.1f us\n", median_us(100, [&] {
                    const auto number = *number_of_key(solved, "strings[2].floor_above_seat_mm");
                    kept += uncertainties(job.design, solved, {number}).front().standard;
                }));
    std::printf(
        "plan                                     %9.1f us\n", median_us(500, [&] {
            kept +=
                plan(job.design, solved, job.readings, PlanOrder::neck_saddle_nut)->relief.to_mm.value_or(0);
        }));
    std::printf("least action                             %9.1f us\n",
                median_us(10, [&] { kept += least_action(job.design)->mean_mm; }));
    return kept > 0 ? 0 : 1;
}
