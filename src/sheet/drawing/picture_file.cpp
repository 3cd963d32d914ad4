#include "sheet/drawing/picture_file.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QImageReader>

namespace fm {

namespace {

constexpr int most_decoded_mb = 160; // of most_picture_pixels in colours

QString tr(const char* text) {
    return QCoreApplication::translate("fm::PictureFile", text);
}

/// What a reader that stands at the beginning of a file tells of it.
QString fault_of(const QImageReader& reader, const QFileInfo& file) {
    const auto refused = [&file](const QString& why) {
        return tr("%1 is no picture that can be read: %2").arg(file.fileName(), why);
    };
    if (!file.exists()) return refused(tr("it is not there"));
    if (!file.isFile()) return refused(tr("it is no plain file"));
    if (file.size() > most_picture_bytes) return refused(tr("it has %1 MB").arg(file.size() / 1000000));
    // What is drawn by rules (SVG and its kin) may name other files.
    static const QList<QByteArray> formats{"png", "jpeg", "jpg", "webp", "bmp", "gif", "tiff", "tif"};
    const QByteArray format = QImageReader::imageFormat(file.filePath());
    if (!formats.contains(format)) return refused(tr("its kind is not known"));
    const QSize size = reader.size();
    if (qint64{size.width()} * size.height() > most_picture_pixels)
        return refused(tr("it has %1 × %2 pixels, more than %3 million")
                           .arg(size.width())
                           .arg(size.height())
                           .arg(most_picture_pixels / 1000000));
    return {};
}

} // namespace

QString picture_fault(const QString& path) {
    const QFileInfo file(path);
    return fault_of(file.isFile() ? QImageReader(path) : QImageReader(), file);
}

PictureFile read_picture(const QString& path, int most_side_px) {
    PictureFile read;
    read.fault = picture_fault(path);
    if (!read.fault.isEmpty()) return read;
    QImageReader::setAllocationLimit(most_decoded_mb);
    QImageReader reader(path);
    reader.setAutoTransform(true);
    read.size = reader.size();
    const bool smaller = read.size.width() > most_side_px || read.size.height() > most_side_px;
    if (smaller) reader.setScaledSize(read.size.scaled(most_side_px, most_side_px, Qt::KeepAspectRatio));
    read.image = reader.read();
    if (read.image.isNull())
        read.fault =
            tr("%1 is no picture that can be read: %2").arg(QFileInfo(path).fileName(), reader.errorString());
    if (!smaller)
        read.size = read.image.size(); // some kinds tell another size before they are read
    else if (reader.transformation() & QImageIOHandler::TransformationRotate90)
        read.size.transpose();
    if (read.image.width() > most_side_px || read.image.height() > most_side_px)
        read.image =
            read.image.scaled(most_side_px, most_side_px, Qt::KeepAspectRatio, Qt::SmoothTransformation);
    return read;
}

} // namespace fm
