#pragma once
#include "sheet/drawing/drawing.h"

#include <QAbstractListModel>
#include <QListView>
#include <QStyledItemDelegate>

#include <optional>

namespace fm {

/// A row of a list one looks at: a neck as it lies, its name, what there is to say of it.
struct PictureRow {
    QString title;
    QString under;  ///< smaller, under the title
    QString beside; ///< at the right end, small
    std::optional<Drawing> drawing;
};

/// Rows of a list of instruments.
class PictureModel : public QAbstractListModel {
    Q_OBJECT
public:
    using QAbstractListModel::QAbstractListModel;
    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;

    void set_rows(std::vector<PictureRow> rows);
    void set_row(int row, PictureRow made);
    const PictureRow& row(int row) const { return rows_[static_cast<std::size_t>(row)]; }

private:
    std::vector<PictureRow> rows_;
};

/// A list of instruments: arrows walk it, Enter or a click picks.
class PictureList : public QListView {
    Q_OBJECT
public:
    explicit PictureList(const QString& name, QWidget* parent = nullptr);
    PictureModel* rows() const { return rows_; }
    /// Rows in sight.
    std::pair<int, int> in_sight() const;

Q_SIGNALS:
    void picked(int row);

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    PictureModel* rows_;
};

} // namespace fm
