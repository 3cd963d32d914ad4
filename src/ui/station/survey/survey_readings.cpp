#include "ui/station/survey/survey_readings.h"

namespace fm {

namespace {

Value relief_as_read(const State& state, double depth_mm) {
    const NeckDesign& neck = state.job.design.neck;
    const Relief relief = state.found.relief.value_or(neck.relief.value_or(neck.straight()));
    Value value = with(Value(Value::Object{}), "depth_mm", depth_mm);
    value = with(value, "at_fret", relief.at_fret);
    return with(value, "between_frets", Value::Array{relief.from_fret, relief.to_fret});
}

} // namespace

std::optional<double> as_found(const State& state, Read what, std::size_t string) {
    const Design& design = state.job.design;
    const ReadingEntry& found = state.found;
    const StringReadings& read = found.strings[std::min(string, found.strings.size() - 1)];
    switch (what) {
    case Read::nut_gap: return nut_way(design).read_mm(read);
    case Read::action: return action_way(design).read_mm(read);
    case Read::slot_width: return read.slot_width_mm;
    case Read::relief: return found.relief ? std::optional(found.relief->depth_mm) : std::nullopt;
    case Read::humidity: return found.humidity_pct;
    }
    return std::nullopt;
}

std::string gauge_for(const State& state, Read what, const ReadingGauges& chosen) {
    const ReadingGauges& read = state.found.gauges;
    const auto of = [](const std::string& now, const std::string& before, const char* usual) {
        return !now.empty() ? now : !before.empty() ? before : std::string(usual);
    };
    switch (what) {
    case Read::nut_gap: return of(chosen.nut, read.nut, "feeler");
    case Read::action: return of(chosen.action, read.action, "half_mm_rule");
    case Read::relief: return of(chosen.relief, read.relief, "feeler");
    case Read::slot_width:
    case Read::humidity: return {};
    }
    return {};
}

Value with_read(const Value& document, const State& state, Read what, std::size_t string, double value,
                const ReadingGauges& gauges, const QString& sitting) {
    const Design& design = state.job.design;
    FoundReading reading;
    const std::string at = "strings[" + std::to_string(string) + "].";
    if (what == Read::relief) {
        reading.set.emplace_back("relief", relief_as_read(state, value));
        reading.gauge_of = "relief";
    } else if (what == Read::humidity) {
        reading.set.emplace_back("humidity_pct", value);
    } else {
        const ReadingWay way = what == Read::action ? action_way(design) : nut_way(design);
        const bool width = what == Read::slot_width;
        reading.set.emplace_back(at + (width ? "slot_width_mm" : std::string(way.key())), value);
        if (what == Read::nut_gap && !way.open()) reading.set.emplace_back(at + "pressed_fret", way.held_at);
        reading.gauge_of = what == Read::nut_gap ? "nut" : what == Read::action ? "action" : "";
    }
    reading.gauge = gauge_for(state, what, gauges);
    return with_found_reading(document, design.strings.size(), reading, sitting.toStdString());
}

} // namespace fm
