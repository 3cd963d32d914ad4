// Every number of parts as they are cut and placed: the saddle, a floating bridge's notches, marks and
// margins.
#include "core/solution/numbers_parts.h"

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
        return worked(QT_TRANSLATE_NOOP("messages", "as the job gives it"), {given(a, "saddle.length_mm")});
    const std::size_t last = a.solution.strings.size() - 1;
    Working w = worked(
        QT_TRANSLATE_NOOP("messages",
                          "from the bass string's crown to the treble string's, and a margin at both ends"),
        {computed("name.treble_crown", a.solution.strings[last].saddle_along_mm,
                  string_key(last, "saddle_along_mm")),
         computed("name.bass_crown", a.solution.strings[0].saddle_along_mm, string_key(0, "saddle_along_mm"),
                  '-')});
    if (saddle.end_margins_mm)
        for (const char* key : {"saddle.end_margin_mm.bass", "saddle.end_margin_mm.treble"})
            w.terms.push_back(given(a, key));
    else
        w.terms.push_back(given("name.end_margins", 2.0 * saddle.end_margin_mm, "saddle.end_margin_mm"));
    return w;
}

Working crown_radius(const Asked& a) {
    Working w =
        worked(QT_TRANSLATE_NOOP("messages",
                                 "the circle that comes nearest to the strings' undersides along the saddle"),
               {});
    for (std::size_t i = 0; i < a.solution.strings.size(); ++i)
        w.terms.push_back(computed("name.saddle_z", a.solution.strings[i].ends.saddle_z_mm,
                                   string_key(i, "saddle_z_mm"), ' '));
    return w;
}

Working piece_height(const Asked& a) {
    Working w = worked(
        QT_TRANSLATE_NOOP(
            "messages",
            "the height over what it stands on, along a leaning saddle divided by the cosine of the lean"),
        {computed("name.saddle_height", *a.solution.strings[a.number.item].bridge->saddle_height_mm,
                  of_item(a, "saddle_height_mm"), ' ')});
    add_unless_zero(w.terms, given(a, "saddle.lean_deg", ' '));
    return w;
}

Working take_off(const Asked& a) {
    const std::size_t k = a.number.item;
    return worked(
        QT_TRANSLATE_NOOP("messages", "the saddle that is there less the height wanted"),
        {given("name.existing_saddle", a.design.saddle.existing_height->of(k, a.solution.strings.size()),
               "saddle.existing.height"),
         computed("name.wanted_height", *a.solution.saddle.height_mm[k],
                  "saddle.height_mm[" + std::to_string(k) + "]", '-')});
}

Working notch_along(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages", "as the string's crown lies along the bridge"),
                  {computed("name.saddle_along", a.solution.notches[a.number.item].along_mm,
                            of_item(a, "saddle_along_mm"))});
}

Working notch_width(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages", "as wide as the string"),
                  {given(a, "strings[].diameter_mm", '+', a.number.item)});
}

Working notch_depth(const Asked& a) {
    const StringDesign& made = a.design.strings[a.number.item];
    return worked(QT_TRANSLATE_NOOP("messages", "the string times the share of it that lies in the slot"),
                  {given(a, "strings[].diameter_mm", '+', a.number.item),
                   given(a, made.wound ? "nut.in_slot.wound" : "nut.in_slot.plain", '*')});
}

Working notch_floor(const Asked& a) {
    return worked(QT_TRANSLATE_NOOP("messages", "the string lies on it"),
                  {computed("name.over_top", a.solution.notches[a.number.item].floor_over_top_mm,
                            of_item(a, "height_over_top_mm"))});
}

Working notch_top(const Asked& a) {
    const std::string notch = "notches[" + std::to_string(a.number.item) + "].";
    const Notch& made = a.solution.notches[a.number.item];
    Working w = worked(
        QT_TRANSLATE_NOOP("messages",
                          "the floor and the depth of the notch, raised where the fair line stands over it"),
        {computed("name.floor", made.floor_over_top_mm, notch + "floor_over_top_mm"),
         computed("name.slot_depth", made.depth_mm, notch + "depth_mm")});
    const double raised_mm = made.made_top_over_top_mm - made.floor_over_top_mm - made.depth_mm;
    add_unless_zero(w.terms, computed("name.fair_rise", raised_mm, ""));
    return w;
}

std::size_t outer(const Asked& a, Side side) {
    return side == Side::treble ? a.solution.strings.size() - 1 : 0;
}

