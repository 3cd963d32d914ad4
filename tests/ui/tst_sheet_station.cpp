#include "common/hands.h"
#include "common/jobs.h"
#include "common/run.h"
#include "common/window.h"
#include "job/document/json.h"
#include "settings/settings.h"

#include <QCheckBox>
#include <QDir>
#include <QFileInfo>
#include <QScopeGuard>
#include <QThread>
#include <QThreadPool>
#include <QToolButton>
#include <QTranslator>

using namespace fm;
using namespace fm::test;

/// The sheets in the window: which, on what, for which printer; printing, saving, and what was printed
/// before.
class TestSheetStation : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-sheets-test"); }
    void init() {
        window_ = std::make_unique<WindowOnDemo>(); // printers are the workshop's: each test has its own
        window_->start("curlew");
        press(Qt::Key_8, Qt::AltModifier);
    }
    void cleanup() { window_.reset(); }

    void sheets_are_chosen_by_key_and_click() {
        QCOMPARE(window()->view().station, Station::sheets);
        QVERIFY(pages()->hasFocus());
        QCOMPARE(pages()->pages().size(), std::size_t{1});
        QTest::mouseClick(box(SheetPart::placing), Qt::LeftButton, {}, QPoint(8, 16));
        QCOMPARE(pages()->pages().size(), std::size_t{4}); // a strip of three pages
        box(SheetPart::nut)->setFocus();
        QTest::keyClick(box(SheetPart::nut), Qt::Key_Space);
        QCOMPARE(pages()->pages().size(), std::size_t{3});
        QVERIFY(pages()->pages().front().width > pages()->pages().front().height);
        QVERIFY(pages()->accessibleDescription().contains(QStringLiteral("Placing strip 1 of 3")));
        // The choice is there again in the next window.
        SheetStation next(window()->session());
        next.refresh();
        QCOMPARE(next.parts(), std::vector<SheetPart>{SheetPart::placing});
        delete next.beside();
    }

    void a_job_without_a_bridge_has_no_sheet_of_it() {
        station()->choose_parts({SheetPart::bridge, SheetPart::nut});
        QCOMPARE(station()->parts().size(), std::size_t{2});
        window_->again("teal");
        press(Qt::Key_8, Qt::AltModifier);
        QVERIFY(!box(SheetPart::bridge)->isEnabled());
        QCOMPARE(station()->parts(), std::vector<SheetPart>{SheetPart::nut});
    }

    void paper_and_second_unit_are_on_the_pages() {
        click(QStringLiteral("Paper: Letter"));
        QCOMPARE(pages()->pages().front().width, 215.9);
        QVERIFY(!says("(0.1969)"));
        click(QStringLiteral("Second unit: in brackets"));
        QVERIFY(says("5.00 (0.197)"));
    }

    void sheets_speak_their_own_language() {
        QVERIFY(says("True size 1:1"));
        click(QStringLiteral("Language of the sheets: Deutsch"));
        QVERIFY(says("Wahre Größe 1:1"));
        QVERIFY(box(SheetPart::nut)->text() == QStringLiteral("Nut")); // the window keeps its own
        click(QStringLiteral("Language of the sheets: English"));
        QVERIFY(says("True size 1:1"));
    }

    void pages_are_enlarged_and_walked() {
        const double fit = pages()->zoom();
        QTest::keyClick(pages(), Qt::Key_Plus);
        QVERIFY(std::abs(pages()->zoom() / fit - 1.25) < 1e-9);
        QTest::keyClick(pages(), Qt::Key_0);
        QCOMPARE(pages()->zoom(), fit);
        station()->choose_parts(parts_of(state().job));
        pages()->setFocus();
        QCOMPARE(pages()->current_page(), 0);
        QTest::keyClick(pages(), Qt::Key_End);
        QCOMPARE(pages()->current_page(), static_cast<int>(pages()->pages().size()) - 1);
        QTest::keyClick(pages(), Qt::Key_Home);
        QCOMPARE(pages()->current_page(), 0);
        QVERIFY(!window()->grab().isNull());
    }

    void a_saved_sheet_is_in_the_record_and_can_be_withdrawn() {
        const QString path = QDir(folder()).filePath(QStringLiteral("nut.pdf"));
        station()->save_to(path);
        QVERIFY2(window()->notice().isEmpty(), qPrintable(window()->notice()));
        QVERIFY(file_bytes(path).startsWith("%PDF"));
        QCOMPARE(state().job.sheets.size(), std::size_t{1});
        QVERIFY(says("no figure has changed since"));
        // What changes then is marked, and the revision goes on.
        change_the_seat();
        QVERIFY(says("revision 2") && says("\u25B2"));
        press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(says("revision 1"));
        press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(state().job.sheets.empty());
    }

    void the_sheets_are_the_commands_sheets() {
        station()->choose_parts(parts_of(state().job));
        const QString path = QDir(folder()).filePath(QStringLiteral("all.dxf"));
        const QByteArray mine = station()->bytes_for(path);
        window()->session().save();
        const Ran ran =
            run(program("fair-measure-cli"),
                {QStringLiteral("sheet"), window()->session().path(), QStringLiteral("--part"),
                 QStringLiteral("all"), QStringLiteral("-o"), path, QStringLiteral("--workshop"), folder()});
        QVERIFY2(ran.exit_code == 0, ran.errors.constData());
        // The dates differ in how they are written; nothing else does.
        const auto lines = [](const QByteArray& text) {
            QList<QByteArray> all = text.split('\n');
            all.removeIf([](const QByteArray& line) { return line.contains("revision"); });
            return all;
        };
        QCOMPARE(lines(file_bytes(path)), lines(mine));
    }

    void how_sure_the_floors_are_is_worked_out_beside_the_window() {
        const auto told = [this] { return says("\u00B1") && !says("\u2026"); };
        QTRY_VERIFY(told());
        QThreadPool::globalInstance()->setMaxThreadCount(1);
        std::atomic<bool> held{true};
        QThreadPool::globalInstance()->start([&held] { // nothing else is worked out meanwhile
            while (held) QThread::msleep(1);
        });
        const auto release = qScopeGuard([&held] {
            held = false;
            QThreadPool::globalInstance()->waitForDone();
            QThreadPool::globalInstance()->setMaxThreadCount(QThread::idealThreadCount());
        });
        change_the_seat();
        QVERIFY(says("4.60")); // the pages do not wait for it
        QVERIFY(says("\u2026"));
        // What is saved says it all.
        const QString path = QDir(folder()).filePath(QStringLiteral("nut.svg"));
        station()->save_to(path);
        QVERIFY(file_bytes(path).contains("\u00B1") && !file_bytes(path).contains("\u2026"));
        held = false;
        QThreadPool::globalInstance()->waitForDone();
        QCoreApplication::processEvents();
        QVERIFY(told());
        // It is that of the slots as they will be cut, read or not.
        const std::vector<double> sure_mm = floors_sure_mm(state());
        QCOMPARE(sure_mm.size(), state().job.design.strings.size());
        for (const double one_mm : sure_mm) QVERIFY(says(QString::number(one_mm, 'f', 2).toStdString()));
    }

    void a_printer_prints_all_pages() {
        station()->choose_parts({SheetPart::nut, SheetPart::placing});
        const QString path = QDir(folder()).filePath(QStringLiteral("printed.pdf"));
        QPrinter printer(QPrinter::HighResolution);
        printer.setOutputFormat(QPrinter::PdfFormat);
        printer.setOutputFileName(path);
        QVERIFY(station()->print_on(printer));
        const Ran info = run(QStringLiteral("pdfinfo"), {path});
        QVERIFY2(info.output.contains("Pages:           4"), info.output.constData());
        QCOMPARE(state().job.sheets.back().parts, (std::vector<std::string>{"nut", "placing"}));
    }

    void a_removed_printer_loses_nothing() {
        QPrinter printer(QPrinter::HighResolution);
        printer.setOutputFormat(QPrinter::PdfFormat);
        printer.setOutputFileName(QStringLiteral("/nowhere/at/all.pdf"));
        QVERIFY(!station()->print_on(printer));
        QVERIFY(window()->notice().contains(QStringLiteral("did not take")));
        QVERIFY(state().job.sheets.empty());
        QVERIFY(!window()->session().undo_stack()->canUndo());
    }

    void what_cannot_be_saved_is_told() {
        station()->save_to(QDir(folder()).filePath(QStringLiteral("nut.doc")));
        QVERIFY(window()->notice().contains(QStringLiteral("must end in .pdf, .svg or .dxf")));
        station()->save_to(QStringLiteral("/dev/full.pdf/nut.pdf"));
        QVERIFY(!window()->notice().isEmpty());
        QVERIFY(state().job.sheets.empty());
        station()->choose_parts({});
        station()->save_to(QDir(folder()).filePath(QStringLiteral("none.pdf")));
        QVERIFY(window()->notice().contains(QStringLiteral("choose a sheet")));
    }

    void a_printer_is_measured_once() {
        type(QStringLiteral("bar_x_mm"), QStringLiteral("138.04"));
        QVERIFY(window()->notice().contains(QStringLiteral("name first")));
        auto* name = station()->printer()->findChild<TextField*>();
        name->setFocus();
        QTest::keyClicks(name, QStringLiteral("bench"));
        QTest::keyClick(name, Qt::Key_Return);
        type(QStringLiteral("bar_x_mm"), QStringLiteral("138.04"));
        QVERIFY(!station()->printer()->chosen()); // one bar is not enough
        type(QStringLiteral("bar_y_mm"), QStringLiteral("138.74"));
        QVERIFY(station()->printer()->chosen());
        QVERIFY(says("Drawn 101.42 % × 100.91 % for bench."));
        const Workshop kept(folder());
        QCOMPARE(kept.printer("bench")->bar_x_mm, 138.04);
        QVERIFY(kept.name() == QStringLiteral("Saltmarsh Row Instruments")); // the rest stays
        // No caliper reads that on a test page.
        type(QStringLiteral("bar_y_mm"), QStringLiteral("100"));
        auto* bar = station()->printer()->findChild<ValueField*>(QStringLiteral("bar_y_mm"));
        QVERIFY2(bar->property("fault").toBool(), "marked");
        QVERIFY2(bar->accessibleDescription().contains(QStringLiteral("a test page")),
                 qPrintable(bar->accessibleDescription()));
        QCOMPARE(Workshop(folder()).printer("bench")->bar_y_mm, 138.74);
        station()->printer()->choose({});
        QVERIFY(says("Print at 100 %, not fitted to the page."));
    }

    void a_part_is_saved_for_a_machine() {
        MachinePanel* machine = station()->machine();
        QVERIFY(machine->unreached().contains(QStringLiteral("no cutter")));
        auto* cutter = machine->findChild<ValueField*>();
        cutter->setFocus();
        cutter->selectAll();
        QTest::keyClicks(cutter, QStringLiteral("0.5"));
        QTest::keyClick(cutter, Qt::Key_Return);
        QVERIFY2(machine->unreached().contains(QStringLiteral("a cutter of 0.50 mm does not get in")),
                 qPrintable(machine->unreached()));
        const QDir dir(folder());
        // A slot it does not get into: who saves it all the same has read so.
        machine->save_to(dir.filePath(QStringLiteral("nut.dxf")));
        QVERIFY(!QFile::exists(dir.filePath(QStringLiteral("nut.dxf"))));
        QVERIFY(window()->notice().contains(QStringLiteral("does not get in")));
        QVERIFY(window()->notice().contains(QStringLiteral("save it again")));
        machine->save_to(dir.filePath(QStringLiteral("nut.dxf")));
        QVERIFY(file_bytes(dir.filePath(QStringLiteral("nut.dxf"))).contains("TOOL"));
        const QByteArray list = file_bytes(dir.filePath(QStringLiteral("nut.dxf.txt")));
        QVERIFY(list.count('\n') >= 4); // what is left standing goes along
        // One contour with its notches, by a click; kept for the next.
        auto* notched = machine->findChild<QCheckBox*>();
        click_on(notched);
        QVERIFY(notched->isChecked());
        const auto saved = [&](const char* name) {
            machine->save_to(dir.filePath(QLatin1String(name)));
            machine->save_to(dir.filePath(QLatin1String(name))); // read what the cutter does not get into
            return file_bytes(dir.filePath(QLatin1String(name)));
        };
        QVERIFY(saved("notched.svg").contains("<g id=\"SLOT\"/>"));
        QVERIFY(settings::one_contour());
        click_on(notched);
        QVERIFY(!notched->isChecked());
        QVERIFY(!saved("apart.svg").contains("<g id=\"SLOT\"/>"));
        machine->save_to(dir.filePath(QStringLiteral("nut.pdf")));
        QVERIFY(window()->notice().contains(QStringLiteral(".step or .stl")));
        machine->choose(MachinePartKind::bridge);
        machine->save_to(dir.filePath(QStringLiteral("bridge.svg")));
        QVERIFY(file_bytes(dir.filePath(QStringLiteral("bridge.svg"))).startsWith("<?xml"));
        QVERIFY(notched->isHidden()); // nothing of it is open at its edge
        cutter->setFocus();
        cutter->selectAll();
        QTest::keyClicks(cutter, QStringLiteral("50"));
        QTest::keyClick(cutter, Qt::Key_Return);
        QVERIFY(window()->notice().contains(QStringLiteral("a cutter is 0.01 mm to 30.00 mm wide")));
        window_->again("teal");
        press(Qt::Key_8, Qt::AltModifier);
        QVERIFY(machine->unreached().contains(QStringLiteral("no bridge")));
    }

    void every_control_says_what_it_is() {
        for (QWidget* widget : station()->beside()->findChildren<QWidget*>()) {
            if (widget->focusPolicy() == Qt::NoFocus || !widget->isVisible()) continue;
            const QAccessibleInterface* spoken = QAccessible::queryAccessibleInterface(widget);
            QVERIFY2(spoken && !spoken->text(QAccessible::Name).isEmpty(), widget->metaObject()->className());
            QVERIFY2(widget->height() >= 32, qPrintable(spoken->text(QAccessible::Name)));
        }
    }

