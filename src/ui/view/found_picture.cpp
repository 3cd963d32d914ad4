#include "ui/view/found_picture.h"

#include "ui/look/drawn_words.h"
#include "ui/look/theme.h"

#include <QPainter>

#include <algorithm>

namespace fm {

namespace {
constexpr double captions_px = 100;
constexpr double names_px = 18;
constexpr double read_px = 18;
constexpr double stands_px = 22;
constexpr double sure_px = 15;
constexpr double seen_px = 28;
} // namespace

FoundPicture::FoundPicture(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAccessibleName(tr("As found"));
}

void FoundPicture::show_story(const VerdictStory& story) {
    story_ = story;
    QStringList said;
    for (const FoundMark& mark : story.found) {
        QStringList of{mark.name, mark.read, mark.stands + QLatin1Char(' ') + mark.sure, mark.seen};
        of.removeAll(QString());
        said << of.join(QStringLiteral(", "));
    }
    setAccessibleDescription(said.join(QStringLiteral(". ")));
    update();
}

void FoundPicture::paintEvent(QPaintEvent*) {
    if (story_.found.empty()) return;
    const Theme& look = theme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const bool neck = story_.part == BenchPart::relief;
    const bool any_seen = std::any_of(story_.found.begin(), story_.found.end(),
                                      [](const FoundMark& mark) { return !mark.seen.isEmpty(); });
    const double under_px = read_px + (neck ? 0.0 : stands_px + sure_px + (any_seen ? seen_px : 0.0));
    const QRectF drawing(captions_px, names_px, width() - captions_px - 2,
                         height() - names_px - under_px - 4);
    const WayScale scale = way_scale(story_, std::max(6.0, 0.27 * drawing.height()));
    paint_way(painter, drawing, story_, nullptr, scale);
    const auto caption = [&](double top, double high, const QString& text) {
        write_wrapped(painter, QRectF(0, top, captions_px - 8, high), text, look.caption, 12, 8);
    };
    double top = drawing.bottom() + 4;
    caption(top - 12, read_px + 14, story_.read_as);
    if (!neck) caption(top + read_px + 3, stands_px, tr("off by"));
    if (!neck && any_seen) caption(top + read_px + stands_px + sure_px, seen_px, tr("seen"));
    const double each = drawing.width() / static_cast<double>(story_.found.size());
    for (std::size_t i = 0; i < story_.found.size(); ++i) {
        const FoundMark& mark = story_.found[i];
        const double left = way_x(drawing, story_, i) - 0.5 * each + 1;
        const auto row = [&](double from, double high) { return QRectF(left, from, each - 2, high); };
        write_fitting(painter, row(0, names_px), Qt::AlignCenter, mark.name, look.caption, 12, 8, false);
        write_fitting(painter, row(top, read_px), Qt::AlignCenter,
                      mark.read.isEmpty() ? QStringLiteral("–") : mark.read, look.ink, 13, 8, false);
        if (neck || !mark.stands_mm) continue;
        write_fitting(painter, row(top + read_px, stands_px), Qt::AlignCenter, mark.stands,
                      !mark.counts          ? look.caption
                      : *mark.stands_mm < 0 ? look.missing
                                            : look.take_off,
                      mark.counts ? 17 : 13, 8, mark.counts);
        write_fitting(painter, row(top + read_px + stands_px, sure_px), Qt::AlignCenter, mark.sure,
                      look.caption, 12, 8, false);
        if (!mark.seen.isEmpty())
            write_wrapped(painter, row(top + read_px + stands_px + sure_px, seen_px), mark.seen, look.ink, 12,
                          7);
    }
}

} // namespace fm
