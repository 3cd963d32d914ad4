#include "job/read/old_defaults.h"

#include "core/solution/solution.h"
#include "job/document/json.h"

#include <cmath>

namespace fm {

namespace {

/// One default that was revised, for a job that does not say its own.
struct Revised {
    const char* key;
    double was;
    double is;
    void (*restore)(Design&); ///< the design as it was read before
};

constexpr Revised player_defaults[] = {
    {"player.end_stiffness", 0.25, 0.5, [](Design& design) { design.player.end_stiffness = 0.25; }},
    {"player.press_depth_mm", 0.25, 0.1, [](Design& design) { design.player.press_depth_mm = 0.25; }},
};

bool nylon(const StringDesign& string) {
    return string.core == CoreMaterial::nylon || string.core == CoreMaterial::nylon_floss;
}

/// Nylon was heavier and softer.
void restore_nylon(StringDesign& string) {
    if (!string.core_density_kg_m3) string.core_density_kg_m3 = 1140.0;
    if (!string.core_modulus_gpa) string.core_modulus_gpa = 3.0;
}

double hundredth(double value) {
    return std::round(value * 100.0) / 100.0;
}

} // namespace

std::vector<Message> moved_by_defaults(const Value& document, const Design& design,
                                       const Solution& solution) {
    const Value* written = document.member("defaults");
    if (written && written->is_number() && written->number() >= newest_defaults) return {};
    std::vector<Message> told;
    Design before = design;
    for (const Revised& revised : player_defaults) {
        if (find(document, revised.key)) continue;
        revised.restore(before);
        told.push_back({"default_moved", Severity::note, revised.key, {revised.was, revised.is}});
    }
    for (std::size_t i = 0; i < before.strings.size(); ++i) {
        StringDesign& string = before.strings[i];
        if (!nylon(string) || (string.core_density_kg_m3 && string.core_modulus_gpa)) continue;
        restore_nylon(string);
        told.push_back({"nylon_moved", Severity::note, "strings[" + std::to_string(i) + "]", {}});
    }
    if (!find(document, "player.pluck_force_n"))
        told.push_back({"pluck_moved", Severity::note, "player.pluck_force_n", {1.5}});
    const Solution was = solve(before);
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const StringSolution& old = was.strings[i];
        const StringSolution& now = solution.strings[i];
        if (std::abs(old.compensation_mm - now.compensation_mm) < 0.005 &&
            std::abs(old.tension_n().value_or(0) - now.tension_n().value_or(0)) < 0.05)
            continue;
        told.push_back({"numbers_moved",
                        Severity::note,
                        "strings[" + std::to_string(i) + "]",
                        {design.string_name(i), LengthMm{old.compensation_mm}, LengthMm{now.compensation_mm},
                         hundredth(old.tension_n().value_or(0)), hundredth(now.tension_n().value_or(0))}});
    }
    return told;
}

} // namespace fm
