#pragma once
#include "ui/canvas/background_layer.h"
#include "ui/field/field_binder.h"
#include "ui/field/ink_number.h"
#include "ui/field/spacing_place.h"
#include "ui/state/view_state.h"

#include <QPolygonF>
#include <QToolButton>
#include <QWidget>

#include <optional>
#include <vector>

namespace fm {

/// A part drawn to scale with its inputs as dimensions on the drawing: the drawing is the form. What the
/// drawings of all stations share: fields and numbers on it, captions, dimension lines, zoom, pan, the chosen
/// string.
class PartCanvas : public QWidget {
    Q_OBJECT
public:
    PartCanvas(Session& session, FieldBinder& binder, const ViewState& view, const QString& name,
               QWidget* parent = nullptr);
    void refresh();
    void zoom_by(double factor);
    void zoom_home();
    /// How it is looked at: kept while a station is let go.
    struct Sight {
        double zoom = 1;
        QPointF pan;
    };
    Sight sight() const { return {zoom_, pan_}; }
    void set_sight(const Sight& sight);
    /// Waits for two clicks on the drawing and tells where they were.
    void ask_two_points();
    /// From the mm of the drawing a background lies behind to the widget.
    virtual QTransform to_widget() const { return {}; }

Q_SIGNALS:
    void two_points(QPointF first_mm, QPointF second_mm);
    void string_picked(std::size_t string);
    void string_stepped(int by);
    void outer_toggled();                    ///< the outer strings by the other of edges and spread
    void number_picked(const QString& name); ///< "floor_above_seat_mm" of the chosen string, or a whole key

protected:
    using KeyMaker = FieldBinder::KeyMaker;

    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

    /// Puts fields, numbers, captions and dimension lines where they belong now.
    virtual void lay_out() = 0;
    virtual void paint_views(QPainter& painter) = 0;
    /// The point of the widget that zoom leaves where it is when nothing is moved.
    virtual QPointF still_point() const = 0;
    virtual std::optional<std::size_t> string_at(QPointF at) const = 0;
    /// Paints what lies behind the drawing. @returns whether anything does
    bool paint_background(QPainter& painter, const std::optional<Background>& background);

    /// A number of the job, by its row in core/design/fields.
    ValueField* add_field(const char* key, const QString& name, int width);
    ValueField* add_field(const char* key, const QString& name, FieldKind kind, FieldBinder::Getter value,
                          int width, KeyMaker made = nullptr);
    /// What sets the strings' places: edges, or spread and shift, or every centre; and the key between the
    /// two.
    struct SpacingFields {
        SpacingPlace at;
        ValueField* margin_bass;
        ValueField* margin_treble;
        ValueField* spread;
        ValueField* bias;
        ValueField* centre;
        QToolButton* outer;
    };
    SpacingFields add_spacing_fields(const SpacingPlace& at, const QString& spread_name);
    /// Shows those of the spacing chosen. @returns whether the outer strings go by their edges
    bool choose_spacing_fields(const SpacingFields& fields) const;
    /// A computed number. @param key which; "" for none here @param name for a person, without the unit
    InkNumber* add_number(const QString& name, KeyMaker key, int width, int px = 24);
    /// A widget with its middle there, a caption under it, as wide as `wide` px (the widget and a bit if 0).
    void put(QWidget* widget, QPointF middle, const QString& caption = {}, double wide = 0);
    /// Takes a widget off the drawing.
    static void leave_out(QWidget* widget) { widget->hide(); }
    void lead(const QPolygonF& line);
    /// A dimension line with a stroke at both ends.
    void dimension(QPointF from, QPointF to);
    void write(const QRectF& box, int align, const QString& words, bool strong = false);

    /// +1, or -1 for the left-handed.
    double side() const;
    std::size_t chosen() const { return view_.string; }
    const State& state() const { return session_.state(); }
    const Design& design() const { return session_.state().job.design; }

    Session& session_;
    FieldBinder& binder_;
    const ViewState& view_;
    double zoom_ = 1;
    QPointF pan_;

private:
    struct Number {
        InkNumber* shown;
        QString name;
        KeyMaker key;
    };
    struct Words {
        QRectF box;
        int align;
        QString text;
        bool strong;
    };
    void paint_marks(QPainter& painter) const;
    void show_numbers();
    void take_point(QPointF at);

    std::vector<Number> numbers_;
    std::vector<Words> words_;
    std::vector<QPolygonF> lines_;
    QPointF pressed_at_;
    bool asks_points_ = false;
    std::vector<QPointF> points_mm_; ///< clicked so far
    BackgroundLayer background_;
};

} // namespace fm
