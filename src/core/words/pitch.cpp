#include "core/words/pitch.h"

#include <array>
#include <charconv>
#include <cmath>

namespace fm {

namespace {

constexpr std::string_view sharp = "\u266f";
constexpr std::string_view flat = "\u266d";

/// Takes every # ♯ b ♭ at the front; the sum of their semitones.
int take_accidentals(std::string_view& rest) {
    int semitones = 0;
    while (true) {
        if (rest.starts_with('#'))
            rest.remove_prefix(1), ++semitones;
        else if (rest.starts_with(sharp))
            rest.remove_prefix(sharp.size()), ++semitones;
        else if (rest.starts_with('b'))
            rest.remove_prefix(1), --semitones;
        else if (rest.starts_with(flat))
            rest.remove_prefix(flat.size()), --semitones;
        else
            return semitones;
    }
}

} // namespace

std::optional<double> pitch_hz_of_name(std::string_view name, double a4_hz) {
    constexpr std::string_view letters = "CDEFGAB";
    constexpr std::array<int, 7> semitone_of_letter{0, 2, 4, 5, 7, 9, 11};
    if (name.empty()) return std::nullopt;
    const std::size_t letter = letters.find(name.front());
    if (letter == std::string_view::npos) return std::nullopt;
    std::string_view rest = name.substr(1);
    const int accidentals = take_accidentals(rest);
    int octave = 0;
    const auto parsed = std::from_chars(rest.data(), rest.data() + rest.size(), octave);
    if (rest.empty() || parsed.ptr != rest.data() + rest.size() || octave < -1 || octave > 10 ||
        std::abs(accidentals) > 2)
        return std::nullopt;
    const int above_a4 = (octave - 4) * 12 + semitone_of_letter[letter] - 9 + accidentals;
    return a4_hz * std::exp2(above_a4 / 12.0);
}

std::string nearest_pitch_name(double pitch_hz, double a4_hz) {
    constexpr std::array<std::string_view, 12> names{"C", "C\u266f", "D", "D\u266f", "E", "F", "F\u266f",
                                                     "G", "G\u266f", "A", "A\u266f", "B"};
    const int above_c0 = static_cast<int>(std::lround(12.0 * std::log2(pitch_hz / a4_hz))) + 57;
    const int octave = static_cast<int>(std::floor(above_c0 / 12.0));
    return std::string(names[static_cast<std::size_t>(above_c0 - 12 * octave)]) + std::to_string(octave);
}

std::string shown_pitch_name(std::string_view name) {
    std::string shown(name.substr(0, 1));
    for (const char c : name.substr(std::min<std::size_t>(1, name.size()))) {
        if (c == '#')
            shown += sharp;
        else if (c == 'b')
            shown += flat;
        else
            shown += c;
    }
    return shown;
}

} // namespace fm
