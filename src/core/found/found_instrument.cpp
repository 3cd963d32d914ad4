#include "core/found/found_instrument.h"

#include <algorithm>

namespace fm {

namespace {
constexpr double unreachable_n = 1000.0; // no hand plucks so hard
}

FoundInstrument::FoundInstrument(const Design& design, const Solution& target, const ReadingLog& entries)
    : design_(design_as_found(design, entries)), target_(target),
      known_(known_heights(design, target, entries)) {
    if (!design_.neck.relief) design_.neck.relief = design_.neck.straight();
    now_ = with({});
}

std::vector<FoundString> FoundInstrument::with(const Change& change) const {
    Design moved = design_;
    moved.neck.relief->depth_mm += change.relief_mm;
    moved.player.press_depth_mm += change.press_mm;
    if (change.level_fret_mm != 0.0) {
        moved.neck.fret_offsets_mm.resize(static_cast<std::size_t>(moved.neck.frets), 0.0);
        moved.neck.fret_offsets_mm[static_cast<std::size_t>(change.fret) - 1] -= change.level_fret_mm;
    }
    const Neck neck(moved.neck);
    std::vector<FoundString> strings;
    for (std::size_t i = 0; i < target_.strings.size(); ++i) {
        const StringSolution& wanted = target_.strings[i];
        StringLine line = wanted.line;
        line.set_forward_mm += change.set_forward_mm;
        const StringOnNeck on(neck, line);
        EndHeights ends = ends_as_found(on, wanted, known_[i]);
        if (i == change.string) ends.nut_z_mm += change.raise_slot_mm;
        ends.saddle_z_mm += change.raise_saddle_mm;
        strings.push_back(standing_string(tuned_string(moved, neck, line, i), on, ends));
        strings.back().read = known_[i].complete();
    }
    return strings;
}

std::optional<double> FoundInstrument::least_mm(double most_mm,
                                                const std::function<bool(double)>& enough) const {
    if (enough(0.0)) return 0.0;
    if (!enough(most_mm)) return std::nullopt;
    double low = 0;
    double high = most_mm;
    while (high - low > 1e-4) { // a hundredth of what a file can hold
        const double middle = 0.5 * (low + high);
        (enough(middle) ? high : low) = middle;
    }
    return high;
}

std::optional<double> FoundInstrument::freeing_mm(std::size_t string, int fretted, double most_mm,
                                                  const std::function<Change(double)>& change) const {
    return least_mm(most_mm, [&](double amount) {
        const std::vector<FoundString> strings = with(change(amount));
        const auto& heads = strings[string].headroom;
        const auto n = static_cast<std::size_t>(fretted);
        return n >= heads.size() || !heads[n].force_n || *heads[n].force_n >= strings[string].player_force_n;
    });
}

std::optional<double> FoundInstrument::quieting_mm(std::size_t string, int fretted, double most_mm,
                                                   const std::function<Change(double)>& change) const {
    return least_mm(most_mm, [&](double amount) {
        const std::vector<FoundString> strings = with(change(amount));
        const auto& gaps = strings[string].back_gaps_mm;
        const auto n = static_cast<std::size_t>(std::max(0, fretted - 2));
        return n < gaps.size() && gaps[n] && *gaps[n] >= design_.player.back_gap_min_mm;
    });
}

double least_headroom_n(const FoundString& string) {
    double least = unreachable_n;
    for (const Headroom& head : string.headroom)
        if (head.force_n) least = std::min(least, *head.force_n);
    return least;
}

double least_back_gap_mm(const FoundString& string) {
    std::optional<double> least;
    for (const auto& gap : string.back_gaps_mm)
        if (gap && (!least || *gap < *least)) least = gap;
    return least.value_or(0.0);
}

} // namespace fm
