#include "sheet/machine/machine_part.h"
#include "sheet/drawing/pens.h"

#include "core/solution/bridge_outline.h"
#include "core/words/units.h"
#include "sheet/views/bridge_views.h"
#include "sheet/views/nut_views.h"
#include "sheet/views/saddle_views.h"
#include "sheet/words/sheet_words.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

constexpr double margin_mm = 10;  // around the part in its file
constexpr double over_top_mm = 1; // a slot's outline goes on over the top, so that nothing is left between

Path on_layer(Path path, Layer layer) {
    path.layer = layer;
    path.fill = Fill::none;
    path.outlined = true;
    path.stroke = layer == Layer::cut ? pens::outline : pens::fine;
    return path;
}

/// Walls, a round bottom of the slot's own width, and closed above the top.
MachineSlot round_slot(const std::string& name, double x, double floor, double top, double width) {
    const double r = 0.5 * width;
    const double rise = std::max(top + over_top_mm, floor + r + over_top_mm);
    MachineSlot slot{name, {}, {}, true};
    slot.outline.vertices = {
        {{x - r, rise}}, {{x - r, floor + r}, 1.0}, {{x + r, floor + r}}, {{x + r, rise}}};
    slot.outline.closed = true;
    slot.outline = on_layer(std::move(slot.outline), Layer::slot);
    slot.centre = line_path(Layer::centre, {x, rise}, {x, floor + r}, pens::fine);
    slot.centre.wide_mm = width;
    return slot;
}

/// The one closed area of a front view, and its lines to scribe.
void take_front(const Drawing& view, MachinePart& part) {
    for (const Item& item : view.items) {
        const Path* path = std::get_if<Path>(&item);
        if (!path) continue;
        if (path->layer == Layer::cut && path->closed) part.outline = on_layer(*path, Layer::cut);
        if (path->layer == Layer::scribe) part.marks.push_back(on_layer(*path, Layer::scribe));
    }
}

void make_nut(const Design& design, const Solution& solution, bool mirrored, MachinePart& part) {
    NutViewOptions options;
    options.mirrored = mirrored;
    options.strings = false;
    take_front(nut_front(design, solution, options), part);
    const double to_y = std::cos(solution.nut_angle_deg * std::numbers::pi / 180.0);
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const SlotWork& slot = solution.strings[i].slot;
        const double fall = seat_fall_mm(design.nut, slot.along_mm * to_y);
        part.slots.push_back(round_slot(design.string_name(i), (mirrored ? -1.0 : 1.0) * slot.along_mm,
                                        slot.floor_above_seat_mm - fall, slot.made_top_above_seat_mm - fall,
                                        slot.width_mm));
    }
}

/// Below the front, as a drawing in the first angle has it; a line up the front at every string.
void crowns_from_above(const Design& design, const Solution& solution, const SaddleViewOptions& options,
                       MachinePart& part) {
    constexpr double below_mm = 8;
    const double y = -below_mm - std::max(0.0, -saddle_plan_depth(design, solution).from_mm);
    Drawing above;
    above.place(saddle_plan(design, solution, options, 1.0), 1.0, {0.0, y});
    for (const Item& item : above.items)
        if (const Path* path = std::get_if<Path>(&item))
            part.picture.push_back(on_layer(*path, Layer::dimension));
    if (!solution.notches.empty()) return; // cut where the strings are
    const double sign = options.mirrored ? -1.0 : 1.0;
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const double x = sign * solution.strings[i].saddle_along_mm;
        part.marks.push_back(on_layer(
            line_path(Layer::scribe, {x, 0.0}, {x, saddle_height_mm(design, solution, i)}, pens::fine),
            Layer::scribe));
    }
}

void make_saddle(const Design& design, const Solution& solution, bool mirrored, MachinePart& part) {
    SaddleViewOptions options;
    options.mirrored = mirrored;
    take_front(saddle_front(design, solution, options), part);
    if (!solution.single) crowns_from_above(design, solution, options, part);
    for (std::size_t i = 0; i < solution.notches.size(); ++i) {
        const double floor = saddle_height_mm(design, solution, i);
        const Notch& notch = solution.notches[i];
        part.slots.push_back(round_slot(design.string_name(i),
                                        (mirrored ? -1.0 : 1.0) * solution.strings[i].saddle_along_mm, floor,
                                        floor + notch.depth_mm, notch.width_mm));
    }
}

