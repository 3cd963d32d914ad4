#include "core/solution/working.h"

#include "core/solution/working_parts.h"

#include <algorithm>

namespace fm {

namespace {

const WorkingEntry* entry_of(std::string_view key) {
    for (const auto* list : {&nut_workings(), &string_workings(), &saddle_workings(), &piece_workings()})
        for (const WorkingEntry& entry : *list)
            if (entry.key == key) return &entry;
    return nullptr;
}

} // namespace

std::optional<int> fret_of(const NumberKey& number) {
    if (!number.quantity->size || !number.quantity->of_string()) return std::nullopt;
    const int item = static_cast<int>(number.item);
    if (number.quantity->key == "strings[].headroom_n[]") return item;
    if (number.quantity->key == "strings[].back_gap_mm[]") return item + 2;
    return item + 1;
}

std::optional<Working> working(const Design& design, const Solution& solution, std::string_view key) {
    const auto number = number_of_key(solution, key);
    if (!number) return std::nullopt;
    const std::optional<double> value = value_of(solution, *number);
    const WorkingEntry* entry = entry_of(number->quantity->key);
    if (!value || !entry) return std::nullopt;
    const Neck neck(design.neck);
    const std::size_t i = number->quantity->of_string() ? number->string : 0;
    Working made = entry->make({design, solution, neck, *number, i, solution.strings[i], design.strings[i]});
    made.key = std::string(key);
    if (number->quantity->of_string()) made.string = i;
    made.fret = fret_of(*number);
    made.result = *value;
    made.kind = number->quantity->kind;
    made.is_sum = std::all_of(made.terms.begin(), made.terms.end(),
                              [](const Term& term) { return term.sign == '+' || term.sign == '-'; });
    return made;
}

} // namespace fm
