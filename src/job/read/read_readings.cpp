// Keys and limits of what was measured.
#include "core/design/inputs.h"
#include "core/words/word_of.h"
#include "job/read/read_parts.h"

#include <algorithm>
#include <charconv>
#include <cmath>

namespace fm {

namespace {

/// The frets that name the members of an object, each with what `read` makes of it, in their order.
template <class Each, class Read>
std::vector<Each> read_by_fret(Reader members, int frets, const Read& read) {
    std::vector<Each> list;
    for (const std::string& key : members.keys()) {
        int fret = 0;
        const auto [end, error] = std::from_chars(key.data(), key.data() + key.size(), fret);
        if (error != std::errc() || end != key.data() + key.size() || fret < 1 || fret > frets)
            members.fault("not_a_fret", key, {frets});
        else
            list.push_back({fret, read(members, key)});
    }
    std::sort(list.begin(), list.end(), [](const auto& a, const auto& b) { return a.fret < b.fret; });
    return list;
}

/// A length a gauge read: a number, or between which leaves it lies: both, the middle with its own ±; one, a
/// bound.
struct ReadLength {
    std::optional<double> mm;
    std::optional<double> u_mm;
};

ReadLength read_length(Reader& reader, std::string_view key, StringReadings& into) {
    constexpr Range gap{-1.0, 20.0};
    if (!reader.has_object(key)) return {reader.number_if(key, gap), std::nullopt};
    Reader between = reader.object(key, false);
    const auto above = between.number_if("above_mm", gap);
    const auto below = between.number_if("below_mm", gap);
    if (!above && !below) between.fault("key_missing", "above_mm");
    if (above && below && !(*above < *below))
        between.fault("number_out_of_range", "above_mm", {*above, gap.least, *below});
    if (above || below) into.bounds.push_back({std::string(key), above, below});
    if (above && below) return {0.5 * (*above + *below), (*below - *above) / std::sqrt(12.0)};
    return {};
}

/// A word, or a list of them.
SlotSeen read_slot(Reader& reader) {
    if (!reader.has("slot")) return {};
    if (!reader.has_list("slot")) return {*reader.choice_if<SlotFound>("slot")};
    SlotSeen slot;
    for (const std::string& word : reader.texts("slot")) {
        if (const auto what = of_word<SlotFound>(word))
            slot.push_back(*what);
        else
            reader.fault("not_a_slot_word", "slot", {word});
    }
    return slot;
}

StringReadings read_string_readings(Reader& reader, int frets) {
    StringReadings read;
    const ReadLength open = read_length(reader, "open_gap_fret1_mm", read);
    const ReadLength pressed = read_length(reader, "pressed_gap_mm", read);
    const ReadLength action = read_length(reader, "action12_mm", read);
    const ReadLength capo = read_length(reader, "action12_capo_mm", read);
    read.open_gap_fret1_mm = open.mm;
    read.pressed_gap_mm = pressed.mm;
    read.pressed_fret = reader.whole_or("pressed_fret", 3, 2, 3);
    read.action12_mm = action.mm;
    read.action12_capo_mm = capo.mm;
    // Of two numbers of one end the open one is planned by.
    read.nut_u_mm = open.mm ? open.u_mm : pressed.u_mm;
    read.action_u_mm = action.mm ? action.u_mm : capo.u_mm;
    read.slot_width_mm = reader.number_if("slot_width_mm", {0.05, 10.0});
    read.slot = read_slot(reader);
    read.crown_found_mm = reader.number_if("crown_found_mm", {50.0, 1000.0});
    read.crown_moved_mm = reader.number_if("crown_moved_mm", {-30.0, 30.0});
    read.cents = read_by_fret<CentsReading>(reader.object("cents", false), frets,
                                            [](Reader& cents, const std::string& fret) {
                                                return cents.number(fret, {-200.0, 200.0});
                                            });
    read.heard = read_by_fret<HeardReading>(
        reader.object("heard", false), frets,
        [](Reader& heard, const std::string& fret) { return heard.choice<PitchHeard>(fret); });
    read.cents_against = reader.choice_or("cents_against", CentsAgainst::open);
    return read;
}

/// A usual gauge by its word, or one of the shop's own by name and ±.
void read_gauge(Reader& reader, std::string_view key, std::string& name, std::optional<double>& u_mm) {
    if (!reader.has(key)) return;
    if (reader.has_object(key)) {
        Reader own = reader.object(key, false);
        name = own.text_or("name", "");
        u_mm = own.number("u_mm", {0.0001, 1.0});
        return;
    }
    std::vector<std::string_view> words;
    for (const Gauge& gauge : gauges()) words.push_back(gauge.word);
    name = std::string(words[reader.word(key, words, 0)]);
}

std::optional<BenchWork> read_bench(Reader& entry, int strings) {
    if (!entry.has("bench")) return std::nullopt;
    Reader reader = entry.object("bench", true);
    BenchWork work;
    work.part = reader.choice<BenchPart>("part");
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

/// Only a plain name: a picture lies in the job's own folder.
std::string read_photo(Reader& reader) {
    std::string photo = reader.text_or("photo", "");
    if (photo.find_first_of("/\\") != std::string::npos)
        reader.fault("not_a_plain_name", "photo", {photo.substr(0, 40)});
    return photo;
}

namespace {

SurveyFinding read_finding(Reader& reader) {
    return {reader.choice_if<SurveyMark>("state"), reader.text_or("note", ""), read_photo(reader)};
}

} // namespace

std::vector<SurveyFinding> read_survey(Reader& root) {
    std::vector<SurveyFinding> findings;
    Reader survey = root.object("survey", false);
    for (const SurveyPoint& point : survey_points()) {
        Reader reader = survey.object(point.word, false);
        findings.push_back(read_finding(reader));
    }
    return findings;
}

std::vector<OwnPoint> read_own_points(Reader& root) {
    std::vector<OwnPoint> points;
    for (Reader& reader : root.objects("survey_own", 0, 30, false)) {
        points.push_back({reader.text_or("name", ""), read_finding(reader)});
        if (points.back().name.empty()) reader.fault("key_missing", "name");
    }
    return points;
}

std::vector<ReadingEntry> read_readings(Reader& root, const Design& design) {
    std::vector<ReadingEntry> entries;
    for (Reader& reader : root.objects("readings", 0, 20000, false)) {
        ReadingEntry entry;
        entry.state = reader.choice_or("state", ReadingState::found);
        entry.when = reader.text_or("when", "");
        entry.humidity_pct = reader.number_if("humidity_pct", {0.0, 100.0});
        Reader gauges = reader.object("gauges", false);
        read_gauge(gauges, "nut", entry.gauges.nut, entry.gauges.nut_u_mm);
        read_gauge(gauges, "action", entry.gauges.action, entry.gauges.action_u_mm);
        read_gauge(gauges, "relief", entry.gauges.relief, entry.gauges.relief_u_mm);
        entry.strings_new = reader.flag_or("strings_new", false);
        entry.relief = read_relief(reader, "relief", design.neck, &entry.relief_sides_mm);
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
