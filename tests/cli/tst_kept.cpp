// What the commands said of a hundred jobs when it was last looked at: whatever a change of the core moves
// shows here by its job and command, also where no other test looks.
#include "cli/commands.h"
#include "common/jobs.h"
#include "core/found/as_found.h"
#include "core/found/filing.h"
#include "core/found/reading_doubts.h"
#include "core/found/sense.h"
#include "core/found/visits.h"
#include "core/solution/nut_plan.h"
#include "core/solution/working.h"
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

constexpr unsigned random_jobs = 12;

std::string place_of(std::size_t entry, std::size_t string) {
    return "readings[" + std::to_string(entry) + "].strings[" + std::to_string(string) + "].";
}

/// Of every three strings one without its action, and one whose nut was only tried with leaves.
/// @param first of the three that is whole
Value partly_read(Value document, std::size_t first) {
    const std::size_t strings = find(document, "strings")->array()->size();
    const std::size_t entries = find(document, "readings")->array()->size();
    for (std::size_t entry = 0; entry < entries; ++entry)
        for (std::size_t i = 0; i < strings; ++i) {
            const std::string read = place_of(entry, i);
            const std::size_t nth = (i + 3 - first) % 3;
            if (nth == 1)
                for (const char* action : {"action12_mm", "action12_capo_mm"})
                    document = without(document, read + action);
            if (nth != 2) continue;
            document = without(document, read + "open_gap_fret1_mm");
            const Value leaf = with(Value(Value::Object{}), "above_mm", 0.05 + 0.01 * static_cast<double>(i));
            document = with(document, read + "pressed_gap_mm", leaf);
            document = with(document, read + "pressed_fret", i % 2 == 0 ? 2 : 3);
        }
    return document;
}

/// Read whole, then filed at the bench: passes of all sizes that came out as all kinds of hands let them,
/// read once or again, with gauges fine and coarse; and a tuner's readings at several frets.
Value filed_and_heard(const Value& document, unsigned seed) {
    RandomJob random(1000 + seed);
    const std::size_t strings = find(document, "strings")->array()->size();
    const auto frets = static_cast<int>(find(document, "neck.frets")->number());
    Value::Array entries = *find(document, "readings")->array();
    const Value nobody(Value::Array(strings, Value(Value::Object{})));
    int minute = 0;
    const auto add = [&](Value entry) {
        const QString when = QStringLiteral("2031-03-0%1T10:%2")
                                 .arg(1 + minute / 60)
                                 .arg(minute % 60, 2, 10, QLatin1Char('0'));
        entries.push_back(with(std::move(entry), "when", when.toStdString()));
        ++minute;
    };
    for (Value& entry : entries) entry = with(entry, "when", "2031-02-01T10:00");
    for (const char* part : {"nut", "saddle"})
        for (std::size_t i = 0; i < strings; i += 2) {
            double gap_mm = random.number(0.5, 0.9) + (part[0] == 's' ? 2.0 : 0.0);
            const double hand = random.number(0.5, 1.3);
            for (int pass = 0; pass < 5; ++pass) {
                const double wanted_mm = pass == 0 ? 0.0 : random.number(0, 0.12);
                if (!random.chance(0.25)) gap_mm -= hand * wanted_mm; // else read again before the file
                const std::string way = part[0] == 's' ? "action12_mm" : "open_gap_fret1_mm";
                Value entry = with(Value(Value::Object{}), "strings", nobody);
                entry = with(entry, "state", "during");
                entry = with(entry, "strings[" + std::to_string(i) + "]." + way,
                             std::round(1000 * gap_mm) / 1000);
                entry = with(entry, "bench.part", part);
                entry = with(entry, "bench.string", static_cast<double>(i));
                entry = with(entry, "bench.wanted_mm", wanted_mm);
                entry = with(entry, "bench.u_mm", random.chance(0.5) ? 0.01 : 0.03);
                add(std::move(entry));
            }
        }
    Value heard = with(Value(Value::Object{}), "strings", nobody);
    for (std::size_t i = 0; i < strings; ++i) {
        const std::string read = "strings[" + std::to_string(i) + "].";
        if (random.chance(0.3)) heard = with(heard, read + "cents_against", "harmonic");
        for (int fret = random.whole(1, 5); fret <= frets; fret += random.whole(2, 7))
            heard = with(heard, read + "cents." + std::to_string(fret), random.number(-6, 9));
        heard = with(heard, read + "cents.12", random.number(-6, 9));
        if (random.chance(0.3)) heard = with(heard, read + "crown_moved_mm", random.number(-1, 1));
    }
    add(std::move(heard));
    return with(document, "readings", entries);
}

