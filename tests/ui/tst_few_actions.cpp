// How much it takes to get something done: every click, every shortcut, every value with its Enter is counted
// as one action. By mouse and keys, on the real window, beginning with an empty workshop.
#include "common/hands.h"
#include "core/design/assumed.h"

#include <QFileDialog>
#include <QLabel>
#include <QMenuBar>
#include <QTimer>
#include <QToolButton>

using namespace fm;
using namespace fm::test;

class TestFewActions : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-few-actions-test"); }
    void init() {
        QSettings().clear();
        dir_ = std::make_unique<QTemporaryDir>();
        window_ = std::make_unique<MainWindow>(Workshop(dir_->path()));
        window_->apply_theme(false);
        window_->resize(1280, 800);
        window_->show_first(true);
        window_->show();
        window_->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(window_.get()));
        actions_ = 0;
    }
    void cleanup() { window_.reset(); }

    void a_printed_nut_data() {
        QTest::addColumn<bool>("inches");
        QTest::newRow("mm") << false;
        QTest::newRow("inches") << true;
    }
    /// From nothing to the template of a nut of six strings, with its own strings and gaps.
    void a_printed_nut() {
        QFETCH(bool, inches);
        begin(QStringLiteral("Flat top, six steel strings"));
        const auto number = [inches](const char* mm, const char* in) {
            return QLatin1String(inches ? in : mm);
        };
        if (inches) {
            press(Qt::Key_Escape); // leaves the field that is asked
            press(Qt::Key_U);
            QCOMPARE(state().job.unit, Unit::in);
            click(field(window_->neck(), "neck.scale_mm"));
        }
        value(number("648", "25.5"));
        value(number("43.2", "1.7"));
        value(number("1.1", ".043"));
        press(Qt::Key_3, Qt::AltModifier);
        QTableView* strings = window_->strings()->table();
        const QModelIndex first =
            strings->model()->index(0, static_cast<int>(StringsModel::Column::diameter));
        strings->scrollTo(first);
        QTest::mouseClick(strings->viewport(), Qt::LeftButton, {}, strings->visualRect(first).center());
        ++actions_;
        const std::pair<const char*, const char*> gauges[] = {{"1.32", ".052"}, {"1.04", ".041"},
                                                              {"0.79", ".031"}, {"0.61", ".024"},
                                                              {"0.41", ".016"}, {"0.29", ".0115"}};
        for (const auto& [mm, in] : gauges) value(number(mm, in));
        press(Qt::Key_4, Qt::AltModifier);
        for (const auto& [key, mm, in] : {std::tuple("nut.height.bass_mm", "0.42", ".0165"),
                                          std::tuple("nut.height.treble_mm", "0.28", ".011"),
                                          std::tuple("nut.board_above_seat_mm", "5.2", ".205")}) {
            click(field(window_->nut(), key));
            value(number(mm, in));
        }
        press(Qt::Key_8, Qt::AltModifier);
        QCOMPARE(window_->sheets()->parts(), std::vector<SheetPart>{SheetPart::nut}); // the first time
        const QString path = dir_->filePath(QStringLiteral("nut.pdf"));
        QTimer::singleShot(200, this, [this, path] { name_in_dialog(path); });
        press(Qt::Key_E, Qt::ControlModifier);
        QTRY_VERIFY2_WITH_TIMEOUT(QFileInfo(path).size() > 3000, qPrintable(files_about()), 20'000);
        qInfo("%d actions", actions_);
        QVERIFY(actions_ <= 30);
        // What was typed is what is cut, and no longer assumed.
        const Design& design = state().job.design;
        QCOMPARE(design.strings[0].diameter_mm, inches ? .052 * 25.4 : 1.32);
        QCOMPARE(design.strings[5].diameter_mm, inches ? .0115 * 25.4 : 0.29);
        QCOMPARE(design.nut.height.treble_mm, inches ? .011 * 25.4 : 0.28);
        QCOMPARE(design.neck.scale_bass_mm, inches ? 25.5 * 25.4 : 648.0);
        for (const char* key :
             {"neck.scale_mm", "neck.nut_width_mm", "neck.fret_height_mm", "strings[0].diameter_mm",
              "strings[5].diameter_mm", "nut.board_above_seat_mm"})
            QVERIFY2(!is_assumed(design, key), key);
    }

    /// A set-up of a known kind: six strings, two readings each, and the relief, to the plan.
    void a_set_up_to_its_plan() {
        begin(QStringLiteral("Flat top, six steel strings"));
        press(Qt::Key_1, Qt::AltModifier);
        EntryTable* list = window_->survey()->list()->table();
        const std::array gaps{"0.6", "0.55", "0.55", "0.5", "0.5", "0.4"};
        const std::array actions{"3.1", "3.0", "2.9", "2.8", "2.7", "2.6"};
        for (const auto& [column, read] : {std::pair(1, gaps), std::pair(2, actions)}) {
            const QModelIndex first = list->model()->index(0, column);
            QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualRect(first).center());
            ++actions_;
            for (const char* each : read) value(QLatin1String(each));
        }
        click(field(window_->survey(), "found.relief_mm"));
        value(QStringLiteral("0.3"));
        for (QToolButton* button : window_->menuBar()->cornerWidget()->findChildren<QToolButton*>())
            if (button->text() == QLatin1String("Plan")) click(button);
        QVERIFY(window_->view().page == Page::plan);
        qInfo("%d actions", actions_);
        QVERIFY(actions_ <= 25);
        QVERIFY(state().plan);
        for (std::size_t i = 0; i < 6; ++i) {
            QVERIFY(state().plan->strings[i].has_value());
            QCOMPARE(*state().known[i].action_mm, QString::fromLatin1(actions[i]).toDouble());
        }
        QCOMPARE(state().found.relief->depth_mm, 0.3);
    }

