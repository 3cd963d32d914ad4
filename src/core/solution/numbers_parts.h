#pragma once
// What the rows of numbers_*.cpp are made of: how a value is found in a solution, and what a working is told
// with.
#include "core/solution/working.h"
#include "core/words/message_tables.h"

namespace fm {

/// The number asked for, and all it may be made of.
struct Asked {
    const Design& design;
    const Solution& solution;
    const Neck& neck;
    NumberKey number;
    std::size_t i = 0; ///< the string's index; 0 for numbers of the whole job
    const StringSolution& string;
    const StringDesign& made;

    StringOnNeck on() const { return {neck, string.line}; }
    std::string other(std::string_view name) const { return string_key(i, name); }
};

/// What the job says, by its row in fields(). @param item in a list; none: the string the number is of
Term given(const Asked& asked, std::string_view key, char sign = '+', std::optional<std::size_t> item = {});
/// What it says for this string, or in other words than a row has.
inline Term given(const char* name_id, double value, std::string key, char sign = '+') {
    return {english_template(name_id), sign, value, TermKind::length, std::move(key), false};
}
inline Term computed(const char* name_id, double value, std::string key, char sign = '+',
                     TermKind kind = TermKind::length) {
    return {english_template(name_id), sign, value, kind, std::move(key), true};
}
/// Adds a term only where it says something.
inline void add_unless_zero(std::vector<Term>& terms, Term term) {
    if (term.value != 0.0) terms.push_back(std::move(term));
}
inline Working worked(std::string_view formula, std::vector<Term> terms) {
    Working made;
    made.formula = formula;
    made.terms = std::move(terms);
    return made;
}

// How the strings stand side by side: the same at both ends.
Working nut_centre(const Asked& asked);
Working saddle_centre(const Asked& asked);
Working nut_gap(const Asked& asked);
Working saddle_gap(const Asked& asked);

// Rows: a number of every string, a list of every string, a number of the job, a list of the job.
using Kind = QuantityKind;
using Number = std::optional<double>;
using Index = std::size_t;
using Str = const StringSolution&;
using All = const Solution&;
using Works = Working (*)(const Asked&);

template <auto Value> Quantity each(std::string_view key, Kind kind, std::string_view title, Works work) {
    return {key,   kind, nullptr, [](All s, Index i, Index) -> Number { return Value(s.strings[i]); },
            title, work};
}
template <auto List>
Quantity each_list(std::string_view key, Kind kind, std::string_view title, Works work, int first_fret = 1) {
    return {key,
            kind,
            [](All s, Index i) -> Index { return (s.strings[i].*List).size(); },
            [](All s, Index i, Index k) -> Number { return (s.strings[i].*List)[k]; },
            title,
            work,
            first_fret};
}
template <auto Value> Quantity one(std::string_view key, Kind kind, std::string_view title, Works work) {
    return {key, kind, nullptr, [](All s, Index, Index) -> Number { return Value(s); }, title, work};
}
/// By the members on the way to it.
template <auto... Way>
Quantity one_list(std::string_view key, Kind kind, std::string_view title, Works work) {
    return {key,
            kind,
            [](All s, Index) -> Index { return (s.*....*Way).size(); },
            [](All s, Index, Index k) -> Number { return (s.*....*Way)[k]; },
            title,
            work};
}

// What a job has only with a bridge.
template <auto Member> Number of_bridge_string(Str s) {
    return s.bridge ? Number((*s.bridge).*Member) : std::nullopt;
}
template <auto Member> Number of_bridge(All s) {
    return s.bridge ? Number((*s.bridge).*Member) : std::nullopt;
}

// The rows, in the order of the work.
std::vector<Quantity> nut_quantities();
std::vector<Quantity> string_quantities();
std::vector<Quantity> saddle_quantities();
std::vector<Quantity> bridge_quantities();
std::vector<Quantity> piece_quantities();

} // namespace fm
