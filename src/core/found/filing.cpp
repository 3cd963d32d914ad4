#include "core/found/filing.h"

#include "core/design/inputs.h"
#include "core/found/as_found.h"
#include "core/found/relief_choice.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace fm {

namespace {

// A file takes no less in one stroke; less than this is no pass.
constexpr double least_pass_mm = 0.005;
// There: nineteen times in twenty the gap truly lies no higher than two standard deviations of the gauge over
// it.
constexpr double sure_of_place = 1.645;
// A rod is turned by no more before it is read again.
constexpr int most_turn_eighths = 2;
// A reading that differs by less than so many standard deviations from the one before was not filed for.
constexpr double same_within_u = 3;

/// Readings of one gap since the last pass, each weighed by how sure it is.
struct Run {
    double weight = 0;
    double sum = 0;
    int readings = 0;
    double last_u_mm = 0;

    void begin() { *this = {}; }
    void take(double gap_mm, double u_mm) {
        weight += 1 / (u_mm * u_mm);
        sum += gap_mm / (u_mm * u_mm);
        ++readings;
        last_u_mm = u_mm;
    }
    bool empty() const { return readings == 0; }
    double mean_mm() const { return sum / weight; }
    double u_mm() const { return 1 / std::sqrt(weight); }
};

double u_of(const ReadingEntry& entry, BenchPart part, std::size_t string) {
    const StringReadings none;
    const StringReadings& read = string < entry.strings.size() ? entry.strings[string] : none;
    switch (part) {
    case BenchPart::relief: return u_of_relief_mm(entry);
    case BenchPart::saddle: return u_of_action_mm(entry, read);
    case BenchPart::nut: return u_of_nut_mm(entry, read);
    }
    return u_of_relief_mm(entry);
}

/// What an entry reads at that part on that string, by the school of the design.
std::optional<double> read_at(const ReadingEntry& entry, const Design& design, BenchPart part,
                              std::size_t string) {
    if (part == BenchPart::relief) {
        if (!entry.relief) return std::nullopt;
        return entry.relief->depth_mm;
    }
    if (string >= entry.strings.size()) return std::nullopt;
    return way_of(design, part).read_mm(entry.strings[string]);
}

bool was_worked(const BenchWork& work) {
    return work.wanted_mm != 0 || work.turned_eighths != 0 || work.whole_mm.has_value();
}

struct Story {
    Run run;
    std::vector<PassOutcome> passes;
    double raised_mm = 0; ///< the part under this string, since it was read last
    bool begun = false;   ///< something was done to it at the bench
};

/// Walks all entries, telling the runs of readings at one part apart by what was done between them. Readings
/// not taken at the bench begin none: what was done before them is not known.
Story story_of(const Design& design, const ReadingLog& entries, BenchPart part, std::size_t string,
               double per_part_mm, std::size_t from_entry) {
    Story story;
    const double place = design.strings.size() > 1
                             ? static_cast<double>(string) / static_cast<double>(design.strings.size() - 1)
                             : 0.5;
    for (const ReadingEntry& entry : entries.in_order()) {
        const auto gap_mm = read_at(entry, design, part, string);
        if (!entry.bench) {
            if (gap_mm) story.raised_mm = 0;
            continue;
        }
        const BenchWork& work = *entry.bench;
        const bool here = work.part == part && (!work.string || *work.string == string);
        // Relief moves every gap, a saddle every gap of the nut, and the other way round; reading them does
        // not.
        if ((work.part != part && was_worked(work)) || (here && !gap_mm)) story.run.begin();
        if (!here) continue;
        story.begun = story.begun || was_worked(work);
        if (work.whole_mm)
            story.raised_mm -=
                work.whole_mm->bass_mm + (work.whole_mm->treble_mm - work.whole_mm->bass_mm) * place;
        else if (!gap_mm)
            story.raised_mm -= work.wanted_mm;
        if (!gap_mm) continue;
        const double u_mm = u_of(entry, part, string);
        bool worked = was_worked(work);
        if (work.wanted_mm > 0 && !story.run.empty()) {
            const double fell_mm = story.run.mean_mm() - *gap_mm;
            const double u_fell_mm = std::hypot(story.run.u_mm(), u_mm);
            const bool same = std::abs(fell_mm) < same_within_u * u_fell_mm &&
                              work.wanted_mm * per_part_mm > 2 * same_within_u * u_fell_mm;
            if (same)
                worked = false; // read again before the file was taken up
            else if (entry.index >= from_entry)
                story.passes.push_back({work.wanted_mm, fell_mm / per_part_mm, u_fell_mm / per_part_mm});
        }
        if (worked) story.run.begin();
        story.run.take(*gap_mm, u_mm);
        story.raised_mm = 0;
    }
    return story;
}

/// The usual way of reading a part, where nothing was read yet.
double usual_u_mm(BenchPart part) {
    return u_of(ReadingEntry{}, part, 0);
}

/// @param turned by a screw: it goes to the mark, and both ways
void decide(Filing& filing, const Run& run, const Hand& hand, bool turned) {
    if (run.empty()) return;
    filing.now_mm = run.mean_mm();
    filing.u_mm = run.u_mm();
    filing.gauge_u_mm = run.last_u_mm;
    filing.readings = run.readings;
    const double above_mm = filing.above_mm();
    filing.all_mm = above_mm / filing.per_part_mm;
    const double reach_mm = 2 * filing.gauge_u_mm;
    if (turned) {
        const bool near = std::abs(above_mm) <= reach_mm;
        filing.state = near ? FilingState::there : FilingState::to_file;
        if (!near) filing.pass_mm = filing.by_gauge_mm = filing.all_mm;
        return;
    }
    if (above_mm < -reach_mm) {
        filing.state = FilingState::too_deep;
        return;
    }
    if (above_mm <= reach_mm - sure_of_place * filing.u_mm) {
        filing.state = FilingState::there;
        return;
    }
    filing.by_gauge_mm = pass_of_hand_mm(above_mm, filing.u_mm, {}) / filing.per_part_mm;
    filing.pass_mm = pass_of_hand_mm(above_mm, filing.u_mm, hand) / filing.per_part_mm;
    const bool worth_it = filing.pass_mm >= least_pass_mm;
    filing.state = worth_it ? FilingState::to_file : FilingState::read_again;
    if (!worth_it) filing.pass_mm = filing.by_gauge_mm = 0;
}

Filing relief_filing(const Design& design, const Solution& target, const ReadingLog& entries) {
    Filing filing;
    const ReliefAmount amount = Judgement(design, target, entries).relief();
    if (amount.found) {
        filing.expected_mm = amount.found->depth_mm;
        filing.wanted_mm = amount.wanted_mm.value_or(amount.found->depth_mm);
    }
    const Story story = story_of(design, entries, BenchPart::relief, 0, 1, 0);
    const Run& run = story.run;
    filing.gauge_u_mm = filing.u_mm = usual_u_mm(BenchPart::relief);
    const bool set = relief_choice(design, amount) == ReliefChoice::set;
    if (!set && !story.begun && amount.read) filing.state = FilingState::left;
    if (run.empty()) return filing;
    filing.now_mm = run.mean_mm();
    filing.u_mm = run.u_mm();
    filing.gauge_u_mm = run.last_u_mm;
    filing.readings = run.readings;
    filing.all_mm = filing.above_mm();
    if (filing.state == FilingState::left) return filing;
    const bool near = std::abs(filing.above_mm()) <= 2 * filing.gauge_u_mm;
    filing.state = near ? FilingState::there : FilingState::to_file;
    if (!near) filing.pass_mm = filing.by_gauge_mm = filing.above_mm(); // a rod goes both ways
    return filing;
}

/// Where a part is to end under every string, and which are left as found, by the plan of what is read now.
struct Goals {
    std::vector<WantedHeights> wanted;
    std::vector<bool> left;
};

Goals goals_of(const Design& design, const Solution& target, const ReadingLog& entries, BenchPart part) {
    Goals goals;
    const auto now = plan(design, target, entries, PlanOrder::neck_saddle_nut);
    const Judgement judgement(design, target, entries);
    for (std::size_t i = 0; i < target.strings.size(); ++i) {
        if (!now || !now->strings[i]) {
            goals.wanted.push_back(
                {target.strings[i].above_fret_line_mm, target.strings[i].ends.saddle_z_mm});
            goals.left.push_back(false);
            continue;
        }
        const bool hold_saddle = part == BenchPart::nut && now->saddle.left();
        WantedHeights wanted = judgement.wanted(i, now->relief.left(), hold_saddle);
        if (part == BenchPart::saddle && now->saddle.screws_mm)
            wanted.saddle_z_mm = now->strings[i]->saddle_z_mm; // what two screws can give
        goals.wanted.push_back(wanted);
        goals.left.push_back(part == BenchPart::nut ? now->strings[i]->slot_stays : now->saddle.left());
    }
    return goals;
}

} // namespace

