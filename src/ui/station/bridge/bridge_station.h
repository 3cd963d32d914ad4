#pragma once
#include "ui/frame/station_frame.h"
#include "ui/page/numbers_list.h"
#include "ui/station/bridge/bridge_canvas.h"
#include "ui/station/bridge/bridge_pages.h"
#include "ui/station/bridge/placing_canvas.h"

#include <QStackedWidget>

namespace fm {

/// The bridge: its drawing and its height, or its place on the instrument; what it does under every string.
class BridgeStation : public StationFrame {
    Q_OBJECT
public:
    BridgeStation(Session& session, const ViewState& view, QWidget* parent = nullptr);
    void refresh() override;
    PartCanvas* canvas() override { return view_.placing ? static_cast<PartCanvas*>(placing_) : bridge_; }
    std::vector<PartCanvas*> canvases() override { return {bridge_, placing_}; }
    BridgePages* pages() override { return pages_; }
    NumbersList* list() override { return list_; }
    void bring(const QWidget* field) override;

protected:
    void pick_view(int view) override;

private:
    QString foot() const;
    std::vector<NumberColumn> columns() const;
    /// What the columns depend on: set anew only with it.
    struct ColumnsOf {
        bool single, moved, shared, posts, high, found;
        friend bool operator==(const ColumnsOf&, const ColumnsOf&) = default;
    };
    std::optional<ColumnsOf> columns_of_;

    QStackedWidget* drawings_;
    BridgeCanvas* bridge_;
    PlacingCanvas* placing_;
    BridgePages* pages_;
    NumbersList* list_;
};

StationKind bridge_kind();

} // namespace fm
