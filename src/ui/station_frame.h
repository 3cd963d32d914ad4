#pragma once
#include "ui/choice_row.h"
#include "ui/field_binder.h"
#include "ui/numbers_list.h"
#include "ui/part_canvas.h"
#include "ui/part_pages.h"
#include "ui/view_state.h"

#include <QLabel>

class QVBoxLayout;

namespace fm {

/// A station: its name and facts, found or target, what is doubtful, the drawing, the pages under it.
class StationFrame : public QWidget {
    Q_OBJECT
public:
    StationFrame(Session& session, const ViewState& view, const QString& title, QWidget* parent = nullptr);
    virtual void refresh() = 0;
    virtual PartCanvas* canvas() = 0;
    virtual PartPages* pages() = 0;
    /// What stands beside it; none: the station has no such list.
    virtual NumbersList* list() { return nullptr; }

Q_SIGNALS:
    void side_picked(NutSide side);

protected:
    void resizeEvent(QResizeEvent* event) override;
    /// The drawing and its pages, below the head.
    void hold(QWidget* canvas, PartPages* pages);
    void show_facts(QStringList facts);
    /// What is doubtful, the first in sight, all in the tooltip.
    void show_doubts(const QStringList& doubts);
    void show_side();
    /// The sentences of warnings that belong here.
    QStringList doubts_that(bool (*belongs)(const Message&)) const;

    Session& session_;
    const ViewState& view_;
    FieldBinder binder_;

private:
    QVBoxLayout* column_;
    QLabel* facts_;
    QLabel* doubts_;
    ChoiceRow* side_;
    PartPages* pages_ = nullptr;
};

} // namespace fm
