#include "job/edits/reading_edits.h"

#include "core/words/word_of.h"

#include <cmath>

namespace fm {

const Value::Array& written_readings(const Value& document) {
    static const Value::Array none;
    const Value* all = document.member("readings");
    return all && all->array() ? *all->array() : none;
}

Value begun_reading(ReadingState state, std::optional<std::string_view> when, std::size_t strings) {
    Value entry = with(Value(Value::Object{}), "state", std::string(word_of(state)));
    if (when) entry = with(entry, "when", std::string(*when));
    if (strings > 0) entry = with(entry, "strings", Value::Array(strings, Value(Value::Object{})));
    return entry;
}

Value value_of_read(const WrittenLength& read) {
    const auto tidy = [](double mm) { return std::round(mm * 1e9) / 1e9; };
    if (!read.above_mm && !read.below_mm) return tidy(read.mm);
    Value leaves{Value::Object{}};
    if (read.above_mm) leaves = with(leaves, "above_mm", tidy(*read.above_mm));
    if (read.below_mm) leaves = with(leaves, "below_mm", tidy(*read.below_mm));
    return leaves;
}

Value with_gap(const Value& holder, const std::string& string, const ReadingWay& way,
               const WrittenLength& read) {
    const Value changed = with(holder, string + "." + std::string(way.key()), value_of_read(read));
    const bool pressed = way.part == BenchPart::nut && !way.open();
    return pressed ? with(changed, string + ".pressed_fret", way.held_at) : changed;
}

Value with_reading_added(const Value& document, const Value& entry) {
    const std::size_t place = written_readings(document).size();
    const Value changed = place > 0 ? document : with(document, "readings", Value::Array{});
    return with(changed, "readings[" + std::to_string(place) + "]", entry);
}

Value with_reading_corrected(const Value& document, std::size_t index, const Value& entry,
                             const std::string& why) {
    const Value correction = with(entry, "replaces", static_cast<std::int64_t>(index));
    return with_reading_added(document, with(correction, "reason", why));
}

std::vector<bool> replaced_entries(const Value::Array& entries) {
    std::vector<bool> replaced(entries.size(), false);
    for (std::size_t i = 0; i < entries.size(); ++i) {
        const Value* of = entries[i].member("replaces");
        if (of && of->whole() && *of->whole() >= 0 && *of->whole() < static_cast<std::int64_t>(i))
            replaced[static_cast<std::size_t>(*of->whole())] = true;
    }
    return replaced;
}

} // namespace fm
