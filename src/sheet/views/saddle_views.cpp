#include "sheet/views/saddle_views.h"
#include "sheet/drawing/pens.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

constexpr double beyond_mm = 5.0; // lines of the bridge go past the saddle
constexpr int end_pieces = 8;

double sign_of(const SaddleViewOptions& options) {
    return options.mirrored ? -1.0 : 1.0;
}

double tangent_deg(double degrees) {
    return std::tan(degrees * std::numbers::pi / 180.0);
}

/// Where the top is made, at every string: the string's underside, or the top over its notch.
std::vector<Point> tops(const Design& design, const Solution& solution) {
    std::vector<Point> points;
    for (std::size_t i = 0; i < solution.strings.size(); ++i)
        points.push_back({solution.strings[i].saddle_along_mm, i < solution.notches.size()
                                                                   ? solution.notches[i].made_top_over_top_mm
                                                                   : saddle_height_mm(design, solution, i)});
    return points;
}

/// A top through points as it is shaped: between and past them it keeps the crown's curve.
std::vector<Point> shaped(const std::vector<Point>& through, double bend, SaddleSpan span) {
    std::vector<Point> profile;
    const auto past = [&](const Point& outer, const Point& inner, double to) {
        const double run = outer.x - inner.x;
        const double slope = run == 0.0 ? 0.0 : (outer.y - inner.y) / run - 0.5 * bend * run;
        std::vector<Point> points;
        for (int i = end_pieces; i > 0; --i) {
            const double dx = (to - outer.x) * i / end_pieces;
            points.push_back({outer.x + dx, outer.y + slope * dx - 0.5 * bend * dx * dx});
        }
        return points;
    };
    const Point first = through.front();
    const Point last = through.back();
    const bool several = through.size() > 1;
    profile = past(first, several ? through[1] : first, span.from_mm);
    for (std::size_t i = 0; i < through.size(); ++i) {
        profile.push_back(through[i]);
        if (i + 1 == through.size()) break;
        const Point& a = through[i];
        const Point& b = through[i + 1];
        for (int k = 1; k < 4; ++k) {
            const double t = k / 4.0;
            const double run = b.x - a.x;
            profile.push_back({a.x + t * run, a.y + t * (b.y - a.y) + 0.5 * bend * t * (1 - t) * run * run});
        }
    }
    std::vector<Point> end = past(last, several ? through[through.size() - 2] : last, span.to_mm);
    std::reverse(end.begin(), end.end());
    profile.insert(profile.end(), end.begin(), end.end());
    return profile;
}

double crown_bend(const Solution& solution) {
    return solution.saddle.crown_radius_mm ? 1.0 / *solution.saddle.crown_radius_mm : 0.0;
}

/// An area between a lower and an upper line over the same run.
Path between(const std::vector<Point>& lower, const std::vector<Point>& upper, double sign, Fill fill,
             Ink ink) {
    Path area;
    area.closed = true;
    area.fill = fill;
    area.stroke = {ink == Ink::line ? pens::outline.width_mm : pens::thin.width_mm, ink, LineStyle::solid};
    for (const Point& p : lower) area.vertices.push_back({{sign * p.x, p.y}});
    const std::vector<Point> backward(upper.rbegin(), upper.rend());
    for (const Point& p : backward) area.vertices.push_back({{sign * p.x, p.y}});
    return area;
}

class Front {
public:
    Front(const Design& design, const Solution& solution, const SaddleViewOptions& options)
        : design_(design), solution_(solution), options_(options), span_(saddle_span(solution)),
          top_(saddle_top_profile(design, solution)), sign_(sign_of(options)) {}

    Drawing drawn() {
        if (options_.shown == SaddleShown::found) move_to_found();
        drawing_.add(between(bottom(0.0), top_, sign_, Fill::material, Ink::line));
        if (options_.shown == SaddleShown::blank) add_blank();
        if (options_.shown == SaddleShown::fitted) add_change();
        add_bridge();
        for (std::size_t i = 0; i < solution_.strings.size(); ++i) add_string(i);
        return std::move(drawing_);
    }

private:
    std::vector<Point> bottom(double y) const { return {{span_.from_mm, y}, {span_.to_mm, y}}; }

    double change_mm(std::size_t i) const {
        return i < options_.take_off_mm.size() ? options_.take_off_mm[i].value_or(0.0) : 0.0;
    }

    double along(std::size_t i) const { return solution_.strings[i].saddle_along_mm; }

    double height(std::size_t i) const {
        const double target = saddle_height_mm(design_, solution_, i);
        return options_.shown == SaddleShown::found ? target + change_mm(i) : target;
    }

