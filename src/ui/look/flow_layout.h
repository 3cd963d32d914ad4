#pragma once
#include <QLayout>
#include <QWidget>

#include <algorithm>
#include <vector>

namespace fm {

/// Items side by side, wrapping to the next line where the width ends: labels of other languages are longer.
class FlowLayout : public QLayout {
public:
    explicit FlowLayout(QWidget* parent, int gap_x = 0, int gap_y = 4)
        : QLayout(parent), gap_x_(gap_x), gap_y_(gap_y) {
        setContentsMargins(0, 0, 0, 0);
    }
    ~FlowLayout() override {
        while (QLayoutItem* item = FlowLayout::takeAt(0)) delete item;
    }
    void addItem(QLayoutItem* item) override { items_.push_back(item); }
    int count() const override { return static_cast<int>(items_.size()); }
    QLayoutItem* itemAt(int index) const override {
        return index >= 0 && index < count() ? items_[static_cast<std::size_t>(index)] : nullptr;
    }
    QLayoutItem* takeAt(int index) override {
        QLayoutItem* item = FlowLayout::itemAt(index);
        if (item) items_.erase(items_.begin() + index);
        return item;
    }
    Qt::Orientations expandingDirections() const override { return {}; }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override { return arranged(QRect(0, 0, width, 0), false); }
    QSize sizeHint() const override {
        int width = 0;
        int height = 0;
        for (const QLayoutItem* item : items_) {
            width += item->sizeHint().width() + gap_x_;
            height = std::max(height, item->sizeHint().height());
        }
        return {width, height};
    }
    QSize minimumSize() const override {
        QSize size;
        for (const QLayoutItem* item : items_) size = size.expandedTo(item->minimumSize());
        return size;
    }
    void setGeometry(const QRect& rect) override {
        QLayout::setGeometry(rect);
        arranged(rect, true);
    }

private:
    /// Words that want as much room as there is.
    static bool takes_a_line(QLayoutItem& item) {
        const QWidget* widget = item.widget();
        return widget && widget->sizePolicy().horizontalPolicy() == QSizePolicy::MinimumExpanding;
    }
    int arranged(const QRect& rect, bool move) const {
        int x = rect.x();
        int y = rect.y();
        int line = 0;
        for (QLayoutItem* item : items_) {
            if (item->isEmpty()) continue;
            QSize size = item->sizeHint();
            if (takes_a_line(*item)) size.setWidth(rect.width());
            size.setWidth(
                std::min(size.width(), rect.width())); // wider than a line: narrower and, if it can, taller
            if (item->hasHeightForWidth()) size.setHeight(item->heightForWidth(size.width()));
            if (x > rect.x() && x + size.width() > rect.right() + 1) {
                x = rect.x();
                y += line + gap_y_;
                line = 0;
            }
            if (move) item->setGeometry(QRect(QPoint(x, y), size));
            x += size.width() + gap_x_;
            line = std::max(line, size.height());
        }
        return y + line - rect.y();
    }

    std::vector<QLayoutItem*> items_;
    int gap_x_;
    int gap_y_;
};

} // namespace fm
