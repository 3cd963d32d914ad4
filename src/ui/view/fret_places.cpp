#include "ui/view/fret_places.h"

#include "ui/look/texts.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

// Where good ends, fair and poor; beyond: bad.
constexpr std::array cents_scale{2.0, 5.0, 10.0};
constexpr std::array headroom_scale{1.25, 1.0, 0.75}; // of the player's own pluck
constexpr std::array back_scale{2.0, 1.0, 1.0 / 3.0}; // of the least room that is not heard

QString fret_words(int fret) {
    return fret == 0 ? FretPlaces::tr("open") : FretPlaces::tr("at fret %1").arg(fret);
}

} // namespace

FretPlaces::FretPlaces(const Session& session, const ViewState& view, QObject* parent)
    : QAbstractTableModel(parent), session_(session), view_(view) {}

int FretPlaces::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : rows_;
}

int FretPlaces::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : columns_;
}

std::size_t FretPlaces::string_of(int row) const {
    const int last = rows_ - 1;
    return static_cast<std::size_t>(session_.state().job.left_handed ? row : last - row);
}

const FretPlaces::Place& FretPlaces::place(const QModelIndex& index) const {
    return places_[string_of(index.row())][static_cast<std::size_t>(index.column())];
}

std::vector<FretPlaces::Place> FretPlaces::places_of(const Row& row) const {
    const auto frets = static_cast<std::size_t>(session_.state().job.design.neck.frets);
    std::vector<Place> places(frets + 1);
    for (std::size_t n = 0; n <= frets; ++n) {
        Place& at = places[n];
        switch (view_.measure) {
        case BoardMeasure::cents:
            if (row.cents) at.value = (*row.cents)[n];
            break;
        case BoardMeasure::headroom:
            if (n < row.headroom.size() && row.headroom[n].force_n) {
                at.value = *row.headroom[n].force_n / row.player_force_n;
                at.over = row.headroom[n].fret;
            }
            break;
        case BoardMeasure::open_gap:
            if (n > 0 && n <= row.open_gaps_mm.size()) at.value = row.open_gaps_mm[n - 1];
            break;
        case BoardMeasure::behind_finger:
            if (n > 1 && n - 2 < row.back_gaps_mm.size()) at.value = row.back_gaps_mm[n - 2];
            break;
        }
        at.band = band_of(at);
    }
    return places;
}

/// Larger is worse; good up to 0, fair to 1, poor to 2.
double FretPlaces::badness(const Place& place) const {
    const auto on_scale = [](double value, const std::array<double, 3>& scale) {
        if ((value - scale[0]) * (scale[1] - scale[0]) <= 0)
            return (value - scale[0]) / (scale[1] - scale[0]);
        if ((value - scale[1]) * (scale[2] - scale[1]) <= 0)
            return (value - scale[0]) / (scale[1] - scale[0]);
        return 1.0 + (value - scale[1]) / (scale[2] - scale[1]);
    };
    switch (view_.measure) {
    case BoardMeasure::cents: return on_scale(std::abs(*place.value), cents_scale);
    case BoardMeasure::headroom: return on_scale(*place.value, headroom_scale);
    case BoardMeasure::open_gap: return *place.value > 0 ? -*place.value : 3.0 - *place.value;
    case BoardMeasure::behind_finger:
        return on_scale(*place.value / session_.state().job.design.player.back_gap_min_mm, back_scale);
    }
    return 0;
}

FretPlaces::Band FretPlaces::band_of(const Place& place) const {
    if (!place.value) return Band::none;
    const double bad = badness(place);
    return bad <= 1e-9 ? Band::good : bad <= 1 + 1e-9 ? Band::fair : bad <= 2 + 1e-9 ? Band::poor : Band::bad;
}

void FretPlaces::refresh() {
    const State& state = session_.state();
    const auto count = state.solution.strings.size();
    places_.clear();
    if (view_.side == NutSide::found) {
        const Design& design = state.job.design;
        const std::vector<FoundString> found = as_found(design, state.written, state.job.readings);
        const bool read = std::any_of(found.begin(), found.end(), [](const auto& s) { return s.read; });
        for (std::size_t i = 0; read && i < count; ++i) {
            Row row;
            if (found[i].read) {
                row.cents = found[i].sound ? &found[i].sound->cents : nullptr;
                row.headroom = found[i].headroom;
                row.player_force_n = found[i].player_force_n;
                row.back_gaps_mm = found[i].back_gaps_mm;
                for (int fret = 1; fret <= design.neck.frets; ++fret)
                    row.open_gaps_mm.push_back(clearance_mm(found[i].standing, 0, fret));
            }
            places_.push_back(places_of(row));
        }
    } else {
        for (const StringSolution& string : state.solution.strings)
            places_.push_back(
                places_of({string.sound ? &string.sound->cents : nullptr, string.headroom,
                           string.player_force_n.value_or(0.0), string.open_gaps_mm, string.back_gaps_mm}));
    }
    const int rows = static_cast<int>(count);
    const int columns = state.job.design.neck.frets + 1;
    if (rows != rows_ || columns != columns_) {
        beginResetModel();
        rows_ = rows;
        columns_ = columns;
        endResetModel();
    } else {
        Q_EMIT dataChanged(index(0, 0), index(rows_ - 1, columns_ - 1));
        Q_EMIT headerDataChanged(Qt::Vertical, 0, rows_ - 1);
    }
}

