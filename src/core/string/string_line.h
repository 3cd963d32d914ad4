#pragma once
#include "core/string/neck.h"

namespace fm {

/// One string in plan and height: from the nut contact (delta, y_n) to the saddle contact (x_s, y_s). All x
/// run along the string from its own nut line. Heights are solved by heights.h. Source: docs/mathematics.md,
/// "A string" and "Fanned frets".
struct StringLine {
    double scale_mm = 0;
    double set_forward_mm = 0; ///< delta
    double saddle_x_mm = 0;
    double nut_y_mm = 0;
    double saddle_y_mm = 0;
    double plan_start_mm = 0; ///< X_i: its nut line in plan
    double plan_cosine = 1;   ///< plan length of one mm along it

    double share(double x_mm) const { return (x_mm - set_forward_mm) / (saddle_x_mm - set_forward_mm); }
    double y_mm(double x_mm) const { return nut_y_mm + (saddle_y_mm - nut_y_mm) * share(x_mm); }
    double plan_x_mm(double x_mm) const { return plan_start_mm + x_mm * plan_cosine; }
};

/// A string's place on a neck: where its frets are and how high their tops stand under it.
class StringOnNeck {
public:
    StringOnNeck(const Neck& neck, const StringLine& line) : neck_(&neck), line_(line) {}

    const StringLine& line() const { return line_; }
    const Neck& neck() const { return *neck_; }
    double fret_x_mm(int fret) const { return neck_->fret_x_mm(fret, line_.scale_mm); }
    double fret_share(int fret) const { return line_.share(fret_x_mm(fret)); }
    /// F_n, the fret's top under the string [mm over the body fret plane].
    double fret_top_mm(int fret) const { return neck_->fret_top_mm(fret, line_.y_mm(fret_x_mm(fret))); }
    /// w(delta), the fret-top line at the nut on the centreline.
    double fret_line_mm() const { return neck_->relief_curve_mm(on_mean_scale_mm(line_.set_forward_mm)); }
    /// F_0, the fret-top surface under the string at the nut.
    double fret_line_under_string_mm() const {
        return fret_line_mm() - neck_->crown_fall_mm(on_mean_scale_mm(line_.set_forward_mm), line_.nut_y_mm);
    }

private:
    double on_mean_scale_mm(double x_mm) const { return x_mm * neck_->mean_scale_mm() / line_.scale_mm; }

    const Neck* neck_;
    StringLine line_;
};

/// Scales and plan of all strings, with one set-forward and one saddle compensation for each.
std::vector<StringLine> string_lines(const Neck& neck, const std::vector<double>& nut_y_mm,
                                     const std::vector<double>& saddle_y_mm,
                                     const std::vector<double>& set_forward_mm,
                                     const std::vector<double>& compensation_mm);

} // namespace fm
