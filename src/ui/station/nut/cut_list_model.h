#pragma once
#include "core/words/length.h"
#include "ui/field/row_delegate.h"
#include "ui/field/sense_words.h"

#include <QAbstractTableModel>

namespace fm {

/// The cut list: strings as rows in the order they lie, and what each slot needs. An uncut blank (saw to,
/// floor) and a fitted nut (now, take off) are two lists.
class CutListModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum class Column { string, saw_to, floor, width, file, gap_now, action_now, now, take_off };

    CutListModel(const Session& session, const ViewState& view, QObject* parent = nullptr);

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;
    /// Typing a reading as found: a length in the job's grammar. Emits read().
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;

    void refresh();
    Column column(int section) const;
    QString datum_words() const;

    /// Feelers under the file for a row measured over the board; "" for another datum.
    QString feeler_words(int row) const;

Q_SIGNALS:
    void read(int string, bool action, const WrittenLength& read);
    void not_understood(const QString& why);

private:
    Unit unit_of(Column column) const;
    QString with_unit(const QString& header, Column column) const;
    QString cell(const QModelIndex& index) const;
    Tone tone(const QModelIndex& index) const;
    QString file_words(std::size_t string) const;
    std::optional<double> off_mm(std::size_t string) const;
    std::optional<double> floor_mm(std::size_t string) const;
    const Session& session_;
    const ViewState& view_;
    AskedOnce asked_;
    int rows_ = 0; // as the views know them
};

} // namespace fm
