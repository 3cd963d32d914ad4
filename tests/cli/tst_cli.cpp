#include "common/jobs.h"
#include "common/run.h"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

namespace {

Ran cli(const QStringList& words) {
    return run(QStringLiteral(CLI), words);
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
        for (const char* key : {"strings[0].tension_n", "strings[0].cents", "strings[0].headroom_n",
                                "strings[0].nut_force_n", "straight_saddle", "bridge"})
            QVERIFY2(find(out, key) && find(out, key)->is_null(), key);
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
    void a_pending_method_is_solved_as_fixed_0_with_a_warning() {
        const QTemporaryDir dir;
        const QByteArray text = QByteArray::fromStdString(written_json(
            with(demo_document("curlew"), "saddle.compensation", parse_json("{\"method\": \"octave\"}"))));
        const QString path = written(dir, "octave.fmjob", text);
        const Value out = parse_json(cli({QStringLiteral("solve"), path}).output.toStdString());
        QCOMPARE(*find(out, "warnings[0].code")->text(), std::string("compensation_pending"));
        QCOMPARE(find(out, "strings[0].saddle_x_mm")->number(), 556.0);
        QCOMPARE(file_bytes(path), text);
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
             {QString(), QStringLiteral("dance"), QStringLiteral("solve"), QStringLiteral("solve a b"),
              QStringLiteral("convert 1 --to cm"), QStringLiteral("solve a --loud"),
              QStringLiteral("sheet a --part"), QStringLiteral("sheet a"),
              QStringLiteral("sheet a --part saddle -o b.pdf"),
              QStringLiteral("sheet a -o b.pdf --paper a3")}) {
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
                 1);
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
