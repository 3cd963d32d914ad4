#pragma once
// Saddles that stand on a plate, one for each string or shared by neighbours: the edge they are set from, and
// where each stands. Source: docs/mathematics.md, "Single saddles".
#include "core/string/compensation.h"

#include <optional>
#include <vector>

namespace fm {

/// The edge of the plate that the saddles are set from, in plan: square to the centreline, on a fanned neck
/// along the ends of its scales; or as it is given, where the plate cannot move.
struct ReferenceEdge {
    double at_centre_mm = 0;
    double slope = 0;

    double x_mm(double y_mm) const { return at_centre_mm + slope * y_mm; }
};

/// What a string's saddle can still be moved, each way, before its travel ends; below 0: by so much too far.
struct Reserve {
    double toward_nut_mm = 0;
    double from_nut_mm = 0;

    double least_mm() const { return toward_nut_mm < from_nut_mm ? toward_nut_mm : from_nut_mm; }
};

/// One string's saddle.
struct SingleSaddle {
    double crown_x_mm = 0; ///< in plan, where it is set: of a shared one the place all of its strings share
    double shared_off_mm = 0;           ///< that, less the string's own crown, along the string
    double shared_cents = 0;            ///< what the string pays for it at fret 12: + sharp
    std::optional<double> from_edge_mm; ///< along the centreline
    std::optional<Reserve> reserve;
    std::optional<double> move_mm; ///< from where its crown was found: + away from the nut
    std::optional<double> turns;   ///< of its screw, for that
};

struct SingleSaddles {
    std::optional<ReferenceEdge> edge; ///< none with neither a travel nor an edge that is given
    std::vector<SingleSaddle> strings;
    std::vector<std::size_t> out_of_reach; ///< strings

    /// The least of all strings, each way.
    std::optional<Reserve> least_reserve() const;
};

/// @param strings with their crowns where they belong
SingleSaddles single_saddles(const Design& design, const std::vector<StringOnNeck>& strings);

/// All saddles from the bass: the shared ones and those of one string.
std::vector<SharedSaddle> saddles_of(const Design& design);

/// The edge, of a slope that is given, that leaves the largest least reserve.
/// @param crowns_x_mm, y_mm in plan; at least one
ReferenceEdge best_edge(const Travel& travel, double slope, const std::vector<double>& crowns_x_mm,
                        const std::vector<double>& y_mm);

} // namespace fm
