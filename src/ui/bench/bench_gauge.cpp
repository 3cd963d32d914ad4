#include "ui/bench/bench_gauge.h"

#include "settings/settings.h"
#include "ui/look/flow_layout.h"
#include "ui/look/plain_button.h"

#include <QComboBox>
#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <QLabel>
#include <QProcess>

#include <algorithm>
#include <array>

namespace fm {

namespace {
constexpr int start_ms = 5000;
constexpr int answer_ms = 400;
constexpr double simulated_u_mm = 0.015;
} // namespace

BenchGauge::BenchGauge(QWidget* parent)
    : QWidget(parent),
      program(QDir(QCoreApplication::applicationDirPath()).filePath(QStringLiteral("fair-measure-gauge"))),
      ports_(new QComboBox), units_(new QComboBox), kinds_(new QComboBox),
      connect_(plain_button(tr("Listen"), tr("Listen at this port: then press the gauge's button"))),
      simulate_(
          plain_button(tr("Simulated gauge"),
                       tr("Start a gauge that is not there, with an instrument and a hand of its own: + "
                          "files the pass and reads it"))),
      status_(new QLabel) {
    auto* row = new FlowLayout(this, 8);
    ports_->setEditable(true);
    ports_->setMinimumSize(190, 34);
    ports_->setAccessibleName(tr("Port of the gauge"));
    ports_->setToolTip(tr("Where the gauge is plugged in: a port the system lists, or a path typed in"));
    units_->addItems({QStringLiteral("mm"), QStringLiteral("in")});
    units_->setMinimumHeight(34);
    units_->setAccessibleName(tr("Unit of a gauge that does not say it"));
    units_->setToolTip(tr("Unit of a gauge that does not say it"));
    units_->setCurrentText(QString::fromLatin1(word_of(settings::gauge_unit()).data()));
    kinds_->addItems({tr("dial gauge"), tr("caliper")}); // as in `gauge_kinds`
    kinds_->setMinimumHeight(34);
    kinds_->setAccessibleName(tr("Kind of the gauge"));
    kinds_->setToolTip(tr("Kind of the gauge: how sure its readings are"));
    kinds_->setCurrentIndex(static_cast<int>(settings::gauge_kind()));
    status_->setAccessibleName(tr("Gauge"));
    for (QWidget* each : std::initializer_list<QWidget*>{ports_, units_, kinds_, connect_, simulate_})
        row->addWidget(each);
    status_->setMinimumHeight(34);
    row->addWidget(status_);
    connect(connect_, &QToolButton::clicked, this,
            [this] { serial_.is_open() ? disconnect_gauge() : listen(ports_->currentText()); });
    connect(simulate_, &QToolButton::clicked, this, [this] {
        if (process_) return disconnect_gauge();
        if (simulate_open_job) simulate_open_job();
    });
    connect(units_, &QComboBox::currentTextChanged, this, [this](const QString& words) {
        const Unit unit = words == QLatin1String("in") ? Unit::in : Unit::mm;
        settings::keep_gauge_unit(unit);
        serial_.set_unit(unit);
    });
    connect(kinds_, &QComboBox::currentIndexChanged, this, [this](int kind) {
        settings::keep_gauge_kind(static_cast<std::size_t>(kind));
        Q_EMIT changed();
    });
    start_.setSingleShot(true);
    connect(&start_, &QTimer::timeout, this, [this] {
        disconnect_gauge();
        Q_EMIT said(tr("The simulated gauge did not start"));
    });
    serial_.set_unit(units_->currentText() == QLatin1String("in") ? Unit::in : Unit::mm);
    connect(&serial_, &SerialGauge::heard, this, &BenchGauge::show_status);
    connect(&serial_, &SerialGauge::settled, this, &BenchGauge::show_status);
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
    blockSignals(true); // who would hear of it is going, too
    disconnect_gauge();
}

void BenchGauge::fill_ports() {
    ports_->clear();
    const QString last = settings::gauge_port();
    QStringList names = SerialGauge::ports();
    if (!last.isEmpty() && !names.contains(last)) names.prepend(last);
    ports_->addItems(names);
    ports_->setCurrentText(last.isEmpty() ? names.value(0) : last);
}

QString BenchGauge::status() const {
    return status_->text();
}

void BenchGauge::show_status() {
    status_->setText(status_words());
    status_->setToolTip(status_->text());
    connect_->setText(serial_.is_open() ? tr("Let go") : tr("Listen"));
    simulate_->setText(process_ ? tr("End simulation") : tr("Simulated gauge"));
    Q_EMIT changed();
}

QString BenchGauge::status_words() const {
    if (!serial_.is_open()) return process_ ? tr("starting …") : tr("no gauge");
    if (serial_.baud() == 0) return tr("listening: press the gauge's button");
    switch (serial_.sends()) {
    case SerialGauge::Sends::unknown: return tr("heard: does it send by itself?");
    case SerialGauge::Sends::by_itself: return tr("sends by itself: Enter keeps what it shows");
    case SerialGauge::Sends::at_a_press: return tr("gauge heard");
    }
    return {};
}

std::string BenchGauge::word() const {
    if (!serial_.is_open()) return {};
    return process_ ? settings::gauge_kinds.front()
                    : settings::gauge_kinds[static_cast<std::size_t>(kinds_->currentIndex())];
}

std::optional<double> BenchGauge::u_mm() const {
    return process_ ? std::optional(simulated_u_mm) : std::nullopt;
}

void BenchGauge::listen(const QString& port) {
    const QString problem = port.trimmed().isEmpty()
                                ? tr("Type the port the gauge is plugged into")
                                : serial_.open(port.trimmed(), process_ ? SerialGauge::Sends::at_a_press
                                                                        : SerialGauge::Sends::unknown);
    if (!problem.isEmpty())
        Q_EMIT said(problem);
    else if (!process_)
        settings::keep_gauge_port(port.trimmed());
    show_status();
}

void BenchGauge::disconnect_gauge() {
    serial_.close();
    start_.stop();
    if (QProcess* const process = std::exchange(process_, nullptr)) {
        // It is not asked: it may have its own reasons not to listen. Killed it is gone at once.
        process->disconnect(this);
        process->kill();
        process->waitForFinished(answer_ms);
        process->deleteLater();
    }
    show_status();
}

void BenchGauge::simulate(const QString& job, const QStringList& options) {
    disconnect_gauge();
    // Asked first: the toolkit leaves a pipe open for each program that is not there.
    if (!QFileInfo(program).isExecutable()) return Q_EMIT said(tr("The simulated gauge did not start"));
    process_ = new QProcess(this);
    process_->setProcessChannelMode(QProcess::ForwardedErrorChannel);
    process_->start(program, QStringList{job} + options);
    connect(process_, &QProcess::readyRead, this, &BenchGauge::take_port);
    connect(process_, &QProcess::errorOccurred, this, [this](QProcess::ProcessError error) {
        if (error == QProcess::FailedToStart) start_.start(0);
    });
    start_.start(start_ms);
    show_status();
}

/// The first line of the simulated gauge is its port; then it says ok after every line it is told.
void BenchGauge::take_port() {
    if (!start_.isActive()) {
        process_->readAll();
        return;
    }
    if (!process_->canReadLine()) return;
    start_.stop();
    listen(QString::fromLocal8Bit(process_->readLine()).trimmed());
}

QByteArray BenchGauge::ask(const QByteArray& line) {
    if (!process_) return {};
    const QSignalBlocker quiet(process_); // what it says is taken here
    tell(line);
    for (;;) {
        while (!process_->canReadLine())
            if (!process_->waitForReadyRead(answer_ms)) return {};
        QByteArray answer = process_->readLine();
        if (answer != "ok\n") return answer; // those belong to what was told before
    }
}

void BenchGauge::tell(const QByteArray& line) {
    if (process_) process_->write(line + '\n');
}

} // namespace fm
