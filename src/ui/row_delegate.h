#pragma once
#include "ui/session.h"
#include "ui/view_state.h"

#include <QStyledItemDelegate>

class QTableView;

namespace fm {

/// What lists of strings have in common: the ground of a row, the line between courses, the frame of the cell
/// with the focus, and a field in pencil to type into.
class RowDelegate : public QStyledItemDelegate {
public:
    RowDelegate(const Session& session, const ViewState& view, QObject* parent)
        : QStyledItemDelegate(parent), session_(session), view_(view) {}

    QWidget* createEditor(QWidget* parent, const QStyleOptionViewItem& option,
                          const QModelIndex& index) const override;

protected:
    void paint_ground(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index,
                      bool chosen) const;
    static void paint_focus(QPainter* painter, const QStyleOptionViewItem& option);

    const Session& session_;
    const ViewState& view_;
};

/// A table as it lies on the paper: no grid, no scrolling aside, sections as wide as they are made, Tab
/// leaves it.
void lay_out_table(QTableView* table, int least_row_px);

} // namespace fm
