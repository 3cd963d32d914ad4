#include "core/design/inputs.h"

#include "core/design/make_up.h"

#include <algorithm>

namespace fm {

namespace {

constexpr const char* assumed = "gauge.assumed";

// Not measured but assumed: how far the usual values may be from this player and this string.
constexpr double end_stiffness_u = 0.1;
constexpr double finger_behind_u_mm = 2.0;
constexpr double press_depth_u_mm = 0.05;
constexpr double core_share_u = 0.05; // of an estimated core
constexpr double core_density_share_u = 0.05;
constexpr double wrap_density_share_u = 0.03;
constexpr double modulus_share_u = 0.2;
constexpr double nylon_modulus_share_u = 0.3;
constexpr double mass_share_u = 0.01;   // of a stated unit mass
constexpr double headstock_u_deg = 0.5; // a bevel gauge
constexpr double radius_share_u = 0.02; // between two blades of a radius gauge

double usual(std::string_view word) {
    return gauge_of_word(word)->uncertainty_mm;
}

class Inputs {
public:
    explicit Inputs(const Design& design) : design_(design) {}

    void measured(const char* name_id, std::string key, std::string_view gauge,
                  std::function<void(Design&, double)> add) {
        take({name_id, gauge_of_word(gauge)->id, std::move(key), usual(gauge), std::move(add)});
    }
    void judged(const char* name_id, std::string key, double uncertainty,
                std::function<void(Design&, double)> add) {
        take({name_id, assumed, std::move(key), uncertainty, std::move(add)});
    }
    std::vector<Input> taken() { return std::move(list_); }

private:
    void take(Input input) {
        for (const StatedUncertainty& stated : design_.uncertainties) {
            if (stated.key != input.key) continue;
            input.uncertainty = stated.value;
            input.gauge_id = "gauge.stated";
            for (const Gauge& gauge : gauges())
                if (gauge.word == stated.gauge) input.gauge_id = gauge.id;
        }
        list_.push_back(std::move(input));
    }