/// Marks from fret 12 or the nut to what the bridge is placed by.
Working mark(const Asked& a, Side side, bool from_fret12, bool crossed) {
    const std::size_t string = outer(a, side);
    const StringLine& from = a.solution.strings[string].line;
    Working w = worked(
        crossed ? QT_TRANSLATE_NOOP("messages", "in true length, to where that line crosses the outer string "
                                                "of the other side")
                : QT_TRANSLATE_NOOP("messages",
                                    "along the string, in true length, to where that line crosses it"),
        {});
    if (from_fret12)
        w.terms.push_back(
            computed("name.fret12", a.neck.fret_x_mm(12, from.scale_mm), "", ' ')); // along the string
    else
        w.terms.push_back(
            computed("name.set_forward", from.set_forward_mm, string_key(string, "set_forward_mm"), ' '));
    if (a.solution.placing.by == PlacedBy::edge) {
        const ReferenceEdge& edge = *a.solution.single->edge;
        w.terms.push_back(computed("name.edge", edge.at_centre_mm, "travel.reference_x_mm", ' '));
        w.terms.push_back(computed("name.edge_angle", std::atan(edge.slope) * 180.0 / std::numbers::pi,
                                   "travel.edge_angle_deg", ' ', TermKind::angle));
        return w;
    }
    w.terms.push_back(computed(a.design.has_slot() ? "name.slot_line" : "name.crown_line",
                               a.solution.straight_saddle.slot_x_at_centre_mm,
                               "straight_saddle.slot_x_at_centre_mm", ' '));
    w.terms.push_back(computed("name.saddle_angle", a.solution.straight_saddle.line.angle_deg,
                               "straight_saddle.angle_deg", ' ', TermKind::angle));
    if (a.solution.placing.by == PlacedBy::slot_front)
        w.terms.push_back(
            computed("name.half_thickness", 0.5 * a.design.saddle.thickness_mm, "saddle.thickness_mm", ' '));
    return w;
}

template <Side side> Working mark_from_fret12(const Asked& a) {
    return mark(a, side, true, false);
}
template <Side side> Working mark_from_nut(const Asked& a) {
    return mark(a, side, false, false);
}
template <Side side> Working diagonal(const Asked& a) {
    return mark(a, side, true, true);
}

template <Side side> Working margin(const Asked& a) {
    const std::size_t i = outer(a, side);
    const double x_mm = a.neck.fret_x_mm(static_cast<int>(a.number.item), a.neck.mean_scale_mm());
    const auto& margins =
        side == Side::treble ? a.solution.placing.treble_margins_mm : a.solution.placing.bass_margins_mm;
    const double half_string_mm = 0.5 * a.design.strings[i].diameter_mm;
    const double out_mm = a.neck.half_width_mm(x_mm) - a.design.neck.fret_end_bevel_mm - half_string_mm -
                          margins[a.number.item];
    Working w = worked(
        QT_TRANSLATE_NOOP("messages", "from the edge of the usable board to the outer side of the string"),
        {computed("name.half_board", a.neck.half_width_mm(x_mm), "")});
    add_unless_zero(w.terms, given(a, "neck.fret_end_bevel_mm", '-'));
    w.terms.push_back(computed("name.string_out", out_mm, "", '-'));
    w.terms.push_back(computed("name.half_string", half_string_mm, string_key(i, "diameter_mm"), '-'));
    return w;
}

Working shift(const Asked& a) {
    const std::string last = "[" + std::to_string(a.neck.frets()) + "]";
    return worked(QT_TRANSLATE_NOOP("messages",
                                    "the difference of the margins at the last fret over what one millimetre "
                                    "at the bridge changes there"),
                  {computed("name.treble_margin", a.solution.placing.treble_margins_mm.back(),
                            "placing.treble_margins_mm" + last, ' '),
                   computed("name.bass_margin", a.solution.placing.bass_margins_mm.back(),
                            "placing.bass_margins_mm" + last, ' ')});
}

/// What the bridge is not placed by has no marks.
template <PlacedBy By, auto Side, auto Member> Number placed(All s) {
    return s.placing.by == By ? Number((s.placing.*Side).*Member) : std::nullopt;
}

template <auto Member> Quantity of_notches(std::string_view key, std::string_view title, Works work) {
    return {key,
            Kind::length,
            [](All s, Index) -> Index { return s.notches.size(); },
            [](All s, Index, Index k) -> Number { return s.notches[k].*Member; },
            title,
            work};
}

} // namespace

