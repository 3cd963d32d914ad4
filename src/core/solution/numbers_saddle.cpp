// Every number of the saddle and the bridge: a row each, its working above it. Longer than other files so
// that all of them stand together.
#include "core/solution/numbers_parts.h"

#include <cmath>
#include <numbers>

namespace fm {

namespace {

Working scale(const Asked& a) {
    if (!a.design.neck.fanned())
        return worked(QT_TRANSLATE_NOOP("messages", "the instrument's scale"), {given(a, "neck.scale_mm")});
    return worked(
        QT_TRANSLATE_NOOP("messages",
                          "between the two scales as the string lies between the outer ones at the nut"),
        {given(a, "neck.scale_bass_mm", ' '), given(a, "neck.scale_treble_mm", ' '),
         computed("name.across", a.string.line.nut_y_mm, a.other("nut_centre_mm"), ' ')});
}

Working saddle_along(const Asked& a) {
    return worked(
        QT_TRANSLATE_NOOP(
            "messages",
            "the place across, measured along the slanted part: divided by the cosine of its angle"),
        {computed("name.across", a.string.line.saddle_y_mm, a.other("saddle_centre_mm"), ' '),
         computed("name.saddle_angle", a.solution.straight_saddle.line.angle_deg, "straight_saddle.angle_deg",
                  ' ', TermKind::angle)});
}

Working saddle_x(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages", "the scale and the compensation"),
                  {computed("name.scale", a.string.line.scale_mm, a.other("scale_mm")),
                   computed("name.compensation", a.string.compensation_mm, a.other("compensation_mm"))});
}

Working saddle_z(const Asked& a) {
    const bool capo = a.design.saddle.measured == ActionMeasure::capo_1;
    return worked(
        capo ? QT_TRANSLATE_NOOP(
                   "messages", "the straight string from fret 1's top through the wanted action over fret 12")
             : QT_TRANSLATE_NOOP("messages",
                                 "the straight string from the nut through the wanted action over fret 12"),
        {given("name.action_target", a.design.saddle.action.of(a.i, a.design.strings.size()), "saddle.action",
               ' '),
         computed("name.fret_top_12", a.on().fret_top_mm(12), "", ' '),
         computed("name.nut_z", a.string.ends.nut_z_mm, "", ' ')});
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

Working fitted_line(const Asked& a) {
    return worked(
        QT_TRANSLATE_NOOP("messages", "the straight line with the least squares through all crowns in plan"),
        crown_terms(a));
}

Working slot_line(const Asked& a) {
    const StraightSaddle& saddle = a.solution.straight_saddle;
    return worked(
        QT_TRANSLATE_NOOP("messages",
                          "the straight line, moved to the middle of the foremost and hindmost crown"),
        {computed("name.fitted_line", saddle.line.at_centre_mm, "straight_saddle.x_at_centre_mm"),
         computed("name.middle_of_crowns", saddle.slot_x_at_centre_mm - saddle.line.at_centre_mm, "")});
}

Working span(const Asked& a) {
    Working w = worked(
        QT_TRANSLATE_NOOP("messages", "from the foremost to the hindmost crown, square to the saddle"), {});
    for (std::size_t k = 0; k < a.solution.strings.size(); ++k)
        w.terms.push_back(computed("name.residual", a.solution.straight_saddle.residuals_mm[k],
                                   "straight_saddle.residuals_mm[" + std::to_string(k) + "]", ' '));
    return w;
}

Working residual(const Asked& a) {
    const std::size_t k = a.number.item;
    const StringLine& line = a.solution.strings[k].line;
    return worked(
        QT_TRANSLATE_NOOP("messages", "the string's own crown less the straight line there"),
        {crown_term(a, k, '+'),
         computed("name.fitted_line", a.solution.straight_saddle.line.x_mm(line.saddle_y_mm), "", '-')});
}

Working residual_cents(const Asked& a) {
    const std::size_t k = a.number.item;
    const StringOnNeck on(a.neck, a.solution.strings[k].line);
    return worked(QT_TRANSLATE_NOOP(
                      "messages",
                      "how far its crown is from the line, times the cents a millimetre is worth at fret 12"),
                  {computed("name.residual", a.solution.straight_saddle.residuals_mm[k],
                            "straight_saddle.residuals_mm[" + std::to_string(k) + "]", ' '),
                   computed("name.cents_per_mm", -cents_per_crown_mm(on, 12), "", ' ', TermKind::cents)});
}

Working line_to_crown(const Asked& a) {
    const StraightSaddle& saddle = a.solution.straight_saddle;
    return worked(
        QT_TRANSLATE_NOOP("messages", "its crown off the straight line, less that of the middle of "
                                      "the foremost and hindmost; square to the line"),
        {computed("name.residual", saddle.residuals_mm[a.number.item],
                  "straight_saddle.residuals_mm[" + std::to_string(a.number.item) + "]", ' '),
         computed("name.middle_of_crowns", saddle.slot_x_at_centre_mm - saddle.line.at_centre_mm, "", '-')});
}

Working front_to_crown(const Asked& a) {
    const StraightSaddle& saddle = a.solution.straight_saddle;
    return worked(QT_TRANSLATE_NOOP(
                      "messages", "half the thickness and how far the crown stands behind the slot's middle"),
                  {computed("name.half_thickness", 0.5 * a.design.saddle.thickness_mm, "saddle.thickness_mm"),
                   computed("name.behind_slot_line", saddle.line_to_crown_mm[a.number.item],
                            "straight_saddle.line_to_crown_mm[" + std::to_string(a.number.item) + "]")});
}

Working straight_cents(const Asked& a) {
    return worked(
        QT_TRANSLATE_NOOP(
            "messages", "the fret's error with the crown moved onto the straight line, heights solved anew"),
        {computed("name.residual", a.solution.straight_saddle.residuals_mm[a.i],
                  "straight_saddle.residuals_mm[" + std::to_string(a.i) + "]", ' '),
         computed("name.own_cents", a.string.cents[a.number.item],
                  a.other("cents[" + std::to_string(a.number.item) + "]"), ' ', TermKind::cents)});
}

Working over_top(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages",
                                    "the fret plane over the soundboard and the string over the fret plane"),
                  {given(a, "bridge.plane_above_top_mm"),
                   computed("name.saddle_z", a.string.ends.saddle_z_mm, a.other("saddle_z_mm"))});
}

