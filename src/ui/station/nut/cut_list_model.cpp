#include "ui/station/nut/cut_list_model.h"

#include "core/shop/tools.h"
#include "ui/field/stop_bar.h"
#include "ui/look/reading_text.h"
#include "ui/look/texts.h"

#include <array>

namespace fm {

namespace {

using Column = CutListModel::Column;
constexpr std::array blank_columns{Column::string, Column::saw_to, Column::floor, Column::width,
                                   Column::file};
constexpr std::array fitted_columns{Column::string, Column::gap_now, Column::action_now, Column::now,
                                    Column::take_off};

/// Words in a column of numbers.
QString on_two_lines(QString words) {
    const qsizetype space = words.indexOf(QLatin1Char(' '));
    if (space >= 0) words[space] = QLatin1Char('\n');
    return words;
}

} // namespace

CutListModel::CutListModel(const Session& session, const ViewState& view, QObject* parent)
    : QAbstractTableModel(parent), session_(session), view_(view) {}

int CutListModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : rows_;
}

int CutListModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(blank_columns.size());
}

Column CutListModel::column(int section) const {
    const auto index = static_cast<std::size_t>(section);
    return view_.stage == CutStage::blank ? blank_columns[index] : fitted_columns[index];
}

QString CutListModel::datum_words() const {
    switch (view_.datum) {
    case Datum::seat: return tr("over the seat");
    case Datum::board: return tr("over the board");
    case Datum::frets: return tr("over the frets");
    case Datum::blank_top: return tr("from the blank's top");
    }
    return {};
}

QVariant CutListModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation == Qt::Horizontal && role == Qt::TextAlignmentRole)
        return int(Qt::AlignVCenter | (section == 0 ? Qt::AlignLeft : Qt::AlignRight));
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole) return {};
    const Column here = column(section);
    switch (here) {
    case Column::string: return tr("string");
    case Column::saw_to: return tr("saw to");
    case Column::floor: return tr("floor");
    case Column::width: return tr("width");
    case Column::file: return tr("file");
    case Column::gap_now:
        return with_unit(session_.is_open() && !nut_way(session_.state().job.design).open()
                             ? tr("held %1").arg(nut_way(session_.state().job.design).held_at)
                             : tr("gap 1"),
                         here);
    case Column::action_now: return with_unit(tr("at 12"), here);
    case Column::now: return tr("now");
    case Column::take_off: return with_unit(tr("take off"), here);
    }
    return {};
}

/// With the unit under it where it is not that of the list.
QString CutListModel::with_unit(const QString& header, Column column) const {
    if (!session_.is_open() || unit_of(column) == session_.state().job.units.small()) return header;
    return header + QLatin1Char('\n') + unit_text(unit_of(column));
}

Qt::ItemFlags CutListModel::flags(const QModelIndex& index) const {
    const Column here = column(index.column());
    Qt::ItemFlags flags = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    if ((here == Column::gap_now || here == Column::action_now) && !session_.read_only())
        flags |= Qt::ItemIsEditable;
    return flags;
}

std::optional<double> CutListModel::floor_mm(std::size_t string) const {
    const SlotWork& slot = session_.state().solution.strings[string].slot;
    switch (view_.datum) {
    case Datum::seat: return slot.floor_above_seat_mm;
    case Datum::board: return slot.floor_over_board_mm;
    case Datum::frets: return slot.over_frets_mm;
    case Datum::blank_top: return slot.floor_below_blank_top_mm;
    }
    return {};
}

/// What the plan takes off the slot, negative: what is filled; before there is one, what was found over the
/// target.
std::optional<double> CutListModel::off_mm(std::size_t i) const {
    const State& state = session_.state();
    if (stop_at(state.stops, BenchPart::nut)) return std::nullopt;
    const auto found = state.found_floors[i];
    if (!state.plan || !state.plan->strings[i])
        return found ? std::optional(*found - state.solution.strings[i].slot.floor_above_seat_mm)
                     : std::nullopt;
    const NutStep& nut = state.plan->nut;
    const auto& fill = nut.decision.fill;
    if (std::find(fill.begin(), fill.end(), i) != fill.end() || nut.decision.choice == NutChoice::replace)
        return *nut.raise_mm[i] > 0 ? -*nut.raise_mm[i] : *nut.take_off_mm[i];
    return *nut.take_off_mm[i];
}

