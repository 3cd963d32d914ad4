#include "core/solution/nut_plan.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

/// A direction in plan, x toward the bridge, y toward the treble, as a run along the nut.
double run_of(double x, double y, double nut_angle_rad) {
    const double along = x * std::sin(nut_angle_rad) + y * std::cos(nut_angle_rad);
    const double toward_head = y * std::sin(nut_angle_rad) - x * std::cos(nut_angle_rad);
    return along / toward_head;
}

double radians(double degrees) {
    return degrees * std::numbers::pi / 180.0;
}

} // namespace

double NutPlan::half_mm() const {
    return std::max(-bass.along_mm, treble.along_mm);
}

double NutPlan::run_at(double along_mm) const {
    return bass.run + (treble.run - bass.run) * (along_mm - bass.along_mm) / length_mm();
}

NutPlan nut_plan_of(const Design& design, const Solution& solution) {
    const double half_mm = 0.5 * design.neck.nut_width_mm;
    if (!design.neck.fanned()) return {{-half_mm, 0.0}, {half_mm, 0.0}};
    const Neck neck(design.neck);
    const double angle = radians(solution.nut_angle_deg);
    const double slant = std::tan(angle);
    const double taper = neck.half_width_mm(1.0) - neck.half_width_mm(0.0);
    // The front face goes through the outer strings' contacts: X = middle + y·slant.
    const StringLine& outer = solution.strings.front().line;
    const double middle_mm = outer.plan_x_mm(outer.set_forward_mm) - outer.nut_y_mm * slant;
    const double wide_mm = neck.half_width_mm(middle_mm);
    const double bass_y = -wide_mm / (1.0 + taper * slant);
    const double treble_y = wide_mm / (1.0 - taper * slant);
    return {{bass_y / std::cos(angle), run_of(-1.0, taper, angle)},
            {treble_y / std::cos(angle), run_of(-1.0, -taper, angle)}};
}

double slot_run(const Design& design, const Solution& solution, std::size_t string) {
    const StringLine& line = solution.strings[string].line;
    const double angle = radians(solution.nut_angle_deg);
    if (design.nut.posts.empty())
        return run_of(-(line.saddle_x_mm - line.set_forward_mm) * line.plan_cosine,
                      line.nut_y_mm - line.saddle_y_mm, angle);
    const Post& post = design.nut.posts[string];
    return run_of(-post.behind_mm, post.across_mm - line.nut_y_mm, angle);
}

double slot_opening_factor(double run) {
    return std::sqrt(1.0 + run * run);
}

bool is_stepped(const Solution& solution) {
    constexpr double least_shown_mm = 0.005; // half of what is shown of it
    const auto forward = [](const StringSolution& string) { return string.line.set_forward_mm; };
    const auto [least, most] =
        std::minmax_element(solution.strings.begin(), solution.strings.end(),
                            [&](const auto& a, const auto& b) { return forward(a) < forward(b); });
    return forward(*most) - forward(*least) >= least_shown_mm;
}

double deepest_step_mm(const Solution& solution) {
    double most_mm = 0;
    if (is_stepped(solution))
        for (const StringSolution& string : solution.strings)
            most_mm = std::max(most_mm, string.line.set_forward_mm);
    return most_mm;
}

} // namespace fm