Term over_top_term(const Asked& a, char sign) {
    return computed("name.over_top", a.string.bridge->height_over_top_mm, a.other("height_over_top_mm"),
                    sign);
}

Working exposure(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages", "the string over the soundboard less the bridge"),
                  {over_top_term(a, '+'), computed("name.bridge_height", *a.string.bridge->bridge_height_mm,
                                                   a.other("bridge_height_mm"), '-')});
}

Working saddle_height(const Asked& a) {
    Working w =
        worked(QT_TRANSLATE_NOOP(
                   "messages", "the slot's depth and what stands out of it, less what lies under the saddle"),
               {given(a, "saddle.slot_depth_mm"),
                computed("name.exposure", *a.string.bridge->exposure_mm, a.other("exposure_mm"))});
    add_unless_zero(w.terms, given(a, "saddle.under_mm", '-'));
    return w;
}

Working bridge_break(const Asked& a) {
    const BridgeDesign& bridge = *a.design.bridge;
    const StringLine& line = a.string.line;
    const double exit_z = bridge.anchor == Anchor::pins
                              ? *a.string.bridge->bridge_height_mm - bridge.pins.ramp_mm
                              : bridge.exit.above_top_mm;
    return worked(
        QT_TRANSLATE_NOOP("messages", "the rise from the nut and the fall to the exit, as angles"),
        {computed("name.saddle_over_nut", a.string.ends.saddle_z_mm - a.string.ends.nut_z_mm, "", ' '),
         over_top_term(a, ' '), computed("name.exit_z", exit_z, "", ' '),
         computed("name.behind_saddle", a.string.bridge->exit_x_mm - line.plan_x_mm(line.saddle_x_mm), "",
                  ' ')});
}

std::vector<Term> bend_at_saddle(const Asked& a) {
    return {computed("name.tension", a.string.tension_n().value_or(0.0), a.other("tension_n"), ' ',
                     TermKind::force),
            computed("name.bridge_break", a.string.bridge->break_angle_deg, a.other("break_angle_deg"), ' ',
                     TermKind::angle)};
}

