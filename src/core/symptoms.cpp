// One table of causes with one function each for the size of its effect: longer than other files so that the
// whole look-up stands in one place.
#include "core/symptoms.h"

#include "core/cures.h"
#include "core/fit.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace fm {

namespace {

using Change = Bench::Change;

struct Case {
    const Bench& bench;
    const std::vector<ReadingEntry>& entries;
    const Heard& heard;

    const Player& player() const { return bench.design().player; }
    const FoundString& string() const { return bench.now()[heard.string]; }
    const StringSolution& target() const { return bench.target().strings[heard.string]; }
    const KnownString& known() const { return bench.known()[heard.string]; }
    int fret() const { return std::min(heard.fret, bench.design().neck.frets - 1); }
    double headroom_n() const {
        const auto n = static_cast<std::size_t>(fret());
        if (n >= string().headroom.size() || !string().headroom[n].force_n) return 1000.0;
        return *string().headroom[n].force_n;
    }
    /// 1 where the note cannot be free, 0 where it has twice the room the player needs.
    double shortage() const {
        return std::clamp(1.0 - 0.5 * headroom_n() / player().pluck_force_n, 0.0, 1.0);
    }
    /// Against the open string: as read last, else as the model has it.
    double cents(int at_fret) const {
        std::vector<CentsAgainst> against;
        const std::vector<CentsReading> read = newest_cents(entries, heard.string, against);
        for (std::size_t k = 0; k < read.size(); ++k)
            if (read[k].fret == at_fret)
                return read[k].cents + (against[k] == CentsAgainst::harmonic ? string().harmonic_cents : 0.0);
        return string().sound ? string().sound->cents[static_cast<std::size_t>(at_fret)] : 0.0;
    }
};

double rounded(double value, double step) {
    return std::round(value / step) * step;
}

Effect effect(const char* id, double weight, std::vector<Argument> arguments) {
    return {{id, Severity::note, {}, std::move(arguments)}, std::clamp(weight, 0.0, 1.0)};
}

/// A cure by an amount: the smaller against what is usual for it, the likelier the cause.
std::optional<Effect> by_amount(const Case& c, const char* id, std::optional<double> amount_mm,
                                double usual_mm) {
    if (!amount_mm || *amount_mm == 0.0)
        return effect(amount_mm ? "effect.not_short" : "effect.does_not_free", 0.0, {});
    return effect(id, c.shortage() * (1.0 - 0.5 * std::min(1.0, *amount_mm / usual_mm)),
                  {LengthMm{rounded(*amount_mm, 0.001)}});
}

std::optional<Effect> slot_low(const Case& c) {
    const auto amount = c.bench.freeing_mm(c.heard.string, 0, 1.0, [&](double mm) {
        Change change;
        change.string = c.heard.string;
        change.raise_slot_mm = mm;
        return change;
    });
    return by_amount(c, "effect.raise_slot", amount, 0.3);
}

std::optional<Effect> slot_wide(const Case& c) {
    if (!c.known().slot_width_mm) return std::nullopt;
    const double excess_mm = *c.known().slot_width_mm - c.target().slot.width_mm;
    return effect("effect.slot_wider", excess_mm > 0 ? std::min(1.0, excess_mm / 0.2) : 0.0,
                  {LengthMm{excess_mm}});
}

std::optional<Effect> slot_tight(const Case& c) {
    if (c.known().slot == SlotFound::binds) return effect("effect.slot_binds", 0.9, {});
    if (!c.known().slot_width_mm) return std::nullopt;
    const double lack_mm = c.target().slot.width_mm - *c.known().slot_width_mm;
    return effect("effect.slot_narrower", lack_mm > 0 ? std::min(1.0, lack_mm / 0.1) : 0.0,
                  {LengthMm{lack_mm}});
}

std::optional<Effect> side_angle(const Case& c) {
    if (!c.target().bend) return std::nullopt;
    const double deg = c.target().bend->side_angle_deg;
    return effect("effect.side_angle", std::abs(deg) / 15.0, {AngleDeg{deg}});
}

std::optional<Effect> nut_break(const Case& c) {
    if (!c.target().bend) return std::nullopt;
    const double deg = c.target().bend->break_angle_deg;
    return effect("effect.break_angle", (6.0 - deg) / 6.0, {AngleDeg{deg}});
}

std::optional<Effect> saddle_break(const Case& c) {
    if (!c.target().bridge) return std::nullopt;
    const double deg = c.target().bridge->break_angle_deg;
    const double wanted = c.bench.design().bridge->break_angle_min_deg;
    return effect("effect.break_angle", (1.5 * wanted - deg) / wanted, {AngleDeg{deg}});
}

int limiting_fret(const Case& c) {
    const auto n = static_cast<std::size_t>(c.fret());
    return n < c.string().headroom.size() ? c.string().headroom[n].fret : c.fret() + 1;
}

std::optional<Effect> high_fret(const Case& c) {
    const int over = limiting_fret(c);
    if (over < 1) return std::nullopt;
    const auto amount = c.bench.freeing_mm(c.heard.string, c.fret(), 0.5, [&](double mm) {
        Change change;
        change.fret = over;
        change.level_fret_mm = mm;
        return change;
    });
    if (!amount || *amount == 0.0) return by_amount(c, "effect.level_fret", amount, 0.1);
    return effect("effect.level_fret", c.shortage() * (1.0 - 0.5 * std::min(1.0, *amount / 0.1)),
                  {over, LengthMm{rounded(*amount, 0.001)}});
}

std::optional<Effect> relief_low(const Case& c) {
    const auto amount = c.bench.freeing_mm(c.heard.string, c.fret(), 0.5, [](double mm) {
        Change change;
        change.relief_mm = mm;
        return change;
    });
    return by_amount(c, "effect.more_relief", amount, 0.3);
}

std::optional<Effect> action_low(const Case& c) {
    const auto amount = c.bench.freeing_mm(c.heard.string, c.fret(), 5.0, [](double mm) {
        Change change;
        change.raise_saddle_mm = mm;
        return change;
    });
    return by_amount(c, "effect.raise_saddle", amount, 1.0);
}

double back_shortage(const Case& c) {
    const auto n = static_cast<std::size_t>(std::max(0, c.heard.fret - 2));
    if (n >= c.string().back_gaps_mm.size() || !c.string().back_gaps_mm[n]) return 0.5;
    return std::clamp(1.0 - 0.5 * *c.string().back_gaps_mm[n] / c.player().back_gap_min_mm, 0.0, 1.0);
}

std::optional<Effect> slot_deep_behind(const Case& c) {
    const auto amount = c.bench.quieting_mm(c.heard.string, c.heard.fret, 1.0, [&](double mm) {
        Change change;
        change.string = c.heard.string;
        change.raise_slot_mm = mm;
        return change;
    });
    if (!amount) return effect("effect.does_not_free", 0.0, {});
    return effect(*amount > 0 ? "effect.raise_slot_behind" : "effect.not_short",
                  *amount > 0 ? back_shortage(c) : 0.0, {LengthMm{rounded(*amount, 0.001)}});
}

std::optional<Effect> straight_behind(const Case& c) {
    const auto amount = c.bench.quieting_mm(c.heard.string, c.heard.fret, 0.5, [](double mm) {
        Change change;
        change.relief_mm = mm;
        return change;
    });
    if (!amount) return effect("effect.does_not_free", 0.0, {});
    // More relief lifts the middle of the strings: the saddle gives that back.
    Change bowed;
    bowed.relief_mm = *amount;
    const std::vector<FoundString> strings = c.bench.with(bowed);
    const double lift_mm =
        clearance_mm(strings[c.heard.string].standing, 0, 12) - clearance_mm(c.string().standing, 0, 12);
    return effect(*amount > 0 ? "effect.relief_behind" : "effect.not_short",
                  *amount > 0 ? 0.9 * back_shortage(c) : 0.0,
                  {LengthMm{rounded(*amount, 0.001)}, LengthMm{rounded(2.0 * lift_mm, 0.01)}});
}

std::optional<Effect> nut_high(const Case& c) {
    if (!c.string().sound) return std::nullopt;
    const double now = c.cents(1);
    Change lower;
    lower.string = c.heard.string;
    lower.raise_slot_mm =
        c.known().complete() ? c.target().above_fret_line_mm - *c.known().above_fret_line_mm : 0.0;
    const double after = c.bench.with(lower)[c.heard.string].sound->cents[1];
    const double gain = c.string().sound->cents[1] - after;
    return effect("effect.nut_lower", now > 0 ? gain / std::max(2.0, now) : 0.0,
                  {LengthMm{-lower.raise_slot_mm}, rounded(gain, 0.1)});
}

std::optional<Effect> nut_back(const Case& c) {
    if (!c.string().sound) return std::nullopt;
    constexpr double forward_mm = 0.3;
    Change change;
    change.set_forward_mm = forward_mm;
    const double gain = c.string().sound->cents[1] - c.bench.with(change)[c.heard.string].sound->cents[1];
    const double now = c.cents(1);
    return effect("effect.nut_forward", now > 2 ? std::min(0.8, now / 20.0) : 0.0,
                  {LengthMm{forward_mm}, rounded(gain, 0.1)});
}

std::optional<Effect> crown_off(const Case& c, double sign) {
    const double cents = c.cents(12);
    const Neck neck(c.bench.design().neck);
    const double move_mm = crown_move_mm(StringOnNeck(neck, c.target().line), cents, 0.0);
    return effect(sign > 0 ? "effect.crown_back" : "effect.crown_forward", sign * cents / 5.0,
                  {rounded(cents, 0.1), LengthMm{rounded(std::abs(move_mm), 0.01)}});
}
std::optional<Effect> crown_forward(const Case& c) {
    return crown_off(c, 1.0);
}
std::optional<Effect> crown_back(const Case& c) {
    return crown_off(c, -1.0);
}

std::optional<Effect> press_deep(const Case& c) {
    if (!c.string().sound) return std::nullopt;
    const int fret = std::clamp(c.heard.fret, 1, c.bench.design().neck.frets);
    Change hard;
    hard.press_mm = 0.3;
    const double more = c.bench.with(hard)[c.heard.string].sound->cents[static_cast<std::size_t>(fret)] -
                        c.string().sound->cents[static_cast<std::size_t>(fret)];
    return effect("effect.press", std::min(0.9, more / 5.0), {LengthMm{0.3}, rounded(more, 0.1)});
}

/// Where a heavy hand is only one explanation.
std::optional<Effect> press_deep_perhaps(const Case& c) {
    std::optional<Effect> made = press_deep(c);
    if (made) made->weight *= 0.5;
    return made;
}

std::optional<Effect> bridge_low(const Case& c) {
    if (!c.target().bridge) return std::nullopt;
    return effect(
        "effect.down_force", 0.4 + 0.3 * (8.0 - c.target().bridge->break_angle_deg) / 8.0,
        {rounded(c.target().bridge->down_force_n, 0.1), AngleDeg{c.target().bridge->break_angle_deg}});
}

std::optional<Effect> moment(const Case& c) {
    if (!c.bench.target().bridge) return std::nullopt;
    return effect("effect.moment", 0.9, {rounded(c.bench.target().bridge->moment_nm, 0.1)});
}

std::optional<Effect> season(const Case& c) {
    const std::vector<ReadingEntry> ordered = in_order(c.entries);
    const ReadingEntry* first = nullptr;
    const ReadingEntry* last = nullptr;
    for (const ReadingEntry& entry : ordered) {
        if (!entry.relief) continue;
        if (!first) first = &entry;
        last = &entry;
    }
    if (!first || first == last) return std::nullopt;
    NeckDesign design = c.bench.design().neck;
    design.relief = last->relief;
    const Relief& at = *first->relief;
    const double now_mm = Neck(design).relief_depth_mm(at.from_fret, at.at_fret, at.to_fret);
    const double moved_mm = now_mm - at.depth_mm;
    return effect(moved_mm < 0 ? "effect.straighter" : "effect.more_bowed", std::abs(moved_mm) / 0.1,
                  {LengthMm{std::abs(moved_mm)}});
}

struct Rule {
    Symptom symptom;
    const char* cause;
    int test_effort;
    bool stop;
    double weight_without; // where nothing can be computed
    std::optional<Effect> (*effect)(const Case&);
    const char* helpful_key; // a reading that would tell more, or nullptr
};

constexpr auto open_gap = "open_gap_fret1_mm";
constexpr auto width = "slot_width_mm";

constexpr std::array rules{
    Rule{Symptom::open_buzz, "slot_low", 1, false, 0.5, slot_low, open_gap},
    Rule{Symptom::open_buzz, "floor_tilted", 2, false, 0.35, nullptr, nullptr},
    Rule{Symptom::open_buzz, "slot_wide", 1, false, 0.3, slot_wide, width},
    Rule{Symptom::open_buzz, "relief_low", 2, false, 0.2, relief_low, "relief"},
    Rule{Symptom::note_buzz, "high_fret", 2, false, 0.4, high_fret, nullptr},
    Rule{Symptom::note_buzz, "relief_low", 2, false, 0.3, relief_low, "relief"},
    Rule{Symptom::note_buzz, "action_low", 3, false, 0.3, action_low, "action12_mm"},
    Rule{Symptom::all_buzz, "action_low", 3, false, 0.5, action_low, "action12_mm"},
    Rule{Symptom::all_buzz, "relief_low", 2, false, 0.4, relief_low, "relief"},
    Rule{Symptom::behind_finger_buzz, "slot_deep", 1, false, 0.5, slot_deep_behind, open_gap},
    Rule{Symptom::behind_finger_buzz, "neck_straight", 2, false, 0.4, straight_behind, "relief"},
    Rule{Symptom::first_frets_sharp, "nut_high", 1, false, 0.5, nut_high, open_gap},
    Rule{Symptom::first_frets_sharp, "nut_back", 3, false, 0.3, nut_back, nullptr},
    Rule{Symptom::sharp_up_the_neck, "crown_forward", 1, false, 0.5, crown_forward, "cents"},
    Rule{Symptom::sharp_up_the_neck, "press_deep", 1, false, 0.2, press_deep_perhaps, nullptr},
    Rule{Symptom::flat_up_the_neck, "crown_back", 1, false, 0.5, crown_back, "cents"},
    Rule{Symptom::sharp_when_pressed, "press_deep", 1, false, 0.6, press_deep, nullptr},
    Rule{Symptom::sharp_when_pressed, "nut_high", 1, false, 0.3, nut_high, open_gap},
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
    Rule{Symptom::changed_with_season, "neck_moved", 2, false, 0.6, season, "relief"},
};

bool has_reading(const Case& c, std::string_view key) {
    if (key == "relief") return found_relief(c.bench.design(), in_order(c.entries)).has_value();
    if (key == width) return c.known().slot_width_mm.has_value() || c.known().slot.has_value();
    if (key == "cents") {
        std::vector<CentsAgainst> against;
        return !newest_cents(c.entries, c.heard.string, against).empty();
    }
    if (key == open_gap) return c.known().nut_gap_mm.has_value();
    return c.known().action_mm.has_value();
}

/// The change a cure makes, for what it does to the others.
std::optional<Change> change_of(const Case& c, const Cause& cause) {
    if (!cause.effect || cause.effect->weight <= 0.0 || cause.effect->text.arguments.empty())
        return std::nullopt;
    const LengthMm* amount = std::get_if<LengthMm>(&cause.effect->text.arguments.front());
    if (!amount) return std::nullopt;
    Change change;
    change.string = c.heard.string;
    if (cause.id == "slot_low" || cause.id == "slot_deep")
        change.raise_slot_mm = amount->mm;
    else if (cause.id == "relief_low")
        change.relief_mm = amount->mm;
    else if (cause.id == "action_low")
        change.raise_saddle_mm = amount->mm;
    else if (cause.id == "neck_straight") {
        change.relief_mm = amount->mm;
        change.raise_saddle_mm = -std::get<LengthMm>(cause.effect->text.arguments[1]).mm;
    } else
        return std::nullopt;
    return change;
}

std::vector<SideEffect> side_effects(const Case& c, const Change& change) {
    const std::vector<FoundString> after = c.bench.with(change);
    std::vector<SideEffect> list;
    for (std::size_t i = 0; i < after.size(); ++i) {
        const FoundString& before = c.bench.now()[i];
        list.push_back({i, least_headroom_n(before), least_headroom_n(after[i]), least_back_gap_mm(before),
                        least_back_gap_mm(after[i])});
    }
    return list;
}

constexpr std::array<std::string_view, symptom_count> words{
    "open_buzz",         "note_buzz",        "all_buzz",           "behind_finger_buzz", "first_frets_sharp",
    "sharp_up_the_neck", "flat_up_the_neck", "sharp_when_pressed", "sitar_at_nut",       "muffled_at_saddle",
    "ping_when_tuning",  "weak_sound",       "bridge_moves",       "changed_with_season"};

} // namespace