    void move_to_found() {
        std::vector<Point> through = tops(design_, solution_);
        for (std::size_t i = 0; i < through.size(); ++i) through[i].y += change_mm(i);
        top_ = shaped(through, crown_bend(solution_), span_);
    }

    void add_blank() {
        const Blank blank = shown_saddle_blank(design_, solution_);
        const double middle = 0.5 * (span_.from_mm + span_.to_mm);
        const double low = middle - 0.5 * blank.length_mm;
        const double high = middle + 0.5 * blank.length_mm;
        std::vector<Point> lower{{low, 0}, {span_.from_mm, 0}};
        lower.insert(lower.end(), top_.begin(), top_.end());
        lower.push_back({span_.to_mm, 0});
        lower.push_back({high, 0});
        drawing_.add(between(lower, {{low, blank.height_mm}, {high, blank.height_mm}}, sign_, Fill::waste,
                             Ink::take_off));
    }

    /// Straight off the bottom as far as that goes, the rest off the top; or what lies under it.
    void add_change() {
        if (!options_.cut) return;
        const SaddleCut& cut = *options_.cut;
        if (cut.pack_mm > 0)
            drawing_.add(between(bottom(-cut.pack_mm), bottom(0), sign_, Fill::missing, Ink::missing));
        const double first = along(0);
        const double run = along(solution_.strings.size() - 1) - first;
        const auto off = [&](double x) {
            return run == 0.0 ? cut.bottom_mm.bass_mm
                              : cut.bottom_mm.bass_mm +
                                    (cut.bottom_mm.treble_mm - cut.bottom_mm.bass_mm) * (x - first) / run;
        };
        const double bass = std::max(0.0, off(span_.from_mm));
        const double treble = std::max(0.0, off(span_.to_mm));
        if (bass > 0 || treble > 0)
            drawing_.add(between({{span_.from_mm, -bass - cut.pack_mm}, {span_.to_mm, -treble - cut.pack_mm}},
                                 bottom(-cut.pack_mm), sign_, Fill::waste, Ink::take_off));
        std::vector<Point> through = tops(design_, solution_);
        bool any = false;
        for (std::size_t i = 0; i < through.size() && i < cut.top_mm.size(); ++i) {
            const double more = std::max(0.0, cut.top_mm[i].value_or(0.0));
            through[i].y += more;
            any = any || more > 0;
        }
        if (any)
            drawing_.add(between(top_, shaped(through, crown_bend(solution_), span_), sign_, Fill::waste,
                                 Ink::take_off));
    }

    void add_bridge() {
        const double low = sign_ * (span_.from_mm - beyond_mm);
        const double high = sign_ * (span_.to_mm + beyond_mm);
        if (const auto top = bridge_top_mm(design_, solution_))
            drawing_.add(line_path(Layer::scribe, {low, *top}, {high, *top}, pens::hidden));
        drawing_.add(line_path(Layer::scribe, {low, 0}, {high, 0}, pens::faint));
    }

    void add_string(std::size_t i) {
        const double x = sign_ * along(i);
        const double r = 0.5 * design_.strings[i].diameter_mm;
        const double y = height(i);
        if (i < solution_.notches.size()) {
            const Notch& notch = solution_.notches[i];
            Path cut;
            cut.layer = Layer::slot;
            cut.stroke = pens::thin;
            cut.fill = Fill::paper;
            const double half = 0.5 * notch.width_mm;
            const double rise = std::max(y + notch.depth_mm, y + half);
            cut.vertices = {
                {{x - half, rise}}, {{x - half, y + half}, 1.0}, {{x + half, y + half}}, {{x + half, rise}}};
            drawing_.add(cut);
        }
        drawing_.add(line_path(Layer::centre, {x, -0.5}, {x, y}, pens::centre));
        Circle string;
        string.layer = Layer::text;
        string.centre = {x, y + r};
        string.radius = r;
        string.fill = options_.chosen == i ? Fill::chosen_string : Fill::string;
        string.stroke = pens::hair;
        drawing_.add(string);
    }

    const Design& design_;
    const Solution& solution_;
    const SaddleViewOptions& options_;
    SaddleSpan span_;
    std::vector<Point> top_;
    double sign_;
    Drawing drawing_;
};

/// Where a string's crown lies in the plan, away from the nut.
double crown_depth_mm(const Design& design, const Solution& solution, std::size_t i) {
    if (!solution.single)
        return design.has_slot() ? solution.straight_saddle.front_to_crown_mm[i]
                                 : solution.straight_saddle.line_to_crown_mm[i];
    const SingleSaddle& one = solution.single->strings[i];
    return one.from_edge_mm.value_or(one.crown_x_mm - solution.straight_saddle.slot_x_at_centre_mm);
}