QString FretPlaces::figure(const Place& place) const {
    if (!place.value) return QStringLiteral("–");
    const Unit unit = session_.state().job.units.gap();
    switch (view_.measure) {
    case BoardMeasure::cents: {
        const QString text = number_text(*place.value, 1);
        return *place.value >= 0.05 ? QLatin1Char('+') + text : text;
    }
    case BoardMeasure::headroom: return number_text(std::min(*place.value, 99.0), 1);
    case BoardMeasure::open_gap:
    case BoardMeasure::behind_finger:
        // A place of the board has no room for sixty-fourths and thousandths: thousandths alone.
        return length_number(*place.value, unit == Unit::sixty_fourths ? Unit::thou : unit);
    }
    return {};
}

QString FretPlaces::sentence(std::size_t string, int fret) const {
    const State& state = session_.state();
    const Place& at = places_[string][static_cast<std::size_t>(fret)];
    const QString where = QString::fromStdString(state.job.design.string_name(string)) + QLatin1Char(' ') +
                          fret_words(fret) + QStringLiteral(": ");
    const Unit unit = state.job.units.gap();
    if (!at.value) {
        if (view_.side == NutSide::found && !state.known[string].complete())
            return where + tr("not read yet");
        if (view_.measure == BoardMeasure::headroom) return where + tr("no pluck reaches a fret");
        if (view_.measure == BoardMeasure::behind_finger)
            return where + (fret < 2 ? tr("nothing swings behind it")
                                     : tr("it rests on fret 1: nothing swings behind the finger"));
        return where + tr("nothing to say");
    }
    switch (view_.measure) {
    case BoardMeasure::cents:
        if (std::abs(*at.value) < 0.05) return where + tr("in tune");
        return where + (*at.value > 0 ? tr("%1 cents sharp") : tr("%1 cents flat"))
                           .arg(number_text(std::abs(*at.value), 1));
    case BoardMeasure::headroom:
        if (*at.value <= 0) return where + tr("chokes on fret %1").arg(at.over);
        return where + tr("bears %1 times your pluck before it meets fret %2")
                           .arg(number_text(*at.value, 2))
                           .arg(at.over);
    case BoardMeasure::open_gap:
        return where + (*at.value > 0 ? tr("%1 under the open string").arg(length_with_unit(*at.value, unit))
                                      : tr("the open string touches"));
    case BoardMeasure::behind_finger:
        return where + tr("%1 to swing behind the finger").arg(length_with_unit(*at.value, unit));
    }
    return {};
}

QVariant FretPlaces::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || places_.empty() || index.row() >= rows_ || index.column() >= columns_) return {};
    const std::size_t string = string_of(index.row());
    const int fret = index.column();
    switch (role) {
    case Qt::DisplayRole: return figure(place(index));
    case Qt::AccessibleTextRole:
    case Qt::ToolTipRole:
    case sentence_role: return sentence(string, fret);
    case band_role: return static_cast<int>(place(index).band);
    case number_key_role: {
        if (view_.side == NutSide::found || !place(index).value) return QString();
        switch (view_.measure) {
        case BoardMeasure::cents: return fret > 0 ? QStringLiteral("cents[%1]").arg(fret - 1) : QString();
        case BoardMeasure::headroom: return QStringLiteral("headroom_n[%1]").arg(fret);
        case BoardMeasure::open_gap: return QStringLiteral("open_gaps_mm[%1]").arg(fret - 1);
        case BoardMeasure::behind_finger: return QStringLiteral("back_gap_mm[%1]").arg(fret - 2);
        }
        return {};
    }
    default: return {};
    }
}

QVariant FretPlaces::headerData(int section, Qt::Orientation orientation, int role) const {
    if (role != Qt::DisplayRole || !session_.is_open() || section < 0) return {};
    if (orientation == Qt::Horizontal) return section == 0 ? tr("open") : QString::number(section);
    if (section >= rows_) return {};
    return QString::fromStdString(session_.state().job.design.string_name(string_of(section)));
}

QModelIndex FretPlaces::worst() const {
    QModelIndex found;
    double worst = 0;
    for (int row = 0; row < rows_ && !places_.empty(); ++row)
        for (int column = 0; column < columns_; ++column) {
            const Place& at = place(index(row, column));
            if (!at.value || at.band == Band::good) continue;
            const double bad = badness(at);
            if (found.isValid() && bad <= worst) continue;
            worst = bad;
            found = index(row, column);
        }
    return found;
}

std::array<QString, 4> FretPlaces::scale_words() const {
    const Unit unit = session_.state().job.units.gap();
    const auto lengths = [&](double share) {
        return length_with_unit(share * session_.state().job.design.player.back_gap_min_mm, unit);
    };
    switch (view_.measure) {
    case BoardMeasure::cents: return {tr("up to 2 cents"), tr("up to 5"), tr("up to 10"), tr("more")};
    case BoardMeasure::headroom:
        return {tr("%1 times your pluck and more").arg(number_text(headroom_scale[0], 2)),
                tr("down to your pluck"), tr("down to %1").arg(number_text(headroom_scale[2], 2)),
                tr("less: it buzzes")};
    case BoardMeasure::open_gap: return {tr("clear"), {}, {}, tr("touches")};
    case BoardMeasure::behind_finger:
        return {tr("%1 and more").arg(lengths(back_scale[0])), tr("down to %1").arg(lengths(back_scale[1])),
                tr("down to %1").arg(lengths(back_scale[2])), tr("less: likely heard")};
    }
    return {};
}

} // namespace fm
