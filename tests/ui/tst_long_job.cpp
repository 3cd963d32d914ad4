// A job that grew over years: what is written can be read again, and a thousand steps cost little.
#include "common/jobs.h"
#include "common/window.h"
#include "job/json.h"

#include <QElapsedTimer>

#include <fstream>
#include <sstream>

using namespace fm;
using namespace fm::test;

namespace {

double memory_mb() {
    std::ifstream status("/proc/self/status");
    for (std::string line; std::getline(status, line);)
        if (line.starts_with("VmRSS:")) return std::stod(line.substr(6)) / 1024;
    return 0;
}

Value::Array numbers(int count) {
    Value::Array list;
    for (int i = 0; i < count; ++i) list.push_back(12345);
    return list;
}

/// Kittiwake with so many entries of readings, all in other sittings.
Value long_job(int entries) {
    Value job = demo_document("kittiwake");
    const Value first = *find(job, "readings[0]");
    Value::Array readings;
    for (int i = 0; i < entries; ++i)
        readings.push_back(with(first, "when", "20" + std::to_string(30 + i / 365) + "-01-01T00:00:00"));
    return with(job, "readings", readings);
}

} // namespace

class TestLongJob : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-long-job-test"); }

    /// Spread over lines it would be too large; on one line it is not.
    void what_is_written_can_be_read_again() {
        const QString path = dir_.filePath(QStringLiteral("wide.fmjob"));
        const Value job = with(demo_document("teal"), "more", numbers(900'000));
        QVERIFY(written_json(job).size() > largest_job_bytes);
        write(path, compact_json(job));
        Session session;
        session.open(path);
        QVERIFY(
            session.commit(QStringLiteral("x"), with(session.document(), "nut.thickness_mm", 6.0)).empty());
        QVERIFY(session.save());
        session.open(path);
        QCOMPARE(find(session.document(), "nut.thickness_mm")->number(), 6.0);
        QCOMPARE(find(session.document(), "more")->array()->size(), std::size_t(900'000));
        // What would go over the limit is refused before it is a step.
        const auto problems = session.commit(QStringLiteral("y"),
                                             with(session.document(), "less", std::string(6'000'000, 'x')));
        QCOMPARE(problems.size(), std::size_t(1));
        QCOMPARE(problems.front().id, std::string("file_too_large"));
        QVERIFY(session.save() && !find(session.document(), "less"));
    }
    void what_could_not_be_written_again_is_not_begun() {
        const QString path = dir_.filePath(QStringLiteral("short.fmjob"));
        std::string text = compact_json(demo_document("teal"));
        text.pop_back();
        text += ",\"more\":[1e5";
        while (text.size() < largest_job_bytes - 10) text += ",1e5"; // read again it is 100000.0, or 1e+05
        write(path, text + "]}");
        Session session;
        QVERIFY_EXCEPTION_THROWN(session.open(path), InputError);
    }
    void a_thousand_steps_on_two_thousand_readings() {
        const QString path = dir_.filePath(QStringLiteral("long.fmjob"));
        write(path, written_json(long_job(2000)));
        Session session;
        session.open(path);
        const double before_mb = memory_mb();
        QElapsedTimer taken;
        taken.start();
        const int steps = static_cast<int>(jobs_from_seeds(60, 500));
        for (int i = 0; i < steps; ++i)
            QVERIFY(session
                        .commit(QStringLiteral("x"),
                                with(session.document(),
                                     "readings[" + std::to_string(i) + "].strings[0].open_gap_fret1_mm",
                                     0.3 + 0.0001 * i))
                        .empty());
        const double grown_mb = memory_mb() - before_mb;
        qInfo("%.0f MB, %.1f ms a step", grown_mb, static_cast<double>(taken.elapsed()) / steps);
        QVERIFY2(grown_mb < 20 + 0.18 * steps, qPrintable(QString::number(grown_mb)));
        session.undo_stack()->setIndex(0);
        QCOMPARE(session.document(), long_job(2000));
    }

private:
    void write(const QString& path, const std::string& text) {
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly));
        QCOMPARE(file.write(text.data(), static_cast<qint64>(text.size())), static_cast<qint64>(text.size()));
    }
    QTemporaryDir dir_;
};

QTEST_MAIN(TestLongJob)
#include "tst_long_job.moc"
