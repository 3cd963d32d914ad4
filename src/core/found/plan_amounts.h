#pragma once
// How far an instrument stands from what is wanted, how sure that is, and what of it a gauge can tell.
// Source: docs/mathematics.md, "Leave it".
#include "core/found/readings.h"

#include <optional>
#include <vector>

namespace fm {

/// An amount of one step: what is missing or too much, one standard deviation of it, and whether it is work.
struct Amount {
    double mm = 0;
    double u_mm = 0;
    bool counts = false;
};
/// One a string; nothing for strings that never had both numbers.
using Amounts = std::vector<std::optional<Amount>>;

/// Relief r* − r at the reading's own frets.
struct ReliefAmount {
    std::optional<Relief> found;     ///< as read last, at its own frets; else the job's own
    std::optional<double> wanted_mm; ///< at the same frets; nothing: none wanted, or none found
    double u_mm = 0;
    bool read = false; ///< found by a reading

    bool counts() const;
};

/// Where a string is to stand, whatever else is left as found.
struct WantedHeights {
    double above_fret_line_mm = 0;
    double saddle_z_mm = 0;
};

/// What the readings say of one instrument, asked again under each choice.
class Judgement {
public:
    Judgement(const Design& design, const Solution& target, const ReadingLog& entries);

    const std::vector<KnownString>& known() const { return known_; }
    ReliefAmount relief() const;
    /// The neck the strings will stand on: wanted, or as found.
    const Neck& neck(bool relief_left) const { return relief_left ? found_neck_ : wanted_neck_; }
    const Neck& found_neck() const { return found_neck_; }

    /// z_s − z_s*, positive: to take off or to turn down.
    Amounts saddle(bool relief_left) const;
    /// a − a*, positive: to file. With the saddle left its height as found is held.
    Amounts nut(bool relief_left, bool saddle_left) const;
    WantedHeights wanted(std::size_t string, bool relief_left, bool saddle_left) const;

private:
    struct Found {
        std::vector<KnownString> known;
        Neck neck; ///< with the relief found
    };
    struct Moved {
        Found above;
        Found below;
        std::vector<std::size_t> strings; ///< it says something of: the others stand as they did
        bool all_strings = false;         ///< one number for all strings, the relief
    };
    enum class Part { saddle, nut };

    WantedHeights wanted_on(const Neck& neck, const KnownString& known, std::size_t string, bool relief_left,
                            bool saddle_left) const;
    /// What is missing or too much of a string; nothing where it never had both numbers.
    std::optional<double> amount_mm(const KnownString& known, std::size_t string, const Neck& found,
                                    Part part, bool relief_left, bool saddle_left) const;
    Amounts judged(Part part, bool relief_left, bool saddle_left) const;
    /// The entries the heights rest on, with the relief each was read at: for each string the newest that
    /// made them.
    std::vector<ReadingEntry> rested_on() const;
    void move_all_numbers();

    const Design& design_;
    const Solution& target_;
    ReadingLog log_;
    std::vector<KnownString> known_;
    std::optional<Relief> relief_;
    Neck wanted_neck_;
    Neck found_neck_;
    std::vector<Moved> moved_; ///< the instrument with each number read off by its gauge's u, either way
};

} // namespace fm
