#include "core/symptom/symptom_case.h"

#include "core/found/fit.h"
#include "core/found/intonation.h"

#include <algorithm>
#include <cmath>

namespace fm::effects {

namespace {

double rounded(double value, double step) {
    return std::round(value / step) * step;
}

constexpr double mended_share = 0.1;   // a cure that mends less of what was heard is none
constexpr double plain_fault_mm = 0.1; // a slot so far under its target needs no other cause

/// 1 where the string lies on the frets behind the finger, 0 where it has twice the room it needs.
double back_shortage(const SymptomCase& c, const FoundString& on) {
    const auto n = static_cast<std::size_t>(std::max(0, c.heard.fret - 2));
    if (n >= on.back_gaps_mm.size() || !on.back_gaps_mm[n]) return 0.0;
    return std::clamp(1.0 - 0.5 * *on.back_gaps_mm[n] / c.player().back_gap_min_mm, 0.0, 1.0);
}

/// Of what slot and relief put back would take away together, the share of one.
double back_share(const SymptomCase& c, Restored part) {
    const double now = back_shortage(c, c.string());
    const auto gain = [&](Restored each) {
        if (c.fault_mm(each) == 0.0) return 0.0;
        return std::max(0.0, now - back_shortage(c, c.instrument.with(c.restoring(each))[c.heard.string]));
    };
    return gain(part) / std::max(0.1, gain(Restored::slot) + gain(Restored::relief));
}

/// Heard, and so there: where the readings show room, half of it is believed.
double back_weight(const SymptomCase& c, Restored part) {
    return std::max(0.5, back_shortage(c, c.string())) * (0.3 + 0.7 * back_share(c, part));
}

/// Cents that were read at the octave: a design's own are no reading.
std::optional<Effect> crown_off(const SymptomCase& c, double sign) {
    const std::vector<CentsRead> read = newest_cents(c.entries, c.heard.string);
    if (std::none_of(read.begin(), read.end(), [](const CentsRead& each) { return each.fret == 12; }))
        return std::nullopt;
    const double cents = c.cents(12);
    const Neck neck(c.instrument.design().neck);
    const StringOnNeck string(neck, c.target().line);
    const double move_mm = crown_move_mm(string, cents, 0.0);
    const std::vector<Argument> said{rounded(cents, 0.1), gap_of(rounded(std::abs(move_mm), 0.01))};
    const double now_mm = crown_stands_mm(string, cents_rounds(c.entries, c.heard.string + 1).back());
    if (leaves_saddle_mm(c.design, c.instrument.target(), string.line(), now_mm + move_mm) != 0)
        return effect("effect.crown_leaves", sign * cents / 5.0, said);
    return effect(sign > 0 ? "effect.crown_back" : "effect.crown_forward", sign * cents / 5.0, said);
}
} // namespace

std::optional<Effect> slot_deep_behind(const SymptomCase& c) {
    const auto cure = [&](double mm) { return FoundInstrument::Change::slot_raised(c.heard.string, mm); };
    const auto amount = c.instrument.quieting_mm(c.heard.string, c.heard.fret, 1.0, cure);
    if (!c.was_read(Restored::slot)) return std::nullopt;
    // A slot a tenth under its target, or a string that rests on fret 1, comes first.
    const auto n = static_cast<std::size_t>(std::max(0, c.heard.fret - 2));
    const auto& gaps = c.string().back_gaps_mm;
    const bool rests_on_1 = n < gaps.size() && !gaps[n];
    const double fault_mm = c.fault_mm(Restored::slot);
    const bool plain = fault_mm >= plain_fault_mm || rests_on_1;
    const double weight = plain ? 0.97 : back_weight(c, Restored::slot);
    const double said_mm =
        std::max(std::ceil(amount.value_or(fault_mm) * 100 - 1e-6) / 100, least_cure_mm(Restored::slot));
    Effect made =
        effect(amount == 0.0 ? "effect.at_least" : "effect.raise_slot_behind", weight, {gap_of(said_mm)});
    made.cure = cure(said_mm);
    return made;
}

std::optional<Effect> straight_behind(const SymptomCase& c) {
    const auto amount = c.instrument.quieting_mm(c.heard.string, c.heard.fret, 0.5, [](double mm) {
        FoundInstrument::Change change;
        change.relief_mm = mm;
        return change;
    });
    if (!c.was_read(Restored::relief)) return std::nullopt;
    if (!amount) return effect("effect.does_not_free", 0.0, {});
    // More relief lifts the middle of the strings: the saddle gives that back.
    FoundInstrument::Change bowed;
    bowed.relief_mm = std::max(*amount, least_cure_mm(Restored::relief));
    const std::vector<FoundString> strings = c.instrument.with(bowed);
    const double lift_mm =
        clearance_mm(strings[c.heard.string].standing, 0, 12) - clearance_mm(c.string().standing, 0, 12);
    bowed.relief_mm = std::ceil(bowed.relief_mm * 100 - 1e-6) / 100;
    bowed.raise_saddle_mm = -rounded(2.0 * lift_mm, 0.01);
    Effect made = effect("effect.relief_behind", 0.95 * back_weight(c, Restored::relief),
                         {gap_of(bowed.relief_mm), gap_of(-bowed.raise_saddle_mm)});
    made.cure = bowed;
    return made;
}

std::optional<Effect> nut_high(const SymptomCase& c) {
    if (!c.string().sound) return std::nullopt;
    const double now = c.cents(1);
    FoundInstrument::Change lower;
    lower.string = c.heard.string;
    if (c.known().complete())
        lower.raise_slot_mm = std::min(0.0, c.target().above_fret_line_mm - *c.known().above_fret_line_mm);
    const double gain = c.string().sound->cents[1] - c.instrument.with(lower)[c.heard.string].sound->cents[1];
    if (c.known().complete() && gain < mended_share * now) // next to nothing of what was heard
        return effect("effect.nut_as_wanted", 0.05, {});
    return effect("effect.nut_lower", now > 0 ? gain / std::max(2.0, now) : 0.0,
                  {gap_of(-lower.raise_slot_mm), rounded(gain, 0.1)});
}

std::optional<Effect> nut_back(const SymptomCase& c) {
    if (!c.string().sound || c.target().cents.empty()) return std::nullopt;
    // What the tuner says beyond what the heights as read explain, and the move that would mend it.
    const double unexplained = c.cents(1) - c.string().sound->cents[1];
    constexpr double tried_mm = 0.3;
    FoundInstrument::Change change;
    change.set_forward_mm = tried_mm;
    const double gain =
        c.string().sound->cents[1] - c.instrument.with(change)[c.heard.string].sound->cents[1];
    if (gain <= 0) return std::nullopt;
    const double share = std::clamp(unexplained / gain, 0.1 / tried_mm, 1.0 / tried_mm);
    return effect("effect.nut_forward", std::clamp(0.25 + unexplained / 10.0, 0.1, 0.9),
                  {gap_of(rounded(share * tried_mm, 0.05)), rounded(share * gain, 0.1)});
}

std::optional<Effect> crown_forward(const SymptomCase& c) {
    return crown_off(c, 1.0);
}
std::optional<Effect> crown_back(const SymptomCase& c) {
    return crown_off(c, -1.0);
}

std::optional<Effect> press_deep(const SymptomCase& c) {
    if (!c.string().sound) return std::nullopt;
    const int fret = std::clamp(c.heard.fret, 1, c.instrument.design().neck.frets);
    FoundInstrument::Change hard;
    hard.press_mm = 0.3;
    const double more = c.instrument.with(hard)[c.heard.string].sound->cents[static_cast<std::size_t>(fret)] -
                        c.string().sound->cents[static_cast<std::size_t>(fret)];
    return effect("effect.press", std::min(0.9, more / 5.0), {gap_of(0.3), rounded(more, 0.1)});
}

/// Where a heavy hand is only one explanation.
std::optional<Effect> press_deep_perhaps(const SymptomCase& c) {
    std::optional<Effect> made = press_deep(c);
    if (made) made->weight *= 0.4;
    return made;
}

std::optional<Effect> bridge_low(const SymptomCase& c) {
    if (!c.target().bridge) return std::nullopt;
    return effect(
        "effect.down_force", 0.4 + 0.3 * (8.0 - c.target().bridge->break_angle_deg) / 8.0,
        {rounded(c.target().bridge->down_force_n, 0.1), AngleDeg{c.target().bridge->break_angle_deg}});
}

std::optional<Effect> moment(const SymptomCase& c) {
    if (!c.instrument.target().bridge) return std::nullopt;
    return effect("effect.moment", 0.9, {rounded(c.instrument.target().bridge->moment_nm, 0.1)});
}

std::optional<Effect> season(const SymptomCase& c) {
    const ReadingEntry* first = nullptr;
    const ReadingEntry* last = nullptr;
    for (const ReadingEntry& entry : c.entries.in_order()) {
        if (!entry.relief) continue;
        if (!first) first = &entry;
        last = &entry;
    }
    if (!first || first == last) return std::nullopt;
    NeckDesign design = c.instrument.design().neck;
    design.relief = last->relief;
    const Relief& at = *first->relief;
    const double now_mm = Neck(design).relief_depth_mm(at.from_fret, at.at_fret, at.to_fret);
    const double moved_mm = now_mm - at.depth_mm;
    return effect(moved_mm < 0 ? "effect.straighter" : "effect.more_bowed", std::abs(moved_mm) / 0.1,
                  {gap_of(std::abs(moved_mm))});
}

} // namespace fm::effects
