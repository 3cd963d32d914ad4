#include "sheet/views/nut_views.h"
#include "sheet/drawing/pens.h"

#include "core/solution/nut_plan.h"
#include "core/words/angle.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double overhang_mm = 0.5; // centre lines go past the part

double sign_of(const NutViewOptions& options) {
    return options.mirrored ? -1.0 : 1.0;
}

/// A curve over the part as points close enough that chords lie within a micrometre.
template <class Height>
Path curve(Layer layer, const NutPlan& plan, double sign, Stroke stroke, const Height& height) {
    Path path;
    path.layer = layer;
    path.stroke = stroke;
    constexpr int pieces = 48;
    for (int i = 0; i <= pieces; ++i) {
        const double along = plan.bass.along_mm + plan.length_mm() * i / pieces;
        path.vertices.push_back({{sign * along, height(along)}});
    }
    return path;
}

/// Slot seen from the front: walls and a round bottom of its own width, lowest at the floor.
Path slot_path(double x, double floor, double top, double width, Stroke stroke) {
    const double r = 0.5 * width;
    Path path;
    path.layer = Layer::slot;
    path.stroke = stroke;
    const double spring = floor + r; // where the round bottom meets the walls
    path.vertices = {{{x - r, std::max(top, spring)}},
                     {{x - r, spring}, 1.0},
                     {{x + r, spring}},
                     {{x + r, std::max(top, spring)}}};
    return path;
}

class Front {
public:
    Front(const Design& design, const Solution& solution, const NutViewOptions& options)
        : design_(design), solution_(solution), options_(options), neck_(design.neck),
          plan_(nut_plan_of(design, solution)), sign_(sign_of(options)) {}

    Drawing drawn() {
        add_body();
        add_lines();
        for (std::size_t i = 0; i < solution_.strings.size(); ++i) add_slot(i);
        return std::move(drawing_);
    }

private:
    double cosine() const { return std::cos(solution_.nut_angle_deg / degrees); }

    double seat_bottom(double along) const {
        // A curved seat falls away toward the edges as seen over a flat one; heights are over the seat's
        // middle.
        return -seat_fall_mm(design_.nut, along * cosine());
    }

    void add_body() {
        Path body;
        body.stroke = pens::outline;
        body.fill = Fill::material;
        body.closed = true;
        const bool curved = design_.nut.seat == Seat::curved;
        const int pieces = curved ? 32 : 1;
        for (int i = 0; i <= pieces; ++i) {
            const double along = plan_.bass.along_mm + plan_.length_mm() * i / pieces;
            body.vertices.push_back({{sign_ * along, seat_bottom(along)}});
        }
        const std::vector<Point> top = nut_top_profile(design_, solution_);
        const std::vector<Point> backward(top.rbegin(), top.rend());
        for (const Point& p : backward) body.vertices.push_back({{sign_ * p.x, over_middle(p)}});
        if (options_.shown == NutShown::blank) add_waste(top);
        drawing_.add(body);
    }

    /// Heights over the seat at a place become heights over the seat's middle, where the drawing's zero is.
    double over_middle(Point p) const { return p.y - seat_fall_mm(design_.nut, p.x * cosine()); }

    void add_waste(const std::vector<Point>& top) {
        const Blank blank = shown_blank(design_, solution_);
        const double half = 0.5 * blank.length_mm;
        const auto [left, right] = std::minmax({sign_ * plan_.bass.along_mm, sign_ * plan_.treble.along_mm});
        Path waste;
        waste.closed = true;
        waste.fill = Fill::waste;
        waste.stroke = pens::take_off;
        waste.vertices = {
            {{-half, 0}}, {{-half, blank.height_mm}}, {{half, blank.height_mm}}, {{half, 0}}, {{right, 0}}};
        std::vector<Vertex> inner;
        for (const Point& p : top) inner.push_back({{sign_ * p.x, over_middle(p)}});
        if (sign_ > 0) std::reverse(inner.begin(), inner.end());
        waste.vertices.insert(waste.vertices.end(), inner.begin(), inner.end());
        waste.vertices.push_back({{left, 0}});
        drawing_.add(waste);
    }

