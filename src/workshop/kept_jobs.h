#pragma once
// Where the program keeps jobs itself: under their titles in the workshop's folder, those put away in one
// below.
#include <QString>
#include <QStringList>

namespace fm {

/// The name of a file for a title, without its ending: what no file can be called is left out or replaced.
QString file_stem(const QString& title);

/// Whether a file has the name of that title, or that with a number where another had it first.
bool is_named_by(const QString& path, const QString& title);

/// A path in a folder for a job of that title at which nothing stands, with a number where it must.
/// @param itself a path that counts as free; may be ""
QString free_place(const QString& folder, const QString& title, const QString& itself = {});

/// The folder of a workshop in which jobs that are put away lie; it need not be there.
QString put_away_folder(const QString& folder);
/// Paths of the jobs put away, by name.
QStringList jobs_put_away(const QString& folder);

/// Where a job lies once it is put away, or brought back; the folder is made. @throws InputError if it cannot
/// be
QString place_put_away(const QString& path);
QString place_brought_back(const QString& path);

/// Moves a job with its pictures to a path at which nothing stands: both, or neither.
/// @throws InputError (file_not_written) if it cannot
void move_job(const QString& from, const QString& to);
/// The same of one that no window has open. @throws InputError, also job_held
void move_closed_job(const QString& from, const QString& to);

/// Gives a job with its pictures to the desktop's wastebasket. @throws InputError where there is none, or the
/// job is open in a window; then it stays
void throw_away(const QString& path);

} // namespace fm
