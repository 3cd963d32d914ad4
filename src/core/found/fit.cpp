#include "core/found/fit.h"

#include "core/string/root.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double least_end_stiffness = -3.0; // it absorbs an error of the crown's place and may leave 0 … 1
constexpr double most_end_stiffness = 4.0;
constexpr double most_stretch_factor = 6.0; // either way from the estimate
constexpr double tuner_cents = 1.0;         // one standard deviation of a reading, whatever few of them agree
constexpr std::size_t readings_for_stretch = 6;

class Fitting {
public:
    Fitting(const TunedString& tuned, const StandingString& standing, std::vector<CentsRead> readings)
        : tuned_(tuned), standing_(standing), readings_(std::move(readings)),
          usual_ea_n_(tuned.stretch_stiffness_n) {}

    /// What the model says less what was read, fret by fret; empty if it cannot sound.
    std::vector<double> misses(double kappa, double ea_n) const {
        TunedString tried = tuned_;
        tried.body.end_stiffness = kappa;
        tried.stretch_stiffness_n = ea_n;
        const auto heard = sound_standing(tried, standing_, standing_.frets());
        if (!heard) return {};
        std::vector<double> list;
        for (std::size_t k = 0; k < readings_.size(); ++k)
            list.push_back(heard->cents[static_cast<std::size_t>(readings_[k].fret)] -
                           measured(k, tried, heard->tension_n[0]));
        return list;
    }

    double measured_cents(std::size_t k, double kappa) const {
        TunedString tried = tuned_;
        tried.body.end_stiffness = kappa;
        const auto open_n = tension_n(tried.body, standing_.open_length_mm(), tried.pitch_hz);
        return measured(k, tried, open_n.value_or(1.0));
    }

    std::optional<double> best_kappa(double ea_n) const {
        return bracketed_root(
            [&](double kappa) {
                const std::vector<double> miss = misses(kappa, ea_n);
                const std::vector<double> slope = by_kappa(kappa, ea_n);
                if (miss.empty() || slope.empty()) return ValueAndSlope{NAN, 0};
                return ValueAndSlope{dot(miss, slope), dot(slope, slope)};
            },
            0.25, least_end_stiffness, most_end_stiffness, 1e-10);
    }

    /// The logarithm of EA over its usual value at which the squares are least, kappa following.
    std::optional<double> best_log_ea() const {
        const double most = std::log(most_stretch_factor);
        return bracketed_root(
            [&](double log_ea) {
                const double ea_n = usual_ea_n_ * std::exp(log_ea);
                const auto kappa = best_kappa(ea_n);
                if (!kappa) return ValueAndSlope{NAN, 0};
                const std::vector<double> miss = misses(*kappa, ea_n);
                const std::vector<double> k_slope = by_kappa(*kappa, ea_n);
                std::vector<double> slope = by_log_ea(*kappa, ea_n);
                const double follow = -dot(k_slope, slope) / dot(k_slope, k_slope);
                for (std::size_t n = 0; n < slope.size(); ++n) slope[n] += follow * k_slope[n];
                return ValueAndSlope{dot(miss, slope), dot(slope, slope)};
            },
            0.0, -most, most, 1e-9);
    }

    std::vector<double> by_kappa(double kappa, double ea_n) const {
        return difference(misses(kappa + 1e-4, ea_n), misses(kappa - 1e-4, ea_n), 2e-4);
    }
    std::vector<double> by_log_ea(double kappa, double ea_n) const {
        return difference(misses(kappa, ea_n * std::exp(1e-4)), misses(kappa, ea_n * std::exp(-1e-4)), 2e-4);
    }
    static double dot(const std::vector<double>& a, const std::vector<double>& b) {
        double sum = 0;
        for (std::size_t n = 0; n < a.size(); ++n) sum += a[n] * b[n];
        return sum;
    }
    double usual_ea_n() const { return usual_ea_n_; }
    const std::vector<CentsRead>& readings() const { return readings_; }

    bool enough_for_stretch() const {
        if (readings_.size() < readings_for_stretch) return false;
        const auto [low, high] = std::minmax_element(
            readings_.begin(), readings_.end(), [](const auto& a, const auto& b) { return a.fret < b.fret; });
        return low->fret <= 5 && high->fret >= 12;
    }

private:
    double measured(std::size_t k, const TunedString& tried, double open_n) const {
        if (readings_[k].against == CentsAgainst::open) return readings_[k].cents;
        return readings_[k].cents +
               harmonic_above_octave_cents(tried.body, standing_.open_length_mm(), open_n);
    }
    static std::vector<double> difference(const std::vector<double>& after, const std::vector<double>& before,
                                          double step) {
        std::vector<double> list;
        for (std::size_t n = 0; n < std::min(after.size(), before.size()); ++n)
            list.push_back((after[n] - before[n]) / step);
        return list;
    }

    const TunedString& tuned_;
    const StandingString& standing_;
    std::vector<CentsRead> readings_;
    double usual_ea_n_;
};

double rms(const std::vector<double>& misses) {
    return std::sqrt(Fitting::dot(misses, misses) / static_cast<double>(misses.size()));
}

