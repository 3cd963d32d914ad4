#include "common/jobs.h"
#include "common/run.h"
#include "job/read/record.h"
#include "workshop/workshop.h"

#include <QDir>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>

#include <cmath>
#include <sys/stat.h>

using namespace fm;
using namespace fm::test;

namespace {

Ran cli(const QStringList& words) {
    return run(program("fair-measure-cli"), words);
}
QString demo(const char* name) {
    return QStringLiteral(DEMO_DATA "/%1.fmjob").arg(QLatin1String(name));
}

QString written(const QTemporaryDir& dir, const char* name, const QByteArray& text) {
    const QString path = dir.filePath(QLatin1String(name));
    QFile file(path);
    if (file.open(QIODevice::WriteOnly)) file.write(text);
    return path;
}

} // namespace

class TestCli : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void solve_prints_the_solution() {
        const Ran ran = cli({QStringLiteral("solve"), demo("curlew")});
        QCOMPARE(ran.exit_code, 0);
        const Value out = parse_json(ran.output.toStdString());
        const Solution solution = solve(job_of(demo_document("curlew")).design);
        QCOMPARE(find(out, "strings")->array()->size(), std::size_t(10));
        QVERIFY(std::abs(find(out, "strings[2].floor_above_seat_mm")->number() -
                         solution.strings[2].slot.floor_above_seat_mm) < 1e-12);
        QCOMPARE(find(out, "strings[2].open_gaps_mm")->array()->size(), std::size_t(20));
        for (const char* key : {"strings[0].tension_n", "strings[0].cents[19]", "strings[0].headroom_n[0]",
                                "strings[0].nut_force_n", "straight_saddle.cents[0][0]", "bridge.moment_nm",
                                "placing.diagonal_from_bass_mm", "notches[9].width_mm",
                                "strings[0].compensation_mm_at_end_stiffness.0"})
            QVERIFY2(find(out, key) && find(out, key)->is_number(), key);
        QVERIFY(find(parse_json(cli({QStringLiteral("solve"), demo("lantern")}).output.toStdString()),
                     "strings[0].nut_bend_deg")
                    ->is_null());
        QVERIFY(find(out, "warnings")->array()->empty());
        QVERIFY(find(out, "strings[2].file_mm")->is_null() &&
                find(out, "strings[2].feelers_mm")->is_null()); // no shop named
        const Ran shop = cli({QStringLiteral("solve"), demo("curlew"), QStringLiteral("--workshop"),
                              QStringLiteral(DEMO_DATA)});
        const Value with_tools = parse_json(shop.output.toStdString());
        QCOMPARE(find(with_tools, "strings[2].file_mm")->number(), 0.9);
        QCOMPARE(compact_json(*find(with_tools, "strings[2].feelers_mm")), std::string("[1.0,0.2]"));
    }
    void jobs_come_from_files_or_standard_input() {
        const Ran two = cli({QStringLiteral("solve"), demo("curlew"), demo("teal")});
        const QList<QByteArray> lines = two.output.split('\n');
        QVERIFY(two.exit_code == 0 && lines.size() == 3 && lines.back().isEmpty());
        QCOMPARE(lines[1] + '\n', cli({QStringLiteral("solve"), demo("teal")}).output);
        const Ran piped =
            run(QStringLiteral("/bin/sh"),
                {QStringLiteral("-c"),
                 QStringLiteral("'%1' solve - < '%2'").arg(program("fair-measure-cli"), demo("teal"))});
        QCOMPARE(piped.output, lines[1] + '\n');
        const Ran one_bad = cli({QStringLiteral("solve"), QStringLiteral("no.fmjob"), demo("teal")});
        QVERIFY(one_bad.exit_code == 2 && one_bad.output == lines[1] + '\n');
        QVERIFY(one_bad.errors.startsWith("no.fmjob:\nerror: there is no file"));
        const Ran pretty = cli({QStringLiteral("solve"), demo("teal"), QStringLiteral("--pretty")});
        QVERIFY(pretty.output.count('\n') > 100);
        QCOMPARE(compact_json(parse_json(pretty.output.toStdString())) + "\n",
                 (lines[1] + '\n').toStdString());
    }
    void a_plan_needs_readings() {
        const Ran planned = cli({QStringLiteral("plan"), demo("curlew"), QStringLiteral("--order"),
                                 QStringLiteral("neck_nut_saddle")});
        const Value out = parse_json(planned.output.toStdString());
        QCOMPARE(*find(out, "order")->text(), std::string("neck_nut_saddle"));
        QCOMPARE(*find(out, "steps[1].step")->text(), std::string("nut"));
        const Ran none = cli({QStringLiteral("plan"), demo("lantern")});
        QVERIFY(none.exit_code == 1 && none.errors.contains("readings: no string has both"));
        QCOMPARE(cli({QStringLiteral("plan"), demo("curlew"), QStringLiteral("--order"), QStringLiteral("x")})
                     .exit_code,
                 2);
    }
    /// A stop nobody has passed and a slot no cutter gets into refuse a machine's file, and nothing else
    /// does.
    void a_machine_is_refused_what_nobody_should_cut() {
        const QTemporaryDir dir;
        const QString file = dir.filePath(QStringLiteral("nut.svg"));
        const QString stopped = QStringLiteral(TEST_DATA "/judged/lifting-bridge.fmjob");
        const auto for_machine = [&](const QString& job, const QStringList& more = {}) {
            return cli(QStringList{QStringLiteral("sheet"), job, QStringLiteral("--machine"),
                                   QStringLiteral("-o"), file} +
                       more);
        };
        const Ran refused = for_machine(stopped);
        QCOMPARE(refused.exit_code, 3);
        QVERIFY(refused.errors.contains("STOP, not passed: bridge lifting") &&
                refused.errors.contains("--force"));
        QVERIFY(!QFile::exists(file));
        const Ran forced = for_machine(stopped, {QStringLiteral("--force")});
        QCOMPARE(forced.exit_code, 0);
        QVERIFY(file_bytes(file).contains("STOP, not passed"));
        QVERIFY(QFile::remove(file));
        const QStringList wide{QStringLiteral("--cutter"), QStringLiteral("3")};
        QCOMPARE(for_machine(demo("curlew"), wide).exit_code, 3);
        QVERIFY(!QFile::exists(file));
        QCOMPARE(for_machine(demo("curlew"), wide + QStringList{QStringLiteral("--force")}).exit_code, 0);
        QCOMPARE(for_machine(demo("curlew")).exit_code, 0);
        // Paper is printed in spite of it, with the stop in a box at its head.
        QCOMPARE(cli({QStringLiteral("sheet"), stopped, QStringLiteral("--part"), QStringLiteral("all"),
                      QStringLiteral("-o"), file})
                     .exit_code,
                 0);
        QVERIFY(file_bytes(file).contains("STOP, not passed"));
        QCOMPARE(cli({QStringLiteral("sheet"), demo("curlew"), QStringLiteral("--force"),
                      QStringLiteral("-o"), file})
                     .exit_code,
                 2);
    }

    void a_clamping_nut_is_shimmed_from_the_shop() {
        const QTemporaryDir dir;
        Value job = with(demo_document("curlew"), "nut.clamping", true);
        for (int i = 0; i < 10; ++i)
            job = with(job, "readings[0].strings[" + std::to_string(i) + "].open_gap_fret1_mm", 0.05);
        const QString path = written(dir, "c.fmjob", QByteArray::fromStdString(written_json(job)));
        const Ran ran =
            cli({QStringLiteral("plan"), path, QStringLiteral("--workshop"), QStringLiteral(DEMO_DATA)});
        const Value out = parse_json(ran.output.toStdString());
        const double raise = find(out, "steps[2].clamping.raise_mm")->number();
        const double shims = find(out, "steps[2].clamping.shims_total_mm")->number();
        QVERIFY(raise > 0.3 && shims <= raise + 0.05 && std::abs(shims - raise) <= 0.05);
    }
    void a_number_is_explained() {
        const QString key = QStringLiteral("strings[2].floor_above_seat_mm");
        const Ran text = cli({QStringLiteral("explain"), demo("curlew"), key});
        QVERIFY2(text.output.contains("8 · D3, floor over seat") &&
                     text.output.contains("nut.board_above_seat_mm") && text.output.contains("  ± 0.03") &&
                     text.output.contains("from fret (read with a caliper), neck.fret_height_mm"),
                 text.output.constData());
        const Value out =
            parse_json(cli({QStringLiteral("explain"), demo("curlew"), key, QStringLiteral("--json")})
                           .output.toStdString());
        const Solution solution = solve(job_of(demo_document("curlew")).design);
        QCOMPARE(find(out, "result")->number(), solution.strings[2].slot.floor_above_seat_mm);
        QCOMPARE(find(out, "contributions")->array()->size(), std::size_t(3));
        const Ran unknown =
            cli({QStringLiteral("explain"), demo("curlew"), QStringLiteral("strings[99].tension_n")});
        QVERIFY(unknown.exit_code == 1 && unknown.errors.contains("strings[99].tension_n is no number"));
    }
    void strings_that_cannot_sound_are_named() {
        const QTemporaryDir dir;
        Value job = with(demo_document("curlew"), "strings[9].bending_stiffness_n_mm2", 1e7);
        const QString path = written(dir, "s.fmjob", QByteArray::fromStdString(written_json(job)));
        const Ran ran = cli({QStringLiteral("solve"), path});
        QVERIFY2(ran.exit_code == 1 && ran.errors.contains("1 · G4: no tension makes this string sound"),
                 ran.errors.constData());
        job = with(demo_document("curlew"), "bridge.exit.behind_mm", 0.1);
        const Ran exit = cli(
            {QStringLiteral("solve"), written(dir, "e.fmjob", QByteArray::fromStdString(written_json(job)))});
        QVERIFY2(exit.exit_code == 1 && exit.errors.contains("bridge.exit.behind_mm is 0.10 mm"),
                 exit.errors.constData());
        QCOMPARE(cli({QStringLiteral("check"), path}).exit_code, 1);
    }
    void what_is_no_plain_file_is_neither_read_nor_written() {
        const QTemporaryDir dir;
        const QString pipe = dir.filePath(QStringLiteral("pipe.pdf"));
        QCOMPARE(::mkfifo(qPrintable(pipe), 0600), 0);
        QCOMPARE(cli({QStringLiteral("solve"), pipe}).exit_code, 2);
        QCOMPARE(cli({QStringLiteral("sheet"), demo("teal"), QStringLiteral("-o"), pipe}).exit_code, 3);
        struct stat there {};
        QVERIFY(::stat(qPrintable(pipe), &there) == 0 && S_ISFIFO(there.st_mode));
        QCOMPARE(cli({QStringLiteral("fit"), dir.filePath(QStringLiteral("no/a.fmjob")),
                      QStringLiteral("--write")})
                     .exit_code,
                 2);
    }
    void a_fit_is_written_into_its_string() {
        const QTemporaryDir dir;
        const Value read = with(demo_document("curlew"), "readings[0].strings[9].cents",
                                parse_json("{\"5\": 1.0, \"7\": 1.5, \"12\": 3.5}"));
        // Shown without the crown's place, and not written.
        const QString unsure = written(dir, "u.fmjob", QByteArray::fromStdString(written_json(read)));
        QCOMPARE(cli({QStringLiteral("fit"), unsure}).exit_code, 0);
        const Ran refused = cli({QStringLiteral("fit"), unsure, QStringLiteral("--write")});
        QVERIFY(refused.exit_code == 1 && refused.errors.contains("measure from fret 12 to the crown"));
        QVERIFY(document_of(unsure) == read);
        const Value job = with(read, "readings[0].strings[9].crown_found_mm", 279.0);
        const QString path = written(dir, "f.fmjob", QByteArray::fromStdString(written_json(job)));
        const Ran seen = cli({QStringLiteral("fit"), path, QStringLiteral("--string"), QStringLiteral("1")});
        QVERIFY(seen.exit_code == 0 && document_of(path) == job); // looking writes nothing
        const Ran wrote = cli({QStringLiteral("fit"), path, QStringLiteral("--write")});
        QCOMPARE(wrote.output, seen.output);
        const double kappa =
            find(parse_json(wrote.output.toStdString()), "[0].end_stiffness.value")->number();
        QCOMPARE(find(document_of(path), "strings[9].end_stiffness")->number(), kappa);
        QVERIFY(!find(document_of(path), "strings[8].end_stiffness"));
        QVERIFY(cli({QStringLiteral("fit"), demo("curlew")}).errors.contains("nothing can be fitted"));
    }
    void crowns_are_advised() {
        const QTemporaryDir dir;
        Value job =
            with(demo_document("kittiwake"), "readings[0].strings[1].cents", parse_json("{\"12\": 4.0}"));
        const auto advice = [&](const char* shop = nullptr) {
            QStringList words{QStringLiteral("intonation"),
                              written(dir, "i.fmjob", QByteArray::fromStdString(written_json(job)))};
            if (shop) {
                written(dir, "workshop.json", shop);
                words << QStringLiteral("--workshop") << dir.path();
            }
            return parse_json(cli(words).output.toStdString());
        };
        QVERIFY(find(advice(), "strings[1].move_mm")->number() > 1);
        QCOMPARE(find(advice(), "strings[1].u_cents")->number(), 1.0);
        QVERIFY(find(advice(), "strings[0]")->is_null());
        const char* shop = R"({"format": "fair-measure-workshop", "version": 1, "name": "Saltmarsh Row",
                               "intonation": {"tuner_u_cents": 0.3, "near_cents": 5}})";
        QVERIFY(std::abs(find(advice(shop), "strings[1].u_cents")->number() - 0.3) < 1e-9);
        // A second reading near enough: there.
        job =
            with(job, "readings[1]", parse_json(R"({"state": "during", "when": "2026-04-12T11:00", "strings":
                   [{}, {"cents": {"12": 3.8}}, {}, {}]})"));
        QVERIFY(*find(advice(shop), "strings[1].there")->flag());
        QVERIFY(!*find(advice(), "strings[1].there")->flag());
        job = with(job, "readings[2]", parse_json(R"({"state": "during", "when": "2026-04-12T12:00",
                   "strings_new": true})"));
        QVERIFY(find(advice(), "strings[1]")->is_null());
    }
    void the_bench_is_advised() {
        const Value least = parse_json(cli({QStringLiteral("least-action"), demo("curlew"),
                                            QStringLiteral("--pluck"), QStringLiteral("1")})
                                           .output.toStdString());
        QVERIFY(find(least, "mean_mm")->number() > 0.5 && !find(least, "limits")->array()->empty());
        const Value causes =
            parse_json(cli({QStringLiteral("symptom"), demo("curlew"), QStringLiteral("open_buzz"),
                            QStringLiteral("--string"), QStringLiteral("3")})
                           .output.toStdString());
        QCOMPARE(*find(causes, "string")->text(), std::string("3 · D4"));
        QVERIFY(find(causes, "causes")->array()->size() >= 3);
        const Value quote = parse_json(cli({QStringLiteral("quote"), demo("kittiwake"),
                                            QStringLiteral("--workshop"), QStringLiteral(DEMO_DATA)})
                                           .output.toStdString());
        QCOMPARE(find(quote, "parts")->array()->size(), std::size_t(2));
        QVERIFY(find(quote, "total")->number() > 50);
    }
    void scales_and_string_sets_are_read() {
        const QTemporaryDir dir;
        const QString scale = written(dir, "a.scl",
                                      "! a\nnone\n 12\n100.0\n200.\n300.0\n400.0\n500.0\n600.0\n"
                                      "3/2\n800.0\n900.0\n1000.0\n1100.0\n2/1\n");
        const Value temperament =
            parse_json(cli({QStringLiteral("temperament"), scale}).output.toStdString());
        QVERIFY(std::abs(find(temperament, "cents[6]")->number() - 701.955) < 1e-3);
        const Value job = with(demo_document("curlew"), "temperament", temperament);
        QCOMPARE(cli({QStringLiteral("check"),
                      written(dir, "t.fmjob", QByteArray::fromStdString(written_json(job)))})
                     .exit_code,
                 0);
        const Ran bad = cli({QStringLiteral("temperament"), written(dir, "b.scl", "none\n7\n")});
        QVERIFY2(bad.exit_code == 1 && bad.errors.contains("it has 7 notes; twelve are needed"),
                 bad.errors.constData());
        const Ran strings =
            cli({QStringLiteral("strings"),
                 written(dir, "s.csv", "pitch,diameter,wound\nG2,.042 in,yes\nD3,0.8 mm,no\n")});
        QCOMPARE(strings.output, QByteArray("[{\"pitch\":\"G2\",\"diameter_mm\":1.0668,\"wound\":true},{"
                                            "\"pitch\":\"D3\",\"diameter_mm\":0.8,\"wound\":false}]\n"));
    }
    void what_cannot_be_solved_says_why() {
        const QTemporaryDir dir;
        const Ran bad =
            cli({QStringLiteral("solve"), written(dir, "bad.fmjob",
                                                  QByteArray::fromStdString(written_json(
                                                      with(demo_document("curlew"), "neck.scale_mm", 20))))});
        QCOMPARE(bad.exit_code, 1);
        QVERIFY(bad.output.isEmpty() && bad.errors.contains("neck.scale_mm is 20; allowed is 200 to 1200"));
        for (const char* text : {"", "{", "[]", "nonsense"})
            QCOMPARE(cli({QStringLiteral("solve"), written(dir, "x.fmjob", text)}).exit_code, 1);
        QVERIFY(cli({QStringLiteral("solve"), dir.path()}).errors.contains("is a folder"));
        QVERIFY(cli({QStringLiteral("solve"), dir.filePath(QStringLiteral("none.fmjob"))})
                    .errors.contains("there is no file"));
    }
    /// What is not there is wrong usage, and nothing is said of anything else in its place.
    void what_is_not_there_is_said() {
        const QTemporaryDir dir;
        const QString none = dir.filePath(QStringLiteral("none"));
        const QString job = demo("curlew");
        for (const QStringList& words :
             {QStringList{QStringLiteral("solve"), none}, QStringList{QStringLiteral("plan"), none},
              QStringList{QStringLiteral("check"), none}, QStringList{QStringLiteral("solve"), dir.path()},
              QStringList{QStringLiteral("strings"), none}, QStringList{QStringLiteral("temperament"), none},
              QStringList{QStringLiteral("solve"), job, QStringLiteral("--workshop"), none},
              QStringList{QStringLiteral("quote"), job, QStringLiteral("--workshop"), none},
              QStringList{QStringLiteral("printer"), QStringLiteral("p"), QStringLiteral("--bar-x"),
                          QStringLiteral("100"), QStringLiteral("--bar-y"), QStringLiteral("100"),
                          QStringLiteral("--workshop"), none},
              QStringList{QStringLiteral("sheet"), job, QStringLiteral("--part"), QStringLiteral("attic"),
                          QStringLiteral("-o"), dir.filePath(QStringLiteral("a.pdf"))}}) {
            const Ran ran = cli(words);
            QVERIFY2(ran.exit_code == 2, qPrintable(words.join(QLatin1Char(' '))));
            QVERIFY2(ran.output.isEmpty() && !ran.errors.isEmpty(), qPrintable(words.join(QLatin1Char(' '))));
        }
        QVERIFY(!QFile::exists(none));
        // A shop without prices makes no price of nothing.
        const Ran free = cli({QStringLiteral("quote"), job, QStringLiteral("--workshop"), dir.path()});
        QVERIFY2(free.exit_code == 1 && free.output.isEmpty() && free.errors.contains("nothing to quote by"),
                 free.errors.constData());
    }
    void what_cannot_be_written_is_said() {
        const auto shell = [](const QString& tail) {
            return run(QStringLiteral("/bin/sh"),
                       {QStringLiteral("-c"), program("fair-measure-cli") + QLatin1Char(' ') + tail});
        };
        const QString solve = QStringLiteral("solve '%1' ").arg(demo("curlew"));
        for (const QString& tail : {solve + QStringLiteral(">/dev/full"), QStringLiteral("--help >/dev/full"),
                                    solve + QStringLiteral(">&-")}) {
            const Ran ran = shell(tail);
            QVERIFY2(ran.exit_code == 3, qPrintable(tail));
            QVERIFY2(ran.errors.contains("standard output could not be written"), ran.errors.constData());
        }
        // The reader of the pipe has gone.
        const Ran gone = run(QStringLiteral("/bin/sh"),
                             {QStringLiteral("-c"), QStringLiteral("{ sleep 0.3; ") +
                                                        program("fair-measure-cli") + QLatin1Char(' ') +
                                                        solve + QStringLiteral("; echo $? >&2; } | true")});
        QVERIFY2(gone.errors.contains("could not be written") && gone.errors.trimmed().endsWith('3'),
                 gone.errors.constData());
        const QTemporaryDir dir;
        const Ran no_folder =
            cli({QStringLiteral("sheet"), demo("curlew"), QStringLiteral("--part"), QStringLiteral("nut"),
                 QStringLiteral("-o"), dir.filePath(QStringLiteral("no/such/a.pdf"))});
        QVERIFY2(no_folder.exit_code == 3 && no_folder.errors.contains("could not be written"),
                 no_folder.errors.constData());
    }
    /// Several at once: each waits for the others, and nothing of any of them is lost.
    void writers_wait_for_each_other() {
        const QTemporaryDir shop;
        const int processes = qEnvironmentVariableIsSet("FAIR_MEASURE_LONG") ? 8 : 4;
        constexpr int names = 12;                 // a shop keeps a hundred printers
        const int passes = processes > 4 ? 6 : 3; // 8 × 12 × 6: more than five hundred writes
        std::vector<std::unique_ptr<QProcess>> all;
        for (int process = 0; process < processes; ++process) {
            const QString each =
                QStringLiteral(
                    "for pass in $(seq 141 $((140 + %5))); do for name in $(seq %1); do "
                    "'%2' printer p%3-$name --bar-x $pass --bar-y $pass --workshop '%4' || exit 1; "
                    "done; done")
                    .arg(QString::number(names), program("fair-measure-cli"), QString::number(process),
                         shop.path(), QString::number(passes));
            all.push_back(std::make_unique<QProcess>());
            all.back()->setProcessChannelMode(QProcess::ForwardedErrorChannel);
            all.back()->start(QStringLiteral("/bin/sh"), {QStringLiteral("-c"), each});
        }
        for (const auto& process : all) {
            QVERIFY(process->waitForFinished(120000));
            QCOMPARE(process->exitCode(), 0);
        }
        const Workshop written(shop.path());
        for (int process = 0; process < processes; ++process)
            for (int name = 1; name <= names; ++name) {
                const ShopPrinter* printer =
                    written.printer("p" + std::to_string(process) + "-" + std::to_string(name));
                QVERIFY(printer);
                QCOMPARE(printer->bar_x_mm, 140.0 + passes);
            }
        QCOMPARE(QDir(shop.path()).entryList(QDir::Files | QDir::Hidden).size(), 1); // no lock is left
    }
    /// A fault in what a command goes by stops it; any other is said, and the rest of the shop holds.
    void a_shops_faults_are_said_data() {
        QTest::addColumn<QString>("key");
        QTest::addColumn<QStringList>("words");
        QTest::addColumn<int>("exit_code");
        const QString job = demo("teal");
        const QStringList solve{QStringLiteral("solve"), job};
        const QStringList quote{QStringLiteral("quote"), job};
        const QStringList check{QStringLiteral("check"), job};
        const QStringList printer{QStringLiteral("printer"), QStringLiteral("p"),
                                  QStringLiteral("--bar-x"), QStringLiteral("150"),
                                  QStringLiteral("--bar-y"), QStringLiteral("150")};
        QTest::newRow("tools for solve") << "nut_files_mm" << solve << 1;
        QTest::newRow("printers for solve") << "printers" << solve << 0;
        QTest::newRow("bench for solve") << "bench" << solve << 0;
        QTest::newRow("rate for a quote") << "rate_per_hour" << quote << 1;
        QTest::newRow("tools for a quote") << "nut_files_mm" << quote << 0;
        QTest::newRow("printers for check") << "printers" << check << 1;
        QTest::newRow("bench for a printer") << "bench" << printer << 3; // nothing is written into it
    }
    void a_shops_faults_are_said() {
        QFETCH(QString, key);
        QFETCH(QStringList, words);
        QFETCH(int, exit_code);
        const QTemporaryDir shop;
        copy_demo_workshop(shop.path());
        const QString path = shop.filePath(QStringLiteral("workshop.json"));
        const QByteArray text =
            QByteArray::fromStdString(written_json(with(document_of(path), key.toStdString(), "none")));
        (void)written(shop, "workshop.json", text);
        const Ran ran = cli(words + QStringList{QStringLiteral("--workshop"), shop.path()});
        const QByteArray said = ran.errors + ran.output; // what check has to say is its output
        QCOMPARE(ran.exit_code, exit_code);
        QVERIFY2(said.contains((QStringLiteral("workshop.json: ") + key).toUtf8()) && said.contains("none"),
                 said.constData());
        QCOMPARE(ran.exit_code == 0, ran.output.startsWith('{'));
        QCOMPARE(file_bytes(path), text);
    }
    void every_command_has_its_help() {
        const QByteArray all = cli({QStringLiteral("--help")}).output;
        int commands = 0;
        for (const QByteArray& line : all.split('\n')) {
            if (!line.startsWith("  ") || line.startsWith("   ") || line.startsWith("  -")) continue;
            const QString name = QString::fromLatin1(line.mid(2).split(' ')[0]);
            const Ran ran = cli({name, QStringLiteral("--help")});
            QVERIFY2(ran.exit_code == 0 && ran.errors.isEmpty(), qPrintable(name));
            const QByteArray called =
                "Usage: fair-measure-cli " + name.toLatin1() + " [options] " + line.mid(2).split(' ')[1];
            QVERIFY2(ran.output.startsWith(called), ran.output.constData());
            QVERIFY2(ran.output.contains("\nOptions:\n  -"), ran.output.constData());
            ++commands;
        }
        QVERIFY(commands > 12);
    }
    void several_jobs_are_one_json_each() {
        const Ran two =
            cli({QStringLiteral("solve"), QStringLiteral("--pretty"), demo("curlew"), demo("teal")});
        const qsizetype second = two.output.indexOf("\n{") + 1;
        QVERIFY(second > 0);
        QVERIFY(find(parse_json(two.output.left(second).toStdString()), "strings"));
        QVERIFY(find(parse_json(two.output.mid(second).toStdString()), "strings"));
    }
    void check_tells_one_line_each() {
        const QTemporaryDir dir;
        const Ran good = cli({QStringLiteral("check"), demo("curlew")});
        QVERIFY(good.exit_code == 0 && good.output.isEmpty());
        Value doubtful = with(demo_document("curlew"), "limits.string_gap_min_mm", 2.5);
        Ran ran = cli({QStringLiteral("check"),
                       written(dir, "w.fmjob", QByteArray::fromStdString(written_json(doubtful)))});
        QCOMPARE(ran.exit_code, 0);
        QVERIFY(ran.output.startsWith(
            "warning: nut.spacing: 10 · G2 and 9 · G3 stand 1.90 mm apart; 2.50 mm is wanted\n"));
        ran = cli({QStringLiteral("check"),
                   written(dir, "e.fmjob",
                           QByteArray::fromStdString(written_json(with(doubtful, "neck.frets", 3))))});
        QCOMPARE(ran.exit_code, 1);
        QVERIFY(ran.output.startsWith("error: neck.frets is 3"));
        ran = cli(
            {QStringLiteral("check"),
             written(dir, "n.fmjob",
                     QByteArray::fromStdString(written_json(with(demo_document("curlew"), "version", 9))))});
        QVERIFY(ran.exit_code == 0 &&
                ran.output.startsWith("note: version: this job was written by a newer version (9)"));
        // Values nobody measured, each.
        const Value assumed =
            with(demo_document("curlew"), "assumed", Value::Array{"neck.scale_mm", "strings[2].diameter_mm"});
        ran = cli({QStringLiteral("check"),
                   written(dir, "a.fmjob", QByteArray::fromStdString(written_json(assumed)))});
        QCOMPARE(ran.exit_code, 0);
        QCOMPARE(ran.output, QByteArray("note: neck.scale_mm is assumed, not measured\n"
                                        "note: strings[2].diameter_mm is assumed, not measured\n"));
        // A choice that cannot be is told, and what is done instead.
        const Value chosen = with(demo_document("curlew"), "plan.nut", "shim");
        const QString path = written(dir, "c.fmjob", QByteArray::fromStdString(written_json(chosen)));
        ran = cli({QStringLiteral("check"), path});
        QCOMPARE(ran.exit_code, 0);
        QVERIFY(ran.output.startsWith("warning: plan.nut is shim, but no slot is so low"));
        const Value made = parse_json(cli({QStringLiteral("plan"), path}).output.toStdString());
        QCOMPARE(compact_json(*find(made, "steps[2].choice")), std::string("\"file\""));
        // What keeps the work from going on, and why somebody goes on.
        Value stopped = with(demo_document("kittiwake"), "record",
                             parse_json(R"([{"kind": "decision", "when": "2026-04-11T09:30", "text": "go on",
                                  "reason": "a reading for the repairer", "about": "stop:bridge_lifting"}])"));
        const Value stops =
            parse_json(cli({QStringLiteral("plan"),
                            written(dir, "s.fmjob", QByteArray::fromStdString(written_json(stopped)))})
                           .output.toStdString());
        QCOMPARE(compact_json(*find(stops, "stops[0].point")), std::string("\"bridge_lifting\""));
        QCOMPARE(compact_json(*find(stops, "stops[0].passed")), std::string("true"));
        QCOMPARE(compact_json(*find(stops, "stops[0].reason")),
                 std::string("\"a reading for the repairer\""));
    }
    void check_tells_what_the_survey_found() {
        const Ran ran = cli({QStringLiteral("check"), demo("kittiwake")});
        QCOMPARE(ran.exit_code, 0);
        QVERIFY(ran.output.contains("warning: survey.bridge_lifting: bridge lifting: no set-up until"));
        QVERIFY(ran.output.contains("note: survey.slots_filled: "));
        QVERIFY(!ran.output.contains("rod"));
    }
    void convert_reads_as_the_fields_do() {
        QCOMPARE(cli({QStringLiteral("convert"), QStringLiteral("3/64\""), QStringLiteral("--to"),
                      QStringLiteral("mm")})
                     .output,
                 QByteArray("1.190625 mm\n"));
        QCOMPARE(cli({QStringLiteral("convert"), QStringLiteral("17 thou"), QStringLiteral("--to"),
                      QStringLiteral("in")})
                     .output,
                 QByteArray("0.017 in\n"));
        QVERIFY(cli({QStringLiteral("convert"), QStringLiteral("-0.02")}).output.startsWith("-0.02 mm"));
        QVERIFY(cli({QStringLiteral("convert"), QStringLiteral("3/32")})
                    .output.contains("fraction taken as inches"));
        QVERIFY(cli({QStringLiteral("convert"), QStringLiteral("0.40<0.45")}).output.contains("±0.0144"));
        const Ran bad = cli({QStringLiteral("convert"), QStringLiteral("2 +")});
        QCOMPARE(bad.exit_code, 1);
        QVERIFY(bad.errors.contains("a number is missing at character 4"));
    }
    void wrong_usage_ends_with_2() {
        for (const QString& words :
             {QString(), QStringLiteral("dance"), QStringLiteral("solve"), QStringLiteral("explain a"),
              QStringLiteral("symptom a dance"), QStringLiteral("quote a"),
              QStringLiteral("convert 1 --to cm"), QStringLiteral("solve a --loud"),
              QStringLiteral("sheet a --part"), QStringLiteral("sheet a"),
              QStringLiteral("sheet a --part peg -o b.pdf"), QStringLiteral("sheet a -o b.pdf --paper a3")}) {
            const Ran ran = cli(words.split(QLatin1Char(' '), Qt::SkipEmptyParts));
            QVERIFY2(ran.exit_code == 2 && ran.errors.contains("usage:"), qPrintable(words));
        }
        QVERIFY(cli({QStringLiteral("--help")}).output.contains("solve JOB"));
        QVERIFY(cli({QStringLiteral("--version")}).output.startsWith("fair-measure-cli "));
    }
    void sheets_are_written_by_their_ending() {
        const QTemporaryDir dir;
        for (const auto& [name, head] :
             {std::pair{"a.pdf", "%PDF"}, std::pair{"a.svg", "<?xml"}, std::pair{"a.dxf", "0\nSECTION"}}) {
            const QString path = dir.filePath(QLatin1String(name));
            const Ran ran =
                cli({QStringLiteral("sheet"), demo("teal"), QStringLiteral("--part"), QStringLiteral("nut"),
                     QStringLiteral("-o"), path, QStringLiteral("--workshop"), QStringLiteral(DEMO_DATA)});
            QVERIFY2(ran.exit_code == 0, ran.errors.constData());
            QVERIFY(file_bytes(path).startsWith(head));
        }
        QCOMPARE(cli({QStringLiteral("sheet"), demo("teal"), QStringLiteral("-o"),
                      dir.filePath(QStringLiteral("a.png"))})
                     .exit_code,
                 2);
        QCOMPARE(cli({QStringLiteral("sheet"), demo("teal"), QStringLiteral("-o"),
                      dir.filePath(QStringLiteral("no/a.pdf"))})
                     .exit_code,
                 3);
    }
    void the_record_is_a_sheet_and_a_page_for_a_browser() {
        const QTemporaryDir dir;
        Value document = demo_document("kittiwake");
        RecordEntry entry;
        entry.kind = RecordKind::left_undone;
        entry.when = "2026-04-12T12:00";
        entry.text = "the <b>wings</b>";
        entry.reason = "to be glued first";
        document = with_record_entry(document, entry);
        const QString job = written(dir, "job.fmjob", QByteArray::fromStdString(written_json(document)));
        const auto sheet = [&](const char* part, const char* name) {
            return cli({QStringLiteral("sheet"), job, QStringLiteral("--part"), QLatin1String(part),
                        QStringLiteral("-o"), dir.filePath(QLatin1String(name))});
        };
        for (const char* part : {"owner", "shop"}) {
            QCOMPARE(sheet(part, "a.pdf").exit_code, 0);
            QVERIFY(file_bytes(dir.filePath(QStringLiteral("a.pdf"))).startsWith("%PDF"));
            QCOMPARE(sheet(part, "a.html").exit_code, 0);
            const QByteArray html = file_bytes(dir.filePath(QStringLiteral("a.html")));
            QVERIFY(html.contains("to be glued first") && html.contains("0.21"));
            QVERIFY(html.contains("&lt;b&gt;wings") && !html.contains("<b>wings"));
        }
        QCOMPARE(sheet("nut", "a.html").exit_code, 2);
        // Two readers, two pages.
        QCOMPARE(sheet("owner", "owner.html").exit_code, 0);
        QCOMPARE(sheet("shop", "shop.html").exit_code, 0);
        QVERIFY(file_bytes(dir.filePath(QStringLiteral("owner.html"))) !=
                file_bytes(dir.filePath(QStringLiteral("shop.html"))));
    }
    void readings_that_contradict_each_other_are_told() {
        const QTemporaryDir dir;
        Value document = with(demo_document("kittiwake"), "readings[0].strings[1].pressed_gap_mm", 0.4);
        document = with(document, "readings[0].strings[2].action12_mm", 0.2);
        const QString job = written(dir, "job.fmjob", QByteArray::fromStdString(written_json(document)));
        const Ran ran = cli({QStringLiteral("check"), job});
        QCOMPARE(ran.exit_code, 0); // told, not refused
        QVERIFY(ran.output.contains("3 · G3: pressed") && ran.output.contains("below the top of fret"));
        QVERIFY(!cli({QStringLiteral("check"), demo("kittiwake")}).output.contains("below the top"));
    }
    void where_else_it_was_heard_speaks_for_its_cause() {
        const auto first = [](const char* also) {
            const Ran ran = cli({QStringLiteral("symptom"), demo("kittiwake"), QStringLiteral("note_buzz"),
                                 QStringLiteral("--string"), QStringLiteral("2"), QStringLiteral("--fret"),
                                 QStringLiteral("6"), QStringLiteral("--also"), QLatin1String(also)});
            return *find(parse_json(ran.output.toStdString()), "causes[0].cause")->text();
        };
        QCOMPARE(first("3:6,1:6"), std::string("high_fret"));
        for (const char* wrong : {"9:1", "1", "1:99", "a:b"})
            QCOMPARE(cli({QStringLiteral("symptom"), demo("kittiwake"), QStringLiteral("note_buzz"),
                          QStringLiteral("--also"), QLatin1String(wrong)})
                         .exit_code,
                     2);
    }
    void a_broken_workshop_is_told() {
        const QTemporaryDir dir;
        written(dir, "workshop.json",
                "{\"format\": \"fair-measure-workshop\", \"nut_files_mm\": [\"thin\"]}");
        const Ran ran =
            cli({QStringLiteral("solve"), demo("curlew"), QStringLiteral("--workshop"), dir.path()});
        QVERIFY(ran.exit_code == 1 && ran.errors.contains("nut_files_mm[0] is \"thin\"; a number is needed"));
    }
    void the_locale_does_not_matter() {
        qputenv("LC_ALL", "de_DE.UTF-8");
        const QByteArray german = cli({QStringLiteral("solve"), demo("curlew")}).output;
        qputenv("LC_ALL", "C.UTF-8");
        QCOMPARE(german, cli({QStringLiteral("solve"), demo("curlew")}).output);
    }
};

QTEST_GUILESS_MAIN(TestCli)
#include "tst_cli.moc"
