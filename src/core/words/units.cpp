#include "core/words/units.h"

#include "core/words/word_of.h"

#include <array>
#include <charconv>
#include <cmath>
#include <cstdlib>
#include <numeric>

namespace fm {

Units units_in(Unit unit) {
    Units units;
    units.each.fill(unit);
    if (unit != Unit::mm) units.tension = TensionUnit::pound;
    if (unit == Unit::thou || unit == Unit::sixty_fourths)
        units.each[static_cast<std::size_t>(LengthKind::along)] = Unit::in;
    return units;
}

double mm_per(Unit unit) {
    switch (unit) {
    case Unit::mm: return 1.0;
    case Unit::in: return mm_per_inch;
    case Unit::thou: return mm_per_inch / 1000.0;
    case Unit::sixty_fourths: return mm_per_inch / 64.0;
    }
    return 1.0;
}

SixtyFourths sixty_fourths(double length_mm) {
    const double one = mm_per(Unit::sixty_fourths);
    const long long count = std::llround(length_mm / one);
    return {count, length_mm - static_cast<double>(count) * one};
}

std::string fraction_text(long long count) {
    const bool negative = count < 0;
    const long long magnitude = negative ? -count : count;
    const long long whole = magnitude / 64;
    const long long rest = magnitude % 64;
    std::string text = negative ? "-" : "";
    if (whole != 0 || rest == 0) text += std::to_string(whole);
    if (rest != 0) {
        const long long common = std::gcd(rest, 64LL);
        if (whole != 0) text += ' ';
        text += std::to_string(rest / common) + "/" + std::to_string(64 / common);
    }
    return text;
}

int SixtyFourths::rest_thou() const {
    return static_cast<int>(std::lround(remainder_mm / mm_per(Unit::thou)));
}

std::string sixty_fourths_text(double length_mm) {
    const SixtyFourths parts = sixty_fourths(length_mm);
    const int rest = parts.rest_thou();
    const std::string thou = std::to_string(std::abs(rest)) + " thou";
    if (parts.count == 0 && rest != 0) return (rest < 0 ? "-" : "") + thou;
    std::string whole = fraction_text(parts.count);
    if (rest == 0) return whole;
    return whole + (rest < 0 ? " - " : " + ") + thou;
}

std::string fixed_text(double value, int decimals) {
    std::array<char, 400> buffer{};
    const auto end = std::to_chars(buffer.data(), buffer.data() + buffer.size(), value,
                                   std::chars_format::fixed, decimals);
    std::string text(buffer.data(), end.ptr);
    if (text.starts_with('-') && text.find_first_not_of("-0.") == std::string::npos) text.erase(0, 1);
    return text;
}

int usual_decimals(Unit unit) {
    switch (unit) {
    case Unit::mm: return 2;
    case Unit::in: return 4;
    case Unit::thou: return 1;
    case Unit::sixty_fourths: return 0;
    }
    return 2;
}

std::string length_text(double length_mm, Unit unit) {
    if (unit != Unit::sixty_fourths)
        return fixed_text(length_mm / mm_per(unit), usual_decimals(unit)) + " " + std::string(word_of(unit));
    const bool whole = sixty_fourths(length_mm).rest_thou() == 0;
    return sixty_fourths_text(length_mm) + (whole ? " in" : "");
}

} // namespace fm
