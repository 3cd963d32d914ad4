#include "core/solution/check.h"

#include "core/solution/check_parts.h"

#include <algorithm>

namespace fm {

namespace {

void doubt_gaps(const Design& design, const std::vector<double>& gaps_mm, const char* key,
                std::vector<Message>& out) {
    for (std::size_t i = 0; i < gaps_mm.size(); ++i) {
        const std::string low = design.string_name(i);
        const std::string high = design.string_name(i + 1);
        if (gaps_mm[i] <= 1e-9) // a gap of nothing may come out a rounding over it
            out.push_back({"strings_touch", Severity::error, key, {low, high, LengthMm{gaps_mm[i]}}});
        else if (gaps_mm[i] < design.limits.string_gap_min_mm)
            out.push_back({"strings_close",
                           Severity::warning,
                           key,
                           {low, high, LengthMm{gaps_mm[i]}, LengthMm{design.limits.string_gap_min_mm}}});
    }
}

void doubt_heights(const Design& design, const std::vector<NutContact>& contacts, const Solution& solution,
                   std::vector<Message>& out) {
    for (std::size_t i = 0; i < contacts.size(); ++i) {
        const auto& [string, ends] = contacts[i];
        const double above_mm = ends.nut_z_mm - string.fret_line_under_string_mm();
        // A target of exactly level (0) may come out a rounding below it.
        if (above_mm < -1e-9)
            out.push_back({"nut_below_frets",
                           Severity::warning,
                           key_of_string(i),
                           {design.string_name(i), LengthMm{-above_mm}}});
        const double floor_mm = solution.strings[i].slot.floor_above_seat_mm;
        if (floor_mm <= 0)
            out.push_back({"floor_below_seat",
                           Severity::error,
                           key_of_string(i),
                           {design.string_name(i), LengthMm{floor_mm}}});
        if (design.nut.height_method != NutHeightMethod::pressed_gap || design.nut.pressed_fret != 3 ||
            design.nut.zero_fret)
            continue;
        const double delta = string.line().set_forward_mm;
        const double share = (string.fret_x_mm(2) - delta) / (string.fret_x_mm(3) - delta);
        const double line_mm = ends.nut_z_mm + (string.fret_top_mm(3) - ends.nut_z_mm) * share;
        if (line_mm < string.fret_top_mm(2))
            out.push_back({"press_at_2", Severity::warning, key_of_string(i), {design.string_name(i)}});
    }
}

void doubt_edges(const Design& design, const Neck& neck, const Solution& solution,
                 std::vector<Message>& out) {
    struct Place {
        const char* id;
        int fret;
    };
    const std::array<Place, 3> places{
        {{"edge_near_nut", 0}, {"edge_near_fret", 12}, {"edge_near_fret", neck.frets()}}};
    for (const Side side : {Side::bass, Side::treble}) {
        const std::size_t i = side == Side::bass ? 0 : design.strings.size() - 1;
        for (const Place& place : places) {
            const double x_mm = neck.fret_x_mm(place.fret, neck.mean_scale_mm());
            const double margin_mm = edge_margin_mm(design, neck, solution.strings[i].line, side, x_mm);
            if (margin_mm >= design.limits.edge_min_mm - 1e-9 && margin_mm > 0) continue;
            out.push_back({place.id,
                           margin_mm <= 0 ? Severity::error : Severity::warning,
                           key_of_string(i),
                           {design.string_name(i), place.fret, LengthMm{margin_mm},
                            LengthMm{design.limits.edge_min_mm}}});
            if (place.fret == 12 && neck.frets() == 12) break;
        }
    }
}

} // namespace

bool about_the_neck(const Message& doubt) {
    return doubt.where.starts_with("neck.") || doubt.id == "string_chokes" || doubt.id == "strings_choke" ||
           doubt.id.starts_with("plane_too_");
}

bool about_the_nut(const Message& doubt) {
    constexpr std::array ids{"nut_below_frets", "floor_below_seat", "press_at_2",          "edge_near_nut",
                             "edge_near_fret",  "set_forward_far",  "set_forward_at_limit"};
    return doubt.where.starts_with("nut.") || std::find(ids.begin(), ids.end(), doubt.id) != ids.end();
}

bool about_the_saddle(const Message& doubt) {
    constexpr std::array ids{"exposure_below_zero", "slot_too_shallow", "floor_under_slot",
                             "travel_too_short", "strings_touch"};
    return doubt.where.starts_with("saddle.") || std::find(ids.begin(), ids.end(), doubt.id) != ids.end();
}

bool about_the_bridge(const Message& doubt) {
    constexpr std::array ids{"exposure_below_zero", "slot_too_shallow", "floor_under_slot",
                             "break_angle_shallow", "edge_near_fret",   "edge_near_nut"};
    return doubt.where.starts_with("bridge.") || std::find(ids.begin(), ids.end(), doubt.id) != ids.end();
}

bool unsolvable(const Message& doubt) {
    constexpr std::array ids{"string_no_tension", "string_no_crown", "exit_before_crown"};
    return std::find(ids.begin(), ids.end(), doubt.id) != ids.end();
}

std::vector<Message> doubts(const Design& design, const Neck& neck, const std::vector<NutContact>& contacts,
                            const Solution& solution) {
    std::vector<Message> out;
    doubt_gaps(design, solution.nut_gaps_mm, "nut.spacing", out);
    doubt_gaps(design, solution.saddle_gaps_mm, "saddle.spacing", out);
    doubt_heights(design, contacts, solution, out);
    doubt_edges(design, neck, solution, out);
    doubt_sound(design, solution, out);
    doubt_saddle_and_bridge(design, solution, out);
    return out;
}

} // namespace fm
