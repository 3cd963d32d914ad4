#include "core/solution/working.h"

#include "core/design/fields.h"
#include "core/solution/numbers_parts.h"

#include <algorithm>

namespace fm {

Term given(const Asked& asked, std::string_view key, char sign, std::optional<std::size_t> item) {
    const Field& field = field_of(key);
    const std::size_t at = item.value_or(asked.i);
    const TermKind kind = field.kind == FieldKind::length  ? TermKind::length
                          : field.kind == FieldKind::angle ? TermKind::angle
                                                           : TermKind::factor;
    return {field.name, sign, field.get(asked.design, at).value_or(0.0), kind, field.key_of(at), false};
}

std::optional<Working> working(const Design& design, const Solution& solution, std::string_view key) {
    const auto number = number_of_key(solution, key);
    if (!number) return std::nullopt;
    const std::optional<double> value = value_of(solution, *number);
    if (!value) return std::nullopt;
    const Quantity& row = *number->quantity;
    const Neck neck(design.neck);
    const std::size_t i = row.of_string() ? number->string : 0;
    Working made = row.work({design, solution, neck, *number, i, solution.strings[i], design.strings[i]});
    made.key = std::string(key);
    if (row.of_string()) made.string = i;
    made.fret = number->fret();
    made.title = row.title;
    made.result = *value;
    made.kind = row.kind;
    made.is_sum = std::all_of(made.terms.begin(), made.terms.end(),
                              [](const Term& term) { return term.sign == '+' || term.sign == '-'; });
    return made;
}

} // namespace fm
