// Keys, limits and defaults of the nut.
#include "job/read/read_parts.h"

namespace fm {

namespace {

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

} // namespace

void read_nut(Reader& root, Design& design) {
    Reader reader = root.object("nut", true);
    NutDesign& nut = design.nut;
    nut.spacing = read_spacing(reader, design);
    Reader height = reader.object("height", true);
    nut.height_method = height.choice<NutHeightMethod>("method");
    nut.height = read_targets(height, Range{0.0, 3.0}, design.strings.size());
    nut.pressed_fret = height.whole_or("pressed_fret", 3, 2, 3);
    nut.set_forward_mm = reader.number_or("set_forward_mm", 0.0, {0.0, 2.0});
    nut.board_above_seat_mm = reader.number("board_above_seat_mm", {-5.0, 50.0});
    nut.thickness_mm = reader.number_or("thickness_mm", 5.0, {0.5, 30.0});
    nut.seat = reader.choice_or("seat", Seat::square);
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
    nut.blank = read_blank(reader);
    nut.clamping = reader.flag_or("clamping", false);
    nut.ready_slotted = reader.flag_or("ready_slotted", false);
    nut.packing_mm = reader.number_or("packing_mm", 0.0, {0.0, 5.0});
    nut.shim_step_mm = reader.number_or("shim_step_mm", nut.shim_step_mm, {0.01, 1.0});
    if (reader.has("zero_fret")) {
        Reader zero = reader.object("zero_fret", false);
        nut.zero_fret =
            ZeroFret{zero.number("height_mm", {0.2, 4.0}), zero.number_or("guide_below_mm", 0.0, {0.0, 5.0})};
    }
    read_posts(reader, design);
}

} // namespace fm
