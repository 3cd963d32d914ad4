#include "core/found/readings.h"

#include "core/design/inputs.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace fm {

namespace {

std::optional<double> number_under(std::string_view key, const StringReadings& read) {
    return key == "open_gap_fret1_mm" ? read.open_gap_fret1_mm
           : key == "pressed_gap_mm"  ? read.pressed_gap_mm
           : key == "action12_mm"     ? read.action12_mm
                                      : read.action12_capo_mm;
}

/// The newest leaves of every number; a number read since without leaves does away with them.
void keep_bounds(std::vector<ReadingBound>& bounds, const StringReadings& newer) {
    std::erase_if(bounds, [&newer](const ReadingBound& bound) {
        return number_under(bound.key, newer) ||
               std::any_of(newer.bounds.begin(), newer.bounds.end(),
                           [&bound](const ReadingBound& other) { return other.key == bound.key; });
    });
    bounds.insert(bounds.end(), newer.bounds.begin(), newer.bounds.end());
}

} // namespace

ReadingEntry as_found_readings(const ReadingLog& entries, std::size_t strings) {
    ReadingEntry found;
    found.strings.resize(strings);
    const auto take = [](auto& into, const auto& from) {
        if (from) into = from;
    };
    const auto take_gauge = [](std::string& into, std::optional<double>& u_mm, const std::string& from,
                               const std::optional<double>& from_u_mm) {
        if (from.empty()) return;
        into = from;
        u_mm = from_u_mm;
    };
    for (const ReadingEntry& entry : entries.in_order()) {
        if (entry.state != ReadingState::found) continue;
        take(found.humidity_pct, entry.humidity_pct);
        take(found.relief, entry.relief);
        if (entry.relief) found.relief_sides_mm = entry.relief_sides_mm;
        take_gauge(found.gauges.nut, found.gauges.nut_u_mm, entry.gauges.nut, entry.gauges.nut_u_mm);
        take_gauge(found.gauges.action, found.gauges.action_u_mm, entry.gauges.action,
                   entry.gauges.action_u_mm);
        take_gauge(found.gauges.relief, found.gauges.relief_u_mm, entry.gauges.relief,
                   entry.gauges.relief_u_mm);
        for (std::size_t i = 0; i < std::min(strings, entry.strings.size()); ++i) {
            const StringReadings& read = entry.strings[i];
            take(found.strings[i].open_gap_fret1_mm, read.open_gap_fret1_mm);
            if (read.pressed_gap_mm || !read.bounds.empty())
                found.strings[i].pressed_fret = read.pressed_fret;
            take(found.strings[i].pressed_gap_mm, read.pressed_gap_mm);
            take(found.strings[i].action12_mm, read.action12_mm);
            take(found.strings[i].action12_capo_mm, read.action12_capo_mm);
            take(found.strings[i].slot_width_mm, read.slot_width_mm);
            take(found.strings[i].crown_found_mm, read.crown_found_mm);
            if (!read.slot.empty()) found.strings[i].slot = read.slot;
            keep_bounds(found.strings[i].bounds, read);
        }
    }
    return found;
}

std::optional<Relief> found_relief(const Design& design, const ReadingLog& entries) {
    std::optional<Relief> relief = design.neck.relief;
    for (const ReadingEntry& entry : entries.in_order())
        if (entry.relief) relief = entry.relief;
    return relief;
}

namespace {

/// A reading and the neck it was read on; held until its partner comes.
template <class Read> struct Held {
    Read read;
    std::size_t neck = 0;  // index into the necks met so far
    std::size_t entry = 0; // its place in the order
};

/// What one end's height rests on. Where nut and action were read by turns each passes on a small share of
/// the one before: what is older than these says nothing any more.
constexpr std::size_t rests_on_at_most = 8;
using RestsOn = std::vector<std::size_t>;

void rest_on(RestsOn& on, const RestsOn& others, std::size_t entry) {
    on = others;
    std::erase(on, entry);
    on.push_back(entry);
    if (on.size() > rests_on_at_most) on.erase(on.begin());
}

struct StringStory {
    KnownString known;
    std::optional<Held<NutReading>> nut_waiting;
    std::optional<Held<ActionReading>> action_waiting;
    RestsOn nut_on;
    RestsOn saddle_on;
};

class Folding {
public:
    Folding(const Solution& target, const std::vector<Neck>& necks)
        : target_(target), necks_(necks), stories_(target.strings.size()) {}

    void take(const ReadingEntry& entry, const std::vector<std::size_t>& strings) {
        if (entry.relief) ++neck_;
        for (const std::size_t i : strings)
            if (i < entry.strings.size() && i < stories_.size()) take_string(i, entry.strings[i]);
        ++entry_;
    }

