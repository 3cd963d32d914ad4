// Whole set-ups at the bench against the hidden instrument, without a line or a window.
#include "common/bench_person.h"

#include <QTest>

using namespace fm;
using namespace fm::test;

class TestBenchRuns : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void kittiwake_ends_where_it_should();
};

void TestBenchRuns::kittiwake_ends_where_it_should() {
    const Value document = demo_document("kittiwake");
    const double u_mm = 0.015;
    Hand hand;
    int strings = 0, within = 0, below = 0, readings = 0, overshoots = 0;
    const unsigned runs = 200;
    double worst = 0;
    for (unsigned seed = 0; seed < runs; ++seed) {
        BenchPerson person(document, {u_mm, 0.2, 1, 0.02}, seed, hand);
        person.sets_up();
        hand = person.hand();
        readings += person.readings();
        overshoots += person.overshoots();
        for (std::size_t i = 0; i < person.strings(); ++i) {
            const double off = person.instrument().true_gap_mm(BenchPart::nut, i) -
                               person.instrument().target_gap_mm(BenchPart::nut, i);
            ++strings;
            within += std::abs(off) <= 2 * u_mm;
            below += off < -3 * u_mm;
            worst = std::min(worst, off / u_mm);
        }
    }
    qInfo("within %.1f %%, below %d, worst %.2f u, %.1f readings a run, %d overshoots, hand %d %.2f %.2f",
          100.0 * within / strings, below, worst, double(readings) / runs, overshoots, hand.passes, hand.took, hand.scatter);
    QVERIFY(within >= 0.95 * strings);
    QCOMPARE(below, 0);
}

QTEST_APPLESS_MAIN(TestBenchRuns)
#include "tst_bench_runs.moc"
