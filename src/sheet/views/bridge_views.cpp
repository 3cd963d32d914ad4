#include "sheet/views/bridge_views.h"
#include "core/solution/footprint.h"
#include "sheet/drawing/pens.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

Stroke string_stroke(double diameter_mm, bool chosen) {
    return {std::max(0.2, diameter_mm), chosen ? Ink::chosen : Ink::faint, LineStyle::solid};
}

double tangent_deg(double degrees) {
    return std::tan(degrees * std::numbers::pi / 180.0);
}

} // namespace

BridgeReach bridge_reach(const Design& design, const Solution& solution, const BridgeViewOptions& options) {
    const double at = solution.straight_saddle.slot_x_at_centre_mm;
    BridgeReach reach{12, 12};
    const auto include = [&](double x_mm) {
        reach.before_mm = std::max(reach.before_mm, at - x_mm);
        reach.behind_mm = std::max(reach.behind_mm, x_mm - at);
    };
    for (const PlanPoint& p : outline_points(shown_outline(design, solution), solution)) include(p.x_mm);
    for (const PlanPoint& p : saddle_corners(design, solution)) include(p.x_mm);
    if (design.bridge && design.bridge->existing && design.bridge->existing->outline)
        for (const PlanPoint& p : old_print(design, solution)) include(p.x_mm);
    for (const StringSolution& string : solution.strings)
        if (string.bridge) include(std::min(string.bridge->exit_x_mm, at + options.behind_mm));
    return reach;
}

Path rounded_slot(const Design& design, const Solution& solution,
                  const std::function<Point(const PlanPoint&)>& on) {
    constexpr double quarter_circle = 0.41421356237309503; // tangent of a quarter of its angle
    std::vector<Point> corners;
    for (const PlanPoint& p : slot_corners(design, solution)) corners.push_back(on(p));
    const auto towards = [](Point from, Point to, double mm) {
        const double length = std::hypot(to.x - from.x, to.y - from.y);
        return Point{from.x + (to.x - from.x) * mm / length, from.y + (to.y - from.y) * mm / length};
    };
    const double turn = (corners[1].x - corners[0].x) * (corners[2].y - corners[1].y) -
                        (corners[1].y - corners[0].y) * (corners[2].x - corners[1].x);
    const double r = std::min(solution.saddle.end_radius_mm, 0.5 * design.saddle.thickness_mm);
    Path path;
    path.layer = Layer::slot;
    path.closed = true;
    const std::size_t count = corners.size();
    for (std::size_t i = 0; i < count; ++i) {
        const Point begins = towards(corners[i], corners[(i + count - 1) % count], r);
        const Point ends = towards(corners[i], corners[(i + 1) % count], r);
        const double bulge = turn > 0 ? quarter_circle : -quarter_circle;
        // Two quarters of a whole round end meet: nothing lies between.
        if (!path.vertices.empty() &&
            std::hypot(path.vertices.back().at.x - begins.x, path.vertices.back().at.y - begins.y) < 1e-9)
            path.vertices.back().bulge = bulge;
        else
            path.vertices.push_back({begins, bulge});
        path.vertices.push_back({ends});
    }
    const Point& first = path.vertices.front().at;
    const Point& last = path.vertices.back().at;
    if (std::hypot(last.x - first.x, last.y - first.y) < 1e-9) path.vertices.pop_back(); // closed all round
    return path;
}

namespace {

/// A post from above, by sixteen sides: what is bought and not cut.
Path post_path(double x_mm, double y_mm, const std::function<Point(const PlanPoint&)>& on) {
    constexpr double half_post_mm = 3;
    std::vector<Point> points;
    for (int i = 0; i < 16; ++i) {
        const double turn = i * std::numbers::pi / 8.0;
        points.push_back(on({x_mm + half_post_mm * std::cos(turn), y_mm + half_post_mm * std::sin(turn)}));
    }
    Path path = closed_path(points, pens::thin, Fill::paper);
    path.layer = Layer::scribe;
    return path;
}

} // namespace