/// Single saddles from above, each over its strings and as far as it can be moved.
void add_single_saddles(Drawing& drawing, const Design& design, const Solution& solution, double sign,
                        double stretch) {
    constexpr double beside_mm = 2.0; // beyond its outer strings
    const Travel& travel = *design.saddle.travel;
    for (const SharedSaddle& saddle : saddles_of(design)) {
        const double ends[] = {sign * (solution.strings[saddle.first].saddle_along_mm - beside_mm),
                               sign * (solution.strings[saddle.last].saddle_along_mm + beside_mm)};
        drawing.add(rectangle_path(Layer::cut, {std::min(ends[0], ends[1]), -travel.most_mm * stretch},
                                   {std::max(ends[0], ends[1]), -travel.least_mm * stretch}, pens::thin,
                                   Fill::material));
    }
}

} // namespace

bool saddle_is_cut(const Design& design, const Solution& solution) {
    return design.has_slot() || !solution.notches.empty();
}

SaddleGround saddle_ground(const Design& design, const Solution& solution) {
    if (!design.bridge || !solution.bridge) return SaddleGround::fret_plane;
    const auto known = [](const std::optional<double>& mm) { return mm.has_value(); };
    const bool all = std::all_of(solution.saddle.height_mm.begin(), solution.saddle.height_mm.end(), known);
    return all ? SaddleGround::slot_floor : SaddleGround::soundboard;
}

double saddle_height_mm(const Design& design, const Solution& solution, std::size_t string) {
    switch (saddle_ground(design, solution)) {
    case SaddleGround::slot_floor: return *solution.saddle.height_mm[string];
    case SaddleGround::soundboard: return solution.bridge->strings[string].height_over_top_mm;
    case SaddleGround::fret_plane: break;
    }
    return solution.strings[string].ends.saddle_z_mm;
}

std::optional<double> bridge_top_mm(const Design& design, const Solution& solution) {
    switch (saddle_ground(design, solution)) {
    case SaddleGround::slot_floor: return *design.saddle.slot_depth_mm - design.saddle.under_mm;
    case SaddleGround::soundboard: return design.bridge->floats() ? std::nullopt : solution.bridge->height_mm;
    case SaddleGround::fret_plane: break;
    }
    return std::nullopt;
}

SaddleSpan saddle_span(const Solution& solution) {
    const double middle = solution.saddle.middle_mm;
    return {middle - 0.5 * solution.saddle.length_mm, middle + 0.5 * solution.saddle.length_mm};
}

std::vector<Point> saddle_top_profile(const Design& design, const Solution& solution) {
    return shaped(tops(design, solution), crown_bend(solution), saddle_span(solution));
}

double saddle_highest_mm(const Design& design, const Solution& solution) {
    double highest = 0;
    for (const Point& p : saddle_top_profile(design, solution)) highest = std::max(highest, p.y);
    return highest;
}

Blank shown_saddle_blank(const Design& design, const Solution& solution) {
    if (design.saddle.blank) return *design.saddle.blank;
    constexpr double round_up_mm = 0.5;
    const auto rounded = [&](double mm) { return std::ceil((mm + 1.0) / round_up_mm) * round_up_mm; };
    return {rounded(solution.saddle.length_mm + 1.0), rounded(saddle_highest_mm(design, solution)),
            design.saddle.thickness_mm};
}

Drawing saddle_front(const Design& design, const Solution& solution, const SaddleViewOptions& options) {
    return Front(design, solution, options).drawn();
}

SaddleSpan saddle_plan_depth(const Design& design, const Solution& solution) {
    SaddleSpan depth{0.0, design.has_slot() ? design.saddle.thickness_mm : 0.0};
    const auto reach = [&depth](double from_mm, double to_mm) {
        depth = {std::min(depth.from_mm, from_mm), std::max(depth.to_mm, to_mm)};
    };
    if (design.saddle.travel) reach(design.saddle.travel->least_mm, design.saddle.travel->most_mm);
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const double crown_mm = crown_depth_mm(design, solution, i);
        reach(crown_mm, crown_mm);
    }
    return depth;
}

