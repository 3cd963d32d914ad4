#pragma once
#include "core/found/plan.h"
#include "job/state/state.h"

#include <QString>

namespace fm {

/// What is done in a step of the plan, in a sentence or two.
QString step_words(const State& state, const Plan& plan, BenchPart part);
/// What to mind while doing it; "" where nothing is done.
QString step_caution(const State& state, const Plan& plan, BenchPart part);

} // namespace fm
