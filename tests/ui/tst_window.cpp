#include "common/jobs.h"
#include "sheet/drawing/fonts.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "ui/window/main_window.h"
#include "ui/window/start.h"

#include <QAccessible>
#include <QApplication>
#include <QClipboard>
#include <QDir>
#include <QMenuBar>
#include <QMimeData>
#include <QSettings>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTest>
#include <QToolButton>
#include <QWindow>

#include <cmath>

using namespace fm;

namespace {

/// What a screen reader would say of a widget.
QString spoken(QWidget* widget, QAccessible::Text what) {
    QAccessibleInterface* interface = QAccessible::queryAccessibleInterface(widget);
    return interface ? interface->text(what) : QString();
}

/// The cut list as a screen reader walks it.
QString spoken_cell(CutList* list, int row, int column) {
    QAccessibleInterface* table = QAccessible::queryAccessibleInterface(list->table());
    QAccessibleInterface* cell =
        table && table->tableInterface() ? table->tableInterface()->cellAt(row, column) : nullptr;
    return cell ? cell->text(QAccessible::Name) : QString();
}

} // namespace

/// The real window, driven by keys and mouse as a person would.
class TestWindow : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase();
    void init();
    void cleanup();

    void a_fret_height_typed_moves_every_floor();
    void equal_centres_survive_closing();
    void opening_writes_nothing();
    void esc_brings_the_old_value_back();
    void closing_in_the_middle_of_typing_loses_nothing();
    void what_is_not_understood_is_said_under_the_field();
    void what_is_not_allowed_is_refused();
    void a_fraction_is_inches_until_f2();
    void undo_goes_all_the_way_back();
    void the_string_gauge_belongs_to_the_chosen_string();
    void tab_visits_what_can_be_set();
    void keys_change_the_view();
    void units_go_round();
    void space_shows_the_working();
    void readings_are_typed_into_the_fitted_list();
    void the_cut_list_is_copied();
    void another_window_holds_the_job();
    void a_job_changed_on_disk_is_not_written_over();
    void bad_files_are_told_and_the_open_job_stays();
    void a_job_is_dropped_in();
    void zooming_and_panning();
    void schools_are_chosen();
    void every_demo_job_in_every_dress();
    void everything_has_a_name();
    void every_action_has_menu_shortcut_and_tooltip();
    void without_a_job_nothing_breaks();
    void another_theme_finds_every_station_as_it_was();
    void a_job_reopens_where_it_was();
    void a_window_up_first_is_the_same_then_data();
    void a_window_up_first_is_the_same_then();
    void one_string_and_fourteen();

private:
    template <class Widget = ValueField> Widget* field(const char* key) {
        for (Widget* widget : window_->findChildren<Widget*>(QLatin1String(key)))
            if (widget->isVisible()) return widget;
        return nullptr;
    }
    void enter(ValueField* into, const char* text) {
        QTest::mouseClick(into, Qt::LeftButton);
        QApplication::processEvents();
        into->selectAll();
        QTest::keyClicks(into, QString::fromUtf8(text));
        QTest::keyClick(into, Qt::Key_Return);
    }
    void press(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        QTest::keyClick(window_.get(), key, modifiers);
    }
    void click(const char* accessible_name) {
        for (QToolButton* button : window_->findChildren<QToolButton*>())
            if (button->accessibleName() == QLatin1String(accessible_name) && button->isVisible())
                return QTest::mouseClick(button, Qt::LeftButton);
        QFAIL(accessible_name);
    }
    const State& state() { return window_->session().state(); }
    QString job(const char* name) {
        return QDir(dir_->path()).filePath(QLatin1String(name) + QStringLiteral(".fmjob"));
    }
    void start(const char* name);

    std::unique_ptr<QTemporaryDir> dir_;
    std::unique_ptr<MainWindow> window_;
};

void TestWindow::initTestCase() {
    QCoreApplication::setApplicationName(QStringLiteral("fair-measure-test"));
    QStandardPaths::setTestModeEnabled(true);
    QSettings().clear();
    QLocale::setDefault(QLocale::c());
    load_fonts();
    dress(*qobject_cast<QApplication*>(QCoreApplication::instance()));
    QAccessible::setActive(true);
}

void TestWindow::init() {
    QSettings().clear();
    dir_ = std::make_unique<QTemporaryDir>();
    copy_demo_workshop(dir_->path());
    start("curlew");
}

void TestWindow::start(const char* name) {
    window_.reset();
    window_ = std::make_unique<MainWindow>(Workshop(dir_->path()));
    window_->open(job(name));
    window_->apply_theme(false);
    window_->show();
    window_->activateWindow();
    QVERIFY(QTest::qWaitForWindowActive(window_.get()));
}

void TestWindow::cleanup() {
    window_.reset();
}

