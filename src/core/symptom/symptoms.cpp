#include "core/symptom/symptoms.h"

#include "core/found/fit.h"
#include "core/symptom/symptom_case.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace fm {

namespace {

using namespace effects;

struct Rule {
    Symptom symptom;
    const char* cause;
    int test_effort;
    bool stop;
    double weight_without; // where nothing can be computed
    EffectOf effect;
    const char* helpful_key;      // a reading that would tell more, or nullptr
    bool test_is_reading = false; // that reading is its test
};

constexpr auto open_gap = "open_gap_fret1_mm";
constexpr auto width = "slot_width_mm";

constexpr std::array rules{
    Rule{Symptom::open_buzz, "slot_low", 1, false, 0.5, slot_low, open_gap},
    Rule{Symptom::open_buzz, "floor_tilted", 2, false, 0.35, floor_tilted, nullptr},
    Rule{Symptom::open_buzz, "slot_wide", 1, false, 0.3, slot_wide, width},
    Rule{Symptom::open_buzz, "relief_low", 2, false, 0.2, relief_low, "relief", true},
    Rule{Symptom::open_buzz, "loose_part", 1, false, 0.25, loose_part, nullptr},
    Rule{Symptom::open_buzz, "heights_low", 1, false, 0.2, heights_low, nullptr},
    Rule{Symptom::note_buzz, "high_fret", 2, false, 0.4, high_fret, nullptr},
    Rule{Symptom::note_buzz, "relief_low", 2, false, 0.3, relief_low, "relief", true},
    Rule{Symptom::note_buzz, "action_low", 3, false, 0.3, action_low, "action12_mm"},
    Rule{Symptom::note_buzz, "loose_part", 1, false, 0.25, loose_part, nullptr},
    Rule{Symptom::note_buzz, "heights_low", 1, false, 0.2, heights_low, nullptr},
    Rule{Symptom::all_buzz, "action_low", 3, false, 0.5, action_low, "action12_mm"},
    Rule{Symptom::all_buzz, "relief_low", 2, false, 0.4, relief_low, "relief", true},
    Rule{Symptom::all_buzz, "loose_part", 1, false, 0.25, loose_part, nullptr},
    Rule{Symptom::all_buzz, "heights_low", 1, false, 0.3, heights_low, nullptr},
    Rule{Symptom::behind_finger_buzz, "slot_deep", 1, false, 0.5, slot_deep_behind, open_gap},
    Rule{Symptom::behind_finger_buzz, "neck_straight", 2, false, 0.4, straight_behind, "relief", true},
    Rule{Symptom::behind_finger_buzz, "loose_part", 1, false, 0.2, loose_part, nullptr},
    Rule{Symptom::first_frets_sharp, "nut_high", 1, false, 0.5, nut_high, open_gap, true},
    Rule{Symptom::first_frets_sharp, "nut_back", 3, false, 0.3, nut_back, nullptr},
    Rule{Symptom::first_frets_sharp, "press_deep", 1, false, 0.2, press_deep_perhaps, nullptr},
    Rule{Symptom::sharp_up_the_neck, "crown_forward", 1, false, 0.5, crown_forward, "cents", true},
    Rule{Symptom::sharp_up_the_neck, "strings_old", 2, false, 0.25, strings_old, nullptr},
    Rule{Symptom::sharp_up_the_neck, "press_deep", 1, false, 0.2, press_deep_perhaps, nullptr},
    Rule{Symptom::flat_up_the_neck, "crown_back", 1, false, 0.5, crown_back, "cents", true},
    Rule{Symptom::flat_up_the_neck, "strings_old", 2, false, 0.25, strings_old, nullptr},
    Rule{Symptom::sharp_when_pressed, "press_deep", 1, false, 0.6, press_deep, nullptr},
    Rule{Symptom::sharp_when_pressed, "nut_high", 1, false, 0.3, nut_high, open_gap, true},
    Rule{Symptom::sitar_at_nut, "floor_tilted", 2, false, 0.5, nullptr, nullptr},
    Rule{Symptom::sitar_at_nut, "slot_wide", 1, false, 0.4, slot_wide, width},
    Rule{Symptom::sitar_at_nut, "nut_break_shallow", 1, false, 0.3, nut_break, nullptr},
    Rule{Symptom::muffled_at_saddle, "crown_flat", 2, false, 0.5, nullptr, nullptr},
    Rule{Symptom::muffled_at_saddle, "saddle_break_shallow", 1, false, 0.3, saddle_break, nullptr},
    Rule{Symptom::ping_when_tuning, "slot_tight", 1, false, 0.5, slot_tight, width},
    Rule{Symptom::ping_when_tuning, "side_angle_large", 1, false, 0.3, side_angle, nullptr},
    Rule{Symptom::weak_sound, "bridge_low", 2, false, 0.5, bridge_low, nullptr},
    Rule{Symptom::weak_sound, "saddle_break_shallow", 1, false, 0.4, saddle_break, nullptr},
    Rule{Symptom::bridge_moves, "bridge_lifting", 1, true, 0.9, moment, nullptr},
    Rule{Symptom::changed_with_season, "neck_moved", 2, false, 0.6, season, "relief", true},
    Rule{Symptom::rattle, "loose_part", 1, false, 0.8, nullptr, nullptr},
    Rule{Symptom::rattle, "brace_loose", 1, true, 0.3, brace_loose, nullptr},
    Rule{Symptom::rattle, "strings_old", 2, false, 0.25, strings_old, nullptr},
    Rule{Symptom::rattle, "slot_wide", 1, false, 0.25, slot_wide, width},
    Rule{Symptom::chokes_in_bend, "board_curve", 1, false, 0.4, board_curve, nullptr},
    Rule{Symptom::chokes_in_bend, "action_low", 3, false, 0.4, action_low_for_bends, "action12_mm"},
    Rule{Symptom::chokes_in_bend, "high_fret", 2, false, 0.4, high_fret_for_bends, nullptr},
    Rule{Symptom::flat_after_bend, "slot_tight", 1, false, 0.5, slot_tight, width},
    Rule{Symptom::flat_after_bend, "string_stretches", 1, false, 0.45, string_stretches, nullptr},
    Rule{Symptom::flat_after_bend, "arm_sticks", 2, false, 0.35, nullptr, nullptr},
    Rule{Symptom::dead_note, "fret_loose", 1, false, 0.5, fret_loose, nullptr},
    Rule{Symptom::dead_note, "neck_resonance", 1, false, 0.45, nullptr, nullptr},
    Rule{Symptom::dead_note, "high_fret", 2, false, 0.4, high_fret_for_bends, nullptr},
    Rule{Symptom::dead_note, "strings_old", 2, false, 0.3, strings_old, nullptr},
    Rule{Symptom::string_breaks, "sharp_edge", 1, false, 0.55, nullptr, nullptr},
    Rule{Symptom::string_breaks, "core_stress", 2, false, 0.3, core_stress, nullptr},
    Rule{Symptom::string_breaks, "floor_shape", 2, false, 0.4, floor_shape, nullptr},
    Rule{Symptom::string_breaks, "slot_tight", 1, false, 0.3, slot_tight, width},
};

bool has_reading(const SymptomCase& c, std::string_view key) {
    if (key == "relief") return c.was_read(Restored::relief);
    if (key == width) return c.known().slot_width_mm.has_value() || !c.known().slot.empty();
    if (key == "cents") return !newest_cents(c.entries, c.heard.string).empty();
    if (key == open_gap) return c.known().nut_gap_mm.has_value();
    return c.known().action_mm.has_value();
}

std::vector<SideEffect> side_effects(const SymptomCase& c, const FoundInstrument::Change& change) {
    const std::vector<FoundString> after = c.instrument.with(change);
    std::vector<SideEffect> list;
    for (std::size_t i = 0; i < after.size(); ++i) {
        const FoundString& before = c.instrument.now()[i];
        list.push_back({i, least_headroom_n(before), least_headroom_n(after[i]), before.player_force_n,
                        least_back_gap_mm(before), least_back_gap_mm(after[i])});
    }
    return list;
}

/// One note points at its own fret, a region at the relief, everything at the action.
double pattern_factor(const Heard& heard, std::string_view cause) {
    if (heard.symptom != Symptom::note_buzz || heard.also.empty()) return 1.0;
    int lowest = heard.fret;
    int highest = heard.fret;
    bool same_fret = true;
    int on_this_string = 1;
    for (const HeardPlace& place : heard.also) {
        if (place.fret != heard.fret) same_fret = false;
        if (place.string != heard.string) continue;
        ++on_this_string;
        lowest = std::min(lowest, place.fret);
        highest = std::max(highest, place.fret);
    }
    constexpr int region = 7; // frets: what a bowed neck's middle spans
    if (same_fret) return cause == "high_fret" ? 1.4 : 1.0;
    if (on_this_string < 2) return 1.0;
    const bool up_the_neck = highest - lowest >= region;
    if (cause == "high_fret") return 0.5;
    if (cause == "relief_low") return up_the_neck ? 0.9 : 1.3;
    return up_the_neck ? 1.3 : 0.9;
}

/// A test that was made outweighs what was computed.
double answered(const Heard& heard, std::string_view cause, double weight) {
    for (const TestAnswer& answer : heard.answers)
        if (answer.cause == cause) switch (answer.result) {
            case TestResult::gone: return 1.0 + weight;
            case TestResult::better: return 0.5 + 0.5 * weight;
            case TestResult::same: return 0.05 * weight;
            }
    return weight;
}

} // namespace

