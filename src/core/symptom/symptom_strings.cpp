// What strings, frets and bends have to do with what was heard.
#include "core/string/bent.h"
#include "core/symptom/symptom_case.h"

#include <algorithm>
#include <cmath>

namespace fm::effects {

namespace {

constexpr double seen_weight = 0.95;  // what was looked at and found needs no ranking
constexpr double usual_bend = 2.0;    // semitones: a whole tone is what most hands draw
constexpr double bend_room_mm = 0.05; // less chokes

int bent_fret(const SymptomCase& c) {
    return std::clamp(c.heard.fret, 1, c.instrument.design().neck.frets - 1);
}

/// The room a bend leaves, the saddle raised by so much.
std::optional<BendRoom> room_after(const SymptomCase& c, double semitones, double raised_mm = 0) {
    if (!c.string().sound) return std::nullopt;
    const Neck neck(c.instrument.design().neck);
    const int fret = bent_fret(c);
    return bend_room(StringOnNeck(neck, c.target().line), c.string().standing.saddle_z_mm() + raised_mm,
                     c.string().sound->tension_n[static_cast<std::size_t>(fret)],
                     c.target().make_up.stretch_stiffness_n, c.player().after_length_mm, fret, semitones);
}

} // namespace

/// Everything stands as it is wanted, and that is too low for this hand.
std::optional<Effect> heights_low(const SymptomCase& c) {
    if (!c.was_read(Restored::slot) || c.any_fault()) return std::nullopt;
    const double times = c.headroom_n(c.string()) / c.string().player_force_n;
    return effect("effect.heights_wanted", times < 1 ? 0.8 : 0.3,
                  {std::round(10 * std::min(times, 99.0)) / 10});
}

std::optional<Effect> brace_loose(const SymptomCase& c) {
    if (!c.surveyed("brace_loose")) return std::nullopt;
    return effect("effect.survey_says", seen_weight, {});
}

std::optional<Effect> fret_loose(const SymptomCase& c) {
    if (!c.surveyed("fret_loose")) return std::nullopt;
    return effect("effect.survey_says", seen_weight, {});
}

std::optional<Effect> strings_old(const SymptomCase& c) {
    if (c.surveyed("strings_old")) return effect("effect.survey_says", seen_weight, {});
    const bool renewed = std::any_of(c.entries.begin(), c.entries.end(),
                                     [](const ReadingEntry& entry) { return entry.strings_new; });
    return renewed ? std::optional(effect("effect.strings_new", 0.05, {})) : std::nullopt;
}

/// New strings give until their windings have settled.
std::optional<Effect> string_stretches(const SymptomCase& c) {
    const bool renewed = std::any_of(c.entries.begin(), c.entries.end(),
                                     [](const ReadingEntry& entry) { return entry.strings_new; });
    return renewed ? std::optional(effect("effect.strings_new", 0.7, {})) : std::nullopt;
}

std::optional<Effect> board_curve(const SymptomCase& c) {
    const auto one = room_after(c, 1);
    const auto two = room_after(c, usual_bend);
    const auto three = room_after(c, 3);
    if (!one || !two || !three) return std::nullopt;
    return effect("effect.bend_room", c.any_fault() ? 0.3 : 0.65,
                  {gap_of(one->room_mm), gap_of(two->room_mm), gap_of(three->room_mm), three->over_fret});
}

std::optional<Effect> action_low_for_bends(const SymptomCase& c) {
    if (!c.was_read(Restored::saddle) || !c.string().sound) return std::nullopt;
    const double fault_mm = c.fault_mm(Restored::saddle);
    const double weight = fault_mm > 0 ? 0.4 + std::min(0.5, fault_mm) : 0.25;
    constexpr double most_mm = 5.0;
    const auto enough = [&](double mm) { return room_after(c, usual_bend, mm)->room_mm >= bend_room_mm; };
    const auto said = [&](const char* words, double mm) {
        Effect made = effect(words, weight, {gap_of(mm)});
        made.cure.emplace().raise_saddle_mm = mm;
        return made;
    };
    const double least_mm = least_cure_mm(Restored::saddle);
    if (!enough(most_mm)) return effect("effect.does_not_free", weight, {});
    if (enough(0.0))
        return fault_mm < least_mm ? said("effect.at_least", least_mm)
                                   : said("effect.back_to_target", std::ceil(fault_mm * 100) / 100);
    double low = 0;
    double high = most_mm;
    while (high - low > 1e-4) (enough((low + high) / 2) ? high : low) = (low + high) / 2;
    return said("effect.raise_saddle_for_bends", std::max(std::ceil(high * 100) / 100, least_mm));
}

/// A fret known to stand over the one that is held.
std::optional<Effect> high_fret_for_bends(const SymptomCase& c) {
    const auto& offsets = c.design.neck.fret_offsets_mm;
    const auto held = static_cast<std::size_t>(bent_fret(c));
    if (held >= offsets.size()) return std::nullopt;
    const double high_mm = offsets[held] - offsets[held - 1];
    if (high_mm < least_cure_mm(Restored::fret)) return std::nullopt;
    return effect("effect.fret_stands_over", 0.5 + std::min(0.45, high_mm / 0.2),
                  {static_cast<int>(held) + 1, gap_of(high_mm)});
}

std::optional<Effect> core_stress(const SymptomCase& c) {
    const auto stress_mpa = c.target().core_stress_mpa();
    if (!stress_mpa) return std::nullopt;
    const double most_mpa = usual_core_stress(c.target().make_up).most_mpa;
    const double share = *stress_mpa / most_mpa;
    return effect("effect.core_stress",
                  share > 1     ? 0.9
                  : share > 0.9 ? 0.5
                                : 0.15,
                  {std::round(*stress_mpa), std::round(most_mpa)});
}

std::optional<Effect> floor_shape(const SymptomCase& c) {
    const SlotSeen& slot = c.known().slot;
    if (seen(slot, SlotFound::floor_flat) || seen(slot, SlotFound::floor_forward))
        return effect("effect.floor_seen", 0.85, {});
    return std::nullopt;
}

} // namespace fm::effects