QString CutListModel::file_words(std::size_t i) const {
    const Design& design = session_.state().job.design;
    const StringDesign& string = design.strings[i];
    const FileChoice file =
        file_for_slot(session_.tools().nut_files_mm, string.diameter_mm,
                      design.nut.slot_clearance_mm.of(string.wound), design.nut.file_over_mm);
    const Unit unit = session_.state().job.units.small();
    // What a shop usually has, and nobody said that this one has it.
    const QString assumed = session_.tools().usual_files ? QStringLiteral("\u2248") : QString();
    const std::string_view name = session_.tools().name_of_file(file.width_mm);
    switch (file.fit) {
    case FileFit::fits:
        if (name.empty()) return assumed + length_number(file.width_mm, unit);
        return assumed + length_short(file.width_mm, unit) + QLatin1Char('\n') +
               QString::fromUtf8(name.data(), static_cast<qsizetype>(name.size()));
    case FileFit::rock:
        return assumed + length_short(file.width_mm, unit) + QLatin1Char('\n') + tr("rock it");
    case FileFit::none: return on_two_lines(tr("none fits"));
    case FileFit::unlisted: return on_two_lines(tr("not listed"));
    }
    return {};
}

Unit CutListModel::unit_of(Column column) const {
    const Units& units = session_.state().job.units;
    switch (column) {
    case Column::gap_now:
    case Column::take_off: return units.gap();
    case Column::action_now: return units.action();
    default: return units.small();
    }
}

QString CutListModel::cell(const QModelIndex& index) const {
    const State& state = session_.state();
    const auto i = static_cast<std::size_t>(index.row());
    const Unit unit = unit_of(column(index.column()));
    const SlotWork& slot = state.solution.strings[i].slot;
    const auto shown = [unit](std::optional<double> mm) {
        return mm ? length_number(*mm, unit) : QStringLiteral("–");
    };
    const double saw_down = view_.datum == Datum::blank_top ? -1.0 : 1.0;
    const std::optional<double> floor = floor_mm(i);
    const std::optional<double> found = state.found_floors[i];
    const std::optional<double> off = off_mm(i);
    const Column here = column(index.column());
    // A clamp's slots are bought as they are.
    if (state.job.design.nut.clamping && (here == Column::saw_to || here == Column::file))
        return QStringLiteral("–");
    switch (here) {
    case Column::string: return QString::fromStdString(state.job.design.string_name(i));
    case Column::saw_to:
        return shown(floor ? std::optional(*floor + saw_down * state.job.design.nut.saw_allowance_mm)
                           : std::nullopt);
    case Column::floor: return shown(floor);
    case Column::width: return shown(slot.width_mm);
    case Column::file: return file_words(i);
    case Column::gap_now:
        if (!state.nut_gaps[i] && state.known[i].nut_bound)
            return leaves_text(*state.known[i].nut_bound, unit);
        return shown(state.nut_gaps[i] ? std::optional(state.nut_gaps[i]->mm) : std::nullopt);
    case Column::action_now:
        if (!state.known[i].action_mm && state.known[i].action_bound)
            return leaves_text(*state.known[i].action_bound, unit);
        return shown(state.known[i].action_mm);
    case Column::now:
        return shown(found && floor ? std::optional(*floor + saw_down * (*found - slot.floor_above_seat_mm))
                                    : std::nullopt);
    case Column::take_off:
        return off && *off < 0
                   ? QStringLiteral("+") + length_number(-*off, unit) + QLatin1Char('\n') + tr("to fill")
                   : shown(off);
    }
    return {};
}

Tone CutListModel::tone(const QModelIndex& index) const {
    switch (column(index.column())) {
    case Column::string: return Tone::name;
    case Column::saw_to: return Tone::dust;
    case Column::floor: return Tone::strong;
    case Column::gap_now: {
        const auto& gap = session_.state().nut_gaps[static_cast<std::size_t>(index.row())];
        return gap && !gap->as_read ? Tone::plain : Tone::yours; // worked out from another way of reading
    }
    case Column::action_now: return Tone::yours;
    case Column::take_off: {
        const bool low = off_mm(static_cast<std::size_t>(index.row())).value_or(0.0) < 0;
        return low ? Tone::missing : Tone::take_off;
    }
    default: return Tone::plain;
    }
}

