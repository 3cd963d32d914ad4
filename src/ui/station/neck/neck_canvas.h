#pragma once
#include "core/string/neck.h"
#include "ui/canvas/part_canvas.h"

namespace fm {

/// The neck from the side with the straight string of its relief reading, and the board from above. Frets are
/// picked here, not strings.
class NeckCanvas : public PartCanvas {
    Q_OBJECT
public:
    NeckCanvas(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent = nullptr);

Q_SIGNALS:
    void fret_picked(int fret);

protected:
    void lay_out() override;
    void paint_views(QPainter& painter) override;
    QPointF still_point() const override;
    std::optional<std::size_t> string_at(QPointF at) const override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    struct Place {
        double scale = 1;
        double lift = 1;    ///< heights stretched by
        double stretch = 1; ///< the board across
        QPointF side;       ///< nut line on the body fret plane
        QPointF board;      ///< nut line on the centreline
    };
    Place place() const;
    double foot_row() const;
    double fret_x(const Place& p, int fret) const;
    void add_relief_fields();
    void add_neck_fields();
    void lay_out_relief(const Place& p);
    void lay_out_board(const Place& p);

    ValueField* relief_;
    ValueField* held_from_;
    ValueField* read_at_;
    ValueField* held_to_;
    ValueField* nut_width_;
    ValueField* end_width_;
    ValueField* scale_;
    ValueField* to_fret12_;
    ValueField* scale_bass_;
    ValueField* scale_treble_;
    ValueField* fret_height_;
    ValueField* radius_nut_;
    ValueField* radius_end_;
    ValueField* offset_;
};

} // namespace fm
