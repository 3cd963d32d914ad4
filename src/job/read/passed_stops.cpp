#include "job/read/passed_stops.h"

namespace fm {

std::optional<RecordEntry> passed(const std::vector<RecordEntry>& record, std::string_view point) {
    std::optional<RecordEntry> decision;
    for (const StandingEntry& each : standing_entries(record))
        if (each.entry.kind == RecordKind::decision && each.entry.about == "stop:" + std::string(point))
            decision = each.entry;
    return decision;
}

std::vector<Stop> open_stops(const Job& job, const Solution& written, const std::optional<Plan>& plan) {
    std::vector<Stop> stops =
        plan ? stops_of(job.design, written, *plan, job.survey) : stops_of_survey(job.survey);
    std::erase_if(stops, [&](const Stop& stop) { return passed(job.record, stop.point).has_value(); });
    return stops;
}

Value with_stop_passed(const Value& document, const Stop& stop, std::string_view reason,
                       std::string_view when) {
    RecordEntry entry;
    entry.kind = RecordKind::decision;
    entry.when = when;
    entry.about = "stop:" + stop.point;
    entry.text = english(stop.text);
    entry.reason = reason;
    return with_record_entry(document, entry);
}

} // namespace fm
