#include "core/found/intonation.h"

#include "core/found/as_found.h"
#include "core/found/fit.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

// A move is known to a few per cent: heights and tension follow it a little.
constexpr double move_share_u = 0.05;
const double cents_per_e_fold = 1200.0 / std::log(2.0); // for a ratio of e
constexpr int most_low_fret = 5;
constexpr double far_move_mm = 1.0; // before it the frets beside the octave are asked
constexpr double sure = 3.0;        // standard deviations

/// One reading against the open string that counts, and where its crown had been moved to by then.
struct Read {
    int fret = 12;
    double cents = 0;
    double moved_mm = 0;
};

std::vector<Read> counting(const CentsOfString& string, double harmonic_cents) {
    std::vector<Read> list;
    for (const CentsRead& read : string.reads)
        if (read.counts)
            list.push_back({read.fret,
                            read.cents + (read.against == CentsAgainst::harmonic ? harmonic_cents : 0.0),
                            read.moved_mm});
    return list;
}

/// What the design wants at a fret, against the open string.
double wanted_cents(const StringSolution& target, int fret) {
    const auto n = static_cast<std::size_t>(fret);
    return n >= 1 && n <= target.cents.size() ? target.cents[n - 1] : 0.0;
}

} // namespace

namespace {

/// Two readings further apart are not chance.
double contradicting_cents(const IntonationAim& aim) {
    return sure * std::hypot(aim.tuner_u_cents, aim.tuner_u_cents);
}

/// Of three readings of one fret or more, its crown in one place, what is far from their median was misread.
std::vector<Read> without_misread(const std::vector<Read>& reads, double far_cents) {
    std::vector<Read> kept;
    for (const Read& read : reads) {
        std::vector<double> same;
        for (const Read& each : reads)
            if (each.fret == read.fret && each.moved_mm == read.moved_mm) same.push_back(each.cents);
        const auto middle = same.begin() + static_cast<std::ptrdiff_t>(same.size() / 2);
        std::nth_element(same.begin(), middle, same.end());
        if (same.size() < 3 || std::abs(read.cents - *middle) <= far_cents) kept.push_back(read);
    }
    return kept;
}

/// How far the crown stands from where a reading wants it [mm], and one standard deviation of it.
struct Off {
    double mm = 0;
    double u_mm = 0;
};

/// Readings of one string against what its design wants.
class CrownReads {
public:
    CrownReads(const StringSolution& target, const StringOnNeck& string, const std::vector<Read>& reads,
               double moved_mm, const IntonationAim& aim)
        : target_(target), string_(string), reads_(without_misread(reads, contradicting_cents(aim))),
          moved_mm_(moved_mm), aim_(aim) {}

    const std::vector<Read>& reads() const { return reads_; }

    Off off(const Read& read) const {
        const double per_mm = cents_per_crown_mm(string_, read.fret);
        const double moved_since_mm = moved_mm_ - read.moved_mm;
        return {(read.cents - wanted_cents(target_, read.fret) + aim_.flat_cents) / -per_mm - moved_since_mm,
                std::hypot(aim_.tuner_u_cents / per_mm, move_share_u * moved_since_mm)};
    }

    /// All of them together, weighed by how sure each is; of no reading: nothing.
    std::optional<Off> mean(const auto& takes) const {
        double weight = 0;
        double sum = 0;
        for (const Read& read : reads_) {
            if (!takes(read.fret)) continue;
            const Off one = off(read);
            weight += 1 / (one.u_mm * one.u_mm);
            sum += one.mm / (one.u_mm * one.u_mm);
        }
        if (weight == 0) return std::nullopt;
        return Off{sum / weight, 1 / std::sqrt(weight)};
    }

    bool has(int fret) const {
        return std::any_of(reads_.begin(), reads_.end(), [&](const Read& read) { return read.fret == fret; });
    }

    /// What the only two readings of a fret differ by, its crown in one place, where that is beyond chance.
    double apart_cents() const {
        double most = 0;
        for (const Read& a : reads_) {
            std::vector<double> same;
            for (const Read& b : reads_)
                if (a.fret == b.fret && a.moved_mm == b.moved_mm) same.push_back(b.cents);
            if (same.size() == 2) most = std::max(most, std::abs(same[0] - same[1]));
        }
        return most > contradicting_cents(aim_) ? most : 0.0;
    }

private:
    const StringSolution& target_;
    const StringOnNeck& string_;
    std::vector<Read> reads_;
    double moved_mm_ = 0;
    IntonationAim aim_;
};

bool beside_octave(int fret) {
    return fret == octave_fret - 1 || fret == octave_fret + 1;
}

/// A fret 12 that stands wrong alone is left out; where it might, its neighbours are asked for.
Off without_wrong_octave(const CrownReads& reads, CrownAdvice& advice) {
    const auto any = [](int) { return true; };
    const Off all = *reads.mean(any);
    if (!reads.has(octave_fret)) return all;
    for (const int fret : {octave_fret - 1, octave_fret + 1})
        if (!reads.has(fret) && std::abs(all.mm) > far_move_mm) advice.ask_frets.push_back(fret);
    const auto octave = reads.mean([](int fret) { return fret == octave_fret; });
    const auto beside = reads.mean(beside_octave);
    if (!beside || !reads.has(octave_fret - 1) || !reads.has(octave_fret + 1)) return all;
    if (std::abs(octave->mm - beside->mm) <= sure * std::hypot(octave->u_mm, beside->u_mm)) return all;
    advice.fret12_off_cents = -(octave->mm - beside->mm) * advice.cents_per_mm;
    return *reads.mean([](int fret) { return fret != octave_fret; });
}

} // namespace

