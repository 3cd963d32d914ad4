#include "core/found/plan_amounts.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace fm {

namespace {

// Beyond three standard deviations: an instrument that is right is left alone in nineteen of twenty.
constexpr double sure_of_amount = 3.0;
constexpr double least_relief_mm = 0.02;
constexpr double least_saddle_mm = 0.05;
constexpr double least_raise_mm = 0.05;

double above(double bare_mm, double u_mm) {
    return std::max(bare_mm, sure_of_amount * u_mm);
}

NeckDesign with_relief(NeckDesign neck, const std::optional<Relief>& relief) {
    neck.relief = relief;
    return neck;
}

/// Of two numbers of one end the first is the one heights are worked out from.
void move_first(std::optional<double>& first, std::optional<double>& second, double by_mm) {
    if (first)
        *first += by_mm;
    else if (second)
        *second += by_mm;
}

/// Every amount beyond its limit; where the mean, which is known better, is beyond it, every amount of its
/// sign that is above the bare limit.
void let_count(Amounts& amounts, double mean_u_mm, double bare_up_mm, double bare_down_mm) {
    double sum_mm = 0;
    double strings = 0;
    for (const auto& amount : amounts) {
        if (!amount) continue;
        sum_mm += amount->mm;
        strings += 1;
    }
    if (strings == 0) return;
    const double mean_mm = sum_mm / strings;
    const auto bare_mm = [&](double mm) { return mm > 0 ? bare_up_mm : bare_down_mm; };
    const bool mean_counts = std::abs(mean_mm) > above(bare_mm(mean_mm), mean_u_mm);
    for (auto& amount : amounts) {
        if (!amount) continue;
        const double bare = bare_mm(amount->mm);
        const bool by_itself = std::abs(amount->mm) > above(bare, amount->u_mm);
        const bool by_mean = mean_counts && amount->mm * mean_mm > 0 && std::abs(amount->mm) > bare;
        amount->counts = by_itself || by_mean;
    }
}

} // namespace

bool ReliefAmount::counts() const {
    return read && wanted_mm && std::abs(*wanted_mm - found->depth_mm) > above(least_relief_mm, u_mm);
}

Judgement::Judgement(const Design& design, const Solution& target, const ReadingLog& entries)
    : design_(design), target_(target), log_(entries), known_(known_heights(design, target, entries)),
      relief_(found_relief(design, entries)), wanted_neck_(design.neck),
      found_neck_(with_relief(design.neck, relief_)) {
    move_all_numbers();
}

std::vector<ReadingEntry> Judgement::rested_on() const {
    const auto& ordered = log_.in_order();
    std::vector<bool> kept(ordered.size(), false);
    std::vector<std::optional<std::size_t>> relief_at; // the newest relief by then
    std::optional<std::size_t> relief_now;
    for (std::size_t e = 0; e < ordered.size(); ++e) {
        if (ordered[e].get().relief) relief_now = e;
        relief_at.push_back(relief_now);
    }
    if (relief_now) kept[*relief_now] = true;
    for (const KnownString& string : known_)
        for (const std::size_t e : string.rests_on) {
            kept[e] = true;
            if (relief_at[e]) kept[*relief_at[e]] = true;
        }
    std::vector<ReadingEntry> entries;
    for (std::size_t e = 0; e < ordered.size(); ++e)
        if (kept[e]) entries.push_back(ordered[e]);
    return entries;
}

void Judgement::move_all_numbers() {
    std::vector<ReadingEntry> entries = rested_on();
    const std::vector<Neck> necks = necks_of_ordered(design_.neck, entries);
    // A relief moves every string; another number the strings it was read of.
    std::vector<std::size_t> all(known_.size());
    std::iota(all.begin(), all.end(), std::size_t{0});
    const auto add_relief = [&](ReadingEntry& entry, std::size_t neck) {
        const auto found = [&](double sign) {
            NeckDesign read = design_.neck;
            read.relief = entry.relief;
            read.relief->depth_mm += sign * u_of_relief_mm(entry);
            std::vector<Neck> moved = necks;
            moved[neck] = Neck(read);
            return Found{heights_of_ordered(target_, entries, moved, all), moved.back()};
        };
        moved_.push_back({found(1.0), found(-1.0), all, true});
    };
    const auto add = [&](ReadingEntry& entry, const auto& has, const auto& move) {
        std::vector<std::size_t> strings;
        for (const auto& [string, read] : entry.strings.read())
            if (string < known_.size() && has(read)) strings.push_back(string);
        if (strings.empty()) return;
        const ReadingEntry read = entry;
        const auto found = [&](double sign) {
            for (auto& [string, one] : entry.strings.read()) move(entry, one, sign);
            Found there{heights_of_ordered(target_, entries, necks, strings), necks.back()};
            entry = read;
            return there;
        };
        moved_.push_back({found(1.0), found(-1.0), strings, false});
    };
    std::size_t neck = 0;
    for (ReadingEntry& each : entries) {
        if (each.relief) add_relief(each, ++neck);
        add(
            each, [](const StringReadings& read) { return read.has_nut(); },
            [](const ReadingEntry& entry, StringReadings& read, double sign) {
                move_first(read.open_gap_fret1_mm, read.pressed_gap_mm, sign * u_of_nut_mm(entry, read));
            });
        add(
            each, [](const StringReadings& read) { return read.has_action(); },
            [](const ReadingEntry& entry, StringReadings& read, double sign) {
                move_first(read.action12_mm, read.action12_capo_mm, sign * u_of_action_mm(entry, read));
            });
    }
}

