#pragma once
// How low this hand could have it, beside what the plan asks for.
#include "core/solution/least_action.h"
#include "job/state/state.h"

#include <QString>

#include <optional>
#include <vector>

namespace fm {

/// Worked out beside the window: with the relief the plan leads to, and with a little more.
struct LeastActions {
    std::optional<LeastAction> at_relief;
    std::optional<LeastAction> with_more;
};
constexpr double more_relief_mm = 0.05;
/// @param design with the neck the plan leads to
LeastActions least_actions(const Design& design);

struct PlanLeast {
    std::vector<double> each_mm; ///< one a string, as the job reads its action; none: not known
    QString says;
};
PlanLeast plan_least(const State& state, const LeastActions& least);

} // namespace fm
