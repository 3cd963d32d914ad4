#include "ui/station/survey/survey_readings.h"

#include "core/design/inputs.h"
#include "job/edits/reading_edits.h"

namespace fm {

namespace {

Value relief_as_read(const State& state, Read side, double depth_mm) {
    const NeckDesign& neck = state.job.design.neck;
    const Relief relief = state.found.relief.value_or(neck.relief.value_or(neck.straight()));
    const auto treble = as_found(state, Read::relief_treble, 0);
    Value value{Value::Object{}};
    const auto bass = as_found(state, Read::relief, 0);
    if (side == Read::relief ? treble.has_value() : bass.has_value()) {
        const bool of_bass = side == Read::relief;
        value = with(value, "bass_mm", of_bass ? depth_mm : *bass);
        value = with(value, "treble_mm", of_bass ? *treble : depth_mm);
    } else {
        value = with(value, "depth_mm", depth_mm);
    }
    value = with(value, "at_fret", relief.at_fret);
    return with(value, "between_frets", Value::Array{relief.from_fret, relief.to_fret});
}

} // namespace

LengthKind kind_of(Read what) {
    switch (what) {
    case Read::relief:
    case Read::relief_treble:
    case Read::nut_gap: return LengthKind::gap;
    case Read::action: return LengthKind::action;
    case Read::crown: return LengthKind::along;
    case Read::slot_width:
    case Read::humidity: return LengthKind::small;
    }
    return LengthKind::small;
}

Unit unit_of(const State& state, Read what) {
    return state.job.units.of(kind_of(what));
}

std::optional<ReadThing> thing_of(Read what) {
    switch (what) {
    case Read::relief:
    case Read::relief_treble: return ReadThing::relief;
    case Read::nut_gap: return ReadThing::gap_fret1;
    case Read::action: return ReadThing::action12;
    case Read::slot_width: return ReadThing::slot_width;
    case Read::crown: return ReadThing::crown;
    case Read::humidity: return std::nullopt;
    }
    return std::nullopt;
}

std::optional<double> as_found(const State& state, Read what, std::size_t string) {
    const Design& design = state.job.design;
    const ReadingEntry& found = state.found;
    const StringReadings& read = found.strings[std::min(string, found.strings.size() - 1)];
    switch (what) {
    case Read::nut_gap: return nut_way(design).read_mm(read);
    case Read::action: return action_way(design).read_mm(read);
    case Read::slot_width: return read.slot_width_mm;
    case Read::relief:
        if (found.relief_sides_mm) return found.relief_sides_mm->bass_mm;
        return found.relief ? std::optional(found.relief->depth_mm) : std::nullopt;
    case Read::relief_treble:
        return found.relief_sides_mm ? std::optional(found.relief_sides_mm->treble_mm) : std::nullopt;
    case Read::crown: return read.crown_found_mm;
    case Read::humidity: return found.humidity_pct;
    }
    return std::nullopt;
}

std::optional<double> wanted(const State& state, Read what, std::size_t string) {
    const Design& design = state.job.design;
    const StringSolution& target = state.solution.strings[string];
    switch (what) {
    case Read::nut_gap: return nut_way(design).of(target);
    case Read::action: return action_way(design).of(target);
    case Read::slot_width: return target.slot.width_mm;
    case Read::relief:
    case Read::relief_treble:
        return design.neck.relief ? std::optional(design.neck.relief->depth_mm) : std::nullopt;
    case Read::crown: return target.line.saddle_x_mm - state.neck.fret_x_mm(12, target.line.scale_mm);
    case Read::humidity: return std::nullopt;
    }
    return std::nullopt;
}

std::optional<ReadingBound> leaves_as_found(const State& state, Read what, std::size_t string) {
    const Design& design = state.job.design;
    if (what != Read::nut_gap && what != Read::action) return std::nullopt;
    const ReadingWay way = what == Read::action ? action_way(design) : nut_way(design);
    const StringReadings& read = state.found.strings[string];
    if (!way.open() && what == Read::nut_gap && read.pressed_fret != way.held_at) return std::nullopt;
    for (const ReadingBound& bound : read.bounds)
        if (bound.key == way.key()) return bound;
    return std::nullopt;
}

std::optional<double> GaugeUsed::u_mm() const {
    if (own_u_mm) return own_u_mm;
    const Gauge* known = gauge_of_word(name);
    return known ? std::optional(known->uncertainty_mm) : std::nullopt;
}

Value GaugeUsed::written() const {
    if (!own_u_mm) return name;
    return with(with(Value(Value::Object{}), "name", name), "u_mm", *own_u_mm);
}

GaugeUsed gauge_for(const State& state, Read what, const ReadingGauges& chosen) {
    const ReadingGauges& read = state.found.gauges;
    const auto of = [](const GaugeUsed& now, const GaugeUsed& before, const char* usual) {
        return !now.name.empty() ? now : !before.name.empty() ? before : GaugeUsed{usual, {}};
    };
    switch (what) {
    case Read::nut_gap: return of({chosen.nut, chosen.nut_u_mm}, {read.nut, read.nut_u_mm}, "feeler");
    case Read::action:
        return of({chosen.action, chosen.action_u_mm}, {read.action, read.action_u_mm}, "half_mm_rule");
    case Read::relief:
    case Read::relief_treble:
        return of({chosen.relief, chosen.relief_u_mm}, {read.relief, read.relief_u_mm}, "feeler");
    case Read::slot_width:
    case Read::crown:
    case Read::humidity: return {};
    }
    return {};
}

Value with_read(const Value& document, const State& state, Read what, std::size_t string,
                const WrittenLength& value, const ReadingGauges& gauges, const QString& sitting) {
    const Design& design = state.job.design;
    FoundReading reading;
    const std::string at = "strings[" + std::to_string(string) + "].";
    if (what == Read::relief || what == Read::relief_treble) {
        reading.set.emplace_back("relief", relief_as_read(state, what, value.mm));
        reading.gauge_of = "relief";
    } else if (what == Read::humidity) {
        reading.set.emplace_back("humidity_pct", value.mm);
    } else {
        const ReadingWay way = what == Read::action ? action_way(design) : nut_way(design);
        if (what == Read::slot_width || what == Read::crown)
            reading.set.emplace_back(at + (what == Read::crown ? "crown_found_mm" : "slot_width_mm"),
                                     value.mm);
        else
            reading.set.emplace_back(at + std::string(way.key()), value_of_read(value));
        if (what == Read::nut_gap && !way.open()) reading.set.emplace_back(at + "pressed_fret", way.held_at);
        reading.gauge_of = what == Read::nut_gap ? "nut" : what == Read::action ? "action" : "";
    }
    reading.gauge = gauge_for(state, what, gauges).written();
    return with_found_reading(document, design.strings.size(), reading, sitting.toStdString());
}

} // namespace fm
