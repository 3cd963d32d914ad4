#include "gauge/hidden_instrument.h"

#include "core/found/as_found.h"

#include <algorithm>
#include <cmath>

namespace fm {

HiddenInstrument::HiddenInstrument(const Design& design, const Solution& target, const ReadingLog& entries,
                                   const SimulatedHand& hand, unsigned seed)
    : design_(design), target_(target), hand_(hand), random_(seed),
      relief_(found_relief(design, entries).value_or(design.neck.straight())) {
    relief_.depth_mm += scattered(0.5 * hand.spoil_mm);
    relief_per_eighth_mm_ = 0.04 + scattered(0.005);
    const auto known = known_heights(design, target, entries);
    for (std::size_t i = 0; i < known.size(); ++i) {
        above_fret_line_mm_.push_back(
            known[i].above_fret_line_mm.value_or(target.strings[i].above_fret_line_mm) +
            scattered(hand.spoil_mm));
        saddle_z_mm_.push_back(known[i].saddle_z_mm.value_or(target.strings[i].ends.saddle_z_mm) +
                               scattered(hand.spoil_mm));
    }
}

double HiddenInstrument::scattered(double standard) {
    return standard > 0 ? std::normal_distribution<double>(0, standard)(random_) : 0;
}

Design HiddenInstrument::bent() const {
    Design design = design_;
    design.neck.relief = relief_;
    return design;
}

double HiddenInstrument::gap_mm(BenchPart part, std::size_t i, double above_mm, double saddle_z_mm) const {
    const Neck neck(bent().neck);
    const StringOnNeck string(neck, target_.strings[i].line);
    const EndHeights ends{string.fret_line_under_string_mm() + above_mm, saddle_z_mm};
    return way_of(design_, part).gap_mm(string, ends);
}

double HiddenInstrument::true_gap_mm(BenchPart part, std::size_t i) const {
    if (part == BenchPart::relief) return relief_.depth_mm;
    return gap_mm(part, i, above_fret_line_mm_[i], saddle_z_mm_[i]);
}

double HiddenInstrument::target_gap_mm(BenchPart part, std::size_t i) const {
    if (part == BenchPart::relief)
        return Neck(design_.neck).relief_depth_mm(relief_.from_fret, relief_.at_fret, relief_.to_fret);
    const StringSolution& goal = target_.strings[i];
    return part == BenchPart::nut ? gap_mm(part, i, goal.above_fret_line_mm, saddle_z_mm_[i])
                                  : gap_mm(part, i, above_fret_line_mm_[i], goal.ends.saddle_z_mm);
}

double HiddenInstrument::per_part_mm(BenchPart part, std::size_t i) const {
    const double nut_mm = part == BenchPart::nut ? 1 : 0;
    const double saddle_mm = part == BenchPart::saddle ? 1 : 0;
    return true_gap_mm(part, i) -
           gap_mm(part, i, above_fret_line_mm_[i] - nut_mm, saddle_z_mm_[i] - saddle_mm);
}

double HiddenInstrument::read_mm(BenchPart part, std::size_t string) {
    const double shown = true_gap_mm(part, string) + scattered(hand_.gauge_u_mm);
    // A leaf or a plunger under a string that touches reads nothing.
    const double least = part == BenchPart::relief ? shown : std::max(0.0, shown);
    return std::round(least * 1000) / 1000;
}

void HiddenInstrument::filed(BenchPart part, std::size_t string, double wanted_mm) {
    const double came_mm = std::max(0.0, wanted_mm * (hand_.took + scattered(hand_.scatter)));
    (part == BenchPart::nut ? above_fret_line_mm_ : saddle_z_mm_)[string] -= came_mm;
}

void HiddenInstrument::lowered(BenchPart part, double bass_mm, double treble_mm) {
    std::vector<double>& heights = part == BenchPart::nut ? above_fret_line_mm_ : saddle_z_mm_;
    const double first_mm = target_.strings.front().line.saddle_y_mm;
    const double span_mm = target_.strings.back().line.saddle_y_mm - first_mm;
    for (std::size_t i = 0; i < heights.size(); ++i) {
        const double share = span_mm != 0 ? (target_.strings[i].line.saddle_y_mm - first_mm) / span_mm : 0.5;
        heights[i] -= bass_mm + (treble_mm - bass_mm) * share;
    }
}

void HiddenInstrument::filled(std::size_t string, double by_mm) {
    above_fret_line_mm_[string] += by_mm;
}

void HiddenInstrument::turned(int eighths) {
    relief_.depth_mm -= eighths * relief_per_eighth_mm_;
}

} // namespace fm
