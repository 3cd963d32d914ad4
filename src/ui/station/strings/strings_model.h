#pragma once
#include "ui/field/row_delegate.h"
#include "ui/state/view_state.h"

#include <QAbstractTableModel>

namespace fm {

/// The strings as rows in the order they lie: what is given is yours to change, what is estimated says so,
/// the rest follows.
class StringsModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum class Column { string, pitch, diameter, wound, core, mass, tension, stress };
    static constexpr int columns = 8;
    enum class Ink { computed, yours, estimated, assumed, doubtful };
    enum Role { ink_role = first_free_role };

    explicit StringsModel(const Session& session, QObject* parent = nullptr);

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;
    /// What was typed: a pitch, a length in the job's grammar, a number; nothing at all takes the estimate
    /// back. Emits changed().
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;

    void refresh();
    /// The cell as it is edited.
    QString edit_text(const QModelIndex& index) const;

    /// Plain, wound, or what it is wound with.
    static QString make_words(const StringDesign& string);

Q_SIGNALS:
    void changed(const QString& name, const Value& document);
    void not_understood(const QString& why);

private:
    QString text(const QModelIndex& index) const;
    Ink ink(const QModelIndex& index) const;
    /// What a person calls the cell: "8 · D3 core, mm".
    QString name(const QModelIndex& index) const;
    bool is_assumed_cell(const QModelIndex& index) const;
    std::optional<Value> typed(Column column, const QString& text);

    const Session& session_;
    int rows_ = 0; // as the views know them
};

} // namespace fm
