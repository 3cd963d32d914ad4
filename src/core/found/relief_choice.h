#pragma once
// Whether the neck is set: one answer for the plan and for the bench. Source: docs/mathematics.md, "Leave
// it".
#include "core/found/plan_amounts.h"

namespace fm {

/// What the rules say of the relief.
ReliefChoice relief_proposal(const ReliefAmount& amount);

/// What the plan goes by: the person's choice, else the proposal; left where none is wanted, and without a
/// rod or with a stuck one. @param replaced filled, if given, with why a choice could not be
ReliefChoice relief_choice(const Design& design, const ReliefAmount& amount,
                           std::optional<Message>* replaced = nullptr);

} // namespace fm
