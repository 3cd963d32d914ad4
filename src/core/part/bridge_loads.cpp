#include "core/part/bridge_loads.h"

#include "core/words/angle.h"

#include <cmath>

namespace fm {

namespace {

/// What stands between two posts is borne by both, as on a beam.
PostLoads post_loads(const std::vector<BridgeString>& strings) {
    PostLoads loads;
    for (const BridgeString& string : strings) {
        loads.bass_down_n += *string.bass_share * string.down_force_n;
        loads.treble_down_n += (1.0 - *string.bass_share) * string.down_force_n;
        loads.bass_toward_nut_n += *string.bass_share * string.toward_nut_force_n;
        loads.treble_toward_nut_n += (1.0 - *string.bass_share) * string.toward_nut_force_n;
    }
    return loads;
}

} // namespace

void add_bridge_loads(const Design& design, const BridgeDesign& bridge,
                      const std::vector<BridgeStringInput>& strings, BridgeSolution& solution) {
    const SaddleDesign& saddle = design.saddle;
    const double lean = saddle.lean_deg / degrees;
    double pull_n = 0;
    double along_n = 0;
    double down_n = 0;
    double toward_nut_n = 0;
    for (std::size_t i = 0; i < strings.size(); ++i) {
        BridgeString& at = solution.strings[i];
        const double tension_n = strings[i].tension_n.value_or(0.0);
        pull_n += tension_n;
        along_n += bridge.by_tailpiece() ? at.toward_nut_force_n
                                         : tension_n * std::cos(at.slope_before_deg / degrees);
        down_n += at.down_force_n;
        toward_nut_n += at.toward_nut_force_n;
        if (bridge.anchor == Anchor::pins)
            at.pin_n = 2.0 * tension_n * std::sin(0.5 * (90.0 - at.slope_behind_deg) / degrees);
        if (design.has_slot())
            at.tipping_n = at.toward_nut_force_n * std::cos(lean) + at.down_force_n * std::sin(lean);
        if (saddle.by_two_screws() && saddle.screws_across_mm) {
            const EdgeMargins& posts = *saddle.screws_across_mm;
            at.bass_share =
                (posts.treble_mm - strings[i].line.saddle_y_mm) / (posts.treble_mm - posts.bass_mm);
        }
    }
    if (design.has_slot() && saddle.lean_deg != 0 && solution.height_mm) {
        double exposure_mm = 0;
        for (const BridgeString& at : solution.strings)
            exposure_mm += *at.exposure_mm / static_cast<double>(strings.size());
        solution.mouth_mm = exposure_mm * std::tan(lean);
    }
    if (bridge.by_tailpiece()) solution.tailpiece_n = pull_n;
    if (bridge.screws) solution.each_screw_n = along_n / static_cast<double>(bridge.screws->holes.size());
    if (design.has_slot() && down_n > 0) solution.best_lean_deg = -std::atan(toward_nut_n / down_n) * degrees;
    if (saddle.by_two_screws() && saddle.screws_across_mm) solution.posts = post_loads(solution.strings);
}

FeetCurve feet_curve(const Arching& arching) {
    FeetCurve curve;
    curve.rise_mm = 0.5 * (arching.bass_mm + arching.treble_mm) - arching.middle_mm;
    curve.tilt_mm = arching.treble_mm - arching.bass_mm;
    if (curve.rise_mm != 0.0)
        curve.radius_mm =
            (arching.half_mm * arching.half_mm + curve.rise_mm * curve.rise_mm) / (2.0 * curve.rise_mm);
    return curve;
}

} // namespace fm
