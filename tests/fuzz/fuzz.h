#pragma once
// What the fuzz targets share.
#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <string>

namespace fm {

inline std::string text_of(const std::uint8_t* data, std::size_t size) {
    return {reinterpret_cast<const char*>(data), size};
}

/// Ends the run with a finding.
inline void must(bool holds, const char* what) {
    if (holds) return;
    std::fprintf(stderr, "does not hold: %s\n", what);
    std::abort();
}

} // namespace fm