Working saddle_force(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages", "twice the tension times the sine of half the bend"),
                  bend_at_saddle(a));
}
Working saddle_down_force(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages", "the tension times the sines of both slopes"),
                  bend_at_saddle(a));
}
Working saddle_toward_nut_force(const Asked& a) {
    return worked(
        QT_TRANSLATE_NOOP("messages", "the tension times the difference of the cosines of both slopes"),
        bend_at_saddle(a));
}

Working bridge_height(const Asked& a) {
    const BridgeDesign& bridge = *a.design.bridge;
    if (bridge.tapered_mm)
        return worked(QT_TRANSLATE_NOOP("messages", "the mean of both ends"),
                      {given(a, "bridge.height_mm.bass", ' '), given(a, "bridge.height_mm.treble", ' ')});
    if (bridge.height_mm)
        return worked(QT_TRANSLATE_NOOP("messages", "as the job gives it"), {given(a, "bridge.height_mm")});
    double mean_mm = 0;
    for (const StringSolution& string : a.solution.strings)
        mean_mm += string.bridge->height_over_top_mm / static_cast<double>(a.solution.strings.size());
    Working w = worked(
        QT_TRANSLATE_NOOP(
            "messages",
            "the mean height of the strings over the soundboard less the wanted exposure, within the limits"),
        {computed("name.mean_over_top", mean_mm, ""), given(a, "bridge.exposure_target_mm", '-')});
    add_unless_zero(
        w.terms, computed("name.beyond_limit", a.solution.bridge->plane_off_mm, "bridge.plane_off_mm", '-'));
    return w;
}

Working moment(const Asked& a) {
    Working w = worked(
        a.design.bridge->by_tailpiece()
            ? QT_TRANSLATE_NOOP(
                  "messages",
                  "each tension's push toward the nut times the string's height over the soundboard, in sum")
            : QT_TRANSLATE_NOOP("messages",
                                "each tension times the string's height over the soundboard, in sum"),
        {});
    for (std::size_t k = 0; k < a.solution.strings.size(); ++k)
        w.terms.push_back(computed("name.tension", a.solution.strings[k].tension_n().value_or(0.0),
                                   string_key(k, "tension_n"), ' ', TermKind::force));
    return w;
}

Working plane_off(const Asked& a) {
    const double off_mm = a.solution.bridge->plane_off_mm;
    const double allowed_mm = *a.solution.bridge->height_mm;
    return worked(
        QT_TRANSLATE_NOOP("messages", "the height that would be needed less the nearest that is allowed"),
        {computed("name.height_needed", allowed_mm + off_mm, "", '+'),
         computed("name.height_possible", allowed_mm, "bridge.height_mm", '-')});
}

Working top_under(const Asked& a) {
    if (!a.design.bridge->tapered_mm)
        return worked(QT_TRANSLATE_NOOP("messages", "the bridge is level"),
                      {computed("name.bridge_height", *a.solution.bridge->height_mm, "bridge.height_mm")});
    return worked(QT_TRANSLATE_NOOP("messages", "straight between the outer strings"),
                  {given(a, "bridge.height_mm.bass", ' '), given(a, "bridge.height_mm.treble", ' '),
                   computed("name.across", a.string.line.saddle_y_mm, a.other("saddle_centre_mm"), ' ')});
}

Working floor_left(const Asked& a) {
    return worked(
        QT_TRANSLATE_NOOP("messages", "the bridge's height less the slot's depth"),
        {computed("name.bridge_height", *a.solution.bridge->floor_left_mm + *a.design.saddle.slot_depth_mm,
                  a.design.bridge->tapered_mm ? "" : "bridge.height_mm"),
         given(a, "saddle.slot_depth_mm", '-')});
}

Working neck_packing(const Asked& a) {
    return worked(
        QT_TRANSLATE_NOOP(
            "messages",
            "what the plane must move, as the pocket's length is to the saddle's distance from its pivot"),
        {computed("name.plane_off", a.solution.bridge->plane_off_mm, "bridge.plane_off_mm", ' '),
         given(a, "bridge.neck_pocket.length_mm", ' '), given(a, "bridge.neck_pocket.pivot_x_mm", ' ')});
}

