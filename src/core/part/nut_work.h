#pragma once
#include "core/string/heights.h"
#include "core/string/string_line.h"

#include <optional>
#include <vector>

namespace fm {

/// One slot of the nut as a piece of work. Heights are at the front face, over the seat unless said
/// otherwise. Source: docs/mathematics.md, "The nut as a piece of work".
struct SlotWork {
    double along_mm = 0;      ///< from the centreline along the part
    double over_frets_mm = 0; ///< floor over the fret-top surface: over a straightedge on the frets
    double floor_above_seat_mm = 0;
    double floor_over_board_mm = 0;
    std::optional<double> floor_below_blank_top_mm; ///< when the blank's height is known
    double saw_to_above_seat_mm = 0;
    double width_mm = 0;
    double depth_mm = 0;                ///< in the finished nut, before a fair top
    double top_above_seat_mm = 0;       ///< finished top over the string
    double made_top_above_seat_mm = 0;  ///< the top as made: the fair line where one is chosen
    double floor_angle_deg = 0;         ///< fall of the floor toward the headstock
    double floor_back_drop_mm = 0;      ///< floor at the back face, lower by this
    double fret_tops_above_seat_mm = 0; ///< pencil line at this string
    double board_above_seat_mm = 0;     ///< board surface at this string
};

/// How a string leaves the nut toward its post. Angles in degrees.
struct NutBend {
    double break_angle_deg = 0; ///< in the x-z plane, positive when it bends down
    double side_angle_deg = 0;  ///< in the x-y plane, positive when it bends toward the treble side
    double bend_deg = 0;        ///< between the two in space
    // With the nut contact where it stands on a cone whose radius grows to the nut's front
    // (docs/mathematics.md, "Behind the nut"): a few hundred-thousandths of a degree from the above.
    double break_angle_exact_deg = 0;
    double bend_exact_deg = 0;
};

/// The nut contact of one string: its place and height.
struct NutContact {
    StringOnNeck string;
    EndHeights ends;
};

/// Angle of the nut to the square of the instrument; 0 unless fanned. Source: "A slanted part".
double nut_angle_deg(const Neck& neck, const std::vector<StringLine>& lines);

/// Distance along a part that stands aslant.
double along_part_mm(double y_mm, double angle_deg);

/// Height of the fret tops (pencil line) or of the board on the front face over the seat, at y [mm].
double fret_tops_above_seat_mm(const Neck& neck, const NutDesign& nut, double y_mm);
double board_above_seat_mm(const Neck& neck, const NutDesign& nut, double y_mm);

/// The seat's own fall at y, when it is cut with a curve [mm].
double seat_fall_mm(const NutDesign& nut, double y_mm);

/// Whether the job says how the slots' floors fall: by the headstock's angle, the posts, or level by choice.
bool knows_floor_fall(const NutDesign& nut);

/// All slots, bass to treble.
std::vector<SlotWork> slot_works(const Design& design, const std::vector<NutContact>& contacts,
                                 double angle_deg);

/// How the string bends over the nut. @param post its own post
NutBend nut_bend(const NutContact& contact, const Post& post);

/// The lowest line through or over all points that bends one way: heights of it at every point.
/// @param x_mm ascending. Source: docs/mathematics.md, "Top of the nut".
std::vector<double> fair_heights_mm(const std::vector<double>& x_mm, const std::vector<double>& heights_mm);

} // namespace fm