void TestWindow::a_fret_height_typed_moves_every_floor() {
    const State before = state();
    ValueField* fret = field("neck.fret_height_mm");
    QVERIFY(fret);
    enter(fret, "3/64\"");
    const double rise = 1.190625 - 1.05;
    const auto count = before.job.design.strings.size();
    for (std::size_t i = 0; i < count; ++i) {
        const SlotWork& now = state().solution.strings[i].slot;
        const SlotWork& then = before.solution.strings[i].slot;
        QVERIFY(std::abs(now.floor_above_seat_mm - then.floor_above_seat_mm - rise) < 1e-12);
        QVERIFY(std::abs(now.fret_tops_above_seat_mm - then.fret_tops_above_seat_mm - rise) <
                1e-12); // the pencil line
        QCOMPARE(spoken_cell(window_->cut_list(), static_cast<int>(i), 2),
                 length_number(now.floor_above_seat_mm, Unit::mm));
    }
    QCOMPARE(find(window_->session().document(), "neck.fret_height_mm")->number(), 1.190625);
    QCOMPARE(window_->session().undo_stack()->undoText(), QStringLiteral("fret height 1.19 mm"));
    press(Qt::Key_Z, Qt::ControlModifier);
    QCOMPARE(state().job.design.neck.fret_height_mm, 1.05);
    QCOMPARE(state().solution.strings[3].slot.floor_above_seat_mm,
             before.solution.strings[3].slot.floor_above_seat_mm);
}

void TestWindow::equal_centres_survive_closing() {
    click("Spacing: equal centres");
    QCOMPARE(state().job.design.nut.spacing.method, SpacingMethod::equal_centres);
    const double step = state().solution.strings[2].line.nut_y_mm +
                        state().solution.strings[3].line.nut_y_mm -
                        state().solution.strings[0].line.nut_y_mm - state().solution.strings[1].line.nut_y_mm;
    const double next = state().solution.strings[4].line.nut_y_mm +
                        state().solution.strings[5].line.nut_y_mm -
                        state().solution.strings[2].line.nut_y_mm - state().solution.strings[3].line.nut_y_mm;
    QVERIFY(std::abs(step - next) < 1e-9); // course middles stand evenly
    QStringList before;
    for (int row = 0; row < 10; ++row)
        for (int column = 0; column < 5; ++column) before << spoken_cell(window_->cut_list(), row, column);
    QVERIFY(window_->close());
    start("curlew");
    QStringList after;
    for (int row = 0; row < 10; ++row)
        for (int column = 0; column < 5; ++column) after << spoken_cell(window_->cut_list(), row, column);
    QCOMPARE(after, before);
    QCOMPARE(after[5 * 2 + 2], length_number(state().solution.strings[2].slot.floor_above_seat_mm, Unit::mm));
    QVERIFY(!after.contains(QString()));
}

void TestWindow::opening_writes_nothing() {
    const QByteArray shipped = test::file_bytes(QStringLiteral(DEMO_DATA "/curlew.fmjob"));
    ValueField* fret = field("neck.fret_height_mm");
    QTest::mouseClick(fret, Qt::LeftButton);
    QTest::keyClick(fret, Qt::Key_Tab);
    QVERIFY(window_->close());
    QCOMPARE(test::file_bytes(job("curlew")), shipped);
    QCOMPARE(QDir(dir_->path()).entryList(QDir::Files).size(), 6);
}

void TestWindow::esc_brings_the_old_value_back() {
    ValueField* board = field("nut.board_above_seat_mm");
    const double before = state().solution.strings[0].slot.floor_above_seat_mm;
    QTest::mouseClick(board, Qt::LeftButton);
    board->selectAll();
    QTest::keyClicks(board, QStringLiteral("5.3"));
    QVERIFY(std::abs(state().solution.strings[0].slot.floor_above_seat_mm - before - 0.5) <
            1e-9); // typing previews
    QCOMPARE(window_->session().undo_stack()->count(), 0);
    QTest::keyClick(board, Qt::Key_Escape);
    QCOMPARE(state().solution.strings[0].slot.floor_above_seat_mm, before);
    QCOMPARE(board->text(), QStringLiteral("4.80"));
    QVERIFY(window_->session().save());
    QCOMPARE(test::file_bytes(job("curlew")), test::file_bytes(QStringLiteral(DEMO_DATA "/curlew.fmjob")));
}

void TestWindow::closing_in_the_middle_of_typing_loses_nothing() {
    ValueField* board = field("nut.board_above_seat_mm");
    QTest::mouseClick(board, Qt::LeftButton);
    board->selectAll();
    QTest::keyClicks(board, QStringLiteral("5.1"));
    QVERIFY(window_->close());
    QCOMPARE(find(test::document_of(job("curlew")), "nut.board_above_seat_mm")->number(), 5.1);
}

