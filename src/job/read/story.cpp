#include "job/read/story.h"

#include "core/words/word_of.h"
#include "job/edits/reading_edits.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

Message note(const char* id, std::vector<Argument> arguments = {}) {
    return {id, Severity::note, {}, std::move(arguments)};
}

/// The job's own way of reading its nut, or another that was used where that one never was.
ReadingWay nut_way_read(const Job& job) {
    const ReadingWay own = nut_way(job.design);
    for (const int held_at : {own.held_at, 0, 3, 2}) {
        const ReadingWay way{BenchPart::nut, held_at};
        for (const ReadingEntry& entry : job.readings.in_order())
            for (const StringReadings& read : entry.strings)
                if (way.read_mm(read)) return way;
    }
    return own;
}
std::optional<double> cents12(const StringReadings& read) {
    for (const CentsReading& each : read.cents)
        if (each.fret == 12) return each.cents;
    return std::nullopt;
}

/// What was read before it was found so, on an earlier visit, is not how it is now.
void take(BeforeAfter& into, const std::optional<double>& value, bool found) {
    if (!value) return;
    if (found) into.now.reset();
    (found ? into.found : into.now) = value;
}

std::vector<Message> bench_says(const Job& job, const ReadingEntry& entry) {
    const BenchWork& work = *entry.bench;
    const Design& design = job.design;
    if (work.part == BenchPart::relief) {
        std::vector<Message> says;
        if (work.turned_eighths != 0)
            says.push_back(note(work.turned_eighths > 0 ? "story.tightened" : "story.loosened",
                                {std::abs(work.turned_eighths)}));
        if (entry.relief) says.push_back(note("story.relief", {LengthMm{entry.relief->depth_mm}}));
        return says;
    }
    const bool nut = work.part == BenchPart::nut;
    if (work.whole_mm) {
        if (nut) return {note("story.shimmed", {LengthMm{-work.whole_mm->bass_mm}})};
        if (design.saddle.by_screws())
            return {note("story.screws_down",
                         {LengthMm{work.whole_mm->bass_mm}, LengthMm{work.whole_mm->treble_mm}})};
        const bool packed = work.whole_mm->bass_mm < 0;
        return {
            note(packed ? "story.packed" : "story.bottom",
                 {LengthMm{std::abs(work.whole_mm->bass_mm)}, LengthMm{std::abs(work.whole_mm->treble_mm)}})};
    }
    if (!work.string || *work.string >= design.strings.size()) return {};
    const std::string name = design.string_name(*work.string);
    const bool screws = !nut && design.saddle.by_screws();
    if (work.wanted_mm < 0)
        return {note(screws ? "story.screw_up" : "story.filled", {name, LengthMm{-work.wanted_mm}})};
    std::vector<Message> says;
    if (work.wanted_mm > 0)
        says.push_back(note(nut      ? "story.slot_pass"
                            : screws ? "story.screw_pass"
                                     : "story.crown_pass",
                            {name, LengthMm{work.wanted_mm}}));
    if (*work.string < entry.strings.size()) {
        const auto mm = way_of(design, work.part).read_mm(entry.strings[*work.string]);
        if (mm) says.push_back(note(nut ? "story.gap" : "story.action", {name, LengthMm{*mm}}));
    }
    return says;
}

