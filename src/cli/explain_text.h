#pragma once
#include "core/solution/uncertainty.h"
#include "core/solution/working.h"
#include "job/document/value.h"

#include <string>

namespace fm {

/// A number with its working and how sure it is.
struct Explained {
    const Design& design;
    Working working;
    Uncertainty sure;
};

/// For reading: name, formula in words, terms with their sources, result, ± and what it comes from most.
std::string explained_text(const Explained& explained);

/// The same for programs, numbers in full.
Value explained_json(const Explained& explained);

} // namespace fm
