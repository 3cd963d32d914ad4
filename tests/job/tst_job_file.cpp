#include "common/jobs.h"
#include "job/document/job_file.h"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include <array>
#include <csignal>
#include <sys/resource.h>
#include <sys/stat.h>
#include <sys/xattr.h>
#include <unistd.h>

using namespace fm;

namespace {

template <class Act> QString fault_of(const Act& act) {
    try {
        act();
    } catch (const InputError& error) {
        return QString::fromStdString(error.message().id);
    }
    return {};
}

void write(const QString& path, const QByteArray& text) {
    QFile file(path);
    QVERIFY(file.open(QIODevice::WriteOnly) && file.write(text) == text.size());
}

} // namespace

class TestJobFile : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void what_cannot_be_read_is_named() {
        QTemporaryDir dir;
        QCOMPARE(fault_of([&] { load_file(dir.filePath(QStringLiteral("none.fmjob"))); }),
                 QStringLiteral("file_missing"));
        QCOMPARE(fault_of([&] { load_file(dir.path()); }), QStringLiteral("file_is_folder"));
        const QString large = dir.filePath(QStringLiteral("large.fmjob"));
        QFile file(large);
        QVERIFY(file.open(QIODevice::WriteOnly) && file.resize(200LL * 1024 * 1024)); // sparse
        file.close();
        QCOMPARE(fault_of([&] { load_file(large); }), QStringLiteral("file_too_large"));
        // What would be waited for, or never ends.
        const QString pipe = dir.filePath(QStringLiteral("pipe.fmjob"));
        QCOMPARE(::mkfifo(qPrintable(pipe), 0600), 0);
        for (const QString& none : {QStringLiteral("/dev/zero"), pipe}) {
            QCOMPARE(fault_of([&] { load_file(none); }), QStringLiteral("file_not_regular"));
            QCOMPARE(fault_of([&] { save_file(none, "x", nullptr); }), QStringLiteral("file_not_written"));
        }
        const QString locked = dir.filePath(QStringLiteral("locked.fmjob"));
        write(locked, "{}");
        QFile::setPermissions(locked, QFileDevice::Permissions());
        QFile probe(locked);
        if (!probe.open(QIODevice::ReadOnly)) // root reads everything
            QCOMPARE(fault_of([&] { load_file(locked); }), QStringLiteral("file_not_readable"));
    }
    void a_file_is_written_whole() {
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("a.fmjob"));
        const FileMark mark = save_file(path, "first", nullptr);
        QCOMPARE(load_file(path).text, QByteArray("first"));
        QVERIFY(load_file(path).mark == mark && !doubt_about_file(path, mark));
        save_file(path, "second", &mark);
        QCOMPARE(load_file(path).text, QByteArray("second"));
        QCOMPARE(QDir(dir.path()).entryList(QDir::Files).size(), 1); // nothing left beside it
    }
    void what_somebody_else_wrote_is_never_written_over() {
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("a.fmjob"));
        const FileMark mark = save_file(path, "mine", nullptr);
        write(path, "theirs");
        QCOMPARE(doubt_about_file(path, mark).value().id, "file_changed_on_disk");
        QCOMPARE(fault_of([&] { save_file(path, "mine again", &mark); }),
                 QStringLiteral("file_changed_on_disk"));
        QCOMPARE(load_file(path).text, QByteArray("theirs"));
        QFile::remove(path);
        QCOMPARE(fault_of([&] { save_file(path, "mine again", &mark); }), QStringLiteral("file_gone"));
    }
    void owner_rights_attributes_and_links_stay() {
        QTemporaryDir dir;
        const QString real = dir.filePath(QStringLiteral("real.fmjob"));
        const QString link = dir.filePath(QStringLiteral("link.fmjob"));
        write(real, "old");
        QVERIFY(QFile::link(QStringLiteral("real.fmjob"), link));
        QCOMPARE(::chmod(qPrintable(real), 0640), 0);
        const bool root = ::geteuid() == 0;
        if (root) QCOMPARE(::chown(qPrintable(real), 1234, 2345), 0);
        const bool attributes = ::setxattr(qPrintable(real), "user.shelf", "third", 5, 0) == 0;
        save_file(link, "new", nullptr);
        QVERIFY(QFileInfo(link).isSymLink());
        QCOMPARE(test::file_bytes(real), QByteArray("new"));
        struct stat now {};
        QCOMPARE(::stat(qPrintable(real), &now), 0);
        QCOMPARE(now.st_mode & 07777U, 0640U);
        if (root) QVERIFY(now.st_uid == 1234 && now.st_gid == 2345);
        std::array<char, 16> value{};
        if (attributes) QCOMPARE(::getxattr(qPrintable(real), "user.shelf", value.data(), value.size()), 5);
    }
    void a_full_disk_leaves_the_old_file() {
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("a.fmjob"));
        const FileMark mark = save_file(path, "old", nullptr);
        std::signal(SIGXFSZ, SIG_IGN);
        rlimit before{};
        QCOMPARE(getrlimit(RLIMIT_FSIZE, &before), 0);
        rlimit small = before;
        small.rlim_cur = 4096; // writing past this fails as a full disk does
        QCOMPARE(setrlimit(RLIMIT_FSIZE, &small), 0);
        const QString fault = fault_of([&] { save_file(path, QByteArray(100000, 'x'), &mark); });
        setrlimit(RLIMIT_FSIZE, &before);
        QCOMPARE(fault, QStringLiteral("file_not_written"));
        QCOMPARE(load_file(path).text, QByteArray("old"));
        QCOMPARE(QDir(dir.path()).entryList(QDir::Files).size(), 1);
    }
    void folders_cannot_be_written() {
        QTemporaryDir dir;
        QCOMPARE(fault_of([&] { save_file(dir.path(), "x", nullptr); }), QStringLiteral("file_is_folder"));
        QCOMPARE(fault_of([&] { save_file(dir.filePath(QStringLiteral("no/such/a.fmjob")), "x", nullptr); }),
                 QStringLiteral("file_not_written"));
    }
    void one_window_holds_a_job() {
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("a.fmjob"));
        save_file(path, "{}", nullptr);
        auto lock = JobLock::taken(path);
        QVERIFY(lock);
        QVERIFY(!JobLock::taken(path));
        QVERIFY(!JobLock::taken(dir.path() + QStringLiteral("/./a.fmjob"))); // the same file by another name
        QCOMPARE(QDir(dir.path()).entryList(QDir::Files).size(), 1); // opening writes nothing beside the job
        lock.reset();
        QVERIFY(JobLock::taken(path));
    }
};

QTEST_GUILESS_MAIN(TestJobFile)
#include "tst_job_file.moc"
