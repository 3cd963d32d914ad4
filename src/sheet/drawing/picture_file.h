#pragma once
#include <QImage>
#include <QSize>
#include <QString>

namespace fm {

/// A picture out of a file of somebody else.
struct PictureFile {
    QImage image;  ///< no larger than asked for
    QSize size;    ///< as it stands in the file, turned as it says [px]
    QString fault; ///< why there is none, in the user's language
};

/// A scan of A4 at 600 dots an inch, and a little.
constexpr qint64 most_picture_pixels = 40'000'000;
constexpr qint64 most_picture_bytes = qint64{200} * 1024 * 1024;

/// Reads a picture. @param most_side_px the longer side is brought down to this
PictureFile read_picture(const QString& path, int most_side_px);

/// What is wrong with a picture as far as its first bytes tell, or "".
QString picture_fault(const QString& path);

} // namespace fm
