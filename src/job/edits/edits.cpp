#include "job/edits/edits.h"

#include "core/words/word_of.h"
#include "job/edits/reading_edits.h"
#include "job/edits/string_edits.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

std::string below(std::string_view key, std::string_view name) {
    return std::string(key) + "." + std::string(name);
}

Value list(const std::vector<double>& numbers) {
    Value::Array items;
    for (const double number : numbers) items.emplace_back(to_thousandth(number));
    return items;
}

bool has_outer_rule(const Value& document, std::string_view key) {
    return find(document, below(key, "spread_mm")) || find(document, below(key, "edge_margin_mm"));
}

/// Whether an entry already has that number: then the new one is an entry of its own, nothing is written
/// over.
bool holds_reading(const Value& entry, const AddedReading& reading) {
    const std::string key =
        "strings[" + std::to_string(reading.string) + "]." + std::string(reading.way.key());
    return find(entry, key) != nullptr;
}

} // namespace

double to_thousandth(double mm) {
    return std::round(mm * 1000.0) / 1000.0;
}

Value with_spacing_method(const Value& document, std::string_view key, SpacingMethod method,
                          const std::vector<double>& centres_mm) {
    Value changed = with(document, below(key, "method"), std::string(word_of(method)));
    if (method == SpacingMethod::given) return with(changed, below(key, "each_mm"), list(centres_mm));
    if (method == SpacingMethod::blend && !find(changed, below(key, "blend")))
        changed = with(changed, below(key, "blend"), 0.5);
    if (!has_outer_rule(changed, key)) {
        changed =
            with(changed, below(key, "spread_mm"), to_thousandth(centres_mm.back() - centres_mm.front()));
        changed = with(changed, below(key, "bias_mm"),
                       to_thousandth(-0.5 * (centres_mm.back() + centres_mm.front())));
    }
    return changed;
}

Value with_edge_margins(const Value& document, std::string_view key, bool by_margin,
                        const std::vector<double>& centres_mm, const Design& design, double half_width_mm) {
    const double bass_mm = centres_mm.front();
    const double treble_mm = centres_mm.back();
    if (!by_margin) {
        Value changed = without(document, below(key, "edge_margin_mm"));
        changed = with(changed, below(key, "spread_mm"), to_thousandth(treble_mm - bass_mm));
        return with(changed, below(key, "bias_mm"), to_thousandth(-0.5 * (treble_mm + bass_mm)));
    }
    Value changed = without(without(document, below(key, "spread_mm")), below(key, "bias_mm"));
    changed = with(changed, below(key, "edge_margin_mm.bass"),
                   to_thousandth(half_width_mm + bass_mm - 0.5 * design.strings.front().diameter_mm));
    return with(changed, below(key, "edge_margin_mm.treble"),
                to_thousandth(half_width_mm - treble_mm - 0.5 * design.strings.back().diameter_mm));
}

Value with_height_method(const Value& document, NutHeightMethod method, int pressed_fret,
                         const Solution& solution) {
    const auto read = [&](const StringSolution& string) {
        const ReadingWay way{BenchPart::nut, method == NutHeightMethod::pressed_gap ? pressed_fret : 0};
        const double mm = method == NutHeightMethod::zero_fret ? string.above_fret_line_mm : way.of(string);
        return std::max(0.0, to_thousandth(mm));
    };
    Value changed = with(document, "nut.height.method", std::string(word_of(method)));
    if (method == NutHeightMethod::pressed_gap)
        changed = with(changed, "nut.height.pressed_fret", pressed_fret);
    if (find(document, "nut.height.each_mm")) {
        std::vector<double> each;
        for (const StringSolution& string : solution.strings) each.push_back(read(string));
        return with(changed, "nut.height.each_mm", list(each));
    }
    changed = with(changed, "nut.height.bass_mm", read(solution.strings.front()));
    return with(changed, "nut.height.treble_mm", read(solution.strings.back()));
}

Value with_action_measure(const Value& document, ActionMeasure measure, const Solution& solution) {
    const ReadingWay way{BenchPart::saddle, measure == ActionMeasure::open ? 0 : 1};
    const auto read = [&way](const StringSolution& string) { return to_thousandth(way.of(string)); };
    Value changed = with(document, "saddle.action.measured", std::string(word_of(measure)));
    if (find(document, "saddle.action.each_mm")) {
        std::vector<double> each;
        for (const StringSolution& string : solution.strings) each.push_back(read(string));
        return with(changed, "saddle.action.each_mm", list(each));
    }
    changed = with(changed, "saddle.action.bass_mm", read(solution.strings.front()));
    return with(changed, "saddle.action.treble_mm", read(solution.strings.back()));
}

