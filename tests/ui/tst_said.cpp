// What the side, the lists and the line of working say is of this job and of now.
#include "common/hands.h"
#include "common/jobs.h"
#include "common/run.h"
#include "job/read/story.h"
#include "ui/field/row_delegate.h"
#include "ui/window/finder.h"

#include <QLabel>
#include <QProcess>

using namespace fm;
using namespace fm::test;

class TestSaid : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-said-test"); }
    void init() { window_.again("kittiwake"); }

    /// Printed and not changed since: nothing is to be printed again.
    void next_at_the_sheets_is_what_is_so() {
        window_->choose_station(Station::sheets);
        QVERIFY(says("Print the sheets of the parts to be cut"));
        window_->sheets()->save_to(window_.path("printed.pdf"));
        QApplication::processEvents();
        QVERIFY(says("Cut by the sheets that were printed"));
        QVERIFY(!says("Print again what has changed"));
        commit("nut.thickness_mm", 4.6);
        QVERIFY(says("Print again what has changed"));
        key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(says("Cut by the sheets that were printed"));
    }

    /// Readings are lines of the record, too.
    void the_record_counts_what_it_shows() {
        const std::size_t lines = story_of(window_.state().job).size();
        QVERIFY(lines > 0);
        QVERIFY(
            says(qPrintable(lines == 1 ? QStringLiteral("1 line") : QStringLiteral("%1 lines").arg(lines))));
        QVERIFY(!says("nothing written yet"));
        window_->session().commit(QStringLiteral("x"), without(without(document(), "readings"), "record"));
        QVERIFY(says("nothing written yet"));
    }

    /// One way of reading in one column: what was read held at another fret is not in it.
    void gaps_read_otherwise_are_not_mixed() {
        Value::Array strings(4, Value(Value::Object{}));
        strings[0] = with(with(strings[0], "pressed_gap_mm", 0.05), "pressed_fret", 3);
        strings[1] = with(with(strings[1], "pressed_gap_mm", 0.17), "pressed_fret", 2);
        const Value entry =
            with(with(Value(Value::Object{}), "when", "2031-03-04T09:00"), "strings", strings);
        Job job = job_of(with(document(), "readings", Value(Value::Array{entry})));
        job.design.nut.height_method = NutHeightMethod::pressed_gap;
        for (const int held_at : {2, 3}) {
            job.design.nut.pressed_fret = held_at;
            const JobBeforeAfter told = before_and_after(job);
            QCOMPARE(told.nut_way.held_at, held_at);
            QCOMPARE(told.strings[0].nut_gap_mm.found.has_value(), held_at == 3);
            QCOMPARE(told.strings[1].nut_gap_mm.found.has_value(), held_at == 2);
        }
    }

    void one_is_said_of_one() {
        for (int left = static_cast<int>(window_.state().job.design.strings.size()); left > 1; --left) {
            window_->choose_station(Station::strings);
            key(Qt::Key_Delete, Qt::ControlModifier);
        }
        QCOMPARE(window_.state().job.design.strings.size(), std::size_t{1});
        for (const QString& text : texts())
            QVERIFY2(!text.contains(QStringLiteral("1 strings")), qPrintable(text));
        QVERIFY(says("1 string"));
    }

    void a_job_without_a_bridge_has_nothing_of_one() {
        window_->session().commit(QStringLiteral("x"), without(document(), "bridge"));
        window_->choose_station(Station::bridge);
        QApplication::processEvents();
        QVERIFY(says("Nothing to do: none in this job"));
        for (ValueField* field : window_->bridge()->canvas()->findChildren<ValueField*>())
            QVERIFY2(!field->isVisible() || field->geometry().isEmpty(), qPrintable(field->objectName()));
        QVERIFY(!says("the same break angle on every string"));
    }

    /// Only against the strings that were on it when it was opened.
    void tension_is_compared_with_the_same_instrument() {
        window_->choose_station(Station::strings);
        QVERIFY(!says("more than") && !says("less than"));
        key(Qt::Key_Insert);
        QVERIFY(!says("more than") && !says("less than"));
        key(Qt::Key_Z, Qt::ControlModifier);
        commit("strings[0].diameter_mm", window_.state().job.design.strings[0].diameter_mm * 1.2);
        QVERIFY(says("more than when the job was opened"));
    }

    /// The line of working and the way are of what is in sight.
    void the_working_goes_with_its_drawing() {
        window_->choose_station(Station::nut);
        QVERIFY(window_->working()->isVisible());
        for (const Station elsewhere : {Station::sheets, Station::record}) {
            window_->choose_station(elsewhere);
            QVERIFY(!window_->working()->isVisible());
        }
        window_->choose_station(Station::saddle);
        QVERIFY(window_->working()->isVisible());
        QVERIFY(!window_->working()->key().contains(QStringLiteral("floor")));
        press(Qt::Key_V); // the verdict
        if (window_->view().page == Page::verdict) QVERIFY(!window_->working()->isVisible());
    }

    /// A number that is not a string's own stays that number when another string is chosen.
    void a_margin_keeps_its_side() {
        window_->choose_string(1);
        press(Qt::Key_K, Qt::ControlModifier);
        keys(QStringLiteral("string to the board's edge"));
        key(Qt::Key_Return);
        const QString margin = window_->working()->key();
        QVERIFY2(margin.contains(QStringLiteral("margins_mm[")), qPrintable(margin));
        for (const std::size_t string : {0, 2, 3, 1}) {
            window_->choose_string(string);
            QCOMPARE(window_->working()->key(), margin);
        }
    }

    /// What is compared is the chosen string, also where nothing differs on it.
    /// The menu names the step it takes back, and no step where there is none.
    void undo_names_its_step() {
        const auto action = [this](const char* key) -> QAction* {
            for (QAction* each : window_->findChildren<QAction*>())
                if (each->shortcuts().contains(QKeySequence(QLatin1String(key)))) return each;
            return nullptr;
        };
        QAction* undo = action("Ctrl+Z");
        QAction* redo = action("Ctrl+Shift+Z");
        QVERIFY(undo && redo);
        QCOMPARE(undo->text(), QStringLiteral("&Undo"));
        QVERIFY(!undo->isEnabled() && !redo->isEnabled());
        QVERIFY(window_->session()
                    .commit(QStringLiteral("brass & bone"), with(document(), "nut.thickness_mm", 4.6))
                    .empty());
        QCOMPARE(undo->text(), QStringLiteral("&Undo: brass && bone"));
        press(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(undo->text(), QStringLiteral("&Undo"));
        QCOMPARE(redo->text(), QStringLiteral("Re&do: brass && bone"));
        QVERIFY(!undo->isEnabled() && redo->isEnabled());
    }

    /// By what is so, not by a sign in the text: sixty-fourths have a plus sign, too.
    void what_is_missing_is_told_from_what_comes_off() {
        window_->choose_station(Station::nut);
        window_->choose_stage(CutStage::fitted);
        QVERIFY(window_->session()
                    .commit(QStringLiteral("x"), with(document(), "plan.nut", "fill"))
                    .empty()); // what is low is filled, however many are
        const auto read = [this](double gap_mm) {
            commit("readings[0].strings[0].open_gap_fret1_mm", gap_mm);
            return *window_.state().found_floors[0] -
                   window_.state().solution.strings[0].slot.floor_above_seat_mm;
        };
        for (const char* unit : {"mm", "64ths"}) {
            QVERIFY(window_->session().commit(QStringLiteral("x"), with(document(), "unit", unit)).empty());
            bool plus_sign = false;
            for (double gap_mm = 0.70; gap_mm < 0.95; gap_mm += 0.03) {
                QVERIFY(read(gap_mm) > 0.1);
                QVERIFY(take_off(Tone::take_off).isValid() && !take_off(Tone::missing).isValid());
                plus_sign =
                    plus_sign || take_off(Tone::take_off).data().toString().contains(QLatin1Char('+'));
            }
            QCOMPARE(plus_sign, QByteArray(unit) == "64ths"); // "3/64 + 4 thou"
            QVERIFY(read(0.02) < -0.02);
            QVERIFY(take_off(Tone::missing).isValid());
        }
    }

    /// Settings stand under the program's own name.
    void settings_have_a_home() {
        const QTemporaryDir config;
        QProcess process;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert(QStringLiteral("XDG_CONFIG_HOME"), config.path());
        process.setProcessEnvironment(environment);
        process.start(program("fair-measure"),
                      {QStringLiteral("--workshop"), QFileInfo(window_.path("x")).path(),
                       QStringLiteral("--job"), QStringLiteral("teal")});
        const QString file = config.filePath(QStringLiteral("fair-measure/fair-measure.conf"));
        QTRY_VERIFY_WITH_TIMEOUT(QFile::exists(file), 20000);
        process.terminate();
        QVERIFY(process.waitForFinished(20000));
        QCOMPARE(QDir(config.path()).entryList(QDir::AllEntries | QDir::NoDotAndDotDot),
                 QStringList{QStringLiteral("fair-measure")});
    }

    void schools_are_compared_on_the_chosen_string() {
        window_->choose_station(Station::nut);
        for (std::size_t string = 0; string < window_.state().job.design.strings.size(); ++string) {
            window_->choose_string(string);
            QApplication::processEvents();
            press(Qt::Key_C);
            const QString name = QString::fromStdString(window_.state().job.design.string_name(string));
            QVERIFY2(window_->overlay().left(200).contains(name.toHtmlEscaped()),
                     qPrintable(window_->overlay()));
            press(Qt::Key_Escape);
        }
    }

private:
    Value document() const { return window_->session().document(); }
    void press(Qt::Key which, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        window_.press(which, modifiers);
    }
    void commit(const char* where, double value) {
        QVERIFY(window_->session().commit(QStringLiteral("x"), with(document(), where, value)).empty());
        QApplication::processEvents();
    }
    /// The first string's cell of that tone.
    QModelIndex take_off(Tone tone) const {
        const QAbstractItemModel* list = window_->cut_list()->model();
        for (int column = 0; column < list->columnCount(); ++column)
            if (list->index(0, column).data(tone_role) == static_cast<int>(tone))
                return list->index(0, column);
        return {};
    }
    /// Every line of words in sight.
    QStringList texts() const {
        QStringList list;
        for (QLabel* label : window_->findChildren<QLabel*>())
            if (label->isVisible()) list << label->text();
        for (QAbstractButton* button : window_->findChildren<QAbstractButton*>())
            if (button->isVisible()) list << button->text();
        return list;
    }
    bool says(const char* words) const {
        for (const QString& text : texts())
            if (text.contains(QLatin1String(words))) return true;
        return false;
    }

    WindowOnDemo window_;
};

QTEST_MAIN(TestSaid)
#include "tst_said.moc"
