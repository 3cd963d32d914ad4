// Where one begins: the workshop's jobs, kinds of instruments, and values that are assumed until somebody
// types or confirms them. By hand, on the real window.
#include "common/hands.h"
#include "common/jobs.h"
#include "common/own_time.h"
#include "common/sheet_text.h"
#include "core/design/assumed.h"
#include "core/solution/uncertainty.h"
#include "job/document/json.h"
#include "job/edits/assumed_edits.h"

#include "core/design/inputs.h"

#include <QMenuBar>
#include <QToolButton>

#include <cmath>
#include <numeric>

using namespace fm;
using namespace fm::test;

class TestFirstScreen : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-first-test"); }
    void init() {
        dir_ = std::make_unique<QTemporaryDir>();
        actions_ = 0;
    }
    void cleanup() { window_.reset(); }

    void without_a_job_the_workshops_jobs_are_there() {
        copy_demo_workshop(dir_->path());
        start();
        QVERIFY(window_->shows_first());
        QVERIFY(first()->isVisible());
        QVERIFY(!window_->session().is_open());
        QCOMPARE(rows().rowCount(), 5);
        QTRY_VERIFY(std::all_of(begin_rows(), end_rows(), [this](int row) {
            return rows().row(row).drawing && !rows().row(row).under.isEmpty();
        }));
        // Looked for as one types, by title and by owner.
        click_on(first()->search());
        keys(QStringLiteral("kitti"));
        QCOMPARE(rows().rowCount(), 1);
        QCOMPARE(rows().row(0).title, QStringLiteral("Kittiwake"));
        key(Qt::Key_A, Qt::ControlModifier);
        keys(QStringLiteral("no such job"));
        QCOMPARE(rows().rowCount(), 0);
        key(Qt::Key_A, Qt::ControlModifier);
        keys(QStringLiteral("LANT"));
        key(Qt::Key_Return);
        QVERIFY(!window_->shows_first());
        QCOMPARE(state().job.title, std::string("Lantern"));
        // And the way there and back.
        key(Qt::Key_J, Qt::ControlModifier);
        QVERIFY(window_->shows_first());
        key(Qt::Key_Escape);
        QVERIFY(!window_->shows_first());
        QCOMPARE(state().job.title, std::string("Lantern"));
        // Another by arrow and Enter; the one that is open stays when it is picked again.
        key(Qt::Key_J, Qt::ControlModifier);
        key(Qt::Key_Down);
        key(Qt::Key_Return);
        QVERIFY(!window_->shows_first() && window_->session().is_open());
        const QString open = window_->session().path();
        key(Qt::Key_J, Qt::ControlModifier);
        keys(QFileInfo(open).completeBaseName());
        key(Qt::Key_Return);
        QVERIFY(!window_->shows_first());
        QCOMPARE(window_->session().path(), open);
    }

    /// From nothing to a floor over the board that rests on nothing assumed but the string's gauge.
    void the_first_number() {
        start();
        QVERIFY(window_->shows_first());
        begin(QStringLiteral("Flat top, six steel strings"));
        QVERIFY(!window_->shows_first());
        QVERIFY(QFileInfo(window_->session().path()).dir() == QDir(dir_->path()));
        // What is asked has the focus, one after the other; what is typed is another number than the kind's.
        const std::pair<const char*, const char*> asked[] = {{"neck.scale_mm", "648.5"},
                                                             {"neck.nut_width_mm", "1 11/16"},
                                                             {"neck.fret_height_mm", "1.02"},
                                                             {"neck.end_width_mm", "55"},
                                                             {"neck.radius_nut_mm", "16 in"}};
        for (const auto& [field, typed] : asked) {
            auto* focus = qobject_cast<ValueField*>(QApplication::focusWidget());
            QVERIFY2(focus, field);
            QCOMPARE(focus->key(), QString::fromLatin1(field));
            keys(QString::fromLatin1(typed));
            enter();
        }
        key(Qt::Key_4, Qt::AltModifier);
        ++actions_; // to the nut
        for (const AssumedValue& value : assumed_values(state().job.design))
            QVERIFY2(!value.key.starts_with("neck."), value.key.c_str());
        for (const std::string& resting : floor_rests_on(0))
            QVERIFY2(resting == "strings[0].diameter_mm", resting.c_str());
        qInfo("%d actions", actions_);
        QVERIFY(actions_ <= 10);
    }

    /// The program names files itself: another title is another name, its pictures go along, and undone it is
    /// the first again.
    void a_title_names_the_file() {
        start();
        begin(QStringLiteral("Flat top, six steel strings"));
        const QString first_path = window_->session().path();
        QVERIFY(QDir().mkpath(window_->session().pictures()));
        const auto retitle = [this](const QString& title) {
            key(Qt::Key_1, Qt::AltModifier);
            key(Qt::Key_4, Qt::ControlModifier);
            auto* field = window_->survey()->findChild<TextField*>(QStringLiteral("title"));
            click_on(field);
            field->selectAll();
            keys(title);
            key(Qt::Key_Return);
        };
        retitle(QStringLiteral("Heron / nut"));
        QTRY_COMPARE(QFileInfo(window_->session().path()).fileName(), QStringLiteral("Heron - nut.fmjob"));
        QVERIFY(!QFileInfo::exists(first_path) && QFileInfo::exists(window_->session().pictures()));
        QCOMPARE(find(document_of(window_->session().path()), "title")->text()->c_str(), "Heron / nut");
        QCOMPARE(QSettings().value(QStringLiteral("last")).toString(), window_->session().path());
        window_->session().undo_stack()->undo();
        QTRY_COMPARE(window_->session().path(), first_path);
        window_->session().undo_stack()->redo();
        QTRY_COMPARE(QFileInfo(window_->session().path()).fileName(), QStringLiteral("Heron - nut.fmjob"));
        // Another of that title has a number; one that a person named himself keeps its name.
        key(Qt::Key_J, Qt::ControlModifier);
        begin(QStringLiteral("Flat top, six steel strings"));
        retitle(QStringLiteral("Heron / nut"));
        QTRY_COMPARE(QFileInfo(window_->session().path()).fileName(), QStringLiteral("Heron - nut 2.fmjob"));
        const QString own = dir_->filePath(QStringLiteral("mine.fmjob"));
        window_->session().save_as(own);
        retitle(QStringLiteral("Egret"));
        QTest::qWait(50);
        QCOMPARE(window_->session().path(), own);
    }

    void jobs_are_put_away_brought_back_and_sorted() {
        copy_demo_workshop(dir_->path());
        start();
        const int all = rows().rowCount();
        QVERIFY(!way(QStringLiteral("1 put away")) && !way(QStringLiteral("Delete")));
        click_on(first()->search());
        keys(QStringLiteral("lantern"));
        QCOMPARE(rows().rowCount(), 1);
        click_on(way(QStringLiteral("Put away")));
        QVERIFY(first()->said().contains(QStringLiteral("put away")));
        QVERIFY(!QFileInfo::exists(dir_->filePath(QStringLiteral("lantern.fmjob"))));
        key(Qt::Key_A, Qt::ControlModifier);
        key(Qt::Key_Delete);
        first()->search()->clear();
        QCOMPARE(rows().rowCount(), all - 1);
        click_on(way(QStringLiteral("1 put away")));
        QCOMPARE(rows().rowCount(), 1);
        QVERIFY(way(QStringLiteral("Delete")));
        click_on(way(QStringLiteral("Bring back")));
        QCOMPARE(rows().rowCount(), all);
        QVERIFY(QFileInfo::exists(dir_->filePath(QStringLiteral("lantern.fmjob"))));
        // The one that is open goes along, with its window.
        key(Qt::Key_Escape);
        window_->open(dir_->filePath(QStringLiteral("teal.fmjob")));
        key(Qt::Key_J, Qt::ControlModifier);
        keys(QStringLiteral("teal"));
        click_on(way(QStringLiteral("Put away")));
        QVERIFY(window_->session().path().contains(QStringLiteral("put away")));
        QVERIFY(QFileInfo::exists(window_->session().path()));
        first()->search()->clear();
        // By title.
        click_on(way(QStringLiteral("title")));
        QTRY_VERIFY([this] {
            QStringList titles;
            for (int row = 0; row < rows().rowCount(); ++row) titles << rows().row(row).title;
            QStringList sorted = titles;
            sorted.sort(Qt::CaseInsensitive);
            return titles == sorted && titles.contains(QStringLiteral("Kittiwake"));
        }());
    }

    /// An instrument one has measured is a kind to begin from; what it says is assumed in the next.
    void a_job_becomes_a_kind() {
        copy_demo_workshop(dir_->path());
        start();
        click_on(first()->search());
        keys(QStringLiteral("kittiwake"));
        click_on(way(QStringLiteral("Keep as a kind")));
        QVERIFY2(first()->said().contains(QStringLiteral("Kittiwake is one of the kinds")),
                 qPrintable(first()->said()));
        begin(QStringLiteral("Kittiwake"));
        QCOMPARE(state().job.design.strings.size(), std::size_t(4));
        QVERIFY(is_assumed(state().job.design, "neck.scale_mm"));
        QVERIFY(state().job.readings.empty() && !state().job.design.neck.relief);
    }

    /// The open job as one of another kind, by the menu: what was measured stays, and it is one step.
    void a_job_becomes_one_of_another_kind() {
        start();
        begin(QStringLiteral("Flat top, six steel strings"));
        keys(QStringLiteral("633"));
        enter();
        const Value before = window_->session().document();
        const auto choose = [this](const QString& name) {
            for (QMenu* menu : window_->findChildren<QMenu*>()) {
                if (menu->title() != QStringLiteral("Of another &kind")) continue;
                Q_EMIT menu->aboutToShow();
                for (QAction* action : menu->actions())
                    if (action->text() == name) return action->trigger();
            }
            QFAIL(qPrintable(name));
        };
        choose(QStringLiteral("Flat board, six nylon strings"));
        QCOMPARE(state().job.kind, std::string("nylon_six"));
        QCOMPARE(state().job.design.neck.scale_bass_mm, 633.0);
        QVERIFY(!is_assumed(state().job.design, "neck.scale_mm"));
        QVERIFY2(window_->notice().contains(QStringLiteral("What was measured")),
                 qPrintable(window_->notice()));
        key(Qt::Key_Escape);
        window_->neck()->canvas()->setFocus();
        key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(window_->session().document() == before);
        key(Qt::Key_1, Qt::AltModifier);
        EntryTable* found = window_->survey()->list()->table();
        type_into(found, found->model()->index(0, 1), QStringLiteral("0.5"));
        key(Qt::Key_Return);
        const Value read = window_->session().document();
        choose(QStringLiteral("Bass, four strings"));
        QVERIFY2(window_->notice().contains(QStringLiteral("that kind has 4 strings")),
                 qPrintable(window_->notice()));
        QVERIFY(window_->session().document() == read);
    }

    /// A set of strings put on an instrument nobody has read says how many it has.
    void a_set_defines_an_untouched_job() {
        copy_demo_workshop(dir_->path());
        start();
        begin(QStringLiteral("Flat top, six steel strings"));
        key(Qt::Key_3, Qt::AltModifier);
        window_->strings()->take_set(window_->session().workshop().string_sets()[1]); // as its menu does
        QCOMPARE(state().job.design.strings.size(), std::size_t(10));
        QCOMPARE(state().job.design.strings[0].diameter_mm, 1.12);
        window_->strings()->take_set(window_->session().workshop().string_sets()[0]);
        QCOMPARE(state().job.design.strings.size(), std::size_t(4));
        key(Qt::Key_Z, Qt::ControlModifier);
        key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(state().job.design.strings.size(), std::size_t(6));
        // Once it was read it has as many as it has.
        key(Qt::Key_1, Qt::AltModifier);
        EntryTable* found = window_->survey()->list()->table();
        type_into(found, found->model()->index(0, 1), QStringLiteral("0.5"));
        key(Qt::Key_Return);
        window_->strings()->take_set(window_->session().workshop().string_sets()[0]);
        QCOMPARE(state().job.design.strings.size(), std::size_t(6));
        // New strings are an event of their own.
        key(Qt::Key_3, Qt::AltModifier);
        for (auto* button : window_->strings()->findChildren<QToolButton*>())
            if (button->text() == QStringLiteral("New strings")) click_on(button);
        QVERIFY(state().job.readings.back().strings_new && !state().job.readings.back().when.empty());
    }

    void what_is_assumed_looks_so_and_is_confirmed() {
        start();
        begin(QStringLiteral("Flat top, six steel strings"));
        auto* scale = window_->neck()->canvas()->findChild<ValueField*>(QStringLiteral("neck.scale_mm"));
        auto* width = window_->neck()->canvas()->findChild<ValueField*>(QStringLiteral("neck.nut_width_mm"));
        QVERIFY(scale->hasFocus());
        QCOMPARE(width->text(), QStringLiteral("\u224843.50"));
        QVERIFY(width->accessibleName().contains(QLatin1String("assumed")));
        const Value before = window_->session().document();
        enter(); // as it stands
        QVERIFY(width->hasFocus());
        QVERIFY(!scale->is_assumed() && !is_assumed(state().job.design, "neck.scale_mm"));
        QCOMPARE(scale->text(), QStringLiteral("645.00"));
        QCOMPARE(find(window_->session().document(), "neck.scale_mm")->number(), 645.0);
        // Typed as it was assumed it is measured, too.
        keys(QStringLiteral("43.5"));
        enter();
        QVERIFY(!is_assumed(state().job.design, "neck.nut_width_mm"));
        // Undone, it is assumed again.
        key(Qt::Key_Escape);
        key(Qt::Key_Z, Qt::ControlModifier);
        key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(window_->session().document(), before);
        QVERIFY(scale->is_assumed());
        // Esc confirms nothing; leaving by Tab neither.
        click_on(scale);
        key(Qt::Key_Tab);
        QCOMPARE(window_->session().document(), before);
        // In its file it stands the same.
        QVERIFY(window_->session().save());
        QCOMPARE(document_of(window_->session().path()), before);
    }

    void a_strings_gauge_is_confirmed_in_its_cell() {
        start();
        begin(QStringLiteral("Flat top, six steel strings"));
        key(Qt::Key_Escape);
        key(Qt::Key_3, Qt::AltModifier);
        QVERIFY(is_assumed(state().job.design, "strings[0].diameter_mm"));
        EntryTable* table = window_->strings()->findChild<EntryTable*>();
        QVERIFY(table);
        const QModelIndex cell = table->model()->index(0, 2); // gauge
        QVERIFY(
            table->model()->data(cell, Qt::AccessibleTextRole).toString().contains(QLatin1String("assumed")));
        QTest::mouseClick(table->viewport(), Qt::LeftButton, {}, table->visualRect(cell).center());
        key(Qt::Key_F2);
        QVERIFY(qobject_cast<CellEditor*>(QApplication::focusWidget()));
        key(Qt::Key_Return);
        QVERIFY(!is_assumed(state().job.design, "strings[0].diameter_mm"));
        QVERIFY(is_assumed(state().job.design, "strings[1].diameter_mm"));
        // The next, typed.
        key(Qt::Key_F2);
        key(Qt::Key_A, Qt::ControlModifier);
        keys(QStringLiteral("1.09"));
        key(Qt::Key_Return);
        QVERIFY(!is_assumed(state().job.design, "strings[1].diameter_mm"));
        QCOMPARE(state().job.design.strings[1].diameter_mm, 1.09);
        // Tab through one that is opened confirms nothing.
        QTest::mouseClick(table->viewport(), Qt::LeftButton, {},
                          table->visualRect(table->model()->index(3, 2)).center());
        key(Qt::Key_F2);
        key(Qt::Key_Tab);
        QVERIFY(is_assumed(state().job.design, "strings[3].diameter_mm"));
    }

    /// The nut's sheet names every assumed value, and none once all are measured.
    void paper_names_what_is_assumed() {
        start();
        begin(QStringLiteral("Flat top, six steel strings"));
        Value document = window_->session().document();
        const auto words = [&] {
            const StateResult read = state_of(document);
            const Tools tools;
            const SheetBook book{*read.state, tools, SheetStyle{}, {}};
            return words_on(printing_of(book, {SheetPart::nut}).sheets).join(QLatin1Char(' '));
        };
        const std::vector<AssumedValue> all = assumed_values(state().job.design);
        QVERIFY(all.size() > 15);
        QString said = words();
        for (const AssumedValue& value : all)
            QVERIFY2(said.contains(QLatin1String(assumed_name(*value.field).data())), value.key.c_str());
        QVERIFY(said.contains(QLatin1String("board over seat 4.50")));
        QVERIFY(said.contains(QLatin1String("string gauge 1.35 (6 \u00b7 E2)")) ||
                said.contains(QString::fromUtf8("string gauge 1.35 (6 · E2)")));
        for (const AssumedValue& value : all) {
            QVERIFY(words().contains(QLatin1String("Assumed, not measured")));
            document = with_confirmed(document, value.key);
        }
        QVERIFY(!words().contains(QLatin1String("Assumed")));
    }

    void a_newcomers_first_job_makes_the_workshops_folder() {
        QDir(Workshop::usual_folder()).removeRecursively(); // of the test's own
        start(Workshop::usual_folder());
        QVERIFY(window_->shows_first());
        begin(QStringLiteral("Bass, four strings"));
        QVERIFY(QFileInfo(window_->session().path()).dir() == QDir(Workshop::usual_folder()));
        window_.reset();
        QDir(Workshop::usual_folder()).removeRecursively();
    }

    void two_of_a_kind_have_their_own_files() {
        start();
        begin(QStringLiteral("Bass, four strings"));
        const QString one = window_->session().path();
        key(Qt::Key_N, Qt::ControlModifier);
        QVERIFY(window_->shows_first());
        begin(QStringLiteral("Bass, four strings"));
        QVERIFY(window_->session().path() != one);
        QCOMPARE(state().job.title, std::string("Bass, four strings 2"));
        QVERIFY(QFileInfo::exists(one));
    }

    void another_job_of_the_same_instrument() {
        copy_demo_workshop(dir_->path());
        start();
        click_on(first()->search());
        keys(QStringLiteral("kitti"));
        for (auto* button : first()->findChildren<QToolButton*>())
            if (button->text() == QLatin1String("New, same instrument")) click_on(button);
        QVERIFY(!window_->shows_first());
        QCOMPARE(state().job.title, std::string("Kittiwake 2"));
        const Job kept = job_of(demo_document("kittiwake"));
        QVERIFY(state().job.readings.empty() && !kept.readings.empty());
        QVERIFY(state().job.record.empty() && state().job.sheets.empty());
        QCOMPARE(state().job.design.strings, kept.design.strings);
        QCOMPARE(state().job.design.bridge->plane_above_top_mm, kept.design.bridge->plane_above_top_mm);
        QCOMPARE(document_of(QDir(dir_->path()).filePath(QStringLiteral("kittiwake.fmjob"))),
                 demo_document("kittiwake"));
    }

    void pages_are_buttons_in_sight_with_the_way_back() {
        copy_demo_workshop(dir_->path());
        start();
        QVERIFY(!corner(QStringLiteral("Plan"))->isVisible());
        click_on(first()->search());
        keys(QStringLiteral("kitti"));
        key(Qt::Key_Return);
        for (const auto& [name, page] : {std::pair{"Plan", Page::plan}, std::pair{"Board", Page::board},
                                         std::pair{"Heard", Page::heard}}) {
            QToolButton* button = corner(QString::fromLatin1(name));
            QVERIFY(button->isVisible());
            click_on(button);
            QCOMPARE(window_->view().page, page);
            QVERIFY(button->isChecked());
            click_on(button);
            QCOMPARE(window_->view().page, Page::station);
            QVERIFY(!button->isChecked());
        }
        click_on(corner(QStringLiteral("Bench")));
        QVERIFY(window_->bench() && window_->bench()->isVisible());
        key(Qt::Key_Escape);
        QVERIFY(!window_->bench()->isVisible());
        // And when the job was kept, once it was.
        QVERIFY(!said_kept());
        key(Qt::Key_2, Qt::AltModifier);
        click_on(window_->neck()->canvas()->findChild<ValueField*>(QStringLiteral("neck.nut_width_mm")));
        key(Qt::Key_A, Qt::ControlModifier);
        keys(QStringLiteral("33.3"));
        key(Qt::Key_Return);
        QVERIFY(said_kept());
    }

    void a_folder_that_takes_nothing_says_so() {
        start(dir_->path() + QStringLiteral("/gone"));
        QVERIFY(window_->shows_first());
        click_kind(QStringLiteral("Bass, four strings"));
        QVERIFY(window_->shows_first());
        QVERIFY(!window_->notice().isEmpty());
        QVERIFY(!window_->session().is_open());
    }

    void a_file_that_is_no_job_is_told_in_its_row() {
        QFile file(QDir(dir_->path()).filePath(QStringLiteral("broken.fmjob")));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("{\"format\": 3");
        file.close();
        start();
        QCOMPARE(rows().rowCount(), 1);
        QTRY_VERIFY(!rows().row(0).under.isEmpty());
        QVERIFY(!rows().row(0).drawing);
        click_on(first()->search());
        key(Qt::Key_Return);
        QVERIFY(window_->shows_first());
        QVERIFY(!window_->notice().isEmpty());
        // Nor does one go back to the job that was open before.
        begin(QStringLiteral("Bass, four strings"));
        key(Qt::Key_J, Qt::ControlModifier);
        keys(QStringLiteral("broken"));
        key(Qt::Key_Return);
        QVERIFY(window_->shows_first());
        QVERIFY(window_->notice().contains(QLatin1String("broken")));
    }

    void five_thousand_jobs() {
        constexpr int many = 5000;
        const QByteArray job = file_bytes(QStringLiteral(DEMO_DATA "/kittiwake.fmjob"));
        for (int i = 0; i < many; ++i) {
            QFile file(QDir(dir_->path()).filePath(QStringLiteral("job-%1.fmjob").arg(i)));
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(
                QByteArray(job).replace("\"Kittiwake\"", "\"Kept " + QByteArray::number(i * 7) + "\""));
        }
        start();
        key(Qt::Key_Escape);
        OwnTime in_sight;
        first()->show_workshop(window_->session().workshop());
        first()->grab();
        const double shown_ms = in_sight.ms();
        QCOMPARE(rows().rowCount(), many);
        double slowest_ms = 0;
        click_on(first()->search());
        for (const QChar letter : QStringLiteral("kept 34993")) {
            OwnTime answer;
            keys(QString(letter));
            first()->grab();
            slowest_ms = std::max(slowest_ms, answer.ms());
        }
        // Titles are read beside the window; then the one is found, and no other.
        QTRY_COMPARE_WITH_TIMEOUT(rows().rowCount(), 1, 60000);
        QCOMPARE(rows().row(0).title, QStringLiteral("Kept 34993"));
        qInfo("in sight after %.0f ms, slowest key %.1f ms", shown_ms, slowest_ms);
        const double slower = qEnvironmentVariableIsSet("ASAN_OPTIONS") ? 10 : 1;
        QVERIFY(shown_ms < 300 * slower);
        QVERIFY(slowest_ms < 30 * slower);
    }

