#include "sheet/machine/machine_part.h"
#include "core/solution/footprint.h"
#include "core/solution/nut_plan.h"
#include "core/words/units.h"
#include "sheet/drawing/pens.h"
#include "sheet/machine/arcs.h"
#include "sheet/machine/bridge_on_plan.h"
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

/// Walls, a round bottom of the slot's own width, open above the top.
MachineSlot round_slot(const std::string& name, double x, double floor, double top, double width,
                       const Path& part) {
    const double r = 0.5 * width;
    const double rise = std::max(top + over_top_mm, floor + r + over_top_mm);
    MachineSlot slot;
    slot.name = name;
    slot.reach.vertices = {{{x - r, rise}}, {{x - r, floor + r}, 1.0}, {{x + r, floor + r}}, {{x + r, rise}}};
    slot.reach.closed = true;
    slot.outline = on_layer(within_part(slot.reach, part), Layer::slot);
    slot.centre = line_path(Layer::centre, {x, rise}, {x, floor + r}, pens::fine);
    slot.centre.wide_mm = width;
    return slot;
}

/// A curve's corners as arcs.
Path by_arcs(const Path& path) {
    return on_layer(fitted_by_arcs(corners_of(path), arcs_within_mm, path.closed), path.layer);
}

/// The one closed area of a front view, and its lines to scribe.
void take_front(const Drawing& view, MachinePart& part) {
    for (const Item& item : view.items) {
        const Path* path = std::get_if<Path>(&item);
        if (!path) continue;
        if (path->layer == Layer::cut && path->closed) part.outline = by_arcs(*path);
        if (path->layer == Layer::scribe) part.marks.push_back(by_arcs(*path));
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
                                        slot.width_mm, part.outline));
    }
    const double bass_mm = nut_plan_of(design, solution).bass.along_mm;
    part.datum = {(mirrored ? -1.0 : 1.0) * bass_mm, -seat_fall_mm(design.nut, bass_mm * to_y)};
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
                                        floor + notch.depth_mm, notch.width_mm, part.outline));
    }
    part.datum = {(mirrored ? -1.0 : 1.0) * saddle_span(solution).from_mm, 0.0};
}

void make_bridge(const Design& design, const Solution& solution, bool mirrored, MachinePart& part) {
    const BridgeSolution& bridge = *solution.bridge;
    const BridgeOnPlan plan(design, solution, mirrored);
    part.outline = on_layer(plan.outline(), Layer::cut);
    if (design.has_slot()) {
        MachineSlot slot;
        slot.name = translate("sheet", "saddle's slot");
        slot.outline = on_layer(plan.slot(), Layer::slot);
        const auto [from, to] = plan.slot_middle();
        slot.centre = line_path(Layer::centre, from, to, pens::fine);
        slot.centre.wide_mm = design.saddle.thickness_mm;
        part.slots.push_back(std::move(slot));
    }
    for (std::size_t i = 0; i < bridge.pins.size(); ++i) {
        Circle hole;
        hole.layer = Layer::hole;
        hole.centre = plan.on(bridge.pins[i]);
        hole.radius = 0.5 * design.bridge->pins.drill_mm();
        hole.stroke = pens::fine;
        part.holes.push_back({design.string_name(i), hole});
    }
    if (design.bridge->screws) {
        const double front_mm = front_edge_mm(shown_outline(design, solution), solution);
        constexpr double arm_mm = 2;
        for (const PlacedHole& screw : design.bridge->screws->holes) {
            const Point p = plan.on(hole_place(screw, front_mm));
            for (const Point arm : {Point{arm_mm, 0.0}, Point{0.0, arm_mm}})
                part.marks.push_back(on_layer(line_path(Layer::scribe, {p.x - arm.x, p.y - arm.y},
                                                        {p.x + arm.x, p.y + arm.y}, pens::fine),
                                              Layer::scribe));
        }
    }
    part.datum = plan.datum();
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
    if (slot.reach.vertices.empty()) return slot.outline;
    Path outline = slot.reach;
    for (Vertex* end : {&outline.vertices.front(), &outline.vertices.back()}) end->at.y += radius_mm;
    return outline;
}

class CutterWay {
public:
    CutterWay(MachineDrawing& out, double radius_mm, Point datum, Unit unit)
        : out_(out), radius_mm_(radius_mm), datum_(datum), unit_(unit) {}

