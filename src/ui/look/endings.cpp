#include "ui/look/endings.h"

#include <QGuiApplication>
#include <QSessionManager>
#include <QSocketNotifier>

#include <array>
#include <csignal>
#include <unistd.h>

namespace fm {

namespace {

constexpr std::array ending_signals{SIGTERM, SIGHUP, SIGINT};
int told_to = -1; ///< all that a handler may do is write to a pipe

void tell(int) {
    const char byte = 1;
    [[maybe_unused]] const ssize_t written = ::write(told_to, &byte, 1);
}

} // namespace

Endings::Endings(QObject* parent) : QObject(parent) {
    connect(qGuiApp, &QGuiApplication::commitDataRequest, this, &Endings::asked, Qt::DirectConnection);
    std::array<int, 2> ends{};
    if (::pipe(ends.data()) != 0) return;
    heard_ = ends[0];
    told_to = ends[1];
    connect(new QSocketNotifier(heard_, QSocketNotifier::Read, this), &QSocketNotifier::activated, this,
            &Endings::hear);
    for (const int signal : ending_signals) std::signal(signal, tell);
}

Endings::~Endings() {
    for (const int signal : ending_signals) std::signal(signal, SIG_DFL);
    if (heard_ < 0) return;
    ::close(heard_);
    ::close(told_to);
}

void Endings::hear() {
    char byte = 0;
    if (::read(heard_, &byte, 1) == 1) Q_EMIT asked();
}

} // namespace fm