    void add_lines() {
        const auto board = [this](double along) {
            const double y = along * cosine();
            return board_above_seat_mm(neck_, design_.nut, y) - seat_fall_mm(design_.nut, y);
        };
        drawing_.add(curve(Layer::scribe, plan_, sign_, pens::faint, board));
        drawing_.add(curve(Layer::scribe, plan_, sign_, pens::scribe,
                           [&](double along) { return board(along) + design_.neck.fret_height_mm; }));
    }

    std::optional<double> found_floor(std::size_t i) const {
        return i < options_.found_floors.size() ? options_.found_floors[i] : std::nullopt;
    }

    void add_slot(std::size_t i) {
        const SlotWork& slot = solution_.strings[i].slot;
        const double fall = seat_fall_mm(design_.nut, slot.along_mm * cosine());
        const double x = sign_ * slot.along_mm;
        const double top = slot.made_top_above_seat_mm - fall;
        const double target = slot.floor_above_seat_mm - fall;
        const std::optional<double> found = found_floor(i);
        const bool as_found = options_.shown == NutShown::found && found;
        const double floor = as_found ? *found - fall : target;
        Path cut = slot_path(x, floor, top, slot.width_mm, pens::thin);
        cut.fill = Fill::paper;
        drawing_.add(cut);
        if (options_.shown == NutShown::fitted && found) add_change(x, *found - fall, target, slot.width_mm);
        drawing_.add(line_path(Layer::centre, {x, -overhang_mm}, {x, top + overhang_mm}, pens::centre));
        if (!options_.strings) return;
        Circle string;
        const double r = 0.5 * design_.strings[i].diameter_mm;
        string.layer = Layer::text;
        string.centre = {x, floor + r};
        string.radius = r;
        string.fill = options_.chosen == i ? Fill::chosen_string : Fill::string;
        string.stroke = pens::hair;
        drawing_.add(string);
    }

    /// Between the floor as found and the target: dust to make, or what is missing.
    void add_change(double x, double found, double target, double width) {
        const bool missing = found < target;
        const double r = 0.5 * width;
        Path area;
        area.closed = true;
        area.fill = missing ? Fill::missing : Fill::waste;
        area.stroke = {pens::take_off.width_mm, missing ? Ink::missing : Ink::take_off, LineStyle::solid};
        const double low = std::min(found, target) + r;
        const double high = std::max(found, target) + r;
        area.vertices = {{{x - r, high}}, {{x - r, low}, 1.0}, {{x + r, low}}, {{x + r, high}, -1.0}};
        drawing_.add(area);
    }

    const Design& design_;
    const Solution& solution_;
    const NutViewOptions& options_;
    Neck neck_;
    NutPlan plan_;
    double sign_;
    Drawing drawing_;
};

/// Where a string's place on the front face stands in the plan: at 0, or its step toward the bridge.
double face_y(const Solution& solution, std::size_t i) {
    return draws_steps(solution) ? -solution.strings[i].line.set_forward_mm : 0.0;
}

/// The front face in the plan from the bass end, stepped half way between strings.
std::vector<Point> front_face(const NutPlan& plan, const Solution& solution) {
    if (!draws_steps(solution)) return {{plan.bass.along_mm, 0.0}, {plan.treble.along_mm, 0.0}};
    std::vector<Point> face;
    double from = plan.bass.along_mm;
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const bool last = i + 1 == solution.strings.size();
        const double to =
            last ? plan.treble.along_mm
                 : 0.5 * (solution.strings[i].slot.along_mm + solution.strings[i + 1].slot.along_mm);
        face.push_back({from, face_y(solution, i)});
        face.push_back({to, face_y(solution, i)});
        from = to;
    }
    return face;
}

} // namespace

double nut_half_length_mm(const Design& design, const Solution& solution) {
    return nut_plan_of(design, solution).half_mm();
}

std::vector<Point> nut_top_profile(const Design& design, const Solution& solution) {
    const Neck neck(design.neck);
    const NutPlan plan = nut_plan_of(design, solution);
    const double to_y = std::cos(solution.nut_angle_deg / degrees);
    // Past the outer strings the top falls as the fret tops do.
    const auto edge = [&](const StringSolution& outer, double along) {
        const double fall =
            fret_tops_above_seat_mm(neck, design.nut, along * to_y) - outer.slot.fret_tops_above_seat_mm;
        return Point{along, outer.slot.made_top_above_seat_mm + fall};
    };
    std::vector<Point> profile{edge(solution.strings.front(), plan.bass.along_mm)};
    for (const StringSolution& string : solution.strings)
        profile.push_back({string.slot.along_mm, string.slot.made_top_above_seat_mm});
    profile.push_back(edge(solution.strings.back(), plan.treble.along_mm));
    return profile;
}

