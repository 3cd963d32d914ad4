#include "common/hands.h"
#include "common/jobs.h"
#include "common/run.h"
#include "common/sheet_text.h"
#include "settings/settings.h"
#include "sheet/pages/record_html.h"
#include "sheet/pages/sheet_book.h"
#include "sheet/words/sheet_words.h"
#include "ui/view/plan_picture.h"
#include "ui/view/way_card.h"
#include "ui/window/station_path.h"
#include "workshop/part_ways.h"

#include <QMenu>
#include <QToolButton>

#include <cmath>
#include <map>

using namespace fm;
using namespace fm::test;

/// A whole set-up, from the first reading to the record, once by mouse and once by keys alone. After
/// everything that is read or decided plan, next step, minutes, card, sheets and owner's page say what the
/// command line's plan says.
class TestSetUp : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-set-up-test"); }
    void init() {
        window_.again("kittiwake");
        const Value unread = without(window_->session().document(), "readings");
        QVERIFY(window_->session().commit(QStringLiteral("not read"), unread).empty());
        window_->session().undo_stack()->clear();
        compared_ = 0;
    }

    void by_mouse() {
        click_on(button_of(path(), QStringLiteral("Survey")));
        read_by([](const QModelIndex& at, EntryTable* list) {
            QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualRect(at).center());
        });
        click_on(button_of(window_->menuBar()->cornerWidget(), QStringLiteral("Plan")));
        all_say_the_same();
        // In the plan: the saddle is left, then set again.
        choose_in_plan(QStringLiteral("Saddle: lower it"), QStringLiteral("leave it"));
        keys(QStringLiteral("played with a slide"));
        click_on(button_of(window_->plan()->decision_bar(), QStringLiteral("Decide so")));
        QVERIFY(window_.state().plan->saddle.left());
        all_say_the_same({"the saddle", "played with a slide"});
        choose_in_plan(QStringLiteral("Saddle: leave it"), QStringLiteral("lower it"));
        all_say_the_same();
        // In the verdict: another nut.
        const Design& design = window_.state().job.design;
        const std::string_view goes = *way_chosen(window_.state(), BenchPart::nut);
        choose_in_plan(QStringLiteral("Nut: ") + way_name(design, BenchPart::nut, goes),
                       QStringLiteral("Side by side"));
        QCOMPARE(window_->verdict()->part(), BenchPart::nut);
        click_on(window_->verdict()->card("replace"));
        keys(QStringLiteral("the owner wants bone"));
        click_on(button_of(window_->verdict()->bar(), QStringLiteral("Decide so")));
        QVERIFY(window_.state().plan->nut.decision.choice == NutChoice::replace);
        all_say_the_same({"new nut", "the owner wants bone"});
        click_on(window_->verdict()->card(word_of(window_.state().plan->nut.decision.proposal)));
        all_say_the_same();
        click_on(button_of(window_->menuBar()->cornerWidget(), QStringLiteral("Plan")));
        click_on(button_of(window_->plan()->picture(), QStringLiteral("To the bench")));
        work_at_the_bench([this] { click_on(window_->bench()->lead_button()); });
        click_on(button_of(path(), QStringLiteral("Record")));
        the_record_tells_all_of_it();
    }

    void by_keys() {
        window_.press(Qt::Key_1, Qt::AltModifier);
        read_by([](const QModelIndex& at, EntryTable* list) {
            list->setFocus();
            list->setCurrentIndex(list->model()->index(0, at.column()));
        });
        window_.press(Qt::Key_N);
        all_say_the_same();
        window_.press(Qt::Key_V);
        window_.press(Qt::Key_V); // and back
        window_.press(Qt::Key_3, Qt::AltModifier);
        window_.press(Qt::Key_5, Qt::AltModifier);
        window_.press(Qt::Key_V); // opens on the saddle
        QCOMPARE(window_->verdict()->part(), BenchPart::saddle);
        while (!window_->verdict()->card("leave")->hasFocus()) {
            QWidget* before = QApplication::focusWidget();
            key(Qt::Key_Left);
            QVERIFY(QApplication::focusWidget() != before);
        }
        key(Qt::Key_Return);
        keys(QStringLiteral("it is high enough for him"));
        key(Qt::Key_Return);
        QVERIFY(window_.state().plan->saddle.left());
        all_say_the_same({"the saddle", "it is high enough for him"});
        window_.press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!window_.state().plan->saddle.left());
        all_say_the_same();
        window_.press(Qt::Key_2, Qt::AltModifier); // the neck comes first
        window_.press(Qt::Key_F);
        work_at_the_bench([] { key(Qt::Key_Return); });
        window_.press(Qt::Key_9, Qt::AltModifier);
        the_record_tells_all_of_it();
    }

