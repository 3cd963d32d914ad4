// Times of the computation; prints figures, asserts nothing.
#include "common/jobs.h"
#include "core/uncertainty.h"

#include <algorithm>
#include <chrono>
#include <cstdio>

using namespace fm;

namespace {

/// Median time of one call in microseconds.
template <class Work> double median_us(int runs, const Work& work) {
    std::vector<double> times;
    for (int i = 0; i < runs; ++i) {
        const auto start = std::chrono::steady_clock::now();
        work();
        times.push_back(
            std::chrono::duration<double, std::micro>(std::chrono::steady_clock::now() - start).count());
    }
    std::nth_element(times.begin(), times.begin() + runs / 2, times.end());
    return times[static_cast<std::size_t>(runs / 2)];
}

} // namespace

int main() {
    const Value document = test::demo_document("curlew");
    const Design design = test::job_of(document).design;
    const Solution solved = solve(design);
    double kept = 0;
    const double solving =
        median_us(4000, [&] { kept += solve(design).strings[0].slot.floor_above_seat_mm; });
    const double reading = median_us(500, [&] { kept += test::job_of(document).a4_hz; });
    const std::string text = written_json(document);
    const double parsing = median_us(500, [&] { kept += parse_json(text).object() ? 1 : 0; });
    const double doubt = median_us(100, [&] {
        kept += uncertainties(design, solved, {*number_of_key(solved, "strings[2].floor_above_seat_mm")})[0]
                    .standard;
    });
    std::printf("nut solution, ten strings, %d frets     %8.1f us   (wanted: under 50)\n", design.neck.frets,
                solving);
    std::printf("checked design out of the document      %8.1f us\n", reading);
    std::printf("document out of its text                %8.1f us\n", parsing);
    std::printf("uncertainty of one number               %8.1f us\n", doubt);
    return kept > 0 ? 0 : 1;
}