ReliefAmount Judgement::relief() const {
    ReliefAmount amount;
    amount.found = relief_;
    for (const ReadingEntry& entry : log_.in_order())
        if (entry.relief) {
            amount.read = true;
            amount.u_mm = u_of_relief_mm(entry);
        }
    if (design_.neck.relief && relief_)
        amount.wanted_mm =
            wanted_neck_.relief_depth_mm(relief_->from_fret, relief_->at_fret, relief_->to_fret);
    return amount;
}

WantedHeights Judgement::wanted_on(const Neck& neck, const KnownString& known, std::size_t i,
                                   bool relief_left, bool saddle_left) const {
    const StringSolution& solved = target_.strings[i];
    const StringOnNeck on(neck, solved.line);
    const HeightTargets targets = height_targets(design_, on, i);
    EndHeights ends = relief_left ? solved_heights(on, targets) : solved.ends;
    if (saddle_left) {
        ends.saddle_z_mm = *known.saddle_z_mm;
        // An open gap asks for the saddle; a pressed one, and a zero fret, do not.
        if (targets.nut_method == NutHeightMethod::open_gap)
            ends.nut_z_mm = nut_z_of_open_gap_mm(on, targets.nut_mm, ends.saddle_z_mm);
    }
    return {ends.nut_z_mm - on.fret_line_under_string_mm(), ends.saddle_z_mm};
}

WantedHeights Judgement::wanted(std::size_t string, bool relief_left, bool saddle_left) const {
    return wanted_on(neck(relief_left), known_[string], string, relief_left, saddle_left);
}

std::optional<double> Judgement::amount_mm(const KnownString& known, std::size_t string, const Neck& found,
                                           Part part, bool relief_left, bool saddle_left) const {
    if (!known.complete()) return std::nullopt;
    const WantedHeights wanted =
        wanted_on(relief_left ? found : wanted_neck_, known, string, relief_left, saddle_left);
    return part == Part::saddle ? *known.saddle_z_mm - wanted.saddle_z_mm
                                : *known.above_fret_line_mm - wanted.above_fret_line_mm;
}

Amounts Judgement::judged(Part part, bool relief_left, bool saddle_left) const {
    std::vector<std::optional<double>> amounts;
    double strings = 0;
    for (std::size_t i = 0; i < known_.size(); ++i) {
        amounts.push_back(amount_mm(known_[i], i, found_neck_, part, relief_left, saddle_left));
        strings += amounts.back() ? 1 : 0;
    }
    std::vector<double> squares(amounts.size(), 0.0);
    double mean_squares = 0;
    for (const Moved& moved : moved_) {
        double together = 0;
        for (const std::size_t i : moved.strings) {
            if (!amounts[i]) continue;
            const auto of = [&](const Found& found) {
                return *amount_mm(found.known[i], i, found.neck, part, relief_left, saddle_left);
            };
            const double change_mm = 0.5 * (of(moved.above) - of(moved.below));
            squares[i] += change_mm * change_mm;
            together += change_mm;
            if (!moved.all_strings) mean_squares += change_mm * change_mm;
        }
        if (moved.all_strings) mean_squares += together * together;
    }
    Amounts result;
    for (std::size_t i = 0; i < amounts.size(); ++i)
        result.push_back(amounts[i] ? std::optional(Amount{*amounts[i], std::sqrt(squares[i]), false})
                                    : std::nullopt);
    const double mean_u_mm = strings > 0 ? std::sqrt(mean_squares) / strings : 0.0;
    if (part == Part::saddle)
        let_count(result, mean_u_mm, least_saddle_mm, least_saddle_mm);
    else
        let_count(result, mean_u_mm, least_read_mm, least_raise_mm);
    return result;
}

Amounts Judgement::saddle(bool relief_left) const {
    return judged(Part::saddle, relief_left, false);
}

Amounts Judgement::nut(bool relief_left, bool saddle_left) const {
    return judged(Part::nut, relief_left, saddle_left);
}

} // namespace fm
