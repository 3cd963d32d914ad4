#include "core/as_found.h"

namespace fm {

FoundString standing_string(const TunedString& tuned, const StringOnNeck& string, const EndHeights& ends) {
    FoundString found{StandingString(string, ends), {}, 0.0, {}, {}, false};
    found.sound = sound_standing(tuned, found.standing, found.standing.frets());
    if (found.sound) {
        found.headroom = headrooms(found.standing, tuned.player, *found.sound);
        found.harmonic_cents = harmonic_above_octave_cents(tuned.body, found.standing.open_length_mm(),
                                                           found.sound->tension_n[0]);
    }
    found.back_gaps_mm = back_gaps_mm(found.standing);
    return found;
}

Design design_as_found(const Design& design, const std::vector<ReadingEntry>& entries) {
    Design found = design;
    found.neck.relief = found_relief(design, in_order(entries));
    return found;
}

std::vector<FoundString> as_found(const Design& design, const Solution& target,
                                  const std::vector<ReadingEntry>& entries) {
    const Design found_design = design_as_found(design, entries);
    const Neck neck(found_design.neck);
    const std::vector<KnownString> known = known_heights(design, target, entries);
    std::vector<FoundString> strings;
    for (std::size_t i = 0; i < target.strings.size(); ++i) {
        const StringOnNeck on(neck, target.strings[i].line);
        const bool read = known[i].complete();
        const double above_mm = read ? *known[i].above_fret_line_mm : target.strings[i].above_fret_line_mm;
        const double saddle_z_mm = read ? *known[i].saddle_z_mm : target.strings[i].ends.saddle_z_mm;
        strings.push_back(standing_string(tuned_string(found_design, neck, target.strings[i].line, i), on,
                                          {on.fret_line_under_string_mm() + above_mm, saddle_z_mm}));
        strings.back().read = read;
    }
    return strings;
}

} // namespace fm
