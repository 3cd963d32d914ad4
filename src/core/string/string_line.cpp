#include "core/string/string_line.h"

#include <cmath>

namespace fm {

namespace {

double string_scale_mm(const NeckDesign& design, const std::vector<double>& nut_y_mm, std::size_t i) {
    if (!design.fanned()) return design.scale_bass_mm;
    if (nut_y_mm.size() == 1) return design.mean_scale_mm();
    const double across = (nut_y_mm[i] - nut_y_mm.front()) / (nut_y_mm.back() - nut_y_mm.front());
    return design.scale_bass_mm + (design.scale_treble_mm - design.scale_bass_mm) * across;
}

} // namespace

std::vector<StringLine> string_lines(const Neck& neck, const std::vector<double>& nut_y_mm,
                                     const std::vector<double>& saddle_y_mm,
                                     const std::vector<double>& set_forward_mm,
                                     const std::vector<double>& compensation_mm) {
    const NeckDesign& design = neck.design();
    const double fan_share = 1.0 - 1.0 / neck.perpendicular_ratio();
    std::vector<StringLine> lines;
    for (std::size_t i = 0; i < nut_y_mm.size(); ++i) {
        StringLine line;
        line.scale_mm = string_scale_mm(design, nut_y_mm, i);
        line.set_forward_mm = set_forward_mm[i];
        line.saddle_x_mm = line.scale_mm + compensation_mm[i];
        line.nut_y_mm = nut_y_mm[i];
        line.saddle_y_mm = saddle_y_mm[i];
        if (design.fanned()) {
            const double sine = (line.saddle_y_mm - line.nut_y_mm) / line.scale_mm;
            line.plan_cosine = std::sqrt(1.0 - sine * sine);
            line.plan_start_mm = (neck.mean_scale_mm() - line.scale_mm * line.plan_cosine) * fan_share;
        }
        lines.push_back(line);
    }
    return lines;
}

} // namespace fm
