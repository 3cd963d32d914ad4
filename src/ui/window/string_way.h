#pragma once
#include "ui/state/session.h"
#include "ui/state/view_state.h"

#include <QWidget>

namespace fm {

/// The whole string from post to anchor in side view: gaps over straightened fret tops, stretched, the ends
/// schematic past a break line with their true angles in figures.
class StringWay : public QWidget {
    Q_OBJECT
public:
    explicit StringWay(const Session& session, QWidget* parent = nullptr);
    void set_string(std::size_t string);
    QSize sizeHint() const override { return {800, 146}; }

Q_SIGNALS:
    void nut_touched();
    void neck_touched();
    void saddle_touched();
    void bridge_touched(); ///< behind the saddle
    void string_stepped(int by);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;

private:
    struct Frame;
    Frame frame() const;
    void paint_swing(class QPainter& painter, const Frame& frame) const;
    void paint_strings(class QPainter& painter, const Frame& frame) const;
    void paint_ends(class QPainter& painter, const Frame& frame) const;
    void paint_figures(class QPainter& painter, const Frame& frame) const;
    void tell();
    /// What the height over a fret is told in.
    Unit unit_over(int fret) const;

    const Session& session_;
    std::size_t string_ = 0;
};

} // namespace fm
