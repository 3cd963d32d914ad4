// What keeps a plan from going on, each made by a job that has it and gone by one that has not.
#include "common/jobs.h"
#include "core/found/filing.h"
#include "core/found/stops.h"

#include <QTest>

using namespace fm;
using namespace fm::test;

namespace {

QStringList points_of(const Value& document) {
    const Job job = job_of(document);
    const Solution target = solve(job.design);
    const auto made = plan(job.design, target, job.readings, PlanOrder::neck_saddle_nut);
    QStringList points;
    for (const Stop& stop : stops_of(job.design, target, *made, job.survey)) {
        points << QString::fromStdString(stop.point);
        if (english(stop.text).empty()) points << QStringLiteral("without words");
    }
    return points;
}

/// The demo's job of a set-up, sound and with every stop's number in its place.
Value sound() {
    return with(without(demo_document("kittiwake"), "survey"), "readings[0].gauges.action", "dial");
}

} // namespace

class TestStops : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void a_sound_instrument_has_none() { QCOMPARE(points_of(sound()), QStringList()); }

    /// Each point alone among what was found, each alone among what is in doubt.
    void a_finding_is_told_by_its_own_word() {
        const std::size_t count = survey_points().size();
        for (std::size_t i = 0; i < count; ++i) {
            std::vector<SurveyFinding> findings(count);
            for (SurveyFinding& each : findings) each.mark = SurveyMark::fine;
            findings[i].mark = SurveyMark::found;
            QCOMPARE(found_words(findings), std::vector{survey_points()[i].word});
            QCOMPARE(doubtful_points(findings), 0);
            QCOMPARE(looked_at(findings), static_cast<int>(count));
            const bool unsafe = survey_points()[i].weight == SurveyWeight::unsafe;
            QCOMPARE(unsafe_finding(findings), unsafe ? std::optional(i) : std::nullopt);
            findings[i].mark = SurveyMark::doubtful;
            QVERIFY(found_words(findings).empty());
            QCOMPARE(doubtful_points(findings), 1);
        }
    }
    void what_is_unsafe_stops_before_any_amount() {
        for (const char* point : {"bridge_lifting", "brace_loose", "crack_open", "neck_joint_open",
                                  "headstock_cracked", "rod_stuck"})
            QCOMPARE(points_of(with(sound(), std::string("survey.") + point + ".state", "found")),
                     QStringList{QLatin1String(point)});
        QCOMPARE(points_of(with(sound(), "survey.frets_worn.state", "found")), QStringList());
    }

    void a_rod_that_cannot_leaves_the_relief() {
        for (const Value& document :
             {with(sound(), "survey.rod_stuck.state", "found"), with(sound(), "neck.rod", "none")}) {
            const Job job = job_of(with(document, "plan.relief", "set"));
            const Solution target = solve(job.design);
            const auto made = plan(job.design, target, job.readings, PlanOrder::neck_saddle_nut);
            QVERIFY(made->relief.left());
            QCOMPARE(made->notes.size(), std::size_t{1});
            // The bench is of one mind with it.
            QVERIFY(filing_of(job.design, target, job.readings, BenchPart::relief, {})[0].state ==
                    FilingState::left);
            // Heights are wanted over the neck as it stands: every string still comes to its gap.
            QVERIFY(std::abs(made->nut.after[0]->action12_mm - target.strings[0].action12_mm) < 0.02);
        }
        QVERIFY(!points_of(with(sound(), "neck.rod", "double")).contains(QStringLiteral("back_bow")));
    }

    void relief_out_of_a_rods_reach() {
        QVERIFY(points_of(with(sound(), "readings[0].relief.depth_mm", 0.9))
                    .contains(QStringLiteral("relief_too_large")));
        const Value bow = with(sound(), "readings[0].relief.depth_mm", -0.3);
        QVERIFY(!points_of(bow).contains(QStringLiteral("back_bow")));
        QVERIFY(points_of(with(bow, "neck.rod", "single")).contains(QStringLiteral("back_bow")));
    }

    void a_saddle_at_its_end() {
        const auto action = [](Value document, double mm) {
            for (int i = 0; i < 4; ++i)
                document = with(document, "readings[0].strings[" + std::to_string(i) + "].action12_mm", mm);
            return document;
        };
        // So low that it would have to be packed by more than a millimetre.
        QVERIFY(points_of(action(sound(), 1.0)).contains(QStringLiteral("packing_too_high")));
        // A bridge so high, and wanted so low, that nothing of it would stand out.
        const Value tall = with(sound(), "bridge.height_mm", 11.0);
        QVERIFY(points_of(tall).contains(QStringLiteral("saddle_too_low")));
        QVERIFY(points_of(with(sound(), "bridge.pins.behind_mm", 60.0))
                    .contains(QStringLiteral("saddle_break_shallow")));
        // What is left is not filed, and stops nothing.
        QCOMPARE(points_of(with(tall, "plan.saddle", "leave")), QStringList());
    }

    /// The saddle that is there, as it was measured, and the action as it was read are one height.
    void a_saddle_and_an_action_that_contradict_each_other() {
        const double bridge_mm = *solve(job_of(sound()).design).bridge->height_mm;
        const auto measured = [&](double wrong_by_mm) {
            Value document = with(sound(), "bridge.height_mm", bridge_mm);
            const Job job = job_of(document);
            const Solution target = solve(job.design);
            const auto made = plan(job.design, target, job.readings, PlanOrder::neck_saddle_nut);
            Value::Array each;
            for (std::size_t i = 0; i < target.strings.size(); ++i)
                each.emplace_back(*target.saddle.height_mm[i] + *made->saddle.take_off_mm[i] + wrong_by_mm);
            return with(document, "saddle.existing.height.each_mm", each);
        };
        QCOMPARE(points_of(measured(0.0)), QStringList());
        QCOMPARE(points_of(measured(0.15)), QStringList()); // within twice their ±
        for (const double wrong_mm : {-1.0, 1.0})
            QCOMPARE(points_of(measured(wrong_mm)), QStringList{QStringLiteral("saddle_contradicts")});
        // A bridge that is still to be made has no saddle in it to contradict anything.
        QCOMPARE(points_of(with(measured(1.0), "bridge.height_mm", "auto")), QStringList());
    }
};

QTEST_APPLESS_MAIN(TestStops)
#include "tst_stops.moc"
