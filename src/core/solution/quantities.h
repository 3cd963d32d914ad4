#pragma once
// Every computed number of a solution by its key, as `solve` prints it, so that screens, sheets and the
// command line name them alike: "strings[2].floor_above_seat_mm", "strings[0].cents[11]", "bridge.moment_nm".
// The rows stand in numbers_*.cpp, each beside its working.
#include "core/solution/solution.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace fm {

enum class QuantityKind { length, angle, cents, force, stress, unit_mass, moment, factor };

struct Asked;
struct Working;

/// A kind of number: one for every string, one for the whole job, or a list of them. One row is all there is
/// to say of it: `solve`, `explain`, the finder, the uncertainty and the tests go by it.
struct Quantity {
    std::string_view key; ///< with empty brackets where an index goes: "strings[].cents[]"
    QuantityKind kind;
    /// Length of its list; nullptr for a single number.
    std::size_t (*size)(const Solution&, std::size_t string);
    std::optional<double> (*value)(const Solution&, std::size_t string, std::size_t item);
    std::string_view title; ///< English; translated in the context "messages"
    Working (*work)(const Asked&);
    int first_fret = 1; ///< of a string's list; 0: the open string comes first

    /// A list of the whole job with one item a string, in their order.
    bool along_strings() const;
    bool of_string() const {
        return key.starts_with("strings[]") || key.starts_with("straight_saddle.cents");
    }
};

/// All kinds, in the order of the work.
const std::vector<Quantity>& quantities();

/// The row of a key with empty brackets. @throws std::logic_error for one that is not there
const Quantity& quantity_of(std::string_view key);

/// One number: its kind, and where it stands.
struct NumberKey {
    const Quantity* quantity = nullptr;
    std::size_t string = 0; ///< for those of a string
    std::size_t item = 0;   ///< in its list

    std::string text() const;
    /// What follows the string: "floor_above_seat_mm", "cents[11]"; the whole key of other numbers.
    std::string name() const;
    /// The fret it belongs to, 0 for the open string; none for lists along the strings.
    std::optional<int> fret() const;
};

/// The number of that key in a solution; nothing if there is no such number or index.
std::optional<NumberKey> number_of_key(const Solution& solution, std::string_view key);

/// A number of a solution; nothing where it does not exist in this job.
std::optional<double> value_of(const Solution& solution, const NumberKey& number);

/// Every number a solution has.
std::vector<NumberKey> all_numbers(const Solution& solution);

/// The key of a string's number.
std::string string_key(std::size_t string, std::string_view name);

} // namespace fm
