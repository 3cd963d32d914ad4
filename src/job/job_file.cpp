#include "job/job_file.h"

#include "core/message.h"
#include "job/json.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QSaveFile>
#include <QStandardPaths>

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
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        refuse("file_not_readable", path, {file.errorString().toStdString()});
    constexpr auto most = static_cast<qint64>(largest_job_bytes);
    if (info.isFile() && file.size() > most)
        throw InputError({"file_too_large",
                          Severity::error,
                          {},
                          {static_cast<double>(file.size()), static_cast<double>(most)}});
    const QByteArray text = file.read(most + 1); // a device may be longer than it says
    if (file.error() != QFileDevice::NoError)
        refuse("file_not_readable", path, {file.errorString().toStdString()});
    return {text, mark_of(text)};
}

bool file_changed(const QString& path, const FileMark& mark) {
    QFile file(path);
    return !file.open(QIODevice::ReadOnly) || mark_of(file.readAll()) != mark;
}

FileMark save_file(const QString& path, const QByteArray& text, const FileMark* expected) {
    if (expected && file_changed(path, *expected)) refuse("file_changed_on_disk", path);
    if (QFileInfo(path).isDir()) refuse("file_is_folder", path);
    QSaveFile file(path);
    file.setDirectWriteFallback(false);
    const bool written = file.open(QIODevice::WriteOnly) && file.write(text) == text.size() && file.flush();
    if (!written || !file.commit()) refuse("file_not_written", path, {file.errorString().toStdString()});
    return mark_of(text);
}

std::unique_ptr<JobLock> JobLock::taken(const QString& path) {
    QString canonical = QFileInfo(path).canonicalFilePath();
    if (canonical.isEmpty()) // a file that is yet to be written
        canonical = QDir(QFileInfo(QFileInfo(path).absolutePath()).canonicalFilePath())
                        .filePath(QFileInfo(path).fileName());
    const QByteArray name = QCryptographicHash::hash(canonical.toUtf8(), QCryptographicHash::Sha1).toHex();
    QString folder = QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation);
    if (folder.isEmpty()) folder = QDir::tempPath();
    std::unique_ptr<JobLock> lock(new JobLock(folder + QStringLiteral("/fair-measure-") +
                                              QString::fromLatin1(name) + QStringLiteral(".lock")));
    lock->lock_.setStaleLockTime(0); // held as long as its process lives, however long that is
    return lock->lock_.tryLock(0) ? std::move(lock) : nullptr;
}

} // namespace fm
