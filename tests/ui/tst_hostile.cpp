// Files of somebody else that would hang, swell or freeze a reader without bounds: each is read or refused
// with its message within two seconds and 300 MB, measured in a program of its own.
#include "common/jobs.h"
#include "common/window.h"
#include "sheet/drawing/picture_file.h"
#include "ui/canvas/background_layer.h"

#include <QElapsedTimer>
#include <QProcess>

#include <random>
#include <sys/resource.h>
#include <sys/stat.h>

using namespace fm;
using namespace fm::test;

namespace {

constexpr double most_s = 2.0;  // of work
constexpr double late_s = 10.0; // on a busy machine, with all the waiting
constexpr double most_mb = 300.0;

/// The child: reads the file as the window does, and says what came of it.
int read_it(const QString& path) {
    QElapsedTimer taken;
    taken.start();
    QString said;
    if (path.endsWith(QLatin1String(".fmjob"))) {
        QTemporaryDir shop;
        MainWindow window{Workshop(shop.path())};
        window.open(path);
        window.resize(1280, 800);
        window.show();
        QApplication::processEvents();
        (void)window.grab();
        said = window.notice().isEmpty() ? QStringLiteral("read") : window.notice();
    } else {
        const std::atomic<bool> stop = false;
        const BackgroundFile file = read_background_file(path, stop);
        said = file.fault.isEmpty() ? QStringLiteral("read %1").arg(file.lines.elementCount()) : file.fault;
    }
    const double seconds = static_cast<double>(taken.elapsed()) / 1000;
    rusage used{};
    ::getrusage(RUSAGE_SELF, &used);
    const auto of = [](const timeval& time) {
        return static_cast<double>(time.tv_sec) + 1e-6 * static_cast<double>(time.tv_usec);
    };
    std::printf("%.2f %.2f\n%.1f\n%s\n", of(used.ru_utime) + of(used.ru_stime), seconds,
                static_cast<double>(used.ru_maxrss) / 1024, qPrintable(said));
    return 0;
}

} // namespace

