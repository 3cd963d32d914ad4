// Workings of parts as they are cut and placed: the saddle, a floating bridge's notches, marks and margins.
#include "core/solution/working_parts.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

std::string of_item(const Asked& a, std::string_view name) {
    return string_key(a.number.item, name);
}

Working saddle_length(const Asked& a) {
    const SaddleDesign& saddle = a.design.saddle;
    if (saddle.length_mm)
        return worked("title.saddle_length", "formula.as_given",
                      {given("name.saddle_length", *saddle.length_mm, "saddle.length_mm")});
    const std::size_t last = a.solution.strings.size() - 1;
    return worked("title.saddle_length", "formula.saddle_length",
                  {computed("name.treble_crown", a.solution.strings[last].saddle_along_mm,
                            string_key(last, "saddle_along_mm")),
                   computed("name.bass_crown", a.solution.strings[0].saddle_along_mm,
                            string_key(0, "saddle_along_mm"), '-'),
                   given("name.end_margins", 2.0 * saddle.end_margin_mm, "saddle.end_margin_mm")});
}

Working crown_radius(const Asked& a) {
    Working w = worked("title.crown_radius", "formula.crown_radius", {});
    for (std::size_t i = 0; i < a.solution.strings.size(); ++i)
        w.terms.push_back(computed("name.saddle_z", a.solution.strings[i].ends.saddle_z_mm,
                                   string_key(i, "saddle_z_mm"), ' '));
    return w;
}

Working piece_height(const Asked& a) {
    Working w =
        worked("title.piece_height", "formula.piece_height",
               {computed("name.saddle_height", *a.solution.strings[a.number.item].bridge->saddle_height_mm,
                         of_item(a, "saddle_height_mm"), ' ')});
    add_unless_zero(w.terms,
                    given("name.lean", a.design.saddle.lean_deg, "saddle.lean_deg", ' ', TermKind::angle));
    return w;
}

Working take_off(const Asked& a) {
    const std::size_t k = a.number.item;
    return worked(
        "title.take_off", "formula.take_off",
        {given("name.existing_saddle", a.design.saddle.existing_height->of(k, a.solution.strings.size()),
               "saddle.existing.height"),
         computed("name.wanted_height", *a.solution.saddle.height_mm[k],
                  "saddle.height_mm[" + std::to_string(k) + "]", '-')});
}

Working notch_along(const Asked& a) {
    return worked("title.notch_along", "formula.notch_along",
                  {computed("name.saddle_along", a.solution.notches[a.number.item].along_mm,
                            of_item(a, "saddle_along_mm"))});
}

Working notch_width(const Asked& a) {
    return worked(
        "title.notch_width", "formula.notch_width",
        {given("name.diameter", a.design.strings[a.number.item].diameter_mm, of_item(a, "diameter_mm"))});
}

Working notch_depth(const Asked& a) {
    const StringDesign& made = a.design.strings[a.number.item];
    return worked("title.notch_depth", "formula.slot_depth",
                  {given("name.diameter", made.diameter_mm, of_item(a, "diameter_mm")),
                   given("name.in_slot", a.design.nut.in_slot.of(made.wound),
                         made.wound ? "nut.in_slot.wound" : "nut.in_slot.plain", '*', TermKind::factor)});
}

Working notch_floor(const Asked& a) {
    return worked("title.notch_floor", "formula.notch_floor",
                  {computed("name.over_top", a.solution.notches[a.number.item].floor_over_top_mm,
                            of_item(a, "height_over_top_mm"))});
}

Working notch_top(const Asked& a) {
    const std::string notch = "notches[" + std::to_string(a.number.item) + "].";
    const Notch& made = a.solution.notches[a.number.item];
    Working w = worked("title.made_top", "formula.notch_top",
                       {computed("name.floor", made.floor_over_top_mm, notch + "floor_over_top_mm"),
                        computed("name.slot_depth", made.depth_mm, notch + "depth_mm")});
    const double raised_mm = made.made_top_over_top_mm - made.floor_over_top_mm - made.depth_mm;
    add_unless_zero(w.terms, computed("name.fair_rise", raised_mm, ""));
    return w;
}

