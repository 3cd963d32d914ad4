#include "core/found/stops.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double most_relief_mm = 0.8; // at full tension
constexpr double most_packing_mm = 1.0;
constexpr double least_exposure_mm = 1.0;
constexpr double sure_apart = 2.0;  // standard deviations between two readings of one height
constexpr double piece_u_mm = 0.02; // a caliper over the saddle that is there
constexpr double plane_u_mm = 0.1;  // the fret plane over the top, by a rule
constexpr double rounding_mm = 1e-9;

Stop stop(std::string point, StopAt at, std::vector<Argument> arguments = {}) {
    Message text{"stop." + point, Severity::error, {}, std::move(arguments)};
    return {std::move(point), at, std::move(text)};
}

void of_the_survey(const std::vector<SurveyFinding>& survey, std::vector<Stop>& stops) {
    const auto& points = survey_points();
    for (std::size_t i = 0; i < std::min(survey.size(), points.size()); ++i) {
        const bool crack = points[i].word == "crack_open";
        if (survey[i].mark != SurveyMark::found || (points[i].weight != SurveyWeight::unsafe && !crack))
            continue;
        const StopAt at = points[i].word == "rod_stuck" ? StopAt::relief : StopAt::all;
        stops.push_back({std::string(points[i].word), at, {points[i].found_id(), Severity::error, {}, {}}});
    }
}

void of_the_relief(const Design& design, const Plan& plan, std::vector<Stop>& stops) {
    if (!plan.relief.from) return;
    const double found_mm = plan.relief.from->depth_mm;
    if (found_mm > most_relief_mm)
        stops.push_back(stop("relief_too_large", StopAt::relief, {gap_of(found_mm), gap_of(most_relief_mm)}));
    const bool wants_more = !plan.relief.left() && *plan.relief.to_mm > found_mm;
    if (found_mm < 0 && wants_more && design.neck.rod == Rod::single)
        stops.push_back(stop("back_bow", StopAt::relief, {gap_of(-found_mm)}));
}

/// What the saddle that is set leaves: seen on the instrument as the plan leads to it.
void of_the_saddle(const Design& design, const Solution& target, const Plan& plan, std::vector<Stop>& stops) {
    const SaddleStep& step = plan.saddle;
    if (step.choice != SaddleChoice::set) return;
    if (step.cut.pack_mm > most_packing_mm + rounding_mm)
        stops.push_back(
            stop("packing_too_high", StopAt::saddle, {gap_of(step.cut.pack_mm), gap_of(most_packing_mm)}));
    if (!design.bridge) return;
    const bool goes_down = std::any_of(step.take_off_mm.begin(), step.take_off_mm.end(),
                                       [](const auto& mm) { return mm.value_or(0.0) > 0; });
    const Work work = work_of(design, target, plan);
    std::optional<double> least_mm;
    std::optional<double> least_deg;
    std::optional<double> most_mm;
    for (const StringSolution& string : work.solution.strings) {
        if (!string.bridge) continue;
        least_deg = std::min(least_deg.value_or(90.0), string.bridge->break_angle_deg);
        if (!string.bridge->exposure_mm) continue;
        least_mm = std::min(least_mm.value_or(1e9), *string.bridge->exposure_mm);
        most_mm = std::max(most_mm.value_or(-1e9), *string.bridge->exposure_mm);
    }
    const bool stands_in_wood = design.has_slot(); // of one that floats the whole bridge goes down
    if (goes_down && stands_in_wood && least_mm && *least_mm < least_exposure_mm)
        stops.push_back(
            stop("saddle_too_low", StopAt::saddle, {LengthMm{*least_mm}, LengthMm{least_exposure_mm}}));
    if (goes_down && least_deg && *least_deg < design.bridge->break_angle_min_deg)
        stops.push_back(stop("saddle_break_shallow", StopAt::saddle,
                             {AngleDeg{*least_deg}, AngleDeg{design.bridge->break_angle_min_deg}}));
    // Packed up, less of it stands in the wood.
    const auto& slot_mm = design.saddle.slot_depth_mm;
    if (stands_in_wood && slot_mm && most_mm && step.cut.pack_mm > 0 &&
        *slot_mm - step.cut.pack_mm < *most_mm)
        stops.push_back(stop("saddle_half_out", StopAt::saddle,
                             {LengthMm{*slot_mm - step.cut.pack_mm}, LengthMm{*most_mm}}));
}

/// What is given of the saddle that is there, and the action that was read, are one height.
void of_the_readings(const Design& design, const Solution& target, const Plan& plan,
                     std::vector<Stop>& stops) {
    if (!design.bridge || !design.bridge->height_mm || plan.saddle.left()) return;
    double worst = sure_apart;
    std::optional<Stop> told;
    for (std::size_t i = 0; i < target.saddle.take_off_mm.size(); ++i) {
        const auto& by_piece_mm = target.saddle.take_off_mm[i];
        const auto& by_action_mm = plan.saddle.take_off_mm[i];
        if (!by_piece_mm || !by_action_mm) continue;
        const double u_mm = std::hypot(*plan.saddle.u_mm[i], piece_u_mm, plane_u_mm);
        const double times = std::abs(*by_piece_mm - *by_action_mm) / u_mm;
        if (times <= worst) continue;
        worst = times;
        told = stop("saddle_contradicts", StopAt::saddle,
                    {design.string_name(i), gap_of(*by_piece_mm), gap_of(*by_action_mm)});
    }
    if (told) stops.push_back(*std::move(told));
}

/// A nut that clamps and stands too high.
void of_the_nut(const Design& design, const Plan& plan, std::vector<Stop>& stops) {
    const NutStep& step = plan.nut;
    if (!design.nut.clamping || step.decision.raises > 0 || step.decision.lowers == 0) return;
    double least_mm = 1e9;
    for (const SlotFinding& slot : step.findings)
        if (slot.lower_counts) least_mm = std::min(least_mm, slot.lower_mm);
    stops.push_back(stop("seat_to_cut", StopAt::nut, {LengthMm{least_mm}}));
}

} // namespace

bool stands_at(const Stop& stop, BenchPart part) {
    switch (stop.at) {
    case StopAt::all: return true;
    case StopAt::relief: return part == BenchPart::relief;
    case StopAt::saddle: return part == BenchPart::saddle;
    case StopAt::nut: return part == BenchPart::nut;
    }
    return true;
}

std::vector<Stop> stops_of_survey(const std::vector<SurveyFinding>& survey) {
    std::vector<Stop> stops;
    of_the_survey(survey, stops);
    return stops;
}

std::vector<Stop> stops_of(const Design& design, const Solution& target, const Plan& plan,
                           const std::vector<SurveyFinding>& survey) {
    std::vector<Stop> stops;
    of_the_survey(survey, stops);
    of_the_relief(design, plan, stops);
    of_the_readings(design, target, plan, stops);
    of_the_saddle(design, target, plan, stops);
    of_the_nut(design, plan, stops);
    std::stable_sort(stops.begin(), stops.end(), [](const Stop& a, const Stop& b) { return a.at < b.at; });
    return stops;
}

} // namespace fm
