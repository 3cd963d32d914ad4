#include "common/jobs.h"
#include "core/found/reading_doubts.h"
#include "core/found/sense.h"
#include "core/words/length.h"

#include <QtTest>

using namespace fm;
using namespace fm::test;

/// Leaves alone, and numbers that can hardly be what was read.
class TestLeaves : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// Nothing is worked out from a bound; it is set against what is wanted, and against the number before
    /// it.
    void a_bound_is_compared_and_never_planned_by() {
        const Job job = job_of(demo_document("kittiwake"));
        const Solution target = solve(job.design);
        const double wanted_mm = nut_way(job.design).of(target.strings[1]);
        const auto said = [&](std::optional<double> number_mm, std::optional<double> above_mm,
                              std::optional<double> below_mm) {
            std::vector<ReadingEntry> entries(2);
            for (ReadingEntry& entry : entries) entry.strings.resize(job.design.strings.size());
            if (number_mm) entries[0].strings[1].open_gap_fret1_mm = number_mm;
            entries[0].strings[1].action12_mm = 2.5;
            entries[1].strings[1].bounds = {{"open_gap_fret1_mm", above_mm, below_mm}};
            const auto known = known_heights(job.design, target, entries);
            if (number_mm.has_value() != known[1].complete()) return std::string("planned by");
            for (const Message& doubt : reading_doubts(job.design, target, entries))
                if (doubt.id.starts_with("reading_bound")) return doubt.id;
            return std::string();
        };
        const auto none = std::optional<double>();
        QCOMPARE(said(none, wanted_mm + 0.1, none), std::string("reading_bound_high"));
        QCOMPARE(said(none, none, wanted_mm - 0.1), std::string("reading_bound_low"));
        QCOMPARE(said(none, wanted_mm - 0.1, none), std::string("reading_bound_open"));
        QCOMPARE(said(none, none, wanted_mm + 0.1), std::string("reading_bound_open"));
        QCOMPARE(said(0.40, 0.50, none), std::string("reading_bound_differs"));
        QCOMPARE(said(0.40, none, 0.30), std::string("reading_bound_differs"));
        QVERIFY(said(0.40, 0.35, none) != std::string("reading_bound_differs"));
    }

    /// A number read since does away with the leaf before it.
    void a_number_replaces_the_leaf_before_it() {
        const Job job = job_of(demo_document("kittiwake"));
        const Solution target = solve(job.design);
        std::vector<ReadingEntry> entries(2);
        for (ReadingEntry& entry : entries) entry.strings.resize(job.design.strings.size());
        entries[0].strings[0].bounds = {{"action12_mm", 2.0, std::nullopt}};
        QVERIFY(known_heights(job.design, target, entries)[0].action_bound);
        QCOMPARE(as_found_readings(entries, 4).strings[0].bounds.size(), std::size_t(1));
        entries[1].strings[0].action12_mm = 2.2;
        QVERIFY(!known_heights(job.design, target, entries)[0].action_bound);
        QVERIFY(as_found_readings(entries, 4).strings[0].bounds.empty());
    }

    void what_is_usual_is_not_asked_about_data() {
        QTest::addColumn<int>("thing");
        QTest::addColumn<QString>("text");
        QTest::addColumn<int>("unit");
        QTest::addColumn<bool>("sensible");
        QTest::addColumn<QString>("meant"); // mm, or none
        const auto row = [](ReadThing thing, const char* text, Unit unit, bool sensible, const char* meant) {
            QTest::newRow(text) << static_cast<int>(thing) << QString::fromLatin1(text)
                                << static_cast<int>(unit) << sensible << QString::fromLatin1(meant);
        };
        row(ReadThing::gap_fret1, "0.45", Unit::mm, true, "");
        row(ReadThing::gap_fret1, "7/64", Unit::mm, false, "0.18"); // 7 thou
        row(ReadThing::gap_fret1, "18", Unit::mm, false, "0.46");   // thou typed in a job of mm
        row(ReadThing::gap_fret1, "0.5", Unit::in, false, "0.50");  // mm typed in a job of inches
        row(ReadThing::action12, "6/64", Unit::thou, true, "");
        row(ReadThing::action12, "16/64", Unit::mm, false, "1.59"); // a sixteenth
        row(ReadThing::action12, "2.4", Unit::thou, false, "2.40"); // mm typed in a job of thou
        row(ReadThing::action12, "95", Unit::mm, false, "2.41");    // thou
        row(ReadThing::slot_width, "0.109", Unit::in, false, "");
        row(ReadThing::relief, "0.2", Unit::mm, true, "");
        row(ReadThing::relief, "8", Unit::mm, false, "0.20");
        row(ReadThing::crown, "340", Unit::mm, false, "");
    }
    void what_is_usual_is_not_asked_about() {
        QFETCH(int, thing);
        QFETCH(QString, text);
        QFETCH(int, unit);
        QFETCH(bool, sensible);
        QFETCH(QString, meant);
        const Job job = job_of(demo_document("kittiwake"));
        const SensibleRange range = sensible_range(job.design, static_cast<ReadThing>(thing), 3);
        const double mm = parse_length(text.toStdString(), {static_cast<Unit>(unit), false}).length->mm;
        QCOMPARE(range.holds(mm), sensible);
        if (sensible) return;
        const auto instead = meant_instead(text.toStdString(), mm, range);
        QCOMPARE(instead ? QString::number(instead->mm, 'f', 2) : QString(), meant);
    }

    /// What the shipped jobs hold is never asked about.
    void the_demo_workshop_is_usual() {
        for (const char* name : {"kittiwake", "curlew", "lantern"}) {
            const Job job = job_of(demo_document(name));
            for (const ReadingEntry& entry : job.readings)
                for (std::size_t i = 0; i < entry.strings.size(); ++i) {
                    const StringReadings& read = entry.strings[i];
                    const auto usual = [&](ReadThing thing, std::optional<double> mm) {
                        return !mm || sensible_range(job.design, thing, i).holds(*mm);
                    };
                    QVERIFY(usual(ReadThing::gap_fret1, read.open_gap_fret1_mm));
                    QVERIFY(usual(ReadThing::action12, read.action12_mm));
                    QVERIFY(usual(ReadThing::slot_width, read.slot_width_mm));
                    QVERIFY(usual(ReadThing::crown, read.crown_found_mm));
                }
        }
    }
};

QTEST_APPLESS_MAIN(TestLeaves)
#include "tst_leaves.moc"
