#include "ui/shop/shop_model.h"

#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QCoreApplication>

#include <algorithm>

namespace fm {

namespace {

QString said(const char* english) {
    return QCoreApplication::translate("shop", english);
}

} // namespace

void ShopModel::show_list(const ShopList& list, const Value::Array& rows, const Units& units) {
    beginResetModel();
    list_ = &list;
    rows_ = rows;
    units_ = units;
    endResetModel();
}

int ShopModel::unfinished() const {
    if (!list_ || is_values()) return 0;
    return static_cast<int>(std::count_if(rows_.begin(), rows_.end(),
                                          [this](const Value& row) { return !is_whole(*list_, row); }));
}

int ShopModel::rowCount(const QModelIndex& parent) const {
    if (parent.isValid() || !list_) return 0;
    return static_cast<int>(rows_.size()) + (is_values() ? 0 : 1);
}

int ShopModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() || !list_ ? 0 : static_cast<int>(list_->columns.size());
}

const ShopColumn& ShopModel::column_of(const QModelIndex& index) const {
    if (is_values() && index.column() == 1) return list_->values[static_cast<std::size_t>(index.row())];
    return list_->columns[static_cast<std::size_t>(index.column())];
}

const Value* ShopModel::cell(int row, int column) const {
    if (row >= static_cast<int>(rows_.size())) return nullptr;
    const Value& of = rows_[static_cast<std::size_t>(row)];
    if (is_values()) return of.is_null() ? nullptr : &of;
    return shop_cell_of(*list_, of, list_->columns[static_cast<std::size_t>(column)]);
}

QString ShopModel::shown(const QModelIndex& index, bool to_edit) const {
    if (is_values() && index.column() == 0)
        return said(list_->values[static_cast<std::size_t>(index.row())].name);
    const Value* value = cell(index.row(), index.column());
    if (!value) return {};
    const ShopColumn& column = column_of(index);
    if (column.cell == ShopCell::strings) return strings_shown(*value);
    if (value->text() && column.cell == ShopCell::word) return said(value->text()->c_str());
    if (value->text()) return QString::fromStdString(*value->text());
    if (value->flag()) return *value->flag() ? tr("yes") : to_edit ? QString() : tr("no");
    if (!value->is_number()) return {};
    if (column.cell != ShopCell::length) return QString::number(value->number(), 'g', 10);
    const Unit unit = units_.of(column.length);
    return to_edit ? length_for_edit(value->number(), unit)
                   : length_number(value->number(), unit).replace(QLatin1Char('\n'), QLatin1Char(' '));
}

/// How many strings a set has, and their gauges.
QString ShopModel::strings_shown(const Value& strings) const {
    if (!strings.array()) return {};
    QStringList gauges;
    for (const Value& each : *strings.array())
        if (const Value* mm = each.member("diameter_mm"); mm && mm->is_number())
            gauges << length_short(mm->number(), units_.small());
    return tr("%1: %2").arg(strings.array()->size()).arg(gauges.join(QLatin1Char(' ')));
}

QString ShopModel::heading(int column) const {
    const ShopColumn& of = list_->columns[static_cast<std::size_t>(column)];
    const QString name = said(of.name);
    return of.cell == ShopCell::length && !is_values()
               ? name + QStringLiteral(", ") + unit_text(units_.of(of.length))
               : name;
}

QVariant ShopModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || !list_) return {};
    switch (role) {
    case Qt::DisplayRole:
        if (!is_values() && index.row() == static_cast<int>(rows_.size()) && index.column() == 0)
            return tr("add…");
        return shown(index, false);
    case Qt::AccessibleTextRole: return shown(index, false);
    case Qt::EditRole: return shown(index, true);
    case Qt::AccessibleDescriptionRole:
        return tr("row %1, %2").arg(index.row() + 1).arg(heading(index.column()));
    case Qt::TextAlignmentRole: return int(Qt::AlignVCenter | side_of(index.column()));
    case Qt::ForegroundRole: {
        if (index.row() == static_cast<int>(rows_.size())) return theme().caption;
        if (is_values()) return index.column() == 0 ? theme().ink : theme().yours;
        const bool whole = is_whole(*list_, rows_[static_cast<std::size_t>(index.row())]);
        return whole ? theme().yours : theme().missing;
    }
    case Qt::BackgroundRole: {
        if (is_values() || index.row() == static_cast<int>(rows_.size())) return {};
        const bool lacks = column_of(index).needed && !cell(index.row(), index.column());
        return lacks ? QVariant(theme().chosen) : QVariant();
    }
    default: return {};
    }
}

