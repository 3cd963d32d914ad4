// A strip along the instrument in true size, as long as it needs, page after page with matching marks.
#include "core/solution/bridge_outline.h"
#include "sheet/drawing/pens.h"
#include "sheet/pages/part_sheets.h"
#include "sheet/views/bridge_views.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double em = SheetPage::small_em;
constexpr double overlap_mm = 24;    // what two pages share
constexpr double before_nut_mm = 8;  // the strip begins this far before the nut line
constexpr double past_end_mm = 8;    // and ends this far behind the last thing on it
constexpr double under_strip_mm = 8; // for the frets' numbers

/// The piece of a straight line within a rectangle, if there is any (Liang and Barsky's clipping).
std::optional<std::pair<Point, Point>> clipped(Point a, Point b, Point low, Point high) {
    double from = 0;
    double to = 1;
    const double dx = b.x - a.x;
    const double dy = b.y - a.y;
    for (const auto& [p, q] : {std::pair{-dx, a.x - low.x}, std::pair{dx, high.x - a.x},
                               std::pair{-dy, a.y - low.y}, std::pair{dy, high.y - a.y}}) {
        if (p == 0 && q < 0) return {};
        if (p < 0) from = std::max(from, q / p);
        if (p > 0) to = std::min(to, q / p);
    }
    if (from >= to) return {};
    return std::pair{Point{a.x + from * dx, a.y + from * dy}, Point{a.x + to * dx, a.y + to * dy}};
}

bool within(Point p, Point low, Point high) {
    return p.x >= low.x && p.x <= high.x && p.y >= low.y && p.y <= high.y;
}

/// A drawing of straight paths and circles, cut to a rectangle. Paths wholly within stay whole.
Drawing clipped(const Drawing& drawing, Point low, Point high) {
    Drawing out;
    for (const Item& item : drawing.items) {
        if (const auto* circle = std::get_if<Circle>(&item)) {
            if (within(circle->centre, low, high)) out.add(*circle);
            continue;
        }
        const Path& path = std::get<Path>(item);
        if (std::all_of(path.vertices.begin(), path.vertices.end(),
                        [&](const Vertex& v) { return within(v.at, low, high); })) {
            out.add(path);
            continue;
        }
        const std::size_t pieces = path.vertices.size() - (path.closed ? 0 : 1);
        for (std::size_t i = 0; i < pieces; ++i)
            if (const auto piece =
                    clipped(path.vertices[i].at, path.vertices[(i + 1) % path.vertices.size()].at, low, high))
                out.add(line_path(path.layer, piece->first, piece->second, path.stroke));
    }
    return out;
}

/// What is on the strip: board, frets, strings, slot and pins, x along from the nut line.
Drawing strip_drawing(const SheetContext& context) {
    BridgeViewOptions options;
    options.mirrored = context.job.left_handed;
    Drawing strip = placing_board(context.job.design, context.solution, options, 1.0);
    for (Item& item : strip.items) // the board is there already
        if (Path* path = std::get_if<Path>(&item); path && path->layer == Layer::cut)
            path->layer = Layer::scribe;
    if (!context.solution.bridge) return strip;
    const double sign = context.job.left_handed ? -1.0 : 1.0;
    for (const PlanPoint& pin : context.solution.bridge->pins) {
        Circle hole;
        hole.layer = Layer::hole;
        hole.centre = {pin.x_mm, sign * pin.y_mm};
        hole.radius = 0.5 * context.job.design.bridge->pins.hole_mm;
        hole.stroke = pens::thin;
        strip.add(hole);
    }
    return strip;
}

/// The bridge's outline as it comes to stand on the strip, where it is known.
std::optional<Path> outline_on_strip(const SheetContext& context) {
    const Design& design = context.job.design;
    if (!design.bridge || !design.bridge->outline) return std::nullopt;
    const double sign = context.job.left_handed ? -1.0 : 1.0;
    Path outline;
    outline.layer = Layer::scribe;
    outline.stroke = pens::fine;
    outline.closed = true;
    for (const PlanPoint& p : outline_points(*design.bridge->outline, context.solution))
        outline.vertices.push_back({{p.x_mm, sign * p.y_mm}});
    return outline;
}

/// A place along the strip that is given as a figure.
struct Landmark {
    double x_mm;
    double y_mm;
    std::string name;
    std::string words;
};

