#include "sheet/drawing/drawing.h"
#include "sheet/drawing/pens.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double arrow_mm = 1.8;
constexpr double past_mm = 0.8;   // an extension line goes this far past the dimension line
constexpr double clear_mm = 0.6;  // and starts this far from the part
constexpr double stroke_mm = 0.5; // half of a stroke where there is no room for an arrow
constexpr double origin_mm = 0.8; // the mark of an origin

Point moved(Point p, double scale, Point to) {
    return {p.x * scale + to.x, p.y * scale + to.y};
}

struct Placing {
    double scale;
    Point to;

    void operator()(Path& path) const {
        for (Vertex& vertex : path.vertices) vertex.at = moved(vertex.at, scale, to);
    }
    void operator()(Circle& circle) const {
        circle.centre = moved(circle.centre, scale, to);
        circle.radius *= scale;
    }
    void operator()(Text& text) const { text.at = moved(text.at, scale, to); }
    void operator()(LinearDimension& dimension) const {
        dimension.from = moved(dimension.from, scale, to);
        dimension.to = moved(dimension.to, scale, to);
        dimension.line_at = dimension.line_at * scale + (dimension.vertical ? to.x : to.y);
    }
    void operator()(OrdinateDimension& dimension) const {
        dimension.datum = moved(dimension.datum, scale, to);
        dimension.feature = moved(dimension.feature, scale, to);
        dimension.end = moved(dimension.end, scale, to);
        if (dimension.line_at)
            dimension.line_at = *dimension.line_at * scale + (dimension.of_height ? to.x : to.y);
    }
};

/// An arrow head with its tip at a point, pointing along (dx, dy).
Path arrow(Point tip, double dx, double dy) {
    const Point back{tip.x - arrow_mm * dx, tip.y - arrow_mm * dy};
    const double half = arrow_mm / 6.0;
    Path head;
    head.layer = Layer::dimension;
    head.vertices = {
        {tip}, {{back.x - half * dy, back.y + half * dx}}, {{back.x + half * dy, back.y - half * dx}}};
    head.closed = true;
    head.fill = Fill::ink;
    head.outlined = false;
    return head;
}

/// In the frame of a horizontal dimension; a vertical one swaps x and y.
Point swapped(Point p, bool vertical) {
    return vertical ? Point{p.y, p.x} : p;
}

} // namespace

void Drawing::place(const Drawing& other, double scale, Point to) {
    for (Item item : other.items) {
        std::visit(Placing{scale, to}, item);
        items.push_back(std::move(item));
    }
}

Path line_path(Layer layer, Point a, Point b, Stroke stroke) {
    Path path;
    path.layer = layer;
    path.vertices = {{a}, {b}};
    path.stroke = stroke;
    return path;
}

Path closed_path(const std::vector<Point>& points, Stroke stroke, Fill fill) {
    Path path;
    path.closed = true;
    path.stroke = stroke;
    path.fill = fill;
    for (const Point& p : points) path.vertices.push_back({p});
    return path;
}

Path rectangle_path(Layer layer, Point low, Point high, Stroke stroke, Fill fill) {
    Path path;
    path.layer = layer;
    path.vertices = {{low}, {{high.x, low.y}}, {high}, {{low.x, high.y}}};
    path.closed = true;
    path.stroke = stroke;
    path.fill = fill;
    return path;
}

