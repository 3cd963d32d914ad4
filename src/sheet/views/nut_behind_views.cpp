#include "sheet/views/nut_behind_views.h"
#include "sheet/drawing/pens.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

constexpr double head_drawn_mm = 55; // where no posts are known
constexpr double post_radius_mm = 3;
constexpr double board_drawn_mm = 22;

double front_x_mm(const StringSolution& string) {
    return string.line.set_forward_mm;
}

} // namespace

double behind_reach_mm(const Design& design) {
    double reach = design.nut.posts.empty() ? head_drawn_mm : 0.0;
    for (const Post& post : design.nut.posts) reach = std::max(reach, post.behind_mm);
    return reach + 2 * post_radius_mm;
}

double behind_half_mm(const Design& design, const Solution& solution) {
    double half = 0.5 * design.neck.nut_width_mm;
    for (const StringSolution& string : solution.strings)
        half = std::max(half, std::abs(string.line.nut_y_mm));
    for (const Post& post : design.nut.posts)
        half = std::max(half, std::abs(post.across_mm) + post_radius_mm);
    return half;
}

Drawing nut_behind_side(const Design& design, const Solution& solution, std::size_t chosen) {
    Drawing drawing;
    const StringSolution& string = solution.strings[chosen];
    const NutDesign& nut = design.nut;
    const double front = front_x_mm(string);
    const double back = front - nut.thickness_mm;
    const double contact = string.nut_z_over_fret_line_mm;
    const double seat = contact - string.slot.floor_above_seat_mm;
    const double fall = nut.seat == Seat::angled
                            ? nut.thickness_mm * std::tan(nut.headstock_angle_deg * std::numbers::pi / 180.0)
                            : 0.0;
    const double board = seat + string.slot.board_above_seat_mm;
    const double top = seat + string.slot.made_top_above_seat_mm;
    const double floor = seat + string.slot.floor_above_seat_mm;
    const double tops = contact - string.above_fret_line_mm; // lower at the edge of a curved board
    drawing.add(line_path(Layer::centre, {back - 10.0, tops}, {board_drawn_mm, tops}, pens::plane));
    drawing.add(closed_path(
        {{front, board}, {board_drawn_mm, board}, {board_drawn_mm, seat - 4.0}, {front, seat - 4.0}},
        pens::outline, Fill::none));
    drawing.add(closed_path({{front, seat}, {back, seat - fall}, {back, top}, {front, top}}, pens::outline,
                            Fill::material));
    const Point leaves{back, floor - string.slot.floor_back_drop_mm};
    drawing.add(line_path(Layer::cut, {front, floor}, leaves, pens::yours));
    Path way;
    way.layer = Layer::text;
    way.stroke = {std::max(0.3, 0.5 * design.strings[chosen].diameter_mm), Ink::chosen, LineStyle::solid};
    const double rise = (string.ends.saddle_z_mm - string.ends.nut_z_mm) /
                        (string.line.saddle_x_mm - string.line.set_forward_mm);
    way.vertices.push_back({{board_drawn_mm, contact + rise * (board_drawn_mm - front)}});
    way.vertices.push_back({{front, contact}});
    if (nut.posts.empty()) {
        const double slope = std::tan(nut.headstock_angle_deg * std::numbers::pi / 180.0);
        way.vertices.push_back({{-head_drawn_mm, contact - slope * (head_drawn_mm + front)}});
    } else {
        const Post& post = nut.posts[chosen];
        const Point end{front - post.behind_mm, -post.below_mm};
        way.vertices.push_back({end});
        drawing.add(closed_path({{end.x - post_radius_mm, end.y - 7.0},
                                 {end.x + post_radius_mm, end.y - 7.0},
                                 {end.x + post_radius_mm, end.y + 4.0},
                                 {end.x - post_radius_mm, end.y + 4.0}},
                                pens::outline, Fill::paper));
    }
    drawing.add(way);
    return drawing;
}

Drawing nut_behind_plan(const Design& design, const Solution& solution, std::size_t chosen, bool mirrored) {
    Drawing drawing;
    const double side = mirrored ? -1.0 : 1.0;
    const double half = 0.5 * design.neck.nut_width_mm;
    const double slant = std::tan(solution.nut_angle_deg * std::numbers::pi / 180.0);
    const auto on_front = [&](double y) {
        double forward = 0;
        double nearest = 1e9;
        for (const StringSolution& string : solution.strings) { // a stepped front: that of the nearest string
            const double away = std::abs(string.line.nut_y_mm - y);
            if (away >= nearest) continue;
            nearest = away;
            forward = front_x_mm(string);
        }
        return Point{forward + slant * y, side * y};
    };
    std::vector<Point> front{on_front(-half)};
    for (std::size_t i = 0; i + 1 < solution.strings.size(); ++i) { // steps stand between the strings
        const double y = 0.5 * (solution.strings[i].line.nut_y_mm + solution.strings[i + 1].line.nut_y_mm);
        front.push_back(on_front(y - 1e-6));
        front.push_back(on_front(y + 1e-6));
    }
    front.push_back(on_front(half));
    std::vector<Point> nut = front;
    nut.push_back({slant * half - design.nut.thickness_mm, side * half});
    nut.push_back({-slant * half - design.nut.thickness_mm, -side * half});
    drawing.add(closed_path({{slant * half, side * half},
                             {board_drawn_mm, side * half},
                             {board_drawn_mm, -side * half},
                             {-slant * half, -side * half}},
                            pens::outline, Fill::none));
    drawing.add(closed_path(nut, pens::outline, Fill::material));
    const double wide = behind_half_mm(design, solution);
    drawing.add(line_path(Layer::centre, {0, -wide}, {0, wide}, pens::plane));
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const StringSolution& string = solution.strings[i];
        const Point at{front_x_mm(string) + slant * string.line.nut_y_mm, side * string.line.nut_y_mm};
        const Stroke stroke{std::max(0.3, 0.5 * design.strings[i].diameter_mm),
                            i == chosen ? Ink::chosen : Ink::faint, LineStyle::solid};
        const double spread = (string.line.saddle_y_mm - string.line.nut_y_mm) / string.line.scale_mm;
        drawing.add(
            line_path(Layer::text, {board_drawn_mm, at.y + side * spread * board_drawn_mm}, at, stroke));
        if (design.nut.posts.empty()) {
            drawing.add(line_path(Layer::text, at, {-head_drawn_mm, at.y}, stroke));
            continue;
        }
        const Post& post = design.nut.posts[i];
        Circle turned;
        turned.layer = Layer::text;
        turned.centre = {at.x - post.behind_mm, side * post.across_mm};
        turned.radius = post_radius_mm;
        turned.stroke = i == chosen ? pens::outline : pens::faint;
        turned.fill = Fill::paper;
        drawing.add(line_path(Layer::text, at, turned.centre, stroke));
        drawing.add(turned);
    }
    return drawing;
}

} // namespace fm
