#include "core/found/visits.h"

#include "common/jobs.h"
#include "core/found/reading_way.h"
#include "core/string/neck.h"

#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

/// An instrument over time.
class TestVisits : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void a_day_is_a_visit() {
        const auto visits = visits_of(design(), four_visits());
        QCOMPARE(visits.size(), std::size_t(4));
        QCOMPARE(visits[0].day, std::string("2031-02-03"));
        QCOMPARE(visits[0].relief_mm.first, std::optional(0.30));
        QCOMPARE(visits[0].relief_mm.last, std::optional(0.18));
        QCOMPARE(visits[0].turned_eighths, 2);
        QVERIFY(visits[0].worked && !visits[1].worked);
        QCOMPARE(visits[1].humidity_pct, std::optional(62.0));
        QCOMPARE(visits[3].action_mm[0].first, std::optional(2.6));
    }

    /// From what was read last to what was read first the next time: what was done is not the season's.
    void what_it_did_alone() {
        const auto aways = aways_of(visits_of(design(), four_visits()));
        QCOMPARE(aways.size(), std::size_t(3));
        QVERIFY(near(aways[0].relief_mm, 0.30 - 0.18) && near(aways[0].humidity_pct, 62 - 38));
        QVERIFY(near(aways[0].action_mm, 0.4) && aways[0].strings == 4);
        QVERIFY(aways[0].relief_moved && aways[0].action_moved);
        QCOMPARE(aways[0].days, 150);
        QVERIFY(near(aways[1].relief_mm, 0.01) && !aways[1].relief_moved); // within the gauge
        QVERIFY(!aways[2].humidity_pct);                                   // not read that day
    }

    /// A relief read at other frets is told at the newest ones: the same neck, not another.
    void reliefs_are_told_at_the_same_frets() {
        ReadingLog log{entry("2031-02-03T10:00", 0.2), entry("2031-07-03T10:00", 0.2)};
        std::vector<ReadingEntry> entries = log.written();
        entries[0].relief = Relief{0.2, 7, 1, 14};
        NeckDesign bent = design().neck;
        bent.relief = entries[0].relief;
        const auto visits = visits_of(design(), entries);
        QVERIFY(near(visits[0].relief_mm.first, Neck(bent).relief_depth_mm(1, 6, 12)));
    }

    void what_has_no_day_is_left_out() {
        std::vector<ReadingEntry> entries{entry("", 0.2), entry("tomorrow!!", 0.2), entry("2031-13-40", 0.2)};
        QVERIFY(visits_of(design(), entries).empty());
        QVERIFY(aways_of({}).empty());
    }

    /// A correction stands in the place of what it corrects.
    void a_correction_counts_in_its_place() {
        std::vector<ReadingEntry> entries{entry("2031-02-03T10:00", 0.9), entry("2031-02-03T10:00", 0.2)};
        entries[1].replaces = 0;
        const auto visits = visits_of(design(), entries);
        QCOMPARE(visits.size(), std::size_t(1));
        QCOMPARE(visits[0].relief_mm.first, std::optional(0.2));
    }

private:
    static Design design() { return job_of(demo_document("kittiwake")).design; }
    static bool near(const std::optional<double>& value, double wanted) {
        return value && std::abs(*value - wanted) < 1e-9;
    }
    static ReadingEntry entry(const char* when, double relief_mm, std::optional<double> action_mm = {}) {
        ReadingEntry made;
        made.when = when;
        made.relief = Relief{relief_mm, 6, 1, 12};
        if (action_mm) {
            made.strings.resize(4);
            for (std::size_t i = 0; i < 4; ++i) made.strings[i].action12_mm = *action_mm;
        }
        return made;
    }
    static std::vector<ReadingEntry> four_visits() {
        std::vector<ReadingEntry> all{
            entry("2031-02-03T10:00", 0.30, 2.9), entry("2031-02-03T11:00", 0.18, 2.2),
            entry("2031-07-03T10:00", 0.30, 2.6), entry("2031-09-03T10:00", 0.31, 2.6),
            entry("2032-01-10T10:00", 0.20, 2.6)};
        all[0].humidity_pct = 38;
        all[1].bench = BenchWork{BenchPart::relief, {}, 0, {}, 2, {}};
        all[2].humidity_pct = 62;
        all[3].humidity_pct = 60;
        return all;
    }
};

QTEST_MAIN(TestVisits)
#include "tst_visits.moc"
