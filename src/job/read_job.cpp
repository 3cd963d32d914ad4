// One file for the whole of a job file's keys, limits and defaults: longer than others so that
// docs/job-file.md has one counterpart.
#include "core/pitch.h"
#include "core/spacing.h"
#include "job/job.h"
#include "job/reader.h"

#include <cmath>

namespace fm {

namespace {

constexpr Range gap_range{0.0, 3.0};
constexpr Range action_range{0.2, 12.0};
// Wide of every instrument, and inside the smallest radius allowed, so that every fret has a height there.
constexpr double farthest_string_mm = 95.0;
constexpr double smallest_radius_mm = 100.0;

void read_scale(Reader& neck, NeckDesign& design) {
    constexpr Range scale{200.0, 1200.0};
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
    const Range radius{smallest_radius_mm, 1e6};
    if (neck.has("radius_nut_mm") || neck.has("radius_end_mm")) {
        design.shape = BoardShape::cone;
        design.radius_nut_mm = neck.number("radius_nut_mm", radius);
        design.radius_end_mm = neck.number("radius_end_mm", radius);
        design.radius_end_at_mm = neck.number_or("radius_end_at_mm", design.mean_scale_mm(), {10.0, 1500.0});
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

std::optional<Relief> read_relief(Reader holder, std::string_view key, const NeckDesign& design) {
    if (!holder.has(key)) return std::nullopt;
    Reader reader = holder.object(key, false);
    Relief relief;
    relief.depth_mm = reader.number("depth_mm", {-1.0, 2.0});
    relief.at_fret = reader.whole("at_fret", 1, design.frets);
    if (!reader.has("between_frets")) reader.fault("key_missing", "between_frets");
    const std::vector<double> held =
        reader.numbers("between_frets", {0.0, static_cast<double>(design.frets)}, 2);
    if (held.size() != 2) return std::nullopt;
    relief.from_fret = static_cast<int>(held[0]);
    relief.to_fret = static_cast<int>(held[1]);
    const bool whole = held[0] == std::floor(held[0]) && held[1] == std::floor(held[1]);
    const bool in_order = relief.from_fret < relief.at_fret && relief.at_fret < relief.to_fret;
    if (!whole || !in_order || relief.from_fret >= design.body_joint_fret) {
        reader.fault("relief_frets", "between_frets",
                     {relief.from_fret, relief.to_fret, relief.at_fret, design.body_joint_fret});
        return std::nullopt;
    }
    return relief;
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

NeckDesign read_neck(Reader& root) {
    NeckDesign design;
    Reader neck = root.object("neck", true);
    design.frets = neck.whole("frets", 12, 36);
    design.body_joint_fret = neck.whole("body_joint_fret", 10, design.frets);
    read_temperament(root, design);
    read_scale(neck, design);
    design.fret_height_mm = neck.number("fret_height_mm", {0.2, 3.0});
    design.nut_width_mm = neck.number("nut_width_mm", {5.0, 150.0});
    design.end_width_mm = neck.number("end_width_mm", {5.0, 160.0});
    design.end_at_mm = neck.number_if("end_at_mm", {50.0, 1500.0});
    design.fret_end_bevel_mm = neck.number_or("fret_end_bevel_mm", 0.0, {0.0, 10.0});
    design.fallaway_mm = neck.number_or("fallaway_mm", 0.0, {-5.0, 5.0});
    read_radius(neck, design);
    if (neck.has("fret_offsets_mm")) {
        design.fret_offsets_mm = neck.numbers("fret_offsets_mm", {-2.0, 2.0}, std::nullopt);
        const auto frets = static_cast<std::size_t>(design.frets);
        if (!design.fret_offsets_mm.empty() && design.fret_offsets_mm.size() != frets)
            neck.fault("wrong_count", "fret_offsets_mm",
                       {static_cast<int>(design.fret_offsets_mm.size()), design.frets});
    }
    design.relief = read_relief(neck, "relief", design);
    return design;
}

StringDesign read_string(Reader& reader, int own_course, double a4_hz) {
    StringDesign string;
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
    string.diameter_mm = reader.number("diameter_mm", {0.15, 4.0});
    string.wound = reader.flag_or("wound", false);
    string.course = reader.whole_or("course", own_course, 0, 100000);
    reader.word("core", {"steel", "nylon", "fluorocarbon", "gut", "nylon_floss"}, 0);
    reader.number_if("core_mm", {0.05, 4.0});
    reader.number_if("unit_mass_g_m", {0.01, 500.0});
    reader.number_if("core_density_kg_m3", {100.0, 25000.0});
    reader.number_if("wrap_density_kg_m3", {100.0, 25000.0});
    reader.number_if("core_modulus_gpa", {0.1, 1000.0});
    reader.number_if("bending_stiffness_n_mm2", {0.0, 1e7});
    return string;
}

Spacing read_spacing(Reader& holder, const Design& design) {
    Reader reader = holder.object("spacing", true);
    Spacing spacing;
    spacing.method = static_cast<SpacingMethod>(
        reader.word("method", {"equal_centres", "equal_gaps", "blend", "given"}, 0));
    if (spacing.method == SpacingMethod::blend) spacing.blend = reader.number("blend", {0.0, 1.0});
    spacing.course_gap_mm = reader.number_if("course_gap_mm", {0.0, 30.0});
    spacing.course_centres_mm = reader.number_if("course_centres_mm", {0.2, 40.0});
    if (spacing.course_gap_mm && spacing.course_centres_mm)
        reader.fault("one_or_the_other", "course_centres_mm", {std::string("course_gap_mm")});
    if (spacing.method == SpacingMethod::given) {
        if (!reader.has("each_mm")) reader.fault("key_missing", "each_mm");
        spacing.each_mm =
            reader.numbers("each_mm", {-farthest_string_mm, farthest_string_mm}, design.strings.size());
        spacing.each_mm.resize(design.strings.size());
        return spacing;
    }
    const bool courses = course_starts(design.strings).size() < design.strings.size();
    if (courses && !spacing.course_gap_mm && !spacing.course_centres_mm)
        reader.fault("course_distance_missing", "course_gap_mm");
    if (reader.has("edge_margin_mm")) {
        Reader margin = reader.object("edge_margin_mm", true);
        spacing.edge_margin_mm = {margin.number("bass", {-20.0, 50.0}),
                                  margin.number("treble", {-20.0, 50.0})};
        if (reader.has("bias_mm")) reader.fault("bias_with_margin", "bias_mm");
        if (reader.has("spread_mm"))
            reader.fault("one_or_the_other", "spread_mm", {std::string("edge_margin_mm")});
    } else {
        const bool one_string = design.strings.size() == 1;
        spacing.spread_mm = one_string ? reader.number_or("spread_mm", 0.0, {0.0, 150.0})
                                       : reader.number("spread_mm", {0.0, 150.0});
        spacing.bias_mm = reader.number_or("bias_mm", 0.0, {-20.0, 20.0});
    }
    return spacing;
}

Targets read_targets(Reader& reader, Range range, std::size_t strings) {
    Targets targets;
    if (reader.has("each_mm")) {
        targets.each_mm = reader.numbers("each_mm", range, strings);
        targets.each_mm.resize(strings);
        return targets;
    }
    targets.bass_mm = reader.number("bass_mm", range);
    targets.treble_mm = reader.number("treble_mm", range);
    return targets;
}

void read_posts(Reader& nut, Design& design) {
    if (!nut.has("posts") || nut.empty_list("posts")) return; // no posts
    const std::size_t count = design.strings.size();
    for (Reader& post : nut.objects("posts", count, count, false))
        design.nut.posts.push_back({post.number("behind_mm", {1.0, 500.0}),
                                    post.number("across_mm", {-200.0, 200.0}),
                                    post.number("below_mm", {-50.0, 100.0})});
}

PlainWound read_plain_wound(Reader& nut, std::string_view key, PlainWound otherwise, Range range) {
    Reader reader = nut.object(key, false);
    return {reader.number_or("plain", otherwise.plain, range),
            reader.number_or("wound", otherwise.wound, range)};
}

void read_nut(Reader& root, Design& design) {
    Reader reader = root.object("nut", true);
    NutDesign& nut = design.nut;
    nut.spacing = read_spacing(reader, design);
    Reader height = reader.object("height", true);
    nut.height_method = static_cast<NutHeightMethod>(
        height.word("method", {"open_gap", "pressed_gap", "zero_fret"}, std::nullopt));
    nut.height = read_targets(height, gap_range, design.strings.size());
    nut.pressed_fret = height.whole_or("pressed_fret", 3, 2, 3);
    nut.set_forward_mm = reader.number_or("set_forward_mm", 0.0, {0.0, 2.0});
    nut.board_above_seat_mm = reader.number("board_above_seat_mm", {-5.0, 50.0});
    nut.thickness_mm = reader.number_or("thickness_mm", 5.0, {0.5, 30.0});
    nut.seat = static_cast<Seat>(reader.word("seat", {"square", "angled", "curved"}, 0));
    if (nut.seat == Seat::curved)
        nut.seat_radius_mm = reader.number("seat_radius_mm", {smallest_radius_mm, 1e6});
    nut.headstock_angle_deg = reader.number_or("headstock_angle_deg", 0.0, {0.0, 45.0});
    nut.floor_angle_share = reader.number_or("floor_angle_share", 0.6, {0.0, 1.0});
    nut.saw_allowance_mm = reader.number_or("saw_allowance_mm", 0.3, {0.0, 5.0});
    nut.slot_clearance_mm = read_plain_wound(reader, "slot_clearance_mm", nut.slot_clearance_mm, {0.0, 1.0});
    nut.in_slot = read_plain_wound(reader, "in_slot", nut.in_slot, {0.0, 3.0});
    nut.file_over_mm = reader.number_or("file_over_mm", 0.05, {0.0, 1.0});
    nut.fair_top = reader.flag_or("fair_top", false);
    nut.material = reader.text_or("material", "bone");
    if (reader.has("blank")) {
        Reader blank = reader.object("blank", false);
        nut.blank = Blank{blank.number("length_mm", {5.0, 300.0}), blank.number("height_mm", {1.0, 60.0}),
                          blank.number("thickness_mm", {0.5, 40.0})};
    }
    if (reader.has("zero_fret")) {
        Reader zero = reader.object("zero_fret", false);
        nut.zero_fret =
            ZeroFret{zero.number("height_mm", {0.2, 4.0}), zero.number_or("guide_below_mm", 0.0, {0.0, 5.0})};
    }
    read_posts(reader, design);
}

void read_saddle(Reader& root, Design& design) {
    Reader reader = root.object("saddle", true);
    SaddleDesign& saddle = design.saddle;
    saddle.spacing = read_spacing(reader, design);
    Reader action = reader.object("action", true);
    saddle.measured = static_cast<ActionMeasure>(action.word("measured", {"open", "capo_1"}, 0));
    saddle.action = read_targets(action, action_range, design.strings.size());
    Reader compensation = reader.object("compensation", false);
    saddle.compensation =
        static_cast<CompensationMethod>(compensation.word("method", {"fixed", "octave", "all_frets"}, 1));
    if (saddle.compensation == CompensationMethod::fixed)
        saddle.fixed_mm = compensation.number("fixed_mm", {-20.0, 50.0});
    compensation.word("nut", {"keep", "common", "each"}, 0);
    compensation.numbers("weights", {0.0, 1e6}, static_cast<std::size_t>(design.neck.frets));
    saddle.thickness_mm = reader.number_or("thickness_mm", 3.0, {0.5, 30.0});
    saddle.crown_edge_mm = reader.number_or("crown_edge_mm", 0.3, {0.0, 5.0});
    reader.number_if("slot_depth_mm", {0.0, 30.0});
}

void check_bridge(Reader& root) {
    if (!root.has("bridge")) return;
    Reader bridge = root.object("bridge", false);
    bridge.number("plane_above_top_mm", {-20.0, 100.0});
    const std::size_t anchor = bridge.word("anchor", {"pins", "tie", "hole", "tailpiece"}, 0);
    if (bridge.word_at("height_mm") == "auto") {
        if (anchor == 3) bridge.fault("auto_height_of_tailpiece", "height_mm");
    } else {
        bridge.number_if("height_mm", {0.0, 100.0});
    }
    const double least_mm = bridge.number_or("height_min_mm", 6.5, {0.0, 100.0});
    const double most_mm = bridge.number_or("height_max_mm", 11.0, {0.0, 100.0});
    if (least_mm > most_mm) bridge.fault("number_out_of_range", "height_min_mm", {least_mm, 0.0, most_mm});
    bridge.number_if("exposure_target_mm", {0.0, 30.0});
    bridge.number_if("floor_min_mm", {0.0, 30.0});
    bridge.number_if("break_angle_min_deg", {0.0, 90.0});
    if (anchor != 0) {
        Reader exit = bridge.object("exit", true);
        exit.number("behind_mm", {0.1, 500.0});
        exit.number("above_top_mm", {-50.0, 100.0});
        return;
    }
    Reader pins = bridge.object("pins", false);
    pins.number_if("behind_mm", {0.0, 200.0});
    pins.number_if("hole_mm", {0.5, 20.0});
    pins.number_if("ramp_mm", {0.0, 30.0});
    pins.word("line", {"parallel", "square"}, 0);
}

void check_player(Reader& root) {
    Reader player = root.object("player", false);
    player.number_if("finger_behind_mm", {0.0, 60.0});
    player.number_if("press_depth_mm", {0.0, 3.0});
    player.number_if("after_length_mm", {0.0, 2000.0});
    player.number_if("end_stiffness", {-5.0, 5.0}); // a fitted value may leave 0 … 1
    player.number_if("pluck_force_n", {0.01, 100.0});
    player.number_if("pluck_share_down", {0.0, 1.0});
    player.number_if("pluck_from_saddle_mm", {1.0, 1200.0});
    player.number_if("back_gap_min_mm", {0.0, 2.0});
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

StringReadings read_string_readings(Reader& reader) {
    StringReadings read;
    constexpr Range gap{-1.0, 20.0};
    read.open_gap_fret1_mm = reader.number_if("open_gap_fret1_mm", gap);
    read.pressed_gap_mm = reader.number_if("pressed_gap_mm", gap);
    read.pressed_fret = reader.whole_or("pressed_fret", 3, 2, 3);
    read.action12_mm = reader.number_if("action12_mm", gap);
    read.action12_capo_mm = reader.number_if("action12_capo_mm", gap);
    read.slot_width_mm = reader.number_if("slot_width_mm", {0.05, 10.0});
    return read;
}

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
            entry.strings.push_back(read_string_readings(string));
        entries.push_back(std::move(entry));
    }
    return entries;
}

std::optional<Tools> read_tools(Reader& root) {
    if (!root.has("tools")) return std::nullopt;
    Reader tools = root.object("tools", false);
    return Tools{tools.numbers("nut_files_mm", {0.1, 10.0}, std::nullopt),
                 tools.numbers("feelers_mm", {0.005, 10.0}, std::nullopt)};
}

void read_whole(Reader& root, Job& job, std::vector<Message>& problems) {
    job.title = root.text_or("title", "");
    job.owner = root.text_or("owner", "");
    job.a4_hz = root.number_or("a4_hz", 440.0, {200.0, 900.0});
    job.left_handed = root.word("handed", {"right", "left"}, 0) == 1;
    job.unit = static_cast<Unit>(root.word("unit", {"mm", "in", "thou", "64ths"}, 0));
    Design& design = job.design;
    design.neck = read_neck(root);
    int own_course = -1; // counts down: never a number a file may hold
    for (Reader& reader : root.objects("strings", 1, 14, true))
        design.strings.push_back(read_string(reader, own_course--, job.a4_hz));
    if (design.strings.empty()) return;
    read_nut(root, design);
    read_saddle(root, design);
    check_player(root);
    check_bridge(root);
    Reader limits = root.object("limits", false);
    design.limits = {limits.number_or("string_gap_min_mm", 0.0, {0.0, 20.0}),
                     limits.number_or("edge_min_mm", 0.0, {0.0, 20.0})};
    job.readings = read_readings(root, design);
    job.tools = read_tools(root);
    if (!problems.empty()) return;
    const Neck neck(design.neck);
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
