#include "core/part/saddle_work.h"

#include "core/words/angle.h"

#include <algorithm>
#include <cmath>

namespace fm {

SaddleLine fitted_saddle(const std::vector<double>& x_mm, const std::vector<double>& y_mm) {
    const auto count = static_cast<double>(x_mm.size());
    double mean_x = 0;
    double mean_y = 0;
    for (std::size_t i = 0; i < x_mm.size(); ++i) {
        mean_x += x_mm[i] / count;
        mean_y += y_mm[i] / count;
    }
    double spread = 0;
    double joint = 0;
    for (std::size_t i = 0; i < x_mm.size(); ++i) {
        spread += (y_mm[i] - mean_y) * (y_mm[i] - mean_y);
        joint += (y_mm[i] - mean_y) * (x_mm[i] - mean_x);
    }
    SaddleLine line;
    line.slope = spread > 0 ? joint / spread : 0.0;
    line.at_centre_mm = mean_x - line.slope * mean_y;
    line.angle_deg = std::atan(line.slope) * degrees;
    return line;
}

StraightSaddle straight_saddle(const Design& design, const std::vector<StringOnNeck>& strings,
                               const std::vector<TunedString>& tuned) {
    std::vector<double> x_mm;
    std::vector<double> y_mm;
    for (const StringOnNeck& string : strings) {
        x_mm.push_back(string.line().plan_x_mm(string.line().saddle_x_mm));
        y_mm.push_back(string.line().saddle_y_mm);
    }
    StraightSaddle saddle;
    saddle.line = fitted_saddle(x_mm, y_mm);
    const double cosine = std::cos(saddle.line.angle_deg / degrees);
    for (std::size_t i = 0; i < strings.size(); ++i)
        saddle.residuals_mm.push_back(x_mm[i] - saddle.line.x_mm(y_mm[i]));
    const auto [least, most] = std::minmax_element(saddle.residuals_mm.begin(), saddle.residuals_mm.end());
    const double middle_mm = 0.5 * (*least + *most);
    saddle.slot_x_at_centre_mm = saddle.line.at_centre_mm + middle_mm;
    saddle.crown_span_mm = (*most - *least) * cosine;
    saddle.fits = saddle.crown_span_mm + 2.0 * design.saddle.crown_edge_mm <= design.saddle.thickness_mm;
    for (std::size_t i = 0; i < strings.size(); ++i) {
        const StringLine& line = strings[i].line();
        const double along_mm = saddle.residuals_mm[i] / line.plan_cosine;
        saddle.residuals_cents.push_back(-along_mm * cents_per_crown_mm(strings[i], 12));
        saddle.line_to_crown_mm.push_back((saddle.residuals_mm[i] - middle_mm) * cosine);
        saddle.front_to_crown_mm.push_back(0.5 * design.saddle.thickness_mm + saddle.line_to_crown_mm[i]);
        const auto heard = sound(tuned[i], line.saddle_x_mm - along_mm - line.scale_mm, line.set_forward_mm,
                                 design.neck.frets);
        std::vector<double> row;
        if (heard) row.assign(heard->cents.begin() + 1, heard->cents.begin() + 1 + design.neck.frets);
        saddle.cents.push_back(std::move(row));
    }
    return saddle;
}

std::optional<double> crown_radius_mm(const std::vector<double>& y_mm, const std::vector<double>& z_mm) {
    // Least squares parabola by orthogonal polynomials; its bend is the circle's.
    const auto count = static_cast<double>(y_mm.size());
    if (y_mm.size() < 3) return std::nullopt;
    double mean_y = 0;
    for (const double y : y_mm) mean_y += y / count;
    double squares = 0;
    double cubes = 0;
    for (const double y : y_mm) {
        squares += std::pow(y - mean_y, 2);
        cubes += std::pow(y - mean_y, 3);
    }
    double joint = 0;
    double norm = 0;
    for (std::size_t i = 0; i < y_mm.size(); ++i) {
        const double along = y_mm[i] - mean_y;
        const double bend = along * along - cubes / squares * along - squares / count;
        joint += z_mm[i] * bend;
        norm += bend * bend;
    }
    if (!(norm > 0) || joint / norm > -0.5 / straight_crown_mm) return std::nullopt;
    return -norm / (2.0 * joint);
}

double saddle_length_mm(const SaddleDesign& saddle, const std::vector<double>& along_mm) {
    if (saddle.length_mm) return *saddle.length_mm;
    return along_mm.back() - along_mm.front() + 2.0 * saddle.end_margin_mm;
}

} // namespace fm
