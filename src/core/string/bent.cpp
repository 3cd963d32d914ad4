#include "core/string/bent.h"

#include <cmath>
#include <limits>

namespace fm {

namespace {

/// How far aside a string of two straight parts goes to become that much longer. Newton from the parabola's
/// answer, which is a little too large.
double aside_mm(double before_mm, double behind_mm, double longer_mm) {
    double aside = std::sqrt(2 * longer_mm * before_mm * behind_mm / (before_mm + behind_mm));
    for (int step = 0; step < 4; ++step) {
        const double a = std::hypot(before_mm, aside);
        const double b = std::hypot(behind_mm, aside);
        const double miss = a + b - before_mm - behind_mm - longer_mm;
        const double slope = aside / a + aside / b;
        if (slope <= 0) break;
        aside -= miss / slope;
    }
    return aside;
}

} // namespace

BendRoom bend_room(const StringOnNeck& string, double saddle_z_mm, double tension_n,
                   double stretch_stiffness_n, double after_length_mm, int fret, double semitones) {
    const StringLine& line = string.line();
    const double fret_x = string.fret_x_mm(fret);
    const double before_mm = fret_x - line.set_forward_mm;
    const double behind_mm = line.saddle_x_mm - fret_x;
    // A string sounds by the root of its tension: so many semitones are so much more of it.
    const double more_n = tension_n * (std::pow(2.0, semitones / 6.0) - 1.0);
    BendRoom bend;
    bend.aside_mm = aside_mm(before_mm, behind_mm,
                             more_n * (before_mm + behind_mm + after_length_mm) / stretch_stiffness_n);
    const double rest_y = line.y_mm(fret_x);
    const double y = rest_y + (rest_y > 0 ? -bend.aside_mm : bend.aside_mm);
    const Neck& neck = string.neck();
    const double z = neck.fret_top_mm(fret, y);
    bend.room_mm = std::numeric_limits<double>::infinity();
    for (int over = fret + 1; over <= neck.frets(); ++over) {
        const double share = (string.fret_x_mm(over) - fret_x) / behind_mm;
        const double room =
            z + (saddle_z_mm - z) * share - neck.fret_top_mm(over, y + (line.saddle_y_mm - y) * share);
        if (room >= bend.room_mm) continue;
        bend.room_mm = room;
        bend.over_fret = over;
    }
    return bend;
}

} // namespace fm
