#pragma once
#include "ui/state/session.h"

#include <QString>

namespace fm {

/// What is to be done with the nut that was found, in a sentence; which readings and which rule it rests on.
/// Rich text; of a nut that was read.
QString nut_verdict_line(const State& state);
QString nut_verdict_ground(const State& state);

/// The verdict on the nut as it was found, argued: what was read, the rule that holds, the amounts, what else
/// could be done. Rich text.
QString nut_verdict_text(const State& state);

} // namespace fm
