#pragma once
#include <QObject>

namespace fm {

/// Tells that the program is asked to end from outside: the session ends, a terminal closes, somebody kills
/// it kindly (SIGTERM, SIGHUP, SIGINT). One of them in a program.
class Endings : public QObject {
    Q_OBJECT
public:
    explicit Endings(QObject* parent = nullptr);
    ~Endings() override;

Q_SIGNALS:
    void asked();

private:
    void hear();
    int heard_ = -1; ///< the end of a pipe that is written to when a signal comes
};

} // namespace fm
