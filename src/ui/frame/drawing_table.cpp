#include "ui/frame/drawing_table.h"

#include "ui/canvas/part_canvas.h"
#include "ui/canvas/survey_mark.h"
#include "ui/field/ink_number.h"
#include "ui/field/row_delegate.h"
#include "ui/look/theme.h"
#include "ui/page/part_pages.h"

#include <QHeaderView>

namespace fm {

bool is_in_use(const QWidget* value, const QWidget* station) {
    for (const QWidget* widget = value; widget && widget != station; widget = widget->parentWidget()) {
        if (qobject_cast<const QStackedWidget*>(widget->parentWidget())) return true; // a page not in sight
        if (widget->isHidden()) return false;
    }
    return true;
}

void DrawingTableModel::set_values(std::vector<QPointer<QWidget>> values) {
    if (values == values_) { // the same values, perhaps with other figures
        Q_EMIT dataChanged(index(0, 0), index(rowCount() - 1, 1));
        return;
    }
    beginResetModel();
    values_ = std::move(values);
    endResetModel();
}

int DrawingTableModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(values_.size());
}

int DrawingTableModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : 2;
}

QVariant DrawingTableModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation == Qt::Horizontal && role == Qt::TextAlignmentRole)
        return int(Qt::AlignVCenter | (section == 0 ? Qt::AlignLeft : Qt::AlignRight));
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole) return {};
    return section == 0 ? tr("what") : tr("value");
}

QVariant DrawingTableModel::data(const QModelIndex& index, int role) const {
    const QWidget* widget = index.isValid() ? values_[static_cast<std::size_t>(index.row())].data() : nullptr;
    if (!widget) return {};
    const auto* field = qobject_cast<const ValueField*>(widget);
    const auto* number = qobject_cast<const InkNumber*>(widget);
    // A mark of the survey says both: "3 · open crack: fine".
    const QString said = widget->accessibleName();
    const qsizetype colon = field || number ? -1 : said.lastIndexOf(QStringLiteral(": "));
    switch (role) {
    case Qt::DisplayRole:
    case Qt::EditRole:
        if (index.column() == 0) return colon < 0 ? said : said.left(colon);
        return field ? field->text() : number ? number->text() : said.mid(colon + 2);
    case Qt::ForegroundRole: return index.column() == 1 && field ? theme().yours : theme().ink;
    case Qt::TextAlignmentRole:
        return int(Qt::AlignVCenter | (index.column() == 0 ? Qt::AlignLeft : Qt::AlignRight));
    case number_key_role: return number ? number->objectName() : QString();
    default: return {};
    }
}

Qt::ItemFlags DrawingTableModel::flags(const QModelIndex& index) const {
    Qt::ItemFlags flags = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    const QWidget* widget = index.isValid() ? values_[static_cast<std::size_t>(index.row())].data() : nullptr;
    const auto* field = qobject_cast<const ValueField*>(widget);
    if (index.column() == 1 && field && !field->isReadOnly()) flags |= Qt::ItemIsEditable;
    return flags;
}

bool DrawingTableModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    auto* field = index.isValid()
                      ? qobject_cast<ValueField*>(values_[static_cast<std::size_t>(index.row())].data())
                      : nullptr;
    if (role != Qt::EditRole || !field || value.toString() == field->text()) return false;
    const QString why = field->enter(value.toString());
    if (!why.isEmpty()) Q_EMIT refused(field->name() + QStringLiteral(": ") + why);
    return why.isEmpty();
}

DrawingTable::DrawingTable(QWidget* parent) : EntryTable(parent), model_(new DrawingTableModel(this)) {
    setModel(model_);
    setItemDelegate(new CellDelegate(this));
    connect(model_, &DrawingTableModel::refused, this, &EntryTable::refuse);
    setAccessibleName(tr("The drawing as a table"));
    verticalHeader()->hide();
    lay_out_table(this, 32);
    setSelectionMode(QAbstractItemView::SingleSelection);
    setVerticalScrollBarPolicy(Qt::ScrollBarAsNeeded);
    horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    horizontalHeader()->setSectionResizeMode(1, QHeaderView::Fixed);
    setColumnWidth(1, 150);
    setViewportMargins(24, 0, 16, 0);
    connect(selectionModel(), &QItemSelectionModel::currentChanged, this, [this](const QModelIndex& now) {
        const QString key = now.data(number_key_role).toString();
        if (!key.isEmpty()) Q_EMIT number_picked(key);
    });
}

void DrawingTable::refresh(PartCanvas* canvas, PartPages* pages) {
    std::vector<QPointer<QWidget>> values;
    for (QWidget* holder : {static_cast<QWidget*>(canvas), static_cast<QWidget*>(pages)})
        for (QWidget* widget : holder->findChildren<QWidget*>()) {
            const bool is_value = qobject_cast<ValueField*>(widget) || qobject_cast<InkNumber*>(widget) ||
                                  qobject_cast<SurveyMarkButton*>(widget);
            if (is_value && is_in_use(widget, holder)) values.emplace_back(widget);
        }
    model_->set_values(std::move(values));
    if (!currentIndex().isValid() && model_->rowCount() > 0) setCurrentIndex(model_->index(0, 1));
}

} // namespace fm
