#pragma once
#include "ui/state/session.h"

#include <QString>

namespace fm {

/// The verdict on the nut as it was found, argued: what was read, the rule that holds, the amounts, what else
/// could be done. Rich text.
QString nut_verdict_text(const State& state);

} // namespace fm
