#include "ui/look/text_scale.h"

#include <QApplication>
#include <QFontInfo>
#include <QScreen>

#include <algorithm>
#include <cmath>
#include <unistd.h>

namespace fm {

namespace {
constexpr const char* said =
    "FAIR_MEASURE_TEXT_SCALE";       // set once followed: the program begins again only once
constexpr double usual_px = 12;      // nine points at 96 dots an inch
constexpr double usual_to_px = 15.5; // and eleven points: what desktops call normal
constexpr double least_width = 1000; // of the window
constexpr double least_height = 660;
constexpr double most = 2.5;
} // namespace

double wanted_text_scale(const QApplication& app) {
    const double px = QFontInfo(QApplication::font()).pixelSize();
    if (px <= usual_to_px) return 1.0;
    const double wanted = std::round(px / usual_px * 4.0) / 4.0;
    const bool drawn_only = QGuiApplication::platformName() == QLatin1String("offscreen");
    const QSize screen = app.primaryScreen() && !drawn_only ? app.primaryScreen()->availableSize() : QSize();
    const double room =
        screen.isEmpty() ? most : std::min(screen.width() / least_width, screen.height() / least_height);
    return std::max(1.0, std::min({wanted, most, room}));
}

void follow_text_scale(const QApplication& app, char** argv) {
    if (qEnvironmentVariableIsSet("QT_SCALE_FACTOR") || qEnvironmentVariableIsSet(said)) return;
    const double scale = wanted_text_scale(app);
    if (scale < 1.05) return;
    qputenv(said, QByteArray::number(scale));
    qputenv("QT_SCALE_FACTOR", QByteArray::number(scale));
    execv("/proc/self/exe", argv); // goes on here only if it cannot: then the text stays as it is
}

} // namespace fm
