// A job file: what has a rule of its own, its parts in the files read_*.cpp beside this one. Numbers that
// need none are rows of core/design/fields, with what is allowed of them.
#include "core/design/assumed.h"
#include "core/design/inputs.h"
#include "core/design/spacing.h"
#include "core/found/fret_plane.h"
#include "core/solution/solution.h"
#include "core/words/pitch.h"
#include "core/words/word_of.h"
#include "job/read/read_parts.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double least_to_first_fret_mm = 4.0;

void read_scale(Reader& neck, NeckDesign& design) {
    const Range scale = range_of("neck.scale_mm");
    if (neck.has("scale_bass_mm") || neck.has("scale_treble_mm")) {
        design.scale_bass_mm = neck.number("scale_bass_mm", scale);
        design.scale_treble_mm = neck.number("scale_treble_mm", scale);
        if (neck.has("scale_mm")) neck.fault("one_or_the_other", "scale_mm", {std::string("scale_bass_mm")});
    } else {
        design.scale_bass_mm = design.scale_treble_mm = neck.number("scale_mm", scale);
    }
    design.perpendicular_fret =
        neck.number_or("perpendicular_fret", 0.0, {0.0, static_cast<double>(design.frets)});
    if (design.temperament_cents && design.perpendicular_fret != std::floor(design.perpendicular_fret))
        neck.fault("not_a_whole_number", "perpendicular_fret", {design.perpendicular_fret, 0, design.frets});
}

void read_radius(Reader& neck, NeckDesign& design) {
    const Range radius = range_of("neck.radius_mm");
    if (neck.has("radius_nut_mm") || neck.has("radius_end_mm")) {
        design.shape = BoardShape::cone;
        design.radius_nut_mm = neck.number("radius_nut_mm", radius);
        design.radius_end_mm = neck.number("radius_end_mm", radius);
        design.radius_end_at_mm =
            neck.number_or("radius_end_at_mm", design.mean_scale_mm(), range_of("neck.radius_end_at_mm"));
        if (neck.has("radius_mm"))
            neck.fault("one_or_the_other", "radius_mm", {std::string("radius_nut_mm")});
        const double last_x_mm = design.mean_scale_mm() * (1.0 - std::exp2(-design.frets / 12.0));
        const double at_last_fret_mm = design.radius_nut_mm + (design.radius_end_mm - design.radius_nut_mm) *
                                                                  last_x_mm /
                                                                  std::max(design.radius_end_at_mm, 1.0);
        if (at_last_fret_mm < smallest_radius_mm)
            neck.fault("radius_runs_out", "radius_end_mm",
                       {design.radius_end_mm, LengthMm{at_last_fret_mm}, LengthMm{smallest_radius_mm}});
    } else if (neck.has("radius_mm")) {
        design.shape = BoardShape::cylinder;
        design.radius_nut_mm = neck.number("radius_mm", radius);
    }
    if (design.shape != BoardShape::flat && design.radius_nut_mm > 0 &&
        design.radius_nut_mm <= 0.5 * design.nut_width_mm)
        neck.fault("radius_under_half_width",
                   design.shape == BoardShape::cone ? "radius_nut_mm" : "radius_mm",
                   {design.radius_nut_mm, LengthMm{0.5 * design.nut_width_mm}});
}

void read_temperament(Reader& root, NeckDesign& design) {
    if (!root.has("temperament")) return;
    Reader temperament = root.object("temperament", false);
    temperament.text_or("name", "");
    if (!temperament.has("cents")) temperament.fault("key_missing", "cents");
    const std::vector<double> cents = temperament.numbers("cents", {0.0, 1200.0}, 12);
    if (cents.size() != 12) return;
    std::array<double, 12> table{};
    for (std::size_t i = 0; i < 12; ++i) {
        table[i] = cents[i];
        if (table[i] <= (i == 0 ? 0.0 : table[i - 1]) || (i == 11 && table[i] != 1200.0))
            return temperament.fault("temperament_order", "cents", {static_cast<int>(i) + 1, table[i]});
    }
    design.temperament_cents = table;
}

void read_neck(Reader& root, Design& whole) {
    NeckDesign& design = whole.neck;
    Reader neck = root.object("neck", true);
    design.frets = neck.whole("frets", 12, 36);
    design.body_joint_fret = neck.whole("body_joint_fret", 10, design.frets);
    read_temperament(root, design);
    read_scale(neck, design);
    read_fields(neck, "neck.", whole);
    read_radius(neck, design);
    if (neck.has("fret_offsets_mm")) {
        design.fret_offsets_mm =
            neck.numbers("fret_offsets_mm", range_of("neck.fret_offsets_mm[]"), std::nullopt);
        const auto frets = static_cast<std::size_t>(design.frets);
        if (!design.fret_offsets_mm.empty() && design.fret_offsets_mm.size() != frets)
            neck.fault("wrong_count", "fret_offsets_mm",
                       {static_cast<int>(design.fret_offsets_mm.size()), design.frets});
    }
    design.relief = read_relief(neck, "relief", design);
    design.rod = neck.choice_if<Rod>("rod");
}

