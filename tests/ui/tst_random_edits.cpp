#include "common/jobs.h"
#include "common/window.h"
#include "job/document/json.h"

#include <QAbstractItemView>
#include <QToolButton>

#include <random>

using namespace fm;
using namespace fm::test;

/// Random edits through every station, with a fixed seed: nothing crashes, screen and core never part, and
/// undo leads back to what was opened. FAIR_MEASURE_EDITS says how many.
class TestRandomEdits : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-random-edits-test"); }

    void all_stations_and_all_the_way_back() {
        bool set = false;
        const int wanted = qEnvironmentVariableIntValue("FAIR_MEASURE_EDITS", &set);
        const int edits = set ? wanted : 300;
        const char* const jobs[] = {"curlew", "kittiwake", "lantern", "teal", "groundswell"};
        int steps = 0;
        for (const char* job : jobs) {
            window_.again(job);
            const std::string opened = written_json(window_->session().document());
            for (int i = 0; i < edits / 5; ++i) {
                edit();
                // Looking twice at each would take most of the time.
                if (i % 4 == 0) check();
                if (QTest::currentTestFailed()) return;
            }
            leave();
            steps += window_->session().undo_stack()->count();
            while (window_->session().undo_stack()->canUndo()) window_->session().undo_stack()->undo();
            QCOMPARE(written_json(window_->session().document()), opened);
        }
        QVERIFY(steps > edits / 20);
        window_->grab();
    }

private:
    unsigned random(std::size_t below) { return static_cast<unsigned>(generator_() % below); }
    template <class List> auto one_of(const List& list) {
        return list[static_cast<typename List::size_type>(random(static_cast<std::size_t>(list.size())))];
    }

    QWidget* station() {
        for (QWidget* each :
             std::initializer_list<QWidget*>{window_->survey(), window_->neck(), window_->strings(),
                                             window_->nut(), window_->saddle(), window_->bridge()})
            if (each->isVisible()) return each;
        return window_->board();
    }

    void leave() {
        if (QWidget* focus = QApplication::focusWidget()) QTest::keyClick(focus, Qt::Key_Escape);
    }

    void type_a_value() {
        static const QStringList texts{
            QStringLiteral("0.3"),     QStringLiteral("1/64\""), QStringLiteral("5"),
            QStringLiteral("44"),      QStringLiteral("-2"),     QStringLiteral("17 thou"),
            QStringLiteral("x"),       QStringLiteral("3*1,1"),  QStringLiteral("0.9"),
            QStringLiteral("12"),      QStringLiteral("640"),    QStringLiteral("0"),
            QStringLiteral("407-100"), QStringLiteral("1e9")};
        QList<ValueField*> fields;
        for (ValueField* each : station()->findChildren<ValueField*>())
            if (each->isVisible()) fields << each;
        if (fields.isEmpty()) return;
        ValueField* into = one_of(fields);
        into->setFocus();
        into->selectAll();
        QTest::keyClicks(into, one_of(texts));
        QTest::keyClick(into, random(4) ? Qt::Key_Return : random(2) ? Qt::Key_Tab : Qt::Key_Escape);
    }

    void click_a_button() {
        QList<QToolButton*> buttons;
        for (QToolButton* each : station()->findChildren<QToolButton*>())
            if (each->isVisible() && each->isEnabled() && !each->menu() && // a menu would wait for a choice
                !each->text().endsWith(QStringLiteral("…")) &&
                (each->property("choice").toBool() || each->property("page").toBool() ||
                 each->property("plain").toBool()))
                buttons << each;
        if (!buttons.isEmpty()) one_of(buttons)->click();
    }

    void type_into_a_list() {
        static const QStringList texts{QStringLiteral("0.25"), QStringLiteral("2.1"), QStringLiteral("E3"),
                                       QStringLiteral("no"), QStringLiteral("1/16")};
        QAbstractItemModel* models[] = {window_->cut_list()->model(), window_->strings()->model(),
                                        window_->saddle()->list()->model(),
                                        window_->survey()->list()->model(), window_->neck()->list()->model()};
        QAbstractItemModel* model = models[random(std::size(models))];
        if (model->rowCount() == 0) return;
        const QModelIndex cell =
            model->index(static_cast<int>(random(static_cast<std::size_t>(model->rowCount()))),
                         static_cast<int>(random(static_cast<std::size_t>(model->columnCount()))));
        if (model->flags(cell) & Qt::ItemIsEditable) model->setData(cell, one_of(texts), Qt::EditRole);
    }

    void edit() {
        switch (random(20)) {
        case 0:
        case 1: window_->choose_station(static_cast<Station>(random(station_count))); break;
        case 2:
            window_->choose_string(random(window_.state().job.design.strings.size()));
            window_->choose_fret(1 + static_cast<int>(random(
                                         static_cast<std::size_t>(window_.state().job.design.neck.frets))));
            break;
        case 3: window_->session().undo_stack()->undo(); break;
        case 4: window_->session().undo_stack()->redo(); break;
        case 5:
            press_any({Qt::Key_U, Qt::Key_T, Qt::Key_B, Qt::Key_D, Qt::Key_H, Qt::Key_P, Qt::Key_S, Qt::Key_L,
                       Qt::Key_M, Qt::Key_0, Qt::Key_1, Qt::Key_2, Qt::Key_Down, Qt::Key_C, Qt::Key_Escape});
            break;
        case 6: random(2) ? window_->strings()->add_string() : window_->strings()->take_string_out(); break;
        case 7:
        case 8: type_into_a_list(); break;
        case 9:
        case 10:
        case 11:
        case 12: click_a_button(); break;
        default: type_a_value();
        }
    }

    void press_any(const QList<Qt::Key>& keys) {
        if (QApplication::focusWidget() && !qobject_cast<QLineEdit*>(QApplication::focusWidget()))
            QTest::keyClick(QApplication::focusWidget(), one_of(keys));
    }

    /// What is shown is what the document gives.
    void check() {
        if (qobject_cast<ValueField*>(QApplication::focusWidget())) return; // a preview
        const State& shown = window_.state();
        QVERIFY(shown.document == window_->session().document());
        const Solution solved = solve(job_of(shown.document).design);
        QCOMPARE(shown.written.strings.size(), solved.strings.size());
        for (std::size_t i = 0; i < solved.strings.size(); ++i) {
            QCOMPARE(shown.written.strings[i].slot.floor_above_seat_mm,
                     solved.strings[i].slot.floor_above_seat_mm);
            QCOMPARE(shown.written.strings[i].compensation_mm, solved.strings[i].compensation_mm);
        }
    }

    WindowOnDemo window_;
    std::mt19937 generator_{4};
};

QTEST_MAIN(TestRandomEdits)
#include "tst_random_edits.moc"
