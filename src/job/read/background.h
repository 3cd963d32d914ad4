#pragma once
// A drawing or a picture of what is there, behind a part's drawing: where it lies and how large. Its file
// stands in the job's folder of pictures.
#include "job/document/value.h"

#include <optional>
#include <string>
#include <string_view>

namespace fm {

class Reader;

/// From its own units (mm of a DXF, pixels of a picture from its lower left corner) to the mm of the drawing:
/// scaled, turned, moved.
struct Background {
    std::string file;
    double mm_per_unit = 1;
    double turn_deg = 0; ///< counter-clockwise
    double x_mm = 0;     ///< where its own zero lies
    double y_mm = 0;
    bool is_true = false; ///< its scale is known: told by the file, or set by two points
};

struct BackgroundPoint {
    double x = 0;
    double y = 0;
};
/// Where a point of it lies in the drawing [mm], and back.
BackgroundPoint placed(const Background& background, BackgroundPoint own);
BackgroundPoint own_point(const Background& background, BackgroundPoint in_drawing);

/// Scaled so that two points of the drawing that show the same two places are as far apart as they truly are;
/// the first stays where it is. Nothing for two points on one another.
std::optional<Background> set_true(const Background& background, BackgroundPoint first,
                                   BackgroundPoint second, double apart_mm);

/// The drawings that can have one: "bridge" from above, "board" with the place of the bridge.
std::optional<Background> read_background(Reader& root, std::string_view drawing);
[[nodiscard]] Value with_background(const Value& document, std::string_view drawing,
                                    const Background& background);
[[nodiscard]] Value without_background(const Value& document, std::string_view drawing);

/// What a scale may be.
constexpr double least_mm_per_unit = 1e-5;
constexpr double most_mm_per_unit = 1e4;

} // namespace fm
