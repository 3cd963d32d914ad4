#pragma once
#include "gauge/serial_gauge.h"
#include "ui/bench/bench_work.h"

#include <QTimer>
#include <QWidget>

#include <functional>

class QComboBox;
class QLabel;
class QProcess;
class QToolButton;

namespace fm {

/// The digital gauge at the bench: where it is plugged in, what it says, and a simulated one to try it with.
class BenchGauge : public QWidget {
    Q_OBJECT
public:
    explicit BenchGauge(QWidget* parent);
    ~BenchGauge() override;

    SerialGauge& serial() { return serial_; }
    bool is_simulated() const { return process_ != nullptr; }
    /// Which gauge of the job file it is, and its ± where that is another than usual; "" while there is none.
    std::string word() const;
    std::optional<double> u_mm() const;
    QString status() const;
    /// Listens at a port; says what is in the way.
    void listen(const QString& port);
    void disconnect_gauge();
    /// Starts the simulated gauge on a job file, its options beside it, and listens to it.
    void simulate(const QString& job, const QStringList& options = {});
    /// Tells the simulated one what was done, and has its button pressed.
    void tell(const QByteArray& line);
    /// Asks for the truth, and returns its answer; "" without one.
    QByteArray ask(const QByteArray& line);

    /// The program of the simulated gauge: beside this one.
    QString program;
    /// Starts the simulated gauge for the open job; set by the bench.
    std::function<void()> simulate_open_job;

Q_SIGNALS:
    void changed(); ///< there is a gauge, or none, or another
    void pressed(double mm);
    void live(double mm);
    void said(const QString& text); ///< something went wrong, or was not understood

private:
    void show_status();
    QString status_words() const;
    void take_port();
    void fill_ports();

    SerialGauge serial_;
    QProcess* process_ = nullptr;
    QTimer start_; ///< of the simulated one
    QComboBox* ports_;
    QComboBox* units_;
    QComboBox* kinds_;
    QToolButton* connect_;
    QToolButton* simulate_;
    QLabel* status_;
};

} // namespace fm
