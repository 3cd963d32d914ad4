#include "job/document/change.h"

#include <algorithm>
#include <optional>

namespace fm {

namespace {

/// One side of a change: the document it is of.
template <class T> struct Sides {
    T before;
    T after;
    const T& of(bool after_it) const { return after_it ? after : before; }
};

using Keys = std::vector<std::string>;

Keys keys_of(const Value::Object& object) {
    Keys keys;
    for (const auto& [key, value] : object) keys.push_back(key);
    return keys;
}

const Value* member_of(const Value::Object& object, const std::string& key) {
    for (const auto& [name, value] : object)
        if (name == key) return &value;
    return nullptr;
}

} // namespace

/// Either a value in another's place, or what changed within an object or a list.
struct DocumentChange::Part {
    struct Member;
    struct Item;
    std::optional<Sides<Value>> replaced;
    // Of an object.
    std::vector<Member> members;
    std::optional<Sides<Keys>> keys; ///< where they are others, or otherwise in order
    Sides<Value::Object> only;       ///< members the other side has not got
    // Of a list: items both have, and what follows the last of them.
    std::vector<Item> items;
    Sides<Value::Array> tail;

    static std::unique_ptr<const Part> between(const Value& before, const Value& after);
    Value applied(const Value& value, bool forward) const;
    void compare_objects(const Value::Object& before, const Value::Object& after);
    void compare_lists(const Value::Array& before, const Value::Array& after);
    Value::Object applied_to_object(const Value::Object& from, bool forward) const;
    Value::Array applied_to_list(const Value::Array& from, bool forward) const;
};

struct DocumentChange::Part::Member {
    std::string key;
    std::unique_ptr<const Part> change;
};

struct DocumentChange::Part::Item {
    std::size_t at = 0;
    std::unique_ptr<const Part> change;
};

std::unique_ptr<const DocumentChange::Part> DocumentChange::Part::between(const Value& before,
                                                                          const Value& after) {
    if (before == after) return nullptr;
    auto part = std::make_unique<Part>();
    if (before.object() && after.object())
        part->compare_objects(*before.object(), *after.object());
    else if (before.array() && after.array())
        part->compare_lists(*before.array(), *after.array());
    else
        part->replaced = {before, after};
    return part;
}

void DocumentChange::Part::compare_objects(const Value::Object& before, const Value::Object& after) {
    Sides<Keys> both{keys_of(before), keys_of(after)};
    if (both.before != both.after) keys = std::move(both);
    for (const auto& [key, value] : before) {
        const Value* there = member_of(after, key);
        if (!there) {
            only.before.emplace_back(key, value);
        } else if (auto change = between(value, *there)) {
            members.push_back({key, std::move(change)});
        }
    }
    for (const auto& [key, value] : after)
        if (!member_of(before, key)) only.after.emplace_back(key, value);
}

void DocumentChange::Part::compare_lists(const Value::Array& before, const Value::Array& after) {
    const std::size_t both = std::min(before.size(), after.size());
    for (std::size_t i = 0; i < both; ++i)
        if (auto change = between(before[i], after[i])) items.push_back({i, std::move(change)});
    const auto from = static_cast<std::ptrdiff_t>(both);
    tail.before.assign(before.begin() + from, before.end());
    tail.after.assign(after.begin() + from, after.end());
}

Value DocumentChange::Part::applied(const Value& value, bool forward) const {
    if (replaced) return replaced->of(forward);
    if (value.object()) return applied_to_object(*value.object(), forward);
    return applied_to_list(*value.array(), forward);
}

Value::Object DocumentChange::Part::applied_to_object(const Value::Object& from, bool forward) const {
    Value::Object to = from;
    for (const Member& member : members)
        for (auto& [key, value] : to)
            if (key == member.key) value = member.change->applied(value, forward);
    if (!keys) return to;
    Value::Object ordered;
    for (const std::string& key : keys->of(forward)) {
        const Value* there = member_of(to, key);
        ordered.emplace_back(key, there ? *there : *member_of(only.of(forward), key));
    }
    return ordered;
}

Value::Array DocumentChange::Part::applied_to_list(const Value::Array& from, bool forward) const {
    const auto both = static_cast<std::ptrdiff_t>(from.size() - tail.of(!forward).size());
    Value::Array to(from.begin(), from.begin() + both);
    for (const Item& item : items) to[item.at] = item.change->applied(to[item.at], forward);
    to.insert(to.end(), tail.of(forward).begin(), tail.of(forward).end());
    return to;
}

DocumentChange::DocumentChange(const Value& before, const Value& after)
    : whole_(Part::between(before, after)) {}
DocumentChange::DocumentChange(DocumentChange&&) noexcept = default;
DocumentChange& DocumentChange::operator=(DocumentChange&&) noexcept = default;
DocumentChange::~DocumentChange() = default;

Value DocumentChange::made(const Value& before) const {
    return whole_ ? whole_->applied(before, true) : before;
}

Value DocumentChange::unmade(const Value& after) const {
    return whole_ ? whole_->applied(after, false) : after;
}

} // namespace fm
