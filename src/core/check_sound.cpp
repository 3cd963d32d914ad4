#include "core/check_parts.h"

#include <cmath>

namespace fm {

namespace {

constexpr double series_good_to = 0.03;        // of the stiffness ratio: below it the error is under a cent
constexpr double far_forward_mm = 0.6;         // a nut's front further than this is doubtful
constexpr double most_forward_mm = 2.0 - 1e-6; // the end of what is looked for

void doubt_solving(const Design& design, std::size_t i, const StringSolution& string,
                   std::vector<Message>& out) {
    const std::string name = design.string_name(i);
    if (string.status == CompensationStatus::no_tension)
        out.push_back({"string_no_tension",
                       Severity::error,
                       key_of_string(i) + ".pitch_hz",
                       {name, std::round(design.strings[i].pitch_hz * 100.0) / 100.0}});
    if (string.status == CompensationStatus::no_crown)
        out.push_back({"string_no_crown", Severity::error, key_of_string(i), {name}});
    if (string.status == CompensationStatus::no_set_forward)
        out.push_back({"set_forward_not_found", Severity::warning, key_of_string(i), {name}});
    const bool sought = design.saddle.set_forward != SetForward::keep;
    if (sought && string.line.set_forward_mm > far_forward_mm)
        out.push_back(
            {string.line.set_forward_mm >= most_forward_mm ? "set_forward_at_limit" : "set_forward_far",
             Severity::warning,
             key_of_string(i),
             {name, LengthMm{string.line.set_forward_mm}, LengthMm{far_forward_mm}}});
}

void doubt_data(const Design& design, std::size_t i, const StringSolution& string,
                std::vector<Message>& out) {
    const std::string name = design.string_name(i);
    const StressRange usual = usual_core_stress(string.make_up);
    const double stress_mpa = *string.core_stress_mpa();
    if (stress_mpa < usual.least_mpa || stress_mpa > usual.most_mpa)
        out.push_back({"core_stress",
                       Severity::warning,
                       key_of_string(i),
                       {name, std::round(stress_mpa), usual.least_mpa, usual.most_mpa}});
    if (string.sound->stiffness_ratio_last > series_good_to)
        out.push_back({"string_too_stiff", Severity::warning, key_of_string(i), {name}});
}

/// The place with the least headroom; a choke comes before all.
void doubt_headroom(const Design& design, std::size_t i, const StringSolution& string,
                    std::vector<Message>& out) {
    const std::string name = design.string_name(i);
    std::size_t worst = string.headroom.size();
    int chokes = 0;
    for (std::size_t n = 0; n < string.headroom.size(); ++n) {
        if (!string.headroom[n].force_n) continue;
        if (*string.headroom[n].force_n == 0.0) ++chokes;
        if (worst == string.headroom.size() || *string.headroom[n].force_n < *string.headroom[worst].force_n)
            worst = n;
    }
    if (worst == string.headroom.size()) return;
    const Headroom& head = string.headroom[worst];
    const int fretted = static_cast<int>(worst);
    if (chokes > 0)
        out.push_back({fretted == 0 ? "string_chokes_open" : "string_chokes",
                       Severity::warning,
                       key_of_string(i),
                       {name, fretted, head.fret, chokes}});
    else if (*head.force_n < design.player.pluck_force_n)
        out.push_back({fretted == 0 ? "headroom_low_open" : "headroom_low",
                       Severity::warning,
                       key_of_string(i),
                       {name, fretted, head.fret, std::round(*head.force_n * 100.0) / 100.0,
                        design.player.pluck_force_n}});
}

void doubt_back_gap(const Design& design, std::size_t i, const StringSolution& string,
                    std::vector<Message>& out) {
    std::size_t worst = string.back_gaps_mm.size();
    for (std::size_t n = 0; n < string.back_gaps_mm.size(); ++n)
        if (string.back_gaps_mm[n] &&
            (worst == string.back_gaps_mm.size() || *string.back_gaps_mm[n] < *string.back_gaps_mm[worst]))
            worst = n;
    if (worst == string.back_gaps_mm.size()) return;
    if (*string.back_gaps_mm[worst] >= design.player.back_gap_min_mm) return;
    out.push_back({"back_gap_low",
                   Severity::note,
                   key_of_string(i),
                   {design.string_name(i), static_cast<int>(worst) + 2, LengthMm{*string.back_gaps_mm[worst]},
                    LengthMm{design.player.back_gap_min_mm}}});
}

} // namespace

void doubt_sound(const Design& design, const Solution& solution, std::vector<Message>& out) {
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const StringSolution& string = solution.strings[i];
        doubt_solving(design, i, string, out);
        doubt_back_gap(design, i, string, out);
        if (!string.sound) continue;
        doubt_data(design, i, string, out);
        doubt_headroom(design, i, string, out);
    }
}

} // namespace fm
