#pragma once
#include "gauge/gauge_line.h"

#include <QElapsedTimer>
#include <QObject>
#include <QString>
#include <QTimer>

#include <optional>
#include <vector>

class QSerialPort;

namespace fm {

/// A digital gauge at a serial port. It may send a line for a press of its button, or by itself; which of
/// them is found by listening: whoever presses does not press at equal times.
class SerialGauge : public QObject {
    Q_OBJECT
public:
    enum class Sends { unknown, at_a_press, by_itself };

    explicit SerialGauge(QObject* parent = nullptr);
    ~SerialGauge() override;

    /// Opens a port: one the system lists, or a path. Listens at the usual speeds in turn until a line is
    /// understood. @returns what is in the way, "" if it is open
    /// @param known how it sends, if that need not be found
    QString open(const QString& port, Sends known = Sends::unknown);
    void close();
    bool is_open() const;
    QString port() const;
    /// Lines a second the port listens at; 0 until a line was understood.
    int baud() const { return heard_ ? baud_ : 0; }
    Sends sends() const { return sends_; }
    /// What a number without a unit is in.
    void set_unit(Unit unit) { unit_ = unit; }
    /// How long the gauge must be silent before and after one line for that line to be a press of its button.
    void set_press_silence_ms(int ms) { silence_.setInterval(ms); }
    /// How long after its first lines a gauge is silent that does not send by itself.
    void set_settle_ms(int ms) { settle_ms_ = ms; }
    /// Ports the system lists.
    static QStringList ports();

Q_SIGNALS:
    void heard();                      ///< the first line was understood
    void settled();                    ///< it is known how it sends
    void live(double mm);              ///< what it shows now
    void pressed(double mm);           ///< its button was pressed
    void garbage(const QString& line); ///< a line that was not understood
    void lost(const QString& why);     ///< unplugged or switched off; the port is closed

private:
    void read();
    void next_baud();
    void took_one();
    void settle(Sends sends);
    void vanish(const QString& why);

    QSerialPort* port_;
    GaugeLines lines_;
    QTimer silence_;   // since the last line
    QTimer half_line_; // since the last byte of a line not ended
    QTimer settle_;    // while it is not known how it sends
    int settle_ms_;
    Sends sends_ = Sends::unknown;
    std::vector<double> waiting_mm_; // readings, if it sends at a press
    QElapsedTimer clock_;
    qint64 newest_at_ms_ = 0;
    std::optional<qint64> last_at_ms_; // of the line between two silences before
    qint64 last_wait_ms_ = 0;
    Unit unit_ = Unit::mm;
    int in_a_row_ = 0; // lines without silence between them
    double newest_mm_ = 0;
    int baud_ = 0;
    int wrong_lines_ = 0; // at this speed
    bool heard_ = false;
};

} // namespace fm
