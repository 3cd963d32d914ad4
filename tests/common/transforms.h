#pragma once
// Designs turned into others whose solution is known from theirs: seen in a mirror, and larger.
#include "core/design/make_up.h"
#include "core/solution/solution.h"

#include <algorithm>

namespace fm::test {

inline void mirror(Targets& targets) {
    std::swap(targets.bass_mm, targets.treble_mm);
    std::reverse(targets.each_mm.begin(), targets.each_mm.end());
}
inline void mirror(Spacing& spacing) {
    spacing.bias_mm = -spacing.bias_mm;
    std::reverse(spacing.each_mm.begin(), spacing.each_mm.end());
    for (double& y_mm : spacing.each_mm) y_mm = -y_mm;
    if (spacing.edge_margin_mm) std::swap(spacing.edge_margin_mm->bass_mm, spacing.edge_margin_mm->treble_mm);
}

/// The instrument in a mirror: the bass side becomes the treble side, strings and all.
inline Design mirrored(Design design) {
    std::reverse(design.strings.begin(), design.strings.end());
    std::swap(design.neck.scale_bass_mm, design.neck.scale_treble_mm);
    mirror(design.nut.spacing);
    mirror(design.saddle.spacing);
    mirror(design.nut.height);
    mirror(design.saddle.action);
    if (design.saddle.existing_height) mirror(*design.saddle.existing_height);
    if (design.bridge && design.bridge->pins.spacing) mirror(*design.bridge->pins.spacing);
    std::reverse(design.nut.posts.begin(), design.nut.posts.end());
    for (Post& post : design.nut.posts) post.across_mm = -post.across_mm;
    return design;
}

inline void scale(Targets& targets, double by) {
    targets.bass_mm *= by;
    targets.treble_mm *= by;
    for (double& mm : targets.each_mm) mm *= by;
}
inline void scale(Spacing& spacing, double by) {
    spacing.spread_mm *= by;
    spacing.bias_mm *= by;
    for (double& mm : spacing.each_mm) mm *= by;
    if (spacing.edge_margin_mm)
        spacing.edge_margin_mm =
            EdgeMargins{spacing.edge_margin_mm->bass_mm * by, spacing.edge_margin_mm->treble_mm * by};
    if (spacing.course_gap_mm) *spacing.course_gap_mm *= by;
    if (spacing.course_centres_mm) *spacing.course_centres_mm *= by;
}
inline void scale(NeckDesign& neck, double by) {
    for (double* mm : {&neck.scale_bass_mm, &neck.scale_treble_mm, &neck.radius_nut_mm, &neck.radius_end_mm,
                       &neck.radius_end_at_mm, &neck.fret_height_mm, &neck.nut_width_mm, &neck.end_width_mm,
                       &neck.fret_end_bevel_mm, &neck.fallaway_mm})
        *mm *= by;
    if (neck.end_at_mm) *neck.end_at_mm *= by;
    for (double& mm : neck.fret_offsets_mm) mm *= by;
    if (neck.relief) neck.relief->depth_mm *= by;
}
inline void scale(NutDesign& nut, double by) {
    for (double* mm : {&nut.set_forward_mm, &nut.board_above_seat_mm, &nut.thickness_mm,
                       &nut.saw_allowance_mm, &nut.slot_clearance_mm.plain, &nut.slot_clearance_mm.wound})
        *mm *= by;
    scale(nut.spacing, by);
    scale(nut.height, by);
    for (Post& post : nut.posts) post = {post.behind_mm * by, post.across_mm * by, post.below_mm * by};
}
inline void scale(BridgeDesign& bridge, double by) {
    for (double* mm :
         {&bridge.plane_above_top_mm, &bridge.exposure_target_mm, &bridge.height_min_mm,
          &bridge.height_max_mm, &bridge.floor_min_mm, &bridge.pins.behind_mm, &bridge.pins.hole_mm,
          &bridge.pins.ramp_mm, &bridge.exit.behind_mm, &bridge.exit.above_top_mm})
        *mm *= by;
    if (bridge.height_mm) *bridge.height_mm *= by;
    if (bridge.pins.spacing) scale(*bridge.pins.spacing, by);
}

/// The instrument larger by a factor: every length times it, masses by its square (cores and masses written
/// out, so that nothing is estimated anew), pitches by one over it. Stresses stay what they are.
inline Design scaled(Design design, double by) {
    for (StringDesign& string : design.strings) {
        const MakeUp made = make_up(string);
        string.core_mm = made.core_mm * by;
        string.unit_mass_g_m = made.unit_mass_g_m * by * by;
        string.diameter_mm *= by;
        string.pitch_hz /= by;
    }
    scale(design.neck, by);
    scale(design.nut, by);
    for (double* mm :
         {&design.saddle.fixed_mm, &design.saddle.thickness_mm, &design.saddle.crown_edge_mm,
          &design.saddle.end_margin_mm, &design.player.finger_behind_mm, &design.player.press_depth_mm,
          &design.player.after_length_mm, &design.player.pluck_from_saddle_mm})
        *mm *= by;
    if (auto& ends = design.saddle.end_margins_mm) ends->bass_mm *= by, ends->treble_mm *= by;
    if (design.saddle.slot_depth_mm) *design.saddle.slot_depth_mm *= by;
    scale(design.saddle.spacing, by);
    scale(design.saddle.action, by);
    if (design.bridge) scale(*design.bridge, by);
    return design;
}

} // namespace fm::test
