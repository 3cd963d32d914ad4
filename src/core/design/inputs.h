#pragma once
// The inputs of a design that are measured or judged, and how far each may be off.
// Source: docs/mathematics.md, "How sure is a number".
#include "core/design/design.h"

#include <functional>
#include <string>
#include <string_view>
#include <vector>

namespace fm {

/// What a reading was taken with, and one standard deviation of it.
struct Gauge {
    std::string_view word; ///< in the job file
    const char* id;        ///< message id
    double uncertainty_mm;
};
const std::vector<Gauge>& gauges();
const Gauge* gauge_of_word(std::string_view word);

/// One input that may be off.
struct Input {
    std::string_view name; ///< English; translated in the context "messages"
    const char* gauge_id;
    std::string key;                          ///< in the job file
    double uncertainty;                       ///< one standard deviation, in the input's own unit
    std::function<void(Design&, double)> add; ///< moves it by so much
};

/// All inputs of a design that are not choices, with what the job says of their uncertainty or the usual
/// value.
std::vector<Input> inputs_of(const Design& design);

/// Whether the job may state an uncertainty for that key.
bool is_input_key(const Design& design, std::string_view key);

} // namespace fm