    const Design& design_;
    std::vector<Input> list_;
};

void neck_inputs(const Design& design, Inputs& in) {
    in.measured("name.fret_height", "neck.fret_height_mm", "caliper",
                [](Design& d, double u) { d.neck.fret_height_mm += u; });
    in.measured("name.nut_width", "neck.nut_width_mm", "caliper",
                [](Design& d, double u) { d.neck.nut_width_mm += u; });
    in.measured("name.end_width", "neck.end_width_mm", "caliper",
                [](Design& d, double u) { d.neck.end_width_mm += u; });
    if (design.neck.fanned()) {
        in.measured("name.scale_bass", "neck.scale_bass_mm", "half_mm_rule",
                    [](Design& d, double u) { d.neck.scale_bass_mm += u; });
        in.measured("name.scale_treble", "neck.scale_treble_mm", "half_mm_rule",
                    [](Design& d, double u) { d.neck.scale_treble_mm += u; });
    } else {
        in.measured("name.scale", "neck.scale_mm", "half_mm_rule", [](Design& d, double u) {
            d.neck.scale_bass_mm += u;
            d.neck.scale_treble_mm += u;
        });
    }
    if (design.neck.shape == BoardShape::cylinder)
        in.judged("name.radius", "neck.radius_mm", radius_share_u * design.neck.radius_nut_mm,
                  [](Design& d, double u) { d.neck.radius_nut_mm += u; });
    if (design.neck.shape == BoardShape::cone) {
        in.judged("name.radius_nut", "neck.radius_nut_mm", radius_share_u * design.neck.radius_nut_mm,
                  [](Design& d, double u) { d.neck.radius_nut_mm += u; });
        in.judged("name.radius_end", "neck.radius_end_mm", radius_share_u * design.neck.radius_end_mm,
                  [](Design& d, double u) { d.neck.radius_end_mm += u; });
    }
    if (design.neck.relief)
        in.measured("name.relief", "neck.relief.depth_mm", "light",
                    [](Design& d, double u) { d.neck.relief->depth_mm += u; });
    if (design.neck.fallaway_mm != 0.0)
        in.measured("name.fallaway", "neck.fallaway_mm", "feeler",
                    [](Design& d, double u) { d.neck.fallaway_mm += u; });
    for (std::size_t n = 0; n < design.neck.fret_offsets_mm.size(); ++n)
        if (design.neck.fret_offsets_mm[n] != 0.0)
            in.measured("name.fret_offset", "neck.fret_offsets_mm[" + std::to_string(n) + "]", "feeler",
                        [n](Design& d, double u) { d.neck.fret_offsets_mm[n] += u; });
}

void nut_inputs(const Design& design, Inputs& in) {
    in.measured("name.board_above_seat", "nut.board_above_seat_mm", "caliper",
                [](Design& d, double u) { d.nut.board_above_seat_mm += u; });
    in.measured("name.thickness", "nut.thickness_mm", "caliper",
                [](Design& d, double u) { d.nut.thickness_mm += u; });
    if (design.nut.headstock_angle_deg != 0.0)
        in.judged("name.headstock_angle", "nut.headstock_angle_deg", headstock_u_deg,
                  [](Design& d, double u) { d.nut.headstock_angle_deg += u; });
    if (design.nut.zero_fret)
        in.measured("name.zero_fret", "nut.zero_fret.height_mm", "caliper",
                    [](Design& d, double u) { d.nut.zero_fret->height_mm += u; });
    if (design.nut.blank)
        in.measured("name.blank_height", "nut.blank.height_mm", "caliper",
                    [](Design& d, double u) { d.nut.blank->height_mm += u; });
    for (std::size_t i = 0; i < design.nut.posts.size(); ++i) {
        const std::string post = "nut.posts[" + std::to_string(i) + "].";
        in.measured("name.post_behind", post + "behind_mm", "half_mm_rule",
                    [i](Design& d, double u) { d.nut.posts[i].behind_mm += u; });
        in.measured("name.post_across", post + "across_mm", "half_mm_rule",
                    [i](Design& d, double u) { d.nut.posts[i].across_mm += u; });
        in.measured("name.post_below", post + "below_mm", "half_mm_rule",
                    [i](Design& d, double u) { d.nut.posts[i].below_mm += u; });
    }
}

/// What a string is made of, where its maker does not say it.
void stuff_inputs(const StringDesign& string, std::size_t i, Inputs& in) {
    const std::string key = "strings[" + std::to_string(i) + "].";
    const MakeUp made = make_up(string);
    const bool nylon = string.core == CoreMaterial::nylon || string.core == CoreMaterial::nylon_floss;
    const auto share = [&](const char* name_id, const char* name, double value, double part,
                           std::optional<double> StringDesign::*member) {
        in.judged(name_id, key + name, part * value,
                  [i, value, member](Design& d, double u) { d.strings[i].*member = value + u; });
    };
    if (!string.unit_mass_g_m && string.core != CoreMaterial::steel && !string.core_density_kg_m3)
        share("name.core_density", "core_density_kg_m3", made.core_density_kg_m3, core_density_share_u,
              &StringDesign::core_density_kg_m3);
    if (!string.unit_mass_g_m && string.wound && !string.wrap_density_kg_m3)
        share("name.wrap_density", "wrap_density_kg_m3", made.wrap_density_kg_m3, wrap_density_share_u,
              &StringDesign::wrap_density_kg_m3);
    if (!string.core_modulus_gpa && !(string.stretch_stiffness_n && string.bending_stiffness_n_mm2))
        share("name.core_modulus", "core_modulus_gpa", made.core_modulus_gpa,
              nylon ? nylon_modulus_share_u : modulus_share_u, &StringDesign::core_modulus_gpa);
}

void string_inputs(const Design& design, Inputs& in) {
    for (std::size_t i = 0; i < design.strings.size(); ++i) {
        const StringDesign& string = design.strings[i];
        const std::string key = "strings[" + std::to_string(i) + "].";
        in.measured("name.diameter", key + "diameter_mm", "string_gauge",
                    [i](Design& d, double u) { d.strings[i].diameter_mm += u; });
        if (string.unit_mass_g_m)
            in.judged("name.unit_mass", key + "unit_mass_g_m", mass_share_u * *string.unit_mass_g_m,
                      [i](Design& d, double u) { *d.strings[i].unit_mass_g_m += u; });
        stuff_inputs(string, i, in);
        if (!string.wound) continue;
        const double core_mm = make_up(string).core_mm;
        const auto move_core = [i, core_mm](Design& d, double u) {
            d.strings[i].core_mm = d.strings[i].core_mm.value_or(core_mm) + u;
        };
        if (string.core_mm)
            in.measured("name.core", key + "core_mm", "string_gauge", move_core);
        else
            in.judged("name.core_estimate", key + "core_mm", core_share_u * core_mm, move_core);
    }
}

void player_inputs(Inputs& in) {
    in.judged("name.end_stiffness", "player.end_stiffness", end_stiffness_u,
              [](Design& d, double u) { d.player.end_stiffness += u; });
    in.judged("name.finger_behind", "player.finger_behind_mm", finger_behind_u_mm,
              [](Design& d, double u) { d.player.finger_behind_mm += u; });
    in.judged("name.press_depth", "player.press_depth_mm", press_depth_u_mm,
              [](Design& d, double u) { d.player.press_depth_mm += u; });
}

void bridge_inputs(const Design& design, Inputs& in) {
    in.measured("name.saddle_thickness", "saddle.thickness_mm", "caliper",
                [](Design& d, double u) { d.saddle.thickness_mm += u; });
    if (design.saddle.slot_depth_mm)
        in.measured("name.saddle_slot_depth", "saddle.slot_depth_mm", "caliper",
                    [](Design& d, double u) { *d.saddle.slot_depth_mm += u; });
    if (!design.bridge) return;
    in.measured("name.plane_above_top", "bridge.plane_above_top_mm", "half_mm_rule",
                [](Design& d, double u) { d.bridge->plane_above_top_mm += u; });
    if (design.bridge->height_mm)
        in.measured("name.bridge_height", "bridge.height_mm", "caliper",
                    [](Design& d, double u) { *d.bridge->height_mm += u; });
    if (design.bridge->anchor == Anchor::pins) return;
    in.measured("name.exit_behind", "bridge.exit.behind_mm", "half_mm_rule",
                [](Design& d, double u) { d.bridge->exit.behind_mm += u; });
    in.measured("name.exit_above", "bridge.exit.above_top_mm", "half_mm_rule",
                [](Design& d, double u) { d.bridge->exit.above_top_mm += u; });
}

} // namespace

const std::vector<Gauge>& gauges() {
    static const std::vector<Gauge> list{{"rule_64ths", "gauge.rule_64ths", 0.1},
                                         {"half_mm_rule", "gauge.half_mm_rule", 0.1},
                                         {"feeler", "gauge.feeler", 0.015},
                                         {"caliper", "gauge.caliper", 0.02},
                                         {"dial", "gauge.dial", 0.01},
                                         {"string_gauge", "gauge.string_gauge", 0.01},
                                         {"light", "gauge.light", 0.03}};
    return list;
}

const Gauge* gauge_of_word(std::string_view word) {
    for (const Gauge& gauge : gauges())
        if (gauge.word == word) return &gauge;
    return nullptr;
}

std::vector<Input> inputs_of(const Design& design) {
    Inputs in(design);
    neck_inputs(design, in);
    nut_inputs(design, in);
    string_inputs(design, in);
    player_inputs(in);
    bridge_inputs(design, in);
    return in.taken();
}

bool is_input_key(const Design& design, std::string_view key) {
    const std::vector<Input> inputs = inputs_of(design);
    return std::any_of(inputs.begin(), inputs.end(), [&](const Input& input) { return input.key == key; });
}

} // namespace fm
