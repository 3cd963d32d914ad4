#pragma once
// Changes of a job document that are more than one value: a choice between schools keeps what is there.
#include "core/found/fit.h"
#include "core/found/reading_way.h"
#include "core/solution/solution.h"
#include "core/words/length.h"
#include "job/document/value.h"

#include <string_view>

namespace fm {

/// As written into a job where the program found the number itself [mm].
[[nodiscard]] double to_thousandth(double mm);

/// The spacing under `key` ("nut.spacing") with another method. What the new method needs and the document
/// lacks is filled in from where the strings stand now.
[[nodiscard]] Value with_spacing_method(const Value& document, std::string_view key, SpacingMethod method,
                                        const std::vector<double>& centres_mm);

/// Outer strings by their edge margins, or by spread and bias; they stay where they are.
/// @param half_width_mm of the board there, from the centreline
[[nodiscard]] Value with_edge_margins(const Value& document, std::string_view key, bool by_margin,
                                      const std::vector<double>& centres_mm, const Design& design,
                                      double half_width_mm);

/// The nut's height read by another school: the targets become what that school reads on the nut as it is
/// planned, to a thousandth of a mm, so that nothing moves but the way of reading.
[[nodiscard]] Value with_height_method(const Value& document, NutHeightMethod method, int pressed_fret,
                                       const Solution& solution);

/// The action read open or with a capo at fret 1; the targets become what that reads as it is planned.
[[nodiscard]] Value with_action_measure(const Value& document, ActionMeasure measure,
                                        const Solution& solution);

/// Targets under `key` ("saddle.action") one for every string, or by the outer strings alone.
[[nodiscard]] Value with_each_target(const Value& document, std::string_view key, bool each,
                                     const Targets& targets, std::size_t strings);

/// A reading added to the newest entry of this sitting (`entry`), or to a new one when there is none.
/// @param when ISO 8601 time of a new entry
struct AddedReading {
    std::size_t string = 0;
    ReadingWay way;
    WrittenLength read;
};
[[nodiscard]] Value with_reading(const Value& document, std::size_t strings, const AddedReading& reading,
                                 std::string_view when);

/// A string set put on the instrument: pitch, gauge and make-up of every string; courses stay where the set
/// does not say. What was fitted to the strings before goes with them. Where nothing was read yet the set
/// says how many strings there are.
/// @throws InputError (set_count) if the set has another number of strings than an instrument that was read
[[nodiscard]] Value with_string_set(const Value& document, const Value& set);

/// Neighbouring strings made one course, or each on its own again. A first course needs a distance: the usual
/// one is written where there is none.
[[nodiscard]] Value with_course(const Value& document, std::size_t first, std::size_t last, bool together);

/// What was fitted, written into the string it was made for.
[[nodiscard]] Value with_fit(const Value& document, std::size_t string, const Fit& fit);

} // namespace fm