std::vector<std::optional<SchoolGap>> school_gaps(const Design& design, const Solution& target,
                                                  const ReadingLog& entries,
                                                  const std::vector<KnownString>& known) {
    const Neck neck(design_as_found(design, entries).neck);
    const ReadingWay way = nut_way(design);
    std::vector<std::optional<SchoolGap>> gaps;
    for (std::size_t i = 0; i < known.size(); ++i) {
        if (known[i].nut_gap_mm && known[i].nut_pressed_fret == way.held_at) {
            gaps.emplace_back(SchoolGap{*known[i].nut_gap_mm, true});
            continue;
        }
        if (!known[i].complete()) {
            gaps.emplace_back();
            continue;
        }
        const StringOnNeck string(neck, target.strings[i].line);
        const EndHeights ends{string.fret_line_under_string_mm() + *known[i].above_fret_line_mm,
                              *known[i].saddle_z_mm};
        gaps.emplace_back(SchoolGap{way.gap_mm(string, ends), false});
    }
    return gaps;
}

std::vector<Filing> filing_of(const Design& design, const Solution& target, const ReadingLog& entries,
                              BenchPart part, const Hand& hand) {
    if (part == BenchPart::relief) return {relief_filing(design, target, entries)};
    const Neck neck(design_as_found(design, entries).neck);
    const std::vector<KnownString> known = known_heights(design, target, entries);
    const Goals goals = goals_of(design, target, entries, part);
    const ReadingWay way = way_of(design, part);
    std::vector<Filing> filings;
    for (std::size_t i = 0; i < known.size(); ++i) {
        if (!known[i].complete()) continue;
        const StringOnNeck string(neck, target.strings[i].line);
        const double line_mm = string.fret_line_under_string_mm();
        const EndHeights now{line_mm + *known[i].above_fret_line_mm, *known[i].saddle_z_mm};
        const EndHeights wanted =
            part == BenchPart::nut ? EndHeights{line_mm + goals.wanted[i].above_fret_line_mm, now.saddle_z_mm}
                                   : EndHeights{now.nut_z_mm, goals.wanted[i].saddle_z_mm};
        Filing filing;
        filing.string = i;
        filing.wanted_mm = way.gap_mm(string, wanted);
        filing.expected_mm = way.gap_mm(string, now);
        const EndHeights lower = part == BenchPart::nut ? EndHeights{wanted.nut_z_mm - 1, wanted.saddle_z_mm}
                                                        : EndHeights{wanted.nut_z_mm, wanted.saddle_z_mm - 1};
        filing.per_part_mm = filing.wanted_mm - way.gap_mm(string, lower); // linear in both ends
        filing.gauge_u_mm = filing.u_mm = usual_u_mm(part);
        const Story story = story_of(design, entries, part, i, filing.per_part_mm, 0);
        *filing.expected_mm += story.raised_mm * filing.per_part_mm;
        decide(filing, story.run, hand, part == BenchPart::saddle && design.saddle.by_screws());
        if (goals.left[i] && !story.begun) {
            filing.state = FilingState::left;
            filing.pass_mm = filing.by_gauge_mm = 0;
        }
        filings.push_back(filing);
    }
    return filings;
}

