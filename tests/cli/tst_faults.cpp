// Every call a save makes fails, or is the last: the old file or the new one stands, never neither, and the
// exit code says which.
#include "common/jobs.h"
#include "common/run.h"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include <cerrno>

using namespace fm;
using namespace fm::test;

class TestFaults : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void any_call_of_a_save_may_fail_data() {
        QTest::addColumn<QString>("file");
        QTest::addColumn<QStringList>("words"); // DIR: the folder
        QTest::newRow("a job") << "curlew.fmjob"
                               << QStringList{QStringLiteral("fit"), QStringLiteral("DIR/curlew.fmjob"),
                                              QStringLiteral("--write")};
        QTest::newRow("the shop") << "workshop.json"
                                  << QStringList{QStringLiteral("printer"),    QStringLiteral("bench"),
                                                 QStringLiteral("--bar-x"),    QStringLiteral("149.1"),
                                                 QStringLiteral("--bar-y"),    QStringLiteral("150.4"),
                                                 QStringLiteral("--workshop"), QStringLiteral("DIR")};
    }
    void any_call_of_a_save_may_fail() {
        QFETCH(QString, file);
        QFETCH(QStringList, words);
        const QTemporaryDir dir;
        const QString folder = dir.filePath(QStringLiteral("shop"));
        const QString path = QDir(folder).filePath(file);
        words.replaceInStrings(QStringLiteral("DIR"), folder);
        fresh(folder);
        const QByteArray before = file_bytes(path);
        const QString log = dir.filePath(QStringLiteral("calls"));
        QCOMPARE(failing(words, folder, 0, 0, log).exit_code, 0);
        const QByteArray after = file_bytes(path);
        QVERIFY(after != before);
        const QList<QByteArray> calls = file_bytes(log).trimmed().split('\n');
        for (const char* each : {"open", "write", "sync", "rename"}) QVERIFY2(calls.contains(each), each);
        QVERIFY(calls.size() > 8);
        int old_files = 0;
        for (int at = 1; at <= calls.size(); ++at)
            for (const int with : {0, ENOSPC, EIO}) {
                fresh(folder);
                const Ran ran = failing(words, folder, at, with, {});
                const QByteArray now = file_bytes(path);
                const QByteArray what = calls[at - 1] + " " + QByteArray::number(at) + " with " +
                                        QByteArray::number(with) + ": " + QByteArray::number(ran.exit_code) +
                                        " " + ran.errors;
                QVERIFY2(now == before || now == after, what.constData());
                if (with != 0) {
                    QVERIFY2((ran.exit_code == 0) == (now == after), what.constData());
                    QVERIFY2(ran.exit_code == 0 || !ran.errors.isEmpty(), what.constData());
                    if (now == before) ++old_files;
                } else { // whoever comes next is not kept out by what the dead one left
                    QVERIFY2(failing(words, folder, 0, 0, {}).exit_code == 0, what.constData());
                    QVERIFY(file_bytes(path) != before);
                }
            }
        QVERIFY(old_files > 8); // the faults did hit
    }

private:
    static void fresh(const QString& folder) {
        QDir(folder).removeRecursively();
        QDir().mkpath(folder);
        for (const QFileInfo& file : QDir(QStringLiteral(DEMO_DATA)).entryInfoList(QDir::Files))
            QFile::copy(file.filePath(), QDir(folder).filePath(file.fileName()));
        QFile job(QDir(folder).filePath(QStringLiteral("curlew.fmjob"))); // with something to fit
        if (job.open(QIODevice::WriteOnly))
            job.write(QByteArray::fromStdString(
                written_json(with(with(demo_document("curlew"), "readings[0].strings[9].cents",
                                       parse_json("{\"5\": 1.0, \"7\": 1.5, \"12\": 3.5}")),
                                  "readings[0].strings[9].crown_found_mm", 279.0))));
    }
    static Ran failing(const QStringList& words, const QString& under, int at, int with, const QString& log) {
        QProcess process;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert(QStringLiteral("LD_PRELOAD"), QStringLiteral(FAIL_AT));
        environment.insert(QStringLiteral("FAIL_UNDER"), under);
        environment.insert(QStringLiteral("FAIL_AT"), QString::number(at));
        environment.insert(QStringLiteral("FAIL_WITH"), QString::number(with));
        if (!log.isEmpty()) environment.insert(QStringLiteral("FAIL_LOG"), log);
        process.setProcessEnvironment(environment);
        process.start(program("fair-measure-cli"), words);
        process.waitForFinished(30000);
        return {process.exitStatus() == QProcess::NormalExit ? process.exitCode() : -1,
                process.readAllStandardOutput(), process.readAllStandardError()};
    }
};

QTEST_GUILESS_MAIN(TestFaults)
#include "tst_faults.moc"
