#pragma once
#include "sheet/views/bridge_views.h"
#include "ui/canvas/part_canvas.h"

namespace fm {

class WeighedView;

/// The bridge from above with slot, pins or exits, and cut through at the chosen string.
class BridgeCanvas : public PartCanvas {
    Q_OBJECT
public:
    BridgeCanvas(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent = nullptr);
    QTransform to_widget() const override;

protected:
    void lay_out() override;
    void paint_views(QPainter& painter) override;
    QPointF still_point() const override;
    std::optional<std::size_t> string_at(QPointF at) const override;

private:
    struct Place {
        double scale = 1;
        QPointF plan; ///< centreline at the slot
        double side_scale = 1;
        QPointF side; ///< slot's centreline on the soundboard
        double split = 0;
    };
    Place place() const;
    BridgeViewOptions options() const;
    void add_fields();
    void lay_out_plan(const Place& p);
    void lay_out_side(const Place& p);
    void lay_out_weighed(const Place& p);
    bool has_bridge() const { return design().bridge.has_value(); }

    ValueField* length_;
    ValueField* width_;
    ValueField* front_;
    ValueField* pins_behind_;
    ValueField* hole_;
    ValueField* exit_behind_;
    ValueField* exit_above_;
    ValueField* plane_;
    ValueField* height_given_;
    ValueField* exposure_target_;
    InkNumber* height_;
    InkNumber* over_top_;
    InkNumber* exposure_;
    InkNumber* break_;
    InkNumber* floor_;
    InkNumber* height_here_;
    InkNumber* from_edge_;
    InkNumber* edge_;
    InkNumber* moment_;
    WeighedView* weighed_;
};

} // namespace fm
