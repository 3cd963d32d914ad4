#pragma once
#include "ui/field/choice_row.h"
#include "ui/view/fret_places.h"

#include <QLabel>
#include <QTableView>
#include <QWidget>

namespace fm {

/// Where it sounds and where it buzzes: the fretboard itself, a place for every string and fret.
class FretBoard : public QWidget {
    Q_OBJECT
public:
    FretBoard(const Session& session, const ViewState& view, QWidget* parent = nullptr);
    void refresh();
    QTableView* table() { return table_; }
    FretPlaces* places() { return places_; }
    /// What is said under the board: the place and the worst place.
    QString reading() const { return reading_->text(); }
    QString worst() const { return worst_->text(); }
    void copy() const;

Q_SIGNALS:
    void string_picked(std::size_t string);
    void number_picked(const QString& name); ///< of the chosen string, "cents[4]"; "" where there is none
    void measure_picked(BoardMeasure measure);
    void side_picked(NutSide side);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

private:
    void fit();
    void tell();

    const Session& session_;
    const ViewState& view_;
    FretPlaces* places_;
    QTableView* table_;
    ChoiceRow* measure_;
    ChoiceRow* side_;
    QLabel* worst_;
    QLabel* reading_;
};

} // namespace fm
