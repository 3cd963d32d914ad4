#pragma once
#include <QApplication>
#include <QPointer>

namespace fm {

class Session;

/// The program, and what is left when something happens that nobody expected: the open job goes into a file.
class Application : public QApplication {
public:
    Application(int& argc, char** argv);
    ~Application() override;

    /// The session whose job is saved when the display is lost, and copied when the program fails.
    void watch_over(Session* session);
    /// An exception nobody caught: a copy of the job is written, its place is said, and the program ends.
    bool notify(QObject* receiver, QEvent* event) override;

    static constexpr int exit_failed = 70;

private:
    void end_with(const char* what);
    bool failed_ = false;
};

} // namespace fm
