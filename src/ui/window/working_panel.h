#pragma once
#include "core/solution/uncertainty.h"
#include "core/solution/working.h"
#include "ui/look/off_thread.h"
#include "ui/state/session.h"

#include <QFrame>
#include <QLabel>
#include <QTimer>

namespace fm {

/// The line of working under the station, and the whole of it on Space.
class WorkingBar : public QFrame {
    Q_OBJECT
public:
    explicit WorkingBar(const Session& session, QWidget* parent = nullptr);
    /// Which number is worked, by its whole key ("strings[2].floor_above_seat_mm"), and what else belongs to
    /// it and is said on the second line (feelers).
    void show_number(const QString& key, const QString& note);
    const QString& key() const { return key_; }
    bool whole_shown() const { return whole_->isVisible(); }
    void show_whole(bool shown);
    /// Asks at once how sure the number is, without waiting for a pause in the typing.
    void ask_now();

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void refresh();
    /// Works out the ± away from the window, which goes on; until then none is shown. Not before the typing
    /// pauses: the window's own work comes first.
    void ask_how_sure();
    void show_line();
    Unit unit() const; ///< what the number is thought of in
    void show_sure();
    QString name_of(const Working& worked) const;
    QString whole_text() const;
    void place_whole();
    const Session& session_;
    QString key_;
    QString note_;
    std::optional<Working> worked_;
    std::optional<Uncertainty> how_sure_;
    std::optional<NumberKey> asked_;
    QTimer pause_;
    OffThread asking_{this};
    QLabel* line_;
    QLabel* sure_;
    QLabel* whole_;
};

} // namespace fm