/// Every number's working, and what the nut's page is drawn from.
std::string explained(const Job& job) {
    std::string said;
    const auto say = [&said](const auto&... words) { ((said += words, said += ' '), ...); };
    const Solution solution = solve(job.design);
    for (const NumberKey& number : all_numbers(solution)) {
        const auto made = working(job.design, solution, number.text());
        if (!made) continue;
        say(made->key, made->title, made->formula, number_text(made->result));
        for (const Term& term : made->terms)
            say(term.name, std::string(1, term.sign), number_text(term.value), term.key);
    }
    const NutPlan nut = nut_plan_of(job.design, solution);
    for (const NutEnd& end : {nut.bass, nut.treble}) say(number_text(end.along_mm), number_text(end.run));
    for (std::size_t i = 0; i < solution.strings.size(); ++i)
        say(number_text(slot_opening_factor(slot_run(job.design, solution, i))));
    return said;
}

/// What the window works out besides: at the bench, over time, of a nut alone and of what can hardly be read.
class AtTheBench {
public:
    explicit AtTheBench(const Job& job) {
        const Solution target = solve(job.design);
        for (const BenchPart part : {BenchPart::relief, BenchPart::nut, BenchPart::saddle}) {
            const std::vector<PassOutcome> passes = pass_outcomes(job.design, target, job.readings, part);
            for (const PassOutcome& pass : passes) say(pass.wanted_mm, pass.came_mm, pass.u_mm);
            const Hand hand = hand_of(passes);
            say(hand.took, hand.scatter);
            const std::vector<Filing> filings = filing_of(job.design, target, job.readings, part, hand);
            for (const Filing& filing : filings)
                say(static_cast<int>(filing.state), filing.now_mm, filing.expected_mm, filing.wanted_mm,
                    filing.gauge_u_mm, filing.u_mm, filing.readings, filing.per_part_mm, filing.pass_mm,
                    filing.by_gauge_mm, filing.all_mm);
            for (const FilingHabit habit : {FilingHabit::bass_to_treble, FilingHabit::treble_to_bass,
                                            FilingHabit::worst_first, FilingHabit::round})
                if (const auto next = next_filing(filings, {}, habit)) say(*next);
            if (const auto whole = whole_first(job.design, target, job.readings, part))
                say(whole->bass_mm, whole->treble_mm);
        }
        const std::vector<KnownString> known = known_heights(job.design, target, job.readings);
        for (const auto& gap : school_gaps(job.design, target, job.readings, known))
            gap ? say(gap->mm, gap->as_read ? 1 : 0) : say(std::optional<double>());
        say(relief_per_eighth_mm(job.design, job.readings));
        if (const auto turn = rod_turn_eighths(job.design, job.readings, 0.1)) say(*turn);
        for (const Message& doubt : reading_doubts(job.design, target, job.readings))
            said_ += doubt.where + english(doubt);
        if (const auto alone = nut_alone(job.design, target, job.readings)) of_nut(*alone);
        over_time(visits_of(job.design, job.readings));
        for (std::size_t i = 0; i < job.design.strings.size(); ++i)
            for (const ReadThing thing : {ReadThing::gap_fret1, ReadThing::action12, ReadThing::relief,
                                          ReadThing::slot_width, ReadThing::crown}) {
                const SensibleRange range = sensible_range(job.design, thing, i);
                say(range.least_mm, range.most_mm);
            }
    }
    const std::string& said() const { return said_; }

private:
    void of_nut(const NutAlone& alone) {
        say(alone.action_as_wanted ? 1 : 0, static_cast<int>(alone.step.decision.choice),
            alone.step.decision.below_mm, alone.step.decision.shim_mm, alone.step.decision.mean_raise_mm);
        for (std::size_t i = 0; i < alone.step.take_off_mm.size(); ++i)
            say(alone.step.take_off_mm[i], alone.step.raise_mm[i], alone.step.u_mm[i]);
    }
    void over_time(const std::vector<Visit>& visits) {
        const auto number = [this](const DayNumber& day) { say(day.first, day.last); };
        for (const Visit& visit : visits) {
            said_ += visit.day;
            say(visit.humidity_pct, visit.turned_eighths, visit.worked ? 1 : 0);
            number(visit.relief_mm);
            for (const DayNumber& action : visit.action_mm) number(action);
            for (const DayNumber& gap : visit.nut_gap_mm) number(gap);
        }
        for (const Away& away : aways_of(visits))
            say(away.days, away.humidity_pct, away.relief_mm, away.action_mm, away.strings,
                away.relief_moved ? 1 : 0, away.action_moved ? 1 : 0);
    }

