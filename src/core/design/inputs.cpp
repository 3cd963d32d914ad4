#include "core/design/inputs.h"

#include "core/design/assumed.h"
#include "core/design/make_up.h"
#include "core/words/message_tables.h"

#include <algorithm>

namespace fm {

namespace {

// How far what nobody stated of a string may be from what it is taken for.
constexpr double core_share_u = 0.05; // of an estimated core
constexpr double core_density_share_u = 0.05;
constexpr double wrap_density_share_u = 0.03;
constexpr double modulus_share_u = 0.2;
constexpr double nylon_modulus_share_u = 0.3;

class Inputs {
public:
    explicit Inputs(const Design& design) : design_(design) {}

    /// The rows of fields() that begin so and have a value; of lists only where `start` says so itself.
    void rows(std::string_view start, std::size_t item = 0) {
        const bool lists = start.find("[]") != std::string_view::npos;
        for (const Field& field : fields()) {
            if (!field.key.starts_with(start) || field.in_list() != lists) continue;
            if (field.key == "strings[].core_mm") continue; // core() has it
            if (!field.sure.measured() && !is_assumed(design_, field.key_of(item))) continue;
            const std::optional<double> value = field.get(design_, item);
            if (!value || (field.sure.only_if_set && *value == 0.0)) continue;
            const Gauge* gauge = gauge_of_word(field.sure.gauge);
            const double u = gauge ? gauge->uncertainty_mm : field.sure.off + field.sure.share * *value;
            take({field.name, gauge ? gauge->id : assumed, field.key_of(item), u,
                  [&field, item](Design& design, double by) {
                      field.set(design, item, *field.get(design, item) + by);
                  }});
        }
    }
    void judged(std::string_view name, std::string key, double uncertainty,
                std::function<void(Design&, double)> add) {
        take({name, assumed, std::move(key), uncertainty, std::move(add)});
    }
    /// The core of a wound string, measured or estimated.
    void core(std::size_t i) {
        const StringDesign& string = design_.strings[i];
        const double core_mm = make_up(string).core_mm;
        const Gauge& gauge = *gauge_of_word("string_gauge");
        const bool measured = string.core_mm.has_value();
        const Field& field = field_of("strings[].core_mm");
        take({measured ? field.name : QT_TRANSLATE_NOOP("messages", "core, estimated"),
              measured ? gauge.id : assumed, field.key_of(i),
              measured ? gauge.uncertainty_mm : core_share_u * core_mm, [i, core_mm](Design& d, double u) {
                  d.strings[i].core_mm = d.strings[i].core_mm.value_or(core_mm) + u;
              }});
    }
    std::vector<Input> taken() { return std::move(list_); }

private:
    static constexpr const char* assumed = "gauge.assumed";

    void take(Input input) {
        if (is_assumed(design_, input.key)) {
            const FieldPlace place = place_of_key(input.key);
            const auto value = place.field ? place.field->get(design_, place.item) : std::nullopt;
            if (value) {
                input.uncertainty = assumed_uncertainty(*place.field, *value);
                input.gauge_id = "gauge.not_measured";
            }
        }
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

/// What a string is made of, where its maker does not say it.
void stuff_inputs(const StringDesign& string, std::size_t i, Inputs& in) {
    const MakeUp made = make_up(string);
    const bool nylon = string.core == CoreMaterial::nylon || string.core == CoreMaterial::nylon_floss;
    const auto share = [&](std::string_view key, double value, double part) {
        const Field& field = field_of(key);
        in.judged(field.name, field.key_of(i), part * value,
                  [i, value, &field](Design& d, double u) { field.set(d, i, value + u); });
    };
    if (!string.unit_mass_g_m && string.core != CoreMaterial::steel && !string.core_density_kg_m3)
        share("strings[].core_density_kg_m3", made.core_density_kg_m3, core_density_share_u);
    if (!string.unit_mass_g_m && string.wound && !string.wrap_density_kg_m3)
        share("strings[].wrap_density_kg_m3", made.wrap_density_kg_m3, wrap_density_share_u);
    if (!string.core_modulus_gpa && !(string.stretch_stiffness_n && string.bending_stiffness_n_mm2))
        share("strings[].core_modulus_gpa", made.core_modulus_gpa,
              nylon ? nylon_modulus_share_u : modulus_share_u);
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
    in.rows("neck.");
    for (std::size_t n = 0; n < design.neck.fret_offsets_mm.size(); ++n) in.rows("neck.fret_offsets_mm[]", n);
    in.rows("nut.");
    for (std::size_t i = 0; i < design.nut.posts.size(); ++i) in.rows("nut.posts[].", i);
    for (std::size_t i = 0; i < design.strings.size(); ++i) {
        in.rows("strings[].", i);
        stuff_inputs(design.strings[i], i, in);
        if (design.strings[i].wound) in.core(i);
    }
    for (const char* part : {"player.", "saddle.", "bridge."}) in.rows(part);
    return in.taken();
}

bool is_input_key(const Design& design, std::string_view key) {
    const std::vector<Input> inputs = inputs_of(design);
    return std::any_of(inputs.begin(), inputs.end(), [&](const Input& input) { return input.key == key; });
}

} // namespace fm