QVariant CutListModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || !session_.is_open()) return {};
    const auto i = static_cast<std::size_t>(index.row());
    const Column here = column(index.column());
    if (role == Qt::DisplayRole || role == Qt::AccessibleTextRole) return cell(index);
    if (role == Qt::AccessibleDescriptionRole || role == Qt::ToolTipRole)
        return QString::fromStdString(session_.state().job.design.string_name(i)) + QLatin1Char(' ') +
               headerData(index.column(), Qt::Horizontal, Qt::DisplayRole).toString() + QStringLiteral(", ") +
               unit_text(unit_of(here)) + QLatin1Char(' ') + datum_words();
    if (role == Qt::EditRole) {
        const State& state = session_.state();
        std::optional<double> read;
        if (here == Column::gap_now && state.nut_gaps[i] && state.nut_gaps[i]->as_read)
            read = state.nut_gaps[i]->mm;
        if (here == Column::action_now) read = state.known[i].action_mm;
        return read ? length_for_edit(*read, unit_of(here)) : QString();
    }
    if (role == tone_role) return static_cast<int>(tone(index));
    if (role != number_key_role) return {};
    switch (here) {
    case Column::saw_to: return QString::fromStdString(string_key(i, "saw_to_above_seat_mm"));
    case Column::width:
    case Column::file: return QString::fromStdString(string_key(i, "slot_width_mm"));
    case Column::gap_now: return QString::fromStdString(string_key(i, "open_gaps_mm[0]"));
    case Column::action_now: return QString::fromStdString(string_key(i, "action12_mm"));
    default: break;
    }
    return QString::fromStdString(string_key(i, key_of(view_.datum)));
}

bool CutListModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    const QString text = value.toString().trimmed();
    if (role != Qt::EditRole || text.isEmpty()) return false;
    const State& state = session_.state();
    const bool action = column(index.column()) == Column::action_now;
    const TypedReading typed =
        typed_reading(text, unit_of(column(index.column())), !action && !nut_way(state.job.design).open());
    if (!typed.read) {
        Q_EMIT not_understood(typed.fault);
        return false;
    }
    const QString asked = question_about(state, action ? ReadThing::action12 : ReadThing::gap_fret1,
                                         static_cast<std::size_t>(index.row()), *typed.read, text);
    const QString answer = QStringLiteral("%1 %2 %3").arg(index.row()).arg(index.column()).arg(text);
    if (asked_.must_ask(asked, answer)) {
        Q_EMIT not_understood(asked);
        return false;
    }
    Q_EMIT read(index.row(), action, *typed.read);
    return true;
}

void CutListModel::refresh() {
    const int rows = session_.is_open() ? static_cast<int>(session_.state().job.design.strings.size()) : 0;
    if (rows != rows_) {
        beginResetModel();
        rows_ = rows;
        endResetModel();
        return;
    }
    Q_EMIT dataChanged(index(0, 0), index(rows - 1, columnCount() - 1));
    Q_EMIT headerDataChanged(Qt::Horizontal, 0, columnCount() - 1);
}

QString CutListModel::feeler_words(int row) const {
    if (view_.datum != Datum::board || !session_.is_open() || row < 0 || row >= rowCount()) return {};
    const auto i = static_cast<std::size_t>(row);
    const Unit unit = session_.state().job.units.small();
    const auto stack = feeler_stack(session_.tools().feelers_mm,
                                    session_.state().solution.strings[i].slot.floor_over_board_mm);
    if (!stack) return tr("no stack of three feelers reaches that height");
    QStringList leaves;
    for (const double leaf : stack->leaves_mm)
        leaves << length_number(leaf, unit).replace(QLatin1Char('\n'), QLatin1Char(' '));
    return tr("the file stops on feelers %1 = %2")
        .arg(leaves.join(QStringLiteral(" + ")), length_with_unit(stack->height_mm, unit));
}

} // namespace fm
