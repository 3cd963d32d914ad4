#pragma once
// What the owner has ordered, and for how much. Source: docs/job-file.md, "ordered".
#include "core/words/word_of.h"

#include <optional>
#include <vector>

namespace fm {

enum class OrderedPart { nut, saddle, bridge, ready_nut, ready_saddle, set_up };
constexpr std::array<std::string_view, 6> words_of(OrderedPart) {
    return {"nut", "saddle", "bridge", "ready_nut", "ready_saddle", "set_up"};
}

struct Ordered {
    std::vector<OrderedPart> parts; ///< empty: nothing was said
    std::optional<double> sum;      ///< that the owner will pay at most, in the shop's currency
    std::optional<double> minutes;  ///< of work at most
};

class Reader;
Ordered read_ordered(Reader& root);

} // namespace fm
