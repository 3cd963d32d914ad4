#include "common/hands.h"
#include "common/jobs.h"
#include "common/run.h"
#include "common/window.h"
#include "ui/station/saddle/saddle_canvas.h"
#include "ui/view/plan_picture.h"
#include "workshop/schedule.h"

#include <QMenu>
#include <QToolButton>

using namespace fm;
using namespace fm::test;

/// The plan in the window.
class TestPlanView : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-plan-test"); }
    void init() {
        window_.again("kittiwake");
        window_->show_plan(true);
        window_->plan()->choose_order(PlanOrder::neck_saddle_nut);
    }

    /// Every amount and every reading of the page is the command line's.
    void its_numbers_are_the_command_lines() {
        for (const char* job : {"kittiwake", "curlew"})
            for (const char* order : {"neck_saddle_nut", "neck_nut_saddle"}) {
                window_.again(job);
                window_->show_plan(true);
                window_->plan()->choose_order(QLatin1String(order) == QLatin1String("neck_saddle_nut")
                                                  ? PlanOrder::neck_saddle_nut
                                                  : PlanOrder::neck_nut_saddle);
                const QByteArray printed =
                    run(program("fair-measure-cli"), {QStringLiteral("plan"), window_->session().path(),
                                                      QStringLiteral("--order"), QLatin1String(order)})
                        .output;
                const Value plan = parse_json(printed.toStdString());
                const QString shown = window_->plan()->page()->toPlainText();
                int numbers = 0;
                for (const Value& step : *plan.member("steps")->array()) {
                    for (const char* list : {"take_off_mm", "raise_mm"})
                        if (const Value* amounts = step.member(list))
                            for (const Value& mm : *amounts->array())
                                if (mm.is_number() && (list[0] == 't' || mm.number() > 0))
                                    numbers += says(shown, mm.number());
                    for (const Value& after : *step.member("after")->array()) {
                        if (after.is_null()) continue;
                        for (const char* key : {"open_gap_fret1_mm", "action12_mm", "action12_capo_mm"})
                            numbers += says(shown, after.member(key)->number());
                        for (const char* pressed : {"2", "3"})
                            numbers += says(shown, after.member("pressed_gap_mm")->member(pressed)->number());
                    }
                }
                QVERIFY(numbers > 60);
            }
    }

    /// What the picture draws are the plan's own numbers, in the way the job reads them; one key away are the
    /// tables.
    void the_plan_is_drawn() {
        for (const char* job : {"kittiwake", "curlew", "lantern"}) {
            window_.again(job);
            window_->show_plan(true);
            if (!window_.state().plan) continue;
            const PlanPicture* picture = window_->plan()->picture();
            QVERIFY(picture->isVisible() && !window_->plan()->page()->isVisible());
            const Design& design = window_.state().job.design;
            const Plan made = *plan(design, window_.state().written, window_.state().job.readings,
                                    window_->plan()->order());
            QCOMPARE(picture->story().columns.size(), std::size_t(4));
            for (const PlanColumn& column : picture->story().columns) {
                if (column.step != SetupStep::saddle && column.step != SetupStep::nut) continue;
                const bool saddle = column.step == SetupStep::saddle;
                const ReadingWay way = saddle ? action_way(design) : nut_way(design);
                const After& after = saddle ? made.saddle.after : made.nut.after;
                QCOMPARE(column.marks.size(), design.strings.size());
                for (std::size_t i = 0; i < column.marks.size(); ++i) {
                    const PlanMark& mark = column.marks[i];
                    QCOMPARE(mark.after.has_value(), after[i].has_value());
                    if (after[i]) QCOMPARE(*mark.after, way.of(*after[i]));
                    QCOMPARE(*mark.wanted, way.of(window_.state().written.strings[i]));
                    if (saddle && mark.off_mm) QCOMPARE(mark.off_mm, made.saddle.take_off_mm[i]);
                    if (mark.off_mm) QVERIFY(mark.u_mm && *mark.u_mm > 0);
                }
                QCOMPARE(column.does_something, saddle ? !made.saddle.left() : !made.nut.left());
            }
        }
        window_.again("kittiwake");
        window_->show_plan(true);
        window_.press(Qt::Key_L);
        QVERIFY(window_->plan()->page()->isVisible() && !window_->plan()->picture()->isVisible());
        window_.press(Qt::Key_L);
        QVERIFY(window_->plan()->picture()->isVisible());
    }

    /// Its buttons lead to the bench, and what is next to its own; both by the keyboard, too.
    void its_buttons_lead_to_the_bench() {
        const auto button = [this](const QString& name) -> QToolButton* {
            for (QToolButton* each : window_->plan()->picture()->findChildren<QToolButton*>())
                if (each->isVisible() && (each->accessibleName() == name || each->text() == name))
                    return each;
            return nullptr;
        };
        click_on(button(QStringLiteral("Nut: at the bench")));
        QVERIFY(window_->bench()->isVisible());
        QCOMPARE(window_->bench()->worker().part(), BenchPart::nut);
        window_->bench()->leave();
        QVERIFY(window_->view().page == Page::plan);
        QToolButton* next = button(QStringLiteral("To the bench"));
        QVERIFY(next);
        next->setFocus(Qt::TabFocusReason);
        QTest::keyClick(next, Qt::Key_Space);
        QVERIFY(window_->bench()->isVisible());
        const PlanStory& story = window_->plan()->picture()->story();
        QCOMPARE(std::optional(window_->bench()->worker().part()), part_of(story.columns[*story.next].step));
        window_->bench()->leave();
        click_on(button(QStringLiteral("Intonation: the station")));
        QCOMPARE(window_->view().station, Station::intonation);
        QVERIFY(window_->view().page == Page::station);
    }

    /// In every job, size, language of numbers and theme nothing of it is cut: as small as it gets it is
    /// drawn.
    void it_is_drawn_whole_in_every_size() {
        for (const QSize size : {QSize(1024, 700), QSize(1280, 800)})
            for (const char* job : {"kittiwake", "curlew", "lantern", "teal"}) {
                window_.again(job);
                window_->resize(size);
                window_->show_plan(true);
                QApplication::processEvents();
                const PlanPicture* picture = window_->plan()->picture();
                if (!picture->isVisible()) continue;
                for (const QToolButton* each : picture->findChildren<QToolButton*>())
                    if (each->isVisible()) QVERIFY(picture->rect().contains(each->geometry()));
                const QImage drawn = window_->plan()->picture()->grab().toImage();
                QVERIFY(!drawn.isNull());
            }
    }

    /// What a stop hides is not drawn either.
    void a_stop_hides_its_step() {
        Value low = window_->session().document();
        for (int i = 0; i < 4; ++i)
            low = with(low, "readings[0].strings[" + std::to_string(i) + "].action12_mm", 1.0);
        QVERIFY(window_->session().commit(QStringLiteral("low"), low).empty());
        for (const PlanColumn& column : window_->plan()->picture()->story().columns) {
            if (column.step == SetupStep::saddle) QVERIFY(column.marks.empty() && column.figure.isEmpty());
            if (column.step == SetupStep::nut) QVERIFY(!column.marks.empty());
        }
    }

    void the_order_changes_what_comes_second() {
        const auto at = [&](const char* words) {
            return window_->plan()->page()->toPlainText().indexOf(QLatin1String(words));
        };
        QVERIFY(at("2. Saddle") > 0 && at("3. Nut") > at("2. Saddle"));
        window_->plan()->choose_order(PlanOrder::neck_nut_saddle);
        QVERIFY(at("2. Nut") > 0 && at("3. Saddle") > at("2. Nut"));
        window_->show_plan(false);
        window_->show_plan(true);
        QCOMPARE(window_->plan()->order(), PlanOrder::neck_nut_saddle); // the shop's habit
    }

    /// What the survey found unsafe hides every amount, at the bench too, until somebody writes down why.
    void a_stop_hides_the_amounts_until_it_is_passed() {
        const auto text = [&] { return window_->plan()->page()->toPlainText(); };
        StopBar* bar = window_->plan()->stop_bar();
        QVERIFY(!bar->isVisible() && text().contains(QStringLiteral("should read"))); // passed in the demo
        const Value stopped = without(window_->session().document(), "record");
        QVERIFY(window_->session().commit(QStringLiteral("not passed"), stopped).empty());
        QVERIFY(bar->isVisible());
        QVERIFY(!text().contains(QStringLiteral("should read")) && !text().contains(QStringLiteral("±")));
        window_->go_to_bench(BenchPart::saddle);
        const BenchWords& words = window_->bench()->words();
        QVERIFY(words.stopped && words.goal.isEmpty() && words.stop.isEmpty());
        QCOMPARE(words.number, QStringLiteral("Stop"));
        QVERIFY(words.sentence.contains(QStringLiteral("bridge lifting")));
        window_->bench()->leave();
        // Nor do the verdict and the lists beside the drawings tell one.
        for (const BenchPart part : {BenchPart::nut, BenchPart::saddle, BenchPart::relief}) {
            window_->show_verdict(true);
            window_->verdict()->choose_part(part);
            const QString verdict = window_->verdict()->page()->toPlainText();
            QVERIFY(verdict.contains(QStringLiteral("bridge lifting")) &&
                    !verdict.contains(QStringLiteral("±")));
            QVERIFY(!verdict.contains(QStringLiteral(" mm")));
        }
        window_->show_verdict(false);
        for (const auto& mm : saddle_change_mm(window_.state())) QVERIFY(!mm);
        QVERIFY(!saddle_change_cut(window_.state()));
        window_->show_plan(true);
        // Without a reason nothing is passed; with one it stands in the record, and is undone like anything.
        auto* go_on = bar->findChild<QToolButton*>();
        click_on(go_on);
        QVERIFY(bar->isVisible() && window_->notice().contains(QStringLiteral("why")));
        click_on(bar->reason());
        keys(QStringLiteral("glued since"));
        key(Qt::Key_Return);
        QVERIFY(!bar->isVisible() && text().contains(QStringLiteral("should read")));
        const RecordEntry& passed = window_.state().job.record.back();
        QCOMPARE(passed.about, std::string("stop:bridge_lifting"));
        QCOMPARE(passed.reason, std::string("glued since"));
        window_->go_to_bench(BenchPart::saddle);
        QVERIFY(!window_->bench()->words().stopped);
        window_->bench()->leave();
        window_->session().undo_stack()->undo();
        QVERIFY(bar->isVisible());
    }

    /// A stop of one step hides that step alone.
    void a_stop_of_the_saddle_leaves_the_nut_its_amounts() {
        Value low = window_->session().document();
        for (int i = 0; i < 4; ++i)
            low = with(low, "readings[0].strings[" + std::to_string(i) + "].action12_mm", 1.0);
        QVERIFY(window_->session().commit(QStringLiteral("low"), low).empty());
        QVERIFY(window_->plan()->stop_bar()->isVisible());
        const QString text = window_->plan()->page()->toPlainText();
        const auto saddle = text.indexOf(QStringLiteral("2. Saddle"));
        const auto nut = text.indexOf(QStringLiteral("3. Nut"));
        QVERIFY(!text.mid(saddle, nut - saddle).contains(QStringLiteral("should read")));
        QVERIFY(text.mid(nut).contains(QStringLiteral("should read")));
        window_->go_to_bench(BenchPart::nut);
        QVERIFY(!window_->bench()->words().stopped);
        window_->bench()->leave();
    }

    void its_ways_lead_to_the_bench_and_back() {
        Q_EMIT window_->plan()->page()->anchorClicked(QUrl(QStringLiteral("bench:saddle")));
        QVERIFY(window_->bench()->isVisible());
        QCOMPARE(window_->bench()->worker().part(), BenchPart::saddle);
        window_->bench()->leave();
        QVERIFY(window_->view().page == Page::plan);
        Q_EMIT window_->plan()->page()->anchorClicked(QUrl(QStringLiteral("go:nut")));
        QCOMPARE(window_->view().station, Station::nut);
        QVERIFY(window_->view().page != Page::plan);
        window_.press(Qt::Key_N);
        QVERIFY(window_->view().page == Page::plan);
        window_.press(Qt::Key_Escape);
        QVERIFY(window_->view().page != Page::plan);
    }

    void a_reading_far_from_what_was_foretold_is_told() {
        QVERIFY(!text().contains(QStringLiteral("foretold")));
        window_->go_to_bench(BenchPart::saddle);
        window_->bench()->worker().next_string(); // the first string stays for later
        QVERIFY(window_->bench()->worker().keep(3.4, {}, ReadBy::hand).isEmpty());
        window_->bench()->leave();
        QVERIFY(text().contains(QStringLiteral("foretold")));
        QVERIFY(text().contains(QStringLiteral("in an hour")));
    }

    void time_is_the_shops_table_and_the_materials() {
        const State& state = window_.state();
        const ShopTables tables = window_->session().workshop().tables();
        const Schedule schedule = schedule_of(*state.plan, state.job.design, tables);
        double sum = 0;
        double end = 0;
        for (const ScheduledStep& step : schedule.steps) {
            sum += step.minutes;
            QCOMPARE(step.begins_minutes, end);
            end = step.ends_minutes();
        }
        QCOMPARE(schedule.work_minutes, sum);
        QCOMPARE(schedule.ready_minutes, end);
        QCOMPARE(schedule.steps.front().wait_minutes, tables.setup.neck_settles);
        QVERIFY(text().contains(QStringLiteral("%1 minutes of work").arg(std::round(sum))));
        ShopTables slow = tables; // the shop knows better
        slow.setup.rod = 60;
        QCOMPARE(schedule_of(*state.plan, state.job.design, slow).work_minutes, sum + 60 - tables.setup.rod);
        Design brass = state.job.design;
        brass.nut.material = "brass";
        QVERIFY(schedule_of(*state.plan, brass, tables).work_minutes > sum);
    }

    /// A step is left, or goes another way, where it is drawn: by mouse, with its reason, and undone.
    void a_step_is_decided_in_the_plan() {
        PlanView* view = window_->plan();
        const auto way_button = [&](const QString& name) -> QToolButton* {
            for (QToolButton* each : view->picture()->findChildren<QToolButton*>())
                if (each->isVisible() && each->accessibleName() == name) return each;
            return nullptr;
        };
        const auto choose = [&](const QString& button, const QString& way) {
            click_on(way_button(button));
            QMenu* menu = nullptr;
            for (QMenu* each : view->findChildren<QMenu*>())
                if (each->isVisible()) menu = each;
            QVERIFY(menu);
            for (QAction* action : menu->actions())
                if (action->text().startsWith(way)) {
                    QTest::mouseClick(menu, Qt::LeftButton, {}, menu->actionGeometry(action).center());
                    window_->activateWindow(); // nothing else does, without a window manager
                    QVERIFY(QTest::qWaitForWindowActive(&window_.window()));
                    return QApplication::processEvents();
                }
            QFAIL("no such way");
        };
        choose(QStringLiteral("Saddle: lower it"), QStringLiteral("leave it"));
        QVERIFY(view->decision_bar()->isVisible() && view->decision_bar()->reason()->hasFocus());
        keys(QStringLiteral("it is to be played with a slide"));
        key(Qt::Key_Return);
        QVERIFY(window_.state().plan->saddle.left() && !view->decision_bar()->isVisible());
        QCOMPARE(window_.state().job.record.back().about, std::string("saddle"));
        QVERIFY(!view->picture()->story().columns[1].does_something);
        QVERIFY(way_button(QStringLiteral("Saddle: leave it")));
        for (const PlanMark& mark : view->picture()->story().columns[1].marks) QVERIFY(!mark.off_mm);
        // The nut's targets follow what is left, and so do time and what is next.
        QCOMPARE(window_->plan()->picture()->story().schedule.steps.size(), std::size_t(3));
        choose(QStringLiteral("Neck: set it"), QStringLiteral("leave it"));
        keys(QStringLiteral("it comes back in autumn"));
        key(Qt::Key_Return);
        QVERIFY(window_.state().plan->relief.left());
        QCOMPARE(*view->picture()->story().next, std::size_t(2));
        // As proposed again: at once, without a question.
        choose(QStringLiteral("Neck: leave it"), QStringLiteral("set it"));
        QVERIFY(!window_.state().plan->relief.left() && !window_.state().job.design.choices.relief);
        for (int i = 0; i < 3; ++i) window_.press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!window_.state().plan->saddle.left());
        QCOMPARE(window_.state().job.record.size(), std::size_t{1});
        choose(QStringLiteral("Nut: shim"), QStringLiteral("Side by side"));
        QVERIFY(window_->verdict()->isVisible() && window_->verdict()->part() == BenchPart::nut);
    }

    /// How low this hand could have it, with what limits it; another hand moves the line.
    void how_low_it_could_go_is_drawn() {
        const PlanPicture* picture = window_->plan()->picture();
        QTRY_VERIFY(!picture->least().each_mm.empty());
        const double relief_mm = *window_.state().plan->relief.to_mm;
        const auto least = least_action_at(window_.state().work_design, relief_mm);
        QCOMPARE(picture->least().each_mm.front(), least->bass_mm);
        QCOMPARE(picture->least().each_mm.back(), least->treble_mm);
        QVERIFY(picture->least().says.contains(QStringLiteral("a normal hand")));
        QVERIFY(picture->least().says.contains(QString::number(least->bass_mm, 'f', 2)));
        QVERIFY(picture->least().says.contains(QStringLiteral("more relief")));
        QVERIFY(
            window_->session()
                .commit(QStringLiteral("hard"), with(window_->session().document(), "player.hand", "hard"))
                .empty());
        QTRY_VERIFY(!picture->least().each_mm.empty());
        QVERIFY(picture->least().each_mm.front() > least->bass_mm + 0.05);
        QVERIFY(picture->least().says.contains(QStringLiteral("a hard hand")));
    }

    /// What was done is ticked, with what was read after it.
    void what_was_done_is_ticked() {
        const auto columns = [&] { return window_->plan()->picture()->story().columns; };
        QVERIFY(!columns()[0].done && !columns()[0].marks[0].there);
        window_->go_to_bench(BenchPart::relief);
        keys(QStringLiteral("0.16"));
        key(Qt::Key_Return);
        window_->bench()->leave();
        QVERIFY(columns()[0].done && columns()[0].marks[0].there);
        QCOMPARE(*columns()[0].marks[0].now, 0.16);
        QCOMPARE(*window_->plan()->picture()->story().next, std::size_t(1));
    }

    /// Plan, minutes, cut list, bench and what is cut by follow the one plan.
    void a_choice_is_taken_everywhere() {
        Value left = window_->session().document();
        for (const char* part : {"relief", "saddle", "nut"})
            left = with(left, std::string("plan.") + part, "leave");
        QVERIFY(window_->session().commit(QStringLiteral("left"), left).empty());
        const State& state = window_.state();
        QVERIFY(state.plan->relief.left() && state.plan->saddle.left() && state.plan->nut.left());
        const Schedule schedule =
            schedule_of(*state.plan, state.job.design, window_->session().workshop().tables());
        QCOMPARE(schedule.steps.size(), std::size_t{1}); // intonation alone
        window_->choose_station(Station::nut);
        for (std::size_t i = 0; i < state.solution.strings.size(); ++i) {
            // What is shown and cut by is what is there.
            QVERIFY(std::abs(state.solution.strings[i].slot.floor_above_seat_mm - *state.found_floors[i]) <
                    1e-3);
            QVERIFY(std::abs(state.solution.strings[i].ends.saddle_z_mm - *state.known[i].saddle_z_mm) <
                    0.01); // the crowns move a little with the heights
        }
        for (const BenchPart part : {BenchPart::relief, BenchPart::saddle, BenchPart::nut}) {
            QVERIFY(!whole_first(state.job.design, state.written, state.job.readings, part));
            for (const Filing& filing :
                 filing_of(state.job.design, state.written, state.job.readings, part, {}))
                QVERIFY(filing.state == FilingState::left);
        }
        window_->show_plan(true);
        QVERIFY(text().contains(QStringLiteral("Left as found")));
        window_->session().undo_stack()->undo();
        QVERIFY(!window_.state().plan->relief.left());
    }

    void a_job_never_read_says_where_to_begin() {
        window_.again("groundswell");
        window_->show_plan(true);
        QVERIFY(text().contains(QStringLiteral("survey")));
        QVERIFY(window_->plan()->page()->isVisible());
        window_->show_verdict(true);
        VerdictView* verdict = window_->verdict();
        for (const BenchPart part : {BenchPart::nut, BenchPart::saddle, BenchPart::relief}) {
            verdict->choose_part(part);
            QVERIFY(verdict->page()->toPlainText().contains(QStringLiteral("Read it at the survey")));
        }
        Q_EMIT verdict->page()->anchorClicked(QUrl(QStringLiteral("go:survey")));
        QCOMPARE(window_->view().station, Station::survey);
        QVERIFY(window_->view().page == Page::station);
    }

    /// A sum is typed at the record; the plan's steps lie along it, and what fits is done at a press, and
    /// undone.
    void what_is_ordered_is_fitted() {
        OrderedBar* bar = window_->plan()->ordered_bar();
        QVERIFY(!bar->isVisible());
        window_->choose_station(Station::record);
        ValueField* sum = nullptr;
        for (ValueField* each : window_->findChildren<ValueField*>(QStringLiteral("ordered.sum")))
            if (each->isVisible()) sum = each;
        QVERIFY(sum);
        click_on(sum);
        keys(QStringLiteral("40"));
        key(Qt::Key_Return);
        QCOMPARE(window_.state().job.ordered.sum, std::optional(40.0));
        window_.press(Qt::Key_N);
        QVERIFY(bar->isVisible());
        const auto story = ordered_story(window_.state(), window_->session().workshop().tables(),
                                         PlanOrder::neck_saddle_nut);
        QVERIFY(story && story->within && story->cost.price > 40);
        QVERIFY(bar->words().contains(QString::number(story->cost.price, 'f', 2)));
        QVERIFY(bar->words().contains(QString::number(story->within->cost.price, 'f', 2)));
        const auto before = window_.state().job.record.size();
        click_on(bar->fit_button());
        QVERIFY(bar->isVisible() && !bar->fit_button()->isVisible());
        const Job& job = window_.state().job;
        QCOMPARE(job.record.size(), before + story->within->others.size());
        for (std::size_t i = before; i < job.record.size(); ++i) {
            QCOMPARE(job.record[i].kind, RecordKind::decision);
            QVERIFY(QString::fromStdString(job.record[i].reason).contains(QStringLiteral("40.00")));
        }
        const auto fitted = ordered_story(window_.state(), window_->session().workshop().tables(),
                                          PlanOrder::neck_saddle_nut);
        QVERIFY(fitted && !fitted->within && fitted->cost.price <= 40.005);
        // It is one step.
        window_.press(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(window_.state().job.record.size(), before);
        QVERIFY(bar->fit_button()->isVisible());
        // Minutes bind as well; by the keyboard.
        window_->session().commit(
            QStringLiteral("minutes"),
            with(without(window_->session().document(), "ordered.sum"), "ordered.minutes", 30.0));
        QVERIFY(bar->words().contains(QStringLiteral("30 min")));
        bar->fit_button()->setFocus(Qt::TabFocusReason);
        QTest::keyClick(bar->fit_button(), Qt::Key_Space);
        QVERIFY(!bar->fit_button()->isVisible());
        window_.press(Qt::Key_Z, Qt::ControlModifier);
    }

private:
    QString text() { return window_->plan()->page()->toPlainText(); }
    /// Whether the page says that number as it shows lengths; 1, so that they can be counted.
    static int says(const QString& page, double mm) {
        const QString number = QString::fromStdString(fixed_text(mm, 2));
        if (!page.contains(number))
            QTest::qFail(qPrintable(number + QStringLiteral(" is not on the page")), __FILE__, __LINE__);
        return 1;
    }
    WindowOnDemo window_;
};

QTEST_MAIN(TestPlanView)
#include "tst_plan_view.moc"