std::vector<Landmark> landmarks(const SheetContext& context) {
    const Design& design = context.job.design;
    const Solution& solution = context.solution;
    const Neck neck(design.neck);
    const double up = context.job.left_handed ? -1.0 : 1.0;
    const StringLine& upper =
        context.job.left_handed ? solution.strings.front().line : solution.strings.back().line;
    std::vector<Landmark> out;
    const auto on_upper = [&](double x_mm) { return Point{upper.plan_x_mm(x_mm), up * upper.y_mm(x_mm)}; };
    if (upper.set_forward_mm > 0) {
        const Point front = on_upper(upper.set_forward_mm);
        out.push_back({front.x, front.y, "nut_front", translate("sheet", "nut's front")});
    }
    const Point fret12 = on_upper(neck.fret_x_mm(12, upper.scale_mm));
    out.push_back({fret12.x, fret12.y, "fret12", translate("sheet", "fret 12")});
    if (design.bridge && design.bridge->outline)
        out.push_back({front_edge_mm(*design.bridge->outline, solution), 1e9, "bridge_front",
                       translate("sheet", "bridge's front edge")});
    if (solution.placing.by == PlacedBy::slot_front) {
        const Point crown = on_upper(upper.saddle_x_mm);
        out.push_back({crown.x, crown.y, "crown", translate("sheet", "crown")});
        const std::vector<PlanPoint> corners = slot_corners(design, solution);
        const auto front = std::max_element(
            corners.begin(), corners.begin() + 2,
            [up](const PlanPoint& a, const PlanPoint& b) { return up * a.y_mm < up * b.y_mm; });
        out.push_back({front->x_mm, up * front->y_mm, "slot_front", translate("sheet", "slot's front edge")});
    } else if (solution.placing.by == PlacedBy::edge) {
        const double y = upper.saddle_y_mm;
        out.push_back({solution.single->edge->x_mm(y), up * y, "edge", translate("sheet", "reference edge")});
    } else {
        const double y = upper.saddle_y_mm;
        out.push_back({solution.straight_saddle.slot_x_mm(y), up * y, "crown_line",
                       translate("sheet", "crowns' line")});
    }
    if (design.bridge && design.bridge->stands == BridgeStands::posts && design.saddle.screws_across_mm) {
        const EdgeMargins& posts = *design.saddle.screws_across_mm;
        const double y = context.job.left_handed ? posts.bass_mm : posts.treble_mm;
        out.push_back({solution.straight_saddle.slot_x_mm(y), up * y, "post", translate("sheet", "post")});
    }
    if (solution.bridge && !solution.bridge->pins.empty()) {
        const PlanPoint& pin =
            context.job.left_handed ? solution.bridge->pins.front() : solution.bridge->pins.back();
        out.push_back({pin.x_mm, up * pin.y_mm, "pin", translate("sheet", "pin")});
    }
    return out;
}

std::string marks_words(PlacedBy by) {
    switch (by) {
    case PlacedBy::edge:
        return translate("sheet", "Along the outer strings, nut's front to the edge the saddles are set "
                                  "from: bass %1, treble %2.");
    case PlacedBy::crown_line:
        return translate(
            "sheet", "Along the outer strings, nut's front to the line of the crowns: bass %1, treble %2.");
    case PlacedBy::slot_front: break;
    }
    return translate("sheet",
                     "Along the outer strings, nut's front to the slot's front edge: bass %1, treble %2.");
}

class Tile {
public:
    Tile(const SheetContext& context, const Drawing& strip, double from, double to, int tile, int tiles,
         double half)
        : page_(context, {"placing"},
                with_values(translate("sheet", "Placing strip %1 of %2"), std::to_string(tile + 1),
                            std::to_string(tiles)),
                facts(context, half), scale_text(1.0), true),
          from_(from), to_(to), tile_(tile), tiles_(tiles) {
        const double over_strip_mm = SheetPage::longest(marks()) + 12.0;
        const double room = page_.y() - page_.bottom() - over_strip_mm - under_strip_mm - 12.0;
        half_ = std::min(half, 0.5 * room);
        const double y = page_.y() - over_strip_mm - half_;
        origin_ = {page_.left() - from_, y};
        page_.page().origin = origin_;
        page_.page().place(clipped(strip, {from_, -half_}, {to_, half_}), 1.0, origin_);
    }

    Sheet drawn() {
        page_.page().add(rectangle_path(Layer::text, {on(from_), origin_.y - half_},
                                        {on(to_), origin_.y + half_}, pens::faint));
        if (tile_ > 0) match(from_ + 0.5 * overlap_mm, tile_ - 1);
        if (tile_ + 1 < tiles_) match(to_ - 0.5 * overlap_mm, tile_);
        figures();
        frets();
        words();
        return {page_.finished(), page_.figures()};
    }

private:
    static std::vector<std::string> facts(const SheetContext& context, double half) {
        const auto number = [&](double mm) {
            return sheet_number(mm, context.job.unit == Unit::thou ? Unit::in : context.job.unit);
        };
        return {translate("sheet", "seen from the front, head to the left"),
                with_values(translate("sheet", "%1 to either side of the centreline"), number(half)),
                context.job.left_handed ? translate("sheet", "left-handed")
                                        : translate("sheet", "right-handed")};
    }
    double on(double x_mm) const { return origin_.x + x_mm; }

