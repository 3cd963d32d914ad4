#pragma once
#include <QSize>
#include <QString>
#include <QStringList>

#include <functional>
#include <memory>
#include <string>

class QApplication;

namespace fm {

class MainWindow;

/// What the command line of the window asks for.
struct StartOptions {
    QString workshop;  ///< --workshop DIR
    QString job;       ///< a path, or a name in the workshop
    bool demo = false; ///< --demo: the shipped workshop, copied
    QString picture;   ///< --picture OUT.png: draw one view without a display
    QString station = QStringLiteral("nut");
    QString state = QStringLiteral("target"); ///< found, target or fitted
    QString measure = QStringLiteral("cents");
    int string = 0; ///< player's number, 0: the first from the bass
    QString theme;  ///< day or evening; "": as last time
    QSize size{1280, 800};
    bool sized = false; ///< asked for: not as it was left last time
    QString language;
    QString fault; ///< what is wrong with the words
};

/// The same start with the job, the place in it and the window's size as they are now.
StartOptions as_it_stands(const StartOptions& options, MainWindow& window);
/// As words of a command line, the program's own name first.
QStringList words_of_start(const StartOptions& options);

StartOptions start_options(const QStringList& words);

/// Sets what must be set before the application exists: scale, a platform without display for pictures.
/// @returns why the application cannot be, "" if it can
std::string prepare_environment(int argc, char** argv);
/// Says so and ends the program with exit_no_display, should the toolkit find no display.
void say_when_no_display();
/// The toolkit is there: what it has to say is said as usual again.
void display_is_there();
/// Keeps the process small over a long day: threads share one heap, and memory of pictures goes back at
/// once. Before any other thread begins.
void keep_memory_small();
inline constexpr int exit_no_display = 4;

/// The application's font and style; and it gives memory back while it runs.
void dress(QApplication& app);

/// The window with its workshop and job open.
/// @param prepare what must be done before anything is made that stands in it, such as its fonts. Where it is
/// given the window is up before, empty in its theme's colour: a slow machine has answered then
/// @throws InputError if the demo workshop cannot be written
std::unique_ptr<MainWindow> started_window(const StartOptions& options,
                                           const std::function<void()>& prepare = {});

/// The next start opens a window as large, and where it was.
void remember_window(const MainWindow& window);

/// Draws the window into a file. @returns the process's exit code: 1 for a job that cannot be opened, 2 for
/// one that is not there or a string it has not, 3 for a picture that cannot be written
int take_picture(const StartOptions& options);

} // namespace fm
