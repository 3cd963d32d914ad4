#include "ui/station/strings/strings_model.h"

#include "core/design/assumed.h"
#include "core/design/make_up.h"
#include "core/words/length.h"
#include "job/edits/assumed_edits.h"
#include "ui/look/texts.h"

namespace fm {

namespace {

using Column = StringsModel::Column;

Column column_of(const QModelIndex& index) {
    return static_cast<Column>(index.column());
}

std::string key_of_cell(const QModelIndex& index) {
    const std::string string = "strings[" + std::to_string(index.row()) + "].";
    switch (column_of(index)) {
    case Column::pitch: return string + "pitch";
    case Column::diameter: return string + "diameter_mm";
    case Column::wound: return string + "wound";
    case Column::core: return string + "core_mm";
    case Column::mass: return string + "unit_mass_g_m";
    default: return {};
    }
}

} // namespace

StringsModel::StringsModel(const Session& session, QObject* parent)
    : QAbstractTableModel(parent), session_(session) {}

int StringsModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : rows_;
}

int StringsModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : columns;
}

QVariant StringsModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || !session_.is_open()) return {};
    if (role == Qt::TextAlignmentRole)
        return int(Qt::AlignVCenter | (section == 0 ? Qt::AlignLeft : Qt::AlignRight));
    if (role != Qt::DisplayRole) return {};
    const QString unit = QStringLiteral(", ") + unit_text(session_.state().job.units.small());
    switch (static_cast<Column>(section)) {
    case Column::string: return tr("string");
    case Column::pitch: return tr("pitch");
    case Column::diameter: return tr("gauge") + unit;
    case Column::wound: return tr("make");
    case Column::core: return tr("core") + unit;
    case Column::mass: return tr("mass, g/m");
    case Column::tension: return tr("tension, %1").arg(tension_unit_text(session_.state().job.units.tension));
    case Column::stress: return tr("stress, MPa");
    }
    return {};
}

QString StringsModel::make_words(const StringDesign& string) {
    if (!string.wound) return tr("plain");
    if (!string.wrap) return tr("wound");
    switch (*string.wrap) {
    case Wrap::bronze: return tr("bronze");
    case Wrap::nickel_steel: return tr("nickel steel");
    case Wrap::stainless: return tr("stainless");
    case Wrap::silvered_copper: return tr("silvered copper");
    }
    return {};
}

QString StringsModel::text(const QModelIndex& index) const {
    const State& state = session_.state();
    const auto i = static_cast<std::size_t>(index.row());
    const StringDesign& made = state.job.design.strings[i];
    const StringSolution& solved = state.solution.strings[i];
    const auto length = [&](double mm) {
        return length_number(mm, state.job.units.small()).replace(QLatin1Char('\n'), QLatin1Char(' '));
    };
    switch (column_of(index)) {
    case Column::string: return QString::fromStdString(state.job.design.string_name(i));
    case Column::pitch: return QString::fromStdString(made.pitch_name);
    case Column::diameter: return length(made.diameter_mm);
    case Column::wound: return make_words(made);
    case Column::core: return length(solved.make_up.core_mm);
    case Column::mass: return number_text(solved.make_up.unit_mass_g_m, 3);
    case Column::tension:
        return solved.sound ? tension_number(*solved.tension_n(), state.job.units, 1) : QStringLiteral("–");
    case Column::stress:
        return solved.sound ? number_text(*solved.core_stress_mpa(), 0) : QStringLiteral("–");
    }
    return {};
}

StringsModel::Ink StringsModel::ink(const QModelIndex& index) const {
    const auto i = static_cast<std::size_t>(index.row());
    const StringSolution& solved = session_.state().solution.strings[i];
    switch (column_of(index)) {
    case Column::pitch:
    case Column::wound: return Ink::yours;
    case Column::diameter: return is_assumed_cell(index) ? Ink::assumed : Ink::yours;
    case Column::core:
        if (is_assumed_cell(index)) return Ink::assumed;
        if (!session_.state().job.design.strings[i].wound) return Ink::computed; // the string itself
        return solved.make_up.core_estimated ? Ink::estimated : Ink::yours;
    case Column::mass:
        if (is_assumed_cell(index)) return Ink::assumed;
        return solved.make_up.mass_estimated ? Ink::estimated : Ink::yours;
    case Column::tension: return solved.sound ? Ink::computed : Ink::doubtful;
    case Column::stress: {
        if (!solved.sound) return Ink::doubtful;
        const StressRange usual = usual_core_stress(solved.make_up);
        const double mpa = *solved.core_stress_mpa();
        return mpa < usual.least_mpa || mpa > usual.most_mpa ? Ink::doubtful : Ink::computed;
    }
    case Column::string: return Ink::computed;
    }
    return Ink::computed;
}

QString StringsModel::name(const QModelIndex& index) const {
    return QString::fromStdString(
               session_.state().job.design.string_name(static_cast<std::size_t>(index.row()))) +
           QLatin1Char(' ') + headerData(index.column(), Qt::Horizontal, Qt::DisplayRole).toString();
}

