#include "core/string/fretted.h"

#include <algorithm>
#include <numbers>

namespace fm {

StringLine TunedString::moved(double compensation_mm, double set_forward_mm) const {
    StringLine to = line;
    to.saddle_x_mm = line.scale_mm + compensation_mm;
    to.set_forward_mm = set_forward_mm;
    return to;
}

std::optional<Sound> sound(const TunedString& string, double compensation_mm, double set_forward_mm,
                           int last_fret) {
    const StringOnNeck on(*string.neck, string.moved(compensation_mm, set_forward_mm));
    return sound_standing(string, StandingString(on, solved_heights(on, string.targets)), last_fret);
}

std::optional<Sound> sound_standing(const TunedString& string, const StandingString& standing,
                                    int last_fret) {
    const double open_mm = standing.open_length_mm();
    const std::optional<double> open_tension_n = tension_n(string.body, open_mm, string.pitch_hz);
    if (!open_tension_n) return std::nullopt;
    Sound heard;
    heard.tension_n[0] = *open_tension_n;
    const Player& player = string.player;
    const double stiffness_n_mm = string.stretch_stiffness_n / (open_mm + player.after_length_mm);
    const double open_excess_mm = slant_excess_mm(standing.saddle_x_mm() - standing.nut_x_mm(),
                                                  standing.saddle_z_mm() - standing.nut_z_mm());
    const double press_mm = std::min(player.press_depth_mm, string.neck->design().fret_height_mm);
    TautLine taut(standing);
    for (int fret = 1; fret <= last_fret; ++fret) {
        const double x = standing.x_mm(fret);
        const double top = standing.top_mm(fret);
        const double behind_mm = std::min(player.finger_behind_mm, 0.5 * (x - standing.x_mm(fret - 1)));
        double excess_mm = slant_excess_mm(standing.saddle_x_mm() - x, standing.saddle_z_mm() - top) +
                           taut.excess_to_mm(x - behind_mm, top - press_mm);
        if (press_mm > 0) excess_mm += slant_excess_mm(behind_mm, press_mm);
        const auto n = static_cast<std::size_t>(fret);
        heard.tension_n[n] = *open_tension_n + stiffness_n_mm * (excess_mm - open_excess_mm);
        const double length_mm = standing.length_left_mm(fret);
        heard.cents[n] = cents_of_ratio(pitch_hz(string.body, length_mm, heard.tension_n[n]) /
                                        (string.pitch_hz * string.neck->ratio(fret)));
        taut.add_fret(fret);
        heard.stiffness_ratio_last = fret == last_fret
                                         ? stiffness_ratio(string.body, length_mm, heard.tension_n[n])
                                         : heard.stiffness_ratio_last;
    }
    return heard;
}

double rms_cents(const Sound& sound, int frets) {
    double squares = 0;
    for (int fret = 1; fret <= frets; ++fret) {
        const double error = sound.cents[static_cast<std::size_t>(fret)];
        squares += error * error;
    }
    return std::sqrt(squares / frets);
}

double cents_per_crown_mm(const StringOnNeck& string, int fret) {
    const StringLine& line = string.line();
    return -1200.0 / std::numbers::ln2 *
           (1.0 / (line.saddle_x_mm - string.fret_x_mm(fret)) -
            1.0 / (line.saddle_x_mm - line.set_forward_mm));
}

} // namespace fm
