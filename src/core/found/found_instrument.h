#pragma once
// What it takes to free one note, by each way there is, and what that does to the other strings.
#include "core/found/as_found.h"

#include <functional>
#include <optional>

namespace fm {

/// The instrument as found, and small changes to it.
class FoundInstrument {
public:
    FoundInstrument(const Design& design, const Solution& target, const ReadingLog& entries);

    /// A change tried on the whole instrument.
    struct Change {
        double raise_slot_mm = 0;   ///< of `string` only
        double raise_saddle_mm = 0; ///< of all strings, at the saddle
        double relief_mm = 0;       ///< added, at the reading's own frets
        double set_forward_mm = 0;  ///< added to all
        double press_mm = 0;        ///< added to the press depth
        double level_fret_mm = 0;   ///< taken off fret `fret`
        std::size_t string = 0;
        int fret = 0;

        static Change slot_raised(std::size_t string, double mm) {
            Change change;
            change.string = string;
            change.raise_slot_mm = mm;
            return change;
        }
    };
    std::vector<FoundString> with(const Change& change) const;
    const std::vector<FoundString>& now() const { return now_; }
    const Design& design() const { return design_; }
    const std::vector<KnownString>& known() const { return known_; }
    const Solution& target() const { return target_; }

    /// The least amount of a change, growing from nothing to `most_mm`, that frees a note at the player's
    /// pluck; nothing if even that does not.
    std::optional<double> freeing_mm(std::size_t string, int fretted, double most_mm,
                                     const std::function<Change(double)>& change) const;

    /// The same for the room behind the finger.
    std::optional<double> quieting_mm(std::size_t string, int fretted, double most_mm,
                                      const std::function<Change(double)>& change) const;

private:
    std::optional<double> least_mm(double most_mm, const std::function<bool(double)>& enough) const;

    Design design_; // with the relief as found
    const Solution& target_;
    std::vector<KnownString> known_;
    std::vector<FoundString> now_;
};

/// The least headroom of a string over all its places [N]; a large number if no pluck reaches a fret.
double least_headroom_n(const FoundString& string);
/// The least room behind the finger; 0 where there is none to swing in.
double least_back_gap_mm(const FoundString& string);

} // namespace fm
