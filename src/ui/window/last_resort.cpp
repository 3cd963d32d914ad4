#include "ui/window/last_resort.h"

#include "ui/state/session.h"

#include <QMessageBox>

#include <cstdio>
#include <cstdlib>
#include <exception>

namespace fm {

namespace {

QPointer<Session> watched; // a handler of the process is given nothing

/// The copy and what is to be said of it.
QString rescued(const char* what) {
    const QString copy = watched ? watched->rescue() : QString();
    QString text = Application::translate("fm::Application", "Something went wrong inside the program: %1.")
                       .arg(QString::fromLocal8Bit(what));
    if (!copy.isEmpty())
        text +=
            QLatin1Char('\n') + Application::translate("fm::Application", "The job is kept in %1").arg(copy);
    std::fprintf(stderr, "%s\n", qPrintable(text));
    return text;
}

/// The last of an exception outside the window's own thread or events.
[[noreturn]] void die() {
    try {
        if (const std::exception_ptr thrown = std::current_exception()) std::rethrow_exception(thrown);
        rescued("no exception");
    } catch (const std::exception& error) {
        rescued(error.what());
    } catch (...) {
        rescued("unknown");
    }
    std::abort();
}

/// The toolkit ends the program by exit() when its display is gone.
void save_at_exit() {
    if (!watched) return;
    watched->blockSignals(true); // there is no window any more that could say anything
    if (!watched->save()) rescued("the display is gone, and the job's file cannot be written");
}

} // namespace

Application::Application(int& argc, char** argv) : QApplication(argc, argv) {
    std::set_terminate(die);
    [[maybe_unused]] static const int registered = std::atexit(save_at_exit);
}

Application::~Application() {
    watched = nullptr;
}

void Application::watch_over(Session* session) {
    watched = session;
}

bool Application::notify(QObject* receiver, QEvent* event) {
    try {
        return QApplication::notify(receiver, event);
    } catch (const std::exception& error) {
        end_with(error.what());
    } catch (...) {
        end_with("unknown");
    }
    return false;
}

void Application::end_with(const char* what) {
    if (failed_) return; // once is enough
    failed_ = true;
    const QString text = rescued(what);
    QMessageBox::critical(nullptr, QString(), text);
    exit(exit_failed);
}

} // namespace fm
