#pragma once
// What the causes of symptoms have in common: the instrument as found and as wanted, and what was heard
// where.
#include "core/found/found_instrument.h"
#include "core/symptom/symptoms.h"

namespace fm {

/// Parts that can be put back where they should be, one at a time, to see what that does.
enum class Restored { slot, saddle, relief, fret };
/// The least that is advised of a part: what its gauge can tell.
double least_cure_mm(Restored part);

/// What was heard, on the instrument as it was read last.
struct SymptomCase {
    const Design& design;              ///< as wanted
    const FoundInstrument& instrument; ///< as found
    const ReadingLog& entries;
    const Heard& heard;
    const std::vector<std::string_view>& survey_found; ///< words of the survey's points

    bool surveyed(std::string_view point) const {
        return std::find(survey_found.begin(), survey_found.end(), point) != survey_found.end();
    }
    const Player& player() const { return design.player; }
    const FoundString& string() const { return instrument.now()[heard.string]; }
    const StringSolution& target() const { return instrument.target().strings[heard.string]; }
    /// Whether a part was read at all: a design's own value is no reading.
    bool was_read(Restored part) const;
    const KnownString& known() const { return instrument.known()[heard.string]; }
    /// Where it was heard; of everything up the neck the fretted note with the least room.
    int fret() const;
    /// The fret that note meets first.
    int limiting_fret() const;
    double headroom_n(const FoundString& on) const;
    /// 1 where the note cannot be free, 0 where it has twice the room the player needs.
    double shortage(const FoundString& on) const;
    double shortage() const { return shortage(string()); }
    /// Against the open string: as read last, else as the model has it.
    double cents(int at_fret) const;

    /// Whether any part that was read stands off its target by more than its gauge tells.
    bool any_fault() const;
    /// How far a part stands from where it should be, in the way that takes room from the string; 0 where
    /// that was not read, or is less than its reading can tell.
    double fault_mm(Restored part) const;
    /// Putting that part back where it should be.
    FoundInstrument::Change restoring(Restored part) const;
    /// How much of the shortage that takes away.
    double gain(Restored part) const;
    /// Of what all parts together would take away, the share of this one.
    double share(Restored part) const;
};

/// Effects by cause: how large, and how well it explains what was heard. Nothing where nothing can be
/// computed.
using EffectOf = std::optional<Effect> (*)(const SymptomCase&);

namespace effects {
/// @param weight is brought into 0 … 1
Effect effect(const char* id, double weight, std::vector<Argument> arguments);

std::optional<Effect> loose_part(const SymptomCase& c);
std::optional<Effect> slot_low(const SymptomCase& c);
std::optional<Effect> slot_wide(const SymptomCase& c);
std::optional<Effect> slot_tight(const SymptomCase& c);
std::optional<Effect> floor_tilted(const SymptomCase& c);
std::optional<Effect> side_angle(const SymptomCase& c);
std::optional<Effect> nut_break(const SymptomCase& c);
std::optional<Effect> saddle_break(const SymptomCase& c);
std::optional<Effect> high_fret(const SymptomCase& c);
std::optional<Effect> relief_low(const SymptomCase& c);
std::optional<Effect> action_low(const SymptomCase& c);
std::optional<Effect> slot_deep_behind(const SymptomCase& c);
std::optional<Effect> straight_behind(const SymptomCase& c);
std::optional<Effect> nut_high(const SymptomCase& c);
std::optional<Effect> nut_back(const SymptomCase& c);
std::optional<Effect> crown_forward(const SymptomCase& c);
std::optional<Effect> crown_back(const SymptomCase& c);
std::optional<Effect> press_deep(const SymptomCase& c);
std::optional<Effect> press_deep_perhaps(const SymptomCase& c);
std::optional<Effect> bridge_low(const SymptomCase& c);
std::optional<Effect> moment(const SymptomCase& c);
std::optional<Effect> season(const SymptomCase& c);
std::optional<Effect> heights_low(const SymptomCase& c);
std::optional<Effect> brace_loose(const SymptomCase& c);
std::optional<Effect> fret_loose(const SymptomCase& c);
std::optional<Effect> strings_old(const SymptomCase& c);
std::optional<Effect> string_stretches(const SymptomCase& c);
std::optional<Effect> board_curve(const SymptomCase& c);
std::optional<Effect> action_low_for_bends(const SymptomCase& c);
std::optional<Effect> high_fret_for_bends(const SymptomCase& c);
std::optional<Effect> core_stress(const SymptomCase& c);
std::optional<Effect> floor_shape(const SymptomCase& c);
} // namespace effects

} // namespace fm
