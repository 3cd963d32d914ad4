#include "job/edits/assumed_edits.h"

#include "core/design/assumed.h"

namespace fm {

namespace {

constexpr std::string_view list_key = "assumed";

bool is_another(const Value* before, const Value* after) {
    return !before != !after || (before && *before != *after);
}

/// The document with those that `stays` tells; without the list once it is empty.
template <class Stays> Value with_list(const Value& document, const Value::Array& keys, const Stays& stays) {
    Value::Array kept;
    for (const Value& key : keys)
        if (!key.text() || stays(*key.text())) kept.push_back(key);
    if (kept.size() == keys.size()) return document;
    return kept.empty() ? without(document, list_key) : with(document, list_key, std::move(kept));
}

} // namespace

Value with_measured(const Value& before, const Value& after) {
    const Value* list = find(after, list_key);
    if (!list || !list->array() || is_another(find(before, list_key), list)) return after;
    return with_list(after, *list->array(), [&](const std::string& key) {
        return !is_another(find(before, key), find(after, key));
    });
}

Value with_all_assumed(const Value& document) {
    Value::Array keys;
    for (const Field& field : fields()) {
        if (!can_be_assumed(field)) continue;
        std::size_t count = 1;
        if (field.in_list()) {
            const Value* list = find(document, field.key.substr(0, field.key.find("[]")));
            count = list && list->array() ? list->array()->size() : 0;
        }
        for (std::size_t i = 0; i < count; ++i) {
            const std::string key = field.key_of(i);
            const Value* value = find(document, key);
            if (value && value->is_number()) keys.emplace_back(key);
        }
    }
    return keys.empty() ? without(document, list_key) : with(document, list_key, std::move(keys));
}

Value with_confirmed(const Value& document, std::string_view key) {
    const Value* list = find(document, list_key);
    if (!list || !list->array()) return document;
    return with_list(document, *list->array(), [key](const std::string& each) { return each != key; });
}

} // namespace fm
