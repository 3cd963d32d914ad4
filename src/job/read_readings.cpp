// Keys and limits of what was measured.
#include "core/inputs.h"
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
    read.crown_moved_mm = reader.number_if("crown_moved_mm", {-30.0, 30.0});
    read.cents = read_cents(reader, frets);
    read.cents_against = static_cast<CentsAgainst>(reader.word("cents_against", {"open", "harmonic"}, 0));
    return read;
}

std::string read_gauge(Reader& reader, std::string_view key) {
    if (!reader.has(key)) return {};
    std::vector<std::string_view> words;
    for (const Gauge& gauge : gauges()) words.push_back(gauge.word);
    return std::string(words[reader.word(key, words, 0)]);
}

std::optional<BenchWork> read_bench(Reader& entry, int strings) {
    if (!entry.has("bench")) return std::nullopt;
    Reader reader = entry.object("bench", true);
    BenchWork work;
    work.part = static_cast<BenchPart>(reader.word("part", {"relief", "saddle", "nut"}, std::nullopt));
    if (reader.has("string")) work.string = static_cast<std::size_t>(reader.whole("string", 0, strings - 1));
    work.wanted_mm = reader.number_or("wanted_mm", 0.0, {-20.0, 20.0});
    if (reader.has("whole_mm")) {
        Reader whole = reader.object("whole_mm", true);
        work.whole_mm =
            EdgeMargins{whole.number("bass", {-20.0, 20.0}), whole.number("treble", {-20.0, 20.0})};
    }
    work.turned_eighths = reader.whole_or("turned_eighths", 0, -80, 80);
    work.u_mm = reader.number_if("u_mm", {0.0001, 1.0});
    return work;
}

} // namespace

std::vector<SurveyFinding> read_survey(Reader& root) {
    std::vector<SurveyFinding> findings;
    Reader survey = root.object("survey", false);
    for (const SurveyPoint& point : survey_points()) {
        SurveyFinding finding;
        Reader reader = survey.object(point.word, false);
        if (reader.has("state"))
            finding.mark = static_cast<SurveyMark>(reader.word("state", {"fine", "found"}, std::nullopt));
        finding.note = reader.text_or("note", "");
        finding.photo = reader.text_or("photo", "");
        // Only a plain name: a picture lies in the job's own folder.
        if (finding.photo.find_first_of("/\\") != std::string::npos)
            reader.fault("not_a_plain_name", "photo", {finding.photo.substr(0, 40)});
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<ReadingEntry> read_readings(Reader& root, const Design& design) {
    std::vector<ReadingEntry> entries;
    for (Reader& reader : root.objects("readings", 0, 20000, false)) {
        ReadingEntry entry;
        entry.state = static_cast<ReadingState>(reader.word("state", {"found", "during", "left"}, 0));
        entry.when = reader.text_or("when", "");
        entry.humidity_pct = reader.number_if("humidity_pct", {0.0, 100.0});
        Reader gauges = reader.object("gauges", false);
        entry.gauges = {read_gauge(gauges, "nut"), read_gauge(gauges, "action"),
                        read_gauge(gauges, "relief")};
        entry.relief = read_relief(reader, "relief", design.neck);
        entry.replaces = read_replaces(reader, entries.size());
        const std::size_t count = design.strings.size();
        entry.bench = read_bench(reader, static_cast<int>(count));
        for (Reader& string : reader.objects("strings", count, count, false))
            entry.strings.push_back(read_string_readings(string, design.neck.frets));
        entries.push_back(std::move(entry));
    }
    return entries;
}

} // namespace fm
