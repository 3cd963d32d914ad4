#pragma once
// What is known of a file and the hand that leads it: how much comes off of what was meant to.
// Source: docs/mathematics.md, "At the bench".
#include <vector>

namespace fm {

/// A pass with the file: what was meant to come off and what the readings before and after say came off [mm].
struct PassOutcome {
    double wanted_mm = 0; ///< above 0
    double came_mm = 0;
    double u_mm = 0; ///< one standard deviation of what came off, from the two readings
};

/// A hand: the share of the wanted amount that comes off, and how far it scatters.
struct Hand {
    int passes = 0; ///< that taught something; 0: nothing is known of it
    double took = 1;
    double scatter = 0; ///< one standard deviation of the share
};

/// The hand that made those passes. Passes the readings could hardly see teach nothing. A hand seen once or
/// twice is taken to scatter by a fifth.
/// @param before what was known of it already
Hand hand_of(const std::vector<PassOutcome>& passes, const Hand& before = {});

/// How much a gap may be lowered by in one pass so that it still ends above its target, two standard
/// deviations of the gauge and three of the hand together [mm of gap]: the whole of `gap − target − 2u` for a
/// hand nothing is known of, less for one that takes more than it means to or scatters.
/// @param above_target_mm the gap less its target  @param u_mm of the gap
double pass_of_hand_mm(double above_target_mm, double u_mm, const Hand& hand);

} // namespace fm
