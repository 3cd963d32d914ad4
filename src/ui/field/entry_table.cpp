#include "ui/field/entry_table.h"

#include "ui/look/fitting_header.h"
#include "ui/look/restyle.h"
#include "ui/look/theme.h"
#include "ui/look/undo_keys.h"

#include <QApplication>
#include <QClipboard>
#include <QKeyEvent>
#include <QPainter>
#include <QRegularExpression>

#include <algorithm>

namespace fm {

namespace {

/// The parts of a text that fills several cells: numbers side by side, or what begins as one, parted by
/// semicolons; one where it is for one cell.
QStringList line_of(const QString& text) {
    static const QRegularExpression number(QStringLiteral("^[+\u2212-]?\\d*[.,]?\\d+$"));
    static const QRegularExpression begins(QStringLiteral("^[<>+\u2212-]?\\s*[.,]?\\d"));
    const bool parted = text.contains(QLatin1Char(';'));
    QStringList parts;
    for (const QString& part : text.simplified().split(QLatin1Char(parted ? ';' : ' '), Qt::SkipEmptyParts))
        parts << part.trimmed();
    const bool line = std::all_of(parts.begin(), parts.end(), [parted](const QString& part) {
        return (parted ? begins : number).match(part).hasMatch();
    });
    return line ? parts : QStringList{text};
}

} // namespace

CellEditor::CellEditor(QWidget* parent) : QLineEdit(parent) {
    setProperty("pencil", true);
}

bool CellEditor::event(QEvent* event) {
    return leaves_undo(event, isModified()) || QLineEdit::event(event);
}

EntryTable::EntryTable(QWidget* parent) : QTableView(parent) {
    setHorizontalHeader(new FittingHeader(this));
    horizontalHeader()->setDefaultAlignment(Qt::AlignCenter);
    setEditTriggers(DoubleClicked | AnyKeyPressed | EditKeyPressed);
}

void EntryTable::refuse(const QString& why) {
    if (pasting_.isValid()) {
        refused_ = true;
        setCurrentIndex(pasting_);
        return echo_.show(viewport(), visualRect(pasting_), why, true);
    }
    if (!keeping_) return;
    refused_ = true;
    keeping_->setProperty("fault", true);
    restyle(keeping_);
    keeping_->setAccessibleDescription(why);
    echo_.show(viewport(), keeping_->geometry(), why, true);
}

void EntryTable::paste() {
    QList<QStringList> rows;
    for (const QString& line :
         QGuiApplication::clipboard()->text().split(QLatin1Char('\n'), Qt::SkipEmptyParts))
        rows << line.split(QLatin1Char('\t'));
    fill(currentIndex(), rows);
}

bool EntryTable::fill(const QModelIndex& from, const QList<QStringList>& rows) {
    const int first = from.row();
    const int column = from.column();
    for (int line = 0; line < rows.size(); ++line) {
        const QStringList& cells = rows[line];
        for (int cell = 0; cell < cells.size(); ++cell) {
            const QModelIndex at = model()->index(first + line, column + cell);
            if (!(at.flags() & Qt::ItemIsEditable)) continue; // none, or one that is worked out
            refused_ = false;
            pasting_ = at;
            model()->setData(at, cells[cell].trimmed(), Qt::EditRole);
            pasting_ = QModelIndex();
            if (refused_) return false;
        }
    }
    return true;
}

void EntryTable::keyPressEvent(QKeyEvent* event) {
    if (!event->matches(QKeySequence::Paste)) return QTableView::keyPressEvent(event);
    pastes_ ? paste() : event->ignore();
}

void EntryTable::closeEditor(QWidget* editor, QAbstractItemDelegate::EndEditHint hint) {
    echo_.hide();
    // What was kept may have laid the list anew, and its cells are given back by then: with them went the
    // focus.
    if (!editor->property("given back").toBool()) return QTableView::closeEditor(editor, hint);
    if (isVisible() && window()->isActiveWindow()) setFocus();
}

void EntryTable::begin() {
    // Going there may have changed what stands there: another string's rows, say.
    const QModelIndex here = currentIndex();
    if (isVisible() && state() != EditingState && (here.flags() & Qt::ItemIsEditable)) edit(here);
}

CellDelegate::CellDelegate(EntryTable* table) : QStyledItemDelegate(table), table_(table) {}

QWidget* CellDelegate::createEditor(QWidget* parent, const QStyleOptionViewItem&,
                                    const QModelIndex& index) const {
    auto* editor = new CellEditor(parent);
    editor->setAccessibleName(index.data(Qt::AccessibleDescriptionRole).toString());
    connect(editor, &QLineEdit::textEdited, table_, [this, editor] {
        table_->echo_.hide();
        if (!editor->property("fault").toBool()) return;
        editor->setProperty("fault", false);
        restyle(editor);
    });
    return editor;
}

void CellDelegate::setEditorData(QWidget* editor, const QModelIndex& index) const {
    auto* cell = qobject_cast<CellEditor*>(editor);
    if (!cell || cell->isModified() || cell->property("fault").toBool()) return; // what is being typed stays
    cell->setText(index.data(Qt::EditRole).toString());
}

void CellDelegate::setModelData(QWidget* editor, QAbstractItemModel* model, const QModelIndex& index) const {
    auto* cell = qobject_cast<CellEditor*>(editor);
    if (!cell) return;
    if (!cell->isModified()) { // untouched text writes nothing, but Enter on it says that it is right
        if (table_->entered_) model->setData(index, {}, confirm_role);
        return;
    }
    // Refused, and left as it is: the old value stands. Enter asks once more.
    if (cell->property("fault").toBool() && !table_->entered_) return;
    cell->setModified(false);
    table_->keeping_ = cell;
    table_->refused_ = false;
    const QPersistentModelIndex at(index);
    const bool taken = model->setData(index, cell->text(), Qt::EditRole);
    if (table_->refused_) cell->setModified(true); // it is still to be kept
    if (!taken && !table_->refused_ && at.isValid()) setEditorData(editor, at);
    table_->keeping_ = nullptr;
}

void CellDelegate::destroyEditor(QWidget* editor, const QModelIndex& index) const {
    editor->setProperty("given back", true);
    QStyledItemDelegate::destroyEditor(editor, index);
}

void CellDelegate::updateEditorGeometry(QWidget* editor, const QStyleOptionViewItem& option,
                                        const QModelIndex&) const {
    editor->setGeometry(option.rect);
}

void CellDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option,
                         const QModelIndex& index) const {
    QStyleOptionViewItem plain = option;
    plain.state &= ~(QStyle::State_Selected | QStyle::State_HasFocus);
    if (option.state & QStyle::State_Selected) painter->fillRect(option.rect, theme().chosen);
    QStyledItemDelegate::paint(painter, plain, index);
    if (!(option.state & QStyle::State_HasFocus)) return;
    painter->setPen(QPen(theme().yours, 2));
    painter->setBrush(Qt::NoBrush);
    painter->drawRect(option.rect.adjusted(1, 1, -2, -2));
}

