#include "ui/look/text_scale.h"

#include "settings/settings.h"

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
constexpr double most = 2.5;
} // namespace

namespace {

/// How much larger everything may be for a window of that size still to fit the screen.
double room_for_scale(const QApplication& app, QSize window) {
    const bool drawn_only = QGuiApplication::platformName() == QLatin1String("offscreen");
    const QSize screen = app.primaryScreen() && !drawn_only ? app.primaryScreen()->availableSize() : QSize();
    if (screen.isEmpty()) return most;
    return std::max(1.0, std::min({1.0 * screen.width() / window.width(),
                                   1.0 * screen.height() / window.height(), most}));
}

} // namespace

double wanted_text_scale(const QApplication& app) {
    const double px = QFontInfo(QApplication::font()).pixelSize();
    if (px <= usual_to_px) return 1.0;
    const double wanted = std::round(px / usual_px * 4.0) / 4.0;
    return std::max(1.0, std::min(wanted, room_for_scale(app, whole_window)));
}

int text_size_now() {
    bool said_so = false;
    const double scale = qEnvironmentVariable("QT_SCALE_FACTOR").toDouble(&said_so);
    const double percent = said_so ? 100.0 * scale : 100.0;
    using settings::text_sizes;
    return *std::min_element(text_sizes.begin(), text_sizes.end(), [percent](int a, int b) {
        return std::abs(a - percent) < std::abs(b - percent);
    });
}

int text_size_beside(int percent, int steps) {
    using settings::text_sizes;
    const auto now = std::find(text_sizes.begin(), text_sizes.end(), percent) - text_sizes.begin();
    const auto last = static_cast<std::ptrdiff_t>(text_sizes.size()) - 1;
    return text_sizes[static_cast<std::size_t>(std::clamp(now + steps, std::ptrdiff_t(0), last))];
}

void follow_text_scale(const QApplication& app, char** argv) {
    if (qEnvironmentVariableIsSet("QT_SCALE_FACTOR") || qEnvironmentVariableIsSet(said)) return;
    const bool drawn_only =
        QGuiApplication::platformName() == QLatin1String("offscreen"); // for nobody's eyes
    const std::optional<int> chosen = drawn_only ? std::nullopt : settings::text_size();
    const double scale =
        chosen ? std::min(*chosen / 100.0, room_for_scale(app, least_window)) : wanted_text_scale(app);
    if (scale < 1.05) return;
    qputenv(said, QByteArray::number(scale));
    qputenv("QT_SCALE_FACTOR", QByteArray::number(scale));
    execv("/proc/self/exe", argv); // goes on here only if it cannot: then the text stays as it is
}

void begin_again(const std::vector<std::string>& words) {
    qunsetenv(said);
    qunsetenv("QT_SCALE_FACTOR");
    std::vector<char*> argv;
    for (const std::string& word : words) argv.push_back(const_cast<char*>(word.c_str()));
    argv.push_back(nullptr);
    execv("/proc/self/exe", argv.data());
}

} // namespace fm
