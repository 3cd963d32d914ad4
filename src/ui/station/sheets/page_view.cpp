#include "ui/station/sheets/page_view.h"

#include "sheet/drawing/sheet_files.h"
#include "ui/look/theme.h"
#include "ui/look/zoom_keys.h"

#include <QGestureEvent>
#include <QPainter>
#include <QScrollBar>
#include <QWheelEvent>

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double gap_px = 16; // around and between pages
constexpr double least_px_per_mm = 0.8;
constexpr double most_px_per_mm = 40;

} // namespace

PageView::PageView(QWidget* parent) : QAbstractScrollArea(parent) {
    setFrameShape(QFrame::NoFrame);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Pages as they will be printed"));
    viewport()->grabGesture(Qt::PinchGesture);
    verticalScrollBar()->setSingleStep(40);
    horizontalScrollBar()->setSingleStep(40);
}

void PageView::show_pages(std::vector<Drawing> pages) {
    pages_ = std::move(pages);
    QStringList titles;
    for (const Drawing& page : pages_) titles << QString::fromStdString(page.title);
    setAccessibleDescription(titles.join(QStringLiteral(", ")));
    lay_out();
}

double PageView::fit_px_per_mm() const {
    double widest = 1;
    for (const Drawing& page : pages_) widest = std::max(widest, page.width);
    return std::max(least_px_per_mm, (viewport()->width() - 2 * gap_px) / widest);
}

double PageView::px_per_mm() const {
    return chosen_px_per_mm_ > 0 ? chosen_px_per_mm_ : fit_px_per_mm();
}

double PageView::zoom() const {
    return px_per_mm() / (logicalDpiX() / 25.4);
}

void PageView::set_scale(double scale) {
    // What is in the middle stays in the middle.
    const double before = px_per_mm();
    const double middle_x = horizontalScrollBar()->value() + 0.5 * viewport()->width();
    const double middle_y = verticalScrollBar()->value() + 0.5 * viewport()->height();
    chosen_px_per_mm_ = scale;
    lay_out();
    const double grown = px_per_mm() / before;
    horizontalScrollBar()->setValue(static_cast<int>(middle_x * grown - 0.5 * viewport()->width()));
    verticalScrollBar()->setValue(static_cast<int>(middle_y * grown - 0.5 * viewport()->height()));
}

void PageView::zoom_by(double factor) {
    set_scale(std::clamp(px_per_mm() * factor, least_px_per_mm, most_px_per_mm));
}

void PageView::zoom_home() {
    set_scale(0);
}

QRectF PageView::place_of(std::size_t page) const {
    const double scale = px_per_mm();
    double top = gap_px;
    for (std::size_t i = 0; i < page; ++i) top += pages_[i].height * scale + gap_px;
    double widest = 0;
    for (const Drawing& one : pages_) widest = std::max(widest, one.width * scale);
    const double room = std::max(widest + 2 * gap_px, static_cast<double>(viewport()->width()));
    const double wide = pages_[page].width * scale;
    return QRectF(0.5 * (room - wide), top, wide, pages_[page].height * scale)
        .translated(-horizontalScrollBar()->value(), -verticalScrollBar()->value());
}

void PageView::lay_out() {
    const double scale = px_per_mm();
    double high = gap_px;
    double wide = 0;
    for (const Drawing& page : pages_) {
        high += page.height * scale + gap_px;
        wide = std::max(wide, page.width * scale + 2 * gap_px);
    }
    verticalScrollBar()->setRange(0, std::max(0, static_cast<int>(high) - viewport()->height()));
    verticalScrollBar()->setPageStep(viewport()->height());
    horizontalScrollBar()->setRange(0, std::max(0, static_cast<int>(wide) - viewport()->width()));
    horizontalScrollBar()->setPageStep(viewport()->width());
    viewport()->update();
}

int PageView::current_page() const {
    const double middle = 0.5 * viewport()->height();
    for (std::size_t i = 0; i < pages_.size(); ++i)
        if (place_of(i).bottom() >= middle) return static_cast<int>(i);
    return static_cast<int>(pages_.size()) - 1;
}

void PageView::paintEvent(QPaintEvent*) {
    QPainter painter(viewport());
    painter.fillRect(viewport()->rect(), theme().side);
    const double scale = px_per_mm();
    // Drawn anew each time, which takes some milliseconds: a picture of a page that was enlarged takes forty
    // megabytes.
    for (std::size_t i = 0; i < pages_.size(); ++i) {
        QRectF place = place_of(i);
        place.moveTo(place.topLeft().toPoint()); // its lines as sharp as those of a picture
        if (!place.intersects(QRectF(viewport()->rect()))) continue;
        painter.save();
        painter.setClipRect(place);
        painter.fillRect(place, Qt::white);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.translate(place.topLeft());
        paint_page(painter, pages_[i], scale);
        painter.restore();
    }
    if (hasFocus()) {
        painter.setPen(QPen(theme().yours, 2));
        painter.drawRect(viewport()->rect().adjusted(1, 1, -1, -1));
    }
}

void PageView::resizeEvent(QResizeEvent*) {
    lay_out();
}

void PageView::wheelEvent(QWheelEvent* event) {
    if (!(event->modifiers() & Qt::ControlModifier)) return QAbstractScrollArea::wheelEvent(event);
    zoom_by(std::pow(1.0015, event->angleDelta().y()));
    event->accept();
}

void PageView::keyPressEvent(QKeyEvent* event) {
    if (zooms_by_key(*this, *event)) return;
    // Home and End of the whole; the arrows and pages are the scroll area's.
    if (event->key() == Qt::Key_Home) return verticalScrollBar()->setValue(0);
    if (event->key() == Qt::Key_End) return verticalScrollBar()->setValue(verticalScrollBar()->maximum());
    if (event->key() == Qt::Key_PageDown)
        return verticalScrollBar()->triggerAction(QAbstractSlider::SliderPageStepAdd);
    if (event->key() == Qt::Key_PageUp)
        return verticalScrollBar()->triggerAction(QAbstractSlider::SliderPageStepSub);
    QAbstractScrollArea::keyPressEvent(event);
}

bool PageView::viewportEvent(QEvent* event) {
    if (event->type() == QEvent::Gesture) {
        if (auto* pinch =
                static_cast<QPinchGesture*>(static_cast<QGestureEvent*>(event)->gesture(Qt::PinchGesture))) {
            zoom_by(pinch->scaleFactor());
            return true;
        }
    }
    return QAbstractScrollArea::viewportEvent(event);
}

} // namespace fm
