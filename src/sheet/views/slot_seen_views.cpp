#include "sheet/views/slot_seen_views.h"

#include "sheet/drawing/pens.h"

#include <cmath>
#include <numbers>

namespace fm {

namespace {

constexpr Stroke edge_pen{0.5, Ink::line, LineStyle::solid};
constexpr Stroke string_pen{1.0, Ink::chosen, LineStyle::solid};

class Picture {
public:
    Drawing drawn(SlotFound what) {
        switch (what) {
        case SlotFound::binds:
            slot(3.6, 6.0, Fill::none);
            string_across(20.0);
            arrow({20, 18}, {26, 18});
            arrow({40, 18}, {34, 18});
            break;
        case SlotFound::wiggles:
            slot(9.0, 6.0, Fill::none);
            string_across(11.0);
            arrow({24.5, 11}, {21.5, 11});
            arrow({35.5, 11}, {38.5, 11});
            break;
        case SlotFound::filled:
            slot(5.4, 6.0, Fill::missing);
            string_across(17.0);
            break;
        case SlotFound::floor_flat:
            along({{18, 15}, {42, 15}});
            string_along({{0, 7}, {18, 15}, {42, 15}, {60, 15}});
            break;
        case SlotFound::floor_forward:
            along({{18, 18}, {42, 12}});
            string_along({{0, 10}, {18, 18}, {60, 15}});
            break;
        case SlotFound::front_untouched:
            along({{18, 10}, {30, 16}, {42, 11}});
            string_along({{0, 4}, {30, 16}, {60, 15}});
            break;
        case SlotFound::fine:
            slot(5.4, 8.0, Fill::none);
            string_across(13.0);
            break;
        }
        return std::move(drawing_);
    }

private:
    static constexpr double radius = 4.6;

    /// The nut from the front with a slot half as wide as said, its floor round.
    void slot(double half, double floor, Fill within) {
        constexpr double top = 20.0;
        std::vector<Point> around{{6, 1}, {54, 1}, {54, top}, {30 + half, top}};
        std::vector<Point> inside{{30 + half, 17}};
        for (int step = 0; step <= 8; ++step) {
            const double angle = -std::numbers::pi * step / 8;
            const Point at{30 + half * std::cos(angle), floor + half + half * std::sin(angle)};
            around.push_back(at);
            if (at.y <= 12.6) inside.push_back(at);
        }
        around.push_back({30 - half, top});
        around.push_back({6, top});
        drawing_.add(closed_path(around, edge_pen, Fill::material));
        if (within == Fill::none) return;
        inside.front() = {30 + half, 12.4};
        inside.push_back({30 - half, 12.4});
        drawing_.add(closed_path(inside, edge_pen, within));
    }

    /// The nut cut along the string: its floor from head to front, the board behind its face.
    void along(const std::vector<Point>& floor) {
        std::vector<Point> around{{18, 1}};
        around.insert(around.end(), floor.begin(), floor.end());
        around.push_back({42, 1});
        drawing_.add(closed_path(around, edge_pen, Fill::material));
        drawing_.add(closed_path({{43, 1}, {60, 1}, {60, 7}, {43, 7}}, edge_pen, Fill::material));
    }

    void string_across(double y) {
        Circle circle;
        circle.layer = Layer::text;
        circle.centre = {30, y};
        circle.radius = radius;
        circle.stroke = edge_pen;
        circle.fill = Fill::ink;
        drawing_.add(circle);
    }

    void string_along(const std::vector<Point>& points) {
        Path path;
        path.layer = Layer::text;
        path.stroke = string_pen;
        for (const Point& point : points) path.vertices.push_back({{point.x, point.y + 0.6}});
        drawing_.add(std::move(path));
    }

    void arrow(Point from, Point to) {
        const double back = to.x > from.x ? -2.0 : 2.0;
        constexpr Stroke pen{0.8, Ink::take_off, LineStyle::solid};
        drawing_.add(line_path(Layer::text, from, to, pen));
        drawing_.add(line_path(Layer::text, to, {to.x + back, to.y + 1.6}, pen));
        drawing_.add(line_path(Layer::text, to, {to.x + back, to.y - 1.6}, pen));
    }

    Drawing drawing_{60, 30, {}, {}, {}};
};

} // namespace

Drawing slot_seen_picture(SlotFound what) {
    return Picture().drawn(what);
}

} // namespace fm
