#pragma once
#include "ui/field/entry_table.h"

#include <QAbstractTableModel>
#include <QPointer>

#include <vector>

namespace fm {

class PartCanvas;
class PartPages;

/// Whether a value belongs to what this job has: neither it nor what holds it is put away.
bool is_in_use(const QWidget* value, const QWidget* station);

/// What stands on a drawing and its pages, as rows of name and value.
class DrawingTableModel : public QAbstractTableModel {
    Q_OBJECT
public:
    using QAbstractTableModel::QAbstractTableModel;
    void set_values(std::vector<QPointer<QWidget>> values);
    const std::vector<QPointer<QWidget>>& values() const { return values_; }

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;

Q_SIGNALS:
    void refused(const QString& why);

private:
    std::vector<QPointer<QWidget>> values_;
};

/// A drawing's values as a plain table, for the keyboard, for screen readers, for copying: what may be set is
/// typed here as well, what follows shows its working.
class DrawingTable : public EntryTable {
    Q_OBJECT
public:
    explicit DrawingTable(QWidget* parent = nullptr);
    void refresh(PartCanvas* canvas, PartPages* pages);
    DrawingTableModel* rows() { return model_; }

Q_SIGNALS:
    void number_picked(const QString& key);

private:
    DrawingTableModel* model_;
};

} // namespace fm
