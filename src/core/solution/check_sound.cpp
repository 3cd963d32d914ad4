#include "core/solution/check_parts.h"

#include <cmath>

namespace fm {

namespace {

constexpr double series_good_to = 0.03; // of the stiffness ratio: below it the error is under a cent
constexpr double far_forward_mm = 0.8;  // a nut's front further than this is doubtful
constexpr double at_limit_mm = 1e-6;    // from the end of what is looked for

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
    const bool at_limit = string.line.set_forward_mm >= design.saddle.set_forward_max_mm - at_limit_mm;
    if (sought && (at_limit || string.line.set_forward_mm > far_forward_mm))
        out.push_back({at_limit ? "set_forward_at_limit" : "set_forward_far",
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

/// A doubt that several strings may share: told one by one while they are few, else in one line with the
/// strings and the worst of them.
struct Shared {
    std::size_t string = 0;
    double worse = 0; ///< the largest is the worst
    Message message;
};

constexpr std::size_t told_one_by_one = 2;

void tell(const Design& design, std::vector<Shared> doubts, const char* many_id, std::vector<Message>& out) {
    if (doubts.size() <= told_one_by_one) {
        for (Shared& doubt : doubts) out.push_back(std::move(doubt.message));
        return;
    }
    std::string names;
    const Shared* worst = &doubts.front();
    for (const Shared& doubt : doubts) {
        names += (names.empty() ? "" : ", ") + design.string_name(doubt.string);
        if (doubt.worse > worst->worse) worst = &doubt;
    }
    std::vector<Argument> arguments{names};
    arguments.insert(arguments.end(), worst->message.arguments.begin(), worst->message.arguments.end());
    out.push_back({many_id, worst->message.severity, "strings", std::move(arguments)});
}

double two_places(double value) {
    return std::round(value * 100.0) / 100.0;
}

/// What the strings do under this hand: of every string the place with the least headroom; a choke comes
/// before all.
struct HeadroomDoubts {
    std::vector<Shared> chokes;
    std::vector<Shared> low;
};

void doubt_headroom(const Design& design, std::size_t i, const StringSolution& string, HeadroomDoubts& out) {
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
        out.chokes.push_back({i,
                              static_cast<double>(chokes),
                              {fretted == 0 ? "string_chokes_open" : "string_chokes",
                               Severity::warning,
                               key_of_string(i),
                               {name, fretted, head.fret, chokes}}});
    else if (*head.force_n < *string.player_force_n)
        out.low.push_back(
            {i,
             *string.player_force_n / *head.force_n,
             {fretted == 0 ? "headroom_low_open" : "headroom_low",
              Severity::warning,
              key_of_string(i),
              {name, fretted, head.fret, two_places(*head.force_n), two_places(*string.player_force_n)}}});
}

/// A nut that is meant to be as low as a fret leaves no room behind the finger: that was asked for.
bool nut_as_low_as_a_fret(const Design& design) {
    return design.nut.zero_fret || design.nut.height_method == NutHeightMethod::zero_fret;
}

void doubt_back_gap(const Design& design, std::size_t i, const StringSolution& string,
                    std::vector<Shared>& out) {
    std::size_t worst = string.back_gaps_mm.size();
    for (std::size_t n = 0; n < string.back_gaps_mm.size(); ++n)
        if (string.back_gaps_mm[n] &&
            (worst == string.back_gaps_mm.size() || *string.back_gaps_mm[n] < *string.back_gaps_mm[worst]))
            worst = n;
    if (worst == string.back_gaps_mm.size()) return;
    const double gap_mm = *string.back_gaps_mm[worst];
    if (gap_mm >= design.player.back_gap_min_mm) return;
    out.push_back({i,
                   -gap_mm,
                   {"back_gap_low",
                    Severity::note,
                    key_of_string(i),
                    {design.string_name(i), static_cast<int>(worst) + 2, gap_of(gap_mm),
                     gap_of(design.player.back_gap_min_mm)}}});
}

/// Bronze or plated steel are a tenth of the tension apart.
void doubt_wraps(const Design& design, const Solution& solution, std::vector<Message>& out) {
    std::string names;
    for (std::size_t i = 0; i < solution.strings.size(); ++i)
        if (solution.strings[i].make_up.wrap_unknown)
            names += (names.empty() ? "" : ", ") + design.string_name(i);
    if (!names.empty()) out.push_back({"wrap_unknown", Severity::note, "strings", {names}});
}

} // namespace

void doubt_sound(const Design& design, const Solution& solution, std::vector<Message>& out) {
    HeadroomDoubts headroom;
    std::vector<Shared> back_gaps;
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const StringSolution& string = solution.strings[i];
        doubt_solving(design, i, string, out);
        if (!nut_as_low_as_a_fret(design)) doubt_back_gap(design, i, string, back_gaps);
        if (!string.sound) continue;
        doubt_data(design, i, string, out);
        doubt_headroom(design, i, string, headroom);
    }
    tell(design, std::move(headroom.chokes), "strings_choke", out);
    tell(design, std::move(headroom.low), "headrooms_low", out);
    tell(design, std::move(back_gaps), "back_gaps_low", out);
    doubt_wraps(design, solution, out);
}

} // namespace fm
