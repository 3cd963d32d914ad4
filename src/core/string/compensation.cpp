#include "core/string/compensation.h"

#include "core/string/root.h"

#include <algorithm>
#include <limits>

namespace fm {

namespace {

constexpr double crown_tolerance_mm = 1e-10; // far below what the errors' own rounding lets one see
constexpr double nudge_mm = 1e-3;            // for slopes: small against a neck, large against rounding

/// The furthest a crown is looked for: behind the last fret, and a quarter of the scale either way.
struct Reach {
    double least_mm;
    double most_mm;
};

Reach reach_of(const TunedString& string) {
    const double scale_mm = string.line.scale_mm;
    const double behind_last_mm = string.neck->fret_x_mm(string.neck->frets(), scale_mm) + 5.0 - scale_mm;
    return {std::max(behind_last_mm, -0.25 * scale_mm), 0.25 * scale_mm};
}

/// Errors of all frets and how they change with the crown and with the nut's front.
struct Errors {
    FretRow cents;
    FretRow per_crown_mm;
    FretRow per_nut_mm;
};

FretRow slopes(const TunedString& string, double c_mm, double delta_mm, double crown_step, double nut_step) {
    FretRow row{};
    row.fill(std::numeric_limits<double>::quiet_NaN());
    const int frets = string.neck->frets();
    const auto after = sound(string, c_mm + crown_step, delta_mm + nut_step, frets);
    const auto before = sound(string, c_mm - crown_step, delta_mm - nut_step, frets);
    if (!after || !before) return row;
    for (std::size_t n = 1; n <= static_cast<std::size_t>(frets); ++n)
        row[n] = (after->cents[n] - before->cents[n]) / (2.0 * (crown_step + nut_step));
    return row;
}

class StringSearch {
public:
    StringSearch(const SaddleDesign& saddle, const TunedString& string)
        : saddle_(saddle), string_(string), frets_(static_cast<std::size_t>(string.neck->frets())) {}

    std::optional<double> crown_mm(double delta_mm, double guess_mm) const {
        if (saddle_.compensation == CompensationMethod::fixed) return saddle_.fixed_mm;
        const Reach reach = reach_of(string_);
        const double start = std::clamp(guess_mm, reach.least_mm, reach.most_mm);
        const auto miss = [&](double c) {
            return seeks_octave(saddle_.compensation) ? octave_miss(c, delta_mm) : balance(c, delta_mm);
        };
        return bracketed_root(miss, start, reach.least_mm, reach.most_mm, crown_tolerance_mm);
    }

    /// Half the slope of the measure along delta, the crown following, and the measure itself.
    struct Measure {
        double squares = 0;
        double slope = 0;
        double curvature = 0;
        double crown_per_nut = 0; ///< how the crown follows the nut's front
    };
    Measure measure(double c_mm, double delta_mm) const {
        Measure sum;
        const auto heard = sound(string_, c_mm, delta_mm, static_cast<int>(frets_));
        if (!heard)
            return {std::numeric_limits<double>::quiet_NaN(), std::numeric_limits<double>::quiet_NaN()};
        const FretRow by_nut = slopes(string_, c_mm, delta_mm, 0.0, nudge_mm);
        const FretRow by_crown = slopes(string_, c_mm, delta_mm, nudge_mm, 0.0);
        // The crown follows: so that fret 12 stays true, or so that the weighted squares stay least.
        if (seeks_octave(saddle_.compensation))
            sum.crown_per_nut = -by_nut[octave_fret] / by_crown[octave_fret];
        if (saddle_.compensation == CompensationMethod::all_frets)
            sum.crown_per_nut = -dot(by_crown, by_nut) / dot(by_crown, by_crown);
        for (std::size_t n = 1; n <= frets_; ++n) {
            const double along = by_nut[n] + by_crown[n] * sum.crown_per_nut;
            sum.squares += weight(n) * heard->cents[n] * heard->cents[n];
            sum.slope += weight(n) * heard->cents[n] * along;
            sum.curvature += weight(n) * along * along;
        }
        return sum;
    }

