#include "gauge/serial_gauge.h"

#include <QSerialPort>
#include <QSerialPortInfo>

#include <algorithm>
#include <array>
#include <cmath>
#include <utility>

namespace fm {

namespace {
constexpr std::array bauds{9600, 4800, 2400, 19200, 38400, 57600, 115200, 1200};
constexpr int press_silence_ms = 250;
constexpr int half_line_ms = 1500; // no gauge takes longer over one line, even at 1200 baud
constexpr int wrong_lines_before_next = 2;
constexpr int slowest_by_itself_ms = 3000;
constexpr double equal_waits = 0.2;  // by how much of one two waits differ that a clock made
constexpr int lines_of_a_stream = 3; // without silence
} // namespace

SerialGauge::SerialGauge(QObject* parent)
    : QObject(parent), port_(new QSerialPort(this)), settle_ms_(slowest_by_itself_ms) {
    settle_.setSingleShot(true);
    connect(&settle_, &QTimer::timeout, this, [this] { settle(Sends::at_a_press); });
    clock_.start();
    silence_.setSingleShot(true);
    silence_.setInterval(press_silence_ms);
    half_line_.setSingleShot(true);
    half_line_.setInterval(half_line_ms);
    connect(port_, &QSerialPort::readyRead, this, &SerialGauge::read);
    connect(&silence_, &QTimer::timeout, this, [this] {
        const int lines = std::exchange(in_a_row_, 0);
        if (lines == 1) took_one();
    });
    connect(&half_line_, &QTimer::timeout, this, [this] {
        if (!lines_.drop_half()) return;
        Q_EMIT garbage(tr("half a line"));
        if (!heard_) next_baud();
    });
    connect(port_, &QSerialPort::errorOccurred, this, [this](QSerialPort::SerialPortError error) {
        // A pseudo-terminal refuses some settings of a real line; it works without them.
        if (error == QSerialPort::NoError || error == QSerialPort::UnsupportedOperationError) return;
        if (port_->isOpen()) vanish(port_->errorString());
    });
}

SerialGauge::~SerialGauge() {
    port_->disconnect(this);
}

QString SerialGauge::open(const QString& port, Sends known) {
    close();
    sends_ = known;
    port_->setPortName(port);
    baud_ = bauds.front();
    port_->setBaudRate(baud_);
    if (!port_->open(QIODevice::ReadOnly)) return tr("%1: %2").arg(port, port_->errorString());
    return {};
}

void SerialGauge::close() {
    if (port_->isOpen()) port_->close();
    lines_.forget();
    silence_.stop();
    half_line_.stop();
    settle_.stop();
    waiting_mm_.clear();
    last_at_ms_.reset();
    last_wait_ms_ = 0;
    sends_ = Sends::unknown;
    in_a_row_ = 0;
    wrong_lines_ = 0;
    heard_ = false;
}

bool SerialGauge::is_open() const {
    return port_->isOpen();
}

QString SerialGauge::port() const {
    return port_->portName();
}

QStringList SerialGauge::ports() {
    QStringList names;
    for (const QSerialPortInfo& info : QSerialPortInfo::availablePorts()) names << info.systemLocation();
    return names;
}

void SerialGauge::read() {
    const QByteArray bytes = port_->readAll();
    for (const QByteArray& line : lines_.take(bytes)) {
        const auto reading = gauge_reading(line);
        if (!reading) {
            Q_EMIT garbage(QString::fromLatin1(line.left(24)));
            if (!heard_ && ++wrong_lines_ >= wrong_lines_before_next) return next_baud();
            continue;
        }
        if (!heard_) {
            heard_ = true;
            Q_EMIT heard();
        }
        newest_mm_ = reading->mm(unit_);
        newest_at_ms_ = clock_.elapsed();
        if (++in_a_row_ == lines_of_a_stream) settle(Sends::by_itself);
        Q_EMIT live(newest_mm_);
        silence_.start();
    }
    half_line_.start();
}

/// One line between two silences: a press, unless it came by itself.
void SerialGauge::took_one() {
    if (sends_ == Sends::at_a_press) Q_EMIT pressed(newest_mm_);
    if (sends_ != Sends::unknown) return;
    const qint64 wait_ms = newest_at_ms_ - last_at_ms_.value_or(newest_at_ms_);
    last_at_ms_ = newest_at_ms_;
    waiting_mm_.push_back(newest_mm_);
    if (last_wait_ms_ > 0) {
        const auto apart = static_cast<double>(std::abs(wait_ms - last_wait_ms_));
        return settle(apart <= equal_waits * static_cast<double>(last_wait_ms_) ? Sends::by_itself
                                                                                : Sends::at_a_press);
    }
    last_wait_ms_ = wait_ms;
    settle_.start(settle_ms_);
}

void SerialGauge::settle(Sends sends) {
    if (sends_ == sends) return;
    settle_.stop();
    sends_ = sends;
    const std::vector<double> waiting_mm = std::exchange(waiting_mm_, {});
    if (sends == Sends::at_a_press)
        for (const double mm : waiting_mm) Q_EMIT pressed(mm);
    Q_EMIT settled();
}

void SerialGauge::next_baud() {
    wrong_lines_ = 0;
    lines_.drop_half();
    const auto* const at = std::find(bauds.begin(), bauds.end(), baud_);
    baud_ = at + 1 == bauds.end() ? bauds.front() : *(at + 1);
    port_->setBaudRate(baud_);
}

void SerialGauge::vanish(const QString& why) {
    close(); // an error at a port that is gone repeats without end while it is open
    Q_EMIT lost(why);
}

} // namespace fm
