// Workings of the saddle and the bridge.
#include "core/solution/working_parts.h"

namespace fm {

namespace {

constexpr auto length = TermKind::length;

Working scale(const Asked& a) {
    if (!a.design.neck.fanned())
        return worked("title.scale", "formula.scale",
                      {given("name.scale", a.design.neck.scale_bass_mm, "neck.scale_mm")});
    return worked("title.scale", "formula.scale_fanned",
                  {given("name.scale_bass", a.design.neck.scale_bass_mm, "neck.scale_bass_mm", ' '),
                   given("name.scale_treble", a.design.neck.scale_treble_mm, "neck.scale_treble_mm", ' '),
                   computed("name.across", a.string.line.nut_y_mm, a.other("nut_centre_mm"), ' ')});
}

Working saddle_centre(const Asked& a) {
    Working w =
        worked("title.saddle_centre", "formula.nut_centre",
               {computed("name.outer_centre", a.solution.strings[0].line.saddle_y_mm, "saddle.spacing")});
    for (std::size_t k = 0; k < a.i; ++k) {
        w.terms.push_back(computed("name.clear_gap", a.solution.saddle_gaps_mm[k], "saddle.spacing"));
        w.terms.push_back(computed(
            "name.half_widths", 0.5 * (a.design.strings[k].diameter_mm + a.design.strings[k + 1].diameter_mm),
            string_key(k, "diameter_mm")));
    }
    return w;
}

Working saddle_along(const Asked& a) {
    return worked("title.saddle_along", "formula.along_part",
                  {computed("name.across", a.string.line.saddle_y_mm, a.other("saddle_centre_mm"), ' '),
                   computed("name.saddle_angle", a.solution.straight_saddle.line.angle_deg,
                            "straight_saddle.angle_deg", ' ', TermKind::angle)});
}

Working saddle_x(const Asked& a) {
    return worked("title.saddle_x", "formula.saddle_x",
                  {computed("name.scale", a.string.line.scale_mm, a.other("scale_mm")),
                   computed("name.compensation", a.string.compensation_mm, a.other("compensation_mm"))});
}

Working saddle_z(const Asked& a) {
    const bool capo = a.design.saddle.measured == ActionMeasure::capo_1;
    return worked("title.saddle_z", capo ? "formula.saddle_z_capo" : "formula.saddle_z",
                  {given("name.action_target", a.design.saddle.action.of(a.i, a.design.strings.size()),
                         "saddle.action", ' '),
                   computed("name.fret_top_12", a.on().fret_top_mm(12), "", ' '),
                   computed("name.nut_z", a.string.ends.nut_z_mm, "", ' ')});
}

Working saddle_gap(const Asked& a) {
    const std::size_t k = a.number.item;
    return worked("title.gap", "formula.gap",
                  {computed("name.next_centre", a.solution.strings[k + 1].line.saddle_y_mm,
                            string_key(k + 1, "saddle_centre_mm")),
                   computed("name.this_centre", a.solution.strings[k].line.saddle_y_mm,
                            string_key(k, "saddle_centre_mm"), '-'),
                   computed("name.half_widths",
                            0.5 * (a.design.strings[k].diameter_mm + a.design.strings[k + 1].diameter_mm),
                            string_key(k, "diameter_mm"), '-')});
}

/// A crown in plan: on a fanned neck another number than its distance along the string.
Term crown_term(const Asked& a, std::size_t k, char sign) {
    const StringLine& line = a.solution.strings[k].line;
    return computed("name.crown", line.plan_x_mm(line.saddle_x_mm),
                    a.design.neck.fanned() ? std::string() : string_key(k, "saddle_x_mm"), sign);
}

std::vector<Term> crown_terms(const Asked& a) {
    std::vector<Term> terms;
    for (std::size_t k = 0; k < a.solution.strings.size(); ++k) terms.push_back(crown_term(a, k, ' '));
    return terms;
}

Working fitted_line(const Asked& a, const char* title) {
    return worked(title, "formula.fitted_line", crown_terms(a));
}

Working slot_line(const Asked& a) {
    const StraightSaddle& saddle = a.solution.straight_saddle;
    return worked(
        "title.slot_line", "formula.slot_line",
        {computed("name.fitted_line", saddle.line.at_centre_mm, "straight_saddle.x_at_centre_mm"),
         computed("name.middle_of_crowns", saddle.slot_x_at_centre_mm - saddle.line.at_centre_mm, "")});
}

Working span(const Asked& a) {
    Working w = worked("title.crown_span", "formula.crown_span", {});
    for (std::size_t k = 0; k < a.solution.strings.size(); ++k)
        w.terms.push_back(computed("name.residual", a.solution.straight_saddle.residuals_mm[k],
                                   "straight_saddle.residuals_mm[" + std::to_string(k) + "]", ' '));
    return w;
}

Working residual(const Asked& a) {
    const std::size_t k = a.number.item;
    const StringLine& line = a.solution.strings[k].line;
    return worked(
        "title.residual", "formula.residual",
        {crown_term(a, k, '+'),
         computed("name.fitted_line", a.solution.straight_saddle.line.x_mm(line.saddle_y_mm), "", '-')});
}

Working residual_cents(const Asked& a) {
    const std::size_t k = a.number.item;
    const StringOnNeck on(a.neck, a.solution.strings[k].line);
    return worked("title.residual_cents", "formula.residual_cents",
                  {computed("name.residual", a.solution.straight_saddle.residuals_mm[k],
                            "straight_saddle.residuals_mm[" + std::to_string(k) + "]", ' '),
                   computed("name.cents_per_mm", -cents_per_crown_mm(on, 12), "", ' ', TermKind::cents)});
}

Working front_to_crown(const Asked& a) {
    const StraightSaddle& saddle = a.solution.straight_saddle;
    const double half_mm = 0.5 * a.design.saddle.thickness_mm;
    return worked("title.front_to_crown", "formula.front_to_crown",
                  {computed("name.half_thickness", half_mm, "saddle.thickness_mm"),
                   computed("name.behind_slot_line", saddle.front_to_crown_mm[a.number.item] - half_mm, "")});
}

Working straight_cents(const Asked& a) {
    return worked("title.straight_cents", "formula.straight_cents",
                  {computed("name.residual", a.solution.straight_saddle.residuals_mm[a.i],
                            "straight_saddle.residuals_mm[" + std::to_string(a.i) + "]", ' '),
                   computed("name.own_cents", a.string.cents[a.number.item],
                            a.other("cents[" + std::to_string(a.number.item) + "]"), ' ', TermKind::cents)});
}

Working over_top(const Asked& a) {
    return worked(
        "title.over_top", "formula.over_top",
        {given("name.plane_above_top", a.design.bridge->plane_above_top_mm, "bridge.plane_above_top_mm"),
         computed("name.saddle_z", a.string.ends.saddle_z_mm, a.other("saddle_z_mm"))});
}

Term over_top_term(const Asked& a, char sign) {
    return computed("name.over_top", a.string.bridge->height_over_top_mm, a.other("height_over_top_mm"),
                    sign);
}

Working exposure(const Asked& a) {
    return worked("title.exposure", "formula.exposure",
                  {over_top_term(a, '+'),
                   computed("name.bridge_height", *a.solution.bridge->height_mm, "bridge.height_mm", '-')});
}

Working saddle_height(const Asked& a) {
    Working w =
        worked("title.saddle_height", "formula.saddle_height",
               {given("name.saddle_slot_depth", *a.design.saddle.slot_depth_mm, "saddle.slot_depth_mm"),
                computed("name.exposure", *a.string.bridge->exposure_mm, a.other("exposure_mm"))});
    add_unless_zero(w.terms, given("name.under_saddle", a.design.saddle.under_mm, "saddle.under_mm", '-'));
    return w;
}

Working bridge_break(const Asked& a) {
    const BridgeDesign& bridge = *a.design.bridge;
    const StringLine& line = a.string.line;
    const double exit_z = bridge.anchor == Anchor::pins ? *a.solution.bridge->height_mm - bridge.pins.ramp_mm
                                                        : bridge.exit.above_top_mm;
    return worked(
        "title.bridge_break", "formula.bridge_break",
        {computed("name.saddle_over_nut", a.string.ends.saddle_z_mm - a.string.ends.nut_z_mm, "", ' '),
         over_top_term(a, ' '), computed("name.exit_z", exit_z, "", ' '),
         computed("name.behind_saddle", a.string.bridge->exit_x_mm - line.plan_x_mm(line.saddle_x_mm), "",
                  ' ')});
}

Working saddle_force(const Asked& a, const char* title, const char* formula) {
    return worked(title, formula,
                  {computed("name.tension", a.string.tension_n().value_or(0.0), a.other("tension_n"), ' ',
                            TermKind::force),
                   computed("name.bridge_break", a.string.bridge->break_angle_deg, a.other("break_angle_deg"),
                            ' ', TermKind::angle)});
}

Working bridge_height(const Asked& a) {
    const BridgeDesign& bridge = *a.design.bridge;
    if (bridge.height_mm)
        return worked("title.bridge_height", "formula.bridge_height_given",
                      {given("name.bridge_height", *bridge.height_mm, "bridge.height_mm")});
    double mean_mm = 0;
    for (const StringSolution& string : a.solution.strings)
        mean_mm += string.bridge->height_over_top_mm / static_cast<double>(a.solution.strings.size());
    Working w =
        worked("title.bridge_height", "formula.bridge_height_auto",
               {computed("name.mean_over_top", mean_mm, ""),
                given("name.exposure_target", bridge.exposure_target_mm, "bridge.exposure_target_mm", '-')});
    add_unless_zero(
        w.terms, computed("name.beyond_limit", a.solution.bridge->plane_off_mm, "bridge.plane_off_mm", '-'));
    return w;
}

Working moment(const Asked& a) {
    Working w =
        worked("title.moment", a.design.bridge->floats() ? "formula.moment_floating" : "formula.moment", {});
    for (std::size_t k = 0; k < a.solution.strings.size(); ++k)
        w.terms.push_back(computed("name.tension", a.solution.strings[k].tension_n().value_or(0.0),
                                   string_key(k, "tension_n"), ' ', TermKind::force));
    return w;
}

Working plane_off(const Asked& a) {
    const BridgeDesign& bridge = *a.design.bridge;
    const double off_mm = a.solution.bridge->plane_off_mm;
    const double limit_mm = *a.solution.bridge->height_mm;
    return worked("title.plane_off", "formula.plane_off",
                  {computed("name.height_needed", limit_mm + off_mm, "", '+'),
                   given("name.height_possible", limit_mm,
                         off_mm > 0 || limit_mm == bridge.height_max_mm ? "bridge.height_max_mm"
                                                                        : "bridge.height_min_mm",
                         '-')});
}

Working floor_left(const Asked& a) {
    return worked(
        "title.floor_left", "formula.floor_left",
        {computed("name.bridge_height", *a.solution.bridge->height_mm, "bridge.height_mm"),
         given("name.saddle_slot_depth", *a.design.saddle.slot_depth_mm, "saddle.slot_depth_mm", '-')});
}

Working neck_packing(const Asked& a) {
    const NeckPocket& pocket = *a.design.bridge->neck_pocket;
    return worked("title.neck_packing", "formula.neck_packing",
                  {computed("name.plane_off", a.solution.bridge->plane_off_mm, "bridge.plane_off_mm", ' '),
                   given("name.pocket_length", pocket.length_mm, "bridge.neck_pocket.length_mm", ' '),
                   given("name.pocket_pivot", pocket.pivot_x_mm, "bridge.neck_pocket.pivot_x_mm", ' ')});
}

Working pin_x(const Asked& a) {
    const PlanPoint& pin = a.solution.bridge->pins[a.number.item];
    const double behind_mm = a.design.bridge->pins.behind_mm;
    return worked("title.pin_x", "formula.pin_x",
                  {computed("name.slot_line", pin.x_mm - behind_mm, ""),
                   given("name.pin_behind", behind_mm, "bridge.pins.behind_mm")});
}

Working pin_y(const Asked& a) {
    return worked("title.pin_y", "formula.pin_y",
                  {computed("name.across", a.solution.bridge->pins[a.number.item].y_mm,
                            string_key(a.number.item, "saddle_centre_mm"))});
}

Working travel(const Asked& a) {
    const Travel& range = *a.design.saddle.travel;
    Working w = worked("title.travel", "formula.travel",
                       {given("name.travel_least", range.least_mm, "saddle.travel_mm", ' ', length),
                        given("name.travel_most", range.most_mm, "saddle.travel_mm", ' ', length)});
    for (Term& term : crown_terms(a)) w.terms.push_back(std::move(term));
    return w;
}

} // namespace

const std::vector<WorkingEntry>& saddle_workings() {
    static const std::vector<WorkingEntry> list{
        {"strings[].scale_mm", scale},
        {"strings[].saddle_centre_mm", saddle_centre},
        {"strings[].saddle_along_mm", saddle_along},
        {"strings[].saddle_x_mm", saddle_x},
        {"strings[].saddle_z_mm", saddle_z},
        {"saddle.gaps_mm[]", saddle_gap},
        {"straight_saddle.slope", [](const Asked& a) { return fitted_line(a, "title.saddle_slope"); }},
        {"straight_saddle.angle_deg", [](const Asked& a) { return fitted_line(a, "title.saddle_angle"); }},
        {"straight_saddle.x_at_centre_mm",
         [](const Asked& a) { return fitted_line(a, "title.saddle_line"); }},
        {"straight_saddle.slot_x_at_centre_mm", slot_line},
        {"straight_saddle.crown_span_mm", span},
        {"straight_saddle.residuals_mm[]", residual},
        {"straight_saddle.residuals_cents[]", residual_cents},
        {"straight_saddle.front_to_crown_mm[]", front_to_crown},
        {"straight_saddle.cents[][]", straight_cents},
        {"strings[].height_over_top_mm", over_top},
        {"strings[].exposure_mm", exposure},
        {"strings[].saddle_height_mm", saddle_height},
        {"strings[].break_angle_deg", bridge_break},
        {"strings[].saddle_force_n",
         [](const Asked& a) { return saddle_force(a, "title.saddle_force", "formula.bend_force"); }},
        {"strings[].saddle_down_force_n",
         [](const Asked& a) { return saddle_force(a, "title.saddle_down_force", "formula.down_force"); }},
        {"strings[].saddle_toward_nut_force_n",
         [](const Asked& a) {
             return saddle_force(a, "title.saddle_nut_force", "formula.toward_nut_force");
         }},
        {"bridge.height_mm", bridge_height},
        {"bridge.moment_nm", moment},
        {"bridge.plane_off_mm", plane_off},
        {"bridge.floor_left_mm", floor_left},
        {"bridge.neck_packing_mm", neck_packing},
        {"bridge.pins[].x_mm", pin_x},
        {"bridge.pins[].y_mm", pin_y},
        {"travel.reference_x_mm", travel},
        {"travel.reserve_toward_nut_mm", travel},
        {"travel.reserve_from_nut_mm", travel}};
    return list;
}

} // namespace fm
