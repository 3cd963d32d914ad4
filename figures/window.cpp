// Times of the window; prints figures, asserts nothing. Start it on the platform to be measured, such as
//   QT_QPA_PLATFORM=offscreen build/figures/figures-window
#include "sheet/drawing/fonts.h"
#include "ui/look/theme.h"
#include "ui/window/main_window.h"
#include "ui/window/start.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QFile>
#include <QMainWindow>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>

#include <algorithm>
#include <cstdio>
#include <cstdlib>

using namespace fm;

namespace {

double median(std::vector<double> times) {
    std::sort(times.begin(), times.end());
    return times[times.size() / 2];
}

double resident_mb() {
    QFile status(QStringLiteral("/proc/self/status"));
    if (!status.open(QIODevice::ReadOnly)) return 0;
    for (const QByteArray& line : status.readAll().split('\n'))
        if (line.startsWith("VmRSS:")) return line.mid(6).simplified().split(' ').front().toDouble() / 1024.0;
    return 0;
}

/// The process from its start to a painted window, started anew each time.
double started_ms(const QString& program, const QStringList& what) {
    std::vector<double> times;
    for (int i = 0; i < 20; ++i) {
        QElapsedTimer timer;
        timer.start();
        QProcess::execute(program, what);
        times.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
    }
    return median(times);
}

std::unique_ptr<MainWindow> curlew(const QString& folder) {
    auto window = std::make_unique<MainWindow>(Workshop(folder));
    window->open(folder + QStringLiteral("/curlew.fmjob"));
    window->apply_theme(false);
    window->show();
    QApplication::processEvents();
    return window;
}

/// From a key in that field of the station in sight to the window painted again, every number fresh.
void print_keystroke(const char* station, QWidget* in, const char* key, const QStringList& typed) {
    auto* field = in->findChild<ValueField*>(QLatin1String(key));
    field->setFocus();
    std::vector<double> times;
    for (int i = 0; i < 200; ++i) {
        field->setText(typed[i % 2].chopped(1)); // all but the last digit is there
        QElapsedTimer timer;
        timer.start();
        QTest::keyClick(field, typed[i % 2].back().toLatin1());
        QApplication::processEvents();
        times.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
    }
    QTest::keyClick(field, Qt::Key_Escape);
    std::printf("keystroke to repaint, 1280x800, %-9s%8.1f ms   worst %.1f (wanted: under 16)\n", station,
                median(times), *std::max_element(times.begin(), times.end()));
}

void print_keystrokes(MainWindow& window) {
    window.choose_station(Station::survey);
    print_keystroke("survey", window.survey(), "found.nut_gap_mm",
                    {QStringLiteral("0.51"), QStringLiteral("0.52")});
    window.choose_station(Station::neck);
    print_keystroke("neck", window.neck(), "neck.fret_height_mm",
                    {QStringLiteral("1.1"), QStringLiteral("1.2")});
    window.choose_station(Station::strings);
    print_keystroke("strings", window.strings(), "a4_hz", {QStringLiteral("440"), QStringLiteral("442")});
    window.choose_station(Station::nut);
    print_keystroke("nut", window.nut(), "neck.fret_height_mm",
                    {QStringLiteral("1.1"), QStringLiteral("1.2")});
    window.choose_behind(true);
    print_keystroke("behind", window.nut()->canvas(), "nut.headstock_angle_deg",
                    {QStringLiteral("11"), QStringLiteral("12")});
    window.choose_behind(false);
    window.choose_station(Station::saddle);
    print_keystroke("saddle", window.saddle(), "saddle.action.bass_mm",
                    {QStringLiteral("2.1"), QStringLiteral("2.2")});
    window.choose_station(Station::bridge);
    print_keystroke("bridge", window.bridge(), "bridge.plane_above_top_mm",
                    {QStringLiteral("14.1"), QStringLiteral("14.2")});
    window.choose_station(Station::nut);
}

} // namespace

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    const QString what = app.arguments().value(1);
    if (what == QLatin1String("--empty")) {
        QMainWindow window;
        window.resize(1280, 800);
        window.show();
        QApplication::processEvents();
        std::_Exit(0); // painted: what comes after is not asked for
    }
    if (what == QLatin1String("--up")) {
        StartOptions asked;
        asked.workshop = app.arguments().value(2);
        (void)started_window(asked, [] { std::_Exit(0); });
    }
    load_fonts();
    dress(app);
    const QTemporaryDir dir;
    if (what != QLatin1String("--window")) copy_demo_workshop(dir.path());
    const auto window = curlew(what == QLatin1String("--window") ? app.arguments().value(2) : dir.path());
    if (what == QLatin1String("--window")) std::_Exit(0);

    print_keystrokes(*window);
    window->choose_station(Station::sheets);
    std::vector<double> sheets;
    for (int i = 0; i < 15; ++i) {
        QElapsedTimer timer;
        timer.start();
        window->sheets()->bytes_for(QStringLiteral("a.pdf"));
        sheets.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
    }
    const double empty = started_ms(app.applicationFilePath(), {QStringLiteral("--empty")});
    const double up = started_ms(app.applicationFilePath(), {QStringLiteral("--up"), dir.path()});
    const double full = started_ms(app.applicationFilePath(), {QStringLiteral("--window"), dir.path()});
    std::printf("template as PDF                          %8.1f ms   (wanted: under 150)\n", median(sheets));
    std::printf("window up                                %8.1f ms   empty QMainWindow %.1f, ratio %.2f "
                "(wanted: 1.5)\n",
                up, empty, up / empty);
    std::printf("its job painted                          %8.1f ms   ratio %.2f\n", full, full / empty);
    std::printf("resident                                 %8.1f MB   (wanted: under 120)\n", resident_mb());
    return 0;
}