class TestHostile : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-hostile-test"); }

    void made_by_hand_data() {
        QTest::addColumn<QString>("says");
        // Words that are too long are no part of a drawing: it is read.
        QTest::newRow("long-line.dxf") << "read 4";
        QTest::newRow("line-of-1024.dxf") << "read 2";
        QTest::newRow("angle-1e17.dxf") << "read";
        QTest::newRow("huge-bulge.dxf") << "read";
        QTest::newRow("block-in-itself.dxf") << "too much for a background";
        QTest::newRow("grid-in-grid.dxf") << "too much for a background";
        QTest::newRow("empty-blocks.dxf") << "too much for a background";
        QTest::newRow("inserts-of-nothing.dxf") << "too much for a background";
        QTest::newRow("many-bulges.dxf") << "too much for a background";
        QTest::newRow("30000-pixels.png") << "30000 × 30000 pixels";
        QTest::newRow("title-of-an-image.fmjob") << "read";
        QTest::newRow("title-of-a-pipe.fmjob") << "read";
    }
    void made_by_hand() {
        QFETCH(QString, says);
        QString path = QStringLiteral(TEST_DATA "/hostile/") + QLatin1String(QTest::currentDataTag());
        const QTemporaryDir dir;
        if (path.endsWith(QLatin1String("pipe.fmjob"))) { // its title names one that is there
            const QString pipe = dir.filePath(QStringLiteral("pipe"));
            QCOMPARE(::mkfifo(qPrintable(pipe), 0600), 0);
            const QByteArray text = file_bytes(path).replace("PIPE", pipe.toUtf8());
            path = dir.filePath(QStringLiteral("pipe.fmjob"));
            QFile file(path);
            QVERIFY(file.open(QIODevice::WriteOnly) && file.write(text) == text.size());
        }
        check(path, says);
    }
    void what_is_no_plain_file_data() {
        QTest::addColumn<QString>("name");
        QTest::newRow("a job") << "a.fmjob";
        QTest::newRow("a drawing") << "a.dxf";
        QTest::newRow("a picture") << "a.png";
    }
    void what_is_no_plain_file() {
        QFETCH(QString, name);
        const QTemporaryDir dir;
        QCOMPARE(::mkfifo(qPrintable(dir.filePath(name)), 0600), 0);
        check(dir.filePath(name), QStringLiteral("no"));
        QVERIFY(QFile::remove(dir.filePath(name)));
        QVERIFY(QFile::link(QStringLiteral("/dev/zero"), dir.filePath(name)));
        check(dir.filePath(name), QStringLiteral("no"));
    }
    /// A kind that tells its size only once it is read, or does not scale while it is.
    void no_picture_is_larger_than_asked() {
        const PictureFile picture =
            read_picture(QStringLiteral(TEST_DATA "/hostile/size-told-late.gif"), 500);
        QVERIFY(!picture.image.isNull());
        QVERIFY(picture.image.width() <= 500 && picture.image.height() <= 500);
        QVERIFY(std::max(picture.size.width(), picture.size.height()) > 500); // its own
    }
    void ordinary_scans_are_read_data() {
        QTest::addColumn<int>("format");
        QTest::addColumn<QByteArray>("ending");
        QTest::newRow("grey") << int(QImage::Format_Grayscale8) << QByteArray("png");
        QTest::newRow("black and white") << int(QImage::Format_Mono) << QByteArray("png");
        QTest::newRow("palette") << int(QImage::Format_Indexed8) << QByteArray("png");
        QTest::newRow("colours") << int(QImage::Format_RGB32) << QByteArray("png");
        QTest::newRow("colours as a JPEG") << int(QImage::Format_RGB32) << QByteArray("jpg");
    }
    void ordinary_scans_are_read() {
        QFETCH(int, format);
        QFETCH(QByteArray, ending);
        QImage scan(4960, 7016, static_cast<QImage::Format>(format)); // A4 at 600 dots an inch
        if (scan.colorCount() == 0 && format != QImage::Format_RGB32 && format != QImage::Format_Grayscale8)
            scan.setColorTable({qRgb(255, 255, 255), qRgb(20, 20, 120)});
        scan.fill(format == QImage::Format_RGB32 ? 0xfff0f0e0U : 1U);
        const QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("scan.") + QString::fromLatin1(ending));
        QVERIFY(scan.save(path));
        scan = {};
        check(path, QStringLiteral("read"));
    }

    /// The program's own settings are a file, too, and anybody may have written into it.
    void settings_of_any_kind() {
        const QTemporaryDir dir;
        copy_demo_workshop(dir.path());
        StartOptions options;
        options.workshop = dir.path();
        options.job = QStringLiteral("teal");
        {
            const auto window = started_window(options);
            window->show();
            for (const Station station : {Station::strings, Station::sheets, Station::nut})
                window->choose_station(station);
            window->go_to_bench(BenchPart::nut);
            window->show_plan(true);
        }
        QStringList keys = QSettings().allKeys();
        keys << QStringLiteral("evening") << QStringLiteral("recent") << QStringLiteral("gauge/kind")
             << QStringLiteral("gauge/unit") << QStringLiteral("gauge/port") << QStringLiteral("plan/order")
             << QStringLiteral("bench/choice") << QStringLiteral("machine/cutter")
             << QStringLiteral("printer");
        QVERIFY(keys.size() > 10);
        const QVariantList values{{},
                                  -1,
                                  2147483647,
                                  1e308,
                                  std::nan(""),
                                  QString(100000, QLatin1Char('9')),
                                  QByteArray(300, '\xff'),
                                  QStringList(500, QStringLiteral("<b>-1,,;=")),
                                  QVariantList{QVariantMap{{QStringLiteral("a"), QByteArray(10, '\0')}}},
                                  QSize(-5, 1 << 30),
                                  true,
                                  QStringLiteral("../../../dev/zero")};
        std::mt19937 random(7);
        const unsigned trials = jobs_from_seeds(12, 60);
        for (unsigned trial = 0; trial < trials; ++trial) {
            for (const QString& key : keys)
                QSettings().setValue(
                    key, values[static_cast<qsizetype>(random() % static_cast<unsigned>(values.size()))]);
            const auto window = started_window(options);
            window->show();
            QVERIFY(window->session().is_open());
            for (const Station station : {Station::strings, Station::sheets, Station::nut})
                window->choose_station(station);
            window->go_to_bench(BenchPart::nut);
            window->show_plan(true);
            QApplication::processEvents();
        }
        // And bytes that are no settings at all.
        const QString file = QSettings().fileName();
        QSettings().sync();
        for (unsigned trial = 0; trial < trials; ++trial) {
            QFile settings(file);
            QVERIFY(settings.open(QIODevice::WriteOnly | QIODevice::Truncate));
            QByteArray bytes("[General]\n");
            for (int i = 0; i < 400; ++i) bytes.append(static_cast<char>(random()));
            settings.write(bytes);
            settings.close();
            QVERIFY(started_window(options)->session().is_open());
        }
        QSettings().clear();
    }

private:
    static void check(const QString& path, const QString& says) {
        QProcess child;
        child.start(QCoreApplication::applicationFilePath(), {QStringLiteral("--child"), path});
        QVERIFY2(child.waitForFinished(20000), "it hangs");
        QCOMPARE(child.exitStatus(), QProcess::NormalExit);
        const QList<QByteArray> lines = child.readAllStandardOutput().split('\n');
        QVERIFY(lines.size() > 2);
        const QList<QByteArray> times = lines[0].split(' ');
        QVERIFY2(times.first().toDouble() < most_s && times.last().toDouble() < late_s, lines[0].constData());
        QVERIFY2(lines[1].toDouble() < most_mb, lines[1].constData());
        QVERIFY2(QString::fromUtf8(lines[2]).contains(says), lines[2].constData());
    }
};

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    if (argc == 3 && QByteArray(argv[1]) == "--child") {
        prepare_application("fair-measure-hostile-child");
        return read_it(QString::fromLocal8Bit(argv[2]));
    }
    TestHostile test;
    return QTest::qExec(&test, argc, argv);
}

#include "tst_hostile.moc"
