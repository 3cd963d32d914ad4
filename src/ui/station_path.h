#pragma once
#include "ui/session.h"

#include <QLabel>
#include <QWidget>

class QToolButton;
class QVBoxLayout;

namespace fm {

/// The bench order down the left side: the job, its stations with their state, the next thing to do, and the
/// workshop's jobs.
class StationPath : public QWidget {
    Q_OBJECT
public:
    explicit StationPath(const Session& session, QWidget* parent = nullptr);
    void refresh();

Q_SIGNALS:
    void job_picked(const QString& path);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QLabel* add_label(QVBoxLayout* column, int px, bool bold);
    void list_jobs();

    const Session& session_;
    bool read_shown_ = false; // the ring is half full
    QStringList shown_jobs_;  // and the open one
    QLabel* title_;
    QLabel* facts_;
    QToolButton* nut_;
    QLabel* nut_state_;
    QLabel* workshop_;
    QVBoxLayout* jobs_;
    QLabel* caution_;
    QLabel* next_;
};

} // namespace fm
