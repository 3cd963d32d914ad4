#pragma once
#include <QSize>
#include <QString>
#include <QStringList>

#include <memory>

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
    QString language;
    QString fault; ///< what is wrong with the words
};

StartOptions start_options(const QStringList& words);

/// Sets what must be set before the application exists: scale, a platform without display for pictures.
void prepare_environment(int argc, char** argv);

/// The application's font and style.
void dress(QApplication& app);

/// The window with its workshop and job open.
/// @param reopen a job to open instead, ""
std::unique_ptr<MainWindow> started_window(const StartOptions& options, const QString& reopen);

/// Draws the window into a file. @returns the process's exit code: 1 for a job that cannot be opened, 2 for
/// one that is not there or a string it has not, 3 for a picture that cannot be written
int take_picture(const StartOptions& options);

} // namespace fm
