#include "core/solution/least_action.h"

#include "core/string/root.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double least_mm = 0.2; // what a job may ask for
constexpr double most_mm = 12.0;
constexpr double usual_mm = 2.0;
constexpr double most_relief_mm = 0.5;
constexpr double action_tolerance_mm = 1e-7;
constexpr double relief_tolerance_mm = 1e-4; // a hundredth of what any gauge reads
constexpr double settled_mm = 1e-5;          // a mean that moves by less moves no more

/// How much room a string has left where it has least, and where that is.
struct Room {
    double room_mm = 0;
    int fretted = 0;
    int over = 0;
};

Room least_room(const TunedString& tuned, double action_mm) {
    TunedString moved = tuned;
    moved.targets.action_mm = action_mm;
    const StringOnNeck on(*moved.neck, moved.line);
    const StandingString standing(on, solved_heights(on, moved.targets));
    const auto heard = sound_standing(moved, standing, standing.frets());
    Room least{-1.0, 0, 0};
    if (!heard) return least;
    const double pluck_n = player_force_n(moved, standing.length_left_mm(0), heard->tension_n[0]);
    bool first = true;
    for (int fretted = 0; fretted < standing.frets(); ++fretted) {
        const double tension_n = heard->tension_n[static_cast<std::size_t>(fretted)];
        // The open string over fret 1 is the nut's matter: no action mends it.
        const Headroom head =
            headroom(standing, moved.player, fretted, tension_n, fretted == 0 ? 2 : fretted + 1);
        if (!head.force_n) continue;
        const double clear_mm = clearance_mm(standing, fretted, head.fret);
        // Swing grows with the pluck: what the clearance lacks for this one.
        const double room_mm =
            *head.force_n > 0 ? clear_mm * (1.0 - pluck_n / *head.force_n) : clear_mm - 1e-6;
        if (first || room_mm < least.room_mm) least = {room_mm, fretted, head.fret};
        first = false;
    }
    if (first) least.room_mm = 1.0; // no pluck reaches a fret
    return least;
}

struct Line {
    double bass_mm = most_mm;
    double treble_mm = most_mm;
    double mean_mm() const { return 0.5 * (bass_mm + treble_mm); }
};

struct Point {
    double share;
    double mm;
};

/// The line over all points that is lowest in the middle and never rises toward the treble, as no hand asks
/// for: through two of them, or level with the highest.
Line lowest_line(const std::vector<Point>& points) {
    double highest = least_mm;
    for (const Point& point : points) highest = std::max(highest, point.mm);
    Line best{highest, highest};
    std::vector<Point> all = points;
    all.push_back({0.0, least_mm});
    all.push_back({1.0, least_mm});
    for (std::size_t a = 0; a < all.size(); ++a)
        for (std::size_t b = a + 1; b < all.size(); ++b) {
            if (all[a].share == all[b].share) continue;
            const double slope = (all[b].mm - all[a].mm) / (all[b].share - all[a].share);
            const Line line{all[a].mm - slope * all[a].share, all[a].mm + slope * (1.0 - all[a].share)};
            const bool over_all = std::all_of(all.begin(), all.end(), [&](const Point& point) {
                return line.bass_mm + slope * point.share >= point.mm - 1e-12;
            });
            const bool falls = slope <= 1e-12;
            if (over_all && falls && line.mean_mm() < best.mean_mm() - 1e-12) best = line;
        }
    return best;
}

/// Everything for one relief.
struct Trial {
    std::optional<Line> line; ///< none: some string cannot be freed
    std::vector<ActionLimit> strings;
    double mean_mm() const { return line ? line->mean_mm() : 2.0 * most_mm; }
};

/// @param near_mm one a string, to begin looking from: those found last
Trial trial(const Design& design, const std::vector<StringLine>& lines, double relief_mm,
            std::vector<double>& near_mm) {
    Design moved = design;
    moved.neck.relief->depth_mm = relief_mm;
    const Neck neck(moved.neck);
    Trial made;
    std::vector<Point> points;
    for (std::size_t i = 0; i < lines.size(); ++i) {
        const auto limit = least_action_of_string(moved, neck, lines[i], i, near_mm[i]);
        if (!limit) return {};
        near_mm[i] = limit->action_mm;
        made.strings.push_back(*limit);
        const double share =
            lines.size() > 1 ? static_cast<double>(i) / static_cast<double>(lines.size() - 1) : 0.5;
        points.push_back({share, limit->action_mm});
    }
    made.line = lowest_line(points);
    return made;
}

/// Whose open note meets fret 1 under this hand, whatever the action.
std::vector<std::size_t> nut_limits(const Design& design, const Solution& solution) {
    const Neck neck(design.neck);
    std::vector<std::size_t> strings;
    for (std::size_t i = 0; i < solution.strings.size(); ++i) {
        const StringSolution& string = solution.strings[i];
        if (!string.sound) continue;
        const StandingString standing(StringOnNeck(neck, string.line), string.ends);
        const double length_mm = standing.length_left_mm(0);
        const double swing_mm = swing_mm_per_n(design.player, length_mm, string.sound->tension_n[0],
                                               standing.x_mm(1) - standing.x_mm(0));
        if (clearance_mm(standing, 0, 1) < *string.player_force_n * swing_mm) strings.push_back(i);
    }
    return strings;
}

