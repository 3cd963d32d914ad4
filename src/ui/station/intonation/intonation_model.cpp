#include "ui/station/intonation/intonation_model.h"

#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QLocale>

#include <cmath>

namespace fm {

namespace {
constexpr double most_cents = 200;

QString signed_text(double value, int decimals) {
    return (value > 0 ? QStringLiteral("+") : QString()) + number_text(value, decimals);
}
} // namespace

namespace {

QString heard_text(PitchHeard heard) {
    switch (heard) {
    case PitchHeard::way_flat: return IntonationModel::tr("way flat");
    case PitchHeard::flat: return IntonationModel::tr("flat");
    case PitchHeard::bit_flat: return IntonationModel::tr("a bit flat");
    case PitchHeard::in_tune: return IntonationModel::tr("in tune");
    case PitchHeard::bit_sharp: return IntonationModel::tr("a bit sharp");
    case PitchHeard::sharp: return IntonationModel::tr("sharp");
    case PitchHeard::way_sharp: return IntonationModel::tr("way sharp");
    }
    return {};
}

/// What was said of a note: the words the window shows, or as people say them.
std::optional<PitchHeard> heard_of(const QString& text) {
    const QString said = text.simplified().toLower();
    for (std::size_t i = 0; i < words_of(PitchHeard{}).size(); ++i)
        if (said == heard_text(static_cast<PitchHeard>(i)).toLower()) return static_cast<PitchHeard>(i);
    if (said == QLatin1String("ok") || said == QLatin1String("fine")) return PitchHeard::in_tune;
    const bool flat = said.endsWith(QLatin1String("flat"));
    if (!flat && !said.endsWith(QLatin1String("sharp"))) return std::nullopt;
    const QString how = said.chopped(flat ? 4 : 5).trimmed();
    if (how.isEmpty()) return flat ? PitchHeard::flat : PitchHeard::sharp;
    for (const char* much : {"way", "way too", "very", "much", "far too"})
        if (how == QLatin1String(much)) return flat ? PitchHeard::way_flat : PitchHeard::way_sharp;
    for (const char* little : {"a bit", "bit", "a little", "slightly", "a touch", "a hair"})
        if (how == QLatin1String(little)) return flat ? PitchHeard::bit_flat : PitchHeard::bit_sharp;
    return std::nullopt;
}

} // namespace

bool IntonationModel::begins_heard(QChar letter) {
    static const QString english = QStringLiteral("abfimosvw");
    if (english.contains(letter)) return true;
    for (std::size_t i = 0; i < words_of(PitchHeard{}).size(); ++i)
        if (heard_text(static_cast<PitchHeard>(i)).startsWith(letter, Qt::CaseInsensitive)) return true;
    return false;
}

IntonationModel::IntonationModel(const Session& session, QObject* parent)
    : QAbstractTableModel(parent), session_(session) {}

void IntonationModel::refresh(int fret) {
    const State& state = session_.state();
    const Job& job = state.job;
    const bool other_rows = rows_ != static_cast<int>(job.design.strings.size());
    if (other_rows) beginResetModel(); // else a cell that is being typed into stays open
    fret_ = fret;
    rows_ = static_cast<int>(job.design.strings.size());
    const IntonationAim aim = intonation_of(job, session_.workshop());
    rounds_ = cents_rounds(job.readings, job.design.strings.size());
    advice_ = crown_advice(job.design, state.written, job.readings, aim);
    line_ = line_advice(state.solution, advice_);
    nut_ = nut_advice(job.design, state.written, job.readings, aim);
    moves_mm_.assign(advice_.size(), std::nullopt);
    const auto& strings = state.solution.strings;
    const double bass_y = strings.front().line.saddle_y_mm;
    const double span = strings.back().line.saddle_y_mm - bass_y;
    for (std::size_t i = 0; i < advice_.size(); ++i) {
        if (job.intonation.by == MoveBy::line) {
            if (!line_) continue;
            const double share = span != 0 ? (strings[i].line.saddle_y_mm - bass_y) / span : 0.5;
            moves_mm_[i] = line_->bass_mm + (line_->treble_mm - line_->bass_mm) * share;
        } else if (advice_[i] && !advice_[i]->there && !advice_[i]->read_again)
            moves_mm_[i] = advice_[i]->move_mm;
    }
    if (other_rows) return endResetModel();
    Q_EMIT dataChanged(index(0, 0), index(rows_ - 1, move_column));
    Q_EMIT headerDataChanged(Qt::Horizontal, 0, move_column);
}

int IntonationModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : rows_;
}

int IntonationModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : 5;
}

QVariant IntonationModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation == Qt::Horizontal && role == Qt::ToolTipRole && section == crown_column)
        return tr("From fret 12 to the crown, measured along the string");
    if (orientation != Qt::Horizontal) return {};
    if (role == Qt::TextAlignmentRole)
        return int(Qt::AlignVCenter | (section == 0 ? Qt::AlignLeft : Qt::AlignRight));
    if (role != Qt::DisplayRole) return {};
    switch (section) {
    case string_column: return tr("string");
    case crown_column: return tr("crown");
    case read_column: return tr("fret %1").arg(fret_);
    case off_column: return tr("off");
    default: return tr("move");
    }
}

