#include "job/document/job_file.h"
#include "job/document/pictures.h"
#include "workshop/kept_jobs.h"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QtTest>

using namespace fm;

/// Names of files that follow titles, and jobs that are moved with their pictures.
class TestKeptJobs : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void titles_become_names_data() {
        QTest::addColumn<QString>("title");
        QTest::addColumn<QString>("stem");
        QTest::newRow("plain") << QStringLiteral("Kittiwake") << QStringLiteral("Kittiwake");
        QTest::newRow("signs") << QStringLiteral("A/B: \"c\"?") << QStringLiteral("A-B- -c--");
        QTest::newRow("hidden") << QStringLiteral("..secret") << QStringLiteral("secret");
        QTest::newRow("nothing") << QStringLiteral("  ") << QStringLiteral("job");
        QTest::newRow("lines") << QStringLiteral("one\ntwo\x01") << QStringLiteral("one-two-");
        QTest::newRow("long") << QString(500, QLatin1Char('x')) << QString(80, QLatin1Char('x'));
        QTest::newRow("of all letters") << QStringLiteral("Möwe №3 鳥") << QStringLiteral("Möwe №3 鳥");
    }
    void titles_become_names() {
        QFETCH(QString, title);
        QFETCH(QString, stem);
        QCOMPARE(file_stem(title), stem);
        const QTemporaryDir dir;
        (void)create_file(free_place(dir.path(), title), "{}"); // every one of them can be written
    }

    void the_second_of_a_title_has_a_number() {
        const QTemporaryDir dir;
        const QString first = free_place(dir.path(), QStringLiteral("Teal"));
        (void)create_file(first, "1");
        const QString second = free_place(dir.path(), QStringLiteral("Teal"));
        QCOMPARE(QFileInfo(second).fileName(), QStringLiteral("Teal 2.fmjob"));
        (void)create_file(second, "2");
        QCOMPARE(QFileInfo(free_place(dir.path(), QStringLiteral("teal"))).fileName(),
                 QStringLiteral("teal 3.fmjob"));
        QCOMPARE(free_place(dir.path(), QStringLiteral("Teal"), first), first);
        QVERIFY(is_named_by(first, QStringLiteral("Teal")) && is_named_by(second, QStringLiteral("Teal")));
        QVERIFY(!is_named_by(second, QStringLiteral("Tea")) && !is_named_by(first, QStringLiteral("teal")));
    }

    void a_job_is_put_away_and_comes_back_with_its_pictures() {
        const QTemporaryDir dir;
        const QString job = dir.filePath(QStringLiteral("Teal.fmjob"));
        (void)create_file(job, "text");
        QVERIFY(QDir().mkpath(pictures_folder(job)));
        (void)create_file(pictures_folder(job) + QStringLiteral("/a.png"), "picture");
        const QString away = place_put_away(job);
        move_closed_job(job, away);
        QVERIFY(!QFileInfo::exists(job) && !QFileInfo::exists(pictures_folder(job)));
        QCOMPARE(jobs_put_away(dir.path()), QStringList{away});
        QVERIFY(QFileInfo::exists(pictures_folder(away) + QStringLiteral("/a.png")));
        // Another has its name by now: it comes back under the next.
        (void)create_file(job, "other");
        const QString back = place_brought_back(away);
        move_closed_job(away, back);
        QCOMPARE(QFileInfo(back).fileName(), QStringLiteral("Teal 2.fmjob"));
        QVERIFY(QFileInfo::exists(pictures_folder(back) + QStringLiteral("/a.png")));
        QCOMPARE(load_file(job).text, QByteArray("other"));
        QVERIFY(jobs_put_away(dir.path()).isEmpty());
    }

    void nothing_is_written_over_and_nothing_open_is_moved() {
        const QTemporaryDir dir;
        const QString one = dir.filePath(QStringLiteral("one.fmjob"));
        const QString two = dir.filePath(QStringLiteral("two.fmjob"));
        (void)create_file(one, "1");
        (void)create_file(two, "2");
        QVERIFY_EXCEPTION_THROWN(move_job(one, two), InputError);
        QCOMPARE(load_file(one).text, QByteArray("1"));
        QCOMPARE(load_file(two).text, QByteArray("2"));
        const auto held = JobLock::taken(one);
        QVERIFY_EXCEPTION_THROWN(move_closed_job(one, place_put_away(one)), InputError);
        QVERIFY_EXCEPTION_THROWN(throw_away(one), InputError);
        QVERIFY(QFileInfo::exists(one));
        // Where the pictures cannot go along, the job stays.
        QVERIFY(QDir().mkpath(pictures_folder(two)));
        const QString third = dir.filePath(QStringLiteral("three.fmjob"));
        QVERIFY(QDir().mkpath(pictures_folder(third) + QStringLiteral("/full")));
        QVERIFY_EXCEPTION_THROWN(move_job(two, third), InputError);
        QVERIFY(QFileInfo::exists(two) && !QFileInfo::exists(third));
    }
};

QTEST_GUILESS_MAIN(TestKeptJobs)
#include "tst_kept_jobs.moc"
