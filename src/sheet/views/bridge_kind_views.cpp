#include "sheet/views/bridge_kind_views.h"

#include "sheet/drawing/pens.h"

namespace fm {

namespace {

constexpr Stroke string_pen{0.9, Ink::chosen, LineStyle::solid};
constexpr Stroke edge_pen{0.5, Ink::line, LineStyle::solid};

class Picture {
public:
    Drawing drawn(BridgeKind kind) {
        switch (kind) {
        case BridgeKind::pinned:
            glued();
            area({{37, 2}, {38, 13}, {36, 15}, {42, 15}, {40, 13}, {41, 2}}, Fill::paper);
            string({{0, 20}, {26, 18.5}, {36.5, 12}, {37.5, 1}});
            break;
        case BridgeKind::tied:
            glued();
            area({{36, 12}, {36, 16}, {45, 16}, {45, 12}}, Fill::material);
            string({{0, 20}, {26, 18.5}, {36, 13}, {46, 13}, {46, 17}, {35, 17}, {35, 14}});
            break;
        case BridgeKind::through:
            glued();
            string({{0, 20}, {26, 18.5}, {36, 9}, {50, 9}});
            dot({50, 9}, 1.6);
            break;
        case BridgeKind::glued_tailpiece:
            glued();
            string({{0, 20}, {26, 18.5}, {57, 7}});
            area({{55, 4}, {55, 9}, {60, 9}, {60, 4}}, Fill::material);
            break;
        case BridgeKind::floating: {
            line({0, 4}, {60, 4});
            area({{10, 4},
                  {22, 4},
                  {26, 10},
                  {34, 10},
                  {38, 4},
                  {50, 4},
                  {48, 9},
                  {46, 19},
                  {30, 22},
                  {14, 19},
                  {12, 9}},
                 Fill::material);
            strings_over(16, 44, 20.0, 1.8);
            break;
        }
        case BridgeKind::floating_wheels:
            line({0, 4}, {60, 4});
            area({{8, 4}, {18, 4}, {22, 7}, {38, 7}, {42, 4}, {52, 4}, {50, 11}, {10, 11}}, Fill::material);
            for (const double x : {14.0, 46.0})
                area({{x - 4, 12}, {x + 4, 12}, {x + 4, 14}, {x - 4, 14}}, Fill::paper);
            area({{9, 15}, {51, 15}, {49, 19}, {30, 22}, {11, 19}}, Fill::material);
            strings_over(15, 45, 20.0, 1.8);
            break;
        case BridgeKind::plate: plate({{5}, {9}, {13}, {17}, {21}, {25}}, 1.5); break;
        case BridgeKind::plate_shared: plate({{5, 9}, {13, 17}, {21, 25}}, 1.7); break;
        case BridgeKind::posts:
            line({0, 4}, {60, 4});
            for (const double x : {11.0, 49.0})
                area({{x - 3, 1}, {x + 3, 1}, {x + 3, 13}, {x - 3, 13}}, Fill::paper);
            area({{5, 11}, {55, 11}, {55, 16}, {50, 19}, {30, 21}, {10, 19}, {5, 16}}, Fill::material);
            strings_over(17, 43, 19.6, 1.2);
            break;
        }
        return std::move(drawing_);
    }

private:
    void area(const std::vector<Point>& points, Fill fill) {
        drawing_.add(closed_path(points, edge_pen, fill));
    }
    void line(Point a, Point b) { drawing_.add(line_path(Layer::text, a, b, edge_pen)); }
    void string(const std::vector<Point>& points) {
        Path path;
        path.layer = Layer::text;
        path.stroke = string_pen;
        for (const Point& point : points) path.vertices.push_back({point});
        drawing_.add(std::move(path));
    }
    void dot(Point at, double radius) {
        Circle circle;
        circle.layer = Layer::text;
        circle.centre = at;
        circle.radius = radius;
        circle.stroke = edge_pen;
        circle.fill = Fill::ink;
        drawing_.add(circle);
    }
    /// The top, a glued bridge on it and the saddle in its slot, cut.
    void glued() {
        line({0, 4}, {60, 4});
        area({{12, 4}, {14, 10}, {20, 12}, {48, 12}, {52, 9}, {54, 4}}, Fill::material);
        area({{24, 6}, {24, 17}, {26, 18}, {28, 17}, {28, 6}}, Fill::paper);
    }
    /// Strings as they stand on a top that is curved, seen from the nut.
    void strings_over(double from, double to, double ends, double rise) {
        constexpr int strings = 4;
        for (int i = 0; i < strings; ++i) {
            const double share = static_cast<double>(i) / (strings - 1);
            dot({from + (to - from) * share, ends + 1.5 + rise * (1 - (2 * share - 1) * (2 * share - 1))},
                1.3);
        }
    }
    /// From above: the plate with the edge its saddles are set from, and each saddle under its strings.
    void plate(const std::vector<std::vector<double>>& saddles, double around) {
        area({{12, 1}, {50, 1}, {50, 29}, {12, 29}}, Fill::material);
        drawing_.add(line_path(Layer::text, {16, 1}, {16, 29}, pens::heavy));
        double place = 33;
        for (const std::vector<double>& strings : saddles) {
            place -= 1.4;
            area({{place - 4, strings.front() - around},
                  {place + 4, strings.front() - around},
                  {place + 4, strings.back() + around},
                  {place - 4, strings.back() + around}},
                 Fill::paper);
        }
        for (const std::vector<double>& of_saddle : saddles)
            for (const double y : of_saddle) string({{0, y}, {44, y}});
    }

    Drawing drawing_;
};

} // namespace

Drawing bridge_kind_picture(BridgeKind kind) {
    return Picture().drawn(kind);
}

} // namespace fm