    std::vector<KnownString> known() {
        std::vector<KnownString> list;
        for (const StringStory& story : stories_) {
            list.push_back(story.known);
            RestsOn& on = list.back().rests_on;
            on = story.nut_on;
            on.insert(on.end(), story.saddle_on.begin(), story.saddle_on.end());
        }
        return list;
    }

private:
    StringOnNeck on(std::size_t i, std::size_t neck) const { return {necks_[neck], target_.strings[i].line}; }

    void take_string(std::size_t i, const StringReadings& read) {
        StringStory& story = stories_[i];
        const std::size_t neck = neck_;
        if (read.slot_width_mm) story.known.slot_width_mm = read.slot_width_mm;
        if (!read.slot.empty()) story.known.slot = read.slot;
        if (read.has_action()) story.known.action_bound.reset();
        if (read.has_nut()) story.known.nut_bound.reset();
        for (const ReadingBound& bound : read.bounds) {
            if (!bound.one_sided()) continue;
            const bool action = bound.key == "action12_mm" || bound.key == "action12_capo_mm";
            (action ? story.known.action_bound : story.known.nut_bound) = bound;
            if (!action) story.known.nut_bound_pressed_fret = read.pressed_fret;
        }
        if (read.has_action()) {
            const ActionReading action = read.action12_mm
                                             ? ActionReading{ActionMeasure::open, *read.action12_mm}
                                             : ActionReading{ActionMeasure::capo_1, *read.action12_capo_mm};
            story.known.action_mm = action.action_mm;
            story.action_waiting = Held<ActionReading>{action, neck, entry_};
        }
        if (read.has_nut()) {
            const NutReading nut{read.open_gap_fret1_mm, read.pressed_gap_mm, read.pressed_fret};
            story.known.nut_gap_mm = read.open_gap_fret1_mm ? read.open_gap_fret1_mm : read.pressed_gap_mm;
            story.known.nut_pressed_fret = read.open_gap_fret1_mm ? 0 : read.pressed_fret;
            story.nut_waiting = Held<NutReading>{nut, neck, entry_};
        }
        settle(i, story);
    }

    /// Both numbers waiting fix both ends; one of them alone is solved with the other end as known.
    void settle(std::size_t i, StringStory& story) {
        KnownString& known = story.known;
        const bool together = story.nut_waiting && story.action_waiting;
        if (together && story.nut_waiting->neck == story.action_waiting->neck) {
            const StringOnNeck string = on(i, story.nut_waiting->neck);
            const EndHeights ends =
                heights_of_readings(string, story.nut_waiting->read, story.action_waiting->read);
            keep(known, string, ends, story.nut_waiting->read);
            rest_on_both(story);
        } else if (together) {
            settle_across_necks(i, story);
            rest_on_both(story);
        } else if (story.nut_waiting && known.saddle_z_mm) {
            const StringOnNeck string = on(i, story.nut_waiting->neck);
            keep(known, string,
                 {nut_z_mm(string, story.nut_waiting->read, *known.saddle_z_mm), *known.saddle_z_mm},
                 story.nut_waiting->read);
            rest_on(story.nut_on, story.saddle_on, story.nut_waiting->entry);
        } else if (story.action_waiting && known.above_fret_line_mm) {
            const StringOnNeck string = on(i, story.action_waiting->neck);
            const ActionReading& read = story.action_waiting->read;
            known.saddle_z_mm =
                saddle_z_of_action_mm(string, read.measure, read.action_mm,
                                      string.fret_line_under_string_mm() + *known.above_fret_line_mm);
            rest_on(story.saddle_on, story.nut_on, story.action_waiting->entry);
        } else
            return; // one number alone: held
        story.nut_waiting.reset();
        story.action_waiting.reset();
    }

    static void rest_on_both(StringStory& story) {
        rest_on(story.nut_on, {story.nut_waiting->entry}, story.action_waiting->entry);
        story.saddle_on = story.nut_on;
    }

    static void keep(KnownString& known, const StringOnNeck& string, const EndHeights& ends,
                     const NutReading& read) {
        known.above_fret_line_mm = ends.nut_z_mm - string.fret_line_under_string_mm();
        known.saddle_z_mm = ends.saddle_z_mm;
        known.only_at_least = (read.open_gap_mm ? *read.open_gap_mm : *read.pressed_gap_mm) == 0.0;
    }

    static double nut_z_mm(const StringOnNeck& string, const NutReading& read, double saddle_z_mm) {
        if (!read.open_gap_mm)
            return nut_z_of_pressed_gap_mm(string, *read.pressed_gap_mm, read.pressed_fret);
        return nut_z_of_open_gap_mm(string, *read.open_gap_mm, saddle_z_mm);
    }