/// The string that was added last.
void read_string(Reader& reader, int own_course, double a4_hz, Design& design) {
    StringDesign& string = design.strings.back();
    const std::string name = reader.text_or("pitch", "");
    if (!name.empty()) {
        const auto hz = pitch_hz_of_name(name, a4_hz);
        if (!hz) reader.fault("not_a_pitch", "pitch", {name});
        string.pitch_hz = hz.value_or(a4_hz);
        string.pitch_name = shown_pitch_name(name);
        if (hz && (*hz < 15.0 || *hz > 2000.0))
            reader.fault("number_out_of_range", "pitch", {*hz, 15.0, 2000.0});
    }
    if (reader.has("pitch_hz")) {
        string.pitch_hz = reader.number("pitch_hz", {15.0, 2000.0});
        if (string.pitch_name.empty() && string.pitch_hz > 0)
            string.pitch_name = nearest_pitch_name(string.pitch_hz, a4_hz);
    } else if (name.empty()) {
        reader.fault("key_missing", "pitch");
    }
    read_fields(reader, "strings[].", design, design.strings.size() - 1);
    string.wound = reader.flag_or("wound", false);
    string.course = reader.whole_or("course", own_course, 0, 100000);
    string.core = reader.choice_or("core", CoreMaterial::steel);
    string.wrap = reader.choice_if<Wrap>("wrap");
    if (string.wound && string.core_mm && *string.core_mm >= string.diameter_mm)
        reader.fault("core_too_thick", "core_mm", {*string.core_mm, LengthMm{string.diameter_mm}});
    if (string.wound && string.core != CoreMaterial::steel && !string.core_mm && !string.unit_mass_g_m)
        reader.fault("core_missing", "core_mm");
}

/// A nut may stand 2 mm forward and a finger needs room: a temperament must leave that before fret 1.
void check_first_fret(const Neck& neck, std::vector<Message>& problems) {
    const double shortest_mm = std::min(neck.design().scale_bass_mm, neck.design().scale_treble_mm);
    const double x_mm = neck.fret_x_mm(1, shortest_mm);
    if (x_mm < least_to_first_fret_mm)
        problems.push_back({"first_fret_near_nut",
                            Severity::error,
                            "temperament.cents",
                            {LengthMm{x_mm}, LengthMm{least_to_first_fret_mm}}});
}

/// Outer centres must leave room for the strings between, and stand over the board's curve.
void check_spread(const Design& design, const Spacing& spacing, double half_width_mm, const char* where,
                  std::vector<Message>& problems) {
    const OuterCentres outer = outer_centres_mm(spacing, design.strings, half_width_mm);
    for (const double y_mm : {outer.bass_mm, outer.treble_mm})
        if (!(std::abs(y_mm) <= farthest_string_mm))
            problems.push_back({"string_too_far_out",
                                Severity::error,
                                where,
                                {LengthMm{std::abs(y_mm)}, LengthMm{farthest_string_mm}}});
    if (design.strings.size() < 2) return;
    double widths_mm = 0.5 * (design.strings.front().diameter_mm + design.strings.back().diameter_mm);
    for (std::size_t i = 1; i + 1 < design.strings.size(); ++i) widths_mm += design.strings[i].diameter_mm;
    const double spread_mm = outer.treble_mm - outer.bass_mm;
    if (!(spread_mm > widths_mm))
        problems.push_back(
            {"spread_too_small", Severity::error, where, {LengthMm{spread_mm}, LengthMm{widths_mm}}});
}

std::vector<StatedUncertainty> read_uncertainties(Reader& root, const Design& design) {
    std::vector<StatedUncertainty> list;
    Reader stated = root.object("uncertainty", false);
    for (const std::string& key : stated.keys()) {
        const Gauge* gauge = gauge_of_word(stated.word_at(key));
        if (!is_input_key(design, key))
            stated.fault("not_an_input", key);
        else if (gauge)
            list.push_back({key, gauge->uncertainty_mm, std::string(gauge->word)});
        else
            list.push_back({key, stated.number(key, {0.0, 100.0}), {}});
    }
    return list;
}

/// A key whose place the design has lost (a cone made a cylinder) stays and says nothing.
std::vector<std::string> read_assumed(Reader& root) {
    std::vector<std::string> keys;
    for (const std::string& key : root.texts("assumed")) {
        const FieldPlace place = place_of_key(key);
        if (!place.field || !can_be_assumed(*place.field))
            root.fault("not_to_be_assumed", "assumed", {key.substr(0, 40)});
        else if (std::find(keys.begin(), keys.end(), key) == keys.end())
            keys.push_back(key);
    }
    return keys;
}

} // namespace

Ordered read_ordered(Reader& root) {
    Reader reader = root.object("ordered", false);
    Ordered ordered;
    for (const std::string& word : reader.texts("parts")) {
        const auto part = of_word<OrderedPart>(word);
        if (!part)
            reader.fault("not_one_of", "parts",
                         {word, std::string("nut, saddle, bridge, ready_nut, ready_saddle, set_up")});
        else if (std::find(ordered.parts.begin(), ordered.parts.end(), *part) == ordered.parts.end())
            ordered.parts.push_back(*part);
    }
    ordered.sum = reader.number_if("sum", {0.0, 1e7});
    ordered.minutes = reader.number_if("minutes", {0.0, 1e5});
    return ordered;
}

