#include "sheet/paint.h"
#include "sheet/sheet_files.h"

#include <QBuffer>
#include <QPainter>
#include <QPdfWriter>

namespace fm {

double paper_width_mm(Paper paper) {
    return paper == Paper::a4 ? 210.0 : 215.9;
}
double paper_height_mm(Paper paper) {
    return paper == Paper::a4 ? 297.0 : 279.4;
}

QByteArray pdf_of(const Drawing& page, Paper paper) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    constexpr int dots_per_inch = 1200;
    {
        QPdfWriter writer(&buffer);
        writer.setResolution(dots_per_inch);
        writer.setPageSize(QPageSize(paper == Paper::a4 ? QPageSize::A4 : QPageSize::Letter));
        writer.setPageMargins(QMarginsF(0, 0, 0, 0));
        writer.setTitle(QString::fromStdString(page.title));
        writer.setCreator(QStringLiteral("Fair Measure"));
        QPainter painter(&writer);
        const double dots_per_mm = dots_per_inch / 25.4;
        paint(painter, page, paper_look(), dots_per_mm, QPointF(0.0, page.height * dots_per_mm));
    }
    return bytes;
}

QByteArray sheet_bytes(const Drawing& page, Paper paper, const QString& path) {
    if (path.endsWith(QLatin1String(".pdf"), Qt::CaseInsensitive)) return pdf_of(page, paper);
    if (path.endsWith(QLatin1String(".svg"), Qt::CaseInsensitive)) return svg_of(page);
    if (path.endsWith(QLatin1String(".dxf"), Qt::CaseInsensitive)) return dxf_of(page);
    return {};
}

const char* layer_word(Layer layer) {
    switch (layer) {
    case Layer::cut: return "CUT";
    case Layer::scribe: return "SCRIBE";
    case Layer::centre: return "CENTRE";
    case Layer::dimension: return "DIMENSION";
    case Layer::text: return "TEXT";
    }
    return "TEXT";
}

} // namespace fm
