// The nut of a job file: what has a rule of its own; its numbers are rows of core/design/fields.
#include "job/read/read_parts.h"

namespace fm {

namespace {

void read_posts(Reader& nut, Design& design) {
    if (!nut.has("posts") || nut.empty_list("posts")) return; // no posts
    const std::size_t count = design.strings.size();
    for (Reader& post : nut.objects("posts", count, count, false)) {
        design.nut.posts.emplace_back();
        read_fields(post, "nut.posts[].", design, design.nut.posts.size() - 1);
    }
}

} // namespace

void read_nut(Reader& root, Design& design) {
    Reader reader = root.object("nut", true);
    NutDesign& nut = design.nut;
    nut.spacing = read_spacing(reader, "nut.spacing", design);
    Reader height = reader.object("height", true);
    nut.height_method = height.choice<NutHeightMethod>("method");
    nut.height = read_targets(height, "nut.height", design.strings.size());
    nut.pressed_fret = height.whole_or("pressed_fret", 3, 2, 3);
    nut.seat = reader.choice_or("seat", Seat::square);
    read_fields(reader, "nut.", design);
    for (const char* shares : {"slot_clearance_mm", "in_slot"}) {
        Reader of_kind = reader.object(shares, false);
        read_fields(of_kind, "nut." + std::string(shares) + ".", design);
    }
    nut.fair_top = reader.flag_or("fair_top", false);
    nut.material = reader.text_or("material", "bone");
    read_blank(reader, "nut.blank", nut.blank, design);
    nut.clamping = reader.flag_or("clamping", false);
    nut.ready_slotted = reader.flag_or("ready_slotted", false);
    if (reader.has("zero_fret")) {
        Reader zero = reader.object("zero_fret", false);
        nut.zero_fret.emplace();
        read_fields(zero, "nut.zero_fret.", design);
    }
    read_posts(reader, design);
}

} // namespace fm
