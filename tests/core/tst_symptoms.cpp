#include "common/complaints.h"

#include <QTest>

#include <map>

using namespace fm;
using namespace fm::test;

/// From complaints with known causes back to the causes.
class TestSymptoms : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void the_right_cause_comes_first() {
        struct Count {
            int all = 0;
            int first = 0;
            int second = 0;
        };
        std::map<std::string, Count> counts;
        Count sum;
        const unsigned seeds = jobs_from_seeds(12, 60);
        for (const char* name : {"kittiwake", "curlew", "groundswell"}) {
            const Design design = job_of(demo_document(name)).design;
            for (unsigned seed = 0; seed < seeds; ++seed)
                for (int kind = 0; kind < ComplaintMaker::kinds; ++kind) {
                    // Not every amount is heard: a few are drawn.
                    std::optional<ComplaintMaker> maker;
                    std::optional<Complaint> made;
                    for (unsigned draw = 0; draw < 20 && !made; ++draw) {
                        maker.emplace(design, (seed * 100 + static_cast<unsigned>(kind)) * 20 + draw);
                        made = maker->make(kind);
                    }
                    if (!made) continue;
                    const Diagnosis found =
                        diagnosis(maker->design(), maker->target(), made->entries, made->heard);
                    Count& count = counts[made->kind];
                    const bool first = found.causes[0].id == made->causes[0];
                    const bool second = found.causes.size() > 1 && found.causes[1].id == made->causes[0];
                    for (Count* each : {&count, &sum}) {
                        ++each->all;
                        each->first += first;
                        each->second += first || second;
                    }
                }
        }
        for (const auto& [kind, count] : counts) {
            qInfo("%-28s %4d  first %5.1f %%  among two %5.1f %%", kind.c_str(), count.all,
                  100.0 * count.first / count.all, 100.0 * count.second / count.all);
        }
        qInfo("%-28s %4d  first %5.1f %%  among two %5.1f %%", "all", sum.all, 100.0 * sum.first / sum.all,
              100.0 * sum.second / sum.all);
        QCOMPARE(counts.size(), std::size_t{ComplaintMaker::kinds});
        QVERIFY(sum.first >= 0.9 * sum.all);
        QVERIFY(sum.second >= 0.98 * sum.all);
    }
};

QTEST_APPLESS_MAIN(TestSymptoms)
#include "tst_symptoms.moc"
