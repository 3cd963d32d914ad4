#pragma once
// The saddle as a piece of work: the best straight line, what fits its thickness, its heights and its ends.
// Source: docs/mathematics.md, "Saddle and bridge".
#include "core/string/compensation.h"

#include <optional>
#include <vector>

namespace fm {

/// Best straight saddle through the crowns in plan: x = at_centre + slope · y.
struct SaddleLine {
    double at_centre_mm = 0;
    double slope = 0;
    double angle_deg = 0;

    double x_mm(double y_mm) const { return at_centre_mm + slope * y_mm; }
};

struct StraightSaddle {
    SaddleLine line;
    double slot_x_at_centre_mm = 0;   ///< the slot's centreline: the line moved to the middle of the crowns
    std::vector<double> residuals_mm; ///< own crown − line, in plan: + lies further from the nut
    std::vector<double> residuals_cents; ///< at fret 12, the crown on the line: + sharp
    double crown_span_mm = 0;
    bool fits = true;
    std::vector<double> line_to_crown_mm;   ///< square to the slot's middle, or the posts' line: + behind it
    std::vector<double> front_to_crown_mm;  ///< each crown's distance from the front face
    std::vector<std::vector<double>> cents; ///< errors of every fret, the crown on the line

    double slot_x_mm(double y_mm) const { return slot_x_at_centre_mm + line.slope * y_mm; }
};

/// Least squares line. One point, or all at one y: slope 0.
SaddleLine fitted_saddle(const std::vector<double>& x_mm, const std::vector<double>& y_mm);

/// The straight saddle of solved strings. @param strings with their crowns where they belong
StraightSaddle straight_saddle(const Design& design, const std::vector<StringOnNeck>& strings,
                               const std::vector<TunedString>& tuned);

/// A crown with a longer radius is straight over any saddle: under a tenth of a millimetre over sixty.
inline constexpr double straight_crown_mm = 5000;

/// Radius of the circle that fits the strings' heights over a saddle, tipped as they are [mm]; nothing if
/// they lie on a line or bend upward. @param y_mm at least three
std::optional<double> crown_radius_mm(const std::vector<double>& y_mm, const std::vector<double>& z_mm);

/// Length of the saddle blank: as given, else over the outer strings with a margin at each end [mm].
double saddle_length_mm(const SaddleDesign& saddle, const std::vector<double>& along_mm);

} // namespace fm
