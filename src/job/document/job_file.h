#pragma once
// Files of the program: read as a whole, written whole or not at all, never over what somebody else wrote.
#include "core/words/message.h"

#include <QByteArray>
#include <QLockFile>
#include <QString>

#include <functional>
#include <memory>
#include <optional>

namespace fm {

/// What a file held when it was read or written last.
struct FileMark {
    QByteArray digest;
    friend bool operator==(const FileMark&, const FileMark&) = default;
};

struct LoadedFile {
    QByteArray text;
    FileMark mark;
};

/// The whole file. @throws InputError (file_...) for no file, a folder, a pipe or device, no rights, more
/// than 8 MB.
LoadedFile load_file(const QString& path);

/// Writes the whole file or leaves the old one; once it returns, the file and its name are on the disk. One
/// writer at a time, whichever program and user it is: another waits a moment.
/// @param expected what must still stand there, or nullptr for a new place.
/// @throws InputError: changed on disk, no rights, disk full, another writer that does not end.
/// @returns the new mark.
FileMark save_file(const QString& path, const QByteArray& text, const FileMark* expected);

/// Writes a file that is not there yet. @throws InputError as save_file, and file_exists
FileMark create_file(const QString& path, const QByteArray& text);

/// Gives a file that stands where another is to be written a name that says so, beside it: "teal before
/// 2031-03-04 10.42.07.fmjob". @returns the new path @throws InputError if it cannot be renamed
QString put_aside(const QString& path);

/// Reads a file, changes it and writes it whole, with no other writer in between.
/// @param changed given what stands there (nullptr: no file), the new text @throws InputError as above
void change_file(const QString& path, const std::function<QByteArray(const QByteArray*)>& changed);

/// Why the file does not hold what the mark says: gone, not to be read, changed. Nothing if it does.
std::optional<Message> doubt_about_file(const QString& path, const FileMark& mark);

/// Holds a job for one window. Lives outside the job's folder: opening writes nothing there.
class JobLock {
public:
    /// @returns nullptr if another window holds the job
    static std::unique_ptr<JobLock> taken(const QString& path);

private:
    explicit JobLock(const QString& lock_path) : lock_(lock_path) {}
    QLockFile lock_;
};

} // namespace fm
