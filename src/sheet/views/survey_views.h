#pragma once
// The whole instrument as it is looked at before work [mm]: x along the strings from the nut line, the head
// to the left. Body and head are drawn plainly, broken off; what lies between is to scale.
#include "core/design/survey.h"
#include "core/solution/solution.h"
#include "sheet/drawing/drawing.h"

#include <cstddef>

namespace fm {

struct InstrumentViewOptions {
    bool mirrored = false;     ///< left-handed: the bass side up
    std::size_t chosen = 0;    ///< string drawn dark
    double half_width_mm = 90; ///< from the front: the body is broken off here
    double depth_mm = 40;      ///< from the side: and here below the soundboard
};

/// How far head and body are drawn before the nut line and behind it.
struct InstrumentReach {
    double before_mm = 0;
    double behind_mm = 0;
};
InstrumentReach instrument_reach(const Design& design, const Solution& solution);

/// From the front; y across, treble up.
Drawing instrument_front(const Design& design, const Solution& solution,
                         const InstrumentViewOptions& options);
/// From the treble side; y over the fret plane.
Drawing instrument_side(const Design& design, const Solution& solution, const InstrumentViewOptions& options);

/// Where on the front a point of the survey is looked for.
Point survey_point_mm(const Design& design, const Solution& solution, const SurveyPoint& point);

} // namespace fm
