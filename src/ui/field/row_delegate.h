#pragma once
#include "ui/field/entry_table.h"
#include "ui/state/session.h"
#include "ui/state/view_state.h"

#include <QHash>
#include <QTimer>

namespace fm {

/// What lists of strings have in common: the ground of a row, the line between courses, the frame of the cell
/// with the focus, and a field in pencil to type into.
class RowDelegate : public CellDelegate {
public:
    RowDelegate(const Session& session, const ViewState& view, EntryTable* table);

protected:
    void paint_ground(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index,
                      bool chosen, bool courses = true) const;
    static void paint_focus(QPainter* painter, const QStyleOptionViewItem& option);
    /// A line under a number that has just become another one, for a moment.
    void paint_moved(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const;

    const Session& session_;
    const ViewState& view_;

private:
    /// What a cell showed last, of which job and column, and when that became so.
    struct Seen {
        QString of;
        QString text;
        qint64 since_ms = 0;
    };
    mutable QHash<int, Seen> seen_;
    QTimer* fading_; ///< until nothing is marked any more
};

/// How long what has changed is marked.
inline constexpr int moved_ms = 1200;

/// How a number of a list is written.
enum class Tone { name, plain_name, plain, strong, dust, take_off, missing, yours };

/// What the models of such lists say of a cell beside its text.
enum RowRole { number_key_role = Qt::UserRole, tone_role, first_free_role };

/// A row of numbers as it lies on the paper: the string's mark, numbers to the right, what remains of a 64th
/// small beneath. Asks its model for tone_role.
class NumberDelegate : public RowDelegate {
public:
    using RowDelegate::RowDelegate;
    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override;
};

/// A table as it lies on the paper: no grid, no scrolling aside, sections as wide as they are made, Tab
/// leaves it.
void lay_out_table(QTableView* table, int least_row_px);
/// Rows and columns of a list share the room it has; the first column holds the strings' names.
void share_room(QTableView* table);

} // namespace fm
