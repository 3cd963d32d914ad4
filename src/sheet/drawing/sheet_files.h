#pragma once
#include "core/shop/printer.h"
#include "sheet/drawing/drawing.h"

#include <QByteArray>
#include <QString>

#include <array>

class QPainter;

namespace fm {

enum class Paper { a4, letter };
double paper_width_mm(Paper paper);
double paper_height_mm(Paper paper);

/// The pages as one PDF in true size, fonts embedded; each portrait or landscape as it is drawn.
QByteArray pdf_of(const std::vector<Drawing>& pages, Paper paper, PrintScale scale = {});
/// Paints a page with its lower left corner at the lower left of a paper of `height` pixels.
/// The scale grows from the middle of the page, so that no side runs out of its margin.
void paint_page(QPainter& painter, const Drawing& page, double px_per_mm, PrintScale scale = {});
/// What an SVG is for: paper has black ink; a machine a colour for every operation, and their order.
enum class SvgFor { paper, machine };
/// SVG in mm, a group for every layer; for a machine in the order they are worked.
QByteArray svg_of(const Drawing& page, SvgFor reader = SvgFor::paper);
/// DXF R2000 in mm, y up, with real dimensions. Source of the format's minimum: the published DXF reference.
QByteArray dxf_of(const Drawing& page);

/// Pages side by side as one drawing, for files that have no pages. Counts from the first one's datum.
Drawing side_by_side(const std::vector<Drawing>& pages);

/// The bytes for a file by its ending (.pdf, .svg, .dxf); empty for any other.
QByteArray sheet_bytes(const std::vector<Drawing>& pages, Paper paper, const QString& path,
                       PrintScale scale = {});

/// Word of a layer in SVG groups and DXF layers.
const char* layer_word(Layer layer);
inline constexpr std::array all_layers{Layer::cut,    Layer::slot,   Layer::hole,      Layer::tool,
                                       Layer::scribe, Layer::centre, Layer::dimension, Layer::text};
/// What a machine does first: what is inside before the outline is cut through; then what it does not cut.
inline constexpr std::array machine_order{Layer::scribe, Layer::slot,   Layer::hole,      Layer::cut,
                                          Layer::tool,   Layer::centre, Layer::dimension, Layer::text};

} // namespace fm