    /// Crown and nut's front together, from a place near the best: least squares step by step, each solving
    /// for both. Nothing if it does not settle soon or leaves where a nut may stand.
    struct Pair {
        double c_mm = 0;
        double delta_mm = 0;
    };
    std::optional<Pair> near_pair(Pair at) const {
        constexpr int most_steps = 8;
        for (int step = 0; step < most_steps; ++step) {
            const auto heard = sound(string_, at.c_mm, at.delta_mm, static_cast<int>(frets_));
            if (!heard) return std::nullopt;
            const FretRow by_nut = slopes(string_, at.c_mm, at.delta_mm, 0.0, nudge_mm);
            const FretRow by_crown = slopes(string_, at.c_mm, at.delta_mm, nudge_mm, 0.0);
            const double cc = dot(by_crown, by_crown);
            const double cn = dot(by_crown, by_nut);
            const double nn = dot(by_nut, by_nut);
            const double c_slope = dot(heard->cents, by_crown);
            const double n_slope = dot(heard->cents, by_nut);
            const double area = cc * nn - cn * cn;
            const Pair move{(cn * n_slope - nn * c_slope) / area, (cn * c_slope - cc * n_slope) / area};
            at = {at.c_mm + move.c_mm, at.delta_mm + move.delta_mm};
            if (!(at.delta_mm > 0 && at.delta_mm < saddle_.set_forward_max_mm)) return std::nullopt;
            if (std::abs(move.c_mm) + std::abs(move.delta_mm) < crown_tolerance_mm) return at;
        }
        return std::nullopt;
    }

private:
    double weight(std::size_t fret) const {
        const bool weighted =
            saddle_.compensation == CompensationMethod::all_frets && !saddle_.fret_weights.empty();
        return weighted ? saddle_.fret_weights[fret - 1] : 1.0;
    }
    double dot(const FretRow& a, const FretRow& b) const {
        double sum = 0;
        for (std::size_t n = 1; n <= frets_; ++n) sum += weight(n) * a[n] * b[n];
        return sum;
    }

    /// Lengthening flattens, so the error with its sign turned rises with c.
    ValueAndSlope octave_miss(double c_mm, double delta_mm) const {
        const auto here = sound(string_, c_mm, delta_mm, octave_fret);
        const auto after = sound(string_, c_mm + nudge_mm, delta_mm, octave_fret);
        if (!here || !after) return {std::numeric_limits<double>::quiet_NaN(), 0};
        const double error = here->cents[octave_fret];
        return {-error, (error - after->cents[octave_fret]) / nudge_mm};
    }

    /// Half the slope of the weighted squares along c: zero where they are least.
    ValueAndSlope balance(double c_mm, double delta_mm) const {
        const auto here = sound(string_, c_mm, delta_mm, static_cast<int>(frets_));
        if (!here) return {std::numeric_limits<double>::quiet_NaN(), 0};
        const FretRow by_crown = slopes(string_, c_mm, delta_mm, nudge_mm, 0.0);
        return {dot(here->cents, by_crown), dot(by_crown, by_crown)};
    }

    const SaddleDesign& saddle_;
    const TunedString& string_;
    std::size_t frets_;
};

/// The set-forward of some strings together, their crowns following: where the sum of squares is least.
class NutSearch {
public:
    NutSearch(std::vector<StringSearch> strings, const std::vector<double>& guesses, double most_mm)
        : strings_(std::move(strings)), most_mm_(most_mm) {
        for (const double crown_mm : guesses) newest_.push_back({crown_mm, std::nullopt, 0.0});
    }

    std::optional<double> best_mm(std::optional<double> guess_mm) {
        if (guess_mm) {
            const auto near =
                refined_mm(std::max(0.0, *guess_mm - 0.02), std::min(most_mm_, *guess_mm + 0.02), *guess_mm);
            if (near) return near;
        }
        constexpr int pieces = 8;
        std::vector<StringSearch::Measure> at;
        for (int k = 0; k <= pieces; ++k) {
            at.push_back(sum(most_mm_ * k / pieces));
            if (std::isnan(at.back().squares)) return std::nullopt;
        }
        double best = at.front().squares <= at.back().squares ? 0.0 : most_mm_;
        double least = std::min(at.front().squares, at.back().squares);
        for (std::size_t k = 0; k < pieces; ++k) {
            if (!(at[k].slope < 0 && at[k + 1].slope >= 0)) continue;
            const double low = most_mm_ * static_cast<double>(k) / pieces;
            const double high = low + most_mm_ / pieces;
            const auto found = refined_mm(low, high, 0.5 * (low + high));
            if (!found) continue;
            const double squares = sum(*found).squares;
            if (squares <= least) {
                least = squares;
                best = *found;
            }
        }
        return best;
    }

private:
    std::optional<double> refined_mm(double low, double high, double start) {
        return bracketed_root(
            [this](double delta) {
                const StringSearch::Measure here = sum(delta);
                return ValueAndSlope{here.slope, here.curvature};
            },
            start, low, high, crown_tolerance_mm);
    }

    StringSearch::Measure sum(double delta_mm) {
        StringSearch::Measure total;
        for (std::size_t i = 0; i < strings_.size(); ++i) {
            Newest& newest = newest_[i];
            const double guess_mm =
                newest.crown_mm + newest.crown_per_nut * (delta_mm - newest.delta_mm.value_or(delta_mm));
            const auto crown = strings_[i].crown_mm(delta_mm, guess_mm);
            if (!crown)
                return {std::numeric_limits<double>::quiet_NaN(), std::numeric_limits<double>::quiet_NaN()};
            const StringSearch::Measure part = strings_[i].measure(*crown, delta_mm);
            newest = {*crown, delta_mm, part.crown_per_nut};
            total.squares += part.squares;
            total.slope += part.slope;
            total.curvature += part.curvature;
        }
        return total;
    }