private:
    StationPath* path() { return window_->findChild<StationPath*>(); }

    static QToolButton* button_of(QWidget* in, const QString& text) {
        for (QToolButton* each : in->findChildren<QToolButton*>())
            if (each->isVisible() && (each->text() == text || each->accessibleName() == text)) return each;
        qWarning() << "no button" << text;
        return nullptr;
    }

    /// The four strings and the relief typed into the survey's list.
    template <class Go> void read_by(const Go& go) {
        EntryTable* list = window_->survey()->list()->table();
        const std::pair<int, std::array<const char*, 4>> columns[] = {{1, {"0.35", "0.21", "0.26", "0.30"}},
                                                                      {2, {"2.4", "2.5", "2.75", "2.9"}}};
        for (const auto& [column, numbers] : columns) {
            go(list->model()->index(0, column), list);
            for (const char* number : numbers) {
                keys(QLatin1String(number));
                key(Qt::Key_Return);
            }
        }
        ValueField* relief = nullptr;
        for (ValueField* each :
             window_->survey()->findChildren<ValueField*>(QStringLiteral("found.relief_mm")))
            if (each->isVisible()) relief = each;
        QVERIFY(relief);
        click_on(relief);
        keys(QStringLiteral("0.3"));
        key(Qt::Key_Return);
        QVERIFY(window_.state().plan && !window_.state().plan->relief.left());
    }

    void choose_in_plan(const QString& button, const QString& way) {
        click_on(button_of(window_->plan()->picture(), button));
        for (QMenu* menu : window_->plan()->findChildren<QMenu*>()) {
            if (!menu->isVisible()) continue;
            for (QAction* action : menu->actions())
                if (action->text().startsWith(way)) {
                    QTest::mouseClick(menu, Qt::LeftButton, {}, menu->actionGeometry(action).center());
                    window_->activateWindow();
                    QVERIFY(QTest::qWaitForWindowActive(&window_.window()));
                    return QApplication::processEvents();
                }
        }
        QFAIL("no such way");
    }

    /// From the relief on: what the bench asks for is done, until two strings of the nut are there.
    template <class LeadOn> void work_at_the_bench(const LeadOn& lead_on) {
        BenchView& bench = *window_->bench();
        QVERIFY(bench.isVisible());
        QCOMPARE(bench.worker().part(), BenchPart::relief);
        const auto read = [&](double mm) {
            keys(QString::number(mm, 'f', 2));
            key(Qt::Key_Return);
            if (bench.message().contains(QStringLiteral("Enter again"))) key(Qt::Key_Return);
        };
        read(bench.worker().in_hand()->wanted_mm);
        QVERIFY(bench.words().all_there);
        all_say_the_same();
        lead_on();
        QCOMPARE(bench.worker().part(), BenchPart::saddle);
        for (int guard = 0; guard < 40 && !bench.words().all_there; ++guard) {
            if (bench.worker().whole())
                key(Qt::Key_Return); // off the bottom
            else
                read(bench.worker().in_hand()->wanted_mm);
        }
        QVERIFY(bench.words().all_there);
        all_say_the_same();
        lead_on();
        QCOMPARE(bench.worker().part(), BenchPart::nut);
        while (bench.worker().whole()) key(Qt::Key_Return);
        std::set<std::size_t> there;
        for (int guard = 0; guard < 20 && there.size() < 2; ++guard) {
            const Filing filing = *bench.worker().in_hand();
            if (filing.done() || filing.state == FilingState::too_deep) {
                bench.worker().next_string();
                continue;
            }
            read(filing.wanted_mm);
            all_say_the_same();
            there.insert(filing.string);
        }
        QCOMPARE(there.size(), std::size_t(2));
        QVERIFY(compared_ >= 7);
        key(Qt::Key_Escape);
        QVERIFY(!bench.isVisible());
    }

    void the_record_tells_all_of_it() {
        QCOMPARE(window_->view().station, Station::record);
        const Job& job = window_.state().job;
        int at_the_bench = 0;
        for (const ReadingEntry& entry : job.readings.in_order()) at_the_bench += entry.bench.has_value();
        QVERIFY(at_the_bench >= 5);
        all_say_the_same();
    }

    /// @param owner_reads words of the owner's page
    void all_say_the_same(const std::vector<const char*>& owner_reads = {}) {
        ++compared_;
        MainWindow& window = window_.window();
        QVERIFY(window.session().save());
        const Ran ran = run(program("fair-measure-cli"), {QStringLiteral("plan"), window.session().path()});
        QCOMPARE(ran.exit_code, 0);
        const Value printed = parse_json(ran.output.toStdString());
        const Value::Array& steps = *printed.member("steps")->array();
        const State& state = window_.state();
        const Value& saddle = steps[1];
        const Value& nut = steps[2];
        // What is drawn and cut by stands where the plan's last step ends.
        const Value::Array& after = *nut.member("after")->array();
        for (std::size_t i = 0; i < after.size(); ++i) {
            if (after[i].is_null()) continue;
            near(state.solution.strings[i].open_gaps_mm.front(), after[i], "open_gap_fret1_mm");
            near(state.solution.strings[i].action12_mm, after[i], "action12_mm");
        }
        // The plan, drawn.
        const bool was = window.view().page == Page::plan;
        const bool at_bench = window.bench() && window.bench()->isVisible();
        const Plan made = *plan(state.job.design, state.written, state.job.readings, settings::plan_order());
        for (const auto& [part, step, choice] :
             {std::tuple(BenchPart::saddle, &saddle, word_of(made.saddle.choice)),
              std::tuple(BenchPart::nut, &nut, word_of(made.nut.decision.choice))})
            QCOMPARE(*step->member("choice")->text(), std::string(choice));
        if (was) {
            const PlanStory& story = window.plan()->picture()->story();
            for (const PlanColumn& column : story.columns) {
                if (column.step != SetupStep::saddle && column.step != SetupStep::nut) continue;
                const Value& step = column.step == SetupStep::saddle ? saddle : nut;
                const Value::Array& off = *step.member("take_off_mm")->array();
                for (std::size_t i = 0; i < column.marks.size(); ++i)
                    if (column.step == SetupStep::saddle && column.marks[i].off_mm)
                        QVERIFY(std::abs(*column.marks[i].off_mm - off[i].number()) < 5e-4);
            }
            QVERIFY(std::abs(story.schedule.work_minutes -
                             schedule_of(made, state.job.design, shop()).work_minutes) < 1e-9);
            // What is next, and whether the path says the same.
            const auto next = next_part(made, settings::plan_order());
            QCOMPARE(story.next.has_value() && part_of(story.columns[*story.next].step).has_value(),
                     next.has_value());
            if (next) QCOMPARE(part_of(story.columns[*story.next].step), next);
        }
        if (at_bench && window.bench()->worker().part() == BenchPart::nut)
            QCOMPARE(window.bench()->words().first.isEmpty(),
                     !skipped_before(made, settings::plan_order(), BenchPart::nut).has_value());
        // Minutes: of every part what its way takes.
        double minutes = 0;
        for (const BenchPart part : {BenchPart::relief, BenchPart::saddle, BenchPart::nut})
            for (const PartWay& way : part_ways(state, part, shop()))
                if (way.chosen) minutes += way.takes.minutes;
        const Schedule schedule = schedule_of(made, state.job.design, shop());
        for (const ScheduledStep& step : schedule.steps)
            if (step.step == SetupStep::intonation) minutes += step.minutes;
        if (made.nut.decision.choice != NutChoice::choose) // then none of its ways is
            QVERIFY(std::abs(minutes - schedule.work_minutes) < 1e-9);
        // Card and nut on paper.
        const SheetBook book{state, window.session().tools(), {}, {}};
        const std::vector<Sheet> card_pages = sheets_of(book, {SheetPart::card});
        const Figures card = figures_of(card_pages);
        const QStringList card_words = words_on(card_pages);
        const Figures paper = figures_of(sheets_of(book, {SheetPart::nut}));
        for (std::size_t i = 0; i < after.size(); ++i) {
            const std::string of = "strings[" + std::to_string(i) + "].";
            for (const char* key : {"open_gap_fret1_mm", "action12_mm"})
                QVERIFY(card_words.contains(
                    QString::fromStdString(sheet_number(after[i].member(key)->number(), state.job.unit))));
            QVERIFY(has(paper, "nut." + of + "floor", state.solution.strings[i].slot.floor_above_seat_mm));
            const Value& off = nut.member("take_off_mm")->array()->at(i);
            if (card.contains("card." + of + "nut_off") && off.is_number())
                QVERIFY(
                    has(card, "card." + of + "nut_off", off.number()) || // or it is filled by so much
                    has(card, "card." + of + "nut_off", -nut.member("raise_mm")->array()->at(i).number()));
        }
        const QString owner = QString::fromUtf8(owner_html(state, "2031-03-04"));
        for (const char* words : owner_reads) QVERIFY2(owner.contains(QLatin1String(words)), words);
    }

    static bool has(const Figures& figures, const std::string& name, double mm) {
        const auto at = figures.find(name);
        return at != figures.end() && std::abs(at->second - mm) < 1e-3;
    }
    static void near(double mm, const Value& of, const char* key) {
        QVERIFY2(std::abs(mm - of.member(key)->number()) < 5e-4, key);
    }
    ShopTables shop() { return window_->session().workshop().tables(); }

    WindowOnDemo window_;
    int compared_ = 0;
};

QTEST_MAIN(TestSetUp)
#include "tst_set_up.moc"
