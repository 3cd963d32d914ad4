#pragma once
#include <numbers>

namespace fm {

/// Degrees in a radian: `rad * degrees`, `deg / degrees`.
inline constexpr double degrees = 180.0 / std::numbers::pi;

} // namespace fm