    std::vector<StringSearch> strings_;
    double most_mm_;
    /// The newest crown and how it goes on from there, to begin the next search from.
    struct Newest {
        double crown_mm = 0;
        std::optional<double> delta_mm;
        double crown_per_nut = 0;
    };
    std::vector<Newest> newest_;
};

double rms_at(const TunedString& string, double c_mm, double delta_mm) {
    const auto heard = sound(string, c_mm, delta_mm, string.neck->frets());
    return heard ? rms_cents(*heard, string.neck->frets()) : 0.0;
}

CompensationStatus why_not(const TunedString& string, double delta_mm) {
    return sound(string, 0.0, delta_mm, 1) ? CompensationStatus::no_crown : CompensationStatus::no_tension;
}

} // namespace

std::optional<double> compensation_mm(const SaddleDesign& saddle, const TunedString& string,
                                      double set_forward_mm, double guess_mm) {
    return StringSearch(saddle, string).crown_mm(set_forward_mm, guess_mm);
}

namespace {

/// The crowns with the nut's front where the job has it, and which strings can be solved at all.
struct Sounding {
    std::vector<std::size_t> strings;
    std::vector<StringSearch> searches;
    std::vector<double> crowns_mm;
};

Compensated with_given_nut(const Design& design, const TunedString& string, double guess_mm) {
    const double given_mm = design.nut.set_forward_mm;
    Compensated found;
    found.set_forward_mm = given_mm;
    const auto crown = compensation_mm(design.saddle, string, given_mm, guess_mm);
    if (!crown || !sound(string, *crown, given_mm, 1)) {
        found.status = why_not(string, given_mm);
        return found;
    }
    found.compensation_mm = found.given_nut_mm = *crown;
    found.rms_before_cents = found.rms_cents = rms_at(string, *crown, given_mm);
    return found;
}

void move_nut(const TunedString& string, const StringSearch& search, std::optional<double> delta_mm,
              double guess_mm, Compensated& found) {
    const auto crown = delta_mm ? search.crown_mm(*delta_mm, guess_mm) : std::nullopt;
    if (!crown) {
        found.status = CompensationStatus::no_set_forward;
        return;
    }
    found.set_forward_mm = *delta_mm;
    found.compensation_mm = *crown;
    found.rms_cents = rms_at(string, *crown, *delta_mm);
}

} // namespace

std::vector<Compensated> compensated(const Design& design, const std::vector<TunedString>& strings,
                                     const std::vector<CompensationGuess>& guesses) {
    const auto guess_of = [&](std::size_t i) { return guesses.empty() ? CompensationGuess{} : guesses[i]; };
    const bool common = design.saddle.set_forward == SetForward::common;
    const bool all_known = !guesses.empty() && std::all_of(guesses.begin(), guesses.end(),
                                                           [](const auto& guess) { return guess.known; });
    std::vector<Compensated> found;
    Sounding sounding;
    for (std::size_t i = 0; i < strings.size(); ++i) {
        const CompensationGuess guess = guess_of(i);
        if (guess.known && (!common || all_known)) { // a common nut depends on all strings
            found.push_back(*guess.known);
            continue;
        }
        found.push_back(
            with_given_nut(design, strings[i], guess.given_nut_mm.value_or(guess.compensation_mm)));
        if (found.back().status != CompensationStatus::solved) continue;
        sounding.strings.push_back(i);
        sounding.searches.emplace_back(design.saddle, strings[i]);
        sounding.crowns_mm.push_back(guesses.empty() ? found.back().compensation_mm : guess.compensation_mm);
    }
    if (design.saddle.set_forward == SetForward::keep || sounding.strings.empty()) return found;
    const double most_mm = design.saddle.set_forward_max_mm;
    std::optional<double> common_mm;
    if (common)
        common_mm =
            NutSearch(sounding.searches, sounding.crowns_mm, most_mm).best_mm(guess_of(0).set_forward_mm);
    const bool pairs = !common && design.saddle.compensation == CompensationMethod::all_frets;
    for (std::size_t k = 0; k < sounding.strings.size(); ++k) {
        const std::size_t i = sounding.strings[k];
        const StringSearch& search = sounding.searches[k];
        const double crown_mm = sounding.crowns_mm[k];
        const auto guess = guess_of(i).set_forward_mm;
        const auto pair = pairs && guess ? search.near_pair({crown_mm, *guess}) : std::nullopt;
        if (pair) {
            found[i].set_forward_mm = pair->delta_mm;
            found[i].compensation_mm = pair->c_mm;
            found[i].rms_cents = rms_at(strings[i], pair->c_mm, pair->delta_mm);
            continue;
        }
        const auto delta_mm = common ? common_mm : NutSearch({search}, {crown_mm}, most_mm).best_mm(guess);
        move_nut(strings[i], search, delta_mm, crown_mm, found[i]);
    }
    return found;
}

} // namespace fm