Diagnosis diagnosis(const Design& design, const Solution& target, const ReadingLog& entries,
                    const Heard& heard, const std::vector<std::string_view>& found) {
    const FoundInstrument instrument(design, target, entries);
    const SymptomCase c{design, instrument, entries, heard, found};
    Diagnosis result;
    std::vector<Cause>& ranked = result.causes;
    for (const Rule& rule : rules) {
        if (rule.symptom != heard.symptom) continue;
        Cause cause;
        cause.id = rule.cause;
        const char* way = cause.id == "action_low" && design.saddle.by_screws() ? "_screws" : "";
        cause.test_id = "test." + cause.id + way;
        cause.cure_id = "cure." + cause.id + way;
        cause.test_effort = rule.test_effort;
        cause.stop = rule.stop;
        if (rule.effect) cause.effect = rule.effect(c);
        if (cause.cure()) cause.side_effects = side_effects(c, *cause.cure());
        cause.test_is_read = rule.test_is_reading && rule.helpful_key && has_reading(c, rule.helpful_key);
        cause.weight = answered(heard, rule.cause,
                                pattern_factor(heard, rule.cause) *
                                    (cause.effect ? cause.effect->weight : rule.weight_without));
        ranked.push_back(std::move(cause));
        const bool asked = std::find(result.missing_keys.begin(), result.missing_keys.end(),
                                     rule.helpful_key ? rule.helpful_key : "") != result.missing_keys.end();
        if (rule.helpful_key && !asked && !has_reading(c, rule.helpful_key))
            result.missing_keys.emplace_back(rule.helpful_key);
    }
    std::stable_sort(ranked.begin(), ranked.end(),
                     [](const Cause& a, const Cause& b) { return a.weight > b.weight; });
    for (std::size_t k = 0; k < ranked.size(); ++k) result.tests.push_back(k);
    std::stable_sort(result.tests.begin(), result.tests.end(), [&](std::size_t a, std::size_t b) {
        return result.causes[a].test_effort < result.causes[b].test_effort;
    });
    return result;
}

} // namespace fm
