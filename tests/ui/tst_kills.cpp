// Somebody types without a pause and the program is killed: what was kept longer ago than the promised bound
// is in the file, and the file is whole.
#include "common/hands.h"
#include "common/jobs.h"

#include <QProcess>

#include <chrono>
#include <cstdio>
#include <random>

using namespace fm;
using namespace fm::test;

namespace {

constexpr double bound_s = 0.3;
constexpr double first_mm = 1.1; // not what the job has

double now_s() {
    return std::chrono::duration<double>(std::chrono::system_clock::now().time_since_epoch()).count();
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
    for (int i = 0; i < 700; ++i) {
        click_on(field);
        key(Qt::Key_A, Qt::ControlModifier);
        keys(QString::number(first_mm + 0.001 * i, 'f', 3));
        key(Qt::Key_Return);
        std::printf("%d %.3f\n", i, now_s());
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
        const unsigned kills = jobs_from_seeds(4, 50);
        std::mt19937 random(11);
        double oldest_s = 0;
        int typed = 0;
        for (unsigned kill = 0; kill < kills; ++kill) {
            QTemporaryDir folder;
            copy_demo_workshop(folder.path());
            QProcess child;
            child.setProcessChannelMode(QProcess::ForwardedErrorChannel);
            child.start(QCoreApplication::applicationFilePath(), {QStringLiteral("--child"), folder.path()});
            QVERIFY(child.waitForStarted());
            QVERIFY(child.waitForReadyRead(20000));
            QTest::qWait(std::uniform_int_distribution<int>(350, 900)(random));
            child.kill();
            const double killed_s = now_s();
            QVERIFY(child.state() == QProcess::NotRunning || child.waitForFinished());
            QByteArray said = child.readAllStandardOutput();
            said.truncate(said.lastIndexOf('\n')); // a line not ended was not said
            const QList<QByteArray> lines = said.split('\n');
            typed += static_cast<int>(lines.size());
            const Value document =
                document_of(folder.filePath(QStringLiteral("curlew.fmjob"))); // it is whole
            const Job job = job_of(document);
            const long there = std::lround((job.design.neck.fret_height_mm - first_mm) * 1000);
            for (const QByteArray& line : lines) {
                const int number = line.split(' ')[0].toInt();
                const double kept_s = line.split(' ')[1].toDouble();
                if (number > there) oldest_s = std::max(oldest_s, killed_s - kept_s);
            }
        }
        QVERIFY2(typed > 10 * static_cast<int>(kills), qPrintable(QString::number(typed)));
        QVERIFY2(oldest_s < bound_s, qPrintable(QStringLiteral("%1 s old and lost").arg(oldest_s)));
    }
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