    /// A nut number and an action number read under different reliefs: a moves with the neck, z_s stays.
    /// Both are linear in (a, z_s); two trials of z_s give the line, the action number its point.
    void settle_across_necks(std::size_t i, StringStory& story) {
        const StringOnNeck nut_string = on(i, story.nut_waiting->neck);
        const StringOnNeck action_string = on(i, story.action_waiting->neck);
        const NutReading& nut = story.nut_waiting->read;
        const ActionReading& action = story.action_waiting->read;
        const auto above = [&](double saddle_z) {
            return nut_z_mm(nut_string, nut, saddle_z) - nut_string.fret_line_under_string_mm();
        };
        const auto miss = [&](double saddle_z) {
            const double nut_z = action_string.fret_line_under_string_mm() + above(saddle_z);
            return saddle_z_of_action_mm(action_string, action.measure, action.action_mm, nut_z) - saddle_z;
        };
        const double miss_at_0 = miss(0.0);
        const double saddle_z = miss_at_0 / (miss_at_0 - miss(1.0));
        keep(story.known, nut_string, {nut_z_mm(nut_string, nut, saddle_z), saddle_z}, nut);
    }

    const Solution& target_;
    const std::vector<Neck>& necks_;
    std::vector<StringStory> stories_;
    std::size_t neck_ = 0; // the one the entry at hand was read on
    std::size_t entry_ = 0;
};

template <class Entries> std::vector<Neck> necks_of(const NeckDesign& design, const Entries& ordered) {
    std::vector<Neck> necks{Neck(design)};
    for (const ReadingEntry& entry : ordered) {
        if (!entry.relief) continue;
        NeckDesign read = design;
        read.relief = entry.relief;
        necks.emplace_back(read);
    }
    return necks;
}

template <class Entries>
std::vector<KnownString> folded(const Solution& target, const Entries& ordered,
                                const std::vector<Neck>& necks, const std::vector<std::size_t>& strings) {
    Folding folding(target, necks);
    for (const ReadingEntry& entry : ordered) folding.take(entry, strings);
    return folding.known();
}

std::vector<std::size_t> all_of(const Solution& target) {
    std::vector<std::size_t> all(target.strings.size());
    std::iota(all.begin(), all.end(), std::size_t{0});
    return all;
}

} // namespace

std::vector<KnownString> known_heights(const Design& design, const Solution& target,
                                       const ReadingLog& entries) {
    return folded(target, entries.in_order(), necks_of(design.neck, entries.in_order()), all_of(target));
}

std::vector<KnownString> heights_of_ordered(const Design& design, const Solution& target,
                                            const std::vector<ReadingEntry>& ordered) {
    return folded(target, ordered, necks_of(design.neck, ordered), all_of(target));
}

std::vector<Neck> necks_of_ordered(const NeckDesign& design, const std::vector<ReadingEntry>& ordered) {
    return necks_of(design, ordered);
}

std::vector<KnownString> heights_of_ordered(const Solution& target, const std::vector<ReadingEntry>& ordered,
                                            const std::vector<Neck>& necks,
                                            const std::vector<std::size_t>& strings) {
    return folded(target, ordered, necks, strings);
}

namespace {

/// Of this entry's gauge, its own ± first. @param part read at the bench with leaves between which it is
double u_of_gauge_mm(const ReadingEntry& entry, BenchPart part, const std::string& word,
                     std::optional<double> own_u_mm, std::string_view usual) {
    if (entry.bench && entry.bench->part == part && entry.bench->u_mm)
        return std::max(1e-4, *entry.bench->u_mm);
    if (own_u_mm) return *own_u_mm;
    const Gauge* gauge = gauge_of_word(word);
    return (gauge ? gauge : gauge_of_word(usual))->uncertainty_mm;
}

} // namespace

double u_of_relief_mm(const ReadingEntry& entry) {
    const double u_mm =
        u_of_gauge_mm(entry, BenchPart::relief, entry.gauges.relief, entry.gauges.relief_u_mm, "feeler");
    return entry.relief_sides_mm ? u_mm / std::sqrt(2.0) : u_mm;
}

double u_of_nut_mm(const ReadingEntry& entry, const StringReadings& read) {
    return read.nut_u_mm.value_or(
        u_of_gauge_mm(entry, BenchPart::nut, entry.gauges.nut, entry.gauges.nut_u_mm, "feeler"));
}

double u_of_action_mm(const ReadingEntry& entry, const StringReadings& read) {
    return read.action_u_mm.value_or(u_of_gauge_mm(entry, BenchPart::saddle, entry.gauges.action,
                                                   entry.gauges.action_u_mm, "half_mm_rule"));
}

std::vector<std::optional<double>> found_floors_mm(const Solution& target,
                                                   const std::vector<KnownString>& known) {
    std::vector<std::optional<double>> floors;
    for (std::size_t i = 0; i < target.strings.size(); ++i) {
        const StringSolution& string = target.strings[i];
        if (!known[i].above_fret_line_mm)
            floors.emplace_back();
        else // the floor stands as far over the target's as the string stands over its target
            floors.push_back(string.slot.floor_above_seat_mm + *known[i].above_fret_line_mm -
                             string.above_fret_line_mm);
    }
    return floors;
}

} // namespace fm