    void run(const CutterPaths& way) {
        for (const Path& path : way.paths) out_.drawing.add(on_layer(path, Layer::tool));
    }
    /// @param wide_mm of a slot across itself, however it lies
    void tell(const CutterPaths& way, const std::string& name, std::optional<double> wide_mm = {}) {
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
    std::string at(Point p) const { return "x " + length(p.x - datum_.x) + ", y " + length(p.y - datum_.y); }

    MachineDrawing& out_;
    double radius_mm_;
    Point datum_;
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

/// A cross where the file counts from, and the centreline through the part: to stand by, not to cut.
void add_references(const MachinePart& part, Drawing& drawing) {
    constexpr double arm_mm = 3;
    for (const Point arm : {Point{arm_mm, 0.0}, Point{0.0, arm_mm}})
        drawing.add(line_path(Layer::centre, {part.datum.x - arm.x, part.datum.y - arm.y},
                              {part.datum.x + arm.x, part.datum.y + arm.y}, pens::fine));
    double low = 1e9;
    double high = -1e9;
    for (const Point& p : corners_of(part.outline)) low = std::min(low, p.y), high = std::max(high, p.y);
    drawing.add(line_path(Layer::centre, {0.0, low}, {0.0, high}, pens::fine_centre));
}

/// The outline with what opens at its edge.
Path contour_of(const MachinePart& part) {
    std::vector<Path> open;
    for (const MachineSlot& slot : part.slots)
        if (!slot.reach.vertices.empty()) open.push_back(slot.reach);
    return open.empty() ? part.outline : notched(part.outline, open);
}

/// What is not drawn of the part, boxed over it on the layer of texts, which no machine cuts.
void add_words(Drawing& drawing, const std::vector<std::string>& notices) {
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

/// Puts a drawing's lower left corner at its margin; it counts from its datum.
void frame(Drawing& drawing, Point datum) {
    const auto [low, high] = extent_of(drawing);
    Drawing framed;
    framed.title = drawing.title;
    framed.author = drawing.author;
    framed.width = high.x - low.x + 2 * margin_mm;
    framed.height = high.y - low.y + 2 * margin_mm;
    const Point to{margin_mm - low.x, margin_mm - low.y};
    framed.place(drawing, 1.0, to);
    framed.origin = {to.x + datum.x, to.y + datum.y};
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

MachineDrawing machine_drawing(const MachinePart& part, const std::string& title, const MachineStyle& style,
                               Unit unit) {
    MachineDrawing out;
    out.drawing.title = title;
    out.drawing.author = style.author;
    add_references(part, out.drawing);
    for (const Path& mark : part.marks) out.drawing.add(mark);
    const bool is_notched = style.one_contour && part.outline.layer == Layer::cut;
    for (const MachineSlot& slot : part.slots) {
        const bool is_own = !is_notched || slot.reach.vertices.empty();
        if (is_own && !slot.outline.vertices.empty()) out.drawing.add(slot.outline);
        out.drawing.add(slot.centre);
    }
    for (const MachineHole& hole : part.holes) out.drawing.add(hole.circle);
    const Path outline = is_notched ? on_layer(contour_of(part), Layer::cut) : part.outline;
    out.drawing.add(outline);
    for (const Path& seen : part.picture) out.drawing.add(seen);
    std::vector<std::string> words = part.notices;
    words.insert(words.end(), part.depths.begin(), part.depths.end());
    add_words(out.drawing, words);
    if (style.cutter_mm && part.outline.layer == Layer::cut) { // what is only scribed is not gone round
        const double radius_mm = 0.5 * *style.cutter_mm;
        CutterWay way(out, radius_mm, part.datum, unit);
        for (const MachineSlot& slot : part.slots) {
            const CutterPaths within = cutter_within(lengthened(slot, radius_mm), radius_mm, &part.outline);
            if (!is_notched || slot.reach.vertices.empty()) way.run(within);
            way.tell(within, with_values(translate("sheet", "slot %1"), slot.name), slot.centre.wide_mm);
        }
        for (const MachineHole& hole : part.holes) {
            const CutterPaths within = cutter_within(round_path(hole.circle), radius_mm);
            way.run(within);
            way.tell(within, with_values(translate("sheet", "hole %1"), hole.name));
        }
        way.run(cutter_around(outline, radius_mm));
        way.tell(cutter_around(part.outline, radius_mm), translate("sheet", "outline"));
    }
    frame(out.drawing, part.datum);
    return out;
}

} // namespace fm
