#include "core/found/visits.h"

#include "core/found/reading_way.h"
#include "core/found/readings.h"
#include "core/string/neck.h"

#include <algorithm>
#include <charconv>
#include <chrono>
#include <cmath>

namespace fm {

namespace {

/// "2031-03-04T10:20" is of that day; nothing for what is no date.
std::optional<std::chrono::sys_days> day_of(const std::string& when) {
    if (when.size() < 10 || when[4] != '-' || when[7] != '-') return std::nullopt;
    const auto number = [&](std::size_t from, std::size_t count) {
        int value = -1;
        const auto read = std::from_chars(when.data() + from, when.data() + from + count, value);
        return read.ptr == when.data() + from + count ? value : -1;
    };
    const std::chrono::year_month_day date{std::chrono::year(number(0, 4)),
                                           std::chrono::month(static_cast<unsigned>(number(5, 2))),
                                           std::chrono::day(static_cast<unsigned>(number(8, 2)))};
    if (!date.ok()) return std::nullopt;
    return std::chrono::sys_days(date);
}

void take(DayNumber& number, const std::optional<double>& read) {
    if (!read) return;
    if (!number.first) number.first = read;
    number.last = read;
}

std::optional<Relief> newest_relief(const ReadingLog& entries) {
    std::optional<Relief> newest;
    for (const ReadingEntry& entry : entries.in_order())
        if (entry.relief) newest = entry.relief;
    return newest;
}

/// A relief as it would read at other frets of the same bent neck.
double relief_at(const NeckDesign& neck, const Relief& read, const Relief& at) {
    if (read.at_fret == at.at_fret && read.from_fret == at.from_fret && read.to_fret == at.to_fret)
        return read.depth_mm;
    NeckDesign bent = neck;
    bent.relief = read;
    return Neck(bent).relief_depth_mm(at.from_fret, at.at_fret, at.to_fret);
}

bool moved(const std::optional<double>& mm, double u_mm) {
    return mm && std::abs(*mm) > 3 * std::sqrt(2.0) * u_mm;
}

} // namespace

std::vector<Visit> visits_of(const Design& design, const ReadingLog& entries) {
    std::vector<Visit> visits;
    const auto at = newest_relief(entries);
    const ReadingWay nut = nut_way(design);
    const ReadingWay action = action_way(design);
    for (const ReadingEntry& entry : entries.in_order()) {
        if (!day_of(entry.when)) continue;
        const std::string day = entry.when.substr(0, 10);
        if (visits.empty() || visits.back().day != day) {
            visits.emplace_back();
            visits.back().day = day;
            visits.back().action_mm.resize(design.strings.size());
            visits.back().nut_gap_mm.resize(design.strings.size());
        }
        Visit& visit = visits.back();
        if (!visit.humidity_pct) visit.humidity_pct = entry.humidity_pct;
        if (entry.relief) take(visit.relief_mm, relief_at(design.neck, *entry.relief, *at));
        if (entry.bench) {
            const BenchWork& work = *entry.bench;
            visit.turned_eighths += work.turned_eighths;
            visit.worked = visit.worked || work.turned_eighths != 0 || work.wanted_mm != 0 || work.whole_mm;
        }
        for (std::size_t i = 0; i < std::min(entry.strings.size(), design.strings.size()); ++i) {
            take(visit.action_mm[i], action.read_mm(entry.strings[i]));
            take(visit.nut_gap_mm[i], nut.read_mm(entry.strings[i]));
        }
    }
    return visits;
}

std::vector<Away> aways_of(const std::vector<Visit>& visits) {
    std::vector<Away> aways;
    const ReadingEntry usual;
    for (std::size_t v = 1; v < visits.size(); ++v) {
        const Visit& before = visits[v - 1];
        const Visit& after = visits[v];
        Away away;
        away.from = v - 1;
        away.days = static_cast<int>((*day_of(after.day) - *day_of(before.day)).count());
        if (before.humidity_pct && after.humidity_pct)
            away.humidity_pct = *after.humidity_pct - *before.humidity_pct;
        if (before.relief_mm.last && after.relief_mm.first)
            away.relief_mm = *after.relief_mm.first - *before.relief_mm.last;
        double sum_mm = 0;
        for (std::size_t i = 0; i < before.action_mm.size(); ++i)
            if (before.action_mm[i].last && after.action_mm[i].first) {
                sum_mm += *after.action_mm[i].first - *before.action_mm[i].last;
                ++away.strings;
            }
        if (away.strings > 0) away.action_mm = sum_mm / away.strings;
        away.relief_moved = moved(away.relief_mm, u_of_relief_mm(usual));
        away.action_moved =
            moved(away.action_mm, u_of_action_mm(usual, {}) / std::sqrt(std::max(1, away.strings)));
        aways.push_back(away);
    }
    return aways;
}

} // namespace fm
