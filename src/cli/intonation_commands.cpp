// Cents as read: fit to the instrument, and how far crowns go.
#include "cli/command_parts.h"
#include "cli/json_parts.h"
#include "core/found/fit.h"
#include "core/solution/set_forward.h"
#include "job/document/job_file.h"
#include "job/document/json.h"
#include "job/edits/edits.h"

namespace fm {

namespace {

Value fitted_json(const Fitted& fitted) {
    return Members().add("value", fitted.value).add("standard", fitted.standard).take();
}

Value texts(const std::vector<Message>& messages) {
    Value::Array lines;
    for (const Message& message : messages) lines.emplace_back(english(message));
    return lines;
}

Value fit_json(const Design& design, std::size_t string, const Fit& made,
               const std::optional<CrownRange>& range) {
    Value::Array residuals;
    for (const FitResidual& residual : made.residuals)
        residuals.push_back(Members()
                                .add("fret", residual.fret)
                                .add("measured_cents", residual.measured_cents)
                                .add("before_cents", residual.before_cents)
                                .add("after_cents", residual.after_cents)
                                .take());
    Members out;
    out.add("string", static_cast<int>(string))
        .add("name", design.string_name(string))
        .add("end_stiffness", fitted_json(made.end_stiffness))
        .add("stretch_stiffness_n",
             made.stretch_stiffness_n ? fitted_json(*made.stretch_stiffness_n) : Value())
        .add("correlation", made.stretch_stiffness_n ? Value(made.correlation) : Value())
        .add("rms_before_cents", made.rms_before_cents)
        .add("rms_after_cents", made.rms_after_cents)
        .add("crown_known", made.crown_known)
        .add("residuals", std::move(residuals))
        .add("notes", texts(made.notes));
    if (range)
        out.add("compensation_mm_at_end_stiffness",
                Members().add("0", range->at_0_mm).add("0.5", range->at_half_mm).take());
    return out.take();
}

struct FitResult {
    CommandResult result;
    Value document; ///< with what was fitted
};

FitResult fit_of(const Words& words, Value document) {
    const SolvedJob solved = solved_job(document);
    if (!solved.good()) return {told(solved.problems), {}};
    const Job& job = *solved.job;
    std::string fault;
    const auto only = string_option(words, job.design, fault);
    if (!fault.empty()) return {usage(fault), {}};
    Value::Array fits;
    bool usable = false;
    for (std::size_t i = 0; i < job.design.strings.size(); ++i) {
        if (only && *only != i) continue;
        const std::optional<Fit> made = fit(job.design, solved.solution, job.readings, i);
        if (!made) continue;
        fits.push_back(fit_json(job.design, i, *made, crown_range(job.design, solved.solution, i)));
        if (!made->crown_known) continue;
        document = with_fit(document, i, *made);
        usable = true;
    }
    if (fits.empty()) return {told({{"nothing_to_fit", Severity::error, "readings", {}}}), {}};
    if (words.has("--write") && !usable)
        return {told({{"fit_needs_crown", Severity::error, "readings", {}}}), {}};
    if (words.has("--write")) {
        if (job.read_only()) return {told({{"job_read_only", Severity::error, "version", {}}}), {}};
        const JobResult written = read_job(document);
        if (!written.job) return {told(written.problems), {}};
    }
    return {printed(Value(std::move(fits)), words), std::move(document)};
}

} // namespace

CommandResult fit_command(const Words& words) {
    const std::string& path = words.plain[0];
    const bool write = words.has("--write");
    if (write && path == "-") return usage("--write needs a job file");
    if (!write) return fit_of(words, document_at(path)).result;
    (void)document_at(path); // one that is not there, or cannot be read, is told as that
    CommandResult result;
    change_file(QString::fromStdString(path), [&](const QByteArray* text) {
        if (!text) throw InputError({"file_missing", Severity::error, {}, {path}});
        FitResult made = fit_of(words, parse_json(text->toStdString()));
        result = std::move(made.result);
        return result.exit_code == 0 ? QByteArray::fromStdString(file_text(made.document)) : *text;
    });
    return result;
}

CommandResult intonation_command(const Words& words) {
    const Shop shop = shop_of(words, {"intonation"});
    const SolvedJob solved = solved_job(words.plain[0]);
    if (!solved.good()) return told(solved.problems);
    const Job& job = *solved.job;
    const IntonationAim aim = intonation_of(job, shop.workshop);
    const auto advice = crown_advice(job.design, solved.solution, job.readings, aim);
    Value::Array strings;
    for (const auto& each : advice) {
        if (!each) {
            strings.emplace_back();
            continue;
        }
        Value::Array ask;
        for (const int fret : each->ask_frets) ask.emplace_back(fret);
        strings.push_back(Members()
                              .add("string", static_cast<int>(each->string))
                              .add("name", job.design.string_name(each->string))
                              .add("readings", each->readings)
                              .add("moves", each->moves)
                              .add("off_cents", each->off_cents)
                              .add("u_cents", each->u_cents)
                              .add("move_mm", each->there || each->read_again ? 0.0 : each->move_mm)
                              .add("u_mm", each->u_mm)
                              .add("there", each->there)
                              .add("read_again", each->read_again)
                              .add("ask_frets", std::move(ask))
                              .add("fret12_off_cents", or_null(each->fret12_off_cents))
                              .add("apart_cents", each->apart_cents)
                              .add("crown_short_mm", or_null(each->short_mm))
                              .add("leaves_saddle_mm", each->leaves_saddle_mm)
                              .take());
    }
    Members out;
    out.add("strings", std::move(strings));
    if (const auto nut = nut_advice(job.design, solved.solution, job.readings, aim))
        out.add("nut", Members().add("forward_mm", nut->forward_mm).add("u_mm", nut->u_mm).take());
    Value::Array gains;
    for (const SetForwardGain& gain : set_forward_gains(job.design, solved.solution))
        gains.push_back(Members()
                            .add("forward_mm", gain.forward_mm)
                            .add("rms_cents", gain.rms_cents)
                            .add("gained_cents", gain.gained_cents)
                            .take());
    out.add("set_forward_gains", std::move(gains));
    return shop.told_with(printed(out.take(), words));
}

} // namespace fm
