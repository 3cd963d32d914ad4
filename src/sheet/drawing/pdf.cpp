#include "sheet/drawing/paint.h"
#include "sheet/drawing/sheet_files.h"

#include <QBuffer>
#include <QPainter>
#include <QPdfWriter>

#include <utility>

namespace fm {

namespace {

constexpr int dots_per_inch = 1200;

QPageLayout layout_of(const Drawing& page, Paper paper) {
    const QPageSize size(paper == Paper::a4 ? QPageSize::A4 : QPageSize::Letter);
    return {size, page.width > page.height ? QPageLayout::Landscape : QPageLayout::Portrait,
            QMarginsF(0, 0, 0, 0)};
}

} // namespace

double paper_width_mm(Paper paper) {
    return paper == Paper::a4 ? 210.0 : 215.9;
}
double paper_height_mm(Paper paper) {
    return paper == Paper::a4 ? 297.0 : 279.4;
}

void paint_page(QPainter& painter, const Drawing& page, double px_per_mm, PrintScale scale) {
    const QPointF middle(0.5 * page.width * px_per_mm, 0.5 * page.height * px_per_mm);
    // A page that lies across is turned on its way through the printer: its width runs up the paper.
    if (page.width > page.height) std::swap(scale.across, scale.up);
    painter.save();
    painter.translate(middle);
    painter.scale(scale.across, scale.up);
    painter.translate(-middle);
    paint(painter, page, paper_look(), px_per_mm, QPointF(0.0, page.height * px_per_mm));
    painter.restore();
}

QByteArray pdf_of(const std::vector<Drawing>& pages, Paper paper, PrintScale scale) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&buffer);
        writer.setResolution(dots_per_inch);
        writer.setPageLayout(layout_of(pages.front(), paper));
        writer.setTitle(QString::fromStdString(pages.front().title));
        writer.setCreator(QStringLiteral("Fair Measure"));
        QPainter painter(&writer);
        for (const Drawing& page : pages) {
            if (&page != &pages.front()) {
                writer.setPageLayout(layout_of(page, paper));
                writer.newPage();
            }
            paint_page(painter, page, dots_per_inch / 25.4, scale);
        }
    }
    return bytes;
}

Drawing side_by_side(const std::vector<Drawing>& pages) {
    Drawing all = pages.front();
    constexpr double apart_mm = 20;
    for (std::size_t i = 1; i < pages.size(); ++i) {
        all.width += apart_mm;
        all.place(pages[i], 1.0, {all.width, 0.0});
        all.width += pages[i].width;
        all.height = std::max(all.height, pages[i].height);
    }
    return all;
}

QByteArray sheet_bytes(const std::vector<Drawing>& pages, Paper paper, const QString& path,
                       PrintScale scale) {
    if (path.endsWith(QLatin1String(".pdf"), Qt::CaseInsensitive)) return pdf_of(pages, paper, scale);
    if (path.endsWith(QLatin1String(".svg"), Qt::CaseInsensitive)) return svg_of(side_by_side(pages));
    if (path.endsWith(QLatin1String(".dxf"), Qt::CaseInsensitive)) return dxf_of(side_by_side(pages));
    return {};
}

const char* layer_word(Layer layer) {
    switch (layer) {
    case Layer::cut: return "CUT";
    case Layer::slot: return "SLOT";
    case Layer::hole: return "HOLE";
    case Layer::tool: return "TOOL";
    case Layer::scribe: return "SCRIBE";
    case Layer::centre: return "CENTRE";
    case Layer::dimension: return "DIMENSION";
    case Layer::text: return "TEXT";
    }
    return "TEXT";
}

} // namespace fm
