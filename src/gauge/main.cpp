// fair-measure-gauge: a digital gauge that is not there. It answers on a pseudo-terminal, as a gauge would on
// its serial line, and is told on its standard input what was done to the instrument it owns.
#include "gauge/stand_in.h"
#include "job/document/job_file.h"
#include "job/document/json.h"
#include "job/read/job.h"

#include <QCommandLineParser>
#include <QCoreApplication>
#include <QFile>

#include <cstdio>
#include <cstdlib>
#include <fcntl.h>
#include <string>
#include <termios.h>
#include <unistd.h>

namespace {

/// A pseudo-terminal, raw; its own end of the far side stays open, so that the line lives while nobody
/// listens.
class Line {
public:
    Line() : near_(::posix_openpt(O_RDWR | O_NOCTTY | O_NONBLOCK)) {
        if (near_ < 0 || ::grantpt(near_) != 0 || ::unlockpt(near_) != 0) return;
        const char* const name = ::ptsname(near_);
        if (!name) return;
        name_ = name;
        far_ = ::open(name, O_RDWR | O_NOCTTY);
        if (far_ < 0) return;
        termios settings{};
        if (::tcgetattr(far_, &settings) != 0) return;
        ::cfmakeraw(&settings);
        works_ = ::tcsetattr(far_, TCSANOW, &settings) == 0;
    }
    ~Line() {
        if (far_ >= 0) ::close(far_);
        if (near_ >= 0) ::close(near_);
    }
    Line(const Line&) = delete;
    Line& operator=(const Line&) = delete;
    bool works() const { return works_; }
    const std::string& name() const { return name_; }
    bool send(const QByteArray& bytes) const {
        return bytes.isEmpty() ||
               ::write(near_, bytes.constData(), static_cast<std::size_t>(bytes.size())) == bytes.size();
    }

private:
    int near_ = -1;
    int far_ = -1;
    std::string name_;
    bool works_ = false;
};

void option(QCommandLineParser& parser, const char* name, const char* words, const char* value,
            const char* usual) {
    parser.addOption({QString::fromLatin1(name), QString::fromLatin1(words), QString::fromLatin1(value),
                      QString::fromLatin1(usual)});
}

int answer_all(fm::StandIn& gauge, const Line& line) {
    char* text = nullptr;
    std::size_t room = 0;
    while (::getline(&text, &room, stdin) >= 0) {
        const QByteArray said = QByteArray(text).trimmed();
        if (said == "quit") break;
        const fm::StandIn::Answer answer = gauge.told(said);
        if (!line.send(answer.serial)) std::fputs("nobody takes what the line sends\n", stdout);
        std::fputs(answer.told.constData(), stdout);
        std::fflush(stdout);
    }
    std::free(text);
    return 0;
}

} // namespace

int main(int argc, char** argv) {
    const QCoreApplication app(argc, argv);
    QCoreApplication::setApplicationVersion(QStringLiteral(FAIR_MEASURE_VERSION));
    QCommandLineParser parser;
    parser.setApplicationDescription(
        QStringLiteral(
            "A simulated digital gauge on a pseudo-terminal, with an instrument and a hand of its own. "
            "The first line it prints is its port. It reads from its standard input:\n") +
        QString::fromLatin1(fm::StandIn::usage()));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(QStringLiteral("JOB"),
                                 QStringLiteral("The job the instrument is as found in."));
    option(parser, "seed", "Which instrument and hand.", "N", "1");
    option(parser, "gauge-u", "Scatter of the gauge, one standard deviation.", "MM", "0.015");
    option(parser, "scatter", "Scatter of the hand, as a share of the pass.", "SHARE", "0.2");
    option(parser, "took", "What share of a pass the hand takes off; 1.4 is over-eager.", "SHARE", "1");
    option(parser, "spoil", "How far each height may be from what was found.", "MM", "0.02");
    option(parser, "unit", "What the gauge sends: mm or in.", "UNIT", "mm");
    parser.addOption({QStringLiteral("bare"), QStringLiteral("Numbers without their unit.")});
    parser.process(app);
    const QStringList names = parser.positionalArguments();
    const QString unit = parser.value(QStringLiteral("unit"));
    bool good = names.size() == 1 && (unit == QLatin1String("mm") || unit == QLatin1String("in"));
    const auto number = [&](const char* name, double least, double most) {
        bool is_number = false;
        const double value = parser.value(QString::fromLatin1(name)).toDouble(&is_number);
        good = good && is_number && value >= least && value <= most;
        return value;
    };
    const fm::SimulatedHand hand{number("gauge-u", 0, 1), number("scatter", 0, 1), number("took", 0, 3),
                                 number("spoil", 0, 1)};
    const auto seed = static_cast<unsigned>(number("seed", 0, 4e9));
    if (!good) {
        std::fputs("Give one job, and options as --help says them.\n", stderr);
        return 2;
    }
    try {
        const fm::Value document = fm::parse_json(fm::load_file(names.first()).text.toStdString());
        const fm::JobResult read = fm::read_job(document);
        if (!read.job) throw fm::InputError(read.problems.front());
        const fm::Design& design = read.job->design;
        fm::StandIn gauge(fm::HiddenInstrument(design, fm::solve(design), read.job->readings, hand, seed),
                          unit == QLatin1String("mm") ? fm::Unit::mm : fm::Unit::in,
                          !parser.isSet(QStringLiteral("bare")));
        const Line line;
        if (!line.works()) {
            std::fputs("No pseudo-terminal could be opened.\n", stderr);
            return 1;
        }
        std::printf("%s\n", line.name().c_str());
        std::fflush(stdout);
        return answer_all(gauge, line);
    } catch (const fm::InputError& error) {
        std::fprintf(stderr, "%s\n", fm::english(error.message()).c_str());
        return 1;
    }
}
