#include "workshop/kept_jobs.h"

#include "job/document/job_file.h"
#include "job/document/pictures.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QRegularExpression>

namespace fm {

namespace {

constexpr int longest_stem = 80;
const QString ending = QStringLiteral(".fmjob");

[[noreturn]] void refuse(const QString& path, const QString& why) {
    throw InputError({"file_not_written", Severity::error, {}, {path.toStdString(), why.toStdString()}});
}

void not_from_under_a_window(const QString& path) {
    if (!JobLock::taken(path)) throw InputError({"job_held", Severity::error, {}, {path.toStdString()}});
}

} // namespace

QString file_stem(const QString& title) {
    QString stem;
    for (const QChar c : title.left(longest_stem))
        stem += !c.isPrint() || QStringLiteral("/\\:*?\"<>|").contains(c) ? QLatin1Char('-') : c;
    stem = stem.trimmed();
    while (stem.startsWith(QLatin1Char('.'))) stem.remove(0, 1); // no hidden file
    return stem.isEmpty() ? QStringLiteral("job") : stem;
}

bool is_named_by(const QString& path, const QString& title) {
    const QString stem = QFileInfo(path).completeBaseName();
    const QString wanted = file_stem(title);
    if (stem == wanted) return true;
    static const QRegularExpression number(QStringLiteral("^ [0-9]+$"));
    return stem.startsWith(wanted) && number.match(stem.mid(wanted.size())).hasMatch();
}

QString free_place(const QString& folder, const QString& title, const QString& itself) {
    const QDir dir(folder);
    const QStringList there = dir.entryList({QLatin1Char('*') + ending}, QDir::Files);
    const QString stem = file_stem(title);
    for (int number = 1;; ++number) {
        const QString name = (number == 1 ? stem : QStringLiteral("%1 %2").arg(stem).arg(number)) + ending;
        QString path = dir.filePath(name);
        if (path == itself || !there.contains(name, Qt::CaseInsensitive)) return path;
    }
}

QString put_away_folder(const QString& folder) {
    return folder + QStringLiteral("/put away");
}

QStringList jobs_put_away(const QString& folder) {
    const QDir dir(put_away_folder(folder));
    QStringList paths;
    for (const QString& name : dir.entryList({QLatin1Char('*') + ending}, QDir::Files, QDir::Name))
        paths << dir.filePath(name);
    return paths;
}

void move_job(const QString& from, const QString& to) {
    QFile file(from);
    if (QFileInfo::exists(to) || !file.rename(to)) refuse(to, file.errorString());
    const QString pictures = pictures_folder(from);
    if (!QFileInfo::exists(pictures) || QDir().rename(pictures, pictures_folder(to))) return;
    QFile(to).rename(from);
    refuse(pictures_folder(to), QStringLiteral("the pictures cannot be moved"));
}

QString place_put_away(const QString& path) {
    const QString folder = put_away_folder(QFileInfo(path).absolutePath());
    if (!QDir().mkpath(folder)) refuse(folder, QStringLiteral("the folder cannot be made"));
    return free_place(folder, QFileInfo(path).completeBaseName());
}

QString place_brought_back(const QString& path) {
    const QString folder = QDir(QFileInfo(path).absolutePath() + QStringLiteral("/..")).absolutePath();
    return free_place(folder, QFileInfo(path).completeBaseName());
}

void move_closed_job(const QString& from, const QString& to) {
    not_from_under_a_window(from);
    move_job(from, to);
}

void throw_away(const QString& path) {
    not_from_under_a_window(path);
    QFile file(path);
    if (!file.moveToTrash()) refuse(path, file.errorString());
    QFile::moveToTrash(pictures_folder(path));
}

} // namespace fm
