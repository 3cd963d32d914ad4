// What the top says of a bridge: the old one's print and holes, the wood inside, and the screws that hold it.
#include "core/solution/bridge_outline.h"
#include "core/solution/check_parts.h"

#include <cmath>

namespace fm {

namespace {

constexpr double in_sight_mm = 0.1; // what a finish can hide

void doubt_print(const Solution& solution, std::vector<Message>& out) {
    const Footprint& print = *solution.print;
    bool told = false;
    const auto side = [&](const char* id, double mm) {
        if (mm < in_sight_mm) return;
        out.push_back({id, Severity::note, "bridge.outline", {LengthMm{mm}}});
        told = true;
    };
    side("print_front", print.front_mm);
    side("print_back", print.back_mm);
    side("print_bass", print.bass_mm);
    side("print_treble", print.treble_mm);
    if (!told && !print.covered) out.push_back({"print_shows", Severity::note, "bridge.outline", {}});
    const auto hole = [&](const char* id, Severity severity, std::size_t i) {
        out.push_back(
            {id, severity, "bridge.existing.holes[" + std::to_string(i) + "]", {static_cast<int>(i) + 1}});
    };
    for (const std::size_t i : print.holes_shown) hole("old_hole_shows", Severity::warning, i);
    for (const std::size_t i : print.holes_cut) hole("old_hole_cut", Severity::warning, i);
}

void doubt_screws(const Design& design, const Solution& solution, std::vector<Message>& out) {
    const BridgeScrews& screws = *design.bridge->screws;
    const BridgeOutline outline = shown_outline(design, solution);
    const std::vector<PlanPoint> edge = outline_points(outline, solution);
    const double front_mm = front_edge_mm(outline, solution);
    for (std::size_t i = 0; i < screws.holes.size(); ++i) {
        const PlanPoint place = hole_place(screws.holes[i], front_mm);
        const std::string key = "bridge.screws.holes[" + std::to_string(i) + "]";
        const int number = static_cast<int>(i) + 1;
        if (!within_outline(edge, place))
            out.push_back({"screw_outside_bridge", Severity::warning, key, {number}});
        for (std::size_t k = 0; k < i; ++k) {
            const PlanPoint other = hole_place(screws.holes[k], front_mm);
            const double apart_mm = std::hypot(place.x_mm - other.x_mm, place.y_mm - other.y_mm);
            if (apart_mm < 2.0 * screws.core_mm)
                out.push_back({"screws_meet",
                               Severity::error,
                               key,
                               {static_cast<int>(k) + 1, number, LengthMm{apart_mm}}});
        }
    }
}

} // namespace

void doubt_top(const Design& design, const Solution& solution, std::vector<Message>& out) {
    if (solution.print) doubt_print(solution, out);
    if (design.bridge->screws) doubt_screws(design, solution, out);
    for (const std::size_t i : pins_off_inside(design, solution))
        out.push_back({"pin_off_inside", Severity::warning, "bridge.plate_inside", {design.string_name(i)}});
}

} // namespace fm