std::string_view symptom_word(Symptom symptom) {
    return words[static_cast<std::size_t>(symptom)];
}

std::optional<Symptom> symptom_of_word(std::string_view word) {
    for (std::size_t i = 0; i < words.size(); ++i)
        if (words[i] == word) return static_cast<Symptom>(i);
    return std::nullopt;
}

Diagnosis diagnosis(const Design& design, const Solution& target, const std::vector<ReadingEntry>& entries,
                    const Heard& heard) {
    const Bench bench(design, target, entries);
    const Case c{bench, entries, heard};
    struct Ranked {
        Cause cause;
        double weight;
    };
    std::vector<Ranked> ranked;
    Diagnosis result;
    for (const Rule& rule : rules) {
        if (rule.symptom != heard.symptom) continue;
        Cause cause{rule.cause, rule.test_effort, rule.stop, rule.effect ? rule.effect(c) : std::nullopt, {}};
        if (const auto change = change_of(c, cause)) cause.side_effects = side_effects(c, *change);
        const double weight = cause.effect ? cause.effect->weight : rule.weight_without;
        ranked.push_back({std::move(cause), weight});
        const bool asked = std::find(result.missing_keys.begin(), result.missing_keys.end(),
                                     rule.helpful_key ? rule.helpful_key : "") != result.missing_keys.end();
        if (rule.helpful_key && !asked && !has_reading(c, rule.helpful_key))
            result.missing_keys.emplace_back(rule.helpful_key);
    }
    std::stable_sort(ranked.begin(), ranked.end(),
                     [](const Ranked& a, const Ranked& b) { return a.weight > b.weight; });
    for (std::size_t k = 0; k < ranked.size(); ++k) {
        result.causes.push_back(std::move(ranked[k].cause));
        result.tests.push_back(k);
    }
    std::stable_sort(result.tests.begin(), result.tests.end(), [&](std::size_t a, std::size_t b) {
        return result.causes[a].test_effort < result.causes[b].test_effort;
    });
    return result;
}

} // namespace fm
