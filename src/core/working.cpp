// One function a number: longer than other files so that every working stands beside the others.
#include "core/working.h"

namespace fm {

namespace {

struct Asked {
    const Design& design;
    const Solution& solution;
    const Neck& neck;
    std::size_t i;
    const StringSolution& string;
    const StringDesign& made;

    StringOnNeck on() const { return {neck, string.line}; }
    std::string other(std::string_view name) const { return string_key(i, name); }
};

Term given(const char* name_id, double value, std::string key, char sign = '+',
           TermKind kind = TermKind::length) {
    return {name_id, sign, value, kind, std::move(key), false};
}
Term computed(const char* name_id, double value, std::string key, char sign = '+',
              TermKind kind = TermKind::length) {
    return {name_id, sign, value, kind, std::move(key), true};
}

/// Adds a term only where it says something.
void add_unless_zero(std::vector<Term>& terms, Term term) {
    if (term.value != 0.0) terms.push_back(std::move(term));
}

Working floor_above_seat(const Asked& a) {
    Working w{{}, "title.floor_above_seat", "formula.floor_above_seat", {}, 0};
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
    Working w{{}, "title.floor_over_board", "formula.floor_over_board", {}, 0};
    w.terms = {computed("name.floor", a.string.slot.floor_above_seat_mm, a.other("floor_above_seat_mm")),
               computed("name.board_here", a.string.slot.board_above_seat_mm, "", '-')};
    return w;
}

Working floor_over_frets(const Asked& a) {
    Working w{{}, "title.floor_over_frets", "formula.floor_over_frets", {}, 0};
    w.terms = {computed("name.above_fret_line", a.string.above_fret_line_mm, a.other("above_fret_line_mm"))};
    if (a.design.nut.zero_fret)
        w.terms.push_back(given("name.guide_below", a.design.nut.zero_fret->guide_below_mm,
                                "nut.zero_fret.guide_below_mm", '-'));
    return w;
}

Working floor_below_top(const Asked& a) {
    Working w{{}, "title.floor_below_blank_top", "formula.floor_below_blank_top", {}, 0};
    w.terms = {given("name.blank_height", a.design.nut.blank->height_mm, "nut.blank.height_mm"),
               computed("name.floor", a.design.nut.blank->height_mm - *a.string.slot.floor_below_blank_top_mm,
                        a.other("floor_above_seat_mm"), '-')};
    return w;
}

Working saw_to(const Asked& a) {
    Working w{{}, "title.saw_to", "formula.saw_to", {}, 0};
    w.terms = {computed("name.floor", a.string.slot.floor_above_seat_mm, a.other("floor_above_seat_mm")),
               given("name.saw_allowance", a.design.nut.saw_allowance_mm, "nut.saw_allowance_mm")};
    return w;
}

const char* kind_key(const Asked& a, const char* plain, const char* wound) {
    return a.made.wound ? wound : plain;
}

Working slot_width(const Asked& a) {
    Working w{{}, "title.slot_width", "formula.slot_width", {}, 0};
    w.terms = {given("name.diameter", a.made.diameter_mm, a.other("diameter_mm")),
               given("name.clearance", a.design.nut.slot_clearance_mm.of(a.made.wound),
                     kind_key(a, "nut.slot_clearance_mm.plain", "nut.slot_clearance_mm.wound"))};
    return w;
}

Working slot_depth(const Asked& a) {
    Working w{{}, "title.slot_depth", "formula.slot_depth", {}, 0, TermKind::length, false};
    w.terms = {given("name.diameter", a.made.diameter_mm, a.other("diameter_mm")),
               given("name.in_slot", a.design.nut.in_slot.of(a.made.wound),
                     kind_key(a, "nut.in_slot.plain", "nut.in_slot.wound"), '*', TermKind::factor)};
    return w;
}

Working top_above_seat(const Asked& a) {
    Working w{{}, "title.top", "formula.top", {}, 0};
    w.terms = {computed("name.floor", a.string.slot.floor_above_seat_mm, a.other("floor_above_seat_mm")),
               computed("name.slot_depth", a.string.slot.depth_mm, a.other("slot_depth_mm"))};
    return w;
}

Working pencil_line(const Asked& a) {
    Working w{{}, "title.pencil_line", "formula.pencil_line", {}, 0};
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
    Working w{{}, "title.above_fret_line", "formula.above_zero_fret", {}, 0};
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
    w.is_sum = false;
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

Working gap_at(const Asked& a, int fret, const char* title) {
    Working w{{}, title, "formula.open_gap", {}, 0};
    const StringOnNeck on = a.on();
    const double top = on.fret_top_mm(fret);
    w.terms = {
        computed("name.string_here", top + a.string.open_gaps_mm[static_cast<std::size_t>(fret) - 1], ""),
        computed("name.fret_top_here", top, "", '-')};
    return w;
}

Working nut_along(const Asked& a) {
    Working w{{}, "title.nut_along", "formula.nut_first", {}, 0};
    const bool aslant = a.solution.nut_angle_deg != 0.0;
    if (aslant) {
        w.formula_id = "formula.nut_along";
        w.is_sum = false;
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
    Working w{{}, "title.floor_angle", "formula.floor_angle", {}, 0, TermKind::angle, false};
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
    Working w{{}, "title.break_angle", "formula.break_angle", {}, 0, TermKind::angle, false};
    const Post& post = a.design.nut.posts[a.i];
    w.terms = {
        given("name.post_below", post.below_mm, "nut.posts[" + std::to_string(a.i) + "].below_mm", ' '),
        given("name.post_behind", post.behind_mm, "nut.posts[" + std::to_string(a.i) + "].behind_mm", ' '),
        computed("name.saddle_over_nut", a.string.ends.saddle_z_mm - a.string.ends.nut_z_mm, "", ' ')};
    return w;
}

struct Entry {
    std::string_view key;
    Working (*make)(const Asked&);
};

const std::vector<Entry>& entries() {
    static const std::vector<Entry> list{
        {"nut_along_mm", nut_along},
        {"above_fret_line_mm", above_fret_line},
        {"floor_above_seat_mm", floor_above_seat},
        {"floor_over_board_mm", floor_over_board},
        {"floor_over_frets_mm", floor_over_frets},
        {"floor_below_blank_top_mm", floor_below_top},
        {"saw_to_above_seat_mm", saw_to},
        {"slot_width_mm", slot_width},
        {"slot_depth_mm", slot_depth},
        {"top_above_seat_mm", top_above_seat},
        {"fret_tops_above_seat_mm", pencil_line},
        {"open_gap_1_mm", [](const Asked& a) { return gap_at(a, 1, "title.open_gap_1"); }},
        {"action12_mm", [](const Asked& a) { return gap_at(a, 12, "title.action12"); }},
        {"floor_angle_deg", floor_angle},
        {"nut_break_angle_deg", break_angle}};
    return list;
}

} // namespace

std::optional<Working> working(const Design& design, const Solution& solution, std::string_view key) {
    const auto parsed = parsed_key(key);
    if (!parsed || parsed->string >= solution.strings.size()) return std::nullopt;
    const StringQuantity* quantity = string_quantity(parsed->name);
    const StringSolution& string = solution.strings[parsed->string];
    if (!quantity) return std::nullopt;
    const std::optional<double> value = quantity->value(string);
    if (!value) return std::nullopt;
    const Neck neck(design.neck);
    for (const Entry& entry : entries()) {
        if (entry.key != parsed->name) continue;
        Working made =
            entry.make({design, solution, neck, parsed->string, string, design.strings[parsed->string]});
        made.key = std::string(key);
        made.result = *value;
        return made;
    }
    return std::nullopt;
}

const std::vector<std::string_view>& worked_string_keys() {
    static const std::vector<std::string_view> keys = [] {
        std::vector<std::string_view> list;
        for (const Entry& entry : entries()) list.push_back(entry.key);
        return list;
    }();
    return keys;
}

} // namespace fm
