#pragma once
#include "job/read/story.h"
#include "ui/field/choice_row.h"
#include "ui/field/text_field.h"
#include "ui/field/value_field.h"
#include "ui/frame/station_kind.h"
#include "ui/station/record/price_panel.h"
#include "ui/station/record/time_picture.h"

#include <QLabel>
#include <QListWidget>
#include <QStackedWidget>
#include <QTableWidget>

class QToolButton;

namespace fm {

/// The record: what was found, heard, decided, done and left, in order. Nothing is rewritten: a correction
/// stands in the place of what it corrects and says why.
class RecordStation : public WindowPage {
    Q_OBJECT
public:
    explicit RecordStation(Session& session, QWidget* parent = nullptr);
    void refresh() override;
    bool shows_numbers() const override { return false; }
    void take_focus() override { stack_->currentWidget()->setFocus(); }
    /// The instrument over time, instead of its lines in order.
    std::optional<bool> other_side_shown() const override { return stack_->currentWidget() == over_time_; }
    void show_other_side(bool shown) override;
    TimePicture* over_time() { return over_time_; }
    QWidget* beside() override { return panel_; } ///< before and after
    QListWidget* story() { return story_; }
    PricePanel* price() { return price_; }
    const std::vector<StoryLine>& lines() const { return lines_; }

    /// Writes an entry of that kind; a chosen entry is corrected instead if `correct`.
    void add(RecordKind kind, const QString& text, const QString& reason, std::optional<double> minutes);
    /// The chosen line again, in other words; or taken out, with no words at all.
    void correct(const QString& text, const QString& reason);
    void mark_left();

Q_SIGNALS:
    void sheet_asked(bool for_the_owner);

private:
    QWidget* build_entry();
    QWidget* build_panel();
    void commit(const QString& name, const Value& document);
    void show_chosen();
    const StoryLine* chosen() const;

    Session& session_;
    std::vector<StoryLine> lines_;
    QLabel* facts_;
    ChoiceRow* shown_;
    QStackedWidget* stack_;
    QListWidget* story_;
    TimePicture* over_time_;
    QWidget* entry_ = nullptr; ///< a line to be written
    QLabel* empty_;            ///< over the list while nothing is in it: what comes there
    ChoiceRow* kind_ = nullptr;
    QLineEdit* text_ = nullptr;
    QLineEdit* reason_ = nullptr;
    ValueField* minutes_ = nullptr;
    double typed_minutes_ = 0;
    QToolButton* add_ = nullptr;
    QToolButton* correct_ = nullptr;
    QToolButton* take_out_ = nullptr;
    QTableWidget* numbers_ = nullptr;
    QLabel* whole_ = nullptr; ///< relief and humidity, before and after
    PricePanel* price_ = nullptr;
    QWidget* panel_ = nullptr;
};

StationKind record_kind();

} // namespace fm
