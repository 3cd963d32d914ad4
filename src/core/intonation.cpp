#include "core/intonation.h"

#include "core/as_found.h"
#include "core/fit.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double tuner_u_cents = 0.3;
// A move is known to a few per cent: heights and tension follow it a little.
constexpr double move_share_u = 0.05;
const double cents_per_e_fold = 1200.0 / std::log(2.0); // for a ratio of e
constexpr double near_enough_cents = 0.5;               // nobody hears less
constexpr int most_low_fret = 5;
constexpr int least_octave_fret = 12;

/// One reading against the open string, and where its crown has been moved to by then.
struct Read {
    int fret = 12;
    double cents = 0;
    double moved_mm = 0; ///< by all moves so far
};

struct StringReads {
    std::vector<Read> reads;
    double moved_mm = 0;
    int rounds = 0;
};

StringReads reads_of(const std::vector<ReadingEntry>& ordered, std::size_t string, double harmonic_cents) {
    StringReads all;
    for (const ReadingEntry& entry : ordered) {
        if (string >= entry.strings.size()) continue;
        const StringReadings& read = entry.strings[string];
        if (read.crown_moved_mm) {
            all.moved_mm += *read.crown_moved_mm;
            ++all.rounds;
        }
        for (const CentsReading& each : read.cents)
            all.reads.push_back(
                {each.fret,
                 each.cents + (read.cents_against == CentsAgainst::harmonic ? harmonic_cents : 0.0),
                 all.moved_mm});
    }
    return all;
}

/// What the design wants at a fret, against the open string.
double wanted_cents(const StringSolution& target, int fret) {
    const auto n = static_cast<std::size_t>(fret);
    return n >= 1 && n <= target.cents.size() ? target.cents[n - 1] : 0.0;
}

} // namespace

bool CrownAdvice::there() const {
    return std::abs(off_cents) + u_cents <= near_enough_cents;
}

std::vector<std::optional<CrownAdvice>> crown_advice(const Design& design, const Solution& target,
                                                     const std::vector<ReadingEntry>& entries,
                                                     double flat_cents) {
    const std::vector<ReadingEntry> ordered = in_order(entries);
    const std::vector<FoundString> found = as_found(design, target, entries);
    const Neck neck(design.neck);
    std::vector<std::optional<CrownAdvice>> all(target.strings.size());
    for (std::size_t i = 0; i < target.strings.size(); ++i) {
        const StringReads read = reads_of(ordered, i, found[i].harmonic_cents);
        if (read.reads.empty() || target.strings[i].cents.empty()) continue;
        const StringOnNeck string(neck, target.strings[i].line);
        // Each reading says how far the crown stands from where it is right, in mm; weighed by how sure it
        // is.
        double weight = 0;
        double sum = 0;
        for (const Read& each : read.reads) {
            const double per_mm = cents_per_crown_mm(string, each.fret);
            const double moved_since_mm = read.moved_mm - each.moved_mm;
            const double off_mm =
                (each.cents - wanted_cents(target.strings[i], each.fret) + flat_cents) / -per_mm -
                moved_since_mm;
            const double u_mm = std::hypot(tuner_u_cents / per_mm, move_share_u * moved_since_mm);
            weight += 1 / (u_mm * u_mm);
            sum += off_mm / (u_mm * u_mm);
        }
        CrownAdvice advice;
        advice.string = i;
        advice.readings = static_cast<int>(read.reads.size());
        advice.rounds = read.rounds;
        advice.move_mm = sum / weight;
        advice.u_mm = 1 / std::sqrt(weight);
        advice.cents_per_mm = cents_per_crown_mm(string, least_octave_fret);
        advice.off_cents = -advice.move_mm * advice.cents_per_mm;
        advice.u_cents = -advice.u_mm * advice.cents_per_mm;
        advice.cents_now = wanted_cents(target.strings[i], least_octave_fret) - flat_cents + advice.off_cents;
        all[i] = advice;
    }
    return all;
}

