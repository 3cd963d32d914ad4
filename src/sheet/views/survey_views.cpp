#include "sheet/views/survey_views.h"
#include "sheet/drawing/pens.h"

#include "core/solution/bridge_outline.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

constexpr double least_head_mm = 110;
constexpr double past_post_mm = 25;
constexpr double tail_mm = 110;
constexpr double neck_thick_mm = 21;
constexpr double heel_mm = 60;
constexpr double head_thick_mm = 14;

double joint_x_mm(const Neck& neck) {
    return neck.fret_x_mm(neck.design().body_joint_fret, neck.mean_scale_mm());
}

Path line_of(const std::vector<Point>& points, Stroke stroke) {
    Path path = closed_path(points, stroke, Fill::none);
    path.closed = false;
    return path;
}

double bridge_x_mm(const Solution& solution) {
    return solution.straight_saddle.slot_x_at_centre_mm;
}

void draw_bridge(Drawing& drawing, const Design& design, const Solution& solution, double side) {
    std::vector<Point> points;
    if (design.bridge && design.bridge->outline)
        for (const PlanPoint& p : outline_points(*design.bridge->outline, solution))
            points.push_back({p.x_mm, side * p.y_mm});
    else
        for (const PlanPoint& p : slot_corners(design, solution)) points.push_back({p.x_mm, side * p.y_mm});
    if (points.size() > 2) drawing.add(closed_path(points, pens::outline, Fill::material));
}

} // namespace

InstrumentReach instrument_reach(const Design& design, const Solution& solution) {
    InstrumentReach reach{least_head_mm, bridge_x_mm(solution) + tail_mm};
    for (const Post& post : design.nut.posts)
        reach.before_mm = std::max(reach.before_mm, post.behind_mm + past_post_mm);
    reach.before_mm = std::min(reach.before_mm, 260.0); // a far post is past the break
    return reach;
}

Drawing instrument_front(const Design& design, const Solution& solution,
                         const InstrumentViewOptions& options) {
    Drawing drawing;
    const Neck neck(design.neck);
    const double side = options.mirrored ? -1.0 : 1.0;
    const InstrumentReach reach = instrument_reach(design, solution);
    const double scale = neck.mean_scale_mm();
    const double last = neck.fret_x_mm(neck.frets(), scale);
    const double nut = 0.5 * design.neck.nut_width_mm;
    const double wide = options.half_width_mm;
    const double joint = joint_x_mm(neck);
    // The body, broken off on both sides.
    for (const double y : {-wide, wide})
        drawing.add(
            line_path(Layer::text, {joint + 0.35 * wide, y}, {reach.behind_mm, y}, pens::faint_hidden));
    for (const double up : {-1.0, 1.0}) {
        Path shoulder = line_of({{joint, up * neck.half_width_mm(joint)}, {joint + 0.35 * wide, up * wide}},
                                pens::outline);
        shoulder.vertices[0].bulge = up * 0.3;
        drawing.add(shoulder);
    }
    const double post = design.nut.posts.empty() ? 0.0 : 16.0;
    const double head = std::max(nut + 8.0, nut + post);
    drawing.add(closed_path({{0, nut},
                             {-18, head},
                             {-reach.before_mm, 0.9 * head},
                             {-reach.before_mm, -0.9 * head},
                             {-18, -head},
                             {0, -nut}},
                            pens::outline, Fill::none));
    drawing.add(closed_path({{0, nut},
                             {last + 8, neck.half_width_mm(last + 8)},
                             {last + 8, -neck.half_width_mm(last + 8)},
                             {0, -nut}},
                            pens::outline, Fill::paper));
    draw_bridge(drawing, design, solution, side);
    for (int n = 1; n <= neck.frets(); ++n) {
        const auto edge = [&](double scale_mm, double up) {
            const double x = neck.fret_x_mm(n, scale_mm);
            return Point{x, up * neck.half_width_mm(x)};
        };
        drawing.add(line_path(Layer::text, edge(design.neck.scale_bass_mm, -side),
                              edge(design.neck.scale_treble_mm, side), pens::faint));
    }
    drawing.add(
        closed_path({{-design.nut.thickness_mm, nut}, {0, nut}, {0, -nut}, {-design.nut.thickness_mm, -nut}},
                    pens::outline, Fill::material));
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const StringLine& line = solution.strings[i].line;
        const Stroke stroke{0.3, i == options.chosen ? Ink::chosen : Ink::faint, LineStyle::solid};
        const Point at_nut{0, side * line.nut_y_mm};
        const Point at_saddle{line.plan_x_mm(line.saddle_x_mm), side * line.saddle_y_mm};
        drawing.add(line_path(Layer::text, at_nut, at_saddle, stroke));
        Point from{-0.75 * reach.before_mm, at_nut.y};
        if (i < design.nut.posts.size())
            from = {std::max(-design.nut.posts[i].behind_mm, 6.0 - reach.before_mm),
                    side * design.nut.posts[i].across_mm};
        drawing.add(line_path(Layer::text, from, at_nut, stroke));
        Circle peg;
        peg.centre = from;
        peg.radius = 3;
        peg.stroke = pens::faint;
        if (!design.nut.posts.empty()) drawing.add(peg);
    }
    return drawing;
}

