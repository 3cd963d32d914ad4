#pragma once
#include "core/solution/quantities.h"
#include "core/words/length.h"
#include "ui/field/choice_row.h"
#include "ui/field/row_delegate.h"
#include "ui/field/sense_words.h"

#include <QAbstractTableModel>
#include <QLabel>

#include <functional>
#include <memory>

namespace fm {

/// A column of a list of strings: what it says of each, and whose working a number shows.
struct NumberColumn {
    QString header;
    std::function<std::optional<double>(const State&, std::size_t)> value;
    std::function<std::string(std::size_t)> key = nullptr; ///< of the computed number; none: no working
    Tone tone = Tone::plain;
    QuantityKind kind = QuantityKind::length;
    std::optional<LengthKind> length = {}; ///< what it is thought of in; none: told by its key
    bool typed = false;                    ///< a reading can be typed into it
    /// What is said in the place of the number, or under it after a line's end; "": the number.
    std::function<QString(const State&, std::size_t)> words = nullptr;
    bool leaves = false;                 ///< what is typed may be the leaves it lies between
    std::optional<ReadThing> thing = {}; ///< what is asked about before it is kept
    bool taps = false;                   ///< or, of a string held down, "none" and "some" of a tap
};

/// A column that shows a number of every string by its key, with an empty bracket for the string.
NumberColumn number_column(const QString& header, const std::string& pattern, Tone tone = Tone::plain);

/// What the rows of a list are.
struct NumberRows {
    QString header;
    std::function<std::size_t(const State&)> count;
    std::function<QString(const State&, std::size_t)> name;
    bool strings = true; ///< and wear the strings' marks
};
NumberRows string_rows();

/// Rows in the order they lie, with the numbers of a station's work.
class NumbersModel : public QAbstractTableModel {
    Q_OBJECT
public:
    NumbersModel(const Session& session, NumberRows rows, QObject* parent = nullptr);
    void set_columns(std::vector<NumberColumn> columns);
    void refresh();
    /// The unit of all its lengths; none where they have several: then each column says its own.
    std::optional<Unit> one_unit() const;

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;

Q_SIGNALS:
    void typed(int row, const WrittenLength& read, int column);
    void not_understood(const QString& why);

private:
    const NumberColumn* column_at(int section) const;
    Unit unit_of(const NumberColumn& column) const;
    QString cell(int row, int section) const;
    const Session& session_;
    NumberRows kind_;
    std::vector<NumberColumn> columns_;
    AskedOnce asked_;
    int rows_ = 0; // as the views know them
};

/// Such a list beside its station, with a choice of lists over it.
class NumbersList : public QWidget {
    Q_OBJECT
public:
    NumbersList(const Session& session, const ViewState& view, const QString& title,
                const std::vector<ChoiceRow::Option>& lists, const NumberRows& rows = string_rows(),
                QWidget* parent = nullptr);
    void set_columns(std::vector<NumberColumn> columns) { model_->set_columns(std::move(columns)); }
    /// What is said under the list.
    void set_foot(const QString& words, const QString& heading = {});
    void set_chosen(int list) { lists_->set_chosen(list); }
    void refresh();
    void copy() const;
    NumbersModel* model() { return model_; }
    EntryTable* table() { return table_; }

Q_SIGNALS:
    void row_picked(std::size_t row);
    void number_picked(const QString& key);
    void list_picked(int list);

protected:
    void paintEvent(QPaintEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    std::size_t chosen_row() const;
    const Session& session_;
    const ViewState& view_;
    bool strings_;
    NumbersModel* model_;
    EntryTable* table_;
    QLabel* unit_;
    QLabel* foot_;
    ChoiceRow* lists_;
};

/// A list as text with tabs, put on the clipboard as text and as a table.
void copy_list(const QAbstractItemModel& model);

} // namespace fm
