#pragma once
// Changes of the neck in a job document that are more than one value.
#include "core/string/neck.h"
#include "job/document/value.h"

namespace fm {

/// Another number of frets; lists with one entry a fret (offsets, weights) are cut or filled with what a fret
/// has that nothing is said of.
[[nodiscard]] Value with_frets(const Value& document, int frets);

/// Fret n's top higher (+) or worn lower (−) than the rest by so much; no list is kept where all are 0.
/// @param fret 1 … frets
[[nodiscard]] Value with_fret_offset(const Value& document, int frets, int fret, double mm);

/// One scale for all strings, or one for each edge; what is there already says the new numbers.
[[nodiscard]] Value with_scales(const Value& document, bool fanned, const NeckDesign& neck);

/// A flat board, one radius, or a radius at the nut and one at the end.
[[nodiscard]] Value with_board_shape(const Value& document, BoardShape shape, const NeckDesign& neck);

/// The relief read with the string held at two other frets, in the middle between them: the neck's curve
/// stays as it is, to a thousandth of a mm. Without a relief: a straight neck read so.
[[nodiscard]] Value with_relief_between(const Value& document, const Neck& neck, int from_fret, int to_fret);
/// A relief read between fret 1 and the joint, where the job has none yet.
[[nodiscard]] Value with_some_relief(const Value& document, const Neck& neck, int joint_fret);

/// The fret nearest to the middle between two.
int middle_fret(const Neck& neck, int from_fret, int to_fret);

} // namespace fm
