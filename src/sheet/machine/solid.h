#pragma once
// Nut, saddle and bridge as solid bodies for milling or a printed trial piece. There only if the program was
// built with the geometry library (Open CASCADE), which is loaded when the first is made.
#include "core/solution/solution.h"
#include "sheet/machine/machine_part.h"

#include <QByteArray>

#include <variant>

namespace fm {

/// A part as it is cut from the solid: its profile from the front, drawn back through the thickness, its
/// slots. x along the part from its bass end, y over the seat, z from the front face toward the head (nut)
/// or away from the nut (saddle). [mm]
struct SolidPart {
    std::vector<Point> profile;    ///< at the front face, in order around
    std::vector<double> runs;      ///< of each of its points: how far it goes aside for every mm of z
    std::size_t bottom_points = 2; ///< how many of them, at the beginning, are the bottom
    double thickness_mm = 0;
    double bottom_fall_mm = 0; ///< by how much the bottom is lower at the back face
    double end_radius_mm = 0;  ///< of its ends, seen from above
    struct Slot {
        double x_mm = 0; ///< at the front face
        double floor_mm = 0;
        double width_mm = 0;     ///< across the slot
        double opening_mm = 0;   ///< along the part: a slot that runs aside is cut aslant
        double back_x_mm = 0;    ///< at the back face
        double back_fall_mm = 0; ///< of its floor to the back face
    };
    std::vector<Slot> slots;
};

/// A glued bridge, cut from above: x across from its bass end, y toward the head from its front edge, z over
/// its flat bottom.
struct SolidBridge {
    Path outline;             ///< arcs as bulges
    double top_mm = 0;        ///< at x 0
    double top_run = 0;       ///< how much higher for every mm of x
    Path slot;                ///< of the saddle, at the top; without corners: none
    double slot_depth_mm = 0; ///< under the top there
    double slot_run = 0;      ///< how far it goes toward the tail for every mm down: it leans
    struct Hole {
        Point at;
        double radius_mm = 0;
    };
    std::vector<Hole> holes; ///< all the way through
    /// From where a string meets the top down to the middle of its hole.
    struct Ramp {
        Point from;
        Point to;
        double depth_mm = 0; ///< at `to`
        double width_mm = 0;
    };
    std::vector<Ramp> ramps;
};

/// @param mirrored for the left-handed
SolidPart solid_nut(const Design& design, const Solution& solution, bool mirrored);
/// The saddle with a flat top across, to be crowned by hand; a floating bridge's top with its notches.
SolidPart solid_saddle(const Design& design, const Solution& solution, bool mirrored);
/// Whether a bridge is one piece of wood with a height: glued, and solved for it.
bool is_solid_bridge(const Design& design, const Solution& solution);
/// Such a bridge. Its bottom is flat: it is fitted to the top by hand.
SolidBridge solid_bridge(const Design& design, const Solution& solution, bool mirrored);

/// Whether this program can make solids.
bool makes_solids();
using Solid = std::variant<SolidPart, SolidBridge>;
/// What a STEP file says of itself.
struct SolidWords {
    std::string product;
    std::string author; ///< "": not said
};
/// The body as a STEP or an STL file. @throws std::logic_error where solids cannot be made
QByteArray step_of(const Solid& solid, const SolidWords& words);
QByteArray stl_of(const Solid& solid);

} // namespace fm
