#include "sheet/machine/part_notices.h"

#include "core/design/assumed.h"
#include "core/part/nut_work.h"
#include "core/solution/check.h"
#include "core/solution/nut_plan.h"
#include "core/words/word_of.h"
#include "sheet/views/saddle_views.h"
#include "sheet/words/sheet_words.h"

#include <QCoreApplication>

#include <algorithm>
#include <cmath>
#include <iterator>

namespace fm {

namespace {

constexpr double least_shown_mm = 0.005; // half of what a sheet shows

std::string length(const Job& job, double mm) {
    return sheet_length(mm, job.unit);
}

/// "8 · D3 0.30, 7 · A3 0.25"
template <class Value> std::string each_string(const Job& job, const Value& value) {
    std::string words;
    for (std::size_t i = 0; i < job.design.strings.size(); ++i)
        words += (i == 0 ? "" : ", ") + job.design.string_name(i) + " " + sheet_number(value(i), job.unit);
    return words;
}

} // namespace

std::vector<std::string> nut_notices(const Job& job, const Solution& solution) {
    std::vector<std::string> notices;
    if (job.design.nut.clamping)
        notices.push_back(translate("sheet",
                                    "A locking nut is bought with its places for the strings: nothing "
                                    "of it is cut. A drawing of it shows where they are to lie."));
    else if (!knows_floor_fall(job.design.nut))
        notices.push_back(translate("sheet", "How the floors fall toward the head is not known: neither the "
                                             "headstock's angle nor the posts are given. Measure one of them "
                                             "before sawing."));
    if (is_stepped(solution)) {
        if (!draws_steps(solution))
            notices.push_back(translate("sheet", "The steps of the front face are not drawn."));
        notices.push_back(translate("sheet", "The front face goes in steps, over the board: every string's "
                                             "place stands forward of the nut line by its own amount, under "
                                             "\"forward\" in the list."));
        return notices;
    }
    const double forward_mm = solution.strings.front().line.set_forward_mm;
    if (std::abs(forward_mm) < least_shown_mm) return notices;
    notices.push_back(with_values(
        translate("sheet", "Not drawn here: the front face stands %1 forward of the nut line, over "
                           "the board; shorten the board by that much, or let the nut overhang."),
        length(job, forward_mm)));
    return notices;
}

namespace {

std::vector<std::string> bridge_notices(const Job& job, const Solution& solution) {
    const BridgeDesign& bridge = *job.design.bridge;
    std::vector<std::string> notices;
    const auto add = [&](std::string words) { notices.push_back(std::move(words)); };
    if (!bridge.outline)
        add(translate("sheet", "The bridge's outline is not given: what is drawn is a plain board round slot "
                               "and holes, not its form."));
    if (const auto mouth_mm = solution.bridge->mouth_mm)
        add(with_values(
            *mouth_mm < 0
                ? translate("sheet", "The slot leans back by %1: tilt the work by it. Here it lies "
                                     "where it opens, %2 nearer the nut than the crowns' line.")
                : translate("sheet", "The slot leans toward the nut by %1: tilt the work by it. Here "
                                     "it lies where it opens, %2 farther from the nut than the "
                                     "crowns' line."),
            sheet_fixed(std::abs(job.design.saddle.lean_deg), 1) + "°", length(job, std::abs(*mouth_mm))));
    if (bridge.anchor == Anchor::pins && bridge.pins.pilot_mm)
        add(with_values(translate("sheet",
                                  "The holes are as they are drilled, %1; they are reamed to %2 once "
                                  "the bridge is glued."),
                        length(job, *bridge.pins.pilot_mm), length(job, bridge.pins.hole_mm)));
    if (bridge.anchor == Anchor::tie || bridge.anchor == Anchor::hole)
        add(with_values(translate("sheet",
                                  "Not in this file: the strings' holes along it, %1 over the bottom; "
                                  "they open %2 behind the slot."),
                        length(job, bridge.exit.above_top_mm), length(job, bridge.exit.behind_mm)));
    if (const auto& feet = solution.bridge->feet; feet && feet->radius_mm)
        add(with_values(translate("sheet",
                                  "The bottom is flat here: it is fitted to the top's curve, %1 in its "
                                  "middle, by hand."),
                        length(job, std::abs(feet->rise_mm))));
    if (bridge.screws) add(translate("sheet", "Screws are only marked."));
    for (const Message& doubt : solution.warnings)
        if (doubt.severity != Severity::note && about_the_bridge(doubt)) add(sheet_message(doubt, job.unit));
    return notices;
}

} // namespace

std::vector<std::string> machine_depths(const Job& job, MachinePartKind kind) {
    std::vector<std::string> depths;
    if (kind != MachinePartKind::bridge) return depths;
    if (job.design.has_slot() && job.design.saddle.slot_depth_mm)
        depths.push_back(with_values(translate("sheet", "Saddle's slot: %1 deep under the top."),
                                     length(job, *job.design.saddle.slot_depth_mm)));
    if (job.design.bridge->anchor == Anchor::pins)
        depths.push_back(
            with_values(translate("sheet", "Holes: through. Ramps: by hand, or in the solid, %1 deep "
                                           "where the string turns down."),
                        length(job, job.design.bridge->pins.ramp_mm)));
    return depths;
}

std::vector<std::string> assumed_notices(const Job& job) {
    std::string values;
    for (const AssumedValue& assumed : assumed_values(job.design)) {
        const std::string value =
            assumed.field->kind == FieldKind::length  ? sheet_number(assumed.value, job.unit)
            : assumed.field->kind == FieldKind::angle ? sheet_fixed(assumed.value, 1) + "°"
                                                      : sheet_fixed(assumed.value, 2);
        values += (values.empty() ? "" : ", ") + translate("messages", assumed_name(*assumed.field).data()) +
                  " " + value;
        if (assumed.field->key.starts_with("strings[]"))
            values += " (" + job.design.string_name(place_of_key(assumed.key).item) + ")";
    }
    if (values.empty()) return {};
    return {with_values(translate("sheet", "Assumed, not measured, in %1: %2. Measure before cutting by it."),
                        std::string(word_of(job.unit)), values)};
}

std::vector<std::string> saddle_notices(const Job& job, const Solution& solution) {
    const SaddleDesign& saddle = job.design.saddle;
    std::vector<std::string> notices;
    if (saddle_ground(job.design, solution) == SaddleGround::fret_plane)
        notices.push_back(translate("sheet",
                                    "The job has no bridge: heights are over the fret plane, and what the "
                                    "saddle stands on is not in them. Do not cut its height by them."));
    if (saddle.lean_deg != 0)
        notices.push_back(
            with_values(saddle.lean_deg > 0
                            ? translate("sheet", "Not drawn here: the saddle leans %1 toward the nut; its "
                                                 "heights are along it.")
                            : translate("sheet", "Not drawn here: the saddle leans back by %1, away from the "
                                                 "nut; its heights are along it."),
                        sheet_fixed(std::abs(saddle.lean_deg), 1) + "°"));
    return notices;
}

std::vector<std::string> machine_notices(const Job& job, const Solution& solution, MachinePartKind kind) {
    std::vector<std::string> notices = assumed_notices(job);
    const auto add = [&notices](std::vector<std::string> more) {
        notices.insert(notices.end(), std::make_move_iterator(more.begin()),
                       std::make_move_iterator(more.end()));
    };
    if (kind == MachinePartKind::nut) {
        add(nut_notices(job, solution));
        if (is_stepped(solution))
            notices.back() = with_values(
                translate("sheet",
                          "Not in this file: the steps of the front face, forward of the nut line in "
                          "%1: %2."),
                std::string(word_of(job.unit)),
                each_string(job, [&](std::size_t i) { return solution.strings[i].line.set_forward_mm; }));
        if (job.design.neck.fanned())
            notices.push_back(
                with_values(
                    translate("sheet",
                              "Seen square to the front face. The nut stands at %1; over its thickness the "
                              "slots run aside, in %2"),
                    sheet_fixed(solution.nut_angle_deg, 1) + "°", std::string(word_of(job.unit))) +
                ": " +
                each_string(job,
                            [&](std::size_t i) {
                                return slot_run(job.design, solution, i) * job.design.nut.thickness_mm;
                            }) +
                ".");
    }
    if (kind == MachinePartKind::bridge && solution.bridge) add(bridge_notices(job, solution));
    if (kind == MachinePartKind::saddle) {
        add(saddle_notices(job, solution));
        if (job.design.saddle.under_mm > 0)
            notices.push_back(with_values(
                translate("sheet",
                          "Heights count from what lies in the slot, %1, not from the slot's floor."),
                length(job, job.design.saddle.under_mm)));
    }
    return notices;
}

} // namespace fm
