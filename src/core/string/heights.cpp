#include "core/string/heights.h"

namespace fm {

namespace {

/// x of fret 1 as a share of the way from the nut to the pressed fret.
double pressed_share(const StringOnNeck& string, int pressed_fret) {
    const double delta = string.line().set_forward_mm;
    return (string.fret_x_mm(1) - delta) / (string.fret_x_mm(pressed_fret) - delta);
}

double saddle_z_of_capo_mm(const StringOnNeck& string, double action_mm) {
    const double x1 = string.fret_x_mm(1);
    const double share = (string.fret_x_mm(12) - x1) / (string.line().saddle_x_mm - x1);
    const double top1 = string.fret_top_mm(1);
    return top1 + (string.fret_top_mm(12) + action_mm - top1) / share;
}

/// Two points the string must pass through, at fret 1 and at fret 12, give both ends.
EndHeights through_two_points(const StringOnNeck& string, double z1, double z12) {
    const double u1 = string.fret_share(1);
    const double u12 = string.fret_share(12);
    const double slope = (z12 - z1) / (u12 - u1);
    return {z1 - slope * u1, z1 + slope * (1.0 - u1)};
}

} // namespace

double nut_z_of_pressed_gap_mm(const StringOnNeck& string, double gap_mm, int pressed_fret) {
    const double v = pressed_share(string, pressed_fret);
    return (string.fret_top_mm(1) + gap_mm - string.fret_top_mm(pressed_fret) * v) / (1.0 - v);
}

double nut_z_of_open_gap_mm(const StringOnNeck& string, double gap_mm, double saddle_z_mm) {
    const double u1 = string.fret_share(1);
    return (string.fret_top_mm(1) + gap_mm - saddle_z_mm * u1) / (1.0 - u1);
}

double saddle_z_of_action_mm(const StringOnNeck& string, ActionMeasure measure, double action_mm,
                             double nut_z_mm) {
    if (measure == ActionMeasure::capo_1) return saddle_z_of_capo_mm(string, action_mm);
    const double u12 = string.fret_share(12);
    return (string.fret_top_mm(12) + action_mm - nut_z_mm * (1.0 - u12)) / u12;
}

EndHeights solved_heights(const StringOnNeck& string, const HeightTargets& targets) {
    if (targets.nut_method == NutHeightMethod::open_gap) {
        const double z1 = string.fret_top_mm(1) + targets.nut_mm;
        if (targets.action_measure == ActionMeasure::open)
            return through_two_points(string, z1, string.fret_top_mm(12) + targets.action_mm);
        const double saddle_z_mm = saddle_z_of_capo_mm(string, targets.action_mm);
        const double u1 = string.fret_share(1);
        return {(z1 - saddle_z_mm * u1) / (1.0 - u1), saddle_z_mm};
    }
    const double nut_z_mm = targets.nut_method == NutHeightMethod::zero_fret
                                ? string.fret_line_under_string_mm() + targets.nut_mm
                                : nut_z_of_pressed_gap_mm(string, targets.nut_mm, targets.pressed_fret);
    return {nut_z_mm, saddle_z_of_action_mm(string, targets.action_measure, targets.action_mm, nut_z_mm)};
}

double open_gap_mm(const StringOnNeck& string, const EndHeights& ends, int fret) {
    return ends.nut_z_mm + (ends.saddle_z_mm - ends.nut_z_mm) * string.fret_share(fret) -
           string.fret_top_mm(fret);
}

double pressed_gap_mm(const StringOnNeck& string, const EndHeights& ends, int pressed_fret) {
    const double v = pressed_share(string, pressed_fret);
    return ends.nut_z_mm * (1.0 - v) + string.fret_top_mm(pressed_fret) * v - string.fret_top_mm(1);
}

double capo_action_mm(const StringOnNeck& string, const EndHeights& ends) {
    const double x1 = string.fret_x_mm(1);
    const double share = (string.fret_x_mm(12) - x1) / (string.line().saddle_x_mm - x1);
    const double top1 = string.fret_top_mm(1);
    return top1 + (ends.saddle_z_mm - top1) * share - string.fret_top_mm(12);
}

double open_gap_per_slot_mm(const StringOnNeck& string) {
    return 1.0 - string.fret_share(1);
}

double pressed_gap_per_slot_mm(const StringOnNeck& string, int pressed_fret) {
    return 1.0 - pressed_share(string, pressed_fret);
}

EndHeights heights_of_readings(const StringOnNeck& string, const NutReading& nut,
                               const ActionReading& action) {
    HeightTargets read;
    read.action_measure = action.measure;
    read.action_mm = action.action_mm;
    read.pressed_fret = nut.pressed_fret;
    read.nut_method = nut.open_gap_mm ? NutHeightMethod::open_gap : NutHeightMethod::pressed_gap;
    read.nut_mm = nut.open_gap_mm ? *nut.open_gap_mm : nut.pressed_gap_mm.value();
    return solved_heights(string, read);
}

} // namespace fm