void TestWindow::what_is_not_understood_is_said_under_the_field() {
    ValueField* width = field("neck.nut_width_mm");
    enter(width, "46 +");
    QVERIFY2(width->accessibleDescription().contains(QStringLiteral("a number is missing at character 5")),
             qPrintable(width->accessibleDescription()));
    QCOMPARE(state().job.design.neck.nut_width_mm, 46.0);
    QTest::keyClick(width, Qt::Key_Tab); // leaving: the old value stands, the reason stays
    QVERIFY(width->accessibleDescription().contains(QStringLiteral("the old value stands")));
    QCOMPARE(width->text(), QStringLiteral("46.00"));
    QCOMPARE(window_->session().undo_stack()->count(), 0);
}

void TestWindow::what_is_not_allowed_is_refused() {
    ValueField* fret = field("neck.fret_height_mm");
    enter(fret, "5");
    QVERIFY2(fret->accessibleDescription().contains(
                 QStringLiteral("fret height is 5.00 mm; allowed is 0.20 mm to 3.00 mm")),
             qPrintable(fret->accessibleDescription()));
    QCOMPARE(state().job.design.neck.fret_height_mm, 1.05);
    QTest::keyClick(fret, Qt::Key_Escape);
    ValueField* margin = field("nut.spacing.edge_margin_mm.bass");
    enter(margin, "40");
    QVERIFY(margin->accessibleDescription().contains(QStringLiteral("the strings between need")));
    QCOMPARE(state().job.design.nut.spacing.edge_margin_mm->bass_mm, 3.2);
}

void TestWindow::a_fraction_is_inches_until_f2() {
    ValueField* margin = field("nut.spacing.edge_margin_mm.bass");
    QTest::mouseClick(margin, Qt::LeftButton);
    margin->selectAll();
    QTest::keyClicks(margin, QStringLiteral("1/8"));
    QVERIFY(margin->accessibleDescription().contains(QStringLiteral("fraction taken as inches")));
    QVERIFY(std::abs(state().job.design.nut.spacing.edge_margin_mm->bass_mm - 3.175) < 1e-9);
    QTest::keyClick(margin, Qt::Key_F2);
    QVERIFY(std::abs(state().job.design.nut.spacing.edge_margin_mm->bass_mm - 0.125) < 1e-9);
    QTest::keyClick(margin, Qt::Key_Escape);
    QCOMPARE(state().job.design.nut.spacing.edge_margin_mm->bass_mm, 3.2);
}

void TestWindow::undo_goes_all_the_way_back() {
    const std::string opened = written_json(window_->session().document());
    enter(field("neck.nut_width_mm"), "47,5");
    enter(field("nut.thickness_mm"), "5.5");
    click("Spacing: between");
    click("Set the outer strings by their spread instead of the edges");
    QCOMPARE(window_->session().undo_stack()->count(), 4);
    for (int i = 0; i < 4; ++i) press(Qt::Key_Z, Qt::ControlModifier);
    QCOMPARE(written_json(window_->session().document()), opened);
    press(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    QCOMPARE(state().job.design.neck.nut_width_mm, 47.5);
}

void TestWindow::the_string_gauge_belongs_to_the_chosen_string() {
    window_->choose_string(2);
    enter(field("strings[].diameter_mm"), ".034\"");
    QVERIFY(std::abs(state().job.design.strings[2].diameter_mm - 0.8636) < 1e-9);
    QVERIFY(std::abs(state().solution.strings[2].slot.width_mm - 0.9436) < 1e-9);
    QCOMPARE(state().job.design.strings[3].diameter_mm, 0.81);
    press(Qt::Key_BracketRight);
    QCOMPARE(window_->view().string, std::size_t(3));
    QCOMPARE(field("strings[].diameter_mm")->text(), QStringLiteral("0.81"));
}

void TestWindow::tab_visits_what_can_be_set() {
    field("neck.nut_width_mm")->setFocus();
    QStringList visited;
    for (int i = 0; i < 10; ++i) {
        if (auto* there = qobject_cast<ValueField*>(QApplication::focusWidget())) visited << there->key();
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Tab);
    }
    const QStringList order{QStringLiteral("neck.nut_width_mm"),
                            QStringLiteral("nut.spacing.edge_margin_mm.bass"),
                            QStringLiteral("nut.spacing.edge_margin_mm.treble"),
                            QStringLiteral("neck.fret_height_mm"),
                            QStringLiteral("nut.board_above_seat_mm"),
                            QStringLiteral("nut.height.bass_mm"),
                            QStringLiteral("nut.height.treble_mm"),
                            QStringLiteral("strings[].diameter_mm"),
                            QStringLiteral("nut.thickness_mm")};
    QCOMPARE(visited, order);
}