std::optional<LineAdvice> line_advice(const Solution& target,
                                      const std::vector<std::optional<CrownAdvice>>& advice) {
    const double bass_y = target.strings.front().line.saddle_y_mm;
    const double treble_y = target.strings.back().line.saddle_y_mm;
    // Least squares of cents: weights are squares of cents per mm.
    double w = 0, wy = 0, wyy = 0, wm = 0, wym = 0;
    for (const auto& each : advice) {
        if (!each) continue;
        const double y = target.strings[each->string].line.saddle_y_mm;
        const double weight = each->cents_per_mm * each->cents_per_mm;
        w += weight;
        wy += weight * y;
        wyy += weight * y * y;
        wm += weight * each->move_mm;
        wym += weight * y * each->move_mm;
    }
    if (w == 0) return std::nullopt;
    const double determinant = w * wyy - wy * wy;
    const bool one_place = determinant < 1e-9 * w * wyy || determinant == 0;
    const double slope = one_place ? 0 : (w * wym - wy * wm) / determinant;
    const double at_centre = (wm - slope * wy) / w;
    LineAdvice line;
    line.bass_mm = at_centre + slope * bass_y;
    line.treble_mm = at_centre + slope * treble_y;
    for (const auto& each : advice) {
        if (!each) {
            line.left_cents.emplace_back();
            continue;
        }
        const double y = target.strings[each->string].line.saddle_y_mm;
        const double left = -(each->move_mm - (at_centre + slope * y)) * each->cents_per_mm;
        line.left_cents.emplace_back(left);
        line.worst_cents = std::max(line.worst_cents, std::abs(left));
    }
    return line;
}

std::optional<NutAdvice> nut_advice(const Design& design, const Solution& target,
                                    const std::vector<ReadingEntry>& entries) {
    const std::vector<ReadingEntry> ordered = in_order(entries);
    const std::vector<FoundString> found = as_found(design, target, entries);
    const Neck neck(design.neck);
    NutAdvice advice;
    double weight = 0, sum = 0, cents_sum = 0;
    for (std::size_t i = 0; i < target.strings.size(); ++i) {
        const StringReads read = reads_of(ordered, i, found[i].harmonic_cents);
        if (target.strings[i].cents.empty()) continue;
        const StringOnNeck string(neck, target.strings[i].line);
        // Two unknowns a string: a move of the crown, which works most far up, and one of the nut, which
        // works on every fret alike. Normal equations of cents.
        double cc = 0, cn = 0, nn = 0, cd = 0, nd = 0;
        bool low = false, high = false;
        const double per_nut = -cents_per_e_fold / (string.line().saddle_x_mm - string.line().set_forward_mm);
        for (const Read& each : read.reads) {
            if (each.moved_mm != read.moved_mm) continue; // of another length
            const double per_crown = cents_per_crown_mm(string, each.fret);
            const double over = each.cents - wanted_cents(target.strings[i], each.fret);
            cc += per_crown * per_crown;
            cn += per_crown * per_nut;
            nn += per_nut * per_nut;
            cd += per_crown * over;
            nd += per_nut * over;
            low = low || each.fret <= most_low_fret;
            high = high || each.fret >= least_octave_fret;
        }
        const double determinant = cc * nn - cn * cn;
        if (!low || !high || determinant <= 1e-9 * cc * nn) continue;
        const double forward_mm = -(cc * nd - cn * cd) / determinant;
        const double variance = tuner_u_cents * tuner_u_cents * cc / determinant;
        weight += 1 / variance;
        sum += forward_mm / variance;
        cents_sum += -forward_mm * per_nut;
        ++advice.strings;
    }
    if (advice.strings == 0) return std::nullopt;
    advice.forward_mm = sum / weight;
    advice.u_mm = 1 / std::sqrt(weight);
    advice.low_frets_cents = cents_sum / advice.strings;
    return advice;
}

} // namespace fm
