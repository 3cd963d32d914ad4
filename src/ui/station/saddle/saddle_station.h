#pragma once
#include "ui/frame/station_frame.h"
#include "ui/page/numbers_list.h"
#include "ui/station/saddle/saddle_canvas.h"
#include "ui/station/saddle/saddle_pages.h"

#include <optional>
#include <tuple>

namespace fm {

/// The saddle, or the top of a floating bridge: its drawing, its schools, and what to cut.
class SaddleStation : public StationFrame {
    Q_OBJECT
public:
    SaddleStation(Session& session, const ViewState& view, QWidget* parent = nullptr);
    void refresh() override;
    SaddleCanvas* canvas() override { return canvas_; }
    SaddlePages* pages() override { return pages_; }
    NumbersList* list() override { return list_; }

protected:
    void pick_view(int view) override;

private:
    void choose_columns();
    QString foot() const;

    SaddleCanvas* canvas_;
    SaddlePages* pages_;
    NumbersList* list_;
    std::optional<std::tuple<CutStage, SaddleGround, bool, bool, bool, bool>>
        columns_; ///< what they were chosen for
};

StationKind saddle_kind();

} // namespace fm
