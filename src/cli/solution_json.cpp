#include "cli/solution_json.h"

#include "core/tools.h"

namespace fm {

namespace {

/// Keys that are computed from the strings' make-up, which this version does not yet read: null.
constexpr const char* not_yet_of_string[] = {
    "unit_mass_g_m",      "tension_n",   "compensation_mm", "cents",          "rms_cents",
    "height_over_top_mm", "exposure_mm", "break_angle_deg", "saddle_force_n", "saddle_down_force_n",
    "nut_force_n",        "headroom_n",  "headroom_fret",   "back_gap_mm"};

Value list(const std::vector<double>& numbers) {
    Value::Array items;
    for (const double number : numbers) items.emplace_back(number);
    return items;
}

Value or_null(std::optional<double> number) {
    if (!number) return {};
    return {*number};
}

class Members {
public:
    Members& add(const char* key, Value value) {
        out_.emplace_back(key, std::move(value));
        return *this;
    }
    Value take() { return std::move(out_); }

private:
    Value::Object out_;
};

/// The file for a slot and the feelers for its floor, from what the shop owns.
void add_tools(Members& out, const Design& design, const StringDesign& string, const SlotWork& slot,
               const Tools& tools) {
    const FileChoice file =
        file_for_slot(tools.nut_files_mm, string.diameter_mm, design.nut.slot_clearance_mm.of(string.wound),
                      design.nut.file_over_mm);
    const bool found = file.fit != FileFit::none;
    out.add("file_mm", or_null(found ? std::optional(file.width_mm) : std::nullopt));
    out.add("file_short_mm", or_null(found ? std::optional(file.short_mm) : std::nullopt));
    const std::optional<FeelerStack> stack = feeler_stack(tools.feelers_mm, slot.floor_over_board_mm);
    out.add("feelers_mm", stack ? list(stack->leaves_mm) : Value());
}

Value string_json(const Design& design, const StringDesign& made, const StringSolution& string,
                  const Tools& tools) {
    const SlotWork& slot = string.slot;
    const std::optional<NutBend>& bend = string.bend;
    Members out;
    out.add("nut_centre_mm", string.line.nut_y_mm)
        .add("nut_along_mm", slot.along_mm)
        .add("saddle_centre_mm", string.line.saddle_y_mm)
        .add("saddle_along_mm", string.saddle_along_mm)
        .add("scale_mm", string.line.scale_mm)
        .add("nut_z_mm", string.nut_z_over_fret_line_mm)
        .add("above_fret_line_mm", string.above_fret_line_mm)
        .add("saddle_z_mm", string.ends.saddle_z_mm)
        .add("floor_above_seat_mm", slot.floor_above_seat_mm)
        .add("floor_over_board_mm", slot.floor_over_board_mm)
        .add("slot_width_mm", slot.width_mm)
        .add("slot_depth_mm", slot.depth_mm)
        .add("top_above_seat_mm", slot.top_above_seat_mm)
        .add("open_gaps_mm", list(string.open_gaps_mm))
        .add("pressed_gap_mm",
             Members().add("2", string.pressed_gap_2_mm).add("3", string.pressed_gap_3_mm).take())
        .add("action12_mm", string.action12_mm)
        .add("action12_capo_mm", string.action12_capo_mm)
        .add("saddle_x_mm", string.line.saddle_x_mm)
        .add("set_forward_mm", string.line.set_forward_mm)
        .add("nut_break_angle_deg", or_null(bend ? std::optional(bend->break_angle_deg) : std::nullopt))
        .add("nut_side_angle_deg", or_null(bend ? std::optional(bend->side_angle_deg) : std::nullopt))
        .add("nut_bend_deg", or_null(bend ? std::optional(bend->bend_deg) : std::nullopt))
        .add("floor_over_frets_mm", slot.over_frets_mm)
        .add("floor_below_blank_top_mm", or_null(slot.floor_below_blank_top_mm))
        .add("saw_to_above_seat_mm", slot.saw_to_above_seat_mm)
        .add("made_top_above_seat_mm", slot.made_top_above_seat_mm)
        .add("floor_angle_deg", slot.floor_angle_deg)
        .add("floor_back_drop_mm", slot.floor_back_drop_mm)
        .add("fret_tops_above_seat_mm", slot.fret_tops_above_seat_mm)
        .add("board_above_seat_mm", slot.board_above_seat_mm);
    add_tools(out, design, made, slot, tools);
    for (const char* key : not_yet_of_string) out.add(key, Value());
    return out.take();
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
        strings.push_back(string_json(design, design.strings[i], solution.strings[i], tools));
    Value::Array warnings;
    for (const Message& message : solution.warnings)
        warnings.push_back(Members()
                               .add("where", message.where)
                               .add("code", message.id)
                               .add("severity", severity_word(message.severity))
                               .add("text", english(message))
                               .take());
    Value nut =
        Members().add("angle_deg", solution.nut_angle_deg).add("gaps_mm", list(solution.nut_gaps_mm)).take();
    return Members()
        .add("strings", std::move(strings))
        .add("nut", std::move(nut))
        .add("straight_saddle", Value())
        .add("bridge", Value())
        .add("warnings", std::move(warnings))
        .take();
}

} // namespace fm
