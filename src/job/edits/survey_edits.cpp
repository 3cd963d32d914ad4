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

namespace {

std::string own_key(std::size_t place) {
    return "survey_own[" + std::to_string(place) + "]";
}

} // namespace

Value with_own_point(const Value& document, const std::string& name) {
    const Value* list = find(document, "survey_own");
    Value::Array points = list && list->array() ? *list->array() : Value::Array{};
    points.push_back(with(Value(Value::Object{}), "name", name));
    return with(document, "survey_own", std::move(points));
}

Value without_own_point(const Value& document, std::size_t place) {
    const Value* list = find(document, "survey_own");
    if (!list || !list->array() || place >= list->array()->size()) return document;
    Value::Array points = *list->array();
    points.erase(points.begin() + static_cast<std::ptrdiff_t>(place));
    return points.empty() ? without(document, "survey_own") : with(document, "survey_own", std::move(points));
}

Value with_own_mark(const Value& document, std::size_t place, SurveyMark mark) {
    return with(document, own_key(place) + ".state", std::string(word_of(mark)));
}

Value with_own_note(const Value& document, std::size_t place, const std::string& note) {
    const std::string key = own_key(place) + ".note";
    return note.empty() ? without(document, key) : with(document, key, note);
}

Value with_slot_photo(const Value& document, std::size_t string, const std::string& photo) {
    const std::string key = "strings[" + std::to_string(string) + "].photo";
    return photo.empty() ? without(document, key) : with(document, key, photo);
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
