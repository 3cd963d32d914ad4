#include "core/solution.h"

#include "core/check.h"
#include "core/spacing.h"

#include <cmath>
#include <numbers>

namespace fm {

HeightTargets height_targets(const Design& design, const StringOnNeck& string, std::size_t index) {
    const std::size_t count = design.strings.size();
    HeightTargets targets;
    targets.nut_method = design.nut.height_method;
    targets.nut_mm = design.nut.height.of(index, count);
    targets.pressed_fret = design.nut.pressed_fret;
    targets.action_measure = design.saddle.measured;
    targets.action_mm = design.saddle.action.of(index, count);
    if (design.nut.zero_fret) { // the string rests on the zero fret, whatever the nut's target
        targets.nut_method = NutHeightMethod::zero_fret;
        targets.nut_mm = design.nut.zero_fret->height_mm - string.neck().design().fret_height_mm;
    }
    return targets;
}

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
    line.angle_deg = std::atan(line.slope) * 180.0 / std::numbers::pi;
    return line;
}

namespace {

StringSolution solved_string(const Design& design, const StringOnNeck& string, const EndHeights& ends) {
    StringSolution solved;
    solved.line = string.line();
    solved.ends = ends;
    solved.nut_z_over_fret_line_mm = ends.nut_z_mm - string.fret_line_mm();
    solved.above_fret_line_mm = ends.nut_z_mm - string.fret_line_under_string_mm();
    solved.open_gaps_mm.reserve(static_cast<std::size_t>(design.neck.frets));
    for (int fret = 1; fret <= design.neck.frets; ++fret)
        solved.open_gaps_mm.push_back(open_gap_mm(string, ends, fret));
    solved.pressed_gap_2_mm = pressed_gap_mm(string, ends, 2);
    solved.pressed_gap_3_mm = pressed_gap_mm(string, ends, 3);
    solved.action12_mm = solved.open_gaps_mm[11];
    solved.action12_capo_mm = capo_action_mm(string, ends);
    return solved;
}

double fixed_compensation_mm(const SaddleDesign& saddle) {
    return saddle.compensation == CompensationMethod::fixed ? saddle.fixed_mm : 0.0;
}

void fit_saddle(Solution& solution) {
    std::vector<double> x_mm;
    std::vector<double> y_mm;
    for (const StringSolution& string : solution.strings) {
        x_mm.push_back(string.line.plan_x_mm(string.line.saddle_x_mm));
        y_mm.push_back(string.line.saddle_y_mm);
    }
    solution.saddle_line = fitted_saddle(x_mm, y_mm);
    for (StringSolution& string : solution.strings)
        string.saddle_along_mm = along_part_mm(string.line.saddle_y_mm, solution.saddle_line.angle_deg);
}

} // namespace

Solution solve(const Design& design) {
    const Neck neck(design.neck);
    const std::size_t count = design.strings.size();
    const std::vector<double> nut_y =
        spaced_centres_mm(design.nut.spacing, design.strings, neck.half_width_mm(0.0));
    const std::vector<double> saddle_y =
        spaced_centres_mm(design.saddle.spacing, design.strings, neck.half_width_mm(neck.mean_scale_mm()));
    const std::vector<StringLine> lines =
        string_lines(neck, nut_y, saddle_y, std::vector<double>(count, design.nut.set_forward_mm),
                     std::vector<double>(count, fixed_compensation_mm(design.saddle)));
    Solution solution;
    std::vector<NutContact> contacts;
    for (std::size_t i = 0; i < count; ++i) {
        const StringOnNeck string(neck, lines[i]);
        const EndHeights ends = solved_heights(string, height_targets(design, string, i));
        contacts.push_back({string, ends});
        solution.strings.push_back(solved_string(design, string, ends));
        if (!design.nut.posts.empty())
            solution.strings.back().bend = nut_bend(contacts.back(), design.nut.posts[i]);
    }
    solution.nut_angle_deg = nut_angle_deg(neck, lines);
    const std::vector<SlotWork> works = slot_works(design, contacts, solution.nut_angle_deg);
    for (std::size_t i = 0; i < count; ++i) solution.strings[i].slot = works[i];
    solution.nut_gaps_mm = clear_gaps_mm(nut_y, design.strings);
    solution.saddle_gaps_mm = clear_gaps_mm(saddle_y, design.strings);
    fit_saddle(solution);
    solution.warnings = doubts(design, neck, contacts, solution);
    return solution;
}

} // namespace fm
