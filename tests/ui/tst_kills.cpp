// Somebody types without a pause and the program is killed: what was kept is in the file, and the file is
// whole.
#include "common/hands.h"
#include "common/jobs.h"
#include "ui/look/endings.h"

#include <QProcess>

#include <csignal>
#include <cstdio>
#include <random>

using namespace fm;
using namespace fm::test;

namespace {

constexpr int at_least = 6;      // values typed before it is ended
constexpr double first_mm = 1.1; // not what the job has

/// The child: types fret heights, one after the other, and says of each that it was kept.
int type_for_ever(const QString& folder) {
    MainWindow window{Workshop(folder)};
    window.open(QDir(folder).filePath(QStringLiteral("curlew.fmjob")));
    window.show();
    window.choose_station(Station::nut);
    QApplication::processEvents();
    ValueField* field = nullptr;
    for (ValueField* each : window.findChildren<ValueField*>())
        if (each->isVisible() && each->key() == QLatin1String("neck.fret_height_mm")) field = each;
    if (!field) return 3;
    bool ended = false;
    const Endings endings;
    QObject::connect(&endings, &Endings::asked, &window, [&] {
        window.close();
        ended = true;
    });
    for (int i = 0; i < 700 && !ended; ++i) {
        click_on(field);
        if (ended) break; // nobody types into a window that has gone
        key(Qt::Key_A, Qt::ControlModifier);
        keys(QString::number(first_mm + 0.001 * i, 'f', 3));
        key(Qt::Key_Return);
        std::printf("%d\n", i);
        std::fflush(stdout);
        QTest::qWait(i % 7 * 3);
    }
    return 0;
}

} // namespace

class TestKills : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-kills-test"); }

    void what_was_kept_is_on_the_disk() { nothing_is_lost_by({SIGKILL}, jobs_from_seeds(4, 100)); }
    /// Asked kindly, it saves first.
    void asked_to_end_nothing_is_lost() { nothing_is_lost_by({SIGTERM, SIGHUP}, jobs_from_seeds(2, 25)); }

private:
    struct Ended {
        long kept = -1;  ///< the number of the value kept last
        long there = -1; ///< of the one in the file
    };

    void nothing_is_lost_by(std::initializer_list<int> signals, unsigned times) {
        for (unsigned time = 0; time < times; ++time)
            for (const int signal : signals) {
                const Ended ended = typed_until(signal);
                QVERIFY2(ended.kept + 1 >= at_least, qPrintable(QString::number(ended.kept)));
                QVERIFY2(ended.there >= ended.kept,
                         qPrintable(QStringLiteral("%1 of %2").arg(ended.there).arg(ended.kept)));
            }
    }

    /// A child that types until the signal, at a random moment, and what it left.
    Ended typed_until(int signal) {
        Ended ended;
        QTemporaryDir folder;
        copy_demo_workshop(folder.path());
        QProcess child;
        child.setProcessChannelMode(QProcess::ForwardedErrorChannel);
        child.start(QCoreApplication::applicationFilePath(), {QStringLiteral("--child"), folder.path()});
        if (!child.waitForStarted()) return ended;
        QByteArray said;
        while (said.count('\n') < at_least) { // a slow machine is given time
            if (!child.waitForReadyRead(20000)) return ended;
            said += child.readAllStandardOutput();
        }
        QTest::qWait(std::uniform_int_distribution<int>(350, 900)(random_));
        ::kill(static_cast<pid_t>(child.processId()), signal);
        if (child.state() != QProcess::NotRunning && !child.waitForFinished()) return ended;
        said += child.readAllStandardOutput();
        said.truncate(said.lastIndexOf('\n')); // a line not ended was not said
        ended.kept = said.mid(said.lastIndexOf('\n') + 1).toLong();
        // It is whole, and says how far it came.
        const Job job = job_of(document_of(folder.filePath(QStringLiteral("curlew.fmjob"))));
        ended.there = std::lround((job.design.neck.fret_height_mm - first_mm) * 1000);
        return ended;
    }

    std::mt19937 random_{11};
};

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    if (argc == 3 && QByteArray(argv[1]) == "--child") {
        prepare_application("fair-measure-kills-child");
        return type_for_ever(QString::fromLocal8Bit(argv[2]));
    }
    TestKills test;
    return QTest::qExec(&test, argc, argv);
}

#include "tst_kills.moc"
