#include "common/jobs.h"
#include "common/window.h"
#include "ui/look/texts.h"

#include <QLineEdit>
#include <QToolButton>

using namespace fm;
using namespace fm::test;

namespace {
using Column = StringsModel::Column;
}

/// The strings' station, driven by keys and mouse.
class TestStringsStation : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-teststringsstation"); }
    void init() {
        if (!window_) window_ = std::make_unique<WindowOnDemo>();
        start("curlew");
    }
    void cleanupTestCase() { window_.reset(); }

    void a_key_goes_there_and_back() {
        QVERIFY(station()->isVisible() && station()->table()->hasFocus());
        press(Qt::Key_4, Qt::AltModifier);
        QVERIFY(!station()->isVisible() && (*window_)->nut()->isVisible());
        for (QToolButton* button : (*window_)->findChildren<QToolButton*>())
            if (button->text() == QStringLiteral("Strings") && button->isVisible())
                QTest::mouseClick(button, Qt::LeftButton);
        QVERIFY(station()->isVisible());
        press(Qt::Key_S); // the board, from any station
        QVERIFY((*window_)->board()->isVisible());
        press(Qt::Key_Escape);
        QVERIFY(station()->isVisible());
    }
    void the_path_says_what_the_nut_calls_for() {
        const auto says = [&](const char* words) {
            const auto buttons = (*window_)->findChildren<QAbstractButton*>();
            return std::any_of(buttons.begin(), buttons.end(), [words](const QAbstractButton* button) {
                return button->text() == QLatin1String(words);
            });
        };
        const auto leave_the_rest = [&] {
            Value left = (*window_)->session().document();
            for (const char* part : {"plan.relief", "plan.saddle"}) left = with(left, part, "leave");
            QVERIFY((*window_)->session().commit(QStringLiteral("left"), left).empty());
        };
        press(Qt::Key_4, Qt::AltModifier);
        QVERIFY(says("First the relief")); // it moves what is read at the nut
        leave_the_rest();
        QVERIFY(says("File to the gaps wanted"));
        start("kittiwake"); // every slot too low
        leave_the_rest();
        press(Qt::Key_4, Qt::AltModifier);
        QVERIFY(says("Shim the nut, then file"));
        start("lantern");
        press(Qt::Key_4, Qt::AltModifier);
        QVERIFY(says("Fret tops onto the blank"));
    }
    void every_figure_is_the_solved_number() {
        for (const char* name : {"curlew", "lantern", "groundswell"}) {
            start(name);
            double total_n = 0;
            for (int row = 0; row < station()->model()->rowCount(); ++row) {
                const StringSolution& string = state().solution.strings[static_cast<std::size_t>(row)];
                QCOMPARE(cell(row, Column::tension), number_text(*string.tension_n(), 1));
                QCOMPARE(cell(row, Column::stress), number_text(*string.core_stress_mpa(), 0));
                QCOMPARE(cell(row, Column::mass), number_text(string.make_up.unit_mass_g_m, 3));
                QCOMPARE(cell(row, Column::core), number_text(string.make_up.core_mm, 2));
                total_n += *string.tension_n();
            }
            QCOMPARE(station()->total(), QStringLiteral("total tension %1 N").arg(number_text(total_n, 0)));
        }
    }
    /// Where inches rule tension is told in pounds, unless the job says otherwise.
    void tension_is_told_in_pounds_where_inches_rule() {
        start("curlew");
        const auto heading = [this] {
            return station()
                ->model()
                ->headerData(static_cast<int>(Column::tension), Qt::Horizontal, Qt::DisplayRole)
                .toString();
        };
        QCOMPARE(heading(), QStringLiteral("tension, N"));
        press(Qt::Key_U); // inches
        QCOMPARE(heading(), QStringLiteral("tension, lb"));
        const double tension_n = *state().solution.strings[0].tension_n();
        QCOMPARE(cell(0, Column::tension), number_text(tension_n / 4.4482216, 1));
        QVERIFY2(station()->total().endsWith(QStringLiteral(" lb")), qPrintable(station()->total()));
        const Value in_newton = with((*window_)->session().document(), "units.tension", std::string("N"));
        QVERIFY((*window_)->session().commit(QStringLiteral("newton"), in_newton).empty());
        QCOMPARE(heading(), QStringLiteral("tension, N"));
        QCOMPARE(cell(0, Column::tension), number_text(tension_n, 1));
    }
    void a_gauge_typed_changes_tension_and_total() {
        const double before = *state().solution.strings[2].tension_n();
        type(2, Column::diameter, ".034 in");
        QCOMPARE(state().job.design.strings[2].diameter_mm, 0.034 * 25.4);
        QVERIFY(*state().solution.strings[2].tension_n() > before + 5);
        QVERIFY2(station()->total().contains(QStringLiteral("more than when the job was opened")),
                 qPrintable(station()->total()));
        QCOMPARE((*window_)->session().undo_stack()->undoText(), QStringLiteral("8 · D3 gauge, mm .034 in"));
        press(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(state().job.design.strings[2].diameter_mm, 0.81);
        QVERIFY(!station()->total().contains(QStringLiteral("more")));
    }
    void a_set_of_the_shops_list_is_put_on() {
        const auto& sets = (*window_)->session().workshop().string_sets();
        QCOMPARE(sets.size(), std::size_t(2));
        station()->take_set(sets[1]); // ten strings, plain thirds
        QCOMPARE(state().job.design.strings[4].diameter_mm, 0.48);
        QVERIFY(!state().job.design.strings[4].wound);
        QVERIFY((*window_)->session().undo_stack()->undoText().contains(QStringLiteral("cittern")));
        station()->take_set(sets[0]); // four do not fit
        QVERIFY((*window_)->notice().contains(QStringLiteral("4")));
        QCOMPARE(state().job.design.strings.size(), std::size_t(10));
        press(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(state().job.design.strings[4].diameter_mm, 0.53);
    }
    void a_pitch_typed_is_a_note() {
        type(0, Column::pitch, "F#2");
        QVERIFY(std::abs(state().job.design.strings[0].pitch_hz - 92.4986) < 1e-3);
        type(0, Column::pitch, "H2");
        QVERIFY2((*window_)->notice().contains(QStringLiteral("a note such as G2")),
                 qPrintable((*window_)->notice()));
        QCOMPARE(cell(0, Column::pitch), QStringLiteral("F♯2"));
    }
    void a_note_is_typed_at_once() {
        choose(0, Column::pitch);
        const CutStage stage = (*window_)->view().stage;
        QTest::keyClick(station()->table(), Qt::Key_B); // elsewhere a shortcut
        QLineEdit* editor = nullptr;
        for (QLineEdit* each : station()->table()->findChildren<QLineEdit*>())
            if (each->isVisible()) editor = each;
        QVERIFY(editor && (*window_)->view().stage == stage);
        QTest::keyClicks(editor, QStringLiteral("1"));
        QTest::keyClick(editor, Qt::Key_Return);
        QApplication::processEvents();
        QCOMPARE(state().job.design.strings[0].pitch_name, std::string("B1"));
        choose(0, Column::diameter);
        QTest::keyClick(station()->table(), Qt::Key_B);
        QVERIFY((*window_)->view().stage != stage);
    }
    void an_estimate_is_typed_over_and_taken_back() {
        QVERIFY(spoken(2, Column::core).endsWith(QStringLiteral("0.38, estimated")));
        type(2, Column::core, "0.4");
        QCOMPARE(*state().job.design.strings[2].core_mm, 0.4);
        QVERIFY(spoken(2, Column::core).endsWith(QStringLiteral("0.40")));
        type(2, Column::core, "");
        QVERIFY(!state().job.design.strings[2].core_mm);
        QVERIFY(!find((*window_)->session().document(), "strings[2].core_mm"));
        type(2, Column::mass, "3,5");
        QCOMPARE(*state().job.design.strings[2].unit_mass_g_m, 3.5);
        type(2, Column::mass, "heavy");
        QVERIFY((*window_)->notice().contains(QStringLiteral("a number of grams in a metre is needed")));
        type(2, Column::core, "0.9"); // thicker than the string
        QVERIFY((*window_)->notice().contains(QStringLiteral("must be thinner than the string")));
    }
    void wound_and_plain_change_by_enter() {
        choose(0, Column::wound);
        QCOMPARE(cell(0, Column::wound), QStringLiteral("bronze"));
        for (const char* then :
             {"nickel steel", "stainless", "silvered copper", "plain", "wound", "bronze"}) {
            const double before_g_m = state().solution.strings[0].make_up.unit_mass_g_m;
            QTest::keyClick(station()->table(), Qt::Key_Return);
            QCOMPARE(cell(0, Column::wound), QString::fromLatin1(then));
            const StringDesign& string = state().job.design.strings[0];
            QCOMPARE(string.wound, QByteArray(then) != "plain");
            QVERIFY(string.wound || !string.core_mm);
            if (QByteArray(then) == "nickel steel")
                QVERIFY(state().solution.strings[0].make_up.unit_mass_g_m < 0.95 * before_g_m);
        }
        for (int step = 0; step < 6; ++step) press(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(*state().job.design.strings[0].core_mm, 0.43);
    }
    void a_doubtful_string_is_marked() {
        start("kittiwake");
        type(3, Column::pitch, "E6");
        QVERIFY(spoken(3, Column::stress).endsWith(QStringLiteral("doubtful")));
    }
    void a_core_is_chosen_for_one_string() {
        start("lantern");
        choose(4, Column::pitch);
        click("nylon fibres");
        QCOMPARE(*find((*window_)->session().document(), "strings[4].core")->text(),
                 std::string("nylon_floss"));
        QVERIFY(state().job.design.strings[4].core == CoreMaterial::nylon_floss);
    }
    void courses_are_made_and_unmade() {
        start("teal");
        choose(0, Column::pitch);
        QTest::keyClick(station()->table(), Qt::Key_Down, Qt::ShiftModifier);
        click("One course");
        QCOMPARE(course_starts(state().job.design.strings).size(), std::size_t(7));
        QCOMPARE(*state().job.design.nut.spacing.course_gap_mm, 2.0); // the usual distance
        QVERIFY(std::abs(state().solution.nut_gaps_mm[0] - 2.0) < 1e-9);
        click("Single");
        QCOMPARE(course_starts(state().job.design.strings).size(), std::size_t(8));
        press(Qt::Key_Z, Qt::ControlModifier);
        press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!find((*window_)->session().document(), "nut.spacing.course_gap_mm"));
        choose(3, Column::pitch);
        click("One course");
        QVERIFY((*window_)->notice().contains(QStringLiteral("two or more neighbouring strings")));
    }
    void a_set_is_read() {
        start("kittiwake");
        const QString path = window_->path("light.csv");
        const auto write = [&](const char* text) {
            QFile file(path);
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(text);
        };
        write("pitch,diameter_in,wound\nC3,.034,yes\nG3,.024,yes\nD4,.014,no\nA4,.009,no\n");
        station()->read_set(path);
        QCOMPARE(cell(0, Column::diameter), QStringLiteral("0.86"));
        QVERIFY(!state().job.design.strings[0].core_mm);
        QCOMPARE((*window_)->session().undo_stack()->undoText(), QStringLiteral("strings from light.csv"));
        write("pitch,diameter\nC3,1\n");
        station()->read_set(path);
        QVERIFY2(
            (*window_)->notice().contains(QStringLiteral("the set has 1 strings; this instrument has 4")),
            qPrintable((*window_)->notice()));
        write("pitch,diameter\nC3,thick\n");
        station()->read_set(path);
        QVERIFY((*window_)->notice().contains(QStringLiteral("row 2, diameter")));
        station()->read_set(QStringLiteral("/nowhere.csv"));
        QVERIFY((*window_)->notice().contains(QStringLiteral("there is no file")));
    }
    void the_working_follows_the_cell() {
        choose(2, Column::tension);
        const QString line = (*window_)->working()->findChild<QLabel*>()->text();
        QVERIFY2(line.startsWith(QStringLiteral("8 · D3 tension 99.3 N")), qPrintable(line));
        choose(2, Column::core);
        QVERIFY((*window_)->working()->findChild<QLabel*>()->text().startsWith(
            QStringLiteral("8 · D3 core 0.38")));
    }
    void a_string_that_cannot_sound_still_shows() {
        const auto problems = (*window_)->session().commit(
            QStringLiteral("stiff"),
            with((*window_)->session().document(), "strings[9].bending_stiffness_n_mm2", 1e7));
        QVERIFY(problems.empty());
        QCOMPARE(cell(9, Column::tension), QStringLiteral("–"));
        QVERIFY(spoken(9, Column::tension).endsWith(QStringLiteral("doubtful")));
        press(Qt::Key_S);
        QVERIFY(!(*window_)->grab().isNull());
    }
    void strings_come_and_go() {
        const Value before = (*window_)->session().document();
        (*window_)->choose_string(0);
        press(Qt::Key_Insert);
        QCOMPARE(state().job.design.strings.size(), std::size_t(11));
        QCOMPARE((*window_)->view().string, std::size_t(1)); // the new one
        for (int i = 0; i < 5; ++i) press(Qt::Key_Insert);
        QCOMPARE(state().job.design.strings.size(), std::size_t(14));
        QVERIFY((*window_)->notice().contains(QStringLiteral("14")));
        for (int i = 0; i < 15; ++i) press(Qt::Key_Delete, Qt::ControlModifier);
        QCOMPARE(state().job.design.strings.size(), std::size_t(1));
        QVERIFY((*window_)->notice().contains(QStringLiteral("one string stays")));
        while ((*window_)->session().undo_stack()->canUndo()) press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY((*window_)->session().document() == before);
    }
    void every_job_in_every_dress() {
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"}) {
            start(name);
            for (const QSize size : {QSize(1280, 800), QSize(1024, 700), QSize(1920, 1080)}) {
                (*window_)->resize(size);
                QApplication::processEvents();
                QVERIFY(!(*window_)->grab().isNull());
                QTableView* table = station()->table();
                const int last = station()->model()->rowCount() - 1;
                QVERIFY(table->viewport()->rect().contains(
                    table->visualRect(station()->model()->index(last, StringsModel::columns - 1))));
            }
        }
    }

private:
    StringsStation* station() { return (*window_)->strings(); }
    const State& state() { return window_->state(); }
    QString cell(int row, Column column) {
        return station()->model()->index(row, static_cast<int>(column)).data().toString();
    }
    QString spoken(int row, Column column) {
        return spoken_cell(station()->table(), row, static_cast<int>(column));
    }
    void choose(int row, Column column) {
        station()->table()->setCurrentIndex(station()->model()->index(row, static_cast<int>(column)));
    }
    void type(int row, Column column, const char* text) {
        choose(row, column);
        QTest::keyClick(station()->table(), Qt::Key_F2);
        QLineEdit* editor = nullptr;
        for (QLineEdit* each : station()->table()->findChildren<QLineEdit*>())
            if (each->isVisible()) editor = each;
        QVERIFY(editor);
        editor->selectAll();
        QTest::keyClick(editor, Qt::Key_Backspace);
        QTest::keyClicks(editor, QString::fromUtf8(text));
        QTest::keyClick(editor, Qt::Key_Return);
        QApplication::processEvents();
    }
    void click(const char* text) {
        for (QToolButton* button : station()->findChildren<QToolButton*>())
            if (button->text() == QLatin1String(text) && button->isVisible())
                return QTest::mouseClick(button, Qt::LeftButton);
        QFAIL(text);
    }
    void press(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        window_->press(key, modifiers);
    }
    void start(const char* name) {
        window_->again(name);
        press(Qt::Key_3, Qt::AltModifier);
    }

    std::unique_ptr<WindowOnDemo> window_;
};

QTEST_MAIN(TestStringsStation)
#include "tst_strings_station.moc"
