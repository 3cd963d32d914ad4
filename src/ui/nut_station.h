#pragma once
#include "ui/choice_row.h"
#include "ui/nut_canvas.h"
#include "ui/nut_pages.h"

namespace fm {

/// The nut's station: its drawing as the form, and the choices under it.
class NutStation : public QWidget {
    Q_OBJECT
public:
    NutStation(Session& session, const ViewState& view, QWidget* parent = nullptr);
    void refresh();
    NutCanvas* canvas() { return canvas_; }
    NutPages* pages() { return pages_; }

Q_SIGNALS:
    void side_picked(NutSide side);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    Session& session_;
    const ViewState& view_;
    FieldBinder binder_;
    QLabel* facts_;
    QLabel* doubts_;
    ChoiceRow* side_;
    NutCanvas* canvas_;
    NutPages* pages_;
};

} // namespace fm