Drawing instrument_side(const Design& design, const Solution& solution,
                        const InstrumentViewOptions& options) {
    Drawing drawing;
    const Neck neck(design.neck);
    const InstrumentReach reach = instrument_reach(design, solution);
    const StringSolution& string = solution.strings[std::min(options.chosen, solution.strings.size() - 1)];
    const double joint = joint_x_mm(neck);
    const double last = neck.fret_x_mm(neck.frets(), neck.mean_scale_mm());
    const double bridge = bridge_x_mm(solution);
    const double top = design.bridge ? -design.bridge->plane_above_top_mm : -7.0;
    const double board = -design.neck.fret_height_mm;
    const double fall = std::tan(design.nut.headstock_angle_deg * std::numbers::pi / 180.0);
    drawing.add(closed_path({{0, board},
                             {0, -neck_thick_mm},
                             {-reach.before_mm, -head_thick_mm - 6 - fall * reach.before_mm},
                             {-reach.before_mm, -6 - fall * reach.before_mm},
                             {-4, -6 - 4 * fall}},
                            pens::outline, Fill::paper));
    drawing.add(closed_path({{0, board},
                             {last + 8, board},
                             {last + 8, std::min(top, board - 5)},
                             {joint, std::min(top, board - 5)},
                             {joint, -heel_mm * 0.7},
                             {joint - 26, -neck_thick_mm - 2},
                             {0, -neck_thick_mm}},
                            pens::outline, Fill::paper));
    drawing.add(line_of({{joint, top - options.depth_mm},
                         {joint, top},
                         {reach.behind_mm, top},
                         {reach.behind_mm, top - options.depth_mm}},
                        pens::outline));
    drawing.add(line_path(Layer::text, {joint, top - options.depth_mm},
                          {reach.behind_mm, top - options.depth_mm}, pens::faint_hidden));
    const double high = solution.bridge && solution.bridge->height_mm ? *solution.bridge->height_mm : 6.0;
    const double saddle_z = string.ends.saddle_z_mm;
    drawing.add(closed_path(
        {{bridge - 14, top}, {bridge + 18, top}, {bridge + 18, top + high}, {bridge - 14, top + high}},
        pens::outline, Fill::material));
    const double half = 0.5 * design.saddle.thickness_mm;
    drawing.add(closed_path({{bridge - half, top + high},
                             {bridge + half, top + high},
                             {bridge + half, saddle_z},
                             {bridge - half, saddle_z}},
                            pens::outline, Fill::material));
    for (int n = 1; n <= neck.frets(); ++n) {
        const double x = neck.fret_x_mm(n, neck.mean_scale_mm());
        drawing.add(line_path(Layer::text, {x, board}, {x, 0}, pens::outline));
    }
    const double nut_z = string.ends.nut_z_mm;
    drawing.add(closed_path({{-design.nut.thickness_mm, board - 3},
                             {0, board - 3},
                             {0, nut_z},
                             {-design.nut.thickness_mm, nut_z - 0.4}},
                            pens::outline, Fill::material));
    const double back = 0.75 * reach.before_mm;
    const Stroke& stroke = pens::chosen;
    drawing.add(line_of(
        {{-back, -3 - fall * back}, {0, nut_z}, {bridge, saddle_z}, {bridge + 12, top + high}}, stroke));
    return drawing;
}

Point survey_point_mm(const Design& design, const Solution& solution, const SurveyPoint& point) {
    const Neck neck(design.neck);
    const double bridge = bridge_x_mm(solution);
    const double joint = joint_x_mm(neck);
    switch (point.place) {
    case SurveyPlace::top: return {0.5 * (joint + bridge), 0.8 * design.neck.nut_width_mm};
    case SurveyPlace::bridge: return {bridge + 10.0, 0};
    case SurveyPlace::saddle: return {bridge, 0};
    case SurveyPlace::joint: return {joint, 0};
    case SurveyPlace::neck: return {0.55 * joint, 0};
    case SurveyPlace::board: return {neck.fret_x_mm(3, neck.mean_scale_mm()), 0};
    case SurveyPlace::nut: return {0, 0};
    case SurveyPlace::head: return {-20, 0};
    case SurveyPlace::strings: return {-50, 0};
    }
    return {};
}

} // namespace fm