QString IntonationModel::cell(std::size_t i, int column) const {
    const Job& job = session_.state().job;
    if (column == string_column) return QString::fromStdString(job.design.string_name(i));
    if (column == read_column) {
        if (const auto heard = shown_heard(i)) return heard_text(*heard);
        const CentsRead* read = shown_read(i);
        return read ? signed_text(read->cents, 1) : QStringLiteral("·");
    }
    if (column == crown_column) {
        if (!rounds_[i].crown_mm) return QStringLiteral("·");
        return length_number(*rounds_[i].crown_mm, job.units.along())
            .replace(QLatin1Char('\n'), QLatin1Char(' '));
    }
    if (i >= advice_.size() || !advice_[i]) {
        const auto heard = column == move_column && fret_ == 12 ? shown_heard(i) : std::nullopt;
        if (!heard) return QStringLiteral("–");
        return side_of(*heard) == 0 ? tr("there") : side_of(*heard) > 0 ? tr("longer") : tr("shorter");
    }
    if (column == off_column) return signed_text(advice_[i]->off_cents, 1);
    if (advice_[i]->there && job.intonation.by != MoveBy::line) return tr("there");
    if (advice_[i]->read_again && job.intonation.by != MoveBy::line) return tr("again");
    const double mm = moves_mm_[i].value_or(0);
    return (mm > 0 ? QStringLiteral("+") : QString()) +
           length_number(mm, job.units.small()).replace(QLatin1Char('\n'), QLatin1Char(' '));
}

std::optional<PitchHeard> IntonationModel::shown_heard(std::size_t i) const {
    const auto heard = rounds_[i].heard.find(fret_);
    return heard == rounds_[i].heard.end() ? std::nullopt : std::optional(heard->second);
}

const CentsRead* IntonationModel::shown_read(std::size_t i) const {
    const CentsRead* newest = nullptr;
    for (const CentsRead& read : rounds_[i].reads) {
        if (read.fret != fret_) continue;
        const bool now = read.counts && read.moved_mm == rounds_[i].moved_mm;
        if (now || !newest || !newest->counts) newest = &read;
    }
    return newest;
}

QString IntonationModel::tip(std::size_t i, int column) const {
    const Unit unit = session_.state().job.units.small();
    if (column == read_column) {
        if (shown_heard(i)) return tr("Heard: a direction and no amount. A tuner's cents say how far.");
        const CentsRead* read = shown_read(i);
        if (read && !read->counts)
            return tr("Read before strings, heights or crown were changed: kept, not used. Read again.");
    }
    if (i >= advice_.size() || !advice_[i]) return {};
    const CrownAdvice& advice = *advice_[i];
    QString words = tr("%1 readings count, %2 moves between them: %3 cents off, ± %4; %5 cents a mm")
                        .arg(advice.readings)
                        .arg(advice.moves)
                        .arg(number_text(advice.off_cents, 2), number_text(advice.u_cents, 2),
                             number_text(advice.cents_per_mm, 2));
    if (advice.short_mm)
        words += QLatin1String(". ") + tr("As measured the crown stands %1 %2 of where the design has it")
                                           .arg(length_with_unit(std::abs(*advice.short_mm), unit),
                                                *advice.short_mm >= 0 ? tr("short") : tr("beyond"));
    return words;
}

QVariant IntonationModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rows_) return {};
    const auto i = static_cast<std::size_t>(index.row());
    switch (role) {
    case Qt::DisplayRole: return cell(i, index.column());
    case Qt::EditRole: {
        const QString shown = cell(i, index.column());
        return shown == QStringLiteral("·") ? QString() : shown;
    }
    case Qt::TextAlignmentRole:
        return int(Qt::AlignVCenter | (index.column() == 0 ? Qt::AlignLeft : Qt::AlignRight));
    case Qt::ForegroundRole:
        if (index.column() == read_column && shown_heard(i)) return theme().yours;
        if (const CentsRead* read = shown_read(i); index.column() == read_column && read && !read->counts)
            return theme().caption;
        if (index.column() == crown_column) return theme().yours;
        return index.column() == read_column   ? theme().yours
               : index.column() == move_column ? theme().take_off
                                               : theme().ink;
    case Qt::AccessibleTextRole:
        return tr("%1, %2: %3")
            .arg(cell(i, 0), headerData(index.column(), Qt::Horizontal, Qt::DisplayRole).toString(),
                 cell(i, index.column()));
    case Qt::ToolTipRole: return tip(i, index.column());
    default: return {};
    }
}

Qt::ItemFlags IntonationModel::flags(const QModelIndex& index) const {
    Qt::ItemFlags flags = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    const bool typed_in = index.column() == read_column || index.column() == crown_column;
    if (typed_in && !session_.read_only()) flags |= Qt::ItemIsEditable;
    return flags;
}

bool IntonationModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    const QString text = value.toString().trimmed();
    if (role != Qt::EditRole || text.isEmpty()) return false;
    if (index.column() == crown_column) return take_crown(index.row(), text);
    return index.column() == read_column && take_cents(index.row(), text);
}

bool IntonationModel::take_crown(int string, const QString& text) {
    const TypedLength typed_mm = typed_length(text, session_.state().job.units.along());
    if (!typed_mm.mm) {
        Q_EMIT not_understood(typed_mm.fault);
        return false;
    }
    if (text != cell(static_cast<std::size_t>(string), crown_column))
        Q_EMIT crown_measured(string, *typed_mm.mm);
    return true;
}

bool IntonationModel::take_cents(int string, const QString& text) {
    if (const auto said = heard_of(text)) {
        Q_EMIT heard(string, *said);
        return true;
    }
    bool good = false;
    double cents = QLocale().toDouble(QString(text).remove(QLatin1Char('+')), &good);
    if (!good)
        cents = QString(text)
                    .remove(QLatin1Char('+'))
                    .replace(QLatin1Char(','), QLatin1Char('.'))
                    .toDouble(&good);
    if (!good || !(std::abs(cents) <= most_cents)) {
        Q_EMIT not_understood(
            tr("%1 is no reading in cents; allowed is −200 to 200, or flat, a bit sharp, way "
               "sharp, in tune")
                .arg(text.left(20)));
        return false;
    }
    Q_EMIT typed(string, cents);
    return true;
}

} // namespace fm
