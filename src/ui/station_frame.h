#pragma once
#include "ui/choice_row.h"
#include "ui/field_binder.h"
#include "ui/numbers_list.h"
#include "ui/part_canvas.h"
#include "ui/part_pages.h"
#include "ui/view_state.h"

#include <QLabel>

class QHBoxLayout;
class QVBoxLayout;

namespace fm {

/// A station: its name and facts, found or target, what is doubtful, the drawing, the pages under it.
class StationFrame : public QWidget {
    Q_OBJECT
public:
    StationFrame(Session& session, const ViewState& view, const QString& title, QWidget* parent = nullptr);
    virtual void refresh() = 0;
    virtual PartCanvas* canvas() = 0;
    /// All its drawings, in sight or not.
    virtual std::vector<PartCanvas*> canvases() { return {canvas()}; }
    virtual PartPages* pages() = 0;
    /// What stands beside it; none: the station has no such list.
    virtual NumbersList* list() { return nullptr; }

Q_SIGNALS:
    void view_picked(int view); ///< of those in the head

protected:
    void resizeEvent(QResizeEvent* event) override;
    /// The drawing and its pages, below the head.
    void hold(QWidget* canvas, PartPages* pages);
    void show_facts(QStringList facts);
    /// What is doubtful, the first in sight, all in the tooltip.
    void show_doubts(const QStringList& doubts);
    /// The choice in the head: the states or drawings of this station.
    void show_views(const QStringList& names, const QString& shortcut, const QString& label);
    void choose_view(int view) { views_->set_chosen(view); }
    /// The sentences of warnings that belong here.
    QStringList doubts_that(bool (*belongs)(const Message&)) const;

    Session& session_;
    const ViewState& view_;
    FieldBinder binder_;

private:
    QVBoxLayout* column_;
    QLabel* facts_;
    QLabel* doubts_;
    QHBoxLayout* head_;
    ChoiceRow* views_ = nullptr;
    PartPages* pages_ = nullptr;
};

} // namespace fm
