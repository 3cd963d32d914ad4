#pragma once
#include "ui/state/session.h"
#include "ui/state/view_state.h"

#include <QWidget>

namespace fm {

/// What the new bridge changes, drawn as pairs of bars: exposure and break angle of the chosen string, and
/// the turning moment, as found over as they will be, with a mark at the limit that is kept.
class WeighedView : public QWidget {
    Q_OBJECT
public:
    WeighedView(Session& session, const ViewState& view, QWidget* parent = nullptr);
    /// Whether there is anything to weigh: the bridge that is there, and readings of every string.
    bool has_something() const;
    void refresh();
    int needed_height() const { return 3 * row_px() + 4; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    struct Pair {
        QString name;
        double found = 0;
        double made = 0;
        QString found_words;
        QString made_words;
        std::optional<double> limit; ///< the least, or the most, that is borne
    };
    std::vector<Pair> pairs() const;
    int row_px() const { return fontMetrics().height(); }

    Session& session_;
    const ViewState& view_;
};

} // namespace fm