void TestWindow::keys_change_the_view() {
    window_->nut()->canvas()->setFocus();
    press(Qt::Key_T);
    QCOMPARE(window_->view().side, NutSide::found);
    auto* floor = window_->nut()->canvas()->findChild<InkNumber*>();
    QCOMPARE(floor->text(), length_number(*state().found_floors[0], Unit::mm)); // the slot as it is
    press(Qt::Key_B);
    QCOMPARE(window_->view().stage, CutStage::fitted);
    for (const Datum datum : {Datum::board, Datum::frets, Datum::blank_top, Datum::seat}) {
        press(Qt::Key_D);
        QCOMPARE(window_->view().datum, datum);
    }
    QTest::keyClick(window_->nut()->canvas(), Qt::Key_Right);
    QCOMPARE(window_->view().string, std::size_t(1));
    press(Qt::Key_2, Qt::ControlModifier);
    QCOMPARE(window_->nut()->pages()->page(), 1);
    press(Qt::Key_E, Qt::ControlModifier | Qt::ShiftModifier);
    QVERIFY(theme().evening);
    press(Qt::Key_E, Qt::ControlModifier | Qt::ShiftModifier);
    press(Qt::Key_D);
    QVERIFY(window_->cut_list()->model()->feeler_words(0).startsWith(
        QStringLiteral("the file stops on feelers")));
    QCOMPARE(spoken_cell(window_->cut_list(), 0, 3),
             length_number(state().solution.strings[0].slot.floor_over_board_mm + *state().found_floors[0] -
                               state().solution.strings[0].slot.floor_above_seat_mm,
                           Unit::mm));
}

void TestWindow::units_go_round() {
    window_->nut()->canvas()->setFocus();
    const double floor = state().solution.strings[0].slot.floor_above_seat_mm;
    for (const Unit unit : {Unit::in, Unit::thou, Unit::sixty_fourths, Unit::mm}) {
        press(Qt::Key_U);
        QCOMPARE(state().job.unit, unit);
        QCOMPARE(state().solution.strings[0].slot.floor_above_seat_mm, floor);
        QCOMPARE(spoken_cell(window_->cut_list(), 0, 2), length_number(floor, unit));
    }
    // A bare number is in the job's unit; leaving a field untouched changes nothing.
    press(Qt::Key_U);
    enter(field("nut.board_above_seat_mm"), "0.19");
    QVERIFY(std::abs(state().job.design.nut.board_above_seat_mm - 4.826) < 1e-9);
    const auto steps = window_->session().undo_stack()->count();
    for (ValueField* each : window_->findChildren<ValueField*>()) {
        if (!each->isVisible()) continue;
        each->setFocus();
        QTest::keyClick(each, Qt::Key_Tab);
    }
    QCOMPARE(window_->session().undo_stack()->count(), steps);
}

void TestWindow::space_shows_the_working() {
    window_->nut()->canvas()->setFocus();
    press(Qt::Key_Space);
    QVERIFY(window_->working()->whole_shown());
    QLabel* whole = nullptr;
    for (QLabel* label : window_->findChildren<QLabel*>())
        if (label->accessibleName() == QStringLiteral("The whole working")) whole = label;
    QVERIFY(whole && whole->text().contains(QStringLiteral("board")) &&
            whole->text().contains(QStringLiteral("your figure in the job")));
    press(Qt::Key_Space);
    QVERIFY(!window_->working()->whole_shown());
    press(Qt::Key_Space);
    press(Qt::Key_Escape);
    QVERIFY(!window_->working()->whole_shown());
    for (QLabel* label : window_->findChildren<QLabel*>())
        if (label->accessibleName() == QStringLiteral("Working"))
            QVERIFY2(label->text().startsWith(QStringLiteral(
                         "10 · G2 floor over seat 5.55 = board 4.80 + fret 1.05 + over the fret line 0.14")),
                     qPrintable(label->text()));
}

