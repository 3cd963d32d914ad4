#pragma once
// A DXF drawing of somebody else as outlines, to lie behind a part.
#include "sheet/drawing/drawing.h"

#include <QByteArray>
#include <QString>

#include <atomic>
#include <string>

namespace fm {

struct DxfOutline {
    std::vector<std::vector<Point>> lines; ///< in mm; curves as chords within a hundredth of a mm of theirs
    bool units_told = false;               ///< else its numbers are taken as mm
    std::vector<std::string> left_out;     ///< kinds of entities that are no outline, each once
    Point low;                             ///< around all lines
    Point high;
};

/// Lines, arcs, circles, ellipses, polylines, splines and blocks of a DXF file; the whole of it or nothing.
/// @param stop set by another thread it ends the reading; none: nobody stops it
/// @throws InputError (dxf_…, file_…): no DXF, nothing drawn in it, too large, broken off, stopped
DxfOutline dxf_outline(const QString& path, const std::atomic<bool>* stop = nullptr);

/// The same of a file's bytes. @param path names it in what is told
DxfOutline dxf_outline_of(const QByteArray& bytes, const QString& path,
                          const std::atomic<bool>* stop = nullptr);

constexpr qint64 largest_dxf_bytes = qint64{32} * 1024 * 1024;

} // namespace fm