std::vector<Path> saddle_paths(const Design& design, const Solution& solution,
                               const std::function<Point(const PlanPoint&)>& on) {
    std::vector<Path> paths;
    const std::vector<PlanPoint> corners = slot_corners(design, solution);
    if (design.has_slot()) {
        Path slot = rounded_slot(design, solution, on);
        slot.stroke = pens::thin;
        slot.fill = Fill::paper;
        return {slot};
    }
    if (!solution.single) { // nothing is cut: the line of the crowns, and what it stands on
        const auto middle = [&](const PlanPoint& a, const PlanPoint& b) {
            return on({0.5 * (a.x_mm + b.x_mm), 0.5 * (a.y_mm + b.y_mm)});
        };
        paths.push_back(line_path(Layer::scribe, middle(corners[0], corners[3]),
                                  middle(corners[1], corners[2]), pens::centre));
        if (design.bridge && design.saddle.by_two_screws() && design.saddle.screws_across_mm)
            for (const double y :
                 {design.saddle.screws_across_mm->bass_mm, design.saddle.screws_across_mm->treble_mm})
                paths.push_back(post_path(solution.straight_saddle.slot_x_mm(y), y, on));
        return paths;
    }
    for (const std::vector<PlanPoint>& place : saddle_places(design, solution)) {
        std::vector<Point> points;
        for (const PlanPoint& p : place) points.push_back(on(p));
        Path path = closed_path(points, pens::thin, Fill::paper);
        path.layer = Layer::scribe; // saddles are bought: where they can stand is not cut
        paths.push_back(std::move(path));
    }
    if (const auto& edge = solution.single->edge) {
        const double low_y = corners[0].y_mm;
        const double high_y = corners[1].y_mm;
        paths.push_back(line_path(Layer::scribe, on({edge->x_mm(low_y), low_y}),
                                  on({edge->x_mm(high_y), high_y}), pens::outline));
    }
    return paths;
}

namespace {

using OnPlan = std::function<Point(const PlanPoint&)>;

Path around(const std::vector<PlanPoint>& corners, const OnPlan& on, Stroke stroke) {
    std::vector<Point> points;
    for (const PlanPoint& corner : corners) points.push_back(on(corner));
    Path path = closed_path(points, stroke, Fill::none);
    path.layer = Layer::scribe;
    return path;
}

Circle round_hole(Layer layer, Point centre, double hole_mm, Stroke stroke, Fill fill) {
    Circle hole;
    hole.layer = layer;
    hole.centre = centre;
    hole.radius = 0.5 * hole_mm;
    hole.stroke = stroke;
    hole.fill = fill;
    return hole;
}

/// What is not cut: the old bridge's print with its holes, and the wood inside.
void add_what_is_there(const Design& design, const Solution& solution, const OnPlan& on, Drawing& drawing) {
    const BridgeDesign& bridge = *design.bridge;
    if (bridge.plate_inside) drawing.add(around(inside_corners(design, solution), on, pens::faint_hidden));
    if (!bridge.existing || !bridge.existing->outline) return;
    drawing.add(around(old_print(design, solution), on, pens::scribe_hidden));
    for (const PlacedHole& hole : bridge.existing->holes)
        drawing.add(round_hole(Layer::scribe, on(hole_place(hole, bridge.existing->front_x_mm)), hole.hole_mm,
                               pens::scribe_hidden, Fill::none));
}

/// Each screw by its core's hole, with a cross to prick it by.
void add_screws(const Design& design, const Solution& solution, const OnPlan& on, Drawing& drawing) {
    constexpr double arm_mm = 3;
    const BridgeScrews& screws = *design.bridge->screws;
    const double front_mm = front_edge_mm(shown_outline(design, solution), solution);
    for (const PlacedHole& hole : screws.holes) {
        const Point at = on(hole_place(hole, front_mm));
        drawing.add(round_hole(Layer::hole, at, screws.core_mm, pens::thin, Fill::paper));
        drawing.add(line_path(Layer::scribe, {at.x - arm_mm, at.y}, {at.x + arm_mm, at.y}, pens::fine));
        drawing.add(line_path(Layer::scribe, {at.x, at.y - arm_mm}, {at.x, at.y + arm_mm}, pens::fine));
    }
}

} // namespace

