// Whole set-ups at the bench against the hidden instrument, without a line or a window.
#include "common/bench_person.h"

#include <QTest>

using namespace fm;
using namespace fm::test;

class TestBenchRuns : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// Kittiwake as found to as left: one shop, that learns its hand from run to run.
    void kittiwake_ends_where_it_should() {
        const Value document = demo_document("kittiwake");
        Hand hand;
        int strings = 0;
        int within = 0;
        double lowest = 0;
        const unsigned runs = jobs_from_seeds(25, 200);
        for (unsigned seed = 0; seed < runs; ++seed) {
            BenchPerson person(document, {u_mm, 0.2, 1, 0.02}, seed, hand);
            person.sets_up();
            hand = person.hand();
            QCOMPARE(person.overshoots_told(), person.overshoots());
            for (std::size_t i = 0; i < person.strings(); ++i) {
                const double off_mm = person.instrument().true_gap_mm(BenchPart::nut, i) -
                                      person.instrument().target_gap_mm(BenchPart::nut, i);
                ++strings;
                within += std::abs(off_mm) <= 2 * u_mm;
                lowest = std::min(lowest, off_mm);
            }
        }
        qInfo("%d of %d strings within 2u, the lowest %.2f u; hand took %.2f, scatter %.2f", within, strings,
              lowest / u_mm, hand.took, hand.scatter);
        QVERIFY(within >= 0.95 * strings);
        QVERIFY(lowest >= -3 * u_mm);
        QVERIFY(std::abs(hand.took - 1) < 0.1);
        QVERIFY(hand.scatter > 0.1 && hand.scatter < 0.35);
    }

    void every_demo_job_can_be_set_up() {
        for (const char* name : {"curlew", "lantern", "teal", "groundswell"}) {
            const Value document = read_or_with_readings(name);
            for (unsigned seed = 0; seed < jobs_from_seeds(1, 30); ++seed) {
                BenchPerson person(document, {u_mm, 0.2, 1, 0.02}, seed, {10, 1, 0.2});
                person.sets_up();
                for (std::size_t i = 0; i < person.strings(); ++i)
                    QVERIFY2(std::abs(person.instrument().true_gap_mm(BenchPart::nut, i) -
                                      person.instrument().target_gap_mm(BenchPart::nut, i)) < 4 * u_mm,
                             name);
            }
        }
    }

    /// The pass is the plain one for an unknown hand, and less for one that takes too much.
    void a_pass_shrinks_with_what_was_learned() {
        QCOMPARE(pass_of_hand_mm(0.2, 0.015, {}), 0.17);
        const double fair_mm = pass_of_hand_mm(0.2, 0.015, {20, 1, 0.2});
        const double eager_mm = pass_of_hand_mm(0.2, 0.015, {20, 1.5, 0.2});
        QVERIFY(eager_mm < fair_mm && fair_mm < 0.17);
        // took·p + √((2u)² + (3·scatter·p)²) = what is there
        QVERIFY(std::abs(fair_mm + std::hypot(0.03, 0.6 * fair_mm) - 0.2) < 1e-12);
        QVERIFY(std::abs(1.5 * eager_mm + std::hypot(0.03, 0.6 * eager_mm) - 0.2) < 1e-12);
        QCOMPARE(pass_of_hand_mm(0.02, 0.015, {20, 1, 0.2}), 0.0);
        QCOMPARE(pass_of_hand_mm(0.2, 0.015, {20, 0.4, 0.05}), 0.17); // never more than the gauge allows
        // A hand that scatters wildly still gets a pass above nothing.
        QVERIFY(pass_of_hand_mm(0.2, 0.015, {20, 1, 0.9}) > 0);
    }

    void a_hand_is_known_by_its_passes() {
        std::mt19937 random(1);
        std::vector<PassOutcome> passes;
        for (int i = 0; i < 400; ++i)
            passes.push_back({0.2, 0.2 * std::normal_distribution<double>(1.3, 0.15)(random), 0.02});
        const Hand hand = hand_of(passes);
        QCOMPARE(hand.passes, 400);
        QVERIFY(std::abs(hand.took - 1.3) < 0.03);
        QVERIFY(std::abs(hand.scatter - 0.15) < 0.03);
        QCOMPARE(hand_of({{0.01, 0.03, 0.02}}).passes, 0);    // a pass no reading can see
        const Hand later = hand_of(passes, {1000, 0.8, 0.2}); // what is old gives way
        QVERIFY(std::abs(later.took - 1.3) < 0.08);
    }

private:
    /// A demo job; one that was never read stands high at both ends.
    static Value read_or_with_readings(const char* name) {
        Value document = demo_document(name);
        const Job job = job_of(document);
        if (plan(job.design, solve(job.design), job.readings, PlanOrder::neck_saddle_nut)) return document;
        const Solution target = solve(job.design);
        Value::Array strings;
        for (const StringSolution& string : target.strings) {
            Value read = with(Value(Value::Object{}), "open_gap_fret1_mm", string.open_gaps_mm[0] + 0.2);
            strings.push_back(with(read, "action12_mm", string.action12_mm + 0.5));
        }
        return with(document, "readings", Value::Array{with(Value(Value::Object{}), "strings", strings)});
    }

    static constexpr double u_mm = 0.015;
};

QTEST_APPLESS_MAIN(TestBenchRuns)
#include "tst_bench_runs.moc"
