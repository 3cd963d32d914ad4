#pragma once
#include "core/solution/quantities.h"

#include <string>
#include <vector>

namespace fm {

/// What a number's uncertainty is made of: one input and the change it makes.
struct Contribution {
    std::string_view name; ///< the input's name; English, translated in the context "messages"
    std::string gauge_id;  ///< message id of what it was read with
    std::string key;       ///< of the input in the job file
    double change = 0;     ///< half the difference between input + u and input − u
};

struct Uncertainty {
    double standard = 0;                     ///< one standard deviation, in the number's own unit
    std::vector<Contribution> contributions; ///< largest first, at most three
};

/// How sure numbers are, by central differences over all inputs of a design, all at once.
/// @param solution of the design @param threads how many to share the solving among, 1 or more
/// Source: docs/mathematics.md, "How sure is a number".
std::vector<Uncertainty> uncertainties(const Design& design, const Solution& solution,
                                       const std::vector<NumberKey>& numbers, unsigned threads = 1);

} // namespace fm