private:
    MainWindow* window() { return window_->operator->(); }
    const State& state() { return window_->state(); }
    QString folder() { return QFileInfo(window_->path("curlew")).path(); }
    SheetStation* station() { return window()->sheets(); }
    PageView* pages() { return station()->pages(); }
    void press(Qt::Key key, Qt::KeyboardModifiers modifiers = {}) { window_->press(key, modifiers); }
    void change_the_seat() {
        window()->session().commit(QStringLiteral("seat"),
                                   with(window()->session().document(), "nut.board_above_seat_mm", 4.6));
    }
    QCheckBox* box(SheetPart part) {
        const QString words = QLatin1String(sheet_parts()[static_cast<std::size_t>(part)].english);
        for (auto* one : station()->beside()->findChildren<QCheckBox*>())
            if (one->text() == words) return one;
        return nullptr;
    }
    void click(const QString& name) {
        for (auto* button : station()->beside()->findChildren<QToolButton*>())
            if (button->accessibleName() == name) return QTest::mouseClick(button, Qt::LeftButton);
        QFAIL(qPrintable(name));
    }
    void type(const QString& key, const QString& text) {
        for (auto* field : station()->printer()->findChildren<ValueField*>()) {
            if (field->key() != key) continue;
            field->setFocus();
            field->selectAll();
            QTest::keyClicks(field, text);
            QTest::keyClick(field, Qt::Key_Return);
            return;
        }
        QFAIL(qPrintable(key));
    }
    bool says(const std::string& words) {
        for (const Drawing& page : pages()->pages())
            for (const Item& item : page.items) {
                const auto* text = std::get_if<Text>(&item);
                const auto* linear = std::get_if<LinearDimension>(&item);
                const auto* ordinate = std::get_if<OrdinateDimension>(&item);
                if ((text && text->text.find(words) != std::string::npos) ||
                    (linear && linear->text.find(words) != std::string::npos) ||
                    (ordinate && ordinate->text.find(words) != std::string::npos))
                    return true;
            }
        return false;
    }
    std::unique_ptr<WindowOnDemo> window_;
};

QTEST_MAIN(TestSheetStation)
#include "tst_sheet_station.moc"
