#pragma once
// Pictures of a job as a whole, for pages on paper and in a browser: their lower left corner is at the
// origin.
#include "job/read/story.h"
#include "sheet/drawing/drawing.h"

#include <functional>

namespace fm {

/// Over the first and the twelfth fret, string by string: before (ring), now (full), what was aimed at
/// (dash).
/// @param number a length as the page writes it
Drawing before_after_picture(const Job& job, const Solution& solution, double wide_mm,
                             const std::function<std::string(double)>& number);

/// The nut from the front, enlarged, every slot with its string and its floor over the seat.
Drawing nut_picture(const Job& job, const Solution& solution, double wide_mm,
                    const std::function<std::string(double)>& number);

} // namespace fm
