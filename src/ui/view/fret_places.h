#pragma once
#include "core/found/as_found.h"
#include "ui/field/row_delegate.h"

#include <QAbstractTableModel>

namespace fm {

/// Every string and fret of the board as a place, with what is asked of it: rows as the strings lie, seen
/// from the front with the head to the left (the bass string below; left-handed above), columns from the open
/// string on.
class FretPlaces : public QAbstractTableModel {
    Q_OBJECT
public:
    /// How good a place is, by a scale that is told under the board.
    enum class Band { none, good, fair, poor, bad };
    enum Role { band_role = first_free_role, sentence_role };

    FretPlaces(const Session& session, const ViewState& view, QObject* parent = nullptr);

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

    /// Takes the state as it is now. @param found as the readings say it stands, else the target
    void refresh();
    std::size_t string_of(int row) const;
    int row_of(std::size_t string) const { return static_cast<int>(string_of(static_cast<int>(string))); }
    /// Whether there is anything to show: as found needs readings.
    bool anything() const { return !places_.empty(); }
    /// The place that is worst by its scale; invalid if all are good.
    QModelIndex worst() const;
    /// What the scale says, from good to bad.
    std::array<QString, 4> scale_words() const;

private:
    struct Place {
        std::optional<double> value;
        int over = 0; ///< the fret that limits it
        Band band = Band::none;
    };
    /// One string's numbers, wherever they come from.
    struct Row {
        const FretRow* cents = nullptr; ///< index: the fret
        std::vector<Headroom> headroom;
        double player_force_n = 0;
        std::vector<double> open_gaps_mm;
        std::vector<std::optional<double>> back_gaps_mm;
    };
    std::vector<Place> places_of(const Row& row) const;
    Band band_of(const Place& place) const;
    double badness(const Place& place) const;
    QString figure(const Place& place) const;
    QString sentence(std::size_t string, int fret) const;
    const Place& place(const QModelIndex& index) const;

    const Session& session_;
    const ViewState& view_;
    std::vector<std::vector<Place>> places_; // by string, then fret; empty: nothing to show
    int rows_ = 0;                           // as the views know them
    int columns_ = 0;
};

} // namespace fm
