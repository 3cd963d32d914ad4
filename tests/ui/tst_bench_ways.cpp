#include "common/hands.h"
#include "common/jobs.h"

#include <QFile>
#include <QToolButton>

#include <cmath>

using namespace fm;
using namespace fm::test;

/// Where the bench leads: what comes first, what is next, a step left where one stands, screws to their mark.
class TestBenchWays : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-bench-ways-test"); }
    void init() {
        window_.again("kittiwake");
        window_->session().undo_stack()->clear();
    }
    void cleanup() {
        if (window_->bench() && window_->bench()->isVisible()) window_->bench()->leave();
    }

    /// A part before its turn says what moves it, and leads there; so do the path and its next step.
    void what_is_skipped_is_told_and_led_to() {
        window_->choose_station(Station::nut);
        window_.press(Qt::Key_F);
        QVERIFY(bench().words().first.contains(QStringLiteral("the relief")));
        QVERIFY(bench().lead_button()->isVisible());
        QCOMPARE(bench().lead_button()->text(), QStringLiteral("First: the relief"));
        click_on(bench().lead_button());
        QCOMPARE(bench().worker().part(), BenchPart::relief);
        QVERIFY(bench().words().first.isEmpty());
        key(Qt::Key_PageDown);
        QCOMPARE(bench().worker().part(), BenchPart::saddle);
        key(Qt::Key_PageUp);
        key(Qt::Key_PageUp); // there is none before
        QCOMPARE(bench().worker().part(), BenchPart::relief);
    }

    /// Once a part is there Enter leads on, from the first to the intonation.
    void there_leads_on() {
        Value left = window_->session().document();
        for (const char* part : {"saddle", "nut"}) left = with(left, std::string("plan.") + part, "leave");
        QVERIFY(window_->session().commit(QStringLiteral("left"), left).empty());
        window_->go_to_bench(BenchPart::relief);
        QVERIFY(!bench().words().all_there && !bench().lead_button()->isVisible());
        keys(QStringLiteral("0.16"));
        key(Qt::Key_Return);
        QVERIFY(bench().words().all_there);
        QCOMPARE(bench().lead_button()->text(), QStringLiteral("Next: the intonation"));
        key(Qt::Key_Return);
        QVERIFY(!bench().isVisible());
        QCOMPARE(window_->view().station, Station::intonation);
    }

    /// At which frets the string is held stands beside the relief.
    void relief_says_how_it_is_held() {
        window_->go_to_bench(BenchPart::relief);
        const Relief& at = *window_.state().plan->relief.from;
        for (const int fret : {at.from_fret, at.to_fret, at.at_fret})
            QVERIFY(bench().words().under_string.contains(QString::number(fret)));
    }

    void a_step_is_left_where_one_stands() {
        window_->go_to_bench(BenchPart::saddle);
        click_on(bench().leave_button());
        QVERIFY(bench().decision_bar()->isVisible() && bench().decision_bar()->reason()->hasFocus());
        keys(QStringLiteral("3 of them fit")); // digits and signs are words here
        key(Qt::Key_Return);
        QVERIFY(window_.state().plan->saddle.left());
        QCOMPARE(window_.state().job.record.back().reason, std::string("3 of them fit"));
        QVERIFY(bench().field()->hasFocus() && !bench().leave_button()->isVisible());
        QVERIFY(bench().words().sentence.contains(QStringLiteral("left as found")));
        window_->session().undo_stack()->undo();
        QVERIFY(!window_.state().plan->saddle.left());
    }

    /// What a gauge should show here and what it will in the end are two numbers while the neck or the saddle
    /// is still to be set.
    void a_target_that_will_move_says_why() {
        window_->go_to_bench(BenchPart::nut);
        while (bench().worker().whole()) key(Qt::Key_Return); // shimmed
        const Filing filing = *bench().worker().in_hand();
        const double in_the_end = window_.state().written.strings[filing.string].open_gaps_mm.front();
        QVERIFY(std::abs(filing.wanted_mm - in_the_end) > 0.02);
        QVERIFY2(bench().words().apart.contains(QString::number(in_the_end, 'f', 2)),
                 qPrintable(bench().words().apart));
        QVERIFY(bench().words().apart.contains(QStringLiteral("the saddle")));
    }

    void a_reading_that_can_hardly_be_is_asked_about() {
        window_->go_to_bench(BenchPart::relief);
        const auto before = window_.state().job.readings.size();
        keys(QStringLiteral("7"));
        key(Qt::Key_Return);
        QVERIFY(bench().message().contains(QStringLiteral("Enter again")));
        QCOMPARE(window_.state().job.readings.size(), before);
        keys(QStringLiteral("0.2")); // in its place
        key(Qt::Key_Return);
        QCOMPARE(window_.state().job.readings.size(), before + 1);
        keys(QStringLiteral("1.9"));
        key(Qt::Key_Return);
        key(Qt::Key_Return); // it is so
        QCOMPARE(window_.state().job.readings.size(), before + 2);
    }

    /// A screw goes to the mark at once, and up as well as down; it teaches no hand.
    void a_screw_goes_to_its_mark() {
        const Value screws = with(with(window_->session().document(), "saddle.height_by", "saddle_screws"),
                                  "saddle.screw_pitch_mm", 0.5);
        QVERIFY(window_->session().commit(QStringLiteral("screws"), screws).empty());
        window_->go_to_bench(BenchPart::saddle);
        const double wanted_mm = bench().worker().in_hand()->wanted_mm;
        keys(QString::number(wanted_mm + 0.6, 'f', 2));
        key(Qt::Key_Return);
        Filing filing = *bench().worker().in_hand();
        QVERIFY(std::abs(filing.stop_mm() - filing.wanted_mm) < 1e-9 && filing.pass_mm > 0);
        QVERIFY(bench().words().stop.isEmpty());
        QVERIFY(bench().words().sentence.contains(QStringLiteral("lower")) &&
                bench().words().sentence.contains(QStringLiteral("turn")));
        keys(QString::number(wanted_mm - 0.6, 'f', 2));
        key(Qt::Key_Return);
        filing = *bench().worker().in_hand();
        QVERIFY(filing.state == FilingState::to_file && filing.pass_mm < 0);
        QVERIFY(bench().words().sentence.contains(QStringLiteral("raise")));
        QCOMPARE(bench().worker().hand().passes, 0);
        keys(QString::number(wanted_mm, 'f', 2));
        key(Qt::Key_Return);
        QVERIFY(bench().message().contains(QStringLiteral("is there")));
    }

    /// Two posts are two numbers, each with its way and its turns.
    void two_posts_are_two_numbers() {
        const Value posts = with(with(window_->session().document(), "saddle.height_by", "posts"),
                                 "saddle.screw_pitch_mm", 0.8);
        QVERIFY(window_->session().commit(QStringLiteral("posts"), posts).empty());
        window_->go_to_bench(BenchPart::saddle);
        const EdgeMargins down = *bench().worker().whole();
        for (const double mm : {down.bass_mm, down.treble_mm})
            QVERIFY2(bench().words().number.contains(QString::number(std::abs(mm), 'f', 2)),
                     qPrintable(bench().words().number));
        QCOMPARE(bench().words().sentence.count(QStringLiteral("turn")), 2);
        QVERIFY(bench().words().note.contains(QStringLiteral("under tension")));
    }

    /// A part that is made anew, a slot that is filled and a nut that clamps are no matter of a first stroke.
    void what_is_made_first_is_said() {
        const auto at_the_nut = [&](const char* job) {
            QVERIFY(QFile::copy(QStringLiteral(TEST_DATA "/judged/%1.fmjob").arg(QLatin1String(job)),
                                window_.path((std::string(job) + ".fmjob").c_str())));
            QVERIFY(window_->open(window_.path((std::string(job) + ".fmjob").c_str())));
            window_->go_to_bench(BenchPart::nut);
        };
        at_the_nut("packed-nut");
        QVERIFY(bench().words().sentence.contains(QStringLiteral("new nut")));
        QCOMPARE(bench().words().number, QString::number(bench().worker().in_hand()->wanted_mm, 'f', 2));
        bench().leave();
        at_the_nut("one-worn-notch");
        QVERIFY(bench().words().sentence.contains(QStringLiteral("fill this slot")));
        bench().leave();
        at_the_nut("locking-nut-too-low");
        QVERIFY(bench().words().sentence.contains(QStringLiteral("under the whole block")));
        QVERIFY(!bench().words().note.contains(QStringLiteral("glued")));
    }

private:
    BenchView& bench() { return *window_->bench(); }
    WindowOnDemo window_;
};

QTEST_MAIN(TestBenchWays)
#include "tst_bench_ways.moc"