std::vector<PassOutcome> pass_outcomes(const Design& design, const Solution& target,
                                       const ReadingLog& entries, BenchPart part, std::size_t from_entry) {
    std::vector<PassOutcome> all;
    if (part == BenchPart::saddle && design.saddle.by_screws()) return all; // no hand leads a screw
    for (const Filing& filing : filing_of(design, target, entries, part, {})) {
        const Story story = story_of(design, entries, part, filing.string, filing.per_part_mm, from_entry);
        all.insert(all.end(), story.passes.begin(), story.passes.end());
    }
    return all;
}

namespace {

bool open(const Filing& filing) {
    return !filing.done() && filing.state != FilingState::too_deep;
}

} // namespace

std::optional<std::size_t> next_filing(const std::vector<Filing>& filings, std::optional<std::size_t> current,
                                       FilingHabit habit) {
    std::vector<std::size_t> order(filings.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    if (habit == FilingHabit::treble_to_bass) std::reverse(order.begin(), order.end());
    if (habit == FilingHabit::worst_first)
        std::stable_sort(order.begin(), order.end(),
                         [&](std::size_t a, std::size_t b) { return filings[a].all_mm > filings[b].all_mm; });
    if (current) { // the one just left comes last
        const auto left = std::find(order.begin(), order.end(), *current);
        if (habit == FilingHabit::worst_first)
            std::rotate(left, left + 1, order.end());
        else
            std::rotate(order.begin(), left + 1, order.end());
    }
    const auto next =
        std::find_if(order.begin(), order.end(), [&](std::size_t at) { return open(filings[at]); });
    return next == order.end() ? std::nullopt : std::optional(*next);
}

std::optional<std::size_t> filing_in_hand(const std::vector<Filing>& filings, const ReadingLog& entries,
                                          BenchPart part, FilingHabit habit) {
    std::optional<std::size_t> last;
    for (const ReadingEntry& entry : entries.in_order()) {
        if (!entry.bench) continue;
        last.reset();
        if (entry.bench->part != part || (part != BenchPart::relief && !entry.bench->string)) continue;
        for (std::size_t i = 0; i < filings.size(); ++i)
            if (part == BenchPart::relief || filings[i].string == *entry.bench->string) last = i;
    }
    if (!last) return next_filing(filings, std::nullopt, habit);
    const bool stays = !filings[*last].done() &&
                       (habit != FilingHabit::round || filings[*last].state != FilingState::to_file);
    if (stays) return last;
    const auto next = next_filing(filings, last, habit);
    return next ? next : last;
}

std::optional<double> relief_per_eighth_mm(const Design& design, const ReadingLog& entries) {
    double change = 0;
    double squares = 0;
    double variance = 0;
    std::optional<Relief> before;
    const NeckDesign& neck = design.neck;
    for (const ReadingEntry& entry : entries.in_order()) {
        if (!entry.relief) continue;
        const int turned = entry.bench ? entry.bench->turned_eighths : 0;
        if (before && turned != 0) {
            // The same bend read at the frets of this reading.
            NeckDesign as_before = neck;
            as_before.relief = before;
            const double was_mm = Neck(as_before).relief_depth_mm(
                entry.relief->from_fret, entry.relief->at_fret, entry.relief->to_fret);
            change += (was_mm - entry.relief->depth_mm) * turned;
            squares += turned * turned;
            const double u_mm = u_of_relief_mm(entry);
            variance += 2 * u_mm * u_mm * turned * turned;
        }
        before = entry.relief;
    }
    // One small turn may drown in the scatter of two readings, and then says nothing.
    if (squares == 0 || change < 2 * std::sqrt(variance)) return std::nullopt;
    return change / squares;
}

std::optional<int> rod_turn_eighths(const Design& design, const ReadingLog& entries,
                                    double relief_to_lose_mm) {
    const auto per_eighth_mm = relief_per_eighth_mm(design, entries);
    if (!per_eighth_mm) return std::nullopt;
    return std::clamp(static_cast<int>(std::lround(relief_to_lose_mm / *per_eighth_mm)), -most_turn_eighths,
                      most_turn_eighths);
}

std::optional<EdgeMargins> whole_first(const Design& design, const Solution& target,
                                       const ReadingLog& entries, BenchPart part) {
    if (part == BenchPart::relief) return std::nullopt;
    std::vector<bool> waits(design.strings.size(), false); // worked on as a whole, and not read since
    for (const ReadingEntry& entry : entries.in_order()) {
        if (entry.bench && entry.bench->part == part && entry.bench->whole_mm)
            std::fill(waits.begin(), waits.end(), true);
        for (std::size_t i = 0; i < waits.size(); ++i)
            if (read_at(entry, design, part, i)) waits[i] = false;
    }
    if (std::find(waits.begin(), waits.end(), true) != waits.end()) return std::nullopt;
    const auto now = plan(design, target, entries, PlanOrder::neck_saddle_nut);
    if (!now) return std::nullopt;
    EdgeMargins off;
    if (part == BenchPart::nut) {
        const NutDecision& decision = now->nut.decision;
        if (decision.choice == NutChoice::shim)
            off = {-decision.shim_mm.value_or(0.0), -decision.shim_mm.value_or(0.0)};
        else if (decision.choice == NutChoice::below)
            off = {decision.below_mm, decision.below_mm};
    } else if (now->saddle.screws_mm) {
        const double bass_y = target.strings.front().line.saddle_y_mm;
        const double treble_y = target.strings.back().line.saddle_y_mm;
        const EdgeMargins across = design.saddle.screws_across_mm.value_or(EdgeMargins{bass_y, treble_y});
        off = {lowered_by_screws_mm(*now->saddle.screws_mm, across, bass_y),
               lowered_by_screws_mm(*now->saddle.screws_mm, across, treble_y)};
    } else {
        const SaddleCut& cut = now->saddle.cut;
        off = {cut.bottom_mm.bass_mm - cut.pack_mm, cut.bottom_mm.treble_mm - cut.pack_mm};
    }
    if (std::max(std::abs(off.bass_mm), std::abs(off.treble_mm)) < least_read_mm) return std::nullopt;
    return off;
}

} // namespace fm
