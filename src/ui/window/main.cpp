#include "settings/settings.h"
#include "sheet/drawing/fonts.h"
#include "ui/look/endings.h"
#include "ui/look/text_scale.h"
#include "ui/look/theme.h"
#include "ui/window/last_resort.h"
#include "ui/window/main_window.h"
#include "ui/window/start.h"

#include <QApplication>
#include <QLibraryInfo>
#include <QSettings>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTranslator>

#include <cstdio>
#include <memory>

static void load_translations() {
    Q_INIT_RESOURCE(translations);
}

namespace {

/// Installs the program's and the toolkit's texts of a language; "" is the system's.
void speak(QApplication& app, const QString& language, std::vector<std::unique_ptr<QTranslator>>& installed) {
    for (const auto& translator : installed) app.removeTranslator(translator.get());
    installed.clear();
    const QLocale locale = language.isEmpty() ? QLocale::system() : QLocale(language);
    QLocale::setDefault(locale);
    const std::pair<QString, QString> sources[] = {
        {QStringLiteral("qtbase"), QLibraryInfo::path(QLibraryInfo::TranslationsPath)},
        {QStringLiteral("fair-measure"), QStringLiteral(":/translations")}};
    for (const auto& [name, folder] : sources) {
        auto translator = std::make_unique<QTranslator>();
        if (translator->load(locale, name, QStringLiteral("_"), folder))
            app.installTranslator(translator.get());
        installed.push_back(std::move(translator));
    }
}

} // namespace

int main(int argc, char** argv) {
    const std::string missing = fm::prepare_environment(argc, argv);
    if (!missing.empty()) {
        std::fprintf(stderr, "%s\n", missing.c_str());
        return fm::exit_no_display;
    }
    fm::say_when_no_display();
    fm::Application app(argc, argv);
    fm::display_is_there();
    QApplication::setApplicationName(QStringLiteral("fair-measure"));
    QApplication::setOrganizationName(QStringLiteral("fair-measure"));
    const QString aside = fm::settings::put_aside_foreign(
        QStandardPaths::writableLocation(QStandardPaths::GenericConfigLocation));
    if (!aside.isEmpty())
        std::fprintf(stderr, "The settings were not written by this program; they are now %s\n",
                     qPrintable(aside));
    fm::follow_text_scale(app, argv);
    QApplication::setApplicationDisplayName(QString());
    QApplication::setApplicationVersion(QStringLiteral(FAIR_MEASURE_VERSION));
    load_translations();
    std::vector<std::unique_ptr<QTranslator>> translators;
    fm::StartOptions options = fm::start_options(app.arguments());
    if (!options.fault.isEmpty()) {
        std::fprintf(stderr, "%s\n", qPrintable(options.fault));
        return 2;
    }
    const QTemporaryDir no_trace; // a picture neither reads nor writes the user's settings
    if (!options.picture.isEmpty())
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, no_trace.path());
    else
        fm::settings::take_over_older();
    QString language = options.language.isEmpty() ? fm::settings::language() : options.language;
    bool prepared = false;
    const auto prepare = [&] {
        if (prepared) return;
        prepared = true;
        fm::load_fonts();
        fm::dress(app);
        speak(app, language, translators);
    };
    if (!options.picture.isEmpty()) {
        prepare();
        return fm::take_picture(options);
    }
    fm::MainWindow* shown = nullptr;
    bool ended = false;
    const fm::Endings endings;
    QObject::connect(&endings, &fm::Endings::asked, &app, [&] {
        ended = true;
        if (shown && !shown->close())
            std::fprintf(stderr, "%s\n%s\n", qPrintable(shown->notice()),
                         qPrintable(shown->session().rescue()));
        QApplication::quit();
    });
    int code = 0;
    int text_size = 0; // another, to begin again with
    for (bool again = true; again;) {
        again = false;
        std::unique_ptr<fm::MainWindow> window;
        try {
            window = fm::started_window(options, prepare);
        } catch (const fm::InputError& error) {
            std::fprintf(stderr, "%s\n", error.what());
            return 3;
        }
        QObject::connect(window.get(), &fm::MainWindow::language_chosen, &app, [&](const QString& chosen) {
            fm::settings::keep_language(chosen);
            language = chosen;
            options = fm::as_it_stands(options, *window);
            again = window->close(); // a job that cannot be saved stays, and its window with it
        });
        QObject::connect(window.get(), &fm::MainWindow::text_size_chosen, &app, [&](int percent) {
            if (percent == fm::text_size_now()) return;
            options = fm::as_it_stands(options, *window);
            if (window->close()) text_size = percent;
        });
        window->show();
        shown = window.get();
        app.watch_over(&window->session());
        if (!ended) code = app.exec();
        shown = nullptr;
        fm::remember_window(*window);
        again = again && !ended && code == 0;
        if (again) speak(app, language, translators);
    }
    if (text_size > 0 && !ended && code == 0) {
        fm::settings::keep_text_size(text_size);
        std::vector<std::string> words;
        for (const QString& word : fm::words_of_start(options)) words.push_back(word.toStdString());
        fm::begin_again(words);
    }
    return code;
}
