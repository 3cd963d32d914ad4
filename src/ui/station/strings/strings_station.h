#pragma once
#include "ui/field/choice_row.h"
#include "ui/field/field_binder.h"
#include "ui/frame/station_kind.h"
#include "ui/station/strings/strings_model.h"

#include <QBoxLayout>
#include <QLabel>
#include <QToolButton>
#include <QWidget>

namespace fm {

/// The strings on the instrument: pitch, gauge, make-up, and the tension that follows.
class StringsStation : public WindowPage {
    Q_OBJECT
public:
    StringsStation(Session& session, const ViewState& view, QWidget* parent = nullptr);
    void refresh() override;
    void take_focus() override { table_->setFocus(); }
    bool lists_strings() override { return true; }
    /// On a pitch, those of notes.
    bool takes_letter(const QObject* watched, QChar letter) override {
        return watched == table_ && on_pitch() && letter >= QLatin1Char('a') && letter <= QLatin1Char('g');
    }
    EntryTable* table() { return table_; }
    StringsModel* model() { return model_; }
    QString total() const { return total_->text(); }
    /// Whether the cell with the focus is a pitch.
    bool on_pitch() const;
    /// Puts a set on the instrument. Says what is wrong with it by refused().
    void read_set(const QString& path);
    /// Puts one of the shop's sets on the instrument.
    void take_set(const ShopStringSet& set);
    /// Asks for the file of a set.
    void choose_set();
    /// A string like the chosen one on its treble side, or the chosen one taken out.
    void add_string();
    void take_string_out();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void commit(const QString& name, const Value& document);
    void put_on(const QString& name, const Value& set);
    void list_sets();
    void group(bool together);
    void toggle_wound(const QModelIndex& index);
    void fit();

    Session& session_;
    const ViewState& view_;
    FieldBinder binder_;
    StringsModel* model_;
    EntryTable* table_;
    QBoxLayout* head_ = nullptr;
    QLabel* total_;
    ChoiceRow* core_;
    QToolButton* sets_;
    QToolButton* together_;
    QToolButton* alone_;
    QToolButton* add_;
    QToolButton* take_out_;
};

StationKind strings_kind();

} // namespace fm
