// Workings of what a string is, sounds and clears.
#include "core/solution/working_parts.h"

namespace fm {

namespace {

Working core(const Asked& a) {
    if (!a.made.wound)
        return worked("title.core", "formula.core_plain",
                      {given("name.diameter", a.made.diameter_mm, a.other("diameter_mm"))});
    if (a.made.core_mm)
        return worked("title.core", "formula.core_given",
                      {given("name.core", *a.made.core_mm, a.other("core_mm"))});
    return worked("title.core", "formula.core_estimate",
                  {given("name.diameter", a.made.diameter_mm, a.other("diameter_mm"), ' ')});
}

Working unit_mass(const Asked& a) {
    if (a.made.unit_mass_g_m)
        return worked("title.unit_mass", "formula.unit_mass_given",
                      {given("name.unit_mass", *a.made.unit_mass_g_m, a.other("unit_mass_g_m"), '+',
                             TermKind::unit_mass)});
    return worked("title.unit_mass", a.made.wound ? "formula.unit_mass_wound" : "formula.unit_mass_plain",
                  {given("name.diameter", a.made.diameter_mm, a.other("diameter_mm"), ' '),
                   computed("name.core", a.string.make_up.core_mm, a.other("core_mm"), ' ')});
}

Term tension_term(const Asked& a, char sign = ' ') {
    return computed("name.tension", *a.string.tension_n(), a.other("tension_n"), sign, TermKind::force);
}

double open_length_mm(const StringSolution& string) {
    return std::hypot(string.line.saddle_x_mm - string.line.set_forward_mm,
                      string.ends.saddle_z_mm - string.ends.nut_z_mm);
}

Term stiffness_term(const Asked& a) {
    const bool own = a.made.end_stiffness.has_value();
    return given("name.end_stiffness", a.made.end_stiffness.value_or(a.design.player.end_stiffness),
                 own ? a.other("end_stiffness") : "player.end_stiffness", ' ', TermKind::factor);
}

Working tension(const Asked& a) {
    return worked("title.tension", "formula.tension",
                  {computed("name.open_length", open_length_mm(a.string), "", ' '),
                   computed("name.unit_mass", a.string.make_up.unit_mass_g_m, a.other("unit_mass_g_m"), ' ',
                            TermKind::unit_mass),
                   stiffness_term(a)});
}

Working core_stress(const Asked& a) {
    return worked(
        "title.core_stress", "formula.core_stress",
        {tension_term(a), computed("name.core", a.string.make_up.core_mm, a.other("core_mm"), ' ')});
}

std::vector<Term> playing_terms(const Asked& a) {
    const Player& player = a.design.player;
    return {given("name.finger_behind", player.finger_behind_mm, "player.finger_behind_mm", ' '),
            given("name.press_depth", player.press_depth_mm, "player.press_depth_mm", ' '),
            stiffness_term(a)};
}

Working compensation(const Asked& a) {
    const SaddleDesign& saddle = a.design.saddle;
    if (saddle.compensation == CompensationMethod::fixed)
        return worked("title.compensation", "formula.compensation_fixed",
                      {given("name.compensation", saddle.fixed_mm, "saddle.compensation.fixed_mm")});
    Working w = worked("title.compensation",
                       saddle.compensation == CompensationMethod::octave ? "formula.compensation_octave"
                                                                         : "formula.compensation_all",
                       playing_terms(a));
    w.terms.insert(w.terms.begin(), computed("name.set_forward", a.string.line.set_forward_mm,
                                             a.other("set_forward_mm"), ' '));
    return w;
}

Working set_forward(const Asked& a) {
    if (a.design.saddle.set_forward == SetForward::keep)
        return worked("title.set_forward", "formula.set_forward_kept",
                      {given("name.set_forward", a.design.nut.set_forward_mm, "nut.set_forward_mm")});
    return worked("title.set_forward",
                  a.design.saddle.set_forward == SetForward::common ? "formula.set_forward_common"
                                                                    : "formula.set_forward_each",
                  playing_terms(a));
}

Working cents(const Asked& a) {
    const int fret = static_cast<int>(a.number.item) + 1;
    const auto n = static_cast<std::size_t>(fret);
    const StringOnNeck on = a.on();
    Working w =
        worked("title.cents", "formula.cents",
               {computed("name.length_left",
                         std::hypot(a.string.line.saddle_x_mm - on.fret_x_mm(fret),
                                    a.string.ends.saddle_z_mm - on.fret_top_mm(fret)),
                         "", ' '),
                tension_term(a),
                computed("name.fretted_tension", a.string.sound->tension_n[n], "", ' ', TermKind::force)});
    for (Term& term : playing_terms(a)) w.terms.push_back(std::move(term));
    return w;
}

Working rms(const Asked& a) {
    return worked(
        "title.rms_cents", "formula.rms_cents",
        {computed("name.compensation", a.string.compensation_mm, a.other("compensation_mm"), ' '),
         computed("name.set_forward", a.string.line.set_forward_mm, a.other("set_forward_mm"), ' ')});
}

Working rms_before(const Asked& a) {
    return worked("title.rms_before", "formula.rms_before",
                  {given("name.set_forward", a.design.nut.set_forward_mm, "nut.set_forward_mm", ' ')});
}

Working headroom(const Asked& a) {
    const int fretted = static_cast<int>(a.number.item);
    const Headroom& head = a.string.headroom[a.number.item];
    const StandingString standing(a.on(), a.string.ends);
    return worked(
        "title.headroom", *head.force_n > 0 ? "formula.headroom" : "formula.choke",
        {computed("name.limiting_fret", head.fret, "", ' ', TermKind::factor),
         computed("name.clearance_there", clearance_mm(standing, fretted, head.fret), "", ' '),
         computed("name.fretted_tension", a.string.sound->tension_n[a.number.item], "", ' ', TermKind::force),
         given("name.pluck_from_saddle", a.design.player.pluck_from_saddle_mm, "player.pluck_from_saddle_mm",
               ' '),
         given("name.pluck_share", a.design.player.pluck_share_down, "player.pluck_share_down", ' ',
               TermKind::factor)});
}

Working back_gap(const Asked& a) {
    return worked("title.back_gap", "formula.back_gap",
                  {computed("name.nut_z", a.string.ends.nut_z_mm, "", ' '),
                   computed("name.fret_top_1", a.on().fret_top_mm(1), "", ' ')});
}

} // namespace

const std::vector<WorkingEntry>& string_workings() {
    static const std::vector<WorkingEntry> list{{"strings[].core_mm", core},
                                                {"strings[].unit_mass_g_m", unit_mass},
                                                {"strings[].tension_n", tension},
                                                {"strings[].core_stress_mpa", core_stress},
                                                {"strings[].compensation_mm", compensation},
                                                {"strings[].set_forward_mm", set_forward},
                                                {"strings[].cents[]", cents},
                                                {"strings[].rms_cents", rms},
                                                {"strings[].rms_before_cents", rms_before},
                                                {"strings[].headroom_n[]", headroom},
                                                {"strings[].back_gap_mm[]", back_gap}};
    return list;
}

} // namespace fm