Working pin_x(const Asked& a) {
    const PlanPoint& pin = a.solution.bridge->pins[a.number.item];
    const Pins& pins = a.design.bridge->pins;
    if (pins.line == PinsLine::equal_angle)
        return worked(QT_TRANSLATE_NOOP("messages",
                                        "where this string breaks by the angle that all do; in the mean they "
                                        "stand behind the slot as far as is given"),
                      {computed("name.slot_line", a.solution.straight_saddle.slot_x_mm(pin.y_mm), "", ' '),
                       computed("name.break_angle", a.solution.bridge->strings[a.number.item].break_angle_deg,
                                string_key(a.number.item, "break_angle_deg"), ' ', TermKind::angle),
                       given(a, "bridge.pins.behind_mm", ' ')});
    return worked(
        QT_TRANSLATE_NOOP("messages", "the slot's middle there and how far the pins stand behind it"),
        {computed("name.slot_line", pin.x_mm - pins.behind_mm, ""), given(a, "bridge.pins.behind_mm")});
}

Working pin_from_front(const Asked& a) {
    const PlanPoint& pin = a.solution.bridge->pins[a.number.item];
    return worked(QT_TRANSLATE_NOOP("messages", "the pin from the nut line less the bridge's front edge"),
                  {computed("name.pin", pin.x_mm, "bridge.pins[" + std::to_string(a.number.item) + "].x_mm"),
                   computed("name.front_edge",
                            pin.x_mm - a.solution.bridge->pins_from_front_mm[a.number.item], "", '-')});
}

Working slot_from_back(const Asked& a) {
    return worked(
        QT_TRANSLATE_NOOP("messages", "the bridge's width less its front edge to the slot's middle"),
        {given(a, "bridge.outline.width_mm"), given(a, "bridge.outline.front_mm", '-')});
}

Working reamed(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages",
                                    "half of what the hole is wider than the pilot, over the tangent of half "
                                    "the taper"),
                  {given(a, "bridge.pins.hole_mm", ' '), given(a, "bridge.pins.pilot_mm", ' '),
                   given(a, "bridge.pins.taper_deg", ' ')});
}

Working pin_y(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages", "as the strings at the saddle, or by the pins' own spacing"),
                  {computed("name.across", a.solution.bridge->pins[a.number.item].y_mm,
                            string_key(a.number.item, "saddle_centre_mm"))});
}

Working reference_edge(const Asked& a) {
    if (a.design.bridge && a.design.bridge->edge_mm)
        return worked(
            QT_TRANSLATE_NOOP("messages", "as it is given: through its places along the outer strings"),
            {given(a, "bridge.edge_mm.bass", ' '), given(a, "bridge.edge_mm.treble", ' ')});
    Working w = worked(
        QT_TRANSLATE_NOOP("messages",
                          "the edge stands where the least reserve of all saddles, either way, is largest"),
        {given(a, "saddle.travel_mm[0]", ' '), given(a, "saddle.travel_mm[1]", ' ')});
    for (std::size_t k = 0; k < a.solution.strings.size(); ++k)
        w.terms.push_back(computed("name.crown_set", a.solution.strings[k].single->crown_x_mm,
                                   string_key(k, "crown_set_mm"), ' '));
    return w;
}

Working crown_set(const Asked& a) {
    const double own_mm = a.string.line.plan_x_mm(a.string.line.saddle_x_mm);
    return worked(
        QT_TRANSLATE_NOOP("messages", "in plan; strings that share a saddle stand where the squares of what "
                                      "they pay at fret 12 are least"),
        {computed("name.own_crown", own_mm, a.design.neck.fanned() ? std::string() : a.other("saddle_x_mm")),
         computed("name.shared_off", a.string.single->crown_x_mm - own_mm, "")});
}

Working shared_cents(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages", "how far its crown stands off its own place, times what one "
                                                "millimetre there changes at fret 12"),
                  {computed("name.shared_off", a.string.single->shared_off_mm, "", ' '),
                   computed("name.cents_per_mm", cents_per_crown_mm(a.on(), 12), "", '*', TermKind::cents)});
}

