#pragma once
#include "ui/field/echo.h"

#include <QLineEdit>
#include <QStyledItemDelegate>
#include <QTableView>

namespace fm {

/// The field in a cell.
class CellEditor : public QLineEdit {
    Q_OBJECT
public:
    explicit CellEditor(QWidget* parent);

protected:
    bool event(QEvent* event) override;
};

/// Under this role a model is told that a cell is right as it stands.
inline constexpr int confirm_role = Qt::UserRole + 100;

/// A table one types into, and all of them alike: a key, F2 or a double click begins; Enter and the arrow
/// down keep what was typed and go down, the arrow up keeps and goes up, Tab keeps and goes on to the next
/// cell that can be set, leaving keeps, Esc gives back. Text that was not touched writes nothing; what is
/// refused stays to be mended, marked, with its reason under it, and the old value stands when the cell is
/// left. Several numbers in a line, parted by spaces or semicolons, fill the column downwards.
class EntryTable : public QTableView {
    Q_OBJECT
public:
    explicit EntryTable(QWidget* parent = nullptr);
    /// What is being kept was refused: says why under the cell. To be told while the model takes the text.
    void refuse(const QString& why);
    /// Text from the clipboard, a line a row and a tab a column, from the chosen cell on; up to the first
    /// that is refused.
    void paste();
    /// Ctrl+V is left to the window the table stands in.
    void let_others_paste() { pastes_ = false; }
    /// Numbers in a line are one cell's text: a name, say.
    void keep_lines_whole() { fills_ = false; }
    /// What is said under the cell now, "" for nothing.
    QString said() const { return echo_.words(); }

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void closeEditor(QWidget* editor, QAbstractItemDelegate::EndEditHint hint) override;

private:
    /// Opens the current cell where it can be set.
    void begin();
    /// Rows of texts from that cell on, up to the first that is refused. @returns whether all were taken
    bool fill(const QModelIndex& from, const QList<QStringList>& rows);
    friend class CellDelegate;

    Echo echo_;
    CellEditor* keeping_ = nullptr;
    bool refused_ = false;
    bool pastes_ = true;
    bool fills_ = true;
    QPersistentModelIndex pasting_; ///< the cell that is being pasted into
    bool entered_ = false;          ///< what is kept is kept by Enter
};

/// Edits the cells of an EntryTable; also its painter's base.
class CellDelegate : public QStyledItemDelegate {
    Q_OBJECT
public:
    explicit CellDelegate(EntryTable* table);
    QWidget* createEditor(QWidget* parent, const QStyleOptionViewItem& option,
                          const QModelIndex& index) const override;
    void setEditorData(QWidget* editor, const QModelIndex& index) const override;
    void setModelData(QWidget* editor, QAbstractItemModel* model, const QModelIndex& index) const override;
    void destroyEditor(QWidget* editor, const QModelIndex& index) const override;
    void updateEditorGeometry(QWidget* editor, const QStyleOptionViewItem& option,
                              const QModelIndex& index) const override;
    /// A chosen cell keeps the colour of its words; the one that keys go to stands in a frame.
    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override;

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    bool keep_and_close(CellEditor* editor);
    void go(int rows);
    void go_on(bool forward);
    EntryTable* table_;
};

} // namespace fm
