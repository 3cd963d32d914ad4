#include "core/found/sense.h"

#include <charconv>
#include <cmath>
#include <string>

namespace fm {

namespace {

/// The first number in a text, its decimal mark a point or a comma.
std::optional<double> first_number(std::string_view text) {
    const std::size_t start = text.find_first_of("0123456789.,");
    if (start == std::string_view::npos) return std::nullopt;
    std::string digits(text.substr(start, 16));
    for (char& c : digits)
        if (c == ',') c = '.';
    double value = 0;
    const auto [end, error] = std::from_chars(digits.data(), digits.data() + digits.size(), value);
    return error == std::errc() ? std::optional(value) : std::nullopt;
}

} // namespace

SensibleRange sensible_range(const Design& design, ReadThing thing, std::size_t string) {
    const StringDesign& of = design.strings[std::min(string, design.strings.size() - 1)];
    switch (thing) {
    case ReadThing::gap_fret1: return {0.0, nut_way(design).open() ? 1.6 : 0.8};
    case ReadThing::action12: return {0.5, 6.0};
    case ReadThing::relief: return {-0.6, 1.2};
    case ReadThing::slot_width: return {0.8 * of.diameter_mm - 0.02, 2.0 * of.diameter_mm + 0.1};
    case ReadThing::crown: {
        const double half_mm = 0.25 * (design.neck.scale_bass_mm + design.neck.scale_treble_mm);
        return {half_mm - 15.0, half_mm + 25.0};
    }
    }
    return {};
}

std::optional<MeantInstead> meant_instead(std::string_view text, double read_mm, const SensibleRange& range) {
    const auto number = first_number(text);
    if (!number || *number == 0) return std::nullopt;
    const auto sensible = [&](double mm) { return range.holds(mm) && std::abs(mm - read_mm) > 1e-6; };
    for (const Unit unit : {Unit::mm, Unit::thou, Unit::sixty_fourths, Unit::in})
        if (const double mm = *number * mm_per(unit); sensible(mm)) return MeantInstead{mm, unit};
    const double part_mm = mm_per(Unit::in) / *number; // 16/64 for 1/16
    for (const double over : {2.0, 4.0, 8.0, 16.0, 32.0, 64.0})
        if (*number == over && sensible(part_mm)) return MeantInstead{part_mm, Unit::sixty_fourths};
    return std::nullopt;
}

} // namespace fm
