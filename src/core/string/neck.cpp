#include "core/string/neck.h"

#include <cmath>

namespace fm {

namespace {

double temperament_length_left(const std::array<double, 12>& cents, int fret) {
    if (fret == 0) return 1.0;
    const int octaves = (fret - 1) / 12;
    const int step = (fret - 1) % 12;
    return std::exp2(-(octaves * 1200.0 + cents[static_cast<std::size_t>(step)]) / 1200.0);
}

double length_left(const NeckDesign& design, int fret) {
    if (design.temperament_cents) return temperament_length_left(*design.temperament_cents, fret);
    return std::exp2(-fret / 12.0);
}

/// How far the chord a … b of a curve lies above it at m.
template <class Curve> double chord_depth(const Curve& curve, double a, double m, double b) {
    return curve(a) + (curve(b) - curve(a)) * (m - a) / (b - a) - curve(m);
}

} // namespace

double circle_fall_mm(double radius_mm, double y_mm) {
    if (radius_mm <= 0) return 0.0;
    return y_mm * y_mm / (radius_mm + std::sqrt(radius_mm * radius_mm - y_mm * y_mm));
}

Neck::Neck(const NeckDesign& design) : design_(design), mean_scale_mm_(design.mean_scale_mm()) {
    const auto places = static_cast<std::size_t>(design.frets) + 1;
    length_left_.reserve(places);
    for (int n = 0; n <= design.frets; ++n) length_left_.push_back(length_left(design, n));
    joint_x_mm_ = fret_x_mm(design.body_joint_fret, mean_scale_mm_);
    last_x_mm_ = fret_x_mm(design.frets, mean_scale_mm_);
    if (design.relief) {
        const Relief& reading = *design.relief;
        const double a = fret_x_mm(reading.from_fret, mean_scale_mm_);
        const double m = fret_x_mm(reading.at_fret, mean_scale_mm_);
        const double b = fret_x_mm(reading.to_fret, mean_scale_mm_);
        const double bend_depth = chord_depth([this](double x) { return bend(x); }, a, m, b);
        const double fall_depth = chord_depth([this](double x) { return fallaway_at_mm(x); }, a, m, b);
        relief_factor_ = (reading.depth_mm + fall_depth) / bend_depth;
    }
    offset_mm_ = design.fret_offsets_mm;
    offset_mm_.resize(static_cast<std::size_t>(design.frets), 0.0);
    for (int n = 0; n <= design.frets; ++n) {
        const double x_mm = fret_x_mm(n, mean_scale_mm_);
        relief_at_mm_.push_back(relief_curve_mm(x_mm));
        radius_at_mm_.push_back(radius_mm(x_mm));
    }
}

double Neck::bend(double x_mm) const {
    const double to_joint = joint_x_mm_ - x_mm;
    return to_joint > 0 ? to_joint * to_joint : 0.0;
}

double Neck::fallaway_at_mm(double x_mm) const {
    if (x_mm <= joint_x_mm_ || last_x_mm_ <= joint_x_mm_) return 0.0;
    return design_.fallaway_mm * (x_mm - joint_x_mm_) / (last_x_mm_ - joint_x_mm_);
}

double Neck::radius_mm(double x_mm) const {
    switch (design_.shape) {
    case BoardShape::flat: return 0.0;
    case BoardShape::cylinder: return design_.radius_nut_mm;
    case BoardShape::cone:
        return design_.radius_nut_mm +
               (design_.radius_end_mm - design_.radius_nut_mm) * x_mm / design_.radius_end_at_mm;
    }
    return 0.0;
}

double Neck::perpendicular_ratio() const {
    const double fret = design_.perpendicular_fret;
    if (design_.temperament_cents) return 1.0 / length_left(design_, static_cast<int>(std::lround(fret)));
    return std::exp2(fret / 12.0);
}

double Neck::relief_curve_mm(double x_mm) const {
    return relief_factor_ * bend(x_mm) - fallaway_at_mm(x_mm);
}

double Neck::crown_fall_mm(double x_mm, double y_mm) const {
    return circle_fall_mm(radius_mm(x_mm), y_mm);
}

double Neck::fret_top_mm(int fret, double y_mm) const {
    const auto n = static_cast<std::size_t>(fret);
    return relief_at_mm_[n] - circle_fall_mm(radius_at_mm_[n], y_mm) + offset_mm_[n - 1];
}

double Neck::half_width_mm(double x_mm) const {
    const double end_at_mm = design_.end_at_mm.value_or(last_x_mm_);
    return 0.5 * (design_.nut_width_mm + (design_.end_width_mm - design_.nut_width_mm) * x_mm / end_at_mm);
}

double Neck::relief_depth_mm(int from_fret, int at_fret, int to_fret) const {
    return chord_depth([this](double x) { return relief_curve_mm(x); }, fret_x_mm(from_fret, mean_scale_mm_),
                       fret_x_mm(at_fret, mean_scale_mm_), fret_x_mm(to_fret, mean_scale_mm_));
}

double relief_factor(const NeckDesign& design, const Relief& reading) {
    NeckDesign read = design;
    read.relief = reading;
    return Neck(read).relief_factor();
}

} // namespace fm
