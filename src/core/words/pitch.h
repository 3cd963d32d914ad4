#pragma once
#include <optional>
#include <string>
#include <string_view>

namespace fm {

/// Frequency of a note's name under a tuning of A4: "G2", "C#3", "B♭1", "Ebb4". @returns nothing if it is no
/// name.
std::optional<double> pitch_hz_of_name(std::string_view name, double a4_hz);

/// Name of the nearest note in equal temperament, sharps as ♯: "C♯3".
std::string nearest_pitch_name(double pitch_hz, double a4_hz);

/// A note's name as it is shown, with ♯ and ♭ for # and b: "Bb1" → "B♭1".
std::string shown_pitch_name(std::string_view name);

} // namespace fm
