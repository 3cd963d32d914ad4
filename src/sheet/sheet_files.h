#pragma once
#include "sheet/drawing.h"

#include <QByteArray>
#include <QString>

class QPagedPaintDevice;

namespace fm {

enum class Paper { a4, letter };
double paper_width_mm(Paper paper);
double paper_height_mm(Paper paper);

/// The drawing as one PDF page in true size, fonts embedded.
QByteArray pdf_of(const Drawing& page, Paper paper);
/// SVG in mm, a group for every layer.
QByteArray svg_of(const Drawing& page);
/// DXF R2000 in mm, y up, with real dimensions. Source of the format's minimum: the published DXF reference.
QByteArray dxf_of(const Drawing& page);

/// The bytes for a file by its ending (.pdf, .svg, .dxf); empty for any other.
QByteArray sheet_bytes(const Drawing& page, Paper paper, const QString& path);

/// Word of a layer in SVG groups and DXF layers.
const char* layer_word(Layer layer);
constexpr Layer all_layers[] = {Layer::cut, Layer::scribe, Layer::centre, Layer::dimension, Layer::text};

} // namespace fm
