#include "common/jobs.h"
#include "core/design/inputs.h"
#include "job/edits/survey_edits.h"

#include <QTest>

using namespace fm;
using namespace fm::test;

namespace {

FoundReading gap_of(int string, double mm, const char* gauge = "feeler") {
    return {{{"strings[" + std::to_string(string) + "].open_gap_fret1_mm", mm}}, "nut", gauge};
}

const SurveyPoint& point(std::string_view word) {
    for (const SurveyPoint& each : survey_points())
        if (each.word == word) return each;
    throw std::runtime_error("no such point");
}

} // namespace

/// The survey in the document: what was seen, what was read, nothing rewritten.
class TestSurveyEdits : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void a_point_says_what_it_was_told_and_nothing_more() {
        const Value job = demo_document("curlew");
        const Value marked = with_survey_mark(job, point("neck_twisted"), SurveyMark::found);
        const Value noted = with_survey_text(marked, point("neck_twisted"), "note", "to the treble");
        const auto survey = job_of(noted).survey;
        QCOMPARE(survey.size(), survey_points().size());
        QCOMPARE(looked_at(survey), 1);
        QCOMPARE(survey_doubts(survey).front().where, std::string("survey.neck_twisted"));
        const Value unmarked = with_survey_mark(noted, point("neck_twisted"), std::nullopt);
        QCOMPARE(looked_at(job_of(unmarked).survey), 0);
        QVERIFY(find(unmarked, "survey.neck_twisted.note")); // the note stays
        QVERIFY(with_survey_text(unmarked, point("neck_twisted"), "note", "") ==
                job); // nothing left: nothing there
    }

    void the_gravest_comes_first() {
        Value job = demo_document("curlew");
        for (const char* word : {"fret_ends", "neck_twisted", "rod_stuck"})
            job = with_survey_mark(job, point(word), SurveyMark::found);
        job = with_survey_mark(job, point("brace_loose"), SurveyMark::fine);
        const auto survey = job_of(job).survey;
        const auto doubts = survey_doubts(survey);
        QCOMPARE(doubts.size(), std::size_t(3));
        QCOMPARE(doubts[0].id, std::string("survey.found.rod_stuck"));
        QCOMPARE(doubts[2].severity, Severity::note);
        QCOMPARE(survey_points()[*unsafe_finding(survey)].word, std::string_view("rod_stuck"));
        for (const SurveyPoint& each : survey_points())
            for (const std::string& id : {each.name_id(), each.look_id(), each.found_id()})
                QVERIFY2(!english_template(id).empty(), id.c_str());
    }

    void bad_marks_and_pictures_are_named() {
        const Value job = demo_document("curlew");
        for (const auto& [key, value, id] :
             {std::tuple{"survey.rod_stuck.state", Value("maybe"), "not_one_of"},
              std::tuple{"survey.rod_stuck.photo", Value("../away.png"), "not_a_plain_name"},
              std::tuple{"survey.rod_stuck.note", Value(3), "not_a_text"},
              std::tuple{"survey.rod_stuck", Value("yes"), "not_an_object"}}) {
            const JobResult result = read_job(with(job, key, value));
            QVERIFY(!result.job);
            QCOMPARE(result.problems.front().id, std::string(id));
            QCOMPARE(result.problems.front().where, std::string(key));
        }
        const JobResult gauge = read_job(with(job, "readings[0].gauges.nut", "thumb"));
        QVERIFY(!gauge.job && gauge.problems.front().where == "readings[0].gauges.nut");
        const JobResult wet = read_job(with(job, "readings[0].humidity_pct", 130));
        QVERIFY(!wet.job && wet.problems.front().where == "readings[0].humidity_pct");
    }

    void readings_of_a_sitting_stand_together() {
        Value job = without(demo_document("curlew"), "readings");
        for (int i = 0; i < 10; ++i)
            job = with_found_reading(job, 10, gap_of(i, 0.4 + 0.01 * i), "2026-05-01T10:00");
        job = with_found_reading(job, 10, {{{"humidity_pct", 47.0}}, "", ""}, "2026-05-01T10:00");
        const auto readings = job_of(job).readings;
        QCOMPARE(readings.size(), std::size_t(1));
        QCOMPARE(*readings[0].humidity_pct, 47.0);
        QCOMPARE(readings[0].gauges.nut, std::string("feeler"));
        QCOMPARE(*as_found_readings(readings, 10).strings[9].open_gap_fret1_mm, 0.49);
        // Another day, another entry; the newest counts, what it does not say is the older one's.
        const Value later = with_found_reading(job, 10, gap_of(3, 0.6), "2026-06-01T10:00");
        QCOMPARE(job_of(later).readings.size(), std::size_t(2));
        const ReadingEntry found = as_found_readings(job_of(later).readings, 10);
        QCOMPARE(*found.strings[3].open_gap_fret1_mm, 0.6);
        QCOMPARE(*found.strings[4].open_gap_fret1_mm, 0.44);
    }

    void what_was_read_is_never_rewritten() {
        std::mt19937 random(7);
        const auto below = [&](std::size_t most) { return static_cast<int>(random() % most); };
        Value job = without(demo_document("kittiwake"), "readings");
        std::vector<std::optional<double>> newest(4);
        for (int i = 0; i < 300; ++i) {
            const int string = below(4);
            const double mm = 0.001 * (100 + below(900));
            const std::string when = "2026-0" + std::to_string(1 + i / 40) + "-01T10:00";
            const Value before = job;
            job = with_found_reading(job, 4, gap_of(string, mm, below(8) == 0 ? "dial" : "feeler"), when);
            newest[static_cast<std::size_t>(string)] = mm;
            const ReadingEntry found = as_found_readings(job_of(job).readings, 4);
            for (std::size_t k = 0; k < 4; ++k) QVERIFY(found.strings[k].open_gap_fret1_mm == newest[k]);
            // Numbers that stood before stand still.
            const Value* old = find(before, "readings");
            for (std::size_t e = 0; old && e < old->array()->size(); ++e)
                for (int k = 0; k < 4; ++k) {
                    const std::string place = "readings[" + std::to_string(e) + "].strings[" +
                                              std::to_string(k) + "].open_gap_fret1_mm";
                    const Value* was = find(before, place);
                    if (was) QVERIFY(find(job, place) && *find(job, place) == *was);
                }
        }
    }

    void a_correction_of_a_correction_counts() {
        Value job = without(demo_document("kittiwake"), "readings");
        for (const double mm : {0.3, 0.31, 0.32})
            job = with_found_reading(job, 4, gap_of(1, mm), "2026-05-01T10:00");
        const auto readings = job_of(job).readings;
        QCOMPARE(readings.size(), std::size_t(3));
        QCOMPARE(*readings[2].replaces, std::size_t(1));
        QCOMPARE(*as_found_readings(readings, 4).strings[1].open_gap_fret1_mm, 0.32);
        QCOMPARE(readings.in_order().size(), std::size_t(1));
        QCOMPARE(*find(job, "readings[2].reason")->text(), std::string("read again"));
    }
};

QTEST_GUILESS_MAIN(TestSurveyEdits)
#include "tst_survey_edits.moc"
