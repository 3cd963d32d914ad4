// What becomes of the open job when its file goes, its disk is full, its display is lost, or the program
// fails.
#include "common/hands.h"
#include "common/jobs.h"
#include "common/run.h"
#include "job/document/json.h"
#include "ui/window/last_resort.h"
#include "ui/window/notice.h"

#include <QMessageBox>
#include <QProcess>
#include <QSignalSpy>
#include <QToolButton>

#include <csignal>
#include <sys/resource.h>
#include <sys/stat.h>
#include <thread>

using namespace fm;
using namespace fm::test;

namespace {

class Failing : public QObject {
public:
    bool event(QEvent* event) override {
        if (event->type() == QEvent::User) throw std::runtime_error("nobody expected this");
        return QObject::event(event);
    }
};

/// A child with a kept step that is not on the disk yet; then something happens to it.
int child(Application& app, const QString& what, const QString& job) {
    prepare_application("fair-measure-disk-child");
    MainWindow window{Workshop(QFileInfo(job).path())};
    if (!window.open(job)) return 3;
    app.watch_over(&window.session());
    window.show();
    QApplication::processEvents();
    Session& session = window.session();
    if (!session.commit(QStringLiteral("x"), with(session.document(), "nut.thickness_mm", 6.25)).empty())
        return 4;
    Failing failing;
    if (what == QLatin1String("event")) QApplication::postEvent(&failing, new QEvent(QEvent::User));
    if (what == QLatin1String("thread")) std::thread([] { throw std::runtime_error("in a thread"); }).join();
    // The exception's message is answered as a person would.
    QTimer answer;
    QObject::connect(&answer, &QTimer::timeout, &app, [] {
        if (QWidget* box = QApplication::activeModalWidget()) QTest::keyClick(box, Qt::Key_Return);
    });
    answer.start(20);
    std::printf("ready\n");
    std::fflush(stdout);
    return Application::exec();
}

void write(const QString& path, const std::string& text) {
    QFile file(path);
    QVERIFY(file.open(QIODevice::WriteOnly | QIODevice::Truncate));
    QCOMPARE(file.write(text.data(), static_cast<qint64>(text.size())), static_cast<qint64>(text.size()));
}

} // namespace