bool CellDelegate::eventFilter(QObject* watched, QEvent* event) {
    auto* editor = qobject_cast<CellEditor*>(watched);
    if (!editor || event->type() != QEvent::KeyPress) return QStyledItemDelegate::eventFilter(watched, event);
    switch (static_cast<QKeyEvent*>(event)->key()) {
    case Qt::Key_Return:
    case Qt::Key_Enter: {
        if (const QStringList line = line_of(editor->text()); table_->fills_ && line.size() > 1) {
            QList<QStringList> rows;
            for (const QString& each : line) rows << QStringList{each};
            const QPersistentModelIndex from(table_->currentIndex());
            editor->setModified(false);
            Q_EMIT closeEditor(editor, NoHint);
            if (table_->fill(from, rows) && from.isValid()) {
                const int last = table_->model()->rowCount() - 1;
                const int next = std::min(from.row() + static_cast<int>(rows.size()), last);
                table_->setCurrentIndex(table_->model()->index(next, from.column()));
            }
            return true;
        }
        table_->entered_ = true;
        const bool kept = keep_and_close(editor);
        table_->entered_ = false;
        if (kept) go(1);
        return true;
    }
    case Qt::Key_Down:
        if (keep_and_close(editor)) go(1);
        return true;
    case Qt::Key_Up:
        if (keep_and_close(editor)) go(-1);
        return true;
    case Qt::Key_Tab:
        if (keep_and_close(editor)) go_on(true);
        return true;
    case Qt::Key_Backtab:
        if (keep_and_close(editor)) go_on(false);
        return true;
    default: return QStyledItemDelegate::eventFilter(watched, event);
    }
}

bool CellDelegate::keep_and_close(CellEditor* editor) {
    table_->refused_ = false;
    Q_EMIT commitData(editor);
    if (table_->refused_) {
        editor->selectAll();
        return false;
    }
    Q_EMIT closeEditor(editor, NoHint);
    return true;
}

void CellDelegate::go(int rows) {
    const QModelIndex now = table_->currentIndex();
    const QModelIndex next = now.siblingAtRow(now.row() + rows);
    if (next.isValid()) table_->setCurrentIndex(next);
}

void CellDelegate::go_on(bool forward) {
    const QAbstractItemModel* model = table_->model();
    const int columns = model->columnCount();
    const int last = model->rowCount() * columns;
    const QModelIndex now = table_->currentIndex();
    for (int at = now.row() * columns + now.column() + (forward ? 1 : -1); at >= 0 && at < last;
         at += forward ? 1 : -1) {
        const QModelIndex next = model->index(at / columns, at % columns);
        if (!(next.flags() & Qt::ItemIsEditable)) continue;
        table_->setCurrentIndex(next);
        return table_->begin();
    }
    // Past the last one the table is left, as by Tab in it.
    QKeyEvent tab(QEvent::KeyPress, forward ? Qt::Key_Tab : Qt::Key_Backtab,
                  forward ? Qt::NoModifier : Qt::ShiftModifier);
    QApplication::sendEvent(table_, &tab);
}

} // namespace fm
