#pragma once
#include "sheet/views/nut_behind_views.h"
#include "ui/canvas/part_canvas.h"

namespace fm {

/// What lies behind the nut: posts or a retainer bar, how the string bends over the front and to the side,
/// and what a front set forward gains.
class NutBehindCanvas : public PartCanvas {
    Q_OBJECT
public:
    NutBehindCanvas(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent = nullptr);

protected:
    void lay_out() override;
    void paint_views(QPainter& painter) override;
    QPointF still_point() const override;
    std::optional<std::size_t> string_at(QPointF at) const override;

private:
    struct Place {
        double scale = 1;
        QPointF side; ///< nut line on the fret tops' line
        QPointF plan; ///< nut line on the centreline
    };
    Place place() const;
    QString gain() const;

    ValueField* behind_;
    ValueField* across_;
    ValueField* below_;
    ValueField* headstock_;
    ValueField* set_forward_;
    InkNumber* break_;
    InkNumber* aside_;
    InkNumber* bend_;
    InkNumber* floor_;
};

} // namespace fm