Working from_edge(const Asked& a) {
    const SingleSaddle& single = *a.string.single;
    return worked(QT_TRANSLATE_NOOP("messages", "along the centreline, from the edge to the crown"),
                  {computed("name.crown_set", single.crown_x_mm, a.other("crown_set_mm")),
                   computed("name.edge", single.crown_x_mm - *single.from_edge_mm, "", '-')});
}

Working reserve_toward_nut(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages", "from the near end of its travel to where its crown stands"),
                  {computed("name.from_edge", *a.string.single->from_edge_mm, a.other("from_edge_mm")),
                   given(a, "saddle.travel_mm[0]", '-')});
}

Working reserve_from_nut(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages", "from where its crown stands to the far end of its travel"),
                  {given(a, "saddle.travel_mm[1]"),
                   computed("name.from_edge", *a.string.single->from_edge_mm, a.other("from_edge_mm"), '-')});
}

Working crown_move(const Asked& a) {
    const StringLine& line = a.string.line;
    return worked(QT_TRANSLATE_NOOP("messages",
                                    "from fret 12 along the string: where it is to stand less where it was "
                                    "found; minus is toward the nut"),
                  {computed("name.crown_set", line.saddle_x_mm + a.string.single->shared_off_mm, ""),
                   computed("name.fret12", a.neck.fret_x_mm(12, line.scale_mm), "", '-'),
                   given(a, "bridge.existing.crown_mm[]", '-', a.i)});
}

Working crown_turns(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages", "what is to be moved over the thread's pitch"),
                  {computed("name.crown_move", *a.string.single->move_mm, a.other("crown_move_mm"), ' '),
                   given(a, "saddle.travel_pitch_mm", ' ')});
}

/// Of all saddles the one with the least reserve.
template <double Reserve::*Way> Working least_reserve(const Asked& a) {
    Working w = worked(QT_TRANSLATE_NOOP("messages", "the least of all saddles"), {});
    for (std::size_t k = 0; k < a.solution.strings.size(); ++k)
        w.terms.push_back(computed(
            "name.reserve", (*a.solution.strings[k].single->reserve).*Way,
            string_key(k, Way == &Reserve::toward_nut_mm ? "reserve_toward_nut_mm" : "reserve_from_nut_mm"),
            ' '));
    return w;
}

template <auto Value> Number of_single(Str s) {
    return s.single ? Value(*s.single) : std::nullopt;
}
template <double Reserve::*Way> Number reserve_of(const SingleSaddle& single) {
    return single.reserve ? Number((*single.reserve).*Way) : std::nullopt;
}
template <double Reserve::*Way> Number least_of(All s) {
    const auto least = s.single ? s.single->least_reserve() : std::nullopt;
    return least ? Number((*least).*Way) : std::nullopt;
}
template <auto Value> Number of_edge(All s) {
    return s.single && s.single->edge ? Number(Value(*s.single->edge)) : std::nullopt;
}
double edge_angle_deg(const ReferenceEdge& edge) {
    return std::atan(edge.slope) * 180.0 / std::numbers::pi;
}

const std::vector<PlanPoint>& pins_of(All s) {
    static const std::vector<PlanPoint> none;
    return s.bridge ? s.bridge->pins : none;
}

} // namespace