void make_bridge(const Design& design, const Solution& solution, bool mirrored, MachinePart& part) {
    const double sign = mirrored ? -1.0 : 1.0;
    const double at = solution.straight_saddle.slot_x_at_centre_mm;
    const auto on = [&](const PlanPoint& p) { return Point{sign * p.y_mm, at - p.x_mm}; };
    const auto closed = [&](const std::vector<PlanPoint>& points, Layer layer) {
        Path path;
        path.closed = true;
        for (const PlanPoint& p : points) path.vertices.push_back({on(p)});
        return on_layer(std::move(path), layer);
    };
    part.outline = closed(outline_points(shown_outline(design, solution), solution), Layer::cut);
    if (design.has_slot()) {
        const std::vector<PlanPoint> corners = slot_corners(design, solution);
        MachineSlot slot{translate("sheet", "saddle's slot"),
                         on_layer(rounded_slot(design, solution, on), Layer::slot),
                         {},
                         false};
        const auto middle = [&](std::size_t a, std::size_t b) {
            return on({0.5 * (corners[a].x_mm + corners[b].x_mm), 0.5 * (corners[a].y_mm + corners[b].y_mm)});
        };
        slot.centre = line_path(Layer::centre, middle(0, 3), middle(1, 2), pens::fine);
        slot.centre.wide_mm = design.saddle.thickness_mm;
        part.slots.push_back(std::move(slot));
    }
    for (std::size_t i = 0; i < solution.bridge->pins.size(); ++i) {
        Circle hole;
        hole.layer = Layer::hole;
        hole.centre = on(solution.bridge->pins[i]);
        hole.radius = 0.5 * design.bridge->pins.hole_mm;
        hole.stroke = pens::fine;
        part.holes.push_back({design.string_name(i), hole});
    }
}

/// A circle as two half circles.
Path round_path(const Circle& circle) {
    Path path;
    path.closed = true;
    path.vertices = {{{circle.centre.x - circle.radius, circle.centre.y}, 1.0},
                     {{circle.centre.x + circle.radius, circle.centre.y}, 1.0}};
    return path;
}

/// A slot's outline as a cutter is led along it: out over an open top by its own radius.
Path lengthened(const MachineSlot& slot, double radius_mm) {
    Path outline = slot.outline;
    if (slot.is_open)
        for (Vertex* end : {&outline.vertices.front(), &outline.vertices.back()}) end->at.y += radius_mm;
    return outline;
}

class CutterWay {
public:
    CutterWay(MachineDrawing& out, double radius_mm, Unit unit)
        : out_(out), radius_mm_(radius_mm), unit_(unit) {}

    /// @param wide_mm of a slot across itself, however it lies
    void add(const CutterPaths& way, const std::string& name, std::optional<double> wide_mm = {}) {
        for (const Path& path : way.paths) out_.drawing.add(on_layer(path, Layer::tool));
        for (const Unreached& place : way.unreached) {
            out_.unreached.push_back(
                name + ": " +
                (place.is_whole ? with_values(translate("sheet", "%1 wide, a cutter of %2 does "
                                                                 "not get in"),
                                              length(wide_mm.value_or(place.wide_mm)), length(2 * radius_mm_))
                                : with_values(translate("sheet", "left standing at %1: %2"), at(place.at),
                                              length(place.wide_mm) + " × " + length(place.high_mm))));
            if (place.is_whole) out_.closed.push_back(out_.unreached.back());
        }
    }

private:
    std::string length(double mm) const { return length_text(mm, unit_); }
    static std::string at(Point p) { return "x " + fixed_text(p.x, 2) + ", y " + fixed_text(p.y, 2); }

    MachineDrawing& out_;
    double radius_mm_;
    Unit unit_;
};