Drawing bridge_plan(const Design& design, const Solution& solution, const BridgeViewOptions& options) {
    Drawing drawing;
    const double sign = options.mirrored ? -1.0 : 1.0;
    const double at = solution.straight_saddle.slot_x_at_centre_mm;
    const auto on = [&](double x_mm, double y_mm) { return Point{sign * y_mm, at - x_mm}; };
    const BridgeReach reach = bridge_reach(design, solution, options);
    std::vector<Point> outline;
    for (const PlanPoint& p : outline_points(shown_outline(design, solution), solution))
        outline.push_back(on(p.x_mm, p.y_mm));
    drawing.add(closed_path(outline, pens::outline, Fill::material));
    const OnPlan place = [&](const PlanPoint& p) { return on(p.x_mm, p.y_mm); };
    for (Path& path : saddle_paths(design, solution, place)) drawing.add(std::move(path));
    drawing.add(line_path(Layer::centre, {0, reach.before_mm + 3}, {0, -reach.behind_mm - 3}, pens::centre));
    if (solution.bridge) {
        add_what_is_there(design, solution, place, drawing);
        for (const PlanPoint& pin : solution.bridge->pins)
            drawing.add(
                round_hole(Layer::hole, place(pin), design.bridge->pins.hole_mm, pens::thin, Fill::paper));
        if (design.bridge->screws) add_screws(design, solution, place, drawing);
    }
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const StringSolution& string = solution.strings[i];
        const StringLine& line = string.line;
        const double crown_x = line.plan_x_mm(line.saddle_x_mm);
        const double across =
            (line.saddle_y_mm - line.nut_y_mm) / (crown_x - line.plan_x_mm(line.set_forward_mm));
        const double before_x = at - reach.before_mm - 3;
        Path way;
        way.layer = Layer::text;
        way.stroke = string_stroke(design.strings[i].diameter_mm, options.chosen == i);
        way.vertices = {{on(before_x, line.saddle_y_mm - across * (crown_x - before_x))},
                        {on(crown_x, line.saddle_y_mm)}};
        if (string.bridge) {
            const double exit_x = std::min(string.bridge->exit_x_mm, at + reach.behind_mm + 3);
            const double exit_y =
                i < solution.bridge->pins.size() ? solution.bridge->pins[i].y_mm : line.saddle_y_mm;
            way.vertices.push_back({on(exit_x, exit_y)});
        }
        drawing.add(way);
        const double set_x = string.single ? string.single->crown_x_mm : crown_x;
        drawing.add(line_path(Layer::scribe, on(set_x, line.saddle_y_mm - 0.9),
                              on(set_x, line.saddle_y_mm + 0.9), pens::chosen_string));
    }
    return drawing;
}