QVariant StringsModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || !session_.is_open() || index.row() >= rows_) return {};
    switch (role) {
    case Qt::DisplayRole: return text(index);
    case Qt::EditRole: return edit_text(index);
    case Qt::AccessibleTextRole: {
        const QString said = name(index) + QStringLiteral(": ") + text(index);
        return ink(index) == Ink::estimated  ? said + QStringLiteral(", ") + tr("estimated")
               : ink(index) == Ink::assumed  ? said + QStringLiteral(", ") + tr("assumed")
               : ink(index) == Ink::doubtful ? said + QStringLiteral(", ") + tr("doubtful")
                                             : said;
    }
    case Qt::AccessibleDescriptionRole: return name(index);
    case Qt::ToolTipRole:
        if (column_of(index) == Column::wound)
            return tr("Enter or a double click: plain, wound, and wound with what");
        if (ink(index) == Ink::estimated) return tr("estimated; what the maker states can be typed over it");
        if (ink(index) == Ink::assumed)
            return tr("assumed, not measured; type what you read, or open it and Enter to confirm it");
        return {};
    case ink_role: return static_cast<int>(ink(index));
    case number_key_role:
        switch (column_of(index)) {
        case Column::core: return QStringLiteral("core_mm");
        case Column::mass: return QStringLiteral("unit_mass_g_m");
        case Column::stress: return QStringLiteral("core_stress_mpa");
        default: return QStringLiteral("tension_n");
        }
    default: return {};
    }
}

Qt::ItemFlags StringsModel::flags(const QModelIndex& index) const {
    Qt::ItemFlags flags = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    if (!index.isValid() || session_.read_only()) return flags;
    const Column column = column_of(index);
    const bool wound = session_.state().job.design.strings[static_cast<std::size_t>(index.row())].wound;
    if (column == Column::pitch || column == Column::diameter || column == Column::mass ||
        (column == Column::core && wound))
        flags |= Qt::ItemIsEditable;
    return flags;
}

QString StringsModel::edit_text(const QModelIndex& index) const {
    const State& state = session_.state();
    const StringDesign& made = state.job.design.strings[static_cast<std::size_t>(index.row())];
    switch (column_of(index)) {
    case Column::pitch: {
        const Value* written = find(state.document, key_of_cell(index));
        return written && written->text() ? QString::fromStdString(*written->text()) : text(index);
    }
    case Column::diameter: return length_for_edit(made.diameter_mm, state.job.units.small());
    case Column::core:
        return made.core_mm ? length_for_edit(*made.core_mm, state.job.units.small()) : QString();
    case Column::mass: return made.unit_mass_g_m ? number_text(*made.unit_mass_g_m, 4) : QString();
    default: return text(index);
    }
}

/// What was typed as a value of the job, or nothing if it is not understood; a null value takes the key away.
std::optional<Value> StringsModel::typed(Column column, const QString& text) {
    if (column == Column::pitch) return Value((text.left(1).toUpper() + text.mid(1)).toStdString());
    if (text.isEmpty() && column != Column::diameter) return Value();
    if (column == Column::mass) {
        bool good = false;
        const double number = QString(text).replace(QLatin1Char(','), QLatin1Char('.')).toDouble(&good);
        if (good) return Value(number);
        Q_EMIT not_understood(tr("%1: a number of grams in a metre is needed").arg(text));
        return std::nullopt;
    }
    const Unit unit = session_.state().job.units.small();
    const LengthResult result = parse_length(text.toStdString(), {unit, false});
    if (result) return Value(result.length->mm);
    const Message fault{
        message_id(result.error.fault), Severity::error, {}, {static_cast<int>(result.error.at) + 1}};
    Q_EMIT not_understood(text + QStringLiteral(": ") + message_text(fault, session_.state().job.units));
    return std::nullopt;
}

bool StringsModel::is_assumed_cell(const QModelIndex& index) const {
    return is_assumed(session_.state().job.design, key_of_cell(index));
}

bool StringsModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    const QString text = value.toString().trimmed();
    if (role == confirm_role || (role == Qt::EditRole && text == edit_text(index))) {
        if (!is_assumed_cell(index)) return false;
        Q_EMIT changed(tr("%1 %2 confirmed").arg(name(index), edit_text(index)),
                       with_confirmed(session_.document(), key_of_cell(index)));
        return true;
    }
    if (role != Qt::EditRole) return false;
    const auto made = typed(column_of(index), text);
    if (!made) return false;
    const std::string key = key_of_cell(index);
    Value document =
        made->is_null() ? without(session_.document(), key) : with(session_.document(), key, *made);
    if (column_of(index) == Column::pitch) // a name wins over the hertz it replaces
        document = without(document, "strings[" + std::to_string(index.row()) + "].pitch_hz");
    // Typed as it was assumed: the same number, and measured.
    Q_EMIT changed(name(index) + QLatin1Char(' ') + (text.isEmpty() ? tr("estimated") : text),
                   with_confirmed(document, key));
    return true;
}

void StringsModel::refresh() {
    const int rows = session_.is_open() ? static_cast<int>(session_.state().job.design.strings.size()) : 0;
    if (rows != rows_) {
        beginResetModel();
        rows_ = rows;
        endResetModel();
        return;
    }
    Q_EMIT dataChanged(index(0, 0), index(rows - 1, columns - 1));
    Q_EMIT headerDataChanged(Qt::Horizontal, 0, columns - 1);
}

} // namespace fm
