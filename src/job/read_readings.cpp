// Keys and limits of what was measured.
#include "job/read_parts.h"

#include <algorithm>
#include <charconv>

namespace fm {

namespace {

std::vector<CentsReading> read_cents(Reader& reader, int frets) {
    std::vector<CentsReading> list;
    Reader cents = reader.object("cents", false);
    for (const std::string& key : cents.keys()) {
        int fret = 0;
        const auto [end, error] = std::from_chars(key.data(), key.data() + key.size(), fret);
        if (error != std::errc() || end != key.data() + key.size() || fret < 1 || fret > frets)
            cents.fault("not_a_fret", key, {frets});
        else
            list.push_back({fret, cents.number(key, {-200.0, 200.0})});
    }
    std::sort(list.begin(), list.end(), [](const auto& a, const auto& b) { return a.fret < b.fret; });
    return list;
}

StringReadings read_string_readings(Reader& reader, int frets) {
    StringReadings read;
    constexpr Range gap{-1.0, 20.0};
    read.open_gap_fret1_mm = reader.number_if("open_gap_fret1_mm", gap);
    read.pressed_gap_mm = reader.number_if("pressed_gap_mm", gap);
    read.pressed_fret = reader.whole_or("pressed_fret", 3, 2, 3);
    read.action12_mm = reader.number_if("action12_mm", gap);
    read.action12_capo_mm = reader.number_if("action12_capo_mm", gap);
    read.slot_width_mm = reader.number_if("slot_width_mm", {0.05, 10.0});
    if (reader.has("slot"))
        read.slot = static_cast<SlotFound>(reader.word("slot", {"wiggles", "binds", "filled"}, std::nullopt));
    read.cents = read_cents(reader, frets);
    read.cents_against = static_cast<CentsAgainst>(reader.word("cents_against", {"open", "harmonic"}, 0));
    return read;
}

} // namespace

std::vector<ReadingEntry> read_readings(Reader& root, const Design& design) {
    std::vector<ReadingEntry> entries;
    for (Reader& reader : root.objects("readings", 0, 20000, false)) {
        ReadingEntry entry;
        entry.state = static_cast<ReadingState>(reader.word("state", {"found", "during", "left"}, 0));
        entry.when = reader.text_or("when", "");
        entry.relief = read_relief(reader, "relief", design.neck);
        if (reader.has("replaces"))
            entry.replaces = static_cast<std::size_t>(
                reader.whole("replaces", 0, std::max(0, static_cast<int>(entries.size()) - 1)));
        const std::size_t count = design.strings.size();
        for (Reader& string : reader.objects("strings", count, count, false))
            entry.strings.push_back(read_string_readings(string, design.neck.frets));
        entries.push_back(std::move(entry));
    }
    return entries;
}

} // namespace fm
