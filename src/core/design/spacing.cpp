#include "core/design/spacing.h"

#include <numeric>

namespace fm {

std::vector<std::size_t> course_starts(const std::vector<StringDesign>& strings) {
    std::vector<std::size_t> starts;
    for (std::size_t i = 0; i < strings.size(); ++i)
        if (i == 0 || strings[i].course != strings[i - 1].course) starts.push_back(i);
    return starts;
}

namespace {

/// A course as the spacing methods see it: its strings' offsets from its middle and its outer reach.
struct CourseShape {
    std::size_t first = 0;
    std::vector<double> offset_mm;
    double half_centres_mm = 0; // half of its outer two centres' distance
    double bass_reach_mm = 0;   // from its middle to the bass string's outer side
    double treble_reach_mm = 0;
};

double centre_distance_mm(const Spacing& spacing, const StringDesign& a, const StringDesign& b) {
    if (spacing.course_centres_mm) return *spacing.course_centres_mm;
    return spacing.course_gap_mm.value_or(0.0) + 0.5 * (a.diameter_mm + b.diameter_mm);
}

std::vector<CourseShape> course_shapes(const Spacing& spacing, const std::vector<StringDesign>& strings) {
    const std::vector<std::size_t> starts = course_starts(strings);
    std::vector<CourseShape> shapes;
    for (std::size_t c = 0; c < starts.size(); ++c) {
        const std::size_t end = c + 1 < starts.size() ? starts[c + 1] : strings.size();
        CourseShape shape;
        shape.first = starts[c];
        shape.offset_mm.push_back(0.0);
        for (std::size_t i = shape.first + 1; i < end; ++i)
            shape.offset_mm.push_back(shape.offset_mm.back() +
                                      centre_distance_mm(spacing, strings[i - 1], strings[i]));
        shape.half_centres_mm = 0.5 * shape.offset_mm.back();
        for (double& offset_mm : shape.offset_mm) offset_mm -= shape.half_centres_mm;
        shape.bass_reach_mm = shape.half_centres_mm + 0.5 * strings[shape.first].diameter_mm;
        shape.treble_reach_mm = shape.half_centres_mm + 0.5 * strings[end - 1].diameter_mm;
        shapes.push_back(std::move(shape));
    }
    return shapes;
}

std::vector<double> middles_by_centres_mm(const std::vector<CourseShape>& courses, OuterCentres outer) {
    const double first_mm = outer.bass_mm + courses.front().half_centres_mm;
    const double last_mm = outer.treble_mm - courses.back().half_centres_mm;
    std::vector<double> middles_mm;
    for (std::size_t c = 0; c < courses.size(); ++c)
        middles_mm.push_back(first_mm + (last_mm - first_mm) * static_cast<double>(c) /
                                            static_cast<double>(courses.size() - 1));
    return middles_mm;
}

std::vector<double> middles_by_gaps_mm(const std::vector<CourseShape>& courses, OuterCentres outer) {
    const double first_mm = outer.bass_mm + courses.front().half_centres_mm;
    const double last_mm = outer.treble_mm - courses.back().half_centres_mm;
    const double side_to_side_mm =
        last_mm + courses.back().treble_reach_mm - (first_mm - courses.front().bass_reach_mm);
    const double widths_mm =
        std::accumulate(courses.begin(), courses.end(), 0.0,
                        [](double sum, const auto& c) { return sum + c.bass_reach_mm + c.treble_reach_mm; });
    const double gap_mm = (side_to_side_mm - widths_mm) / static_cast<double>(courses.size() - 1);
    std::vector<double> middles_mm{first_mm};
    for (std::size_t c = 1; c < courses.size(); ++c)
        middles_mm.push_back(middles_mm.back() + courses[c - 1].treble_reach_mm + gap_mm +
                             courses[c].bass_reach_mm);
    return middles_mm;
}

double blend_share(const Spacing& spacing) {
    switch (spacing.method) {
    case SpacingMethod::equal_gaps: return 1.0;
    case SpacingMethod::blend: return spacing.blend;
    default: return 0.0;
    }
}

std::vector<double> course_middles_mm(const Spacing& spacing, const std::vector<CourseShape>& courses,
                                      OuterCentres outer) {
    if (courses.size() == 1) return {0.5 * (outer.bass_mm + outer.treble_mm)};
    const double share = blend_share(spacing);
    const std::vector<double> by_centres_mm = middles_by_centres_mm(courses, outer);
    const std::vector<double> by_gaps_mm = middles_by_gaps_mm(courses, outer);
    std::vector<double> middles_mm;
    for (std::size_t c = 0; c < courses.size(); ++c)
        middles_mm.push_back((1.0 - share) * by_centres_mm[c] + share * by_gaps_mm[c]);
    return middles_mm;
}

} // namespace

OuterCentres outer_centres_mm(const Spacing& spacing, const std::vector<StringDesign>& strings,
                              double half_width_mm) {
    if (spacing.method == SpacingMethod::given) return {spacing.each_mm.front(), spacing.each_mm.back()};
    if (spacing.edge_margin_mm)
        return {-half_width_mm + spacing.edge_margin_mm->bass_mm + 0.5 * strings.front().diameter_mm,
                half_width_mm - spacing.edge_margin_mm->treble_mm - 0.5 * strings.back().diameter_mm};
    return {-0.5 * spacing.spread_mm - spacing.bias_mm, 0.5 * spacing.spread_mm - spacing.bias_mm};
}

std::vector<double> spaced_centres_mm(const Spacing& spacing, const std::vector<StringDesign>& strings,
                                      double half_width_mm) {
    if (spacing.method == SpacingMethod::given) return spacing.each_mm;
    const OuterCentres outer = outer_centres_mm(spacing, strings, half_width_mm);
    const std::vector<CourseShape> courses = course_shapes(spacing, strings);
    const std::vector<double> middles_mm = course_middles_mm(spacing, courses, outer);
    std::vector<double> centres_mm;
    for (std::size_t c = 0; c < courses.size(); ++c)
        for (const double offset_mm : courses[c].offset_mm) centres_mm.push_back(middles_mm[c] + offset_mm);
    return centres_mm;
}

std::vector<double> clear_gaps_mm(const std::vector<double>& centres_mm,
                                  const std::vector<StringDesign>& strings) {
    std::vector<double> gaps_mm;
    for (std::size_t i = 1; i < centres_mm.size(); ++i)
        gaps_mm.push_back(centres_mm[i] - centres_mm[i - 1] -
                          0.5 * (strings[i].diameter_mm + strings[i - 1].diameter_mm));
    return gaps_mm;
}

} // namespace fm
