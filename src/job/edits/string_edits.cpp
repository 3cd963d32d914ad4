#include "job/edits/string_edits.h"

#include "core/design/fields.h"

#include <algorithm>
#include <charconv>
#include <functional>
#include <optional>
#include <string>
#include <vector>

namespace fm {

namespace {

using Change = std::function<void(Value::Array&)>;

/// Lists of a job with one entry a string that grow so, as the rows of fields() say: "strings", "nut.posts".
std::vector<std::string> lists_that(Grows grows) {
    std::vector<std::string> lists;
    for (const Field& field : fields()) {
        if (field.grows != grows || !field.in_list()) continue;
        std::string list(field.key.substr(0, field.key.find("[]")));
        if (std::find(lists.begin(), lists.end(), list) == lists.end()) lists.push_back(std::move(list));
    }
    return lists;
}

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

/// Where the string at a place stands afterwards; nothing if it is gone.
using Move = std::function<std::optional<std::size_t>(std::size_t)>;

/// A key that names a string by its place ("strings[2].diameter_mm", "nut.posts[2].below_mm",
/// "card.strings[2].gap1"), as it is afterwards; nothing if its string is gone.
std::optional<std::string> moved_key(const std::string& key, const Move& move) {
    for (const Field& field : fields()) {
        if (field.grows == Grows::no || !field.in_list()) continue;
        const std::string start(field.key.substr(0, field.key.find("[]") + 1));
        const std::size_t at = key.find(start);
        if (at == std::string::npos || (at > 0 && key[at - 1] != '.')) continue;
        std::size_t number = 0;
        const char* first = key.data() + at + start.size();
        const auto read = std::from_chars(first, key.data() + key.size(), number);
        if (read.ec != std::errc()) continue;
        const auto moved = move(number);
        if (!moved) return std::nullopt;
        return key.substr(0, at) + start + std::to_string(*moved) + read.ptr;
    }
    return key;
}

Value with_moved_members(const Value& document, const std::string& key, const Move& move) {
    const Value* members = find(document, key);
    if (!members || !members->object()) return document;
    Value::Object moved;
    for (const auto& [name, value] : *members->object())
        if (auto now = moved_key(name, move)) moved.emplace_back(std::move(*now), value);
    return with(document, key, std::move(moved));
}

Value with_moved_list(const Value& document, const std::string& key, const Move& move) {
    return changed_list(document, key, [&](Value::Array& items) {
        Value::Array moved;
        for (const Value& item : items) {
            if (!item.text()) {
                moved.push_back(item);
                continue;
            }
            if (auto now = moved_key(*item.text(), move)) moved.emplace_back(std::move(*now));
        }
        items = std::move(moved);
    });
}

/// A whole number under `key` that is a string's place; the member is taken out with its string.
/// @returns nothing if the string is gone
std::optional<Value> with_moved_place(const Value& holder, const char* key, const Move& move) {
    const Value* place = holder.member(key);
    if (!place || !place->whole() || *place->whole() < 0) return holder;
    const auto moved = move(static_cast<std::size_t>(*place->whole()));
    if (!moved) return std::nullopt;
    return with(holder, key, static_cast<std::int64_t>(*moved));
}

/// What was done at the bench, and where something was heard, stays with its string.
Value with_moved_work(const Value& document, const Move& move) {
    Value changed = changed_list(document, "readings", [&](Value::Array& entries) {
        for (Value& entry : entries) {
            const Value* bench = entry.member("bench");
            if (!bench || !bench->object()) continue;
            const auto moved = with_moved_place(*bench, "string", move);
            entry = moved ? with(entry, "bench", *moved) : without(entry, "bench");
        }
    });
    return changed_list(changed, "record", [&](Value::Array& entries) {
        for (Value& entry : entries)
            entry = changed_list(entry, "places", [&](Value::Array& heard_at) {
                Value::Array kept;
                for (const Value& place : heard_at)
                    if (auto moved = with_moved_place(place, "string", move))
                        kept.push_back(std::move(*moved));
                heard_at = std::move(kept);
            });
    });
}

/// Strings that share a saddle: one that comes between them stands on it, too, and a saddle that has lost its
/// last string goes.
Value with_moved_groups(const Value& document, const Move& move) {
    return changed_list(document, "saddle.groups", [&](Value::Array& groups) {
        Value::Array kept;
        for (const Value& group : groups) {
            std::vector<std::size_t> strings;
            for (const Value& place : group.array() ? *group.array() : Value::Array{})
                if (const auto now = place.whole() && *place.whole() >= 0
                                         ? move(static_cast<std::size_t>(*place.whole()))
                                         : std::nullopt)
                    strings.push_back(*now);
            if (strings.empty()) continue;
            Value::Array whole;
            for (std::size_t i = strings.front(); i <= strings.back(); ++i)
                whole.emplace_back(static_cast<std::int64_t>(i));
            kept.emplace_back(std::move(whole));
        }
        groups = std::move(kept);
    });
}

/// Everything that names a string by its place.
Value with_moved_names(const Value& document, const Move& move) {
    Value changed = with_moved_members(document, "uncertainty", move);
    changed = with_moved_list(changed, "assumed", move);
    changed = with_moved_work(changed, move);
    changed = with_moved_groups(changed, move);
    const Value* prints = find(changed, "sheets");
    const std::size_t count = prints && prints->array() ? prints->array()->size() : 0;
    for (std::size_t i = 0; i < count; ++i)
        changed = with_moved_members(changed, "sheets[" + std::to_string(i) + "].figures", move);
    return changed;
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
    for (const std::string& key : lists_that(Grows::like_its_neighbour))
        changed = changed_list(changed, key, copied);
    for (const std::string& key : lists_that(Grows::between_neighbours))
        changed = changed_list(changed, key, [&](Value::Array& items) {
            if (string < items.size()) items.insert(items.begin() + at, Value(place_after(items, string)));
        });
    changed = changed_readings(changed, [&](Value::Array& items) {
        if (string < items.size()) items.insert(items.begin() + at, Value(Value::Object{}));
    });
    return with_moved_names(changed,
                            [string](std::size_t i) { return std::optional(i > string ? i + 1 : i); });
}

Value with_string_removed(const Value& document, std::size_t string) {
    const Change removed = [string](Value::Array& items) {
        if (string < items.size() && items.size() > 1)
            items.erase(items.begin() + static_cast<std::ptrdiff_t>(string));
    };
    Value changed = document;
    for (const Grows grows : {Grows::like_its_neighbour, Grows::between_neighbours})
        for (const std::string& key : lists_that(grows)) changed = changed_list(changed, key, removed);
    changed = changed_readings(changed, removed);
    return with_moved_names(changed, [string](std::size_t i) {
        return i == string ? std::nullopt : std::optional(i > string ? i - 1 : i);
    });
}

} // namespace fm
