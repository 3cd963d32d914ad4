#include "job/read/record.h"

#include "core/words/word_of.h"
#include "job/read/read_parts.h"

namespace fm {

namespace {

HeardPlace read_place(Reader& reader, std::size_t strings, int frets) {
    return {static_cast<std::size_t>(reader.whole("string", 0, static_cast<int>(strings) - 1)),
            reader.whole("fret", 0, frets)};
}

/// A word, or as it was written before there were words: true is gone, false the same.
TestResult read_result(Reader& tests, const std::string& cause) {
    if (tests.has_flag(cause)) return tests.flag_or(cause, false) ? TestResult::gone : TestResult::same;
    return tests.choice_or(cause, TestResult::same);
}

/// Nothing where its strings have been taken out since.
std::optional<Heard> read_heard(Reader& entry, std::size_t strings, int frets) {
    Heard heard;
    heard.symptom = entry.choice<Symptom>("symptom");
    std::vector<HeardPlace> places;
    for (Reader& place : entry.objects("places", 0, 1000, true))
        places.push_back(read_place(place, strings, frets));
    if (!places.empty()) {
        heard.string = places.front().string;
        heard.fret = places.front().fret;
        heard.also.assign(places.begin() + 1, places.end());
    }
    Reader tests = entry.object("tests", false);
    for (const std::string& cause : tests.keys()) heard.answers.push_back({cause, read_result(tests, cause)});
    if (places.empty()) return std::nullopt;
    return heard;
}

Value heard_value(Value entry, const Heard& heard) {
    entry = with(entry, "symptom", std::string(word_of(heard.symptom)));
    Value::Array places;
    const auto place = [](std::size_t string, int fret) {
        return with(with(Value(Value::Object{}), "string", static_cast<std::int64_t>(string)), "fret", fret);
    };
    places.push_back(place(heard.string, heard.fret));
    for (const HeardPlace& also : heard.also) places.push_back(place(also.string, also.fret));
    entry = with(entry, "places", places);
    for (const TestAnswer& answer : heard.answers)
        entry = with(entry, "tests." + answer.cause, std::string(word_of(answer.result)));
    return entry;
}

} // namespace

std::vector<StandingEntry> standing_entries(const std::vector<RecordEntry>& record) {
    std::vector<std::optional<StandingEntry>> places;
    std::vector<std::size_t> place_of;
    for (std::size_t i = 0; i < record.size(); ++i) {
        if (!record[i].replaces) {
            place_of.push_back(places.size());
            places.push_back(StandingEntry{i, record[i], false});
            continue;
        }
        const std::size_t place = place_of[*record[i].replaces];
        place_of.push_back(place);
        if (record[i].text.empty()) {
            places[place].reset(); // withdrawn
            continue;
        }
        const std::string when = places[place] ? places[place]->entry.when : record[i].when;
        places[place] = StandingEntry{i, record[i], true};
        places[place]->entry.when = when;
    }
    std::vector<StandingEntry> standing;
    for (const auto& each : places)
        if (each) standing.push_back(*each);
    return standing;
}

std::optional<StandingEntry> standing_complaint(const std::vector<RecordEntry>& record) {
    std::optional<StandingEntry> newest;
    for (StandingEntry& each : standing_entries(record))
        if (each.entry.kind == RecordKind::complaint && each.entry.heard && each.entry.text == open_complaint)
            newest = std::move(each);
    return newest;
}

double minutes_worked(const std::vector<RecordEntry>& record) {
    double sum = 0;
    for (const StandingEntry& each : standing_entries(record))
        if (each.entry.kind == RecordKind::work) sum += each.entry.minutes.value_or(0);
    return sum;
}

std::vector<RecordEntry> read_record(Reader& root, std::size_t strings, int frets) {
    std::vector<RecordEntry> record;
    for (Reader& reader : root.objects("record", 0, 20000, false)) {
        RecordEntry entry;
        entry.kind = reader.choice<RecordKind>("kind");
        entry.when = reader.text_or("when", "");
        entry.text = reader.text_or("text", "");
        entry.reason = reader.text_or("reason", "");
        entry.about = reader.text_or("about", "");
        entry.instead_of = reader.text_or("instead_of", "");
        entry.minutes = reader.number_if("minutes", {0.0, 100000.0});
        if (entry.kind == RecordKind::complaint) entry.heard = read_heard(reader, strings, frets);
        entry.replaces = read_replaces(reader, record.size());
        record.push_back(std::move(entry));
    }
    return record;
}

Value with_record_entry(const Value& document, const RecordEntry& entry) {
    const Value* all = find(document, "record");
    const std::size_t place = all && all->array() ? all->array()->size() : 0;
    Value changed = place > 0 ? document : with(document, "record", Value::Array{});
    Value value = with(Value(Value::Object{}), "kind", std::string(word_of(entry.kind)));
    const std::pair<const char*, const std::string&> texts[] = {{"when", entry.when},
                                                                {"about", entry.about},
                                                                {"text", entry.text},
                                                                {"instead_of", entry.instead_of},
                                                                {"reason", entry.reason}};
    for (const auto& [key, text] : texts)
        if (!text.empty()) value = with(value, key, text);
    if (entry.minutes) value = with(value, "minutes", *entry.minutes);
    if (entry.heard) value = heard_value(value, *entry.heard);
    if (entry.replaces) value = with(value, "replaces", static_cast<std::int64_t>(*entry.replaces));
    return with(changed, "record[" + std::to_string(place) + "]", value);
}

} // namespace fm
