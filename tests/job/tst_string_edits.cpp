#include "common/jobs.h"
#include "core/solution/check.h"
#include "job/edits/string_edits.h"

#include <QTest>

using namespace fm;
using namespace fm::test;

/// A string comes with everything the job says of it, and goes with it.
class TestStringEdits : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void added_and_taken_out_again_is_the_same_job() {
        int seen = 0;
        for (unsigned seed = 1; seed <= 400; ++seed) {
            const Value document = RandomJob(seed).document_with_readings();
            const Job before = job_of(document);
            const std::size_t count = before.design.strings.size();
            if (count >= most_strings) continue;
            const std::size_t chosen = seed % count;
            const Value more = with_string_added(document, chosen);
            const JobResult read = read_job(more);
            // Strings crowd where the outer ones stay: places may then not be allowed, the lists always are.
            if (!read.job) {
                for (const Message& problem : read.problems) QVERIFY(problem.id != "wrong_count");
            } else {
                ++seen;
                QCOMPARE(read.job->design.strings.size(), count + 1);
                QCOMPARE(read.job->design.strings[chosen + 1].pitch_hz,
                         before.design.strings[chosen].pitch_hz);
                QCOMPARE(read.job->readings.size(), before.readings.size());
            }
            QVERIFY(with_string_removed(more, chosen + 1) == document);
        }
        QVERIFY(seen > 200);
    }
    void what_is_read_stays_with_its_string() {
        const Value document = demo_document("kittiwake");
        const Job job = job_of(with_string_removed(document, 1));
        QCOMPARE(job.design.strings.size(), std::size_t(3));
        QCOMPARE(*job.readings[0].strings[1].open_gap_fret1_mm, 0.21);
        QCOMPARE(job.design.nut.posts.size(), std::size_t(3));
        const Job more = job_of(with_string_added(document, 1));
        QVERIFY(!more.readings[0].strings[2].has_nut());
        QCOMPARE(*more.readings[0].strings[3].open_gap_fret1_mm, 0.21);
    }
    void uncertainties_follow_their_strings() {
        Value document = demo_document("kittiwake");
        Value::Object stated{{"neck.fret_height_mm", "dial"},
                             {"strings[0].core_mm", 0.004},
                             {"strings[2].diameter_mm", "caliper"}};
        document = with(document, "uncertainty", stated);
        const Value more = with_string_added(document, 0);
        QVERIFY(find(more, "uncertainty")->member("strings[3].diameter_mm"));
        QVERIFY(find(more, "uncertainty")->member("strings[0].core_mm"));
        QVERIFY(find(more, "uncertainty")->member("neck.fret_height_mm"));
        const Value fewer = with_string_removed(document, 0);
        QVERIFY(!find(fewer, "uncertainty")->member("strings[0].core_mm"));
        QVERIFY(find(fewer, "uncertainty")->member("strings[1].diameter_mm"));
    }
    /// What was filed, heard, assumed and printed of a string goes where it goes, and the job can always be
    /// read again.
    void work_follows_its_string() {
        Value document = with(demo_document("kittiwake"), "readings", parse_json(R"([
            {"when": "2031-03-04T09:00", "strings": [{}, {}, {"open_gap_fret1_mm": 0.7}, {}],
             "bench": {"part": "nut", "string": 2, "wanted_mm": 0.2}},
            {"when": "2031-03-04T09:05", "strings": [{}, {"open_gap_fret1_mm": 0.6}, {}, {}],
             "bench": {"part": "nut", "string": 1, "wanted_mm": 0.1}}])"));
        document = with(document, "record", parse_json(R"([
            {"kind": "complaint", "when": "2031-03-04T08:00", "symptom": "note_buzz",
             "places": [{"string": 1, "fret": 3}, {"string": 2, "fret": 4}]}])"));
        document =
            with(document, "assumed", parse_json(R"(["strings[2].diameter_mm", "neck.fret_height_mm"])"));
        document = with(document, "sheets", parse_json(R"([
            {"when": "2031-03-04T08:30", "revision": 1, "paper": "a4", "parts": ["card"],
             "figures": {"card.strings[2].gap1": 0.5, "card.strings[1].gap1": 0.4}}])"));
        QVERIFY(read_job(document).job);
        const Value fewer = with_string_removed(document, 1);
        const Job job = job_of(fewer); // it is read, whatever was taken out
        QVERIFY(job.readings[0].bench && *job.readings[0].bench->string == 1);
        QVERIFY(!job.readings[1].bench); // its string is gone
        QCOMPARE(find(fewer, "record[0].places")->array()->size(), std::size_t(1));
        QCOMPARE(find(fewer, "record[0].places[0].string")->number(), 1.0);
        QCOMPARE(find(fewer, "record[0].places[0].fret")->number(), 4.0);
        QCOMPARE(*find(fewer, "assumed[0]")->text(), std::string("strings[1].diameter_mm"));
        QCOMPARE(find(fewer, "sheets[0].figures")->member("card.strings[1].gap1")->number(), 0.5);
        QVERIFY(!find(fewer, "sheets[0].figures")->member("card.strings[2].gap1"));
        // Taken out until one is left, and added in front of all: still a job.
        Value less = document;
        for (int i = 0; i < 3; ++i) {
            less = with_string_removed(less, 0);
            QVERIFY(read_job(less).job);
        }
        const Job more = job_of(with_string_added(document, 0));
        QCOMPARE(*more.readings[0].bench->string, std::size_t(3));
        QCOMPARE(*more.readings[1].bench->string, std::size_t(2));
    }
    void the_last_string_stays() {
        Value one = demo_document("kittiwake");
        for (int i = 0; i < 3; ++i) one = with_string_removed(one, 0);
        QCOMPARE(job_of(one).design.strings.size(), std::size_t(1));
        QVERIFY(with_string_removed(one, 0) == one);
    }
};

QTEST_APPLESS_MAIN(TestStringEdits)
#include "tst_string_edits.moc"
