#include "core/part/single_saddles.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double rounding_mm = 1e-9; // a saddle at the end of its travel is within it

double crown_x_mm(const StringLine& line) {
    return line.plan_x_mm(line.saddle_x_mm);
}

/// Of the line through a point on each outer string; none across one string.
double slope_through(const StringLine& bass, double bass_mm, const StringLine& treble, double treble_mm) {
    const double run_mm = treble.y_mm(treble_mm) - bass.y_mm(bass_mm);
    return run_mm == 0.0 ? 0.0 : (treble.plan_x_mm(treble_mm) - bass.plan_x_mm(bass_mm)) / run_mm;
}

/// Where strings that share a saddle pay the least for it: the squares of their cents at fret 12.
double shared_place_mm(const std::vector<StringOnNeck>& strings, const SharedSaddle& shared, double slope) {
    double weights = 0;
    double places = 0;
    for (std::size_t i = shared.first; i <= shared.last; ++i) {
        const StringLine& line = strings[i].line();
        const double cents = cents_per_crown_mm(strings[i], 12) / line.plan_cosine;
        weights += cents * cents;
        places += cents * cents * (crown_x_mm(line) - slope * line.saddle_y_mm);
    }
    return places / weights;
}

std::optional<ReferenceEdge> edge_of(const Design& design, const std::vector<StringOnNeck>& strings,
                                     double slope, const std::vector<SingleSaddle>& saddles) {
    const StringLine& bass = strings.front().line();
    const StringLine& treble = strings.back().line();
    if (design.bridge && design.bridge->edge_mm) {
        const auto& [bass_mm, treble_mm] = *design.bridge->edge_mm;
        const double given = slope_through(bass, bass_mm, treble, treble_mm);
        return ReferenceEdge{bass.plan_x_mm(bass_mm) - given * bass.y_mm(bass_mm), given};
    }
    if (!design.saddle.travel) return std::nullopt;
    std::vector<double> x_mm;
    std::vector<double> y_mm;
    for (std::size_t i = 0; i < strings.size(); ++i) {
        x_mm.push_back(saddles[i].crown_x_mm);
        y_mm.push_back(strings[i].line().saddle_y_mm);
    }
    return best_edge(*design.saddle.travel, slope, x_mm, y_mm);
}

void add_place(const Design& design, const StringOnNeck& string, std::size_t i,
               const std::optional<ReferenceEdge>& edge, SingleSaddle& saddle) {
    const StringLine& line = string.line();
    if (edge) saddle.from_edge_mm = saddle.crown_x_mm - edge->x_mm(line.saddle_y_mm);
    if (edge && design.saddle.travel)
        saddle.reserve = {*saddle.from_edge_mm - design.saddle.travel->least_mm,
                          design.saddle.travel->most_mm - *saddle.from_edge_mm};
    if (!design.bridge || !design.bridge->existing || design.bridge->existing->crown_mm.empty()) return;
    const double fret12_mm = string.neck().fret_x_mm(12, line.scale_mm);
    saddle.move_mm =
        line.saddle_x_mm + saddle.shared_off_mm - fret12_mm - design.bridge->existing->crown_mm[i];
    if (design.saddle.travel_pitch_mm) saddle.turns = *saddle.move_mm / *design.saddle.travel_pitch_mm;
}

} // namespace

std::optional<Reserve> SingleSaddles::least_reserve() const {
    std::optional<Reserve> least;
    for (const SingleSaddle& saddle : strings) {
        if (!saddle.reserve) continue;
        if (!least) least = saddle.reserve;
        least->toward_nut_mm = std::min(least->toward_nut_mm, saddle.reserve->toward_nut_mm);
        least->from_nut_mm = std::min(least->from_nut_mm, saddle.reserve->from_nut_mm);
    }
    return least;
}

ReferenceEdge best_edge(const Travel& travel, double slope, const std::vector<double>& crowns_x_mm,
                        const std::vector<double>& y_mm) {
    double nearest = crowns_x_mm.front() - slope * y_mm.front();
    double farthest = nearest;
    for (std::size_t i = 1; i < crowns_x_mm.size(); ++i) {
        nearest = std::min(nearest, crowns_x_mm[i] - slope * y_mm[i]);
        farthest = std::max(farthest, crowns_x_mm[i] - slope * y_mm[i]);
    }
    return {0.5 * (nearest - travel.least_mm + farthest - travel.most_mm), slope};
}

std::vector<SharedSaddle> saddles_of(const Design& design) {
    std::vector<SharedSaddle> saddles;
    for (std::size_t i = 0; i < design.strings.size(); i = saddles.back().last + 1) {
        const auto shared = std::find_if(design.saddle.groups.begin(), design.saddle.groups.end(),
                                         [i](const SharedSaddle& group) { return group.first == i; });
        saddles.push_back(shared == design.saddle.groups.end() ? SharedSaddle{i, i} : *shared);
    }
    return saddles;
}

SingleSaddles single_saddles(const Design& design, const std::vector<StringOnNeck>& strings) {
    const StringLine& bass = strings.front().line();
    const StringLine& treble = strings.back().line();
    // Shared saddles and the edge stand square; on a fanned neck they go with its scales' ends.
    const double slope =
        design.neck.fanned() ? slope_through(bass, bass.scale_mm, treble, treble.scale_mm) : 0.0;
    SingleSaddles made;
    made.strings.resize(strings.size());
    for (std::size_t i = 0; i < strings.size(); ++i)
        made.strings[i].crown_x_mm = crown_x_mm(strings[i].line());
    for (const SharedSaddle& shared : design.saddle.groups) {
        const double place_mm = shared_place_mm(strings, shared, slope);
        for (std::size_t i = shared.first; i <= shared.last; ++i) {
            const StringLine& line = strings[i].line();
            SingleSaddle& saddle = made.strings[i];
            saddle.crown_x_mm = place_mm + slope * line.saddle_y_mm;
            saddle.shared_off_mm = (saddle.crown_x_mm - crown_x_mm(line)) / line.plan_cosine;
            saddle.shared_cents = saddle.shared_off_mm * cents_per_crown_mm(strings[i], 12);
        }
    }
    made.edge = edge_of(design, strings, slope, made.strings);
    for (std::size_t i = 0; i < strings.size(); ++i) {
        add_place(design, strings[i], i, made.edge, made.strings[i]);
        const auto& reserve = made.strings[i].reserve;
        if (reserve && reserve->least_mm() < -rounding_mm) made.out_of_reach.push_back(i);
    }
    return made;
}

} // namespace fm
