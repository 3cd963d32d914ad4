#include "core/found/as_found.h"

namespace fm {

FoundString standing_string(const TunedString& tuned, const StringOnNeck& string, const EndHeights& ends) {
    FoundString found{StandingString(string, ends), {}, 0.0, 0.0, {}, {}, false};
    found.sound = sound_standing(tuned, found.standing, found.standing.frets());
    if (found.sound) {
        found.headroom = headrooms(found.standing, tuned.player, *found.sound);
        found.player_force_n =
            player_force_n(tuned, found.standing.length_left_mm(0), found.sound->tension_n[0]);
        found.harmonic_cents = harmonic_above_octave_cents(tuned.body, found.standing.open_length_mm(),
                                                           found.sound->tension_n[0]);
    }
    found.back_gaps_mm = back_gaps_mm(found.standing);
    return found;
}

EndHeights ends_as_found(const StringOnNeck& string, const StringSolution& wanted, const KnownString& known) {
    const bool read = known.complete();
    const double above_mm = read ? *known.above_fret_line_mm : wanted.above_fret_line_mm;
    return {string.fret_line_under_string_mm() + above_mm,
            read ? *known.saddle_z_mm : wanted.ends.saddle_z_mm};
}

Design design_as_found(const Design& design, const ReadingLog& entries) {
    Design found = design;
    found.neck.relief = found_relief(design, entries);
    return found;
}

std::vector<FoundString> as_found(const Design& design, const Solution& target, const ReadingLog& entries) {
    const Design found_design = design_as_found(design, entries);
    const Neck neck(found_design.neck);
    const std::vector<KnownString> known = known_heights(design, target, entries);
    std::vector<FoundString> strings;
    for (std::size_t i = 0; i < target.strings.size(); ++i) {
        const StringOnNeck on(neck, target.strings[i].line);
        strings.push_back(standing_string(tuned_string(found_design, neck, target.strings[i].line, i), on,
                                          ends_as_found(on, target.strings[i], known[i])));
        strings.back().read = known[i].complete();
    }
    return strings;
}

} // namespace fm
