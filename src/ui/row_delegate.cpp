#include "ui/row_delegate.h"

#include "ui/theme.h"

#include <QHeaderView>
#include <QLineEdit>
#include <QPainter>
#include <QTableView>

namespace fm {

QWidget* RowDelegate::createEditor(QWidget* parent, const QStyleOptionViewItem&,
                                   const QModelIndex& index) const {
    auto* editor = new QLineEdit(parent);
    editor->setProperty("pencil", true);
    editor->setAccessibleName(index.data(Qt::AccessibleDescriptionRole).toString());
    return editor;
}

void RowDelegate::paint_ground(QPainter* painter, const QStyleOptionViewItem& option,
                               const QModelIndex& index, bool chosen) const {
    const QRect& box = option.rect;
    painter->fillRect(box, chosen ? theme().chosen : theme().list);
    if (chosen && index.column() == 0)
        painter->fillRect(QRect(box.left(), box.top(), 5, box.height()), theme().ink);
    const auto& strings = session_.state().job.design.strings;
    const auto i = static_cast<std::size_t>(index.row());
    if (i == 0 || strings[i].course == strings[i - 1].course ||
        course_starts(strings).size() == strings.size())
        return;
    painter->setPen(theme().hairline);
    painter->drawLine(box.topLeft(), box.topRight());
}

void RowDelegate::paint_focus(QPainter* painter, const QStyleOptionViewItem& option) {
    if (!(option.state & QStyle::State_HasFocus)) return;
    painter->setPen(QPen(theme().yours, 2));
    painter->setBrush(Qt::NoBrush);
    painter->drawRect(option.rect.adjusted(1, 1, -2, -2));
}

void lay_out_table(QTableView* table, int least_row_px) {
    table->setShowGrid(false);
    table->setTabKeyNavigation(false);
    table->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::AnyKeyPressed |
                           QAbstractItemView::EditKeyPressed);
    table->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    for (QHeaderView* header : {table->horizontalHeader(), table->verticalHeader()}) {
        header->setSectionsClickable(false);
        header->setHighlightSections(false);
        header->setSectionResizeMode(QHeaderView::Fixed);
    }
    table->horizontalHeader()->setMinimumSectionSize(20);
    table->verticalHeader()->setMinimumSectionSize(least_row_px);
}

} // namespace fm
