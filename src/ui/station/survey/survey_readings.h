#pragma once
#include "job/edits/survey_edits.h"
#include "ui/state/session.h"

namespace fm {

/// The readings a survey takes of one string or of the whole instrument, as found.
enum class Read { relief, nut_gap, action, slot_width, humidity };

/// What was read so before anything was touched.
std::optional<double> as_found(const State& state, Read what, std::size_t string);

/// The document with that reading as found, taken in this sitting.
/// @param gauges words of gauges for nut, action and relief
Value with_read(const Value& document, const State& state, Read what, std::size_t string, double value,
                const ReadingGauges& gauges, const QString& sitting);

/// The gauge a reading of this kind was last taken with, or is usually taken with.
std::string gauge_for(const State& state, Read what, const ReadingGauges& chosen);

} // namespace fm
