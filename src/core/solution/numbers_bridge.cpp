// What holds the bridge and what it stands on: loads, screws, the curve of its feet, the old one's print.
#include "core/solution/numbers_parts.h"

namespace fm {

namespace {

Term tension_of(const Asked& a) {
    return computed("name.tension", a.string.tension_n().value_or(0.0), a.other("tension_n"), ' ',
                    TermKind::force);
}

/// Of every string what it adds.
void add_of_all(const Asked& a, Working& w, const char* name, std::string_view key,
                double (*value)(const BridgeString&), TermKind kind = TermKind::force) {
    for (std::size_t k = 0; k < a.solution.strings.size(); ++k)
        w.terms.push_back(
            computed(name, value(*a.solution.strings[k].bridge), string_key(k, key), ' ', kind));
}
void add_toward_nut(const Asked& a, Working& w) {
    add_of_all(a, w, "name.toward_nut", "saddle_toward_nut_force_n",
               [](const BridgeString& s) { return s.toward_nut_force_n; });
}
void add_down(const Asked& a, Working& w) {
    add_of_all(a, w, "name.saddle_down", "saddle_down_force_n",
               [](const BridgeString& s) { return s.down_force_n; });
}

Working all_tensions(const Asked& a, std::string_view formula) {
    Working w = worked(formula, {});
    for (std::size_t k = 0; k < a.solution.strings.size(); ++k)
        w.terms.push_back(computed("name.tension", a.solution.strings[k].tension_n().value_or(0.0),
                                   string_key(k, "tension_n"), ' ', TermKind::force));
    return w;
}

Working tailpiece_force(const Asked& a) {
    return all_tensions(a, QT_TRANSLATE_NOOP("messages", "all tensions, in sum"));
}

Working screw_force(const Asked& a) {
    if (!a.design.bridge->by_tailpiece())
        return all_tensions(
            a, QT_TRANSLATE_NOOP("messages", "what the strings pull along the top, shared by the screws"));
    Working w = worked(
        QT_TRANSLATE_NOOP("messages", "what the strings push toward the nut, shared by the screws"), {});
    add_toward_nut(a, w);
    return w;
}

Working post_down(const Asked& a) {
    Working w = worked(QT_TRANSLATE_NOOP("messages", "each string's force down, on either post by how near "
                                                     "it stands to it"),
                       {});
    add_down(a, w);
    return w;
}

Working post_toward_nut(const Asked& a) {
    Working w = worked(QT_TRANSLATE_NOOP("messages", "each string's push toward the nut, on either post by "
                                                     "how near it stands to it"),
                       {});
    add_toward_nut(a, w);
    return w;
}

Working best_lean(const Asked& a) {
    Working w =
        worked(QT_TRANSLATE_NOOP("messages", "the angle whose tangent is what the strings push toward "
                                             "the nut over what they press down; minus is back, away "
                                             "from the nut"),
               {});
    add_toward_nut(a, w);
    add_down(a, w);
    return w;
}

Working mouth(const Asked& a) {
    Working w = worked(QT_TRANSLATE_NOOP("messages", "the mean of what stands out of the bridge times the "
                                                     "tangent of the lean; minus is toward the nut"),
                       {});
    add_of_all(
        a, w, "name.exposure", "exposure_mm", [](const BridgeString& s) { return *s.exposure_mm; },
        TermKind::length);
    w.terms.push_back(given(a, "saddle.lean_deg", ' '));
    return w;
}

Working tipping(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages",
                                    "what of both forces goes across the saddle as it leans; plus tips it "
                                    "toward the nut"),
                  {computed("name.toward_nut", a.string.bridge->toward_nut_force_n,
                            a.other("saddle_toward_nut_force_n"), ' ', TermKind::force),
                   computed("name.saddle_down", a.string.bridge->down_force_n, a.other("saddle_down_force_n"),
                            ' ', TermKind::force),
                   given(a, "saddle.lean_deg", ' ')});
}

Working pin_force(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages", "twice the tension times the sine of half the bend from its "
                                                "fall behind the saddle to straight down"),
                  {tension_of(a), computed("name.fall_behind", a.string.bridge->slope_behind_deg, "", ' ',
                                           TermKind::angle)});
}

Working bass_share(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages", "how far it stands from the treble post, over how far the "
                                                "posts stand apart"),
                  {given(a, "saddle.screws_across_mm.treble", ' '),
                   given(a, "saddle.screws_across_mm.bass", ' '),
                   computed("name.across", a.string.line.saddle_y_mm, a.other("saddle_centre_mm"), ' ')});
}

Working drill_depth(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages", "the screw's length less what of it stays in the plate"),
                  {given(a, "bridge.screws.length_mm"), given(a, "bridge.screws.through_mm", '-')});
}

std::vector<Term> three_gaps(const Asked& a) {
    return {given(a, "bridge.arching.bass_mm", ' '), given(a, "bridge.arching.middle_mm", ' '),
            given(a, "bridge.arching.treble_mm", ' ')};
}

Working feet_rise(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages", "the mean of the gaps beside it less the gap in the middle"),
                  three_gaps(a));
}

Working feet_radius(const Asked& a) {
    Working w = worked(QT_TRANSLATE_NOOP("messages", "the circle through the three readings"), three_gaps(a));
    w.terms.push_back(given(a, "bridge.arching.half_mm", ' '));
    return w;
}