double leaves_saddle_mm(const Design& design, const Solution& target, const StringLine& line,
                        double crown_x_mm) {
    if (design.saddle.height_by != HeightBy::bottom_and_top || design.saddle.travel) return 0;
    const StraightSaddle& saddle = target.straight_saddle;
    const double across_mm = (line.plan_x_mm(crown_x_mm) - saddle.slot_x_mm(line.saddle_y_mm)) *
                             std::cos(std::atan(saddle.line.slope));
    const double room_mm = 0.5 * design.saddle.thickness_mm - design.saddle.crown_edge_mm;
    return across_mm > room_mm ? across_mm - room_mm : std::min(0.0, across_mm + room_mm);
}

double crown_stands_mm(const StringOnNeck& string, const CentsOfString& read) {
    return read.crown_mm ? string.fret_x_mm(octave_fret) + *read.crown_mm
                         : string.line().saddle_x_mm + read.moved_mm;
}

std::vector<std::optional<CrownAdvice>> crown_advice(const Design& design, const Solution& target,
                                                     const ReadingLog& entries, const IntonationAim& aim) {
    const std::vector<FoundString> found = as_found(design, target, entries);
    const std::vector<CentsOfString> rounds = cents_rounds(entries, target.strings.size());
    const Neck neck(design.neck);
    std::vector<std::optional<CrownAdvice>> all(target.strings.size());
    for (std::size_t i = 0; i < target.strings.size(); ++i) {
        const StringOnNeck string(neck, target.strings[i].line);
        const CrownReads reads(target.strings[i], string, counting(rounds[i], found[i].harmonic_cents),
                               rounds[i].moved_mm, aim);
        if (reads.reads().empty() || target.strings[i].cents.empty()) continue;
        CrownAdvice advice;
        advice.string = i;
        advice.readings = static_cast<int>(reads.reads().size());
        advice.moves = rounds[i].moves;
        advice.cents_per_mm = cents_per_crown_mm(string, octave_fret);
        const Off off = without_wrong_octave(reads, advice);
        advice.move_mm = off.mm;
        advice.u_mm = off.u_mm;
        advice.off_cents = -off.mm * advice.cents_per_mm;
        advice.u_cents = -off.u_mm * advice.cents_per_mm;
        advice.apart_cents = reads.apart_cents();
        const bool near = std::abs(advice.off_cents) <= aim.near_cents;
        advice.there = near && advice.readings >= 2 && advice.apart_cents == 0;
        advice.read_again = !advice.there && (near || advice.apart_cents > 0);
        const double stands_mm = crown_stands_mm(string, rounds[i]);
        if (rounds[i].crown_mm) advice.short_mm = string.line().saddle_x_mm - stands_mm;
        if (!advice.there && !advice.read_again)
            advice.leaves_saddle_mm =
                leaves_saddle_mm(design, target, string.line(), stands_mm + advice.move_mm);
        all[i] = std::move(advice);
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

std::optional<NutAdvice> nut_advice(const Design& design, const Solution& target, const ReadingLog& entries,
                                    const IntonationAim& aim) {
    const std::vector<CentsOfString> rounds = cents_rounds(entries, target.strings.size());
    const std::vector<FoundString> found = as_found(design, target, entries);
    const Neck neck(design.neck);
    NutAdvice advice;
    double weight = 0, sum = 0, cents_sum = 0;
    for (std::size_t i = 0; i < target.strings.size(); ++i) {
        if (target.strings[i].cents.empty()) continue;
        const StringOnNeck string(neck, target.strings[i].line);
        // Two unknowns a string: a move of the crown, which works most far up, and one of the nut, which
        // works on every fret alike. Normal equations of cents.
        double cc = 0, cn = 0, nn = 0, cd = 0, nd = 0;
        bool low = false, high = false;
        const double per_nut = -cents_per_e_fold / (string.line().saddle_x_mm - string.line().set_forward_mm);
        for (const Read& each : counting(rounds[i], found[i].harmonic_cents)) {
            if (each.moved_mm != rounds[i].moved_mm) continue; // of another length
            const double per_crown = cents_per_crown_mm(string, each.fret);
            const double over = each.cents - wanted_cents(target.strings[i], each.fret);
            cc += per_crown * per_crown;
            cn += per_crown * per_nut;
            nn += per_nut * per_nut;
            cd += per_crown * over;
            nd += per_nut * over;
            low = low || each.fret <= most_low_fret;
            high = high || each.fret >= octave_fret;
        }
        const double determinant = cc * nn - cn * cn;
        if (!low || !high || determinant <= 1e-9 * cc * nn) continue;
        const double forward_mm = -(cc * nd - cn * cd) / determinant;
        const double variance = aim.tuner_u_cents * aim.tuner_u_cents * cc / determinant;
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
