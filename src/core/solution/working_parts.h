#pragma once
// What the workings of single numbers are made with: used by the files working_*.cpp only.
#include "core/solution/working.h"

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

struct WorkingEntry {
    std::string_view key; ///< as in quantities()
    Working (*make)(const Asked&);
};

const std::vector<WorkingEntry>& nut_workings();
const std::vector<WorkingEntry>& string_workings();
const std::vector<WorkingEntry>& saddle_workings();
const std::vector<WorkingEntry>& piece_workings();

inline Term given(const char* name_id, double value, std::string key, char sign = '+',
                  TermKind kind = TermKind::length) {
    return {name_id, sign, value, kind, std::move(key), false};
}
inline Term computed(const char* name_id, double value, std::string key, char sign = '+',
                     TermKind kind = TermKind::length) {
    return {name_id, sign, value, kind, std::move(key), true};
}
/// Adds a term only where it says something.
inline void add_unless_zero(std::vector<Term>& terms, Term term) {
    if (term.value != 0.0) terms.push_back(std::move(term));
}
inline Working worked(const char* title_id, const char* formula_id, std::vector<Term> terms) {
    Working made;
    made.title_id = title_id;
    made.formula_id = formula_id;
    made.terms = std::move(terms);
    return made;
}

} // namespace fm
