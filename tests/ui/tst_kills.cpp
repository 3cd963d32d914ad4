// Somebody types without a pause and the program is killed: what was kept longer ago than the promised bound
// is in the file, and the file is whole.
#include "common/hands.h"
#include "common/jobs.h"
#include "common/own_time.h"
#include "ui/look/endings.h"

#include <QProcess>

#include <chrono>
#include <csignal>
#include <cstdio>
#include <random>

using namespace fm;
using namespace fm::test;

namespace {

constexpr double bound_s = 0.3;
constexpr int at_least = 6;      // values typed before it is ended
constexpr double first_mm = 1.1; // not what the job has

double now_s() {
    const double clock_s =
        std::chrono::duration<double>(std::chrono::system_clock::now().time_since_epoch()).count();
    return clock_s - stolen_seconds() / static_cast<double>(sysconf(_SC_NPROCESSORS_ONLN));
}

/// The child: types fret heights, one after the other, and says of each when it was kept.
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
        std::printf("%.3f\n", now_s());
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

    void what_was_kept_is_on_the_disk() {
        const unsigned kills = jobs_from_seeds(4, 100);
        double oldest_s = 0;
        int typed = 0;
        for (unsigned kill = 0; kill < kills; ++kill) {
            const Ended ended = typed_until(SIGKILL);
            typed += static_cast<int>(ended.kept_s.size());
            for (std::size_t i = static_cast<std::size_t>(ended.there + 1); i < ended.kept_s.size(); ++i)
                oldest_s = std::max(oldest_s, ended.at_s - ended.kept_s[i]);
        }
        QVERIFY2(typed >= at_least * static_cast<int>(kills), qPrintable(QString::number(typed)));
        QVERIFY2(oldest_s < bound_s, qPrintable(QStringLiteral("%1 s old and lost").arg(oldest_s)));
    }

    /// Asked kindly, it saves first.
    void asked_to_end_nothing_is_lost() {
        const unsigned kills = jobs_from_seeds(2, 25);
        for (unsigned kill = 0; kill < kills; ++kill)
            for (const int signal : {SIGTERM, SIGHUP}) {
                const Ended ended = typed_until(signal);
                QVERIFY2(ended.kept_s.size() >= at_least, qPrintable(QString::number(ended.kept_s.size())));
                QVERIFY2(
                    ended.there + 1 >= static_cast<long>(ended.kept_s.size()),
                    qPrintable(QStringLiteral("%1 of %2").arg(ended.there + 1).arg(ended.kept_s.size())));
            }
    }

private:
    struct Ended {
        std::vector<double> kept_s; ///< when each value was kept
        double at_s = 0;
        long there = -1; ///< the number of the value in the file
    };

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
        ended.at_s = now_s();
        if (child.state() != QProcess::NotRunning && !child.waitForFinished()) return ended;
        said += child.readAllStandardOutput();
        said.truncate(said.lastIndexOf('\n')); // a line not ended was not said
        for (const QByteArray& line : said.split('\n')) ended.kept_s.push_back(line.toDouble());
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
