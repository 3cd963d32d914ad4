#include "core/symptom/symptom_case.h"

#include <algorithm>
#include <cmath>
#include <functional>

namespace fm::effects {

namespace {

using CureOf = std::function<FoundInstrument::Change(double mm)>;

/// A cure as it is said: up to the next hundredth, so that it is enough.
double enough_mm(double amount_mm) {
    return std::ceil(amount_mm * 100 - 1e-6) / 100;
}

constexpr double width_told_mm = 0.02; // what a caliper tells of a slot's width

/// A part that can be put back: the more of the shortage that takes away, and the smaller the cure against
/// what is usual for it, the likelier it is the cause. Nothing where the part was not read: then the cause
/// keeps its standing from experience.
/// @param cure what an amount of it changes; empty: nothing that is shown
std::optional<Effect> by_part(const SymptomCase& c, const char* id, Restored part, double usual_mm,
                              std::optional<double> amount_mm, const CureOf& cure) {
    if (!c.was_read(part)) return std::nullopt;
    const double share = c.share(part);
    if (!amount_mm) return effect("effect.does_not_free", 0.6 * c.shortage() * share, {});
    const auto said = [&](const char* words, double weight, double mm) {
        Effect made = effect(words, weight, {gap_of(mm)});
        if (cure) made.cure = cure(mm);
        return made;
    };
    const double enough = std::max(enough_mm(*amount_mm), least_cure_mm(part));
    // It was heard, whatever room the model finds: a part that stands off its target is put back there; of
    // one that does not, the amount is the least a gauge can tell.
    if (*amount_mm == 0.0) {
        const double fault_mm = c.fault_mm(part);
        const double weight = 0.9 * c.shortage() * share;
        if (fault_mm < least_cure_mm(part)) return said("effect.at_least", weight, enough);
        return said("effect.back_to_target",
                    std::max(weight, 0.6 * std::min(1.0, fault_mm / (0.5 * usual_mm))), enough_mm(fault_mm));
    }
    const double small = 1.0 - 0.5 * std::min(1.0, *amount_mm / usual_mm);
    return said(id, c.shortage() * (0.3 * small + 0.7 * share), enough);
}

/// A cause no gauge shows: the likelier, the less the readings explain.
Effect unread(const SymptomCase& c, double prior) {
    return effect(c.shortage() < 0.5 ? "effect.readings_show_room" : "effect.readings_explain",
                  prior * (1.0 - c.shortage()), {});
}

} // namespace

std::optional<Effect> slot_low(const SymptomCase& c) {
    const CureOf cure = [&](double mm) { return FoundInstrument::Change::slot_raised(c.heard.string, mm); };
    const auto amount = c.instrument.freeing_mm(c.heard.string, 0, 1.0, cure);
    return by_part(c, "effect.raise_slot", Restored::slot, 0.3, amount, cure);
}

std::optional<Effect> slot_wide(const SymptomCase& c) {
    if (seen(c.known().slot, SlotFound::wiggles)) return effect("effect.slot_wiggles", 0.9, {});
    if (!c.known().slot_width_mm) return std::nullopt;
    const double excess_mm = *c.known().slot_width_mm - c.target().slot.width_mm;
    if (excess_mm < width_told_mm) return effect("effect.slot_fits", 0.0, {});
    return effect("effect.slot_wider", excess_mm / 0.2, {gap_of(excess_mm)});
}

std::optional<Effect> slot_tight(const SymptomCase& c) {
    if (seen(c.known().slot, SlotFound::binds)) return effect("effect.slot_binds", 0.9, {});
    if (!c.known().slot_width_mm) return std::nullopt;
    const double lack_mm = c.target().slot.width_mm - *c.known().slot_width_mm;
    if (lack_mm < width_told_mm) return effect("effect.slot_fits", std::max(0.0, lack_mm) / 0.06, {});
    return effect("effect.slot_narrower", lack_mm / 0.06, {gap_of(lack_mm)});
}

std::optional<Effect> floor_tilted(const SymptomCase& c) {
    return unread(c, 0.5);
}

std::optional<Effect> side_angle(const SymptomCase& c) {
    if (!c.target().bend) return std::nullopt;
    const double deg = c.target().bend->side_angle_deg;
    return effect("effect.side_angle", std::abs(deg) / 15.0, {AngleDeg{deg}});
}

std::optional<Effect> nut_break(const SymptomCase& c) {
    if (!c.target().bend) return std::nullopt;
    const double deg = c.target().bend->break_angle_deg;
    return effect("effect.break_angle", (6.0 - deg) / 6.0, {AngleDeg{deg}});
}

std::optional<Effect> saddle_break(const SymptomCase& c) {
    if (!c.target().bridge) return std::nullopt;
    const double deg = c.target().bridge->break_angle_deg;
    const double wanted = c.instrument.design().bridge->break_angle_min_deg;
    return effect("effect.break_angle", (1.5 * wanted - deg) / wanted, {AngleDeg{deg}});
}

std::optional<Effect> high_fret(const SymptomCase& c) {
    const int over = c.limiting_fret();
    if (over < 1) return std::nullopt;
    const double share = c.share(Restored::fret);
    if (share == 0.0) return unread(c, c.heard.symptom == Symptom::note_buzz ? 0.7 : 0.3);
    const auto amount = c.instrument.freeing_mm(c.heard.string, c.fret(), 0.5, [&](double mm) {
        FoundInstrument::Change change;
        change.fret = over;
        change.level_fret_mm = mm;
        return change;
    });
    std::optional<Effect> made = by_part(c, "effect.level_fret", Restored::fret, 0.1, amount, {});
    if (made && made->text.id == "effect.level_fret")
        made->text.arguments.insert(made->text.arguments.begin(), over);
    return made;
}

std::optional<Effect> relief_low(const SymptomCase& c) {
    const CureOf cure = [](double mm) {
        FoundInstrument::Change change;
        change.relief_mm = mm;
        return change;
    };
    const auto amount = c.instrument.freeing_mm(c.heard.string, c.fret(), 0.5, cure);
    return by_part(c, "effect.more_relief", Restored::relief, 0.3, amount, cure);
}

std::optional<Effect> action_low(const SymptomCase& c) {
    const CureOf cure = [](double mm) {
        FoundInstrument::Change change;
        change.raise_saddle_mm = mm;
        return change;
    };
    const auto amount = c.instrument.freeing_mm(c.heard.string, c.fret(), 5.0, cure);
    return by_part(c, "effect.raise_saddle", Restored::saddle, 1.0, amount, cure);
}

/// Something rattles along: of every buzz, and the likeliest where everything stands as it should.
std::optional<Effect> loose_part(const SymptomCase& c) {
    if (!c.known().complete()) return std::nullopt;
    const bool fault =
        c.any_fault() || c.known().slot_width_mm.value_or(0.0) > c.target().slot.width_mm + 0.1 ||
        seen(c.known().slot, SlotFound::wiggles) || seen(c.known().slot, SlotFound::floor_flat) ||
        seen(c.known().slot, SlotFound::floor_forward);
    return fault ? effect("effect.fault_found", 0.2, {}) : effect("effect.nothing_found", 0.72, {});
}

} // namespace fm::effects