Drawing bridge_side(const Design& design, const Solution& solution, const BridgeViewOptions& options) {
    Drawing drawing;
    const std::size_t i = options.chosen.value_or(0);
    const StringSolution& string = solution.strings[i];
    const BridgeDesign& bridge = *design.bridge;
    const BridgeOutline outline = shown_outline(design, solution);
    const double t = design.saddle.thickness_mm;
    // Along the instrument, seen where this string crosses the slot.
    const double slot_x = solution.straight_saddle.slot_x_mm(string.line.saddle_y_mm);
    const double middle_y =
        0.5 * (solution.strings.front().line.saddle_y_mm + solution.strings.back().line.saddle_y_mm);
    const double front = solution.straight_saddle.slot_x_mm(middle_y) - outline.front_mm - slot_x;
    const double back = front + outline.width_mm;
    const double height = string.bridge->height_over_top_mm;
    const double from = std::min(front, -6.0) - 4.0;
    const double to = std::max(back, std::min(string.bridge->exit_x_mm - slot_x, options.behind_mm)) + 4.0;
    drawing.add(line_path(Layer::cut, {from, 0}, {to, 0}, pens::outline));
    const double crown = string.line.plan_x_mm(string.line.saddle_x_mm) - slot_x;
    const double round = std::min({0.35 * t, std::max(0.0, crown + 0.5 * t), std::max(0.0, 0.5 * t - crown)});
    if (string.single) {
        // A plate, and on it the saddle with its crown.
        const double top = solution.bridge->height_mm.value_or(0.0);
        const double set = string.single->crown_x_mm - slot_x;
        const double edge =
            solution.single->edge ? solution.single->edge->x_mm(string.line.saddle_y_mm) - slot_x : front;
        if (top > 0)
            drawing.add(closed_path({{front, 0}, {front, top}, {back, top}, {back, 0}}, pens::outline,
                                    Fill::material));
        constexpr double half_saddle_mm = 3;
        drawing.add(closed_path({{set - half_saddle_mm, top},
                                 {set - half_saddle_mm, height - 1.5},
                                 {set, height},
                                 {set + half_saddle_mm, height - 1.5},
                                 {set + half_saddle_mm, top}},
                                pens::thin, Fill::paper));
        drawing.add(line_path(Layer::scribe, {edge, top - 1.5}, {edge, top + 3.0}, pens::heavy));
    } else if (bridge.stands == BridgeStands::posts) {
        const double half_bar_mm = 5;
        const double low = std::max(0.0, height - 9.0);
        drawing.add(closed_path({{-half_bar_mm, low},
                                 {-half_bar_mm, height - 2.0},
                                 {crown, height},
                                 {half_bar_mm, height - 2.0},
                                 {half_bar_mm, low}},
                                pens::outline, Fill::material));
        drawing.add(closed_path({{-2.5, 0}, {-2.5, low}, {2.5, low}, {2.5, 0}}, pens::thin, Fill::paper));
    } else if (design.saddle.height_by == HeightBy::wheels) {
        // Foot and top, and between them a wheel on its screw.
        const double wheel = 0.45 * height;
        constexpr double half_wheel_mm = 5;
        constexpr double thick_mm = 2;
        drawing.add(
            closed_path({{front, 0}, {front + 1.0, wheel - 3.0}, {back - 1.0, wheel - 3.0}, {back, 0}},
                        pens::outline, Fill::material));
        drawing.add(
            closed_path({{-1.2, wheel - 3.0}, {-1.2, wheel + 3.0}, {1.2, wheel + 3.0}, {1.2, wheel - 3.0}},
                        pens::thin, Fill::paper));
        drawing.add(closed_path({{-half_wheel_mm, wheel - 1.0},
                                 {-half_wheel_mm, wheel - 1.0 + thick_mm},
                                 {half_wheel_mm, wheel - 1.0 + thick_mm},
                                 {half_wheel_mm, wheel - 1.0}},
                                pens::thin, Fill::paper));
        drawing.add(closed_path({{front + 1.0, wheel + 1.0},
                                 {-0.5 * t, height - round},
                                 {crown, height},
                                 {0.5 * t, height - round},
                                 {back - 1.0, wheel + 1.0}},
                                pens::outline, Fill::material));
    } else if (!design.has_slot() || !solution.bridge->height_mm) {
        drawing.add(closed_path(
            {{front, 0}, {-0.5 * t, height - round}, {crown, height}, {0.5 * t, height - round}, {back, 0}},
            pens::outline, Fill::material));
    } else {
        const double top = *string.bridge->bridge_height_mm;
        const double floor = design.saddle.slot_depth_mm ? top - *design.saddle.slot_depth_mm : top;
        // The crown stays where it belongs: what leans goes aside below it.
        const double lean = tangent_deg(design.saddle.lean_deg);
        const auto leaning = [&](double x, double y) { return Point{x + (height - y) * lean, y}; };
        drawing.add(closed_path({{front, 0},
                                 {front, top},
                                 leaning(-0.5 * t, top),
                                 leaning(-0.5 * t, floor),
                                 leaning(0.5 * t, floor),
                                 leaning(0.5 * t, top),
                                 {back, top},
                                 {back, 0}},
                                pens::outline, Fill::material));
        drawing.add(closed_path({leaning(-0.5 * t, floor + design.saddle.under_mm),
                                 leaning(-0.5 * t, height - round),
                                 {crown, height},
                                 leaning(0.5 * t, height - round),
                                 leaning(0.5 * t, floor + design.saddle.under_mm)},
                                pens::thin, Fill::paper));
        if (!options.part_alone)
            for (const double limit : {bridge.height_min_mm, bridge.height_max_mm})
                drawing.add(
                    line_path(Layer::scribe, {front - 3.0, limit}, {front - 0.5, limit}, pens::faint));
        if (!options.part_alone && bridge.existing && bridge.existing->height_mm)
            drawing.add(line_path(Layer::scribe, {front, *bridge.existing->height_mm},
                                  {back, *bridge.existing->height_mm}, pens::hidden));
    }
    if (bridge.anchor == Anchor::pins) {
        const double pin = string.bridge->exit_x_mm + 0.5 * bridge.pins.hole_mm - slot_x;
        const double r = 0.5 * bridge.pins.hole_mm;
        for (const double x : {pin - r, pin + r})
            drawing.add(line_path(Layer::scribe, {x, 0}, {x, string.bridge->bridge_height_mm.value_or(0.0)},
                                  pens::hidden));
    }
    if (!options.part_alone)
        drawing.add(line_path(Layer::scribe, {from, bridge.plane_above_top_mm},
                              {crown, bridge.plane_above_top_mm}, pens::scribe_hidden));
    const double r = 0.5 * design.strings[i].diameter_mm;
    const double end = std::min(string.bridge->exit_x_mm - slot_x, to);
    Path way;
    way.layer = Layer::text;
    way.stroke = {2 * r, Ink::chosen, LineStyle::solid};
    way.vertices = {{{from, height + r - tangent_deg(string.bridge->slope_before_deg) * (crown - from)}},
                    {{crown, height + r}},
                    {{end, height + r - tangent_deg(string.bridge->slope_behind_deg) * (end - crown)}}};
    drawing.add(way);
    return drawing;
}

