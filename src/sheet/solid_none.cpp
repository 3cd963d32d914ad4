// A program built without the geometry library.
#include "sheet/solid.h"

#include <stdexcept>

namespace fm {

bool makes_solids() {
    return false;
}

QByteArray step_of(const SolidPart&, const std::string&) {
    throw std::logic_error("built without solids");
}

QByteArray stl_of(const SolidPart&) {
    throw std::logic_error("built without solids");
}

} // namespace fm