std::vector<Item> drawn(const LinearDimension& dimension) {
    const bool vertical = dimension.vertical;
    const Point from = swapped(dimension.from, vertical);
    const Point to = swapped(dimension.to, vertical);
    const double low = std::min(from.x, to.x);
    const double high = std::max(from.x, to.x);
    const double at = dimension.line_at;
    const bool inside = high - low > 3.2 * arrow_mm;
    std::vector<Item> items;
    for (const Point& end : {from, to}) {
        const double away = at > end.y ? 1.0 : -1.0;
        items.emplace_back(line_path(Layer::dimension, swapped({end.x, end.y + away * clear_mm}, vertical),
                                     swapped({end.x, at + away * past_mm}, vertical), pens::fine));
    }
    const double reach = inside ? 0.0 : 2.2 * arrow_mm;
    items.emplace_back(line_path(Layer::dimension, swapped({low - reach, at}, vertical),
                                 swapped({high + reach, at}, vertical), pens::fine));
    const double way = inside ? -1.0 : 1.0;
    for (const auto& [x, sign] : {std::pair{low, way}, std::pair{high, -way}}) {
        const Point tip = swapped({x, at}, vertical);
        const Point direction = swapped({sign, 0.0}, vertical);
        items.emplace_back(arrow(tip, direction.x, direction.y));
    }
    Text text;
    text.layer = Layer::dimension;
    text.text = dimension.text;
    text.em_mm = dimension.em_mm;
    const double middle = 0.5 * (low + high);
    const double gap = 0.3 * dimension.em_mm;
    // Text lies in either case: beside a vertical dimension it stays clear of lines however short that is.
    text.anchor = vertical ? TextAnchor::left : TextAnchor::middle;
    text.at =
        vertical ? Point{at + past_mm + gap, middle - 0.375 * dimension.em_mm} : Point{middle, at + gap};
    items.emplace_back(std::move(text));
    return items;
}

std::vector<Item> drawn(const OrdinateDimension& dimension) {
    const bool height = dimension.of_height;
    // In the frame of a dimension along x; one of a height swaps x and y.
    const Point feature = swapped(dimension.feature, height);
    const Point end = swapped(dimension.end, height);
    const double away = end.y > feature.y ? 1.0 : -1.0;
    // Straight out of the part, past the line of a running dimension, aside to the label's place, then
    // straight to the label.
    const double third = (end.y - feature.y) / 3.0;
    const double straight = dimension.line_at ? *dimension.line_at + away * past_mm : feature.y + third;
    const double aside = dimension.line_at ? straight + 0.6 * (end.y - straight) : feature.y + 2.0 * third;
    Path leader;
    leader.layer = Layer::dimension;
    leader.stroke = pens::fine;
    for (const Point& p : {Point{feature.x, feature.y + away * clear_mm}, Point{feature.x, straight},
                           Point{end.x, aside}, end})
        leader.vertices.push_back({swapped(p, height)});
    std::vector<Item> items{leader};
    const double from = swapped(dimension.datum, height).x;
    if (dimension.line_at && from != feature.x) {
        const Point tip = swapped({feature.x, *dimension.line_at}, height);
        const Point direction = swapped({feature.x > from ? 1.0 : -1.0, 0.0}, height);
        if (dimension.tight)
            items.emplace_back(line_path(Layer::dimension, {tip.x - stroke_mm, tip.y - stroke_mm},
                                         {tip.x + stroke_mm, tip.y + stroke_mm}, pens::fine));
        else
            items.emplace_back(arrow(tip, direction.x, direction.y));
    }
    Text text;
    text.layer = Layer::dimension;
    text.text = dimension.text;
    text.em_mm = dimension.em_mm;
    text.upright = !height;
    text.anchor = away > 0 ? TextAnchor::left : TextAnchor::right;
    const double half_capital = 0.375 * dimension.em_mm;
    text.at = height ? Point{dimension.end.x + away * 0.8, dimension.end.y - half_capital}
                     : Point{dimension.end.x + half_capital, dimension.end.y + away * 0.8};
    items.emplace_back(std::move(text));
    return items;
}

std::vector<Item> running_line(Point at, double low, double high, bool vertical) {
    Circle mark;
    mark.layer = Layer::dimension;
    mark.centre = at;
    mark.radius = origin_mm;
    mark.stroke = pens::fine;
    std::vector<Item> items{mark};
    const Point origin = swapped(at, vertical);
    // Not through the mark.
    for (const auto& [from, to] :
         {std::pair{low, origin.x - origin_mm}, std::pair{origin.x + origin_mm, high}})
        if (from < to)
            items.emplace_back(line_path(Layer::dimension, swapped({from, origin.y}, vertical),
                                         swapped({to, origin.y}, vertical), pens::fine));
    return items;
}

} // namespace fm
