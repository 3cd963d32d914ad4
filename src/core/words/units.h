#pragma once
// Units of length that a person reads and writes. Inside, every length is in mm.
#include <algorithm>
#include <array>
#include <optional>
#include <string>
#include <string_view>

namespace fm {

enum class Unit { mm, in, thou, sixty_fourths };
constexpr std::array<std::string_view, 4> words_of(Unit) {
    return {"mm", "in", "thou", "64ths"};
}

/// What a length is of, as a shop thinks of it: scales and widths; gauges and thicknesses; gaps under strings
/// and what comes off for them; the height over fret 12.
enum class LengthKind { along, small, gap, action };
constexpr std::array<std::string_view, 4> words_of(LengthKind) {
    return {"long", "small", "gap", "action"};
}

/// What a string's tension is told in. Inside, every force is in newtons.
enum class TensionUnit { newton, pound };
constexpr std::array<std::string_view, 2> words_of(TensionUnit) {
    return {"N", "lb"};
}
constexpr double newtons_per(TensionUnit unit) {
    return unit == TensionUnit::pound ? 4.4482216152605 : 1.0;
}

/// The unit each kind of length is thought of in, and tension.
struct Units {
    std::array<Unit, 4> each{Unit::mm, Unit::mm, Unit::mm, Unit::mm};
    TensionUnit tension = TensionUnit::newton;

    Unit of(LengthKind kind) const { return each[static_cast<std::size_t>(kind)]; }
    Unit along() const { return of(LengthKind::along); }
    Unit small() const { return of(LengthKind::small); }
    Unit gap() const { return of(LengthKind::gap); }
    Unit action() const { return of(LengthKind::action); }
    bool alike() const { return std::equal(each.begin() + 1, each.end(), each.begin()); }

    friend bool operator==(const Units&, const Units&) = default;
};

/// All kinds in one unit, but long ones in inches where it is thou or sixty-fourths: nobody counts a scale in
/// them. Tension in pounds where inches rule.
Units units_in(Unit unit);

constexpr double mm_per_inch = 25.4;

/// How many mm one of the unit is: 1, 25.4, 0.0254, 25.4/64.
double mm_per(Unit unit);

/// A length as the nearest whole sixty-fourth of an inch and what remains.
struct SixtyFourths {
    long long count = 0;     ///< signed, nearest whole sixty-fourth
    double remainder_mm = 0; ///< length less count sixty-fourths, within half of one

    /// What remains in whole thousandths of an inch, as it is written.
    int rest_thou() const;
};
SixtyFourths sixty_fourths(double length_mm);

/// "3/64", "1 5/8", "-1/32", "0": a count of sixty-fourths in lowest terms.
std::string fraction_text(long long count);

/// A length in sixty-fourths as it is written and can be typed: the nearest one and the rest in thousandths,
/// "7/64 + 5 thou", "1 5/8 - 2 thou", "7/64", "5 thou", "0".
std::string sixty_fourths_text(double length_mm);

/// A number in the C locale with a fixed count of decimals, "-0.00" written as "0.00".
std::string fixed_text(double value, int decimals);

/// A length in the C locale with the unit's usual decimals and the unit: "1.19 mm", "0.0469 in", "46.9 thou",
/// "7/64 + 5 thou".
std::string length_text(double length_mm, Unit unit);

/// Decimals a person reads in that unit: 2, 4, 1; for thousandths beside sixty-fourths none.
int usual_decimals(Unit unit);

} // namespace fm
