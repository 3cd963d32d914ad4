#pragma once
#include "sheet/nut_views.h"
#include "ui/field_binder.h"
#include "ui/ink_number.h"
#include "ui/view_state.h"

#include <QToolButton>
#include <QWidget>

namespace fm {

/// The nut drawn to scale with its inputs as dimensions on the drawing: the drawing is the form.
class NutCanvas : public QWidget {
    Q_OBJECT
public:
    NutCanvas(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent = nullptr);
    void refresh();
    void zoom_by(double factor);
    void zoom_home();

Q_SIGNALS:
    void string_picked(std::size_t string);
    void string_stepped(int by);
    void outer_toggled();
    void number_picked(const QString& name); ///< of the chosen string, "floor_above_seat_mm"

protected:
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

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
    ValueField* add_field(const char* key, const QString& name, FieldBinder::Getter value, int width);
    void add_fields();
    void place_fields();
    Place place() const;
    bool shows_found() const; ///< whether the chosen slot is drawn as it was found
    NutViewOptions options() const;
    double side() const;
    double string_x(const Place& p, std::size_t i) const;
    std::string floor_key() const;
    void paint_dimensions(QPainter& painter, const Place& p);
    void paint_chain(QPainter& painter, const Place& p);
    void paint_captions(QPainter& painter, const Place& p);
    void caption(QPainter& painter, const QWidget* field, const QString& words);

    Session& session_;
    FieldBinder& binder_;
    const ViewState& view_;
    ValueField* width_;
    ValueField* margin_bass_;
    ValueField* margin_treble_;
    ValueField* spread_;
    ValueField* bias_;
    ValueField* centre_;
    ValueField* fret_height_;
    ValueField* board_;
    ValueField* target_bass_;
    ValueField* target_treble_;
    ValueField* target_each_;
    ValueField* diameter_;
    ValueField* thickness_;
    QToolButton* outer_;
    InkNumber* floor_;
    InkNumber* pencil_;
    double figure_step_ = 100; // from one figure under the front view to the next, px
    double zoom_ = 1;
    QPointF pan_;
    QPointF pressed_at_;
};

} // namespace fm
