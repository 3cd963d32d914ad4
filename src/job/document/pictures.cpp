#include "job/document/pictures.h"

#include "core/words/message.h"

#include <QDir>
#include <QFileInfo>

namespace fm {

namespace {

void copy_file(const QString& from, const QString& to) {
    QFile file(from);
    if (!file.copy(to))
        throw InputError(
            {"file_not_written", Severity::error, {}, {to.toStdString(), file.errorString().toStdString()}});
}

void make_folder(const QString& folder) {
    if (!QDir().mkpath(folder))
        throw InputError(
            {"file_not_written", Severity::error, {}, {folder.toStdString(), std::string("mkdir")}});
}

} // namespace

QString pictures_folder(const QString& job_path) {
    const QFileInfo file(job_path);
    return QDir(file.path()).filePath(file.completeBaseName() + QStringLiteral(".files"));
}

QString copy_picture(const QString& path, const QString& folder, const QString& name) {
    const QFileInfo picture(path);
    if (!picture.isFile()) throw InputError({"file_missing", Severity::error, {}, {path.toStdString()}});
    make_folder(folder);
    const QString ending = QLatin1Char('.') + picture.suffix().toLower();
    QString kept = name + ending;
    for (int i = 2; QFileInfo::exists(QDir(folder).filePath(kept)); ++i)
        kept = name + QLatin1Char('-') + QString::number(i) + ending;
    copy_file(path, QDir(folder).filePath(kept));
    return kept;
}

void copy_pictures(const QString& from, const QString& to) {
    const QDir folder(from);
    if (from == to || !folder.exists()) return;
    make_folder(to);
    for (const QString& name : folder.entryList(QDir::Files))
        if (!QFileInfo::exists(QDir(to).filePath(name)))
            copy_file(folder.filePath(name), QDir(to).filePath(name));
}

} // namespace fm
