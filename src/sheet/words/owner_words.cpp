#include "sheet/words/owner_words.h"

#include "core/found/visits.h"
#include "core/words/word_of.h"
#include "job/read/decided.h"
#include "job/read/passed_stops.h"
#include "job/read/story.h"
#include "sheet/words/sheet_words.h"

#include <QCoreApplication>

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

class Teller {
public:
    Teller(const Job& job, const std::function<std::string(double)>& label, const SheetShop& shop)
        : job_(job), label_(label), shop_(shop), story_(before_and_after(job)) {}

    std::vector<std::string> found() {
        said_.clear();
        bool any = false;
        const auto& points = survey_points();
        for (std::size_t i = 0; i < points.size(); ++i) {
            const SurveyFinding& finding = job_.survey[i];
            if (finding.mark != SurveyMark::found) continue;
            any = true;
            bullet(sheet_sentence(points[i].name_id()) + (finding.note.empty() ? "" : ": " + finding.note));
        }
        for (const OwnPoint& point : job_.own_points) {
            if (point.finding.mark != SurveyMark::found) continue;
            any = true;
            bullet(point.name + (point.finding.note.empty() ? "" : ": " + point.finding.note));
        }
        if (story_.relief_mm.found) {
            any = true;
            bullet(with_values(translate("sheet", "The neck was bowed by %1."),
                               unit_length(*story_.relief_mm.found)));
        }
        any = said_of(&StringBeforeAfter::nut_gap_mm,
                      translate("sheet", "Strings over the first fret: %1 to %2."), true) ||
              any;
        any = said_of(&StringBeforeAfter::action_mm,
                      translate("sheet", "Strings over the twelfth fret: %1 to %2."), true) ||
              any;
        for (const StandingEntry& each : standing_entries(job_.record)) {
            if (each.entry.kind != RecordKind::complaint || !each.entry.heard) continue;
            any = true;
            const Heard& heard = *each.entry.heard;
            std::string places = place_words(heard.string, heard.fret);
            for (const HeardPlace& also : heard.also) places += ", " + place_words(also.string, also.fret);
            bullet(with_values(
                translate("sheet", "Heard: %1; %2."),
                sheet_sentence("symptom." + std::string(word_of(heard.symptom))) + " (" + places + ")",
                each.entry.text == open_complaint ? translate("sheet", "the cause is not found yet")
                                                  : sheet_sentence("cause." + each.entry.text)));
        }
        if (!any) bullet(translate("sheet", "Nothing was written down yet."));
        return said_;
    }

    std::vector<std::string> done() {
        said_.clear();
        bool any = false;
        if (story_.relief_mm.now && story_.relief_mm.found &&
            std::abs(*story_.relief_mm.now - *story_.relief_mm.found) >= 0.01) {
            any = true;
            bullet(with_values(translate("sheet", "The neck was set with its rod: now bowed by %1."),
                               unit_length(*story_.relief_mm.now)));
        }
        int filed = 0;
        int filled = 0;
        int crowns = 0;
        std::vector<bool> touched(job_.design.strings.size(), false);
        for (const ReadingEntry& entry : job_.readings.in_order()) {
            for (const StringReadings& read : entry.strings) crowns += read.crown_moved_mm.has_value();
            if (!entry.bench) continue;
            const BenchWork& work = *entry.bench;
            if (work.whole_mm && work.part == BenchPart::nut) {
                any = true;
                bullet(with_values(translate("sheet", "The nut was lifted on a shim of %1."),
                                   unit_length(-work.whole_mm->bass_mm)));
            } else if (work.whole_mm) {
                any = true;
                const bool packed = work.whole_mm->bass_mm < 0 && !job_.design.saddle.by_screws();
                bullet(with_values(
                    packed
                        ? translate("sheet", "The saddle was packed by %1 at the bass and %2 at the treble.")
                        : translate("sheet",
                                    "The saddle was lowered by %1 at the bass and %2 at the treble."),
                    label_(std::abs(work.whole_mm->bass_mm)),
                    unit_length(std::abs(work.whole_mm->treble_mm))));
            } else if (work.part == BenchPart::nut && work.string && *work.string < touched.size()) {
                if (work.wanted_mm < 0) ++filled;
                if (work.wanted_mm > 0 && !touched[*work.string]) {
                    touched[*work.string] = true;
                    ++filed;
                }
            }
        }
        if (filled > 0) {
            any = true;
            bullet(with_values(translate("sheet", "Slots of the nut filled and cut anew: %1."),
                               std::to_string(filled)));
        }
        if (filed > 0) {
            any = true;
            bullet(with_values(translate("sheet", "Slots of the nut filed to depth, string by string: %1."),
                               std::to_string(filed)));
        }
        if (crowns > 0) {
            any = true;
            bullet(translate(
                "sheet", "The saddle's crowns were set so that the strings play in tune with themselves."));
        }
        for (const StandingEntry& each : standing_entries(job_.record)) {
            const RecordEntry& entry = each.entry;
            if (entry.kind != RecordKind::work && entry.kind != RecordKind::decision) continue;
            if (left_by(entry)) continue;
            any = true;
            bullet(entry.text + (entry.reason.empty() ? "" : " (" + entry.reason + ")"));
        }
        if (!any) bullet(translate("sheet", "Nothing yet."));
        return said_;
    }

