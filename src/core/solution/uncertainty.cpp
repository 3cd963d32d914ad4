#include "core/solution/uncertainty.h"

#include "core/design/inputs.h"

#include <algorithm>
#include <atomic>
#include <cmath>
#include <future>
#include <limits>
#include <system_error>

namespace fm {

namespace {

/// A change smaller than this is the solving's own rounding.
constexpr double no_change = 1e-9;

std::vector<double> values_moved(const Design& design, const Solution& solved, const Input& input,
                                 double sign, const std::vector<NumberKey>& numbers) {
    Design moved = design;
    input.add(moved, sign * input.uncertainty);
    const SolvedNear near{design, solved};
    const Solution solution = solve(moved, &near);
    std::vector<double> values;
    values.reserve(numbers.size());
    for (const NumberKey& number : numbers)
        values.push_back(value_of(solution, number).value_or(std::numeric_limits<double>::quiet_NaN()));
    return values;
}

/// Half the difference each input makes to each number; a number that vanishes on one side is left at none.
std::vector<std::vector<double>> changes(const Design& design, const Solution& solution,
                                         const std::vector<Input>& inputs,
                                         const std::vector<NumberKey>& numbers, unsigned threads) {
    std::vector<std::vector<double>> all(inputs.size());
    std::atomic<std::size_t> next{0};
    const auto work = [&] {
        for (std::size_t k = next++; k < inputs.size(); k = next++) {
            std::vector<double> above = values_moved(design, solution, inputs[k], 1.0, numbers);
            const std::vector<double> below = values_moved(design, solution, inputs[k], -1.0, numbers);
            for (std::size_t n = 0; n < above.size(); ++n) above[n] = 0.5 * (above[n] - below[n]);
            all[k] = std::move(above);
        }
    };
    std::vector<std::future<void>> others;
    try {
        for (unsigned t = 1; t < threads; ++t) others.push_back(std::async(std::launch::async, work));
    } catch (const std::system_error&) {
        // A machine that gives no thread: this one does it all.
    }
    work();
    for (auto& other : others) other.get();
    return all;
}

} // namespace

std::vector<Uncertainty> uncertainties(const Design& design, const Solution& solution,
                                       const std::vector<NumberKey>& numbers, unsigned threads) {
    const std::vector<Input> inputs = inputs_of(design);
    const auto moved = changes(design, solution, inputs, numbers, threads);
    std::vector<Uncertainty> results(numbers.size());
    for (std::size_t n = 0; n < numbers.size(); ++n) {
        std::vector<std::size_t> order;
        double squares = 0;
        for (std::size_t k = 0; k < inputs.size(); ++k) {
            if (!(std::abs(moved[k][n]) >= no_change)) continue;
            squares += moved[k][n] * moved[k][n];
            order.push_back(k);
        }
        results[n].standard = std::sqrt(squares);
        const std::size_t shown = std::min<std::size_t>(3, order.size());
        std::partial_sort(
            order.begin(), order.begin() + static_cast<std::ptrdiff_t>(shown), order.end(),
            [&](std::size_t a, std::size_t b) { return std::abs(moved[a][n]) > std::abs(moved[b][n]); });
        for (std::size_t k = 0; k < shown; ++k) {
            const Input& input = inputs[order[k]];
            results[n].contributions.push_back({input.name, input.gauge_id, input.key, moved[order[k]][n]});
        }
    }
    return results;
}

} // namespace fm
