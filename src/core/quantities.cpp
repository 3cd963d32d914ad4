#include "core/quantities.h"

#include <array>
#include <charconv>

namespace fm {

namespace {

using Solved = const StringSolution&;

constexpr std::array quantities{
    StringQuantity{"nut_along_mm", QuantityKind::length,
                   [](Solved s) { return std::optional(s.slot.along_mm); }},
    StringQuantity{"nut_centre_mm", QuantityKind::length,
                   [](Solved s) { return std::optional(s.line.nut_y_mm); }},
    StringQuantity{"above_fret_line_mm", QuantityKind::length,
                   [](Solved s) { return std::optional(s.above_fret_line_mm); }},
    StringQuantity{"floor_above_seat_mm", QuantityKind::length,
                   [](Solved s) { return std::optional(s.slot.floor_above_seat_mm); }},
    StringQuantity{"floor_over_board_mm", QuantityKind::length,
                   [](Solved s) { return std::optional(s.slot.floor_over_board_mm); }},
    StringQuantity{"floor_over_frets_mm", QuantityKind::length,
                   [](Solved s) { return std::optional(s.slot.over_frets_mm); }},
    StringQuantity{"floor_below_blank_top_mm", QuantityKind::length,
                   [](Solved s) { return s.slot.floor_below_blank_top_mm; }},
    StringQuantity{"saw_to_above_seat_mm", QuantityKind::length,
                   [](Solved s) { return std::optional(s.slot.saw_to_above_seat_mm); }},
    StringQuantity{"slot_width_mm", QuantityKind::length,
                   [](Solved s) { return std::optional(s.slot.width_mm); }},
    StringQuantity{"slot_depth_mm", QuantityKind::length,
                   [](Solved s) { return std::optional(s.slot.depth_mm); }},
    StringQuantity{"top_above_seat_mm", QuantityKind::length,
                   [](Solved s) { return std::optional(s.slot.top_above_seat_mm); }},
    StringQuantity{"fret_tops_above_seat_mm", QuantityKind::length,
                   [](Solved s) { return std::optional(s.slot.fret_tops_above_seat_mm); }},
    StringQuantity{"open_gap_1_mm", QuantityKind::length,
                   [](Solved s) { return std::optional(s.open_gaps_mm[0]); }},
    StringQuantity{"action12_mm", QuantityKind::length,
                   [](Solved s) { return std::optional(s.action12_mm); }},
    StringQuantity{"floor_angle_deg", QuantityKind::angle,
                   [](Solved s) { return std::optional(s.slot.floor_angle_deg); }},
    StringQuantity{"nut_break_angle_deg", QuantityKind::angle,
                   [](Solved s) { return s.bend ? std::optional(s.bend->break_angle_deg) : std::nullopt; }},
    StringQuantity{"nut_side_angle_deg", QuantityKind::angle,
                   [](Solved s) { return s.bend ? std::optional(s.bend->side_angle_deg) : std::nullopt; }},
};

} // namespace

const StringQuantity* string_quantity(std::string_view key) {
    for (const StringQuantity& quantity : quantities)
        if (quantity.key == key) return &quantity;
    return nullptr;
}

std::optional<QuantityKey> parsed_key(std::string_view key) {
    constexpr std::string_view head = "strings[";
    const std::size_t close = key.find("].");
    if (!key.starts_with(head) || close == std::string_view::npos) return std::nullopt;
    QuantityKey parsed;
    const char* end = key.data() + close;
    if (std::from_chars(key.data() + head.size(), end, parsed.string).ptr != end) return std::nullopt;
    parsed.name = key.substr(close + 2);
    return parsed;
}

std::string string_key(std::size_t string, std::string_view name) {
    return "strings[" + std::to_string(string) + "]." + std::string(name);
}

} // namespace fm