    std::vector<std::string> left_and_watch() {
        said_.clear();
        for (const StandingEntry& each : standing_entries(job_.record)) {
            const auto part = left_by(each.entry);
            if (!part && each.entry.kind != RecordKind::left_undone) continue;
            bullet(with_values(translate("sheet", "Left: %1"), part ? name_of(*part) : each.entry.text) +
                   (each.entry.reason.empty() ? "" : " (" + each.entry.reason + ")"));
        }
        // What somebody went on in spite of stands among what was done, with why.
        constexpr std::string_view survey = "survey.";
        for (const Message& doubt : survey_doubts(job_.survey))
            if (doubt.severity == Severity::warning &&
                !passed(job_.record, std::string_view(doubt.where).substr(survey.size())))
                bullet(translate("sheet", "To be seen to: ") + sheet_message(doubt, job_.unit));
        // What the survey found is told above; here what the plan itself would not go on with.
        const Solution written = solve(job_.design);
        const auto made = plan(job_.design, written, job_.readings, PlanOrder::neck_saddle_nut);
        for (const Stop& stop : open_stops(job_, written, made))
            if (stop.at != StopAt::all)
                bullet(translate("sheet", "To be seen to: ") + sheet_message(stop.text, job_.unit));
        ordered();
        seasons();
        bullet(translate("sheet",
                         "A new buzz, a bridge that lifts or a crack: slacken the strings and bring it in."));
        return said_;
    }

private:
    /// The part a decision leaves as it was found, while it stands.
    std::optional<BenchPart> left_by(const RecordEntry& entry) const {
        if (entry.kind != RecordKind::decision) return std::nullopt;
        const auto part = of_word<BenchPart>(entry.about);
        if (!part) return std::nullopt;
        const PlanChoices& chosen = job_.design.choices;
        const bool left = *part == BenchPart::relief   ? chosen.relief == ReliefChoice::leave
                          : *part == BenchPart::saddle ? chosen.saddle == SaddleChoice::leave
                                                       : chosen.nut == NutChoice::leave;
        const RecordEntry last = decisions_about(job_.record, *part).back();
        return left && last.when == entry.when && last.text == entry.text ? part : std::nullopt;
    }

    static std::string name_of(BenchPart part) {
        switch (part) {
        case BenchPart::relief: return translate("sheet", "the relief");
        case BenchPart::saddle: return translate("sheet", "the saddle");
        case BenchPart::nut: return translate("sheet", "the nut");
        }
        return {};
    }

