#pragma once
#include "ui/nut_canvas.h"
#include "ui/nut_pages.h"
#include "ui/station_frame.h"

namespace fm {

/// The nut: its drawing with the values on it, what is doubtful, and the choices the drawing has no place
/// for.
class NutStation : public StationFrame {
    Q_OBJECT
public:
    NutStation(Session& session, const ViewState& view, QWidget* parent = nullptr);
    void refresh() override;
    NutCanvas* canvas() override { return canvas_; }
    NutPages* pages() override { return pages_; }

private:
    NutCanvas* canvas_;
    NutPages* pages_;
};

} // namespace fm
