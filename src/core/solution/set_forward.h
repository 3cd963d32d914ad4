#pragma once
// What moving the nut's front toward the bridge gains. Source: docs/mathematics.md, "Compensation".
#include "core/solution/solution.h"

#include <vector>

namespace fm {

/// The errors that are left with the nut's front set forward by so much.
struct SetForwardGain {
    double forward_mm = 0;
    double rms_cents = 0;    ///< of all frets of all strings
    double gained_cents = 0; ///< by this last tenth of a millimetre
};

/// Tenth by tenth from nothing to where the solution has it (of several strings the furthest), every crown
/// solved again at each. Empty where the front is not set forward.
std::vector<SetForwardGain> set_forward_gains(const Design& design, const Solution& solution);

} // namespace fm
