// Any bytes as a picture's file: refused, or a size that is bounded.
#include "fuzz.h"
#include "sheet/drawing/picture_file.h"

#include <QFile>
#include <QTemporaryDir>

using namespace fm;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    static const QTemporaryDir dir;
    static const QString path = dir.filePath(QStringLiteral("fuzzed.png"));
    QFile file(path);
    must(file.open(QIODevice::WriteOnly | QIODevice::Truncate), "there is room");
    file.write(reinterpret_cast<const char*>(data), static_cast<qint64>(size));
    file.close();
    if (!picture_fault(path).isEmpty()) return 0;
    // What its head promises small is looked at whole.
    constexpr int small = 500;
    const PictureFile picture = read_picture(path, small);
    must(picture.image.isNull() != picture.fault.isEmpty(), "a picture or a fault");
    must(picture.image.width() <= small && picture.image.height() <= small, "no larger than asked for");
    return 0;
}
