// How far a solution is from the least it could take: its square roots and logarithms alone.
#include "counted.h"
#include "designs.h"
#include "timing.h"

#include <cstdio>

using namespace fm;
using namespace fm::figures;

namespace {

/// The same number of roots and logarithms, of numbers as they come in a solution, and nothing else.
double alone_us(const RootCounts& counts, double& kept) {
    const auto numbers = [](long count) {
        std::vector<double> list;
        for (long i = 0; i < count; ++i) list.push_back(1.0 + 300.0 * static_cast<double>((i * 7919) % 1000));
        return list;
    };
    const std::vector<double> roots = numbers(counts.roots + counts.hypotenuses);
    const std::vector<double> logarithms = numbers(counts.logarithms);
    return median_us(2000, [&] {
        for (const double x : roots) kept += std::sqrt(x);
        for (const double x : logarithms) kept += std::log2(x);
    });
}

} // namespace

int main() {
    double kept = 0;
    for (const auto& [name, method, forward] :
         {std::tuple{"octave", CompensationMethod::octave, SetForward::keep},
          std::tuple{"all frets, nut each", CompensationMethod::all_frets, SetForward::each}}) {
        const Design design = design_of(24, 10, method, forward);
        const RootCounts counts = counts_of_solve(&design);
        const double solving =
            median_us(500, [&] { kept += solve(design).strings[0].slot.floor_above_seat_mm; });
        const double alone = alone_us(counts, kept);
        std::printf("%s: %ld square roots, %ld lengths of a slope, %ld logarithms, %ld angles\n", name,
                    counts.roots, counts.hypotenuses, counts.logarithms, counts.sines);
        std::printf("  solve %8.1f us, roots and logarithms alone %8.1f us: %.1f times\n", solving, alone,
                    solving / alone);
    }
    return kept > 0 ? 0 : 1;
}
