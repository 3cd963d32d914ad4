#include "core/found/reading_log.h"

namespace fm {

ReadingLog::ReadingLog(std::vector<ReadingEntry> written) {
    const auto held = std::make_shared<Held>();
    held->written = std::move(written);
    std::vector<ReadingEntry>& entries = held->written;
    std::vector<bool> taken(entries.size(), false);
    for (std::size_t i = 0; i < entries.size(); ++i) entries[i].index = i;
    // A correction stands in the place of the entry it replaces, and may be replaced in turn.
    for (std::size_t i = entries.size(); i-- > 0;) {
        const ReadingEntry& entry = entries[i];
        if (!entry.replaces || *entry.replaces >= i) continue;
        const std::size_t place = *entry.replaces;
        const auto again = held->corrected.find(i);
        ReadingEntry stands = again == held->corrected.end() ? entry : again->second;
        stands.when = entries[place].when;
        stands.index = place;
        stands.replaces = entries[place].replaces;
        held->corrected.insert_or_assign(place, std::move(stands));
        taken[i] = true;
    }
    for (std::size_t i = 0; i < entries.size(); ++i) {
        if (taken[i]) continue;
        const auto instead = held->corrected.find(i);
        held->ordered.emplace_back(instead == held->corrected.end() ? entries[i] : instead->second);
    }
    const bool all_timed = std::all_of(held->ordered.begin(), held->ordered.end(),
                                       [](const ReadingEntry& entry) { return !entry.when.empty(); });
    if (all_timed)
        std::stable_sort(held->ordered.begin(), held->ordered.end(),
                         [](const ReadingEntry& a, const ReadingEntry& b) { return a.when < b.when; });
    held_ = held;
}

} // namespace fm