private:
    const State& state() const { return window_->session().state(); }
    /// What lies in the workshop and what the window says, for a test that has not found its file.
    QString files_about() const {
        QStringList about = QDir(dir_->path()).entryList(QDir::Files);
        for (const QLabel* each : window_->findChildren<QLabel*>())
            if (each->isVisible() && each->text().size() > 20) about << each->text();
        return about.join(QLatin1Char('\n'));
    }
    static ValueField* field(QWidget* station, const char* key) {
        for (ValueField* each : station->findChildren<ValueField*>(QLatin1String(key)))
            if (each->isVisible()) return each;
        qWarning() << "no field" << key;
        return nullptr;
    }
    void click(QWidget* widget) {
        click_on(widget);
        QApplication::processEvents();
        ++actions_;
    }
    void press(Qt::Key which, Qt::KeyboardModifiers modifiers = {}) {
        key(which, modifiers);
        QApplication::processEvents();
        ++actions_;
    }
    /// Typed over what stands there, with its Enter.
    void value(const QString& text) {
        if (auto* line = qobject_cast<QLineEdit*>(QApplication::focusWidget())) line->selectAll();
        keys(text);
        key(Qt::Key_Return);
        QApplication::processEvents();
        ++actions_;
    }
    void begin(const QString& kind) {
        PictureList* kinds = window_->first()->kinds();
        for (int row = 0; row < kinds->rows()->rowCount(); ++row) {
            if (kinds->rows()->row(row).title != kind) continue;
            const QModelIndex index = kinds->rows()->index(row);
            kinds->scrollTo(index);
            QTest::mouseClick(kinds->viewport(), Qt::LeftButton, {}, kinds->visualRect(index).center());
            ++actions_;
        }
        QVERIFY(window_->session().is_open());
    }
    /// The dialog that asks for a file, when it comes: its name, Enter.
    void name_in_dialog(const QString& path) {
        QWidget* dialog = QApplication::activeModalWidget();
        auto* name = dialog ? dialog->findChild<QLineEdit*>(QStringLiteral("fileNameEdit")) : nullptr;
        if (!name) {
            QTimer::singleShot(50, this, [this, path] { name_in_dialog(path); });
            return;
        }
        ++actions_;
        answer(dialog, name, path);
    }
    /// On a slow machine a dialog that is still reading its folder has not heard the Enter, or has put its
    /// own name back: what is no longer so is typed again, as long as this dialog lives.
    static void answer(QWidget* dialog, QLineEdit* name, const QString& path) {
        QTimer::singleShot(500, dialog, [dialog, name, path] { answer(dialog, name, path); });
        if (name->text() != path) {
            name->setFocus();
            name->selectAll();
            QTest::keyClicks(name, path);
        }
        QTest::keyClick(name, Qt::Key_Return);
    }

    std::unique_ptr<QTemporaryDir> dir_;
    std::unique_ptr<MainWindow> window_;
    int actions_ = 0;
};

QTEST_MAIN(TestFewActions)
#include "tst_few_actions.moc"
