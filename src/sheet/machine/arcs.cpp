#include "sheet/machine/arcs.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace fm {

namespace {

constexpr double straight_mm = 5e-5; // what a straight piece misses: the rounding of corners
constexpr double no_length_mm = 2e-5;

double cross(Point a, Point b) {
    return a.x * b.y - a.y * b.x;
}
Point less(Point a, Point b) {
    return {a.x - b.x, a.y - b.y};
}
double between(Point a, Point b) {
    return std::hypot(a.x - b.x, a.y - b.y);
}

/// Of the arc from one point over another to a third.
double bulge_over(Point from, Point over, Point to) {
    const Point a = less(from, over);
    const Point b = less(to, over);
    const double seen = std::atan2(std::abs(cross(a, b)), a.x * b.x + a.y * b.y); // of the chord
    const double bulge = std::tan(0.5 * (std::acos(-1.0) - seen));
    return cross(less(over, from), less(to, over)) > 0 ? bulge : -bulge;
}

class Fit {
public:
    Fit(std::vector<Point> run, double within_mm) : run_(std::move(run)), within_mm_(within_mm) {}

    Path path(bool closed) const {
        Path path;
        path.closed = closed;
        for (std::size_t i = 0; i + 1 < run_.size();) {
            const Reached piece = farthest(i);
            path.vertices.push_back({run_[i], piece.bulge});
            i = piece.to;
        }
        if (!closed) path.vertices.push_back({run_.back()});
        return path;
    }

private:
    struct Reached {
        std::size_t to;
        double bulge;
    };

    Reached farthest(std::size_t from) const {
        Reached best{from + 1, 0.0};
        while (best.to + 1 < run_.size() && is_straight(from, best.to + 1)) ++best.to;
        for (std::size_t to = from + 2; to < run_.size(); ++to) {
            const auto bulge = arc(from, to);
            if (!bulge) break;
            if (to > best.to) best = {to, *bulge};
        }
        return best;
    }

    bool is_straight(std::size_t from, std::size_t to) const {
        const Point run = less(run_[to], run_[from]);
        const double length = std::hypot(run.x, run.y);
        if (length < no_length_mm) return false;
        for (std::size_t k = from + 1; k < to; ++k) {
            const Point arm = less(run_[k], run_[from]);
            const double along = (arm.x * run.x + arm.y * run.y) / length;
            if (std::abs(cross(run, arm)) / length > straight_mm || along < 0 || along > length) return false;
        }
        return true;
    }

    std::optional<double> arc(std::size_t from, std::size_t to) const {
        if (between(run_[from], run_[to]) < no_length_mm) return std::nullopt;
        const double bulge = bulge_over(run_[from], middle(from, to), run_[to]);
        if (std::abs(bulge) < 1e-9 || std::abs(bulge) > 1.0 + 1e-3) return std::nullopt;
        const Point centre = arc_centre(run_[from], run_[to], bulge);
        const double radius = between(centre, run_[from]);
        const double way = bulge > 0 ? 1.0 : -1.0;
        for (std::size_t k = from; k < to; ++k) {
            const Point& a = run_[k];
            const Point& b = run_[k + 1];
            const Point half{0.5 * (a.x + b.x), 0.5 * (a.y + b.y)};
            for (const Point& p : {b, half})
                if (std::abs(between(centre, p) - radius) > within_mm_) return std::nullopt;
            // On it goes, never back.
            if (way * cross(less(a, centre), less(b, centre)) < -radius * no_length_mm) return std::nullopt;
        }
        return bulge;
    }

    /// The corner halfway along.
    Point middle(std::size_t from, std::size_t to) const {
        double length = 0;
        for (std::size_t k = from; k < to; ++k) length += between(run_[k], run_[k + 1]);
        double gone = 0;
        std::size_t k = from;
        while (k + 2 < to && gone + between(run_[k], run_[k + 1]) < 0.5 * length)
            gone += between(run_[k], run_[k + 1]), ++k;
        return run_[std::max(k, from + 1)];
    }

    std::vector<Point> run_; ///< its first corner again at the end
    double within_mm_;
};

} // namespace

Point arc_centre(Point from, Point to, double bulge) {
    // Half the chord over the tangent of half the turn, to the left of the chord for what turns left.
    const double up = 0.25 * (1.0 / bulge - bulge);
    return {0.5 * (from.x + to.x) - up * (to.y - from.y), 0.5 * (from.y + to.y) + up * (to.x - from.x)};
}

Path fitted_by_arcs(const std::vector<Point>& corners, double within_mm, bool closed) {
    std::vector<Point> run;
    for (const Point& p : corners)
        if (run.empty() || between(run.back(), p) >= no_length_mm) run.push_back(p);
    if (!closed) return Fit(std::move(run), within_mm).path(false);
    while (run.size() > 1 && between(run.front(), run.back()) < no_length_mm) run.pop_back();
    // From its sharpest corner, where no arc goes on.
    std::size_t sharpest = 0;
    double most = -1;
    for (std::size_t i = 0; i < run.size(); ++i) {
        const Point in = less(run[i], run[(i + run.size() - 1) % run.size()]);
        const Point out = less(run[(i + 1) % run.size()], run[i]);
        const double turn = std::atan2(std::abs(cross(in, out)), in.x * out.x + in.y * out.y);
        if (turn > most + 1e-9) most = turn, sharpest = i;
    }
    std::rotate(run.begin(), run.begin() + static_cast<std::ptrdiff_t>(sharpest), run.end());
    run.push_back(run.front());
    return Fit(std::move(run), within_mm).path(true);
}

} // namespace fm
