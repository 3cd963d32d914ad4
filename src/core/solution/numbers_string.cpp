// Every number of what a string is, sounds and clears: a row each, its working above it.
#include "core/solution/numbers_parts.h"

namespace fm {

namespace {

Working core(const Asked& a) {
    if (!a.made.wound)
        return worked(QT_TRANSLATE_NOOP("messages", "a plain string is its own core"),
                      {given(a, "strings[].diameter_mm")});
    if (a.made.core_mm)
        return worked(QT_TRANSLATE_NOOP("messages", "as the string's maker states it"),
                      {given(a, "strings[].core_mm")});
    return worked(QT_TRANSLATE_NOOP("messages", "estimated: the usual core of such a wound string"),
                  {given(a, "strings[].diameter_mm", ' ')});
}

Working unit_mass(const Asked& a) {
    if (a.made.unit_mass_g_m) {
        Term stated = given(a, "strings[].unit_mass_g_m");
        stated.kind = TermKind::unit_mass;
        return worked(QT_TRANSLATE_NOOP("messages", "as the string's maker states it"), {stated});
    }
    return worked(
        a.made.wound
            ? QT_TRANSLATE_NOOP("messages",
                                "the core and one close layer of round wire around it, by their densities")
            : QT_TRANSLATE_NOOP("messages", "the wire's cross-section times its density"),
        {given(a, "strings[].diameter_mm", ' '),
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
    return given(a, own ? "strings[].end_stiffness" : "player.end_stiffness", ' ');
}

Working tension(const Asked& a) {
    return worked(
        QT_TRANSLATE_NOOP(
            "messages",
            "the tension at which this length of this mass sounds the wanted pitch, its stiffness counted"),
        {computed("name.open_length", open_length_mm(a.string), "", ' '),
         computed("name.unit_mass", a.string.make_up.unit_mass_g_m, a.other("unit_mass_g_m"), ' ',
                  TermKind::unit_mass),
         stiffness_term(a)});
}

Working core_stress(const Asked& a) {
    return worked(
        QT_TRANSLATE_NOOP("messages", "the tension over the core's cross-section"),
        {tension_term(a), computed("name.core", a.string.make_up.core_mm, a.other("core_mm"), ' ')});
}

std::vector<Term> playing_terms(const Asked& a) {
    return {given(a, "player.finger_behind_mm", ' '), given(a, "player.press_depth_mm", ' '),
            stiffness_term(a)};
}

Working compensation(const Asked& a) {
    const SaddleDesign& saddle = a.design.saddle;
    if (saddle.compensation == CompensationMethod::fixed)
        return worked(QT_TRANSLATE_NOOP("messages", "as the job gives it"),
                      {given(a, "saddle.compensation.fixed_mm")});
    if (saddle.compensation == CompensationMethod::straight)
        return worked(QT_TRANSLATE_NOOP("messages",
                                        "where the string meets the best straight line through the "
                                        "crowns that make fret 12 true, from its scale's end"),
                      {computed("name.saddle_angle", a.solution.straight_saddle.line.angle_deg,
                                "straight_saddle.angle_deg", ' ', TermKind::angle),
                       computed("name.across", a.string.line.saddle_y_mm, a.other("saddle_centre_mm"), ' ')});
    Working w =
        worked(saddle.compensation == CompensationMethod::octave
                   ? QT_TRANSLATE_NOOP(
                         "messages", "the crown stands where fret 12 sounds exactly the octave; heights are "
                                     "solved anew for every trial")
                   : QT_TRANSLATE_NOOP("messages",
                                       "the crown stands where the squares of all frets' errors are least in "
                                       "sum; heights are solved anew for every trial"),
               playing_terms(a));
    w.terms.insert(w.terms.begin(), computed("name.set_forward", a.string.line.set_forward_mm,
                                             a.other("set_forward_mm"), ' '));
    return w;
}

Working set_forward(const Asked& a) {
    if (a.design.saddle.set_forward == SetForward::keep)
        return worked(QT_TRANSLATE_NOOP("messages", "as the job gives it"), {given(a, "nut.set_forward_mm")});
    return worked(
        a.design.saddle.set_forward == SetForward::common
            ? QT_TRANSLATE_NOOP(
                  "messages",
                  "one place for all strings, where the squares of all their frets' errors are least in sum")
            : QT_TRANSLATE_NOOP(
                  "messages",
                  "each string's own place, where the squares of its frets' errors are least in sum"),
        playing_terms(a));
}

Working cents(const Asked& a) {
    const int fret = static_cast<int>(a.number.item) + 1;
    const auto n = static_cast<std::size_t>(fret);
    const StringOnNeck on = a.on();
    Working w =
        worked(QT_TRANSLATE_NOOP("messages", "the fretted length and its raised tension give the "
                                             "pitch; against the open string and the fret's ratio"),
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
        QT_TRANSLATE_NOOP("messages", "the root of the mean square of all frets' errors"),
        {computed("name.compensation", a.string.compensation_mm, a.other("compensation_mm"), ' '),
         computed("name.set_forward", a.string.line.set_forward_mm, a.other("set_forward_mm"), ' ')});
}

Working rms_before(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP(
                      "messages", "the same with the nut where the job has it, the crown at its best there"),
                  {given(a, "nut.set_forward_mm", ' ')});
}

Working headroom(const Asked& a) {
    const int fretted = static_cast<int>(a.number.item);
    const Headroom& head = a.string.headroom[a.number.item];
    const StandingString standing(a.on(), a.string.ends);
    return worked(
        *head.force_n > 0
            ? QT_TRANSLATE_NOOP("messages", "the pluck whose swing just reaches the limiting fret: clearance "
                                            "over the swing of one newton")
            : QT_TRANSLATE_NOOP(
                  "messages",
                  "the straight string from the fret to the saddle touches there: no pluck is free"),
        {computed("name.limiting_fret", head.fret, "", ' ', TermKind::factor),
         computed("name.clearance_there", clearance_mm(standing, fretted, head.fret), "", ' '),
         computed("name.fretted_tension", a.string.sound->tension_n[a.number.item], "", ' ', TermKind::force),
         given(a, "player.pluck_from_saddle_mm", ' '), given(a, "player.pluck_share_down", ' ')});
}

Working back_gap(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP(
                      "messages", "taut over the frets behind the finger: the least gap against a half wave "
                                  "between nut and the fret it rests on"),
                  {computed("name.nut_z", a.string.ends.nut_z_mm, "", ' '),
                   computed("name.fret_top_1", a.on().fret_top_mm(1), "", ' ')});
}

} // namespace

std::vector<Quantity> string_quantities() {
    return {each<[](Str s) -> Number { return s.make_up.core_mm; }>(
                "strings[].core_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "core"), core),
            each<[](Str s) -> Number { return s.make_up.unit_mass_g_m; }>(
                "strings[].unit_mass_g_m", Kind::unit_mass, QT_TRANSLATE_NOOP("messages", "unit mass"),
                unit_mass),
            each<[](Str s) -> Number { return s.tension_n(); }>(
                "strings[].tension_n", Kind::force, QT_TRANSLATE_NOOP("messages", "tension"), tension),
            each<[](Str s) -> Number { return s.core_stress_mpa(); }>(
                "strings[].core_stress_mpa", Kind::stress,
                QT_TRANSLATE_NOOP("messages", "stress in the core"), core_stress),
            each<[](Str s) -> Number { return s.compensation_mm; }>(
                "strings[].compensation_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "compensation"),
                compensation),
            each<[](Str s) -> Number { return s.line.set_forward_mm; }>(
                "strings[].set_forward_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "nut set forward"),
                set_forward),
            each_list<&StringSolution::cents>("strings[].cents[]", Kind::cents,
                                              QT_TRANSLATE_NOOP("messages", "error at the fret"), cents),
            each<[](Str s) -> Number { return s.rms_cents; }>(
                "strings[].rms_cents", Kind::cents,
                QT_TRANSLATE_NOOP("messages", "errors of all frets together"), rms),
            each<[](Str s) -> Number { return s.sound ? Number(s.rms_before_cents) : std::nullopt; }>(
                "strings[].rms_before_cents", Kind::cents,
                QT_TRANSLATE_NOOP("messages", "errors with the nut where it was"), rms_before),
            {"strings[].headroom_n[]", Kind::force,
             [](All s, Index i) -> Index { return s.strings[i].headroom.size(); },
             [](All s, Index i, Index k) -> Number { return s.strings[i].headroom[k].force_n; },
             QT_TRANSLATE_NOOP("messages", "headroom"), headroom, 0},
            each_list<&StringSolution::back_gaps_mm>("strings[].back_gap_mm[]", Kind::length,
                                                     QT_TRANSLATE_NOOP("messages", "room behind the finger"),
                                                     back_gap, 2)};
}

} // namespace fm
