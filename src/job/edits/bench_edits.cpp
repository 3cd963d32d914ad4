#include "job/edits/bench_edits.h"

#include "core/words/word_of.h"
#include "job/edits/reading_edits.h"

#include <algorithm>
#include <array>

namespace fm {

namespace {

Value work_value(const BenchWork& work) {
    Value value = with(Value(Value::Object{}), "part", std::string(word_of(work.part)));
    if (work.string) value = with(value, "string", static_cast<std::int64_t>(*work.string));
    if (work.wanted_mm != 0) value = with(value, "wanted_mm", work.wanted_mm);
    if (work.whole_mm) {
        value = with(value, "whole_mm.bass", work.whole_mm->bass_mm);
        value = with(value, "whole_mm.treble", work.whole_mm->treble_mm);
    }
    if (work.turned_eighths != 0) value = with(value, "turned_eighths", work.turned_eighths);
    if (work.u_mm) value = with(value, "u_mm", *work.u_mm);
    return value;
}

const char* gauge_of(BenchPart part) {
    switch (part) {
    case BenchPart::relief: return "gauges.relief";
    case BenchPart::saddle: return "gauges.action";
    case BenchPart::nut: return "gauges.nut";
    }
    return "";
}

Value with_read(const Value& entry, const Design& design, const ReadingLog& entries,
                const BenchEntry& bench) {
    if (bench.work.part == BenchPart::relief) {
        const Relief relief = found_relief(design, entries).value_or(design.neck.straight());
        Value read = with(Value(Value::Object{}), "depth_mm", *bench.read_mm);
        read = with(read, "at_fret", relief.at_fret);
        return with(entry, "relief",
                    with(read, "between_frets", Value::Array{relief.from_fret, relief.to_fret}));
    }
    const Value begun = with(entry, "strings", Value::Array(design.strings.size(), Value(Value::Object{})));
    return with_gap(begun, "strings[" + std::to_string(*bench.work.string) + "]",
                    way_of(design, bench.work.part), WrittenLength{*bench.read_mm});
}

} // namespace

Value with_bench_entry(const Value& document, const Design& design, const ReadingLog& entries,
                       const BenchEntry& bench, std::string_view when) {
    std::string time(when);
    for (const ReadingEntry& entry : entries) time = std::max(time, entry.when);
    Value entry = begun_reading(ReadingState::during, time);
    if (bench.read_mm) {
        if (!bench.gauge.empty()) entry = with(entry, gauge_of(bench.work.part), bench.gauge);
        entry = with_read(entry, design, entries, bench);
    }
    entry = with(entry, "bench", work_value(bench.work));
    return with_reading_added(document, entry);
}

bool ends_at_bench(const Value& document) {
    const Value::Array& entries = written_readings(document);
    return !entries.empty() && entries.back().member("bench");
}

} // namespace fm
