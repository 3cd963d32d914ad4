// A job that grew over years: what is written can be read again, and a thousand steps cost little.
#include "common/hands.h"
#include "common/jobs.h"
#include "common/own_time.h"
#include "common/views.h"
#include "core/words/word_of.h"
#include "job/document/json.h"
#include "job/edits/bench_edits.h"

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

/// Curlew after so many readings at the bench: one string, then the next, part after part; cents among them.
Value job_after_bench(int entries) {
    Value job = demo_document("curlew");
    Value::Array readings = *find(job, "readings")->array();
    const std::size_t strings = find(job, "strings")->array()->size();
    for (int i = 0; i < entries; ++i) {
        const auto part = static_cast<BenchPart>(i / 40 % 3);
        const std::size_t string = static_cast<std::size_t>(i / 4) % strings;
        const double read_mm = 0.3 + 0.002 * (i % 40);
        Value entry = with(Value(Value::Object{}), "state", "during");
        entry = with(entry, "when", "2026-03-05T10:20");
        entry = with(entry, "bench.part", std::string(word_of(part)));
        if (part == BenchPart::relief) {
            entry = with(entry, "bench.turned_eighths", i % 3);
            entry = with(entry, "relief", *find(job, "readings[0].relief"));
            entry = with(entry, "relief.depth_mm", read_mm);
        } else {
            entry = with(entry, "bench.string", static_cast<std::int64_t>(string));
            entry = with(entry, "bench.wanted_mm", 0.01 * (i % 4));
            const std::string at = "strings[" + std::to_string(string) + "].";
            entry = with(entry, "strings", Value::Array(strings, Value(Value::Object{})));
            if (i % 10 == 0)
                entry = with(entry, at + "cents.12", 0.1 * (i % 80));
            else
                entry = part == BenchPart::saddle ? with(entry, at + "action12_mm", 2 + read_mm)
                                                  : with(entry, at + "open_gap_fret1_mm", read_mm);
        }
        readings.push_back(entry);
    }
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

    /// However far drawings and pages are enlarged, they are drawn as quickly as ever, and no page takes the
    /// memory of a picture of it.
    void what_is_enlarged_costs_no_more() {
        QStringList dear;
        WindowOnDemo window;
        for (const char* job : {"curlew", "lantern"}) {
            window.start(job);
            for (const Station each : {Station::survey, Station::neck, Station::nut, Station::saddle,
                                       Station::bridge, Station::sheets}) {
                window->choose_station(each);
                QApplication::processEvents();
                const double before_mb = memory_mb();
                StationFrame* frame = window->station(each)->frame();
                QWidget* drawn = frame ? frame->canvas() : window->sheets()->pages()->viewport();
                for (int times = 0; times < 9; ++times) {
                    window->zoom(1.35);
                    QApplication::processEvents();
                    double ms = 1e9;
                    for (int again = 0; again < 3; ++again) {
                        const OwnTime taken;
                        drawn->repaint();
                        ms = std::min(ms, taken.ms());
                    }
                    const double grown_mb = memory_mb() - before_mb;
                    if (ms > 30 || grown_mb > 15)
                        dear << QStringLiteral("%1, station %2, enlarged %3 times: %4 ms, %5 MB")
                                    .arg(QLatin1String(job))
                                    .arg(static_cast<int>(each))
                                    .arg(times + 1)
                                    .arg(ms)
                                    .arg(grown_mb);
                }
                window->zoom(0);
            }
        }
        QVERIFY2(dear.isEmpty(), qPrintable(dear.join(QLatin1Char('\n'))));
    }

    /// A bench that was worked at for years answers as fast as one can type, wherever it is typed.
    void four_thousand_readings_make_nothing_slow() {
        WindowOnDemo window;
        window.start("curlew");
        write(window->session().path(), written_json(job_after_bench(4000)));
        window->open(window->session().path());
        QVERIFY2(window->session().state().job.readings.size() == 4001, qPrintable(window->notice()));
        double thickness_mm = 5;
        QStringList slow;
        const auto time = [&](const char* view, const char* what, double most_ms, const auto& act) {
            const OwnTime taken;
            act();
            QApplication::processEvents();
            const double ms = taken.ms();
            if (ms > most_ms)
                slow << QStringLiteral("%1, %2: %3 ms").arg(QLatin1String(view), QLatin1String(what)).arg(ms);
        };
        for (const View& view : working_views) {
            time(view.name, "shown", 1000, [&] { view.show(window.window()); });
            for (ValueField* field : window->centralWidget()->findChildren<ValueField*>()) {
                if (!field->isVisible() || field->isReadOnly()) continue;
                click_on(field);
                time(view.name, "a key", 300, [] { keys(QStringLiteral("1")); });
                key(Qt::Key_Escape);
                break;
            }
            time(view.name, "a step", 500, [&] {
                thickness_mm += 0.01;
                const Value thicker = with(window->session().document(), "nut.thickness_mm", thickness_mm);
                QVERIFY(window->session().commit(QStringLiteral("x"), thicker).empty());
            });
            time(view.name, "saved", 300, [&] { QVERIFY(window->session().save()); });
        }
        QVERIFY2(slow.isEmpty(), qPrintable(slow.join(QStringLiteral("; "))));
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
