#pragma once
// Runs other programs in tests: the command line, and readers of files that are not ours.
#include "job/document/json.h"

#include <QProcess>

namespace fm::test {

struct Ran {
    int exit_code = -1;
    QByteArray output;
    QByteArray errors;
};

/// A program of the build that is tested.
inline QString program(const char* name) {
    return qEnvironmentVariable("FAIR_MEASURE_PROGRAMS", QStringLiteral(PROGRAMS)) + QLatin1Char('/') +
           QLatin1String(name);
}

inline Ran run(const QString& started, const QStringList& words) {
    QProcess process;
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    // The readers have nothing of ours to be checked, and Python is not built for our sanitizers.
    environment.insert(QStringLiteral("PYTHONIOENCODING"), QStringLiteral("utf-8"));
    process.setProcessEnvironment(environment);
    process.start(started, words);
    process.waitForFinished(240000);
    return {process.exitCode(), process.readAllStandardOutput(), process.readAllStandardError()};
}

/// The JSON a reader in tests/tools prints about a file.
inline Value measured(const char* script, const QString& file) {
    const Ran ran = run(QStringLiteral(PYTHON), {QStringLiteral(TOOLS "/") + QLatin1String(script), file});
    if (ran.exit_code != 0) throw std::runtime_error(ran.errors.toStdString());
    return parse_json(ran.output.toStdString());
}

} // namespace fm::test
