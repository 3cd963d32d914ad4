#include "job/edits/intonation_edits.h"

#include "core/words/word_of.h"
#include "job/document/reader.h"
#include "job/edits/reading_edits.h"

namespace fm {

namespace {

Value with_entry(const Value& document, const Value::Array& strings, std::string_view when) {
    const Value entry = begun_reading(ReadingState::during, when);
    return with_reading_added(document, with(entry, "strings", strings));
}

/// The entry in which that was typed in this sitting, if the crown was not moved since, and nothing typed
/// that it would come before.
/// @param other what stands for the same, and counts where it came later; "" for nothing
std::optional<std::size_t> typed_in_sitting(const Value& document, const std::string& string,
                                            const std::string& key, const std::string& other,
                                            std::string_view sitting) {
    const Value::Array& entries = written_readings(document);
    const std::vector<bool> replaced = replaced_entries(entries);
    for (std::size_t i = entries.size(); i-- > 0;) {
        if (replaced[i]) continue;
        if (find(entries[i], string + "crown_moved_mm")) return std::nullopt;
        if (!other.empty() && find(entries[i], string + other)) return std::nullopt;
        const Value* when = entries[i].member("when");
        if (find(entries[i], key))
            return when && when->text() && *when->text() >= sitting ? std::optional(i) : std::nullopt;
    }
    return std::nullopt;
}

/// One number of one string: an entry of its own, or a correction of that number's entry of this sitting.
/// @param read what stands beside it
Value with_typed(const Value& document, std::size_t strings, std::size_t string, const Value& read,
                 const std::string& key, const std::string& other, const Value& typed,
                 std::string_view sitting, std::string_view when) {
    const std::string at = "strings[" + std::to_string(string) + "].";
    if (const auto before = typed_in_sitting(document, at, at + key, other, sitting)) {
        Value entry = written_readings(document)[*before];
        for (const auto& [beside, value] : *read.object()) entry = with(entry, at + beside, value);
        return with_reading_corrected(document, *before, with(entry, at + key, typed), "read again");
    }
    Value::Array list(strings, Value(Value::Object{}));
    list[string] = with(read, key, typed);
    return with_entry(document, list, when);
}

} // namespace

IntonationWay read_intonation(Reader& root) {
    Reader reader = root.object("intonation", false);
    IntonationWay way;
    way.by = reader.choice_or("by", way.by);
    way.against = reader.choice_or("against", way.against);
    way.flat_cents = reader.number_or("flat_cents", 0.0, {0.0, 20.0});
    return way;
}

Value with_cents(const Value& document, std::size_t strings, std::size_t string, const CentsReading& reading,
                 CentsAgainst against, std::string_view sitting, std::string_view when) {
    const Value one = with(Value(Value::Object{}), "cents_against", std::string(word_of(against)));
    return with_typed(document, strings, string, one, "cents." + std::to_string(reading.fret),
                      "heard." + std::to_string(reading.fret), reading.cents, sitting, when);
}

Value with_pitch_heard(const Value& document, std::size_t strings, std::size_t string,
                       const HeardReading& reading, std::string_view sitting, std::string_view when) {
    return with_typed(document, strings, string, Value(Value::Object{}),
                      "heard." + std::to_string(reading.fret), "cents." + std::to_string(reading.fret),
                      std::string(word_of(reading.heard)), sitting, when);
}

Value with_crown_found(const Value& document, std::size_t strings, std::size_t string, double crown_mm,
                       std::string_view sitting, std::string_view when) {
    return with_typed(document, strings, string, Value(Value::Object{}), "crown_found_mm", "", crown_mm,
                      sitting, when);
}

Value with_new_strings(const Value& document, std::string_view when) {
    return with_reading_added(document, with(begun_reading(ReadingState::during, when), "strings_new", true));
}

Value with_crowns_moved(const Value& document, const std::vector<std::optional<double>>& moved_mm,
                        std::string_view when) {
    Value::Array read(moved_mm.size(), Value(Value::Object{}));
    for (std::size_t i = 0; i < moved_mm.size(); ++i)
        if (moved_mm[i]) read[i] = with(read[i], "crown_moved_mm", *moved_mm[i]);
    return with_entry(document, read, when);
}

} // namespace fm
