#include "core/part/nut_work.h"

#include "core/words/angle.h"

#include <cmath>

namespace fm {

namespace {

double floor_angle_deg(const Design& design, std::size_t i, const NutContact& contact) {
    const NutDesign& nut = design.nut;
    if (nut.posts.empty()) return nut.floor_angle_share * nut.headstock_angle_deg;
    const Post& post = nut.posts[i];
    const double fall_mm = post.below_mm + contact.ends.nut_z_mm - contact.string.fret_line_mm();
    return nut.floor_angle_share * std::atan(fall_mm / post.behind_mm) * degrees;
}

SlotWork slot_work(const Design& design, std::size_t i, const NutContact& contact, double angle_deg) {
    const NutDesign& nut = design.nut;
    const Neck& neck = contact.string.neck();
    const StringDesign& string = design.strings[i];
    const double y_mm = contact.string.line().nut_y_mm;
    const double guide_mm = nut.zero_fret ? nut.zero_fret->guide_below_mm : 0.0;
    const double seat_mm = seat_fall_mm(nut, y_mm);
    const double floor_mm = nut.board_above_seat_mm + design.neck.fret_height_mm + contact.ends.nut_z_mm -
                            contact.string.fret_line_mm() - guide_mm;
    SlotWork work;
    work.along_mm = along_part_mm(y_mm, angle_deg);
    work.over_frets_mm = contact.ends.nut_z_mm - contact.string.fret_line_under_string_mm() - guide_mm;
    work.floor_above_seat_mm = floor_mm + seat_mm;
    work.board_above_seat_mm = board_above_seat_mm(neck, nut, y_mm);
    work.fret_tops_above_seat_mm = fret_tops_above_seat_mm(neck, nut, y_mm);
    work.floor_over_board_mm = work.floor_above_seat_mm - work.board_above_seat_mm;
    if (nut.blank) work.floor_below_blank_top_mm = nut.blank->height_mm - floor_mm;
    work.saw_to_above_seat_mm = work.floor_above_seat_mm + nut.saw_allowance_mm;
    work.width_mm = string.diameter_mm + nut.slot_clearance_mm.of(string.wound);
    work.depth_mm = nut.in_slot.of(string.wound) * string.diameter_mm;
    work.top_above_seat_mm = work.floor_above_seat_mm + work.depth_mm;
    work.made_top_above_seat_mm = work.top_above_seat_mm;
    work.floor_angle_deg = floor_angle_deg(design, i, contact);
    work.floor_back_drop_mm = nut.thickness_mm * std::tan(work.floor_angle_deg / degrees);
    return work;
}

} // namespace

double nut_angle_deg(const Neck& neck, const std::vector<StringLine>& lines) {
    if (!neck.design().fanned() || lines.size() < 2) return 0.0;
    const StringLine& bass = lines.front();
    const StringLine& treble = lines.back();
    return std::atan((treble.plan_x_mm(treble.set_forward_mm) - bass.plan_x_mm(bass.set_forward_mm)) /
                     (treble.nut_y_mm - bass.nut_y_mm)) *
           degrees;
}

double along_part_mm(double y_mm, double angle_deg) {
    return y_mm / std::cos(angle_deg / degrees);
}

double seat_fall_mm(const NutDesign& nut, double y_mm) {
    return nut.seat == Seat::curved ? circle_fall_mm(nut.seat_radius_mm, y_mm) : 0.0;
}

bool knows_floor_fall(const NutDesign& nut) {
    return nut.headstock_angle_deg > 0 || !nut.posts.empty() || nut.floor_angle_share == 0;
}

double board_above_seat_mm(const Neck& neck, const NutDesign& nut, double y_mm) {
    return nut.board_above_seat_mm - neck.crown_fall_mm(0.0, y_mm) + seat_fall_mm(nut, y_mm);
}

double fret_tops_above_seat_mm(const Neck& neck, const NutDesign& nut, double y_mm) {
    return board_above_seat_mm(neck, nut, y_mm) + neck.design().fret_height_mm;
}

std::vector<SlotWork> slot_works(const Design& design, const std::vector<NutContact>& contacts,
                                 double angle_deg) {
    std::vector<SlotWork> works;
    std::vector<double> along_mm;
    std::vector<double> tops_mm;
    for (std::size_t i = 0; i < contacts.size(); ++i) {
        works.push_back(slot_work(design, i, contacts[i], angle_deg));
        along_mm.push_back(works.back().along_mm);
        tops_mm.push_back(works.back().top_above_seat_mm);
    }
    if (design.nut.fair_top) {
        const std::vector<double> fair_mm = fair_heights_mm(along_mm, tops_mm);
        for (std::size_t i = 0; i < works.size(); ++i) works[i].made_top_above_seat_mm = fair_mm[i];
    }
    return works;
}

namespace {

struct BendAngles {
    double break_deg = 0;
    double side_deg = 0;
    double bend_deg = 0;
};

/// @param rise_mm of the saddle contact over the nut contact
BendAngles bend_angles(const NutContact& contact, const Post& post, double rise_mm) {
    const StringLine& line = contact.string.line();
    const double to_saddle_x = (line.saddle_x_mm - line.set_forward_mm) * line.plan_cosine;
    const double to_saddle_y = line.saddle_y_mm - line.nut_y_mm;
    const double to_post_y = post.across_mm - line.nut_y_mm;
    const double to_post_z = contact.string.fret_line_mm() - post.below_mm - contact.ends.nut_z_mm;
    BendAngles bend;
    bend.break_deg = (std::atan(-to_post_z / post.behind_mm) - std::atan(rise_mm / to_saddle_x)) * degrees;
    bend.side_deg = (std::atan(to_saddle_y / to_saddle_x) + std::atan(to_post_y / post.behind_mm)) * degrees;
    // atan2 of cross and dot product keeps its accuracy for small bends, where acos would lose it.
    const double along_x = -to_saddle_x, along_y = -to_saddle_y, along_z = -rise_mm;
    const double post_x = -post.behind_mm;
    const double cross_x = along_y * to_post_z - along_z * to_post_y;
    const double cross_y = along_z * post_x - along_x * to_post_z;
    const double cross_z = along_x * to_post_y - along_y * post_x;
    const double dot = along_x * post_x + along_y * to_post_y + along_z * to_post_z;
    bend.bend_deg = std::atan2(std::hypot(cross_x, cross_y, cross_z), dot) * degrees;
    return bend;
}

} // namespace

NutBend nut_bend(const NutContact& contact, const Post& post) {
    const StringOnNeck& string = contact.string;
    const double rise_mm = contact.ends.saddle_z_mm - contact.ends.nut_z_mm;
    // The string's rise is counted with the board's curve at the nut line, where the pencil line is drawn.
    const double curve_mm = string.fret_line_mm() - string.fret_line_under_string_mm();
    const double curve_at_line_mm = string.neck().crown_fall_mm(0.0, string.line().nut_y_mm);
    const BendAngles bend = bend_angles(contact, post, rise_mm + curve_at_line_mm - curve_mm);
    const BendAngles exact = bend_angles(contact, post, rise_mm);
    return {bend.break_deg, bend.side_deg, bend.bend_deg, exact.break_deg, exact.bend_deg};
}

std::vector<double> fair_heights_mm(const std::vector<double>& x_mm, const std::vector<double>& heights_mm) {
    std::vector<std::size_t> hull;
    const auto above_chord = [&](std::size_t a, std::size_t m, std::size_t b) {
        const double share = (x_mm[m] - x_mm[a]) / (x_mm[b] - x_mm[a]);
        return heights_mm[m] > heights_mm[a] + (heights_mm[b] - heights_mm[a]) * share;
    };
    for (std::size_t i = 0; i < x_mm.size(); ++i) {
        while (hull.size() >= 2 && !above_chord(hull[hull.size() - 2], hull.back(), i)) hull.pop_back();
        hull.push_back(i);
    }
    std::vector<double> fair_mm(heights_mm);
    for (std::size_t piece = 1; piece < hull.size(); ++piece) {
        const std::size_t a = hull[piece - 1];
        const std::size_t b = hull[piece];
        for (std::size_t m = a + 1; m < b; ++m)
            fair_mm[m] =
                heights_mm[a] + (heights_mm[b] - heights_mm[a]) * (x_mm[m] - x_mm[a]) / (x_mm[b] - x_mm[a]);
    }
    return fair_mm;
}

} // namespace fm
