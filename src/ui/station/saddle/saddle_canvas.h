#pragma once
#include "sheet/views/saddle_views.h"
#include "ui/canvas/part_canvas.h"

namespace fm {

/// What comes off each string at the saddle, from what is there to the target: by the readings, else by the
/// heights the job gives of the saddle that is there.
std::vector<std::optional<double>> saddle_change_mm(const State& state);
/// How that divides into bottom and top; nothing while nothing is known.
std::optional<SaddleCut> saddle_change_cut(const State& state);

/// The saddle from the front, below it from above with the crowns in its thickness, beside it cut through at
/// the chosen string.
class SaddleCanvas : public PartCanvas {
    Q_OBJECT
public:
    SaddleCanvas(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent = nullptr);

protected:
    void lay_out() override;
    void paint_views(QPainter& painter) override;
    QPointF still_point() const override;
    std::optional<std::size_t> string_at(QPointF at) const override;

private:
    /// Where the views stand, px.
    struct Place {
        double scale = 1;
        QPointF front; ///< centreline on the ground of the front view
        QPointF plan;  ///< centreline at the front face
        double stretch = 1;
        QPointF end; ///< front face on the ground of the end view
        double end_scale = 1;
        double low = 0; ///< the saddle's ends
        double high = 0;
        double split = 0; ///< where the end view begins
    };
    Place place() const;
    double end_px() const;    ///< room for the end view
    double beside_px() const; ///< beside the plan
    bool shows_blank() const;
    SaddleViewOptions options() const;
    double string_x(const Place& p, std::size_t i) const;
    void add_fields();
    void lay_out_front(const Place& p);
    void lay_out_plan(const Place& p);
    void lay_out_end(const Place& p);
    QString height_words() const;

    SpacingFields spacing_;
    ValueField* action_bass_;
    ValueField* action_treble_;
    ValueField* action_each_;
    ValueField* thickness_;
    ValueField* slot_depth_;
    InkNumber* height_;
    InkNumber* crown_;
    InkNumber* span_;
    InkNumber* angle_;
    InkNumber* exposure_;
    InkNumber* break_;
};

} // namespace fm
