#include "ui/bench_gauge.h"

#include "ui/plain_button.h"

#include <QComboBox>
#include <QCoreApplication>
#include <QDir>
#include <QHBoxLayout>
#include <QLabel>
#include <QProcess>
#include <QSettings>

namespace fm {

namespace {
const QString port_key = QStringLiteral("gauge/port");
const QString unit_key = QStringLiteral("gauge/unit");
constexpr int start_ms = 5000;
constexpr int end_ms = 1000;
} // namespace

BenchGauge::BenchGauge(QWidget* parent)
    : QWidget(parent),
      program(QDir(QCoreApplication::applicationDirPath()).filePath(QStringLiteral("fair-measure-gauge"))),
      ports_(new QComboBox), units_(new QComboBox),
      connect_(plain_button(tr("Listen"), tr("Listen at this port: then press the gauge's button"))),
      simulate_(
          plain_button(tr("Simulated gauge"),
                       tr("Start a gauge that is not there, with an instrument and a hand of its own: + "
                          "files the pass and reads it"))),
      status_(new QLabel) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    ports_->setEditable(true);
    ports_->setMinimumSize(190, 34);
    ports_->setAccessibleName(tr("Port of the gauge"));
    ports_->setToolTip(tr("Where the gauge is plugged in: a port the system lists, or a path typed in"));
    units_->addItems({QStringLiteral("mm"), QStringLiteral("in")});
    units_->setMinimumHeight(34);
    units_->setAccessibleName(tr("Unit of a gauge that does not say it"));
    units_->setToolTip(tr("Unit of a gauge that does not say it"));
    units_->setCurrentText(QSettings().value(unit_key, QStringLiteral("mm")).toString());
    status_->setAccessibleName(tr("Gauge"));
    for (QWidget* each : std::initializer_list<QWidget*>{ports_, units_, connect_, simulate_})
        row->addWidget(each);
    row->addWidget(status_, 1);
    connect(connect_, &QToolButton::clicked, this,
            [this] { serial_.is_open() ? disconnect_gauge() : listen(ports_->currentText()); });
    connect(simulate_, &QToolButton::clicked, this, [this] {
        if (process_) return disconnect_gauge();
        if (simulate_open_job) simulate_open_job();
    });
    connect(units_, &QComboBox::currentTextChanged, this, [this](const QString& unit) {
        QSettings().setValue(unit_key, unit);
        serial_.set_unit(unit == QLatin1String("in") ? Unit::in : Unit::mm);
    });
    serial_.set_unit(units_->currentText() == QLatin1String("in") ? Unit::in : Unit::mm);
    connect(&serial_, &SerialGauge::heard, this, &BenchGauge::show_status);
    connect(&serial_, &SerialGauge::pressed, this, &BenchGauge::pressed);
    connect(&serial_, &SerialGauge::live, this, &BenchGauge::live);
    connect(&serial_, &SerialGauge::garbage, this, [this](const QString& line) {
        Q_EMIT said(tr("The gauge sent something that is no reading: “%1”").arg(line));
    });
    connect(&serial_, &SerialGauge::lost, this, [this](const QString& why) {
        show_status();
        Q_EMIT said(tr("The gauge is gone (%1). Type the reading, or plug it in and listen again").arg(why));
    });
    fill_ports();
    show_status();
}

BenchGauge::~BenchGauge() {
    serial_.disconnect(this);
    disconnect_gauge();
}

void BenchGauge::fill_ports() {
    ports_->clear();
    const QString last = QSettings().value(port_key).toString();
    QStringList names = SerialGauge::ports();
    if (!last.isEmpty() && !names.contains(last)) names.prepend(last);
    ports_->addItems(names);
    ports_->setCurrentText(last.isEmpty() ? names.value(0) : last);
}

QString BenchGauge::status() const {
    return status_->text();
}

void BenchGauge::show_status() {
    status_->setText(!serial_.is_open()    ? tr("no gauge")
                     : serial_.baud() == 0 ? tr("listening: press the gauge's button")
                                           : tr("gauge heard"));
    connect_->setText(serial_.is_open() ? tr("Let go") : tr("Listen"));
    simulate_->setText(process_ ? tr("End simulation") : tr("Simulated gauge"));
}

void BenchGauge::listen(const QString& port) {
    const QString problem = port.trimmed().isEmpty() ? tr("Type the port the gauge is plugged into")
                                                     : serial_.open(port.trimmed());
    if (!problem.isEmpty())
        Q_EMIT said(problem);
    else if (!process_)
        QSettings().setValue(port_key, port.trimmed());
    show_status();
}

void BenchGauge::disconnect_gauge() {
    serial_.close();
    if (QProcess* const process = std::exchange(process_, nullptr)) {
        process->disconnect(this);
        process->write("quit\n");
        if (!process->waitForFinished(end_ms)) process->kill();
        process->waitForFinished(end_ms);
        process->deleteLater();
    }
    show_status();
}

void BenchGauge::simulate(const QString& job, const QStringList& options) {
    disconnect_gauge();
    process_ = new QProcess(this);
    process_->setProcessChannelMode(QProcess::ForwardedErrorChannel);
    process_->start(program, QStringList{job} + options);
    if (!process_->waitForStarted(start_ms) || !process_->waitForReadyRead(start_ms)) {
        disconnect_gauge();
        Q_EMIT said(tr("The simulated gauge did not start"));
        return;
    }
    listen(QString::fromLocal8Bit(process_->readLine()).trimmed());
    connect(process_, &QProcess::readyRead, this, [this] { process_->readAll(); }); // its ok after every line
    show_status();
}

QByteArray BenchGauge::ask(const QByteArray& line) {
    if (!process_) return {};
    const QSignalBlocker quiet(process_); // what it says is taken here
    tell(line);
    for (;;) {
        while (!process_->canReadLine())
            if (!process_->waitForReadyRead(start_ms)) return {};
        QByteArray answer = process_->readLine();
        if (answer != "ok\n") return answer; // those belong to what was told before
    }
}

void BenchGauge::tell(const QByteArray& line) {
    if (process_) process_->write(line + '\n');
}

} // namespace fm