std::vector<Quantity> piece_quantities() {
    return {
        one<[](All s) -> Number { return s.saddle.length_mm; }>(
            "saddle.length_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "saddle's length"),
            saddle_length),
        one<[](All s) -> Number { return s.saddle.crown_radius_mm; }>(
            "saddle.crown_radius_mm", Kind::length, QT_TRANSLATE_NOOP("messages", "radius of the crown"),
            crown_radius),
        one_list<&Solution::saddle, &SaddlePiece::height_mm>("saddle.height_mm[]", Kind::length,
                                                             QT_TRANSLATE_NOOP("messages", "saddle's height"),
                                                             piece_height),
        one_list<&Solution::saddle, &SaddlePiece::take_off_mm>(
            "saddle.take_off_mm[]", Kind::length,
            QT_TRANSLATE_NOOP("messages", "to take off the saddle that is there"), take_off),
        of_notches<&Notch::along_mm>("notches[].along_mm",
                                     QT_TRANSLATE_NOOP("messages", "notch along the bridge"), notch_along),
        of_notches<&Notch::width_mm>("notches[].width_mm", QT_TRANSLATE_NOOP("messages", "notch width"),
                                     notch_width),
        of_notches<&Notch::depth_mm>("notches[].depth_mm", QT_TRANSLATE_NOOP("messages", "notch depth"),
                                     notch_depth),
        of_notches<&Notch::floor_over_top_mm>(
            "notches[].floor_over_top_mm", QT_TRANSLATE_NOOP("messages", "notch floor over the soundboard"),
            notch_floor),
        of_notches<&Notch::made_top_over_top_mm>("notches[].made_top_over_top_mm",
                                                 QT_TRANSLATE_NOOP("messages", "top as made"), notch_top),
        one<placed<PlacedBy::slot_front, &Placing::bass, &PlacingMarks::from_fret12_mm>>(
            "placing.bass.fret12_to_slot_front_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "fret 12 to the slot's front"), mark_from_fret12<Side::bass>),
        one<placed<PlacedBy::slot_front, &Placing::bass, &PlacingMarks::from_nut_mm>>(
            "placing.bass.nut_to_slot_front_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "nut to the slot's front"), mark_from_nut<Side::bass>),
        one<placed<PlacedBy::edge, &Placing::bass, &PlacingMarks::from_fret12_mm>>(
            "placing.bass.fret12_to_edge_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "fret 12 to the reference edge"), mark_from_fret12<Side::bass>),
        one<placed<PlacedBy::edge, &Placing::bass, &PlacingMarks::from_nut_mm>>(
            "placing.bass.nut_to_edge_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "nut to the reference edge"), mark_from_nut<Side::bass>),
        one<placed<PlacedBy::crown_line, &Placing::bass, &PlacingMarks::from_fret12_mm>>(
            "placing.bass.fret12_to_crown_line_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "fret 12 to the crowns' line"), mark_from_fret12<Side::bass>),
        one<placed<PlacedBy::crown_line, &Placing::bass, &PlacingMarks::from_nut_mm>>(
            "placing.bass.nut_to_crown_line_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "nut to the crowns' line"), mark_from_nut<Side::bass>),
        one<placed<PlacedBy::slot_front, &Placing::treble, &PlacingMarks::from_fret12_mm>>(
            "placing.treble.fret12_to_slot_front_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "fret 12 to the slot's front"), mark_from_fret12<Side::treble>),
        one<placed<PlacedBy::slot_front, &Placing::treble, &PlacingMarks::from_nut_mm>>(
            "placing.treble.nut_to_slot_front_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "nut to the slot's front"), mark_from_nut<Side::treble>),
        one<placed<PlacedBy::edge, &Placing::treble, &PlacingMarks::from_fret12_mm>>(
            "placing.treble.fret12_to_edge_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "fret 12 to the reference edge"), mark_from_fret12<Side::treble>),
        one<placed<PlacedBy::edge, &Placing::treble, &PlacingMarks::from_nut_mm>>(
            "placing.treble.nut_to_edge_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "nut to the reference edge"), mark_from_nut<Side::treble>),
        one<placed<PlacedBy::crown_line, &Placing::treble, &PlacingMarks::from_fret12_mm>>(
            "placing.treble.fret12_to_crown_line_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "fret 12 to the crowns' line"), mark_from_fret12<Side::treble>),
        one<placed<PlacedBy::crown_line, &Placing::treble, &PlacingMarks::from_nut_mm>>(
            "placing.treble.nut_to_crown_line_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "nut to the crowns' line"), mark_from_nut<Side::treble>),
        one<[](All s) -> Number { return s.placing.diagonal_from_bass_mm; }>(
            "placing.diagonal_from_bass_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "diagonal from fret 12"), diagonal<Side::bass>),
        one<[](All s) -> Number { return s.placing.diagonal_from_treble_mm; }>(
            "placing.diagonal_from_treble_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "diagonal from fret 12"), diagonal<Side::treble>),
        one_list<&Solution::placing, &Placing::bass_margins_mm>(
            "placing.bass_margins_mm[]", Kind::length,
            QT_TRANSLATE_NOOP("messages", "string to the board's edge"), margin<Side::bass>),
        one_list<&Solution::placing, &Placing::treble_margins_mm>(
            "placing.treble_margins_mm[]", Kind::length,
            QT_TRANSLATE_NOOP("messages", "string to the board's edge"), margin<Side::treble>),
        one<[](All s) -> Number { return s.placing.balancing_shift_mm; }>(
            "placing.balancing_shift_mm", Kind::length,
            QT_TRANSLATE_NOOP("messages", "shift that balances the margins"), shift)};
}

} // namespace fm
