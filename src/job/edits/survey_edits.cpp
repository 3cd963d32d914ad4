#include "job/edits/survey_edits.h"

#include "core/words/word_of.h"
#include "job/edits/edits.h"
#include "job/edits/reading_edits.h"

namespace fm {

namespace {

std::string key_of(const SurveyPoint& point) {
    return "survey." + std::string(point.word);
}

/// A point that says nothing any more is left out, and so is a survey without points.
Value tidied(const Value& document, const std::string& key) {
    Value changed = document;
    for (const std::string& place : {key, std::string("survey")}) {
        const Value* value = find(changed, place);
        if (value && value->object() && value->object()->empty()) changed = without(changed, place);
    }
    return changed;
}

std::string text_at(const Value& entry, std::string_view key) {
    const Value* value = find(entry, key);
    return value && value->text() ? *value->text() : std::string();
}

/// Index of the newest entry that was read as found and is not replaced by a correction.
std::optional<std::size_t> newest_found(const Value::Array& entries) {
    const std::vector<bool> replaced = replaced_entries(entries);
    std::optional<std::size_t> newest;
    for (std::size_t i = 0; i < entries.size(); ++i) {
        const std::string state = text_at(entries[i], "state");
        if (!replaced[i] && (state.empty() || state == word_of(ReadingState::found))) newest = i;
    }
    return newest;
}

Value with_number(const Value& entry, const FoundReading& reading) {
    Value changed = entry;
    for (const auto& [place, value] : reading.set) changed = with(changed, place, value);
    const bool said = reading.gauge.object() || (reading.gauge.text() && !reading.gauge.text()->empty());
    if (!reading.gauge_of.empty() && said)
        changed = with(changed, "gauges." + reading.gauge_of, reading.gauge);
    return changed;
}

} // namespace

Value with_survey_mark(const Value& document, const SurveyPoint& point, std::optional<SurveyMark> mark) {
    const std::string key = key_of(point);
    if (!mark) return tidied(without(document, key + ".state"), key);
    return with(document, key + ".state", std::string(word_of(*mark)));
}

Value with_survey_text(const Value& document, const SurveyPoint& point, std::string_view key,
                       const std::string& text) {
    const std::string place = key_of(point) + "." + std::string(key);
    if (text.empty()) return tidied(without(document, place), key_of(point));
    return with(document, place, text);
}

Value with_found_reading(const Value& document, std::size_t strings, const FoundReading& reading,
                         std::string_view when) {
    const Value::Array& entries = written_readings(document);
    const auto newest = newest_found(entries);
    const bool here = newest && text_at(entries[*newest], "when") == when;
    const Value* gauge =
        here && !reading.gauge_of.empty() ? find(entries[*newest], "gauges." + reading.gauge_of) : nullptr;
    if (!here || (gauge && !(*gauge == reading.gauge))) {
        const Value entry = begun_reading(ReadingState::found, when, strings);
        return with_reading_added(document, with_number(entry, reading));
    }
    const Value& entry = entries[*newest];
    const bool last = *newest + 1 == entries.size();
    if (last && !find(entry, reading.set.front().first))
        return with(document, "readings[" + std::to_string(*newest) + "]", with_number(entry, reading));
    return with_reading_corrected(document, *newest, with_number(entry, reading), "read again");
}

Value with_gauge_named(const Value& document, std::string_view of, const Value& gauge,
                       std::string_view when) {
    const Value::Array& entries = written_readings(document);
    const auto newest = newest_found(entries);
    const std::string key = "gauges." + std::string(of);
    if (!newest || text_at(entries[*newest], "when") != when) return document;
    const Value* before = find(entries[*newest], key);
    if (!before || *before == gauge) return document;
    const Value named = with(entries[*newest], key, gauge);
    if (*newest + 1 == entries.size())
        return with(document, "readings[" + std::to_string(*newest) + "]", named);
    return with_reading_corrected(document, *newest, named, "gauge named");
}

Value with_slot_seen(const Value& document, std::size_t strings, std::size_t string, const SlotSeen& seen,
                     std::string_view when) {
    Value::Array words;
    for (const SlotFound what : seen) words.emplace_back(std::string(word_of(what)));
    FoundReading reading;
    reading.set.emplace_back("strings[" + std::to_string(string) + "].slot", std::move(words));
    return with_found_reading(document, strings, reading, when);
}

} // namespace fm
