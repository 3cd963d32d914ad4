#pragma once
// Every number a person gives, by its key in the job file: one row is all there is to say of it. The reader
// of job files, the fields of the window, the uncertainty of what is computed, what follows when a string is
// added and the table in docs/fields.md go by it.
#include "core/design/design.h"

#include <optional>
#include <span>
#include <string>
#include <string_view>

namespace fm {

enum class FieldKind { length, number, angle, whole };

/// How far off a number may be that says nothing of it: by the gauge it is usually read with, or, where it is
/// judged, by so much or by a share of it. None of them: a choice, which cannot be off.
struct Sureness {
    std::string_view gauge;
    double off = 0;
    double share = 0;
    bool only_if_set = false; ///< a nought is no reading

    bool measured() const { return !gauge.empty() || off > 0 || share > 0; }
};

/// What happens to a list with one item a string when a string is added beside another.
enum class Grows { no, like_its_neighbour, between_neighbours };

struct Field {
    using Index = std::size_t;

    std::string_view key; ///< "neck.fret_height_mm"; with empty brackets in a list: "strings[].diameter_mm"
    FieldKind kind;
    double least;
    double most;
    bool required;         ///< wherever it has a place in the design
    std::string_view name; ///< English; translated in the context "messages"; "" where it is no measure
    Sureness sure;
    /// Whether the design has a place for it.
    bool (*fits)(const Design&, Index item);
    /// What the design says; nothing where it has no place, or is not given.
    std::optional<double> (*get)(const Design&, Index item);
    /// Does nothing where it has no place.
    void (*set)(Design&, Index item, double value);
    bool by_hand = false; ///< read with a rule of its own, not by read_fields
    Grows grows = Grows::no;

    bool in_list() const { return key.find("[]") != std::string_view::npos; }
    /// The key with its item in the brackets.
    std::string key_of(Index item) const;
};

/// All of them, in the order of the job file.
std::span<const Field> fields();

/// @throws std::logic_error for a key without a row
const Field& field_of(std::string_view key);

} // namespace fm