Drawing saddle_plan(const Design& design, const Solution& solution, const SaddleViewOptions& options,
                    double stretch) {
    Drawing drawing;
    const SaddleSpan span = saddle_span(solution);
    const SaddleSpan reach = saddle_plan_depth(design, solution);
    const double sign = sign_of(options);
    const double low = std::min(sign * span.from_mm, sign * span.to_mm);
    const double high = std::max(sign * span.from_mm, sign * span.to_mm);
    const auto y = [stretch](double depth_mm) { return -depth_mm * stretch; };
    const auto across = [&](double depth_mm, Stroke stroke) {
        drawing.add(line_path(Layer::scribe, {low, y(depth_mm)}, {high, y(depth_mm)}, stroke));
    };
    if (design.has_slot()) {
        const double t = design.saddle.thickness_mm;
        drawing.add(rectangle_path(Layer::cut, {low, y(t)}, {high, y(0)}, pens::outline, Fill::material));
        const double edge = std::min(design.saddle.crown_edge_mm, 0.5 * t);
        across(edge, pens::hidden);
        across(t - edge, pens::hidden);
        across(0.5 * t, pens::centre);
    } else if (solution.single) {
        across(0.0, pens::outline); // the bridge's reference edge
        if (design.saddle.travel) add_single_saddles(drawing, design, solution, sign, stretch);
    } else {
        across(0.0, pens::centre); // the line of the posts, wheels or feet
    }
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const double x = sign * solution.strings[i].saddle_along_mm;
        const double crown = crown_depth_mm(design, solution, i);
        const bool dark = options.chosen == i;
        drawing.add(line_path(Layer::centre, {x, y(reach.from_mm) + 1.0}, {x, y(crown)},
                              {dark ? 0.5 : 0.2, dark ? Ink::chosen : Ink::line, LineStyle::solid}));
        drawing.add(line_path(Layer::centre, {x, y(crown)}, {x, y(reach.to_mm) - 1.0}, pens::centre));
        const double wide = dark ? 1.4 : 1.0;
        drawing.add(line_path(Layer::scribe, {x - wide, y(crown)}, {x + wide, y(crown)},
                              {dark ? 0.6 : 0.35, Ink::chosen, LineStyle::solid}));
    }
    return drawing;
}

Drawing saddle_end(const Design& design, const Solution& solution, const SaddleViewOptions& options) {
    Drawing drawing;
    const std::size_t i = options.chosen.value_or(0);
    const StringSolution& string = solution.strings[i];
    constexpr double unknown_thickness_mm = 3.0; // of what stands in no slot: a picture only
    const double t = design.has_slot() ? design.saddle.thickness_mm : unknown_thickness_mm;
    const double height = saddle_height_mm(design, solution, i);
    const double crown =
        design.has_slot() ? std::clamp(solution.straight_saddle.front_to_crown_mm[i], 0.0, t) : 0.5 * t;
    const double round = std::min({0.35 * t, 0.5 * height, crown, t - crown});
    const double before = string.bridge ? tangent_deg(string.bridge->slope_before_deg) : 0.0;
    const double behind = string.bridge ? tangent_deg(string.bridge->slope_behind_deg) : 0.0;
    const auto bridge_top = bridge_top_mm(design, solution);
    constexpr double aside_mm = 6.0;
    if (bridge_top) {
        Path wood;
        wood.closed = true;
        wood.stroke = pens::thin;
        wood.fill = Fill::none;
        const double under = solution.bridge->floor_left_mm.value_or(2.0) + design.saddle.under_mm;
        const bool in_slot = saddle_ground(design, solution) == SaddleGround::slot_floor;
        const double base = in_slot ? -under : 0.0;
        if (in_slot)
            wood.vertices = {{{-aside_mm, base}},
                             {{t + aside_mm, base}},
                             {{t + aside_mm, *bridge_top}},
                             {{t, *bridge_top}},
                             {{t, 0}},
                             {{0, 0}},
                             {{0, *bridge_top}},
                             {{-aside_mm, *bridge_top}}};
        else
            wood.vertices = {{{-aside_mm, base}},
                             {{t + aside_mm, base}},
                             {{t + aside_mm, *bridge_top}},
                             {{-aside_mm, *bridge_top}}};
        drawing.add(wood);
    }
    Path body;
    body.closed = true;
    body.stroke = design.has_slot() ? pens::outline : pens::hidden;
    body.fill = Fill::material;
    // Falls away from the crown to both faces.
    body.vertices = {{{0, 0}}, {{0, height - round}}, {{crown, height}}, {{t, height - round}}, {{t, 0}}};
    drawing.add(body);
    const double r = 0.5 * design.strings[i].diameter_mm;
    const double left = -aside_mm;
    const double right = t + aside_mm;
    Path way;
    way.layer = Layer::text;
    way.stroke = {2.0 * r, Ink::chosen, LineStyle::solid};
    way.vertices = {{{left, height + r - before * (crown - left)}},
                    {{crown, height + r}},
                    {{right, height + r - behind * (right - crown)}}};
    drawing.add(way);
    return drawing;
}

} // namespace fm
