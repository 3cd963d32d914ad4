#include "core/uncertainty.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

// One standard deviation of a reading, by what it is read with (docs/mathematics.md, "How sure is a number").
constexpr double half_mm_rule_mm = 0.15;
constexpr double caliper_mm = 0.02;
constexpr double string_gauge_mm = 0.01;
constexpr double relief_by_light_mm = 0.03;

struct Input {
    const char* name_id;
    const char* gauge_id;
    std::string key;
    double uncertainty;
    std::vector<double*> values; // moved together
};

/// The measured inputs of a design; targets and rules are choices and are exact.
std::vector<Input> measured_inputs(Design& d) {
    std::vector<Input> inputs{
        {"name.fret_height", "gauge.caliper", "neck.fret_height_mm", caliper_mm, {&d.neck.fret_height_mm}},
        {"name.board_above_seat",
         "gauge.caliper",
         "nut.board_above_seat_mm",
         caliper_mm,
         {&d.nut.board_above_seat_mm}},
        {"name.nut_width", "gauge.caliper", "neck.nut_width_mm", caliper_mm, {&d.neck.nut_width_mm}},
        {"name.scale",
         "gauge.half_mm_rule",
         "neck.scale_mm",
         half_mm_rule_mm,
         {&d.neck.scale_bass_mm, &d.neck.scale_treble_mm}}};
    if (d.neck.relief)
        inputs.push_back({"name.relief",
                          "gauge.light",
                          "neck.relief.depth_mm",
                          relief_by_light_mm,
                          {&d.neck.relief->depth_mm}});
    if (d.nut.zero_fret)
        inputs.push_back({"name.zero_fret",
                          "gauge.caliper",
                          "nut.zero_fret.height_mm",
                          caliper_mm,
                          {&d.nut.zero_fret->height_mm}});
    if (d.nut.blank)
        inputs.push_back({"name.blank_height",
                          "gauge.caliper",
                          "nut.blank.height_mm",
                          caliper_mm,
                          {&d.nut.blank->height_mm}});
    for (std::size_t i = 0; i < d.strings.size(); ++i)
        inputs.push_back({"name.diameter",
                          "gauge.string_gauge",
                          string_key(i, "diameter_mm"),
                          string_gauge_mm,
                          {&d.strings[i].diameter_mm}});
    for (std::size_t i = 0; i < d.nut.posts.size(); ++i)
        inputs.push_back({"name.post_below",
                          "gauge.half_mm_rule",
                          "nut.posts[" + std::to_string(i) + "].below_mm",
                          half_mm_rule_mm,
                          {&d.nut.posts[i].below_mm}});
    return inputs;
}

std::vector<double> values_of(const Design& design, const std::vector<QuantityKey>& numbers) {
    const Solution solution = solve(design);
    std::vector<double> values;
    for (const QuantityKey& number : numbers) {
        const StringQuantity* quantity = string_quantity(number.name);
        values.push_back(quantity ? quantity->value(solution.strings[number.string]).value_or(0.0) : 0.0);
    }
    return values;
}

} // namespace

std::vector<Uncertainty> uncertainties(const Design& design, const std::vector<QuantityKey>& numbers) {
    Design moved = design;
    std::vector<Uncertainty> results(numbers.size());
    for (const Input& input : measured_inputs(moved)) {
        std::vector<double> kept;
        for (const double* value : input.values) kept.push_back(*value);
        const auto at = [&](double sign) {
            for (std::size_t v = 0; v < kept.size(); ++v)
                *input.values[v] = kept[v] + sign * input.uncertainty;
            return values_of(moved, numbers);
        };
        const std::vector<double> above = at(1.0);
        const std::vector<double> below = at(-1.0);
        for (std::size_t v = 0; v < kept.size(); ++v) *input.values[v] = kept[v];
        for (std::size_t n = 0; n < numbers.size(); ++n)
            results[n].contributions.push_back(
                {input.name_id, input.gauge_id, input.key, 0.5 * (above[n] - below[n])});
    }
    for (Uncertainty& result : results) {
        double squares = 0;
        for (const Contribution& part : result.contributions) squares += part.change * part.change;
        result.standard = std::sqrt(squares);
        auto& parts = result.contributions;
        std::stable_sort(parts.begin(), parts.end(), [](const auto& a, const auto& b) {
            return std::abs(a.change) > std::abs(b.change);
        });
        std::erase_if(parts, [](const auto& part) { return std::abs(part.change) < 1e-9; });
        if (parts.size() > 3) parts.resize(3);
    }
    return results;
}

} // namespace fm
