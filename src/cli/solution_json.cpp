#include "cli/solution_json.h"

#include "cli/json_parts.h"
#include "core/found/fit.h"
#include "core/shop/tools.h"
#include "core/solution/quantities.h"

#include <utility>

namespace fm {

namespace {

/// One number, or its whole list; null where it does not exist in this job.
Value numbers_json(const Quantity& row, const Solution& solution, std::size_t string) {
    if (!row.size) return or_null(row.value(solution, string, 0));
    const std::size_t count = row.size(solution, string);
    if (count == 0 && row.of_string()) return {};
    Value::Array items;
    for (std::size_t k = 0; k < count; ++k) items.push_back(or_null(row.value(solution, string, k)));
    return items;
}

/// A list with a list for every string.
Value of_all_strings(const Quantity& row, const Solution& solution) {
    Value::Array items;
    for (std::size_t i = 0; i < solution.strings.size(); ++i) items.push_back(numbers_json(row, solution, i));
    return items;
}

/// Every number whose key begins so, under what follows: "placing." holds "bass.nut_to_slot_front_mm", too,
/// as an object in it, whose rows stand together. Lists of objects are list_json's.
Members part_json(std::string_view start, const Solution& solution, std::size_t string = 0) {
    Members out;
    Members within;
    std::string open; // the object in it that is being written
    const auto close = [&] {
        if (!open.empty()) out.add(open.c_str(), std::exchange(within, {}).take());
    };
    for (const Quantity& row : quantities()) {
        if (!row.key.starts_with(start)) continue;
        const std::string name(row.key.substr(start.size()));
        if (name.find("[].") != std::string::npos) continue;
        const std::size_t point = name.find('.');
        const std::string object = point == std::string::npos ? std::string() : name.substr(0, point);
        if (object != open) {
            close();
            open = object;
        }
        const std::string member = name.substr(object.empty() ? 0 : point + 1);
        const bool one = start.starts_with("strings[]") || !row.of_string();
        (object.empty() ? out : within)
            .add(member.substr(0, member.find('[')).c_str(),
                 one ? numbers_json(row, solution, string) : of_all_strings(row, solution));
    }
    close();
    return out;
}

/// A list of objects, where each number of one is a list of its own: "notches[].width_mm".
Value list_json(std::string_view start, const Solution& solution) {
    std::vector<Members> items;
    for (const Quantity& row : quantities()) {
        if (!row.key.starts_with(start)) continue;
        items.resize(row.size(solution, 0));
        for (std::size_t k = 0; k < items.size(); ++k)
            items[k].add(std::string(row.key.substr(start.size())).c_str(),
                         or_null(row.value(solution, 0, k)));
    }
    Value::Array list;
    for (Members& item : items) list.push_back(item.take());
    return list;
}

/// The file for a slot and the feelers for its floor, from what the shop owns.
void add_tools(Members& out, const Design& design, const StringDesign& string, const SlotWork& slot,
               const Tools& tools) {
    const FileChoice file =
        file_for_slot(tools.nut_files_mm, string.diameter_mm, design.nut.slot_clearance_mm.of(string.wound),
                      design.nut.file_over_mm);
    const bool found = file.fit == FileFit::fits || file.fit == FileFit::rock;
    out.add("file_mm", or_null(found ? std::optional(file.width_mm) : std::nullopt));
    out.add("file_short_mm", or_null(found ? std::optional(file.short_mm) : std::nullopt));
    const std::optional<FeelerStack> stack = feeler_stack(tools.feelers_mm, slot.floor_over_board_mm);
    out.add("feelers_mm", stack ? list(stack->leaves_mm) : Value());
}

/// The fret each headroom ends at.
Value choking_frets(const StringSolution& string) {
    if (!string.sound) return {};
    Value::Array frets;
    for (const Headroom& head : string.headroom) frets.push_back(head.force_n ? Value(head.fret) : Value());
    return frets;
}

/// How far the crown moves with the stiffness of its ends, which nobody knows before it sounds.
Value range_json(const std::optional<CrownRange>& range) {
    if (!range) return {};
    return Members().add("0", range->at_0_mm).add("0.5", range->at_half_mm).take();
}

Value string_json(const Design& design, const Solution& solution, std::size_t i, const Tools& tools) {
    const StringSolution& string = solution.strings[i];
    Members out = part_json("strings[].", solution, i);
    add_tools(out, design, design.strings[i], string.slot, tools);
    return out.add("mass_estimated", string.make_up.mass_estimated)
        .add("core_estimated", string.make_up.core_estimated)
        .add("player_force_n", or_null(string.player_force_n))
        .add("headroom_fret", choking_frets(string))
        .add("compensation_mm_at_end_stiffness", range_json(crown_range(design, solution, i)))
        .take();
}

Value bridge_json(const Solution& solution) {
    if (!solution.bridge) return {};
    return part_json("bridge.", solution).add("pins", list_json("bridge.pins[].", solution)).take();
}

Value piece_json(const Solution& solution, const std::vector<double>& blocks_mm) {
    const SaddlePiece& piece = solution.saddle;
    const auto& radius_mm = piece.crown_radius_mm;
    return part_json("saddle.", solution)
        .add("end_radius_mm", piece.end_radius_mm)
        .add("radius_block_mm",
             or_null(radius_mm ? nearest_block_mm(*radius_mm, crown_span_along_mm(solution), blocks_mm)
                               : std::nullopt))
        .add("crown_shift_per_mm", piece.crown_shift_per_mm)
        .take();
}

Value travel_json(const Solution& solution) {
    if (!solution.single || !solution.single->edge) return {};
    return part_json("travel.", solution).add("out_of_reach", indices(solution.single->out_of_reach)).take();
}

const char* severity_word(Severity severity) {
    switch (severity) {
    case Severity::note: return "note";
    case Severity::warning: return "warning";
    case Severity::error: return "error";
    }
    return "error";
}

} // namespace

Value solution_json(const Design& design, const Solution& solution, const Tools& tools) {
    Value::Array strings;
    for (std::size_t i = 0; i < solution.strings.size(); ++i)
        strings.push_back(string_json(design, solution, i, tools));
    Value::Array warnings;
    for (const Message& message : solution.warnings)
        warnings.push_back(Members()
                               .add("where", message.where)
                               .add("code", message.id)
                               .add("severity", severity_word(message.severity))
                               .add("text", english(message))
                               .take());
    return Members()
        .add("strings", std::move(strings))
        .add("nut", part_json("nut.", solution).take())
        .add("straight_saddle",
             part_json("straight_saddle.", solution).add("fits", solution.straight_saddle.fits).take())
        .add("saddle", piece_json(solution, tools.radius_blocks_mm))
        .add("travel", travel_json(solution))
        .add("bridge", bridge_json(solution))
        .add("notches", list_json("notches[].", solution))
        .add("placing", part_json("placing.", solution).take())
        .add("warnings", std::move(warnings))
        .take();
}

} // namespace fm
