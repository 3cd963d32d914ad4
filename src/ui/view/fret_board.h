#pragma once
#include "ui/field/choice_row.h"
#include "ui/frame/window_page.h"
#include "ui/view/fret_places.h"

#include <QLabel>
#include <QTableView>
#include <QWidget>

namespace fm {

/// Where it sounds and where it buzzes: the fretboard itself, a place for every string and fret.
class FretBoard : public WindowPage {
    Q_OBJECT
public:
    FretBoard(const Session& session, const ViewState& view, QWidget* parent = nullptr);
    void refresh() override;
    void take_focus() override { table_->setFocus(); }
    bool lists_strings() override { return true; }
    QTableView* table() { return table_; }
    FretPlaces* places() { return places_; }
    /// What is said under the board: the place and the worst place.
    QString reading() const { return reading_->text(); }
    QString worst() const { return worst_->text(); }
    void copy() const;

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
