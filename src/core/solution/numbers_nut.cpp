// Every number of the nut and of the heights over the frets: a row each, its working above it. Longer than
// other files so that all of them stand together.
#include "core/solution/numbers_parts.h"

namespace fm {

namespace {

Working floor_above_seat(const Asked& a) {
    Working w =
        worked(QT_TRANSLATE_NOOP("messages",
                                 "board over the seat, the fret on it, and how far the string stands over "
                                 "the line of the fret tops, less what the board falls toward the edge"),
               {});
    w.terms = {given(a, "nut.board_above_seat_mm"), given(a, "neck.fret_height_mm"),
               computed("name.above_fret_line", a.string.above_fret_line_mm, a.other("above_fret_line_mm"))};
    const double curve = a.on().fret_line_mm() - a.on().fret_line_under_string_mm();
    add_unless_zero(w.terms, computed("name.board_curve", curve, "", '-'));
    add_unless_zero(w.terms,
                    computed("name.seat_curve", seat_fall_mm(a.design.nut, a.string.line.nut_y_mm), ""));
    if (a.design.nut.zero_fret) w.terms.push_back(given(a, "nut.zero_fret.guide_below_mm", '-'));
    return w;
}

Working floor_over_board(const Asked& a) {
    Working w = worked(
        QT_TRANSLATE_NOOP("messages", "floor over the seat less the height of the board under this string"),
        {});
    w.terms = {computed("name.floor", a.string.slot.floor_above_seat_mm, a.other("floor_above_seat_mm")),
               computed("name.board_here", a.string.slot.board_above_seat_mm, "", '-')};
    return w;
}

Working floor_over_frets(const Asked& a) {
    Working w = worked(
        QT_TRANSLATE_NOOP("messages", "how far the string stands over a straightedge laid on the frets"), {});
    w.terms = {computed("name.above_fret_line", a.string.above_fret_line_mm, a.other("above_fret_line_mm"))};
    if (a.design.nut.zero_fret) w.terms.push_back(given(a, "nut.zero_fret.guide_below_mm", '-'));
    return w;
}

Working floor_below_top(const Asked& a) {
    Working w = worked(
        QT_TRANSLATE_NOOP("messages", "height of the blank less the floor: how deep to go from its top"), {});
    w.terms = {given(a, "nut.blank.height_mm"),
               computed("name.floor", a.design.nut.blank->height_mm - *a.string.slot.floor_below_blank_top_mm,
                        a.other("floor_above_seat_mm"), '-')};
    return w;
}

Working saw_to(const Asked& a) {
    Working w = worked(QT_TRANSLATE_NOOP("messages", "the floor, and what is left for the file"), {});
    w.terms = {computed("name.floor", a.string.slot.floor_above_seat_mm, a.other("floor_above_seat_mm")),
               given(a, "nut.saw_allowance_mm")};
    return w;
}

const char* kind_key(const Asked& a, const char* plain, const char* wound) {
    return a.made.wound ? wound : plain;
}

Working slot_width(const Asked& a) {
    Working w = worked(QT_TRANSLATE_NOOP("messages", "the string, and the clearance for its kind"), {});
    w.terms = {given(a, "strings[].diameter_mm"),
               given(a, kind_key(a, "nut.slot_clearance_mm.plain", "nut.slot_clearance_mm.wound"))};
    return w;
}

Working slot_depth(const Asked& a) {
    Working w =
        worked(QT_TRANSLATE_NOOP("messages", "the string times the share of it that lies in the slot"), {});
    w.terms = {given(a, "strings[].diameter_mm"),
               given(a, kind_key(a, "nut.in_slot.plain", "nut.in_slot.wound"), '*')};
    return w;
}

Working top_above_seat(const Asked& a) {
    Working w = worked(QT_TRANSLATE_NOOP("messages", "the floor and the depth of the finished slot"), {});
    w.terms = {computed("name.floor", a.string.slot.floor_above_seat_mm, a.other("floor_above_seat_mm")),
               computed("name.slot_depth", a.string.slot.depth_mm, a.other("slot_depth_mm"))};
    return w;
}

Working pencil_line(const Asked& a) {
    Working w = worked(QT_TRANSLATE_NOOP("messages", "the fret tops carried onto the front face"), {});
    w.terms = {given(a, "nut.board_above_seat_mm"), given(a, "neck.fret_height_mm")};
    add_unless_zero(w.terms,
                    computed("name.board_curve", a.neck.crown_fall_mm(0.0, a.string.line.nut_y_mm), "", '-'));
    add_unless_zero(w.terms,
                    computed("name.seat_curve", seat_fall_mm(a.design.nut, a.string.line.nut_y_mm), ""));
    return w;
}

std::string target_key(const Targets& targets, std::size_t i, const char* base) {
    return targets.each_mm.empty() ? std::string(base)
                                   : std::string(base) + ".each_mm[" + std::to_string(i) + "]";
}

Working above_fret_line(const Asked& a) {
    Working w =
        worked(QT_TRANSLATE_NOOP("messages", "the target itself: as if a zero fret stood at the nut"), {});
    const double target = a.design.nut.height.of(a.i, a.design.strings.size());
    const std::string key = target_key(a.design.nut.height, a.i, "nut.height");
    if (a.design.nut.zero_fret) {
        w.formula = QT_TRANSLATE_NOOP("messages", "how much taller the zero fret is than the others");
        w.terms = {given(a, "nut.zero_fret.height_mm"), given(a, "neck.fret_height_mm", '-')};
        return w;
    }
    if (a.design.nut.height_method == NutHeightMethod::zero_fret) {
        w.terms = {given("name.target", target, key)};
        return w;
    }
    const StringOnNeck on = a.on();
    if (a.design.nut.height_method == NutHeightMethod::pressed_gap) {
        const int p = a.design.nut.pressed_fret;
        w.formula =
            p == 2 ? QT_TRANSLATE_NOOP("messages",
                                       "the string lies on fret 2; the straight line from there over fret 1, "
                                       "with the wanted gap, is carried back to the nut")
                   : QT_TRANSLATE_NOOP("messages",
                                       "the string lies on fret 3; the straight line from there over fret 1, "
                                       "with the wanted gap, is carried back to the nut");
        w.terms = {given("name.pressed_target", target, key, ' '),
                   computed("name.fret_top_1", on.fret_top_mm(1), "", ' '),
                   computed(p == 2 ? "name.fret_top_2" : "name.fret_top_3", on.fret_top_mm(p), "", ' '),
                   computed("name.fret_line_here", on.fret_line_under_string_mm(), "", ' ')};
        return w;
    }
    w.formula =
        a.design.saddle.measured == ActionMeasure::open
            ? QT_TRANSLATE_NOOP("messages",
                                "a straight string with the wanted gap over fret 1 and the wanted action "
                                "at fret 12, carried back to the nut")
            : QT_TRANSLATE_NOOP("messages",
                                "a straight string from the saddle (set by the action with a capo at fret "
                                "1) with the wanted gap over fret 1, carried back to the nut");
    w.terms = {given("name.open_target", target, key, ' '),
               given("name.action_target", a.design.saddle.action.of(a.i, a.design.strings.size()),
                     target_key(a.design.saddle.action, a.i, "saddle.action"), ' '),
               computed("name.fret_top_1", on.fret_top_mm(1), "", ' '),
               computed("name.fret_top_12", on.fret_top_mm(12), "", ' '),
               computed("name.fret_line_here", on.fret_line_under_string_mm(), "", ' ')};
    return w;
}

Working open_gap(const Asked& a) {
    const int fret = static_cast<int>(a.number.item) + 1;
    Working w = worked(
        QT_TRANSLATE_NOOP("messages", "height of the string over the fret less the height of the fret top"),
        {});
    const StringOnNeck on = a.on();
    const double top = on.fret_top_mm(fret);
    w.terms = {
        computed("name.string_here", top + a.string.open_gaps_mm[static_cast<std::size_t>(fret) - 1], ""),
        computed("name.fret_top_here", top, "", '-')};
    return w;
}

Working nut_along(const Asked& a) {
    Working w = worked(
        QT_TRANSLATE_NOOP("messages", "the outer string as the spread or the edge margin gives it"), {});
    const bool aslant = a.solution.nut_angle_deg != 0.0;
    if (aslant) {
        w.formula = QT_TRANSLATE_NOOP(
            "messages",
            "the place across, measured along the slanted nut: divided by the cosine of its angle");
        w.terms = {
            computed("name.across", a.string.line.nut_y_mm, a.other("nut_centre_mm"), ' '),
            computed("name.nut_angle", a.solution.nut_angle_deg, "nut.angle_deg", ' ', TermKind::angle)};
        return w;
    }
    if (a.i == 0) {
        w.terms = {computed("name.outer_centre", a.string.line.nut_y_mm, "nut.spacing")};
        return w;
    }
    w.formula = QT_TRANSLATE_NOOP(
        "messages", "from the centre before: half of that string, the clear gap, half of this one");
    const StringDesign& before = a.design.strings[a.i - 1];
    w.terms = {computed("name.centre_before", a.solution.strings[a.i - 1].line.nut_y_mm,
                        string_key(a.i - 1, "nut_along_mm")),
               computed("name.half_before", 0.5 * before.diameter_mm, string_key(a.i - 1, "diameter_mm")),
               computed("name.clear_gap", a.solution.nut_gaps_mm[a.i - 1], "nut.spacing"),
               computed("name.half_own", 0.5 * a.made.diameter_mm, a.other("diameter_mm"))};
    return w;
}

Working floor_angle(const Asked& a) {
    Working w = worked(
        QT_TRANSLATE_NOOP(
            "messages", "how steeply the string falls behind the nut, times the share the floor takes of it"),
        {});
    const double share = a.design.nut.floor_angle_share;
    const bool posts = !a.design.nut.posts.empty();
    const double whole =
        posts && share > 0 ? a.string.slot.floor_angle_deg / share : a.design.nut.headstock_angle_deg;
    w.terms = {posts ? computed("name.fall_to_post", whole, "nut.posts[" + std::to_string(a.i) + "]", '+',
                                TermKind::angle)
                     : given(a, "nut.headstock_angle_deg", '+'),
               given(a, "nut.floor_angle_share", '*')};
    return w;
}

Working break_angle(const Asked& a) {
    Working w = worked(
        QT_TRANSLATE_NOOP("messages", "the fall to the post less the rise to the saddle, as angles"), {});
    w.terms = {given(a, "nut.posts[].below_mm", ' '), given(a, "nut.posts[].behind_mm", ' '),
               computed("name.saddle_over_nut", a.string.ends.saddle_z_mm - a.string.ends.nut_z_mm, "", ' ')};
    return w;
}

Working nut_z(const Asked& a) {
    const double curve = a.on().fret_line_mm() - a.on().fret_line_under_string_mm();
    Working w = worked(
        QT_TRANSLATE_NOOP("messages",
                          "how far the string stands over the fret line, less the board's fall under it"),
        {computed("name.above_fret_line", a.string.above_fret_line_mm, a.other("above_fret_line_mm"))});
    add_unless_zero(w.terms, computed("name.board_curve", curve, "", '-'));
    return w;
}

Working made_top(const Asked& a) {
    const double raised = a.string.slot.made_top_above_seat_mm - a.string.slot.top_above_seat_mm;
    Working w = worked(
        QT_TRANSLATE_NOOP("messages", "the top over the string, raised where the fair line stands over it"),
        {computed("name.top", a.string.slot.top_above_seat_mm, a.other("top_above_seat_mm"))});
    add_unless_zero(w.terms, computed("name.fair_rise", raised, ""));
    return w;
}

Working board_here(const Asked& a) {
    Working w = worked(
        QT_TRANSLATE_NOOP("messages", "the board over the seat in the middle, less its fall toward the edge"),
        {given(a, "nut.board_above_seat_mm")});
    const double y = a.string.line.nut_y_mm;
    add_unless_zero(w.terms, computed("name.board_curve", a.neck.crown_fall_mm(0.0, y), "", '-'));
    add_unless_zero(w.terms, computed("name.seat_curve", seat_fall_mm(a.design.nut, y), ""));
    return w;
}

Working floor_back_drop(const Asked& a) {
    return worked(
        QT_TRANSLATE_NOOP("messages", "the thickness times the tangent of the floor's angle"),
        {given(a, "nut.thickness_mm", ' '), computed("name.floor_angle", a.string.slot.floor_angle_deg,
                                                     a.other("floor_angle_deg"), ' ', TermKind::angle)});
}

std::vector<Term> bend_terms(const Asked& a) {
    const StringLine& line = a.string.line;
    return {given(a, "nut.posts[].behind_mm", ' '),
            given(a, "nut.posts[].across_mm", ' '),
            given(a, "nut.posts[].below_mm", ' '),
            computed("name.across", line.nut_y_mm, a.other("nut_centre_mm"), ' '),
            computed("name.saddle_across", line.saddle_y_mm, a.other("saddle_centre_mm"), ' '),
            computed("name.saddle_over_nut", a.string.ends.saddle_z_mm - a.string.ends.nut_z_mm, "", ' ')};
}

Working side_angle(const Asked& a) {
    return worked(
        QT_TRANSLATE_NOOP("messages", "the bend seen from above: toward the saddle against toward the post"),
        bend_terms(a));
}
Working bend(const Asked& a) {
    return worked(
        QT_TRANSLATE_NOOP("messages",
                          "the angle in space between the string to the saddle and the string to the post"),
        bend_terms(a));
}
Working break_exact(const Asked& a) {
    return worked(
        QT_TRANSLATE_NOOP("messages",
                          "the same with the nut contact exactly where it stands on a tapering radius"),
        bend_terms(a));
}
Working bend_exact(const Asked& a) {
    return worked(
        QT_TRANSLATE_NOOP("messages",
                          "the same with the nut contact exactly where it stands on a tapering radius"),
        bend_terms(a));
}

Working nut_force(const Asked& a) {
    return worked(
        QT_TRANSLATE_NOOP("messages", "twice the tension times the sine of half the bend"),
        {computed("name.tension", *a.string.tension_n(), a.other("tension_n"), ' ', TermKind::force),
         computed("name.bend", a.string.bend->bend_deg, a.other("nut_bend_deg"), ' ', TermKind::angle)});
}

Working nut_angle(const Asked& a) {
    const StringLine& bass = a.solution.strings.front().line;
    const StringLine& treble = a.solution.strings.back().line;
    return worked(
        QT_TRANSLATE_NOOP("messages", "the line through the outer strings' nut contacts against the square"),
        {computed("name.bass_nut_x", bass.plan_x_mm(bass.set_forward_mm), "", ' '),
         computed("name.treble_nut_x", treble.plan_x_mm(treble.set_forward_mm), "", ' '),
         computed("name.outer_distance", treble.nut_y_mm - bass.nut_y_mm, "", ' ')});
}

template <int fret> Working pressed_gap(const Asked& a) {
    const StringOnNeck on = a.on();
    return worked(
        QT_TRANSLATE_NOOP(
            "messages",
            "the straight line from the nut to the pressed fret's top, over fret 1, less that fret's top"),
        {computed("name.nut_z", a.string.ends.nut_z_mm, "", ' '),
         computed(fret == 2 ? "name.fret_top_2" : "name.fret_top_3", on.fret_top_mm(fret), "", ' '),
         computed("name.fret_top_1", on.fret_top_mm(1), "", ' ')});
}

Working action_capo(const Asked& a) {
    const StringOnNeck on = a.on();
    return worked(
        QT_TRANSLATE_NOOP(
            "messages",
            "the straight line from fret 1's top to the saddle, over fret 12, less that fret's top"),
        {computed("name.saddle_z", a.string.ends.saddle_z_mm, a.other("saddle_z_mm"), ' '),
         computed("name.fret_top_1", on.fret_top_mm(1), "", ' '),
         computed("name.fret_top_12", on.fret_top_mm(12), "", ' ')});
}

Working action(const Asked& a) {
    const double top = a.on().fret_top_mm(12);
    return worked(
        QT_TRANSLATE_NOOP("messages", "height of the string over the fret less the height of the fret top"),
        {computed("name.string_here", top + a.string.action12_mm, ""),
         computed("name.fret_top_here", top, "", '-')});
}

/// Of a string that is bent over the nut to its post.
template <auto Member> Number of_bend(Str s) {
    return s.bend ? Number((*s.bend).*Member) : std::nullopt;
}

} // namespace

std::vector<Quantity> nut_quantities() {
    return {
        each<[](Str s) -> Number { return s.line.nut_y_mm; }>(
            "strings[].nut_centre_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "string's place at the nut"), nut_centre),
        each<[](Str s) -> Number { return s.slot.along_mm; }>(
            "strings[].nut_along_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "slot centre"), nut_along),
        each<[](Str s) -> Number { return s.nut_z_over_fret_line_mm; }>(
            "strings[].nut_z_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "over the fret line on the centreline"), nut_z),
        each<[](Str s) -> Number { return s.above_fret_line_mm; }>(
            "strings[].above_fret_line_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "over the fret line"),
            above_fret_line),
        each<[](Str s) -> Number { return s.slot.floor_above_seat_mm; }>(
            "strings[].floor_above_seat_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "floor over seat"),
            floor_above_seat),
        each<[](Str s) -> Number { return s.slot.floor_over_board_mm; }>(
            "strings[].floor_over_board_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "floor over board"),
            floor_over_board),
        each<[](Str s) -> Number { return s.slot.over_frets_mm; }>(
            "strings[].floor_over_frets_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "floor over frets"),
            floor_over_frets),
        each<[](Str s) -> Number { return s.slot.floor_below_blank_top_mm; }>(
            "strings[].floor_below_blank_top_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "floor under blank top"), floor_below_top),
        each<[](Str s) -> Number { return s.slot.saw_to_above_seat_mm; }>(
            "strings[].saw_to_above_seat_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "saw to"), saw_to),
        each<[](Str s) -> Number { return s.slot.width_mm; }>(
            "strings[].slot_width_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "slot width"), slot_width),
        each<[](Str s) -> Number { return s.slot.depth_mm; }>(
            "strings[].slot_depth_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "slot depth"), slot_depth),
        each<[](Str s) -> Number { return s.slot.top_above_seat_mm; }>(
            "strings[].top_above_seat_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "finished top"),
            top_above_seat),
        each<[](Str s) -> Number { return s.slot.made_top_above_seat_mm; }>(
            "strings[].made_top_above_seat_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "top as made"),
            made_top),
        each<[](Str s) -> Number { return s.slot.fret_tops_above_seat_mm; }>(
            "strings[].fret_tops_above_seat_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "pencil line"),
            pencil_line),
        each<[](Str s) -> Number { return s.slot.board_above_seat_mm; }>(
            "strings[].board_above_seat_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "board over the seat"), board_here),
        each<[](Str s) -> Number { return s.slot.floor_angle_deg; }>(
            "strings[].floor_angle_deg", Kind::angle, QT_TRANSLATE_NOOP("messages", "floor angle"),
            floor_angle),
        each<[](Str s) -> Number { return s.slot.floor_back_drop_mm; }>(
            "strings[].floor_back_drop_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "floor lower at the back"), floor_back_drop),
        each<of_bend<&NutBend::break_angle_deg>>("strings[].nut_break_angle_deg", Kind::angle,
                                                 QT_TRANSLATE_NOOP("messages", "break angle"), break_angle),
        each<of_bend<&NutBend::side_angle_deg>>("strings[].nut_side_angle_deg", Kind::angle,
                                                QT_TRANSLATE_NOOP("messages", "side angle at the nut"),
                                                side_angle),
        each<of_bend<&NutBend::bend_deg>>("strings[].nut_bend_deg", Kind::angle,
                                          QT_TRANSLATE_NOOP("messages", "bend over the nut"), bend),
        each<of_bend<&NutBend::break_angle_exact_deg>>("strings[].nut_break_angle_exact_deg", Kind::angle,
                                                       QT_TRANSLATE_NOOP("messages", "break angle"),
                                                       break_exact),
        each<of_bend<&NutBend::bend_exact_deg>>("strings[].nut_bend_exact_deg", Kind::angle,
                                                QT_TRANSLATE_NOOP("messages", "bend over the nut"),
                                                bend_exact),
        each<[](Str s) -> Number { return s.nut_force_n(); }>(
            "strings[].nut_force_n", Kind::force, QT_TRANSLATE_NOOP("messages", "force in the slot"),
            nut_force),
        one<[](All s) -> Number { return s.nut_angle_deg; }>(
            "nut.angle_deg", Kind::angle, QT_TRANSLATE_NOOP("messages", "nut angle"), nut_angle),
        one_list<&Solution::nut_gaps_mm>("nut.gaps_mm[]", Kind::length,
                                         QT_TRANSLATE_NOOP("messages", "clear space to the next string"),
                                         nut_gap),
        each_list<&StringSolution::open_gaps_mm>("strings[].open_gaps_mm[]", Kind::length,
                                                 QT_TRANSLATE_NOOP("messages", "gap over the fret"),
                                                 open_gap),
        each<[](Str s) -> Number { return s.pressed_gap_2_mm; }>(
            "strings[].pressed_gap_mm.2", Kind::length,
            QT_TRANSLATE_NOOP("messages", "pressed gap over fret 1"), pressed_gap<2>),
        each<[](Str s) -> Number { return s.pressed_gap_3_mm; }>(
            "strings[].pressed_gap_mm.3", Kind::length,
            QT_TRANSLATE_NOOP("messages", "pressed gap over fret 1"), pressed_gap<3>),
        each<[](Str s) -> Number { return s.action12_mm; }>(
            "strings[].action12_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "action at fret 12"),
            action),
        each<[](Str s) -> Number { return s.action12_capo_mm; }>(
            "strings[].action12_capo_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "action with a capo at fret 1"), action_capo)};
}

} // namespace fm
