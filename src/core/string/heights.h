#pragma once
#include "core/string/string_line.h"

#include <optional>

namespace fm {

/// Heights of a string's underside at its two ends, over the body fret plane [mm].
struct EndHeights {
    double nut_z_mm = 0;
    double saddle_z_mm = 0;
};

/// What a string's ends are to be: a nut target by one of three schools, an action by one of two.
struct HeightTargets {
    NutHeightMethod nut_method = NutHeightMethod::open_gap;
    double nut_mm = 0;
    int pressed_fret = 3;
    ActionMeasure action_measure = ActionMeasure::open;
    double action_mm = 0;

    friend bool operator==(const HeightTargets&, const HeightTargets&) = default;
};

/// Both ends solved together. The same equations serve a target and a reading: what a gauge reads fixes the
/// ends. Source: docs/mathematics.md, "Nut height and action".
EndHeights solved_heights(const StringOnNeck& string, const HeightTargets& targets);

/// The nut's height that makes the pressed gap `gap_mm` over fret 1, the string resting on `pressed_fret`
/// [mm].
double nut_z_of_pressed_gap_mm(const StringOnNeck& string, double gap_mm, int pressed_fret);

/// The nut's height that makes the open gap `gap_mm` over fret 1, the saddle standing at saddle_z_mm [mm].
double nut_z_of_open_gap_mm(const StringOnNeck& string, double gap_mm, double saddle_z_mm);

/// The saddle's height for an action, the nut standing at nut_z_mm (not used by capo_1) [mm].
double saddle_z_of_action_mm(const StringOnNeck& string, ActionMeasure measure, double action_mm,
                             double nut_z_mm);

/// Everything a gauge could read on a string standing at those heights [mm].
double open_gap_mm(const StringOnNeck& string, const EndHeights& ends, int fret);
double pressed_gap_mm(const StringOnNeck& string, const EndHeights& ends, int pressed_fret);
double capo_action_mm(const StringOnNeck& string, const EndHeights& ends);

/// How much the reading at fret 1 falls when the slot is lowered by one mm: open, or pressed at a fret.
double open_gap_per_slot_mm(const StringOnNeck& string);
double pressed_gap_per_slot_mm(const StringOnNeck& string, int pressed_fret);

/// The heights as found, from a nut reading and an action reading (either may be of either kind).
struct NutReading {
    std::optional<double> open_gap_mm;
    std::optional<double> pressed_gap_mm;
    int pressed_fret = 3;
};
struct ActionReading {
    ActionMeasure measure = ActionMeasure::open;
    double action_mm = 0;
};
EndHeights heights_of_readings(const StringOnNeck& string, const NutReading& nut,
                               const ActionReading& action);

} // namespace fm
