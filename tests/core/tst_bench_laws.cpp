// What the bench goes by, from readings made up by hand: which string is next, when one is there, what a pass
// and a turn of the rod taught, what a nut's slots are found as.
#include "common/jobs.h"
#include "core/design/survey.h"
#include "core/found/filing.h"
#include "core/found/nut_verdict.h"
#include "core/found/plan.h"

#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

namespace {

bool near(double a, double b, double tolerance = 1e-9) {
    return std::abs(a - b) <= tolerance * std::max(1.0, std::abs(b));
}

Filing filing_with(double all_mm, FilingState state) {
    Filing filing;
    filing.all_mm = all_mm;
    filing.state = state;
    return filing;
}

/// A job with readings of one string's nut at the bench, written one after the other.
class AtTheBench {
public:
    explicit AtTheBench(const char* name)
        : design_(job_of(demo_document(name)).design), target_(solve(design_)) {
        ReadingEntry found;
        for (const StringSolution& string : target_.strings) {
            StringReadings read;
            read.open_gap_fret1_mm = string.open_gaps_mm[0] + 0.4;
            read.action12_mm = string.action12_mm;
            found.strings.push_back(read);
        }
        entries_.push_back(found);
    }
    /// Reads a string's gap with feelers, after a pass of so much, or none.
    void read(std::size_t string, double gap_mm, double wanted_mm = 0) {
        ReadingEntry entry;
        entry.state = ReadingState::during;
        entry.strings.resize(target_.strings.size());
        entry.strings[string].open_gap_fret1_mm = gap_mm;
        entry.bench = BenchWork{BenchPart::nut, string, wanted_mm, {}, 0, {}};
        entries_.push_back(entry);
    }
    Filing of(std::size_t string) const {
        for (const Filing& one : filing_of(design_, target_, entries_, BenchPart::nut, {}))
            if (one.string == string) return one;
        throw std::runtime_error("no such string");
    }
    std::vector<PassOutcome> passes(std::size_t from = 0) const {
        return pass_outcomes(design_, target_, entries_, BenchPart::nut, from);
    }
    const Design& design() const { return design_; }
    const Solution& target() const { return target_; }

private:
    Design design_;
    Solution target_;
    std::vector<ReadingEntry> entries_;
};

} // namespace