Value with_each_target(const Value& document, std::string_view key, bool each, const Targets& targets,
                       std::size_t strings) {
    if (each) {
        std::vector<double> values;
        for (std::size_t i = 0; i < strings; ++i) values.push_back(targets.of(i, strings));
        return with(without(without(document, below(key, "bass_mm")), below(key, "treble_mm")),
                    below(key, "each_mm"), list(values));
    }
    const Value changed = with(without(document, below(key, "each_mm")), below(key, "bass_mm"),
                               to_thousandth(targets.of(0, strings)));
    return with(changed, below(key, "treble_mm"), to_thousandth(targets.of(strings - 1, strings)));
}

Value with_reading(const Value& document, std::size_t strings, const AddedReading& reading,
                   std::string_view when) {
    const Value::Array& entries = written_readings(document);
    const Value* last_when = entries.empty() ? nullptr : entries.back().member("when");
    const bool same_sitting = last_when && last_when->text() && *last_when->text() == when &&
                              !holds_reading(entries.back(), reading);
    const ReadingState state = entries.empty() ? ReadingState::found : ReadingState::during;
    const Value changed =
        same_sitting ? document : with_reading_added(document, begun_reading(state, when, strings));
    const std::size_t place = written_readings(changed).size() - 1;
    const std::string string =
        "readings[" + std::to_string(place) + "].strings[" + std::to_string(reading.string) + "]";
    return with_gap(changed, string, reading.way, reading.read);
}

namespace {

/// Courses need a distance: the usual one where none is said.
Value with_usual_course_gaps(const Value& document) {
    constexpr double usual_gap_mm = 2.0;
    Value changed = document;
    for (const char* spacing : {"nut.spacing", "saddle.spacing"}) {
        const std::string key(spacing);
        if (!find(changed, key + ".course_gap_mm") && !find(changed, key + ".course_centres_mm"))
            changed = with(changed, key + ".course_gap_mm", usual_gap_mm);
    }
    return changed;
}

} // namespace

Value with_string_set(const Value& document, const Value& set) {
    const Value::Array& rows = *set.array();
    Value changed = document;
    const auto count = [&changed] { return find(changed, "strings")->array()->size(); };
    const bool untouched = written_readings(document).empty();
    while (untouched && count() < rows.size() && count() < most_strings)
        changed = with_string_added(changed, count() - 1);
    while (untouched && count() > rows.size()) changed = with_string_removed(changed, count() - 1);
    if (rows.size() != count())
        throw InputError({"set_count",
                          Severity::error,
                          "strings",
                          {static_cast<int>(rows.size()), static_cast<int>(count())}});
    for (std::size_t i = 0; i < rows.size(); ++i) {
        const std::string string = "strings[" + std::to_string(i) + "].";
        for (const char* key :
             {"pitch", "pitch_hz", "diameter_mm", "wound", "wrap", "core", "core_mm", "unit_mass_g_m",
              "core_density_kg_m3", "wrap_density_kg_m3", "core_modulus_gpa", "bending_stiffness_n_mm2",
              "end_stiffness", "stretch_stiffness_n"})
            changed = without(changed, string + key);
        for (const auto& [key, value] : *rows[i].object()) changed = with(changed, string + key, value);
    }
    const bool courses =
        std::any_of(rows.begin(), rows.end(), [](const Value& row) { return row.member("course"); });
    return courses ? with_usual_course_gaps(changed) : changed;
}

Value with_course(const Value& document, std::size_t first, std::size_t last, bool together) {
    const Value::Array& strings = *find(document, "strings")->array();
    std::int64_t free = 1;
    const auto taken = [&](std::int64_t number) {
        return std::any_of(strings.begin(), strings.end(), [number](const Value& string) {
            const Value* course = string.member("course");
            return course && course->is_number() && course->number() == static_cast<double>(number);
        });
    };
    while (taken(free)) ++free;
    Value changed = document;
    for (std::size_t i = first; i <= last; ++i) {
        const std::string key = "strings[" + std::to_string(i) + "].course";
        changed = together ? with(changed, key, free) : without(changed, key);
    }
    if (!together) return changed;
    return with_usual_course_gaps(changed);
}

Value with_fit(const Value& document, std::size_t string, const Fit& fit) {
    const std::string key = "strings[" + std::to_string(string) + "]";
    Value changed = with(document, key + ".end_stiffness", fit.end_stiffness.value);
    if (!fit.stretch_stiffness_n) return changed;
    return with(changed, key + ".stretch_stiffness_n", fit.stretch_stiffness_n->value);
}

} // namespace fm
