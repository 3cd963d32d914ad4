#include "cli/json_parts.h"

namespace fm {

Value or_null(std::optional<double> number) {
    if (!number) return {};
    return {*number};
}

Value list(const std::vector<double>& numbers) {
    Value::Array items;
    for (const double number : numbers) items.emplace_back(number);
    return items;
}

Value list_or_null(const std::vector<std::optional<double>>& numbers) {
    Value::Array items;
    for (const std::optional<double>& number : numbers) items.push_back(or_null(number));
    return items;
}

Value indices(const std::vector<std::size_t>& numbers) {
    Value::Array items;
    for (const std::size_t number : numbers) items.emplace_back(static_cast<int>(number));
    return items;
}

} // namespace fm
