// What helps at the bench beyond one solution: least-action, symptom, quote.
#include "cli/command_parts.h"
#include "cli/json_parts.h"
#include "core/solution/least_action.h"
#include "core/symptom/symptoms.h"
#include "core/words/word_of.h"
#include "job/document/reader.h"
#include "job/state/state.h"
#include "workshop/quote.h"

namespace fm {

namespace {

Value effect_json(const Design& design, const Cause& cause) {
    Value::Array others;
    for (const SideEffect& other : cause.side_effects)
        others.push_back(Members()
                             .add("string", static_cast<int>(other.string))
                             .add("name", design.string_name(other.string))
                             .add("headroom_before_n", other.headroom_before_n)
                             .add("headroom_after_n", other.headroom_after_n)
                             .add("back_gap_before_mm", other.back_gap_before_mm)
                             .add("back_gap_after_mm", other.back_gap_after_mm)
                             .take());
    return Members()
        .add("cause", cause.id)
        .add("text", std::string(english_template("cause." + cause.id)))
        .add("test", std::string(english_template(cause.test_id)))
        .add("cure", std::string(english_template(cause.cure_id)))
        .add("effect", cause.effect ? Value(english(cause.effect->text)) : Value())
        .add("weight", cause.weight)
        .add("stop", cause.stop)
        .add("strings_after", std::move(others))
        .take();
}

Value blank_json(const Blank& blank) {
    return Members()
        .add("length_mm", blank.length_mm)
        .add("height_mm", blank.height_mm)
        .add("thickness_mm", blank.thickness_mm)
        .take();
}

Value quote_json(const PartQuote& quote, const std::string& currency) {
    Value::Array offers;
    for (const BlankOffer& offer : quote.offers)
        offers.push_back(Members()
                             .add("name", offer.blank->name)
                             .add("price", offer.blank->price)
                             .add("fits", offer.fit.fits())
                             .add("length_short_mm", offer.fit.length_short_mm)
                             .add("height_short_mm", offer.fit.height_short_mm)
                             .add("thickness_short_mm", offer.fit.thickness_short_mm)
                             .take());
    Members out;
    Value::Array missing;
    for (const Message& message : quote.missing) missing.emplace_back(english(message));
    out.add("part", std::string(word_of(quote.part)))
        .add("material", quote.material.empty() ? Value() : Value(quote.material))
        .add("needs", quote.needs ? blank_json(*quote.needs) : Value())
        .add("blanks", std::move(offers))
        .add("blank", quote.cheapest ? Value(quote.cheapest->name) : Value())
        .add("minutes", quote.minutes)
        .add("work", quote.price.work)
        .add("material_price", quote.price.material)
        .add("premium", quote.price.premium)
        .add("total", quote.price.total())
        .add("currency", currency)
        .add("missing", std::move(missing));
    if (const Finish* finish = finish_of(quote.material)) {
        Value::Array grits;
        for (const int grit : finish->grits) grits.emplace_back(grit);
        out.add("grits", std::move(grits))
            .add("last_step", std::string(english_template(finish->last_step_id)))
            .add("avoid", std::string(english_template(finish->avoid_id)))
            .add("caution", std::string(english_template(finish->caution_id)));
    }
    return out.take();
}

} // namespace

CommandResult least_action_command(const Words& words) {
    const SolvedJob solved = solved_job(words.plain[0]);
    if (!solved.good()) return told(solved.problems);
    Design design = solved.job->design;
    if (const auto word = words.option("--pluck")) {
        const std::optional<double> number = number_in(*word);
        if (!number || !(*number >= 0.01 && *number <= 100.0))
            return usage("--pluck is " + *word + "; allowed is 0.01 to 100 (N)");
        design.player.pluck_force_n = *number;
        for (StringDesign& string : design.strings) string.pluck_force_n.reset();
    }
    if (const auto word = words.option("--hand")) {
        const std::optional<PlayingHand> hand = of_word<PlayingHand>(*word);
        if (!hand) return usage("--hand is " + *word + "; allowed are soft, normal, hard");
        design.player.hand = *hand;
        design.player.pluck_force_n.reset();
        for (StringDesign& string : design.strings) string.pluck_force_n.reset();
    }
    const std::optional<LeastAction> least = least_action(design);
    if (!least) return told({{"no_free_action", Severity::error, "player", {}}});
    Value::Array limits;
    for (const ActionLimit& limit : least->limits)
        limits.push_back(Members()
                             .add("string", static_cast<int>(limit.string))
                             .add("name", design.string_name(limit.string))
                             .add("fretted", limit.fretted)
                             .add("over_fret", limit.over)
                             .add("action12_mm", limit.action_mm)
                             .take());
    Value relief = Members()
                       .add("depth_mm", least->relief.depth_mm)
                       .add("at_fret", least->relief.at_fret)
                       .add("between_frets", Value::Array{least->relief.from_fret, least->relief.to_fret})
                       .take();
    return printed(Members()
                       .add("hand", std::string(word_of(design.player.hand)))
                       .add("bass_mm", least->bass_mm)
                       .add("treble_mm", least->treble_mm)
                       .add("mean_mm", least->mean_mm)
                       .add("relief", std::move(relief))
                       .add("limits", std::move(limits))
                       .add("nut_limits", indices(least->nut_limits))
                       .take(),
                   words);
}

/// "--also 3:5,2:5": the other places where it was heard, player's number of the string and fret.
std::vector<HeardPlace> also_places(const Words& words, const Design& design, std::string& fault) {
    std::vector<HeardPlace> places;
    const std::string given = words.option("--also").value_or("");
    const int count = static_cast<int>(design.strings.size());
    for (std::size_t at = 0; at < given.size() && fault.empty();) {
        const std::size_t end = std::min(given.find(',', at), given.size());
        const std::string one = given.substr(at, end - at);
        const std::size_t colon = std::min(one.find(':'), one.size());
        const auto string = whole_number_in(one.substr(0, colon), 1, count);
        const auto fret = colon < one.size()
                              ? whole_number_in(one.substr(colon + 1), 0, design.neck.frets - 1)
                              : std::nullopt;
        if (string && fret)
            places.push_back({static_cast<std::size_t>(count - *string), *fret});
        else
            fault = "--also has " + one + "; allowed are STRING:FRET, strings 1 to " + std::to_string(count) +
                    ", frets 0 to " + std::to_string(design.neck.frets - 1) + ", with commas between";
        at = end + 1;
    }
    return places;
}

CommandResult symptom_command(const Words& words) {
    const auto symptom = of_word<Symptom>(words.plain[1]);
    if (!symptom) {
        std::string all;
        for (std::size_t i = 0; i < symptom_count; ++i)
            all += (i == 0 ? "" : ", ") + std::string(word_of(static_cast<Symptom>(i)));
        return usage("the symptom is " + words.plain[1] + "; allowed are " + all);
    }
    const SolvedJob solved = solved_job(words.plain[0]);
    if (!solved.good()) return told(solved.problems);
    const Job& job = *solved.job;
    std::string fault;
    Heard heard{*symptom, job.design.strings.size() - 1, 0, {}, {}};
    if (const auto string = string_option(words, job.design, fault)) heard.string = *string;
    const std::string fret = words.option("--fret").value_or("0");
    const auto number = whole_number_in(fret, 0, job.design.neck.frets - 1);
    if (fault.empty() && !number)
        fault = "--fret is " + fret + "; allowed is 0 to " + std::to_string(job.design.neck.frets - 1);
    if (fault.empty()) heard.also = also_places(words, job.design, fault);
    if (!fault.empty()) return usage(fault);
    heard.fret = *number;
    const Diagnosis found =
        diagnosis(job.design, solved.solution, job.readings, heard, found_words(job.survey));
    Value::Array causes;
    for (const Cause& cause : found.causes) causes.push_back(effect_json(job.design, cause));
    Value::Array missing;
    for (const std::string& key : found.missing_keys) missing.emplace_back(key);
    return printed(Members()
                       .add("symptom", words.plain[1])
                       .add("text", std::string(english_template("symptom." + words.plain[1])))
                       .add("string", job.design.string_name(heard.string))
                       .add("fret", heard.fret)
                       .add("causes", std::move(causes))
                       .add("tests_in_order", indices(found.tests))
                       .add("readings_that_would_help", std::move(missing))
                       .take(),
                   words);
}

CommandResult quote_command(const Words& words) {
    if (!words.has("--workshop"))
        return usage("quote needs --workshop DIR: the shop's blanks, times and rate");
    const Shop shop = shop_of(words, {"blanks", "nut_operations", "saddle_operations", "material_factors",
                                      "bridge_operations", "ready_parts", "setup_minutes", "rate_per_hour",
                                      "premium_share", "allowance_mm", "thickness_allowance_mm", "currency"});
    const Workshop& workshop = shop.workshop;
    if (!workshop.tables().priced())
        return told({{"nothing_to_quote", Severity::error, {}, {*words.option("--workshop")}}});
    const SolvedJob solved = solved_job(words.plain[0]);
    if (!solved.good()) return told(solved.problems);
    const auto state = state_of(*solved.job, {});
    const JobQuote quote = quote_of(state->job, state->solution, state->plan, workshop.tables());
    Value::Array parts;
    for (const PartQuote& part : quote.parts) parts.push_back(quote_json(part, workshop.tables().currency));
    return shop.told_with(printed(Members()
                                      .add("parts", std::move(parts))
                                      .add("total", quote.total)
                                      .add("complete", quote.complete())
                                      .add("ordered_sum", or_null(quote.sum))
                                      .add("spent", quote.spent)
                                      .add("left", or_null(quote.left))
                                      .take(),
                                  words));
}

} // namespace fm
