#include "job/string_edits.h"

#include <charconv>
#include <functional>
#include <optional>
#include <string>

namespace fm {

namespace {

using Change = std::function<void(Value::Array&)>;

/// Lists with one entry a string, places apart.
constexpr const char* lists[] = {"strings", "nut.posts", "nut.height.each_mm", "saddle.action.each_mm",
                                 "saddle.existing.height.each_mm"};
constexpr const char* places[] = {"nut.spacing.each_mm", "saddle.spacing.each_mm",
                                  "bridge.pins.spacing.each_mm"};

Value changed_list(const Value& document, const std::string& key, const Change& change) {
    const Value* list = find(document, key);
    if (!list || !list->array()) return document;
    Value::Array items = *list->array();
    change(items);
    return with(document, key, std::move(items));
}

Value changed_readings(const Value& document, const Change& change) {
    const Value* readings = find(document, "readings");
    if (!readings || !readings->array()) return document;
    Value changed = document;
    for (std::size_t i = 0; i < readings->array()->size(); ++i)
        changed = changed_list(changed, "readings[" + std::to_string(i) + "].strings", change);
    return changed;
}

/// The keys of stated uncertainties name strings by their place.
Value with_renamed_uncertainties(const Value& document,
                                 const std::function<std::optional<std::size_t>(std::size_t)>& place) {
    const Value* stated = find(document, "uncertainty");
    if (!stated || !stated->object()) return document;
    constexpr std::string_view start = "strings[";
    Value::Object renamed;
    for (const auto& [key, value] : *stated->object()) {
        std::size_t number = 0;
        const char* first = key.data() + start.size();
        const bool of_string = key.starts_with(start);
        const auto read = of_string ? std::from_chars(first, key.data() + key.size(), number)
                                    : std::from_chars_result{nullptr, std::errc::invalid_argument};
        if (read.ec != std::errc()) {
            renamed.emplace_back(key, value);
            continue;
        }
        if (const auto moved = place(number))
            renamed.emplace_back(std::string(start) + std::to_string(*moved) + read.ptr, value);
    }
    return with(document, "uncertainty", std::move(renamed));
}

/// A place between a string and its treble neighbour, or as far beyond the last as the usual distance.
double place_after(const Value::Array& items, std::size_t string) {
    constexpr double usual_mm = 7;
    const double here = items[string].is_number() ? items[string].number() : 0.0;
    if (string + 1 < items.size() && items[string + 1].is_number())
        return 0.5 * (here + items[string + 1].number());
    return here + usual_mm;
}

} // namespace

Value with_string_added(const Value& document, std::size_t string) {
    const auto at = static_cast<std::ptrdiff_t>(string) + 1;
    const Change copied = [&](Value::Array& items) {
        if (string < items.size()) items.insert(items.begin() + at, Value(items[string]));
    };
    Value changed = document;
    for (const char* key : lists) changed = changed_list(changed, key, copied);
    for (const char* key : places)
        changed = changed_list(changed, key, [&](Value::Array& items) {
            if (string < items.size()) items.insert(items.begin() + at, Value(place_after(items, string)));
        });
    changed = changed_readings(changed, [&](Value::Array& items) {
        if (string < items.size()) items.insert(items.begin() + at, Value(Value::Object{}));
    });
    return with_renamed_uncertainties(
        changed, [string](std::size_t i) { return std::optional(i > string ? i + 1 : i); });
}

Value with_string_removed(const Value& document, std::size_t string) {
    const Change removed = [string](Value::Array& items) {
        if (string < items.size() && items.size() > 1)
            items.erase(items.begin() + static_cast<std::ptrdiff_t>(string));
    };
    Value changed = document;
    for (const char* key : lists) changed = changed_list(changed, key, removed);
    for (const char* key : places) changed = changed_list(changed, key, removed);
    changed = changed_readings(changed, removed);
    return with_renamed_uncertainties(changed, [string](std::size_t i) {
        return i == string ? std::nullopt : std::optional(i > string ? i - 1 : i);
    });
}

} // namespace fm
