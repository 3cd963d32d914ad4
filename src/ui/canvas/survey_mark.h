#pragma once
#include "core/design/survey.h"

#include <QAbstractButton>

namespace fm {

/// One point of the survey on the drawing: its number in a ring; ticked when it was fine, a filled lozenge
/// when something was found.
class SurveyMarkButton : public QAbstractButton {
    Q_OBJECT
public:
    SurveyMarkButton(std::size_t point, QWidget* parent);
    std::size_t point() const { return point_; }
    void show_mark(std::optional<SurveyMark> mark, bool chosen);
    QSize sizeHint() const override { return {side_px, side_px}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    static constexpr int side_px = 32;
    std::size_t point_;
    std::optional<SurveyMark> mark_;
    bool chosen_ = false;
};

} // namespace fm
