#include "core/symptom/symptom_case.h"

#include "core/found/fit.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double unreachable_n = 1000.0; // no hand plucks so hard
// Less than the usual gauge can tell is no fault.
constexpr double slot_told_mm = 0.03;
constexpr double saddle_told_mm = 0.1;
constexpr double relief_told_mm = 0.025;
constexpr double fret_told_mm = 0.02;

} // namespace

double least_cure_mm(Restored part) {
    switch (part) {
    case Restored::slot: return 0.05;
    case Restored::saddle: return 0.1;
    case Restored::relief:
    case Restored::fret: return 0.02;
    }
    return 0.05;
}

int SymptomCase::fret() const {
    const auto& heads = string().headroom;
    if (heard.symptom != Symptom::all_buzz) return std::min(heard.fret, design.neck.frets - 1);
    std::size_t least = 1;
    for (std::size_t n = 1; n < heads.size(); ++n)
        if (heads[n].force_n && heads[n].force_n.value() < heads[least].force_n.value_or(unreachable_n))
            least = n;
    return static_cast<int>(least);
}

int SymptomCase::limiting_fret() const {
    const auto n = static_cast<std::size_t>(fret());
    return n < string().headroom.size() ? string().headroom[n].fret : fret() + 1;
}

double SymptomCase::headroom_n(const FoundString& on) const {
    const auto n = static_cast<std::size_t>(fret());
    if (n >= on.headroom.size()) return unreachable_n;
    return on.headroom[n].force_n.value_or(unreachable_n);
}

double SymptomCase::shortage(const FoundString& on) const {
    return std::clamp(1.0 - 0.5 * headroom_n(on) / on.player_force_n, 0.0, 1.0);
}

double SymptomCase::cents(int at_fret) const {
    for (const CentsRead& read : newest_cents(entries, heard.string))
        if (read.fret == at_fret)
            return read.cents + (read.against == CentsAgainst::harmonic ? string().harmonic_cents : 0.0);
    return string().sound ? string().sound->cents[static_cast<std::size_t>(at_fret)] : 0.0;
}

bool SymptomCase::was_read(Restored part) const {
    switch (part) {
    case Restored::slot:
    case Restored::saddle: return known().complete();
    case Restored::relief:
        return std::any_of(entries.begin(), entries.end(),
                           [](const auto& e) { return e.relief.has_value(); });
    case Restored::fret: return true; // what is known of the frets stands in the job
    }
    return true;
}

double SymptomCase::fault_mm(Restored part) const {
    double mm = 0;
    double told_mm = 0;
    switch (part) {
    case Restored::slot:
        if (known().complete()) mm = target().above_fret_line_mm - *known().above_fret_line_mm;
        told_mm = slot_told_mm;
        break;
    case Restored::saddle:
        if (known().complete()) mm = target().ends.saddle_z_mm - *known().saddle_z_mm;
        told_mm = saddle_told_mm;
        break;
    case Restored::relief: {
        const Relief& found = *instrument.design().neck.relief;
        mm =
            Neck(design.neck).relief_depth_mm(found.from_fret, found.at_fret, found.to_fret) - found.depth_mm;
        told_mm = relief_told_mm;
        break;
    }
    case Restored::fret: {
        const auto& offsets = design.neck.fret_offsets_mm;
        const auto at = static_cast<std::size_t>(limiting_fret());
        if (at >= 1 && at <= offsets.size()) {
            const auto pressed = static_cast<std::size_t>(fret());
            mm = offsets[at - 1] - (pressed >= 1 && pressed < at ? offsets[pressed - 1] : 0.0);
        }
        told_mm = fret_told_mm;
        break;
    }
    }
    return mm > told_mm ? mm : 0.0;
}

bool SymptomCase::any_fault() const {
    for (const Restored part : {Restored::slot, Restored::saddle, Restored::relief, Restored::fret})
        if (fault_mm(part) > 0) return true;
    return false;
}

FoundInstrument::Change SymptomCase::restoring(Restored part) const {
    FoundInstrument::Change change;
    change.string = heard.string;
    const double mm = fault_mm(part);
    switch (part) {
    case Restored::slot: change.raise_slot_mm = mm; break;
    case Restored::saddle: change.raise_saddle_mm = mm; break;
    case Restored::relief: change.relief_mm = mm; break;
    case Restored::fret:
        change.fret = limiting_fret();
        change.level_fret_mm = mm;
        break;
    }
    return change;
}

double SymptomCase::gain(Restored part) const {
    if (fault_mm(part) == 0.0) return 0.0;
    return std::max(0.0, shortage() - shortage(instrument.with(restoring(part))[heard.string]));
}

double SymptomCase::share(Restored part) const {
    double sum = 0;
    for (const Restored each : {Restored::slot, Restored::saddle, Restored::relief, Restored::fret})
        sum += gain(each);
    constexpr double least_sum = 0.1; // of what is next to nothing no share tells anything
    return gain(part) / std::max(least_sum, sum);
}

Effect effects::effect(const char* id, double weight, std::vector<Argument> arguments) {
    return {{id, Severity::note, {}, std::move(arguments)}, std::clamp(weight, 0.0, 1.0), std::nullopt};
}

} // namespace fm
