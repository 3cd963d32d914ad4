#include "core/found/relief_choice.h"

namespace fm {

ReliefChoice relief_proposal(const ReliefAmount& amount) {
    return amount.counts() ? ReliefChoice::set : ReliefChoice::leave;
}

ReliefChoice relief_choice(const Design& design, const ReliefAmount& amount,
                           std::optional<Message>* replaced) {
    const ReliefChoice choice = design.choices.relief.value_or(relief_proposal(amount));
    if (choice == ReliefChoice::leave) return choice;
    std::optional<Message> why;
    if (!amount.wanted_mm)
        why = {"relief_not_wanted", Severity::warning, "plan.relief", {}};
    else if (design.neck.rod == Rod::none)
        why = {"relief_without_rod", Severity::warning, "neck.rod", {}};
    else if (design.neck.rod_stuck)
        why = {"relief_with_stuck_rod", Severity::warning, "survey.rod_stuck", {}};
    if (!why) return choice;
    if (replaced) *replaced = std::move(why);
    return ReliefChoice::leave;
}

} // namespace fm
