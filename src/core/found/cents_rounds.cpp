#include "core/found/cents_rounds.h"

#include <cmath>

namespace fm {

namespace {

constexpr double sure_of_cents = 3.0; // standard deviations
constexpr double crown_u_mm = 0.1;    // fret 12 to crown, by a rule

/// A number that is read again and again, and how sure it was.
struct Last {
    std::optional<double> mm;
    double u_mm = 0;

    /// Takes the next reading. @returns whether it says that something was changed in between
    bool changed_by(const std::optional<double>& now_mm, double now_u_mm) {
        if (!now_mm) return false;
        const bool changed = mm && std::abs(*now_mm - *mm) > sure_of_cents * std::hypot(u_mm, now_u_mm);
        mm = now_mm;
        u_mm = now_u_mm;
        return changed;
    }
};

struct LastOfString {
    Last open, pressed[2], action, capo, crown;
};

bool reads_heights(const ReadingEntry& entry) {
    if (entry.relief) return true;
    for (const StringReadings& read : entry.strings)
        if (read.has_nut() || read.has_action()) return true;
    return false;
}

/// Whether the whole instrument stands otherwise after that work.
bool changes_all(const BenchWork& work) {
    return work.turned_eighths != 0 || work.whole_mm || (work.wanted_mm != 0 && !work.string);
}

class Rounds {
public:
    explicit Rounds(std::size_t strings) : all_(strings), last_(strings) {}

    void take(const ReadingEntry& entry) {
        const bool changed = entry.strings_new || (entry.bench && changes_all(*entry.bench));
        const bool other_relief =
            entry.relief && relief_.changed_by(entry.relief->depth_mm, u_of_relief_mm(entry));
        for (CentsOfString& string : all_) {
            if (changed) begin(string);
            if (other_relief) stands_otherwise(string, entry);
            if (ends_as_found(entry)) begin(string, ReadingState::found);
        }
        if (ends_as_found(entry)) as_found_ = false;
        for (std::size_t i = 0; i < std::min(all_.size(), entry.strings.size()); ++i)
            take(entry, entry.strings[i], i);
    }
    std::vector<CentsOfString> result() && { return std::move(all_); }

private:
    /// What was read as found is over as soon as heights are read that are not as found any more: work lies
    /// between them, whatever the numbers say.
    bool ends_as_found(const ReadingEntry& entry) const {
        return as_found_ && entry.state != ReadingState::found && reads_heights(entry);
    }

    /// @param only what was read in that state; nothing: all
    static void begin(CentsOfString& string, std::optional<ReadingState> only = {}) {
        for (CentsRead& read : string.reads)
            if (!only || read.state == *only) read.counts = false;
        string.moves = 0;
        string.heard.clear();
    }
    /// A number changed since it was read last. Cents and heights both as left belong together.
    static void stands_otherwise(CentsOfString& string, const ReadingEntry& entry) {
        begin(string, ReadingState::found);
        begin(string, ReadingState::during);
        if (entry.state != ReadingState::left) begin(string, ReadingState::left);
    }

    void take(const ReadingEntry& entry, const StringReadings& read, std::size_t i) {
        LastOfString& last = last_[i];
        CentsOfString& string = all_[i];
        if (read.crown_moved_mm) {
            string.moved_mm += *read.crown_moved_mm;
            ++string.moves;
            string.heard.clear();
            if (string.crown_mm) *string.crown_mm += *read.crown_moved_mm;
            if (last.crown.mm) *last.crown.mm += *read.crown_moved_mm;
        }
        const double nut_u_mm = u_of_nut_mm(entry, read);
        const double action_u_mm = u_of_action_mm(entry, read);
        // Every number is taken, whatever the one before it said.
        const bool heights[] = {
            last.open.changed_by(read.open_gap_fret1_mm, nut_u_mm),
            last.pressed[read.pressed_fret == 2 ? 0 : 1].changed_by(read.pressed_gap_mm, nut_u_mm),
            last.action.changed_by(read.action12_mm, action_u_mm),
            last.capo.changed_by(read.action12_capo_mm, action_u_mm)};
        if (std::any_of(std::begin(heights), std::end(heights), [](bool changed) { return changed; }))
            stands_otherwise(string, entry);
        const bool filed = entry.bench && entry.bench->wanted_mm != 0 && entry.bench->string == i;
        if (last.crown.changed_by(read.crown_found_mm, crown_u_mm) || filed) begin(string);
        if (read.crown_found_mm) string.crown_mm = read.crown_found_mm;
        for (const CentsReading& each : read.cents) {
            string.reads.push_back(
                {each.fret, each.cents, read.cents_against, entry.state, string.moved_mm, true});
            string.heard.erase(each.fret);
        }
        for (const HeardReading& each : read.heard) { // said after the tuner, it stands for it
            string.heard[each.fret] = each.heard;
            for (CentsRead& before : string.reads)
                if (before.fret == each.fret) before.counts = false;
        }
    }

    std::vector<CentsOfString> all_;
    std::vector<LastOfString> last_;
    Last relief_;
    bool as_found_ = true;
};

} // namespace

std::vector<CentsOfString> cents_rounds(const ReadingLog& entries, std::size_t strings) {
    Rounds rounds(strings);
    for (const ReadingEntry& entry : entries.in_order()) rounds.take(entry);
    return std::move(rounds).result();
}

std::vector<CentsRead> newest_cents(const ReadingLog& entries, std::size_t string) {
    const CentsOfString all = cents_rounds(entries, string + 1)[string];
    std::vector<CentsRead> newest;
    for (const CentsRead& read : all.reads) {
        if (!read.counts || read.moved_mm != all.moved_mm) continue;
        std::erase_if(newest, [&](const CentsRead& have) { return have.fret == read.fret; });
        newest.push_back(read);
    }
    return newest;
}

} // namespace fm
