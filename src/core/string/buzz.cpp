#include "core/string/buzz.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

/// Straight boards make clearance and swing grow together, so that whole rows of frets limit alike: those
/// within a millionth count as equal, and the one nearest the finger is named.
constexpr double tie = 1e-6;
/// A fret cleared by less than this is rested on.
constexpr double resting_mm = 0.005;

struct Pluck {
    double from_saddle_mm; // g
    double from_fret_mm;   // q
};

Pluck pluck_on(double length_mm, const Player& player) {
    double g = player.pluck_from_saddle_mm;
    if (g >= 0.5 * length_mm) g = 0.5 * length_mm;
    return {g, length_mm - g};
}

/// The share of its length a string of middle pitch is drawn aside.
double draw_share(PlayingHand hand) {
    switch (hand) {
    case PlayingHand::soft: return 0.0011;
    case PlayingHand::normal: return 0.0017;
    case PlayingHand::hard: return 0.0027;
    }
    return 0.0017;
}

/// How deep the string swings at s for each unit of its deepest, whichever way the pluck starts.
double swing_share(const Pluck& pluck, double length_mm, double s_mm) {
    const double q = pluck.from_fret_mm;
    const double g = pluck.from_saddle_mm;
    return std::max(std::min(s_mm / q, (length_mm - s_mm) / g), std::min(s_mm / g, (length_mm - s_mm) / q));
}

} // namespace

HandOnString hand_on_string(const Design& design, std::size_t index, double scale_mm) {
    const StringDesign& string = design.strings[index];
    double logs = 0;
    for (const StringDesign& each : design.strings) logs += std::log(each.pitch_hz);
    const double middle_hz = std::exp(logs / static_cast<double>(design.strings.size()));
    return {string.pluck_force_n ? string.pluck_force_n : design.player.pluck_force_n,
            draw_share(design.player.hand) * scale_mm * std::pow(middle_hz / string.pitch_hz, 0.25)};
}

double player_force_n(const TunedString& string, double open_length_mm, double tension_n) {
    if (string.hand.force_n) return *string.hand.force_n;
    const Pluck pluck = pluck_on(open_length_mm, string.player);
    return string.hand.draw_mm * tension_n * open_length_mm / (pluck.from_fret_mm * pluck.from_saddle_mm);
}

double clearance_mm(const StandingString& string, int fretted, int over) {
    const double share =
        (string.x_mm(over) - string.x_mm(fretted)) / (string.saddle_x_mm() - string.x_mm(fretted));
    return string.top_mm(fretted) + (string.saddle_z_mm() - string.top_mm(fretted)) * share -
           string.top_mm(over);
}

double swing_mm_per_n(const Player& player, double length_mm, double tension_n, double at_mm) {
    const Pluck pluck = pluck_on(length_mm, player);
    return player.pluck_share_down * pluck.from_fret_mm * pluck.from_saddle_mm / (tension_n * length_mm) *
           swing_share(pluck, length_mm, at_mm);
}

Headroom headroom(const StandingString& string, const Player& player, int fretted, double tension_n,
                  std::optional<int> first_over) {
    const double length_mm = string.length_left_mm(fretted);
    Headroom found;
    double least_clear_mm = 0;
    for (int over = first_over.value_or(fretted + 1); over <= string.frets(); ++over) {
        const double clear_mm = clearance_mm(string, fretted, over);
        if (clear_mm <= 0) {
            if (found.force_n == 0.0 && clear_mm >= least_clear_mm) continue;
            found = {0.0, over};
            least_clear_mm = clear_mm;
            continue;
        }
        const double depth_mm_per_n =
            swing_mm_per_n(player, length_mm, tension_n, string.x_mm(over) - string.x_mm(fretted));
        if (!(depth_mm_per_n > 0)) continue;
        const double force_n = clear_mm / depth_mm_per_n;
        if (!found.force_n || force_n < *found.force_n * (1.0 - tie)) found = {force_n, over};
    }
    return found;
}

std::vector<Headroom> headrooms(const StandingString& string, const Player& player, const Sound& sound) {
    std::vector<Headroom> list;
    list.reserve(static_cast<std::size_t>(string.frets()));
    for (int fretted = 0; fretted < string.frets(); ++fretted)
        list.push_back(headroom(string, player, fretted, sound.tension_n[static_cast<std::size_t>(fretted)]));
    return list;
}

std::vector<std::optional<double>> back_gaps_mm(const StandingString& string) {
    std::vector<std::optional<double>> gaps;
    TautLine taut(string);
    taut.add_fret(1);
    for (int fretted = 2; fretted <= string.frets(); ++fretted) {
        taut.add_fret(fretted);
        const int touched = taut.first_touched();
        const double slope =
            (string.top_mm(touched) - string.nut_z_mm()) / (string.x_mm(touched) - string.nut_x_mm());
        const auto gap_mm = [&](int over) {
            return string.nut_z_mm() + slope * (string.x_mm(over) - string.nut_x_mm()) - string.top_mm(over);
        };
        int rests_on = 1;
        while (rests_on < touched && gap_mm(rests_on) >= resting_mm) ++rests_on;
        if (rests_on < 2) {
            gaps.emplace_back();
            continue;
        }
        double least_mm = 0;
        for (int over = 1; over < rests_on; ++over) {
            const double along =
                (string.x_mm(over) - string.nut_x_mm()) / (string.x_mm(rests_on) - string.nut_x_mm());
            const double room_mm = gap_mm(over) / std::sin(std::numbers::pi * along);
            if (over == 1 || room_mm < least_mm) least_mm = room_mm;
        }
        gaps.emplace_back(least_mm);
    }
    return gaps;
}

} // namespace fm
