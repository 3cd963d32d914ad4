#include "common/jobs.h"
#include "job/edits/edits.h"

#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

/// Changes of a document that are more than one value.
class TestEdits : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void a_set_goes_on_and_takes_the_old_fit_away() {
        Value job = with(demo_document("kittiwake"), "strings[1].end_stiffness", 0.4);
        job = with(job, "strings[1].maker_note", "kept");
        const Value set = parse_json(R"([{"pitch": "C3", "diameter_mm": 0.9, "wound": true},
            {"pitch": "G3", "diameter_mm": 0.61, "wound": true, "core_mm": 0.3},
            {"pitch_hz": 293.66, "diameter_mm": 0.35}, {"pitch": "A4", "diameter_mm": 0.23}])");
        const Value changed = with_string_set(job, set);
        const Design design = job_of(changed).design;
        QVERIFY(!design.strings[1].end_stiffness && *design.strings[1].core_mm == 0.3);
        QVERIFY(!design.strings[0].core_mm); // what the new set does not say is not the old one's
        QCOMPARE(design.strings[2].pitch_hz, 293.66);
        QCOMPARE(*find(changed, "strings[1].maker_note")->text(), std::string("kept"));
        QCOMPARE(find(job, "strings[1].end_stiffness")->number(), 0.4); // the document itself is not touched
        QVERIFY_EXCEPTION_THROWN((void)with_string_set(job, parse_json("[]")), InputError);
    }
    void a_set_with_courses_brings_them() {
        Value set{Value::Array{}};
        for (int i = 0; i < 10; ++i)
            set.array()->push_back(parse_json(
                "{\"pitch\": \"A3\", \"diameter_mm\": 0.5, \"course\": " + std::to_string(i / 5 + 1) + "}"));
        QCOMPARE(course_starts(job_of(with_string_set(demo_document("curlew"), set)).design.strings).size(),
                 std::size_t(2));
    }
    void courses_are_made_with_a_distance() {
        const Value job = demo_document("lantern");
        const Value paired = with_course(job, 2, 3, true);
        const Design design = job_of(paired).design;
        QCOMPARE(course_starts(design.strings), (std::vector<std::size_t>{0, 1, 2, 4, 5, 6}));
        QVERIFY(design.nut.spacing.course_gap_mm && design.saddle.spacing.course_gap_mm);
        const Value more = with_course(paired, 5, 6, true);
        QVERIFY(find(more, "strings[5].course")->number() != find(more, "strings[3].course")->number());
        const Value single = with_course(more, 2, 6, false);
        QCOMPARE(course_starts(job_of(single).design.strings).size(), std::size_t(7));
        // A distance that is there stays as it is.
        const Value own = with(job, "nut.spacing.course_centres_mm", 2.6);
        const Value kept = with_course(own, 0, 1, true);
        QVERIFY(!find(kept, "nut.spacing.course_gap_mm"));
        QCOMPARE(find(kept, "nut.spacing.course_centres_mm")->number(), 2.6);
    }
    void a_fit_is_written_where_it_belongs() {
        Fit fit;
        fit.end_stiffness = {0.42, 0.05};
        const Value job = demo_document("curlew");
        Value changed = with_fit(job, 3, fit);
        QCOMPARE(find(changed, "strings[3].end_stiffness")->number(), 0.42);
        QVERIFY(!find(changed, "strings[3].stretch_stiffness_n"));
        QVERIFY(!find(changed, "strings[2].end_stiffness"));
        fit.stretch_stiffness_n = Fitted{21000, 300};
        changed = with_fit(job, 3, fit);
        const StringDesign& string = job_of(changed).design.strings[3];
        QCOMPARE(*string.stretch_stiffness_n, 21000.0);
        const Neck neck(job_of(changed).design.neck);
        const Solution solution = solve(job_of(changed).design);
        const TunedString tuned = tuned_string(job_of(changed).design, neck, solution.strings[3].line, 3);
        QVERIFY(tuned.body.end_stiffness == 0.42 && tuned.stretch_stiffness_n == 21000.0);
    }
    void readings_of_one_sitting_stand_together() {
        const Value job = without(demo_document("curlew"), "readings");
        Value changed = with_reading(job, 10, {2, {BenchPart::nut, 0}, 0.5}, "2031-03-04T10:20");
        changed = with_reading(changed, 10, {2, {BenchPart::saddle, 0}, 2.4}, "2031-03-04T10:20");
        QCOMPARE(job_of(changed).readings.size(), std::size_t(1));
        QVERIFY(*job_of(changed).readings[0].strings[2].action12_mm == 2.4);
        // The same number again, or another sitting, is an entry of its own: readings are only added.
        changed = with_reading(changed, 10, {2, {BenchPart::saddle, 0}, 2.3}, "2031-03-04T10:20");
        QCOMPARE(job_of(changed).readings.size(), std::size_t(2));
        changed = with_reading(changed, 10, {3, {BenchPart::nut, 2}, 0.2}, "2031-03-05T09:00");
        const Job read = job_of(changed);
        QCOMPARE(read.readings.size(), std::size_t(3));
        QVERIFY(read.readings[2].strings[3].pressed_fret == 2 &&
                read.readings[0].state == ReadingState::found &&
                read.readings[2].state == ReadingState::during);
    }
};

QTEST_APPLESS_MAIN(TestEdits)
#include "tst_edits.moc"