/// Standard deviations from what the fit leaves, and the conditioning in words.
void judge(const Fitting& fitting, double kappa, double ea_n, Fit& result) {
    const std::vector<double> miss = fitting.misses(kappa, ea_n);
    const std::vector<double> k_slope = fitting.by_kappa(kappa, ea_n);
    const std::vector<double> ea_slope = fitting.by_log_ea(kappa, ea_n);
    const double kk = Fitting::dot(k_slope, k_slope);
    const double ke = Fitting::dot(k_slope, ea_slope);
    const double ee = Fitting::dot(ea_slope, ea_slope);
    const std::size_t unknowns = result.stretch_stiffness_n ? 2 : 1;
    const std::size_t spare = miss.size() - std::min(miss.size(), unknowns);
    const double scatter =
        spare > 0 ? std::max(std::sqrt(Fitting::dot(miss, miss) / static_cast<double>(spare)), tuner_cents)
                  : tuner_cents;
    result.correlation = kk > 0 && ee > 0 ? -ke / std::sqrt(kk * ee) : 0.0;
    if (!result.stretch_stiffness_n) {
        result.end_stiffness.standard = scatter / std::sqrt(kk);
    } else {
        const double determinant = kk * ee - ke * ke;
        result.end_stiffness.standard = scatter * std::sqrt(ee / determinant);
        result.stretch_stiffness_n->standard = ea_n * scatter * std::sqrt(kk / determinant);
        if (std::abs(result.correlation) > 0.95)
            result.notes.push_back({"fit_not_told_apart", Severity::warning, {}, {}});
    }
    if (result.end_stiffness.standard > 0.3)
        result.notes.push_back({"fit_says_little",
                                Severity::warning,
                                {},
                                {std::round(result.end_stiffness.standard * 100) / 100}});
    constexpr double shown = 0.005; // what rounds to 0 or 1 is inside
    if (kappa < -shown || kappa > 1 + shown)
        result.notes.push_back({"fit_outside", Severity::note, {}, {std::round(kappa * 100) / 100}});
}

} // namespace

/// The design's strings, this one's crown where it was measured.
Solution with_crown_found(const Solution& target, const Neck& neck, std::size_t string,
                          const std::optional<double>& crown_mm) {
    Solution stands = target;
    StringLine& line = stands.strings[string].line;
    if (crown_mm) line.saddle_x_mm = neck.fret_x_mm(octave_fret, line.scale_mm) + *crown_mm;
    return stands;
}

std::optional<Fit> fit(const Design& design, const Solution& target, const ReadingLog& entries,
                       std::size_t string) {
    std::vector<CentsRead> readings = newest_cents(entries, string);
    if (readings.size() < 2) return std::nullopt;
    Design unfitted = design_as_found(design, entries);
    unfitted.strings[string].end_stiffness.reset();
    unfitted.strings[string].stretch_stiffness_n.reset();
    const Neck neck(unfitted.neck);
    const std::optional<double> crown_mm = cents_rounds(entries, string + 1)[string].crown_mm;
    const Solution stands = with_crown_found(target, neck, string, crown_mm);
    const TunedString tuned = tuned_string(unfitted, neck, stands.strings[string].line, string);
    const std::vector<FoundString> found = as_found(design, stands, entries);
    const Fitting fitting(tuned, found[string].standing, std::move(readings));
    const std::vector<double> before = fitting.misses(tuned.body.end_stiffness, tuned.stretch_stiffness_n);
    if (before.empty()) return std::nullopt;
    Fit result;
    result.crown_known = crown_mm.has_value();
    if (!result.crown_known) result.notes.push_back({"fit_needs_crown", Severity::warning, {}, {}});
    double ea_n = fitting.usual_ea_n();
    if (fitting.enough_for_stretch()) {
        if (const auto log_ea = fitting.best_log_ea()) {
            ea_n *= std::exp(*log_ea);
            result.stretch_stiffness_n = Fitted{ea_n, 0};
        } else {
            result.notes.push_back({"fit_no_stretch", Severity::warning, {}, {}});
        }
    }
    const auto kappa = fitting.best_kappa(ea_n);
    if (!kappa) return std::nullopt;
    result.end_stiffness.value = *kappa;
    const std::vector<double> after = fitting.misses(*kappa, ea_n);
    result.rms_before_cents = rms(before);
    result.rms_after_cents = rms(after);
    for (std::size_t k = 0; k < fitting.readings().size(); ++k)
        result.residuals.push_back(
            {fitting.readings()[k].fret, fitting.measured_cents(k, *kappa), before[k], after[k]});
    judge(fitting, *kappa, ea_n, result);
    return result;
}

std::optional<CrownRange> crown_range(const Design& design, const Solution& solution, std::size_t string) {
    const Neck neck(design.neck);
    TunedString tuned = tuned_string(design, neck, solution.strings[string].line, string);
    const double delta_mm = solution.strings[string].line.set_forward_mm;
    const auto crown_at = [&](double kappa) {
        tuned.body.end_stiffness = kappa;
        return compensation_mm(design.saddle, tuned, delta_mm, solution.strings[string].compensation_mm);
    };
    const auto at_0 = crown_at(0.0);
    const auto at_half = crown_at(0.5);
    if (!at_0 || !at_half) return std::nullopt;
    return CrownRange{*at_0, *at_half};
}

double crown_move_mm(const StringOnNeck& string, double cents, double flat_cents) {
    return (cents + flat_cents) / -cents_per_crown_mm(string, 12);
}

} // namespace fm
