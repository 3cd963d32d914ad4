#include "cli/solution_json.h"

#include "cli/json_parts.h"
#include "core/found/fit.h"
#include "core/shop/tools.h"

namespace fm {

namespace {

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

void add_sound(Members& out, const StringSolution& string) {
    out.add("unit_mass_g_m", string.make_up.unit_mass_g_m)
        .add("mass_estimated", string.make_up.mass_estimated)
        .add("core_mm", string.make_up.core_mm)
        .add("core_estimated", string.make_up.core_estimated)
        .add("tension_n", or_null(string.tension_n()))
        .add("core_stress_mpa", or_null(string.core_stress_mpa()))
        .add("compensation_mm", string.compensation_mm)
        .add("cents", string.sound ? list(string.cents) : Value())
        .add("rms_cents", or_null(string.rms_cents))
        .add("player_force_n", or_null(string.player_force_n))
        .add("rms_before_cents",
             or_null(string.sound ? std::optional(string.rms_before_cents) : std::nullopt));
    if (string.sound) {
        Value::Array forces;
        Value::Array frets;
        for (const Headroom& head : string.headroom) {
            forces.push_back(or_null(head.force_n));
            frets.push_back(head.force_n ? Value(head.fret) : Value());
        }
        out.add("headroom_n", std::move(forces)).add("headroom_fret", std::move(frets));
    } else {
        out.add("headroom_n", Value()).add("headroom_fret", Value());
    }
    out.add("back_gap_mm", list_or_null(string.back_gaps_mm));
}

void add_bridge(Members& out, const std::optional<BridgeString>& at) {
    const auto number = [&](double BridgeString::*member) { return at ? Value((*at).*member) : Value(); };
    out.add("height_over_top_mm", number(&BridgeString::height_over_top_mm))
        .add("exposure_mm", or_null(at ? at->exposure_mm : std::nullopt))
        .add("saddle_height_mm", or_null(at ? at->saddle_height_mm : std::nullopt))
        .add("break_angle_deg", number(&BridgeString::break_angle_deg))
        .add("saddle_force_n", number(&BridgeString::force_n))
        .add("saddle_down_force_n", number(&BridgeString::down_force_n))
        .add("saddle_toward_nut_force_n", number(&BridgeString::toward_nut_force_n));
}

/// How far the crown moves with the stiffness of its ends, which nobody knows before it sounds.
Value range_json(const std::optional<CrownRange>& range) {
    if (!range) return {};
    return Members().add("0", range->at_0_mm).add("0.5", range->at_half_mm).take();
}

Value string_json(const Design& design, const Solution& solution, std::size_t i, const Tools& tools) {
    const StringDesign& made = design.strings[i];
    const StringSolution& string = solution.strings[i];
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
        .add("nut_break_angle_exact_deg",
             or_null(bend ? std::optional(bend->break_angle_exact_deg) : std::nullopt))
        .add("nut_bend_exact_deg", or_null(bend ? std::optional(bend->bend_exact_deg) : std::nullopt))
        .add("floor_over_frets_mm", slot.over_frets_mm)
        .add("floor_below_blank_top_mm", or_null(slot.floor_below_blank_top_mm))
        .add("saw_to_above_seat_mm", slot.saw_to_above_seat_mm)
        .add("made_top_above_seat_mm", slot.made_top_above_seat_mm)
        .add("floor_angle_deg", slot.floor_angle_deg)
        .add("floor_back_drop_mm", slot.floor_back_drop_mm)
        .add("fret_tops_above_seat_mm", slot.fret_tops_above_seat_mm)
        .add("board_above_seat_mm", slot.board_above_seat_mm);
    add_tools(out, design, made, slot, tools);
    out.add("nut_force_n", or_null(string.nut_force_n()));
    add_sound(out, string);
    out.add("compensation_mm_at_end_stiffness", range_json(crown_range(design, solution, i)));
    add_bridge(out, string.bridge);
    return out.take();
}

Value saddle_json(const StraightSaddle& saddle) {
    Value::Array rows;
    for (const std::vector<double>& row : saddle.cents) rows.push_back(row.empty() ? Value() : list(row));
    return Members()
        .add("slope", saddle.line.slope)
        .add("angle_deg", saddle.line.angle_deg)
        .add("x_at_centre_mm", saddle.line.at_centre_mm)
        .add("slot_x_at_centre_mm", saddle.slot_x_at_centre_mm)
        .add("residuals_mm", list(saddle.residuals_mm))
        .add("residuals_cents", list(saddle.residuals_cents))
        .add("crown_span_mm", saddle.crown_span_mm)
        .add("fits", saddle.fits)
        .add("front_to_crown_mm", list(saddle.front_to_crown_mm))
        .add("cents", std::move(rows))
        .take();
}

Value bridge_json(const std::optional<BridgeSolution>& bridge) {
    if (!bridge) return {};
    Value::Array pins;
    for (const PlanPoint& pin : bridge->pins)
        pins.push_back(Members().add("x_mm", pin.x_mm).add("y_mm", pin.y_mm).take());
    return Members()
        .add("height_mm", or_null(bridge->height_mm))
        .add("moment_nm", or_null(bridge->moment_nm))
        .add("pins", std::move(pins))
        .add("plane_off_mm", bridge->plane_off_mm)
        .add("floor_left_mm", or_null(bridge->floor_left_mm))
        .add("neck_packing_mm", or_null(bridge->neck_packing_mm))
        .take();
}

Value piece_json(const SaddlePiece& piece, double span_mm, const std::vector<double>& blocks_mm) {
    const auto& radius_mm = piece.crown_radius_mm;
    return Members()
        .add("length_mm", piece.length_mm)
        .add("end_radius_mm", piece.end_radius_mm)
        .add("crown_radius_mm", or_null(radius_mm))
        .add("radius_block_mm",
             or_null(radius_mm ? nearest_block_mm(*radius_mm, span_mm, blocks_mm) : std::nullopt))
        .add("height_mm", list_or_null(piece.height_mm))
        .add("take_off_mm", list_or_null(piece.take_off_mm))
        .add("crown_shift_per_mm", piece.crown_shift_per_mm)
        .take();
}

Value travel_json(const std::optional<TravelFit>& travel) {
    if (!travel) return {};
    return Members()
        .add("reference_x_mm", travel->reference_x_mm)
        .add("reserve_toward_nut_mm", travel->reserve_toward_nut_mm)
        .add("reserve_from_nut_mm", travel->reserve_from_nut_mm)
        .add("out_of_reach", indices(travel->out_of_reach))
        .take();
}

Value notches_json(const std::vector<Notch>& notches) {
    Value::Array items;
    for (const Notch& notch : notches)
        items.push_back(Members()
                            .add("along_mm", notch.along_mm)
                            .add("width_mm", notch.width_mm)
                            .add("depth_mm", notch.depth_mm)
                            .add("floor_over_top_mm", notch.floor_over_top_mm)
                            .add("made_top_over_top_mm", notch.made_top_over_top_mm)
                            .take());
    return items;
}

Value marks_json(const PlacingMarks& marks) {
    return Members()
        .add("fret12_to_slot_front_mm", marks.fret12_to_slot_front_mm)
        .add("nut_to_slot_front_mm", marks.nut_to_slot_front_mm)
        .take();
}

Value placing_json(const Placing& places) {
    return Members()
        .add("bass", marks_json(places.bass))
        .add("treble", marks_json(places.treble))
        .add("diagonal_from_bass_mm", places.diagonal_from_bass_mm)
        .add("diagonal_from_treble_mm", places.diagonal_from_treble_mm)
        .add("bass_margins_mm", list(places.bass_margins_mm))
        .add("treble_margins_mm", list(places.treble_margins_mm))
        .add("balancing_shift_mm", places.balancing_shift_mm)
        .take();
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
    Value nut =
        Members().add("angle_deg", solution.nut_angle_deg).add("gaps_mm", list(solution.nut_gaps_mm)).take();
    return Members()
        .add("strings", std::move(strings))
        .add("nut", std::move(nut))
        .add("straight_saddle", saddle_json(solution.straight_saddle))
        .add("saddle", piece_json(solution.saddle, crown_span_along_mm(solution), tools.radius_blocks_mm))
        .add("travel", travel_json(solution.travel))
        .add("bridge", bridge_json(solution.bridge))
        .add("notches", notches_json(solution.notches))
        .add("placing", placing_json(solution.placing))
        .add("warnings", std::move(warnings))
        .take();
}

} // namespace fm
