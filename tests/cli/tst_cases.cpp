#include "cli/commands.h"
#include "common/jobs.h"

#include <QDir>
#include <QFileInfo>
#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

/// Results computed independently of this program for thirty-six jobs, most of them random:
/// tests/data/cases. Every key they have must be here, with the same value.
class TestCases : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void init() { faults_.clear(); }
    void equals_data() {
        columns();
        rows(QStringLiteral(".solve.json"));
    }
    void equals() {
        QFETCH(QString, job);
        QFETCH(QString, expected);
        const Design design = job_of(document_of(job)).design;
        at_optimum_ = design.saddle.compensation == CompensationMethod::all_frets ||
                      design.saddle.set_forward != SetForward::keep;
        compare(document_of(expected), printed({"solve", job.toStdString()}), QString());
        QVERIFY2(faults_.isEmpty(), qPrintable(faults_.join(QLatin1Char('\n'))));
    }

    void plans_data() {
        columns();
        rows(QStringLiteral(".plan-neck_saddle_nut.json"));
        rows(QStringLiteral(".plan-neck_nut_saddle.json"));
    }
    void plans() {
        QFETCH(QString, job);
        QFETCH(QString, expected);
        const Job read = job_of(document_of(job));
        at_optimum_ = read.design.saddle.compensation == CompensationMethod::all_frets;
        const std::string order = QFileInfo(expected)
                                      .fileName()
                                      .section(QLatin1Char('.'), 1, 1)
                                      .section(QLatin1Char('-'), 1)
                                      .toStdString();
        compare(document_of(expected), printed({"plan", job.toStdString(), "--order", order}), QString());
        QVERIFY2(faults_.isEmpty(), qPrintable(faults_.join(QLatin1Char('\n'))));
    }

    void every_case_is_there() {
        QCOMPARE(QDir(QStringLiteral(TEST_DATA "/cases")).entryList({QStringLiteral("*.fmjob")}).size(), 36);
    }

private:
    static void columns() {
        QTest::addColumn<QString>("job");
        QTest::addColumn<QString>("expected");
    }
    /// What a command prints.
    static Value printed(const std::vector<std::string>& words) {
        const CommandResult result = run_command(words, nullptr);
        if (result.exit_code != 0) throw std::runtime_error(result.errors);
        return parse_json(result.output);
    }
    static void rows(const QString& ending) {
        const QDir dir(QStringLiteral(TEST_DATA "/cases"));
        for (const QString& name : dir.entryList({QStringLiteral("*") + ending}))
            QTest::newRow(qPrintable(name))
                << dir.filePath(name.section(QLatin1Char('.'), 0, 0) + QStringLiteral(".fmjob"))
                << dir.filePath(name);
    }
    /// mm and degrees 1e-6, cents 1e-4, newtons 1e-5; relative 1e-6 where larger. What stands at an optimum
    /// is only as sharp as its flat bottom: 1e-5 mm.
    double tolerance_of(const QString& key, double value) const {
        double absolute = 1e-6;
        if (key.contains(QLatin1String("cents"))) absolute = 1e-4;
        if (key.contains(QLatin1String("_n"))) absolute = 1e-5;
        if (key.endsWith(QLatin1String("_mm"))) absolute = at_optimum_ ? 1e-5 : 1e-6;
        return std::max(absolute, 1e-6 * std::abs(value));
    }

    void compare(const Value& expected, const Value& got, const QString& where) {
        if (const Value::Object* object = expected.object()) {
            for (const auto& [key, value] : *object) {
                const QString name = QString::fromStdString(key);
                if (name.startsWith(QLatin1Char('_'))) continue; // a working of the other program
                const Value* there = got.member(key);
                if (there)
                    compare(value, *there, where + QLatin1Char('.') + name);
                else
                    faults_ << where + QLatin1Char('.') + name + QStringLiteral(" is missing");
            }
            return;
        }
        if (const Value::Array* array = expected.array()) {
            if (!got.array() || got.array()->size() != array->size()) {
                faults_ << where + QStringLiteral(" has another length");
                return;
            }
            for (std::size_t i = 0; i < array->size(); ++i)
                compare((*array)[i], (*got.array())[i], where + QStringLiteral("[%1]").arg(i));
            return;
        }
        const bool numbers = expected.is_number() && got.is_number();
        const double off = numbers ? std::abs(expected.number() - got.number()) : 0.0;
        const QString key = where.section(QLatin1Char('.'), -1).section(QLatin1Char('['), 0, 0);
        const bool same = numbers ? off <= tolerance_of(key, expected.number())
                                  : compact_json(expected) == compact_json(got);
        if (!same)
            faults_ << QStringLiteral("%1: %2 not %3")
                           .arg(where, QString::fromStdString(compact_json(got)),
                                QString::fromStdString(compact_json(expected)));
    }

    QStringList faults_;
    bool at_optimum_ = false;
};

QTEST_APPLESS_MAIN(TestCases)
#include "tst_cases.moc"
