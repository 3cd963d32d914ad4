#include "job/document/value.h"

#include <charconv>
#include <optional>
#include <stdexcept>

namespace fm {

// Out of line: inlined into braced lists they trip g++ 12's maybe-uninitialized warning.
Value::Value() = default;
Value::Value(const Value&) = default;
Value::Value(Value&&) noexcept = default;
Value& Value::operator=(const Value&) = default;
Value& Value::operator=(Value&&) noexcept = default;
Value::~Value() = default;

Value::Value(Array items) : data_(std::make_shared<Array>(std::move(items))) {}
Value::Value(Object members) : data_(std::make_shared<Object>(std::move(members))) {}

namespace {

/// What a value holds, for reading.
template <class Held, class Data> const Held* held(const Data& data) {
    const auto* shared = std::get_if<std::shared_ptr<Held>>(&data);
    return shared ? shared->get() : nullptr;
}

/// The same to be changed: a copy of its own where others hold it, too.
template <class Held, class Data> Held* own(Data& data) {
    auto* shared = std::get_if<std::shared_ptr<Held>>(&data);
    if (!shared) return nullptr;
    if (shared->use_count() > 1) *shared = std::make_shared<Held>(**shared);
    return shared->get();
}

} // namespace

const Value::Array* Value::array() const {
    return held<Array>(data_);
}
Value::Array* Value::array() {
    return own<Array>(data_);
}
const Value::Object* Value::object() const {
    return held<Object>(data_);
}
Value::Object* Value::object() {
    return own<Object>(data_);
}

bool operator==(const Value& a, const Value& b) {
    if (a.data_ == b.data_) return true; // also where both share one list
    if (a.array() && b.array()) return *a.array() == *b.array();
    return a.object() && b.object() && *a.object() == *b.object();
}

double Value::number() const {
    if (const auto* integer = whole()) return static_cast<double>(*integer);
    return std::get<double>(data_);
}

const Value* Value::member(std::string_view key) const {
    if (const Object* members = object())
        for (const auto& [name, value] : *members)
            if (name == key) return &value;
    return nullptr;
}

namespace {

/// One step of a path: a member's name or an array's index.
struct Step {
    std::string_view name;
    std::optional<std::size_t> index;
};

Step take_step(std::string_view& path) {
    Step step;
    if (path.starts_with('[')) {
        const std::size_t close = path.find(']');
        std::size_t index = 0;
        if (close == std::string_view::npos ||
            std::from_chars(path.data() + 1, path.data() + close, index).ptr != path.data() + close)
            throw std::logic_error("a path's index is no number: " + std::string(path));
        step.index = index;
        path.remove_prefix(close + 1);
    } else {
        const std::size_t end = path.find_first_of(".[");
        step.name = path.substr(0, end);
        path.remove_prefix(step.name.size());
    }
    if (path.starts_with('.')) path.remove_prefix(1);
    return step;
}

void put(Value& at, std::string_view path, Value&& value) {
    if (path.empty()) {
        at = std::move(value);
        return;
    }
    const std::string_view whole_path = path;
    const Step step = take_step(path);
    if (step.index) {
        Value::Array* items = at.array();
        if (!items || *step.index > items->size())
            throw std::logic_error("no such place in the document: " + std::string(whole_path));
        if (*step.index == items->size()) items->emplace_back();
        put((*items)[*step.index], path, std::move(value));
        return;
    }
    if (at.is_null()) at = Value::Object{};
    Value::Object* members = at.object();
    if (!members) throw std::logic_error("no object to hold " + std::string(whole_path));
    for (auto& [name, member] : *members)
        if (name == step.name) return put(member, path, std::move(value));
    members->emplace_back(std::string(step.name), Value());
    put(members->back().second, path, std::move(value));
}

void drop(Value& at, std::string_view path) {
    const Step step = take_step(path);
    if (step.index) {
        if (Value::Array* items = at.array(); items && *step.index < items->size()) {
            if (path.empty())
                items->erase(items->begin() + static_cast<std::ptrdiff_t>(*step.index));
            else
                drop((*items)[*step.index], path);
        }
        return;
    }
    Value::Object* members = at.object();
    if (!members) return;
    for (auto member = members->begin(); member != members->end(); ++member) {
        if (member->first != step.name) continue;
        if (path.empty())
            members->erase(member);
        else
            drop(member->second, path);
        return;
    }
}

} // namespace

const Value* find(const Value& document, std::string_view path) {
    const Value* at = &document;
    while (at && !path.empty()) {
        const Step step = take_step(path);
        if (!step.index) {
            at = at->member(step.name);
        } else {
            const Value::Array* items = at->array();
            at = items && *step.index < items->size() ? &(*items)[*step.index] : nullptr;
        }
    }
    return at;
}

Value with(const Value& document, std::string_view path, Value value) {
    Value copy = document;
    put(copy, path, std::move(value));
    return copy;
}

Value without(const Value& document, std::string_view path) {
    Value copy = document;
    drop(copy, path);
    return copy;
}

} // namespace fm