    void one(std::optional<double> number) {
        said_ += number ? ' ' + number_text(*number) : std::string(" none");
    }
    template <class... Numbers> void say(const Numbers&... numbers) {
        (one(std::optional<double>(numbers)), ...);
        said_ += ';';
    }
    std::string said_;
};

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
    static bool is_read(const Value& document) { return find(document, "readings[0].strings") != nullptr; }
    /// Every job among the tests' data and the demo's, and some random ones.
    std::map<QString, QString> jobs() {
        std::map<QString, QString> found;
        const QDir data(QStringLiteral(TEST_DATA));
        for (const char* folder : {"", "/cases", "/judged", "/kinds", "/ordinary"})
            add_folder(data.path() + QLatin1String(folder), found);
        add_folder(QStringLiteral(DEMO_DATA), found);
        for (const auto& [name, path] : std::map(found)) // the first string's action not read
            if (name.startsWith(QLatin1String("judged/")) && is_read(document_of(path)))
                add_written(QString(name + QStringLiteral(", partly read"))
                                .replace(QLatin1Char('/'), QLatin1Char(' ')),
                            partly_read(document_of(path), 2), found);
        for (unsigned seed = 0; seed < random_jobs; ++seed) {
            const Value document = RandomJob(seed).document_with_readings();
            add_written(QStringLiteral("random-%1").arg(seed), document, found);
            add_written(QStringLiteral("random-%1, partly read").arg(seed), partly_read(document, seed % 3),
                        found);
            add_written(QStringLiteral("random-%1, filed").arg(seed), filed_and_heard(document, seed), found);
        }
        return found;
    }
    void add_written(const QString& name, const Value& document, std::map<QString, QString>& found) {
        const QString path = dir_.filePath(name + QStringLiteral(".fmjob"));
        QFile file(path);
        if (!file.open(QIODevice::WriteOnly)) throw std::runtime_error("no file");
        file.write(QByteArray::fromStdString(written_json(document)));
        found[name] = path;
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
        const Job read = job_of(document_of(path));
        said[name + ": at the bench"].add(AtTheBench(read).said());
        said[name + ": explained"].add(explained(read));
        for (const std::string_view word : words_of(Symptom{}))
            for (const char* fret : {"1", "3", "12"})
                add("symptoms", {"symptom", job, std::string(word), "--string", "1", "--fret", fret});
    }

    QTemporaryDir dir_;
};

QTEST_APPLESS_MAIN(TestKept)
#include "tst_kept.moc"
