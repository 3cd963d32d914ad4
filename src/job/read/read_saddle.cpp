// Keys, limits and defaults of saddle and bridge.
#include "job/read/read_parts.h"

#include <algorithm>

namespace fm {

namespace {

constexpr Range action_range{0.2, 12.0};
constexpr Range across_range{-150.0, 150.0};

void read_compensation(Reader& holder, Design& design) {
    SaddleDesign& saddle = design.saddle;
    Reader compensation = holder.object("compensation", false);
    saddle.compensation = compensation.choice_or("method", CompensationMethod::octave);
    if (saddle.compensation == CompensationMethod::fixed)
        saddle.fixed_mm = compensation.number("fixed_mm", {-20.0, 50.0});
    saddle.set_forward = compensation.choice_or("nut", SetForward::keep);
    saddle.set_forward_max_mm =
        compensation.number_or("set_forward_max_mm", saddle.set_forward_max_mm, {0.1, 2.0});
    if (!compensation.has("weights")) return;
    saddle.fret_weights =
        compensation.numbers("weights", {0.0, 1e6}, static_cast<std::size_t>(design.neck.frets));
    const bool all_zero = std::all_of(saddle.fret_weights.begin(), saddle.fret_weights.end(),
                                      [](double weight) { return weight == 0.0; });
    if (all_zero) compensation.fault("weights_all_zero", "weights");
}

void read_bridge_height(Reader& bridge, BridgeDesign& made) {
    made.height_limits_given = bridge.has("height_min_mm") || bridge.has("height_max_mm");
    made.height_min_mm = bridge.number_or("height_min_mm", made.height_min_mm, {0.0, 100.0});
    made.height_max_mm = bridge.number_or("height_max_mm", made.height_max_mm, {0.0, 100.0});
    if (made.height_min_mm > made.height_max_mm)
        bridge.fault("number_out_of_range", "height_min_mm", {made.height_min_mm, 0.0, made.height_max_mm});
    if (bridge.word_at("height_mm") == "auto") {
        made.auto_height = true;
        if (made.floats()) bridge.fault("auto_height_of_tailpiece", "height_mm");
    } else {
        made.height_mm = bridge.number_if("height_mm", {0.0, 100.0});
        made.auto_height = !made.height_mm && !made.floats();
    }
    made.exposure_target_mm = bridge.number_or("exposure_target_mm", made.exposure_target_mm, {0.0, 30.0});
}

void read_pins(Reader& bridge, const Design& design, Pins& made) {
    Reader pins = bridge.object("pins", false);
    made.behind_mm = pins.number_or("behind_mm", made.behind_mm, {0.0, 200.0});
    made.hole_mm = pins.number_or("hole_mm", made.hole_mm, {0.5, 20.0});
    made.ramp_mm = pins.number_or("ramp_mm", made.ramp_mm, {0.0, 30.0});
    made.square = pins.word("line", {"parallel", "square"}, 0) == 1;
    if (pins.has("spacing")) made.spacing = read_spacing(pins, design);
}

BridgeOutline read_outline(Reader& bridge) {
    Reader reader = bridge.object("outline", false);
    BridgeOutline made;
    made.form = reader.choice_or("form", BridgeForm::straight);
    made.length_mm = reader.number("length_mm", {20.0, 400.0});
    made.width_mm = reader.number("width_mm", {5.0, 150.0});
    made.front_mm = reader.number("front_mm", {0.0, made.width_mm});
    if (made.form == BridgeForm::waisted) {
        made.middle_mm = reader.number("middle_mm", {0.0, made.length_mm});
        made.wing_width_mm = reader.number("wing_width_mm", {1.0, made.width_mm});
    }
    if (made.form == BridgeForm::bellied) made.belly_mm = reader.number("belly_mm", {0.0, 60.0});
    return made;
}

} // namespace

void read_saddle(Reader& root, Design& design) {
    Reader reader = root.object("saddle", true);
    SaddleDesign& saddle = design.saddle;
    saddle.spacing = read_spacing(reader, design);
    Reader action = reader.object("action", true);
    saddle.measured = action.choice_or("measured", ActionMeasure::open);
    saddle.action = read_targets(action, action_range, design.strings.size());
    read_compensation(reader, design);
    saddle.thickness_mm = reader.number_or("thickness_mm", 3.0, {0.5, 30.0});
    saddle.crown_edge_mm = reader.number_or("crown_edge_mm", 0.3, {0.0, 5.0});
    saddle.slot_depth_mm = reader.number_if("slot_depth_mm", {0.0, 30.0});
    saddle.length_mm = reader.number_if("length_mm", {5.0, 300.0});
    saddle.end_margin_mm = reader.number_or("end_margin_mm", saddle.end_margin_mm, {0.0, 50.0});
    saddle.end_radius_mm = reader.number_or("end_radius_mm", 0.0, {0.0, 20.0});
    saddle.lean_deg = reader.number_or("lean_deg", 0.0, {-30.0, 30.0});
    saddle.under_mm = reader.number_or("under_mm", 0.0, {0.0, 10.0});
    saddle.material = reader.text_or("material", "bone");
    saddle.blank = read_blank(reader);
    if (reader.has("existing")) {
        Reader existing = reader.object("existing", false);
        Reader height = existing.object("height", true);
        saddle.existing_height = read_targets(height, {0.5, 60.0}, design.strings.size());
    }
    if (reader.has("travel_mm")) {
        const std::vector<double> travel = reader.numbers("travel_mm", {-50.0, 50.0}, 2);
        if (travel.size() == 2) saddle.travel = Travel{travel[0], travel[1]};
        if (travel.size() == 2 && !(travel[0] < travel[1]))
            reader.fault("travel_order", "travel_mm", {travel[0], travel[1]});
    }
    saddle.height_by = reader.choice_or("height_by", saddle.height_by);
    saddle.screw_pitch_mm = reader.number_if("screw_pitch_mm", {0.1, 5.0});
    if (reader.has("screws_across_mm")) {
        Reader across = reader.object("screws_across_mm", false);
        saddle.screws_across_mm = {across.number("bass", across_range),
                                   across.number("treble", across_range)};
        if (!(saddle.screws_across_mm->bass_mm < saddle.screws_across_mm->treble_mm))
            across.fault(
                "number_out_of_range", "bass",
                {saddle.screws_across_mm->bass_mm, across_range.least, saddle.screws_across_mm->treble_mm});
    }
}

void read_bridge(Reader& root, Design& design) {
    if (!root.has("bridge")) return;
    Reader bridge = root.object("bridge", false);
    BridgeDesign made;
    made.plane_above_top_mm = bridge.number("plane_above_top_mm", {-20.0, 100.0});
    made.anchor = bridge.choice_or("anchor", Anchor::pins);
    read_bridge_height(bridge, made);
    made.floor_min_mm = bridge.number_or("floor_min_mm", made.floor_min_mm, {0.0, 30.0});
    made.break_angle_min_deg =
        bridge.number_or("break_angle_min_deg", made.floats() ? 6.0 : 8.0, {0.0, 90.0});
    if (made.anchor == Anchor::pins) {
        read_pins(bridge, design, made.pins);
    } else {
        Reader exit = bridge.object("exit", true);
        made.exit = {exit.number("behind_mm", {0.1, 500.0}), exit.number("above_top_mm", {-50.0, 100.0})};
    }
    if (bridge.has("outline")) made.outline = read_outline(bridge);
    if (bridge.has("existing")) {
        Reader existing = bridge.object("existing", false);
        made.existing = ExistingBridge{existing.number("height_mm", {0.5, 100.0})};
    }
    if (bridge.has("neck_pocket")) {
        Reader pocket = bridge.object("neck_pocket", false);
        made.neck_pocket = NeckPocket{pocket.number("length_mm", {10.0, 200.0}),
                                      pocket.number("pivot_x_mm", {50.0, 1000.0})};
    }
    design.bridge = made;
}

} // namespace fm
