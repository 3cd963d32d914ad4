#include "core/found/fret_plane.h"

namespace fm {

FretPlane fret_plane(const EdgeMargins& over_top_mm, const StringLine& bass, double bass_z_mm,
                     const StringLine& treble, double treble_z_mm) {
    FretPlane plane{over_top_mm.bass_mm - bass_z_mm, over_top_mm.treble_mm - treble_z_mm, 0};
    const double apart_mm = treble.saddle_y_mm - bass.saddle_y_mm;
    const double share = apart_mm == 0.0 ? 0.5 : -bass.saddle_y_mm / apart_mm;
    plane.at_centre_mm = plane.at_bass_mm + (plane.at_treble_mm - plane.at_bass_mm) * share;
    return plane;
}

std::optional<FretPlane> fret_plane_as_found(const Design& design, const Solution& target,
                                             const ReadingLog& readings) {
    if (!design.bridge || !design.bridge->existing || !design.bridge->existing->string_over_top_mm)
        return std::nullopt;
    std::vector<ReadingEntry> found;
    for (const ReadingEntry& entry : readings.in_order())
        if (entry.state == ReadingState::found) found.push_back(entry);
    const std::vector<KnownString> known = heights_of_ordered(design, target, found);
    if (!known.front().saddle_z_mm || !known.back().saddle_z_mm) return std::nullopt;
    return fret_plane(*design.bridge->existing->string_over_top_mm, target.strings.front().line,
                      *known.front().saddle_z_mm, target.strings.back().line, *known.back().saddle_z_mm);
}

} // namespace fm