/// The best relief: a grid, so that no valley is missed, then the golden section in the deepest; near the one
/// before, where it is known about.
double best_relief_mm(const Design& design, const std::vector<StringLine>& lines,
                      std::optional<double> known_mm, std::vector<double>& near_mm) {
    const auto mean_mm = [&](double relief) { return trial(design, lines, relief, near_mm).mean_mm(); };
    constexpr int pieces = 10;
    double best = known_mm.value_or(0.0);
    double best_mm = mean_mm(best);
    for (int k = 1; k <= pieces && !known_mm; ++k) {
        const double relief = most_relief_mm * k / pieces;
        const double here = mean_mm(relief);
        if (here < best_mm) best = relief, best_mm = here;
    }
    const double golden = 0.5 * (std::sqrt(5.0) - 1.0);
    const double reach_mm = known_mm ? 0.01 : most_relief_mm / pieces;
    double low = std::max(0.0, best - reach_mm);
    double high = std::min(most_relief_mm, best + reach_mm);
    double a = high - golden * (high - low);
    double b = low + golden * (high - low);
    double at_a = mean_mm(a);
    double at_b = mean_mm(b);
    while (high - low > relief_tolerance_mm) {
        if (at_a <= at_b) {
            high = b;
            b = a;
            at_b = at_a;
            a = high - golden * (high - low);
            at_a = mean_mm(a);
        } else {
            low = a;
            a = b;
            at_a = at_b;
            b = low + golden * (high - low);
            at_b = mean_mm(b);
        }
    }
    const double found = 0.5 * (low + high);
    if (mean_mm(found) < best_mm) return found;
    return best;
}

std::vector<StringLine> lines_of(const Solution& solution) {
    std::vector<StringLine> lines;
    for (const StringSolution& string : solution.strings) lines.push_back(string.line);
    return lines;
}

void take(const Trial& found, double relief_mm, LeastAction& result) {
    result.relief.depth_mm = relief_mm;
    result.bass_mm = found.line->bass_mm;
    result.treble_mm = found.line->treble_mm;
    result.mean_mm = found.line->mean_mm();
    result.limits.clear();
    for (std::size_t i = 0; i < found.strings.size(); ++i) {
        const double share = found.strings.size() > 1
                                 ? static_cast<double>(i) / static_cast<double>(found.strings.size() - 1)
                                 : 0.5;
        const double line_mm = result.bass_mm + (result.treble_mm - result.bass_mm) * share;
        if (line_mm - found.strings[i].action_mm < 1e-6) result.limits.push_back(found.strings[i]);
    }
}

} // namespace

std::optional<ActionLimit> least_action_of_string(const Design& design, const Neck& neck,
                                                  const StringLine& line, std::size_t index, double near_mm) {
    TunedString tuned = tuned_string(design, neck, line, index);
    tuned.line = line;
    constexpr double nudge_mm = 1e-3;
    const auto room = [&](double action) {
        const double here = least_room(tuned, action).room_mm;
        return ValueAndSlope{here, (least_room(tuned, action + nudge_mm).room_mm - here) / nudge_mm};
    };
    double action_mm = least_mm;
    if (least_room(tuned, least_mm).room_mm < 0) {
        const auto found = bracketed_root(room, std::clamp(near_mm, least_mm, most_mm), least_mm, most_mm,
                                          action_tolerance_mm);
        if (!found) return std::nullopt;
        action_mm = *found;
    }
    const Room limit = least_room(tuned, action_mm);
    return ActionLimit{index, limit.fretted, limit.over, action_mm};
}

namespace {

/// @param given_mm the relief; none: the best of all
std::optional<LeastAction> found_least(const Design& design, std::optional<double> given_mm) {
    Design moved = design;
    if (!moved.neck.relief) moved.neck.relief = moved.neck.straight();
    if (given_mm) moved.neck.relief->depth_mm = *given_mm;
    LeastAction result;
    result.relief = *moved.neck.relief;
    Solution solution = solve(moved);
    std::vector<double> near_mm(design.strings.size(), usual_mm);
    // The crowns move a little with the heights: solved anew until that changes nothing more.
    for (int round = 0; round < 4; ++round) {
        const double before_mm = result.mean_mm;
        const std::vector<StringLine> lines = lines_of(solution);
        const auto known_mm = round > 0 ? std::optional(result.relief.depth_mm) : std::nullopt;
        const double relief_mm = given_mm ? *given_mm : best_relief_mm(moved, lines, known_mm, near_mm);
        const Trial found = trial(moved, lines, relief_mm, near_mm);
        if (!found.line) return std::nullopt;
        take(found, relief_mm, result);
        if (std::abs(result.mean_mm - before_mm) < settled_mm) break;
        moved.neck.relief->depth_mm = relief_mm;
        moved.saddle.action = {result.bass_mm, result.treble_mm, {}};
        solution = solve(moved);
    }
    result.nut_limits = nut_limits(moved, solution);
    return result;
}

} // namespace

std::optional<LeastAction> least_action(const Design& design) {
    return found_least(design, std::nullopt);
}

std::optional<LeastAction> least_action_at(const Design& design, double relief_mm) {
    return found_least(design, relief_mm);
}

} // namespace fm
