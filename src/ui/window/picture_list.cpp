#include "ui/window/picture_list.h"

#include "sheet/drawing/fonts.h"
#include "sheet/drawing/paint.h"
#include "ui/look/theme.h"

#include <QKeyEvent>
#include <QPainter>

#include <algorithm>

namespace fm {

namespace {

constexpr int row_px = 70; // a title, and two lines under it
constexpr int picture_px = 224;
constexpr double longest_mm = 900; // every instrument at one scale, the longest as long as there is room

/// What a drawing covers: its paths and circles.
QRectF covered(const Drawing& drawing) {
    QRectF all;
    const auto take = [&all](double x, double y) {
        const QRectF point(x, y, 1e-6, 1e-6);
        all = all.isNull() ? point : all.united(point);
    };
    for (const Item& item : drawing.items) {
        if (const auto* path = std::get_if<Path>(&item))
            for (const Vertex& vertex : path->vertices) take(vertex.at.x, vertex.at.y);
        if (const auto* circle = std::get_if<Circle>(&item)) take(circle->centre.x, circle->centre.y);
    }
    return all;
}

class PictureDelegate : public QStyledItemDelegate {
public:
    PictureDelegate(const PictureModel* rows, QObject* parent) : QStyledItemDelegate(parent), rows_(rows) {}
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override {
        return {picture_px, row_px};
    }
    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override {
        const PictureRow& row = rows_->row(index.row());
        painter->save();
        const bool chosen = option.state & QStyle::State_Selected;
        painter->fillRect(option.rect, chosen ? theme().chosen : theme().list);
        if (chosen && option.state & QStyle::State_HasFocus)
            painter->fillRect(QRect(option.rect.topLeft(), QSize(5, option.rect.height())), theme().ink);
        painter->setPen(theme().hairline);
        painter->drawLine(option.rect.bottomLeft(), option.rect.bottomRight());
        const QRect box = option.rect.adjusted(14, 6, -12, -6);
        const int wide = std::min(picture_px, 2 * box.width() / 5);
        if (row.drawing) draw(*painter, *row.drawing, QRect(box.topLeft(), QSize(wide, box.height())));
        write(*painter, row, box.adjusted(wide + 16, 0, 0, 0));
        painter->restore();
    }

private:
    static void draw(QPainter& painter, const Drawing& drawing, QRect box) {
        const QRectF area = covered(drawing);
        if (area.width() <= 0 || area.height() <= 0) return;
        const double scale = box.width() / std::max(longest_mm, area.width());
        const QPointF left(box.left(), box.center().y());
        painter.setRenderHint(QPainter::Antialiasing);
        Look look = look_of(theme(), "bone");
        look.paper = theme().list;
        look.least_line_px = 0.6;
        look.most_line_px = 1.0;
        fm::paint(painter, drawing, look, scale,
                  {left.x() - scale * area.left(), left.y() + scale * area.center().y()});
    }
    static void write(QPainter& painter, const PictureRow& row, QRect box) {
        const auto line = [&](const QString& text, int px, bool bold, const QColor& colour, int top,
                              int align, int room) {
            QFont font = shipped_font(bold);
            font.setPixelSize(px);
            painter.setFont(font);
            painter.setPen(colour);
            const QString fitted = painter.fontMetrics().elidedText(text, Qt::ElideRight, room);
            painter.drawText(QRect(box.left(), box.top() + top, box.width(), px + 8),
                             align | Qt::AlignVCenter, fitted);
        };
        QFont small = shipped_font();
        small.setPixelSize(13);
        const int beside = row.beside.isEmpty() ? 0 : QFontMetrics(small).horizontalAdvance(row.beside) + 12;
        line(row.title, 17, true, theme().ink, 0, Qt::AlignLeft, box.width() - beside);
        line(row.beside, 13, false, theme().caption, 2, Qt::AlignRight, beside);
        // In one line, or smaller in two.
        QFont under = shipped_font();
        under.setPixelSize(14);
        if (QFontMetrics(under).horizontalAdvance(row.under) <= box.width())
            return line(row.under, 14, false, theme().caption, 25, Qt::AlignLeft, box.width());
        painter.setFont(small);
        painter.setPen(theme().caption);
        painter.drawText(box.adjusted(0, 24, 0, 4), Qt::AlignLeft | Qt::TextWordWrap, row.under);
    }

    const PictureModel* rows_;
};

} // namespace

int PictureModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}

QVariant PictureModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid()) return {};
    const PictureRow& row = this->row(index.row());
    if (role == Qt::DisplayRole) return row.title;
    if (role == Qt::AccessibleTextRole)
        return QStringList{row.title, row.under, row.beside}.join(QStringLiteral(", "));
    if (role == Qt::ToolTipRole) return row.under;
    return {};
}

void PictureModel::set_rows(std::vector<PictureRow> rows) {
    beginResetModel();
    rows_ = std::move(rows);
    endResetModel();
}

void PictureModel::set_row(int row, PictureRow made) {
    rows_[static_cast<std::size_t>(row)] = std::move(made);
    Q_EMIT dataChanged(index(row), index(row));
}

PictureList::PictureList(const QString& name, QWidget* parent)
    : QListView(parent), rows_(new PictureModel(this)) {
    setModel(rows_);
    setItemDelegate(new PictureDelegate(rows_, this));
    setAccessibleName(name);
    setUniformItemSizes(true);
    setVerticalScrollMode(ScrollPerPixel);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setEditTriggers(NoEditTriggers);
    setFrameShape(NoFrame);
    connect(this, &QListView::clicked, this,
            [this](const QModelIndex& index) { Q_EMIT picked(index.row()); });
}

std::pair<int, int> PictureList::in_sight() const {
    const int count = rows_->rowCount();
    if (count == 0) return {0, 0};
    const QModelIndex first = indexAt(QPoint(4, 4));
    const int from = first.isValid() ? first.row() : 0;
    return {from, std::min(count, from + viewport()->height() / row_px + 2)};
}

void PictureList::keyPressEvent(QKeyEvent* event) {
    const bool enters = event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter;
    if (!enters) return QListView::keyPressEvent(event);
    if (currentIndex().isValid()) Q_EMIT picked(currentIndex().row());
}

} // namespace fm