Drawing placing_board(const Design& design, const Solution& solution, const BridgeViewOptions& options,
                      double stretch) {
    Drawing drawing;
    const double sign = (options.mirrored ? -1.0 : 1.0) * stretch;
    const Neck neck(design.neck);
    const StringLine& bass = solution.strings.front().line;
    const StringLine& treble = solution.strings.back().line;
    const bool single = solution.strings.size() == 1;
    const double end_mm = neck.fret_x_mm(neck.frets(), neck.mean_scale_mm());
    constexpr double past_mm = 4; // the board goes on past its last fret
    // A line across the board, through both outer strings and on to the edges.
    const auto across = [&](double share, double more) {
        const double bass_x = bass.plan_x_mm(share * bass.scale_mm) + more;
        const double treble_x = treble.plan_x_mm(share * treble.scale_mm) + more;
        const double bass_y = bass.y_mm(share * bass.scale_mm);
        const double run = treble.y_mm(share * treble.scale_mm) - bass_y;
        const double slant = single || run == 0.0 ? 0.0 : (treble_x - bass_x) / run;
        const double half = neck.half_width_mm(share * neck.mean_scale_mm() + more);
        const auto on = [&](double y) { return Point{bass_x + slant * (y - bass_y), sign * y}; };
        return std::pair{on(-half), on(half)};
    };
    const auto share_of = [&](int fret) {
        return neck.fret_x_mm(fret, neck.mean_scale_mm()) / neck.mean_scale_mm();
    };
    const auto nut = across(0.0, 0.0);
    const auto last = across(end_mm / neck.mean_scale_mm(), past_mm);
    drawing.add(closed_path({nut.first, last.first, last.second, nut.second}, pens::outline, Fill::material));
    for (int n = 1; n <= neck.frets(); ++n) {
        const auto [low, high] = across(share_of(n), 0.0);
        drawing.add(line_path(Layer::scribe, low, high, n == 12 ? pens::heavy : pens::faint));
    }
    const auto plan = [sign](const PlanPoint& p) { return Point{p.x_mm, sign * p.y_mm}; };
    if (design.has_slot()) {
        std::vector<Point> slot;
        for (const PlanPoint& p : slot_corners(design, solution)) slot.push_back(plan(p));
        Path slot_path = closed_path(slot, pens::thin, Fill::paper);
        slot_path.layer = Layer::slot;
        drawing.add(slot_path);
    } else {
        for (Path& path : saddle_paths(design, solution, plan)) drawing.add(std::move(path));
    }
    const double far = solution.straight_saddle.slot_x_at_centre_mm + 8.0;
    drawing.add(line_path(Layer::centre, {-4.0, 0}, {far, 0}, pens::centre));
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const bool outer = i == 0 || i + 1 == solution.strings.size();
        const StringLine& line = solution.strings[i].line;
        drawing.add(line_path(Layer::text, {line.plan_x_mm(line.set_forward_mm), sign * line.nut_y_mm},
                              {line.plan_x_mm(line.saddle_x_mm), sign * line.saddle_y_mm},
                              {0.2, outer ? Ink::chosen : Ink::faint, LineStyle::solid}));
    }
    return drawing;
}

} // namespace fm