    void ordered() {
        const double minutes = minutes_worked(job_.record);
        const auto money = [this](double amount) {
            return sheet_fixed(amount, 2) + (shop_.currency.empty() ? "" : " " + shop_.currency);
        };
        const auto& [parts, sum, most_minutes] = job_.ordered;
        if (sum && shop_.rate_per_hour > 0) {
            const double spent = minutes / 60 * shop_.rate_per_hour;
            bullet(with_values(translate("sheet", "Ordered for at most %1: %2 of it spent on work, %3 left."),
                               money(*sum), money(spent), money(std::max(0.0, *sum - spent))));
        } else if (sum)
            bullet(with_values(translate("sheet", "Ordered for at most %1; minutes of work so far: %2."),
                               money(*sum), sheet_fixed(minutes, 0)));
        if (most_minutes)
            bullet(with_values(translate("sheet", "Minutes of work: %1 of the %2 ordered."),
                               sheet_fixed(minutes, 0), sheet_fixed(*most_minutes, 0)));
        else if (minutes > 0)
            bullet(with_values(translate("sheet", "Minutes of work: %1."), sheet_fixed(minutes, 0)));
    }

    /// Only what this instrument itself was read to do.
    void seasons() {
        const std::vector<Visit> visits = visits_of(job_.design, job_.readings);
        bool told = false;
        for (const Away& away : aways_of(visits)) {
            if (!away.humidity_pct || std::abs(*away.humidity_pct) < 5 || !away.relief_mm) continue;
            told = true;
            const double before = *visits[away.from].humidity_pct;
            const std::string air =
                with_values(translate("sheet", "From %1 % to %2 % humidity"), sheet_fixed(before, 0),
                            sheet_fixed(before + *away.humidity_pct, 0));
            if (!away.relief_moved)
                bullet(with_values(translate("sheet", "%1 its neck stayed as it was."), air));
            else
                bullet(with_values(*away.relief_mm > 0 ? translate("sheet", "%1 its neck bowed by %2 more.")
                                                       : translate("sheet", "%1 its neck bowed by %2 less."),
                                   air, unit_length(std::abs(*away.relief_mm))));
        }
        const BeforeAfter& humidity = story_.humidity_pct;
        const auto percent = humidity.now ? humidity.now : humidity.found;
        if (!told && percent)
            bullet(with_values(translate("sheet", "Read at %1 % humidity."), sheet_fixed(*percent, 0)));
    }

    std::string unit_length(double mm) const { return with_unit(label_(mm), job_.unit); }
    void bullet(std::string words) { said_.push_back(std::move(words)); }

    /// "0.21 to 0.35", over all strings that were read.
    std::string place_words(std::size_t string, int fret) const {
        const std::string name = job_.design.string_name(string);
        return fret == 0 ? name
                         : name + " " + with_values(translate("sheet", "at fret %1"), std::to_string(fret));
    }

    bool said_of(BeforeAfter StringBeforeAfter::*number, const std::string& words, bool as_found) {
        std::vector<double> values;
        for (const StringBeforeAfter& string : story_.strings) {
            const auto& value = as_found ? (string.*number).found : (string.*number).now;
            if (value) values.push_back(*value);
        }
        if (values.empty()) return false;
        const auto [least, most] = std::minmax_element(values.begin(), values.end());
        bullet(with_values(words, label_(*least), unit_length(*most)));
        return true;
    }

    const Job& job_;
    const std::function<std::string(double)>& label_;
    const SheetShop& shop_;
    JobBeforeAfter story_;
    std::vector<std::string> said_;
};

} // namespace

OwnerWords owner_words(const Job& job, const std::function<std::string(double)>& label,
                       const SheetShop& shop) {
    Teller teller(job, label, shop);
    return {teller.found(), teller.done(), teller.left_and_watch()};
}

std::string way_of_reading(const ReadingWay& nut) {
    if (nut.open()) return {};
    return with_values(translate("sheet", "fret 1 read with the string held down at fret %1"),
                       std::to_string(nut.held_at));
}

} // namespace fm