std::vector<Message> reading_says(const Job& job, const ReadingEntry& entry) {
    if (entry.bench) return bench_says(job, entry);
    std::vector<Message> says;
    const Design& design = job.design;
    if (entry.state == ReadingState::found) says.push_back(note("story.found"));
    if (entry.state == ReadingState::left) says.push_back(note("story.left"));
    if (entry.humidity_pct) says.push_back(note("story.humidity", {*entry.humidity_pct}));
    if (entry.relief) says.push_back(note("story.relief", {LengthMm{entry.relief->depth_mm}}));
    int nut = 0;
    int saddle = 0;
    for (std::size_t i = 0; i < std::min(entry.strings.size(), design.strings.size()); ++i) {
        const StringReadings& read = entry.strings[i];
        nut += read.has_nut();
        saddle += read.has_action();
        if (read.crown_moved_mm)
            says.push_back(note(*read.crown_moved_mm > 0 ? "story.crown_longer" : "story.crown_shorter",
                                {design.string_name(i), LengthMm{std::abs(*read.crown_moved_mm)}}));
        for (const CentsReading& each : read.cents)
            says.push_back(note("story.cents", {design.string_name(i), each.cents, each.fret}));
        for (const HeardReading& each : read.heard)
            says.push_back(note(("story.heard." + std::string(word_of(each.heard))).c_str(),
                                {design.string_name(i), each.fret}));
    }
    if (nut > 0) says.push_back(note("story.nut_read", {nut}));
    if (saddle > 0) says.push_back(note("story.saddle_read", {saddle}));
    return says;
}

std::vector<Message> record_says(const Job& job, const RecordEntry& entry) {
    switch (entry.kind) {
    case RecordKind::complaint: {
        std::vector<Message> says;
        if (entry.heard) {
            says.push_back(note(("symptom." + std::string(word_of(entry.heard->symptom))).c_str()));
            says.push_back(
                note("story.at", {job.design.string_name(entry.heard->string), entry.heard->fret}));
            for (const HeardPlace& also : entry.heard->also)
                says.push_back(note("story.at", {job.design.string_name(also.string), also.fret}));
            for (const TestAnswer& answer : entry.heard->answers) {
                says.push_back(note(("story.tested." + std::string(word_of(answer.result))).c_str()));
                says.push_back(note(("cause." + answer.cause).c_str()));
            }
        }
        if (entry.text == open_complaint) {
            says.push_back(note("story.cause_open"));
            return says;
        }
        says.push_back(note("story.cause"));
        if (!english_template("cause." + entry.text).empty())
            says.push_back(note(("cause." + entry.text).c_str()));
        return says;
    }
    case RecordKind::decision: return {note("story.decided")};
    case RecordKind::left_undone: return {note("story.left_undone")};
    case RecordKind::work:
        return entry.minutes ? std::vector<Message>{note("story.minutes", {*entry.minutes})}
                             : std::vector<Message>{};
    case RecordKind::note: return {};
    }
    return {};
}

} // namespace

JobBeforeAfter before_and_after(const Job& job) {
    JobBeforeAfter all;
    all.strings.resize(job.design.strings.size());
    all.nut_way = nut_way_read(job);
    std::optional<Relief> found_relief;
    std::optional<Relief> now_relief;
    for (const ReadingEntry& entry : job.readings.in_order()) {
        const bool found = entry.state == ReadingState::found;
        take(all.humidity_pct, entry.humidity_pct, found);
        if (entry.relief && found) now_relief.reset();
        if (entry.relief) (found ? found_relief : now_relief) = entry.relief;
        for (std::size_t i = 0; i < std::min(entry.strings.size(), all.strings.size()); ++i) {
            take(all.strings[i].nut_gap_mm, all.nut_way.read_mm(entry.strings[i]), found);
            take(all.strings[i].action_mm, action_way(job.design).read_mm(entry.strings[i]), found);
            take(all.strings[i].cents12, cents12(entry.strings[i]), found);
        }
    }
    if (now_relief) all.relief_mm.now = now_relief->depth_mm;
    if (found_relief) {
        NeckDesign as_found = job.design.neck;
        as_found.relief = found_relief;
        const Relief& at = now_relief ? *now_relief : *found_relief;
        all.relief_mm.found = Neck(as_found).relief_depth_mm(at.from_fret, at.at_fret, at.to_fret);
    }
    return all;
}

