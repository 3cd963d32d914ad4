// Saddle and bridge of a job file: what has a rule of its own; their numbers are rows of core/design/fields.
#include "job/read/read_parts.h"

#include <algorithm>

namespace fm {

namespace {

void read_compensation(Reader& holder, Design& design) {
    SaddleDesign& saddle = design.saddle;
    Reader compensation = holder.object("compensation", false);
    saddle.compensation = compensation.choice_or("method", CompensationMethod::octave);
    saddle.set_forward = compensation.choice_or("nut", SetForward::keep);
    read_fields(compensation, "saddle.compensation.", design);
    if (!compensation.has("weights")) return;
    saddle.fret_weights =
        compensation.numbers("weights", {0.0, 1e6}, static_cast<std::size_t>(design.neck.frets));
    const bool all_zero = std::all_of(saddle.fret_weights.begin(), saddle.fret_weights.end(),
                                      [](double weight) { return weight == 0.0; });
    if (all_zero) compensation.fault("weights_all_zero", "weights");
}

/// Neighbours that share a saddle: in order, each string once.
void read_groups(Reader& reader, Design& design) {
    std::size_t next = 0; // strings before it are spoken for
    const std::size_t faults = reader.faults();
    const auto lists = reader.index_lists("groups", design.strings.size());
    if (reader.faults() > faults) return;
    for (std::size_t i = 0; i < lists.size(); ++i) {
        const std::vector<std::size_t>& list = lists[i];
        const std::string key = "groups[" + std::to_string(i) + "]";
        if (list.empty()) return reader.fault("group_empty", key);
        bool neighbours = list.front() >= next;
        for (std::size_t k = 1; k < list.size(); ++k) neighbours = neighbours && list[k] == list[k - 1] + 1;
        if (!neighbours) return reader.fault("group_not_neighbours", key);
        design.saddle.groups.push_back({list.front(), list.back()});
        next = list.back() + 1;
    }
}

/// Only a slot has an exposure to go by.
bool has_auto_height(const BridgeDesign& bridge) {
    return bridge.stands == BridgeStands::glued && !bridge.by_tailpiece();
}

void read_bridge_height(Reader& bridge, BridgeDesign& made, Design& design) {
    made.height_limits_given = bridge.has("height_min_mm") || bridge.has("height_max_mm");
    if (made.height_min_mm > made.height_max_mm)
        bridge.fault("number_out_of_range", "height_min_mm", {made.height_min_mm, 0.0, made.height_max_mm});
    if (bridge.word_at("height_mm") == "auto") {
        made.auto_height = true;
        if (!has_auto_height(made)) bridge.fault("auto_height_of_tailpiece", "height_mm");
    } else if (bridge.has_object("height_mm")) {
        Reader tapered = bridge.object("height_mm", false);
        made.tapered_mm.emplace();
        read_fields(tapered, "bridge.height_mm.", design);
        made.height_mm = 0.5 * (made.tapered_mm->bass_mm + made.tapered_mm->treble_mm);
    } else {
        made.height_mm = bridge.number_if("height_mm", range_of("bridge.height_mm"));
        made.auto_height = !made.height_mm && has_auto_height(made);
    }
}

/// @param key of its rows, with the point at its end @param fronted whether its slot is known
BridgeOutline read_outline(Reader& holder, const std::string& key, bool fronted) {
    Reader reader = holder.object("outline", false);
    const auto range = [&](const char* name) { return range_of(key + name); };
    BridgeOutline made;
    made.form = reader.choice_or("form", BridgeForm::straight);
    made.length_mm = reader.number("length_mm", range("length_mm"));
    made.width_mm = reader.number("width_mm", range("width_mm"));
    // Parts of it are no larger than the whole.
    if (fronted) made.front_mm = reader.number("front_mm", {0.0, made.width_mm});
    if (made.form == BridgeForm::waisted) {
        made.middle_mm = reader.number("middle_mm", {0.0, made.length_mm});
        made.wing_width_mm = reader.number("wing_width_mm", {1.0, made.width_mm});
    }
    if (made.form == BridgeForm::bellied) made.belly_mm = reader.number("belly_mm", range("belly_mm"));
    return made;
}

/// @param list where they go, which the rows of `key` fill
void read_holes(Reader& holder, const std::string& key, std::size_t least, std::vector<PlacedHole>& list,
                Design& design) {
    constexpr std::size_t most = 40;
    if (least == 0 && !holder.has("holes")) return;
    for (Reader& hole : holder.objects("holes", least, most, least > 0)) {
        list.emplace_back();
        read_fields(hole, key, design, list.size() - 1);
    }
}

void read_existing(Reader& bridge, BridgeDesign& made, Design& design) {
    if (!bridge.has("existing")) return;
    Reader existing = bridge.object("existing", false);
    made.existing.emplace();
    if (existing.has("crown_mm"))
        made.existing->crown_mm =
            existing.numbers("crown_mm", range_of("bridge.existing.crown_mm[]"), design.strings.size());
    if (existing.has("string_over_top_mm")) {
        Reader over_top = existing.object("string_over_top_mm", false);
        made.existing->string_over_top_mm.emplace();
        read_fields(over_top, "bridge.existing.string_over_top_mm.", design);
    }
    made.existing->anchor = existing.choice_if<Anchor>("anchor");
    if (existing.has("exit") || made.existing->anchor.value_or(Anchor::pins) != Anchor::pins) {
        Reader exit = existing.object("exit", true);
        made.existing->exit.emplace();
        read_fields(exit, "bridge.existing.exit.", design);
    }
    if (existing.has("outline")) {
        made.existing->outline = read_outline(existing, "bridge.existing.outline.", false);
        read_holes(existing, "bridge.existing.holes[].", 0, made.existing->holes, design);
    }
    if (made.existing->crown_mm.empty() && !made.existing->string_over_top_mm && !made.existing->outline)
        (void)existing.number("height_mm", range_of("bridge.existing.height_mm")); // something must be
    read_fields(existing, "bridge.existing.", design);
}

void read_what_holds(Reader& bridge, BridgeDesign& made, Design& design) {
    made.gluing = bridge.text_or("gluing", "");
    if (bridge.has("screws")) {
        Reader screws = bridge.object("screws", false);
        made.screws.emplace();
        read_fields(screws, "bridge.screws.", design);
        read_holes(screws, "bridge.screws.holes[].", 1, made.screws->holes, design);
        if (made.screws->through_mm >= made.screws->length_mm)
            screws.fault("number_out_of_range", "through_mm",
                         {made.screws->through_mm, range_of("bridge.screws.through_mm").least,
                          made.screws->length_mm});
    }
    if (bridge.has("plate_inside")) {
        Reader inside = bridge.object("plate_inside", false);
        made.plate_inside.emplace();
        read_fields(inside, "bridge.plate_inside.", design);
    }
    if (bridge.has("arching")) {
        Reader arching = bridge.object("arching", false);
        made.arching.emplace();
        read_fields(arching, "bridge.arching.", design);
    }
}

} // namespace

void read_saddle(Reader& root, Design& design) {
    Reader reader = root.object("saddle", true);
    SaddleDesign& saddle = design.saddle;
    saddle.spacing = read_spacing(reader, "saddle.spacing", design);
    Reader action = reader.object("action", true);
    saddle.measured = action.choice_or("measured", ActionMeasure::open);
    saddle.action = read_targets(action, "saddle.action", design.strings.size());
    read_compensation(reader, design);
    if (reader.has_object("end_margin_mm")) {
        Reader margins = reader.object("end_margin_mm", false);
        const EdgeMargins& each = saddle.end_margins_mm.emplace();
        read_fields(margins, "saddle.end_margin_mm.", design);
        saddle.end_margin_mm = 0.5 * (each.bass_mm + each.treble_mm);
    }
    read_fields(reader, "saddle.", design);
    saddle.material = reader.text_or("material", "bone");
    read_blank(reader, "saddle.blank", saddle.blank, design);
    if (reader.has("existing")) {
        Reader existing = reader.object("existing", false);
        Reader height = existing.object("height", true);
        saddle.existing_height = read_targets(height, "saddle.existing.height", design.strings.size());
    }
    if (reader.has("travel_mm")) {
        const std::vector<double> travel = reader.numbers("travel_mm", range_of("saddle.travel_mm[0]"), 2);
        if (travel.size() == 2) saddle.travel = Travel{travel[0], travel[1]};
        if (travel.size() == 2 && !(travel[0] < travel[1]))
            reader.fault("travel_order", "travel_mm", {travel[0], travel[1]});
    }
    read_groups(reader, design);
    saddle.height_by = reader.choice_or("height_by", saddle.height_by);
    if (reader.has("screws_across_mm")) {
        Reader across = reader.object("screws_across_mm", false);
        const EdgeMargins& screws = saddle.screws_across_mm.emplace();
        read_fields(across, "saddle.screws_across_mm.", design);
        if (!(screws.bass_mm < screws.treble_mm))
            across.fault("number_out_of_range", "bass",
                         {screws.bass_mm, range_of("saddle.screws_across_mm.bass").least, screws.treble_mm});
    }
}

void read_bridge(Reader& root, Design& design) {
    if (!root.has("bridge")) return;
    Reader bridge = root.object("bridge", false);
    BridgeDesign& made = design.bridge.emplace();
    made.anchor = bridge.choice_or("anchor", Anchor::pins);
    made.stands = bridge.choice_or("stands", made.by_tailpiece() ? BridgeStands::floating : made.stands);
    if (made.by_tailpiece()) made.break_angle_min_deg = 6.0;
    read_fields(bridge, "bridge.", design);
    read_bridge_height(bridge, made, design);
    read_existing(bridge, made, design);
    made.plane_from_strings =
        !bridge.has("plane_above_top_mm") && made.existing && made.existing->string_over_top_mm;
    if (!made.plane_from_strings)
        made.plane_above_top_mm = bridge.number("plane_above_top_mm", range_of("bridge.plane_above_top_mm"));
    if (made.anchor == Anchor::pins) {
        Reader pins = bridge.object("pins", false);
        read_fields(pins, "bridge.pins.", design);
        made.pins.line = pins.choice_or("line", PinsLine::parallel);
        if (made.pins.pilot_mm && *made.pins.pilot_mm > made.pins.hole_mm)
            pins.fault("number_out_of_range", "pilot_mm",
                       {*made.pins.pilot_mm, range_of("bridge.pins.pilot_mm").least, made.pins.hole_mm});
        if (pins.has("spacing")) made.pins.spacing = read_spacing(pins, "bridge.pins.spacing", design);
    } else {
        Reader exit = bridge.object("exit", true);
        read_fields(exit, "bridge.exit.", design);
    }
    if (bridge.has("edge_mm")) {
        Reader edge = bridge.object("edge_mm", false);
        made.edge_mm.emplace();
        read_fields(edge, "bridge.edge_mm.", design);
    }
    if (bridge.has("outline")) made.outline = read_outline(bridge, "bridge.outline.", true);
    if (bridge.has("neck_pocket")) {
        Reader pocket = bridge.object("neck_pocket", false);
        made.neck_pocket.emplace();
        read_fields(pocket, "bridge.neck_pocket.", design);
    }
    read_what_holds(bridge, made, design);
}

} // namespace fm
