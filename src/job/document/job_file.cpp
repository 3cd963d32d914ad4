#include "job/document/job_file.h"

#include "job/document/json.h"

#include <QCryptographicHash>
#include <QDateTime>
#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QFileInfo>
#include <QSaveFile>
#include <QStandardPaths>
#include <QThread>

#include <algorithm>

#include <fcntl.h>
#include <sys/stat.h>
#include <sys/xattr.h>
#include <unistd.h>

namespace fm {

namespace {

[[noreturn]] void refuse(const char* id, const QString& path, std::vector<Argument> more = {}) {
    std::vector<Argument> arguments{path.toStdString()};
    arguments.insert(arguments.end(), more.begin(), more.end());
    throw InputError({id, Severity::error, {}, std::move(arguments)});
}

FileMark mark_of(const QByteArray& text) {
    return {QCryptographicHash::hash(text, QCryptographicHash::Sha256)};
}

} // namespace

LoadedFile load_file(const QString& path) {
    const QFileInfo info(path);
    if (!info.exists()) refuse("file_missing", path);
    if (info.isDir()) refuse("file_is_folder", path);
    if (!info.isFile()) refuse("file_not_regular", path); // a pipe would be waited for, a device never ends
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        refuse("file_not_readable", path, {file.errorString().toStdString()});
    constexpr auto most = static_cast<qint64>(largest_job_bytes);
    if (file.size() > most)
        throw InputError({"file_too_large",
                          Severity::error,
                          {},
                          {static_cast<double>(file.size()), static_cast<double>(most)}});
    const QByteArray text = file.read(std::min(file.size(), most) + 1); // it may grow while it is read
    if (file.error() != QFileDevice::NoError)
        refuse("file_not_readable", path, {file.errorString().toStdString()});
    return {text, mark_of(text)};
}

std::optional<Message> doubt_about_file(const QString& path, const FileMark& mark) {
    const auto doubt = [&path](const char* id, std::vector<Argument> more = {}) {
        more.insert(more.begin(), path.toStdString());
        return Message{id, Severity::error, {}, std::move(more)};
    };
    if (!QFileInfo::exists(path)) return doubt("file_gone");
    if (!QFileInfo(path).isFile()) return doubt("file_not_regular");
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        return doubt("file_not_readable", {file.errorString().toStdString()});
    if (mark_of(file.readAll()) != mark) return doubt("file_changed_on_disk");
    return std::nullopt;
}

namespace {

/// Where a file really lies, or would; a folder that is not there stays as it was written.
QString real_path(const QString& path) {
    QString canonical = QFileInfo(path).canonicalFilePath();
    if (!canonical.isEmpty()) return canonical;
    const QString folder = QFileInfo(path).absolutePath();
    const QString real_folder = QFileInfo(folder).canonicalFilePath();
    return QDir(real_folder.isEmpty() ? folder : real_folder).filePath(QFileInfo(path).fileName());
}

/// Keeps all other writers from a file while it is read, checked and replaced.
class WriteLock {
public:
    /// @throws InputError if another writer does not end, or where nothing can be written
    explicit WriteLock(const QString& path) : lock_(beside(path)) {
        const QString folder = QFileInfo(path).absolutePath();
        if (!QFileInfo(folder).isDir())
            refuse("file_not_written", path, {std::string("its folder is not there")});
        constexpr int patience_ms = 5000;
        constexpr unsigned long pause_ms = 5;
        lock_.setStaleLockTime(0); // held as long as its process lives
        QElapsedTimer waited;
        waited.start();
        while (!lock_.tryLock(0)) {
            if (lock_.error() != QLockFile::LockFailedError)
                refuse("file_not_written", path,
                       {std::string("nothing can be written in its folder; it may be full, or not yours")});
            if (waited.elapsed() > patience_ms) refuse("file_busy", path);
            QThread::msleep(pause_ms);
        }
    }

private:
    static QString beside(const QString& path) {
        const QFileInfo file(real_path(path));
        return file.path() + QStringLiteral("/.") + file.fileName() + QStringLiteral(".lock");
    }
    QLockFile lock_;
};

/// The name of a new file is on the disk only once its folder is.
void sync_folder(const QString& path) {
    const QByteArray folder = QFile::encodeName(QFileInfo(real_path(path)).path());
    const int handle = ::open(folder.constData(), O_RDONLY | O_DIRECTORY | O_CLOEXEC);
    if (handle < 0) return; // a folder that may be written and not read: the disk has it a little later
    ::fsync(handle);
    ::close(handle);
}

/// A file that takes another's place is whose that was, with its extended attributes (rights of other users
/// among them), as far as this user may give them.
void take_over(const QString& path, int handle) {
    const QByteArray name = QFile::encodeName(path);
    struct stat old {};
    if (::stat(name.constData(), &old) != 0) return; // a new file is its writer's
    if (::fchown(handle, old.st_uid, old.st_gid) != 0) [[maybe_unused]]
        const int group = ::fchown(handle, static_cast<uid_t>(-1), old.st_gid);
    ::fchmod(handle, old.st_mode & 07777U); // another owner takes some of them away
    const ssize_t room = ::listxattr(name.constData(), nullptr, 0);
    QByteArray keys(std::max<ssize_t>(room, 0), '\0');
    keys.resize(std::max<ssize_t>(
        ::listxattr(name.constData(), keys.data(), static_cast<std::size_t>(keys.size())), 0));
    for (const QByteArray& key : keys.split('\0')) {
        const ssize_t size = key.isEmpty() ? -1 : ::getxattr(name.constData(), key.constData(), nullptr, 0);
        if (size < 0) continue;
        QByteArray value(size, '\0');
        if (::getxattr(name.constData(), key.constData(), value.data(), static_cast<std::size_t>(size)) ==
            size)
            ::fsetxattr(handle, key.constData(), value.constData(), static_cast<std::size_t>(size), 0);
    }
}

FileMark written_whole(const QString& path, const QByteArray& text, const FileMark* expected) {
    const QFileInfo there(path);
    if (there.exists() && !there.isFile())
        refuse("file_not_written", path, {std::string("it is no plain file")});
    if (expected)
        if (const auto doubt = doubt_about_file(path, *expected)) throw InputError(*doubt);
    QSaveFile file(path);
    file.setDirectWriteFallback(false);
    const bool written = file.open(QIODevice::WriteOnly) && file.write(text) == text.size() && file.flush();
    if (written) take_over(path, file.handle());
    if (!written || !file.commit()) refuse("file_not_written", path, {file.errorString().toStdString()});
    sync_folder(path);
    return mark_of(text);
}

} // namespace

FileMark save_file(const QString& path, const QByteArray& text, const FileMark* expected) {
    if (!expected && QFileInfo(path).isDir()) refuse("file_is_folder", path);
    const WriteLock lock(path);
    return written_whole(path, text, expected);
}

FileMark create_file(const QString& path, const QByteArray& text) {
    const WriteLock lock(path);
    if (QFileInfo::exists(path) || QFileInfo(path).isSymLink()) refuse("file_exists", path);
    return written_whole(path, text, nullptr);
}

QString put_aside(const QString& path) {
    const WriteLock lock(path);
    const QFileInfo file(path);
    const QString when = QDateTime::currentDateTime().toString(QStringLiteral("yyyy-MM-dd hh.mm.ss"));
    QString aside;
    for (int i = 1; aside.isEmpty() || QFileInfo::exists(aside); ++i)
        aside = file.path() + QStringLiteral("/%1 before %2%3.%4")
                                  .arg(file.completeBaseName(), when,
                                       i > 1 ? QStringLiteral(" %1").arg(i) : QString(), file.suffix());
    QFile old(path);
    if (!old.rename(aside)) refuse("file_not_written", path, {old.errorString().toStdString()});
    sync_folder(path);
    return aside;
}

void change_file(const QString& path, const std::function<QByteArray(const QByteArray*)>& changed) {
    const WriteLock lock(path);
    if (!QFileInfo::exists(path)) {
        written_whole(path, changed(nullptr), nullptr);
        return;
    }
    const LoadedFile before = load_file(path);
    const QByteArray after = changed(&before.text);
    if (after != before.text) written_whole(path, after, &before.mark);
}

std::unique_ptr<JobLock> JobLock::taken(const QString& path) {
    const QByteArray name =
        QCryptographicHash::hash(real_path(path).toUtf8(), QCryptographicHash::Sha1).toHex();
    const QString file =
        QStringLiteral("/fair-measure-") + QString::fromLatin1(name) + QStringLiteral(".lock");
    std::unique_ptr<JobLock> lock;
    for (const QString& folder :
         {QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation), QDir::tempPath()}) {
        if (folder.isEmpty()) continue;
        lock.reset(new JobLock(folder + file));
        lock->lock_.setStaleLockTime(0); // held as long as its process lives, however long that is
        if (lock->lock_.tryLock(0)) return lock;
        if (lock->lock_.error() == QLockFile::LockFailedError) return nullptr;
    }
    // Nowhere to keep a lock: no window can hold the job against this one, and each write checks for itself.
    return lock;
}

} // namespace fm
