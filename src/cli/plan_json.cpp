#include "cli/plan_json.h"

#include "cli/json_parts.h"
#include "core/found/stops.h"
#include "core/words/word_of.h"
#include "job/read/passed_stops.h"

namespace fm {

namespace {

Value after_json(const After& after) {
    Value::Array items;
    for (const std::optional<GaugeReadings>& string : after) {
        if (!string) {
            items.emplace_back();
            continue;
        }
        items.push_back(
            Members()
                .add("open_gap_fret1_mm", string->open_gap_fret1_mm)
                .add("pressed_gap_mm",
                     Members().add("2", string->pressed_gap_2_mm).add("3", string->pressed_gap_3_mm).take())
                .add("action12_mm", string->action12_mm)
                .add("action12_capo_mm", string->action12_capo_mm)
                .take());
    }
    return items;
}

Value ends_json(const EdgeMargins& ends) {
    return Members().add("bass", ends.bass_mm).add("treble", ends.treble_mm).take();
}

Value relief_json(const ReliefStep& step) {
    return Members()
        .add("step", "relief")
        .add("proposal", std::string(word_of(step.proposal)))
        .add("choice", std::string(word_of(step.choice)))
        .add("from_mm", step.from ? step.from->depth_mm : 0.0)
        .add("to_mm", step.to_mm.value_or(0.0))
        .add("u_mm", step.u_mm)
        .add("at_fret", step.from ? Value(step.from->at_fret) : Value())
        .add("between_frets",
             step.from ? Value(Value::Array{step.from->from_fret, step.from->to_fret}) : Value())
        .add("after", after_json(step.after))
        .take();
}

Value saddle_json(const SaddleStep& step) {
    Members out;
    out.add("step", "saddle")
        .add("proposal", std::string(word_of(step.proposal)))
        .add("choice", std::string(word_of(step.choice)))
        .add("take_off_mm", list_or_null(step.take_off_mm))
        .add("u_mm", list_or_null(step.u_mm))
        .add("bottom_mm", ends_json(step.cut.bottom_mm))
        .add("top_mm", list_or_null(step.cut.top_mm))
        .add("pack_mm", step.cut.pack_mm);
    if (step.screws_mm) out.add("screws_mm", ends_json(*step.screws_mm));
    return out.add("after", after_json(step.after)).take();
}

Value clamping_json(const ClampingNut& nut) {
    return Members()
        .add("raise_mm", nut.raise_mm)
        .add("shims_mm", nut.stack ? list(nut.stack->shims_mm) : Value())
        .add("shims_total_mm", nut.stack ? Value(nut.stack->total_mm) : Value())
        .add("off_seat_mm", nut.lower_mm)
        .take();
}

Value nut_json(const NutDesign& nut, const NutStep& step, const Tools& tools) {
    Value::Array at_least;
    for (const bool flag : step.at_least) at_least.emplace_back(flag);
    Members out;
    out.add("step", "nut")
        .add("proposal", std::string(word_of(step.decision.proposal)))
        .add("choice", std::string(word_of(step.decision.choice)))
        .add("take_off_mm", list_or_null(step.take_off_mm))
        .add("raise_mm", list_or_null(step.raise_mm))
        .add("u_mm", list_or_null(step.u_mm))
        .add("at_least", std::move(at_least))
        .add("verdict", std::string(word_of(step.decision.choice)))
        .add("shim_mm", or_null(step.decision.shim_mm))
        .add("fill", indices(step.decision.fill))
        .add("below_mm", step.decision.below_mm)
        .add("after", after_json(step.after));
    if (nut.clamping)
        out.add("clamping", clamping_json(clamping_nut(step.findings, tools.shims_mm, nut.shim_step_mm)));
    return out.take();
}

/// With why somebody goes on in spite of it, where the record says so.
Value stops_json(const Job& job, const std::vector<Stop>& stops) {
    Value::Array list;
    for (const Stop& stop : stops) {
        const std::optional<RecordEntry> decision = passed(job.record, stop.point);
        list.push_back(Members()
                           .add("point", stop.point)
                           .add("at", std::string(word_of(stop.at)))
                           .add("text", english(stop.text))
                           .add("passed", decision.has_value())
                           .add("reason", decision ? Value(decision->reason) : Value())
                           .take());
    }
    return list;
}

} // namespace

Value plan_json(const Job& job, const Solution& target, const Plan& plan, const Tools& tools) {
    const Design& design = job.design;
    const bool saddle_first = plan.order == PlanOrder::neck_saddle_nut;
    Value::Array steps{relief_json(plan.relief)};
    if (saddle_first) steps.push_back(saddle_json(plan.saddle));
    steps.push_back(nut_json(design.nut, plan.nut, tools));
    if (!saddle_first) steps.push_back(saddle_json(plan.saddle));
    Value::Array warnings;
    for (const Message& note : plan.notes)
        warnings.push_back(
            Members().add("where", note.where).add("code", note.id).add("text", english(note)).take());
    for (const std::size_t string : plan.unread) {
        const Message message{"string_not_read", Severity::warning, "readings", {design.string_name(string)}};
        warnings.push_back(Members()
                               .add("where", "strings[" + std::to_string(string) + "]")
                               .add("code", message.id)
                               .add("text", english(message))
                               .take());
    }
    return Members()
        .add("order", std::string(word_of(plan.order)))
        .add("steps", std::move(steps))
        .add("moment_found_nm", or_null(plan.moment_found_nm))
        .add("break_angles_found_deg",
             Value::Array(plan.breaks_found_deg.begin(), plan.breaks_found_deg.end()))
        .add("stops", stops_json(job, stops_of(design, target, plan, job.survey)))
        .add("warnings", std::move(warnings))
        .take();
}

} // namespace fm
