#include "common/jobs.h"
#include "core/found/filing.h"
#include "core/found/plan.h"
#include "core/found/plan_amounts.h"

#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

namespace {

bool near(double a, double b, double tolerance = 1e-9) {
    return std::abs(a - b) <= tolerance;
}

/// An instrument found so: every string's slot too high by one amount, its saddle by another, its neck bowed
/// by a third.
struct FoundOff {
    Design design = job_of(demo_document("kittiwake")).design;
    Solution target = solve(design);
    std::vector<ReadingEntry> entries;

    FoundOff(double nut_mm, double saddle_mm, double relief_mm) {
        Design bowed = design;
        bowed.neck.relief->depth_mm += relief_mm;
        const Neck neck(bowed.neck);
        ReadingEntry entry;
        entry.relief = bowed.neck.relief;
        for (const StringSolution& string : target.strings) {
            const StringOnNeck on(neck, string.line);
            const EndHeights ends{on.fret_line_under_string_mm() + string.above_fret_line_mm + nut_mm,
                                  string.ends.saddle_z_mm + saddle_mm};
            StringReadings read;
            read.open_gap_fret1_mm = open_gap_mm(on, ends, 1);
            read.action12_mm = open_gap_mm(on, ends, 12);
            entry.strings.push_back(read);
        }
        entries.push_back(entry);
    }
    Plan planned(PlanOrder order = PlanOrder::neck_saddle_nut) const {
        return *plan(design, target, entries, order);
    }
};

} // namespace

