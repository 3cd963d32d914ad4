#pragma once
#include "core/solution/crowns_by_hand.h"
#include "ui/field/choice_row.h"
#include "ui/field/entry_table.h"
#include "ui/field/value_field.h"
#include "ui/frame/station_kind.h"
#include "ui/station/intonation/intonation_model.h"

#include <QLabel>

#include <functional>
#include <memory>
#include <vector>

class QToolButton;

namespace fm {

/// The saddle from above, every crown where it stands and where it should be.
class CrownCanvas : public QWidget {
    Q_OBJECT
public:
    CrownCanvas(const Session& session, const ViewState& view, const IntonationModel& model,
                QWidget* parent = nullptr);
    QSize minimumSizeHint() const override { return {420, 260}; }
    /// Works out where the crowns would stand for other hands, where the design has changed.
    void refresh();
    const CrownsByHand& by_hand() const { return by_hand_; }
    /// What fret 12 asked of a crown when it was read before the last time, in that order; + lengthens.
    std::vector<std::vector<double>> earlier_moves_mm() const;

Q_SIGNALS:
    void string_picked(std::size_t string);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    double row_y(std::size_t string) const;
    void paint_hands(QPainter& painter, double middle, double per_mm) const;
    void paint_earlier(QPainter& painter, const std::vector<double>& moves_mm, double y,
                       const std::function<double(double)>& x_of) const;
    const Session& session_;
    const ViewState& view_;
    const IntonationModel& model_;
    CrownsByHand by_hand_;
    std::shared_ptr<const State> hands_of_; ///< the state that was worked out for
};

/// From a tuner's cents to how far each crown goes, moved, tuned and read again, round after round.
class IntonationStation : public WindowPage {
    Q_OBJECT
public:
    /// What is heard is typed in words.
    bool takes_letter(const QObject* watched, QChar letter) override;
    IntonationStation(Session& session, const ViewState& view, QWidget* parent = nullptr);
    void refresh() override;
    void take_focus() override { table_->setFocus(); }
    QWidget* beside() override { return panel_; }
    EntryTable* table() { return table_; }
    IntonationModel* model() { return model_; }
    CrownCanvas* canvas() { return canvas_; }
    QString advice() const { return advice_->text(); }
    /// The crowns were moved as the list says: written down, and the next round begins.
    void moved();
    void choose_fret(int fret);

private:
    /// @returns what is wrong with it, "" if it was kept
    QString commit(const QString& name, const Value& document);
    QWidget* build_panel();
    QString advice_words() const;
    QString warning_words() const;
    QString gain_words() const;
    QString fit_words() const;
    void use_fit();

    Session& session_;
    const ViewState& view_;
    int fret_ = 12;
    IntonationModel* model_;
    CrownCanvas* canvas_;
    QLabel* facts_;
    QLabel* advice_;
    ChoiceRow* by_;
    ChoiceRow* against_;
    ValueField* flat_;
    ValueField* fret_field_;
    EntryTable* table_ = nullptr;
    QToolButton* moved_ = nullptr;
    QLabel* fit_ = nullptr;
    QToolButton* use_fit_ = nullptr;
    QWidget* panel_ = nullptr;
};

StationKind intonation_kind();

} // namespace fm