QVariant ShopModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (!list_ || orientation != Qt::Horizontal || section >= columnCount()) return {};
    if (role == Qt::DisplayRole) return heading(section);
    return role == Qt::TextAlignmentRole ? QVariant(int(Qt::AlignVCenter | side_of(section))) : QVariant();
}

/// Words begin at the left, numbers end at the right; a list of nothing but numbers stands at the left.
Qt::Alignment ShopModel::side_of(int column) const {
    const ShopCell cell = list_->columns[static_cast<std::size_t>(column)].cell;
    const bool figures = cell == ShopCell::length || cell == ShopCell::number;
    return figures && !list_->of_numbers ? Qt::AlignRight : Qt::AlignLeft;
}

Qt::ItemFlags ShopModel::flags(const QModelIndex& index) const {
    const Qt::ItemFlags seen = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    const bool told = (is_values() && index.column() == 0) || column_of(index).cell == ShopCell::strings;
    return told ? seen : seen | Qt::ItemIsEditable;
}

std::optional<Value> ShopModel::changed(const Value& row, const QModelIndex& index, const QString& text) {
    const ShopColumn& column = column_of(index);
    if (text.isEmpty()) return is_values() ? Value() : with_shop_cell(*list_, row, column, {});
    Message fault;
    std::string typed = text.toStdString();
    if (column.cell == ShopCell::flag && text.compare(tr("yes"), Qt::CaseInsensitive) == 0) typed = "yes";
    for (const std::string_view word : column.words) // as it is called in the window's language
        if (text.compare(said(std::string(word).c_str()), Qt::CaseInsensitive) == 0) typed = word;
    const auto value = shop_cell(column, typed, units_.of(column.length), fault);
    if (!value) {
        Q_EMIT not_understood(heading(index.column()) + QStringLiteral(": ") + message_text(fault));
        return std::nullopt;
    }
    return is_values() ? *value : with_shop_cell(*list_, row, column, *value);
}

bool ShopModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    if (role != Qt::EditRole || !list_ || !index.isValid()) return false;
    const auto row = static_cast<std::size_t>(index.row());
    const QString text = value.toString().trimmed();
    if (row == rows_.size() && text.isEmpty()) return false;
    const auto now = changed(row < rows_.size() ? rows_[row] : Value(), index, text);
    if (!now) return false;
    Value::Array rows = rows_;
    if (row < rows.size())
        rows[row] = *now;
    else
        rows.push_back(*now);
    if (list_->of_numbers) std::erase_if(rows, [](const Value& each) { return each.is_null(); });
    if (rows == rows_) return true;
    Q_EMIT edited(rows, tr("%1, row %2").arg(said(list_->name)).arg(row + 1));
    return true;
}

void ShopModel::take_out(const QList<int>& rows) {
    if (!list_ || is_values()) return;
    Value::Array left;
    for (std::size_t i = 0; i < rows_.size(); ++i)
        if (!rows.contains(static_cast<int>(i))) left.push_back(rows_[i]);
    if (left.size() < rows_.size()) Q_EMIT edited(left, tr("%1: row taken out").arg(said(list_->name)));
}

void ShopModel::append(const Value::Array& rows) {
    if (!list_ || is_values() || rows.empty()) return;
    Value::Array all = rows_;
    all.insert(all.end(), rows.begin(), rows.end());
    Q_EMIT edited(all, tr("%1: %2 rows more").arg(said(list_->name)).arg(rows.size()));
}

void ShopModel::paste(const QModelIndex& at, const std::vector<std::vector<std::string>>& cells) {
    if (!list_ || !at.isValid()) return;
    Value::Array rows = rows_;
    for (std::size_t r = 0; r < cells.size(); ++r) {
        const std::size_t row = static_cast<std::size_t>(at.row()) + r;
        if (row > rows.size() || (is_values() && row >= rows.size())) break;
        Value now = row < rows.size() ? rows[row] : Value();
        for (std::size_t c = 0; c < cells[r].size(); ++c) {
            const QModelIndex target = createIndex(static_cast<int>(row), at.column() + static_cast<int>(c));
            if (target.column() >= columnCount() || !(flags(target) & Qt::ItemIsEditable)) break;
            const auto made = changed(now, target, QString::fromStdString(cells[r][c]).trimmed());
            if (!made) return; // all of it or nothing
            now = *made;
        }
        if (now.is_null() && !is_values()) continue;
        if (row < rows.size())
            rows[row] = now;
        else
            rows.push_back(now);
    }
    if (!(rows == rows_)) Q_EMIT edited(rows, tr("%1: pasted").arg(said(list_->name)));
}

} // namespace fm