double nut_height_mm(const Design& design, const Solution& solution) {
    const double to_y = std::cos(solution.nut_angle_deg / degrees);
    double highest = 0;
    for (const Point& p : nut_top_profile(design, solution))
        highest = std::max(highest, p.y - seat_fall_mm(design.nut, p.x * to_y));
    return highest;
}

double nut_rough_top_mm(const Design& design, const Solution& solution) {
    constexpr double over_mm = 0.3; // of the half millimetre a blank has: the rest is for squaring it
    return nut_height_mm(design, solution) + over_mm;
}

Blank shown_blank(const Design& design, const Solution& solution) {
    if (design.nut.blank) return *design.nut.blank;
    constexpr double round_up_mm = 0.5;
    constexpr double over_mm = 1.0; // a plain blank leaves this much all round
    const auto rounded = [&](double mm) { return std::ceil(mm / round_up_mm) * round_up_mm; };
    return {rounded(2.0 * (nut_half_length_mm(design, solution) + over_mm)),
            rounded(nut_height_mm(design, solution) +
                    seat_fall_mm(design.nut, 0.5 * design.neck.nut_width_mm) + over_mm),
            design.nut.thickness_mm};
}

Drawing nut_front(const Design& design, const Solution& solution, const NutViewOptions& options) {
    return Front(design, solution, options).drawn();
}

Drawing nut_plan(const Design& design, const Solution& solution, const NutViewOptions& options) {
    Drawing drawing;
    const NutPlan plan = nut_plan_of(design, solution);
    const double depth = design.nut.thickness_mm;
    const double sign = sign_of(options);
    Path body;
    body.stroke = pens::outline;
    body.fill = Fill::material;
    body.closed = true;
    body.vertices = {{{sign * (plan.treble.along_mm + plan.treble.run * depth), depth}},
                     {{sign * (plan.bass.along_mm + plan.bass.run * depth), depth}}};
    for (const Point& p : front_face(plan, solution)) body.vertices.push_back({{sign * p.x, p.y}});
    if (sign < 0) std::reverse(body.vertices.begin(), body.vertices.end());
    drawing.add(body);
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const StringSolution& string = solution.strings[i];
        const double run = slot_run(design, solution, i);
        const double r = 0.5 * string.slot.width_mm * slot_opening_factor(run); // along the face
        const double x = sign * string.slot.along_mm;
        const double back = x + sign * run * depth;
        const double front = face_y(solution, i);
        Path slot;
        slot.layer = Layer::slot;
        slot.stroke = pens::thin;
        slot.closed = true;
        slot.fill = options.chosen == i ? Fill::chosen_string : Fill::paper;
        slot.vertices = {{{x - r, front}}, {{x + r, front}}, {{back + r, depth}}, {{back - r, depth}}};
        drawing.add(slot);
        drawing.add(line_path(Layer::centre, {x, front - overhang_mm}, {x, front}, pens::centre));
    }
    return drawing;
}

Drawing nut_end(const Design& design, const Solution& solution, const NutViewOptions& options) {
    Drawing drawing;
    const std::size_t i = options.chosen.value_or(0);
    const SlotWork& slot = solution.strings[i].slot;
    const double sign = sign_of(options);
    const double depth = design.nut.thickness_mm;
    const double angled =
        design.nut.seat == Seat::angled ? depth * std::tan(design.nut.headstock_angle_deg / degrees) : 0.0;
    const double top = slot.made_top_above_seat_mm;
    Path body;
    body.stroke = pens::outline;
    body.fill = Fill::material;
    body.closed = true;
    body.vertices = {{{0, 0}}, {{sign * depth, -angled}}, {{sign * depth, top}}, {{0, top}}};
    drawing.add(body);
    const double floor = slot.floor_above_seat_mm;
    drawing.add(
        line_path(Layer::cut, {0, floor}, {sign * depth, floor - slot.floor_back_drop_mm}, pens::hidden));
    return drawing;
}

} // namespace fm