class TestBenchLaws : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void the_next_string_goes_by_the_habit() {
        using enum FilingState;
        const std::vector<Filing> four{filing_with(0.2, to_file), filing_with(0.5, to_file),
                                       filing_with(0.1, to_file), filing_with(0.3, to_file)};
        const auto next = [&](std::optional<std::size_t> left, FilingHabit habit) {
            return next_filing(four, left, habit).value();
        };
        using enum FilingHabit;
        QCOMPARE(next({}, bass_to_treble), std::size_t{0});
        QCOMPARE(next({}, treble_to_bass), std::size_t{3});
        QCOMPARE(next({}, worst_first), std::size_t{1});
        QCOMPARE(next({}, round), std::size_t{0});
        QCOMPARE(next(1, bass_to_treble), std::size_t{2});
        QCOMPARE(next(3, bass_to_treble), std::size_t{0});
        QCOMPARE(next(1, treble_to_bass), std::size_t{0});
        QCOMPARE(next(0, treble_to_bass), std::size_t{3});
        QCOMPARE(next(1, worst_first), std::size_t{3}); // the worst of the others
        QCOMPARE(next(0, worst_first), std::size_t{1});
        const std::vector<Filing> done{filing_with(0.2, there), filing_with(-0.5, too_deep),
                                       filing_with(0.1, left), filing_with(0.0, read_again)};
        QCOMPARE(next_filing(done, {}, bass_to_treble), std::optional<std::size_t>(3));
        QCOMPARE(next_filing({done.begin(), done.end() - 1}, {}, worst_first), std::nullopt);
    }
    /// There: 19 times in 20 no higher than two deviations of the gauge; too deep: lower than two.
    void a_string_is_there_when_readings_say_so() {
        const double u_mm = 0.015; // feelers
        const AtTheBench start("curlew");
        const double wanted_mm = start.of(2).wanted_mm;
        for (const auto& [above, times, state] :
             {std::tuple{2 * u_mm - 1.645 * u_mm - 1e-4, 1, FilingState::there},
              std::tuple{2 * u_mm - 1.645 * u_mm + 1e-3, 1, FilingState::read_again},
              std::tuple{2 * u_mm - 1.645 * u_mm / 2 - 1e-4, 4, FilingState::there},
              std::tuple{2 * u_mm - 1.645 * u_mm / 2 + 1e-3, 4, FilingState::read_again},
              std::tuple{0.035, 4, FilingState::to_file}, std::tuple{-2 * u_mm + 1e-4, 1, FilingState::there},
              std::tuple{-2 * u_mm - 1e-4, 1, FilingState::too_deep}}) {
            AtTheBench bench("curlew");
            for (int k = 0; k < times; ++k) bench.read(2, wanted_mm + above, k == 0 ? 0.1 : 0.0);
            const Filing filing = bench.of(2);
            QCOMPARE(static_cast<int>(filing.state), static_cast<int>(state));
            QVERIFY(near(filing.u_mm, u_mm / std::sqrt(static_cast<double>(times))));
            QVERIFY(near(filing.gauge_u_mm, u_mm) && near(*filing.now_mm, wanted_mm + above));
            QCOMPARE(filing.readings, times);
            if (filing.state != FilingState::to_file) continue;
            QVERIFY(near(filing.pass_mm * filing.per_part_mm, above - 2 * filing.u_mm));
            QVERIFY(near(filing.stop_mm(), wanted_mm + 2 * filing.u_mm));
        }
    }
    /// Each pass with what came off by the readings about it; one that hardly moved was a second reading.
    void a_pass_is_told_from_a_second_reading() {
        AtTheBench bench("curlew");
        const double wanted_mm = bench.of(2).wanted_mm;
        const double per = bench.of(2).per_part_mm;
        bench.read(2, wanted_mm + 0.40);
        bench.read(2, wanted_mm + 0.40);
        bench.read(2, wanted_mm + 0.20, 0.25 / per);
        const auto after_one = bench.passes();
        QCOMPARE(after_one.size(), std::size_t{1});
        QVERIFY(near(after_one[0].wanted_mm, 0.25 / per) && near(after_one[0].came_mm, 0.20 / per));
        QVERIFY(near(after_one[0].u_mm, std::hypot(0.015 / std::sqrt(2.0), 0.015) / per));
        bench.read(2, wanted_mm + 0.19, 0.15 / per); // 0.01 for 0.15: read before the file was taken up
        QCOMPARE(bench.passes().size(), std::size_t{1});
        QCOMPARE(bench.of(2).readings, 2);
        bench.read(2, wanted_mm + 0.05, 0.15 / per);
        QCOMPARE(bench.passes().size(), std::size_t{2});
        QCOMPARE(bench.passes(5).size(), std::size_t{1}); // the first was before that entry
        QCOMPARE(bench.passes(6).size(), std::size_t{0});
    }
    /// The least squares of what turns did; nothing that is less than two deviations of what was read.
    void turns_teach_what_the_rod_does() {
        const Design design = job_of(demo_document("kittiwake")).design;
        const Relief at = *design.neck.relief;
        const auto entries = [&](const std::vector<std::pair<double, int>>& read) {
            std::vector<ReadingEntry> list;
            for (const auto& [depth_mm, turned] : read) {
                ReadingEntry entry;
                entry.relief = at;
                entry.relief->depth_mm = depth_mm;
                entry.bench = BenchWork{BenchPart::relief, {}, 0, {}, turned, {}};
                list.push_back(entry);
            }
            return ReadingLog(list);
        };
        const ReadingLog two = entries({{0.40, 0}, {0.30, 1}, {0.16, 2}});
        QVERIFY(near(*relief_per_eighth_mm(design, two), (0.10 * 1 + 0.14 * 2) / 5, 1e-6));
        QCOMPARE(rod_turn_eighths(design, two, 0.076), std::optional(1));
        QCOMPARE(rod_turn_eighths(design, two, 0.5), std::optional(2));   // a quarter at most
        QCOMPARE(rod_turn_eighths(design, two, -0.5), std::optional(-2)); // the other way
        const ReadingLog slack = entries({{0.20, 0}, {0.30, -1}});
        QVERIFY(near(*relief_per_eighth_mm(design, slack), 0.10, 1e-6));
        // Two feeler readings scatter by 0.015·√2 together: twice that is 0.0424.
        QVERIFY(!relief_per_eighth_mm(design, entries({{0.20, 0}, {0.16, 1}})));
        QVERIFY(relief_per_eighth_mm(design, entries({{0.20, 0}, {0.155, 1}})));
        QVERIFY(!relief_per_eighth_mm(design, entries({{0.20, 0}, {0.30, 1}}))); // the wrong way
        QVERIFY(!relief_per_eighth_mm(design, entries({{0.20, 0}, {0.10, 0}})));
    }
    /// Two posts lower a saddle as a straight line between them: the outer strings by their share of it.
    void two_posts_lower_the_outer_strings_by_their_share() {
        Design design = job_of(demo_document("curlew")).design;
        design.saddle.height_by = HeightBy::posts;
        design.saddle.screws_across_mm = EdgeMargins{-37, 37};
        const Solution target = solve(design);
        ReadingEntry found;
        const double last = static_cast<double>(target.strings.size() - 1);
        for (std::size_t i = 0; i < target.strings.size(); ++i) {
            StringReadings read;
            read.open_gap_fret1_mm = target.strings[i].open_gaps_mm[0];
            read.action12_mm = target.strings[i].action12_mm + 0.6 - 0.4 * static_cast<double>(i) / last;
            found.strings.push_back(read);
        }
        const auto now = plan(design, target, {found}, PlanOrder::neck_saddle_nut);
        const EdgeMargins posts = *now->saddle.screws_mm;
        const auto whole = whole_first(design, target, {found}, BenchPart::saddle);
        QVERIFY(whole && whole->bass_mm > whole->treble_mm + 0.5 && posts.bass_mm > whole->bass_mm + 0.1);
        for (const auto& [at_mm, off_mm] :
             {std::pair{target.strings.front().line.saddle_y_mm, whole->bass_mm},
              {target.strings.back().line.saddle_y_mm, whole->treble_mm}})
            QVERIFY(near(off_mm, (posts.bass_mm * (37 - at_mm) + posts.treble_mm * (37 + at_mm)) / 74));
        design.saddle.screws_across_mm.reset(); // then they stand under the outer strings
        const auto under = whole_first(design, target, {found}, BenchPart::saddle);
        QVERIFY(near(under->bass_mm, whole->bass_mm, 1e-3) && near(under->treble_mm, whole->treble_mm, 1e-3));
    }
    void a_slot_is_found_as_it_was_seen() {
        const Design design = job_of(demo_document("curlew")).design;
        const Solution target = solve(design);
        std::vector<KnownString> known(target.strings.size());
        std::vector<std::optional<double>> nut_mm(target.strings.size(), 0.1);
        nut_mm[1] = -0.3;
        nut_mm[5].reset();
        known[2].slot = {SlotFound::filled};
        known[3].slot = {SlotFound::wiggles};
        known[4].slot_width_mm = target.strings[4].slot.width_mm + 0.1; // just not too wide
        known[6].slot_width_mm = target.strings[6].slot.width_mm + 0.11;
        const auto found = slot_findings(target, known, nut_mm);
        QCOMPARE(found.size(), target.strings.size() - 1); // that of the fifth is not known
        for (const SlotFinding& slot : found) {
            QVERIFY(near(slot.lower_mm, slot.string == 1 ? 0.0 : 0.1));
            QVERIFY(near(slot.raise_mm, slot.string == 1 ? 0.3 : 0.0));
            QCOMPARE(slot.filled, slot.string == 2);
            QCOMPARE(slot.wiggles, slot.string == 3);
            QCOMPARE(slot.too_wide, slot.string == 2 || slot.string == 3 || slot.string == 6);
        }
    }
    void shims_are_stacked_as_near_as_they_come() {
        QVERIFY(near(shim_of_raise_mm(0.11, 0.05), 0.15));
        QVERIFY(near(shim_of_raise_mm(0.10, 0.05), 0.10));
        QVERIFY(near(shim_of_raise_mm(0.104, 0.05), 0.10)); // so little over a step is the step
        QVERIFY(near(shim_of_raise_mm(0.106, 0.05), 0.15));
        const std::vector<double> owned{0.1, 0.2, 0.5};
        QCOMPARE(shim_stack(owned, 0.30, 0.05)->shims_mm, (std::vector<double>{0.1, 0.2}));
        QCOMPARE(shim_stack(owned, 0.79, 0.05)->shims_mm, (std::vector<double>{0.1, 0.2, 0.5}));
        QCOMPARE(shim_stack(owned, 0.21, 0.05)->shims_mm, (std::vector<double>{0.2}));
        QVERIFY(!shim_stack({0.5}, 0.3, 0.05)); // more than a step over
        QCOMPARE(shim_stack({0.3, 0.1, 0.2}, 0.3, 0.05)->shims_mm.size(), std::size_t{1}); // fewer
    }
    /// What can harm first, then what must be mended, then what is only known.
    void what_was_found_is_told_in_its_order() {
        std::vector<SurveyFinding> findings(survey_points().size());
        QVERIFY(survey_doubts(findings).empty() && !unsafe_finding(findings));
        for (SurveyFinding& each : findings) each.mark = SurveyMark::found;
        const auto doubts = survey_doubts(findings);
        QCOMPARE(doubts.size(), findings.size());
        QCOMPARE(unsafe_finding(findings), std::optional<std::size_t>(0));
        int weight = static_cast<int>(SurveyWeight::unsafe);
        for (const Message& doubt : doubts)
            for (const SurveyPoint& point : survey_points()) {
                if (doubt.where != "survey." + std::string(point.word)) continue;
                QVERIFY(static_cast<int>(point.weight) <= weight);
                weight = static_cast<int>(point.weight);
                QVERIFY((doubt.severity == Severity::note) == (point.weight == SurveyWeight::known));
            }
        findings[0].mark = SurveyMark::fine;
        QCOMPARE(survey_doubts(findings).size(), findings.size() - 1);
        QCOMPARE(found_words(findings).size(), findings.size() - 1);
        QCOMPARE(looked_at(findings), static_cast<int>(findings.size()));
        findings[1].mark.reset();
        QCOMPARE(looked_at(findings), static_cast<int>(findings.size()) - 1);
    }
};

QTEST_APPLESS_MAIN(TestBenchLaws)
#include "tst_bench_laws.moc"