    /// A mark that stands on both pages: laid over one another they are one strip.
    void match(double x_mm, int which) {
        const std::string letter(1, static_cast<char>('A' + which));
        for (const double side : {-1.0, 1.0}) {
            const Point at{on(x_mm), origin_.y + side * half_};
            page_.page().add(line_path(Layer::scribe, at, {at.x, at.y - side * 0.5 * half_}, pens::hidden));
            page_.page().add(line_path(Layer::scribe, {at.x - 2.0, at.y - side * 3.0},
                                       {at.x + 2.0, at.y - side * 3.0}, pens::thin));
        }
        page_.text(on(x_mm), origin_.y - half_ - 4.0, letter, SheetPage::body_em, TextAnchor::middle, true);
    }

    /// The landmarks of this piece, each at its place.
    std::vector<Ordinate> marks() {
        std::vector<Ordinate> values;
        for (const Landmark& mark : landmarks(page_.context()))
            if (mark.x_mm >= from_ && mark.x_mm <= to_)
                values.push_back({on(mark.x_mm), origin_.y + std::min(mark.y_mm, half_),
                                  page_.figure("placing." + mark.name, mark.x_mm) + " " + mark.words,
                                  mark.x_mm});
        return values;
    }

    void figures() {
        const std::vector<Ordinate> values = marks();
        if (!values.empty()) page_.ordinates_along(values, {on(0.0), origin_.y}, origin_.y + half_ + 6.0);
    }

    void frets() {
        const Neck neck(page_.design().neck);
        const StringLine& lower = page_.job().left_handed ? page_.solution().strings.back().line
                                                          : page_.solution().strings.front().line;
        double last = -1e9;
        for (int fret = 0; fret <= neck.frets(); ++fret) {
            const double x = lower.plan_x_mm(neck.fret_x_mm(fret, lower.scale_mm));
            if (x < from_ || x > to_ || on(x) - last < 5.0) continue;
            const bool is_by_mark = (tile_ > 0 && std::abs(x - from_ - 0.5 * overlap_mm) < 4.0) ||
                                    (tile_ + 1 < tiles_ && std::abs(x - to_ + 0.5 * overlap_mm) < 4.0);
            if (is_by_mark) continue;
            last = on(x);
            page_.text(on(x), origin_.y - half_ - 3.0, std::to_string(fret), em, TextAnchor::middle);
        }
    }

    void words() {
        page_.go_to(origin_.y - half_ - under_strip_mm);
        if (tiles_ > 1)
            page_.paragraph(translate(
                "sheet",
                "Cut along one frame and lay the marks with the same letter on one another. Then measure "
                "from the nut's front on the joined strip: it must be what is written here."));
        const Placing& place = page_.solution().placing;
        page_.paragraph(
            with_values(marks_words(place.by), page_.figure("placing.nut_bass", place.bass.from_nut_mm),
                        page_.figure("placing.nut_treble", place.treble.from_nut_mm)) +
            " " +
            with_values(translate("sheet", "Fret 12 to the same: bass %1, treble %2."),
                        page_.figure("placing.12_bass", place.bass.from_fret12_mm),
                        page_.figure("placing.12_treble", place.treble.from_fret12_mm)) +
            " " +
            with_values(translate("sheet", "Diagonals, from fret 12 at the bass string %1, at the "
                                           "treble string %2."),
                        page_.figure("placing.diagonal_bass", place.diagonal_from_bass_mm),
                        page_.figure("placing.diagonal_treble", place.diagonal_from_treble_mm)));
    }

    SheetPage page_;
    double from_;
    double to_;
    int tile_;
    int tiles_;
    double half_ = 0;
    Point origin_;
};

} // namespace

std::vector<Sheet> placing_sheets(const SheetContext& context) {
    Drawing strip = strip_drawing(context);
    double end = 0;
    double half = 0;
    for (const Item& item : strip.items) {
        if (const auto* circle = std::get_if<Circle>(&item)) end = std::max(end, circle->centre.x + 3.0);
        if (const auto* path = std::get_if<Path>(&item); path && path->layer != Layer::centre)
            for (const Vertex& v : path->vertices) {
                end = std::max(end, v.at.x);
                half = std::max(half, std::abs(v.at.y));
            }
    }
    if (const auto outline =
            outline_on_strip(context)) { // wings wider than the strip are cut off at its edges
        for (const Vertex& v : outline->vertices) end = std::max(end, v.at.x);
        strip.add(*outline);
    }
    double begin = 0;
    for (const StringSolution& string : context.solution.strings)
        begin = std::min(begin, string.line.plan_start_mm);
    begin -= before_nut_mm;
    end += past_end_mm;
    const double room = paper_height_mm(context.style.paper) - 2.0 * SheetPage::margin_mm;
    const int tiles =
        1 + static_cast<int>(std::ceil(std::max(0.0, end - begin - room) / (room - overlap_mm)));
    std::vector<Sheet> sheets;
    for (int tile = 0; tile < tiles; ++tile) {
        const double from = begin + tile * (room - overlap_mm);
        sheets.push_back(
            Tile(context, strip, from, std::min(end, from + room), tile, tiles, half + 3.0).drawn());
    }
    return sheets;
}

} // namespace fm
