#pragma once
#include "ui/frame/station_frame.h"
#include "ui/station/nut/cut_list.h"
#include "ui/station/nut/nut_behind_canvas.h"
#include "ui/station/nut/nut_canvas.h"
#include "ui/station/nut/nut_pages.h"

#include <QStackedWidget>

namespace fm {

/// The nut: its drawing with the values on it, what is doubtful, and the choices the drawing has no place
/// for.
class NutStation : public StationFrame {
    Q_OBJECT
public:
    NutStation(Session& session, const ViewState& view, QWidget* parent = nullptr);
    void refresh() override;
    PartCanvas* canvas() override { return view_.behind ? static_cast<PartCanvas*>(behind_) : nut_; }
    std::vector<PartCanvas*> canvases() override { return {nut_, behind_}; }
    NutCanvas* front() { return nut_; }
    NutPages* pages() override { return pages_; }
    CutList* cut_list() { return cut_list_; }
    QWidget* beside() override { return cut_list_; }
    void bring(const QWidget* field) override;
    /// Feelers for the slot's floor.
    QString note(std::size_t string) override;

protected:
    void pick_view(int view) override;

private:
    QStackedWidget* drawings_;
    NutCanvas* nut_;
    NutBehindCanvas* behind_;
    NutPages* pages_;
    CutList* cut_list_;
};

StationKind nut_kind();

} // namespace fm
