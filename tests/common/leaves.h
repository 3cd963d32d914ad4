#pragma once
// A document taken apart: what stands where.
#include "job/document/value.h"

#include <map>
#include <string>

namespace fm::test {

/// Numbers and words at the ends of a document, by their places.
inline void leaves_of(const Value& value, const std::string& place, std::map<std::string, Value>& leaves) {
    if (const auto* items = value.array()) {
        for (std::size_t i = 0; i < items->size(); ++i)
            leaves_of((*items)[i], place + "[" + std::to_string(i) + "]", leaves);
    } else if (const auto* members = value.object()) {
        for (const auto& [key, member] : *members)
            leaves_of(member, place.empty() ? key : place + "." + key, leaves);
    } else {
        leaves[place] = value;
    }
}

} // namespace fm::test
