#pragma once
// The pictures of a job lie in a folder beside its file, NAME.files.
#include <QString>

namespace fm {

/// The folder of a job file's pictures; it need not be there.
QString pictures_folder(const QString& job_path);

/// Copies a picture into a folder under the name, or the name and a number that is free there.
/// @param name without its ending, which is the picture's @returns the name it has there
/// @throws InputError (file_…) if it cannot be read or written
QString copy_picture(const QString& path, const QString& folder, const QString& name);

/// Copies all pictures of a job beside the copy of it; none if there are none. @throws InputError
void copy_pictures(const QString& from, const QString& to);

} // namespace fm