private:
    void start(const QString& folder = {}) {
        QSettings().clear();
        window_ = std::make_unique<MainWindow>(Workshop(folder.isEmpty() ? dir_->path() : folder));
        window_->apply_theme(false);
        window_->show();
        window_->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(window_.get()));
    }
    /// A button of the first screen that is in sight.
    QToolButton* way(const QString& text) {
        for (auto* button : first()->findChildren<QToolButton*>())
            if (button->text() == text && button->isVisible()) return button;
        return nullptr;
    }
    FirstScreen* first() { return window_->first(); }
    PictureModel& rows() { return *first()->jobs()->rows(); }
    const State& state() { return window_->session().state(); }
    std::vector<int>::iterator begin_rows() {
        all_rows_.resize(static_cast<std::size_t>(rows().rowCount()));
        std::iota(all_rows_.begin(), all_rows_.end(), 0);
        return all_rows_.begin();
    }
    std::vector<int>::iterator end_rows() { return all_rows_.end(); }
    void key(Qt::Key key, Qt::KeyboardModifiers modifiers = {}) {
        QWidget* focus = QApplication::focusWidget();
        QTest::keyClick(focus ? focus : window_.get(), key, modifiers);
    }
    QToolButton* corner(const QString& name) {
        for (auto* button : window_->findChildren<QToolButton*>())
            if (button->property("corner").toBool() && button->text() == name) return button;
        return nullptr;
    }
    bool said_kept() {
        const QList<QLabel*> labels = window_->menuBar()->cornerWidget()->findChildren<QLabel*>();
        return std::any_of(labels.begin(), labels.end(), [](const QLabel* label) {
            return label->text().startsWith(QLatin1String("kept "));
        });
    }
    /// A value with its Enter is one action.
    void enter() {
        key(Qt::Key_Return);
        ++actions_;
    }
    void click_kind(const QString& name) {
        PictureList* kinds = first()->kinds();
        for (int row = 0; row < kinds->rows()->rowCount(); ++row) {
            if (kinds->rows()->row(row).title != name) continue;
            const QModelIndex index = kinds->rows()->index(row);
            kinds->scrollTo(index);
            QTest::mouseClick(kinds->viewport(), Qt::LeftButton, {}, kinds->visualRect(index).center());
            ++actions_;
            return;
        }
        QFAIL(qPrintable(name));
    }
    void begin(const QString& kind) {
        click_kind(kind);
        QVERIFY2(window_->session().is_open(), qPrintable(window_->notice()));
    }
    /// Assumed values that move a string's floor over the board by more than is shown.
    std::vector<std::string> floor_rests_on(std::size_t string) {
        constexpr double shown_mm = 0.005;
        const Design& design = state().job.design;
        const std::string key = "strings[" + std::to_string(string) + "].floor_over_board_mm";
        const auto number = *number_of_key(state().solution, key);
        std::vector<std::string> resting;
        for (const Input& input : inputs_of(design)) {
            if (!is_assumed(design, input.key)) continue;
            Design moved = design;
            input.add(moved, input.uncertainty);
            if (std::abs(*value_of(solve(moved), number) - *value_of(solve(design), number)) > shown_mm)
                resting.push_back(input.key);
        }
        return resting;
    }

    std::unique_ptr<QTemporaryDir> dir_;
    std::unique_ptr<MainWindow> window_;
    std::vector<int> all_rows_;
    int actions_ = 0;
};

QTEST_MAIN(TestFirstScreen)
#include "tst_first_screen.moc"
