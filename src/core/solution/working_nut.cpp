// One function a number: longer than other files so that every working of the nut stands beside the others.
#include "core/solution/working_parts.h"

namespace fm {

namespace {

Working floor_above_seat(const Asked& a) {
    Working w = worked("title.floor_above_seat", "formula.floor_above_seat", {});
    w.terms = {given("name.board_above_seat", a.design.nut.board_above_seat_mm, "nut.board_above_seat_mm"),
               given("name.fret_height", a.design.neck.fret_height_mm, "neck.fret_height_mm"),
               computed("name.above_fret_line", a.string.above_fret_line_mm, a.other("above_fret_line_mm"))};
    const double curve = a.on().fret_line_mm() - a.on().fret_line_under_string_mm();
    add_unless_zero(w.terms, computed("name.board_curve", curve, "", '-'));
    add_unless_zero(w.terms,
                    computed("name.seat_curve", seat_fall_mm(a.design.nut, a.string.line.nut_y_mm), ""));
    if (a.design.nut.zero_fret)
        w.terms.push_back(given("name.guide_below", a.design.nut.zero_fret->guide_below_mm,
                                "nut.zero_fret.guide_below_mm", '-'));
    return w;
}

Working floor_over_board(const Asked& a) {
    Working w = worked("title.floor_over_board", "formula.floor_over_board", {});
    w.terms = {computed("name.floor", a.string.slot.floor_above_seat_mm, a.other("floor_above_seat_mm")),
               computed("name.board_here", a.string.slot.board_above_seat_mm, "", '-')};
    return w;
}

Working floor_over_frets(const Asked& a) {
    Working w = worked("title.floor_over_frets", "formula.floor_over_frets", {});
    w.terms = {computed("name.above_fret_line", a.string.above_fret_line_mm, a.other("above_fret_line_mm"))};
    if (a.design.nut.zero_fret)
        w.terms.push_back(given("name.guide_below", a.design.nut.zero_fret->guide_below_mm,
                                "nut.zero_fret.guide_below_mm", '-'));
    return w;
}

Working floor_below_top(const Asked& a) {
    Working w = worked("title.floor_below_blank_top", "formula.floor_below_blank_top", {});
    w.terms = {given("name.blank_height", a.design.nut.blank->height_mm, "nut.blank.height_mm"),
               computed("name.floor", a.design.nut.blank->height_mm - *a.string.slot.floor_below_blank_top_mm,
                        a.other("floor_above_seat_mm"), '-')};
    return w;
}

Working saw_to(const Asked& a) {
    Working w = worked("title.saw_to", "formula.saw_to", {});
    w.terms = {computed("name.floor", a.string.slot.floor_above_seat_mm, a.other("floor_above_seat_mm")),
               given("name.saw_allowance", a.design.nut.saw_allowance_mm, "nut.saw_allowance_mm")};
    return w;
}

const char* kind_key(const Asked& a, const char* plain, const char* wound) {
    return a.made.wound ? wound : plain;
}

Working slot_width(const Asked& a) {
    Working w = worked("title.slot_width", "formula.slot_width", {});
    w.terms = {given("name.diameter", a.made.diameter_mm, a.other("diameter_mm")),
               given("name.clearance", a.design.nut.slot_clearance_mm.of(a.made.wound),
                     kind_key(a, "nut.slot_clearance_mm.plain", "nut.slot_clearance_mm.wound"))};
    return w;
}

Working slot_depth(const Asked& a) {
    Working w = worked("title.slot_depth", "formula.slot_depth", {});
    w.terms = {given("name.diameter", a.made.diameter_mm, a.other("diameter_mm")),
               given("name.in_slot", a.design.nut.in_slot.of(a.made.wound),
                     kind_key(a, "nut.in_slot.plain", "nut.in_slot.wound"), '*', TermKind::factor)};
    return w;
}

Working top_above_seat(const Asked& a) {
    Working w = worked("title.top", "formula.top", {});
    w.terms = {computed("name.floor", a.string.slot.floor_above_seat_mm, a.other("floor_above_seat_mm")),
               computed("name.slot_depth", a.string.slot.depth_mm, a.other("slot_depth_mm"))};
    return w;
}

Working pencil_line(const Asked& a) {
    Working w = worked("title.pencil_line", "formula.pencil_line", {});
    w.terms = {given("name.board_above_seat", a.design.nut.board_above_seat_mm, "nut.board_above_seat_mm"),
               given("name.fret_height", a.design.neck.fret_height_mm, "neck.fret_height_mm")};
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
    Working w = worked("title.above_fret_line", "formula.above_zero_fret", {});
    const double target = a.design.nut.height.of(a.i, a.design.strings.size());
    const std::string key = target_key(a.design.nut.height, a.i, "nut.height");
    if (const auto& zero = a.design.nut.zero_fret) {
        w.formula_id = "formula.above_real_zero_fret";
        w.terms = {given("name.zero_fret", zero->height_mm, "nut.zero_fret.height_mm"),
                   given("name.fret_height", a.design.neck.fret_height_mm, "neck.fret_height_mm", '-')};
        return w;
    }
    if (a.design.nut.height_method == NutHeightMethod::zero_fret) {
        w.terms = {given("name.target", target, key)};
        return w;
    }
    const StringOnNeck on = a.on();
    if (a.design.nut.height_method == NutHeightMethod::pressed_gap) {
        const int p = a.design.nut.pressed_fret;
        w.formula_id = p == 2 ? "formula.above_pressed_2" : "formula.above_pressed_3";
        w.terms = {given("name.pressed_target", target, key, ' '),
                   computed("name.fret_top_1", on.fret_top_mm(1), "", ' '),
                   computed(p == 2 ? "name.fret_top_2" : "name.fret_top_3", on.fret_top_mm(p), "", ' '),
                   computed("name.fret_line_here", on.fret_line_under_string_mm(), "", ' ')};
        return w;
    }
    w.formula_id = a.design.saddle.measured == ActionMeasure::open ? "formula.above_open_open"
                                                                   : "formula.above_open_capo";
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
    Working w = worked("title.open_gap", "formula.open_gap", {});
    const StringOnNeck on = a.on();
    const double top = on.fret_top_mm(fret);
    w.terms = {
        computed("name.string_here", top + a.string.open_gaps_mm[static_cast<std::size_t>(fret) - 1], ""),
        computed("name.fret_top_here", top, "", '-')};
    return w;
}

Working nut_along(const Asked& a) {
    Working w = worked("title.nut_along", "formula.nut_first", {});
    const bool aslant = a.solution.nut_angle_deg != 0.0;
    if (aslant) {
        w.formula_id = "formula.nut_along";
        w.terms = {
            computed("name.across", a.string.line.nut_y_mm, a.other("nut_centre_mm"), ' '),
            computed("name.nut_angle", a.solution.nut_angle_deg, "nut.angle_deg", ' ', TermKind::angle)};
        return w;
    }
    if (a.i == 0) {
        w.terms = {computed("name.outer_centre", a.string.line.nut_y_mm, "nut.spacing")};
        return w;
    }
    w.formula_id = "formula.nut_next";
    const StringDesign& before = a.design.strings[a.i - 1];
    w.terms = {computed("name.centre_before", a.solution.strings[a.i - 1].line.nut_y_mm,
                        string_key(a.i - 1, "nut_along_mm")),
               computed("name.half_before", 0.5 * before.diameter_mm, string_key(a.i - 1, "diameter_mm")),
               computed("name.clear_gap", a.solution.nut_gaps_mm[a.i - 1], "nut.spacing"),
               computed("name.half_own", 0.5 * a.made.diameter_mm, a.other("diameter_mm"))};
    return w;
}

Working floor_angle(const Asked& a) {
    Working w = worked("title.floor_angle", "formula.floor_angle", {});
    const double share = a.design.nut.floor_angle_share;
    const bool posts = !a.design.nut.posts.empty();
    const double whole =
        posts && share > 0 ? a.string.slot.floor_angle_deg / share : a.design.nut.headstock_angle_deg;
    w.terms = {posts ? computed("name.fall_to_post", whole, "nut.posts[" + std::to_string(a.i) + "]", '+',
                                TermKind::angle)
                     : given("name.headstock_angle", whole, "nut.headstock_angle_deg", '+', TermKind::angle),
               given("name.floor_share", share, "nut.floor_angle_share", '*', TermKind::factor)};
    return w;
}

Working break_angle(const Asked& a) {
    Working w = worked("title.break_angle", "formula.break_angle", {});
    const Post& post = a.design.nut.posts[a.i];
    w.terms = {
        given("name.post_below", post.below_mm, "nut.posts[" + std::to_string(a.i) + "].below_mm", ' '),
        given("name.post_behind", post.behind_mm, "nut.posts[" + std::to_string(a.i) + "].behind_mm", ' '),
        computed("name.saddle_over_nut", a.string.ends.saddle_z_mm - a.string.ends.nut_z_mm, "", ' ')};
    return w;
}

Working nut_centre(const Asked& a) {
    const double outer = a.solution.strings[0].line.nut_y_mm;
    Working w = worked("title.nut_centre", "formula.nut_centre",
                       {computed("name.outer_centre", outer, "nut.spacing")});
    for (std::size_t k = 0; k < a.i; ++k) {
        const double widths = 0.5 * (a.design.strings[k].diameter_mm + a.design.strings[k + 1].diameter_mm);
        w.terms.push_back(computed("name.clear_gap", a.solution.nut_gaps_mm[k], "nut.spacing"));
        w.terms.push_back(computed("name.half_widths", widths, string_key(k, "diameter_mm")));
    }
    return w;
}

Working nut_z(const Asked& a) {
    const double curve = a.on().fret_line_mm() - a.on().fret_line_under_string_mm();
    Working w = worked(
        "title.nut_z", "formula.nut_z",
        {computed("name.above_fret_line", a.string.above_fret_line_mm, a.other("above_fret_line_mm"))});
    add_unless_zero(w.terms, computed("name.board_curve", curve, "", '-'));
    return w;
}

Working made_top(const Asked& a) {
    const double raised = a.string.slot.made_top_above_seat_mm - a.string.slot.top_above_seat_mm;
    Working w = worked("title.made_top", "formula.made_top",
                       {computed("name.top", a.string.slot.top_above_seat_mm, a.other("top_above_seat_mm"))});
    add_unless_zero(w.terms, computed("name.fair_rise", raised, ""));
    return w;
}

Working board_here(const Asked& a) {
    Working w =
        worked("title.board_here", "formula.board_here",
               {given("name.board_above_seat", a.design.nut.board_above_seat_mm, "nut.board_above_seat_mm")});
    const double y = a.string.line.nut_y_mm;
    add_unless_zero(w.terms, computed("name.board_curve", a.neck.crown_fall_mm(0.0, y), "", '-'));
    add_unless_zero(w.terms, computed("name.seat_curve", seat_fall_mm(a.design.nut, y), ""));
    return w;
}

Working floor_back_drop(const Asked& a) {
    return worked("title.floor_back_drop", "formula.floor_back_drop",
                  {given("name.thickness", a.design.nut.thickness_mm, "nut.thickness_mm", ' '),
                   computed("name.floor_angle", a.string.slot.floor_angle_deg, a.other("floor_angle_deg"),
                            ' ', TermKind::angle)});
}

std::vector<Term> bend_terms(const Asked& a) {
    const Post& post = a.design.nut.posts[a.i];
    const std::string key = "nut.posts[" + std::to_string(a.i) + "].";
    const StringLine& line = a.string.line;
    return {given("name.post_behind", post.behind_mm, key + "behind_mm", ' '),
            given("name.post_across", post.across_mm, key + "across_mm", ' '),
            given("name.post_below", post.below_mm, key + "below_mm", ' '),
            computed("name.across", line.nut_y_mm, a.other("nut_centre_mm"), ' '),
            computed("name.saddle_across", line.saddle_y_mm, a.other("saddle_centre_mm"), ' '),
            computed("name.saddle_over_nut", a.string.ends.saddle_z_mm - a.string.ends.nut_z_mm, "", ' ')};
}

Working side_angle(const Asked& a) {
    return worked("title.side_angle", "formula.side_angle", bend_terms(a));
}
Working bend(const Asked& a) {
    return worked("title.bend", "formula.bend", bend_terms(a));
}
Working break_exact(const Asked& a) {
    return worked("title.break_angle", "formula.break_exact", bend_terms(a));
}
Working bend_exact(const Asked& a) {
    return worked("title.bend", "formula.break_exact", bend_terms(a));
}

Working nut_force(const Asked& a) {
    return worked(
        "title.nut_force", "formula.bend_force",
        {computed("name.tension", *a.string.tension_n(), a.other("tension_n"), ' ', TermKind::force),
         computed("name.bend", a.string.bend->bend_deg, a.other("nut_bend_deg"), ' ', TermKind::angle)});
}

Working nut_angle(const Asked& a) {
    const StringLine& bass = a.solution.strings.front().line;
    const StringLine& treble = a.solution.strings.back().line;
    return worked("title.nut_angle", "formula.nut_angle",
                  {computed("name.bass_nut_x", bass.plan_x_mm(bass.set_forward_mm), "", ' '),
                   computed("name.treble_nut_x", treble.plan_x_mm(treble.set_forward_mm), "", ' '),
                   computed("name.outer_distance", treble.nut_y_mm - bass.nut_y_mm, "", ' ')});
}

Working nut_gap(const Asked& a) {
    const std::size_t k = a.number.item;
    return worked("title.gap", "formula.gap",
                  {computed("name.next_centre", a.solution.strings[k + 1].line.nut_y_mm,
                            string_key(k + 1, "nut_centre_mm")),
                   computed("name.this_centre", a.solution.strings[k].line.nut_y_mm,
                            string_key(k, "nut_centre_mm"), '-'),
                   computed("name.half_widths",
                            0.5 * (a.design.strings[k].diameter_mm + a.design.strings[k + 1].diameter_mm),
                            string_key(k, "diameter_mm"), '-')});
}

Working pressed_gap(const Asked& a, int fret) {
    const StringOnNeck on = a.on();
    return worked("title.pressed_gap", "formula.pressed_gap",
                  {computed("name.nut_z", a.string.ends.nut_z_mm, "", ' '),
                   computed(fret == 2 ? "name.fret_top_2" : "name.fret_top_3", on.fret_top_mm(fret), "", ' '),
                   computed("name.fret_top_1", on.fret_top_mm(1), "", ' ')});
}

Working action_capo(const Asked& a) {
    const StringOnNeck on = a.on();
    return worked("title.action12_capo", "formula.action_capo",
                  {computed("name.saddle_z", a.string.ends.saddle_z_mm, a.other("saddle_z_mm"), ' '),
                   computed("name.fret_top_1", on.fret_top_mm(1), "", ' '),
                   computed("name.fret_top_12", on.fret_top_mm(12), "", ' ')});
}

Working action(const Asked& a) {
    const double top = a.on().fret_top_mm(12);
    return worked("title.action12", "formula.open_gap",
                  {computed("name.string_here", top + a.string.action12_mm, ""),
                   computed("name.fret_top_here", top, "", '-')});
}

} // namespace

const std::vector<WorkingEntry>& nut_workings() {
    static const std::vector<WorkingEntry> list{
        {"strings[].nut_centre_mm", nut_centre},
        {"strings[].nut_along_mm", nut_along},
        {"strings[].nut_z_mm", nut_z},
        {"strings[].above_fret_line_mm", above_fret_line},
        {"strings[].floor_above_seat_mm", floor_above_seat},
        {"strings[].floor_over_board_mm", floor_over_board},
        {"strings[].floor_over_frets_mm", floor_over_frets},
        {"strings[].floor_below_blank_top_mm", floor_below_top},
        {"strings[].saw_to_above_seat_mm", saw_to},
        {"strings[].slot_width_mm", slot_width},
        {"strings[].slot_depth_mm", slot_depth},
        {"strings[].top_above_seat_mm", top_above_seat},
        {"strings[].made_top_above_seat_mm", made_top},
        {"strings[].fret_tops_above_seat_mm", pencil_line},
        {"strings[].board_above_seat_mm", board_here},
        {"strings[].floor_angle_deg", floor_angle},
        {"strings[].floor_back_drop_mm", floor_back_drop},
        {"strings[].nut_break_angle_deg", break_angle},
        {"strings[].nut_side_angle_deg", side_angle},
        {"strings[].nut_bend_deg", bend},
        {"strings[].nut_break_angle_exact_deg", break_exact},
        {"strings[].nut_bend_exact_deg", bend_exact},
        {"strings[].nut_force_n", nut_force},
        {"nut.angle_deg", nut_angle},
        {"nut.gaps_mm[]", nut_gap},
        {"strings[].open_gaps_mm[]", open_gap},
        {"strings[].pressed_gap_mm.2", [](const Asked& a) { return pressed_gap(a, 2); }},
        {"strings[].pressed_gap_mm.3", [](const Asked& a) { return pressed_gap(a, 3); }},
        {"strings[].action12_mm", action},
        {"strings[].action12_capo_mm", action_capo}};
    return list;
}

} // namespace fm
