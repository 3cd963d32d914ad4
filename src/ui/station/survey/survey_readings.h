#pragma once
#include "core/found/sense.h"
#include "core/words/length.h"
#include "job/edits/survey_edits.h"
#include "ui/state/session.h"

namespace fm {

/// The readings a survey takes of one string or of the whole instrument, as found.
/// Relief is read under the bass string, or in the middle, and where it is worth it under the treble string
/// too.
enum class Read { relief, relief_treble, nut_gap, action, slot_width, crown, humidity };

LengthKind kind_of(Read what);
/// What it is thought of in.
Unit unit_of(const State& state, Read what);
/// What is asked about such a reading, if anything is.
std::optional<ReadThing> thing_of(Read what);

/// What was read so before anything was touched.
std::optional<double> as_found(const State& state, Read what, std::size_t string);

/// What is wanted there instead; nothing where nobody said.
std::optional<double> wanted(const State& state, Read what, std::size_t string);

/// The leaves it was read with, where it was.
std::optional<ReadingBound> leaves_as_found(const State& state, Read what, std::size_t string);

/// The document with that reading as found, taken in this sitting.
/// @param gauges words of gauges for nut, action and relief
Value with_read(const Value& document, const State& state, Read what, std::size_t string,
                const WrittenLength& value, const ReadingGauges& gauges, const QString& sitting);

/// The gauge a reading of this kind was last taken with, or is usually taken with.
struct GaugeUsed {
    std::string name;               ///< its word, or that of one of the shop's own
    std::optional<double> own_u_mm; ///< of one of the shop's own

    /// One standard deviation; nothing where it is not known.
    std::optional<double> u_mm() const;
    /// As the job's file has it.
    Value written() const;
};
GaugeUsed gauge_for(const State& state, Read what, const ReadingGauges& chosen);

} // namespace fm
