// Loads the library of solid bodies when the first is made.
#include "sheet/machine/solid.h"

#include <QDir>
#include <QFileInfo>
#include <QLibrary>

#include <stdexcept>

namespace fm {

namespace {

using WriteStep = void (*)(const Solid&, const SolidWords&, QByteArray&);
using WriteStl = void (*)(const Solid&, QByteArray&);

/// Beside the program; of a test, beside the programs it tests. "" where it was not built.
QString library_path() {
    const QDir folder =
        QFileInfo(QStringLiteral("/proc/self/exe")).symLinkTarget().section(QLatin1Char('/'), 0, -2);
    for (const char* place : {"libfair-measure-solid.so", "../src/libfair-measure-solid.so"}) {
        QString path = folder.filePath(QLatin1String(place));
        if (QFileInfo::exists(path)) return path;
    }
    return {};
}

template <class Write> Write loaded(const char* name) {
    static QLibrary library(library_path()); // stays loaded once it is
    if (const auto found = reinterpret_cast<Write>(library.resolve(name))) return found;
    throw std::logic_error("solids cannot be made: " + library.errorString().toStdString());
}

} // namespace

bool makes_solids() {
    return !library_path().isEmpty();
}

QByteArray step_of(const Solid& solid, const SolidWords& words) {
    QByteArray file;
    loaded<WriteStep>("fair_measure_step")(solid, words, file);
    return file;
}

QByteArray stl_of(const Solid& solid) {
    QByteArray file;
    loaded<WriteStl>("fair_measure_stl")(solid, file);
    return file;
}

} // namespace fm
