#include "sheet/views/neck_views.h"
#include "sheet/drawing/pens.h"

#include <algorithm>

namespace fm {

double centre_top_mm(const Neck& neck, int fret) {
    return fret == 0 ? neck.relief_curve_mm(0.0) : neck.fret_top_mm(fret, 0.0);
}

double relief_string_mm(const Neck& neck, int fret) {
    const auto& relief = neck.design().relief;
    if (!relief) return 0.0;
    const double scale = neck.mean_scale_mm();
    const auto curve = [&](int n) { return neck.relief_curve_mm(neck.fret_x_mm(n, scale)); };
    const double from = neck.fret_x_mm(relief->from_fret, scale);
    const double to = neck.fret_x_mm(relief->to_fret, scale);
    const double share = (neck.fret_x_mm(fret, scale) - from) / (to - from);
    return curve(relief->from_fret) + share * (curve(relief->to_fret) - curve(relief->from_fret));
}

NeckHeights neck_heights(const Neck& neck) {
    NeckHeights heights;
    const auto include = [&](double mm) {
        heights.least_mm = std::min(heights.least_mm, mm);
        heights.most_mm = std::max(heights.most_mm, mm);
    };
    for (int n = 0; n <= neck.frets(); ++n) include(centre_top_mm(neck, n));
    if (const auto& relief = neck.design().relief)
        for (const int n : {relief->from_fret, relief->to_fret}) include(relief_string_mm(neck, n));
    return heights;
}

Drawing neck_side(const Neck& neck, int chosen_fret, double stretch) {
    Drawing drawing;
    const double scale = neck.mean_scale_mm();
    const auto on = [&](int fret, double z) { return Point{neck.fret_x_mm(fret, scale), z * stretch}; };
    const double end = neck.fret_x_mm(neck.frets(), scale);
    drawing.add(line_path(Layer::centre, {0, 0}, {end + 6.0, 0}, pens::plane));
    Path curve;
    curve.layer = Layer::scribe;
    curve.stroke = pens::faint;
    constexpr int pieces = 60;
    for (int i = 0; i <= pieces; ++i) {
        const double x = end * i / pieces;
        curve.vertices.push_back({{x, neck.relief_curve_mm(x) * stretch}});
    }
    drawing.add(curve);
    Path tops;
    tops.stroke = pens::outline;
    for (int n = 0; n <= neck.frets(); ++n) tops.vertices.push_back({on(n, centre_top_mm(neck, n))});
    drawing.add(tops);
    for (int n = 1; n <= neck.frets(); ++n) {
        Circle top;
        top.centre = on(n, centre_top_mm(neck, n));
        top.radius = n == chosen_fret ? 2.6 : 1.4;
        top.fill = n == chosen_fret ? Fill::chosen_string : Fill::string;
        top.stroke = pens::faint;
        drawing.add(top);
    }
    if (const auto& relief = neck.design().relief) {
        drawing.add(line_path(Layer::text, on(relief->from_fret, relief_string_mm(neck, relief->from_fret)),
                              on(relief->to_fret, relief_string_mm(neck, relief->to_fret)), pens::yours));
        const double top = neck.relief_curve_mm(neck.fret_x_mm(relief->at_fret, scale));
        drawing.add(line_path(Layer::dimension, on(relief->at_fret, relief_string_mm(neck, relief->at_fret)),
                              on(relief->at_fret, top), pens::yours));
    }
    return drawing;
}

} // namespace fm
