#pragma once
#include "ui/canvas/part_canvas.h"
#include "ui/field/choice_row.h"
#include "ui/field/field_binder.h"
#include "ui/frame/drawing_table.h"
#include "ui/frame/station_kind.h"
#include "ui/page/numbers_list.h"
#include "ui/page/part_pages.h"

#include <QLabel>

class QHBoxLayout;
class QVBoxLayout;

namespace fm {

/// A station: its name and facts, found or target, what is doubtful, the drawing, the pages under it.
class StationFrame : public WindowPage {
    Q_OBJECT
public:
    StationFrame(Session& session, const ViewState& view, const QString& title, QWidget* parent = nullptr);
    StationFrame* frame() override { return this; }
    void take_focus() override { canvas()->setFocus(); }
    void zoom(double factor) override { factor == 0 ? canvas()->zoom_home() : canvas()->zoom_by(factor); }
    virtual PartCanvas* canvas() = 0;
    /// All its drawings, in sight or not.
    virtual std::vector<PartCanvas*> canvases() { return {canvas()}; }
    virtual PartPages* pages() = 0;
    /// The list that stands beside it; none: the station has no such list.
    virtual NumbersList* list() { return nullptr; }
    QWidget* beside() override { return list(); }
    /// Asks for what is assumed, value by value: goes to the first on the drawing, and from each to the next
    /// as it is entered.
    void ask();
    /// Brings the drawing into sight that a field is on.
    virtual void bring(const QWidget*) {}
    /// The same values as a table in place of the drawing.
    DrawingTable* table() { return table_; }
    void show_table(bool shown);

Q_SIGNALS:
    void compare_asked(ChoiceRow* choice);
    void doubt_followed(const QString& where); ///< the key in the job file it is about

protected:
    /// Of the pages under the drawing, where there is room.
    virtual int pages_height() const { return 184; }
    void resizeEvent(QResizeEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;
    /// The drawing and its pages, below the head. What is made with its last parent at once is styled once.
    /// @param canvas made in drawing() @param pages made in the station
    void hold(QWidget* canvas, PartPages* pages);
    QStackedWidget* drawing() { return drawing_; }
    /// A number chosen by its whole key.
    void pick_number(const QString& key);
    /// Writes down what a gauge read, and says what is doubtful about it.
    void take(std::size_t string, const ReadingWay& way, const WrittenLength& read);
    void show_facts(QStringList facts);
    /// What is doubtful, each a way to what it is about: the first in sight, the others when asked for.
    struct Doubt {
        QString text;
        QString where; ///< key in the job file, "" for none
    };
    using Doubts = std::vector<Doubt>;
    void show_doubts(const Doubts& doubts);
    Doubts doubts_of(const std::vector<Message>& messages) const;
    /// One of those in the head was picked.
    virtual void pick_view(int) {}
    /// The choice in the head: the states or drawings of this station.
    void show_views(const QStringList& names, const QString& shortcut, const QString& label);
    void choose_view(int view) { views_->set_chosen(view); }
    /// The sentences of warnings that belong here.
    Doubts doubts_that(bool (*belongs)(const Message&)) const;

    Session& session_;
    const ViewState& view_;
    FieldBinder binder_;

private:
    void fit_facts();
    /// To the first assumed value behind a field, in the order of Tab; none: it stays.
    void ask_behind(ValueField* field);

    QVBoxLayout* column_;
    QLabel* facts_;
    QLabel* doubts_;
    QHBoxLayout* head_;
    ChoiceRow* views_ = nullptr;
    PartPages* pages_ = nullptr;
    QStackedWidget* drawing_ = nullptr; ///< the drawing, or its table
    DrawingTable* table_ = nullptr;
    QString said_facts_; ///< the whole of what the head has room for
    bool all_doubts_ = false;
    QString doubts_said_; ///< what the label was made for
    Doubts doubts_shown_;
};

} // namespace fm