void TestWindow::readings_are_typed_into_the_fitted_list() {
    start("lantern");
    window_->choose_stage(CutStage::fitted);
    QTableView* table = window_->cut_list()->table();
    const auto type = [&](int column, const char* text) {
        table->setFocus();
        table->setCurrentIndex(table->model()->index(2, column));
        table->edit(table->currentIndex());
        auto* editor = qobject_cast<QLineEdit*>(QApplication::focusWidget());
        QVERIFY(editor && table->isAncestorOf(editor));
        QTest::keyClicks(editor, QString::fromUtf8(text));
        QTest::keyClick(editor, Qt::Key_Return);
        QApplication::processEvents();
    };
    type(1, "0.4<0.5");
    QVERIFY(!state().found_floors[2]); // the other number is still wanted
    type(2, "9/64");
    QCOMPARE(state().job.readings.size(), std::size_t(1));
    QVERIFY(state().found_floors[2].has_value());
    QVERIFY(std::abs(*state().job.readings[0].strings[2].pressed_gap_mm - 0.45) < 1e-9);
    QVERIFY(std::abs(*state().job.readings[0].strings[2].action12_mm - 25.4 * 9 / 64) < 1e-9);
    const double off = *state().found_floors[2] - state().solution.strings[2].slot.floor_above_seat_mm;
    QCOMPARE(spoken_cell(window_->cut_list(), 2, 4), length_number(off, Unit::mm));
    type(1, "much");
    QVERIFY(window_->notice().contains(QStringLiteral("not understood at character 1")));
    QVERIFY(window_->session().save()); // what was said stays said when the steps before it are written
    QVERIFY(window_->notice().contains(QStringLiteral("not understood at character 1")));
    press(Qt::Key_Z, Qt::ControlModifier);
    press(Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(state().job.readings.empty()); // withdrawn within the sitting
}

void TestWindow::the_cut_list_is_copied() {
    press(Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
    const QMimeData* copied = QApplication::clipboard()->mimeData();
    QVERIFY(copied->text().startsWith(
        QStringLiteral("string\tsaw to\tfloor\twidth\tfile\n10 · G2\t5.85\t5.55\t1.20\t1.20\n")));
    QCOMPARE(copied->text().count(QLatin1Char('\n')), 11);
    QCOMPARE(copied->html().count(QStringLiteral("<tr>")), 11);
}

void TestWindow::another_window_holds_the_job() {
    MainWindow second{Workshop(dir_->path())};
    QVERIFY(second.open(job("curlew")));
    QVERIFY(second.session().read_only());
    QVERIFY2(second.notice().contains(QStringLiteral("open in another window")), qPrintable(second.notice()));
    const auto problems = second.session().commit(QStringLiteral("x"),
                                                  with(second.session().document(), "nut.thickness_mm", 6.0));
    QCOMPARE(problems.front().id, std::string("job_read_only"));
    QVERIFY(second.session().save());
    QCOMPARE(test::file_bytes(job("curlew")), test::file_bytes(QStringLiteral(DEMO_DATA "/curlew.fmjob")));
}

void TestWindow::a_job_changed_on_disk_is_not_written_over() {
    QFile file(job("curlew"));
    QVERIFY(file.open(QIODevice::ReadOnly));
    QByteArray theirs = file.readAll();
    file.close();
    theirs.replace("\"thickness_mm\": 5.0", "\"thickness_mm\": 5.2");
    QVERIFY(file.open(QIODevice::WriteOnly | QIODevice::Truncate) && file.write(theirs) == theirs.size());
    file.close();
    enter(field("neck.nut_width_mm"), "47");
    QVERIFY(!window_->session().save());
    QVERIFY(window_->notice().contains(QStringLiteral("was changed by another program")));
    QCOMPARE(test::file_bytes(job("curlew")), theirs);
    QVERIFY(!window_->close()); // closing would lose the step
    QVERIFY(!window_->open(job("teal")));
    QVERIFY2(window_->notice().contains(QStringLiteral("stays open")), qPrintable(window_->notice()));
    const QString mine = QDir(dir_->path()).filePath(QStringLiteral("mine.fmjob"));
    window_->session().save_as(mine);
    QCOMPARE(find(test::document_of(mine), "neck.nut_width_mm")->number(), 47.0);
    window_->open(job("curlew"));
    QCOMPARE(state().job.design.nut.thickness_mm, 5.2);
}

void TestWindow::bad_files_are_told_and_the_open_job_stays() {
    const auto write = [&](const char* name, const QByteArray& text) {
        QFile file(job(name));
        if (file.open(QIODevice::WriteOnly)) file.write(text);
    };
    write("broken", "{\"format\": ");
    write("other", "{\"format\": \"something\"}");
    write("long", QByteArray::fromStdString(
                      written_json(with(test::demo_document("teal"), "title", std::string(3000000, 'x')))));
    QVERIFY(window_->open(job("long")) && !window_->grab().isNull()); // a title of three megabytes
    window_->choose_station(Station::sheets);
    QVERIFY(!window_->sheets()->bytes_for(QStringLiteral("a.pdf")).isEmpty());
    QVERIFY(window_->open(job("curlew")));
    write("newer", test::file_bytes(job("lantern")).replace("\"version\": 1", "\"version\": 7"));
    QVERIFY(!window_->open(job("broken")));
    QVERIFY(window_->notice().contains(QStringLiteral("the file ends too early")));
    QVERIFY(!window_->open(job("other")));
    QVERIFY(window_->notice().contains(QStringLiteral("format is \"something\"")));
    QVERIFY(!window_->open(job("nowhere")));
    QVERIFY(!window_->open(dir_->path()));
    QVERIFY(window_->notice().contains(QStringLiteral("is a folder")));
    QCOMPARE(state().job.title, std::string("Curlew"));
    QVERIFY(window_->open(job("newer")));
    QVERIFY(window_->session().read_only() &&
            window_->notice().contains(QStringLiteral("newer version (7)")));
}

void TestWindow::a_job_is_dropped_in() {
    QMimeData data;
    data.setUrls({QUrl::fromLocalFile(job("kittiwake"))});
    QDragEnterEvent enter_event(QPoint(400, 300), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(window_.get(), &enter_event);
    QVERIFY(enter_event.isAccepted());
    QDropEvent drop(QPointF(400, 300), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(window_.get(), &drop);
    QCOMPARE(state().job.title, std::string("Kittiwake"));
}

void TestWindow::zooming_and_panning() {
    NutCanvas* canvas = window_->nut()->front();
    canvas->setFocus();
    const QPoint before = field("nut.thickness_mm")->pos();
    QWheelEvent wheel(QPointF(300, 150), canvas->mapToGlobal(QPointF(300, 150)), {}, QPoint(0, 480),
                      Qt::NoButton, Qt::NoModifier, Qt::NoScrollPhase, false);
    QApplication::sendEvent(canvas, &wheel);
    auto* thickness = canvas->findChild<ValueField*>(QStringLiteral("nut.thickness_mm"));
    QVERIFY(thickness->pos() != before);
    const QPoint zoomed = thickness->pos();
    QTest::keyClick(canvas, Qt::Key_Left, Qt::ShiftModifier);
    QVERIFY(thickness->pos() != zoomed);
    QTest::keyClick(canvas, Qt::Key_0);
    QCOMPARE(thickness->pos(), before);
    QTest::keyClick(canvas, Qt::Key_Plus);
    QVERIFY(thickness->pos() != before);
    QTest::keyClick(canvas, Qt::Key_0);
    QTest::mouseClick(canvas, Qt::LeftButton, {},
                      QPoint(canvas->width() / 2 - 200, 140)); // a slot is chosen by clicking near it
    QVERIFY(window_->view().string < 4);
}

void TestWindow::schools_are_chosen() {
    const double floor = state().solution.strings[0].slot.floor_above_seat_mm;
    press(Qt::Key_2, Qt::ControlModifier);
    click("Nut height read: pressed");
    QCOMPARE(state().job.design.nut.height_method, NutHeightMethod::pressed_gap);
    QVERIFY(std::abs(state().solution.strings[0].slot.floor_above_seat_mm - floor) <
            0.003); // the nut stays, the reading changes
    click("pressed at fret: 2");
    QCOMPARE(state().job.design.nut.pressed_fret, 2);
    click("Nut height read: zero fret");
    press(Qt::Key_3, Qt::ControlModifier);
    click("Top: fair");
    QVERIFY(state().job.design.nut.fair_top);
    press(Qt::Key_4, Qt::ControlModifier);
    click("Seat: curved");
    QCOMPARE(state().job.design.nut.seat_radius_mm, 420.0);
    click("Material: brass");
    QCOMPARE(state().job.design.nut.material, std::string("brass"));
    press(Qt::Key_5, Qt::ControlModifier);
    click("Posts or bar: not given");
    QVERIFY(state().job.design.nut.posts.empty());
    click("Posts or bar: given");
    enter(field("posts.below_mm"), "12");
    QCOMPARE(state().job.design.nut.posts[0].below_mm, 12.0);
    press(Qt::Key_2, Qt::ControlModifier);
    click("Zero fret: real");
    QVERIFY(state().job.design.nut.zero_fret.has_value());
    press(Qt::Key_1, Qt::ControlModifier);
    click("Spacing: as measured");
    enter(field("nut.spacing.each_mm"), "-19.5");
    QCOMPARE(state().job.design.nut.spacing.each_mm[0], -19.5);
}

void TestWindow::every_demo_job_in_every_dress() {
    for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"}) {
        if (name[0] != 'c' && name[0] != 't' && !qEnvironmentVariableIsSet("FAIR_MEASURE_LONG")) continue;
        QVERIFY(window_->open(job(name)));
        for (const bool evening : {false, true}) {
            window_->apply_theme(evening);
            for (const QSize size : {QSize(1280, 800), QSize(1024, 700), QSize(1920, 1080)}) {
                window_->resize(size);
                QApplication::processEvents();
                for (int page = 0; page < 5; ++page) {
                    window_->nut()->pages()->show_page(page);
                    QVERIFY(!window_->grab().isNull());
                }
                // No field on the drawing covers another, and none is cut off at the sides.
                const auto fields = window_->nut()->canvas()->findChildren<QLineEdit*>();
                for (const QLineEdit* a : fields)
                    for (const QLineEdit* b : fields)
                        if (a != b && a->isVisible() && b->isVisible())
                            QVERIFY2(!a->geometry().intersects(b->geometry()),
                                     qPrintable(QStringLiteral("%1 %2: %3 over %4")
                                                    .arg(QLatin1String(name))
                                                    .arg(size.width())
                                                    .arg(a->accessibleName(), b->accessibleName())));
                for (const QLineEdit* each : fields)
                    if (each->isVisible())
                        QVERIFY2(window_->nut()->canvas()->rect().contains(each->geometry()),
                                 qPrintable(QLatin1String(name) + QLatin1Char(' ') + each->accessibleName() +
                                            QString::number(size.width())));
            }
        }
    }
    window_->apply_theme(false);
}

void TestWindow::everything_has_a_name() {
    QStringList names;
    for (QWidget* widget : window_->findChildren<QWidget*>()) {
        if (!widget->isVisible() || widget->focusPolicy() == Qt::NoFocus || widget->inherits("QScrollArea"))
            continue;
        if (widget->inherits("QMenuBar") || widget->inherits("QAbstractScrollArea")) continue;
        const QString name = spoken(widget, QAccessible::Name);
        QVERIFY2(!name.isEmpty(), widget->metaObject()->className());
        if (qobject_cast<ValueField*>(widget)) {
            QVERIFY2(name.contains(QStringLiteral(", mm")), qPrintable(name)); // quantity and unit
            names << name;
        }
    }
    names.sort();
    QCOMPARE(names.removeDuplicates(), 0);
    QCOMPARE(spoken(window_->cut_list()->table(), QAccessible::Name), QStringLiteral("Cut list"));
    QVERIFY(spoken(window_->findChild<StringWay*>(), QAccessible::Description)
                .contains(QStringLiteral("0.42 mm over fret 1")));
    // Contrast of every text on every ground it stands on.
    const auto light = [](const QColor& c) {
        const auto part = [](double v) {
            return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
        };
        return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
    };
    for (const Theme& t : {day_theme(), evening_theme()})
        for (const QColor& ground : {t.ground, t.side, t.list})
            for (const QColor& text : {t.ink, t.caption, t.yours, t.take_off, t.warning, t.missing}) {
                const double a = light(text), b = light(ground);
                QVERIFY2((std::max(a, b) + 0.05) / (std::min(a, b) + 0.05) >= 4.5,
                         qPrintable(text.name() + ground.name()));
            }
}

namespace {
/// A menu of names to choose from: recent jobs, languages.
bool is_a_choice(const QMenu* menu) {
    const auto actions = menu->actions();
    return std::all_of(actions.begin(), actions.end(),
                       [](const QAction* each) { return each->shortcut().isEmpty(); });
}
} // namespace

void TestWindow::every_action_has_menu_shortcut_and_tooltip() {
    QStringList shortcuts;
    for (const QMenu* menu : window_->menuBar()->findChildren<QMenu*>())
        for (const QAction* action : menu->actions()) {
            if (action->isSeparator() || action->menu() || is_a_choice(menu)) continue;
            QVERIFY2(!action->shortcut().isEmpty(), qPrintable(action->text()));
            QVERIFY2(action->toolTip().contains(QLatin1Char('(')), qPrintable(action->toolTip()));
            shortcuts << action->shortcut().toString();
        }
    QCOMPARE(shortcuts.removeDuplicates(), 0);
    press(Qt::Key_Question, Qt::ShiftModifier);
    bool shown = false;
    for (const QLabel* label : window_->findChildren<QLabel*>())
        shown = shown || (label->accessibleName() == QStringLiteral("Keys") && label->isVisible());
    QVERIFY(shown);
}

void TestWindow::without_a_job_nothing_breaks() {
    window_ = std::make_unique<MainWindow>(Workshop());
    window_->apply_theme(false);
    window_->show();
    window_->activateWindow();
    QVERIFY(QTest::qWaitForWindowActive(window_.get()));
    QVERIFY(window_->shows_first());
    for (const Qt::Key key : {Qt::Key_T, Qt::Key_B, Qt::Key_D, Qt::Key_U, Qt::Key_Space, Qt::Key_BracketLeft,
                              Qt::Key_BracketRight, Qt::Key_Question})
        press(key);
    for (const Qt::Key key : {Qt::Key_Z, Qt::Key_Plus, Qt::Key_0, Qt::Key_3}) press(key, Qt::ControlModifier);
    press(Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
    for (QToolButton* button : window_->findChildren<QToolButton*>())
        if (button->isVisible() && !button->menu() && button->text() != QStringLiteral("Close") &&
            button->window() == window_.get() && !window_->first()->isAncestorOf(button))
            QTest::mouseClick(button, Qt::LeftButton);
    QVERIFY(window_->shows_first()); // there is nothing to go to
    QVERIFY(!window_->grab().isNull());
    QVERIFY(window_->open(job("curlew")));
    QVERIFY(window_->notice().isEmpty());
}

void TestWindow::another_theme_finds_every_station_as_it_was() {
    window_->open(job("kittiwake"));
    std::map<Station, int> left;
    for (const Station each : {Station::saddle, Station::bridge, Station::neck}) {
        window_->choose_station(each);
        press(Qt::Key_3, Qt::ControlModifier);
        left[each] = window_->station(each)->frame()->pages()->page();
        QVERIFY(left[each] > 0);
    }
    window_->choose_station(Station::record);
    auto* note = window_->record()->findChild<QLineEdit*>();
    QVERIFY(note);
    note->setText(QStringLiteral("half a line"));
    window_->choose_station(Station::nut);
    const bool evening = theme().list.lightness() < 128;
    window_->apply_theme(!evening);
    QCOMPARE(note->text(), QStringLiteral("half a line"));
    for (const Station each : {Station::saddle, Station::bridge, Station::neck}) {
        window_->choose_station(each);
        QCOMPARE(window_->station(each)->frame()->pages()->page(), left[each]);
        QVERIFY(window_->station(each)->isVisible());
    }
    // And one types there as before.
    auto* width = window_->neck()->canvas()->findChild<ValueField*>(QStringLiteral("neck.nut_width_mm"));
    QTest::mouseClick(width, Qt::LeftButton);
    QTest::keyClick(width, Qt::Key_A, Qt::ControlModifier);
    QTest::keyClicks(width, QStringLiteral("33.7"));
    QTest::keyClick(width, Qt::Key_Return);
    QCOMPARE(window_->session().state().job.design.neck.nut_width_mm, 33.7);
    window_->resize(1024, 700); // lists that were let go are not asked for their width
    window_->resize(1280, 800);
    window_->apply_theme(evening);
}

void TestWindow::a_job_reopens_where_it_was() {
    window_->choose_string(4);
    window_->choose_datum(Datum::frets);
    window_->choose_stage(CutStage::fitted);
    window_->nut()->pages()->show_page(3);
    window_->open(job("teal"));
    QVERIFY(window_->view().string == 0 && window_->view().datum == Datum::seat);
    window_->open(job("curlew"));
    QVERIFY(window_->view().string == 4 && window_->view().datum == Datum::frets &&
            window_->view().stage == CutStage::fitted);
    QCOMPARE(window_->nut()->pages()->page(), 3);
    QVERIFY(window_->close());
    start("curlew");
    QCOMPARE(window_->view().string, std::size_t(4));
    QCOMPARE(test::file_bytes(job("curlew")),
             test::file_bytes(QStringLiteral(DEMO_DATA "/curlew.fmjob"))); // the job knows nothing of it
}

void TestWindow::a_window_up_first_is_the_same_then_data() {
    QTest::addColumn<QString>("job");
    QTest::addColumn<QSize>("size");
    for (const QSize size : {QSize(1280, 800), QSize(853, 533)})
        for (const char* job : {"curlew", ""}) // none: the first screen
            QTest::addRow("%s %d", job, size.width()) << QString::fromLatin1(job) << size;
}
/// Started, it is on the screen before anything stands in it; what is made then looks as if it had been
/// there, and the keys go to the same place.
void TestWindow::a_window_up_first_is_the_same_then() {
    QFETCH(QString, job);
    QFETCH(QSize, size);
    window_.reset(); // it holds the job
    StartOptions asked;
    asked.workshop = dir_->path();
    asked.job = job;
    asked.size = size;
    asked.sized = true;
    asked.theme = QStringLiteral("day");
    QImage seen[2];
    QString focused[2];
    bool up = false;
    for (const bool first : {false, true}) {
        QSettings().clear();
        const auto prepare = [&up] {
            const QWidgetList all = QApplication::topLevelWidgets();
            up = std::any_of(all.begin(), all.end(), [](const QWidget* each) {
                const auto* window = qobject_cast<const QMainWindow*>(each);
                return window && window->isVisible() && window->windowHandle()->isExposed() &&
                       !window->centralWidget();
            });
        };
        const auto window = started_window(asked, first ? std::function<void()>(prepare) : nullptr);
        window->show();
        window->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(window.get()));
        QTRY_VERIFY(window->centralWidget()->isVisible() && QApplication::focusWidget());
        QTRY_VERIFY(!window->first()->is_reading());
        focused[first ? 1 : 0] = QLatin1String(QApplication::focusWidget()->metaObject()->className());
        seen[first ? 1 : 0] = window->grab().toImage();
    }
    QVERIFY(up);
    QCOMPARE(focused[1], focused[0]);
    QCOMPARE(seen[1], seen[0]);
}

void TestWindow::one_string_and_fourteen() {
    for (unsigned seed = 0, seen = 0; seen < 3 && seed < 400; ++seed) {
        const Value document = test::RandomJob(seed).document();
        const std::size_t count = find(document, "strings")->array()->size();
        if (count != 1 && count != 14) continue;
        ++seen;
        QFile file(job("random"));
        QVERIFY(file.open(QIODevice::WriteOnly | QIODevice::Truncate));
        file.write(QByteArray::fromStdString(written_json(document)));
        file.close();
        QVERIFY2(window_->open(job("random")), qPrintable(window_->notice()));
        QVERIFY(!window_->grab().isNull());
        QCOMPARE(window_->cut_list()->model()->rowCount(), static_cast<int>(count));
        for (std::size_t i = 0; i < count; ++i) press(Qt::Key_BracketRight);
        QCOMPARE(window_->view().string, count - 1);
    }
}

QTEST_MAIN(TestWindow)
#include "tst_window.moc"
