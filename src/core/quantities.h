#pragma once
// The computed numbers of a string by their keys, so that screens, sheets and the command line name them
// alike.
#include "core/solution.h"

#include <optional>
#include <string>
#include <string_view>

namespace fm {

enum class QuantityKind { length, angle };

struct StringQuantity {
    std::string_view key; ///< as `solve` prints it, "floor_above_seat_mm"
    QuantityKind kind;
    std::optional<double> (*value)(const StringSolution&);
};

/// The quantity of that key, or nullptr.
const StringQuantity* string_quantity(std::string_view key);

/// A number of the solution by its whole key, "strings[2].floor_above_seat_mm".
struct QuantityKey {
    std::size_t string = 0;
    std::string name;
};
std::optional<QuantityKey> parsed_key(std::string_view key);
std::string string_key(std::size_t string, std::string_view name);

} // namespace fm
