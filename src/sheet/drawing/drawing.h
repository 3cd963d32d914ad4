#pragma once
// A drawing as a description in mm, x to the right, y up. Screen, PDF, SVG and DXF each draw the same one.
#include <optional>
#include <string>
#include <variant>
#include <vector>

namespace fm {

struct Point {
    double x = 0;
    double y = 0;
};

/// One for every operation: the outline, its slots, its holes, the way of a cutter's middle, lines that are
/// only marked, centre lines; and what is not worked at all.
enum class Layer { cut, slot, hole, tool, scribe, centre, dimension, text };

/// What a line or an area means; each sink and theme has its own look for it.
enum class Ink { line, faint, take_off, yours, missing, chosen };
enum class LineStyle { solid, hidden, centre };
enum class Fill { none, material, waste, missing, string, chosen_string, ink, paper };

struct Stroke {
    double width_mm = 0.35;
    Ink ink = Ink::line;
    LineStyle style = LineStyle::solid;
};

/// A vertex; the piece to the next one bulges: 0 straight, tan of a quarter of the arc's angle, positive to
/// the left.
struct Vertex {
    Point at;
    double bulge = 0;
};

struct Path {
    Layer layer = Layer::cut;
    std::vector<Vertex> vertices;
    bool closed = false;
    Stroke stroke;
    Fill fill = Fill::none;
    bool outlined = true;
    double wide_mm = 0; ///< of what a centre line stands for; files say it, paper does not
};

struct Circle {
    Layer layer = Layer::cut;
    Point centre;
    double radius = 0;
    Stroke stroke;
    Fill fill = Fill::none;
};

enum class TextAnchor { left, middle, right };

/// Text on its baseline.
struct Text {
    Layer layer = Layer::text;
    Point at;
    std::string text; ///< UTF-8
    double em_mm = 3;
    TextAnchor anchor = TextAnchor::left;
    bool bold = false;
    bool upright = false; ///< turned to read from the right
    Ink ink = Ink::line;
};

/// A dimension along x or y between two points, its line at a given place, the text over it.
struct LinearDimension {
    Point from;
    Point to;
    bool vertical = false;
    double line_at = 0; ///< y of the dimension line, x if vertical
    std::string text;
    double measured = 0; ///< what it says, in true mm
    double em_mm = 2.6;
};

/// The distance of a feature from a datum, along x or y, written at the end of a leader: heights lying,
/// distances along x upright.
struct OrdinateDimension {
    Point datum;
    Point feature;
    Point end; ///< of the leader, where the text stands
    bool of_height = false;
    std::string text;
    double measured = 0;
    double em_mm = 2.5;
    std::optional<double> line_at = {}; ///< of a running dimension: where its line crosses the leader
    bool tight = false;                 ///< no room for an arrow there: a stroke
};

using Item = std::variant<Path, Circle, Text, LinearDimension, OrdinateDimension>;

struct Drawing {
    double width = 0;
    double height = 0;
    std::string title;
    Point origin; ///< the part's datum on the page; DXF counts from there
    std::vector<Item> items;
    std::string author = {}; ///< whose work a file says it is; "": not said

    void add(Item item) { items.push_back(std::move(item)); }
    /// Adds another drawing, scaled and moved; text and line widths keep their size.
    void place(const Drawing& other, double scale, Point to);
};

Path line_path(Layer layer, Point a, Point b, Stroke stroke = {});
Path rectangle_path(Layer layer, Point low, Point high, Stroke stroke = {}, Fill fill = Fill::none);

/// An area with its outline.
Path closed_path(const std::vector<Point>& points, Stroke stroke, Fill fill);

/// A dimension as the lines, arrows and text it is drawn with.
std::vector<Item> drawn(const LinearDimension& dimension);
std::vector<Item> drawn(const OrdinateDimension& dimension);
/// The line of running dimensions with the mark of their origin, from `low` to `high` along it.
std::vector<Item> running_line(Point origin, double low, double high, bool vertical);

} // namespace fm