/// Marks from fret 12 or the nut to the slot's front.
Working mark(const Asked& a, const char* title_id, bool from_fret12, bool crossed) {
    const bool treble = a.number.quantity->key.find("treble") != std::string_view::npos;
    const std::size_t last = a.solution.strings.size() - 1;
    const StringLine& from = a.solution.strings[treble ? last : 0].line;
    Working w = worked(title_id, crossed ? "formula.diagonal" : "formula.mark", {});
    if (from_fret12)
        w.terms.push_back(
            computed("name.fret12", a.neck.fret_x_mm(12, from.scale_mm), "", ' ')); // along the string
    else
        w.terms.push_back(computed("name.set_forward", from.set_forward_mm,
                                   string_key(treble ? last : 0, "set_forward_mm"), ' '));
    w.terms.push_back(computed("name.slot_line", a.solution.straight_saddle.slot_x_at_centre_mm,
                               "straight_saddle.slot_x_at_centre_mm", ' '));
    w.terms.push_back(computed("name.saddle_angle", a.solution.straight_saddle.line.angle_deg,
                               "straight_saddle.angle_deg", ' ', TermKind::angle));
    w.terms.push_back(
        computed("name.half_thickness", 0.5 * a.design.saddle.thickness_mm, "saddle.thickness_mm", ' '));
    return w;
}

Working margin(const Asked& a) {
    const bool treble = a.number.quantity->key.find("treble") != std::string_view::npos;
    const std::size_t i = treble ? a.solution.strings.size() - 1 : 0;
    const double x_mm = a.neck.fret_x_mm(static_cast<int>(a.number.item), a.neck.mean_scale_mm());
    const auto& margins = treble ? a.solution.placing.treble_margins_mm : a.solution.placing.bass_margins_mm;
    const double half_string_mm = 0.5 * a.design.strings[i].diameter_mm;
    const double out_mm = a.neck.half_width_mm(x_mm) - a.design.neck.fret_end_bevel_mm - half_string_mm -
                          margins[a.number.item];
    Working w = worked("title.margin", "formula.margin",
                       {computed("name.half_board", a.neck.half_width_mm(x_mm), "")});
    add_unless_zero(w.terms,
                    given("name.bevel", a.design.neck.fret_end_bevel_mm, "neck.fret_end_bevel_mm", '-'));
    w.terms.push_back(computed("name.string_out", out_mm, "", '-'));
    w.terms.push_back(computed("name.half_string", half_string_mm, string_key(i, "diameter_mm"), '-'));
    return w;
}

Working shift(const Asked& a) {
    const std::string last = "[" + std::to_string(a.neck.frets()) + "]";
    return worked("title.balancing_shift", "formula.balancing_shift",
                  {computed("name.treble_margin", a.solution.placing.treble_margins_mm.back(),
                            "placing.treble_margins_mm" + last, ' '),
                   computed("name.bass_margin", a.solution.placing.bass_margins_mm.back(),
                            "placing.bass_margins_mm" + last, ' ')});
}

} // namespace

const std::vector<WorkingEntry>& piece_workings() {
    static const std::vector<WorkingEntry> list{
        {"saddle.length_mm", saddle_length},
        {"saddle.crown_radius_mm", crown_radius},
        {"saddle.height_mm[]", piece_height},
        {"saddle.take_off_mm[]", take_off},
        {"notches[].along_mm", notch_along},
        {"notches[].width_mm", notch_width},
        {"notches[].depth_mm", notch_depth},
        {"notches[].floor_over_top_mm", notch_floor},
        {"notches[].made_top_over_top_mm", notch_top},
        {"placing.bass.fret12_to_slot_front_mm",
         [](const Asked& a) { return mark(a, "title.fret12_mark", true, false); }},
        {"placing.treble.fret12_to_slot_front_mm",
         [](const Asked& a) { return mark(a, "title.fret12_mark", true, false); }},
        {"placing.bass.nut_to_slot_front_mm",
         [](const Asked& a) { return mark(a, "title.nut_mark", false, false); }},
        {"placing.treble.nut_to_slot_front_mm",
         [](const Asked& a) { return mark(a, "title.nut_mark", false, false); }},
        {"placing.diagonal_from_bass_mm",
         [](const Asked& a) { return mark(a, "title.diagonal", true, true); }},
        {"placing.diagonal_from_treble_mm",
         [](const Asked& a) { return mark(a, "title.diagonal", true, true); }},
        {"placing.bass_margins_mm[]", margin},
        {"placing.treble_margins_mm[]", margin},
        {"placing.balancing_shift_mm", shift}};
    return list;
}

} // namespace fm
