#pragma once
// The instrument behind the simulated gauge: as a job says it was found, but not quite; and the hand that
// works on it.
#include "core/found/filing.h"

#include <random>

namespace fm {

/// How the gauge and the hand of a simulation are.
struct SimulatedHand {
    double gauge_u_mm = 0.015; ///< one standard deviation of a reading
    double scatter = 0.2;      ///< one standard deviation of what comes off, as a share of the pass
    double took = 1;           ///< the share of the pass that comes off; above 1: over-eager
    double spoil_mm = 0.02;    ///< how far each height may stand from what was found, one standard deviation
};

/// Knows the true heights of all strings; is told what was done, and read only through a gauge that scatters.
class HiddenInstrument {
public:
    /// Begins where the readings say, each height off by a random amount; a string never read stands at its
    /// target.
    HiddenInstrument(const Design& design, const Solution& target, const ReadingLog& entries,
                     const SimulatedHand& hand, unsigned seed);

    /// What the gauge shows, by the design's school; rounded to a thousandth. @param string of no meaning for
    /// relief
    double read_mm(BenchPart part, std::size_t string);
    double true_gap_mm(BenchPart part, std::size_t string) const;
    /// What it should read with that part at its target, the other parts as they truly are.
    double target_gap_mm(BenchPart part, std::size_t string) const;
    double per_part_mm(BenchPart part, std::size_t string) const;

    /// The hand was asked to take so much off one string's slot or crown.
    void filed(BenchPart part, std::size_t string, double wanted_mm);
    /// The whole part was lowered under the outer strings by so much, or raised; by jig, not by hand.
    void lowered(BenchPart part, double bass_mm, double treble_mm);
    /// One slot was filled so that it stands higher by so much.
    void filled(std::size_t string, double by_mm);
    /// Eighths of a turn of the truss rod; positive: tightened.
    void turned(int eighths);

    std::size_t strings() const { return above_fret_line_mm_.size(); }

private:
    Design bent() const;
    double gap_mm(BenchPart part, std::size_t string, double above_mm, double saddle_z_mm) const;
    double scattered(double standard);

    Design design_;
    const Solution target_;
    SimulatedHand hand_;
    std::mt19937 random_;
    Relief relief_;
    double relief_per_eighth_mm_;
    std::vector<double> above_fret_line_mm_;
    std::vector<double> saddle_z_mm_;
};

} // namespace fm
