#pragma once
// Small parts of the command line's JSON.
#include "job/document/value.h"

#include <optional>
#include <vector>

namespace fm {

Value or_null(std::optional<double> number);
Value list(const std::vector<double>& numbers);
Value list_or_null(const std::vector<std::optional<double>>& numbers);
Value indices(const std::vector<std::size_t>& numbers);

/// An object written member by member.
class Members {
public:
    Members& add(const char* key, Value value) {
        out_.emplace_back(key, std::move(value));
        return *this;
    }
    Value take() { return std::move(out_); }

private:
    Value::Object out_;
};

} // namespace fm
