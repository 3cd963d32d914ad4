#pragma once
// What gauges said about an instrument, entry by entry. Source: docs/mathematics.md, "Readings".
#include "core/design/design.h"
#include "core/found/string_readings.h"

#include <array>
#include <functional>
#include <initializer_list>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace fm {

enum class ReadingState { found, during, left };
constexpr std::array<std::string_view, 3> words_of(ReadingState) {
    return {"found", "during", "left"};
}

/// What an entry was read with: words of gauges or names of the shop's own, "" where it is not said.
struct ReadingGauges {
    std::string nut;
    std::string action;
    std::string relief;
    // One standard deviation of a gauge of the shop's own.
    std::optional<double> nut_u_mm;
    std::optional<double> action_u_mm;
    std::optional<double> relief_u_mm;

    friend bool operator==(const ReadingGauges&, const ReadingGauges&) = default;
};

/// The parts that are set or filed at the bench.
enum class BenchPart { relief, saddle, nut };
constexpr std::array<std::string_view, 3> words_of(BenchPart) {
    return {"relief", "saddle", "nut"};
}

/// What was done at the bench since the reading before this one.
struct BenchWork {
    BenchPart part = BenchPart::nut;
    std::optional<std::size_t> string; ///< worked on; none: the whole part, or the rod
    double wanted_mm = 0; ///< what was to come off in this pass; 0: only read again; negative: filled
    std::optional<EdgeMargins> whole_mm; ///< off the whole part under the outer strings; negative: raised
    int turned_eighths = 0;              ///< of the truss rod; positive: tightened
    std::optional<double> u_mm;          ///< of this reading, where its gauge does not say it: two leaves
};

struct ReadingEntry {
    ReadingState state = ReadingState::found;
    std::string when; ///< ISO 8601, or empty
    std::optional<double> humidity_pct;
    bool strings_new = false; ///< new strings before these readings
    std::optional<Relief> relief;
    std::optional<EdgeMargins> relief_sides_mm; ///< under both outer strings; the relief is their mean
    StringsRead strings;                        ///< one a string, or empty
    ReadingGauges gauges;
    std::optional<std::size_t> replaces; ///< an earlier entry, in file order
    std::optional<BenchWork> bench;      ///< read at the bench, and what was done before it
    std::size_t index = 0; ///< in a log: its place in the file, or that of the entry it stands for
};

/// Every entry about an instrument: as it is written, and in the order it counts. Copies share what they
/// hold.
class ReadingLog {
public:
    ReadingLog() : ReadingLog(std::vector<ReadingEntry>{}) {}
    // NOLINTBEGIN(google-explicit-constructor): a list of entries is one
    ReadingLog(std::vector<ReadingEntry> written);
    ReadingLog(std::initializer_list<ReadingEntry> written) : ReadingLog(std::vector(written)) {}
    // NOLINTEND(google-explicit-constructor)

    /// As in the file.
    const std::vector<ReadingEntry>& written() const { return held_->written; }
    bool empty() const { return written().empty(); }
    std::size_t size() const { return written().size(); }
    const ReadingEntry& operator[](std::size_t place) const { return written()[place]; }
    const ReadingEntry& back() const { return written().back(); }
    auto begin() const { return written().begin(); }
    auto end() const { return written().end(); }

    /// The entries as they count: by time if all have one, else as written; a correction stands in the place
    /// of what it replaces. No longer than the log.
    const std::vector<std::reference_wrapper<const ReadingEntry>>& in_order() const { return held_->ordered; }

private:
    struct Held {
        std::vector<ReadingEntry> written;
        std::map<std::size_t, ReadingEntry> corrected; ///< what stands in a place instead of what is written
        std::vector<std::reference_wrapper<const ReadingEntry>> ordered;
    };
    std::shared_ptr<const Held> held_;
};

} // namespace fm
