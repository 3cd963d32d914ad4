#pragma once
#include "core/found/visits.h"
#include "ui/state/session.h"

#include <QWidget>

namespace fm {

/// An instrument over time: a column for every day it was read, rings as it came, dots as it left, and
/// between them what it did while nobody touched it.
class TimePicture : public QWidget {
    Q_OBJECT
public:
    explicit TimePicture(Session& session, QWidget* parent = nullptr);
    void refresh();
    const std::vector<Visit>& visits() const { return visits_; }
    const std::vector<Away>& aways() const { return aways_; }
    /// What the picture comes to, in sentences.
    const QStringList& says() const { return says_; }
    QSize minimumSizeHint() const override { return {300, 240}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    /// One row: a number of every visit, how it reads, and what it did between them.
    struct Row {
        QString name;
        std::vector<DayNumber> days;
        std::vector<std::optional<double>> alone; ///< one less: its change between two visits
        std::vector<bool> moved;                  ///< more than the gauges can tell
        LengthKind kind = LengthKind::gap;
        bool percent = false;
    };
    std::vector<Row> rows() const;
    QStringList sentences() const;
    QString number(double value, const Row& row) const;
    void paint_row(QPainter& painter, const Row& row, const QRectF& box) const;
    double column_x(std::size_t visit) const;

    Session& session_;
    std::vector<Visit> visits_; ///< the newest that there is room for
    std::vector<Away> aways_;
    QStringList says_;
};

} // namespace fm
