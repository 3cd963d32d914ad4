#include "core/filing.h"

#include "core/as_found.h"
#include "core/inputs.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace fm {

namespace {

// A file takes no less in one stroke; less than this is no pass.
constexpr double least_pass_mm = 0.005;
// There: nineteen times in twenty the gap truly lies no higher than two standard deviations of the gauge over
// it.
constexpr double sure = 1.645;
// Less than this is neither sanded off a bottom nor laid under it: nothing smaller can be read.
constexpr double least_whole_mm = 0.02;
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

std::string_view gauge_word(const ReadingEntry& entry, BenchPart part) {
    const std::string& word = part == BenchPart::nut      ? entry.gauges.nut
                              : part == BenchPart::saddle ? entry.gauges.action
                                                          : entry.gauges.relief;
    if (!word.empty()) return word;
    return part == BenchPart::saddle ? "half_mm_rule" : "feeler";
}

double u_of(const ReadingEntry& entry, BenchPart part) {
    if (entry.bench && entry.bench->u_mm) return std::max(1e-4, *entry.bench->u_mm);
    return gauge_of_word(gauge_word(entry, part))->uncertainty_mm;
}

/// What an entry reads at that part on that string, by the school of the design.
std::optional<double> read_at(const ReadingEntry& entry, const Design& design, BenchPart part,
                              std::size_t string) {
    if (part == BenchPart::relief) {
        if (!entry.relief) return std::nullopt;
        return entry.relief->depth_mm;
    }
    if (string >= entry.strings.size()) return std::nullopt;
    const StringReadings& read = entry.strings[string];
    if (part == BenchPart::saddle)
        return design.saddle.measured == ActionMeasure::open ? read.action12_mm : read.action12_capo_mm;
    if (design.nut.height_method != NutHeightMethod::pressed_gap) return read.open_gap_fret1_mm;
    if (read.pressed_fret != design.nut.pressed_fret) return std::nullopt;
    return read.pressed_gap_mm;
}

bool was_worked(const BenchWork& work) {
    return work.wanted_mm != 0 || work.turned_eighths != 0 || work.whole_mm.has_value();
}

struct Story {
    Run run;
    std::vector<PassOutcome> passes;
    double raised_mm = 0; ///< the part under this string, since it was read last
};

/// Walks all entries, telling the runs of readings at one part apart by what was done between them. Readings
/// not taken at the bench begin none: what was done before them is not known.
Story story_of(const Design& design, const std::vector<ReadingEntry>& entries, BenchPart part,
               std::size_t string, double per_part_mm, std::size_t from_entry) {
    Story story;
    const double place = design.strings.size() > 1
                             ? static_cast<double>(string) / static_cast<double>(design.strings.size() - 1)
                             : 0.5;
    for (const ReadingEntry& entry : in_order(entries)) {
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
        if (work.whole_mm)
            story.raised_mm -=
                work.whole_mm->bass_mm + (work.whole_mm->treble_mm - work.whole_mm->bass_mm) * place;
        else if (!gap_mm)
            story.raised_mm -= work.wanted_mm;
        if (!gap_mm) continue;
        const double u_mm = u_of(entry, part);
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
    return u_of(ReadingEntry{}, part);
}

void decide(Filing& filing, const Run& run, const Hand& hand) {
    if (run.empty()) return;
    filing.now_mm = run.mean_mm();
    filing.u_mm = run.u_mm();
    filing.gauge_u_mm = run.last_u_mm;
    filing.readings = run.readings;
    const double above_mm = filing.above_mm();
    filing.all_mm = above_mm / filing.per_part_mm;
    const double reach_mm = 2 * filing.gauge_u_mm;
    if (above_mm < -reach_mm) {
        filing.state = FilingState::too_deep;
        return;
    }
    if (above_mm <= reach_mm - sure * filing.u_mm) {
        filing.state = FilingState::there;
        return;
    }
    filing.by_gauge_mm = pass_of_hand_mm(above_mm, filing.u_mm, {}) / filing.per_part_mm;
    filing.pass_mm = pass_of_hand_mm(above_mm, filing.u_mm, hand) / filing.per_part_mm;
    const bool worth_it = filing.pass_mm >= least_pass_mm;
    filing.state = worth_it ? FilingState::to_file : FilingState::read_again;
    if (!worth_it) filing.pass_mm = filing.by_gauge_mm = 0;
}

Filing relief_filing(const Design& design, const std::vector<ReadingEntry>& entries) {
    Filing filing;
    const auto relief = found_relief(design, in_order(entries));
    if (relief)
        filing.wanted_mm =
            Neck(design.neck).relief_depth_mm(relief->from_fret, relief->at_fret, relief->to_fret);
    const Run run = story_of(design, entries, BenchPart::relief, 0, 1, 0).run;
    filing.gauge_u_mm = filing.u_mm = usual_u_mm(BenchPart::relief);
    if (relief) filing.expected_mm = relief->depth_mm;
    if (run.empty()) return filing;
    filing.now_mm = run.mean_mm();
    filing.u_mm = run.u_mm();
    filing.gauge_u_mm = run.last_u_mm;
    filing.readings = run.readings;
    filing.all_mm = filing.above_mm();
    const bool near = std::abs(filing.above_mm()) <= 2 * filing.gauge_u_mm;
    filing.state = near ? FilingState::there : FilingState::to_file;
    if (!near) filing.pass_mm = filing.by_gauge_mm = filing.above_mm(); // a rod goes both ways
    return filing;
}

struct TwoScrews {
    std::vector<double> y_mm;
    EdgeMargins across_mm;
    EdgeMargins down_mm; ///< what both are to be turned; negative: up
};

/// The two side screws and their amounts from what is known; none where the height is set another way.
std::optional<TwoScrews> two_screws(const Design& design, const Solution& target,
                                    const std::vector<KnownString>& known) {
    if (design.saddle.height_by != HeightBy::side_screws) return std::nullopt;
    TwoScrews screws;
    std::vector<std::optional<double>> off_mm;
    for (std::size_t i = 0; i < known.size(); ++i) {
        const StringSolution& goal = target.strings[i];
        screws.y_mm.push_back(goal.line.saddle_y_mm);
        off_mm.push_back(known[i].complete() ? std::optional(*known[i].saddle_z_mm - goal.ends.saddle_z_mm)
                                             : std::nullopt);
    }
    screws.across_mm =
        design.saddle.screws_across_mm.value_or(EdgeMargins{screws.y_mm.front(), screws.y_mm.back()});
    screws.down_mm = screw_amounts_mm(screws.y_mm, off_mm, screws.across_mm);
    return screws;
}

/// Where every string should end at the saddle: its own target, or with two side screws what they can give.
std::vector<double> saddle_goals(const Design& design, const Solution& target,
                                 const std::vector<KnownString>& known) {
    const auto screws = two_screws(design, target, known);
    std::vector<double> goals_mm;
    for (std::size_t i = 0; i < known.size(); ++i)
        goals_mm.push_back(screws && known[i].complete()
                               ? *known[i].saddle_z_mm -
                                     lowered_by_screws_mm(screws->down_mm, screws->across_mm, screws->y_mm[i])
                               : target.strings[i].ends.saddle_z_mm);
    return goals_mm;
}

} // namespace

double bench_gap_mm(const Design& design, BenchPart part, const StringOnNeck& string,
                    const EndHeights& ends) {
    if (part == BenchPart::saddle)
        return design.saddle.measured == ActionMeasure::open ? open_gap_mm(string, ends, 12)
                                                             : capo_action_mm(string, ends);
    return design.nut.height_method == NutHeightMethod::pressed_gap
               ? pressed_gap_mm(string, ends, design.nut.pressed_fret)
               : open_gap_mm(string, ends, 1);
}

std::vector<std::optional<SchoolGap>> school_gaps(const Design& design, const Solution& target,
                                                  const std::vector<ReadingEntry>& entries,
                                                  const std::vector<KnownString>& known) {
    const Neck neck(design_as_found(design, entries).neck);
    const bool pressed = design.nut.height_method == NutHeightMethod::pressed_gap;
    const int held_at = pressed ? design.nut.pressed_fret : 0;
    std::vector<std::optional<SchoolGap>> gaps;
    for (std::size_t i = 0; i < known.size(); ++i) {
        if (known[i].nut_gap_mm && known[i].nut_pressed_fret == held_at) {
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
        gaps.emplace_back(SchoolGap{bench_gap_mm(design, BenchPart::nut, string, ends), false});
    }
    return gaps;
}

std::vector<Filing> filing_of(const Design& design, const Solution& target,
                              const std::vector<ReadingEntry>& entries, BenchPart part, const Hand& hand) {
    if (part == BenchPart::relief) return {relief_filing(design, entries)};
    const Neck neck(design_as_found(design, entries).neck);
    const std::vector<KnownString> known = known_heights(design, target, entries);
    const std::vector<double> saddle_goals_mm = saddle_goals(design, target, known);
    std::vector<Filing> filings;
    for (std::size_t i = 0; i < known.size(); ++i) {
        if (!known[i].complete()) continue;
        const StringSolution& goal = target.strings[i];
        const StringOnNeck string(neck, goal.line);
        const double line_mm = string.fret_line_under_string_mm();
        const EndHeights now{line_mm + *known[i].above_fret_line_mm, *known[i].saddle_z_mm};
        const EndHeights wanted = part == BenchPart::nut
                                      ? EndHeights{line_mm + goal.above_fret_line_mm, now.saddle_z_mm}
                                      : EndHeights{now.nut_z_mm, saddle_goals_mm[i]};
        Filing filing;
        filing.string = i;
        filing.wanted_mm = bench_gap_mm(design, part, string, wanted);
        filing.expected_mm = bench_gap_mm(design, part, string, now);
        const EndHeights lower = part == BenchPart::nut ? EndHeights{wanted.nut_z_mm - 1, wanted.saddle_z_mm}
                                                        : EndHeights{wanted.nut_z_mm, wanted.saddle_z_mm - 1};
        filing.per_part_mm =
            filing.wanted_mm - bench_gap_mm(design, part, string, lower); // linear in both ends
        filing.gauge_u_mm = filing.u_mm = usual_u_mm(part);
        const Story story = story_of(design, entries, part, i, filing.per_part_mm, 0);
        *filing.expected_mm += story.raised_mm * filing.per_part_mm;
        decide(filing, story.run, hand);
        filings.push_back(filing);
    }
    return filings;
}

std::vector<PassOutcome> pass_outcomes(const Design& design, const Solution& target,
                                       const std::vector<ReadingEntry>& entries, BenchPart part,
                                       std::size_t from_entry) {
    std::vector<PassOutcome> all;
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

std::optional<std::size_t> filing_in_hand(const std::vector<Filing>& filings,
                                          const std::vector<ReadingEntry>& entries, BenchPart part,
                                          FilingHabit habit) {
    std::optional<std::size_t> last;
    for (const ReadingEntry& entry : in_order(entries)) {
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

std::optional<double> relief_per_eighth_mm(const Design& design, const std::vector<ReadingEntry>& entries) {
    double change = 0;
    double squares = 0;
    double variance = 0;
    std::optional<Relief> before;
    const NeckDesign& neck = design.neck;
    for (const ReadingEntry& entry : in_order(entries)) {
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
            const double u_mm = u_of(entry, BenchPart::relief);
            variance += 2 * u_mm * u_mm * turned * turned;
        }
        before = entry.relief;
    }
    // One small turn may drown in the scatter of two readings, and then says nothing.
    if (squares == 0 || change < 2 * std::sqrt(variance)) return std::nullopt;
    return change / squares;
}

std::optional<int> rod_turn_eighths(const Design& design, const std::vector<ReadingEntry>& entries,
                                    double relief_to_lose_mm) {
    const auto per_eighth_mm = relief_per_eighth_mm(design, entries);
    if (!per_eighth_mm) return std::nullopt;
    return std::clamp(static_cast<int>(std::lround(relief_to_lose_mm / *per_eighth_mm)), -most_turn_eighths,
                      most_turn_eighths);
}

std::optional<EdgeMargins> whole_first(const Design& design, const Solution& target,
                                       const std::vector<ReadingEntry>& entries, BenchPart part) {
    if (part == BenchPart::relief) return std::nullopt;
    std::vector<bool> waits(design.strings.size(), false); // worked on as a whole, and not read since
    for (const ReadingEntry& entry : in_order(entries)) {
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
        if (decision.verdict != NutVerdict::shim || !decision.shim_mm) return std::nullopt;
        off = {-*decision.shim_mm, -*decision.shim_mm};
    } else {
        const SaddleCut& cut = now->saddle.cut;
        if (design.saddle.height_by == HeightBy::saddle_screws) return std::nullopt;
        off = {cut.bottom_mm.bass_mm - cut.pack_mm, cut.bottom_mm.treble_mm - cut.pack_mm};
        if (const auto screws = two_screws(design, target, known_heights(design, target, entries)))
            off = {lowered_by_screws_mm(screws->down_mm, screws->across_mm, screws->y_mm.front()),
                   lowered_by_screws_mm(screws->down_mm, screws->across_mm, screws->y_mm.back())};
    }
    if (std::max(std::abs(off.bass_mm), std::abs(off.treble_mm)) < least_whole_mm) return std::nullopt;
    return off;
}

} // namespace fm
