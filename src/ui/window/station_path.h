#pragma once
#include "ui/frame/station_kind.h"
#include "ui/look/worded_button.h"

#include <QLabel>
#include <QWidget>

#include <vector>

class QToolButton;
class QVBoxLayout;

namespace fm {

/// The bench order down the left side: the job, its stations with their state, the next thing to do, and the
/// workshop's jobs.
class StationPath : public QWidget {
    Q_OBJECT
public:
    StationPath(const Session& session, const ViewState& view, const std::vector<StationKind>& kinds,
                QWidget* parent = nullptr);
    void refresh();
    static constexpr int rail_px = 84;
    /// Only rings and numbers, as their keys have them, where the window is small.
    void show_as_rail(bool rail);
    /// Whether the sheets show something else than was printed last.
    void set_sheets_changed(bool changed);

Q_SIGNALS:
    void all_jobs_asked();
    void job_picked(const QString& path);
    void station_picked(Station station);
    void next_asked();

protected:
    void resizeEvent(QResizeEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

private:
    /// A station: its name to press, and how far it is.
    struct Entry {
        QToolButton* button = nullptr;
        QLabel* state = nullptr;
        bool begun = false; ///< the ring is half full
    };
    Entry add_station(QVBoxLayout* column, const StationKind& kind);
    QString next_words() const;
    /// How many of the values one sets there are assumed.
    static int assumed_at(Station station, const Design& design);
    QRect row_of(const Entry& entry) const;
    QLabel* add_label(QVBoxLayout* column, int px, bool bold);
    void list_jobs();

    const Session& session_;
    const std::vector<StationKind>& kinds_;
    bool sheets_changed_ = false;
    bool rail_ = false;
    QLabel* next_caption_;
    const ViewState& view_;
    Station station_shown_ = Station::nut;
    QLabel* title_;
    QLabel* facts_;
    std::vector<Entry> stations_; ///< in the order of Station
    QToolButton* jobs_;
    QLabel* caution_;
    WordedButton* next_;
};

} // namespace fm
