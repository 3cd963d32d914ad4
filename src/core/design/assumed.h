#pragma once
// Values that the program put there itself: a kind's, a new job's. They are worked with like measured ones,
// are off by more, and are told as assumed until a person has typed or confirmed them.
// Source: docs/mathematics.md, "How sure is a number".
#include "core/design/fields.h"
#include "core/words/message.h"

#include <string>
#include <string_view>
#include <vector>

namespace fm {

/// Whether such a value can be assumed: what is measured on the instrument, and no choice, wanted value or
/// habit of a player.
bool can_be_assumed(const Field& field);

/// A key of the job file taken apart.
struct FieldPlace {
    const Field* field = nullptr; ///< none: the key is no row of fields()
    std::size_t item = 0;
};
FieldPlace place_of_key(std::string_view key);

/// One standard deviation of an assumed value, in its own unit.
double assumed_uncertainty(const Field& field, double value);

/// Its name where it stands alone: "board over seat", not "board". English; translated in the context
/// "messages".
std::string_view assumed_name(const Field& field);

/// An assumed value that the design has.
struct AssumedValue {
    std::string key;
    const Field* field;
    double value;
};
/// In the order of the job file.
std::vector<AssumedValue> assumed_values(const Design& design);

/// A note for each of them.
std::vector<Message> assumed_notes(const Design& design);

/// Whether the value under a key is assumed.
bool is_assumed(const Design& design, std::string_view key);

} // namespace fm
