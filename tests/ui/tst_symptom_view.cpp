#include "common/hands.h"
#include "common/jobs.h"
#include "common/run.h"
#include "job/read/record.h"
#include "ui/view/cause_row.h"

#include <QToolButton>

using namespace fm;
using namespace fm::test;

/// What was heard, in the window.
class TestSymptomView : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-symptoms-test"); }
    void init() {
        window_.again("kittiwake");
        window_.press(Qt::Key_W);
    }
    void cleanup() {
        if (window_->view().page == Page::heard) window_.press(Qt::Key_W);
    }

    /// Place first, then what: nothing is picked beforehand, and nothing is told before both are.
    void nothing_is_picked_beforehand() {
        QVERIFY(view()->board()->places().empty() && view()->symptoms()->currentRow() < 0);
        QCOMPARE(view()->causes()->count(), 0);
        QVERIFY(view()->hint().contains(QStringLiteral("Where")));
        pick_on_board(1, 3);
        QCOMPARE(view()->causes()->count(), 0);
        QVERIFY(view()->hint().contains(QStringLiteral("What")));
        pick_symptom(Symptom::note_buzz);
        QVERIFY(view()->causes()->count() > 0);
        // No mark is lost when the symptom changes.
        pick_on_board(2, 5);
        pick_symptom(Symptom::behind_finger_buzz);
        QCOMPARE(view()->board()->places().size(), std::size_t{2});
        QCOMPARE(view()->board()->places()[0].string, std::size_t{1});
        QCOMPARE(view()->board()->places()[1].fret, 5);
    }

    void every_symptom_can_be_asked_about_on_every_job() {
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"}) {
            window_.again(name);
            window_->show_symptoms(true);
            QVERIFY(view()->isVisible());
            place({{0, 3}});
            for (int row = 0; row < view()->symptoms()->count(); ++row) {
                view()->symptoms()->setCurrentRow(row);
                QVERIFY(view()->causes()->count() > 0);
                for (int cause = 0; cause < view()->causes()->count(); ++cause) {
                    view()->causes()->setCurrentRow(cause);
                    QVERIFY(view()->detail().contains(QStringLiteral("Test:")));
                    QVERIFY(!cause_text(cause).contains(QLatin1Char('{')));
                }
            }
        }
    }

    void places_are_picked_by_click_and_by_key() {
        pick_on_board(3, 5);
        view()->choose(Symptom::note_buzz);
        SymptomBoard* board = view()->board();
        QCOMPARE(board->places().size(), std::size_t{1});
        board->setFocus();
        QTest::keyClick(board, Qt::Key_Right);
        QTest::keyClick(board, Qt::Key_Enter);
        QCOMPARE(board->places().size(), std::size_t{2});
        QCOMPARE(board->places()[1].fret, board->places()[0].fret + 1);
        QTest::keyClick(board, Qt::Key_Enter); // again: not there
        QCOMPARE(board->places().size(), std::size_t{1});
        QTest::mouseClick(board, Qt::LeftButton, {}, QPoint(board->width() - 8, board->height() - 8));
        QCOMPARE(board->places().size(), std::size_t{2});
        QCOMPARE(board->places()[1].string, std::size_t{0}); // the bass string lies nearest
        board->set_places({});
        Q_EMIT board->picked();
        QCOMPARE(view()->causes()->count(), 0);
    }

    /// Gone, better, the same, on the row itself: the ranking follows, the record keeps it with string and
    /// fret, and undone it is as before.
    void a_test_that_was_made_outweighs_what_was_computed() {
        pick_on_board(1, 0);
        pick_symptom(Symptom::open_buzz);
        const std::string first = view()->diagnosis().causes[0].id;
        const auto before = window_.state().job.record.size();
        press_result(0, TestResult::same);
        QVERIFY(view()->diagnosis().causes[0].id != first);
        const std::string third = view()->diagnosis().causes[2].id;
        press_result(2, TestResult::gone);
        QCOMPARE(view()->diagnosis().causes[0].id, third);
        QVERIFY(view()->row(0)->button(TestResult::gone)->isChecked());
        const auto standing = standing_complaint(window_.state().job.record);
        QVERIFY(standing && standing->entry.heard->answers.size() == 2);
        QCOMPARE(standing->entry.heard->string, std::size_t{1});
        QCOMPARE(standing_entries(window_.state().job.record).size(), before + 1); // one line that grows
        window_.press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(view()->diagnosis().causes[0].id != third);
        window_.press(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(view()->diagnosis().causes[0].id, first);
        QCOMPARE(window_.state().job.record.size(), before);
    }

    /// A complaint whose cause is not found yet is gone on with after another job, and after a new start.
    void an_open_complaint_is_gone_on_with() {
        pick_on_board(2, 7);
        pick_symptom(Symptom::note_buzz);
        press_result(0, TestResult::better);
        const QString path = window_->session().path();
        QVERIFY(window_->open(window_.path("curlew.fmjob")));
        window_->show_symptoms(true);
        QVERIFY(view()->board()->places().empty()); // nothing of it was heard there
        QVERIFY(window_->open(path));
        window_->show_symptoms(true);
        QCOMPARE(view()->board()->places().size(), std::size_t{1});
        QCOMPARE(view()->board()->places()[0].fret, 7);
        QCOMPARE(view()->symptoms()->currentRow(), static_cast<int>(Symptom::note_buzz));
        int checked = 0;
        for (int i = 0; i < view()->causes()->count(); ++i)
            if (QToolButton* better = view()->row(static_cast<std::size_t>(i))->button(TestResult::better))
                checked += better->isChecked();
        QCOMPARE(checked, 1);
        // Another complaint is another line.
        pick_symptom(Symptom::rattle);
        press_result(0, TestResult::same);
        int complaints = 0;
        for (const StandingEntry& each : standing_entries(window_.state().job.record))
            complaints += each.entry.kind == RecordKind::complaint;
        QCOMPARE(complaints, 2);
    }

    /// Ten complaints by mouse alone, from the place to the record: string and fret stand there, and on the
    /// owner's page.
    void ten_complaints_to_their_end() {
        const Symptom ten[] = {Symptom::open_buzz,
                               Symptom::note_buzz,
                               Symptom::all_buzz,
                               Symptom::behind_finger_buzz,
                               Symptom::first_frets_sharp,
                               Symptom::ping_when_tuning,
                               Symptom::rattle,
                               Symptom::chokes_in_bend,
                               Symptom::dead_note,
                               Symptom::string_breaks};
        int fret = 0;
        for (const Symptom symptom : ten) {
            view()->board()->set_places({});
            Q_EMIT view()->board()->picked();
            pick_on_board(1, ++fret);
            pick_symptom(symptom);
            QVERIFY(view()->causes()->count() > 0);
            for (int i = 0; i < view()->causes()->count(); ++i)
                if (view()->row(static_cast<std::size_t>(i))->button(TestResult::gone)) {
                    press_result(static_cast<std::size_t>(i), TestResult::gone);
                    break;
                }
            QCOMPARE(view()->board()->places().size(), std::size_t{1});
            click_on(view()->findChild<QToolButton*>(QStringLiteral("decide")));
            const RecordEntry& entry = window_.state().job.record.back();
            QCOMPARE(entry.kind, RecordKind::complaint);
            QVERIFY(!entry.text.empty() && entry.text != open_complaint);
            QVERIFY(entry.heard->symptom == symptom && entry.heard->string == 1 && entry.heard->fret == fret);
            QVERIFY(!standing_complaint(window_.state().job.record));
        }
        window_->session().save();
        const QString page = QString::fromUtf8(
            run(program("fair-measure-cli"),
                {QStringLiteral("sheet"), window_->session().path(), QStringLiteral("--part"),
                 QStringLiteral("owner"), QStringLiteral("-o"), out_.filePath(QStringLiteral("o.svg"))})
                .output);
        Q_UNUSED(page);
        const QString owner = QString::fromUtf8(file_bytes(out_.filePath(QStringLiteral("o.svg"))));
        const QString name = QString::fromStdString(window_.state().job.design.string_name(1));
        QVERIFY(owner.contains(name) && owner.contains(QStringLiteral("at fret")));
    }

    void a_cure_is_drawn_for_every_string() {
        // Too straight: every string gains by more relief.
        Value straight = with(window_->session().document(), "readings[0].relief.depth_mm", -0.25);
        for (std::size_t i = 0; i < 4; ++i) {
            const std::string at = "readings[0].strings[" + std::to_string(i) + "].";
            straight =
                with(straight, at + "open_gap_fret1_mm", window_.state().job.design.nut.height.of(i, 4));
            straight = with(straight, at + "action12_mm", window_.state().job.design.saddle.action.of(i, 4));
        }
        QVERIFY(window_->session().commit(QStringLiteral("straight"), straight).empty());
        place({{0, 2}});
        view()->choose(Symptom::note_buzz);
        QCOMPARE(view()->diagnosis().causes[0].id, std::string("relief_low"));
        const auto [better, worse] = view()->board()->balance();
        QVERIFY2(better > 4, qPrintable(QStringLiteral("%1 %2").arg(better).arg(worse)));
        QCOMPARE(view()->board()->change_at(2, 2), SymptomBoard::Change::better);
        QVERIFY(view()->table().count(QStringLiteral("<tr>")) == 5); // a head and four strings
        Q_UNUSED(worse);
    }

    void behind_the_finger_both_cures_stand_side_by_side() {
        const Value deep =
            with(window_->session().document(), "readings[0].strings[1].open_gap_fret1_mm", 0.02);
        QVERIFY(window_->session().commit(QStringLiteral("deep"), deep).empty());
        place({{1, 3}});
        view()->choose(Symptom::behind_finger_buzz);
        QCOMPARE(view()->causes()->count(), 3); // and something loose
        QVERIFY(view()->table().contains(QStringLiteral("cure 1")));
    }

    void what_was_found_goes_to_the_record_and_can_be_undone() {
        place({{1, 0}, {2, 0}});
        view()->choose(Symptom::open_buzz);
        view()->answer(0, TestResult::gone);
        const std::string cause = view()->diagnosis().causes[0].id;
        view()->decide();
        QVERIFY(window_->notice().contains(QStringLiteral("record")));
        const auto record = standing_entries(window_.state().job.record);
        QCOMPARE(record.size(), std::size_t{2}); // a stop was passed before
        const RecordEntry& found = record.back().entry;
        QCOMPARE(found.kind, RecordKind::complaint);
        QCOMPARE(found.text, cause);
        QCOMPARE(found.heard->string, std::size_t{1});
        QCOMPARE(found.heard->also.size(), std::size_t{1});
        QCOMPARE(found.heard->answers[0].cause, cause);
        QCOMPARE(found.heard->answers[0].result, TestResult::gone);
        window_->session().undo_stack()->undo();
        QVERIFY(standing_complaint(window_.state().job.record));
        window_->session().undo_stack()->undo();
        QCOMPARE(window_.state().job.record.size(), std::size_t{1});
    }

    void escape_leads_back_to_the_station() {
        QCOMPARE(view()->isVisible(), true);
        window_.press(Qt::Key_Escape);
        if (window_->view().page == Page::heard) window_.press(Qt::Key_Escape); // a notice lay on top
        QVERIFY(window_->view().page != Page::heard);
        window_.press(Qt::Key_W);
        QVERIFY(window_->view().page == Page::heard);
    }

private:
    void place(std::vector<HeardPlace> places) {
        view()->board()->set_places(std::move(places));
        Q_EMIT view()->board()->picked();
    }
    /// A press of the mouse where that string crosses that fret.
    void pick_on_board(std::size_t string, int fret) {
        SymptomBoard* board = view()->board();
        QTest::mouseClick(board, Qt::LeftButton, {}, board->place_at(string, fret).toPoint());
    }
    void pick_symptom(Symptom symptom) {
        QListWidget* list = view()->symptoms();
        QListWidgetItem* item = list->item(static_cast<int>(symptom));
        list->scrollToItem(item);
        QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualItemRect(item).center());
    }
    void press_result(std::size_t cause, TestResult result) {
        QListWidget* list = view()->causes();
        list->scrollToItem(list->item(static_cast<int>(cause)), QAbstractItemView::PositionAtCenter);
        QApplication::processEvents();
        click_on(view()->row(cause)->button(result));
        QApplication::processEvents();
    }
    QString cause_text(int row) { return view()->row(static_cast<std::size_t>(row))->cause(); }
    QTemporaryDir out_;
    SymptomView* view() { return window_->symptoms(); }
    WindowOnDemo window_;
};

QTEST_MAIN(TestSymptomView)
#include "tst_symptom_view.moc"
