#pragma once
#include "sheet/drawing/drawing.h"

#include <QAbstractScrollArea>

namespace fm {

/// Pages as they will be printed, one under the other: as wide as there is room, or enlarged.
class PageView : public QAbstractScrollArea {
    Q_OBJECT
public:
    explicit PageView(QWidget* parent = nullptr);
    void show_pages(std::vector<Drawing> pages);
    const std::vector<Drawing>& pages() const { return pages_; }
    /// How large they are shown: 1 when 100 mm on the page are 100 mm on a screen that tells its size truly.
    double zoom() const;
    void zoom_by(double factor);
    /// The whole page's width again.
    void zoom_home();
    /// The page in the middle of the view.
    int current_page() const;

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool viewportEvent(QEvent* event) override;

private:
    double px_per_mm() const;
    double fit_px_per_mm() const;
    void set_scale(double px_per_mm);
    void lay_out();
    QRectF place_of(std::size_t page) const;

    std::vector<Drawing> pages_;
    double chosen_px_per_mm_ = 0; ///< 0: as wide as there is room
};

} // namespace fm
