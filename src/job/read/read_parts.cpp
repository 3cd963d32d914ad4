// What several parts of a job file are written with: relief, spacing, targets, blanks, tools.
#include "job/read/read_parts.h"

#include "core/design/fields.h"
#include "core/design/spacing.h"

#include <cmath>

namespace fm {

Range range_of(std::string_view key) {
    const Field& field = field_of(key);
    return {field.least, field.most};
}

void read_fields(Reader& reader, std::string_view start, Design& design, std::size_t item) {
    for (const Field& field : fields()) {
        if (field.by_hand || !field.key.starts_with(start)) continue;
        const std::string_view name = field.key.substr(start.size());
        if (name.find_first_of(".[") != std::string_view::npos || !field.fits(design, item)) continue;
        const Range range{field.least, field.most};
        if (field.required)
            field.set(design, item, reader.number(name, range));
        else if (const auto given = reader.number_if(name, range))
            field.set(design, item, *given);
    }
}

std::optional<Relief> read_relief(Reader holder, std::string_view key, const NeckDesign& design,
                                  std::optional<EdgeMargins>* sides_mm) {
    if (!holder.has(key)) return std::nullopt;
    Reader reader = holder.object(key, false);
    Relief relief;
    const Range depth = range_of("neck.relief.depth_mm");
    const bool both_sides = reader.has("bass_mm") && reader.has("treble_mm");
    if (both_sides) {
        const EdgeMargins read{reader.number("bass_mm", depth), reader.number("treble_mm", depth)};
        relief.depth_mm = 0.5 * (read.bass_mm + read.treble_mm);
        if (sides_mm) *sides_mm = read;
    }
    if (!both_sides || reader.has("depth_mm")) relief.depth_mm = reader.number("depth_mm", depth);
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

Spacing read_spacing(Reader& holder, const std::string& key, const Design& design) {
    // Of pins nothing but their places has rows of its own: they are spaced as strings are.
    const std::string at = key.starts_with("bridge.") ? "saddle.spacing" : key;
    const auto range = [&](const char* name) { return range_of(at + "." + name); };
    Reader reader = holder.object("spacing", true);
    Spacing spacing;
    spacing.method = reader.choice_or("method", SpacingMethod::equal_centres);
    if (spacing.method == SpacingMethod::blend) spacing.blend = reader.number("blend", range("blend"));
    spacing.course_gap_mm = reader.number_if("course_gap_mm", range("course_gap_mm"));
    spacing.course_centres_mm = reader.number_if("course_centres_mm", range("course_centres_mm"));
    if (spacing.course_gap_mm && spacing.course_centres_mm)
        reader.fault("one_or_the_other", "course_centres_mm", {std::string("course_gap_mm")});
    if (spacing.method == SpacingMethod::given) {
        if (!reader.has("each_mm")) reader.fault("key_missing", "each_mm");
        spacing.each_mm = reader.numbers("each_mm", range("each_mm[]"), design.strings.size());
        spacing.each_mm.resize(design.strings.size());
        return spacing;
    }
    const bool courses = course_starts(design.strings).size() < design.strings.size();
    if (courses && !spacing.course_gap_mm && !spacing.course_centres_mm)
        reader.fault("course_distance_missing", "course_gap_mm");
    if (reader.has("edge_margin_mm")) {
        Reader margin = reader.object("edge_margin_mm", true);
        spacing.edge_margin_mm = {margin.number("bass", range("edge_margin_mm.bass")),
                                  margin.number("treble", range("edge_margin_mm.treble"))};
        if (reader.has("bias_mm")) reader.fault("bias_with_margin", "bias_mm");
        if (reader.has("spread_mm"))
            reader.fault("one_or_the_other", "spread_mm", {std::string("edge_margin_mm")});
    } else {
        const bool one_string = design.strings.size() == 1;
        spacing.spread_mm = one_string ? reader.number_or("spread_mm", 0.0, range("spread_mm"))
                                       : reader.number("spread_mm", range("spread_mm"));
        spacing.bias_mm = reader.number_or("bias_mm", 0.0, range("bias_mm"));
    }
    return spacing;
}

Targets read_targets(Reader& reader, const std::string& key, std::size_t strings) {
    Targets targets;
    if (reader.has("each_mm")) {
        targets.each_mm = reader.numbers("each_mm", range_of(key + ".each_mm[]"), strings);
        targets.each_mm.resize(strings);
        return targets;
    }
    targets.bass_mm = reader.number("bass_mm", range_of(key + ".bass_mm"));
    targets.treble_mm = reader.number("treble_mm", range_of(key + ".treble_mm"));
    return targets;
}

void read_blank(Reader& part, const std::string& key, std::optional<Blank>& blank, Design& design) {
    if (!part.has("blank")) return;
    Reader reader = part.object("blank", false);
    blank.emplace();
    read_fields(reader, key + ".", design);
}

OwnTools read_tools(Reader tools) {
    constexpr int most_leaves = 60; // stacks of three are tried one by one
    const auto list = [&](const char* key, Range range, int most) -> std::optional<std::vector<double>> {
        if (!tools.has(key)) return std::nullopt;
        const std::size_t before = tools.faults();
        std::vector<double> values = tools.numbers(key, range, std::nullopt);
        if (static_cast<int>(values.size()) > most)
            tools.fault("count_out_of_range", key, {static_cast<int>(values.size()), 0, most});
        if (tools.faults() > before) return std::nullopt; // half a list would be taken for the whole
        return values;
    };
    constexpr Range thin{0.005, 10.0};
    return {list("nut_files_mm", {0.1, 10.0}, 1000), list("feelers_mm", thin, most_leaves),
            list("shims_mm", thin, most_leaves), list("radius_blocks_mm", {50.0, 5000.0}, 1000)};
}

Tools tools_with(const Tools& shops, const OwnTools& own) {
    return {own.nut_files_mm.value_or(shops.nut_files_mm),
            own.feelers_mm.value_or(shops.feelers_mm),
            own.shims_mm.value_or(shops.shims_mm),
            own.radius_blocks_mm.value_or(shops.radius_blocks_mm),
            shops.nut_file_names,
            shops.usual_files && !own.nut_files_mm};
}

std::string_view Tools::name_of_file(double width_mm) const {
    for (const NamedFile& file : nut_file_names)
        if (file.mm == width_mm) return file.name;
    return {};
}

std::optional<std::size_t> read_replaces(Reader& entry, std::size_t place) {
    if (!entry.has("replaces")) return std::nullopt;
    if (place == 0) {
        entry.fault("nothing_to_replace", "replaces", {});
        return std::nullopt;
    }
    return static_cast<std::size_t>(entry.whole("replaces", 0, static_cast<int>(place) - 1));
}

} // namespace fm
