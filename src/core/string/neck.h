#pragma once
#include "core/design/design.h"

#include <vector>

namespace fm {

/// The fretted board of one instrument: frets, curve across, relief along. Made once from a checked design.
/// Frets count from 1; fret 0 is the nut line, where no fret stands.
/// Source: docs/mathematics.md, "Frets" and "The fret tops".
class Neck {
public:
    explicit Neck(const NeckDesign& design);

    const NeckDesign& design() const { return design_; }
    int frets() const { return design_.frets; }
    double mean_scale_mm() const { return mean_scale_mm_; }

    /// Frequency ratio of fret n to the open string, 1 at fret 0. @param fret 0 … frets
    double ratio(int fret) const { return 1.0 / length_left_[static_cast<std::size_t>(fret)]; }

    /// Where fret n stands, from the nut line, along a string of that scale [mm].
    double fret_x_mm(int fret, double scale_mm) const {
        return scale_mm * (1.0 - length_left_[static_cast<std::size_t>(fret)]);
    }

    /// Ratio at the fret the fan is square to; any number under equal temperament.
    double perpendicular_ratio() const;

    /// Height of the board's relief curve at x on the mean scale, over the body fret plane [mm].
    double relief_curve_mm(double x_mm) const;

    /// Fall of the fret tops (or of the board) from the centreline to y, at x on the mean scale [mm].
    double crown_fall_mm(double x_mm, double y_mm) const;

    /// Height of fret n's top under y [mm], its offset included. @param fret 1 … frets
    double fret_top_mm(int fret, double y_mm) const;

    /// Half of the board's width at x on the mean scale, extended as a straight line beyond the board [mm].
    double half_width_mm(double x_mm) const;

    /// The factor k of the bent neck, 1/mm. Source: docs/mathematics.md, "Relief".
    double relief_factor() const { return relief_factor_; }

    /// The depth another straight string, held at two other frets, would show at a third [mm].
    double relief_depth_mm(int from_fret, int at_fret, int to_fret) const;

private:
    double bend(double x_mm) const;
    double fallaway_at_mm(double x_mm) const;
    double radius_mm(double x_mm) const;

    NeckDesign design_;
    double mean_scale_mm_ = 0;
    double relief_factor_ = 0;
    double joint_x_mm_ = 0;
    double last_x_mm_ = 0;
    std::vector<double> length_left_;  // 1 / ratio, index 0 … frets
    std::vector<double> relief_at_mm_; // relief curve at each fret
    std::vector<double> radius_at_mm_; // radius at each fret; 0: flat
    std::vector<double> offset_mm_;
};

/// The neck's factor k from a reading under a straight string. Source: docs/mathematics.md, "Relief".
double relief_factor(const NeckDesign& design, const Relief& reading);

/// Fall of a circle of that radius at y from its middle [mm]; 0 for a flat board (radius 0).
double circle_fall_mm(double radius_mm, double y_mm);

} // namespace fm