std::vector<Quantity> saddle_quantities() {
    return {
        each<[](Str s) -> Number { return s.line.scale_mm; }>(
            "strings[].scale_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "scale length"), scale),
        each<[](Str s) -> Number { return s.line.saddle_y_mm; }>(
            "strings[].saddle_centre_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "string's place at the saddle"), saddle_centre),
        each<[](Str s) -> Number { return s.saddle_along_mm; }>(
            "strings[].saddle_along_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "crown along the saddle"), saddle_along),
        each<[](Str s) -> Number { return s.line.saddle_x_mm; }>(
            "strings[].saddle_x_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "crown from the nut line"),
            saddle_x),
        each<[](Str s) -> Number { return s.ends.saddle_z_mm; }>(
            "strings[].saddle_z_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "crown over the fret plane"),
            saddle_z),
        one_list<&Solution::saddle_gaps_mm>("saddle.gaps_mm[]", Kind::length,
                                            QT_TRANSLATE_NOOP("messages", "clear space to the next string"),
                                            saddle_gap),
        one<[](All s) -> Number { return s.straight_saddle.line.slope; }>(
            "straight_saddle.slope", Kind::factor,
            QT_TRANSLATE_NOOP("messages", "slant of the straight saddle"), fitted_line),
        one<[](All s) -> Number { return s.straight_saddle.line.angle_deg; }>(
            "straight_saddle.angle_deg", Kind::angle,
            QT_TRANSLATE_NOOP("messages", "angle of the straight saddle"), fitted_line),
        one<[](All s) -> Number { return s.straight_saddle.line.at_centre_mm; }>(
            "straight_saddle.x_at_centre_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "straight saddle on the centreline"), fitted_line),
        one<[](All s) -> Number { return s.straight_saddle.slot_x_at_centre_mm; }>(
            "straight_saddle.slot_x_at_centre_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "slot on the centreline"), slot_line),
        one<[](All s) -> Number { return s.straight_saddle.crown_span_mm; }>(
            "straight_saddle.crown_span_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "thickness the crowns need"), span),
        one_list<&Solution::straight_saddle, &StraightSaddle::residuals_mm>(
            "straight_saddle.residuals_mm[]", Kind::length,
            QT_TRANSLATE_NOOP("messages", "crown off the straight saddle"), residual),
        one_list<&Solution::straight_saddle, &StraightSaddle::residuals_cents>(
            "straight_saddle.residuals_cents[]", Kind::cents,
            QT_TRANSLATE_NOOP("messages", "error at fret 12 on the straight saddle"), residual_cents),
        one_list<&Solution::straight_saddle, &StraightSaddle::line_to_crown_mm>(
            "straight_saddle.line_to_crown_mm[]", Kind::length,
            QT_TRANSLATE_NOOP("messages", "crown behind the line of slot or posts"), line_to_crown),
        one_list<&Solution::straight_saddle, &StraightSaddle::front_to_crown_mm>(
            "straight_saddle.front_to_crown_mm[]", Kind::length,
            QT_TRANSLATE_NOOP("messages", "crown from the front face"), front_to_crown),
        {"straight_saddle.cents[][]", Kind::cents,
         [](All s, Index i) -> Index { return s.straight_saddle.cents[i].size(); },
         [](All s, Index i, Index k) -> Number { return s.straight_saddle.cents[i][k]; },
         QT_TRANSLATE_NOOP("messages", "error at the fret on the straight saddle"), straight_cents},
        each<of_bridge_string<&BridgeString::height_over_top_mm>>(
            "strings[].height_over_top_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "string over the soundboard"), over_top),
        each<of_bridge_string<&BridgeString::bridge_height_mm>>(
            "strings[].bridge_height_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "bridge's top under the string"), top_under),
        each<of_bridge_string<&BridgeString::exposure_mm>>(
            "strings[].exposure_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "saddle out of the bridge"),
            exposure),
        each<of_bridge_string<&BridgeString::saddle_height_mm>>(
            "strings[].saddle_height_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "saddle height"),
            saddle_height),
        each<of_bridge_string<&BridgeString::break_angle_deg>>(
            "strings[].break_angle_deg", Kind::angle,
            QT_TRANSLATE_NOOP("messages", "break angle at the saddle"), bridge_break),
        each<of_bridge_string<&BridgeString::force_n>>("strings[].saddle_force_n", Kind::force,
                                                       QT_TRANSLATE_NOOP("messages", "force on the saddle"),
                                                       saddle_force),
        each<of_bridge_string<&BridgeString::down_force_n>>(
            "strings[].saddle_down_force_n", Kind::force,
            QT_TRANSLATE_NOOP("messages", "force down on the saddle"), saddle_down_force),
        each<of_bridge_string<&BridgeString::toward_nut_force_n>>(
            "strings[].saddle_toward_nut_force_n", Kind::force,
            QT_TRANSLATE_NOOP("messages", "force toward the nut on the saddle"), saddle_toward_nut_force),
        one<of_bridge<&BridgeSolution::height_mm>>(
            "bridge.height_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "bridge height"), bridge_height),
        one<of_bridge<&BridgeSolution::moment_nm>>(
            "bridge.moment_nm", Kind::moment, QT_TRANSLATE_NOOP("messages", "turning moment at the bridge"),
            moment),
        one<of_bridge<&BridgeSolution::plane_off_mm>>(
            "bridge.plane_off_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "fret plane off at the saddle"), plane_off),
        one<of_bridge<&BridgeSolution::floor_left_mm>>("bridge.floor_left_mm", Kind::length,
                                                       QT_TRANSLATE_NOOP("messages", "wood under the slot"),
                                                       floor_left),
        one<of_bridge<&BridgeSolution::neck_packing_mm>>(
            "bridge.neck_packing_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "packing in the neck pocket"), neck_packing),
        {"bridge.pins[].x_mm", Kind::length, [](All s, Index) -> Index { return pins_of(s).size(); },
         [](All s, Index, Index k) -> Number { return pins_of(s)[k].x_mm; },
         QT_TRANSLATE_NOOP("messages", "pin from the nut line"), pin_x},
        {"bridge.pins[].y_mm", Kind::length, [](All s, Index) -> Index { return pins_of(s).size(); },
         [](All s, Index, Index k) -> Number { return pins_of(s)[k].y_mm; },
         QT_TRANSLATE_NOOP("messages", "pin across"), pin_y},
        {"bridge.pins_from_front_mm[]", Kind::length,
         [](All s, Index) -> Index { return s.bridge ? s.bridge->pins_from_front_mm.size() : 0; },
         [](All s, Index, Index k) -> Number { return s.bridge->pins_from_front_mm[k]; },
         QT_TRANSLATE_NOOP("messages", "pin from the bridge's front edge"), pin_from_front},
        one<of_bridge<&BridgeSolution::slot_from_back_mm>>(
            "bridge.slot_from_back_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "slot's middle from the bridge's back edge"), slot_from_back),
        one<of_bridge<&BridgeSolution::ream_mm>>("bridge.ream_mm", Kind::length,
                                                 QT_TRANSLATE_NOOP("messages", "reamer past the pilot hole"),
                                                 reamed),
        each<of_single<[](const SingleSaddle& one) { return Number(one.crown_x_mm); }>>(
            "strings[].crown_set_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "crown as its saddle is set"), crown_set),
        each<of_single<[](const SingleSaddle& one) { return one.from_edge_mm; }>>(
            "strings[].from_edge_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "crown from the reference edge"), from_edge),
        each<of_single<reserve_of<&Reserve::toward_nut_mm>>>(
            "strings[].reserve_toward_nut_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "its saddle's reserve toward the nut"), reserve_toward_nut),
        each<of_single<reserve_of<&Reserve::from_nut_mm>>>(
            "strings[].reserve_from_nut_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "its saddle's reserve away from the nut"), reserve_from_nut),
        each<of_single<[](const SingleSaddle& one) { return Number(one.shared_cents); }>>(
            "strings[].shared_cents", Kind::cents,
            QT_TRANSLATE_NOOP("messages", "error at fret 12 on a shared saddle"), shared_cents),
        each<of_single<[](const SingleSaddle& one) { return one.move_mm; }>>(
            "strings[].crown_move_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "its saddle is to be moved"), crown_move),
        each<of_single<[](const SingleSaddle& one) { return one.turns; }>>(
            "strings[].crown_turns", Kind::factor,
            QT_TRANSLATE_NOOP("messages", "turns of its saddle's screw"), crown_turns),
        one<of_edge<[](const ReferenceEdge& edge) { return edge.at_centre_mm; }>>(
            "travel.reference_x_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "reference edge on the centreline"), reference_edge),
        one<of_edge<edge_angle_deg>>("travel.edge_angle_deg", Kind::angle,
                                     QT_TRANSLATE_NOOP("messages", "angle of the reference edge"),
                                     reference_edge),
        one<least_of<&Reserve::toward_nut_mm>>("travel.reserve_toward_nut_mm", Kind::length,
                                               QT_TRANSLATE_NOOP("messages", "least reserve toward the nut"),
                                               least_reserve<&Reserve::toward_nut_mm>),
        one<least_of<&Reserve::from_nut_mm>>("travel.reserve_from_nut_mm", Kind::length,
                                             QT_TRANSLATE_NOOP("messages", "least reserve away from the nut"),
                                             least_reserve<&Reserve::from_nut_mm>)};
}

} // namespace fm
