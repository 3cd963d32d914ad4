#include "core/found/reading_doubts.h"

#include "core/found/as_found.h"
#include "core/found/fret_plane.h"
#include "core/found/reading_way.h"

namespace fm {

namespace {

// What two readings with usual gauges may miss each other by.
constexpr double told_from_mm = 0.03;

struct NutGaps {
    std::optional<double> open_mm;
    std::optional<double> pressed_mm;
};

/// The newest of each, read since the part was last worked on.
NutGaps newest_gaps(const ReadingLog& entries, std::size_t string) {
    NutGaps gaps;
    for (const ReadingEntry& entry : entries.in_order()) {
        if (entry.relief || (entry.bench && entry.bench->wanted_mm != 0)) gaps = {};
        if (string >= entry.strings.size()) continue;
        const StringReadings& read = entry.strings[string];
        if (read.open_gap_fret1_mm) gaps.open_mm = read.open_gap_fret1_mm;
        if (read.pressed_gap_mm) gaps.pressed_mm = read.pressed_gap_mm;
    }
    return gaps;
}

/// What a leaf alone said of one end, against the number read before it and against what is wanted.
struct LeafSays {
    std::string name;
    std::string where;
    ReadingBound bound;
    LengthKind kind;

    bool over(double mm) const { return bound.above_mm && *bound.above_mm >= mm; }
    bool under(double mm) const { return bound.below_mm && *bound.below_mm <= mm; }

    Message against(std::optional<double> read_mm, double wanted_mm) const {
        const std::string sign = bound.above_mm ? ">" : "<";
        const LengthMm leaf{bound.above_mm ? *bound.above_mm : *bound.below_mm, kind};
        if (read_mm && (over(*read_mm + told_from_mm) || under(*read_mm - told_from_mm)))
            return {"reading_bound_differs",
                    Severity::warning,
                    where,
                    {name, LengthMm{*read_mm, kind}, sign, leaf}};
        const char* id = over(wanted_mm)    ? "reading_bound_high"
                         : under(wanted_mm) ? "reading_bound_low"
                                            : "reading_bound_open";
        return {id, Severity::note, where, {name, sign, leaf, LengthMm{wanted_mm, kind}}};
    }
};

} // namespace

std::vector<Message> reading_doubts(const Design& design, const Solution& target, const ReadingLog& entries) {
    const Neck neck(design_as_found(design, entries).neck);
    const std::vector<KnownString> known = known_heights(design, target, entries);
    std::vector<Message> doubts;
    // Further apart than a rule in half millimetres reads at either side.
    constexpr double tilt_told_mm = 0.5;
    const auto plane = fret_plane_as_found(design, target, entries);
    if (plane && std::abs(plane->at_bass_mm - plane->at_treble_mm) > tilt_told_mm)
        doubts.push_back({"plane_tilted",
                          Severity::warning,
                          "bridge.existing.string_over_top_mm",
                          {LengthMm{plane->at_bass_mm}, LengthMm{plane->at_treble_mm}}});
    for (std::size_t i = 0; i < known.size(); ++i) {
        const std::string name = design.string_name(i);
        const std::string where = "readings.strings[" + std::to_string(i) + "]";
        const NutGaps gaps = newest_gaps(entries, i);
        if (gaps.open_mm && gaps.pressed_mm && *gaps.pressed_mm > *gaps.open_mm + told_from_mm)
            doubts.push_back({"pressed_over_open",
                              Severity::warning,
                              where,
                              {name, gap_of(*gaps.pressed_mm), gap_of(*gaps.open_mm)}});
        if (known[i].nut_bound) {
            const bool open = known[i].nut_bound->key == "open_gap_fret1_mm";
            const ReadingWay way{BenchPart::nut, open ? 0 : known[i].nut_bound_pressed_fret};
            const bool alike = known[i].nut_pressed_fret == way.held_at;
            doubts.push_back(LeafSays{name, where, *known[i].nut_bound, LengthKind::gap}.against(
                alike ? known[i].nut_gap_mm : std::nullopt, way.of(target.strings[i])));
        }
        if (known[i].action_bound) {
            const ReadingWay way{BenchPart::saddle, known[i].action_bound->key == "action12_mm" ? 0 : 1};
            doubts.push_back(LeafSays{name, where, *known[i].action_bound, LengthKind::action}.against(
                way == action_way(design) ? known[i].action_mm : std::nullopt, way.of(target.strings[i])));
        }
        if (!known[i].complete() || known[i].only_at_least) continue;
        const StringOnNeck string(neck, target.strings[i].line);
        const EndHeights ends{string.fret_line_under_string_mm() + *known[i].above_fret_line_mm,
                              *known[i].saddle_z_mm};
        int lowest = 0;
        double least_mm = -told_from_mm;
        for (int fret = 1; fret <= neck.frets(); ++fret)
            if (open_gap_mm(string, ends, fret) < least_mm) {
                least_mm = open_gap_mm(string, ends, fret);
                lowest = fret;
            }
        if (lowest > 0)
            doubts.push_back(
                {"reading_below_fret",
                 Severity::warning,
                 where,
                 {name, gap_of(*known[i].nut_gap_mm), LengthMm{*known[i].action_mm, LengthKind::action},
                  gap_of(-least_mm), lowest}});
    }
    return doubts;
}

std::optional<Message> moment_doubt(const Plan& plan, const Solution& wanted) {
    constexpr double told_from = 1.1;
    constexpr double least_nm = 0.1; // of strings held by a tailpiece hardly anything is left
    if (!plan.moment_found_nm || !wanted.bridge) return std::nullopt;
    const double found_nm = *plan.moment_found_nm;
    const double will_nm = wanted.bridge->moment_nm;
    if (will_nm <= told_from * found_nm || will_nm - found_nm < least_nm) return std::nullopt;
    const auto shown = [](double nm) { return std::round(nm * 100.0) / 100.0; };
    return Message{"moment_raised", Severity::warning, "bridge", {shown(will_nm), shown(found_nm)}};
}

} // namespace fm
