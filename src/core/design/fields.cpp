// Longer than other files: it is one table.
#include "core/design/fields.h"

#include "core/words/message_tables.h"

#include <stdexcept>
#include <vector>

namespace fm {

namespace {

using Index = std::size_t;
using Number = std::optional<double>;
constexpr auto length = FieldKind::length;
constexpr auto number = FieldKind::number;
constexpr auto angle = FieldKind::angle;

/// From least to most, both allowed.
struct Allowed {
    double least;
    double most;
};

constexpr Sureness choice{};
constexpr Sureness by(std::string_view gauge) {
    return {gauge, 0, 0, false};
}
constexpr Sureness off_by(double off) {
    return {{}, off, 0, false};
}
constexpr Sureness share(double share) {
    return {{}, 0, share, false};
}
constexpr Sureness if_set(Sureness sure) {
    sure.only_if_set = true;
    return sure;
}

// Not measured but assumed: how far the usual values may be from this player and this instrument.
constexpr double end_stiffness_u = 0.1;
constexpr double finger_behind_u_mm = 2.0;
constexpr double press_depth_u_mm = 0.05;
constexpr double mass_share_u = 0.01;   // of a stated unit mass
constexpr double headstock_u_deg = 0.5; // a bevel gauge
constexpr double radius_share_u = 0.02; // between two blades of a radius gauge

constexpr Allowed scale{200, 1200};
constexpr Allowed radius{smallest_radius_mm, 1e6};
constexpr Allowed pluck_n{0.01, 100};
constexpr Allowed end_stiffness{-5, 5}; // a fitted value may leave 0 … 1
constexpr Allowed across{-150, 150};
constexpr Allowed edge{100, 1300}; // from the nut line
constexpr Allowed action{0.2, 12};
constexpr Allowed centre{-farthest_string_mm, farthest_string_mm};
constexpr Allowed margin{-20, 50};
constexpr Allowed density_allowed{100, 25000};

/// `Place` finds it in a design: a pointer to a number or to one that may be missing, or none.
template <auto Place> Number got(const Design& design, Index item) {
    const auto* place = Place(design, item);
    return place ? Number(*place) : std::nullopt;
}
template <auto Place> bool fits(const Design& design, Index item) {
    return Place(design, item) != nullptr;
}
template <auto Place> void put(Design& design, Index item, double value) {
    if (auto* place = Place(design, item)) *place = value;
}

/// One that must be there; or else the design's own first value stands, or none.
template <auto Place>
Field must(std::string_view key, FieldKind kind, Allowed in, std::string_view name = {},
           Sureness sure = choice) {
    return {key, kind, in.least, in.most, true, name, sure, fits<Place>, got<Place>, put<Place>};
}
template <auto Place>
Field may(std::string_view key, FieldKind kind, Allowed in, std::string_view name = {},
          Sureness sure = choice) {
    return {key, kind, in.least, in.most, false, name, sure, fits<Place>, got<Place>, put<Place>};
}
Field by_hand(Field field) {
    field.by_hand = true;
    return field;
}
/// One of a plain list with a number for every string, read whole.
Field of_strings(Grows grows, Field field) {
    field.grows = grows;
    field.by_hand = true;
    return field;
}

// Ways into what may not be there.
template <auto Member> auto* in_list(auto& list, Index i) {
    return i < list.size() ? &(list[i].*Member) : nullptr;
}
auto* item(auto& list, Index i) {
    return i < list.size() ? &list[i] : nullptr;
}
template <auto Member> auto* in(auto& holder) {
    return holder ? &((*holder).*Member) : nullptr;
}
template <auto Member> auto* in_bridge(auto& design) {
    return design.bridge ? &((*design.bridge).*Member) : nullptr;
}
template <auto Member> auto* in_outline(auto& design) {
    return design.bridge && design.bridge->outline ? &((*design.bridge->outline).*Member) : nullptr;
}
template <auto Member> auto* in_pins(auto& design) {
    return design.bridge && design.bridge->anchor == Anchor::pins ? &(design.bridge->pins.*Member) : nullptr;
}
template <auto Member> auto* in_exit(auto& design) {
    return design.bridge && design.bridge->anchor != Anchor::pins ? &(design.bridge->exit.*Member) : nullptr;
}

template <auto Member> auto* in_old_strings(auto& design) {
    return design.bridge && design.bridge->existing ? in<Member>(design.bridge->existing->string_over_top_mm)
                                                    : nullptr;
}

template <auto Member> auto* in_old_exit(auto& design) {
    return design.bridge && design.bridge->existing ? in<Member>(design.bridge->existing->exit) : nullptr;
}

template <auto Part, auto Member> auto* in_part(auto& design) {
    return design.bridge ? in<Member>((*design.bridge).*Part) : nullptr;
}
template <auto Member> auto* in_old_print(auto& design) {
    return design.bridge && design.bridge->existing ? in<Member>(design.bridge->existing->outline) : nullptr;
}
template <auto Member> auto* in_old_hole(auto& design, Index i) {
    return design.bridge && design.bridge->existing ? in_list<Member>(design.bridge->existing->holes, i)
                                                    : nullptr;
}
template <auto Member> auto* in_screw_hole(auto& design, Index i) {
    return design.bridge && design.bridge->screws ? in_list<Member>(design.bridge->screws->holes, i)
                                                  : nullptr;
}

std::vector<Field> neck_fields() {
    return {
        must<[](auto& d, Index) { return &d.neck.fret_height_mm; }>(
            "neck.fret_height_mm", length, {0.2, 3}, QT_TRANSLATE_NOOP("messages", "fret"), by("caliper")),
        must<[](auto& d, Index) { return &d.neck.nut_width_mm; }>(
            "neck.nut_width_mm", length, {5, 150}, QT_TRANSLATE_NOOP("messages", "nut width"), by("caliper")),
        must<[](auto& d, Index) { return &d.neck.end_width_mm; }>(
            "neck.end_width_mm", length, {5, 160}, QT_TRANSLATE_NOOP("messages", "end width"), by("caliper")),
        by_hand(must<[](auto& d, Index) { return d.neck.fanned() ? &d.neck.scale_bass_mm : nullptr; }>(
            "neck.scale_bass_mm", length, scale, QT_TRANSLATE_NOOP("messages", "bass scale"),
            by("half_mm_rule"))),
        by_hand(must<[](auto& d, Index) { return d.neck.fanned() ? &d.neck.scale_treble_mm : nullptr; }>(
            "neck.scale_treble_mm", length, scale, QT_TRANSLATE_NOOP("messages", "treble scale"),
            by("half_mm_rule"))),
        by_hand({"neck.scale_mm", length, scale.least, scale.most, true,
                 QT_TRANSLATE_NOOP("messages", "scale"), by("half_mm_rule"),
                 [](const Design& d, Index) { return !d.neck.fanned(); },
                 [](const Design& d, Index) -> Number {
                     return d.neck.fanned() ? std::nullopt : Number(d.neck.scale_bass_mm);
                 },
                 [](Design& d, Index, double mm) { d.neck.scale_bass_mm = d.neck.scale_treble_mm = mm; }}),
        by_hand(must<[](auto& d, Index) {
            return d.neck.shape == BoardShape::cylinder ? &d.neck.radius_nut_mm : nullptr;
        }>("neck.radius_mm", length, radius, QT_TRANSLATE_NOOP("messages", "radius"), share(radius_share_u))),
        by_hand(must<[](auto& d, Index) {
            return d.neck.shape == BoardShape::cone ? &d.neck.radius_nut_mm : nullptr;
        }>("neck.radius_nut_mm", length, radius, QT_TRANSLATE_NOOP("messages", "radius at the nut"),
           share(radius_share_u))),
        by_hand(must<[](auto& d, Index) {
            return d.neck.shape == BoardShape::cone ? &d.neck.radius_end_mm : nullptr;
        }>("neck.radius_end_mm", length, radius, QT_TRANSLATE_NOOP("messages", "radius at the end"),
           share(radius_share_u))),
        by_hand(may<[](auto& d, Index) {
            return d.neck.shape == BoardShape::cone ? &d.neck.radius_end_at_mm : nullptr;
        }>("neck.radius_end_at_mm", length, {10, 1500})),
        by_hand(must<[](auto& d, Index) { return in<&Relief::depth_mm>(d.neck.relief); }>(
            "neck.relief.depth_mm", length, {-1, 2}, QT_TRANSLATE_NOOP("messages", "relief"), by("light"))),
        may<[](auto& d, Index) { return &d.neck.fallaway_mm; }>("neck.fallaway_mm", length, {-5, 5},
                                                                QT_TRANSLATE_NOOP("messages", "fall-away"),
                                                                if_set(by("feeler"))),
        by_hand(may<[](auto& d, Index i) { return item(d.neck.fret_offsets_mm, i); }>(
            "neck.fret_offsets_mm[]", length, {-2, 2}, QT_TRANSLATE_NOOP("messages", "fret's height"),
            if_set(by("feeler")))),
        may<[](auto& d, Index) { return &d.neck.end_at_mm; }>("neck.end_at_mm", length, {50, 1500}),
        may<[](auto& d, Index) { return &d.neck.fret_end_bevel_mm; }>(
            "neck.fret_end_bevel_mm", length, {0, 10}, QT_TRANSLATE_NOOP("messages", "fret ends' bevel"))};
}

std::vector<Field> string_fields() {
    return {
        must<[](auto& d, Index i) { return in_list<&StringDesign::diameter_mm>(d.strings, i); }>(
            "strings[].diameter_mm", length, {0.15, 4}, QT_TRANSLATE_NOOP("messages", "string"),
            by("string_gauge")),
        may<[](auto& d, Index i) { return in_list<&StringDesign::unit_mass_g_m>(d.strings, i); }>(
            "strings[].unit_mass_g_m", number, {0.01, 500}, QT_TRANSLATE_NOOP("messages", "unit mass"),
            share(mass_share_u)),
        may<[](auto& d, Index i) { return in_list<&StringDesign::core_mm>(d.strings, i); }>(
            "strings[].core_mm", length, {0.05, 4}, QT_TRANSLATE_NOOP("messages", "core")),
        may<[](auto& d, Index i) { return in_list<&StringDesign::core_density_kg_m3>(d.strings, i); }>(
            "strings[].core_density_kg_m3", number, density_allowed,
            QT_TRANSLATE_NOOP("messages", "density of the core")),
        may<[](auto& d, Index i) { return in_list<&StringDesign::wrap_density_kg_m3>(d.strings, i); }>(
            "strings[].wrap_density_kg_m3", number, density_allowed,
            QT_TRANSLATE_NOOP("messages", "density of the wrap")),
        may<[](auto& d, Index i) { return in_list<&StringDesign::core_modulus_gpa>(d.strings, i); }>(
            "strings[].core_modulus_gpa", number, {0.1, 1000},
            QT_TRANSLATE_NOOP("messages", "modulus of the core")),
        may<[](auto& d, Index i) { return in_list<&StringDesign::bending_stiffness_n_mm2>(d.strings, i); }>(
            "strings[].bending_stiffness_n_mm2", number, {0, 1e7}),
        may<[](auto& d, Index i) { return in_list<&StringDesign::stretch_stiffness_n>(d.strings, i); }>(
            "strings[].stretch_stiffness_n", number, {1, 1e8}),
        may<[](auto& d, Index i) { return in_list<&StringDesign::end_stiffness>(d.strings, i); }>(
            "strings[].end_stiffness", number, end_stiffness,
            QT_TRANSLATE_NOOP("messages", "stiffness of the ends")),
        may<[](auto& d, Index i) { return in_list<&StringDesign::pluck_force_n>(d.strings, i); }>(
            "strings[].pluck_force_n", number, pluck_n)};
}

std::vector<Field> nut_fields() {
    return {
        by_hand(
            must<[](auto& d, Index) { return &d.nut.height.bass_mm; }>("nut.height.bass_mm", length, {0, 3})),
        by_hand(must<[](auto& d, Index) { return &d.nut.height.treble_mm; }>("nut.height.treble_mm", length,
                                                                             {0, 3})),
        of_strings(Grows::like_its_neighbour,
                   must<[](auto& d, Index i) { return item(d.nut.height.each_mm, i); }>(
                       "nut.height.each_mm[]", length, {0, 3})),
        must<[](auto& d, Index) { return &d.nut.board_above_seat_mm; }>(
            "nut.board_above_seat_mm", length, {-5, 50}, QT_TRANSLATE_NOOP("messages", "board"),
            by("caliper")),
        may<[](auto& d, Index) { return &d.nut.thickness_mm; }>(
            "nut.thickness_mm", length, {0.5, 30}, QT_TRANSLATE_NOOP("messages", "thickness"), by("caliper")),
        may<[](auto& d, Index) { return &d.nut.headstock_angle_deg; }>(
            "nut.headstock_angle_deg", angle, {0, 45}, QT_TRANSLATE_NOOP("messages", "headstock angle"),
            if_set(off_by(headstock_u_deg))),
        must<[](auto& d, Index) { return in<&ZeroFret::height_mm>(d.nut.zero_fret); }>(
            "nut.zero_fret.height_mm", length, {0.2, 4}, QT_TRANSLATE_NOOP("messages", "zero fret"),
            by("caliper")),
        may<[](auto& d, Index) { return in<&ZeroFret::guide_below_mm>(d.nut.zero_fret); }>(
            "nut.zero_fret.guide_below_mm", length, {0, 5},
            QT_TRANSLATE_NOOP("messages", "guide below the zero fret")),
        must<[](auto& d, Index) { return in<&Blank::length_mm>(d.nut.blank); }>("nut.blank.length_mm", length,
                                                                                {5, 300}),
        must<[](auto& d, Index) { return in<&Blank::height_mm>(d.nut.blank); }>(
            "nut.blank.height_mm", length, {1, 60}, QT_TRANSLATE_NOOP("messages", "blank"), by("caliper")),
        must<[](auto& d, Index) { return in<&Blank::thickness_mm>(d.nut.blank); }>("nut.blank.thickness_mm",
                                                                                   length, {0.5, 40}),
        must<[](auto& d, Index i) { return in_list<&Post::behind_mm>(d.nut.posts, i); }>(
            "nut.posts[].behind_mm", length, {1, 500}, QT_TRANSLATE_NOOP("messages", "post behind"),
            by("half_mm_rule")),
        must<[](auto& d, Index i) { return in_list<&Post::across_mm>(d.nut.posts, i); }>(
            "nut.posts[].across_mm", length, {-200, 200}, QT_TRANSLATE_NOOP("messages", "post across"),
            by("half_mm_rule")),
        must<[](auto& d, Index i) { return in_list<&Post::below_mm>(d.nut.posts, i); }>(
            "nut.posts[].below_mm", length, {-50, 100}, QT_TRANSLATE_NOOP("messages", "post below"),
            by("half_mm_rule")),
        may<[](auto& d, Index) { return &d.nut.set_forward_mm; }>(
            "nut.set_forward_mm", length, {0, 2}, QT_TRANSLATE_NOOP("messages", "nut set forward")),
        must<[](auto& d, Index) { return d.nut.seat == Seat::curved ? &d.nut.seat_radius_mm : nullptr; }>(
            "nut.seat_radius_mm", length, radius),
        may<[](auto& d, Index) { return &d.nut.floor_angle_share; }>(
            "nut.floor_angle_share", number, {0, 1}, QT_TRANSLATE_NOOP("messages", "share for the floor")),
        may<[](auto& d, Index) { return &d.nut.saw_allowance_mm; }>(
            "nut.saw_allowance_mm", length, {0, 5}, QT_TRANSLATE_NOOP("messages", "left for the file")),
        may<[](auto& d, Index) { return &d.nut.slot_clearance_mm.plain; }>(
            "nut.slot_clearance_mm.plain", length, {0, 1}, QT_TRANSLATE_NOOP("messages", "clearance")),
        may<[](auto& d, Index) { return &d.nut.slot_clearance_mm.wound; }>(
            "nut.slot_clearance_mm.wound", length, {0, 1}, QT_TRANSLATE_NOOP("messages", "clearance")),
        may<[](auto& d, Index) { return &d.nut.in_slot.plain; }>(
            "nut.in_slot.plain", number, {0, 3}, QT_TRANSLATE_NOOP("messages", "share in the slot")),
        may<[](auto& d, Index) { return &d.nut.in_slot.wound; }>(
            "nut.in_slot.wound", number, {0, 3}, QT_TRANSLATE_NOOP("messages", "share in the slot")),
        may<[](auto& d, Index) { return &d.nut.file_over_mm; }>("nut.file_over_mm", length, {0, 1}),
        may<[](auto& d, Index) { return &d.nut.packing_mm; }>("nut.packing_mm", length, {0, 5}),
        may<[](auto& d, Index) { return &d.nut.shim_step_mm; }>("nut.shim_step_mm", length, {0.01, 1}),
        by_hand(
            must<[](auto& d, Index) { return &d.nut.spacing.blend; }>("nut.spacing.blend", number, {0, 1})),
        of_strings(Grows::between_neighbours,
                   must<[](auto& d, Index i) { return item(d.nut.spacing.each_mm, i); }>(
                       "nut.spacing.each_mm[]", length, centre)),
        by_hand(must<[](auto& d, Index) { return in<&EdgeMargins::bass_mm>(d.nut.spacing.edge_margin_mm); }>(
            "nut.spacing.edge_margin_mm.bass", length, margin)),
        by_hand(
            must<[](auto& d, Index) { return in<&EdgeMargins::treble_mm>(d.nut.spacing.edge_margin_mm); }>(
                "nut.spacing.edge_margin_mm.treble", length, margin)),
        by_hand(must<[](auto& d, Index) { return &d.nut.spacing.spread_mm; }>(
            "nut.spacing.spread_mm", length, {0, 150},
            QT_TRANSLATE_NOOP("messages", "string spread at the nut"))),
        by_hand(may<[](auto& d, Index) { return &d.nut.spacing.bias_mm; }>("nut.spacing.bias_mm", length,
                                                                           {-20, 20})),
        by_hand(may<[](auto& d, Index) { return &d.nut.spacing.course_gap_mm; }>("nut.spacing.course_gap_mm",
                                                                                 length, {0, 30})),
        by_hand(may<[](auto& d, Index) { return &d.nut.spacing.course_centres_mm; }>(
            "nut.spacing.course_centres_mm", length, {0.2, 40}))};
}

std::vector<Field> player_fields() {
    return {
        may<[](auto& d, Index) { return &d.player.end_stiffness; }>(
            "player.end_stiffness", number, end_stiffness,
            QT_TRANSLATE_NOOP("messages", "stiffness of the ends"), off_by(end_stiffness_u)),
        may<[](auto& d, Index) { return &d.player.finger_behind_mm; }>(
            "player.finger_behind_mm", length, {0, 60},
            QT_TRANSLATE_NOOP("messages", "finger behind the fret"), off_by(finger_behind_u_mm)),
        may<[](auto& d, Index) { return &d.player.press_depth_mm; }>(
            "player.press_depth_mm", length, {0, 3}, QT_TRANSLATE_NOOP("messages", "press depth"),
            off_by(press_depth_u_mm)),
        may<[](auto& d, Index) { return &d.player.after_length_mm; }>("player.after_length_mm", length,
                                                                      {0, 2000}),
        may<[](auto& d, Index) { return &d.player.pluck_force_n; }>("player.pluck_force_n", number, pluck_n),
        may<[](auto& d, Index) { return &d.player.pluck_share_down; }>(
            "player.pluck_share_down", number, {0, 1},
            QT_TRANSLATE_NOOP("messages", "share toward the frets")),
        may<[](auto& d, Index) { return &d.player.pluck_from_saddle_mm; }>(
            "player.pluck_from_saddle_mm", length, {1, 1200},
            QT_TRANSLATE_NOOP("messages", "pluck from the saddle")),
        may<[](auto& d, Index) { return &d.player.back_gap_min_mm; }>("player.back_gap_min_mm", length,
                                                                      {0, 2}),
        may<[](auto& d, Index) { return &d.limits.string_gap_min_mm; }>("limits.string_gap_min_mm", length,
                                                                        {0, 20}),
        may<[](auto& d, Index) { return &d.limits.edge_min_mm; }>("limits.edge_min_mm", length, {0, 20})};
}

std::vector<Field> saddle_fields() {
    return {
        may<[](auto& d, Index) { return &d.saddle.thickness_mm; }>(
            "saddle.thickness_mm", length, {0.5, 30}, QT_TRANSLATE_NOOP("messages", "saddle's thickness"),
            by("caliper")),
        may<[](auto& d, Index) { return &d.saddle.slot_depth_mm; }>(
            "saddle.slot_depth_mm", length, {0, 30}, QT_TRANSLATE_NOOP("messages", "slot depth"),
            by("caliper")),
        may<[](auto& d, Index) { return &d.saddle.crown_edge_mm; }>("saddle.crown_edge_mm", length, {0, 5}),
        may<[](auto& d, Index) { return &d.saddle.length_mm; }>("saddle.length_mm", length, {5, 300},
                                                                QT_TRANSLATE_NOOP("messages", "length")),
        may<[](auto& d, Index) { return d.saddle.end_margins_mm ? nullptr : &d.saddle.end_margin_mm; }>(
            "saddle.end_margin_mm", length, {0, 50}),
        must<[](auto& d, Index) { return in<&EdgeMargins::bass_mm>(d.saddle.end_margins_mm); }>(
            "saddle.end_margin_mm.bass", length, {0, 50},
            QT_TRANSLATE_NOOP("messages", "margin at the bass end")),
        must<[](auto& d, Index) { return in<&EdgeMargins::treble_mm>(d.saddle.end_margins_mm); }>(
            "saddle.end_margin_mm.treble", length, {0, 50},
            QT_TRANSLATE_NOOP("messages", "margin at the treble end")),
        may<[](auto& d, Index) { return &d.saddle.end_radius_mm; }>("saddle.end_radius_mm", length, {0, 20}),
        may<[](auto& d, Index) { return &d.saddle.lean_deg; }>("saddle.lean_deg", angle, {-30, 30},
                                                               QT_TRANSLATE_NOOP("messages", "lean")),
        may<[](auto& d, Index) { return &d.saddle.under_mm; }>(
            "saddle.under_mm", length, {0, 10}, QT_TRANSLATE_NOOP("messages", "under the saddle")),
        may<[](auto& d, Index) { return &d.saddle.screw_pitch_mm; }>("saddle.screw_pitch_mm", length,
                                                                     {0.1, 5}),
        may<[](auto& d, Index) { return &d.saddle.travel_pitch_mm; }>("saddle.travel_pitch_mm", length,
                                                                      {0.1, 5}),
        may<[](auto& d, Index) { return &d.saddle.travel_screw_mm; }>("saddle.travel_screw_mm", length,
                                                                      {1, 80}),
        may<[](auto& d, Index) { return &d.saddle.travel_spring_mm; }>("saddle.travel_spring_mm", length,
                                                                       {0, 40}),
        must<[](auto& d, Index) { return in<&EdgeMargins::bass_mm>(d.saddle.screws_across_mm); }>(
            "saddle.screws_across_mm.bass", length, across),
        must<[](auto& d, Index) { return in<&EdgeMargins::treble_mm>(d.saddle.screws_across_mm); }>(
            "saddle.screws_across_mm.treble", length, across),
        by_hand(must<[](auto& d, Index) { return in<&Travel::least_mm>(d.saddle.travel); }>(
            "saddle.travel_mm[0]", length, {-50, 50}, QT_TRANSLATE_NOOP("messages", "travel from"))),
        by_hand(must<[](auto& d, Index) { return in<&Travel::most_mm>(d.saddle.travel); }>(
            "saddle.travel_mm[1]", length, {-50, 50}, QT_TRANSLATE_NOOP("messages", "travel to"))),
        must<[](auto& d, Index) {
            return d.saddle.compensation == CompensationMethod::fixed ? &d.saddle.fixed_mm : nullptr;
        }>("saddle.compensation.fixed_mm", length, {-20, 50}, QT_TRANSLATE_NOOP("messages", "compensation")),
        may<[](auto& d, Index) { return &d.saddle.set_forward_max_mm; }>(
            "saddle.compensation.set_forward_max_mm", length, {0.1, 2}),
        by_hand(must<[](auto& d, Index) { return &d.saddle.action.bass_mm; }>("saddle.action.bass_mm", length,
                                                                              action)),
        by_hand(must<[](auto& d, Index) { return &d.saddle.action.treble_mm; }>("saddle.action.treble_mm",
                                                                                length, action)),
        of_strings(Grows::like_its_neighbour,
                   must<[](auto& d, Index i) { return item(d.saddle.action.each_mm, i); }>(
                       "saddle.action.each_mm[]", length, action)),
        by_hand(must<[](auto& d, Index) { return in<&Targets::bass_mm>(d.saddle.existing_height); }>(
            "saddle.existing.height.bass_mm", length, {0.5, 60})),
        by_hand(must<[](auto& d, Index) { return in<&Targets::treble_mm>(d.saddle.existing_height); }>(
            "saddle.existing.height.treble_mm", length, {0.5, 60})),
        of_strings(Grows::like_its_neighbour, must<[](auto& d, Index i) {
                       return d.saddle.existing_height ? item(d.saddle.existing_height->each_mm, i) : nullptr;
                   }>("saddle.existing.height.each_mm[]", length, {0.5, 60})),
        must<[](auto& d, Index) { return in<&Blank::length_mm>(d.saddle.blank); }>("saddle.blank.length_mm",
                                                                                   length, {5, 300}),
        must<[](auto& d, Index) { return in<&Blank::height_mm>(d.saddle.blank); }>("saddle.blank.height_mm",
                                                                                   length, {1, 60}),
        must<[](auto& d, Index) { return in<&Blank::thickness_mm>(d.saddle.blank); }>(
            "saddle.blank.thickness_mm", length, {0.5, 40}),
        by_hand(must<[](auto& d, Index) { return &d.saddle.spacing.blend; }>("saddle.spacing.blend", number,
                                                                             {0, 1})),
        of_strings(Grows::between_neighbours,
                   must<[](auto& d, Index i) { return item(d.saddle.spacing.each_mm, i); }>(
                       "saddle.spacing.each_mm[]", length, centre)),
        by_hand(
            must<[](auto& d, Index) { return in<&EdgeMargins::bass_mm>(d.saddle.spacing.edge_margin_mm); }>(
                "saddle.spacing.edge_margin_mm.bass", length, margin)),
        by_hand(
            must<[](auto& d, Index) { return in<&EdgeMargins::treble_mm>(d.saddle.spacing.edge_margin_mm); }>(
                "saddle.spacing.edge_margin_mm.treble", length, margin)),
        by_hand(must<[](auto& d, Index) { return &d.saddle.spacing.spread_mm; }>(
            "saddle.spacing.spread_mm", length, {0, 150},
            QT_TRANSLATE_NOOP("messages", "string spread at the saddle"))),
        by_hand(may<[](auto& d, Index) { return &d.saddle.spacing.bias_mm; }>("saddle.spacing.bias_mm",
                                                                              length, {-20, 20})),
        by_hand(may<[](auto& d, Index) { return &d.saddle.spacing.course_gap_mm; }>(
            "saddle.spacing.course_gap_mm", length, {0, 30})),
        by_hand(may<[](auto& d, Index) { return &d.saddle.spacing.course_centres_mm; }>(
            "saddle.spacing.course_centres_mm", length, {0.2, 40}))};
}

std::vector<Field> bridge_fields() {
    return {
        by_hand(must<[](auto& d, Index) { return in_bridge<&BridgeDesign::plane_above_top_mm>(d); }>(
            "bridge.plane_above_top_mm", length, {-20, 100},
            QT_TRANSLATE_NOOP("messages", "fret plane over the soundboard"), by("half_mm_rule"))),
        by_hand(may<[](auto& d, Index) {
            return d.bridge && !d.bridge->tapered_mm ? &d.bridge->height_mm : nullptr;
        }>("bridge.height_mm", length, {0, 100}, QT_TRANSLATE_NOOP("messages", "bridge height"),
           by("caliper"))),
        must<[](auto& d, Index) {
            return d.bridge ? in<&EdgeMargins::bass_mm>(d.bridge->tapered_mm) : nullptr;
        }>("bridge.height_mm.bass", length, {0, 100},
           QT_TRANSLATE_NOOP("messages", "height at the bass string"), by("caliper")),
        must<[](auto& d, Index) {
            return d.bridge ? in<&EdgeMargins::treble_mm>(d.bridge->tapered_mm) : nullptr;
        }>("bridge.height_mm.treble", length, {0, 100},
           QT_TRANSLATE_NOOP("messages", "height at the treble string"), by("caliper")),
        must<[](auto& d, Index) { return in_exit<&Exit::behind_mm>(d); }>(
            "bridge.exit.behind_mm", length, {0.1, 500},
            QT_TRANSLATE_NOOP("messages", "exit behind the slot"), by("half_mm_rule")),
        must<[](auto& d, Index) { return in_exit<&Exit::above_top_mm>(d); }>(
            "bridge.exit.above_top_mm", length, {-50, 100},
            QT_TRANSLATE_NOOP("messages", "exit over the soundboard"), by("half_mm_rule")),
        may<[](auto& d, Index) { return in_bridge<&BridgeDesign::height_min_mm>(d); }>("bridge.height_min_mm",
                                                                                       length, {0, 100}),
        may<[](auto& d, Index) { return in_bridge<&BridgeDesign::height_max_mm>(d); }>("bridge.height_max_mm",
                                                                                       length, {0, 100}),
        may<[](auto& d, Index) { return in_bridge<&BridgeDesign::exposure_target_mm>(d); }>(
            "bridge.exposure_target_mm", length, {0, 30}, QT_TRANSLATE_NOOP("messages", "exposure wanted")),
        may<[](auto& d, Index) { return in_bridge<&BridgeDesign::floor_min_mm>(d); }>("bridge.floor_min_mm",
                                                                                      length, {0, 30}),
        may<[](auto& d, Index) { return in_bridge<&BridgeDesign::break_angle_min_deg>(d); }>(
            "bridge.break_angle_min_deg", angle, {0, 90}),
        may<[](auto& d, Index) { return in_pins<&Pins::behind_mm>(d); }>(
            "bridge.pins.behind_mm", length, {0, 200}, QT_TRANSLATE_NOOP("messages", "pins behind it")),
        may<[](auto& d, Index) { return in_pins<&Pins::hole_mm>(d); }>(
            "bridge.pins.hole_mm", length, {0.5, 20}, QT_TRANSLATE_NOOP("messages", "pin hole")),
        may<[](auto& d, Index) { return in_pins<&Pins::ramp_mm>(d); }>("bridge.pins.ramp_mm", length,
                                                                       {0, 30}),
        may<[](auto& d, Index) { return in_pins<&Pins::taper_deg>(d); }>(
            "bridge.pins.taper_deg", angle, {0.5, 15}, QT_TRANSLATE_NOOP("messages", "taper")),
        may<[](auto& d, Index) { return in_pins<&Pins::pilot_mm>(d); }>(
            "bridge.pins.pilot_mm", length, {0.5, 20}, QT_TRANSLATE_NOOP("messages", "pilot hole")),
        may<[](auto& d, Index) { return in_pins<&Pins::chamfer_mm>(d); }>("bridge.pins.chamfer_mm", length,
                                                                          {0, 5}),
        of_strings(Grows::between_neighbours, must<[](auto& d, Index i) {
                       return d.bridge && d.bridge->pins.spacing ? item(d.bridge->pins.spacing->each_mm, i)
                                                                 : nullptr;
                   }>("bridge.pins.spacing.each_mm[]", length, centre)),
        by_hand(must<[](auto& d, Index) { return in_outline<&BridgeOutline::length_mm>(d); }>(
            "bridge.outline.length_mm", length, {20, 400})),
        by_hand(must<[](auto& d, Index) { return in_outline<&BridgeOutline::width_mm>(d); }>(
            "bridge.outline.width_mm", length, {5, 150}, QT_TRANSLATE_NOOP("messages", "bridge width"))),
        by_hand(must<[](auto& d, Index) { return in_outline<&BridgeOutline::front_mm>(d); }>(
            "bridge.outline.front_mm", length, {0, 150},
            QT_TRANSLATE_NOOP("messages", "front edge to the slot"))),
        by_hand(must<[](auto& d, Index) { return in_outline<&BridgeOutline::middle_mm>(d); }>(
            "bridge.outline.middle_mm", length, {0, 400})),
        by_hand(must<[](auto& d, Index) { return in_outline<&BridgeOutline::wing_width_mm>(d); }>(
            "bridge.outline.wing_width_mm", length, {1, 150})),
        by_hand(must<[](auto& d, Index) { return in_outline<&BridgeOutline::belly_mm>(d); }>(
            "bridge.outline.belly_mm", length, {0, 60})),
        must<[](auto& d, Index) {
            return d.bridge ? in<&EdgeMargins::bass_mm>(d.bridge->edge_mm) : nullptr;
        }>("bridge.edge_mm.bass", length, edge, QT_TRANSLATE_NOOP("messages", "edge at the bass string"),
           by("half_mm_rule")),
        must<[](auto& d, Index) {
            return d.bridge ? in<&EdgeMargins::treble_mm>(d.bridge->edge_mm) : nullptr;
        }>("bridge.edge_mm.treble", length, edge, QT_TRANSLATE_NOOP("messages", "edge at the treble string"),
           by("half_mm_rule")),
        may<[](auto& d, Index) {
            return d.bridge ? in<&ExistingBridge::height_mm>(d.bridge->existing) : nullptr;
        }>("bridge.existing.height_mm", length, {0.5, 100}),
        must<[](auto& d, Index) { return in_old_exit<&Exit::behind_mm>(d); }>(
            "bridge.existing.exit.behind_mm", length, {0.1, 500}),
        must<[](auto& d, Index) { return in_old_exit<&Exit::above_top_mm>(d); }>(
            "bridge.existing.exit.above_top_mm", length, {-50, 100}),
        must<[](auto& d, Index) { return in_old_strings<&EdgeMargins::bass_mm>(d); }>(
            "bridge.existing.string_over_top_mm.bass", length, {0, 100}),
        must<[](auto& d, Index) { return in_old_strings<&EdgeMargins::treble_mm>(d); }>(
            "bridge.existing.string_over_top_mm.treble", length, {0, 100}),
        of_strings(
            Grows::like_its_neighbour, must<[](auto& d, Index i) {
                return d.bridge && d.bridge->existing ? item(d.bridge->existing->crown_mm, i) : nullptr;
            }>("bridge.existing.crown_mm[]", length, {50, 700},
                                       QT_TRANSLATE_NOOP("messages", "crown as found"), by("half_mm_rule"))),
        must<[](auto& d, Index) {
            return d.bridge ? in<&NeckPocket::length_mm>(d.bridge->neck_pocket) : nullptr;
        }>("bridge.neck_pocket.length_mm", length, {10, 200}, QT_TRANSLATE_NOOP("messages", "pocket length")),
        must<[](auto& d, Index) {
            return d.bridge ? in<&NeckPocket::pivot_x_mm>(d.bridge->neck_pocket) : nullptr;
        }>("bridge.neck_pocket.pivot_x_mm", length, {50, 1000},
           QT_TRANSLATE_NOOP("messages", "pocket's pivot"))};
}

/// What is measured on the top, and what goes into it.
std::vector<Field> top_fields() {
    using Inside = PlateInside;
    using Screws = BridgeScrews;
    using Hole = PlacedHole;
    constexpr Allowed from_front{-50, 200};
    constexpr Allowed gap{0, 30};
    return {
        by_hand(must<[](auto& d, Index) { return in_old_print<&BridgeOutline::length_mm>(d); }>(
            "bridge.existing.outline.length_mm", length, {20, 400})),
        by_hand(must<[](auto& d, Index) { return in_old_print<&BridgeOutline::width_mm>(d); }>(
            "bridge.existing.outline.width_mm", length, {5, 150})),
        by_hand(must<[](auto& d, Index) { return in_old_print<&BridgeOutline::middle_mm>(d); }>(
            "bridge.existing.outline.middle_mm", length, {0, 400})),
        by_hand(must<[](auto& d, Index) { return in_old_print<&BridgeOutline::wing_width_mm>(d); }>(
            "bridge.existing.outline.wing_width_mm", length, {1, 150})),
        by_hand(must<[](auto& d, Index) { return in_old_print<&BridgeOutline::belly_mm>(d); }>(
            "bridge.existing.outline.belly_mm", length, {0, 60})),
        must<[](auto& d, Index) {
            return d.bridge && d.bridge->existing && d.bridge->existing->outline
                       ? &d.bridge->existing->front_x_mm
                       : nullptr;
        }>("bridge.existing.front_x_mm", length, edge),
        must<[](auto& d, Index i) { return in_old_hole<&Hole::from_front_mm>(d, i); }>(
            "bridge.existing.holes[].from_front_mm", length, from_front),
        must<[](auto& d, Index i) { return in_old_hole<&Hole::across_mm>(d, i); }>(
            "bridge.existing.holes[].across_mm", length, across),
        must<[](auto& d, Index i) { return in_old_hole<&Hole::hole_mm>(d, i); }>(
            "bridge.existing.holes[].hole_mm", length, {0.5, 20}),
        must<[](auto& d, Index) { return in_part<&BridgeDesign::screws, &Screws::core_mm>(d); }>(
            "bridge.screws.core_mm", length, {0.5, 10}),
        must<[](auto& d, Index) { return in_part<&BridgeDesign::screws, &Screws::length_mm>(d); }>(
            "bridge.screws.length_mm", length, {3, 100}, QT_TRANSLATE_NOOP("messages", "screw's length")),
        must<[](auto& d, Index) { return in_part<&BridgeDesign::screws, &Screws::through_mm>(d); }>(
            "bridge.screws.through_mm", length, {0.2, 60},
            QT_TRANSLATE_NOOP("messages", "plate under the head")),
        may<[](auto& d, Index) { return in_part<&BridgeDesign::screws, &Screws::earth_hole_mm>(d); }>(
            "bridge.screws.earth_hole_mm", length, {0.5, 12}),
        must<[](auto& d, Index i) { return in_screw_hole<&Hole::from_front_mm>(d, i); }>(
            "bridge.screws.holes[].from_front_mm", length, from_front),
        must<[](auto& d, Index i) { return in_screw_hole<&Hole::across_mm>(d, i); }>(
            "bridge.screws.holes[].across_mm", length, across),
        must<[](auto& d, Index) { return in_part<&BridgeDesign::plate_inside, &Inside::from_front_mm>(d); }>(
            "bridge.plate_inside.from_front_mm", length, from_front),
        must<[](auto& d, Index) { return in_part<&BridgeDesign::plate_inside, &Inside::width_mm>(d); }>(
            "bridge.plate_inside.width_mm", length, {5, 200}),
        must<[](auto& d, Index) { return in_part<&BridgeDesign::plate_inside, &Inside::length_mm>(d); }>(
            "bridge.plate_inside.length_mm", length, {20, 400}),
        must<[](auto& d, Index) { return in_part<&BridgeDesign::arching, &Arching::half_mm>(d); }>(
            "bridge.arching.half_mm", length, {5, 250},
            QT_TRANSLATE_NOOP("messages", "from the middle to either reading"), by("half_mm_rule")),
        must<[](auto& d, Index) { return in_part<&BridgeDesign::arching, &Arching::bass_mm>(d); }>(
            "bridge.arching.bass_mm", length, gap, QT_TRANSLATE_NOOP("messages", "gap at the bass"),
            by("feeler")),
        must<[](auto& d, Index) { return in_part<&BridgeDesign::arching, &Arching::middle_mm>(d); }>(
            "bridge.arching.middle_mm", length, gap, QT_TRANSLATE_NOOP("messages", "gap in the middle"),
            by("feeler")),
        must<[](auto& d, Index) { return in_part<&BridgeDesign::arching, &Arching::treble_mm>(d); }>(
            "bridge.arching.treble_mm", length, gap, QT_TRANSLATE_NOOP("messages", "gap at the treble"),
            by("feeler"))};
}

} // namespace

std::string Field::key_of(Index item) const {
    std::string text(key);
    const auto bracket = text.find("[]");
    if (bracket != std::string::npos) text.insert(bracket + 1, std::to_string(item));
    return text;
}

std::span<const Field> fields() {
    static const std::vector<Field> all = [] {
        std::vector<Field> list;
        for (const auto& part : {neck_fields(), string_fields(), nut_fields(), player_fields(),
                                 saddle_fields(), bridge_fields(), top_fields()})
            list.insert(list.end(), part.begin(), part.end());
        for (Field& field : list) // objects of a string go with it
            if (field.key.starts_with("strings[].") || field.key.starts_with("nut.posts[]."))
                field.grows = Grows::like_its_neighbour;
        return list;
    }();
    return all;
}

const Field& field_of(std::string_view key) {
    for (const Field& field : fields())
        if (field.key == key) return field;
    throw std::logic_error("no field is called " + std::string(key));
}

} // namespace fm
