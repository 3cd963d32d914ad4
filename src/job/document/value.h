#pragma once
// A JSON document as a value: keys keep their order, unknown ones included. Copies share what they do not
// change, so that a step of a long job costs no more than what it changes.
#include <cstdint>
#include <memory>
#include <string>
#include <string_view>
#include <utility>
#include <variant>
#include <vector>

namespace fm {

class Value {
public:
    using Array = std::vector<Value>;
    using Object = std::vector<std::pair<std::string, Value>>;

    Value();
    Value(const Value&);
    Value(Value&&) noexcept;
    Value& operator=(const Value&);
    Value& operator=(Value&&) noexcept;
    ~Value();
    Value(std::nullptr_t) {}
    Value(bool value) : data_(value) {}
    Value(int value) : data_(static_cast<std::int64_t>(value)) {}
    Value(std::int64_t value) : data_(value) {}
    Value(double value) : data_(value) {}
    Value(const char* text) : data_(std::string(text)) {}
    Value(std::string text) : data_(std::move(text)) {}
    Value(Array items);
    Value(Object members);

    bool is_null() const { return std::holds_alternative<std::nullptr_t>(data_); }
    const Array* array() const;
    Array* array(); ///< to be changed: no longer shared with other values
    const Object* object() const;
    Object* object(); ///< the same
    const std::string* text() const { return std::get_if<std::string>(&data_); }
    const bool* flag() const { return std::get_if<bool>(&data_); }
    /// A number of either kind, or nothing.
    const std::int64_t* whole() const { return std::get_if<std::int64_t>(&data_); }
    bool is_number() const { return whole() || std::holds_alternative<double>(data_); }
    double number() const; ///< only when is_number()

    /// The member of an object, or nullptr.
    const Value* member(std::string_view key) const;

    friend bool operator==(const Value& a, const Value& b);

private:
    using SharedArray = std::shared_ptr<Array>;
    using SharedObject = std::shared_ptr<Object>;
    std::variant<std::nullptr_t, bool, std::int64_t, double, std::string, SharedArray, SharedObject> data_ =
        nullptr;
};

/// A place in a document: "nut.spacing.edge_margin_mm.bass", "strings[2].diameter_mm".
/// The value there, or nullptr.
const Value* find(const Value& document, std::string_view path);

/// A copy with the value at that place; objects on the way are made, arrays must be there and long enough
/// (one past the end appends). @throws std::logic_error if a part of the path cannot hold the next.
[[nodiscard]] Value with(const Value& document, std::string_view path, Value value);

/// A copy without that member; the document itself if there is none.
[[nodiscard]] Value without(const Value& document, std::string_view path);

} // namespace fm
