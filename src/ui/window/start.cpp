#include "ui/window/start.h"

#include "core/words/word_of.h"
#include "job/edits/string_edits.h"
#include "settings/settings.h"
#include "sheet/drawing/fonts.h"
#include "ui/look/plain_labels.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"
#include "ui/window/main_window.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QDeadlineTimer>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QScreen>
#include <QStandardPaths>
#include <QStyleFactory>
#include <QTemporaryDir>
#include <QThreadPool>
#include <QTimer>
#include <QWindow>

#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <malloc.h>
#include <system_error>
#include <thread>

namespace fm {

namespace {

constexpr int shown_after_ms = 500;

/// What --measure takes, in the order of BoardMeasure.
const QStringList& measures() {
    static const QStringList words{QStringLiteral("cents"), QStringLiteral("headroom"), QStringLiteral("gap"),
                                   QStringLiteral("behind")};
    return words;
}

/// What --station takes: the stations in their order, then the board.
const QStringList& stations() {
    static const QStringList words = [] {
        QStringList list;
        for (const std::string_view word : words_of(Station{})) list << QString::fromLatin1(word.data());
        return list << QStringLiteral("jobs") << QStringLiteral("placing") << QStringLiteral("behind")
                    << QStringLiteral("board") << QStringLiteral("verdict") << QStringLiteral("plan")
                    << QStringLiteral("heard") << QStringLiteral("bench") << QStringLiteral("bench-saddle")
                    << QStringLiteral("bench-relief") << QStringLiteral("verdict-saddle")
                    << QStringLiteral("verdict-relief") << QStringLiteral("record-over-time");
    }();
    return words;
}

} // namespace

StartOptions start_options(const QStringList& words) {
    QCommandLineParser parser;
    parser.setApplicationDescription(QStringLiteral("Nuts, saddles and bridges for luthiers"));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(QStringLiteral("job"),
                                 QStringLiteral("A job file, or the name of a job in the workshop."));
    const auto option = [&](const char* name, const char* words_for, const char* value) {
        parser.addOption(
            {QString::fromLatin1(name), QString::fromLatin1(words_for), QString::fromLatin1(value)});
    };
    option("workshop", "The workshop folder.", "DIR");
    parser.addOption(
        {QStringLiteral("demo"), QStringLiteral("Start on a copy of the shipped demo workshop.")});
    option("picture", "Draw one view into a PNG file without a display, then end.", "OUT.png");
    option("job", "A job file, or the name of a job in the workshop.", "NAME");
    option("station",
           "What to show: survey, neck, strings, nut, saddle, bridge, intonation, sheets, record, placing, "
           "behind (the nut), board "
           "(where it sounds and buzzes), jobs (where one begins), verdict (on the nut), verdict-saddle, "
           "verdict-relief, plan, heard (what was heard), bench (at the nut), bench-saddle, bench-relief, "
           "record-over-time.",
           "NAME");
    option("measure", "What the board shows: cents, headroom, gap, behind.", "NAME");
    option("state", "found, target or fitted.", "STATE");
    option("string", "The chosen string, by player's number.", "N");
    option("theme", "day or evening.", "NAME");
    option("size", "Size of the window, such as 1280x800.", "WxH");
    option("scale", "Scale of the screen, such as 2.", "FACTOR");
    option("language", "Language of the window, such as de.", "CODE");
    parser.process(words);
    StartOptions options;
    const auto value = [&](const char* name, const QString& otherwise) {
        return parser.isSet(QString::fromLatin1(name)) ? parser.value(QString::fromLatin1(name)) : otherwise;
    };
    options.workshop = value("workshop", {});
    options.demo = parser.isSet(QStringLiteral("demo"));
    options.picture = value("picture", {});
    options.job = value("job", parser.positionalArguments().value(0));
    options.station = value("station", options.station);
    options.state = value("state", options.state);
    options.measure = value("measure", options.measure);
    bool numbered = true;
    if (parser.isSet(QStringLiteral("string")))
        options.string = parser.value(QStringLiteral("string")).toInt(&numbered);
    if (!numbered || (parser.isSet(QStringLiteral("string")) &&
                      (options.string < 1 || options.string > static_cast<int>(most_strings))))
        options.fault =
            QStringLiteral("--string is %1; allowed is 1 to %2").arg(value("string", {})).arg(most_strings);
    options.theme = value("theme", {});
    if (!QStringList{{}, QStringLiteral("day"), QStringLiteral("evening")}.contains(options.theme))
        options.fault = QStringLiteral("--theme is %1; allowed are day, evening").arg(options.theme);
    options.language = value("language", {});
    const QLocale::Language language = QLocale(options.language).language();
    if (!options.language.isEmpty() && language != QLocale::English && language != QLocale::German)
        options.fault = QStringLiteral("--language is %1; allowed are en, de").arg(options.language);
    if (!options.workshop.isEmpty() && !QFileInfo(options.workshop).isDir())
        options.fault = QStringLiteral("--workshop is %1; there is no such folder").arg(options.workshop);
    const QStringList size = value("size", QStringLiteral("1280x800")).split(QLatin1Char('x'));
    options.sized = parser.isSet(QStringLiteral("size"));
    options.size = size.size() == 2 ? QSize(size[0].toInt(), size[1].toInt()) : QSize();
    if (options.size.width() < 640 || options.size.height() < 480 || options.size.width() > 8000 ||
        options.size.height() > 8000)
        options.fault =
            QStringLiteral("--size is %1; allowed is 640x480 to 8000x8000").arg(value("size", {}));
    if (!stations().contains(options.station))
        options.fault = QStringLiteral("--station is %1; allowed are %2")
                            .arg(options.station, stations().join(QStringLiteral(", ")));
    if (!QStringList{QStringLiteral("found"), QStringLiteral("target"), QStringLiteral("fitted")}.contains(
            options.state))
        options.fault = QStringLiteral("--state is %1; allowed are found, target, fitted").arg(options.state);
    if (!measures().contains(options.measure))
        options.fault = QStringLiteral("--measure is %1; allowed are %2")
                            .arg(options.measure, measures().join(QStringLiteral(", ")));
    return options;
}

namespace {

void hear_the_toolkit(QtMsgType type, const QMessageLogContext& context, const QString& text) {
    if (type != QtFatalMsg) {
        // What follows from a display that is not there is said once, below.
        if (!QByteArray(context.category).startsWith("qt.qpa"))
            std::fprintf(stderr, "%s\n", qPrintable(text));
        return;
    }
    std::fprintf(stderr, "No display could be opened (DISPLAY is \"%s\"). --picture OUT.png needs none.\n",
                 qgetenv("DISPLAY").constData());
    std::_Exit(exit_no_display);
}

} // namespace

void say_when_no_display() {
    qInstallMessageHandler(hear_the_toolkit);
}

void display_is_there() {
    qInstallMessageHandler(nullptr);
}

void keep_memory_small() {
    constexpr int picture_bytes = 256 * 1024;
    mallopt(M_ARENA_MAX, 1);
    mallopt(M_MMAP_THRESHOLD, picture_bytes);
}

std::string prepare_environment(int argc, char** argv) {
    keep_memory_small();
    for (int i = 1; i < argc; ++i) {
        const bool has_value = i + 1 < argc;
        for (const char* word : {"--picture", "--help", "--help-all", "-h", "--version", "-v"})
            if (std::strcmp(argv[i], word) == 0) qputenv("QT_QPA_PLATFORM", "offscreen"); // need no display
        if (std::strcmp(argv[i], "--scale") == 0 && has_value) qputenv("QT_SCALE_FACTOR", argv[i + 1]);
    }
    QGuiApplication::setHighDpiScaleFactorRoundingPolicy(Qt::HighDpiScaleFactorRoundingPolicy::PassThrough);
    try {
        std::thread([] {}).join();
    } catch (const std::system_error& error) {
        return std::string("The program needs a second thread, and this machine gives it none: ") +
               error.what();
    }
    return {};
}

namespace {

/// What was let go amid what is kept goes back to the system every second: it takes a thousandth of it.
void give_memory_back(QApplication& app) {
    constexpr int every_ms = 1000;
    auto* timer = new QTimer(&app);
    timer->setTimerType(Qt::VeryCoarseTimer);
    QObject::connect(timer, &QTimer::timeout, &app, [] { malloc_trim(0); });
    timer->start(every_ms);
}

} // namespace

void dress(QApplication& app) {
    give_memory_back(app);
    app.installEventFilter(new PlainLabels(&app));
    app.setStyle(QStyleFactory::create(QStringLiteral("Fusion")));
    QFont font = shipped_font();
    font.setPixelSize(16);
    app.setFont(font);
    // Menus and item views bring the desktop's fonts; ours holds everywhere.
    for (const char* name : {"QMenu", "QMenuBar", "QAbstractItemView", "QHeaderView", "QToolButton", "QLabel",
                             "QLineEdit", "QTipLabel"})
        app.setFont(font, name);
}

namespace {

QString job_path(const QString& job, const Workshop& workshop) {
    if (QFileInfo::exists(job) && !QFileInfo(job).isDir()) return job;
    for (const QString& path : workshop.jobs())
        if (QFileInfo(path).completeBaseName().compare(job, Qt::CaseInsensitive) == 0) return path;
    return job;
}

bool wants_evening(const StartOptions& options) {
    if (options.theme.isEmpty()) return settings::evening();
    return options.theme == QLatin1String("evening");
}

/// The part in "bench-saddle", "verdict-relief"; without one it is the nut.
BenchPart part_named(const QString& station) {
    return of_word<BenchPart>(station.section(QLatin1Char('-'), 1).toStdString()).value_or(BenchPart::nut);
}

void show_as_asked(MainWindow& window, const StartOptions& options) {
    window.apply_theme(wants_evening(options));
    if (!window.session().is_open()) return;
    const auto count = static_cast<int>(window.session().state().job.design.strings.size());
    if (options.string >= 1 && options.string <= count)
        window.choose_string(static_cast<std::size_t>(count - options.string));
    const auto station = of_word<Station>(options.station.toStdString());
    if (options.station == QLatin1String("jobs"))
        window.show_first(true);
    else if (options.station == QLatin1String("board"))
        window.show_board(true);
    else if (options.station.startsWith(QLatin1String("verdict"))) {
        window.show_verdict(true);
        window.verdict()->choose_part(part_named(options.station));
    } else if (options.station == QLatin1String("plan"))
        window.show_plan(true);
    else if (options.station == QLatin1String("heard"))
        window.show_symptoms(true);
    else if (options.station == QLatin1String("placing")) {
        window.choose_station(Station::bridge);
        window.choose_placing(true);
    } else if (options.station == QLatin1String("record-over-time")) {
        window.choose_station(Station::record);
        window.show_table(true);
    } else if (options.station == QLatin1String("behind")) {
        window.choose_station(Station::nut);
        window.choose_behind(true);
    } else if (options.station.startsWith(QLatin1String("bench"))) {
        window.go_to_bench(part_named(options.station));
        if (options.string >= 1 && options.string <= count)
            window.bench()->worker().choose(static_cast<std::size_t>(count - options.string));
        window.bench()->refresh();
    } else if (station && *station != window.view().station)
        window.choose_station(*station);
    window.choose_measure(static_cast<BoardMeasure>(measures().indexOf(options.measure)));
    if (options.state == QLatin1String("found")) window.choose_side(NutSide::found);
    if (options.state == QLatin1String("fitted")) window.choose_stage(CutStage::fitted);
}

std::unique_ptr<MainWindow> window_on(const StartOptions& options, const QString& folder,
                                      const std::function<void(MainWindow&)>& up_first) {
    auto window = std::make_unique<MainWindow>(Workshop(folder), up_first);
    QString job = options.job;
    if (job.isEmpty() && options.demo) job = QStringLiteral("curlew");
    // What nobody named is not opened again where the last start did not come to its end over it.
    const QString unfinished = job.isEmpty() ? settings::opening_job() : QString();
    if (job.isEmpty()) job = settings::last_job();
    const QString path = job.isEmpty() ? QString() : job_path(job, window->session().workshop());
    const bool held_back = !unfinished.isEmpty() && unfinished == path;
    if (!path.isEmpty() && !held_back) {
        settings::keep_opening_job(path);
        window->open(path);
    }
    show_as_asked(*window, options);
    window->say_shop_faults();
    if (held_back)
        window->say(
            MainWindow::tr("The last start did not come to its end with %1, so it was not opened again. Open "
                           "it, or another job.")
                .arg(path));
    // It came to its end once it has been shown.
    QTimer::singleShot(shown_after_ms, window.get(), [] { settings::keep_opening_job({}); });
    return window;
}

} // namespace

StartOptions as_it_stands(const StartOptions& options, MainWindow& window) {
    StartOptions now = options;
    now.size = window.size();
    now.sized = !window.isMaximized() && !window.isFullScreen();
    now.job = window.session().path();
    now.theme.clear();
    now.language.clear();
    if (!window.session().is_open()) return now;
    const ViewState& view = window.view();
    now.string = static_cast<int>(window.session().state().job.design.strings.size() - view.string);
    now.state = view.stage == CutStage::fitted ? QStringLiteral("fitted")
                : view.side == NutSide::found  ? QStringLiteral("found")
                                               : QStringLiteral("target");
    now.measure = measures()[static_cast<int>(view.measure)];
    const std::pair<Page, const char*> pages[] = {
        {Page::board, "board"}, {Page::verdict, "verdict"}, {Page::plan, "plan"}, {Page::heard, "heard"}};
    now.station = QString::fromLatin1(word_of(view.station).data());
    if (view.station == Station::bridge && view.placing) now.station = QStringLiteral("placing");
    if (view.station == Station::nut && view.behind) now.station = QStringLiteral("behind");
    for (const auto& [page, word] : pages)
        if (view.page == page) now.station = QLatin1String(word);
    if (window.first() && window.first()->isVisible()) now.station = QStringLiteral("jobs");
    return now;
}

QStringList words_of_start(const StartOptions& options) {
    QStringList words{QStringLiteral("fair-measure")};
    const auto add = [&words](const char* name, const QString& value) {
        if (!value.isEmpty()) words << QStringLiteral("--") + QLatin1String(name) << value;
    };
    add("workshop", options.workshop);
    add("job", options.job);
    if (options.demo) words << QStringLiteral("--demo");
    add("station", options.station);
    add("state", options.state);
    add("measure", options.measure);
    add("theme", options.theme);
    add("language", options.language);
    if (options.string > 0) add("string", QString::number(options.string));
    if (options.sized)
        add("size", QStringLiteral("%1x%2")
                        .arg(std::clamp(options.size.width(), 640, 8000))
                        .arg(std::clamp(options.size.height(), 480, 8000)));
    return words;
}

void remember_window(const MainWindow& window) {
    settings::keep_window_geometry(window.saveGeometry());
}

namespace {

/// As large as it is asked for, or as it was left; it fits the screen it opens on.
void place(MainWindow& window, const StartOptions& options) {
    window.resize(options.size);
    if (!options.sized) window.restoreGeometry(settings::window_geometry());
    if (const QScreen* screen = QGuiApplication::primaryScreen())
        window.resize(window.size().boundedTo(screen->availableSize()));
}

/// On the screen in its theme's colour, with nothing in it.
void show_empty(MainWindow& window, const StartOptions& options) {
    constexpr int most_ms = 100; // a window that opens as an icon is not seen
    set_theme(wants_evening(options));
    qApp->setPalette(palette_of(theme()));
    window.show();
    const QDeadlineTimer deadline(most_ms);
    do QApplication::processEvents(QEventLoop::ExcludeUserInputEvents);
    while (!window.windowHandle()->isExposed() && !deadline.hasExpired());
}

} // namespace

std::unique_ptr<MainWindow> started_window(const StartOptions& options,
                                           const std::function<void()>& prepare) {
    QString folder = options.workshop.isEmpty() ? Workshop::usual_folder() : options.workshop;
    if (options.demo) {
        folder = data_folder() + QStringLiteral("/demo");
        copy_demo_workshop(folder);
    }
    return window_on(options, folder, [&](MainWindow& window) {
        place(window, options);
        if (!prepare) return;
        show_empty(window, options);
        prepare();
    });
}

int take_picture(const StartOptions& options) {
    QTemporaryDir fresh; // a picture shows the jobs as shipped, and leaves nothing behind
    QString folder = options.workshop;
    if (folder.isEmpty()) {
        folder = fresh.path();
        copy_demo_workshop(folder);
    }
    StartOptions asked = options;
    if (asked.job.isEmpty()) asked.job = QStringLiteral("curlew");
    if (asked.theme.isEmpty()) asked.theme = QStringLiteral("day");
    const auto window = window_on(asked, folder, [&asked](MainWindow& begun) { begun.resize(asked.size); });
    if (!window->session().is_open()) {
        std::fprintf(stderr, "%s\n", qPrintable(window->notice()));
        return QFileInfo::exists(job_path(asked.job, window->session().workshop())) ? 1 : 2;
    }
    const std::size_t strings = window->session().state().job.design.strings.size();
    if (asked.string > static_cast<int>(strings)) {
        std::fprintf(stderr, "--string is %d; allowed is 1 to %zu\n", asked.string, strings);
        return 2;
    }
    window->show();
    QApplication::processEvents();
    window->working()->ask_now();
    QThreadPool::globalInstance()->waitForDone(); // a picture shows how sure a number is, too
    QApplication::processEvents();
    while (window->first()->is_reading()) {
        QThreadPool::globalInstance()->waitForDone();
        QApplication::processEvents();
    }
    if (!window->grab().save(options.picture)) {
        std::fprintf(stderr, "%s could not be written\n", qPrintable(options.picture));
        return 3;
    }
    return 0;
}

} // namespace fm
