#include "job/edits/neck_edits.h"

#include "job/edits/edits.h"

#include <algorithm>

namespace fm {

namespace {

Value resized(const Value& document, const char* key, int frets, double missing) {
    const Value* list = find(document, key);
    if (!list || !list->array()) return document;
    Value::Array items = *list->array();
    items.resize(static_cast<std::size_t>(frets), Value(missing));
    return with(document, key, std::move(items));
}

} // namespace

Value with_frets(const Value& document, int frets) {
    Value changed = with(document, "neck.frets", frets);
    changed = resized(changed, "neck.fret_offsets_mm", frets, 0.0);
    return resized(changed, "saddle.compensation.weights", frets, 1.0);
}

Value with_fret_offset(const Value& document, int frets, int fret, double mm) {
    constexpr const char* key = "neck.fret_offsets_mm";
    const Value* list = find(document, key);
    Value::Array items;
    if (list && list->array()) items = *list->array();
    items.resize(static_cast<std::size_t>(frets), Value(0.0));
    items[static_cast<std::size_t>(fret) - 1] = Value(mm);
    const bool level = std::all_of(items.begin(), items.end(),
                                   [](const Value& v) { return v.is_number() && v.number() == 0.0; });
    return level ? without(document, key) : with(document, key, std::move(items));
}

Value with_scales(const Value& document, bool fanned, const NeckDesign& neck) {
    if (!fanned) {
        Value changed = document;
        for (const char* key : {"neck.scale_bass_mm", "neck.scale_treble_mm", "neck.perpendicular_fret"})
            changed = without(changed, key);
        return with(changed, "neck.scale_mm", to_thousandth(neck.mean_scale_mm()));
    }
    // A fan must open a little, or it is one scale.
    const double open_mm = neck.fanned() ? 0.0 : 10.0;
    Value changed = without(document, "neck.scale_mm");
    changed = with(changed, "neck.scale_bass_mm", to_thousandth(neck.scale_bass_mm + open_mm));
    changed = with(changed, "neck.scale_treble_mm", to_thousandth(neck.scale_treble_mm - open_mm));
    return with(changed, "neck.perpendicular_fret", neck.fanned() ? neck.perpendicular_fret : 7.0);
}

Value with_board_shape(const Value& document, BoardShape shape, const NeckDesign& neck) {
    constexpr double usual_mm = 400;
    Value changed = document;
    for (const char* key :
         {"neck.radius_mm", "neck.radius_nut_mm", "neck.radius_end_mm", "neck.radius_end_at_mm"})
        changed = without(changed, key);
    const double radius_mm = neck.radius_nut_mm > 0 ? neck.radius_nut_mm : usual_mm;
    switch (shape) {
    case BoardShape::flat: return changed;
    case BoardShape::cylinder: return with(changed, "neck.radius_mm", radius_mm);
    case BoardShape::cone: break;
    }
    changed = with(changed, "neck.radius_nut_mm", radius_mm);
    return with(changed, "neck.radius_end_mm", neck.radius_end_mm > 0 ? neck.radius_end_mm : radius_mm);
}

int middle_fret(const Neck& neck, int from_fret, int to_fret) {
    const double scale_mm = neck.mean_scale_mm();
    const double wanted_mm = 0.5 * (neck.fret_x_mm(from_fret, scale_mm) + neck.fret_x_mm(to_fret, scale_mm));
    int best = from_fret + 1;
    for (int fret = from_fret + 1; fret < to_fret; ++fret)
        if (std::abs(neck.fret_x_mm(fret, scale_mm) - wanted_mm) <
            std::abs(neck.fret_x_mm(best, scale_mm) - wanted_mm))
            best = fret;
    return best;
}

Value with_relief_between(const Value& document, const Neck& neck, int from_fret, int to_fret) {
    const int at = middle_fret(neck, from_fret, to_fret);
    Value changed =
        with(document, "neck.relief.depth_mm", to_thousandth(neck.relief_depth_mm(from_fret, at, to_fret)));
    changed = with(changed, "neck.relief.at_fret", at);
    return with(changed, "neck.relief.between_frets", Value::Array{Value(from_fret), Value(to_fret)});
}

Value with_some_relief(const Value& document, const Neck& neck, int joint_fret) {
    if (find(document, "neck.relief")) return document;
    return with_relief_between(document, neck, 1, joint_fret);
}

} // namespace fm
