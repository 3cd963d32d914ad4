// Fifteen instruments as they come in, and what a master would say of each: what is done, what is left, what
// stops.
#include "common/jobs.h"
#include "core/found/stops.h"
#include "core/words/word_of.h"

#include <QDir>
#include <QTest>

#include <map>

using namespace fm;
using namespace fm::test;

namespace {

/// What is concluded of one instrument.
struct Said {
    std::string steps; ///< relief, saddle, nut
    std::vector<std::string> stops;
    std::vector<std::string> notes;
};

} // namespace

class TestJudged : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void each_is_judged_as_a_master_would_data() {
        QTest::addColumn<bool>("asked");
        for (const auto& [name, said] : expected()) QTest::newRow(name.c_str()) << true;
    }
    void each_is_judged_as_a_master_would() {
        const Said& wanted = expected().at(QTest::currentDataTag());
        const Job job = read();
        const Solution target = solve(job.design);
        const auto made = plan(job.design, target, job.readings, PlanOrder::neck_saddle_nut);
        QVERIFY(made);
        Said said;
        said.steps = std::string(word_of(made->relief.choice)) + " " +
                     std::string(word_of(made->saddle.choice)) + " " +
                     std::string(word_of(made->nut.decision.choice));
        for (const Stop& stop : stops_of(job.design, target, *made, job.survey))
            said.stops.push_back(stop.point);
        for (const Message& note : made->notes) said.notes.push_back(note.id);
        QCOMPARE(said.steps, wanted.steps);
        QCOMPARE(said.stops, wanted.stops);
        QCOMPARE(said.notes, wanted.notes);
    }

    void every_job_is_asked_about() {
        QStringList names = QDir(QStringLiteral(TEST_DATA "/judged")).entryList({QStringLiteral("*.fmjob")});
        QCOMPARE(names.removeAll(QStringLiteral("gaps-only.fmjob")), 1);
        QCOMPARE(static_cast<std::size_t>(names.size()), expected().size());
    }

    void a_neck_without_a_way_to_turn_it_keeps_its_relief() {
        for (const char* name : {"stuck-rod", "no-rod"}) {
            const Job job = read(name);
            const auto made = planned(job);
            QCOMPARE(*made.relief.to_mm, made.relief.from->depth_mm);
        }
    }

    void one_worn_notch_is_filled_and_no_other_touched() {
        const auto nut = planned(read("one-worn-notch")).nut;
        QCOMPARE(nut.decision.fill, std::vector<std::size_t>{2});
        for (std::size_t i = 0; i < nut.take_off_mm.size(); ++i)
            QCOMPARE(nut.take_off_mm[i].value_or(-1), 0.0);
    }

    /// Two numbers for all strings where two posts or screws set them; one a string where each has its own;
    /// nothing is filed or packed anywhere.
    void screws_are_turned() {
        const auto posts = planned(read("posts")).saddle;
        QVERIFY(posts.screws_mm && posts.screws_mm->bass_mm > posts.screws_mm->treble_mm + 0.2);
        const auto sides = planned(read("side-screws")).saddle;
        QVERIFY(sides.screws_mm && sides.screws_mm->bass_mm < 0 && sides.screws_mm->treble_mm < 0); // up
        const auto own = planned(read("own-screws")).saddle;
        QVERIFY(!own.screws_mm && *own.take_off_mm[2] < 0 && *own.take_off_mm[0] > 0);
        for (const SaddleStep* step : {&posts, &sides, &own}) {
            QCOMPARE(step->cut.pack_mm, 0.0);
            QCOMPARE(step->cut.bottom_mm.bass_mm, 0.0);
        }
    }

    void a_nut_bought_with_its_slots_comes_down_in_one() {
        const auto nut = planned(read("nut-bought-slotted")).nut;
        QVERIFY2(std::abs(nut.decision.below_mm - 0.3) < 0.03,
                 qPrintable(QString::number(nut.decision.below_mm)));
        for (const auto& mm : nut.take_off_mm) QVERIFY(*mm < 0.06); // what one has over the least
    }

    void a_locking_nut_goes_up_as_one_block() {
        const Job job = read("locking-nut-too-low");
        const auto nut = planned(job).nut;
        const ClampingNut block =
            clamping_nut(nut.findings, job.tools.shims_mm.value(), job.design.nut.shim_step_mm);
        QVERIFY(block.stack && block.stack->total_mm <= block.raise_mm + job.design.nut.shim_step_mm);
        for (std::size_t i = 0; i < nut.take_off_mm.size(); ++i) QCOMPARE(*nut.take_off_mm[i], 0.0);
        QVERIFY(planned(read("locking-nut-too-high")).nut.left());
    }

    /// Pressed gaps alone judge a nut: they do not ask for the saddle.
    void gaps_alone_judge_the_nut() {
        const Job job = read("gaps-only");
        const Solution target = solve(job.design);
        QVERIFY(!plan(job.design, target, job.readings, PlanOrder::neck_saddle_nut));
        const auto alone = nut_alone(job.design, target, job.readings);
        QVERIFY(alone && !alone->action_as_wanted);
        QVERIFY(alone->step.decision.choice == NutChoice::file);
        QCOMPARE(alone->step.decision.lowers, std::size_t{6});
    }

private:
    static const std::map<std::string, Said>& expected() {
        static const std::map<std::string, Said> all{
            {"neck-due-for-a-reset", {"leave set leave", {"saddle_too_low"}, {}}},
            {"lifting-bridge", {"leave set leave", {"bridge_lifting"}, {}}},
            {"stuck-rod", {"leave leave leave", {"rod_stuck"}, {"relief_with_stuck_rod"}}},
            {"no-rod", {"leave leave leave", {}, {"relief_without_rod"}}},
            {"one-worn-notch", {"leave leave fill", {}, {}}},
            {"posts", {"leave set leave", {}, {}}},
            {"own-screws", {"leave set leave", {}, {}}},
            {"side-screws", {"leave set leave", {}, {}}},
            {"locking-nut-too-high", {"leave leave leave", {"seat_to_cut"}, {}}},
            {"locking-nut-too-low", {"leave leave shim", {}, {}}},
            {"nut-bought-slotted", {"leave leave below", {}, {}}},
            {"nut-good", {"leave leave leave", {}, {}}},
            {"slots-filled-and-wide", {"leave leave replace", {}, {}}},
            {"packed-nut", {"leave leave replace", {}, {"nut_packed_already"}}},
        };
        return all;
    }
    static Job read(const std::string& name = QTest::currentDataTag()) {
        return job_of(
            document_of(QStringLiteral(TEST_DATA "/judged/%1.fmjob").arg(QString::fromStdString(name))));
    }
    static Plan planned(const Job& job) {
        return *plan(job.design, solve(job.design), job.readings, PlanOrder::neck_saddle_nut);
    }
};

QTEST_APPLESS_MAIN(TestJudged)
#include "tst_judged.moc"
