#pragma once
// The working of a number: what it is made of, in an order a person can check by hand.
// Source: docs/mathematics.md; each formula there has its working in numbers_*.cpp.
#include "core/solution/quantities.h"

#include <optional>
#include <string>
#include <vector>

namespace fm {

using TermKind = QuantityKind;

struct Term {
    std::string_view name; ///< English; translated in the context "messages"
    char sign = '+';       ///< '+', '-', '*'; a space where the formula in words says how it enters
    double value = 0;
    TermKind kind = TermKind::length;
    std::string key; ///< in the job file, or of another computed number; "" for a step on the way
    bool computed = false;
};

struct Working {
    std::string key;                   ///< "strings[2].floor_above_seat_mm"
    std::optional<std::size_t> string; ///< whose number it is
    std::optional<int> fret;           ///< of a number that belongs to a fret
    std::string_view title;            ///< the number's name; English, translated in the context "messages"
    std::string_view formula;          ///< the formula in words, likewise
    std::vector<Term> terms;
    double result = 0;
    TermKind kind = TermKind::length;
    bool is_sum = true; ///< the terms with their signs give the result
};

/// The working of a computed number, or nothing if there is no such number in this job.
std::optional<Working> working(const Design& design, const Solution& solution, std::string_view key);

} // namespace fm