/// The plan, on instruments whose faults are known.
class TestPlan : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// Only the readings the heights rest on are moved for the ±: what all of them would give, after years.
    void the_scatter_is_that_of_all_readings() {
        FoundOff found(0.1, 0.3, 0.05);
        std::vector<ReadingEntry>& entries = found.entries;
        const ReadingEntry whole = entries.front();
        const std::size_t strings = whole.strings.size();
        for (std::size_t i = 0; i < 120;
             ++i) { // nut and action of one string after the other, the relief between
            ReadingEntry entry;
            entry.strings.resize(strings);
            const std::size_t string = i / 2 % strings;
            if (i % 2 == 0)
                entry.strings[string].open_gap_fret1_mm = whole.strings[string].open_gap_fret1_mm;
            else
                entry.strings[string].action12_mm = whole.strings[string].action12_mm;
            if (i % 30 == 29) entry.relief = whole.relief;
            entries.push_back(entry);
        }
        const auto heights = [&](const std::vector<ReadingEntry>& read) {
            return known_heights(found.design, found.target, read);
        };
        std::vector<double> squares(strings, 0.0);
        const auto move = [&](double& number, double u_mm) {
            const double was = number;
            number = was + u_mm;
            const auto above = heights(entries);
            number = was - u_mm;
            const auto below = heights(entries);
            number = was;
            for (std::size_t i = 0; i < strings; ++i)
                squares[i] += std::pow((*above[i].saddle_z_mm - *below[i].saddle_z_mm) / 2, 2);
        };
        for (ReadingEntry& entry : entries) {
            if (entry.relief) move(entry.relief->depth_mm, u_of_relief_mm(entry));
            for (auto& [string, read] : entry.strings.read()) {
                if (read.open_gap_fret1_mm) move(*read.open_gap_fret1_mm, u_of_nut_mm(entry, read));
                if (read.action12_mm) move(*read.action12_mm, u_of_action_mm(entry, read));
            }
        }
        const Amounts amounts = Judgement(found.design, found.target, entries).saddle(false);
        for (std::size_t i = 0; i < strings; ++i) {
            const double all_mm = std::sqrt(squares[i]);
            QVERIFY2(std::abs(amounts[i]->u_mm / all_mm - 1) < 0.02,
                     qPrintable(QStringLiteral("%1 of %2").arg(amounts[i]->u_mm).arg(all_mm)));
        }
    }

    /// Two screws can only tilt and lower a line: what is foretold is that line, not every string's own wish.
    void two_screws_give_what_two_screws_can() {
        FoundOff found(0.0, 0.6, 0.0);
        found.design.saddle.height_by = HeightBy::side_screws;
        found.design.choices.nut = NutChoice::replace; // to its own target, whatever counts
        found.entries[0].strings[1].action12_mm = *found.entries[0].strings[1].action12_mm + 0.3; // one apart
        const Plan made = found.planned();
        QVERIFY(made.saddle.screws_mm);
        const double wide_mm =
            found.target.strings.back().line.saddle_y_mm - found.target.strings.front().line.saddle_y_mm;
        for (std::size_t i = 0; i < 4; ++i) {
            const double share =
                (found.target.strings[i].line.saddle_y_mm - found.target.strings.front().line.saddle_y_mm) /
                wide_mm;
            const double down_mm =
                made.saddle.screws_mm->bass_mm +
                share * (made.saddle.screws_mm->treble_mm - made.saddle.screws_mm->bass_mm);
            // What is left over the target at the saddle is halved at the octave, near enough for what a
            // gauge reads.
            const double left_mm = *made.saddle.take_off_mm[i] - down_mm;
            const double above_mm = made.nut.after[i]->action12_mm - found.target.strings[i].action12_mm;
            QVERIFY2(near(above_mm, 0.5 * left_mm, 0.01),
                     qPrintable(QStringLiteral("%1: %2, %3").arg(i).arg(above_mm).arg(left_mm)));
        }
        QVERIFY(std::abs(made.nut.after[1]->action12_mm - found.target.strings[1].action12_mm) > 0.05);
        // The bench wants of each string what the plan foretells, not its own target.
        const auto filings = filing_of(found.design, found.target, found.entries, BenchPart::saddle, {});
        QCOMPARE(filings.size(), std::size_t{4});
        for (const Filing& filing : filings)
            QVERIFY(near(filing.wanted_mm, made.saddle.after[filing.string]->action12_mm, 1e-6));
    }
    void amounts_are_the_faults_whatever_the_order() {
        const FoundOff found(0.22, 0.65, 0.1);
        for (const PlanOrder order : {PlanOrder::neck_saddle_nut, PlanOrder::neck_nut_saddle}) {
            const Plan made = found.planned(order);
            QVERIFY(near(made.relief.from->depth_mm - *made.relief.to_mm, 0.1));
            for (std::size_t i = 0; i < 4; ++i) {
                QVERIFY(near(*made.saddle.take_off_mm[i], 0.65) && near(*made.nut.take_off_mm[i], 0.22));
                QCOMPARE(*made.nut.raise_mm[i], 0.0);
            }
            // The same from every string: all of it off the bottom.
            QVERIFY(near(made.saddle.cut.bottom_mm.bass_mm, 0.65) &&
                    near(made.saddle.cut.bottom_mm.treble_mm, 0.65));
            for (const auto& top : made.saddle.cut.top_mm) QVERIFY(near(*top, 0));
            QCOMPARE(made.saddle.cut.pack_mm, 0.0);
            QVERIFY(made.nut.decision.choice == NutChoice::file && made.unread.empty());
        }
    }
    void every_step_moves_what_it_touches() {
        const FoundOff found(0.22, 0.65, 0.0);
        const Plan saddle_first = found.planned();
        const Plan nut_first = found.planned(PlanOrder::neck_nut_saddle);
        for (std::size_t i = 0; i < 4; ++i) {
            const StringReadings& read = found.entries[0].strings[i];
            QVERIFY(near(saddle_first.relief.after[i]->action12_mm, *read.action12_mm)); // the neck stays
            // A lower saddle lowers the gap at fret 1 a little; a lower slot the action by about half of it.
            const double by_saddle = saddle_first.relief.after[i]->open_gap_fret1_mm -
                                     saddle_first.saddle.after[i]->open_gap_fret1_mm;
            QVERIFY(by_saddle > 0.03 && by_saddle < 0.05);
            const double by_nut =
                nut_first.relief.after[i]->action12_mm - nut_first.nut.after[i]->action12_mm;
            QVERIFY(near(by_nut, 0.11, 0.003));
            // With the nut first its gap is right only once the saddle is down.
            QVERIFY(near(nut_first.nut.after[i]->open_gap_fret1_mm - by_saddle,
                         found.target.strings[i].open_gaps_mm[0]));
            QVERIFY(
                near(saddle_first.nut.after[i]->action12_capo_mm, found.target.strings[i].action12_capo_mm));
        }
    }
    void a_straighter_neck_is_said_at_the_readings_own_frets() {
        FoundOff found(0, 0, 0.12);
        // The same neck, read between other frets.
        Design bowed = found.design;
        bowed.neck.relief->depth_mm += 0.12;
        const Neck neck(bowed.neck);
        found.entries[0].relief = Relief{neck.relief_depth_mm(1, 7, 15), 7, 1, 15};
        const Plan made = found.planned();
        QVERIFY(near(*made.relief.to_mm, Neck(found.design.neck).relief_depth_mm(1, 7, 15)));
        for (std::size_t i = 0; i < 4; ++i)
            QVERIFY(near(*made.saddle.take_off_mm[i], 0) && near(*made.nut.take_off_mm[i], 0));
    }
    void what_is_too_low_is_packed_and_shimmed() {
        FoundOff found(-0.13, -0.3, 0.0);
        QVERIFY(found.planned().saddle.left()); // a rule in half millimetres does not tell that
        found.entries[0].gauges.action = "dial";
        const Plan made = found.planned();
        QVERIFY(near(made.saddle.cut.pack_mm, 0.3));
        QVERIFY(made.nut.decision.choice == NutChoice::shim && near(*made.nut.decision.shim_mm, 0.15));
        for (std::size_t i = 0; i < 4; ++i) {
            QVERIFY(near(*made.nut.raise_mm[i], 0.13));
            QVERIFY(near(*made.nut.take_off_mm[i], 0.02)); // after the shim
        }
    }
    void a_string_that_touches_says_at_least() {
        FoundOff found(0, 0, 0);
        found.entries[0].strings[1].open_gap_fret1_mm = 0.0;
        const Plan made = found.planned();
        QVERIFY(made.nut.at_least[1] && !made.nut.at_least[0]);
        QVERIFY(*made.nut.raise_mm[1] > 0.3);
    }
    void later_readings_count_and_corrections_take_their_place() {
        FoundOff found(0.2, 0.5, 0.0);
        ReadingEntry later;
        later.strings.resize(4);
        later.strings[0].open_gap_fret1_mm = found.target.strings[0].open_gaps_mm[0];
        later.strings[0].action12_mm = found.target.strings[0].action12_mm;
        found.entries.push_back(later);
        Plan made = found.planned();
        QVERIFY(near(*made.nut.take_off_mm[0], 0) && near(*made.saddle.take_off_mm[0], 0));
        QVERIFY(near(*made.nut.take_off_mm[1], 0.2));
        // The later entry was a slip: what replaces it stands in its place.
        ReadingEntry correction;
        correction.strings.resize(4);
        correction.replaces = 1;
        correction.strings[0].action12_mm = *found.entries[0].strings[0].action12_mm;
        found.entries.push_back(correction);
        made = found.planned();
        QVERIFY(near(*made.nut.take_off_mm[0], 0.2) && near(*made.saddle.take_off_mm[0], 0.5));
    }
    void times_order_the_entries_when_all_have_one() {
        FoundOff found(0.2, 0.5, 0.0);
        ReadingEntry earlier = FoundOff(0.6, 1.5, 0.0).entries[0];
        earlier.when = "2031-03-01T09:00";
        found.entries[0].when = "2031-03-02T09:00";
        found.entries.push_back(earlier); // written later, taken before
        QVERIFY(near(*found.planned().nut.take_off_mm[2], 0.2));
        found.entries[1].when.clear(); // one without a time: as written
        QVERIFY(near(*found.planned().nut.take_off_mm[2], 0.6));
    }
    void two_screws_share_the_amounts() {
        FoundOff found(0.0, 0.4, 0.0);
        QVERIFY(!found.planned().saddle.screws_mm);
        found.design.saddle.height_by = HeightBy::side_screws;
        found.design.saddle.screws_across_mm = EdgeMargins{-35, 35};
        const Plan made = found.planned();
        QVERIFY(near(made.saddle.screws_mm->bass_mm, 0.4) && near(made.saddle.screws_mm->treble_mm, 0.4));
    }
    void the_bridge_as_found_is_compared() {
        const FoundOff found(0.0, 0.8, 0.0);
        const double now_nm = *found.planned().moment_found_nm;
        double more_nm = 0;
        for (const StringSolution& string : found.target.strings) more_nm += *string.tension_n() * 0.8 / 1000;
        QVERIFY(near(now_nm - found.target.bridge->moment_nm, more_nm, 1e-9));
        FoundOff teal(0.0, 0.8, 0.0);
        teal.design.bridge.reset();
        teal.target = solve(teal.design);
        QVERIFY(!teal.planned().moment_found_nm);
    }
};

QTEST_APPLESS_MAIN(TestPlan)
#include "tst_plan.moc"
