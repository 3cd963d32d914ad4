#pragma once
// What keeps a set-up from going on until somebody says why it may: what the survey found unsafe, and what a
// step of the plan would leave. Source: docs/mathematics.md, "Stops".
#include "core/design/survey.h"
#include "core/found/plan.h"
#include "core/found/readings.h"

#include <string>
#include <vector>

namespace fm {

/// Where a stop stands: before any amount, or at a step of the plan.
enum class StopAt { all, relief, saddle, nut };
constexpr std::array<std::string_view, 4> words_of(StopAt) {
    return {"all", "relief", "saddle", "nut"};
}

struct Stop {
    std::string point; ///< "bridge_lifting", "saddle_too_low": passed by a decision about "stop:POINT"
    StopAt at = StopAt::all;
    Message text;
};

/// Whether a stop keeps from working at that part.
bool stands_at(const Stop& stop, BenchPart part);

/// Only those that a survey found.
std::vector<Stop> stops_of_survey(const std::vector<SurveyFinding>& survey);

/// All stops of a plan, in the order of the work.
/// @param target the design solved as written
std::vector<Stop> stops_of(const Design& design, const Solution& target, const Plan& plan,
                           const std::vector<SurveyFinding>& survey);

} // namespace fm
