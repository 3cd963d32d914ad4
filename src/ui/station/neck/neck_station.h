#pragma once
#include "ui/frame/station_frame.h"
#include "ui/page/numbers_list.h"
#include "ui/station/neck/neck_canvas.h"
#include "ui/station/neck/neck_pages.h"

namespace fm {

/// The neck: scale, frets, board and relief, and the frets as a list.
class NeckStation : public StationFrame {
    Q_OBJECT
public:
    NeckStation(Session& session, const ViewState& view, QWidget* parent = nullptr);
    void refresh() override;
    NeckCanvas* canvas() override { return canvas_; }
    NeckPages* pages() override { return pages_; }
    NumbersList* list() override { return list_; }

private:
    void set_offset(int fret, double mm);

    NeckCanvas* canvas_;
    NeckPages* pages_;
    NumbersList* list_;
    std::optional<bool> columns_fanned_; ///< what the list's columns were made for
};

StationKind neck_kind();

} // namespace fm