class TestDisk : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-disk-test"); }
    void init() {
        file_ = window_.path("curlew.fmjob");
        const QFileInfo folder(QFileInfo(file_).path());
        QVERIFY(QDir(folder.filePath()).removeRecursively());
        copy_demo_workshop(folder.filePath());
        window_.start("curlew");
    }

    void reading_again_is_a_step() {
        step("nut.thickness_mm", 6.0);
        QVERIFY(session().save());
        const Value theirs = with(session().document(), "nut.thickness_mm", 7.0);
        write(file_, written_json(theirs));
        QTRY_VERIFY(window_->notice().contains(QStringLiteral("was changed by another program")));
        step("neck.fret_height_mm", 1.25); // mine, which cannot be written now
        press("Read the file again");
        QCOMPARE(session().document(), theirs);
        QCOMPARE(file_bytes(file_), QByteArray::fromStdString(written_json(theirs)));
        QVERIFY(window_->notice().isEmpty());
        window_.press(Qt::Key_Z, Qt::ControlModifier); // what was here comes back
        QCOMPARE(find(session().document(), "neck.fret_height_mm")->number(), 1.25);
        QVERIFY(session().save());
        QCOMPARE(document_of(file_), session().document());
    }
    void a_file_that_goes_or_is_spoiled_counts_as_unsaved_data() {
        QTest::addColumn<QString>("what");
        QTest::addColumn<QString>("says");
        QTest::newRow("gone") << "gone"
                              << "is no longer there";
        QTest::newRow("broken off") << "{"
                                    << "cannot be read any more";
        QTest::newRow("not a job") << R"({"format": "x"})"
                                   << "cannot be read any more";
        QTest::newRow("a folder") << "folder"
                                  << "is no plain file";
        QTest::newRow("a pipe") << "pipe"
                                << "is no plain file";
    }
    void a_file_that_goes_or_is_spoiled_counts_as_unsaved() {
        QFETCH(QString, what);
        QFETCH(QString, says);
        const Value mine = session().document();
        QVERIFY(QFile::remove(file_));
        if (what == QLatin1String("folder"))
            QVERIFY(QDir().mkdir(file_));
        else if (what == QLatin1String("pipe"))
            QCOMPARE(::mkfifo(qPrintable(file_), 0600), 0);
        else if (what != QLatin1String("gone"))
            write(file_, what.toStdString());
        QTRY_VERIFY2(window_->notice().contains(says), qPrintable(window_->notice()));
        QVERIFY(button("Save mine under another name"));
        QVERIFY(!button("Read the file again")); // nothing is there to read
        QVERIFY(!session().save());              // as when it is tried again by itself
        QVERIFY2(window_->notice().contains(says), qPrintable(window_->notice()));
        QVERIFY_EXCEPTION_THROWN(session().reload(), InputError);
        QCOMPARE(session().document(), mine);
        QVERIFY(!window_->open(window_.path("teal.fmjob"))); // it is not let go
        QVERIFY(!window_->close());
        QVERIFY(window_->isVisible());
        // The way out: closing, with a copy, whose place is said.
        QString said;
        QTimer::singleShot(50, this, [&said] {
            auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            if (!box) return;
            said = box->text();
            QTest::keyClick(box, Qt::Key_Return);
        });
        press("Close, keep a copy");
        QVERIFY(!window_->isVisible());
        QCOMPARE(document_of(said), mine);
    }
    void saved_elsewhere_it_can_be_left() {
        QVERIFY(QFile::remove(file_));
        QTRY_VERIFY(!window_->notice().isEmpty());
        session().save_as(window_.path("mine.fmjob"));
        QVERIFY(window_->notice().isEmpty());
        QVERIFY(!QFile::exists(file_)); // somebody meant that
        QVERIFY(window_->open(window_.path("teal.fmjob")));
    }
    void a_file_that_comes_back_ends_the_trouble() {
        QSignalSpy trouble(&session(), &Session::trouble);
        QVERIFY(QFile::rename(file_, file_ + QStringLiteral("~")));
        QTRY_COMPARE(trouble.count(), 1);
        QVERIFY(QFile::rename(file_ + QStringLiteral("~"), file_));
        QTRY_VERIFY(window_->notice().isEmpty());
        QCOMPARE(trouble.count(), 1); // said once, however often it is tried
        QVERIFY(session().save());
        QCOMPARE(document_of(file_), session().document());
    }
    void a_full_disk_is_tried_again() {
        QSignalSpy trouble(&session(), &Session::trouble);
        const QByteArray before = file_bytes(file_);
        rlimit room{};
        QCOMPARE(::getrlimit(RLIMIT_FSIZE, &room), 0);
        std::signal(SIGXFSZ, SIG_IGN);
        const rlimit none{100, room.rlim_max}; // enough for a lock, not for a job
        QCOMPARE(::setrlimit(RLIMIT_FSIZE, &none), 0);
        step("nut.thickness_mm", 6.0);
        QTRY_COMPARE(trouble.count(), 1);
        QCOMPARE(file_bytes(file_), before);
        QVERIFY(button("Save mine under another name")); // another place is offered
        step("neck.fret_height_mm", 1.25);
        QTRY_COMPARE(trouble.count(), 2); // a new step is told again
        QCOMPARE(::setrlimit(RLIMIT_FSIZE, &room), 0);
        QTRY_VERIFY(window_->notice().isEmpty());
        QCOMPARE(document_of(file_), session().document());
    }
    void a_shop_that_cannot_be_read_is_said() {
        write(window_.path("workshop.json"),
              R"({"format": "fair-measure-workshop", "nut_files_mm": [0.3, "x"]})");
        window_.start("curlew");
        window_->say_shop_faults();
        QVERIFY2(window_->notice().contains(QStringLiteral("workshop.json: nut_files_mm[1] is \"x\"")),
                 qPrintable(window_->notice()));
        window_->choose_station(Station::nut);
        QAbstractItemModel* list = window_->cut_list()->model();
        for (int row = 0; row < list->rowCount(); ++row)
            for (int column = 0; column < list->columnCount(); ++column)
                QVERIFY(!list->index(row, column).data().toString().contains(QStringLiteral("none")));
        QVERIFY(QFile::remove(window_.path("workshop.json")));
    }

    void a_lock_that_cannot_be_kept_is_no_other_window() {
        rlimit room{};
        QCOMPARE(::getrlimit(RLIMIT_FSIZE, &room), 0);
        std::signal(SIGXFSZ, SIG_IGN);
        const rlimit none{0, room.rlim_max};
        QCOMPARE(::setrlimit(RLIMIT_FSIZE, &none), 0);
        const bool opened = window_->open(window_.path("teal.fmjob"));
        const bool read_only = session().read_only();
        QCOMPARE(::setrlimit(RLIMIT_FSIZE, &room), 0);
        QVERIFY(opened && !read_only);
    }
    void a_start_that_did_not_end_does_not_open_that_job_again() {
        StartOptions options;
        options.workshop = QFileInfo(file_).path();
        QSettings().setValue(QStringLiteral("last"), window_.path("teal.fmjob"));
        QSettings().setValue(QStringLiteral("opening"), window_.path("teal.fmjob"));
        {
            const auto held_back = started_window(options);
            QVERIFY(!held_back->session().is_open());
            QVERIFY2(held_back->notice().contains(QStringLiteral("teal.fmjob")),
                     qPrintable(held_back->notice()));
            held_back->show();
            QTRY_VERIFY(!QSettings().contains(QStringLiteral("opening"))); // this one came to its end
        }
        const auto again = started_window(options);
        QVERIFY(again->session().is_open());
        options.job = QStringLiteral("teal"); // named, it is opened whatever was before
        QSettings().setValue(QStringLiteral("opening"), window_.path("teal.fmjob"));
        QVERIFY(started_window(options)->session().is_open());
        QSettings().clear();
    }
    void what_the_program_needs_is_said_data() {
        QTest::addColumn<QStringList>("words");
        QTest::addColumn<QStringList>("environment");
        QTest::addColumn<int>("exit_code");
        QTest::addColumn<QString>("says");
        const QStringList none{QStringLiteral("DISPLAY="), QStringLiteral("WAYLAND_DISPLAY="),
                               QStringLiteral("QT_QPA_PLATFORM=")};
        const QStringList demo{QStringLiteral("--demo")};
        QTest::newRow("no display") << demo << none << exit_no_display << "No display could be opened";
        QTest::newRow("a display that is not there")
            << demo << QStringList{QStringLiteral("DISPLAY=:4711"), QStringLiteral("QT_QPA_PLATFORM=")}
            << exit_no_display << "\":4711\"";
        QTest::newRow("no home") << demo
                                 << QStringList{QStringLiteral("HOME=/proc/none"),
                                                QStringLiteral("XDG_DATA_HOME=")}
                                 << 3 << "/proc/none";
        QTest::newRow("version") << QStringList{QStringLiteral("--version")} << none << 0 << "";
        QTest::newRow("help") << QStringList{QStringLiteral("--help")} << none << 0 << "";
    }
    void what_the_program_needs_is_said() {
        QFETCH(QStringList, words);
        QFETCH(QStringList, environment);
        QFETCH(int, exit_code);
        QFETCH(QString, says);
        const QTemporaryDir here;
        QProcess process;
        QProcessEnvironment all = QProcessEnvironment::systemEnvironment();
        for (const QString& each : environment)
            all.insert(each.section(QLatin1Char('='), 0, 0), each.section(QLatin1Char('='), 1));
        process.setProcessEnvironment(all);
        process.setWorkingDirectory(here.path());
        process.start(program("fair-measure"), words);
        QVERIFY(process.waitForFinished(20000));
        const QString said = QString::fromUtf8(process.readAllStandardError());
        QCOMPARE(process.exitStatus(), QProcess::NormalExit);
        QCOMPARE(process.exitCode(), exit_code);
        QVERIFY2(said.contains(says), qPrintable(said));
        QVERIFY2(said.count(QLatin1Char('\n')) <= 2, qPrintable(said));
        QVERIFY(QDir(here.path())
                    .isEmpty(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot)); // nothing dropped
    }

    void what_nobody_expected_leaves_a_copy_data() {
        QTest::addColumn<QString>("what");
        QTest::newRow("in an event") << "event";
        QTest::newRow("in a thread") << "thread";
    }
    void what_nobody_expected_leaves_a_copy() {
        QFETCH(QString, what);
        QProcess child;
        child.start(QCoreApplication::applicationFilePath(),
                    {QStringLiteral("--child"), what, window_.path("teal.fmjob")});
        QVERIFY(child.waitForFinished(30000));
        const QString said = QString::fromUtf8(child.readAllStandardError());
        if (what == QLatin1String("event")) QCOMPARE(child.exitCode(), Application::exit_failed);
        const auto copies = QDir(QFileInfo(file_).path()).entryList({QStringLiteral("teal rescued *.fmjob")});
        QVERIFY2(copies.size() == 1, qPrintable(said));
        QVERIFY2(said.contains(copies.front()), qPrintable(said));
        QCOMPARE(find(document_of(window_.path(qPrintable(copies.front()))), "nut.thickness_mm")->number(),
                 6.25);
    }
    void a_lost_display_loses_nothing() {
        QProcess screen;
        screen.start(QStringLiteral("Xvfb"),
                     {QStringLiteral("-displayfd"), QStringLiteral("1"), QStringLiteral("-screen"),
                      QStringLiteral("0"), QStringLiteral("1280x800x24")});
        if (!screen.waitForStarted()) QSKIP("there is no Xvfb here");
        QVERIFY(screen.waitForReadyRead(20000));
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert(QStringLiteral("DISPLAY"),
                           QLatin1Char(':') + QString::fromLatin1(screen.readLine().trimmed()));
        environment.insert(QStringLiteral("QT_QPA_PLATFORM"), QStringLiteral("xcb"));
        QProcess child;
        child.setProcessEnvironment(environment);
        child.start(QCoreApplication::applicationFilePath(),
                    {QStringLiteral("--child"), QStringLiteral("display"), window_.path("teal.fmjob")});
        QVERIFY2(child.waitForReadyRead(30000), child.readAllStandardError().constData());
        screen.kill();
        QVERIFY(screen.waitForFinished() && child.waitForFinished(20000));
        QCOMPARE(find(document_of(window_.path("teal.fmjob")), "nut.thickness_mm")->number(), 6.25);
    }

private:
    Session& session() { return window_->session(); }
    void step(const char* key, double value) {
        QVERIFY(session().commit(QStringLiteral("x"), with(session().document(), key, value)).empty());
    }
    QToolButton* button(const char* words) {
        for (QToolButton* each : window_->findChild<Notice*>()->findChildren<QToolButton*>())
            if (each->isVisible() && each->text() == QLatin1String(words)) return each;
        return nullptr;
    }
    void press(const char* words) {
        QToolButton* wanted = button(words);
        QVERIFY(wanted);
        QTest::mouseClick(wanted, Qt::LeftButton);
    }

    WindowOnDemo window_;
    QString file_;
};

int main(int argc, char** argv) {
    Application app(argc, argv);
    if (argc == 4 && QByteArray(argv[1]) == "--child")
        return child(app, QString::fromLocal8Bit(argv[2]), QString::fromLocal8Bit(argv[3]));
    TestDisk test;
    return QTest::qExec(&test, argc, argv);
}

#include "tst_disk.moc"
