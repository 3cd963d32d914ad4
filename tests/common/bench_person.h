#pragma once
// A person who does at the bench what the program says, for tests without a window: reads, turns, shims,
// files.
#include "common/jobs.h"
#include "core/found/as_found.h"
#include "gauge/hidden_instrument.h"
#include "job/edits/bench_edits.h"

namespace fm::test {

class BenchPerson {
public:
    BenchPerson(const Value& document, const SimulatedHand& hand, unsigned seed, const Hand& known)
        : document_(document), job_(job_of(document)), target_(solve(job_.design)),
          instrument_(job_.design, target_, job_.readings, hand, seed), u_mm_(hand.gauge_u_mm),
          known_(known) {}

    /// Relief, saddle, nut, each until the program says it is there.
    void sets_up() {
        for (int i = 0; i < 20 && !in_hand(BenchPart::relief).done(); ++i) {
            const Filing filing = in_hand(BenchPart::relief);
            int eighths = 0;
            if (filing.state == FilingState::to_file)
                eighths = rod_turn_eighths(job_.design, job_.readings, filing.pass_mm)
                              .value_or(filing.pass_mm > 0 ? 1 : -1);
            instrument_.turned(eighths);
            keep({BenchPart::relief, {}, 0, {}, eighths, u_mm_}, instrument_.read_mm(BenchPart::relief, 0));
            if (eighths == 0 && filing.state == FilingState::to_file) break; // less than an eighth
        }
        whole_if_due(BenchPart::saddle);
        files(BenchPart::saddle);
        for (int round = 0; round < 6; ++round) {
            for (std::size_t i = 0; i < strings(); ++i) read(BenchPart::nut, i);
            if (!mends_nut()) break;
        }
        files(BenchPart::nut);
    }

    const HiddenInstrument& instrument() const { return instrument_; }
    std::size_t strings() const { return job_.design.strings.size(); }
    int readings() const { return readings_; }
    /// Readings below the target by more than two standard deviations, and how many of them were told.
    int overshoots() const { return overshoots_; }
    int overshoots_told() const { return overshoots_told_; }
    Hand hand() const {
        return hand_of(pass_outcomes(job_.design, target_, job_.readings, BenchPart::nut), known_);
    }

private:
    Hand hand_at(BenchPart part) const {
        return hand_of(pass_outcomes(job_.design, target_, job_.readings, part), known_);
    }
    std::vector<Filing> filings(BenchPart part) const {
        return filing_of(job_.design, target_, job_.readings, part, hand_at(part));
    }
    Filing in_hand(BenchPart part) const {
        const auto all = filings(part);
        const auto at = filing_in_hand(all, job_.readings, part, FilingHabit::bass_to_treble);
        return all[at.value_or(0)];
    }
    Plan plan_now() const { return *plan(job_.design, target_, job_.readings, PlanOrder::neck_saddle_nut); }
    void keep(const BenchWork& work, std::optional<double> read_mm) {
        const std::string when = "2026-11-25T10:00:00." + std::to_string(100000 + job_.readings.size());
        document_ = with_bench_entry(document_, job_.design, job_.readings, {work, read_mm, "dial"}, when);
        job_ = job_of(document_);
        if (read_mm) ++readings_;
    }
    void read(BenchPart part, std::size_t string, double wanted_mm = 0) {
        keep({part, string, wanted_mm, {}, 0, u_mm_}, instrument_.read_mm(part, string));
    }
    bool whole_if_due(BenchPart part) {
        const auto off_mm = whole_first(job_.design, target_, job_.readings, part);
        if (off_mm) whole(part, *off_mm);
        return off_mm.has_value();
    }
    void whole(BenchPart part, const EdgeMargins& off_mm) {
        instrument_.lowered(part, off_mm.bass_mm, off_mm.treble_mm);
        keep({part, {}, 0, off_mm, 0, {}}, std::nullopt);
    }
    /// What the plan asks for besides filing. @returns whether it asked for anything
    bool mends_nut() {
        const NutStep nut = plan_now().nut;
        if (nut.decision.choice == NutChoice::file) return false;
        if (whole_if_due(BenchPart::nut)) return true;
        for (const std::size_t i : nut.decision.fill) {
            const double raise_mm = *nut.raise_mm[i] + 0.2; // filled proud, to be cut again
            instrument_.filled(i, raise_mm);
            keep({BenchPart::nut, i, -raise_mm, {}, 0, {}}, std::nullopt);
        }
        return !nut.decision.fill.empty();
    }
    void files(BenchPart part) {
        for (int step = 0; step < 400; ++step) {
            const Filing now = in_hand(part);
            if (now.done()) {
                const auto all = filings(part);
                if (std::all_of(all.begin(), all.end(), [](const Filing& f) { return f.done(); })) return;
            }
            if (now.state == FilingState::too_deep && part == BenchPart::nut) {
                const double fill_mm = 0.2 - now.all_mm;
                instrument_.filled(now.string, fill_mm);
                keep({part, now.string, -fill_mm, {}, 0, {}}, std::nullopt);
                read(part, now.string);
                continue;
            }
            if (now.state == FilingState::too_deep) {
                whole(part, {now.all_mm - 0.05, now.all_mm - 0.05});
                continue;
            }
            const double pass_mm = now.state == FilingState::to_file ? now.pass_mm : 0;
            if (pass_mm > 0) instrument_.filed(part, now.string, pass_mm);
            read(part, now.string, pass_mm);
            count_overshoot(part, now);
        }
    }
    void count_overshoot(BenchPart part, const Filing& before) {
        const StringReadings& shown = job_.readings.back().strings[before.string];
        const double gap_mm =
            *(part == BenchPart::nut
                  ? (shown.open_gap_fret1_mm ? shown.open_gap_fret1_mm : shown.pressed_gap_mm)
                  : (shown.action12_mm ? shown.action12_mm : shown.action12_capo_mm));
        if (gap_mm >= before.wanted_mm - 2 * u_mm_ || before.pass_mm == 0) return;
        ++overshoots_;
        for (const Filing& now : filings(part))
            if (now.string == before.string && now.state == FilingState::too_deep) ++overshoots_told_;
    }

    Value document_;
    Job job_;
    Solution target_;
    HiddenInstrument instrument_;
    double u_mm_;
    Hand known_;
    int readings_ = 0;
    int overshoots_ = 0;
    int overshoots_told_ = 0;
};

} // namespace fm::test