/// How far a drawing reaches.
struct Extent {
    Point low{1e9, 1e9};
    Point high{-1e9, -1e9};
    void include(Point p, double around) {
        low = {std::min(low.x, p.x - around), std::min(low.y, p.y - around)};
        high = {std::max(high.x, p.x + around), std::max(high.y, p.y + around)};
    }
};

Extent extent_of(const Drawing& drawing) {
    Extent extent;
    for (const Item& item : drawing.items) {
        if (const auto* circle = std::get_if<Circle>(&item)) extent.include(circle->centre, circle->radius);
        if (const auto* path = std::get_if<Path>(&item))
            for (const Vertex& v : path->vertices) extent.include(v.at, 0.0);
    }
    return extent;
}

/// What is not drawn of the part, boxed over it on the layer of texts, which no machine cuts.
void add_notices(Drawing& drawing, const std::vector<std::string>& notices) {
    if (notices.empty()) return;
    constexpr double em = 2.5;
    constexpr double line_mm = 1.5 * em;
    constexpr double inside_mm = 2;
    const Extent part = extent_of(drawing);
    double wide = 0;
    for (const std::string& line : notices) wide = std::max(wide, width_of(line, em));
    const double low = part.high.y + 6.0;
    const double high = low + line_mm * static_cast<double>(notices.size()) + inside_mm;
    double y = high - line_mm;
    for (const std::string& line : notices) {
        Text item;
        item.at = {part.low.x + inside_mm, y};
        item.text = line;
        item.em_mm = em;
        drawing.add(item);
        y -= line_mm;
    }
    drawing.add(rectangle_path(Layer::text, {part.low.x, low}, {part.low.x + wide + 2 * inside_mm, high},
                               pens::fine));
}

/// Puts a drawing's lower left corner at its margin.
void frame(Drawing& drawing) {
    const auto [low, high] = extent_of(drawing);
    Drawing framed;
    framed.title = drawing.title;
    framed.origin = {margin_mm - low.x, margin_mm - low.y};
    framed.width = high.x - low.x + 2 * margin_mm;
    framed.height = high.y - low.y + 2 * margin_mm;
    framed.place(drawing, 1.0, framed.origin);
    drawing = std::move(framed);
}

} // namespace

MachinePart machine_part(const Design& design, const Solution& solution, MachinePartKind kind,
                         bool mirrored) {
    MachinePart part;
    part.kind = kind;
    switch (kind) {
    case MachinePartKind::nut: make_nut(design, solution, mirrored, part); break;
    case MachinePartKind::saddle: make_saddle(design, solution, mirrored, part); break;
    case MachinePartKind::bridge: make_bridge(design, solution, mirrored, part); break;
    }
    return part;
}

MachineDrawing machine_drawing(const MachinePart& part, const std::string& title,
                               std::optional<double> cutter_mm, Unit unit) {
    MachineDrawing out;
    out.drawing.title = title;
    out.drawing.add(part.outline);
    for (const MachineSlot& slot : part.slots) {
        out.drawing.add(slot.outline);
        out.drawing.add(slot.centre);
    }
    for (const MachineHole& hole : part.holes) out.drawing.add(hole.circle);
    for (const Path& mark : part.marks) out.drawing.add(mark);
    for (const Path& seen : part.picture) out.drawing.add(seen);
    add_notices(out.drawing, part.notices);
    if (cutter_mm && part.outline.layer == Layer::cut) { // what is only scribed is not gone round
        const double radius_mm = 0.5 * *cutter_mm;
        CutterWay way(out, radius_mm, unit);
        way.add(cutter_around(part.outline, radius_mm), translate("sheet", "outline"));
        for (const MachineSlot& slot : part.slots)
            way.add(cutter_within(lengthened(slot, radius_mm), radius_mm, &part.outline),
                    with_values(translate("sheet", "slot %1"), slot.name), slot.centre.wide_mm);
        for (const MachineHole& hole : part.holes)
            way.add(cutter_within(round_path(hole.circle), radius_mm),
                    with_values(translate("sheet", "hole %1"), hole.name));
    }
    frame(out.drawing);
    return out;
}

} // namespace fm