Working feet_tilt(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages", "the gap at the treble less the one at the bass"),
                  {given(a, "bridge.arching.treble_mm"), given(a, "bridge.arching.bass_mm", '-')});
}

Working front_x(const Asked& a) {
    return worked(
        QT_TRANSLATE_NOOP("messages", "the slot's middle amid the strings less what lies before it"),
        {computed("name.slot_line", *a.solution.bridge->front_x_mm + a.design.bridge->outline->front_mm, ""),
         given(a, "bridge.outline.front_mm", '-')});
}

Working print_side(const Asked&) {
    return worked(QT_TRANSLATE_NOOP("messages", "how far the old bridge's print reaches beyond the new one "
                                                "there; below 0 it is covered with so much to spare"),
                  {});
}

template <double PostLoads::*Member> Number of_posts(All s) {
    return s.bridge && s.bridge->posts ? Number((*s.bridge->posts).*Member) : std::nullopt;
}
template <auto Member> Number of_feet(All s) {
    return s.bridge && s.bridge->feet ? Number((*s.bridge->feet).*Member) : std::nullopt;
}
template <double Footprint::*Member> Number of_print(All s) {
    return s.print ? Number((*s.print).*Member) : std::nullopt;
}

} // namespace

std::vector<Quantity> bridge_quantities() {
    return {
        one<of_bridge<&BridgeSolution::tailpiece_n>>("bridge.tailpiece_force_n", Kind::force,
                                                     QT_TRANSLATE_NOOP("messages", "pull on the tailpiece"),
                                                     tailpiece_force),
        one<of_bridge<&BridgeSolution::each_screw_n>>(
            "bridge.screw_force_n", Kind::force,
            QT_TRANSLATE_NOOP("messages", "force along the top on each screw"), screw_force),
        one<of_posts<&PostLoads::bass_down_n>>("bridge.post_bass_n", Kind::force,
                                               QT_TRANSLATE_NOOP("messages", "force down on the bass post"),
                                               post_down),
        one<of_posts<&PostLoads::treble_down_n>>(
            "bridge.post_treble_n", Kind::force,
            QT_TRANSLATE_NOOP("messages", "force down on the treble post"), post_down),
        one<of_posts<&PostLoads::bass_toward_nut_n>>(
            "bridge.post_bass_toward_nut_n", Kind::force,
            QT_TRANSLATE_NOOP("messages", "force toward the nut on the bass post"), post_toward_nut),
        one<of_posts<&PostLoads::treble_toward_nut_n>>(
            "bridge.post_treble_toward_nut_n", Kind::force,
            QT_TRANSLATE_NOOP("messages", "force toward the nut on the treble post"), post_toward_nut),
        one<of_bridge<&BridgeSolution::best_lean_deg>>(
            "bridge.best_lean_deg", Kind::angle,
            QT_TRANSLATE_NOOP("messages", "lean at which nothing tips the saddle"), best_lean),
        one<of_bridge<&BridgeSolution::mouth_mm>>(
            "bridge.slot_mouth_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "leaning slot's mouth behind the crowns' line"), mouth),
        each<of_bridge_string<&BridgeString::tipping_n>>(
            "strings[].tipping_force_n", Kind::force,
            QT_TRANSLATE_NOOP("messages", "force that tips the saddle"), tipping),
        each<of_bridge_string<&BridgeString::pin_n>>("strings[].pin_force_n", Kind::force,
                                                     QT_TRANSLATE_NOOP("messages", "force on its pin's hole"),
                                                     pin_force),
        each<of_bridge_string<&BridgeString::bass_share>>(
            "strings[].bass_post_share", Kind::factor,
            QT_TRANSLATE_NOOP("messages", "goes with the bass post"), bass_share),
        one<of_bridge<&BridgeSolution::drill_depth_mm>>(
            "bridge.drill_depth_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "screw holes' depth in the wood"), drill_depth),
        one<of_feet<&FeetCurve::rise_mm>>("bridge.feet_rise_mm", Kind::length,
                                          QT_TRANSLATE_NOOP("messages", "rise of the top under the bridge"),
                                          feet_rise),
        one<of_feet<&FeetCurve::radius_mm>>("bridge.feet_radius_mm", Kind::length,
                                            QT_TRANSLATE_NOOP("messages", "radius of the feet"), feet_radius),
        one<of_feet<&FeetCurve::tilt_mm>>(
            "bridge.feet_tilt_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "treble foot lower than the bass one"), feet_tilt),
        one<of_bridge<&BridgeSolution::front_x_mm>>(
            "bridge.front_x_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "bridge's front edge from the nut line"), front_x),
        one<of_print<&Footprint::front_mm>>("bridge.print_front_mm", Kind::length,
                                            QT_TRANSLATE_NOOP("messages", "old print before the front edge"),
                                            print_side),
        one<of_print<&Footprint::back_mm>>("bridge.print_back_mm", Kind::length,
                                           QT_TRANSLATE_NOOP("messages", "old print behind the back edge"),
                                           print_side),
        one<of_print<&Footprint::bass_mm>>("bridge.print_bass_mm", Kind::length,
                                           QT_TRANSLATE_NOOP("messages", "old print beyond the bass end"),
                                           print_side),
        one<of_print<&Footprint::treble_mm>>("bridge.print_treble_mm", Kind::length,
                                             QT_TRANSLATE_NOOP("messages", "old print beyond the treble end"),
                                             print_side)};
}

} // namespace fm
