#pragma once
#include <string>

namespace fm {

/// Whose work a page tells of.
struct SheetShop {
    std::string name;         ///< "": not said
    double rate_per_hour = 0; ///< 0: not known
    std::string currency;
};

} // namespace fm
