#include "ui/look/drawn_icon.h"

#include "sheet/drawing/paint.h"
#include "ui/look/theme.h"

#include <QIconEngine>
#include <QPainter>

namespace fm {

namespace {

class DrawnIcon : public QIconEngine {
public:
    explicit DrawnIcon(Drawing drawing) : drawing_(std::move(drawing)) {}
    void paint(QPainter* painter, const QRect& rect, QIcon::Mode, QIcon::State) override {
        const double px_per_unit = rect.width() / 60.0;
        Look look = look_of(theme(), "hardwood");
        look.least_line_px = 1.0;
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        painter->fillRect(rect, theme().ground);
        fm::paint(*painter, drawing_, look, px_per_unit, QPointF(rect.left(), rect.bottom()));
        painter->restore();
    }
    QPixmap pixmap(const QSize& size, QIcon::Mode mode, QIcon::State state) override {
        QPixmap drawn(size);
        drawn.fill(Qt::transparent);
        QPainter painter(&drawn);
        paint(&painter, QRect(QPoint(), size), mode, state);
        return drawn;
    }
    QIconEngine* clone() const override { return new DrawnIcon(drawing_); }

private:
    Drawing drawing_;
};

} // namespace

QIcon drawn_icon(Drawing drawing) {
    return QIcon(new DrawnIcon(std::move(drawing)));
}

} // namespace fm
