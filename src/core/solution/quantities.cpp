// Longer than other files: it is one table.
#include "core/solution/quantities.h"

#include <algorithm>
#include <array>
#include <charconv>

namespace fm {

namespace {

using Kind = QuantityKind;
using Number = std::optional<double>;
using Index = std::size_t;

template <auto Value> Number of_string(const Solution& s, Index i, Index) {
    return Value(s.strings[i]);
}

/// A number every string has.
template <auto Value> Quantity each(std::string_view key, Kind kind) {
    return {key, kind, nullptr, of_string<Value>};
}

template <auto List> Quantity each_list(std::string_view key, Kind kind) {
    return {key, kind, [](const Solution& s, Index i) -> Index { return (s.strings[i].*List).size(); },
            [](const Solution& s, Index i, Index k) -> Number { return (s.strings[i].*List)[k]; }};
}

template <auto Value> Quantity one(std::string_view key, Kind kind) {
    return {key, kind, nullptr, [](const Solution& s, Index, Index) -> Number { return Value(s); }};
}

/// A list somewhere in the solution, by the members on the way to it.
template <auto... Way> Quantity one_list(std::string_view key, Kind kind) {
    return {key, kind, [](const Solution& s, Index) -> Index { return (s.*....*Way).size(); },
            [](const Solution& s, Index, Index k) -> Number { return (s.*....*Way)[k]; }};
}

using Str = const StringSolution&;
using All = const Solution&;

template <auto Member> Quantity of_notches(std::string_view key) {
    return {key, Kind::length, [](All s, Index) -> Index { return s.notches.size(); },
            [](All s, Index, Index k) -> Number { return s.notches[k].*Member; }};
}
template <auto Member> Number of_bend(Str s) {
    return s.bend ? Number((*s.bend).*Member) : std::nullopt;
}
template <auto Member> Number of_bridge_string(Str s) {
    return s.bridge ? Number((*s.bridge).*Member) : std::nullopt;
}

std::vector<Quantity> nut_quantities() {
    return {
        each<[](Str s) -> Number { return s.line.nut_y_mm; }>("strings[].nut_centre_mm", Kind::length),
        each<[](Str s) -> Number { return s.slot.along_mm; }>("strings[].nut_along_mm", Kind::length),
        each<[](Str s) -> Number { return s.nut_z_over_fret_line_mm; }>("strings[].nut_z_mm", Kind::length),
        each<[](Str s) -> Number { return s.above_fret_line_mm; }>("strings[].above_fret_line_mm",
                                                                   Kind::length),
        each<[](Str s) -> Number { return s.slot.floor_above_seat_mm; }>("strings[].floor_above_seat_mm",
                                                                         Kind::length),
        each<[](Str s) -> Number { return s.slot.floor_over_board_mm; }>("strings[].floor_over_board_mm",
                                                                         Kind::length),
        each<[](Str s) -> Number { return s.slot.over_frets_mm; }>("strings[].floor_over_frets_mm",
                                                                   Kind::length),
        each<[](Str s) -> Number { return s.slot.floor_below_blank_top_mm; }>(
            "strings[].floor_below_blank_top_mm", Kind::length),
        each<[](Str s) -> Number { return s.slot.saw_to_above_seat_mm; }>("strings[].saw_to_above_seat_mm",
                                                                          Kind::length),
        each<[](Str s) -> Number { return s.slot.width_mm; }>("strings[].slot_width_mm", Kind::length),
        each<[](Str s) -> Number { return s.slot.depth_mm; }>("strings[].slot_depth_mm", Kind::length),
        each<[](Str s) -> Number { return s.slot.top_above_seat_mm; }>("strings[].top_above_seat_mm",
                                                                       Kind::length),
        each<[](Str s) -> Number { return s.slot.made_top_above_seat_mm; }>(
            "strings[].made_top_above_seat_mm", Kind::length),
        each<[](Str s) -> Number { return s.slot.fret_tops_above_seat_mm; }>(
            "strings[].fret_tops_above_seat_mm", Kind::length),
        each<[](Str s) -> Number { return s.slot.board_above_seat_mm; }>("strings[].board_above_seat_mm",
                                                                         Kind::length),
        each<[](Str s) -> Number { return s.slot.floor_angle_deg; }>("strings[].floor_angle_deg",
                                                                     Kind::angle),
        each<[](Str s) -> Number { return s.slot.floor_back_drop_mm; }>("strings[].floor_back_drop_mm",
                                                                        Kind::length),
        each<of_bend<&NutBend::break_angle_deg>>("strings[].nut_break_angle_deg", Kind::angle),
        each<of_bend<&NutBend::side_angle_deg>>("strings[].nut_side_angle_deg", Kind::angle),
        each<of_bend<&NutBend::bend_deg>>("strings[].nut_bend_deg", Kind::angle),
        each<of_bend<&NutBend::break_angle_exact_deg>>("strings[].nut_break_angle_exact_deg", Kind::angle),
        each<of_bend<&NutBend::bend_exact_deg>>("strings[].nut_bend_exact_deg", Kind::angle),
        each<[](Str s) -> Number { return s.nut_force_n(); }>("strings[].nut_force_n", Kind::force),
        one<[](All s) -> Number { return s.nut_angle_deg; }>("nut.angle_deg", Kind::angle),
        one_list<&Solution::nut_gaps_mm>("nut.gaps_mm[]", Kind::length),
    };
}

std::vector<Quantity> height_quantities() {
    return {
        each_list<&StringSolution::open_gaps_mm>("strings[].open_gaps_mm[]", Kind::length),
        each<[](Str s) -> Number { return s.pressed_gap_2_mm; }>("strings[].pressed_gap_mm.2", Kind::length),
        each<[](Str s) -> Number { return s.pressed_gap_3_mm; }>("strings[].pressed_gap_mm.3", Kind::length),
        each<[](Str s) -> Number { return s.action12_mm; }>("strings[].action12_mm", Kind::length),
        each<[](Str s) -> Number { return s.action12_capo_mm; }>("strings[].action12_capo_mm", Kind::length),
    };
}

std::vector<Quantity> sound_quantities() {
    return {
        each<[](Str s) -> Number { return s.make_up.core_mm; }>("strings[].core_mm", Kind::length),
        each<[](Str s) -> Number { return s.make_up.unit_mass_g_m; }>("strings[].unit_mass_g_m",
                                                                      Kind::unit_mass),
        each<[](Str s) -> Number { return s.tension_n(); }>("strings[].tension_n", Kind::force),
        each<[](Str s) -> Number { return s.core_stress_mpa(); }>("strings[].core_stress_mpa", Kind::stress),
        each<[](Str s) -> Number { return s.compensation_mm; }>("strings[].compensation_mm", Kind::length),
        each<[](Str s) -> Number { return s.line.set_forward_mm; }>("strings[].set_forward_mm", Kind::length),
        each_list<&StringSolution::cents>("strings[].cents[]", Kind::cents),
        each<[](Str s) -> Number { return s.rms_cents; }>("strings[].rms_cents", Kind::cents),
        each<[](Str s) -> Number { return s.sound ? Number(s.rms_before_cents) : std::nullopt; }>(
            "strings[].rms_before_cents", Kind::cents),
        {"strings[].headroom_n[]", Kind::force,
         [](All s, Index i) -> Index { return s.strings[i].headroom.size(); },
         [](All s, Index i, Index k) -> Number { return s.strings[i].headroom[k].force_n; }},
        each_list<&StringSolution::back_gaps_mm>("strings[].back_gap_mm[]", Kind::length),
    };
}

std::vector<Quantity> saddle_quantities() {
    return {
        each<[](Str s) -> Number { return s.line.scale_mm; }>("strings[].scale_mm", Kind::length),
        each<[](Str s) -> Number { return s.line.saddle_y_mm; }>("strings[].saddle_centre_mm", Kind::length),
        each<[](Str s) -> Number { return s.saddle_along_mm; }>("strings[].saddle_along_mm", Kind::length),
        each<[](Str s) -> Number { return s.line.saddle_x_mm; }>("strings[].saddle_x_mm", Kind::length),
        each<[](Str s) -> Number { return s.ends.saddle_z_mm; }>("strings[].saddle_z_mm", Kind::length),
        one_list<&Solution::saddle_gaps_mm>("saddle.gaps_mm[]", Kind::length),
        one<[](All s) -> Number { return s.straight_saddle.line.slope; }>("straight_saddle.slope",
                                                                          Kind::factor),
        one<[](All s) -> Number { return s.straight_saddle.line.angle_deg; }>("straight_saddle.angle_deg",
                                                                              Kind::angle),
        one<[](All s) -> Number { return s.straight_saddle.line.at_centre_mm; }>(
            "straight_saddle.x_at_centre_mm", Kind::length),
        one<[](All s) -> Number { return s.straight_saddle.slot_x_at_centre_mm; }>(
            "straight_saddle.slot_x_at_centre_mm", Kind::length),
        one<[](All s) -> Number { return s.straight_saddle.crown_span_mm; }>("straight_saddle.crown_span_mm",
                                                                             Kind::length),
        one_list<&Solution::straight_saddle, &StraightSaddle::residuals_mm>("straight_saddle.residuals_mm[]",
                                                                            Kind::length),
        one_list<&Solution::straight_saddle, &StraightSaddle::residuals_cents>(
            "straight_saddle.residuals_cents[]", Kind::cents),
        one_list<&Solution::straight_saddle, &StraightSaddle::front_to_crown_mm>(
            "straight_saddle.front_to_crown_mm[]", Kind::length),
        {"straight_saddle.cents[][]", Kind::cents,
         [](All s, Index i) -> Index { return s.straight_saddle.cents[i].size(); },
         [](All s, Index i, Index k) -> Number { return s.straight_saddle.cents[i][k]; }},
    };
}

const std::vector<PlanPoint>& pins_of(All s) {
    static const std::vector<PlanPoint> none;
    return s.bridge ? s.bridge->pins : none;
}

template <auto Member> Number of_bridge(All s) {
    return s.bridge ? Number((*s.bridge).*Member) : std::nullopt;
}

std::vector<Quantity> bridge_quantities() {
    return {
        each<of_bridge_string<&BridgeString::height_over_top_mm>>("strings[].height_over_top_mm",
                                                                  Kind::length),
        each<of_bridge_string<&BridgeString::exposure_mm>>("strings[].exposure_mm", Kind::length),
        each<of_bridge_string<&BridgeString::saddle_height_mm>>("strings[].saddle_height_mm", Kind::length),
        each<of_bridge_string<&BridgeString::break_angle_deg>>("strings[].break_angle_deg", Kind::angle),
        each<of_bridge_string<&BridgeString::force_n>>("strings[].saddle_force_n", Kind::force),
        each<of_bridge_string<&BridgeString::down_force_n>>("strings[].saddle_down_force_n", Kind::force),
        each<of_bridge_string<&BridgeString::toward_nut_force_n>>("strings[].saddle_toward_nut_force_n",
                                                                  Kind::force),
        one<of_bridge<&BridgeSolution::height_mm>>("bridge.height_mm", Kind::length),
        one<of_bridge<&BridgeSolution::moment_nm>>("bridge.moment_nm", Kind::moment),
        one<of_bridge<&BridgeSolution::plane_off_mm>>("bridge.plane_off_mm", Kind::length),
        one<of_bridge<&BridgeSolution::floor_left_mm>>("bridge.floor_left_mm", Kind::length),
        one<of_bridge<&BridgeSolution::neck_packing_mm>>("bridge.neck_packing_mm", Kind::length),
        {"bridge.pins[].x_mm", Kind::length, [](All s, Index) -> Index { return pins_of(s).size(); },
         [](All s, Index, Index k) -> Number { return pins_of(s)[k].x_mm; }},
        {"bridge.pins[].y_mm", Kind::length, [](All s, Index) -> Index { return pins_of(s).size(); },
         [](All s, Index, Index k) -> Number { return pins_of(s)[k].y_mm; }},
        one<[](All s) -> Number { return s.travel ? Number(s.travel->reference_x_mm) : std::nullopt; }>(
            "travel.reference_x_mm", Kind::length),
        one<[](All s) -> Number {
            return s.travel ? Number(s.travel->reserve_toward_nut_mm) : std::nullopt;
        }>("travel.reserve_toward_nut_mm", Kind::length),
        one<[](All s) -> Number { return s.travel ? Number(s.travel->reserve_from_nut_mm) : std::nullopt; }>(
            "travel.reserve_from_nut_mm", Kind::length),
    };
}

std::vector<Quantity> piece_quantities() {
    return {
        one<[](All s) -> Number { return s.saddle.length_mm; }>("saddle.length_mm", Kind::length),
        one<[](All s) -> Number { return s.saddle.crown_radius_mm; }>("saddle.crown_radius_mm", Kind::length),
        one_list<&Solution::saddle, &SaddlePiece::height_mm>("saddle.height_mm[]", Kind::length),
        one_list<&Solution::saddle, &SaddlePiece::take_off_mm>("saddle.take_off_mm[]", Kind::length),
        of_notches<&Notch::along_mm>("notches[].along_mm"),
        of_notches<&Notch::width_mm>("notches[].width_mm"),
        of_notches<&Notch::depth_mm>("notches[].depth_mm"),
        of_notches<&Notch::floor_over_top_mm>("notches[].floor_over_top_mm"),
        of_notches<&Notch::made_top_over_top_mm>("notches[].made_top_over_top_mm"),
    };
}

std::vector<Quantity> placing_quantities() {
    return {
        one<[](All s) -> Number { return s.placing.bass.fret12_to_slot_front_mm; }>(
            "placing.bass.fret12_to_slot_front_mm", Kind::length),
        one<[](All s) -> Number { return s.placing.bass.nut_to_slot_front_mm; }>(
            "placing.bass.nut_to_slot_front_mm", Kind::length),
        one<[](All s) -> Number { return s.placing.treble.fret12_to_slot_front_mm; }>(
            "placing.treble.fret12_to_slot_front_mm", Kind::length),
        one<[](All s) -> Number { return s.placing.treble.nut_to_slot_front_mm; }>(
            "placing.treble.nut_to_slot_front_mm", Kind::length),
        one<[](All s) -> Number { return s.placing.diagonal_from_bass_mm; }>("placing.diagonal_from_bass_mm",
                                                                             Kind::length),
        one<[](All s) -> Number { return s.placing.diagonal_from_treble_mm; }>(
            "placing.diagonal_from_treble_mm", Kind::length),
        one_list<&Solution::placing, &Placing::bass_margins_mm>("placing.bass_margins_mm[]", Kind::length),
        one_list<&Solution::placing, &Placing::treble_margins_mm>("placing.treble_margins_mm[]",
                                                                  Kind::length),
        one<[](All s) -> Number { return s.placing.balancing_shift_mm; }>("placing.balancing_shift_mm",
                                                                          Kind::length),
    };
}

/// A pattern with its empty brackets filled from the numbers in turn.
std::string filled_brackets(std::string_view pattern, const std::vector<Index>& numbers) {
    std::string text;
    Index used = 0;
    for (const char c : pattern) {
        text += c;
        if (c == '[' && used < numbers.size()) text += std::to_string(numbers[used++]);
    }
    return text;
}

/// A key with what stands in its brackets taken out.
std::optional<std::string> emptied_brackets(std::string_view key, std::vector<Index>& numbers) {
    std::string pattern;
    for (Index at = 0; at < key.size(); ++at) {
        pattern += key[at];
        if (key[at] != '[') continue;
        Index number = 0;
        const char* first = key.data() + at + 1;
        const auto [end, error] = std::from_chars(first, key.data() + key.size(), number);
        if (error != std::errc() || end == key.data() + key.size() || *end != ']') return std::nullopt;
        numbers.push_back(number);
        at += static_cast<Index>(end - first);
    }
    return pattern;
}

} // namespace

const std::vector<Quantity>& quantities() {
    static const std::vector<Quantity> all = [] {
        std::vector<Quantity> list;
        for (const auto& part :
             {nut_quantities(), height_quantities(), sound_quantities(), saddle_quantities(),
              bridge_quantities(), piece_quantities(), placing_quantities()})
            list.insert(list.end(), part.begin(), part.end());
        return list;
    }();
    return all;
}

bool Quantity::along_strings() const {
    constexpr std::array lists{"saddle.height_mm[]", "saddle.take_off_mm[]", "straight_saddle.residuals_mm[]",
                               "straight_saddle.residuals_cents[]", "straight_saddle.front_to_crown_mm[]"};
    return key.starts_with("notches[") || key.starts_with("bridge.pins[") ||
           std::find(lists.begin(), lists.end(), key) != lists.end();
}

std::string NumberKey::text() const {
    std::vector<Index> numbers;
    if (quantity->of_string()) numbers.push_back(string);
    if (quantity->size) numbers.push_back(item);
    return filled_brackets(quantity->key, numbers);
}

std::string NumberKey::name() const {
    const std::string whole = text();
    return whole.starts_with("strings[") ? whole.substr(whole.find("].") + 2) : whole;
}

std::optional<NumberKey> number_of_key(const Solution& solution, std::string_view key) {
    std::vector<Index> numbers;
    const auto pattern = emptied_brackets(key, numbers);
    if (!pattern) return std::nullopt;
    for (const Quantity& quantity : quantities()) {
        if (quantity.key != *pattern) continue;
        NumberKey number{&quantity, 0, 0};
        Index used = 0;
        if (quantity.of_string()) number.string = numbers[used++];
        if (quantity.size) number.item = numbers[used];
        if (quantity.of_string() && number.string >= solution.strings.size()) return std::nullopt;
        if (quantity.size && number.item >= quantity.size(solution, number.string)) return std::nullopt;
        return number;
    }
    return std::nullopt;
}

std::optional<double> value_of(const Solution& solution, const NumberKey& number) {
    const Quantity& quantity = *number.quantity;
    if (quantity.size && number.item >= quantity.size(solution, number.string)) return std::nullopt;
    return quantity.value(solution, number.string, number.item);
}

std::vector<NumberKey> all_numbers(const Solution& solution) {
    std::vector<NumberKey> list;
    for (const Quantity& quantity : quantities()) {
        const Index strings = quantity.of_string() ? solution.strings.size() : 1;
        for (Index i = 0; i < strings; ++i) {
            const Index items = quantity.size ? quantity.size(solution, i) : 1;
            for (Index k = 0; k < items; ++k) {
                const NumberKey number{&quantity, i, k};
                if (value_of(solution, number)) list.push_back(number);
            }
        }
    }
    return list;
}

std::string string_key(std::size_t string, std::string_view name) {
    return "strings[" + std::to_string(string) + "]." + std::string(name);
}

} // namespace fm
