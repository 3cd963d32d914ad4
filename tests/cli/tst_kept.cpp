// What the commands said of a hundred jobs when it was last looked at: whatever a change of the core moves
// shows here by its job and command, also where no other test looks.
#include "cli/commands.h"
#include "common/jobs.h"
#include "core/words/symptom.h"
#include "core/words/word_of.h"

#include <QDir>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <QTest>

#include <cmath>
#include <map>

using namespace fm;
using namespace fm::test;

namespace {

/// What a command said, in two numbers: its words by a sum of their letters, its numbers by a sum in which
/// each has a weight of its own, the large ones pressed together so that the small ones count.
struct Digest {
    std::uint32_t words = 2166136261U;
    double numbers = 0;

    void add(const std::string& said) {
        static const QRegularExpression number(QStringLiteral("-?\\d+(?:\\.\\d+)?(?:e-?\\d+)?"));
        const QString text = QString::fromStdString(said);
        qsizetype from = 0;
        for (auto each = number.globalMatch(text); each.hasNext();) {
            const auto match = each.next();
            add_words(text.mid(from, match.capturedStart() - from));
            from = match.capturedEnd();
            ++count_;
            const double weight = 0.5 + std::fmod(0.6180339887498949 * count_, 1.0);
            numbers += weight * std::asinh(100.0 * match.captured().toDouble());
        }
        add_words(text.mid(from));
    }

private:
    void add_words(const QString& words_between) {
        for (const char letter : words_between.toUtf8())
            words = (words ^ static_cast<unsigned char>(letter)) * 16777619U;
    }
    double count_ = 0;
};

constexpr unsigned random_jobs = 16;

} // namespace

class TestKept : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// After a change that is meant: FAIR_MEASURE_WRITE=1 build/tests/tst_kept writes anew what is kept.
    void what_was_said_is_said_again() {
        const QString path = QStringLiteral(TEST_DATA "/kept.json");
        std::map<std::string, Digest> said;
        for (const auto& [name, file] : jobs()) say(name.toStdString(), file, said);
        if (qEnvironmentVariableIsSet("FAIR_MEASURE_WRITE")) {
            Value::Object object;
            for (const auto& [what, digest] : said)
                object.emplace_back(what, Value(Value::Array{Value(static_cast<double>(digest.words)),
                                                             Value(std::round(1e4 * digest.numbers) / 1e4)}));
            QFile file(path);
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(QByteArray::fromStdString(written_json(Value(std::move(object)))));
            return;
        }
        const Value kept = document_of(path);
        QCOMPARE(said.size(), kept.object()->size());
        QStringList changed;
        for (const auto& [what, digest] : said) {
            const Value* there = kept.member(what);
            // What stands at an optimum is as sharp as its flat bottom.
            constexpr double off = 5e-3;
            if (!there || (*there->array())[0].number() != static_cast<double>(digest.words) ||
                std::abs((*there->array())[1].number() - digest.numbers) > off)
                changed << QString::fromStdString(what);
        }
        QVERIFY2(changed.isEmpty(), qPrintable(changed.join(QLatin1Char('\n'))));
    }

private:
    /// Every job among the tests' data and the demo's, and some random ones.
    std::map<QString, QString> jobs() {
        std::map<QString, QString> found;
        const QDir data(QStringLiteral(TEST_DATA));
        for (const char* folder : {"", "/cases", "/judged", "/kinds", "/ordinary"})
            add_folder(data.path() + QLatin1String(folder), found);
        add_folder(QStringLiteral(DEMO_DATA), found);
        for (unsigned seed = 0; seed < random_jobs; ++seed) {
            const QString path = dir_.filePath(QStringLiteral("random-%1.fmjob").arg(seed));
            QFile file(path);
            if (!file.open(QIODevice::WriteOnly)) throw std::runtime_error("no file");
            file.write(QByteArray::fromStdString(written_json(RandomJob(seed).document_with_readings())));
            found[QFileInfo(path).completeBaseName()] = path;
        }
        return found;
    }
    static void add_folder(const QString& folder, std::map<QString, QString>& found) {
        for (const QFileInfo& file : QDir(folder).entryInfoList({QStringLiteral("*.fmjob")}, QDir::Files))
            found[QDir(folder).dirName() + QLatin1Char('/') + file.completeBaseName()] = file.filePath();
    }

    static void say(const std::string& name, const QString& path, std::map<std::string, Digest>& said) {
        const std::string job = path.toStdString();
        const auto add = [&](const std::string& as, std::vector<std::string> words) {
            words.insert(words.end(), {"--workshop", DEMO_DATA});
            const CommandResult result = run_command(words, nullptr);
            QString errors = QString::fromStdString(result.errors);
            errors.remove(path);
            said[name + ": " + as].add(result.output + errors.toStdString() +
                                       std::to_string(result.exit_code));
        };
        add("solve", {"solve", job});
        add("plan", {"plan", job});
        add("plan, nut first", {"plan", job, "--order", "neck_nut_saddle"});
        add("check", {"check", job});
        add("quote", {"quote", job});
        add("fit", {"fit", job});
        add("intonation", {"intonation", job});
        for (const char* hand : {"soft", "normal", "hard"})
            add("least action", {"least-action", job, "--hand", hand});
        for (const std::string_view word : words_of(Symptom{}))
            for (const char* fret : {"1", "3", "12"})
                add("symptoms", {"symptom", job, std::string(word), "--string", "1", "--fret", fret});
    }

    QTemporaryDir dir_;
};

QTEST_APPLESS_MAIN(TestKept)
#include "tst_kept.moc"
