#pragma once
// What a reader of a sheet would stumble over: text over text, lines through text, anything off the page.
#include "sheet/drawing/drawing.h"
#include "sheet/drawing/fonts.h"

#include <QStringList>

namespace fm::test {

constexpr double least_em_mm = 2.5;

struct Box {
    double left, low, right, high;
    std::string what;
    bool meets(const Box& other) const {
        return left < other.right && other.left < right && low < other.high && other.low < high;
    }
};

/// Where the ink of a text is: from the baseline to the top of its capitals.
inline Box box_of(const Text& text) {
    const double width = text_width(QString::fromStdString(text.text), text.em_mm, text.bold);
    const double start = text.anchor == TextAnchor::left     ? 0.0
                         : text.anchor == TextAnchor::middle ? -0.5 * width
                                                             : -width;
    const double tall = cap_height_share * text.em_mm;
    if (text.upright)
        return {text.at.x - tall, text.at.y + start, text.at.x, text.at.y + start + width, text.text};
    return {text.at.x + start, text.at.y, text.at.x + start + width, text.at.y + tall, text.text};
}

inline std::vector<Item> flat(const Drawing& page) {
    std::vector<Item> items;
    for (const Item& item : page.items) {
        if (const auto* linear = std::get_if<LinearDimension>(&item))
            for (Item& part : drawn(*linear)) items.push_back(std::move(part));
        else if (const auto* ordinate = std::get_if<OrdinateDimension>(&item))
            for (Item& part : drawn(*ordinate)) items.push_back(std::move(part));
        else
            items.push_back(item);
    }
    return items;
}

/// Whether a straight piece passes through a box.
inline bool crosses(Point a, Point b, const Box& box) {
    double from = 0, to = 1;
    const double dx = b.x - a.x, dy = b.y - a.y;
    for (const auto& [p, q] : {std::pair{-dx, a.x - box.left}, std::pair{dx, box.right - a.x},
                               std::pair{-dy, a.y - box.low}, std::pair{dy, box.high - a.y}}) {
        if (p == 0 && q < 0) return false;
        if (p < 0) from = std::max(from, q / p);
        if (p > 0) to = std::min(to, q / p);
    }
    return from < to;
}

/// Text over text, lines, leaders and arrows through text, anything off the page or too small to be read:
/// what a reader of the sheet would stumble over.
inline QStringList collisions(const Drawing& page) {
    std::vector<Box> boxes;
    QStringList found;
    const std::vector<Item> items = flat(page);
    for (const Item& item : items)
        if (const auto* text = std::get_if<Text>(&item)) {
            boxes.push_back(box_of(*text));
            if (text->em_mm < least_em_mm - 1e-9)
                found << QStringLiteral("%1 mm small: ").arg(text->em_mm) +
                             QString::fromStdString(text->text);
        }
    for (std::size_t i = 0; i < boxes.size(); ++i) {
        const Box& box = boxes[i];
        if (box.left < 4 || box.low < 4 || box.right > page.width - 4 || box.high > page.height - 4)
            found << QStringLiteral("off the page: ") + QString::fromStdString(box.what);
        for (std::size_t j = i + 1; j < boxes.size(); ++j)
            if (box.meets(boxes[j])) found << QString::fromStdString(box.what + " over " + boxes[j].what);
    }
    for (const Item& item : items) {
        const auto* path = std::get_if<Path>(&item);
        if (!path) continue;
        const QString what =
            path->fill == Fill::ink ? QStringLiteral("an arrow through ") : QStringLiteral("a line through ");
        for (std::size_t v = 0; v + 1 < path->vertices.size() + (path->closed ? 1 : 0); ++v) {
            const Point a = path->vertices[v].at;
            const Point b = path->vertices[(v + 1) % path->vertices.size()].at;
            for (const Box& box : boxes)
                if (crosses(a, b, box)) found << what + QString::fromStdString(box.what);
        }
    }
    return found;
}

} // namespace fm::test
