#include "job/edits/bridge_edits.h"

#include "core/words/word_of.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

/// What each kind is made of.
struct Make {
    BridgeStands stands;
    Anchor anchor;
    bool single;
};

Make make_of(BridgeKind kind) {
    switch (kind) {
    case BridgeKind::pinned: return {BridgeStands::glued, Anchor::pins, false};
    case BridgeKind::tied: return {BridgeStands::glued, Anchor::tie, false};
    case BridgeKind::through: return {BridgeStands::glued, Anchor::hole, false};
    case BridgeKind::glued_tailpiece: return {BridgeStands::glued, Anchor::tailpiece, false};
    case BridgeKind::floating:
    case BridgeKind::floating_wheels: return {BridgeStands::floating, Anchor::tailpiece, false};
    case BridgeKind::plate:
    case BridgeKind::plate_shared: return {BridgeStands::plate, Anchor::hole, true};
    case BridgeKind::posts: break;
    }
    return {BridgeStands::posts, Anchor::tailpiece, false};
}

/// By what its height can be set; of more ways than one the first is what it begins with.
std::vector<HeightBy> heights_of(BridgeKind kind) {
    switch (kind) {
    case BridgeKind::floating: return {HeightBy::feet};
    case BridgeKind::floating_wheels: return {HeightBy::wheels};
    case BridgeKind::plate:
    case BridgeKind::plate_shared: return {HeightBy::saddle_screws, HeightBy::side_screws};
    case BridgeKind::posts: return {HeightBy::posts};
    default: return {HeightBy::bottom_and_top};
    }
}

Value with_height_by(const Value& document, const Design& design, const Solution& solution, BridgeKind kind) {
    const std::vector<HeightBy> ways = heights_of(kind);
    const bool can = std::find(ways.begin(), ways.end(), design.saddle.height_by) != ways.end();
    SaddleDesign saddle = design.saddle;
    if (!can) saddle.height_by = ways.front();
    Value changed =
        can ? document : with(document, "saddle.height_by", std::string(word_of(saddle.height_by)));
    if (!saddle.by_two_screws()) return without(changed, "saddle.screws_across_mm");
    if (design.saddle.screws_across_mm || solution.strings.size() < 2) return changed;
    constexpr double beyond_mm = 11; // posts stand clear of the outer strings
    changed = with(changed, "saddle.screws_across_mm.bass",
                   to_tenth(solution.strings.front().line.saddle_y_mm - beyond_mm));
    return with(changed, "saddle.screws_across_mm.treble",
                to_tenth(solution.strings.back().line.saddle_y_mm + beyond_mm));
}

/// Where the strings leave to, of a kind that has no pins.
Value with_exit(const Value& document, BridgeKind kind, double height_mm) {
    if (find(document, "bridge.exit")) return document;
    const Make make = make_of(kind);
    double behind_mm = 11;
    double above_mm = to_tenth(0.6 * height_mm);
    if (make.anchor == Anchor::tailpiece) {
        behind_mm = kind == BridgeKind::posts ? 45.0 : 120.0;
        above_mm = kind == BridgeKind::posts ? 9.0 : 2.5;
    } else if (make.stands == BridgeStands::plate) {
        behind_mm = 18.0;
        above_mm = 1.5;
    }
    return with(with(document, "bridge.exit.behind_mm", behind_mm), "bridge.exit.above_top_mm", above_mm);
}

} // namespace

Value with_bridge_kind(const Value& document, const Design& design, const Solution& solution,
                       BridgeKind kind) {
    const Make make = make_of(kind);
    const bool had_one = design.bridge.has_value();
    const double height_mm = to_tenth(solution.bridge ? solution.bridge->height_mm.value_or(9.0) : 9.0);
    Value changed = had_one ? document : with(document, "bridge.plane_above_top_mm", 9.0);
    changed = with(changed, "bridge.anchor", std::string(word_of(make.anchor)));
    const BridgeStands usual =
        make.anchor == Anchor::tailpiece ? BridgeStands::floating : BridgeStands::glued;
    changed = make.stands == usual ? without(changed, "bridge.stands")
                                   : with(changed, "bridge.stands", std::string(word_of(make.stands)));
    if (make.anchor == Anchor::pins)
        changed = without(changed, "bridge.exit");
    else
        changed = with_exit(without(changed, "bridge.pins"), kind, height_mm);
    // Only a slot has an exposure that a height can be found from.
    if (make.stands == BridgeStands::glued && make.anchor != Anchor::tailpiece) {
        if (!find(changed, "bridge.height_mm")) changed = with(changed, "bridge.height_mm", "auto");
    } else if (make.stands == BridgeStands::glued) {
        changed = with(changed, "bridge.height_mm", height_mm);
    } else {
        changed = without(changed, "bridge.height_mm");
    }
    if (make.single) {
        if (!design.saddle.travel)
            changed = with(changed, "saddle.travel_mm", Value::Array{Value(2.0), Value(14.0)});
        changed = with_saddles_shared(changed, design.strings.size(), kind == BridgeKind::plate_shared);
    } else {
        for (const char* key : {"saddle.travel_mm", "saddle.groups", "saddle.travel_pitch_mm",
                                "saddle.travel_screw_mm", "saddle.travel_spring_mm", "bridge.edge_mm"})
            changed = without(changed, key);
    }
    if (make.stands == BridgeStands::glued || make.stands == BridgeStands::floating)
        changed = without(changed, "bridge.screws");
    if (make.anchor != Anchor::pins) changed = without(changed, "bridge.plate_inside");
    if (make.stands != BridgeStands::glued) changed = without(changed, "bridge.gluing");
    return with_height_by(changed, design, solution, kind);
}

Value without_bridge(const Value& document) {
    if (!find(document, "bridge")) return document;
    Value changed = without(document, "bridge");
    return without(without(changed, "saddle.groups"), "saddle.travel_mm");
}

Value with_saddles_shared(const Value& document, std::size_t strings, bool shared) {
    if (!shared) return without(document, "saddle.groups");
    if (find(document, "saddle.groups")) return document;
    Value::Array groups;
    for (std::size_t i = 0; i + 1 < strings; i += 2)
        groups.emplace_back(
            Value::Array{Value(static_cast<std::int64_t>(i)), Value(static_cast<std::int64_t>(i + 1))});
    return with(document, "saddle.groups", std::move(groups));
}

Value with_saddle_joined(const Value& document, const Design& design, std::size_t string, bool joined) {
    // Whether each string stands on its bass neighbour's saddle.
    std::vector<bool> on_last(design.strings.size(), false);
    for (const SharedSaddle& group : design.saddle.groups)
        for (std::size_t i = group.first + 1; i <= group.last; ++i) on_last[i] = true;
    on_last[string] = joined;
    Value::Array groups;
    for (std::size_t i = 0; i < on_last.size();) {
        Value::Array group{Value(static_cast<std::int64_t>(i))};
        for (++i; i < on_last.size() && on_last[i]; ++i) group.emplace_back(static_cast<std::int64_t>(i));
        if (group.size() > 1) groups.emplace_back(std::move(group));
    }
    return groups.empty() ? without(document, "saddle.groups")
                          : with(document, "saddle.groups", std::move(groups));
}

} // namespace fm
