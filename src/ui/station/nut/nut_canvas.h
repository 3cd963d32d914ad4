#pragma once
#include "sheet/views/nut_views.h"
#include "ui/canvas/part_canvas.h"

namespace fm {

/// The nut from the front and, below it, from above.
class NutCanvas : public PartCanvas {
    Q_OBJECT
public:
    NutCanvas(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent = nullptr);

protected:
    void lay_out() override;
    void paint_views(QPainter& painter) override;
    QPointF still_point() const override;
    std::optional<std::size_t> string_at(QPointF at) const override;

private:
    /// Where the views stand, in px.
    struct Place {
        double scale = 1;
        QPointF seat;  // centre of the seat in the front view
        QPointF front; // centre of the front face in the plan
        double top = 0;
        double half = 0;   // of the nut's length, px
        double widest = 0; // half of the nut's or the blank's length, px
    };
    /// What stands under the figures of the front view.
    struct Captions {
        QString target_bass, target_treble, target_each, board, diameter, floor;
    };
    Captions captions() const;
    double figures_room() const;
    void add_fields();
    ValueField* add_length(const char* key, const QString& name, FieldBinder::Getter value, int width,
                           KeyMaker made = nullptr);
    Place place() const;
    bool shows_found() const; ///< whether the chosen slot is drawn as it was found
    NutViewOptions options() const;
    double string_x(const Place& p, std::size_t i) const;
    std::string floor_key() const;
    void paint_dimensions(QPainter& painter, const Place& p);
    void paint_seen(QPainter& painter, const Place& p);
    void paint_chain(QPainter& painter, const Place& p);
    void paint_captions(QPainter& painter, const Place& p);
    void caption(QPainter& painter, const QWidget* field, const QString& words);

    ValueField* width_;
    ValueField* fret_height_;
    ValueField* board_;
    ValueField* target_bass_;
    ValueField* target_treble_;
    ValueField* target_each_;
    ValueField* diameter_;
    ValueField* thickness_;
    SpacingFields spacing_;
    InkNumber* floor_;
    InkNumber* pencil_;
    double figure_step_ = 100; // from one figure under the front view to the next, px
};

} // namespace fm
