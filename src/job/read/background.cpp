#include "job/read/background.h"

#include "job/document/reader.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

std::string key_of(std::string_view drawing) {
    return "backgrounds." + std::string(drawing);
}

double to_ten_thousandth(double value) {
    return std::round(value * 1e4) / 1e4;
}

} // namespace

BackgroundPoint placed(const Background& background, BackgroundPoint own) {
    const double turn = background.turn_deg * std::numbers::pi / 180.0;
    const double scale = background.mm_per_unit;
    return {background.x_mm + scale * (own.x * std::cos(turn) - own.y * std::sin(turn)),
            background.y_mm + scale * (own.x * std::sin(turn) + own.y * std::cos(turn))};
}

BackgroundPoint own_point(const Background& background, BackgroundPoint in_drawing) {
    const double turn = background.turn_deg * std::numbers::pi / 180.0;
    const double x = (in_drawing.x - background.x_mm) / background.mm_per_unit;
    const double y = (in_drawing.y - background.y_mm) / background.mm_per_unit;
    return {x * std::cos(turn) + y * std::sin(turn), -x * std::sin(turn) + y * std::cos(turn)};
}

std::optional<Background> set_true(const Background& background, BackgroundPoint first,
                                   BackgroundPoint second, double apart_mm) {
    const double shown = std::hypot(second.x - first.x, second.y - first.y);
    if (!(shown > 0 && apart_mm > 0)) return std::nullopt;
    const BackgroundPoint kept = own_point(background, first);
    Background truly = background;
    truly.mm_per_unit *= apart_mm / shown;
    if (!(truly.mm_per_unit >= least_mm_per_unit && truly.mm_per_unit <= most_mm_per_unit))
        return std::nullopt;
    truly.is_true = true;
    const BackgroundPoint moved = placed(truly, kept);
    truly.x_mm += first.x - moved.x;
    truly.y_mm += first.y - moved.y;
    return truly;
}

std::optional<Background> read_background(Reader& root, std::string_view drawing) {
    if (!root.has("backgrounds")) return std::nullopt;
    Reader all = root.object("backgrounds", false);
    if (!all.has(drawing)) return std::nullopt;
    Reader item = all.object(drawing, false);
    Background background;
    background.file = item.text_or("file", "");
    if (background.file.empty() || background.file.find_first_of("/\\") != std::string::npos ||
        background.file == "..")
        item.fault("not_a_plain_name", "file", {background.file});
    background.mm_per_unit = item.number_or("mm_per_unit", 1.0, {least_mm_per_unit, most_mm_per_unit});
    background.turn_deg = item.number_or("turn_deg", 0.0, {-360.0, 360.0});
    background.x_mm = item.number_or("x_mm", 0.0, {-1e5, 1e5});
    background.y_mm = item.number_or("y_mm", 0.0, {-1e5, 1e5});
    background.is_true = item.flag_or("true_scale", false);
    return background;
}

Value with_background(const Value& document, std::string_view drawing, const Background& background) {
    const std::string key = key_of(drawing);
    Value changed = with(document, key + ".file", background.file);
    changed = with(changed, key + ".mm_per_unit", background.mm_per_unit);
    changed = with(changed, key + ".turn_deg", to_ten_thousandth(background.turn_deg));
    changed = with(changed, key + ".x_mm", to_ten_thousandth(background.x_mm));
    changed = with(changed, key + ".y_mm", to_ten_thousandth(background.y_mm));
    return with(changed, key + ".true_scale", background.is_true);
}

Value without_background(const Value& document, std::string_view drawing) {
    const Value changed = without(document, key_of(drawing));
    const Value* all = find(changed, "backgrounds");
    return all && all->object() && all->object()->empty() ? without(changed, "backgrounds") : changed;
}

} // namespace fm