Value with_left_readings(const Value& document, const Job& job, std::string_view when) {
    const Design& design = job.design;
    Value::Array strings(design.strings.size(), Value(Value::Object{}));
    Value entry = begun_reading(ReadingState::left, when);
    std::optional<Relief> relief;
    std::optional<double> humidity_pct;
    for (const ReadingEntry& each : job.readings.in_order()) {
        if (each.state == ReadingState::found) continue; // how it came is not how it leaves
        if (each.relief) relief = each.relief;
        if (each.humidity_pct) humidity_pct = each.humidity_pct;
        for (std::size_t i = 0; i < std::min(each.strings.size(), strings.size()); ++i) {
            const StringReadings& read = each.strings[i];
            if (read.open_gap_fret1_mm)
                strings[i] = with(strings[i], "open_gap_fret1_mm", *read.open_gap_fret1_mm);
            if (read.pressed_gap_mm) {
                strings[i] = with(strings[i], "pressed_gap_mm", *read.pressed_gap_mm);
                strings[i] = with(strings[i], "pressed_fret", read.pressed_fret);
            }
            if (read.action12_mm) strings[i] = with(strings[i], "action12_mm", *read.action12_mm);
            if (read.action12_capo_mm)
                strings[i] = with(strings[i], "action12_capo_mm", *read.action12_capo_mm);
        }
    }
    if (humidity_pct) entry = with(entry, "humidity_pct", *humidity_pct);
    if (relief) {
        Value read = with(Value(Value::Object{}), "depth_mm", relief->depth_mm);
        read = with(read, "at_fret", relief->at_fret);
        entry = with(entry, "relief",
                     with(read, "between_frets", Value::Array{relief->from_fret, relief->to_fret}));
    }
    entry = with(entry, "strings", strings);
    return with_reading_added(document, entry);
}

Value without_reading(const Value& document, std::size_t index, const std::string& reason) {
    return with_reading_corrected(document, index, begun_reading(ReadingState::during, std::nullopt), reason);
}

bool read_since_found(const Job& job) {
    const auto& ordered = job.readings.in_order();
    return std::any_of(ordered.begin(), ordered.end(), [](const ReadingEntry& entry) {
        const bool strings = std::any_of(entry.strings.begin(), entry.strings.end(), [](const auto& read) {
            return read.has_nut() || read.has_action();
        });
        return entry.state == ReadingState::during && (entry.relief || strings);
    });
}

std::vector<StoryLine> story_of(const Job& job) {
    std::vector<StoryLine> story;
    std::vector<bool> replaced(job.readings.size(), false);
    for (const ReadingEntry& entry : job.readings)
        if (entry.replaces) replaced[*entry.replaces] = true;
    for (std::size_t i = 0; i < job.readings.size(); ++i) {
        if (replaced[i]) continue;
        StoryLine line;
        line.when = job.readings[i].when;
        line.index = i;
        line.corrected = job.readings[i].replaces.has_value();
        for (std::optional<std::size_t> at = job.readings[i].replaces; at; at = job.readings[*at].replaces)
            line.when = job.readings[*at].when; // it stands in that one's place
        line.says = reading_says(job, job.readings[i]);
        if (line.says.empty() && line.corrected) line.says.push_back(note("story.taken_back"));
        if (!line.says.empty()) story.push_back(std::move(line));
    }
    for (const StandingEntry& each : standing_entries(job.record)) {
        StoryLine line;
        line.when = each.entry.when;
        line.source = StoryLine::Source::record;
        line.index = each.index;
        line.says = record_says(job, each.entry);
        if (each.entry.kind != RecordKind::complaint) line.text = each.entry.text;
        line.reason = each.entry.reason;
        // A complaint that was tested further is no correction.
        line.corrected = each.corrected && each.entry.kind != RecordKind::complaint;
        story.push_back(std::move(line));
    }
    for (std::size_t i = 0; i < job.sheets.size(); ++i) {
        StoryLine line;
        line.when = job.sheets[i].when;
        line.source = StoryLine::Source::print;
        line.index = i;
        line.says = {note("story.printed", {job.sheets[i].revision})};
        story.push_back(std::move(line));
    }
    std::stable_sort(story.begin(), story.end(),
                     [](const StoryLine& a, const StoryLine& b) { return a.when < b.when; });
    return story;
}

} // namespace fm
