#pragma once
// Parts as a machine cuts them: clean closed outlines in mm from the part's own datum, one layer for every
// operation.
#include "core/solution/solution.h"
#include "core/words/units.h"
#include "sheet/machine/kerf.h"

#include <array>
#include <optional>
#include <string>
#include <string_view>

namespace fm {

enum class MachinePartKind { nut, saddle, bridge };
constexpr std::array<std::string_view, 3> words_of(MachinePartKind) {
    return {"nut", "saddle", "bridge"};
}

/// A slot: its outline, closed, and its centre line with the width it stands for.
struct MachineSlot {
    std::string name; ///< of its string
    Path outline;     ///< within the part
    Path centre;      ///< goes on over an open top: a cutter of that width comes in there
    Path reach = {};  ///< of one open at the top: its outline on beyond the part, first and last corner there
};

struct MachineHole {
    std::string name;
    Circle circle;
};

struct MachinePart {
    MachinePartKind kind = MachinePartKind::nut;
    Path outline;
    std::vector<MachineSlot> slots;
    std::vector<MachineHole> holes;
    std::vector<Path> marks;   ///< only scribed
    std::vector<Path> picture; ///< of another side, beside it: no machine cuts it
    Point datum;               ///< its file counts from there: the bass end, at seat, ground or front edge
    std::vector<std::string> notices; ///< what is designed and not in the outline
    std::vector<std::string> depths;  ///< how deep what is cut from above goes
};

/// The nut from the front: outline, slots from the top, fret tops and board. x along from the centreline, y
/// over the seat. The saddle from the front, from its ground up, with a mark under every string or a floating
/// bridge's notches, and a picture of its crowns from above. The bridge
/// from above: x across, y toward the head from the slot's centreline; its saddle's slot where its mouth is
/// cut, its pins as they are drilled. Curves as arcs, within 0.005 mm.
/// @param mirrored for the left-handed. A bridge's needs a bridge.
MachinePart machine_part(const Design& design, const Solution& solution, MachinePartKind kind, bool mirrored);

/// How a part is wanted by who cuts it.
struct MachineStyle {
    std::optional<double> cutter_mm; ///< diameter; none: true outlines only
    bool one_contour = false;        ///< slots open at the top as notches of the outline, not on their own
    std::string author = {};         ///< the shop's name, in the file; "": not said
};

/// The part as a drawing for SVG and DXF, what is within its outline before the outline; with a cutter also
/// the path of its middle on a layer of its own. Counted from its datum, which has a cross, as the centreline
/// a line.
struct MachineDrawing {
    Drawing drawing;
    std::vector<std::string> unreached; ///< a line for every place the cutter cannot get to
    std::vector<std::string> closed;    ///< of these, the slots and holes it does not get into at all
};
/// @param unit of what is told
MachineDrawing machine_drawing(const MachinePart& part, const std::string& title, const MachineStyle& style,
                               Unit unit);

} // namespace fm
