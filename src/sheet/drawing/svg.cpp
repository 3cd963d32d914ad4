#include "sheet/drawing/sheet_files.h"

#include <QXmlStreamWriter>

#include <cmath>

namespace fm {

namespace {

QString number(double value) {
    // A ten-thousandth of a mm; "-0" would only puzzle.
    const double rounded = std::round(value * 1e6) / 1e6 + 0.0;
    QString text = QString::number(rounded, 'f', 6);
    while (text.endsWith(QLatin1Char('0'))) text.chop(1);
    if (text.endsWith(QLatin1Char('.'))) text.chop(1);
    return text;
}

/// A machine tells operations by the colours of lines: each its own, and none of what is not cut.
const char* operation_colour(Layer layer) {
    switch (layer) {
    case Layer::scribe: return "#1b7f5c";
    case Layer::slot: return "#b3541e";
    case Layer::hole: return "#7a3f9d";
    case Layer::cut: return "#1f4e9e";
    case Layer::tool: return "#a38a00";
    case Layer::centre:
    case Layer::dimension:
    case Layer::text: break;
    }
    return "#808080";
}

class SvgPage {
public:
    SvgPage(const Drawing& page, SvgFor reader) : page_(page), reader_(reader), xml_(&bytes_) {}

    QByteArray run() {
        xml_.setAutoFormatting(true);
        xml_.writeStartDocument();
        xml_.writeStartElement(QStringLiteral("svg"));
        xml_.writeDefaultNamespace(QStringLiteral("http://www.w3.org/2000/svg"));
        attribute("width", number(page_.width) + QStringLiteral("mm"));
        attribute("height", number(page_.height) + QStringLiteral("mm"));
        attribute("viewBox", QStringLiteral("0 0 %1 %2").arg(number(page_.width), number(page_.height)));
        xml_.writeTextElement(QStringLiteral("title"), QString::fromStdString(page_.title));
        if (!page_.author.empty())
            xml_.writeTextElement(QStringLiteral("desc"), QString::fromStdString(page_.author));
        std::vector<Item> flat;
        for (const Item& item : page_.items) flatten(item, flat);
        for (const Layer layer : reader_ == SvgFor::machine ? machine_order : all_layers) {
            xml_.writeStartElement(QStringLiteral("g"));
            attribute("id", QString::fromLatin1(layer_word(layer)));
            layer_ = layer;
            for (const Item& item : flat) std::visit(*this, item);
            xml_.writeEndElement();
        }
        xml_.writeEndElement();
        xml_.writeEndDocument();
        return bytes_;
    }

    void operator()(const Path& path) {
        if (path.layer != layer_) return;
        xml_.writeEmptyElement(QStringLiteral("path"));
        attribute("d", path_data(path));
        if (path.wide_mm > 0) attribute("data-width-mm", number(path.wide_mm));
        attribute("fill", QLatin1String(path.fill == Fill::ink ? "black" : "none"));
        if (path.outlined) stroke(path.stroke);
    }
    void operator()(const Circle& circle) {
        if (circle.layer != layer_) return;
        xml_.writeEmptyElement(QStringLiteral("circle"));
        attribute("cx", number(circle.centre.x));
        attribute("cy", number(page_.height - circle.centre.y));
        attribute("r", number(circle.radius));
        attribute("fill", QStringLiteral("none"));
        stroke(circle.stroke);
    }
    void operator()(const Text& text) {
        if (text.layer != layer_) return;
        const QString x = number(text.at.x);
        const QString y = number(page_.height - text.at.y);
        xml_.writeStartElement(QStringLiteral("text"));
        attribute("x", x);
        attribute("y", y);
        if (text.upright) attribute("transform", QStringLiteral("rotate(-90 %1 %2)").arg(x, y));
        attribute("font-family",
                  QStringLiteral("'Fair Measure Text', B612, 'Fair Measure Signs', sans-serif"));
        attribute("font-size", number(text.em_mm));
        if (text.bold) attribute("font-weight", QStringLiteral("bold"));
        if (text.anchor != TextAnchor::left)
            attribute("text-anchor", QLatin1String(text.anchor == TextAnchor::middle ? "middle" : "end"));
        attribute("fill", QLatin1String(text.ink == Ink::faint ? "#606060" : "black"));
        xml_.writeCharacters(QString::fromStdString(text.text));
        xml_.writeEndElement();
    }
    void operator()(const LinearDimension&) {}   // flattened before
    void operator()(const OrdinateDimension&) {} // flattened before

private:
    static void flatten(const Item& item, std::vector<Item>& out) {
        if (const auto* linear = std::get_if<LinearDimension>(&item)) {
            for (Item& part : drawn(*linear)) out.push_back(std::move(part));
        } else if (const auto* ordinate = std::get_if<OrdinateDimension>(&item)) {
            for (Item& part : drawn(*ordinate)) out.push_back(std::move(part));
        } else
            out.push_back(item);
    }

    void attribute(const char* name, const QString& value) {
        xml_.writeAttribute(QLatin1String(name), value);
    }

    void stroke(const Stroke& stroke) {
        attribute("stroke", QLatin1String(reader_ == SvgFor::machine ? operation_colour(layer_)
                                          : stroke.ink == Ink::faint ? "#606060"
                                                                     : "black"));
        attribute("stroke-width", number(stroke.width_mm));
        if (stroke.style == LineStyle::hidden) attribute("stroke-dasharray", QStringLiteral("1.6 0.8"));
        if (stroke.style == LineStyle::centre) attribute("stroke-dasharray", QStringLiteral("3 0.6 0.5 0.6"));
    }

    QString point(Point p) const { return number(p.x) + QLatin1Char(' ') + number(page_.height - p.y); }

    QString path_data(const Path& path) const {
        const std::size_t count = path.vertices.size();
        QString data = QStringLiteral("M ") + point(path.vertices[0].at);
        const std::size_t pieces = path.closed ? count : count - 1;
        for (std::size_t i = 0; i < pieces; ++i) {
            const Vertex& a = path.vertices[i];
            const Point b = path.vertices[(i + 1) % count].at;
            if (a.bulge == 0.0) {
                if (i + 1 < count) data += QStringLiteral(" L ") + point(b);
                continue;
            }
            const double chord = std::hypot(b.x - a.at.x, b.y - a.at.y);
            const QString radius = number(0.5 * chord / std::abs(std::sin(2.0 * std::atan(a.bulge))));
            // y points down here, so a counter-clockwise arc has sweep flag 0.
            data += QStringLiteral(" A %1 %1 0 %2 %3 ")
                        .arg(radius, QLatin1String(std::abs(a.bulge) > 1 ? "1" : "0"),
                             QLatin1String(a.bulge > 0 ? "0" : "1")) +
                    point(b);
        }
        return path.closed ? data + QStringLiteral(" Z") : data;
    }

    const Drawing& page_;
    SvgFor reader_;
    QByteArray bytes_;
    QXmlStreamWriter xml_;
    Layer layer_ = Layer::cut;
};

} // namespace

QByteArray svg_of(const Drawing& page, SvgFor reader) {
    return SvgPage(page, reader).run();
}

} // namespace fm
