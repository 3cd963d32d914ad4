#include "core/readings.h"

#include <algorithm>

namespace fm {

std::vector<ReadingEntry> in_order(const std::vector<ReadingEntry>& entries) {
    std::vector<ReadingEntry> effective = entries;
    for (std::size_t i = 0; i < entries.size(); ++i) effective[i].index = i;
    std::vector<bool> taken(entries.size(), false);
    // A correction stands in the place of the entry it replaces, and may be replaced in turn.
    for (std::size_t i = entries.size(); i-- > 0;) {
        if (!entries[i].replaces || *entries[i].replaces >= i) continue;
        const std::size_t place = *entries[i].replaces;
        const std::string when = entries[place].when;
        const std::optional<std::size_t> further = entries[place].replaces;
        effective[place] = effective[i];
        effective[place].when = when;
        effective[place].index = place;
        effective[place].replaces = further;
        taken[i] = true;
    }
    std::vector<ReadingEntry> ordered;
    for (std::size_t i = 0; i < entries.size(); ++i)
        if (!taken[i]) ordered.push_back(effective[i]);
    const bool all_timed =
        std::all_of(ordered.begin(), ordered.end(), [](const auto& e) { return !e.when.empty(); });
    if (all_timed)
        std::stable_sort(ordered.begin(), ordered.end(),
                         [](const auto& a, const auto& b) { return a.when < b.when; });
    return ordered;
}

ReadingEntry as_found_readings(const std::vector<ReadingEntry>& entries, std::size_t strings) {
    ReadingEntry found;
    found.strings.resize(strings);
    const auto take = [](auto& into, const auto& from) {
        if (from) into = from;
    };
    const auto take_gauge = [](std::string& into, const std::string& from) {
        if (!from.empty()) into = from;
    };
    for (const ReadingEntry& entry : in_order(entries)) {
        if (entry.state != ReadingState::found) continue;
        take(found.humidity_pct, entry.humidity_pct);
        take(found.relief, entry.relief);
        take_gauge(found.gauges.nut, entry.gauges.nut);
        take_gauge(found.gauges.action, entry.gauges.action);
        take_gauge(found.gauges.relief, entry.gauges.relief);
        for (std::size_t i = 0; i < std::min(strings, entry.strings.size()); ++i) {
            const StringReadings& read = entry.strings[i];
            take(found.strings[i].open_gap_fret1_mm, read.open_gap_fret1_mm);
            if (read.pressed_gap_mm) found.strings[i].pressed_fret = read.pressed_fret;
            take(found.strings[i].pressed_gap_mm, read.pressed_gap_mm);
            take(found.strings[i].action12_mm, read.action12_mm);
            take(found.strings[i].action12_capo_mm, read.action12_capo_mm);
            take(found.strings[i].slot_width_mm, read.slot_width_mm);
            take(found.strings[i].slot, read.slot);
        }
    }
    return found;
}

std::optional<Relief> found_relief(const Design& design, const std::vector<ReadingEntry>& ordered) {
    std::optional<Relief> relief = design.neck.relief;
    for (const ReadingEntry& entry : ordered)
        if (entry.relief) relief = entry.relief;
    return relief;
}

namespace {

/// A reading and the neck it was read on; held until its partner comes.
template <class Read> struct Held {
    Read read;
    std::size_t neck = 0; // index into the necks met so far
};

struct StringStory {
    KnownString known;
    std::optional<Held<NutReading>> nut_waiting;
    std::optional<Held<ActionReading>> action_waiting;
};

class Folding {
public:
    Folding(const Design& design, const Solution& target) : target_(target) {
        necks_.emplace_back(design.neck);
    }

    void take(const ReadingEntry& entry, const NeckDesign& design_neck) {
        if (entry.relief) {
            NeckDesign read = design_neck;
            read.relief = entry.relief;
            necks_.emplace_back(read);
        }
        stories_.resize(target_.strings.size());
        for (std::size_t i = 0; i < entry.strings.size() && i < stories_.size(); ++i)
            take_string(i, entry.strings[i]);
    }

    std::vector<KnownString> known() {
        stories_.resize(target_.strings.size());
        std::vector<KnownString> list;
        for (const StringStory& story : stories_) list.push_back(story.known);
        return list;
    }

private:
    StringOnNeck on(std::size_t i, std::size_t neck) const { return {necks_[neck], target_.strings[i].line}; }

    void take_string(std::size_t i, const StringReadings& read) {
        StringStory& story = stories_[i];
        const std::size_t neck = necks_.size() - 1;
        if (read.slot_width_mm) story.known.slot_width_mm = read.slot_width_mm;
        if (read.slot) story.known.slot = read.slot;
        if (read.has_action()) {
            const ActionReading action = read.action12_mm
                                             ? ActionReading{ActionMeasure::open, *read.action12_mm}
                                             : ActionReading{ActionMeasure::capo_1, *read.action12_capo_mm};
            story.known.action_mm = action.action_mm;
            story.action_waiting = Held<ActionReading>{action, neck};
        }
        if (read.has_nut()) {
            const NutReading nut{read.open_gap_fret1_mm, read.pressed_gap_mm, read.pressed_fret};
            story.known.nut_gap_mm = read.open_gap_fret1_mm ? read.open_gap_fret1_mm : read.pressed_gap_mm;
            story.known.nut_pressed_fret = read.open_gap_fret1_mm ? 0 : read.pressed_fret;
            story.nut_waiting = Held<NutReading>{nut, neck};
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
        } else if (together) {
            settle_across_necks(i, story);
        } else if (story.nut_waiting && known.saddle_z_mm) {
            const StringOnNeck string = on(i, story.nut_waiting->neck);
            keep(known, string,
                 {nut_z_mm(string, story.nut_waiting->read, *known.saddle_z_mm), *known.saddle_z_mm},
                 story.nut_waiting->read);
        } else if (story.action_waiting && known.above_fret_line_mm) {
            const StringOnNeck string = on(i, story.action_waiting->neck);
            const ActionReading& read = story.action_waiting->read;
            known.saddle_z_mm =
                saddle_z_of_action_mm(string, read.measure, read.action_mm,
                                      string.fret_line_under_string_mm() + *known.above_fret_line_mm);
        } else
            return; // one number alone: held
        story.nut_waiting.reset();
        story.action_waiting.reset();
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
        const double u1 = string.fret_share(1);
        return (string.fret_top_mm(1) + *read.open_gap_mm - saddle_z_mm * u1) / (1.0 - u1);
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
    std::vector<Neck> necks_;
    std::vector<StringStory> stories_;
};

} // namespace

std::vector<KnownString> known_heights(const Design& design, const Solution& target,
                                       const std::vector<ReadingEntry>& entries) {
    Folding folding(design, target);
    for (const ReadingEntry& entry : in_order(entries)) folding.take(entry, design.neck);
    return folding.known();
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
