#pragma once
// What people write for a length, and what it means. Source: docs/mathematics.md, "WrittenLength fields".
#include "core/words/units.h"

#include <optional>
#include <string>
#include <string_view>

namespace fm {

struct WrittenLength {
    double mm = 0;
    std::optional<double> uncertainty_mm =
        {};                          ///< from "this leaf goes, that one does not", one standard deviation
    bool fraction_as_inches = false; ///< a bare fraction such as 3/32 was taken as inches
    // Between leaves: the one that goes and the one that does not. One of them alone is no length but a
    // bound, and `mm` is that leaf.
    std::optional<double> above_mm = {};
    std::optional<double> below_mm = {};

    bool one_sided() const { return above_mm.has_value() != below_mm.has_value(); }
};

enum class LengthFault {
    empty,
    too_long,
    unknown_sign, ///< a character or word that means nothing here
    number_expected,
    operator_expected,
    bracket_open, ///< a bracket is not closed
    too_deep,
    bad_number, ///< two decimal marks in one number
    fraction_not_proper,
    divide_by_zero,
    length_times_length,
    number_over_length,
    leaf_order, ///< in a < b the first leaf is not the thinner one
    one_sided,  ///< "> a": only a reading can be a bound
    too_large
};

/// Where and why a text is no length.
struct LengthError {
    LengthFault fault = LengthFault::empty;
    std::size_t at = 0; ///< byte in the text
};

struct LengthOptions {
    Unit bare_unit = Unit::mm;      ///< the job's unit
    bool fractions_in_bare = false; ///< take 3/32 in the job's unit, as the one key asks
    bool one_sided = false;         ///< "> a" and "< a" are allowed: a reading
};

/// Either a length or an error.
struct LengthResult {
    std::optional<WrittenLength> length;
    LengthError error;
    explicit operator bool() const { return length.has_value(); }
};

/// @param text UTF-8, at most 200 bytes: numbers with point or comma, mm, in, ", thou, 64ths, fractions,
///             + - * / and brackets; "0.40<0.45" or "0.40..0.45" lies between two leaves, "> 0.40" over one,
///             "just 0.40" is 0.40.
/// Any finite length is a result; which are allowed the field decides.
LengthResult parse_length(std::string_view text, const LengthOptions& options = {});

/// The fault as a message id of the table in message.cpp.
const char* message_id(LengthFault fault);

} // namespace fm