namespace {

/// Where the plane passes does not move the strings over it: they are solved without it.
void put_fret_plane(Job& job, std::vector<Message>& problems) {
    const auto plane = fret_plane_as_found(job.design, solve(job.design), job.readings);
    const Range allowed = range_of("bridge.plane_above_top_mm");
    if (!plane)
        problems.push_back({"plane_needs_action", Severity::error, "bridge.plane_above_top_mm", {}});
    else if (plane->at_centre_mm < allowed.least || plane->at_centre_mm > allowed.most)
        problems.push_back({"number_out_of_range",
                            Severity::error,
                            "bridge.plane_above_top_mm",
                            {plane->at_centre_mm, allowed.least, allowed.most}});
    else
        job.design.bridge->plane_above_top_mm = plane->at_centre_mm;
}

void read_whole(Reader& root, Job& job, std::vector<Message>& problems) {
    job.title = root.text_or("title", "");
    job.owner = root.text_or("owner", "");
    job.kind = root.text_or("kind", "");
    root.whole_or("defaults", 1, 1,
                  1000); // what was taken for what it does not say (job/read/old_defaults.h)
    job.a4_hz = root.number_or("a4_hz", 440.0, {200.0, 900.0});
    job.left_handed = root.word("handed", {"right", "left"}, 0) == 1;
    job.unit = root.choice_or("unit", Unit::mm);
    job.units = units_in(job.unit);
    Reader units = root.object("units", false);
    for (std::size_t kind = 0; kind < job.units.each.size(); ++kind)
        job.units.each[kind] = units.choice_or(words_of(LengthKind{})[kind], job.units.each[kind]);
    job.units.tension = units.choice_or("tension", job.units.tension);
    Design& design = job.design;
    read_neck(root, design);
    int own_course = -1; // counts down: never a number a file may hold
    for (Reader& reader : root.objects("strings", 1, 14, true)) {
        design.strings.emplace_back(), read_string(reader, own_course--, job.a4_hz, design);
        job.slot_photos.push_back(read_photo(reader));
    }
    if (design.strings.empty()) return;
    read_nut(root, design);
    read_saddle(root, design);
    Reader player = root.object("player", false);
    design.player.hand = player.choice_or("hand", design.player.hand);
    read_fields(player, "player.", design);
    read_bridge(root, design);
    // The top of a floating bridge is of the bridge's wood, unless the job says otherwise.
    if (design.bridge && design.bridge->floats() && root.has_object("saddle") &&
        !root.object("saddle", true).has("material"))
        design.saddle.material = "hardwood";
    Reader limits = root.object("limits", false);
    read_fields(limits, "limits.", design);
    Reader choices = root.object("plan", false);
    design.choices = {choices.choice_if<ReliefChoice>("relief"), choices.choice_if<SaddleChoice>("saddle"),
                      choices.choice_if<NutChoice>("nut")};
    if (design.choices.nut == NutChoice::choose) choices.fault("choose_not_chosen", "nut");
    job.survey = read_survey(root);
    job.own_points = read_own_points(root);
    for (std::size_t i = 0; i < job.survey.size(); ++i)
        if (survey_points()[i].word == "rod_stuck")
            design.neck.rod_stuck = job.survey[i].mark == SurveyMark::found;
    job.readings = read_readings(root, design);
    job.sheets = read_printed(root);
    job.intonation = read_intonation(root);
    job.record = read_record(root, job.design.strings.size(), job.design.neck.frets);
    job.ordered = read_ordered(root);
    job.behind_bridge = read_background(root, "bridge");
    job.behind_board = read_background(root, "board");
    if (root.has("tools")) job.tools = read_tools(root.object("tools", false));
    if (!problems.empty()) return;
    if (design.bridge && design.bridge->plane_from_strings) put_fret_plane(job, problems);
    design.assumed = read_assumed(root);
    design.uncertainties = read_uncertainties(root, design);
    const Neck neck(design.neck);
    check_first_fret(neck, problems);
    check_spread(design, design.nut.spacing, neck.half_width_mm(0.0), "nut.spacing", problems);
    check_spread(design, design.saddle.spacing, neck.half_width_mm(neck.mean_scale_mm()), "saddle.spacing",
                 problems);
}

} // namespace

JobResult read_job(const Value& document) {
    JobResult result;
    if (!document.object()) {
        result.problems.push_back({"not_an_object", Severity::error, "the file", {shown_value(document)}});
        return result;
    }
    Reader root(&document, "", result.problems);
    root.word("format", {"fair-measure-job"}, std::nullopt);
    Job job;
    job.version = root.whole_or("version", 1, 1, 1000);
    read_whole(root, job, result.problems);
    if (result.problems.empty()) result.job = std::move(job);
    return result;
}

} // namespace fm
