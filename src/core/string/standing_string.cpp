#include "core/string/standing_string.h"

namespace fm {

StandingString::StandingString(const StringOnNeck& string, const EndHeights& ends)
    : frets_(string.neck().frets()), saddle_x_mm_(string.line().saddle_x_mm), saddle_z_mm_(ends.saddle_z_mm) {
    x_mm_[0] = string.line().set_forward_mm;
    top_mm_[0] = ends.nut_z_mm;
    for (int fret = 1; fret <= frets_; ++fret) {
        const auto n = static_cast<std::size_t>(fret);
        x_mm_[n] = string.fret_x_mm(fret);
        top_mm_[n] = string.fret_top_mm(fret);
    }
}

int TautLine::touching(double x_mm, double z_mm) const {
    int last = size_ - 1;
    for (; last > 0; --last) {
        const auto before = chain_[static_cast<std::size_t>(last) - 1];
        const auto here = chain_[static_cast<std::size_t>(last)];
        const double x0 = string_->x_mm(before);
        const double z0 = string_->top_mm(before);
        const double over =
            (string_->top_mm(here) - z0) * (x_mm - x0) - (z_mm - z0) * (string_->x_mm(here) - x0);
        if (over > 0) break; // the fret stands over the straight line past it
    }
    return last;
}

void TautLine::add_fret(int fret) {
    const double x = string_->x_mm(fret);
    const double z = string_->top_mm(fret);
    const auto last = static_cast<std::size_t>(touching(x, z));
    chain_[last + 1] = fret;
    excess_mm_[last + 1] = excess_mm_[last] + slant_excess_mm(x - string_->x_mm(chain_[last]),
                                                              z - string_->top_mm(chain_[last]));
    size_ = static_cast<int>(last) + 2;
}

double TautLine::excess_to_mm(double x_mm, double z_mm) const {
    const auto last = static_cast<std::size_t>(touching(x_mm, z_mm));
    return excess_mm_[last] +
           slant_excess_mm(x_mm - string_->x_mm(chain_[last]), z_mm - string_->top_mm(chain_[last]));
}

} // namespace fm
