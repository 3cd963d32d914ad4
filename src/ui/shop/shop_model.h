#pragma once
#include "workshop/shop_lists.h"

#include <QAbstractTableModel>

#include <functional>

namespace fm {

/// A list of the shop as a table to type into. The row under the last begins another; one that lacks
/// something is shown and not kept yet.
class ShopModel : public QAbstractTableModel {
    Q_OBJECT
public:
    using QAbstractTableModel::QAbstractTableModel;
    void show_list(const ShopList& list, const Value::Array& rows, const Units& units);
    const ShopList* list() const { return list_; }
    const Value::Array& rows() const { return rows_; }
    /// How many rows still lack something.
    int unfinished() const;
    /// The column's name and, of a length, its unit.
    QString heading(int column) const;

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;

    /// Without those rows.
    void take_out(const QList<int>& rows);
    /// Rows behind the last one.
    void append(const Value::Array& rows);
    /// Cells from that one on, to the right and down.
    void paste(const QModelIndex& at, const std::vector<std::vector<std::string>>& cells);

Q_SIGNALS:
    /// Other rows than before: whoever keeps them shows what is kept.
    void edited(const Value::Array& rows, const QString& what);
    void not_understood(const QString& why);

private:
    Qt::Alignment side_of(int column) const;
    bool is_values() const { return list_ && !list_->values.empty(); }
    const ShopColumn& column_of(const QModelIndex& index) const;
    const Value* cell(int row, int column) const;
    QString shown(const QModelIndex& index, bool to_edit) const;
    QString strings_shown(const Value& strings) const;
    /// A row with another cell; nothing where the text is none.
    std::optional<Value> changed(const Value& row, const QModelIndex& index, const QString& text);

    const ShopList* list_ = nullptr;
    Value::Array rows_;
    Units units_;
};

} // namespace fm
