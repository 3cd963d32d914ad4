#include "common/jobs.h"
#include "common/window.h"
#include "job/read/record.h"

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

    void every_symptom_can_be_asked_about_on_every_job() {
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"}) {
            window_.again(name);
            window_->show_symptoms(true);
            QVERIFY(view()->isVisible());
            for (int row = 0; row < view()->symptoms()->count(); ++row) {
                view()->symptoms()->setCurrentRow(row);
                QVERIFY(view()->causes()->count() > 0);
                for (int cause = 0; cause < view()->causes()->count(); ++cause) {
                    view()->causes()->setCurrentRow(cause);
                    QVERIFY(view()->detail().contains(QStringLiteral("Test:")));
                    QVERIFY(!view()->causes()->item(cause)->text().contains(QLatin1Char('{')));
                }
            }
        }
    }

    void places_are_picked_by_click_and_by_key() {
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

    void a_test_that_was_made_outweighs_what_was_computed() {
        view()->choose(Symptom::open_buzz);
        const std::string first = view()->diagnosis().causes[0].id;
        view()->answer(TestResult::same);
        QVERIFY(view()->diagnosis().causes[0].id != first);
        view()->causes()->setCurrentRow(2);
        const std::string third = view()->diagnosis().causes[2].id;
        view()->answer(TestResult::gone);
        QCOMPARE(view()->diagnosis().causes[0].id, third);
        view()->answer(std::nullopt); // not made after all
        view()->choose(Symptom::open_buzz);
        QCOMPARE(view()->diagnosis().causes[0].id, first);
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
        view()->choose(Symptom::note_buzz);
        view()->board()->set_places({{0, 2}});
        Q_EMIT view()->board()->picked();
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
        view()->choose(Symptom::behind_finger_buzz);
        view()->board()->set_places({{1, 3}});
        Q_EMIT view()->board()->picked();
        QCOMPARE(view()->causes()->count(), 3); // and something loose
        QVERIFY(view()->table().contains(QStringLiteral("cure 1")));
    }

    void what_was_found_goes_to_the_record_and_can_be_undone() {
        view()->choose(Symptom::open_buzz);
        view()->board()->set_places({{1, 0}, {2, 0}});
        Q_EMIT view()->board()->picked();
        view()->answer(TestResult::gone);
        const std::string cause = view()->diagnosis().causes[0].id;
        view()->decide();
        QVERIFY(window_->notice().contains(QStringLiteral("record")));
        const auto record = window_.state().job.record;
        QCOMPARE(record.size(), std::size_t{2}); // a stop was passed before
        QCOMPARE(record.back().kind, RecordKind::complaint);
        QCOMPARE(record.back().text, cause);
        QCOMPARE(record.back().heard->string, std::size_t{1});
        QCOMPARE(record.back().heard->also.size(), std::size_t{1});
        QCOMPARE(record.back().heard->answers[0].cause, cause);
        QCOMPARE(record.back().heard->answers[0].result, TestResult::gone);
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
    SymptomView* view() { return window_->symptoms(); }
    WindowOnDemo window_;
};

QTEST_MAIN(TestSymptomView)
#include "tst_symptom_view.moc"
